"""How kernels are compiled: when they are first called, so that a start loads no compiler."""

from collections.abc import Callable
from functools import partial, update_wrapper
from threading import RLock
from types import FunctionType
from typing import Any

# What a kernel may assume of its numbers (Numba's `fastmath`) and still add in the same order and
# round at the same places on every processor: no NaNs, no infinities, no sign of zero.
STEADY = {"nnan", "ninf", "nsz"}

_lock = RLock()  # what is compiled is made once


class Later:
    """Something of Numba's that is made when it is first asked for.

    Attributes
    ----------
    real : what kernels that use it are compiled with.
    """

    def __init__(self, make: Callable[[], Any]) -> None:
        self._make, self._real = make, None

    @property
    def real(self) -> Any:
        """What it becomes; made once, whichever thread asks."""
        if self._real is None:
            with _lock:
                if self._real is None:
                    self._real = self._make()
        return self._real

    def __call__(self, *arguments: Any) -> Any:
        """Call what it becomes."""
        return (self._real or self.real)(*arguments)


class Kernel(Later):
    """A function in Python that is compiled when it is first called.

    Attributes
    ----------
    function : as it is written.
    """

    def __init__(self, function: Callable[..., Any], options: dict[str, Any]) -> None:
        super().__init__(partial(_compiled, function, options))
        self.function = function
        update_wrapper(self, function)


def compiled(**options: Any) -> Callable[[Callable[..., Any]], Kernel]:
    """Compile a function, with Numba's options, when it is first called."""
    return partial(_as_kernel, options)


def _as_kernel(options: dict[str, Any], function: Callable[..., Any]) -> Kernel:
    return Kernel(function, options)


# Without counting who holds an array (`_nrt`): for a few numbers the counts cost more than the
# work, and all threads wait for the same ones. Scenes are drawn in less than half the time, matches
# found in seven eighths. So none of these may make an array.
kernel = partial(compiled, cache=True, error_model="numpy", _nrt=False)
inner = partial(kernel, forceinline=True)


def _compiled(function: Any, options: dict[str, Any]) -> Any:
    """Numba's dispatcher of a function, in which other kernels stand for what they become."""
    from numba import njit

    from overlay.imaging.kernel_cache import heed_neighbours

    heed_neighbours()
    own = function.__globals__
    used = {n: own[n].real for n in function.__code__.co_names if isinstance(own.get(n), Later)}
    code, closure = function.__code__, function.__closure__
    linked = FunctionType(code, own | used, argdefs=function.__defaults__, closure=closure)
    linked.__qualname__, linked.__module__ = function.__qualname__, function.__module__
    made = njit(**options)(linked)
    made.get_call_template = partial(_of_any_number, made.get_call_template)
    return made


def _of_any_number(template: Callable[..., Any], args: Any, kws: Any) -> Any:
    """How Numba finds what one kernel calls in another, compiled for any number it is called with.

    By itself it compiles `noise(x, 3)` and `noise(x, 4)` as two: a seventh of a scene's kernels.
    """
    from numba.core.types import unliteral

    plain: Callable[[Any], Any] = unliteral
    return template(tuple(map(plain, args)), {name: plain(own) for name, own in kws.items()})
