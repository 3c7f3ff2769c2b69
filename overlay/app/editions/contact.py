"""The set itself: its pictures beside each other, small enough to be seen as one."""

from PySide6.QtCore import QModelIndex, QPersistentModelIndex, QPoint, QRect, QSize, Qt, Signal
from PySide6.QtGui import QImage, QPainter, QPaintEvent, QPen, QResizeEvent
from PySide6.QtWidgets import (
    QAbstractItemView,
    QListView,
    QStyle,
    QStyledItemDelegate,
    QStyleOptionViewItem,
)

from overlay.app.editions.shown import ShownEdition, ShownRow, Stage
from overlay.app.editions.table import RowsModel
from overlay.app.parts.language import tr
from overlay.app.parts.plain import plain
from overlay.app.parts.theme import tone
from overlay.studio.editions.figures import value_said

Index = QModelIndex | QPersistentModelIndex
_LINE, _PAD = 20, 7  # pixels: what stands under a picture, and about it
_LEAST = 150  # pixels of a picture's width
_MOST_COLUMNS = 6
_BATCH = 300  # pictures that are laid out in one go


class _Cells(QStyledItemDelegate):
    """Paints one picture, its number and what it has of its own, and how far it has come."""

    def __init__(self, view: "ContactView") -> None:
        super().__init__(view)
        self._view = view

    def sizeHint(self, option: QStyleOptionViewItem, index: Index) -> QSize:
        return self._view.cell

    def paint(self, painter: QPainter, option: QStyleOptionViewItem, index: Index) -> None:
        shown = self._view.shown
        if shown is None:
            return
        cell: QRect = option.rect.adjusted(_PAD, _PAD, -_PAD, -_PAD)
        room = cell.adjusted(0, 0, 0, -_LINE)
        row, place = shown.row(index.row()), index.row()
        painter.save()
        image = shown.images.get(place)
        if image is None and row.recipe_hash:
            self._view.image_asked.emit(place)
        lies = _paint_picture(painter, room, image, row)
        state: QStyle.StateFlag = option.state
        stands_out = shown.outliers().get(place, "")
        if state & QStyle.StateFlag.State_Selected:
            painter.setPen(QPen(tone("register"), 2))
            painter.drawRect(lies.adjusted(-3, -3, 2, 2))
        painter.setPen(tone("alarm" if row.fault or stands_out else "ink"))
        line = QRect(room.left(), room.bottom() + 3, room.width(), _LINE)
        own = row.fault or stands_out
        said = f"{place + 1}  {tr(own) if own else self._view.label(place)}"
        metrics = painter.fontMetrics()
        said = metrics.elidedText(plain(said), Qt.TextElideMode.ElideRight, line.width())
        painter.drawText(line, Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignLeft, said)
        painter.restore()


def _paint_picture(painter: QPainter, room: QRect, image: QImage | None, row: ShownRow) -> QRect:
    """The picture in its room, veiled where it is of an earlier state; where it lies."""
    lies = QRect(room)
    if image is not None:
        lies.setSize(image.size().scaled(room.size(), Qt.AspectRatioMode.KeepAspectRatio))
        lies.moveCenter(QPoint(room.center().x(), room.top() + lies.height() // 2))
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.setOpacity(0.35 if row.earlier else 1.0)
        painter.drawImage(lies, image)
        painter.setOpacity(1.0)
    if image is None or row.earlier:
        style = Qt.PenStyle.SolidLine if row.stage is Stage.FAILED else Qt.PenStyle.DashLine
        painter.setPen(QPen(tone("alarm" if row.stage is Stage.FAILED else "hairline"), 1, style))
        painter.drawRect(lies.adjusted(0, 0, -1, -1))
    if row.stage is Stage.RUNNING:
        done = QRect(lies.left(), lies.bottom() - 3, round(lies.width() * row.fraction), 4)
        painter.fillRect(done, tone("register"))
    return lies


class ContactView(QListView):
    """The pictures of the edition that is seen; as many beside each other as make a good page.

    Signals
    -------
    image_asked : a picture's place, whose small image is not at hand. taken : Return, or a double
    click.
    """

    image_asked = Signal(int)
    taken = Signal()

    def __init__(self, model: RowsModel) -> None:
        super().__init__()
        self._rows = model
        self.cell = QSize(_LEAST, _LEAST)
        self.empty = ""
        self.setModel(model)
        self.setAccessibleName(tr("Pictures of the edition"))
        self.setViewMode(QListView.ViewMode.IconMode)
        self.setMovement(QListView.Movement.Static)
        self.setResizeMode(QListView.ResizeMode.Adjust)
        self.setUniformItemSizes(True)
        self.setLayoutMode(QListView.LayoutMode.Batched)  # thousands are laid out between events
        self.setBatchSize(_BATCH)
        self.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)
        self.setEditTriggers(QAbstractItemView.EditTrigger.NoEditTriggers)
        self.setVerticalScrollMode(QAbstractItemView.ScrollMode.ScrollPerPixel)
        self.setItemDelegate(_Cells(self))
        self.activated.connect(lambda _: self.taken.emit())
        model.modelReset.connect(self._lay_out)

    @property
    def shown(self) -> ShownEdition | None:
        """The edition that is seen."""
        return self._rows.shown

    def label(self, place: int) -> str:
        """What a picture has of its own: of several columns the first that say most."""
        shown = self.shown
        if shown is None:
            return ""
        values = shown.edition.values(place)
        return ", ".join(value_said(shown.edition, key, value) for key, value in values.items())

    def columns(self) -> int:
        """How many stand beside each other: as many as the last crossed column has values, or as
        make the set about as wide as it is high."""
        if self.shown is None or not self.shown.edition.count:
            return 1
        fit = max(self.viewport().width() // (_LEAST + 2 * _PAD), 1)
        cross = self.shown.edition.cross
        wanted = len(cross[-1].values) if cross else round(self.shown.edition.count**0.5 + 0.49)
        return max(min(wanted, fit, _MOST_COLUMNS), 1)

    def _lay_out(self) -> None:
        wide = max(self.viewport().width() - 16, 1) // self.columns()
        size = None if self.shown is None else self.shown.edition.recipe.size
        tall = round((wide - 2 * _PAD) * (2 / 3 if size is None else min(size[1] / size[0], 1.5)))
        self.cell = QSize(wide, tall + _LINE + 2 * _PAD)
        self.setGridSize(self.cell)
        self.scheduleDelayedItemsLayout()

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self._lay_out()

    def paintEvent(self, event: QPaintEvent) -> None:
        super().paintEvent(event)
        if self.shown is None or not self.shown.edition.count:
            painter = QPainter(self.viewport())
            painter.setPen(tone("faint"))
            room = self.viewport().rect().adjusted(60, 20, -60, -20)
            flags = Qt.AlignmentFlag.AlignCenter | Qt.TextFlag.TextWordWrap
            painter.drawText(room, flags, tr(self.empty))
