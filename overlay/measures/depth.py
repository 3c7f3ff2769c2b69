"""Depth kept: whether near and far are where a guide had them."""

from overlay.imaging.colour import FloatImage
from overlay.imaging.resample import resize
from overlay.measures.structure import rank_correlation

_ROWS = 96


def depth_kept(found: FloatImage, wanted: FloatImage) -> float:
    """100 times the rank correlation of two depth maps at 96 rows (Spearman 1904).

    Parameters
    ----------
    found, wanted : (H, W) float32 of the same size; only the order of values counts.
    """
    rows = min(_ROWS, found.shape[0])
    columns = max(1, round(rows * found.shape[1] / found.shape[0]))
    a, b = (resize(depth, rows, columns).ravel() for depth in (found, wanted))
    if a.std() < 1e-6 or b.std() < 1e-6:
        return 0.0
    return 100.0 * rank_correlation(a, b)
