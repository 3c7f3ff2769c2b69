"""Enlarging: the picture larger, with the references' own finer detail where it is asked for."""

import time
from collections.abc import Callable
from dataclasses import replace
from functools import partial

from overlay.document.passes import RUN_FROM, Enlarge
from overlay.engine.control import Control
from overlay.engine.octave.octave import add_octave
from overlay.engine.record import Trace
from overlay.engine.request import Engine, Render
from overlay.engine.retracing import enlarged_trace, laid_over
from overlay.enlarging.faithful import enlarge as enlarge_faithfully
from overlay.imaging.colour import ByteImage
from overlay.studio.passes.once_more import marking, once_more
from overlay.studio.passes.stand import Stand, drawn_over, grown

Drawn = tuple[ByteImage, Trace | None]

_OCTAVE = 2.0  # factor that is gone at a time
_RUN_MORE = 2.0  # departure of a run for each that is asked for beyond the octave


def enlarge(stand: Stand, wanted: Enlarge, render: Engine, control: Control) -> Render:
    """Enlarge a proof.

    At departure 0 faithfully, with nothing added. Above, marks that grow are drawn again from the
    references at a finer size, gently at first and wholly at `RUN_FROM`; further, and where marks
    stay as fine, the picture is run again at its new size.

    Returns
    -------
    The picture, with the influence of the base run and the trace of what is seen.
    """
    began = time.perf_counter()
    grow = wanted.marks == "grow"
    runs = wanted.runs and bool(marking(stand, wanted))
    share = 0.4 if runs else 1.0
    height, width = (round(side * wanted.factor) for side in stand.done.picture.shape[:2])
    strength = min(wanted.departure / RUN_FROM, 1.0) if grow else 0.0
    done = _octaves(stand, wanted, (height, width), strength, control.part(0.0, share))
    seconds = dict(done.seconds)
    seconds["enlarge"] = seconds.get("enlarge", 0.0) + time.perf_counter() - began
    done = replace(done, seconds=seconds)
    if not runs:
        return done
    at_size = grown(stand, done)
    more = _RUN_MORE * (wanted.departure - RUN_FROM) if grow else wanted.departure
    again = once_more(
        at_size, wanted.model_copy(update={"departure": more}), marking(at_size, wanted),
        done.picture, finer=1.0 if grow else wanted.factor, colours=True,
    )  # fmt: skip
    # Finer marks come in place of the enlarged ones, which are no marks to be kept.
    again = replace(again, marked=grow, begun=done.trace if grow else None)
    return drawn_over(done, render(again, control.part(share, 1.0)))


def _octaves(
    stand: Stand, wanted: Enlarge, size: tuple[int, int], strength: float, control: Control
) -> Render:
    """Enlarged by two at most at a time, the marks drawn again each time."""
    done = stand.done
    now = done.picture.shape[:2]
    steps = [size] if size[0] <= _OCTAVE * now[0] else [(2 * now[0], 2 * now[1]), size]
    for number, (height, width) in enumerate(steps):
        part = control.part(number / len(steps), (number + 1) / len(steps))
        half = part.part(0.0, 0.4 if strength else 1.0)
        say = partial(_say, half, "enlarging")
        picture = enlarge_faithfully(done.picture, height, width, report=say)
        say = partial(_say, part.part(0.4, 1.0), "drawing finer marks")
        drawn = None
        if strength and done.trace is not None:
            drawn = partial(
                add_octave, request=stand.request, strength=strength, report=say,
                cues=None if wanted.cues is None else frozenset(wanted.cues),
            )  # fmt: skip
        done = _enlarged(done, picture, drawn)
    return done


def _enlarged(done: Render, picture: ByteImage, draw: Callable[..., Drawn] | None) -> Render:
    """The enlarged picture, its marks drawn again as far as they are, with its trace."""
    if done.trace is None:
        return replace(done, picture=picture)
    height, width = picture.shape[:2]
    factor = height / done.picture.shape[0]
    trace = enlarged_trace(done.trace, height, width, factor)
    if draw is not None:
        picture, finer = draw(picture, done.trace, factor=factor)
        trace = trace if finer is None else laid_over(trace, finer)
    return replace(done, picture=picture, trace=trace)


def _say(control: Control, stage: str, share: float) -> None:
    control.step(share, stage)
