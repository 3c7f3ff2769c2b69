"""The drawer's proofs as small pictures, with stars and lines to what came from what."""

from collections.abc import Callable

from PySide6.QtCore import QModelIndex, QPersistentModelIndex, QPoint, QRect, QSize, Qt, Signal
from PySide6.QtGui import QIcon, QImage, QKeyEvent, QPainter, QPaintEvent, QPen, QPixmap
from PySide6.QtWidgets import (
    QAbstractItemView,
    QListWidget,
    QListWidgetItem,
    QStyle,
    QStyledItemDelegate,
    QStyleOptionViewItem,
)

from overlay.app.parts.icons import glyph
from overlay.app.parts.language import tr
from overlay.app.parts.theme import tone
from overlay.studio.keeping.shelf import Kept

_HASH = Qt.ItemDataRole.UserRole
_STAR = Qt.ItemDataRole.UserRole + 1
_STACK = Qt.ItemDataRole.UserRole + 2
_MOST_STACKED, _STEP = 3, 5  # sheets that are seen beneath, and pixels between them
_CELL = QSize(188, 156)
_PICTURE = QSize(172, 116)


class _Cells(QStyledItemDelegate):
    """Paints a proof: its picture, its number, its star."""

    def sizeHint(
        self, option: QStyleOptionViewItem, index: QModelIndex | QPersistentModelIndex
    ) -> QSize:
        return _CELL

    def paint(
        self,
        painter: QPainter,
        option: QStyleOptionViewItem,
        index: QModelIndex | QPersistentModelIndex,
    ) -> None:
        cell: QRect = option.rect
        state: QStyle.StateFlag = option.state
        chosen = bool(state & QStyle.StateFlag.State_Selected)
        painter.save()
        icon = index.data(Qt.ItemDataRole.DecorationRole)
        room = QRect(cell.left() + 8, cell.top() + 8, _PICTURE.width(), _PICTURE.height())
        shown = room
        if isinstance(icon, QIcon) and not icon.isNull():
            pixmap = icon.pixmap(_PICTURE)
            shown = QRect(QPoint(0, 0), pixmap.deviceIndependentSize().toSize())
            shown.moveCenter(room.center())
            stages = min(int(index.data(_STACK) or 0), _MOST_STACKED)
            shown.adjust(0, _STEP * stages, -_STEP * stages, 0)
            _paint_stack(painter, shown, stages)
            painter.drawPixmap(shown, pixmap)
        if chosen:
            painter.setPen(QPen(tone("register"), 2))
            painter.drawRect(shown.adjusted(-3, -3, 2, 2))
        painter.setPen(tone("ink"))
        line = QRect(room.left(), room.bottom() + 6, room.width(), 20)
        painter.drawText(line, Qt.AlignmentFlag.AlignVCenter, index.data())
        if index.data(_STAR):
            star = glyph("star_on", tone("register").name(), 16)
            painter.drawPixmap(line.right() - 18, line.top() + 2, star)
        painter.restore()


def _paint_stack(painter: QPainter, shown: QRect, stages: int) -> None:
    """A sheet beneath the picture for each stage that led to it."""
    for number in range(stages, 0, -1):
        sheet = shown.translated(_STEP * number, -_STEP * number)
        painter.fillRect(sheet, tone("panel"))
        painter.setPen(QPen(tone("faint"), 1))
        painter.drawRect(sheet.adjusted(0, 0, -1, -1))


class DrawerList(QListWidget):
    """Proofs, newest first; keys K and Del speak of what is selected."""

    star_asked = Signal()
    remove_asked = Signal()
    thumb_asked = Signal(str)

    def __init__(self) -> None:
        super().__init__()
        self.setViewMode(QListWidget.ViewMode.IconMode)
        self.setMovement(QListWidget.Movement.Static)
        self.setResizeMode(QListWidget.ResizeMode.Adjust)
        self.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)
        self.setUniformItemSizes(True)
        self.setItemDelegate(_Cells(self))
        self.setAccessibleName(tr("Proofs in the drawer"))
        self.lineage: Callable[[], list[tuple[str, str]]] = list
        self._asked: set[str] = set()
        self._thumbs: dict[str, QIcon] = {}

    def show_proofs(self, proofs: list[Kept], starred: set[str]) -> None:
        """Show these; what is selected stays so where it can."""
        chosen = set(self.chosen())
        blocked = self.blockSignals(True)
        self.clear()
        for kept in proofs:
            item = QListWidgetItem(tr(f"Proof {kept.number}"))
            item.setData(_HASH, kept.recipe_hash)
            item.setData(_STACK, max(len(kept.stages) - 1, 0))
            item.setData(_STAR, kept.recipe_hash in starred)
            item.setIcon(self._thumbs.get(kept.recipe_hash, QIcon()))
            self.addItem(item)
            item.setSelected(kept.recipe_hash in chosen)
        self.blockSignals(blocked)
        if self.count() and not self.selectedItems():
            self.setCurrentRow(0)
        self.itemSelectionChanged.emit()
        self.viewport().update()

    def chosen(self) -> list[str]:
        """Hashes of the selected proofs, in the list's order."""
        items = sorted(self.selectedItems(), key=self.row)
        return [str(item.data(_HASH)) for item in items]

    def show_thumb(self, recipe_hash: str, image: QImage) -> None:
        """Put a small picture in its place."""
        pixmap = QPixmap.fromImage(image)
        pixmap.setDevicePixelRatio(1)
        self._thumbs[recipe_hash] = QIcon(pixmap)
        for i in range(self.count()):
            if self.item(i).data(_HASH) == recipe_hash:
                self.item(i).setIcon(self._thumbs[recipe_hash])

    def forget(self) -> None:
        """Another project has other pictures."""
        self._asked.clear()
        self._thumbs.clear()

    def paintEvent(self, event: QPaintEvent) -> None:
        self._ask_for_seen()
        super().paintEvent(event)
        painter = QPainter(self.viewport())
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        places = {
            str(self.item(i).data(_HASH)): self.visualItemRect(self.item(i)).center()
            for i in range(self.count())
        }
        for parent, child in self.lineage():
            if parent in places and child in places:
                self._paint_line(painter, places[parent], places[child])

    def _paint_line(self, painter: QPainter, parent: QPoint, child: QPoint) -> None:
        """From a proof to the one started from it, which has the dot."""
        painter.setPen(QPen(tone("register"), 2))
        painter.drawLine(parent, child)
        painter.setBrush(tone("register"))
        painter.drawEllipse(child, 5, 5)

    def _ask_for_seen(self) -> None:
        """Only what is in sight is read."""
        shown = self.viewport().rect()
        for i in range(self.count()):
            recipe_hash = str(self.item(i).data(_HASH))
            if recipe_hash in self._asked:
                continue
            if self.visualItemRect(self.item(i)).intersects(shown):
                self._asked.add(recipe_hash)
                self.thumb_asked.emit(recipe_hash)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_K:
            self.star_asked.emit()
        elif event.key() == Qt.Key.Key_Delete:
            self.remove_asked.emit()
        else:
            super().keyPressEvent(event)
