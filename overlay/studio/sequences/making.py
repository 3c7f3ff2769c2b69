"""A sequence in work: frame after frame, each held to the one before, and how steady they are."""

import tempfile
import time
from collections.abc import Generator, Iterator
from dataclasses import dataclass, field
from pathlib import Path
from typing import Any, NamedTuple

import numpy as np

from overlay.document.passes import active
from overlay.document.recipe import OWN_ENGINE, Recipe
from overlay.document.sets.sequences import Sequence
from overlay.document.text.json_text import RecipeError
from overlay.engine.control import Control
from overlay.engine.request import Request
from overlay.engine.sequence.film import Film
from overlay.engine.sequence.frame import render_frame
from overlay.imaging.colour import ByteImage, srgb_to_work
from overlay.imaging.files import write_picture
from overlay.motion.flicker import change, flicker
from overlay.motion.flow import SURE, Motion, find_motion, opencv
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.groundwork import Groundwork
from overlay.studio.making.hashing import hash_recipe
from overlay.studio.sequences.ahead import one_ahead
from overlay.studio.sequences.frames import Frames, open_frames
from overlay.studio.sequences.keys import check_keys, frame_recipe


@dataclass(frozen=True)
class Made:
    """One frame that is there.

    Attributes
    ----------
    number : from 1. recipe : of it, its source where the frame was read from.
    changes : how much it and its source changed from the frame before, where the flow is sure; None
    for the first, for a cut, and where nothing is. cut : whether another scene begins.
    """

    number: int
    picture: ByteImage
    source: ByteImage
    recipe: Recipe
    recipe_hash: str
    seconds: float
    changes: tuple[float, float] | None
    cut: bool


@dataclass
class Outcome:
    """How a sequence went; frames themselves are not held."""

    changes: list[tuple[float, float]] = field(default_factory=list)
    seconds: list[float] = field(default_factory=list)
    lines: list[dict[str, Any]] = field(default_factory=list)

    def take(self, made: Made, file: str | None = None) -> None:
        """Note a frame."""
        if made.changes is not None:
            self.changes.append(made.changes)
        self.seconds.append(made.seconds)
        own = None if made.changes is None else flicker([made.changes])
        self.lines.append(
            {
                "file": file,
                "recipe_hash": made.recipe_hash,
                "seconds": round(made.seconds, 3),
                "flicker": None if own is None else round(own, 2),
                "cut": made.cut,
            }
        )

    def report(self) -> dict[str, Any]:
        """The report as plain data, see `docs/recipe.md`."""
        steady = flicker(self.changes)
        return {
            "frames": self.lines,
            "flicker": None if steady is None else round(steady, 3),
            "seconds": round(sum(self.seconds), 3),
        }


def check_sequence(sequence: Sequence) -> Frames:
    """Its frames, if it can be made; else `RecipeError`, `PictureError`, or an extra is missing."""
    check_keys(sequence)
    if sequence.recipe.engine != OWN_ENGINE:
        raise RecipeError(f"engine: sequences need {OWN_ENGINE}, got {sequence.recipe.engine!r}")
    if active(sequence.recipe.passes):
        raise RecipeError(
            "passes: frames of a sequence have none, got "
            f"{len(active(sequence.recipe.passes))}; enlarge them afterwards"
        )
    opencv()
    return open_frames(Path(sequence.frames))


def make_sequence(
    sequence: Sequence, frames: Frames, control: Control, *, first: int = 1, last: int | None = None
) -> Iterator[Made]:
    """Render frames one after another.

    Parameters
    ----------
    frames : from `check_sequence`.
    first, last : which of them, counted from 1; the ones before are not looked at. While one is
    rendered the next one is read, its maps made and its motion found.

    Raises
    ------
    RecipeError, PictureError
        If a frame cannot be read or has no recipe; the ones before it are there.
    CancelledError
        If the control says so.
    """
    end = last or frames.count
    total = None if end is None else max(end - first + 1, 1)
    state = _State()
    control.step(0.0, f"frame {first}")  # its maps are made before it is rendered
    shots = one_ahead(_shots(sequence, frames, control, first, last))
    while True:
        began = time.perf_counter()
        shot = next(shots, None)
        if shot is None:
            return
        done = shot.number - first
        whole = total or shot.number
        part = control.part(done / whole, min((done + 1) / whole, 1.0))
        yield state.make(sequence, shot, began, part)


class _Shot(NamedTuple):
    """A frame that can be rendered."""

    number: int
    recipe: Recipe
    recipe_hash: str
    request: Request
    source: ByteImage
    motion: Motion | None


def _shots(
    sequence: Sequence, frames: Frames, control: Control, first: int, last: int | None
) -> Generator[_Shot, None, None]:
    """Frames one after another, read, their maps and motion found."""
    store, before = PictureStore(), None
    with tempfile.TemporaryDirectory(prefix="overlay-frames-") as folder:
        for number, frame in enumerate(frames, 1):
            if number < first:
                continue
            if last is not None and number > last:
                return
            control.check()
            path = Path(folder) / f"{number:05}.png"
            write_picture(path, frame)
            recipe = frame_recipe(sequence, number, str(path))
            request = Groundwork(recipe, store).request
            assert request.source is not None
            named = hash_recipe(recipe)
            path.unlink()
            control.check()
            motion = _motion(request.source, before)
            before = request.source
            yield _Shot(number, recipe, named, request, before, motion)


def _motion(source: ByteImage, before: ByteImage | None) -> Motion | None:
    if before is None:
        return None
    if before.shape != source.shape:
        raise RecipeError(
            f"size: must be the same for all frames, got {source.shape[1]}x{source.shape[0]}"
        )
    return find_motion(source, before)


@dataclass
class _State:
    """What the next frame builds on."""

    film: Film | None = None
    source: ByteImage | None = None
    picture: ByteImage | None = None

    def make(self, sequence: Sequence, shot: _Shot, began: float, control: Control) -> Made:
        """Render a frame; `began` is when it was asked for."""
        control.step(0.0, f"frame {shot.number}")
        motion, run = shot.motion, control.part(0.0, 0.95)
        picture, film = render_frame(shot.request, self.film, motion, sequence.held, run)
        spent = time.perf_counter() - began
        changes = self._changes(picture, shot.source, motion)
        cut = motion is not None and motion.is_cut
        self.film, self.source, self.picture = film, shot.source, picture
        return Made(
            shot.number, picture, shot.source, shot.recipe, shot.recipe_hash, spent, changes, cut
        )

    def _changes(
        self, picture: ByteImage, source: ByteImage, motion: Motion | None
    ) -> tuple[float, float] | None:
        if motion is None or motion.is_cut or self.picture is None or self.source is None:
            return None
        pairs = ((picture, self.picture), (source, self.source))
        sure = np.asarray(motion.sure > SURE)
        found = [
            change(srgb_to_work(now), srgb_to_work(old), motion.flow, sure) for now, old in pairs
        ]
        return None if found[0] is None or found[1] is None else (found[0], found[1])
