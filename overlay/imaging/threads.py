"""On how many threads the numeric work of a thread is spread."""

import os
from threading import local

_own = local()


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
