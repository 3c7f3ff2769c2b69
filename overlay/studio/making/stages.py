"""The stages of a proof: the base run, then its passes, each begun where one is kept already."""

from dataclasses import replace
from typing import Any

import numpy as np

from overlay.document.passes import AnyPass, Enlarge, Refine, active
from overlay.document.recipe import Recipe
from overlay.engine.control import Control
from overlay.engine.request import Engine, Frame, Render
from overlay.imaging.files import thumbnail
from overlay.imaging.resample import resize
from overlay.measures.repeats import LONG
from overlay.studio.inputs.stages import BASE, Stage, Staged, StageStore
from overlay.studio.making.groundwork import Groundwork
from overlay.studio.making.hashing import hash_recipe, up_to
from overlay.studio.making.measuring import measure
from overlay.studio.passes.enlarge import enlarge
from overlay.studio.passes.refine import refine
from overlay.studio.passes.settle import settle
from overlay.studio.passes.stand import Stand, grown

_FILM = 384  # longer side of a frame of the filmstrip, pixels
_COST = 0.6  # of a pass beside the base run, for the bar
_RUN = 0.94  # of a stage's part of the bar; the rest is for measuring it
_DOING = {"settle": "settling", "refine": "refining", "enlarge": "enlarging"}
_NOTHING = np.zeros((0, 0, 3), np.uint8)


def make_stages(
    recipe: Recipe,
    work: Groundwork,
    control: Control,
    *,
    first: Engine,
    render: Engine,
    kept: StageStore,
) -> Staged:
    """Run what is not kept of the base and the passes that are on; the last stage.

    Parameters
    ----------
    first : renders the base. render : renders passes.

    Raises
    ------
    CancelledError
        If the control says so.
    """
    passes = active(recipe.passes)
    keys = [hash_recipe(up_to(recipe, count)) for count in range(len(passes) + 1)]
    last, staged = _last_kept(keys, kept)
    base = Stand(work.request, Render(_NOTHING), work.masks, work.open_borders)
    ends = np.cumsum([0.0, 1.0, *(_COST for _ in passes)])
    ends /= ends[-1]
    for i in range(last + 1, len(keys)):
        part = control.part(float(ends[i]), float(ends[i + 1]))
        run = part.part(0.0, _RUN)
        if staged is None:
            done = first(work.request, run)
        else:
            wanted = passes[i - 1]
            known = f"{staged.stages[-1].kind} kept, " if last == i - 1 else ""
            run.step(0.0, known + _DOING[wanted.kind])
            done = _run_pass(wanted, grown(base, staged.done), render, run)
        part.step(_RUN, "measuring")
        kind = passes[i - 1].kind if i else BASE
        staged = _staged(staged, kind, keys[i], done, _measured(work, done, base, control))
        kept.keep(keys[i], staged)
    assert staged is not None
    return staged


def _last_kept(keys: list[str], kept: StageStore) -> tuple[int, Staged | None]:
    """The last stage that need not run, and its place; -1 and None where all must."""
    for i in reversed(range(len(keys))):
        staged = kept.find(keys[i])
        if staged is not None:
            return i, staged
    return -1, None


def _staged(
    before: Staged | None, kind: str, key: str, done: Render, measures: dict[str, Any]
) -> Staged:
    """A stage with those before it."""
    height, width = done.picture.shape[:2]
    spent = _seconds(done) - (0.0 if before is None else _seconds(before.done))
    stages = () if before is None else before.stages
    if before is not None:
        frame = Frame(
            done.filmstrip[-1].step + 1 if done.filmstrip else 0,
            1.0 + len(stages),
            thumbnail(done.picture, _FILM),
        )
        done = replace(done, filmstrip=(*done.filmstrip, frame))
    return Staged(done, (*stages, Stage(kind, key, (width, height), spent, measures)))


def _run_pass(wanted: AnyPass, stand: Stand, render: Engine, control: Control) -> Render:
    if isinstance(wanted, Enlarge):
        return enlarge(stand, wanted, render, control)
    if isinstance(wanted, Refine):
        return refine(stand, wanted, render, control)
    return settle(stand, wanted, render, control)


def _seconds(done: Render) -> float:
    return done.seconds.get("total", 0.0) + done.seconds.get("enlarge", 0.0)


def _measured(work: Groundwork, done: Render, base: Stand, control: Control) -> dict[str, Any]:
    """Measures, of an enlarged picture at the size of the base, so that stages can be compared."""
    request = work.request
    growth = done.picture.shape[0] / request.height
    if growth != 1:
        reduced = resize(done.picture.astype(np.float32), request.height, request.width)
        done = replace(done, picture=np.clip(np.rint(reduced), 0, 255).astype(np.uint8))
    return measure(
        request, done, base.masks, base.opens, control, depth=work.depth, longest=LONG * growth
    )
