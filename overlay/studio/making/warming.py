"""Compiling the kernels ahead of the first pull; they are cached on disk for later starts."""

from collections.abc import Callable

import numpy as np

from overlay.engine.control import Control
from overlay.engine.octave.octave import add_octave
from overlay.engine.request import Facets, GuideCue, Request, StyleCue
from overlay.engine.sampler import render
from overlay.engine.sequence.frame import render_frame
from overlay.enlarging.faithful import enlarge
from overlay.guides.edges import EdgeOptions, contour_reach, lightness_of
from overlay.motion.flow import Motion
from overlay.regions.strokes import draw_strokes, fill_outline
from overlay.studio.making.measuring import measure
from overlay.words.language.grammar import read_prompt
from overlay.words.picture import draw_words

_SIDE = 64


def warm_kernels(control: Control | None = None) -> None:
    """Run all there is once on a tiny picture, so that everything is compiled.

    Pulls come first; then words, and frames of sequences.
    """
    control = Control() if control is None else control
    for warm in WARMINGS.values():
        warm(control)
        control.check()


def _warm_pulls(control: Control) -> None:
    """A run with its measures, passes, and what is painted by hand."""
    request = _tiny_request()
    done = render(request, control)
    measure(request, done, {}, {}, control)
    if done.trace is not None:
        add_octave(enlarge(done.picture, 96, 96), done.trace, request, 1.5, 1.0)
    outline = ((0.2, 0.2), (0.8, 0.3), (0.5, 0.8))
    fill_outline(outline, 48, 64)
    draw_strokes([(outline, 0.1)], 48, 64)


def _warm_words(control: Control) -> None:
    control.check()
    draw_words(read_prompt("heron, canal, mist"), (48, 32))


def _warm_frames(control: Control) -> None:
    """Two frames, the second carried from the first."""
    request = _tiny_request()
    _, before = render_frame(request, None, None, 1.0, control)
    still = Motion(np.zeros((_SIDE, _SIDE, 2), np.float32), np.ones((_SIDE, _SIDE), np.float32))
    render_frame(request, before, still, 1.0, control)


WARMINGS: dict[str, Callable[[Control], None]] = {
    "pulls": _warm_pulls, "words": _warm_words, "frames": _warm_frames,
}  # fmt: skip


def _tiny_request() -> Request:
    """A run that asks for all there is."""
    rng = np.random.default_rng(0)
    source = rng.integers(0, 256, (_SIDE, _SIDE, 3), dtype=np.uint8)
    options = EdgeOptions()
    guide = GuideCue("edges", contour_reach(source, options), lightness_of(source), options.sigma)
    styles = (
        StyleCue("one", source[::-1].copy(), Facets(1, 1, 1), region=np.ones((64, 64), np.float32)),
        StyleCue("two", source.copy(), Facets(0, 1, 0), scale=0.5),
        StyleCue("three", source[:1, :5].copy(), Facets(1, 0, 0)),
    )
    return Request(
        _SIDE, _SIDE, steps=4, departure=1.0, source=source, styles=styles, guides=(guide,)
    )
