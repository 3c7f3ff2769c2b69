"""Picking areas of a picture: subject, sky, ground, a colour, near and far.

Everything is found at a small size, spread along the picture's own edges, and brought to the full
size by a filter that follows them.
"""

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
import numpy.typing as npt
import scipy

from overlay.imaging.colour import ByteImage, FloatImage, hex_to_srgb, srgb_to_work
from overlay.imaging.resample import resize
from overlay.imaging.sky import find_sky
from overlay.imaging.spread import spread, stands_out
from overlay.regions.growing import connected_at, enclosed, grow_alike
from overlay.regions.pick_words import Pick, read_pick

_ROWS = 160
_PULL = 40.0
_STROKE = 400.0
_GUESS = 0.3
_TOLERANCE = 12  # of a colour without one, hundredths of OKLab
_ALIKE = 8  # the same for what grows
# Of a subject: how little being enclosed by contours counts, and how far from the middle it lies.
_ENCLOSED, _MIDDLE = 1.0, 0.4
_RARE = 0.07  # how far its colours are from the rim's at least, working space
_PIECE = 0.3  # of the weightiest piece, from which another belongs to the subject
_SPAN = 0.03  # of depth or lightness over which a band's rim falls


@dataclass(frozen=True)
class PickStroke:
    """A stroke that corrects a pick: (h, w) bool of any size, and whether it belongs to it."""

    mask: npt.NDArray[np.bool_]
    inside: bool


@dataclass(frozen=True)
class Clues:
    """What some picks need besides the picture, each (H, W) float32 in 0..1 or None.

    Attributes
    ----------
    depth : 1 is near; for `near`, `far` and `depth`.
    lines : 1 on contours; for `inside`.
    """

    depth: FloatImage | None = None
    lines: FloatImage | None = None


def pick_area(
    picture: ByteImage,
    what: str,
    *,
    clues: Clues | None = None,
    strokes: list[PickStroke] | None = None,
) -> FloatImage:
    """Find an area.

    Parameters
    ----------
    picture : (H, W, 3) uint8 sRGB.
    what : see `pick_words`.
    clues : what the pick needs besides.
    strokes : corrections, which spread like the pick itself.

    Returns
    -------
    (H, W) float32 in 0..1.

    Raises
    ------
    ValueError
        If it cannot be picked, or a clue is missing.
    """
    pick, clues = read_pick(what), clues or Clues()
    work = srgb_to_work(picture)
    exact = _exact(work, pick, clues)
    if exact is not None and not strokes:
        return exact
    small = small_copy(work)
    if exact is not None:
        seeds = resize(exact, *small.shape[:2]).astype(np.float64) * 2 - 1
    else:
        seeds = _seeds(small, pick.kind, clues.depth)
    return from_seeds(work, small, seeds, strokes or ())


def small_copy(work: FloatImage, rows: int = _ROWS) -> FloatImage:
    """A picture in the working space at the size that areas are found at."""
    height, width = work.shape[:2]
    rows = min(rows, height)
    return resize(work, rows, max(1, min(round(width * rows / height), 4 * _ROWS)))


def from_seeds(
    work: FloatImage,
    small: FloatImage,
    seeds: npt.NDArray[np.float64],
    strokes: Sequence[PickStroke],
) -> FloatImage:
    """An area spread along a picture's edges from where it surely is.

    Parameters
    ----------
    work, small : (H, W, 3) float32 in the working space, and its `small_copy`.
    seeds : (h, w), 1 where it surely is, -1 where it surely is not, 0 where that is open.
    """
    # Once the artist has spoken, the guess gives way where it does not fit.
    pull = np.abs(seeds) * (_GUESS if strokes else _PULL)
    wanted = np.sign(seeds)
    for stroke in strokes:
        cover = resize(stroke.mask.astype(np.float32), *small.shape[:2]) > 0.3
        pull[cover], wanted[cover] = _STROKE, 1.0 if stroke.inside else -1.0
    found = spread(small, pull, wanted, stay=1e-6)
    rough = resize(np.clip(found * 3, -1, 1).astype(np.float32), *work.shape[:2])
    return follow_edges(np.clip(0.5 + rough, 0, 1).astype(np.float32), work)


def _exact(work: FloatImage, pick: Pick, clues: Clues) -> FloatImage | None:
    """What is decided pixel by pixel; None for what is guessed from seeds."""
    if pick.kind == "colour":
        alike = _like_colour(work, pick.colour, _or(pick.amount, _TOLERANCE))
        if pick.place is None:
            return alike
        return np.where(connected_at(alike > 0.2, pick.place), alike, np.float32(0))
    if pick.kind in ("light", "dark"):
        return _tone(work[..., 0] + 0.5, pick)
    if pick.kind == "depth":
        near = _needed(clues.depth, "depth needs a depth map")
        low, high = pick.band
        up = np.clip(0.5 + (near - low) / _SPAN, 0, 1) if low > 0 else np.ones_like(near)
        down = np.clip(0.5 + (high - near) / _SPAN, 0, 1) if high < 1 else np.ones_like(near)
        return np.minimum(up, down).astype(np.float32)
    if pick.kind == "like" and pick.place is not None:
        return _alike(work, pick.place, _or(pick.amount, _ALIKE) / 100)
    if pick.kind == "inside" and pick.place is not None:
        return enclosed(_needed(clues.lines, "inside needs a map with contours"), pick.place)
    return None


def _or(amount: int | None, default: int) -> int:
    return default if amount is None else amount


def _needed(clue: FloatImage | None, why: str) -> FloatImage:
    if clue is None:
        raise ValueError(f"{why}, got none")
    return clue


def _alike(work: FloatImage, place: tuple[float, float], tolerance: float) -> FloatImage:
    """What grows from a place, found at a small size and brought to the picture's own edges."""
    height, width = work.shape[:2]
    rows = min(2 * _ROWS, height)
    small = resize(work, rows, max(1, min(round(width * rows / height), 8 * _ROWS)))
    inside = grow_alike(small, place, max(tolerance, 0.005))
    return follow_edges(resize(inside.astype(np.float32), height, width).clip(0, 1), work)


def _tone(lightness: FloatImage, pick: Pick) -> FloatImage:
    """What is lighter, or darker, than asked; unasked, than what parts the picture best."""
    smooth = scipy.ndimage.gaussian_filter(lightness, 1.0, mode="nearest")
    level = _parting(smooth) if pick.amount is None else pick.amount / 100
    above = np.clip(0.5 + (smooth - level) / _SPAN, 0, 1)
    return np.asarray(above if pick.kind == "light" else 1 - above, np.float32)


def _parting(values: FloatImage) -> float:
    """The value that parts two classes best (Otsu 1979, doi:10.1109/TSMC.1979.4310076)."""
    if float(np.ptp(values)) < 1e-6:
        return float(values.mean())
    counts, edges = np.histogram(values, 128)
    middles = (edges[:-1] + edges[1:]) / 2
    below = np.cumsum(counts)[:-1]
    above = counts.sum() - below
    sums = np.cumsum(counts * middles)[:-1]
    total = float((counts * middles).sum())
    with np.errstate(divide="ignore", invalid="ignore"):
        between = below * above * (sums / below - (total - sums) / above) ** 2
    # Where nothing lies between two classes all partings are equally good: the middle one.
    best = np.flatnonzero(between >= np.nanmax(between) * (1 - 1e-9))
    return float(edges[1:-1][best].mean())


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
    total, out = np.zeros_like(mask), np.zeros_like(mask)
    mean_mask = scipy.ndimage.uniform_filter(mask, side)
    for c in range(3):
        # The channel with the strongest contrast here decides.
        guide = work[..., c]
        mean = scipy.ndimage.uniform_filter(guide, side)
        spread_of = np.maximum(scipy.ndimage.uniform_filter(guide * guide, side) - mean * mean, 0)
        both = scipy.ndimage.uniform_filter(guide * mask, side) - mean * mean_mask
        slope = both / (spread_of + eps)
        offset = mean_mask - slope * mean
        share = spread_of + 1e-7  # where all is flat they count alike, and the mask stays
        own = scipy.ndimage.uniform_filter(slope, side) * guide + scipy.ndimage.uniform_filter(
            offset, side
        )
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
        inner = scipy.ndimage.binary_erosion(sky, iterations=2)
        outer = ~scipy.ndimage.binary_dilation(sky, iterations=3)
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
    smooth = scipy.ndimage.gaussian_filter(work, (1.5, 1.5, 0))
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
    value = rare * (_ENCLOSED + stands_out(work)) * np.exp(-((middle / _MIDDLE) ** 2))
    sure = _main_pieces(value >= np.quantile(value, 0.88), value)
    if not sure.any() or rare[sure].mean() < _RARE:
        return np.full((rows, columns), -1.0)  # nothing stands out: gravel has no subject
    never = (value <= np.quantile(value, 0.45)) | find_sky(work)
    never[:1] = never[:, :2] = never[:, -2:] = True
    return np.asarray(sure.astype(float) - (never & ~sure))


def _main_pieces(mask: npt.NDArray[np.bool_], value: FloatImage) -> npt.NDArray[np.bool_]:
    """The pieces of a mask that weigh enough; the others are left open."""
    labels, count = scipy.ndimage.label(mask)
    sums = scipy.ndimage.sum_labels(value, labels, np.arange(count + 1))
    sums[0] = 0
    return np.asarray((sums >= _PIECE * sums.max())[labels] & mask)


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
