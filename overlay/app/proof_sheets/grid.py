"""The cells of a sheet beside each other, zoomed and moved together."""

from PySide6.QtCore import QPoint, QPointF, QRect, QRectF, QSize, Qt, Signal
from PySide6.QtGui import (
    QColor,
    QImage,
    QKeyEvent,
    QMouseEvent,
    QPainter,
    QPaintEvent,
    QPen,
    QResizeEvent,
    QWheelEvent,
)
from PySide6.QtWidgets import QAbstractScrollArea

from overlay.app.parts import mips
from overlay.app.parts.icons import glyph
from overlay.app.parts.language import tr
from overlay.app.parts.plain import plain
from overlay.app.parts.theme import tone
from overlay.app.proof_sheets.linked_zoom import LinkedZoom
from overlay.app.proof_sheets.shown import ShownCell, ShownSheet
from overlay.studio.sheets.figures import CellPlace

_LEFT, _TOP, _STRIP, _GAP = 92, 26, 20, 8  # pixels: labels, what stands under a cell, between
_LEAST, _MOST = 110, 420  # pixels of a cell's width
_ARROWS = {
    Qt.Key.Key_Left: (0, -1), Qt.Key.Key_Right: (0, 1),
    Qt.Key.Key_Up: (-1, 0), Qt.Key.Key_Down: (1, 0),
}  # fmt: skip


class SheetGrid(QAbstractScrollArea, LinkedZoom):
    """Paints a sheet; values stand on its rim, a measure under each cell, tinted by rank.

    Signals
    -------
    picked : other cells are. taken : Return or a double click on one.
    """

    picked = Signal()
    taken = Signal()

    def __init__(self) -> None:
        super().__init__()
        self.setAccessibleName(tr("Cells of the sheet"))
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.viewport().setMouseTracking(True)
        self.shown: ShownSheet | None = None
        self.measure = ""
        self.starred: set[str] = set()
        self.places: list[CellPlace] = []  # picked, the first leads
        self._ranks: dict[CellPlace, float] = {}
        self._decimals = 1  # of the figures under cells
        self._pressed: QPoint | None = None
        self._moved = False
        self.empty = ""

    # What is shown --------------------------------------------------------------------------

    def show_sheet(self, shown: ShownSheet | None) -> None:
        """Show a sheet from its beginning."""
        self.shown, self.places = shown, []
        self.fit()
        self.heed()
        self.verticalScrollBar().setValue(0)
        self.picked.emit()

    def heed(self) -> None:
        """Cells have come, or another measure is asked for."""
        self._ranks = {} if self.shown is None else self.shown.ranks(self.measure)
        self._decimals = 1 if self.shown is None else self.shown.decimals(self.measure)
        self._update_bars()
        self.viewport().update()

    def show_measure(self, measure: str) -> None:
        """Say which measure stands under the cells."""
        self.measure = measure
        self.heed()

    @property
    def cells_picked(self) -> list[ShownCell]:
        """The picked cells that are there."""
        if self.shown is None:
            return []
        return [self.shown.cells[p] for p in self.places if p in self.shown.cells]

    def pick(self, place: CellPlace, *, beside: bool = False) -> None:
        """Pick a cell, alone or beside the one that is picked."""
        if beside and self.places and place != self.places[0]:
            self.places = [self.places[0], place]
        else:
            self.places = [place]
        self._see(place)
        self.viewport().update()
        self.picked.emit()

    # Geometry -------------------------------------------------------------------------------

    def cell_size(self) -> QSize:
        """The picture of a cell: as wide as the columns leave room for, within limits."""
        if self.shown is None:
            return QSize(_LEAST, _LEAST)
        columns, rows = self.shown.sheet.columns, self.shown.sheet.rows
        room = self.viewport().width() - self._rim() - _GAP
        wide = room / columns - _GAP
        if rows > 1 or columns == 1:
            tall = (self.viewport().height() - _TOP) / rows - _STRIP - _GAP
            wide = min(wide, max(tall / self._aspect(), _LEAST * 1.4))
        wide = round(min(max(wide, _LEAST), _MOST))
        return QSize(wide, round(wide * self._aspect()))

    def _rim(self) -> int:
        return _LEFT if self.shown is not None and self.shown.sheet.down is not None else _GAP

    def _aspect(self) -> float:
        assert self.shown is not None
        images = (cell.image for cell in self.shown.cells.values() if cell.image is not None)
        first = next(images, None)
        return 2 / 3 if first is None else first.height() / first.width()

    def cell_rect(self, place: CellPlace) -> QRect:
        """Where a cell's picture lies in the viewport."""
        size = self.cell_size()
        x = self._rim() + place[1] * (size.width() + _GAP) - self.horizontalScrollBar().value()
        y = _TOP + place[0] * (size.height() + _STRIP + _GAP) - self.verticalScrollBar().value()
        return QRect(QPoint(x, y), size)

    def place_at(self, point: QPoint) -> CellPlace | None:
        """The cell under a point of the viewport."""
        if self.shown is None:
            return None
        size = self.cell_size()
        column = (point.x() - self._rim() + self.horizontalScrollBar().value()) // (
            size.width() + _GAP
        )
        row = (point.y() - _TOP + self.verticalScrollBar().value()) // (
            size.height() + _STRIP + _GAP
        )
        inside = 0 <= row < self.shown.sheet.rows and 0 <= column < self.shown.sheet.columns
        return (row, column) if inside else None

    def _update_bars(self) -> None:
        size, view = self.cell_size(), self.viewport().size()
        columns = 0 if self.shown is None else self.shown.sheet.columns
        rows = 0 if self.shown is None else self.shown.sheet.rows
        wide = self._rim() + columns * (size.width() + _GAP)
        tall = _TOP + rows * (size.height() + _STRIP + _GAP)
        for bar, whole, seen in (
            (self.horizontalScrollBar(), wide, view.width()),
            (self.verticalScrollBar(), tall, view.height()),
        ):
            bar.setRange(0, max(whole - seen, 0))
            bar.setPageStep(seen)
            bar.setSingleStep(40)

    def _see(self, place: CellPlace) -> None:
        """Scroll so that a cell is in sight."""
        rect, view = self.cell_rect(place), self.viewport().rect()
        down, across = self.verticalScrollBar(), self.horizontalScrollBar()
        if rect.top() < _TOP:
            down.setValue(down.value() + rect.top() - _TOP)
        elif rect.bottom() + _STRIP > view.bottom():
            down.setValue(down.value() + rect.bottom() + _STRIP - view.bottom())
        if rect.left() < 0:
            across.setValue(across.value() + rect.left() - _GAP)
        elif rect.right() > view.right():
            across.setValue(across.value() + rect.right() - view.right() + _GAP)

    # Painting -------------------------------------------------------------------------------

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self.viewport())
        painter.fillRect(self.viewport().rect(), tone("surround"))
        if self.shown is None:
            painter.setPen(tone("ink"))
            flags = Qt.AlignmentFlag.AlignCenter | Qt.TextFlag.TextWordWrap
            painter.drawText(self.viewport().rect().adjusted(60, 0, -60, 0), flags, tr(self.empty))
            return
        sheet = self.shown.sheet
        for row in range(sheet.rows):
            for column in range(sheet.columns):
                if self.cell_rect((row, column)).intersects(self.viewport().rect()):
                    self._paint_cell(painter, (row, column))
        self._paint_rim(painter)

    def _paint_cell(self, painter: QPainter, place: CellPlace) -> None:
        assert self.shown is not None
        rect, cell = self.cell_rect(place), self.shown.cells.get(place, ShownCell())
        strip = QRect(rect.left(), rect.bottom() + 1, rect.width(), _STRIP)
        painter.fillRect(rect, tone("well"))
        painter.fillRect(strip, self._tint(place))
        if cell.image is not None:
            self._paint_picture(painter, cell.image, rect)
        self._paint_words(painter, place, cell, rect, strip)
        if place in self.places:
            lead = place == self.places[0]
            painter.setPen(QPen(tone("register" if lead else "ink"), 3))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRect(rect.adjusted(-2, -2, 1, _STRIP + 1))

    def _paint_picture(self, painter: QPainter, image: QImage, rect: QRect) -> None:
        wide = rect.width() * self.zoom * self.devicePixelRatioF()
        seen = mips.level(image, wide)
        part = self.part_of(seen.width(), seen.height())
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.drawImage(QRectF(rect), seen, part)

    def _paint_words(
        self, painter: QPainter, place: CellPlace, cell: ShownCell, rect: QRect, strip: QRect
    ) -> None:
        painter.setPen(tone("ink"))
        line = strip.adjusted(6, 0, -6, 0)
        left = Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignLeft
        right = Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignRight
        if cell.fault:
            painter.setPen(tone("alarm"))
            flags = Qt.AlignmentFlag.AlignCenter | Qt.TextFlag.TextWrapAnywhere
            painter.drawText(rect.adjusted(6, 4, -6, -4), flags, plain(cell.fault))
            painter.drawText(line, left, tr("no proof"))
            return
        if cell.look or not cell.recipe_hash:
            painter.drawText(line, left, tr("look" if cell.look else "waits"))
            return
        figure = cell.figures.get(self.measure)
        if figure is not None:
            painter.drawText(line, left, f"{figure:.{self._decimals}f}")
        said = tr("full size") if cell.large else ""
        if cell.recipe_hash in self.starred:
            star = glyph("star_on", tone("register").name(), 14)
            painter.drawPixmap(line.right() - 14, line.top() + 3, star)
            line = line.adjusted(0, 0, -18, 0)
        painter.drawText(line, right, said)

    def _tint(self, place: CellPlace) -> QColor:
        """A strip's colour: the better the rank, the more of the accent."""
        low, high = tone("panel"), tone("register")
        share = 0.55 * self._ranks.get(place, 0.0)
        return QColor(
            *(round(a + share * (b - a)) for a, b in (
                (low.red(), high.red()), (low.green(), high.green()), (low.blue(), high.blue()),
            ))
        )  # fmt: skip

    def _paint_rim(self, painter: QPainter) -> None:
        """Values over the columns and beside the rows; they stay while the cells scroll."""
        assert self.shown is not None
        columns, rows = self.shown.labels
        width, rim = self.viewport().width(), self._rim()
        painter.fillRect(QRect(0, 0, width, _TOP - 3), tone("bench"))
        painter.setPen(tone("ink"))
        for column, label in enumerate(columns):
            rect = self.cell_rect((0, column))
            place = QRect(rect.left(), 0, rect.width(), _TOP - 3)
            painter.drawText(place, Qt.AlignmentFlag.AlignCenter, self._cut(label, rect.width()))
        if self.shown.sheet.down is None:
            return
        painter.fillRect(QRect(0, 0, rim - 4, self.viewport().height()), tone("bench"))
        for row, label in enumerate(rows):
            rect = self.cell_rect((row, 0))
            if rect.bottom() > _TOP:
                place = QRect(6, rect.top(), rim - 14, rect.height())
                flags = Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignRight
                painter.drawText(place, flags, self._cut(label, rim - 14))

    def _cut(self, text: str, wide: int) -> str:
        return self.fontMetrics().elidedText(plain(text), Qt.TextElideMode.ElideMiddle, wide - 4)

    # Hand -----------------------------------------------------------------------------------

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self._update_bars()

    def wheelEvent(self, event: QWheelEvent) -> None:
        turns = event.angleDelta().y() or event.angleDelta().x()
        if event.modifiers() & Qt.KeyboardModifier.ShiftModifier:
            bar = self.verticalScrollBar()
            bar.setValue(bar.value() - turns)
            return
        place = self.place_at(event.position().toPoint())
        if place is not None:
            rect = QRectF(self.cell_rect(place))
            share = QPointF(
                (event.position().x() - rect.left()) / rect.width(),
                (event.position().y() - rect.top()) / rect.height(),
            )
            self.zoom_about(share, 1.2 ** (turns / 120))

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self._pressed, self._moved = event.position().toPoint(), False

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._pressed is None or not event.buttons():
            return
        step = event.position().toPoint() - self._pressed
        if self.zoom > 1 and (self._moved or step.manhattanLength() > 4):
            self._moved, self._pressed = True, event.position().toPoint()
            size = self.cell_size()
            self.pan(QPointF(step.x() / size.width(), step.y() / size.height()))

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        place = self.place_at(event.position().toPoint())
        if place is not None and not self._moved and self._pressed is not None:
            control = bool(event.modifiers() & Qt.KeyboardModifier.ControlModifier)
            self.pick(place, beside=control)
        self._pressed = None

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        if self.place_at(event.position().toPoint()) is not None:
            self.taken.emit()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if self.shown is None:
            super().keyPressEvent(event)
        elif event.key() in _ARROWS:
            step = _ARROWS[Qt.Key(event.key())]
            lead = self.places[-1] if self.places else (0, 0)
            row = min(max(lead[0] + step[0], 0), self.shown.sheet.rows - 1)
            column = min(max(lead[1] + step[1], 0), self.shown.sheet.columns - 1)
            shift = bool(event.modifiers() & Qt.KeyboardModifier.ShiftModifier)
            self.pick((row, column) if self.places else (0, 0), beside=shift)
        elif event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            self.taken.emit()
        else:
            super().keyPressEvent(event)
