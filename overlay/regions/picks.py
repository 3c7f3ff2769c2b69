"""Picking areas of a picture: subject, sky, ground, a colour, near and far.

Everything is found at a small size, spread along the picture's own edges, and brought to the full
size by a filter that follows them.
"""

import re
from dataclasses import dataclass

import numpy as np
import numpy.typing as npt
from scipy import ndimage

from overlay.imaging.colour import ByteImage, FloatImage, hex_to_srgb, srgb_to_work
from overlay.imaging.resample import resize
from overlay.imaging.sky import find_sky
from overlay.imaging.spread import spread

PICKS = ("subject", "background", "sky", "ground", "near", "far")

_ROWS = 160
_PULL = 40.0
_STROKE = 400.0
_GUESS = 0.3
_COLOUR = re.compile(r"(#[0-9a-fA-F]{6})(?:~(\d{1,3}))?")
_TOLERANCE = 12  # of a colour without one, hundredths of OKLab


@dataclass(frozen=True)
class PickStroke:
    """A stroke that corrects a pick: (h, w) bool of any size, and whether it belongs to it."""

    mask: npt.NDArray[np.bool_]
    inside: bool


def check_pick(what: str) -> str:
    """`what` if it can be picked; raises `ValueError` that lists what can."""
    match = _COLOUR.fullmatch(what)
    if what in PICKS or (match is not None and int(match[2] or _TOLERANCE) <= 100):
        return what
    raise ValueError(
        f"pick must be one of {', '.join(PICKS)} or a colour with its tolerance as #rrggbb~12 "
        f"(0 to 100), got {what!r}"
    )


def pick_area(
    picture: ByteImage,
    what: str,
    *,
    depth: FloatImage | None = None,
    strokes: list[PickStroke] | None = None,
) -> FloatImage:
    """Find an area.

    Parameters
    ----------
    picture : (H, W, 3) uint8 sRGB.
    what : one of `PICKS`, or `#rrggbb~tolerance`.
    depth : (H, W) float32, 1 is near; needed for `near` and `far`.
    strokes : corrections, which spread like the pick itself.

    Returns
    -------
    (H, W) float32 in 0..1.
    """
    check_pick(what)
    height, width = picture.shape[:2]
    work = srgb_to_work(picture)
    match = _COLOUR.fullmatch(what)
    if match is not None and not strokes:
        return _like_colour(work, match[1], int(match[2] or _TOLERANCE))
    rows = min(_ROWS, height)
    small = resize(work, rows, max(1, min(round(width * rows / height), 4 * _ROWS)))
    if match is not None:
        alike = _like_colour(small, match[1], int(match[2] or _TOLERANCE))
        seeds = alike.astype(np.float64) * 2 - 1
    else:
        seeds = _seeds(small, what, depth)
    # Once the artist has spoken, the guess gives way where it does not fit.
    pull = np.abs(seeds) * (_GUESS if strokes else _PULL)
    wanted = np.sign(seeds)
    for stroke in strokes or ():
        cover = resize(stroke.mask.astype(np.float32), *small.shape[:2]) > 0.3
        pull[cover], wanted[cover] = _STROKE, 1.0 if stroke.inside else -1.0
    found = spread(small, pull, wanted, stay=1e-6)
    rough = resize(np.clip(found * 3, -1, 1).astype(np.float32), height, width)
    return follow_edges(np.clip(0.5 + rough, 0, 1).astype(np.float32), work)


def follow_edges(mask: FloatImage, work: FloatImage, *, soft: bool = False) -> FloatImage:
    """Bring a mask's rim to the picture's own edges.

    A guided filter (He, Sun and Tang 2013, doi:10.1109/TPAMI.2012.213) on lightness and colour;
    `soft` leaves hair and leaves half covered, else the rim is made firm.

    Parameters
    ----------
    mask : (H, W) float32 in 0..1. work : (H, W, 3) float32, working space.
    """
    radius = max(round(0.016 * mask.shape[0]), 4)
    side, eps = 2 * radius + 1, 1e-4
    total, out = np.full(mask.shape, 1e-6, np.float32), np.zeros_like(mask)
    mean_mask = ndimage.uniform_filter(mask, side)
    for c in range(3):
        # The channel with the strongest contrast here decides.
        guide = work[..., c]
        mean = ndimage.uniform_filter(guide, side)
        spread_of = np.maximum(ndimage.uniform_filter(guide * guide, side) - mean * mean, 0)
        both = ndimage.uniform_filter(guide * mask, side) - mean * mean_mask
        slope = both / (spread_of + eps)
        offset = mean_mask - slope * mean
        share = spread_of + 1e-7
        own = ndimage.uniform_filter(slope, side) * guide + ndimage.uniform_filter(offset, side)
        out += share * own
        total += share
    out /= total
    firm = 1.2 if soft else 4.0
    return np.asarray(np.clip(0.5 + firm * (out - 0.5), 0, 1), np.float32)


def _like_colour(work: FloatImage, colour: str, tolerance: int) -> FloatImage:
    wanted = srgb_to_work(np.array([[hex_to_srgb(colour)]], np.uint8))[0, 0]
    apart = work - wanted
    apart[..., 1:] /= 2
    away = np.sqrt((apart**2).sum(axis=2)) * 100
    inside = (1.25 * tolerance + 1 - away) / (0.5 * tolerance + 1)
    return np.asarray(np.clip(inside, 0, 1), np.float32)


def _seeds(work: FloatImage, what: str, depth: FloatImage | None) -> npt.NDArray[np.float64]:
    """Where an area surely is (1), surely is not (-1), and what is left open (0)."""
    if what == "background":
        return -_subject_seeds(work)
    if what == "subject":
        return _subject_seeds(work)
    sky = find_sky(work)
    if what == "sky":
        inner = ndimage.binary_erosion(sky, iterations=2)
        outer = ~ndimage.binary_dilation(sky, iterations=3)
        return np.asarray(inner.astype(float) - outer)
    if what == "ground":
        return _ground_seeds(work, sky)
    if depth is None:
        raise ValueError(f"{what} needs a depth map, got none")
    near = resize(depth, *work.shape[:2])
    middle = float(np.median(near))
    seeds = np.asarray(np.clip((near - middle) * 6, -1, 1), np.float64)
    return seeds if what == "near" else -seeds


def _subject_seeds(work: FloatImage) -> npt.NDArray[np.float64]:
    """What differs from the rim's colours and lies towards the middle."""
    rows, columns = work.shape[:2]
    smooth = ndimage.gaussian_filter(work, (1.5, 1.5, 0))
    band = max(rows // 16, 1)
    rim = np.concatenate([
        smooth[:band].reshape(-1, 3), smooth[-band:].reshape(-1, 3),
        smooth[:, :band].reshape(-1, 3), smooth[:, -band:].reshape(-1, 3),
    ])[::7]  # fmt: skip
    flat = smooth.reshape(-1, 3)
    away = np.stack([((flat - c) ** 2).sum(axis=1) for c in rim[:: max(len(rim) // 64, 1)]])
    # The 10th percentile: a colour must be rare at the rim, not absent.
    rare = np.sqrt(np.quantile(away, 0.1, axis=0)).reshape(rows, columns)
    y, x = np.mgrid[0:rows, 0:columns]
    middle = np.hypot((y + 0.5) / rows - 0.52, (x + 0.5) / columns - 0.5)
    value = rare * np.exp(-((middle / 0.33) ** 2))
    sure = value >= np.quantile(value, 0.88)
    never = (value <= np.quantile(value, 0.45)) | find_sky(work)
    never[:1] = never[:, :2] = never[:, -2:] = True
    return np.asarray(sure.astype(float) - (never & ~sure))


def _ground_seeds(work: FloatImage, sky: npt.NDArray[np.bool_]) -> npt.NDArray[np.float64]:
    """The lowest strip surely, the sky and what is far above surely not."""
    rows = work.shape[0]
    seeds = np.zeros(work.shape[:2])
    ends = rows - np.argmax(sky[::-1], axis=0)
    horizon = int(np.median(ends[sky.any(axis=0)])) if sky.any() else rows // 3
    seeds[: max(horizon - rows // 20, 1)] = -1
    seeds[sky] = -1
    seeds[-max(rows // 12, 1) :] = 1
    return seeds
