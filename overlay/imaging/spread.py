"""Along a picture's own edges: spreading what is known of a few places, and what lies before."""

import numpy as np
import numpy.typing as npt
import scipy

from overlay.imaging.colour import FloatImage
from overlay.imaging.filters import gaussian

_EDGE = 0.02  # colour difference that stops what spreads
_LEAK = 1e-5
_GRAIN = 0.01  # difference of neighbours that is no contour, working space
_STEP = 1e-4  # what a pixel costs all the same
_MOST = 0.95  # share of the picture beyond which all counts as standing out alike


def spread(
    work: FloatImage,
    pull: npt.NDArray[np.float64],
    wanted: npt.NDArray[np.float64],
    *,
    stay: float = 0.0004,
) -> npt.NDArray[np.float64]:
    """Values that are smooth where the picture is, may break at its edges, and are met if pulled.

    A sparse linear system (Levin, Lischinski and Weiss 2004, doi:10.1145/1015706.1015780).

    Parameters
    ----------
    work : (h, w, 3) float32, working space; small, a few ten thousand pixels.
    pull : (h, w) how firmly a place is to have its value; 0 where nothing is known.
    wanted : (h, w) the values there, or (h, w, n) for several kinds of values at once.
    stay : pull of every place towards 0.

    Returns
    -------
    float64, shaped as `wanted`.
    """
    # Bricks and leaves are no borders.
    calm = np.asarray(scipy.ndimage.gaussian_filter(work, (1.0, 1.0, 0)), np.float32)
    rows, columns = pull.shape
    number = np.arange(rows * columns).reshape(rows, columns)
    parts = []
    for a, b, x, y in (
        (number[1:], number[:-1], calm[1:], calm[:-1]),
        (number[:, 1:], number[:, :-1], calm[:, 1:], calm[:, :-1]),
    ):
        apart = np.abs(x - y).sum(axis=2, dtype=np.float64)
        weight = np.exp(-apart / _EDGE).ravel() + _LEAK
        parts.append((a.ravel(), b.ravel(), weight))
    i, j, w = (np.concatenate(p) for p in zip(*parts, strict=True))
    count = rows * columns
    graph = scipy.sparse.coo_matrix((w, (i, j)), (count, count)).tocsr()
    graph = graph + graph.T
    diagonal = np.asarray(graph.sum(axis=1)).ravel() + pull.ravel() + stay
    system = scipy.sparse.diags(diagonal) - graph
    asked = pull.reshape(count, 1) * wanted.reshape(count, -1)
    answer = scipy.sparse.linalg.spsolve(system.tocsc(), asked, permc_spec="MMD_AT_PLUS_A")
    # To a millionth: in what lies below, processors differ.
    return np.asarray(np.round(answer.reshape(wanted.shape), 6))


def stands_out(work: FloatImage) -> FloatImage:
    """How far a place is from the rim across contours: things in front are, what is behind is not.

    Geodesic distance in colour (Wei et al. 2012, doi:10.1007/978-3-642-33712-3_3).

    Parameters
    ----------
    work : (h, w, 3) float32, working space; a few hundred pixels a side.

    Returns
    -------
    (h, w) float32 in 0..1.
    """
    smooth = gaussian(work, 1.5).reshape(-1, 3)
    rows, columns = work.shape[:2]
    number = np.arange(rows * columns).reshape(rows, columns)
    pairs = [(number[1:], number[:-1]), (number[:, 1:], number[:, :-1])]
    a = np.concatenate([first.ravel() for first, _ in pairs])
    b = np.concatenate([second.ravel() for _, second in pairs])
    apart = np.sqrt(((smooth[a] - smooth[b]) ** 2).sum(axis=1))
    graph = scipy.sparse.coo_matrix(
        (np.maximum(apart - _GRAIN, 0) + _STEP, (a, b)), (number.size, number.size)
    ).tocsr()
    rim = np.concatenate([number[0], number[-1], number[:, 0], number[:, -1]])
    far = scipy.sparse.csgraph.dijkstra(
        graph, directed=False, indices=np.unique(rim), min_only=True
    )
    most = max(float(np.quantile(far, _MOST)), 1e-6)
    return np.clip(far / most, 0, 1).reshape(rows, columns).astype(np.float32)
