"""One cue's envelope, drawn to scale; dragged for enter, leave, fades and weight."""

from dataclasses import dataclass, replace
from typing import Protocol

from PySide6.QtCore import QEvent, QPointF, QRectF, Qt, Signal
from PySide6.QtGui import (
    QColor,
    QKeyEvent,
    QMouseEvent,
    QPainter,
    QPaintEvent,
    QPen,
    QPolygonF,
)
from PySide6.QtWidgets import QWidget

from overlay.app.parts.language import tr
from overlay.app.parts.theme import ROW, tone
from overlay.app.sheet.axis import TimeAxis

_GRAB = 7  # pixels
_SNAP = 0.05
_DASHES = (4.0, 4.0)  # widths of the pen, of a muted one; dots take five times as long to paint
_HANDLES = ("enter", "fade_in", "weight", "fade_out", "leave")


class Spanned(Protocol):
    """What counts for a span of the run: a cue, or the words."""

    @property
    def weight(self) -> float: ...
    @property
    def enter(self) -> float: ...
    @property
    def leave(self) -> float: ...
    @property
    def fade_in(self) -> float: ...
    @property
    def fade_out(self) -> float: ...
    @property
    def muted(self) -> bool: ...


@dataclass(frozen=True)
class Shape:
    """What an envelope's handles set."""

    enter: float
    leave: float
    fade_in: float
    fade_out: float
    weight: float

    @classmethod
    def of(cls, cue: Spanned) -> "Shape":
        """The shape of a cue."""
        return cls(cue.enter, cue.leave, cue.fade_in, cue.fade_out, cue.weight)

    def moved(self, handle: str, progress: float, weight: float) -> "Shape":
        """The shape after a handle was brought to a place; never an impossible one."""
        if handle == "enter":
            return self._fitted(enter=min(progress, self.leave - 0.01))
        if handle == "leave":
            return self._fitted(leave=max(progress, self.enter + 0.01))
        if handle == "fade_in":
            return self._fitted(fade_in=max(progress - self.enter, 0.0))
        if handle == "fade_out":
            return self._fitted(fade_out=max(self.leave - progress, 0.0))
        return replace(self, weight=min(max(weight, 0.0), 2.0))

    def _fitted(self, **changes: float) -> "Shape":
        new = replace(self, **{k: round(v, 4) for k, v in changes.items()})
        span = new.leave - new.enter
        return replace(
            new,
            fade_in=round(min(new.fade_in, span), 4),
            fade_out=round(min(new.fade_out, span), 4),
        )

    def text(self, handle: str) -> str:
        """A handle's value as it is shown while it is dragged."""
        name = handle.replace("_", " ")
        return f"{name} {getattr(self, handle) * 100:.0f} %"


def weight_height(weight: float) -> float:
    """Height of a weight as a share of the row: 1 stands at two thirds, 2 at the top."""
    return weight * 0.66 if weight <= 1 else 0.66 + (weight - 1) * 0.34


def height_weight(height: float) -> float:
    """The inverse of `weight_height`."""
    return height / 0.66 if height <= 0.66 else 1 + (height - 0.66) / 0.34


class Envelope(QWidget):
    """Shows a cue's envelope and lets its handles be dragged; one gesture is one `changed`."""

    changed = Signal(str, object)  # what was moved, the new shape
    moving = Signal(object)  # the shape while it is dragged
    pressed = Signal(str)  # only, toggle or extend

    def __init__(
        self, cue: Spanned, colour: QColor, axis: TimeAxis, parent: QWidget | None = None
    ) -> None:
        super().__init__(parent)
        self.axis = axis
        axis.changed.connect(self.update)
        self.setFixedHeight(ROW)
        self.setMinimumWidth(200)
        self.setMouseTracking(True)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setToolTip(
            tr(
                "When and how much: drag the edges to enter and leave, the upper corners to fade, "
                "the top for the weight. Alt moves freely. Keys: Tab chooses, arrows move."
            )
        )
        self._shape, self._colour, self._muted = Shape.of(cue), colour, cue.muted
        self._start, self._playhead = 0.0, 1.0
        self._handle: str | None = None
        self._dragging: str | None = None
        self._before = self._shape

    @property
    def shape(self) -> Shape:
        """The shape as it is shown."""
        return self._shape

    def set_cue(self, cue: Spanned, colour: QColor) -> None:
        """Show another state of the cue."""
        if self._dragging is None:
            self._shape, self._colour, self._muted = Shape.of(cue), colour, cue.muted
            self.update()

    def set_moment(self, start: float, playhead: float) -> None:
        """Where the run starts and which moment is looked at."""
        self._start, self._playhead = start, playhead
        self.update()

    # Geometry -------------------------------------------------------------------------------

    def handle_place(self, handle: str) -> QPointF:
        """Where a handle lies in the widget."""
        s, width = self._shape, self.width()
        top = self._top(s.weight)
        if handle == "weight":
            middle = (s.enter + s.fade_in + s.leave - s.fade_out) / 2
            return QPointF(self.axis.to_x(middle, width), top)
        if handle in ("enter", "leave"):
            return QPointF(self.axis.to_x(getattr(s, handle), width), (top + self.height() - 2) / 2)
        at = s.enter + s.fade_in if handle == "fade_in" else s.leave - s.fade_out
        return QPointF(self.axis.to_x(at, width), top)

    def _top(self, weight: float) -> float:
        return 3 + (1 - weight_height(weight)) * (self.height() - 6)

    def _handle_at(self, place: QPointF) -> str | None:
        s, width = self._shape, self.width()
        top = self._top(s.weight)
        # Corners lie within the upper third of the edges' reach, so they are asked first.
        for handle in ("fade_in", "fade_out"):
            at = self.handle_place(handle)
            if abs(place.x() - at.x()) <= _GRAB and abs(place.y() - top) <= _GRAB:
                return handle
        for handle in ("enter", "leave"):
            if abs(place.x() - self.axis.to_x(getattr(s, handle), width)) <= _GRAB:
                return handle
        inside = self.axis.to_x(s.enter, width) < place.x() < self.axis.to_x(s.leave, width)
        if inside and abs(place.y() - top) <= _GRAB + 2:
            return "weight"
        return None

    # Painting -------------------------------------------------------------------------------

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        self.axis.paint_background(painter, self, self._start)
        self.axis.clip(painter, self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        self._paint_shape(painter)
        self.axis.paint_playhead(painter, self, self._playhead)
        self._paint_handles(painter)
        if self._dragging is not None:
            self._paint_value(painter, self._dragging)

    def _paint_shape(self, painter: QPainter) -> None:
        s, width, floor = self._shape, self.width(), self.height() - 2.0
        top = self._top(s.weight)
        points = [
            QPointF(self.axis.to_x(s.enter, width), floor),
            QPointF(self.axis.to_x(s.enter + s.fade_in, width), top),
            QPointF(self.axis.to_x(s.leave - s.fade_out, width), top),
            QPointF(self.axis.to_x(s.leave, width), floor),
        ]
        fill = QColor(self._colour)
        fill.setAlpha(40 if self._muted else 150)
        painter.setBrush(fill)
        pen = QPen(self._colour, 1.5)
        if self._muted:
            pen.setDashPattern(_DASHES)
        painter.setPen(pen)
        painter.drawPolygon(QPolygonF(points))

    def _paint_handles(self, painter: QPainter) -> None:
        if self._handle is None and not self.hasFocus():
            return
        for handle in _HANDLES:
            chosen = handle == (self._dragging or self._handle)
            at = self.handle_place(handle)
            painter.setPen(QPen(tone("ink"), 1))
            painter.setBrush(tone("register") if chosen else tone("panel"))
            side = 4 if chosen else 2.5
            painter.drawRect(QRectF(at.x() - side, at.y() - side, 2 * side, 2 * side))

    def _paint_value(self, painter: QPainter, handle: str) -> None:
        text = self._shape.text(handle)
        at = self.handle_place(handle)
        width = painter.fontMetrics().horizontalAdvance(text) + 10
        left = min(max(at.x() + 10, 2), self.width() - width - 2)
        box = QRectF(left, 5, width, 18)
        painter.fillRect(box, tone("ink"))
        painter.setPen(tone("panel"))
        painter.drawText(box, Qt.AlignmentFlag.AlignCenter, text)

    # Hand and keys --------------------------------------------------------------------------

    def mousePressEvent(self, event: QMouseEvent) -> None:
        keys = event.modifiers()
        choosing = keys & (Qt.KeyboardModifier.ShiftModifier | Qt.KeyboardModifier.ControlModifier)
        extend = bool(keys & Qt.KeyboardModifier.ShiftModifier)
        self.pressed.emit(("extend" if extend else "toggle") if choosing else "only")
        if event.button() == Qt.MouseButton.LeftButton and not choosing:
            self._dragging = self._handle = self._handle_at(event.position())
            self._before = self._shape
            self.update()

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._dragging is None:
            self._handle = self._handle_at(event.position())
            self.setCursor(_cursor(self._handle))
        else:
            self._move_to(
                event.position(), free=bool(event.modifiers() & Qt.KeyboardModifier.AltModifier)
            )
        self.update()

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        handle, self._dragging = self._dragging, None
        if handle is not None and self._shape != self._before:
            self.changed.emit(handle, self._shape)
        self.update()

    def leaveEvent(self, event: QEvent) -> None:
        if not self.hasFocus():
            self._handle = None
        self.update()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        key = event.key()
        if key in (Qt.Key.Key_Left, Qt.Key.Key_Right, Qt.Key.Key_Up, Qt.Key.Key_Down):
            self._nudge(1 if key in (Qt.Key.Key_Right, Qt.Key.Key_Up) else -1)
        elif key == Qt.Key.Key_Escape and self._dragging is not None:
            self._dragging, self._shape = None, self._before
            self.update()
        else:
            super().keyPressEvent(event)

    def focusNextPrevChild(self, forward: bool) -> bool:
        """Tab goes through the handles before it leaves the envelope."""
        place = _HANDLES.index(self._handle) if self._handle in _HANDLES else -1
        place += 1 if forward else -1
        if not self.hasFocus() or not 0 <= place < len(_HANDLES):
            self._handle = None
            return super().focusNextPrevChild(forward)
        self._handle = _HANDLES[place]
        self.update()
        return True

    def _move_to(self, place: QPointF, *, free: bool) -> None:
        progress = self.axis.to_progress(place.x(), self.width())
        weight = height_weight(1 - (place.y() - 3) / (self.height() - 6))
        if not free:
            progress = round(progress / _SNAP) * _SNAP
            weight = round(weight / _SNAP) * _SNAP
        assert self._dragging is not None
        before = self._shape
        self._shape = self._before.moved(self._dragging, progress, round(weight, 4))
        if self._shape != before:
            self.moving.emit(self._shape)

    def _nudge(self, direction: int) -> None:
        handle = self._handle or "weight"
        self._handle = handle
        s = self._shape
        step = direction * _SNAP
        place = {
            "enter": s.enter + step,
            "leave": s.leave + step,
            "fade_in": s.enter + s.fade_in + step,
            "fade_out": s.leave - s.fade_out + step,
            "weight": 0.0,
        }[handle]
        new = s.moved(handle, min(max(place, 0.0), 1.0), round(s.weight + step, 4))
        if new != s:
            self._shape = new
            self.changed.emit(handle, new)
        self.update()


def _cursor(handle: str | None) -> Qt.CursorShape:
    if handle is None:
        return Qt.CursorShape.ArrowCursor
    if handle == "weight":
        return Qt.CursorShape.SizeVerCursor
    return Qt.CursorShape.SizeHorCursor
