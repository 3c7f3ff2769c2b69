"""What the hand does on a guide's map: pen, eraser, line, fill, near, far, and joints."""

from collections.abc import Callable
from typing import Any

from PySide6.QtCore import QObject, QPointF, QRectF, Qt, Signal
from PySide6.QtGui import QColor, QPainter, QPen, QPolygonF

from overlay.app.parts.theme import tone
from overlay.app.picture.tools import BrushTool, PictureTool, placed
from overlay.document.guide_options import Joint

Stroke = dict[str, Any]

_NEAR = 0.03  # of the frame, within which a joint is taken hold of
_INKS = {
    "pen": ("#ffffff", 1.0), "line": ("#ffffff", 1.0), "fill": ("#ffffff", 1.0),
    "eraser": ("#000000", 0.0), "near": ("#ffffff", 1.0), "far": ("#000000", 0.0),
}  # fmt: skip


class MapTool(BrushTool):
    """Draws on a map; one gesture is one `drawn` with its strokes, two where they are mirrored."""

    drawn = Signal(list)

    def __init__(self, kind: str, size: float, parent: QObject | None = None) -> None:
        ink, self._value = _INKS[kind]
        colour = QColor(ink)
        colour.setAlpha(190)
        super().__init__(size, colour, parent)
        self.kind = kind
        self.mirrored = False
        self.stroked.connect(self._finish)

    def move(self, place: QPointF) -> None:
        super().move(place)
        if self.kind == "line" and len(self._points) > 2:
            del self._points[1:-1]
            del self._pressures[1:-1]

    def _finish(self, points: tuple[tuple[float, float], ...]) -> None:
        if self.kind == "fill" and len(points) < 3:
            return
        stroke: Stroke = {"points": points, "size": self.size, "value": self._value}
        if self.kind == "fill":
            stroke["fill"] = True
        elif self.pressures:
            stroke["pressures"] = self.pressures
        strokes = [stroke]
        if self.mirrored:
            strokes.append(stroke | {"points": tuple((round(1 - x, 4), y) for x, y in points)})
        self.drawn.emit(strokes)

    def paint(self, painter: QPainter, frame: QRectF) -> None:
        if self.kind == "fill" and len(self._points) > 2:
            painter.setBrush(self.colour)
            painter.setPen(Qt.PenStyle.NoPen)
            painter.drawPolygon(QPolygonF([placed(frame, *p) for p in self._points]))
        super().paint(painter, frame)


class JointTool(PictureTool):
    """Sets joints and drags them to where they should be; `changed_joints` ends each gesture.

    A click on empty ground sets a joint, a drag moves it, with Shift a click locks it, with Ctrl
    it is taken away.
    """

    changed_joints = Signal(list)

    def __init__(self, joints: tuple[Joint, ...], parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.joints = list(joints)
        self.mirrored = False
        self.keys: Callable[[], Qt.KeyboardModifier] = lambda: Qt.KeyboardModifier.NoModifier
        self._held: int | None = None

    def press(self, place: QPointF) -> None:
        self._held = self._at(place)
        keys = self.keys()
        if self._held is not None and keys & Qt.KeyboardModifier.ControlModifier:
            del self.joints[self._held]
            self._held = None
        elif self._held is not None and keys & Qt.KeyboardModifier.ShiftModifier:
            joint = self.joints[self._held]
            changed = {"locked": not joint.locked, "to": joint.at}
            self.joints[self._held] = joint.model_copy(update=changed)
        elif self._held is None:
            at = (round(place.x(), 4), round(place.y(), 4))
            self.joints.append(Joint(at=at, to=at))
            self._held = len(self.joints) - 1
        self.changed.emit()

    def move(self, place: QPointF) -> None:
        if self._held is None or self.joints[self._held].locked:
            return
        to = (round(min(max(place.x(), 0), 1), 4), round(min(max(place.y(), 0), 1), 4))
        self._put(self._held, to)
        twin = self._twin(self._held) if self.mirrored else None
        if twin is not None:
            self._put(twin, (round(2 * self._axis() - to[0], 4), to[1]))
        self.changed.emit()

    def release(self, place: QPointF) -> None:
        self._held = None
        self.changed_joints.emit([joint.model_dump(mode="json") for joint in self.joints])

    def _put(self, index: int, to: tuple[float, float]) -> None:
        inside = (min(max(to[0], 0.0), 1.0), to[1])
        self.joints[index] = self.joints[index].model_copy(update={"to": inside})

    def _axis(self) -> float:
        """The upright line that limbs are mirrored about: the middle of all joints."""
        return sum(joint.at[0] for joint in self.joints) / len(self.joints)

    def _twin(self, index: int) -> int | None:
        x, y = self.joints[index].at
        wanted = QPointF(2 * self._axis() - x, y)
        found = [
            i
            for i, joint in enumerate(self.joints)
            if i != index and (QPointF(*joint.at) - wanted).manhattanLength() < 0.08
        ]
        return found[0] if found and not self.joints[found[0]].locked else None

    def _at(self, place: QPointF) -> int | None:
        away = [(QPointF(*j.to) - place).manhattanLength() for j in self.joints]
        near = min(range(len(away)), key=away.__getitem__, default=None)
        return near if near is not None and away[near] < 2 * _NEAR else None

    def paint(self, painter: QPainter, frame: QRectF) -> None:
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        for joint in self.joints:
            at, to = placed(frame, *joint.at), placed(frame, *joint.to)
            for colour, width in ((QColor(0, 0, 0, 200), 4), (QColor("white"), 2)):
                painter.setPen(QPen(colour, width))
                painter.drawLine(at, to)
            painter.setPen(QPen(QColor("white"), 2))
            painter.setBrush(tone("ink") if joint.locked else tone("register"))
            if joint.locked:
                painter.drawRect(QRectF(to.x() - 6, to.y() - 6, 12, 12))
            else:
                painter.drawEllipse(to, 7, 7)
