"""Sequences with known motion: how steady they are, and what a frame costs."""

import time
from collections.abc import Callable, Generator, Iterator
from itertools import pairwise
from typing import NamedTuple

import numpy as np

from overlay.engine.kept import forget
from overlay.engine.request import Facets, GuideCue, Request, StyleCue
from overlay.engine.sequence.frame import render_frame
from overlay.guides.edges import EdgeOptions, contour_reach, lightness_of
from overlay.imaging.colour import ByteImage, srgb_to_work
from overlay.imaging.resample import soften
from overlay.measures.patches import style_match
from overlay.motion.flicker import change, flicker
from overlay.motion.flow import Motion, find_motion
from overlay.motion.warp import warp
from overlay.scenery.manners import draw_manner
from overlay.scenery.moving import Moved, crossing, halved, pan, ride
from overlay.scenery.scenes import draw_scene
from overlay.studio.sequences.ahead import one_ahead

Row = tuple[str, str, str]
WIDTH, HEIGHT, FRAMES = 384, 256, 6
MANNERS = ("gouache", "glazed tile", "lino cut")


def _wide(scale: int) -> ByteImage:
    return draw_scene("windmill", scale * (WIDTH + 64), scale * HEIGHT).picture


KINDS: dict[str, Callable[[], Iterator[Moved]]] = {
    "whole-pixel pan": lambda: pan(_wide(1), FRAMES, WIDTH, HEIGHT, 2),
    "half-pixel pan": lambda: halved(pan(_wide(2), FRAMES, 2 * WIDTH, 2 * HEIGHT, 3)),
    "moving camera": lambda: ride("bottle kiln", FRAMES, WIDTH, HEIGHT),
    "moving object": lambda: crossing("windmill", FRAMES, WIDTH, HEIGHT),
}


def request(source: ByteImage, manner: ByteImage) -> Request:
    """A frame's request: one manner, contours held by half."""
    options, (height, width) = EdgeOptions(), source.shape[:2]
    strength = contour_reach(source, options)
    guide = GuideCue("contours", strength, lightness_of(source), options.sigma, 0.5)
    style = StyleCue("manner", manner, Facets(1, 1, 1))
    return Request(width, height, 7, 16, 0.75, source, (style,), (guide,))


def sequence(
    frames: list[Moved], manner: ByteImage, held: float
) -> tuple[list[ByteImage], list[float]]:
    """A sequence's pictures, and the seconds of each."""
    forget()  # what a run of the same frames before has left
    before, pictures, seconds = None, [], []
    shots = one_ahead(_shots(frames, manner, held))
    while True:
        began = time.perf_counter()
        shot = next(shots, None)
        if shot is None:
            return pictures, seconds
        picture, before = render_frame(shot[0], before, shot[1], held)
        seconds.append(time.perf_counter() - began)
        pictures.append(picture)


def _shots(
    frames: list[Moved], manner: ByteImage, held: float
) -> Generator[tuple[Request, Motion | None], None, None]:
    """What each frame is rendered from, as `studio.sequences` makes it."""
    last = None
    for frame in frames:
        motion = None if last is None or not held else find_motion(frame.picture, last)
        last = frame.picture
        yield request(last, manner), motion


def steadiness(frames: list[Moved], pictures: list[ByteImage]) -> float:
    """Flicker along the true flow."""
    changes = []
    ours = [srgb_to_work(p) for p in pictures]
    theirs = [srgb_to_work(f.picture) for f in frames]
    for (a, b), (c, d), frame in zip(pairwise(ours), pairwise(theirs), frames[1:], strict=True):
        found = [change(now, old, frame.flow, frame.true) for old, now in ((a, b), (c, d))]
        changes.append((found[0] or 0.0, found[1] or 0.0))
    return flicker(changes) or 0.0


def sticking(frames: list[Moved], pictures: list[ByteImage]) -> float:
    """How much more detail stays in its place on the frame than moving it would leave, -1 to 1."""
    found = []
    for (old, now), frame in zip(pairwise(pictures), frames[1:], strict=True):
        fast = frame.true & (np.linalg.norm(frame.flow, axis=-1) > 1.2)
        if fast.sum() < 200:
            continue
        a, b = (srgb_to_work(p)[..., :1] for p in (old, now))
        moved = warp(a, frame.flow)
        detail = [v - soften(v, 2) for v in (a, b, moved)]
        together = [np.corrcoef(detail[0][fast].T, detail[k][fast].T)[0, 1] for k in (1, 2)]
        found.append(together[0] - together[1])
    return float(np.mean(found)) if found else 0.0


def sharpness(picture: ByteImage) -> float:
    """Mean step of lightness from pixel to pixel."""
    return float(np.abs(np.diff(srgb_to_work(picture)[..., 0], axis=1)).mean())


class Found(NamedTuple):
    """What a kind of motion in a manner gave, held against free."""

    kind: str
    manner: str
    flicker: float
    free: float
    match: tuple[float, float]
    sharpness: float
    sticking: float
    seconds: float
    single: float


def measured() -> Iterator[Found]:
    """Every kind in every manner."""
    for kind, make in KINDS.items():
        frames = list(make())
        for name in MANNERS:
            manner = draw_manner(name, 480, 320)
            held, spent = sequence(frames, manner, 1.0)
            free, alone = sequence(frames, manner, 0.0)
            theirs, last = srgb_to_work(manner), srgb_to_work(frames[-1].picture)
            match = [style_match(srgb_to_work(s[-1]), last, theirs) for s in (held, free)]
            pairs = zip(held[1:], free[1:], strict=True)
            crisp = float(np.mean([sharpness(a) / sharpness(b) for a, b in pairs]))
            yield Found(
                kind, name, steadiness(frames, held), steadiness(frames, free),
                (match[0], match[1]), crisp, sticking(frames, held),
                float(np.median(spent[1:])), float(np.median(alone[1:])),
            )  # fmt: skip


def rows() -> list[Row]:
    """The table's rows."""
    found = list(measured())
    good = sum(f.flicker <= 1.5 for f in found)
    thirds = sum(f.flicker <= f.free / 3 for f in found)
    match = max(abs(f.match[0] - f.match[1]) for f in found)
    crisp, cost = min(f.sharpness for f in found), np.median([f.seconds / f.single for f in found])
    return [
        ("sequences held at 1.5 times the source's flicker, of 12", "9", f"{good}"),
        ("the least steady of them", "-", f"{max(f.flicker for f in found):.2f}"),
        ("at a third of that of free frames, of 12", "12", f"{thirds}"),
        ("style match beside free frames, farthest", "3", f"{match:.1f}"),
        ("  lost beside them, most", "3", f"{max(f.match[1] - f.match[0] for f in found):.1f}"),
        ("sharpness of free frames, least", "95 %", f"{100 * crisp:.0f} %"),
        (
            "marks that stick to the frame, correlation, most",
            "0",
            f"{max(f.sticking for f in found):.3f}",
        ),
        ("a held frame costs, of a free one", "1.3", f"{cost:.2f}"),
    ]


if __name__ == "__main__":
    for one in measured():
        print(
            f"{one.kind}, {one.manner}: flicker {one.flicker:.2f} (free {one.free:.2f}), style "
            f"{one.match[0]:.1f} ({one.match[1]:.1f}), sharpness {one.sharpness:.3f}, sticking "
            f"{one.sticking:+.3f}, {one.seconds:.2f} s ({one.single:.2f})",
            flush=True,
        )
