"""The stretches of the passes, past the end of the run: which there are, and which is selected."""

from PySide6.QtCore import QObject, QPoint, QRectF, Signal

from overlay.document.passes import AnyPass, Enlarge

STRETCH, PLUS = 76, 26  # pixels of a pass's stretch, and of what adds one


class PassTrack(QObject):
    """What all lanes past the axis share.

    Signals
    -------
    changed : passes differ, or another one is selected.
    chosen : one was clicked. moved : one was dragged, and to which place, counted without it.
    asked : what can be done with one, at a place of the screen.
    """

    changed = Signal()
    chosen = Signal(int)
    moved = Signal(int, int)
    asked = Signal(int, QPoint)

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.passes: tuple[AnyPass, ...] = ()
        self.selected: int | None = None

    def set_passes(self, passes: tuple[AnyPass, ...]) -> None:
        """Show these."""
        self.passes = passes
        if self.selected is not None and self.selected >= len(passes):
            self.selected = None
        self.changed.emit()

    def select(self, index: int | None) -> None:
        """Mark one as selected, or none."""
        if index != self.selected:
            self.selected = index
            self.changed.emit()

    @property
    def width(self) -> int:
        """Pixels of all lanes."""
        return STRETCH * len(self.passes) + PLUS

    def box(self, index: int, height: int) -> QRectF:
        """Where a stretch lies in a lane of this height."""
        return QRectF(index * STRETCH + 1, 0, STRETCH - 3, height)

    def at(self, x: float) -> int | None:
        """The stretch under a pixel."""
        index = int(x // STRETCH)
        return index if 0 <= index < len(self.passes) and x >= 0 else None


def short_name(later: AnyPass) -> str:
    """What a stretch is called."""
    if isinstance(later, Enlarge):
        return f"enlarge {later.factor:g}x"
    return later.kind
