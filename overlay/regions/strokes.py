"""Strokes: lines through points, and outlines, drawn into masks with smooth rims.

A stroke touches its own surroundings alone, whatever the size of the picture.
"""

from collections.abc import Iterable
from dataclasses import dataclass

import numpy as np
import numpy.typing as npt

from overlay.imaging.colour import FloatImage
from overlay.imaging.kernel import compiled

Points = tuple[tuple[float, float], ...]
_THINNEST = 0.5  # pixels of radius
_LIGHTEST = 0.05  # of a stroke's size, where a pen hardly presses


@dataclass(frozen=True)
class Cover:
    """What a stroke covers: `values`, (h, w) float32 in 0..1, at these rows and columns."""

    rows: slice
    columns: slice
    values: FloatImage

    def lay(self, mask: FloatImage, value: float) -> None:
        """Bring a mask to a value where the stroke covers it, in place."""
        part = mask[self.rows, self.columns]
        part += self.values * (np.float32(value) - part)

    def whole(self, height: int, width: int) -> FloatImage:
        """The cover on its whole picture: (height, width) float32 in 0..1, a new array."""
        mask = np.zeros((height, width), np.float32)
        mask[self.rows, self.columns] = self.values
        return mask


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
        places = _places(points, height, width)
        radii = np.full(max(len(places) - 1, 1), _radius(size, height, width))
        _lay_line(mask, places, radii, np.full(len(radii), softness), 0, 0)
    return mask


def cover_line(
    points: Points,
    size: float,
    pressures: tuple[float, ...],
    height: int,
    width: int,
    *,
    soft: float = 0.0,
) -> Cover:
    """One stroke whose thickness follows a pen's pressure.

    Parameters
    ----------
    pressures : share of `size` at each point, or none for all of it.
    soft : share of the stroke's width over which its rim falls; at half of that lies `size`.
    """
    places = _places(points, height, width)
    count = max(len(places) - 1, 1)
    if pressures:
        pressed = np.array(pressures, np.float64)
        pressed = (pressed[:count] + pressed[min(1, len(pressed) - 1) :][:count]) / 2
        longer = max(height, width)
        radii = np.maximum(size * np.maximum(pressed, _LIGHTEST) * longer / 2, _THINNEST)
        softness = np.maximum(soft * 2 * radii, 1.0)
    else:
        radii = np.full(count, _radius(size, height, width))
        softness = np.full(count, max(soft * size * max(height, width), 1.0))
    reach = float((radii + softness).max())
    rows, columns = _surroundings(places, reach, height, width)
    values = np.zeros((rows.stop - rows.start, columns.stop - columns.start), np.float32)
    _lay_line(values, places, radii, softness, rows.start, columns.start)
    return Cover(rows, columns, values)


def draw_pressed(
    points: Points,
    size: float,
    pressures: tuple[float, ...],
    height: int,
    width: int,
    *,
    soft: float = 0.0,
) -> FloatImage:
    """`cover_line` on the whole picture: (height, width) float32 in 0..1."""
    return cover_line(points, size, pressures, height, width, soft=soft).whole(height, width)


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


def cover_outline(points: Points, height: int, width: int) -> Cover:
    """What a closed outline surrounds (even-odd rule), with a rim one pixel soft."""
    places = _places(points, height, width)
    rows, columns = _surroundings(places, 1.0, height, width)
    values = np.zeros((rows.stop - rows.start, columns.stop - columns.start), np.float32)
    _fill(values, places - (columns.start, rows.start))
    return Cover(rows, columns, values)


def fill_outline(points: Points, height: int, width: int) -> FloatImage:
    """`cover_outline` on the whole picture: (height, width) float32 in 0..1."""
    return cover_outline(points, height, width).whole(height, width)


def _places(points: Points, height: int, width: int) -> npt.NDArray[np.float64]:
    return np.array(points, np.float64).reshape(-1, 2) * (width, height)


def _radius(size: float, height: int, width: int) -> float:
    return max(size * max(height, width) / 2, _THINNEST)


def _surroundings(
    places: npt.NDArray[np.float64], reach: float, height: int, width: int
) -> tuple[slice, slice]:
    """Rows and columns within reach of a stroke."""
    (left, top), (right, bottom) = places.min(axis=0) - reach, places.max(axis=0) + reach
    rows = slice(min(max(int(top), 0), height), min(max(int(bottom) + 2, 0), height))
    return rows, slice(min(max(int(left), 0), width), min(max(int(right) + 2, 0), width))


@compiled(cache=True, nogil=True)
def _lay_line(mask, places, radii, softness, first_row, first_column):
    """Lay thick segments with round ends over a mask, in place; the larger cover stays."""
    height, width = mask.shape
    for i in range(len(radii)):
        x0, y0 = places[i, 0] - first_column, places[i, 1] - first_row
        j = min(i + 1, len(places) - 1)
        dx, dy = places[j, 0] - first_column - x0, places[j, 1] - first_row - y0
        square = max(dx * dx + dy * dy, 1e-9)
        reach = radii[i] + softness[i]
        for row in range(
            max(int(min(y0, y0 + dy) - reach), 0), min(int(max(y0, y0 + dy) + reach) + 2, height)
        ):
            y = row + 0.5 - y0
            # Only the piece of the line that comes near this row can cover anything in it.
            near, far = 0.0, 1.0
            if abs(dy) > 1e-9:
                near = min(max(min((y - reach) / dy, (y + reach) / dy), 0.0), 1.0)
                far = min(max(max((y - reach) / dy, (y + reach) / dy), 0.0), 1.0)
            left = x0 + min(near * dx, far * dx) - reach
            right = x0 + max(near * dx, far * dx) + reach
            for column in range(max(int(left), 0), min(int(right) + 2, width)):
                x = column + 0.5 - x0
                along = min(max((x * dx + y * dy) / square, 0.0), 1.0)
                away = np.sqrt((x - along * dx) ** 2 + (y - along * dy) ** 2)
                cover = min(max((radii[i] - away) / softness[i] + 0.5, 0.0), 1.0)
                mask[row, column] = max(mask[row, column], np.float32(cover))


@compiled(cache=True, nogil=True)
def _sort(values, count):
    """Sort the first `count` values in place, by halving gaps (Shell, DOI 10.1145/368370.368387).

    `np.sort` takes three seconds to compile.
    """
    gap = count // 2
    while gap:
        for i in range(gap, count):
            value, k = values[i], i
            while k >= gap and values[k - gap] > value:
                values[k] = values[k - gap]
                k -= gap
            values[k] = value
        gap //= 2


@compiled(cache=True, nogil=True)
def _fill(mask, places):
    """Fill an outline by the even-odd rule, two lines of sight a row, in place."""
    height, width = mask.shape
    cuts = np.empty(len(places))
    for row in range(height):
        for part in (0.25, 0.75):
            at, found = row + part, 0
            for i in range(len(places)):
                x, y = places[i]
                x2, y2 = places[(i + 1) % len(places)]
                if (y > at) != (y2 > at):
                    cuts[found] = x + (at - y) / (y2 - y) * (x2 - x)
                    found += 1
            _sort(cuts, found)
            for k in range(0, found - 1, 2):
                begin, end = max(cuts[k], 0.0), min(cuts[k + 1], float(width))
                for column in range(int(begin), min(int(end) + 1, width)):
                    inside = min(column + 1.0, end) - max(float(column), begin)
                    mask[row, column] += np.float32(max(inside, 0.0) / 2)
