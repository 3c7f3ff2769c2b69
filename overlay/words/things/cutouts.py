"""Cut-outs: pictures of things with an outline, given a body for light, ground and water to take.

The body is the outline blown up as a cushion is: the Laplacian of its squared half depth is even
within the outline, and nothing on it (inflation by Poisson's equation as in Joshi and Carr 2008,
Repousse: automatic inflation of 2D artwork).
"""

import hashlib
from dataclasses import dataclass, field, replace

import numpy as np
import numpy.typing as npt
import scipy

from overlay.imaging.colour import ByteImage, decode_srgb
from overlay.imaging.resample import resize

OUTLINE, RELIEF, COLOUR = 0, 1, 2  # columns of a cut-out's numbers
_LONGEST = 384  # texels of its longer side
_SOLVED = 96  # of which the body is solved
_ROUND = 0.8  # of the depth of a ball with the same outline
_THIN = 0.006  # half depth at least, in heights
_SMALLEST = 8  # pixels of an outline's shorter side
_SHADE, _FLATTENED = 0.15, 0.35  # width of light that is broad, and how much of it is taken away
_LUMA = np.array([0.2126, 0.7152, 0.0722])

Mask = npt.NDArray[np.bool_]


@dataclass(frozen=True, eq=False)
class Cutout:
    """A cut-out as the drawing wants it.

    Attributes
    ----------
    numbers : (rows, columns, 5) float64: distance to the outline, below 0 inside, and half depth,
    both in heights of the cut-out; linear light.
    aspect : width over height. steepest : slope of its body. digest : of what it was made from.
    """

    numbers: npt.NDArray[np.float64] = field(repr=False)
    aspect: float
    steepest: float
    digest: str

    def tinted(self, colour: str) -> "Cutout":
        """The same in another colour: its own light and dark, to be multiplied by `colour`."""
        tone = self.numbers[..., COLOUR:] @ _LUMA
        usual = float(np.percentile(tone[self.numbers[..., OUTLINE] < 0], 70))
        grey = (tone / max(usual, 0.02)).clip(0, 1.6)[..., None]
        numbers = np.concatenate([self.numbers[..., :COLOUR], np.repeat(grey, 3, axis=2)], axis=2)
        return replace(self, numbers=numbers, digest=f"{self.digest} {colour}")


def cutout_of(picture: ByteImage) -> Cutout:
    """A cut-out of a picture.

    Parameters
    ----------
    picture : (H, W, 4) uint8, sRGB and alpha; what is more than half covered belongs to it.

    Raises
    ------
    ValueError
        Where less than 8 pixels are covered across or down.
    """
    if picture.ndim != 3 or picture.shape[2] != 4:
        raise ValueError(f"picture must be (H, W, 4), got {picture.shape}")
    cut = _trimmed(picture)
    longest = max(cut.shape[:2])
    if longest > _LONGEST:
        share = _LONGEST / longest
        cut = _reduced(cut, *(max(round(side * share), 1) for side in cut.shape[:2]))
    inside = cut[..., 3] > 0.5
    light = _evened(_spread(decode_srgb(cut[..., :3].astype(np.float64)), inside), inside)
    rows = len(cut)
    away = (
        scipy.ndimage.distance_transform_edt(~inside)
        - scipy.ndimage.distance_transform_edt(np.pad(inside, 1))[1:-1, 1:-1]
    )
    away -= 0.5 * np.sign(away)
    relief = np.where(inside, np.maximum(_cushion(inside), _THIN), 0.0)
    slopes = np.hypot(*np.gradient(_cushion(inside) * rows))[inside]
    numbers = np.concatenate([(away / rows)[..., None], relief[..., None], light], axis=2)
    digest = hashlib.sha256(picture.tobytes()).hexdigest()
    return Cutout(
        np.ascontiguousarray(numbers),
        inside.shape[1] / rows,
        float(slopes.max(initial=0.0)),
        digest,
    )


def _trimmed(picture: ByteImage) -> npt.NDArray[np.float32]:
    """What is covered, (h, w, 4) in 0..1, without the empty rim."""
    covered = picture[..., 3] > 127
    rows, columns = (np.flatnonzero(covered.any(axis=axis)) for axis in (1, 0))
    if min(len(rows), len(columns)) < _SMALLEST:
        raise ValueError(
            f"a cut-out must cover {_SMALLEST} pixels across and down, "
            f"got {len(columns)}x{len(rows)}"
        )
    part = picture[rows[0] : rows[-1] + 1, columns[0] : columns[-1] + 1]
    return (part / np.float32(255)).astype(np.float32)


def _reduced(cut: npt.NDArray[np.float32], rows: int, columns: int) -> npt.NDArray[np.float32]:
    """Smaller, colours by how far they are covered."""
    alpha = resize(np.ascontiguousarray(cut[..., 3]), rows, columns).clip(0, 1)
    colour = resize(np.ascontiguousarray(cut[..., :3] * cut[..., 3:]), rows, columns)
    colour = (colour / np.maximum(alpha, 0.02)[..., None]).clip(0, 1)
    return np.concatenate([colour, alpha[..., None]], axis=2).astype(np.float32)


def _spread(light: npt.NDArray[np.float64], inside: Mask) -> npt.NDArray[np.float64]:
    """Colours of the inside, taken on beyond it, so that no rim of another colour shows."""
    sure = scipy.ndimage.binary_erosion(inside, iterations=1)
    known = sure if sure.any() else inside
    nearest = scipy.ndimage.distance_transform_edt(
        ~known, return_distances=False, return_indices=True
    )
    return np.asarray(light[tuple(nearest)])


def _evened(light: npt.NDArray[np.float64], inside: Mask) -> npt.NDArray[np.float64]:
    """Less of its own broad light and shade: the scene gives it another one."""
    tone = light @ _LUMA + 1e-3
    sigma, weight = _SHADE * max(inside.shape), inside.astype(np.float64)
    total = scipy.ndimage.gaussian_filter(weight, sigma) + 1e-6
    broad = scipy.ndimage.gaussian_filter(weight * np.log(tone), sigma) / total
    usual = float(broad[inside].mean())
    return np.asarray((light * np.exp(_FLATTENED * (usual - broad))[..., None]).clip(0, 1))


def _cushion(inside: Mask) -> npt.NDArray[np.float64]:
    """Half depth of the body, in heights, on every texel."""
    rows, columns = inside.shape
    share = min(_SOLVED / max(rows, columns), 1.0)
    small = tuple(max(round(side * share), 2) for side in (rows, columns))
    low = resize(inside.astype(np.float32), *small) > 0.5
    round_ = np.sqrt(_poisson(low) + 1.0) - 1.0
    full = resize((_ROUND * round_ / small[0]).astype(np.float32), rows, columns)
    return np.asarray(full, np.float64).clip(0, None)


def _poisson(inside: Mask) -> npt.NDArray[np.float64]:
    """u with an even Laplacian of -1 inside and 0 outside, texels as units."""
    padded = np.pad(inside, 1)
    number = np.full(padded.shape, -1)
    count = int(padded.sum())
    number[padded] = np.arange(count)
    out = np.zeros(padded.shape)
    if not count:
        return out[1:-1, 1:-1]
    own = np.arange(count)
    rows, columns, values = [own], [own], [np.full(count, 4.0)]
    for step in ((0, 1), (0, -1), (1, 0), (-1, 0)):
        beside = np.roll(number, step, (0, 1))[padded]
        there = beside >= 0
        rows.append(own[there])
        columns.append(beside[there])
        values.append(np.full(int(there.sum()), -1.0))
    parts = (np.concatenate(values), (np.concatenate(rows), np.concatenate(columns)))
    out[padded] = scipy.sparse.linalg.spsolve(
        scipy.sparse.csr_matrix(parts, (count, count)).tocsc(), np.ones(count)
    )
    return out[1:-1, 1:-1]
