"""Engines that can render a request: ours, and those that other packages bring.

A package offers one by an entry point in the group `overlay.engines` that names a function
`render(request, control) -> Render`, as `overlay.engine.sampler.render` is. A recipe chooses it by
its name, with the key `engine`.
"""

from collections.abc import Callable
from importlib.metadata import entry_points

from overlay.document.json_text import RecipeError
from overlay.document.recipe import OWN_ENGINE
from overlay.engine.control import Control
from overlay.engine.request import Render, Request
from overlay.engine.sampler import render

GROUP = "overlay.engines"
Engine = Callable[[Request, Control | None], Render]


def engine_names() -> tuple[str, ...]:
    """The names a recipe may choose from, ours first."""
    others = {point.name for point in entry_points(group=GROUP)} - {OWN_ENGINE}
    return OWN_ENGINE, *sorted(others)


def find_engine(name: str) -> Engine:
    """The engine of a name.

    Raises
    ------
    RecipeError
        If there is none of that name, or it cannot be loaded.
    """
    if name == OWN_ENGINE:
        return render
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
