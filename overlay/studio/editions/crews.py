"""Who does the rows of an edition: this process, or several on this machine.

Whoever does them, a row gives the same bytes. No more rows are handed out than are in work soon, so
that ten thousand of them need no more memory than ten.
"""

import multiprocessing
import os
from collections.abc import Iterable, Iterator
from concurrent.futures import FIRST_COMPLETED, Future, ProcessPoolExecutor, wait
from concurrent.futures.process import BrokenProcessPool
from contextlib import contextmanager
from multiprocessing.synchronize import Event
from typing import Protocol

from overlay.engine.control import Control
from overlay.imaging.rows import use_threads
from overlay.studio.editions.tasks import Pulled, Task, do_task

MOST_WORKERS = 256
_AHEAD = 2  # tasks a worker that are handed out
_LOOK = 0.1  # seconds between looks whether to stop


class Crew(Protocol):
    """Does tasks, in whatever order they are done."""

    def work(self, tasks: Iterable[Task], control: Control) -> Iterator[Pulled]:
        """What comes of each task; raises `CancelledError` when the control says so."""
        ...


class Alone:
    """This process, a row at a time.

    Parameters
    ----------
    count : how many tasks there are, for the bar.
    """

    def __init__(self, count: int) -> None:
        self._count = max(count, 1)

    def work(self, tasks: Iterable[Task], control: Control) -> Iterator[Pulled]:
        """Pull row by row, each with its own progress."""
        for done, task in enumerate(tasks):
            yield do_task(task, control.part(done / self._count, (done + 1) / self._count))


class Processes:
    """Several processes on this machine.

    Parameters
    ----------
    workers : how many. count : of tasks, for the bar.
    threads : of each; the machine's in equal parts for None.
    """

    def __init__(self, workers: int, count: int, *, threads: int | None = None) -> None:
        if not 1 <= workers <= MOST_WORKERS:
            raise ValueError(f"workers must be 1 to {MOST_WORKERS}, got {workers}")
        self._workers, self._count = workers, max(count, 1)
        self._threads = threads or max(1, (os.cpu_count() or 1) // workers)
        self._context = multiprocessing.get_context("spawn")
        self._stop: Event = self._context.Event()
        self._lost: set[int] = set()  # rows that were in work when a process died

    def work(self, tasks: Iterable[Task], control: Control) -> Iterator[Pulled]:
        """Hand rows out; one whose process died goes to another."""
        waiting, done = iter(tasks), 0
        again: list[Task] = []
        while True:
            with self._pool() as pool:
                flight: dict[Future[Pulled], Task] = {}
                try:
                    while self._hand_out(pool, flight, again, waiting):
                        ready, _ = wait(flight, _LOOK, FIRST_COMPLETED)
                        control.check()
                        for future in ready:
                            result = future.result()
                            del flight[future]
                            done += 1
                            control.step(done / self._count, "pulling rows")
                            yield result
                    return
                except BrokenProcessPool:
                    lost = list(flight.values())
            for task in lost:
                if task.index not in self._lost:
                    self._lost.add(task.index)
                    again.append(task)
                else:
                    done += 1
                    yield Pulled(task.index, fault="the process it ran in died, twice")

    def _hand_out(
        self,
        pool: ProcessPoolExecutor,
        flight: dict[Future[Pulled], Task],
        again: list[Task],
        waiting: Iterator[Task],
    ) -> bool:
        """Keep every worker busy; whether anything is in work.

        Rows whose process died go one at a time, so that it shows which of them it was.
        """
        while len(flight) < (1 if again or self._careful(flight) else _AHEAD * self._workers):
            task = again.pop() if again else next(waiting, None)
            if task is None:
                break
            try:
                flight[pool.submit(do_in_process, task)] = task
            except BrokenProcessPool:
                again.append(task)
                raise
        return bool(flight)

    def _careful(self, flight: dict[Future[Pulled], Task]) -> bool:
        return any(task.index in self._lost for task in flight.values())

    @contextmanager
    def _pool(self) -> Iterator[ProcessPoolExecutor]:
        pool = ProcessPoolExecutor(
            self._workers, mp_context=self._context, initializer=begin_process,
            initargs=(self._threads, self._stop),
        )  # fmt: skip
        try:
            yield pool
        except BaseException:
            self._stop.set()  # asks those at work to stop
            raise
        finally:
            pool.shutdown(wait=True, cancel_futures=True)


_stop: Event | None = None


def begin_process(threads: int, stop: Event) -> None:
    """What a worker's process begins with: its share of threads, and who tells it to stop."""
    global _stop
    _stop = stop
    use_threads(threads)


def do_in_process(task: Task) -> Pulled:
    """A task in a worker's process."""
    return do_task(task, None if _stop is None else Control(cancelled=_stop.is_set))
