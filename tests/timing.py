"""Time limits that hold on a busy and on a slower machine: a thread's own time, in its measure."""

import time
from collections.abc import Callable

_LOOP = 0.018  # seconds of the loop below on the machine the limits were set on


def thread_seconds(do: Callable[[], object]) -> float:
    """Seconds of this thread that something takes."""
    before = time.thread_time()
    do()
    return time.thread_time() - before


def least_seconds(do: Callable[[], object], tries: int = 3) -> float:
    """The least of some tries."""
    return min(thread_seconds(do) for _ in range(tries))


def slower() -> float:
    """How many times slower this machine is now than the one the limits were set on; 1 at least."""

    def loop() -> None:
        total = 0
        for number in range(100_000):
            total += number * number % 7

    return max(1.0, least_seconds(loop) / _LOOP)
