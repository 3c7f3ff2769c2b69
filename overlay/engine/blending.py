"""What is done to every pixel of a step besides the search, each in one pass over the canvas."""

import numpy as np

from overlay.imaging.colour import FloatImage
from overlay.imaging.kernel import STEADY
from overlay.imaging.rows import by_rows


@by_rows(fastmath=STEADY, error_model="numpy")
def _draw_nearer(from_row, to_row, canvas, base, total, grip, extra, hold, firm, out):
    width = canvas.shape[1]
    for y in range(from_row, to_row):
        for x in range(width):
            amount = hold / max(total[y, x], np.float32(1)) + firm * grip[y, x]
            amount += extra[y % extra.shape[0], x % extra.shape[1]]
            amount = min(amount, np.float32(1))
            for c in range(3):
                here = canvas[y, x, c]
                out[y, x, c] = here + amount * (base[y, x, c] - here)


def draw_nearer(
    canvas: FloatImage,
    base: FloatImage,
    total: FloatImage,
    grip: FloatImage,
    extra: FloatImage,
    *,
    hold: float,
    firm: float,
) -> FloatImage:
    """The canvas drawn towards the ground: (h, w, 3) float32, a new array.

    By hold / max(total, 1) + firm * grip + extra, 1 at most.

    Parameters
    ----------
    canvas, base : (h, w, 3) float32. total, grip : (h, w) float32. extra : the same, or (1, 1).
    """
    out = np.empty_like(canvas)
    _draw_nearer(
        canvas.shape[0],
        canvas,
        base,
        total,
        grip,
        extra.astype(np.float32),
        np.float32(hold),
        np.float32(firm),
        out,
    )
    return out


@by_rows(fastmath=STEADY, error_model="numpy")
def _restore(from_row, to_row, voted, gap, broad, grip, share, limit):
    width = gap.shape[1]
    for y in range(from_row, to_row):
        for x in range(width):
            held = min(share * grip[y, x], np.float32(1))
            if held > 0:
                lost = held * (gap[y, x] - broad[y, x]) / limit
                voted[y, x, 0] += limit * lost / np.sqrt(np.float32(1) + lost * lost)


def restore_contrast(
    voted: FloatImage,
    gap: FloatImage,
    broad: FloatImage,
    grip: FloatImage,
    *,
    share: float,
    limit: float,
) -> None:
    """Bring contrasts of lightness nearer to the ground's along contours, in place.

    By what is lost times share * grip, limited smoothly so that no glow stands beside a strong
    contour.

    Parameters
    ----------
    voted : (h, w, 3) float32, changed. gap : (h, w) float32, the ground's lightness less the
        marks'; broad : the same without detail. grip : (h, w) float32, 0 up.
    """
    _restore(gap.shape[0], voted, gap, broad, grip, np.float32(share), np.float32(limit))


@by_rows(fastmath=STEADY, error_model="numpy")
def _lay_on(from_row, to_row, voted, base, low, presence, weight):
    """With `low` doubled row by row, as `resample.double` does."""
    width = weight.shape[1]
    last_y, last_x = low.shape[0] - 1, low.shape[1] - 1
    for y in range(from_row, to_row):
        near = min(y // 2, last_y)
        far = min(max(near + (1 if y % 2 else -1), 0), last_y)
        for x in range(width):
            there, w = presence[y, x], weight[y, x]
            k = min(x // 2, last_x)
            m = min(max(k + (1 if x % 2 else -1), 0), last_x)
            for c in range(3):
                broad = np.float32(9) * low[near, k, c] + low[far, m, c]
                broad += np.float32(3) * (low[near, m, c] + low[far, k, c])
                rest = base[y, x, c] + there * np.float32(0.0625) * broad
                voted[y, x, c] = rest + w * (voted[y, x, c] - rest)


def lay_on(
    voted: FloatImage,
    base: FloatImage,
    low: FloatImage,
    presence: FloatImage,
    weight: FloatImage,
) -> None:
    """Lay marks on what stays, in place: by weight on the ground and the canvas's larger forms.

    Parameters
    ----------
    voted : (h, w, 3) float32, the marks; becomes the new canvas.
    base : (h, w, 3) float32, the ground. low : half as high and wide, how the canvas's larger forms
        differ from it; or (1, 1, 3). presence : (h, w) in 0..1, where these stand. weight : (h, w)
        in 0..1, of the marks.
    """
    _lay_on(weight.shape[0], voted, base, low, presence, weight)
