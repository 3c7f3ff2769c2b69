"""Palette: a smooth map of colour from one picture to another.

A transport between the two colour distributions is found on samples by sliced optimal transport
(Rabin et al. 2011, doi:10.1007/978-3-642-24785-9_37; Pitie et al. 2007,
doi:10.1016/j.cviu.2006.11.011). Applied pixel by pixel it would amplify noise, so it is smoothed
into a cube of displacements once and interpolated from then on.
"""

import numpy as np
import numpy.typing as npt
import scipy

from overlay.imaging.colour import FloatImage
from overlay.imaging.kernel import compiled
from overlay.imaging.numbers.products import dot, length
from overlay.imaging.rows import by_rows, side_by_side

CELLS = 25
_LO = np.array([-0.55, -0.75, -0.75], np.float32)
_HI = np.array([0.55, 0.75, 0.75], np.float32)
_SAMPLES = 3000
_ROUNDS = 12
_BIN = 0.06  # side of a cell of colours that count as one, working space
_EVENNESS = 0.9  # 1 counts by area, 0 counts each colour alike
_SHADES = 3.0  # cells of lightness over which the shades of a hue move alike
# By how much differences of like colours may grow. At 2 a dark leaf becomes a pale cloud, at 1.2
# the style match of eight photographs falls by more than a point.
_STEEPEST = 1.4
_STEEPER = 4.0  # and more where colours hardly occur: flat tones may part as far as they like
_EASINGS = 40  # rounds; a step of half the tones is spread over eight cells by then

Cube = npt.NDArray[np.float32]  # (CELLS, CELLS, CELLS, 3) displacement in the working space


def sample_colours(image: FloatImage, count: int = _SAMPLES) -> FloatImage:
    """Colours from all over a picture, `(count, 3)`, always the same ones.

    Common colours count by a power of their area, so that a large background does not claim
    whatever resembles it and small accents are not lost.
    """
    flat = image.reshape(-1, 3)
    picks = np.floor((np.arange(4 * count) + 0.5) * len(flat) / (4 * count)).astype(np.int64)
    # A prime step through the pixels keeps the picks from lining up in columns.
    colours = flat[(picks * 7919) % len(flat)]
    cell = np.floor(colours / _BIN).astype(np.int64) + 64
    _, index, crowd = np.unique(dot(cell, (1, 128, 16384)), return_inverse=True, return_counts=True)
    weight = crowd[index].astype(np.float64) ** (_EVENNESS - 1)
    steps = np.cumsum(weight) / weight.sum()
    chosen = np.searchsorted(steps, (np.arange(count) + 0.5) / count)
    return np.ascontiguousarray(colours[chosen])


def transport(source: FloatImage, target: FloatImage) -> FloatImage:
    """Move samples so that their distribution becomes the target's.

    Parameters
    ----------
    source, target : (n, 3) float32, working space, of equal length.

    Returns
    -------
    (n, 3) float32, the moved source samples, in the source's order.
    """
    rng = np.random.default_rng(20)
    moved = source.astype(np.float64)
    for _ in range(_ROUNDS):
        for axis in _basis(rng.standard_normal((3, 3))):
            along = dot(moved, axis)
            order = _stable_order(along)
            step = np.empty_like(along)
            step[order] = 0.5 * (np.sort(dot(target, axis)) - along[order])
            moved += step[:, None] * axis
    return moved.astype(np.float32)


def _basis(columns: npt.NDArray[np.float64]) -> list[npt.NDArray[np.float64]]:
    """Three axes at right angles that the columns of a matrix (3, 3) lead to, one by one."""
    axes: list[npt.NDArray[np.float64]] = []
    for column in columns.T:
        for axis in axes:
            column = column - dot(column, axis) * axis
        axes.append(column / length(column))
    return axes


def _stable_order(values: npt.NDArray[np.float64]) -> npt.NDArray[np.int64]:
    """As a stable argsort, which takes four times as long, and differs only where values do not."""
    order = np.argsort(values)
    rising = values[order]
    return order if (rising[1:] > rising[:-1]).all() else np.argsort(values, kind="stable")


def build_cube(source: FloatImage, moved: FloatImage) -> Cube:
    """Displacements between samples and where they went, smoothed over colour space.

    Cells far from any sample take the displacement of the nearest ones.
    """
    cell = (source - _LO) / (_HI - _LO) * (CELLS - 1)
    index = np.rint(cell).astype(np.int64).clip(0, CELLS - 1)
    flat = np.ravel_multi_index(tuple(index.T), (CELLS,) * 3)
    count = np.bincount(flat, minlength=CELLS**3).reshape((CELLS,) * 3).astype(np.float64)
    shift = moved.astype(np.float64) - source
    total = np.stack(
        [np.bincount(flat, shift[:, c], CELLS**3).reshape((CELLS,) * 3) for c in range(3)], -1
    )
    cube = np.zeros((CELLS, CELLS, CELLS, 3))
    known = np.zeros((CELLS,) * 3)

    def smoothed(sigma: float) -> tuple[npt.NDArray[np.float64], npt.NDArray[np.float64]]:
        """How many samples are about each cell, and their mean displacement."""
        weight = scipy.ndimage.gaussian_filter(count, sigma, mode="constant")
        shifts = scipy.ndimage.gaussian_filter(total, (sigma, sigma, sigma, 0), mode="constant")
        return weight, np.asarray(shifts) / np.maximum(weight, 1e-9)[..., None]

    for weight, mean in reversed(side_by_side(smoothed, (9.0, 3.0, 1.4, 0.7))):
        sure = np.clip(weight / (weight + 0.15), 0, 1) * (1 - known)
        cube += sure[..., None] * mean
        known += sure
    cube /= np.maximum(known, 1e-9)[..., None]
    # What many pixels have decides; elsewhere it is led along.
    mass = np.sqrt(scipy.ndimage.gaussian_filter(count, 1.0, mode="constant")) + 0.05
    cube[..., 1:] = _with_its_shades(cube[..., 1:], mass)
    return _eased(cube, mass, scipy.ndimage.gaussian_filter(count, 0.5, mode="constant"))


def _with_its_shades(
    hues: npt.NDArray[np.float64], mass: npt.NDArray[np.float64]
) -> npt.NDArray[np.float64]:
    """Displacements of both colour axes, alike for the lighter and darker shades of a hue.

    The nearest dark colour of a reference may be of any hue; a red bowl must not turn green in its
    shade.
    """
    weight = scipy.ndimage.gaussian_filter1d(mass, _SHADES, axis=0, mode="nearest")
    mean = scipy.ndimage.gaussian_filter1d(mass[..., None] * hues, _SHADES, axis=0, mode="nearest")
    return np.asarray(mean / weight[..., None])


def _eased(
    cube: npt.NDArray[np.float64],
    mass: npt.NDArray[np.float64],
    crowd: npt.NDArray[np.float64],
) -> Cube:
    """The cube without places where it leads like colours far apart.

    A transport gives every colour of the reference its area: a smooth dark third of a picture would
    be drawn out over half of all tones, and a leaf hardly lighter than its ground become a cloud.
    """
    step = (_HI - _LO).astype(np.float64) / (CELLS - 1)
    axes = [low + step[c] * np.arange(CELLS) for c, low in enumerate(_LO)]
    own = np.stack(np.meshgrid(*axes, indexing="ij"), axis=-1)
    to = own + cube
    _ease(to, mass, crowd, step, np.array([_STEEPEST, _STEEPER]), _EASINGS)
    return np.ascontiguousarray(to - own, np.float32)


@compiled(cache=True, error_model="numpy")
def _ease(to, mass, crowd, step, most, rounds):
    """Draw neighbouring cells together where they are led farther apart than may be.

    By `most[0]` a unit where both hold many pixels, up to `most[1]` more where one holds hardly
    any.
    """
    allowed = _allowed(crowd, step, most)
    for _ in range(rounds):
        eased = False
        for axis in range(3):
            for parity in range(2):  # first every even pair along the axis, then every odd one
                eased |= _ease_pairs(to, mass, allowed[axis], axis, parity)
        if not eased:
            break


@compiled(cache=True, error_model="numpy")
def _allowed(crowd, step, most):
    """How far a cell and the next along each axis may be led apart."""
    n = crowd.shape[0]
    allowed = np.zeros((3, n, n, n))
    for axis in range(3):
        di, dj, dk = int(axis == 0), int(axis == 1), int(axis == 2)
        for i in range(n - di):
            for j in range(n - dj):
                for k in range(n - dk):
                    few = min(crowd[i, j, k], crowd[i + di, j + dj, k + dk])
                    allowed[axis, i, j, k] = (most[0] + most[1] / (1 + 2 * few)) * step[axis]
    return allowed


@compiled(cache=True, error_model="numpy")
def _ease_pairs(to, mass, allowed, axis, parity):
    """One round over every second pair along an axis; whether any was too far apart."""
    n, eased = to.shape[0], False
    di, dj, dk = int(axis == 0), int(axis == 1), int(axis == 2)
    for i in range(parity * di, n - di, 1 + di):
        for j in range(parity * dj, n - dj, 1 + dj):
            for k in range(parity * dk, n - dk, 1 + dk):
                square = 0.0
                for c in range(3):
                    square += (to[i + di, j + dj, k + dk, c] - to[i, j, k, c]) ** 2
                most = allowed[i, j, k]
                if square < 0.999 * most * most:  # most pairs, without a root
                    continue
                gap = np.sqrt(square)
                if gap <= most:
                    continue
                eased = True
                v, w = mass[i, j, k], mass[i + di, j + dj, k + dk]
                over = (1 - most / gap) / (v + w)
                for c in range(3):
                    d = over * (to[i + di, j + dj, k + dk, c] - to[i, j, k, c])
                    to[i, j, k, c] += w * d
                    to[i + di, j + dj, k + dk, c] -= v * d
    return eased


@by_rows(error_model="numpy")
def _apply_cube(from_row, to_row, image, smooth, cube, lo, scale, out):
    last, one = np.float32(cube.shape[0] - 1.0001), np.float32(1)
    for y in range(from_row, to_row):
        for x in range(image.shape[1]):
            f0 = min(max((smooth[y, x, 0] - lo[0]) * scale[0], np.float32(0)), last)
            f1 = min(max((smooth[y, x, 1] - lo[1]) * scale[1], np.float32(0)), last)
            f2 = min(max((smooth[y, x, 2] - lo[2]) * scale[2], np.float32(0)), last)
            i, j, k = int(f0), int(f1), int(f2)
            f0, f1, f2 = f0 - np.float32(i), f1 - np.float32(j), f2 - np.float32(k)
            for c in range(3):
                low = (cube[i, j, k, c] * (one - f2) + cube[i, j, k + 1, c] * f2) * (one - f1)
                low += (cube[i, j + 1, k, c] * (one - f2) + cube[i, j + 1, k + 1, c] * f2) * f1
                high = (cube[i + 1, j, k, c] * (one - f2) + cube[i + 1, j, k + 1, c] * f2) * (
                    one - f1
                )
                high += (
                    cube[i + 1, j + 1, k, c] * (one - f2) + cube[i + 1, j + 1, k + 1, c] * f2
                ) * f1
                shift = low * (one - f0) + high * f0
                out[y, x, c] = image[y, x, c] + shift


def apply_cube(image: FloatImage, smooth: FloatImage, cube: Cube) -> FloatImage:
    """Shift a picture's colours as a cube says.

    The shift is read at the smoothed colour, so that noise and detail come through as they are,
    however steep the map is.

    Parameters
    ----------
    image : (H, W, 3) float32, working space.
    smooth : the same from `smooth_within`, or the picture itself.

    Returns
    -------
    (H, W, 3) float32, working space, a new array.
    """
    out = np.empty_like(image)
    scale = ((CELLS - 1) / (_HI - _LO)).astype(np.float32)
    image, smooth = (np.ascontiguousarray(v, np.float32) for v in (image, smooth))
    _apply_cube(image.shape[0], image, smooth, cube, _LO, scale, out)
    return out


def palette_cube(source: FloatImage, target_colours: FloatImage) -> Cube:
    """The cube that gives `source` the colours in `target_colours` (from `sample_colours`)."""
    samples = sample_colours(source)
    return build_cube(samples, transport(samples, target_colours))
