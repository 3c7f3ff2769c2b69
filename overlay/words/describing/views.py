"""What describing looks at."""

from typing import NamedTuple

import numpy as np
import numpy.typing as npt

from overlay.imaging.colour import ByteImage, FloatImage

Lab = npt.NDArray[np.float64]


class View(NamedTuple):
    """A picture small, (h, w, 3) in OKLab with lightness 0..1 and in working space; as it is."""

    lab: Lab
    work: FloatImage
    picture: ByteImage
