"""Kernels that go row by row on several threads, with the same bytes on any number of them."""

import os
from collections.abc import Callable, Iterator, Sequence
from concurrent.futures import Future, ThreadPoolExecutor
from functools import cache
from itertools import pairwise
from threading import local
from typing import Any, TypeVar

from overlay.imaging.kernel import compiled

_SHARES = 4  # stretches a thread, so that none waits long for the slowest
T = TypeVar("T")
R = TypeVar("R")
_FEWEST = 24  # rows; fewer are done before another thread has begun
_own = local()  # each thread's wish how many others it is to have


def most_threads() -> int:
    """As many as there are cores for this process, or `NUMBA_NUM_THREADS` where that is set."""
    named = os.environ.get("NUMBA_NUM_THREADS", "")
    return int(named) if named.isdecimal() and int(named) else len(os.sched_getaffinity(0))


def thread_count() -> int:
    """Threads that this thread's work is spread on; all there are unless it asked for fewer."""
    return getattr(_own, "count", None) or most_threads()


def use_threads(count: int) -> None:
    """Have this thread's work spread on so many, at most all there are; 0 for all."""
    if count < 0:
        raise ValueError(f"threads must be at least 0, got {count}")
    _own.count = min(count, most_threads()) if count else None


class RowKernel:
    """A kernel over rows; called with their number, and with what it takes beside.

    Attributes
    ----------
    kernel : compiled, takes the first row and the one after the last before its other arguments.
    Rows must not read what other rows write.
    fewest : rows that several threads are worth their while for.
    """

    def __init__(self, kernel: Callable[..., None], fewest: int = _FEWEST) -> None:
        self.kernel, self.fewest = kernel, fewest

    def __call__(self, rows: int, *arguments: Any) -> None:
        """Do all of so many rows; returns when the last of them is done."""
        threads = min(thread_count(), rows) if rows >= self.fewest else 1
        if threads < 2:
            self.kernel(0, rows, *arguments)
            return
        parts = min(_SHARES * threads, rows)
        bounds = [rows * k // parts for k in range(parts + 1)]
        stretches = iter(list(pairwise(bounds)))
        others = self._helped(threads - 1, stretches, arguments)
        self._work(stretches, arguments)
        for other in others:
            other.result()

    def _helped(
        self, helpers: int, stretches: Iterator[tuple[int, int]], arguments: tuple[Any, ...]
    ) -> list[Future[None]]:
        """Other threads at the same work; none once the interpreter ends."""
        try:
            return [_pool().submit(self._work, stretches, arguments) for _ in range(helpers)]
        except RuntimeError:  # a run that is not yet stopped goes on by itself
            return []

    def _work(self, stretches: Iterator[tuple[int, int]], arguments: tuple[Any, ...]) -> None:
        for first, last in stretches:  # a list's iterator gives each to one thread only
            self.kernel(first, last, *arguments)


def by_rows(*, fewest: int = _FEWEST, **options: Any) -> Callable[[Callable[..., None]], RowKernel]:
    """Compile a function of `(from_row, to_row, ...)` that does these rows, without the lock.

    Numba's own parallel loops take three times as long to compile, and one at a time in a process.
    """

    made = compiled(cache=True, nogil=True, **options)
    return lambda function: RowKernel(made(function), fewest)


def side_by_side(work: Callable[[T], R], items: Sequence[T]) -> list[R]:
    """What work makes of each item, on several threads where that is asked for; in their order.

    For work that leaves the lock alone; the first item, on this thread, should be the longest.
    """
    if thread_count() < 2 or len(items) < 2:
        return [work(item) for item in items]
    try:
        others = [_pool().submit(work, item) for item in items[1:]]
    except RuntimeError:  # the interpreter ends
        return [work(item) for item in items]
    return [work(items[0]), *(other.result() for other in others)]


@cache
def _pool() -> ThreadPoolExecutor:
    return ThreadPoolExecutor(os.cpu_count(), "rows")
