"""Fewer points for the same stroke: what a hand draws in a hundred is mostly said by ten."""

import numpy as np
import numpy.typing as npt

from overlay.imaging.numbers.products import dot

MOST_POINTS = 4096  # of a stroke
_HALF = 0.5  # pixels
Array = npt.NDArray[np.float64]


def needed_points(places: npt.ArrayLike, within: float) -> list[int]:
    """Which points of a line are needed for it to stay within a distance of where it was.

    Line simplification (Ramer 1972, doi:10.1016/S0146-664X(72)80017-0; Douglas and Peucker 1973,
    doi:10.3138/FM57-6770-U75U-7727), with a stack instead of recursion.

    Parameters
    ----------
    places : (N, D), as `within` in pixels; D may be 3 where a stroke's radius changes along it.
    within : how far the thinner line may be from any point left out.

    Returns
    -------
    Rising indices; the first and the last point stay.
    """
    line = np.asarray(places, np.float64)
    kept = {0, len(line) - 1}
    waiting = [(0, len(line) - 1)]
    while waiting:
        begin, end = waiting.pop()
        if end - begin < 2:
            continue
        away = _away(line[begin + 1 : end], line[begin], line[end])
        farthest = int(away.argmax())
        if away[farthest] > within:
            middle = begin + 1 + farthest
            kept.add(middle)
            waiting += [(begin, middle), (middle, end)]
    return sorted(kept)


def _away(points: Array, begin: Array, end: Array) -> Array:
    """Distances of points from a segment."""
    along = end - begin
    share = (dot(points - begin, along) / max(float(dot(along, along)), 1e-12)).clip(0, 1)
    return np.asarray(np.linalg.norm(points - begin - share[:, None] * along, axis=1))


def thin_stroke(
    points: tuple[tuple[float, float], ...],
    pressures: tuple[float, ...],
    size: float,
    width: int,
    height: int,
) -> tuple[tuple[tuple[float, float], ...], tuple[float, ...]]:
    """A stroke with as few points as show it the same, within half a pixel of the picture.

    Parameters
    ----------
    points, pressures, size : as in `strokes.cover_line`; pressures may be none.
    width, height : of the picture in pixels.

    Returns
    -------
    Points and pressures, at most `MOST_POINTS` of each.
    """
    places = np.array(points, np.float64) * (width, height)
    if pressures:
        radii = np.array(pressures) * size * max(width, height) / 2
        places = np.column_stack([places, radii])
    within = _HALF
    while len(needed := needed_points(places, within)) > MOST_POINTS:
        within *= 2
    return tuple(points[i] for i in needed), tuple(pressures[i] for i in needed if pressures)
