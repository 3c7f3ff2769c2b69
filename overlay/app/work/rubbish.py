"""What Python no longer needs goes on the GUI thread alone, in short passes.

By itself Python looks for cycles on whichever thread happens to make the next object. There it
would take pictures, icons and fonts of Qt apart while the GUI thread paints with them, which is not
safe, and a pass over a whole window would hold everything for a fifth of a second.
"""

import gc

from PySide6.QtCore import QObject, QTimer

_STEP = 200  # milliseconds


class Rubbish(QObject):
    """Collects in the place of Python's own collector, until it is stopped."""

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        gc.disable()
        self._timer = QTimer(self, interval=_STEP)
        self._timer.timeout.connect(self.step)
        self._timer.start()

    def step(self) -> None:
        """Collect the oldest generation whose turn it is, by Python's own thresholds."""
        counts, most = gc.get_count(), gc.get_threshold()
        due = next((g for g in (2, 1, 0) if counts[g] > most[g]), None)
        if due is not None:
            gc.collect(due)

    def spare_what_is_there(self) -> None:
        """Never look again through what there is now: a window and its modules stay to the end.

        So the longest pass over it takes a fiftieth of a second where it took a fifth.
        """
        gc.freeze()

    def stop(self) -> None:
        """Leave it to Python again."""
        self._timer.stop()
        gc.enable()
