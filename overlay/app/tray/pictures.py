"""The list of the tray's pictures, and what stands in the place of one."""

from PySide6.QtCore import QEvent, QMimeData, QPointF, QRectF, QSize, Qt, QUrl, Signal
from PySide6.QtGui import QColor, QDragMoveEvent, QIcon, QKeyEvent, QPainter, QPixmap
from PySide6.QtWidgets import QAbstractItemView, QLineEdit, QListWidget, QListWidgetItem

from overlay.app.parts.buttons import picture_icon
from overlay.app.parts.drops import TakesPictures
from overlay.app.parts.language import tr
from overlay.app.parts.theme import tone

PATH = Qt.ItemDataRole.UserRole
THUMB = QSize(104, 70)


class Pictures(TakesPictures, QListWidget):
    """The list itself; its pictures can be dragged to where they should be used."""

    dropped = Signal(list)
    remove_asked = Signal()
    rename_asked = Signal()
    renamed = Signal(str, str)  # a path, and what its picture is to be called

    def __init__(self) -> None:
        super().__init__()
        self._naming: QListWidgetItem | None = None
        self.setIconSize(THUMB)
        self.setViewMode(QListWidget.ViewMode.IconMode)
        self.setMovement(QListWidget.Movement.Static)
        self.setFlow(QListWidget.Flow.TopToBottom)
        self.setWrapping(False)
        self.setSpacing(2)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setDragDropMode(QAbstractItemView.DragDropMode.DragDrop)
        # A static icon list switches both off again.
        self.setDragEnabled(True)
        self.viewport().setAcceptDrops(True)
        self.setContextMenuPolicy(Qt.ContextMenuPolicy.CustomContextMenu)
        self.setEditTriggers(QAbstractItemView.EditTrigger.NoEditTriggers)
        self.itemChanged.connect(self._changed)
        self.setAccessibleName(tr("Pictures in the tray"))
        self.setToolTip(
            tr("Drag a picture onto the cue sheet for its manner, onto the picture as source")
        )

    def mimeData(self, items: list[QListWidgetItem]) -> QMimeData:  # type: ignore[override]
        data = QMimeData()
        data.setUrls([QUrl.fromLocalFile(item.data(PATH)) for item in items])
        return data

    def dragMoveEvent(self, event: QDragMoveEvent) -> None:
        event.acceptProposedAction()

    def rename(self, item: QListWidgetItem, name: str) -> None:
        """Have a picture's name typed anew in its place, unless it is not seen or has begun."""
        begun = self.state() == QAbstractItemView.State.EditingState
        if begun or not self.isVisible() or item.isHidden():
            return
        self._naming = item
        item.setText(name)
        item.setFlags(item.flags() | Qt.ItemFlag.ItemIsEditable)
        self.setCurrentItem(item)
        self.editItem(item)

    def _changed(self, item: QListWidgetItem) -> None:
        if item is self._naming and self.state() == QAbstractItemView.State.EditingState:
            self._naming = None
            self.renamed.emit(item.data(PATH), item.text())

    def event(self, event: QEvent) -> bool:
        """F2 is the selected picture's while the list has the keys."""
        if (
            isinstance(event, QKeyEvent)
            and event.type() == QEvent.Type.ShortcutOverride
            and event.key() == Qt.Key.Key_F2
        ):
            event.accept()
            return True
        return super().event(event)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Delete:
            self.remove_asked.emit()
        elif event.key() == Qt.Key.Key_F2:
            self.rename_asked.emit()
        else:
            super().keyPressEvent(event)


class FindField(QLineEdit):
    """Esc empties it before it means anything else."""

    def event(self, event: QEvent) -> bool:
        if isinstance(event, QKeyEvent) and event.key() == Qt.Key.Key_Escape and self.text():
            if event.type() == QEvent.Type.KeyPress:
                self.clear()
            event.accept()
            return True
        return super().event(event)


def add_dot(pixmap: QPixmap) -> None:
    """A dot in the corner, light within dark within light, so that it is seen on any picture."""
    painter = QPainter(pixmap)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.setPen(Qt.PenStyle.NoPen)
    for colour, radius in ((QColor("white"), 13), (QColor("#c23f2d"), 10)):
        painter.setBrush(colour)
        painter.drawEllipse(QPointF(pixmap.width() - 18, 18), radius, radius)
    painter.end()


def blank(words: str = "") -> QIcon:
    """An empty place for a picture, with what is to be said of it."""
    pixmap = QPixmap(THUMB * 2)
    pixmap.setDevicePixelRatio(2)
    pixmap.fill(Qt.GlobalColor.transparent)
    if words:
        painter = QPainter(pixmap)
        frame = QRectF(0.5, 0.5, THUMB.width() - 1, THUMB.height() - 1)
        painter.setPen(tone("alarm"))
        painter.drawRect(frame)
        painter.drawText(frame, Qt.AlignmentFlag.AlignCenter, tr(words))
        painter.end()
    return picture_icon(pixmap)
