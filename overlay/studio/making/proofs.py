"""Proofs: a recipe rendered and measured."""

from collections.abc import Collection
from dataclasses import dataclass, field
from typing import Any

from overlay.document.recipe import OWN_ENGINE, Recipe
from overlay.engine.control import Control
from overlay.engine.record import Influence, Trace
from overlay.engine.request import Engine, Frame
from overlay.engine.version import ENGINE_VERSION
from overlay.imaging.colour import ByteImage
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.inputs.stages import Stage, StageStore
from overlay.studio.making.engines import engine_mark, find_engine
from overlay.studio.making.groundwork import Groundwork
from overlay.studio.making.hashing import hash_recipe
from overlay.studio.making.measuring import Notice, find_warnings
from overlay.studio.making.stages import make_stages
from overlay.version import __version__


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
    stages: tuple[Stage, ...] = ()  # the base and each pass, where there are passes

    @property
    def engine(self) -> str:
        """What made it, as the report and the picture say."""
        return engine_mark(self.recipe.engine, self.engine_version)

    def report(self) -> dict[str, Any]:
        """The report as plain data, see `docs/recipe.md`."""
        height, width = self.picture.shape[:2]
        report = {
            "overlay": __version__,
            "engine": self.engine,
            "recipe_hash": self.recipe_hash,
            "seconds": {key: round(value, 3) for key, value in self.seconds.items()},
            "size": [width, height],
            "measures": self.measures,
            "warnings": [{"code": w.code, "cue": w.cue, "text": w.text} for w in self.warnings],
        }
        if self.stages:
            report["stages"] = [stage.report() for stage in self.stages]
        return report


def make_proof(
    recipe: Recipe,
    store: PictureStore,
    control: Control | None = None,
    *,
    engines: Collection[str] = (),
    own: Engine | None = None,
    stages: StageStore | None = None,
) -> Proof:
    """Render and measure a recipe with absolute paths.

    Parameters
    ----------
    engines : those of other packages that may run.
    own : renders the base in place of our engine, to the same bytes, as for one of many that have
        their beginnings in common.
    stages : where base runs and passes are found that need not run again; the store's own without.

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
    request = work.request  # what is wrong with it is said before anything runs
    control.check()
    first = own if own is not None and recipe.engine == OWN_ENGINE else render
    kept = store.stages if stages is None else stages
    part = control.part(0.0, 0.99)
    last = make_stages(recipe, work, part, first=first, render=render, kept=kept)
    done = last.done
    return Proof(
        recipe,
        recipe_hash,
        done.picture,
        done.filmstrip,
        done.trace,
        done.influence,
        last.stages[-1].measures,
        done.seconds,
        tuple(find_warnings(request)),
        stages=last.stages if len(last.stages) > 1 else (),
    )
