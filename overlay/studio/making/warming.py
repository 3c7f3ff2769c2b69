"""Compiling the kernels ahead of the first pull; they are cached on disk for later starts."""

import numpy as np

from overlay.engine.control import Control
from overlay.engine.octave.octave import add_octave
from overlay.engine.request import Facets, GuideCue, Request, StyleCue
from overlay.engine.sampler import render
from overlay.enlarging.faithful import enlarge
from overlay.guides.edges import EdgeOptions, contour_reach, lightness_of


def warm_kernels(control: Control | None = None) -> None:
    """Run the whole engine once on a tiny picture, so that everything is compiled."""
    rng = np.random.default_rng(0)
    source = rng.integers(0, 256, (64, 64, 3), dtype=np.uint8)
    options = EdgeOptions()
    guide = GuideCue("edges", contour_reach(source, options), lightness_of(source), options.sigma)
    styles = (
        StyleCue("one", source[::-1].copy(), Facets(1, 1, 1), region=np.ones((64, 64), np.float32)),
        StyleCue("two", source.copy(), Facets(0, 1, 0), scale=0.5),
    )
    request = Request(64, 64, steps=4, departure=1.0, source=source, styles=styles, guides=(guide,))
    done = render(request, control)
    if done.trace is not None:
        add_octave(enlarge(done.picture, 96, 96), done.trace, request, 1.5, 1.0)
