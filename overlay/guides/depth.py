"""Depth of a single picture: near is 1, far is 0.

Nobody measures; what is known of pictures of places is used. The ground rises towards the horizon,
things stand on the ground where they touch it, the sky lies behind everything, and what is far is
hazy. Strokes of the artist correct what this gets wrong.
"""

from collections.abc import Iterable
from dataclasses import dataclass

import numpy as np
import numpy.typing as npt
import scipy

from overlay.imaging.colour import ByteImage, FloatImage, srgb_to_work
from overlay.imaging.numbers.curves import exp
from overlay.imaging.resample import resize
from overlay.imaging.sky import find_sky
from overlay.imaging.spread import spread, stands_out

_ROWS = 200  # depth is estimated at this height
_SEGMENTS = 24  # superpixels over the height
_ALIKE = 0.055  # colour difference of neighbours that count as one thing
_PULL = 60.0  # of a stroke against the estimate
_SKY = 0.05  # pull of the sky to stay where it is
# Where there is no sky: height of the horizon from the top, and how much nearer a thing is that the
# rim does not reach. Rank correlation with a measured garage: 0.64 without, 0.76 with both.
_INDOORS, _BEFORE = 0.55, 0.3
_FAINT = (0.2, 0.6)  # share of a stroke that arrives, below which it counts nothing, above all


@dataclass(frozen=True)
class DepthOptions:
    """Settings of the estimate.

    Attributes
    ----------
    ground : 0..1, height of the horizon from the top; negative to find it.
    haze : 0..1, how much paleness counts as distance.
    flat_sky : whether the sky is brought to the farthest as a whole.
    invert : near and far exchanged, for maps from elsewhere.
    """

    ground: float = -1.0
    haze: float = 0.25
    flat_sky: bool = True
    invert: bool = False

    def __post_init__(self) -> None:
        if not -1 <= self.ground <= 1:
            raise ValueError(f"ground must be -1 to 1, got {self.ground}")
        if not 0 <= self.haze <= 1:
            raise ValueError(f"haze must be 0 to 1, got {self.haze}")


@dataclass(frozen=True)
class DepthStroke:
    """A stroke that says how near its place is.

    Attributes
    ----------
    mask : (h, w) bool of any size, the stroke on the picture. near : 0 far to 1 near.
    """

    mask: npt.NDArray[np.bool_]
    near: float


def even_depth(depth: FloatImage) -> FloatImage:
    """The same order of near and far, all depths equally frequent; a plain one lies at a half.

    Parameters
    ----------
    depth : (H, W) float32, any range; 1 is near.

    Returns
    -------
    (H, W) float32 in 0..1.
    """
    values = np.quantile(depth[::2, ::2], np.linspace(0, 1, 257))
    # Equal values share the middle of their ranks.
    below, above = (np.searchsorted(values, depth, side=side) for side in ("left", "right"))
    return ((below + above) / (2 * len(values))).astype(np.float32)


def estimate_depth(picture: ByteImage, options: DepthOptions | None = None) -> FloatImage:
    """Depth from ground contact, sky, and haze.

    Parameters
    ----------
    picture : (H, W, 3) uint8 sRGB.

    Returns
    -------
    (H, W) float32 in 0..1; 1 is nearest. Flat pictures give the plain ground.
    """
    options = DepthOptions() if options is None else options
    height, width = picture.shape[:2]
    work = _small(picture)
    sky = find_sky(work)
    horizon = options.ground if options.ground >= 0 else _horizon(work, sky)
    things = _things(work)
    depth = _standing(things, horizon, sky)
    if not sky.any():
        depth += _BEFORE * stands_out(work)
    if options.haze > 0:
        depth *= 1 - 0.35 * options.haze * _paleness(work, sky)
    if options.flat_sky:
        depth[sky] = 0.0
    depth = _even(depth)
    full = resize(depth.astype(np.float32), height, width).clip(0, 1)
    return 1 - full if options.invert else full


def correct_depth(
    depth: FloatImage, picture: ByteImage, strokes: Iterable[DepthStroke]
) -> FloatImage:
    """Let near and far strokes spread along the picture's own edges.

    Parameters
    ----------
    depth : (H, W) float32 in 0..1. picture : (H, W, 3) uint8 sRGB.

    Returns
    -------
    (H, W) float32 in 0..1; a new array.
    """
    work = _small(picture)
    rows, columns = work.shape[:2]
    small = resize(depth, rows, columns)
    pull, wanted = np.zeros((rows, columns)), np.zeros((rows, columns))
    for stroke in strokes:
        cover = resize(stroke.mask.astype(np.float32), rows, columns) > 0.3
        pull[cover], wanted[cover] = _PULL, stroke.near
    said = pull > 0
    if not said.any():
        return depth.copy()
    # Clouds may be as pale as what stands before them: unless strokes lie in the sky, it stays.
    sky = find_sky(work)
    if (sky & said).sum() < 0.3 * said.sum():
        pull[sky & ~said] = _SKY
    change, reach = np.moveaxis(
        spread(work, pull, np.dstack([np.where(said, wanted - small, 0.0), said])), 2, 0
    )
    # Wholly over the thing that a stroke lies on, not at all where little of it arrives.
    firm = np.clip((reach - _FAINT[0]) / (_FAINT[1] - _FAINT[0]), 0, 1)
    change = change / np.maximum(reach, 1e-6) * firm * firm * (3 - 2 * firm)
    grown = resize(change.astype(np.float32), *depth.shape)
    return np.asarray((depth + grown).clip(0, 1), np.float32)


def occlusion_edges(depth: FloatImage) -> FloatImage:
    """Where one thing hides another: steps of depth, (H, W) float32 in 0..1."""
    smooth = scipy.ndimage.gaussian_filter(depth, 1.2, mode="nearest")
    step = np.hypot(scipy.ndimage.sobel(smooth, 0), scipy.ndimage.sobel(smooth, 1))
    # A slope is no step: what is usual nearby is taken away.
    step = np.maximum(step - 1.5 * scipy.ndimage.uniform_filter(step, 31, mode="nearest"), 0)
    return np.asarray(np.clip(step / 0.12, 0, 1), np.float32)


def _small(picture: ByteImage) -> FloatImage:
    height, width = picture.shape[:2]
    rows = min(_ROWS, height)
    columns = max(1, min(round(width * rows / height), 4 * _ROWS))
    return resize(srgb_to_work(picture), rows, columns)


def _horizon(work: FloatImage, sky: npt.NDArray[np.bool_]) -> float:
    """Height of the horizon from the top, 0..1: where the sky ends in most columns."""
    rows = work.shape[0]
    if not sky.any():
        return _INDOORS
    ends = rows - np.argmax(sky[::-1], axis=0)
    ends = ends[sky.any(axis=0)]
    return float(np.clip(np.quantile(ends, 0.8) / rows, 0.05, 0.75))


def _things(work: FloatImage) -> npt.NDArray[np.int64]:
    """Labels of regions of like colour: superpixels on the gradient, joined where alike."""
    rows, columns = work.shape[:2]
    smooth = scipy.ndimage.gaussian_filter(work, (1.0, 1.0, 0))
    slopes = [scipy.ndimage.sobel(smooth[..., c], axis) for c in range(3) for axis in (0, 1)]
    steep = np.sqrt(sum(slope**2 for slope in slopes))
    level = np.asarray(np.clip(steep / 2.0, 0, 1) * 255, np.uint8)
    pitch = max(rows // _SEGMENTS, 2)
    seeds = np.zeros((rows, columns), np.int32)
    ys = np.arange(min(pitch // 2, rows - 1), rows, pitch)
    xs = np.arange(min(pitch // 2, columns - 1), columns, pitch)
    seeds[ys[:, None], xs[None]] = np.arange(1, len(ys) * len(xs) + 1).reshape(len(ys), len(xs))
    labels = scipy.ndimage.watershed_ift(level, seeds) - 1
    return _joined(labels, smooth)


def _joined(labels: npt.NDArray[np.int32], work: FloatImage) -> npt.NDArray[np.int64]:
    """Neighbouring regions of like mean colour as one."""
    count = int(labels.max()) + 1
    size = np.maximum(np.bincount(labels.ravel(), minlength=count), 1)
    mean = np.stack(
        [np.bincount(labels.ravel(), work[..., c].ravel(), count) / size for c in range(3)], axis=1
    )
    pairs = np.concatenate([
        np.stack([labels[1:].ravel(), labels[:-1].ravel()], axis=1),
        np.stack([labels[:, 1:].ravel(), labels[:, :-1].ravel()], axis=1),
    ])  # fmt: skip
    pairs = np.unique(pairs[pairs[:, 0] != pairs[:, 1]], axis=0)
    alike = np.abs(mean[pairs[:, 0]] - mean[pairs[:, 1]]).sum(axis=1) < _ALIKE
    near = pairs[alike]
    graph = scipy.sparse.coo_matrix((np.ones(len(near)), (near[:, 0], near[:, 1])), (count, count))
    _, joined = scipy.sparse.csgraph.connected_components(graph, directed=False)
    return np.asarray(joined[labels], np.int64)


def _standing(
    things: npt.NDArray[np.int64], horizon: float, sky: npt.NDArray[np.bool_]
) -> npt.NDArray[np.float64]:
    """Ground rises to the horizon; a thing that is higher than wide stands where it touches it."""
    rows, columns = things.shape
    y = (np.arange(rows) + 0.5) / rows
    ground = np.clip((y - horizon) / max(1 - horizon, 0.05), 0, 1)
    plane = np.repeat((0.06 + 0.94 * ground)[:, None], columns, axis=1)
    depth = plane.copy()
    boxes = scipy.ndimage.find_objects(things + 1)
    for label, box in enumerate(boxes):
        if box is None:
            continue
        high, wide = box[0].stop - box[0].start, box[1].stop - box[1].start
        inside = things[box] == label
        lies = wide > 1.6 * high or wide > 0.7 * columns or box[0].stop >= rows - 1
        if lies and box[0].stop > horizon * rows:
            continue
        foot = min(box[0].stop, rows) - 1
        depth[box][inside] = plane[foot, 0]
    # What does not reach the ground hangs on what is below it.
    return _hung(depth, plane, horizon, sky)


def _hung(
    depth: npt.NDArray[np.float64],
    plane: npt.NDArray[np.float64],
    horizon: float,
    sky: npt.NDArray[np.bool_],
) -> npt.NDArray[np.float64]:
    """Above the horizon a place that is no sky is as near as what carries it, mostly."""
    out = depth.copy()
    top = int(horizon * len(depth))
    for row in range(min(top, len(depth) - 2), -1, -1):
        below = scipy.ndimage.maximum_filter1d(out[row + 1], 3)
        carried = np.maximum(out[row], 0.97 * below)
        out[row] = np.where(sky[row], plane[row], carried)
    return out


def _paleness(work: FloatImage, sky: npt.NDArray[np.bool_]) -> npt.NDArray[np.float64]:
    """How much a place looks like the air in the distance, 0..1."""
    air = work[sky].mean(axis=0) if sky.any() else np.quantile(work.reshape(-1, 3), 0.9, axis=0)
    away = np.abs(scipy.ndimage.gaussian_filter(work, (3, 3, 0)) - air).sum(axis=2)
    return np.asarray(exp(-away / 0.25), np.float64)


def _even(depth: npt.NDArray[np.float64]) -> npt.NDArray[np.float64]:
    smooth = scipy.ndimage.median_filter(depth, 3)
    least, most = float(smooth.min()), float(smooth.max())
    return np.asarray((smooth - least) / max(most - least, 1e-6))
