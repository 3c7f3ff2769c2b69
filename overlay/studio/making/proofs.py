"""Proofs: a recipe rendered and measured."""

import hashlib
import json
from collections.abc import Collection
from dataclasses import dataclass, field
from typing import Any

from overlay import __version__
from overlay.document.part import default_of
from overlay.document.recipe import OWN_ENGINE, Recipe
from overlay.engine.control import Control
from overlay.engine.record import Influence, Trace
from overlay.engine.request import Engine, Frame
from overlay.engine.version import ENGINE_VERSION
from overlay.imaging.colour import ByteImage
from overlay.studio.inputs.digests import digest_of
from overlay.studio.inputs.paths import input_paths
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.engines import engine_mark, find_engine
from overlay.studio.making.groundwork import Groundwork
from overlay.studio.making.measuring import Notice, find_warnings, measure
from overlay.studio.passes.settle import settle

_LATER = ("stray", "words", "unknown", "placed")  # keys that came after the first proofs


@dataclass(frozen=True)
class Proof:
    """One result with all that belongs to it."""

    recipe: Recipe
    recipe_hash: str
    picture: ByteImage
    filmstrip: tuple[Frame, ...] = ()
    trace: Trace | None = None
    influence: Influence | None = None
    measures: dict[str, Any] = field(default_factory=dict)
    seconds: dict[str, float] = field(default_factory=dict)
    warnings: tuple[Notice, ...] = ()
    number: int = 0
    unkept: str | None = None  # why it is not on the shelf, if it is not
    engine_version: int = ENGINE_VERSION  # of ours, where that made it

    @property
    def engine(self) -> str:
        """What made it, as the report and the picture say."""
        return engine_mark(self.recipe.engine, self.engine_version)

    def report(self) -> dict[str, Any]:
        """The report as plain data, see `docs/recipe.md`."""
        height, width = self.picture.shape[:2]
        return {
            "overlay": __version__,
            "engine": self.engine,
            "recipe_hash": self.recipe_hash,
            "seconds": {key: round(value, 3) for key, value in self.seconds.items()},
            "size": [width, height],
            "measures": self.measures,
            "warnings": [{"code": w.code, "cue": w.cue, "text": w.text} for w in self.warnings],
        }


def hash_recipe(recipe: Recipe) -> str:
    """SHA-256 over the resolved recipe and the bytes of its inputs, hexadecimal.

    Where files lie does not count, only what is in them, and the version of the engine.
    """
    digests = {path: digest_of(path) for path in input_paths(recipe)}
    data = recipe.model_dump(mode="json")
    for key in _LATER:
        if getattr(recipe, key) == default_of(Recipe, key):
            del data[key]  # as it was before there was any, so that kept proofs are found
    text = json.dumps(data, sort_keys=True, ensure_ascii=False)
    for path, digest in sorted(digests.items(), key=lambda item: -len(item[0])):
        text = text.replace(json.dumps(path, ensure_ascii=False), json.dumps(digest))
    return hashlib.sha256(f"{ENGINE_VERSION}\n{text}".encode()).hexdigest()


def make_proof(
    recipe: Recipe,
    store: PictureStore,
    control: Control | None = None,
    *,
    engines: Collection[str] = (),
    own: Engine | None = None,
) -> Proof:
    """Render and measure a recipe with absolute paths.

    Parameters
    ----------
    engines : those of other packages that may run.
    own : renders the base in place of our engine, to the same bytes, as for one of many that have
        their beginnings in common.

    Raises
    ------
    RecipeError, PictureError
        If the recipe or an input is wrong.
    CancelledError
        If the control says so.
    """
    control = Control() if control is None else control
    recipe_hash = hash_recipe(recipe)
    render = find_engine(recipe.engine, engines)
    work = Groundwork(recipe, store)
    request = work.request
    control.check()
    share = 0.95 / (1 + 0.6 * len(recipe.passes))
    # A proof that differs in its later passes alone has the same base, which need not run again.
    base = hash_recipe(recipe.model_copy(update={"passes": ()})) if recipe.passes else recipe_hash
    first = own if own is not None and recipe.engine == OWN_ENGINE else render
    done = store.stages.base(base, lambda: first(request, control.part(0.0, share)))
    masks, opens = work.masks, work.open_borders
    for i, wanted in enumerate(recipe.passes):
        begin = share * (1 + 0.6 * i)
        control.step(begin, "settling")
        later = control.part(begin, begin + 0.6 * share)
        done = settle(request, done, wanted, masks=masks, opens=opens, render=render, control=later)
    control.step(0.95, "measuring")
    return Proof(
        recipe,
        recipe_hash,
        done.picture,
        done.filmstrip,
        done.trace,
        done.influence,
        measure(request, done, masks, opens, control, depth=work.depth),
        done.seconds,
        tuple(find_warnings(request)),
    )
