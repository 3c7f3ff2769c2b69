"""Shows the queue as a list, and keeps what waits, so that a crash does not lose it."""

from PySide6.QtCore import QObject, QTimer, Signal
from PySide6.QtWidgets import QWidget

from overlay.app.floor.floor import Floor
from overlay.app.parts.theme import dress
from overlay.app.queue.list import QueueList, move_group_up
from overlay.studio.keeping.waiting import Waiting, WaitingFile
from overlay.studio.runs.queue import Purpose, Run

_DELAY = 300  # milliseconds after the last change


class QueueDesk(QObject):
    """Knows all runs of the window, whoever asked for them.

    Parameters
    ----------
    count : under which the list opens.

    Signals
    -------
    offered : recipes, and names of sheets, that wait again after a crash, as the artist wished.
    """

    offered = Signal(object, object)
    counted = Signal(bool, int)  # whether anything runs, and how many wait

    def __init__(self, floor: Floor, count: QWidget) -> None:
        super().__init__(floor)
        self.floor, self._count = floor, count
        self.queue = floor.runner.queue
        self.list = QueueList(floor.host)
        self.list.stop_asked.connect(self.queue.stop_many)
        self.list.up_asked.connect(lambda runs: move_group_up(self.queue, runs))
        self.list.empty_asked.connect(self.queue.stop_all)
        floor.runner.listed.connect(self._listed)
        floor.runner.progressed.connect(lambda _: self._show())
        self._file: WaitingFile | None = None
        self._written = Waiting()
        self._timer = QTimer(self)
        self._timer.setSingleShot(True)
        self._timer.setInterval(_DELAY)
        self._timer.timeout.connect(self._keep)

    def open(self) -> None:
        """Show the list under its count."""
        dress(self.list)
        self.list.show_queue(self.queue)
        self.list.open_under(self._count)

    def _listed(self) -> None:
        running = self.queue.running
        waiting = [run for run in self.queue.waiting if run.purpose is not Purpose.LOOK]
        busy = running is not None and running.purpose is not Purpose.LOOK
        self.counted.emit(busy, len(waiting))
        self._show()
        if self._file is not None:
            self._timer.start()

    def _show(self) -> None:
        if self.list.isVisible():
            self.list.show_queue(self.queue)

    # Kept over a crash ----------------------------------------------------------------------

    def take_over(self) -> None:
        """Another project is in place: offer what it left waiting, keep its own from now on."""
        self.let_go()
        project = self.floor.bench.project
        file = self._file = WaitingFile(project.path, project.key)
        self._written = Waiting()
        self.floor.loader.ask(file.left, self._offer, newest="waiting", failed=lambda _: None)

    def let_go(self) -> None:
        """Nothing of the project that was open waits any more."""
        self._timer.stop()
        if self._file is not None:
            file, self._file = self._file, None

            def end() -> None:
                file.write(Waiting())
                file.close()

            self.floor.loader.ask(end, failed=lambda _: None, outlives=True)

    def _offer(self, left: Waiting) -> None:
        if left:
            self._written = left  # what the file holds, until something else waits or nothing does
            self.floor.say(
                f"{left.words} waited to be pulled when the program ended.",
                "Pull them now",
                lambda: self.offered.emit(left.recipes, left.sheets),
            )

    def _keep(self) -> None:
        """Write down what waits now, where it is another than before."""
        running = self.queue.running
        runs: list[Run] = [*([] if running is None else [running]), *self.queue.waiting]
        sheets = dict.fromkeys(run.group for run in runs if run.group)
        recipes = tuple(run.recipe for run in runs if run.recipe is not None)
        waiting, file = Waiting(recipes, tuple(sheets)), self._file
        if file is None or waiting == self._written:
            return
        self._written = waiting
        self.floor.loader.ask(
            lambda: file.write(waiting), newest="waiting file", failed=lambda _: None, outlives=True
        )

    def close(self) -> None:
        """The window closes in order: nothing waits."""
        self.list.hide()
        self.let_go()
