"""Strokes: lines through points, drawn into a mask with smooth rims."""

from collections.abc import Iterable

import numpy as np
import numpy.typing as npt

from overlay.imaging.colour import FloatImage

Points = tuple[tuple[float, float], ...]


def draw_strokes(
    strokes: Iterable[tuple[Points, float]], height: int, width: int, *, softness: float = 1.0
) -> FloatImage:
    """Draw strokes into an empty mask.

    Parameters
    ----------
    strokes : points as shares of width and height, and a thickness as share of the longer side.
    softness : pixels over which the rim falls from 1 to 0.

    Returns
    -------
    (height, width) float32 in 0..1.
    """
    mask = np.zeros((height, width), np.float32)
    for points, size in strokes:
        radius = max(size * max(height, width) / 2, 0.5)
        places = [(x * width, y * height) for x, y in points]
        for begin, end in zip(places, places[1:] or places, strict=False):
            _draw_segment(mask, begin, end, radius, softness)
    return mask


def _draw_segment(
    mask: FloatImage,
    begin: tuple[float, float],
    end: tuple[float, float],
    radius: float,
    softness: float,
) -> None:
    """Lay one thick segment with round ends over a mask, in place."""
    reach = radius + softness
    left, right = sorted((begin[0], end[0]))
    top, bottom = sorted((begin[1], end[1]))
    rows = slice(max(int(top - reach), 0), max(int(bottom + reach) + 2, 0))
    columns = slice(max(int(left - reach), 0), max(int(right + reach) + 2, 0))
    part = mask[rows, columns]
    if not part.size:
        return
    y, x = np.mgrid[0 : part.shape[0], 0 : part.shape[1]].astype(np.float32)
    x += columns.start + 0.5 - begin[0]
    y += rows.start + 0.5 - begin[1]
    dx, dy = end[0] - begin[0], end[1] - begin[1]
    along = ((x * dx + y * dy) / max(dx * dx + dy * dy, 1e-9)).clip(0, 1)
    distance = np.hypot(x - along * dx, y - along * dy)
    np.maximum(part, ((radius - distance) / softness + 0.5).clip(0, 1), out=part)


def draw_pressed(
    points: Points,
    size: float,
    pressures: tuple[float, ...],
    height: int,
    width: int,
    *,
    soft: float = 0.0,
) -> FloatImage:
    """One stroke whose thickness follows a pen's pressure.

    Parameters
    ----------
    pressures : share of `size` at each point, or none for all of it.
    soft : share of the stroke's width over which its rim falls; at half of that lies `size`.

    Returns
    -------
    (height, width) float32 in 0..1.
    """
    softness = max(soft * size * max(height, width), 1.0)
    if not pressures:
        return draw_strokes([(points, size)], height, width, softness=softness)
    mask = np.zeros((height, width), np.float32)
    places = [(x * width, y * height) for x, y in points]
    ends = places[1:] or places
    for i, (begin, end) in enumerate(zip(places, ends, strict=False)):
        pressed = (pressures[i] + pressures[min(i + 1, len(pressures) - 1)]) / 2
        radius = max(size * max(pressed, 0.05) * max(height, width) / 2, 0.5)
        _draw_segment(mask, begin, end, radius, max(soft * 2 * radius, 1.0))
    return mask


def draw_ramp(
    begin: tuple[float, float], end: tuple[float, float], height: int, width: int, *, radial: bool
) -> FloatImage:
    """A smooth transition from 1 at a place to 0 at another, across the picture or around it.

    Returns
    -------
    (height, width) float32 in 0..1.
    """
    y, x = np.mgrid[0:height, 0:width].astype(np.float32)
    x += 0.5 - begin[0] * width
    y += 0.5 - begin[1] * height
    dx, dy = (end[0] - begin[0]) * width, (end[1] - begin[1]) * height
    length = max(float(np.hypot(dx, dy)), 1.0)
    away = np.hypot(x, y) / length if radial else (x * dx + y * dy) / length**2
    left = (1 - away).clip(0, 1)
    return np.asarray(left * left * (3 - 2 * left), np.float32)


def fill_outline(points: Points, height: int, width: int) -> FloatImage:
    """What a closed outline surrounds (even-odd rule), with a rim one pixel soft.

    Returns
    -------
    (height, width) float32 in 0..1.
    """
    x = np.array([p[0] * width for p in points])
    y = np.array([p[1] * height for p in points])
    inside = np.zeros((height, width), np.float32)
    for part in (-0.25, 0.25):
        rows = np.arange(height) + 0.5 + part
        for row, at in enumerate(rows):
            inside[row] += _covered(x, y, at, width)
    return np.asarray(inside / 2, np.float32)


def _covered(
    x: npt.NDArray[np.float64], y: npt.NDArray[np.float64], at: float, width: int
) -> FloatImage:
    """Share of each pixel of a line that lies inside an outline."""
    x2, y2 = np.roll(x, -1), np.roll(y, -1)
    crossed = (y > at) != (y2 > at)
    cuts = np.sort(x[crossed] + (at - y[crossed]) / (y2 - y)[crossed] * (x2 - x)[crossed])
    line = np.zeros(width, np.float32)
    left = np.arange(width)
    for begin, end in zip(cuts[::2], cuts[1::2], strict=False):
        line += np.clip(np.minimum(left + 1, end) - np.maximum(left, begin), 0, 1).astype(
            np.float32
        )
    return line
