"""Works the queue off on a thread of its own; what it says arrives on the GUI thread."""

from PySide6.QtCore import QObject, QRunnable, QThreadPool, Signal, SignalInstance

from overlay.imaging.colour import ByteImage
from overlay.studio.runs.queue import Run, RunQueue


class Runner(QObject):
    """The window's queue.

    Signals
    -------
    listed : runs came, went or changed places. progressed, shown, ended : see `queue.Watcher`;
    a run is answered before `ended` is emitted.
    """

    listed = Signal()
    progressed = Signal(object)
    shown = Signal(object, float, object)
    ended = Signal(object)
    _over = Signal(object)

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.queue = RunQueue(_Relay(self, self._over))
        self._pool = QThreadPool(self)
        self._pool.setMaxThreadCount(1)
        self._unanswered: list[Run] = []
        self._over.connect(self._answer)

    @property
    def busy(self) -> bool:
        """Whether anything waits, runs or is still to be answered."""
        return bool(self._unanswered)

    def unanswered(self, group: str) -> int:
        """How many runs of a group wait, run, or ended and are still to be answered."""
        return sum(run.group == group for run in self._unanswered)

    def add(self, run: Run) -> Run:
        """Have a run done, and whoever asked answered on this thread."""
        self._unanswered.append(run)
        self.queue.add(run)
        self._pool.start(_WorkOff(self.queue))
        return run

    def close(self) -> None:
        """Stop everything, and wait for the end of what runs."""
        self.queue.stop_all()
        self._pool.waitForDone()

    def _answer(self, run: Run) -> None:
        self._unanswered.remove(run)
        run.answer()
        self.ended.emit(run)


class _Relay:
    """Hears the queue on its thread and emits signals, which arrive on the window's."""

    def __init__(self, runner: Runner, over: SignalInstance) -> None:
        self._runner, self._over = runner, over

    def listed(self) -> None:
        self._runner.listed.emit()

    def progressed(self, run: Run) -> None:
        self._runner.progressed.emit(run)

    def shown(self, run: Run, progress: float, picture: ByteImage) -> None:
        self._runner.shown.emit(run, progress, picture)

    def ended(self, run: Run) -> None:
        self._over.emit(run)


class _WorkOff(QRunnable):
    def __init__(self, queue: RunQueue) -> None:
        super().__init__()
        self._queue = queue

    def run(self) -> None:
        self._queue.work_off()
