"""All style references at one scale, laid out for the search: pages in flat buffers.

Each reference gives two pages, itself and its mirror image. A page holds, for every pixel, the
colours that are voted with, softened colours to compare with on entering a scale, the channels of
the guide, and the mean colour of the patch that begins there.
"""

from dataclasses import dataclass

import numpy as np
import numpy.typing as npt
from numba import njit, prange

from overlay.engine.request import StyleCue
from overlay.imaging.colour import FloatImage, srgb_to_work
from overlay.imaging.gradients import normalised_gradient
from overlay.imaging.resample import pyramid, resize, soften

PATCH = 8
# A page is at least so large, so that there is something to choose from.
_SMALLEST = 20


@dataclass(frozen=True)
class Atlas:
    """The pages of all style references at one scale.

    Attributes
    ----------
    sharp, soft, means, guides : (pixels * 3,) float32, page after page, row by row.
    start : (pages,) int64, first pixel of each page. Pages 2r and 2r + 1 belong to reference r.
    height, width : (pages,) int64, pixels.
    dull, soft_dull : (pixels,) float32, how much less contrast the patch at a pixel has than the
        reference's patches usually have (sum of squares, 0 where it has as much).
    detail : (references,) float32, standard deviation of each one's fine band.
    """

    sharp: FloatImage
    soft: FloatImage
    means: FloatImage
    guides: FloatImage
    start: npt.NDArray[np.int64]
    height: npt.NDArray[np.int64]
    width: npt.NDArray[np.int64]
    detail: FloatImage
    dull: FloatImage
    soft_dull: FloatImage


def fit_reference(cue: StyleCue, area: int) -> tuple[FloatImage, float]:
    """A cue's picture in the working space, its marks at their size.

    A picture larger than the proof is reduced to the proof's area; then `scale` is applied.

    Returns
    -------
    The picture (h, w, 3) float32, and how many pixels of the original one of its pixels spans.
    """
    picture = srgb_to_work(cue.picture)
    height, width = picture.shape[:2]
    scale = cue.scale * min(1.0, np.sqrt(area / (height * width)))
    if abs(scale - 1) < 1e-3:
        return picture, 1.0
    # Enlarged marks need no more room than four proofs.
    scale = min(scale, np.sqrt(4 * area / (height * width)))
    picture = resize(picture, max(1, round(height * scale)), max(1, round(width * scale)))
    return picture, float(1 / scale)


def build_atlases(
    pictures: list[FloatImage], levels: int, guide_sigma: float | None
) -> list[Atlas]:
    """Atlases for the levels 0 (full size) to `levels`.

    Parameters
    ----------
    pictures : references in the working space, from `fit_reference`.
    guide_sigma : smoothing of the guide's gradient in pixels, or None when no guide is used.
    """
    pyramids = [pyramid(_at_least(p), levels) for p in pictures]
    return [_atlas([p[level] for p in pyramids], guide_sigma) for level in range(levels + 1)]


def guide_channels(lightness: FloatImage, sigma: float) -> FloatImage:
    """Strength, and strength times cosine and sine of twice the angle: (H, W, 3) float32."""
    g = normalised_gradient(lightness, sigma)
    return np.stack([g.strength, g.strength * g.cos2, g.strength * g.sin2], axis=-1)


def _at_least(picture: FloatImage, smallest: int = _SMALLEST) -> FloatImage:
    """Repeat a small picture by reflection until both sides reach `smallest`."""
    grow = [max(0, smallest - side) for side in picture.shape[:2]]
    if not any(grow):
        return picture
    return np.pad(picture, ((0, grow[0]), (0, grow[1]), (0, 0)), mode="symmetric")


def _atlas(pictures: list[FloatImage], guide_sigma: float | None) -> Atlas:
    sharp: list[FloatImage] = []
    soft: list[FloatImage] = []
    means: list[FloatImage] = []
    guides: list[FloatImage] = []
    dull: list[FloatImage] = []
    soft_dull: list[FloatImage] = []
    shapes: list[tuple[int, ...]] = []
    detail: list[float] = []
    for raw in pictures:
        picture = _at_least(raw)
        softened = soften(picture)
        guide = np.zeros_like(picture)
        if guide_sigma is not None:
            guide = guide_channels(np.ascontiguousarray(picture[..., 0]), guide_sigma)
        detail.append(float((picture - softened).std()) + 1e-4)
        flip = np.array([1, 1, -1], np.float32)
        sharp += [picture, picture[:, ::-1]]
        soft += [softened, softened[:, ::-1]]
        for pages, keys in ((dull, picture), (soft_dull, softened)):
            mean, lack = _patch_statistics(keys)
            pages += [lack, _mirror_patches(lack)]
            if keys is picture:
                means += [mean, _mirror_patches(mean)]
        guides += [guide, guide[:, ::-1] * flip]
        shapes += [picture.shape[:2]] * 2
    sizes = np.array(shapes, np.int64).reshape(-1, 2)
    ends = np.cumsum(sizes[:, 0] * sizes[:, 1])
    return Atlas(
        sharp=_flat(sharp),
        soft=_flat(soft),
        means=_flat(means),
        guides=_flat(guides),
        start=np.concatenate([[0], ends[:-1]]).astype(np.int64),
        height=sizes[:, 0].copy(),
        width=sizes[:, 1].copy(),
        detail=np.array(detail, np.float32),
        dull=_flat(dull),
        soft_dull=_flat(soft_dull),
    )


@njit(cache=True, parallel=True, nogil=True)
def _box_sums(picture, total, squares):
    """Sum per channel, and sum of all squares, of the patch whose top left pixel is here."""
    height, width = picture.shape[:2]
    for y in prange(height - PATCH + 1):
        columns = np.zeros((width, 4), np.float32)
        for dy in range(PATCH):
            for x in range(width):
                for c in range(3):
                    v = picture[y + dy, x, c]
                    columns[x, c] += v
                    columns[x, 3] += v * v
        for x in range(width - PATCH + 1):
            for dx in range(PATCH):
                for c in range(3):
                    total[y, x, c] += columns[x + dx, c]
                squares[y, x] += columns[x + dx, 3]


def _patch_statistics(picture: FloatImage) -> tuple[FloatImage, FloatImage]:
    """Mean of each patch (h, w, 3), and how much contrast it lacks (h, w); 0 beyond the last."""
    total, squares = np.zeros_like(picture), np.zeros(picture.shape[:2], np.float32)
    _box_sums(np.ascontiguousarray(picture), total, squares)
    mean = total / np.float32(PATCH * PATCH)
    spread = squares - (total * mean).sum(axis=2)
    height, width = spread.shape
    usual = np.median(spread[: height - PATCH + 1, : width - PATCH + 1])
    return mean, np.maximum(usual - spread, 0)


def _mirror_patches(values: FloatImage) -> FloatImage:
    """Values of patches, mirrored with their picture: the first pixel becomes the last."""
    out = np.zeros_like(values)
    last = values.shape[1] - PATCH + 1
    out[:, :last] = values[:, :last][:, ::-1]
    return out


def _flat(pages: list[FloatImage]) -> FloatImage:
    return np.concatenate([np.ascontiguousarray(p, np.float32).ravel() for p in pages])
