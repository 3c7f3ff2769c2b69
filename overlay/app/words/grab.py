"""Things of the drawn scene by the hand: grabbed, moved, made larger, turned."""

from collections.abc import Callable
from dataclasses import dataclass, replace

import numpy as np
from PySide6.QtCore import QObject, QPointF, QRectF, Qt, Signal
from PySide6.QtGui import QGuiApplication, QPainter, QPen

from overlay.app.parts.theme import tone
from overlay.app.picture.tools import PictureTool
from overlay.imaging.colour import FloatImage

_TURN = 240.0  # degrees for a drag across the picture
_LEAST = 0.02


@dataclass(frozen=True)
class Held:
    """A thing in hand: its box as shares of the picture, and how far it is turned."""

    name: str
    left: float
    top: float
    right: float
    bottom: float
    turn: float = 0.0

    @property
    def foot(self) -> tuple[float, float]:
        """Where it stands."""
        return (self.left + self.right) / 2, self.bottom

    @property
    def size(self) -> float:
        """Its height."""
        return self.bottom - self.top


def box_of(name: str, mask: FloatImage) -> Held:
    """A thing's box by its mask."""
    rows, columns = np.flatnonzero(mask.any(axis=1)), np.flatnonzero(mask.any(axis=0))
    height, width = mask.shape
    return Held(
        name, columns[0] / width, rows[0] / height,
        (columns[-1] + 1) / width, (rows[-1] + 1) / height,
    )  # fmt: skip


class GrabTool(PictureTool):
    """Drag moves a thing; with Shift up and down resizes it; with Ctrl across turns it."""

    set_down = Signal(object)  # the `Held` as it is now
    cursor = Qt.CursorShape.OpenHandCursor

    def __init__(
        self, found: Callable[[QPointF], Held | None], parent: QObject | None = None
    ) -> None:
        super().__init__(parent)
        self._found = found
        self._from: QPointF | None = None
        self.held: Held | None = None
        self.now: Held | None = None
        self.over: Held | None = None

    def hover(self, place: QPointF) -> None:
        over = self._found(place)
        if over != self.over:
            self.over = over
            self.changed.emit()

    def press(self, place: QPointF) -> None:
        self.held = self.now = self._found(place)
        self._from = place

    def move(self, place: QPointF) -> None:
        if self.held is None or self._from is None:
            return
        by, keys = place - self._from, QGuiApplication.keyboardModifiers()
        h = self.held
        if keys & Qt.KeyboardModifier.ShiftModifier:
            factor = max((h.size - by.y()) / h.size, _LEAST)
            half = factor * (h.right - h.left) / 2
            x, foot = h.foot
            self.now = replace(h, left=x - half, right=x + half, top=foot - factor * h.size)
        elif keys & Qt.KeyboardModifier.ControlModifier:
            self.now = replace(h, turn=max(-180.0, min(h.turn + _TURN * by.x(), 180.0)))
        else:
            self.now = replace(
                h, left=h.left + by.x(), right=h.right + by.x(),
                top=h.top + by.y(), bottom=h.bottom + by.y(),
            )  # fmt: skip
        self.changed.emit()

    def release(self, place: QPointF) -> None:
        held, now, self.held, self._from = self.held, self.now, None, None
        if now is not None and now != held:
            self.set_down.emit(now)
        self.now = None
        self.changed.emit()

    def paint(self, painter: QPainter, frame: QRectF) -> None:
        shown = self.now or self.over
        if shown is None:
            return
        x, y, w, h = frame.x(), frame.y(), frame.width(), frame.height()
        box = QRectF(
            x + shown.left * w, y + shown.top * h,
            (shown.right - shown.left) * w, shown.size * h,
        )  # fmt: skip
        painter.setPen(QPen(tone("register"), 1.5, Qt.PenStyle.DashLine))
        painter.drawRect(box)
        turned = f"  {shown.turn:+.0f}°" if shown.turn else ""
        painter.drawText(box.topLeft() - QPointF(0, 4), shown.name + turned)
