"""Enlarging: how near to the original, how fine against Lanczos, how fast, in how much memory."""

import statistics
import subprocess
import sys
import time
from dataclasses import replace
from functools import cache

import numpy as np
from PIL import Image
from scipy import ndimage

from bench.subjects import reference, standard
from overlay.engine.octave.octave import add_octave
from overlay.engine.request import Render, Request
from overlay.engine.sampler import render
from overlay.enlarging.faithful import enlarge
from overlay.imaging.colour import ByteImage, FloatImage, srgb_to_work
from overlay.measures.structure import structure_kept
from overlay.scenery.scenes import draw_scene

Row = tuple[str, str, str]
_MANNERS = ("felt", "gouache", "lino cut", "dot print", "glazed tile", "weave")
_SCENES = ("windmill", "lock", "bottle kiln")
# Run in a process of its own; prints seconds and megabytes.
_LARGE = """
import resource, sys, time
from bench.enlarging import enlarged, made
from overlay.studio.making.warming import warm_kernels
warm_kernels()
factor, width, height = float(sys.argv[1]), int(sys.argv[2]), int(sys.argv[3])
request, done = made("felt", width, height, 16 if width < 1000 else 4)
began = time.perf_counter()
enlarged(request, done, factor)
print(time.perf_counter() - began, resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1000)
"""


def rows() -> list[Row]:
    """Rows of the table."""
    twice, four = against_lanczos(2), against_lanczos(4)
    fine = [octave(name) for name in _MANNERS]
    seconds, _ = large(2, 768, 512)
    longer, room = large(4, 768, 512)
    most, most_room = large(4, 2048, 2048)
    return [
        ("2x of ten halved pictures, error of Lanczos's", "95 %", _percent(twice[0])),
        ("  along contours", "93 %", _percent(twice[1])),
        ("  the worst of them", "under 100 %", _percent([max(twice[0])])),
        ("4x of ten quartered pictures", "under 100 %", _percent(four[0])),
        ("octave: distance of detail to its reference, of Lanczos's", "75 %",
         _percent([f[0] for f in fine])),
        ("  the worst of six manners", "75 %", _percent([max(f[0] for f in fine)])),
        ("  structure against the faithful picture, least", "90", f"{min(f[1] for f in fine):.0f}"),
        ("  drift of colour, most", "0.001", f"{max(f[2] for f in fine):.4f}"),
        ("768x512 to 1536x1024 by the octave", "2 s", f"{seconds:.1f} s"),
        ("  to 3072x2048", "10 s", f"{longer:.1f} s"),
        ("  its memory", "1500 MB", f"{room:.0f} MB"),
        ("2048x2048 to 8192x8192, 64 megapixels", "-", f"{most:.0f} s"),
        ("  its memory", "3000 MB", f"{most_room:.0f} MB"),
    ]  # fmt: skip


def _percent(shares: list[float]) -> str:
    return f"{100 * statistics.mean(shares):.0f} %"


def _resized(picture: ByteImage, width: int, height: int) -> ByteImage:
    return np.array(Image.fromarray(picture).resize((width, height), Image.Resampling.LANCZOS))


def against_lanczos(times: int) -> tuple[list[float], list[float]]:
    """Errors of enlarging reduced pictures, as shares of Lanczos's: all over, along contours."""
    pictures = [reference(name)[:512, :768] for name in _MANNERS]
    pictures += [draw_scene(scene, 768, 512, smooth=False).picture for scene in _SCENES]
    pictures.append(made("gouache", 768, 512)[1].picture)
    everywhere, along = [], []
    for picture in pictures:
        height, width = (side // times * times for side in picture.shape[:2])
        picture = picture[:height, :width]
        small = _resized(picture, width // times, height // times)
        contour = _contours(picture)
        ours, plain = enlarge(small, height, width), _resized(small, width, height)
        everywhere.append(_error(ours, picture) / _error(plain, picture))
        there = picture[contour]
        along.append(_error(ours[contour], there) / _error(plain[contour], there))
    return everywhere, along


def _error(made_: np.ndarray, original: np.ndarray) -> float:
    return float(np.sqrt(((made_.astype(np.float32) - original) ** 2).mean()))


def _contours(picture: ByteImage) -> np.ndarray:
    slope = ndimage.gaussian_gradient_magnitude(srgb_to_work(picture)[..., 0], 1.0)
    return slope > np.quantile(slope, 0.85)


@cache
def made(
    manner: str, width: int = 384, height: int = 256, steps: int = 16
) -> tuple[Request, Render]:
    """A run whose reference has more detail than it could use."""
    request = replace(standard(width, height, (manner,), 0.6), steps=steps)
    return request, render(request)


def enlarged(request: Request, done: Render, factor: float) -> ByteImage:
    """By the octave, twice at most at a time."""
    picture, trace = done.picture, done.trace
    while factor > 1:
        step = min(factor, 2.0)
        height, width = (round(side * step) for side in picture.shape[:2])
        assert trace is not None
        picture, trace = add_octave(enlarge(picture, height, width), trace, request, step, 1.0)
        factor /= step
    return picture


def octave(manner: str) -> tuple[float, float, float]:
    """Distance of detail as a share of Lanczos's, structure kept, drift of colour."""
    request, done = made(manner)
    height, width = (2 * side for side in done.picture.shape[:2])
    own = enlarge(done.picture, height, width)
    drawn = enlarged(request, done, 2.0)
    like = reference(manner)  # as large as the doubled proof uses it, and as fine
    plain = _resized(done.picture, width, height)
    work, before = srgb_to_work(drawn), srgb_to_work(own)
    drift = float(np.abs(work.mean((0, 1)) - before.mean((0, 1))).max())
    share = _apart(drawn, like) / _apart(plain, like)
    return share, structure_kept(work, before), drift


def _patches(picture: ByteImage) -> FloatImage:
    """7x7 patches without their means, flat."""
    views = np.lib.stride_tricks.sliding_window_view(srgb_to_work(picture), (7, 7), (0, 1))
    views = views[::3, ::3]
    flat = views.reshape(*views.shape[:2], 3, 49)
    return (flat - flat.mean(axis=3, keepdims=True)).reshape(-1, 147).astype(np.float32)


def _apart(picture: ByteImage, other: ByteImage) -> float:
    """How far two pictures' patches are as distributions: sliced, in 64 ways."""
    ways = np.random.default_rng(0).standard_normal((147, 64)).astype(np.float32)
    at = np.linspace(0.01, 0.99, 99)
    mine, others = (np.quantile(_patches(p) @ ways, at, axis=0) for p in (picture, other))
    return float(np.abs(mine - others).mean())


def large(factor: float, width: int, height: int) -> tuple[float, float]:
    """Seconds and megabytes of a process that enlarges a proof."""
    command = [sys.executable, "-c", _LARGE, str(factor), str(width), str(height)]
    said = subprocess.run(command, capture_output=True, text=True, check=True).stdout.split()
    return float(said[-2]), float(said[-1])


if __name__ == "__main__":
    began = time.perf_counter()
    for what, goal, figure in rows():
        print(f"{what:58} {goal:>12} {figure:>10}", flush=True)
    print(f"{time.perf_counter() - began:.0f} s")
