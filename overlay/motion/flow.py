"""Where each pixel of a picture was in the one before, and how sure that is.

Dense inverse search (Kroeger et al. 2016, doi:10.1007/978-3-319-46493-0_29) on lightness whose
local contrast was equalised first (Zuiderveld 1994), checked by going there and back and by what
is found there. OpenCV does the search; it is an optional extra of the package.
"""

from concurrent.futures import ThreadPoolExecutor
from dataclasses import dataclass
from types import ModuleType

import numpy as np

from overlay.imaging.colour import ByteImage, FloatImage, luminance, srgb_to_work
from overlay.imaging.filters import gaussian, maximum
from overlay.imaging.numbers.curves import exp
from overlay.motion.warp import warp

_CLIP, _TILES = 3.0, (6, 6)  # of equalising
_ALPHA, _ROUNDS = 40.0, 6  # of the flow's smoothness
_STRIDE, _DESCENTS = 4, 12  # pixels between patches, steps of each
_THERE_AND_BACK, _OF_MOTION = 0.3, 0.05  # pixels that may be missed: always, and of a pixel's way
_APART = 0.04  # how much what is found may differ, working space
SURE = 0.5  # from which a flow is taken for right
_CUT = 0.25  # share of a frame that must be sure; less is another scene


@dataclass(frozen=True)
class Motion:
    """From a frame to the one before.

    Attributes
    ----------
    flow : (H, W, 2) float32, to the right and down, in pixels: where each pixel was.
    sure : (H, W) float32 in 0..1.
    """

    flow: FloatImage
    sure: FloatImage

    @property
    def is_cut(self) -> bool:
        """Whether so little is the same that it is another scene."""
        return bool((self.sure > SURE).mean() < _CUT)

    @property
    def median(self) -> tuple[float, float]:
        """The usual way of what is sure, to the right and down; none where nothing is."""
        there = self.sure > SURE
        if not there.any():
            return 0.0, 0.0
        across, down = (float(np.median(self.flow[..., way][there])) for way in (0, 1))
        return across, down


class MissingExtraError(ValueError):
    """A package that is not installed, and how to install it."""


def opencv() -> ModuleType:
    """OpenCV; raises `MissingExtraError` where it is not installed."""
    try:
        import cv2
    except ImportError as error:
        raise MissingExtraError(
            "sequences need OpenCV: install overlay[sequence] (opencv-python-headless)"
        ) from error
    found: ModuleType = cv2
    return found


def find_motion(now: ByteImage, before: ByteImage) -> Motion:
    """Where each pixel of a frame was in the frame before.

    Parameters
    ----------
    now, before : (H, W, 3) uint8 sRGB, of one size.

    Raises
    ------
    ValueError
        If sizes differ. `MissingExtraError` where OpenCV is not installed.
    """
    if now.shape != before.shape:
        raise ValueError(f"frames must be of one size, got {now.shape} and {before.shape}")
    cv2 = opencv()
    cv2.setNumThreads(1)  # the same bytes on any number of cores
    equal = cv2.createCLAHE(_CLIP, _TILES)
    ours, theirs = (equal.apply(_grey(picture)) for picture in (now, before))
    with ThreadPoolExecutor(2) as threads:  # there and back at once; neither needs the other
        there, back = threads.map(_search, (ours, theirs), (theirs, ours))
    return Motion(there, _sureness(now, before, there, back))


def _search(ours: ByteImage, theirs: ByteImage) -> FloatImage:
    """Where each pixel of a lightness was in the other one."""
    cv2 = opencv()
    search = cv2.DISOpticalFlow_create(cv2.DISOPTICAL_FLOW_PRESET_MEDIUM)
    search.setVariationalRefinementAlpha(_ALPHA)
    search.setVariationalRefinementIterations(_ROUNDS)
    search.setPatchStride(_STRIDE)
    search.setGradientDescentIterations(_DESCENTS)
    return np.asarray(search.calc(ours, theirs, None), np.float32)


def _grey(picture: ByteImage) -> ByteImage:
    return np.asarray(np.rint(255 * np.sqrt(luminance(picture))), np.uint8)


def _sureness(now: ByteImage, before: ByteImage, there: FloatImage, back: FloatImage) -> FloatImage:
    """By how far one misses one's place going there and back, and by what is found there."""
    missed, way = _length(there + warp(back, there)), _length(there)
    ours, theirs = srgb_to_work(now), warp(srgb_to_work(before), there)
    apart = _length(gaussian(ours - theirs, 1.0))
    sure = exp(-((missed / (_THERE_AND_BACK + _OF_MOTION * way)) ** 2))
    sure *= exp(-((apart / _APART) ** 2))
    least = -maximum(np.asarray(-sure, np.float32), 3)
    return np.asarray(least * _inside(there), np.float32)


def _length(vectors: FloatImage) -> FloatImage:
    """Of the last axis; `np.linalg.norm` takes three times as long."""
    return np.asarray(np.sqrt(np.einsum("ijk,ijk->ij", vectors, vectors)))


def _inside(flow: FloatImage) -> FloatImage:
    """Whether one comes from within the picture, (H, W), 1 or 0."""
    height, width = flow.shape[:2]
    y, x = np.ogrid[:height, :width]
    across, down = x.astype(np.float32) + flow[..., 0], y.astype(np.float32) + flow[..., 1]
    there = (across >= 0) & (across <= width - 1) & (down >= 0) & (down <= height - 1)
    return np.asarray(there, np.float32)
