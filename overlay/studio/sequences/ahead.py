"""Things made one after another, each while the one before is used."""

from collections.abc import Generator, Iterator
from concurrent.futures import ThreadPoolExecutor
from typing import TypeVar

from overlay.imaging.rows import thread_count, use_threads

T = TypeVar("T")


def one_ahead(things: Generator[T, None, None]) -> Iterator[T]:
    """What a generator yields, in its order; the next one is made by another thread meanwhile.

    What it raises is raised when that one's turn comes. It is closed at the end, also where one
    leaves early: then what is in the making is waited for. Where this thread has no other for its
    work, nothing is made ahead.
    """
    try:
        if thread_count() < 2:
            yield from things
            return
        with ThreadPoolExecutor(1, "ahead", use_threads, (thread_count(),)) as pool:
            coming = pool.submit(next, things, None)
            while (thing := coming.result()) is not None:
                coming = pool.submit(next, things, None)
                yield thing
    finally:
        things.close()
