"""Compiling the kernels ahead of the first pull; they are cached on disk for later starts."""

import os
import subprocess
import sys
import time
from collections.abc import Callable, Iterator
from contextlib import contextmanager
from typing import Any

import numpy as np

from overlay.engine.control import Control
from overlay.engine.octave.octave import add_octave
from overlay.engine.request import Facets, GuideCue, Request, StyleCue
from overlay.engine.sampler import render
from overlay.engine.sequence.frame import render_frame
from overlay.enlarging.faithful import enlarge
from overlay.guides.edges import EdgeOptions, contour_reach, lightness_of
from overlay.imaging.kernel_cache import is_kept
from overlay.motion.flow import Motion
from overlay.regions.strokes import draw_strokes, fill_outline
from overlay.studio.making.measuring import measure
from overlay.words.language.grammar import read_prompt
from overlay.words.picture import draw_words
from overlay.words.stage.sky import sky_light

_SIDE = 64
_PAUSE = 0.1  # seconds between looks at the other process


def warm_kernels(control: Control | None = None) -> None:
    """Run all there is once on a tiny picture, so that everything is compiled.

    Pulls come first, then frames of sequences; what words and enlarging need is compiled beside
    them by another process, as Numba compiles one kernel at a time in each.
    """
    control = Control() if control is None else control
    with _compiled_beside(_BESIDE, control, of=sky_light) as done:
        for name in WARMINGS:
            if name == _BESIDE[0]:
                done()
            WARMINGS[name](control)
            control.check()


@contextmanager
def _compiled_beside(
    names: tuple[str, ...], control: Control, *, of: Any
) -> Iterator[Callable[[], None]]:
    """Another process that compiles some of the warmings; gives what waits for its end.

    None where the kernel it is known by was compiled before, or where there is one core.
    """
    if is_kept(of.real) or (os.cpu_count() or 1) < 2:
        yield lambda: None
        return
    with subprocess.Popen(
        [sys.executable, "-m", __name__, *names],
        stdin=subprocess.DEVNULL, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL,
    ) as other:  # fmt: skip

        def done() -> None:
            while other.poll() is None:
                control.check()
                time.sleep(_PAUSE)

        try:
            yield done
        finally:
            other.kill()


def _warm_pulls(control: Control) -> None:
    """A run with its measures, and what is painted by hand."""
    request = _tiny_request()
    done = render(request, control)
    measure(request, done, {}, {}, control)
    outline = ((0.2, 0.2), (0.8, 0.3), (0.5, 0.8))
    fill_outline(outline, 48, 64)
    draw_strokes([(outline, 0.1)], 48, 64)


def _warm_words(control: Control) -> None:
    control.check()
    draw_words(read_prompt("heron, canal, mist"), (48, 32))


def _warm_enlarging(control: Control) -> None:
    """What the references' octave is laid on."""
    control.check()
    enlarge(np.zeros((_SIDE, _SIDE, 3), np.uint8), 96, 96)


def _warm_octave(control: Control) -> None:
    """The pass that enlarges."""
    request = _tiny_request()
    done = render(request, control)
    if done.trace is not None:
        add_octave(enlarge(done.picture, 96, 96), done.trace, request, 1.5, 1.0)


def _warm_frames(control: Control) -> None:
    """Two frames, the second carried from the first."""
    request = _tiny_request()
    _, before = render_frame(request, None, None, 1.0, control)
    still = Motion(np.zeros((_SIDE, _SIDE, 2), np.float32), np.ones((_SIDE, _SIDE), np.float32))
    render_frame(request, before, still, 1.0, control)


WARMINGS: dict[str, Callable[[Control], None]] = {
    "pulls": _warm_pulls, "frames": _warm_frames, "words": _warm_words,
    "enlarging": _warm_enlarging, "octave": _warm_octave,
}  # fmt: skip
_BESIDE = ("words", "enlarging")


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


if __name__ == "__main__":
    for warming in sys.argv[1:]:
        WARMINGS[warming](Control())
