"""The lanes past the axis: names, frames, and in each cue's row whether it takes part."""

from PySide6.QtCore import QPoint, QPointF, Qt, Signal
from PySide6.QtGui import (
    QBrush,
    QContextMenuEvent,
    QImage,
    QKeyEvent,
    QMouseEvent,
    QPainter,
    QPaintEvent,
    QPen,
)
from PySide6.QtWidgets import QApplication, QMenu, QToolButton, QWidget

from overlay.app.parts.buttons import pop_up
from overlay.app.parts.icons import set_icon
from overlay.app.parts.images import paint_filling
from overlay.app.parts.language import tr
from overlay.app.parts.theme import ROW, tone
from overlay.app.passes.track import PLUS, STRETCH, PassTrack, short_name

_DOT = 5.0  # radius of a mark, pixels


class Lane(QWidget):
    """A strip as wide as all stretches together; clicked, dragged and asked like one."""

    def __init__(self, track: PassTrack, height: int) -> None:
        super().__init__()
        self.track = track
        self.setFixedHeight(height)
        self._from: tuple[int, float] | None = None
        track.changed.connect(self._fit)
        self._fit()

    def _fit(self) -> None:
        if self.width() != self.track.width:
            self.setFixedWidth(self.track.width)
        self.update()

    def mousePressEvent(self, event: QMouseEvent) -> None:
        index = self.track.at(event.position().x())
        if index is not None and event.button() == Qt.MouseButton.LeftButton:
            self._from = (index, event.position().x())
            self.track.chosen.emit(index)

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        """What was dragged goes where it is let go."""
        if self._from is None:
            return
        (index, begin), self._from = self._from, None
        x = event.position().x()
        if abs(x - begin) >= QApplication.startDragDistance() * 2:
            place = min(max(round(x / STRETCH - 0.5), 0), len(self.track.passes) - 1)
            if place != index:
                self.track.moved.emit(index, place)

    def contextMenuEvent(self, event: QContextMenuEvent) -> None:
        index = self.track.at(event.pos().x())
        if index is not None:
            self.track.asked.emit(index, event.globalPos())


class PassNames(Lane):
    """What each pass is called, with what adds one at the end."""

    add_asked = Signal(str)

    def __init__(self, track: PassTrack) -> None:
        self.add = QToolButton()
        super().__init__(track, 24)
        self.setToolTip(
            tr(
                "Passes after the run. Click: its settings and its stage. Drag: another order. "
                "Right click: off, compared, removed"
            )
        )
        self.setAccessibleName(tr("Passes"))
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.add.setParent(self)
        self.add.setFixedSize(max(PLUS - 2, 24), 24)
        self.add.setStyleSheet("min-height: 0; padding: 0;")
        set_icon(self.add, "add")
        self.add.setToolTip(tr("Add a pass: settle, refine, enlarge"))
        self.add.setAccessibleName(tr("Add a pass"))
        self.add.clicked.connect(lambda: pop_up(self.menu(), self._below_add()))
        self._fit()

    def menu(self) -> QMenu:
        """What can be added."""
        menu = QMenu(self)
        for text, kind in _KINDS:
            menu.addAction(tr(text)).triggered.connect(
                lambda _=False, k=kind: self.add_asked.emit(k)
            )
        return menu

    def _below_add(self) -> QPoint:
        return self.add.mapToGlobal(QPoint(0, self.add.height()))

    def _fit(self) -> None:
        super()._fit()
        self.add.move(self.track.width - PLUS + 1, 0)

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        for index, later in enumerate(self.track.passes):
            box = self.track.box(index, 16)
            painter.setPen(tone("hairline"))
            painter.drawLine(QPointF(box.left(), 17.5), QPointF(box.right(), 17.5))
            if index == self.track.selected:
                painter.setPen(QPen(tone("register"), 2))
                painter.drawLine(QPointF(box.left(), 18), QPointF(box.right(), 18))
            painter.setPen(tone("faint" if later.off else "ink"))
            painter.drawText(box, Qt.AlignmentFlag.AlignCenter, tr(short_name(later)))

    def keyPressEvent(self, event: QKeyEvent) -> None:
        steps = {Qt.Key.Key_Left: -1, Qt.Key.Key_Right: 1}
        by = steps.get(Qt.Key(event.key()))
        count = len(self.track.passes)
        if by is None or not count:
            super().keyPressEvent(event)
            return
        now = self.track.selected
        place = (0 if by > 0 else count - 1) if now is None else min(max(now + by, 0), count - 1)
        self.track.chosen.emit(place)


_KINDS = (
    ("Settle: rims disappear", "settle"),
    ("Refine: once more, a little", "refine"),
    ("Enlarge: larger, with finer marks", "enlarge"),
)


class PassFilm(Lane):
    """The picture after each pass of the last proof."""

    def __init__(self, track: PassTrack) -> None:
        super().__init__(track, 38)
        self.setAccessibleName(tr("Pictures after the passes"))
        self._frames: dict[int, QImage] = {}

    def show_frames(self, frames: dict[int, QImage]) -> None:
        """Show pictures by the place of their pass."""
        self._frames = frames
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        for index, later in enumerate(self.track.passes):
            box = self.track.box(index, self.height()).adjusted(0, 1, 0, -1)
            painter.fillRect(box, tone("well"))
            frame = self._frames.get(index)
            if frame is not None and not later.off:
                paint_filling(painter, frame, box)
            if later.off:
                painter.fillRect(box, QBrush(tone("hairline"), Qt.BrushStyle.BDiagPattern))
            elif frame is None:
                painter.setPen(tone("faint"))
                painter.drawText(box, Qt.AlignmentFlag.AlignCenter, tr("next pull"))
            if index == self.track.selected:
                painter.setPen(QPen(tone("register"), 2))
                painter.drawRect(box.adjusted(1, 1, -1, -1))


class PassMarks(Lane):
    """Whether a cue takes part in each pass: a full mark, or an empty one; a click changes it."""

    toggled = Signal(int, bool)  # the pass's place, and whether the cue takes part now

    def __init__(self, track: PassTrack, name: str) -> None:
        self.name, self.possible = name, True
        super().__init__(track, ROW)
        self.setToolTip(tr("Whether this cue takes part in each pass: click to change it"))

    def set_cue(self, name: str, *, possible: bool) -> None:
        """Stand for a cue.

        Parameters
        ----------
        possible : whether such a cue has anything to give in a pass.
        """
        self.name, self.possible = name, possible
        self.setAccessibleName(tr(f"Passes of {name}"))
        self.setEnabled(possible)
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        for index, later in enumerate(self.track.passes):
            box = self.track.box(index, self.height()).adjusted(0, 2, 0, -2)
            painter.fillRect(box, tone("well"))
            if not self.possible:
                continue
            painter.setPen(QPen(tone("faint" if later.off else "ink"), 1.4))
            heard = later.hears(self.name)
            painter.setBrush(painter.pen().color() if heard else Qt.BrushStyle.NoBrush)
            painter.drawEllipse(box.center(), _DOT, _DOT)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        index = self.track.at(event.position().x())
        if index is not None and self.possible and event.button() == Qt.MouseButton.LeftButton:
            self.toggled.emit(index, not self.track.passes[index].hears(self.name))

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        """A mark is not dragged."""
