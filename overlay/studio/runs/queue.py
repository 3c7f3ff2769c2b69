"""The queue: one place that runs things, for window, command line and tests.

Runs wait by purpose, then in the order they came; one is in work at a time, for a run uses every
core. The queue has no thread of its own: whoever has one works it off.
"""

import threading
import time
from collections.abc import Callable, Collection
from dataclasses import dataclass, field
from enum import Enum, IntEnum
from itertools import count
from typing import Any, Protocol

from overlay.document.recipe import Recipe
from overlay.engine.control import CancelledError, Control
from overlay.imaging.colour import ByteImage

_INTERVAL = 0.05  # seconds between reports of a run, at least


class Purpose(IntEnum):
    """What a run is for; the lower goes first."""

    LOOK = 0  # a look while the hand is on a control
    HAND = 1  # pulled by hand, or asked for
    TRIAL = 2  # one of a few that search for a setting
    CELL = 3  # one of a sheet
    ROW = 4  # one of an edition


class Stage(Enum):
    """How far a run has come."""

    WAITING = "waiting"
    RUNNING = "running"
    DONE = "done"
    FAILED = "failed"
    STOPPED = "stopped"


Work = Callable[[Control], Any]


def _ignore(_: Any) -> None:
    """Nobody asked."""


@dataclass(eq=False, kw_only=True)
class Run:
    """One run: what it is called, what it does, and who hears how it ended.

    Attributes
    ----------
    work : called on the queue's thread; must check its control often. What it needs it has with
        it: nothing that is edited meanwhile reaches it.
    then, failed, stopped : called by `answer`, on the thread of whoever asked, with the result,
        the error, or nothing.
    group : of what it is one of many, as the cells of a sheet; empty where it stands alone.
    recipe : what it pulls, to be offered again where the program dies before it is done.
    asked_to_stop : set by the queue alone.
    fraction, doing : how much is done, and what it is at.
    """

    name: str
    work: Work
    purpose: Purpose = Purpose.HAND
    group: str = ""
    recipe: Recipe | None = None
    then: Callable[[Any], object] = _ignore
    failed: Callable[[Exception], object] = _ignore
    stopped: Callable[[], object] = lambda: None
    stage: Stage = Stage.WAITING
    fraction: float = 0.0
    doing: str = ""
    began: float = 0.0  # seconds of the monotonic clock
    result: Any = None
    error: Exception | None = None
    place: float = 0.0  # among those of its purpose
    showed: bool = False  # whether it has shown a state of its picture
    asked_to_stop: threading.Event = field(default_factory=threading.Event)

    @property
    def seconds_left(self) -> float | None:
        """How long it may still take, once enough is done to tell."""
        if self.stage is not Stage.RUNNING or self.fraction <= 0.15:
            return None
        spent = time.monotonic() - self.began
        return max(spent / self.fraction - spent, 0.1)

    def answer(self) -> None:
        """Tell whoever asked how it ended."""
        if self.stage is Stage.DONE:
            self.then(self.result)
        elif self.stage is Stage.FAILED and self.error is not None:
            self.failed(self.error)
        elif self.stage is Stage.STOPPED:
            self.stopped()


class Watcher(Protocol):
    """Hears of every run, on the thread that works the queue off or that asked."""

    def listed(self) -> None:
        """Runs came, went or changed places."""

    def progressed(self, run: Run) -> None:
        """A run has come further, or has begun."""

    def shown(self, run: Run, progress: float, picture: ByteImage) -> None:
        """A run shows a state of its picture."""

    def ended(self, run: Run) -> None:
        """A run is over; it wants to be answered."""


class Answering:
    """A watcher that answers at once, where there is one thread."""

    def listed(self) -> None:
        """Nobody looks at the list."""

    def progressed(self, run: Run) -> None:
        """Nobody looks at it."""

    def shown(self, run: Run, progress: float, picture: ByteImage) -> None:
        """Nobody looks at it."""

    def ended(self, run: Run) -> None:
        """Tell whoever asked."""
        run.answer()


class RunQueue:
    """Holds runs and works them off; any thread may call anything."""

    def __init__(self, watcher: Watcher | None = None) -> None:
        self._watcher: Watcher = Answering() if watcher is None else watcher
        self._lock = threading.Lock()
        self._waiting: list[Run] = []
        self._running: Run | None = None
        self._numbers = count()

    @property
    def running(self) -> Run | None:
        """The run in work."""
        return self._running

    @property
    def waiting(self) -> tuple[Run, ...]:
        """The others, in the order they will run."""
        with self._lock:
            return tuple(self._waiting)

    def add(self, run: Run) -> Run:
        """Have a run done, after those that go before it."""
        with self._lock:
            run.place = next(self._numbers)
            self._waiting.append(run)
            self._sort()
        self._watcher.listed()
        return run

    def move_up(self, run: Run) -> None:
        """Have a waiting run go before the one ahead of it, whatever that is for."""
        with self._lock:
            if run not in self._waiting or self._waiting[0] is run:
                return
            index = self._waiting.index(run)
            self._waiting.insert(index - 1, self._waiting.pop(index))
            ahead = self._waiting[index]
            run.purpose = min(run.purpose, ahead.purpose)
            run.place = ahead.place - 0.5 if run.purpose == ahead.purpose else run.place
        self._watcher.listed()

    def stop(self, run: Run) -> None:
        """Take a waiting run out, or ask the one in work to stop."""
        run.asked_to_stop.set()
        with self._lock:
            if run not in self._waiting:
                return
            self._waiting.remove(run)
        self._end(run, Stage.STOPPED)

    def stop_many(self, runs: Collection[Run]) -> None:
        """Take out these, and ask the one in work to stop if it is among them."""
        with self._lock:
            taken = [run for run in self._waiting if run in runs]
            self._waiting = [run for run in self._waiting if run not in runs]
        for run in runs:
            run.asked_to_stop.set()
        self._end_all(taken)

    def stop_group(self, group: str) -> bool:
        """Take out all of a group, and ask the one in work to stop; whether there were any."""
        running = self._running
        runs = [*([] if running is None else [running]), *self.waiting]
        runs = [run for run in runs if run.group == group]
        self.stop_many(runs)
        return bool(runs)

    def stop_running(self) -> None:
        """Ask the run in work to stop; the next one follows."""
        run = self._running
        if run is not None:
            run.asked_to_stop.set()

    def stop_all(self) -> None:
        """Take out all that wait, and ask the one in work to stop."""
        with self._lock:
            taken, self._waiting = self._waiting, []
        for run in taken:
            run.asked_to_stop.set()
        self._end_all(taken)
        self.stop_running()

    def _end_all(self, taken: list[Run]) -> None:
        for run in taken:
            run.stage = Stage.STOPPED
        self._watcher.listed()
        for run in taken:
            self._watcher.ended(run)

    def work_one(self) -> bool:
        """Do the next run on this thread; False when none waits, or another thread is at one."""
        with self._lock:
            if self._running is not None or not self._waiting:
                return False
            run = self._running = self._waiting.pop(0)
            run.stage, run.began = Stage.RUNNING, time.monotonic()
        self._watcher.listed()
        self._watcher.progressed(run)
        stage = self._work(run)
        with self._lock:
            self._running = None
        self._end(run, stage)
        return True

    def work_off(self) -> None:
        """Do all that wait, on this thread."""
        while self.work_one():
            pass

    def _work(self, run: Run) -> Stage:
        try:
            control = self._control(run)
            control.check()
            run.result = run.work(control)
        except CancelledError:
            return Stage.STOPPED
        except Exception as error:  # handed to whoever asked, never swallowed
            run.error = error
            return Stage.FAILED
        return Stage.DONE

    def _control(self, run: Run) -> Control:
        reported = 0.0

        def report(fraction: float, doing: str) -> None:
            nonlocal reported
            run.fraction, run.doing = fraction, doing
            now = time.monotonic()
            if now - reported >= _INTERVAL:
                reported = now
                self._watcher.progressed(run)

        def show(_: int, progress: float, picture: ByteImage) -> None:
            run.showed = True
            self._watcher.shown(run, progress, picture)

        return Control(report, run.asked_to_stop.is_set, show)

    def _end(self, run: Run, stage: Stage) -> None:
        run.stage = stage
        self._watcher.listed()
        self._watcher.ended(run)

    def _sort(self) -> None:
        self._waiting.sort(key=lambda run: (run.purpose, run.place))
