"""A small signal for models that know nothing of who watches them."""

from collections.abc import Callable
from typing import Generic, ParamSpec

P = ParamSpec("P")


class Announcement(Generic[P]):
    """Calls its listeners in the order they came, on the thread that emits."""

    def __init__(self) -> None:
        self._listeners: list[Callable[P, object]] = []

    def connect(self, listener: Callable[P, object]) -> None:
        """Have `listener` called from now on."""
        self._listeners.append(listener)

    def emit(self, *args: P.args, **kwargs: P.kwargs) -> None:
        """Call every listener."""
        for listener in tuple(self._listeners):
            listener(*args, **kwargs)
