"""Flicker: how much a sequence changes beside what moves in it."""

import numpy as np
import numpy.typing as npt

from overlay.imaging.colour import FloatImage
from overlay.motion.warp import warp_sharp

_STILLEST = 0.003  # change of a source below which it counts as still, OKLab
_PLAIN = np.array([1.0, 0.5, 0.5], np.float32)  # from the working space to OKLab


def change(
    now: FloatImage, before: FloatImage, flow: FloatImage, sure: npt.NDArray[np.bool_]
) -> float | None:
    """Mean difference of a frame and the one before moved along the flow, OKLab, where it is sure.

    Parameters
    ----------
    now, before : (H, W, 3) float32, working space.
    flow : (H, W, 2) float32, to the right and down, where each pixel was, in pixels.

    Returns
    -------
    At least 0; None where the flow is sure nowhere.
    """
    if not sure.any():
        return None
    gap = np.abs((now - warp_sharp(before, flow)) * _PLAIN).mean(axis=2)
    return float(gap[sure].mean())


def flicker(changes: list[tuple[float, float]]) -> float | None:
    """How many times as much a sequence changes as its source: 1 is as steady as that.

    Parameters
    ----------
    changes : of each frame after the first, that of the sequence and of its source.

    Returns
    -------
    None where no frame has any.
    """
    if not changes:
        return None
    own, source = (float(np.mean(values)) for values in zip(*changes, strict=True))
    return own / max(source, _STILLEST)
