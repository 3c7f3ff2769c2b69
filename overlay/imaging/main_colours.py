"""The main colours of a picture."""

import numpy as np
import numpy.typing as npt

from overlay.imaging.colour import ByteImage, FloatImage, srgb_to_work, work_to_srgb

Ints = npt.NDArray[np.int32]

_SAMPLES = 16_384
_ROUNDS = 12


def main_colours(picture: ByteImage, count: int = 6) -> tuple[str, ...]:
    """The colours that stand best for a picture, the commonest first.

    Clusters of its pixels in OKLab (k-means, SciPy's), begun at colours as far apart as there are,
    so that a small bright spot is not lost in the mean.

    Parameters
    ----------
    picture : (H, W, 3) uint8 sRGB.
    count : how many, 1 to 64; a picture with fewer colours gives fewer.

    Returns
    -------
    Colours as `#rrggbb`.
    """
    if not 1 <= count <= 64:
        raise ValueError(f"count must be 1 to 64, got {count}")
    pixels = picture.reshape(-1, 3)
    step = max(1, len(pixels) // _SAMPLES)
    points = srgb_to_work(np.ascontiguousarray(pixels[None, ::step]))[0]
    centres = _far_apart(points, count)
    centres, nearest = _clusters(points, centres)
    shares = np.bincount(nearest, minlength=len(centres))
    ordered = work_to_srgb(centres[None, np.argsort(-shares, kind="stable")])[0]
    return tuple(dict.fromkeys("#{:02x}{:02x}{:02x}".format(*c) for c in ordered.tolist()))


def _clusters(points: FloatImage, centres: FloatImage) -> tuple[FloatImage, Ints]:
    """Centres of clusters and whose each point is; one that loses all its points is left out."""
    # Not at the top: the window would wait for it when it starts.
    from scipy.cluster.vq import ClusterError, kmeans2

    while True:
        try:
            found, nearest = kmeans2(points, centres, iter=_ROUNDS, minit="matrix", missing="raise")
        except ClusterError:
            centres = centres[:-1]  # begun last, it stood for least
        else:
            return np.asarray(found, np.float32), nearest


def _distances(points: FloatImage, centres: FloatImage) -> FloatImage:
    return np.asarray(((points[:, None] - centres[None]) ** 2).sum(axis=2))


def _far_apart(points: FloatImage, count: int) -> FloatImage:
    """Colours to begin with: the median, then always the one that is worst stood for."""
    chosen = [np.median(points, axis=0)]
    least = _distances(points, np.array(chosen, np.float32))[:, 0]
    while len(chosen) < count and least.max() > 1e-6:
        # A lone odd pixel counts less than a patch of its colour: the 99.5th percentile begins.
        limit = max(float(np.quantile(least, 0.995)), 1e-9)
        far = points[least >= limit]
        chosen.append(np.median(far, axis=0) if len(far) else points[least.argmax()])
        newest = np.array(chosen[-1:], np.float32)
        least = np.minimum(least, _distances(points, newest)[:, 0])
    return np.array(chosen, np.float32)
