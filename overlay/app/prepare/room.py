"""Making a picture ready: crop, straighten, retouch, paint over, size, levels, sharpen."""

from PySide6.QtCore import QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QImage, QKeyEvent, QPixmap
from PySide6.QtWidgets import (
    QCheckBox,
    QColorDialog,
    QComboBox,
    QFrame,
    QHBoxLayout,
    QListWidget,
    QPushButton,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from overlay.app.parts.buttons import text_button
from overlay.app.parts.fields import SliderField, keep_narrow
from overlay.app.parts.icons import set_icon
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel
from overlay.app.picture.tools import BrushTool, FrameTool, PickTool, PictureTool
from overlay.app.picture.view import PictureView
from overlay.document.preparation import ASPECTS
from overlay.studio.inputs.preparing import Preparing

_TOOLS = (
    ("crop", "Crop", "Drag a frame around what is to be kept"),
    ("retouch", "Retouch", "Paint over a blemish; it is filled from around it"),
    ("brush", "Paint", "Paint over with a colour"),
    ("pick", "Pick", "Take the brush's colour from the picture"),
)
_WHOLE = (0.0, 0.0, 1.0, 1.0)


class PrepareRoom(QWidget):
    """Edits the steps of one picture; who shows it hears `changed` and reads the picture."""

    changed = Signal()
    refused = Signal(str)
    pick_asked = Signal(QPointF)  # a place, whose colour the brush is to take
    save_asked = Signal(bool)  # whether it becomes the source
    left = Signal()

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.model: Preparing | None = None
        self.colour = "#ffffff"
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(1)
        self.view = PictureView()
        self.view.setAcceptDrops(False)
        self.view.setAccessibleName(tr("Picture that is made ready"))
        row.addWidget(self.view, 1)
        row.addWidget(self._side())
        self._aspect = 1.5  # of the straightened picture
        self._make_tools()

    def _side(self) -> QFrame:
        side = QFrame()
        side.setProperty("panel", "true")
        side.setFixedWidth(320)
        column = QVBoxLayout(side)
        column.setContentsMargins(14, 10, 14, 10)
        column.setSpacing(6)
        self.title = PlainLabel(role="title")
        column.addWidget(self.title)
        column.addLayout(self._tool_row())
        column.addLayout(self._frame_rows())
        column.addLayout(self._brush_row())
        self._add_strokes(column)
        self._add_tones(column)
        self.size_text = PlainLabel(role="faint")
        column.addWidget(self.size_text)
        column.addStretch()
        column.addLayout(self._end_rows())
        return side

    def _add_strokes(self, column: QVBoxLayout) -> None:
        tip = "Width of the brush, in percent of the longer side (comma, period)"
        self.brush_size = SliderField("Brush", tip, 0.5, 20, 0.5)
        self.brush_size.set_value(3.0)
        self.brush_size.moved.connect(lambda _: self._size_brushes())
        column.addWidget(self.brush_size)
        self.strokes = QListWidget()
        self.strokes.setFixedHeight(86)
        self.strokes.setToolTip(tr("Every retouch and stroke; Del takes the selected one away"))
        self.strokes.setAccessibleName(tr("Retouches and strokes"))
        column.addWidget(self.strokes)

    def _add_tones(self, column: QVBoxLayout) -> None:
        self.working = QCheckBox(tr("Bring to working size"))
        self.working.setToolTip(
            tr("About 0.8 megapixels, proportions kept: quick to try things with")
        )
        self.working.clicked.connect(lambda on: self._change("Working size", working_size=on))
        column.addWidget(self.working)
        self.dark = SliderField("Dark end", "This lightness becomes black", 0, 0.98, 0.01)
        self.light = SliderField("Light end", "This lightness becomes white", 0.02, 1, 0.01)
        self.sharpen = SliderField("Sharpen", "Adds fine detail", 0, 2, 0.05)
        for field in (self.dark, self.light):
            field.settled.connect(
                lambda _: self._change(
                    "Levels", levels=(round(self.dark.value, 4), round(self.light.value, 4))
                )
            )
        self.sharpen.settled.connect(lambda v: self._change("Sharpen", sharpen=v))
        for field in (self.dark, self.light, self.sharpen):
            column.addWidget(field)

    def _tool_row(self) -> QHBoxLayout:
        row = QHBoxLayout()
        row.setSpacing(4)
        self.buttons: dict[str, QToolButton] = {}
        for name, text, tip in _TOOLS:
            button = text_button(text, tip, checkable=True, stretched=True)
            set_icon(button, name)
            button.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextUnderIcon)
            button.clicked.connect(lambda on, n=name: self.use_tool(n if on else None))
            self.buttons[name] = button
            row.addWidget(button)
        return row

    def _frame_rows(self) -> QVBoxLayout:
        column = QVBoxLayout()
        row = QHBoxLayout()
        self.aspect = QComboBox()
        for name, aspect in ASPECTS.items():
            self.aspect.addItem(tr(name), aspect)
        self.aspect.setToolTip(tr("Proportions of the frame that is dragged"))
        self.aspect.setAccessibleName(tr("Proportions"))
        keep_narrow(self.aspect)
        self.aspect.activated.connect(lambda _: self._set_aspect())
        self.whole = QToolButton()
        self.whole.setText(tr("All of it"))
        self.whole.setToolTip(tr("Crop nothing away"))
        self.whole.setProperty("wide", "true")
        self.whole.clicked.connect(lambda: self._change("Crop nothing", crop=_WHOLE))
        self.turn = QToolButton()
        set_icon(self.turn, "turn")
        self.turn.setToolTip(tr("Turn clockwise by a quarter"))
        self.turn.setAccessibleName(tr("Turn by a quarter"))
        self.turn.clicked.connect(self._turn)
        row.addWidget(self.aspect, 1)
        row.addWidget(self.whole)
        row.addWidget(self.turn)
        column.addLayout(row)
        self.straighten = SliderField("Straight", "Turn by a few degrees", -15, 15, 0.1)
        self.straighten.settled.connect(
            lambda v: self._change("Straighten", straighten=round(v, 2))
        )
        column.addWidget(self.straighten)
        return column

    def _brush_row(self) -> QHBoxLayout:
        row = QHBoxLayout()
        self.colour_button = QToolButton()
        self.colour_button.setToolTip(tr("The brush's colour: choose another"))
        self.colour_button.setAccessibleName(tr("Colour of the brush"))
        self.colour_button.setProperty("wide", "true")
        self.colour_button.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextBesideIcon)
        self.colour_button.clicked.connect(self._choose_colour)
        row.addWidget(PlainLabel(tr("Colour")))
        row.addWidget(self.colour_button)
        row.addStretch()
        return row

    def _end_rows(self) -> QVBoxLayout:
        column = QVBoxLayout()
        self.save = QPushButton(tr("Save to the tray"))
        self.save.setProperty("primary", "true")
        self.save.setToolTip(tr("Write it as a new picture; the one it came from stays as it is"))
        self.save.clicked.connect(lambda: self.save_asked.emit(False))
        row = QHBoxLayout()
        self.save_source = QToolButton()
        self.save_source.setText(tr("Save as the source"))
        self.save_source.setToolTip(tr("Write it, and start from it"))
        self.save_source.clicked.connect(lambda: self.save_asked.emit(True))
        self.leave = QToolButton()
        self.leave.setText(tr("Leave"))
        self.leave.setToolTip(tr("Back to the bench without saving (Esc)"))
        self.leave.clicked.connect(self.left)
        for button in (self.save_source, self.leave):
            button.setProperty("wide", "true")
            policy = button.sizePolicy().Policy
            button.setSizePolicy(policy.Expanding, policy.Fixed)
            row.addWidget(button, 1)
        column.addWidget(self.save)
        column.addLayout(row)
        return column

    def _make_tools(self) -> None:
        frame, retouch, brush, pick = FrameTool(), BrushTool(), BrushTool(), PickTool()
        for tool in (frame, retouch, brush, pick):
            tool.setParent(self)
        frame.framed.connect(self._framed)
        retouch.stroked.connect(self._retouched)
        brush.stroked.connect(self._painted)
        pick.picked.connect(self.pick_asked)
        retouch.colour = QColor(194, 63, 45, 120)
        self.frame_tool, self.brushes = frame, (retouch, brush)
        self._tools: dict[str, PictureTool] = {
            "crop": frame, "retouch": retouch, "brush": brush, "pick": pick,
        }  # fmt: skip
        self.set_colour(self.colour)
        self._size_brushes()

    # Showing --------------------------------------------------------------------------------

    def open(self, model: Preparing) -> None:
        """Begin with a picture."""
        self.model = model
        self.view.show_image(None)
        self.title.setText(tr(f"Prepare {model.path.name}"))
        self.use_tool("crop")
        self.view.fit()
        self.refresh()
        self.changed.emit()

    def refresh(self) -> None:
        """Show the present steps."""
        if self.model is None:
            return
        steps = self.model.steps
        self.straighten.set_value(steps.straighten)
        self.working.setChecked(steps.working_size)
        self.dark.set_value(steps.levels[0])
        self.light.set_value(steps.levels[1])
        self.sharpen.set_value(steps.sharpen)
        self.whole.setEnabled(steps.crop != _WHOLE)
        left, top, right, bottom = steps.crop
        box = QRectF(left, top, right - left, bottom - top)
        self.frame_tool.box = None if steps.crop == _WHOLE else box
        cropping = self.view.tool is self.frame_tool
        self.view.show_boxes([] if cropping or steps.crop == _WHOLE else [box])
        self.strokes.clear()
        self.strokes.addItems([f"Retouch {i + 1}" for i in range(len(steps.retouch))])
        self.strokes.addItems([f"Paint {i + 1}, {s.colour}" for i, s in enumerate(steps.paint)])
        self.strokes.setVisible(self.strokes.count() > 0)
        self.view.update()

    def show_picture(self, image: QImage, finished: QSize) -> None:
        """The picture as the steps make it, uncropped, and the finished size."""
        self._aspect = image.width() / image.height()
        self._set_aspect()
        self.view.show_image(image)
        self.size_text.setText(tr(f"Finished: {finished.width()} x {finished.height()} pixels"))

    def set_colour(self, colour: str) -> None:
        """Give the brush a colour."""
        self.colour = colour
        self.brushes[1].colour = QColor(colour)
        pixmap = QPixmap(16, 16)
        pixmap.fill(QColor(colour))
        self.colour_button.setIcon(pixmap)
        self.colour_button.setText(colour)

    def use_tool(self, name: str | None) -> None:
        """Take a tool in hand, or none."""
        for other, button in self.buttons.items():
            button.setChecked(other == name)
        self.view.set_tool(None if name is None else self._tools[name])
        self.refresh()

    # Edits ----------------------------------------------------------------------------------

    def _change(self, what: str, **changes: object) -> None:
        if self.model is None:
            return
        try:
            self.model.change(what, **changes)
        except ValueError as error:
            self.refused.emit(str(error))
        self.refresh()
        self.changed.emit()

    def undo(self) -> None:
        """Take the last step back."""
        if self.model is not None:
            self.model.undo()
            self.refresh()
            self.changed.emit()

    def redo(self) -> None:
        """Make the last undone step again."""
        if self.model is not None:
            self.model.redo()
            self.refresh()
            self.changed.emit()

    def _framed(self, box: QRectF) -> None:
        crop = (box.left(), box.top(), box.right(), box.bottom())
        self._change("Crop", crop=tuple(round(min(max(v, 0.0), 1.0), 4) for v in crop))

    def _set_aspect(self) -> None:
        wanted = self.aspect.currentData()
        self.frame_tool.aspect = None if wanted is None else wanted / self._aspect

    def _turn(self) -> None:
        if self.model is not None:
            self._change("Turn", turns=(self.model.steps.turns + 1) % 4, crop=_WHOLE)

    def _retouched(self, points: tuple[tuple[float, float], ...]) -> None:
        assert self.model is not None
        stroke = {"points": points, "size": self.brushes[0].size}
        self._change("Retouch", retouch=(*self.model.steps.retouch, stroke))

    def _painted(self, points: tuple[tuple[float, float], ...]) -> None:
        assert self.model is not None
        stroke = {"points": points, "size": self.brushes[1].size, "colour": self.colour}
        self._change("Paint over", paint=(*self.model.steps.paint, stroke))

    def remove_stroke(self) -> None:
        """Take the stroke that is selected in the list away."""
        row = self.strokes.currentRow()
        if self.model is None or row < 0:
            return
        steps = self.model.steps
        retouch, paint = list(steps.retouch), list(steps.paint)
        if row < len(retouch):
            del retouch[row]
        else:
            del paint[row - len(retouch)]
        self._change("Remove a stroke", retouch=tuple(retouch), paint=tuple(paint))

    def _size_brushes(self) -> None:
        for brush in self.brushes:
            brush.size = self.brush_size.value / 100
        self.view.update()

    def _choose_colour(self) -> None:
        chosen = QColorDialog.getColor(QColor(self.colour), self, tr("Colour of the brush"))
        if chosen.isValid():
            self.set_colour(chosen.name())

    def keyPressEvent(self, event: QKeyEvent) -> None:
        steps = {Qt.Key.Key_Comma: -0.5, Qt.Key.Key_Period: 0.5}
        if event.key() in steps:
            value = self.brush_size.value + steps[Qt.Key(event.key())]
            self.brush_size.set_value(min(max(value, 0.5), 20.0))
            self._size_brushes()
        elif event.key() == Qt.Key.Key_Delete and self.strokes.hasFocus():
            self.remove_stroke()
        elif event.key() in (Qt.Key.Key_B, Qt.Key.Key_E):
            self.use_tool("brush" if event.key() == Qt.Key.Key_B else "retouch")
        else:
            super().keyPressEvent(event)
