"""Engines that can render a request: ours, and those that other packages bring.

A package offers one by an entry point in the group `overlay.engines` that names a function
`render(request, control) -> Render`, as `overlay.engine.sampler.render` is. A recipe chooses it by
its name, with the key `engine`. Loading one runs that package's code, so a recipe alone never does
it: the artist allows each once.
"""

import sys
from collections.abc import Callable, Collection
from functools import lru_cache
from importlib.metadata import entry_points

from overlay.document.recipe import OWN_ENGINE
from overlay.document.text.json_text import RecipeError
from overlay.engine.request import Engine
from overlay.engine.sampler import render
from overlay.engine.version import ENGINE_VERSION

GROUP = "overlay.engines"


def engine_names() -> tuple[str, ...]:
    """The names a recipe may choose from, ours first."""
    return _names_on(tuple(sys.path))


@lru_cache(maxsize=4)
def _names_on(_path: tuple[str, ...]) -> tuple[str, ...]:
    """The same, kept while packages come from the same places: looking takes 60 ms."""
    others = {point.name for point in entry_points(group=GROUP)} - {OWN_ENGINE}
    return OWN_ENGINE, *sorted(others)


def engine_mark(name: str, version: int = ENGINE_VERSION) -> str:
    """What a report and a picture say of the engine that made them: our version after our name."""
    return f"{name} {version}" if name == OWN_ENGINE else name


def engine_package(name: str) -> str | None:
    """The package that brings an engine, None for ours and for unknown ones; loads nothing."""
    for point in entry_points(group=GROUP) if name != OWN_ENGINE else ():
        if point.name == name:
            return "an unknown package" if point.dist is None else point.dist.name
    return None


def find_engine(name: str, allowed: Collection[str] = ()) -> Engine:
    """The engine of a name.

    Parameters
    ----------
    allowed : the engines of other packages whose code may run.

    Raises
    ------
    RecipeError
        If there is none of that name, or it is not allowed, or cannot be loaded.
    """
    if name == OWN_ENGINE:
        return render
    package = engine_package(name)
    if package is not None and name not in allowed:
        raise RecipeError(
            f"engine: code of {package} must be allowed by --engine {name}, or when the window "
            f"asks; got {name!r} in a recipe alone"
        )
    for point in entry_points(group=GROUP):
        if point.name == name:
            return _loaded(name, point.load)
    known = ", ".join(engine_names())
    raise RecipeError(f"engine: must be one of {known}, got {name!r}")


def _loaded(name: str, load: Callable[[], object]) -> Engine:
    try:
        engine = load()
    except Exception as error:  # whatever a foreign package raises
        raise RecipeError(f"engine: {name!r} cannot be loaded: {error}") from error
    if not callable(engine):
        raise RecipeError(f"engine: {name!r} must be a function, got {type(engine).__name__}")
    return engine
