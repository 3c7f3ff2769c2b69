"""Framing: flat bars around a picture, and the gap between two pictures on one sheet."""

from dataclasses import dataclass

import numpy as np

from overlay.imaging.colour import FloatImage

Box = tuple[float, float, float, float]

_FLAT = 0.012  # standard deviation of lightness along a line that counts as flat
_SAME = 0.03  # colour difference from the outermost line that is still the same bar
_STEP = 0.05  # colour difference at a bar's inner edge
_SHARP = 0.7  # share of that edge that must show it
_MOST = 0.45  # of the side, for one bar
_PART = 8  # of a line's pixels one is looked at first
_LEAST_GAP = 0.006  # of the side
_LEAST_PICTURE = 0.15


@dataclass(frozen=True)
class Bars:
    """Pixels of flat bar at each side."""

    left: int = 0
    top: int = 0
    right: int = 0
    bottom: int = 0


def find_bars(image: FloatImage) -> Bars:
    """Flat bars of one colour along the sides, each ending in a sharp straight edge.

    A plain sky is no bar: its lower edge is neither straight nor sharp all along.

    Parameters
    ----------
    image : (H, W, 3) float32, working space.
    """
    top, bottom = _bar(image), _bar(image[::-1])
    inner = image[top : image.shape[0] - bottom or None]
    across = inner.transpose(1, 0, 2)
    return Bars(_bar(across), top, _bar(across[::-1]), bottom)


def _bar(lines: FloatImage) -> int:
    """Lines of bar at the beginning of the first axis."""
    length = _flat_beginning(lines)
    first = lines[0].mean(axis=0)
    if length == 0 or length > _MOST * len(lines) or length + 2 >= len(lines):
        return 0
    # Compression rings for a line or two beyond the edge.
    beyond = lines[length + 1]
    step = np.abs(beyond - first).sum(axis=1) > _STEP
    return length if step.mean() >= _SHARP else 0


def _flat_beginning(lines: FloatImage) -> int:
    """How many lines from the first on are flat and of its colour; 0 where all are."""
    begin, count, first = 0, 1, lines[0].mean(axis=0)
    while begin < len(lines):
        some = lines[begin : begin + count]
        flat = _flat_lines(some) & (np.abs(some.mean(axis=1) - first).sum(axis=1) < _SAME)
        if not flat.all():
            return begin + int(np.argmin(flat))
        begin, count = begin + count, 2 * count  # most pictures have no bar, their first line says
    return 0


def _flat_lines(lines: FloatImage) -> np.ndarray:
    # Of a line that a part of its own already makes too uneven the rest need not be looked at:
    # its sum of squares is at least that of the part.
    part = np.ascontiguousarray(lines[:, ::_PART, 0])
    share = part.shape[1] / lines.shape[1]
    flat = np.asarray(part.var(axis=1) * share < _FLAT**2)
    spread = lines[flat].std(axis=1)
    flat[flat] = (spread[:, 0] < _FLAT) & (spread[:, 1:].max(axis=1) < 2 * _FLAT)
    return flat


def find_gap(image: FloatImage) -> tuple[int, int, bool] | None:
    """A flat band right through the picture that parts it into two.

    Returns
    -------
    Where it begins and ends in pixels, and whether it runs down the picture; None for none.
    """
    for down, lines in ((True, image.transpose(1, 0, 2)), (False, image)):
        found = _gap(lines)
        if found is not None:
            return *found, down
    return None


def _gap(lines: FloatImage) -> tuple[int, int] | None:
    count = len(lines)
    flat = _flat_lines(lines)
    least, margin = max(2, round(_LEAST_GAP * count)), int(_LEAST_PICTURE * count)
    starts = np.flatnonzero(flat[1:] & ~flat[:-1]) + 1
    for begin in starts.tolist():
        rest = np.flatnonzero(~flat[begin:])
        end = begin + int(rest[0]) if len(rest) else count
        if end - begin < least or begin < margin or end > count - margin:
            continue
        colour = lines[begin:end].mean(axis=(0, 1))
        sides = lines[max(begin - 2, 0)], lines[min(end + 1, count - 1)]
        if all((np.abs(s - colour).sum(axis=1) > _STEP).mean() >= _SHARP for s in sides):
            return begin, end
    return None
