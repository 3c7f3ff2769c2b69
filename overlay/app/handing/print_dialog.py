"""A proof on paper: millimetres, dots per inch, and which pass leads there."""

from PySide6.QtCore import QRectF, Qt, Signal
from PySide6.QtGui import QImage, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import (
    QComboBox,
    QDialog,
    QDoubleSpinBox,
    QFormLayout,
    QHBoxLayout,
    QSpinBox,
    QVBoxLayout,
    QWidget,
)

from overlay.app.parts.buttons import text_button
from overlay.app.parts.fields import calm_wheel
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel
from overlay.app.parts.theme import dress, tone
from overlay.handing.paper import PAPERS, Sheet
from overlay.studio.handing.print_plan import FINE, PrintPlan, plan_print

_CUSTOM = "Other"
_MARGIN = 10.0  # millimetres, where several pictures lie on a sheet


class PaperView(QWidget):
    """The sheet as it will come out."""

    def __init__(self) -> None:
        super().__init__()
        self.setMinimumSize(300, 300)
        self.setAccessibleName(tr("The sheet"))
        self.sheet: Sheet | None = None
        self.images: list[QImage] = []

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.fillRect(self.rect(), tone("well"))
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        if self.sheet is None or not self.images:
            return
        sheet = self.sheet
        full = [side + 2 * sheet.bleed for side in sheet.trim]
        scale = min((self.width() - 24) / full[0], (self.height() - 24) / full[1])
        left, top = (
            (a - b * scale) / 2 for a, b in zip((self.width(), self.height()), full, strict=True)
        )
        painter.translate(left + sheet.bleed * scale, top + sheet.bleed * scale)
        painter.scale(scale, scale)
        painter.fillRect(QRectF(0, 0, *sheet.trim), Qt.GlobalColor.white)
        wide, high = sheet.cell
        alone = sheet.columns * sheet.rows == 1
        for place in range(sheet.columns * sheet.rows):
            if place >= len(self.images):
                break
            row, column = divmod(place, sheet.columns)
            x = sheet.margin + column * (wide + sheet.gap)
            y = sheet.margin + row * (high + sheet.gap)
            box = QRectF(x, y, wide, high)
            if alone:
                box.adjust(-sheet.bleed, -sheet.bleed, sheet.bleed, sheet.bleed)
            _paint(painter, self.images[place], box, filling=alone and not sheet.margin)
        pen = QPen(tone("register"), 0)
        painter.setPen(pen)
        if sheet.bleed:
            painter.drawRect(QRectF(0, 0, *sheet.trim))


def _paint(painter: QPainter, image: QImage, box: QRectF, *, filling: bool) -> None:
    """A picture filling its box, or whole within it."""
    fit = max if filling else min
    scale = fit(box.width() / image.width(), box.height() / image.height())
    wide, high = image.width() * scale, image.height() * scale
    place = QRectF(0, 0, wide, high)
    place.moveCenter(box.center())
    painter.save()
    painter.setClipRect(box)
    painter.drawImage(place, image)
    painter.restore()


class PrintDialog(QDialog):
    """Asks for the sheet; `written` carries it, `pass_asked` the factors of passes."""

    written = Signal(object)
    pass_asked = Signal(tuple)

    def __init__(self, size: tuple[int, int], images: list[QImage], parent: QWidget) -> None:
        super().__init__(parent)
        dress(self)
        self.setWindowTitle(tr("Print"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self._size = size
        self.plan: PrintPlan | None = None
        self.view = PaperView()
        self.view.images = images
        outer = QHBoxLayout(self)
        outer.setContentsMargins(18, 16, 18, 16)
        outer.setSpacing(18)
        outer.addWidget(self.view, 1)
        column = QVBoxLayout()
        column.setSpacing(8)
        outer.addLayout(column)
        column.addLayout(self._form(size))
        self.says = PlainLabel(wraps=True)
        self.says.setFixedWidth(280)
        column.addWidget(self.says)
        self.enlarge = text_button("Add the pass", "Have the next pull enlarge it so far")
        self.enlarge.clicked.connect(self._ask_pass)
        column.addWidget(self.enlarge)
        column.addStretch(1)
        column.addLayout(self._buttons())
        self._fit()

    def _form(self, size: tuple[int, int]) -> QFormLayout:
        form = QFormLayout()
        self.paper = QComboBox()
        self.paper.addItems([*PAPERS, _CUSTOM])
        self.paper.setCurrentText("A4")
        self.wide, self.high = _length(10, 5000), _length(10, 5000)
        self.bleed = _length(0, 50)
        self.bleed.setToolTip(tr("How far the picture goes on beyond the cut"))
        self.dpi = QSpinBox()
        self.dpi.setRange(30, 2400)
        self.dpi.setValue(round(FINE))
        self.dpi.setToolTip(tr("300 is fine in the hand, 150 on a wall"))
        self.columns, self.rows = QSpinBox(), QSpinBox()
        for name, field in (
            ("Paper", self.paper), ("Width", self.wide), ("Height", self.high),
            ("Bleed", self.bleed), ("Dots per inch", self.dpi), ("Columns", self.columns),
            ("Rows", self.rows),
        ):  # fmt: skip
            form.addRow(name, field)
            field.setAccessibleName(tr(name))
            calm_wheel(field)
        for box in (self.columns, self.rows):
            box.setRange(1, 20)
            box.setToolTip(tr("How many proofs lie on one sheet"))
        self._take_paper(size)
        self.paper.activated.connect(lambda _: self._take_paper(self._size))
        for length in (self.wide, self.high):
            length.valueChanged.connect(self._other_paper)
        for spin in (self.bleed, self.dpi, self.columns, self.rows):
            spin.valueChanged.connect(lambda _: self._fit())
        return form

    def _buttons(self) -> QHBoxLayout:
        row = QHBoxLayout()
        row.addStretch()
        cancel = text_button("Cancel", "Write nothing (Esc)")
        cancel.clicked.connect(self.reject)
        self.go = text_button("Write PDF…", "Choose a place; the sheet is written there")
        self.go.clicked.connect(self._write)
        row.addWidget(cancel)
        row.addWidget(self.go)
        return row

    def _take_paper(self, size: tuple[int, int]) -> None:
        """The lengths of the paper, turned as the picture lies."""
        paper = PAPERS.get(self.paper.currentText())
        if paper is None:
            return
        lengths = sorted(paper, reverse=size[0] > size[1])
        for field, length in zip((self.wide, self.high), lengths, strict=True):
            field.blockSignals(True)
            field.setValue(length)
            field.blockSignals(False)
        self._fit()

    def _other_paper(self, _length: float) -> None:
        self.paper.setCurrentText(_CUSTOM)
        self._fit()

    def _fit(self) -> None:
        """Show the sheet, and say what the picture needs for it."""
        if not hasattr(self, "enlarge"):
            return
        several = self.columns.value() * self.rows.value() > 1
        self.bleed.setEnabled(not several)
        bleed = 0.0 if several else self.bleed.value()
        try:
            sheet = Sheet(
                (self.wide.value(), self.high.value()), bleed, self.columns.value(),
                self.rows.value(), margin=_MARGIN if several else 0.0,
            )  # fmt: skip
        except ValueError as error:
            self.view.sheet, self.plan = None, None
            self.says.setText(str(error))
        else:
            self.view.sheet = sheet
            self.plan = plan_print(self._size, sheet.cell, float(self.dpi.value()), bleed=bleed)
            self.says.setText(tr(self.plan.text))
        self.go.setEnabled(self.view.sheet is not None)
        self.enlarge.setVisible(self.plan is not None and bool(self.plan.factors))
        self.view.update()

    def _ask_pass(self) -> None:
        assert self.plan is not None
        factors = self.plan.factors
        self.accept()
        self.pass_asked.emit(factors)

    def _write(self) -> None:
        sheet = self.view.sheet
        self.accept()
        self.written.emit(sheet)


def _length(least: float, most: float) -> QDoubleSpinBox:
    field = QDoubleSpinBox()
    field.setRange(least, most)
    field.setDecimals(1)
    field.setSuffix(" mm")
    field.setKeyboardTracking(False)
    return field
