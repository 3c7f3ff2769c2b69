"""Changing the size of float pictures: halving, doubling, any size, pyramids.

Pixel centres lie at half-integers, so halving and doubling keep things in place.
"""

import numpy as np
import numpy.typing as npt

from overlay.imaging.colour import FloatImage
from overlay.imaging.kernel import STEADY, compiled
from overlay.imaging.rows import by_rows


@compiled(cache=True, fastmath=STEADY, forceinline=True)
def _narrow(row, out, width, channels):
    """Called with the number of channels written out: then the inner loop is unrolled."""
    for x in range(width):
        for c in range(channels):
            k = 2 * x * channels + c
            out[x * channels + c] = (
                row[k] + row[k + 3 * channels]
                + np.float32(3) * (row[k + channels] + row[k + 2 * channels])
            )  # fmt: skip


@compiled(cache=True, fastmath=STEADY, forceinline=True)
def _widen(row, out, width, channels):
    """As `_narrow`, the other way."""
    for x in range(width):
        for c in range(channels):
            k = (x + 1) * channels + c
            middle = np.float32(3) * row[k]
            out[2 * x * channels + c] = middle + row[k - channels]
            out[(2 * x + 1) * channels + c] = middle + row[k + channels]


@by_rows(fastmath=STEADY)
def _halve(from_row, to_row, image, width, channels, out):
    """Separable binomial 1-3-3-1: no aliasing to speak of, and the centre stays put.

    Rows are summed first, into one that is continued by a pixel on the left and two on the right.
    """
    height, length = image.shape
    for y in range(from_row, to_row):
        above, below = max(2 * y - 1, 0), min(2 * y + 2, height - 1)
        middle = min(2 * y + 1, height - 1)
        row = np.empty(length + 3 * channels, np.float32)
        for k in range(length):
            row[channels + k] = np.float32(1 / 64) * (
                image[above, k] + image[below, k]
                + np.float32(3) * (image[2 * y, k] + image[middle, k])
            )  # fmt: skip
        for c in range(channels):
            row[c] = row[channels + c]
            row[length + channels + c] = row[length + 2 * channels + c] = row[length + c]
        if channels == 3:
            _narrow(row, out[y], (width + 1) // 2, 3)
        elif channels == 1:
            _narrow(row, out[y], (width + 1) // 2, 1)
        else:
            _narrow(row, out[y], (width + 1) // 2, channels)


@by_rows(fastmath=STEADY)
def _double(from_row, to_row, image, channels, width, out):
    """Each pixel 9-3-3-1 of the four nearest; rows are blended first, as in `_halve`."""
    height, length = image.shape
    for y in range(from_row, to_row):
        near = min(y // 2, height - 1)
        far = min(max(near + (1 if y % 2 else -1), 0), height - 1)
        row = np.empty(length + 2 * channels, np.float32)
        for k in range(length):
            row[channels + k] = (
                np.float32(0.1875) * image[near, k] + np.float32(0.0625) * image[far, k]
            )
        for c in range(channels):
            row[c], row[length + channels + c] = row[channels + c], row[length + c]
        if channels == 3:
            _widen(row, out[y], width // 2, 3)
        elif channels == 1:
            _widen(row, out[y], width // 2, 1)
        else:
            _widen(row, out[y], width // 2, channels)
        if width % 2:
            for c in range(channels):
                k = (width // 2 + 1) * channels + c
                out[y, (width - 1) * channels + c] = np.float32(3) * row[k] + row[k - channels]


def _three_axes(image: FloatImage) -> FloatImage:
    contiguous = np.ascontiguousarray(image, np.float32)
    return contiguous if contiguous.ndim == 3 else contiguous[:, :, None]


def halve(image: FloatImage) -> FloatImage:
    """Half the size, rounded up. `(H, W[, C])` float32, any encoding; a new array."""
    full = _three_axes(image)
    out = np.empty(((full.shape[0] + 1) // 2, (full.shape[1] + 1) // 2, full.shape[2]), np.float32)
    height, width, channels = full.shape
    _halve(
        len(out),
        full.reshape(height, -1),
        width,
        channels,
        out.reshape(len(out), -1),
    )
    return out if image.ndim == 3 else out[:, :, 0]


def double(image: FloatImage, shape: tuple[int, int]) -> FloatImage:
    """Twice the size, to exactly `shape` (height, width), which `halve` would bring to `image`."""
    small = _three_axes(image)
    out = np.empty((*shape, small.shape[2]), np.float32)
    channels = small.shape[2]
    _double(
        shape[0],
        small.reshape(len(small), -1),
        channels,
        shape[1],
        out.reshape(shape[0], -1),
    )
    return out if image.ndim == 3 else out[:, :, 0]


def soften(image: FloatImage, times: int = 1) -> FloatImage:
    """What is left of a picture after halving and doubling `times` over: its lower frequencies."""
    small = halve(image)
    if times > 1:
        small = soften(small, times - 1)
    return double(small, (image.shape[0], image.shape[1]))


def pyramid(image: FloatImage, levels: int) -> list[FloatImage]:
    """`levels` + 1 pictures, each half of the one before; the first is the picture itself."""
    out = [image]
    for _ in range(levels):
        out.append(halve(out[-1]))
    return out


def _lanczos_taps(old: int, new: int) -> tuple[npt.NDArray[np.int64], FloatImage]:
    """Start index and weights (Lanczos, 3 lobes, widened when reducing) for each new position."""
    stretch = max(old / new, 1.0)
    centre = (np.arange(new) + 0.5) * old / new - 0.5
    first = np.ceil(centre - 3 * stretch).astype(np.int64)
    taps = int(np.floor(6 * stretch)) + 1
    x = (first[:, None] + np.arange(taps) - centre[:, None]) / stretch
    weights = np.where(np.abs(x) < 3, np.sinc(x) * np.sinc(x / 3), 0.0)
    weights /= weights.sum(axis=1, keepdims=True)
    return first, weights.astype(np.float32)


@by_rows()
def _resample_rows(from_row, to_row, image, first, weights, begin, last, out):
    """From rows `begin` and on of a picture whose last row is `last`."""
    for y in range(from_row, to_row):
        for x in range(out.shape[1]):
            for c in range(out.shape[2]):
                out[y, x, c] = 0.0
        for k in range(weights.shape[1]):
            source = min(max(first[y] + k, 0), last) - begin
            w = weights[y, k]
            for x in range(out.shape[1]):
                for c in range(out.shape[2]):
                    out[y, x, c] += w * image[source, x, c]


def resize(image: FloatImage, height: int, width: int) -> FloatImage:
    """Resample to any size with a Lanczos kernel (3 lobes), free of aliasing when reducing.

    Parameters
    ----------
    image : (H, W[, C]) float32, any encoding.
    height, width : pixels, at least 1.

    Returns
    -------
    (height, width[, C]) float32; a new array, may overshoot the input's range slightly.
    """
    if height < 1 or width < 1:
        raise ValueError(f"height and width must be at least 1, got {height} and {width}")
    out = _three_axes(image)
    for axis_length in (height, width):
        first, weights = _lanczos_taps(out.shape[0], axis_length)
        rows = np.empty((axis_length, out.shape[1], out.shape[2]), np.float32)
        _resample_rows(rows.shape[0], out, first, weights, 0, len(out) - 1, rows)
        out = np.ascontiguousarray(rows.transpose(1, 0, 2))
    return out if image.ndim == 3 else out[:, :, 0]


def rows_needed(old: int, new: int, top: int, bottom: int) -> tuple[int, int]:
    """First and last row, the last not counted, that rows `top` to `bottom` are resampled from."""
    if old == new:
        return top, bottom
    first, weights = _lanczos_taps(old, new)
    return max(int(first[top]), 0), min(int(first[bottom - 1]) + weights.shape[1], old)


def resize_rows(
    part: FloatImage, begin: int, old: int, shape: tuple[int, int], rows: tuple[int, int]
) -> FloatImage:
    """Some rows of what `resize` makes of a picture, from a part of it, to the same values.

    Parameters
    ----------
    part : (h, W, C) float32, rows of the picture from `begin` on; at least `rows_needed`.
    old : rows of the whole picture. shape : (height, width) of the whole result.
    rows : first and last row of the result, the last not counted.
    """
    top, bottom = rows
    out = part[top - begin : bottom - begin]
    if old != shape[0]:
        first, weights = _lanczos_taps(old, shape[0])
        out = np.empty((bottom - top, *part.shape[1:]), np.float32)
        _resample_rows(
            out.shape[0], part, first[top:bottom], weights[top:bottom], begin, old - 1, out
        )
    if part.shape[1] == shape[1]:
        return out
    first, weights = _lanczos_taps(part.shape[1], shape[1])
    across = np.empty((shape[1], len(out), part.shape[2]), np.float32)
    columns = np.ascontiguousarray(out.transpose(1, 0, 2))
    _resample_rows(across.shape[0], columns, first, weights, 0, len(columns) - 1, across)
    return np.ascontiguousarray(across.transpose(1, 0, 2))


def linear_rows(image: FloatImage, shape: tuple[int, int], rows: tuple[int, int]) -> FloatImage:
    """Some rows of a map enlarged from pixel to pixel in straight lines, never out of its range.

    Parameters
    ----------
    image : (h, w) float32. shape : (height, width) of the whole result, no smaller.
    rows : first and last row of the result, the last not counted.

    Returns
    -------
    (rows, width) float32; a new array.
    """
    y = (np.arange(*rows) + 0.5) * image.shape[0] / shape[0] - 0.5
    x = (np.arange(shape[1]) + 0.5) * image.shape[1] / shape[1] - 0.5
    (above, below, down), (left, right, across) = (
        _between(y, len(image)),
        _between(x, image.shape[1]),
    )
    some = image[above] + down[:, None] * (image[below] - image[above])
    return np.asarray(some[:, left] + across * (some[:, right] - some[:, left]), np.float32)


def _between(
    at: npt.NDArray[np.float64], length: int
) -> tuple[npt.NDArray[np.int64], npt.NDArray[np.int64], FloatImage]:
    """The pixels before and after a place, and how far it lies from the first to the second."""
    first = np.floor(at).astype(np.int64)
    share = (at - first).astype(np.float32)
    return first.clip(0, length - 1), (first + 1).clip(0, length - 1), share


def cover(image: FloatImage, height: int, width: int) -> FloatImage:
    """Fill a frame: scale until both sides reach it, then cut the overhang evenly.

    Proportions within two percent of the frame's are simply scaled.
    """
    h, w = image.shape[:2]
    if abs(w / h * height / width - 1) > 0.02:
        scale = max(height / h, width / w)
        cut_h, cut_w = min(h, round(height / scale)), min(w, round(width / scale))
        y, x = (h - cut_h) // 2, (w - cut_w) // 2
        image = image[y : y + cut_h, x : x + cut_w]
    if image.shape[:2] == (height, width):
        return image.copy()
    return resize(image, height, width)
