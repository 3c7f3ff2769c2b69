"""One or two cells seen large: flipped, or wiped between."""

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QImage, QKeyEvent

from overlay.app.parts.language import tr
from overlay.app.parts.theme import tone
from overlay.app.picture.view import PictureView


class PairView(PictureView):
    """Takes the grid's place; Space flips, W wipes, Esc goes back."""

    closed = Signal()
    taken = Signal()

    def __init__(self) -> None:
        super().__init__()
        self.setAccessibleName(tr("Picked cells"))
        self._images: list[QImage] = []
        self._names: list[str] = []
        self._shown_first = True
        self.wiping = False

    def show_cells(self, images: list[QImage], names: list[str], *, wiping: bool) -> None:
        """Show one cell, or two that are flipped or wiped between."""
        self._images, self._names = images, names
        self._shown_first, self.wiping = True, wiping and len(images) == 2
        self._refresh()

    @property
    def seen(self) -> str:
        """The name of the cell that is seen."""
        return self._names[0 if self._shown_first else 1] if self._names else ""

    def flip(self) -> None:
        """Show the other one."""
        if len(self._images) == 2:
            self._shown_first = not self._shown_first
            self.wiping = False
            self._refresh()

    def wipe_between(self) -> None:
        """Show both along a line that is dragged, or one of them again."""
        if len(self._images) == 2:
            self.wiping = not self.wiping
            self._refresh()

    def _refresh(self) -> None:
        if not self._images:
            return
        largest = max(self._images, key=lambda image: image.width())
        image = self._images[0 if self._shown_first or self.wiping else 1]
        self.show_image(image, largest.size())
        other = self._images[1] if self.wiping else None
        self.show_other(other, (self._names[0], self._names[-1]), "wipe")
        self.show_legend([] if self.wiping else [(tone("register"), self.seen)])

    def keyPressEvent(self, event: QKeyEvent) -> None:
        deeds = {
            Qt.Key.Key_Space: self.flip,
            Qt.Key.Key_Return: self.taken.emit,
            Qt.Key.Key_Enter: self.taken.emit,
        }
        if event.key() in deeds and not event.isAutoRepeat():
            deeds[Qt.Key(event.key())]()
        else:
            super().keyPressEvent(event)
