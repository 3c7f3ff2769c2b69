"""Masks that come from what no recipe can say, kept as files: parts of a proof or a drawn scene."""

from pathlib import Path

import numpy as np
import scipy

from overlay.engine.record import Trace
from overlay.imaging.colour import FloatImage
from overlay.imaging.files import write_grey8
from overlay.studio.inputs.own_files import keep_own


def keep_mask(mask: FloatImage, name: str) -> Path:
    """Write a mask as 8 bit PNG; the same mask under the same name gives the same file."""
    grey = (mask.clip(0, 1) * 255 + 0.5).astype(np.uint8)
    return keep_own(
        "masks", name, ".png", content=grey.tobytes(), write=lambda path: write_grey8(path, mask)
    )


def traced_mask(trace: Trace, cue: str, height: int, width: int) -> FloatImage:
    """Everything of a proof that came from a cue, (height, width) float32, patches smoothed."""
    came = trace.pixels(trace.cue == trace.names.index(cue), height, width).astype(np.float32)
    smooth = scipy.ndimage.gaussian_filter(came, trace.size / 4, mode="nearest")
    return np.asarray(np.clip(0.5 + (smooth - 0.5) * 4, 0, 1), np.float32)
