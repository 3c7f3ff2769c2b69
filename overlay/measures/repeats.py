"""Repeats: how much of a proof is the same piece of a reference, laid down again and again."""

import numpy as np
import numpy.typing as npt
import scipy

LONG = 8  # patches
_OFTEN, _APART = 12, 4  # uses of a place, and pixels between places
# What one step to the right, and one down, is in the unturned picture, by quarter turn: (y, x).
_RIGHT = np.array([(0, 1), (1, 0), (0, -1), (-1, 0)])
_DOWN = np.array([(1, 0), (0, -1), (-1, 0), (0, 1)])

Ints = npt.NDArray[np.integer]
Flags = npt.NDArray[np.bool_]


def repeats(
    cue: Ints, y: Ints, x: Ints, turn: Ints, mirrored: Flags, stride: int, longest: float = LONG
) -> float:
    """Share of the area, times 100, under verbatim copies that are long and not the only one.

    A copy is a connected set of patches whose places in one reference lie side by side just as
    they do in the proof. It is long when it spans more than `longest` patches; it repeats when
    more than half of what it shows also stands in another long copy.

    Parameters
    ----------
    cue, y, x, turn, mirrored : (rows, columns), the trace: cue (-1 for none), place of the patch in
        the unturned reference in pixels, quarter turns, mirrored or not.
    stride : pixels between patches.
    longest : patches that a copy may span; as many times more as a picture was enlarged.
    """
    copies = _copies(cue, y, x, turn, mirrored, stride)
    keep = (cue >= 0).ravel()
    if not keep.any():
        return 0.0
    count = int(copies.max()) + 1
    long = _spans(copies, cue.shape, count) > longest
    keep &= long[copies]
    # The same place: the same reference, and equal places to within a patch's stride.
    cell = (cue.ravel().astype(np.int64) << 40) + (y.ravel() // stride << 20) + x.ravel() // stride
    pairs = np.unique(np.stack([cell[keep], copies[keep]]), axis=1)
    place, uses = np.unique(pairs[0], return_counts=True)
    shared = uses[np.searchsorted(place, pairs[0])] > 1
    again = np.bincount(pairs[1], shared, count) > 0.5 * np.bincount(pairs[1], minlength=count)
    return float(100.0 * (keep & again[copies]).mean())


def rash(cue: Ints, y: Ints, x: Ints, turn: Ints, mirrored: Flags) -> float:
    """Share of the patches, times 100, whose very place is used by more than 12.

    What `repeats` does not see: one mark, a few pixels wide, strewn over a flat or along a line.

    Parameters
    ----------
    cue, y, x, turn, mirrored : as of `repeats`. Places are told apart by 4 pixels.
    """
    known = cue >= 0
    if not known.any():
        return 0.0
    way = (cue.astype(np.int64) * 4 + turn) * 2 + mirrored
    place = (way << 40) + (y.astype(np.int64) // _APART << 20) + x // _APART
    _, number, uses = np.unique(place[known], return_inverse=True, return_counts=True)
    return float(100.0 * (uses[number] > _OFTEN).sum() / known.size)


def _copies(
    cue: Ints, y: Ints, x: Ints, turn: Ints, mirrored: Flags, stride: int
) -> npt.NDArray[np.int32]:
    """The number of the copy that each patch belongs to, flat."""
    rows, columns = cue.shape
    number = np.arange(rows * columns).reshape(rows, columns)
    edges = []
    for axis, steps in ((1, _RIGHT), (0, _DOWN)):
        a = tuple(slice(None, -1) if k == axis else slice(None) for k in (0, 1))
        b = tuple(slice(1, None) if k == axis else slice(None) for k in (0, 1))
        step = steps[turn[a]] * stride
        if axis == 1:
            step = np.where(mirrored[a][..., None], -step, step)
        same = (cue[a] == cue[b]) & (turn[a] == turn[b]) & (mirrored[a] == mirrored[b])
        same &= (y[b] - y[a] == step[..., 0]) & (x[b] - x[a] == step[..., 1]) & (cue[a] >= 0)
        edges.append(np.stack([number[a][same], number[b][same]]))
    i, j = np.concatenate(edges, axis=1)
    graph = scipy.sparse.coo_array(
        (np.ones(len(i), np.int8), (i, j)), shape=(number.size, number.size)
    )
    return np.asarray(scipy.sparse.csgraph.connected_components(graph, directed=False)[1], np.int32)


def _spans(copies: Ints, shape: tuple[int, ...], count: int) -> Ints:
    """The longer side of each copy's bounding box, in patches."""
    spans = []
    for places in np.unravel_index(np.arange(copies.size), shape):
        low, high = np.full(count, copies.size), np.full(count, -1)
        np.minimum.at(low, copies, places)
        np.maximum.at(high, copies, places)
        spans.append(high - low + 1)
    return np.asarray(np.maximum(*spans))
