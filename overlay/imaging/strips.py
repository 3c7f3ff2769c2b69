"""Working through a large picture in strips of rows, so that temporaries stay small."""

from collections.abc import Callable

import numpy as np

from overlay.imaging.colour import FloatImage

_PIXELS = 1 << 20


def in_strips(
    function: Callable[[FloatImage], FloatImage], image: FloatImage, margin: int
) -> FloatImage:
    """What a local operation gives for a picture, strip by strip.

    Parameters
    ----------
    function : keeps the height; must not look further than `margin` rows. Strips begin at even
        rows if the margin is even, so that what works at half size meets without a seam.
    image : (H, W, ...) float32.

    Returns
    -------
    float32 with the picture's height, exactly what `function` gives for the whole.
    """
    height, width = image.shape[:2]
    rows = max(_PIXELS // width, 4 * margin, 2) & ~1
    out: FloatImage | None = None
    for top in range(0, height, rows):
        above, below = min(margin, top), margin
        strip = function(image[top - above : top + rows + below])[above : above + rows]
        if out is None:
            out = np.empty((height, *strip.shape[1:]), np.float32)
        out[top : top + rows] = strip
    assert out is not None
    return out
