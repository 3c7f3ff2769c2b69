"""All style references at one scale, laid out for the search: pages in flat buffers.

Each reference gives a page for itself and, where it may be mirrored or turned, one for each of
those. A page holds for every pixel the colours that are voted with, the channels of the guide, and
what is known of the patch that begins there.
"""

from dataclasses import dataclass
from functools import cached_property
from typing import TypeVar

import numpy as np
import numpy.typing as npt
import scipy

from overlay.engine.matching.keys import COLOUR_STEPS, GUIDE_STEPS, Bytes, to_bytes
from overlay.imaging.colour import FloatImage
from overlay.imaging.gradients import gradient_channels
from overlay.imaging.resample import soften
from overlay.imaging.rows import by_rows

PATCH = 8
# What a patch that must not be used is charged: more than any difference of colours comes to.
BARRED = np.float32(1e6)

_TONES = 8  # groups of patches by lightness that have a usual contrast of their own
_FAINTEST = 0.4  # of the usual contrast overall, below which a tone counts as ever plainer

Ints = npt.NDArray[np.int64]
Kind = TypeVar("Kind", bound=np.generic)


@dataclass(frozen=True)
class Leaf:
    """One reference at one scale.

    Attributes
    ----------
    picture : (h, w, 3) float32, working space, at least `PATCH` pixels a side.
    turns : the ways it may be used: (quarter turns counterclockwise, then mirrored).
    barred : (h, w) bool, patches that begin there must not be used; or None.
    traits : (h, w, traits) float32, what is known of the patch besides its colours: how much it
        resembles each avoided picture, how near it lies.
    reference : the group it belongs to, or None for one of its own.
    reduced : pixels of the reference at this scale that one of its pixels spans.
    """

    picture: FloatImage
    turns: tuple[tuple[int, bool], ...]
    barred: npt.NDArray[np.bool_] | None
    traits: FloatImage
    reference: int | None = None
    reduced: float = 1.0


@dataclass(frozen=True)
class Atlas:
    """The pages of all style references at one scale.

    References are groups of pages; one more group holds all pages, for patches that may come from
    any reference.

    Attributes
    ----------
    sharp, means : (pixels * 3,) float32, page after page, row by row: what is voted with, and the
        mean of the patch that begins at each pixel; `means` is empty where it is not needed.
    colours, guides : (pixels * 3,) uint8, what is compared (`matching.keys`).
    dull : (pixels,) float32, how much less contrast the patch at a pixel has than the reference's
        patches usually have (sum of squares, 0 where it has as much), `BARRED` where it must not
        be used.
    traits : (pixels, traits) float32.
    start, height, width : (pages,) int64, first pixel of each page and its size.
    turn, mirrored, owner, leaf : (pages,) int64, how a page was made, its reference and its leaf.
    first, count : (groups,) int64, the pages of each reference, last those of all.
    detail : (groups,) float32, standard deviation of each one's fine band.
    groups : of patches by lightness that have a usual contrast of their own.
    """

    leaves: tuple[Leaf, ...]
    sharp: FloatImage
    means: FloatImage
    colours: Bytes
    guides: Bytes
    dull: FloatImage
    traits: FloatImage
    start: Ints
    height: Ints
    width: Ints
    turn: Ints
    mirrored: Ints
    owner: Ints
    leaf: Ints
    first: Ints
    count: Ints
    detail: FloatImage
    groups: int

    @property
    def all_group(self) -> int:
        """The group of patches that may come from any reference."""
        return len(self.first) - 1

    @property
    def reduced(self) -> FloatImage:
        """For each page the pixels of its reference that one of its own spans, (pages,)."""
        return np.array([self.leaves[leaf].reduced for leaf in self.leaf], np.float32)

    @cached_property
    def soft_keys(self) -> tuple[Bytes, FloatImage]:
        """Softened colours as `colours`, and what is dull among them."""
        soft = [soften(leaf.picture) for leaf in self.leaves]
        pairs = zip(soft, self.leaves, strict=True)
        lacks = [_barred(_lack(*_patch_sums(p), self.groups), leaf) for p, leaf in pairs]
        return _colour_keys(self.leaves, soft), _flat(self.leaves, lacks, patches=True)

    @cached_property
    def refuge(self) -> npt.NDArray[np.int32] | None:
        """For each pixel the nearest (y, x) on its page where a usable patch begins."""
        if not (self.dull >= BARRED).any():
            return None
        out = np.empty((len(self.dull), 2), np.int32)
        for page, begin in enumerate(self.start):
            h, w = int(self.height[page]), int(self.width[page])
            barred = self.dull[begin : begin + h * w].reshape(h, w) >= BARRED
            barred[h - PATCH + 1 :], barred[:, w - PATCH + 1 :] = True, True
            _, at = scipy.ndimage.distance_transform_edt(barred, return_indices=True)
            out[begin : begin + h * w] = np.moveaxis(at, 0, 2).reshape(-1, 2)
        return out

    def unturned(
        self, field: npt.NDArray[np.int32]
    ) -> tuple[npt.NDArray[np.int32], npt.NDArray[np.int32]]:
        """Where matches lie in the references themselves: y and x of the patch's first pixel."""
        page, y, x = np.moveaxis(field, 2, 0)
        x = np.where(self.mirrored[page] > 0, self.width[page] - PATCH - x, x)
        high, wide = self.height[page] - PATCH, self.width[page] - PATCH
        turn = self.turn[page]
        ys = np.choose(turn, [y, x, high - y, wide - x])
        xs = np.choose(turn, [x, high - y, wide - x, y])
        span = self.reduced[page]
        return np.rint(ys * span).astype(np.int32), np.rint(xs * span).astype(np.int32)

    def freed(self, field: npt.NDArray[np.int32]) -> npt.NDArray[np.int32]:
        """A field whose matches in barred places are moved to the nearest usable ones."""
        if self.refuge is None:
            return field
        page, y, x = np.moveaxis(field, 2, 0)
        places = self.refuge[self.start[page] + y * self.width[page] + x]
        return np.concatenate([page[..., None], places], axis=2).astype(np.int32)


def build_atlas(
    leaves: tuple[Leaf, ...],
    *,
    guide_sigma: float | None = None,
    means: bool = True,
    by_tone: bool = False,
) -> Atlas:
    """Lay references out.

    Parameters
    ----------
    guide_sigma : smoothing of the guide's gradient in pixels, or None when no guide is used.
    means : whether the mean colours of patches are needed.
    by_tone : whether dull patches are charged by what is usual at their own lightness; not where a
        match may be of any tone.
    """
    pictures = [leaf.picture for leaf in leaves]
    groups = _TONES if by_tone else 1
    lacks, patch_means = [], []
    for leaf in leaves:
        total, squares = _patch_sums(leaf.picture)
        lacks.append(_barred(_lack(total, squares, groups), leaf))
        if means:
            total /= np.float32(PATCH * PATCH)
            patch_means.append(total)
    owners = [i if leaf.reference is None else leaf.reference for i, leaf in enumerate(leaves)]
    details = [float((p - soften(p)).std()) + 1e-4 for p in pictures]
    detail = [details[owners.index(r)] for r in range(owners[-1] + 1)]  # that of the first leaf
    pages = [(i, leaf, turn) for i, leaf in enumerate(leaves) for turn in leaf.turns]
    owner = np.array([owners[i] for i, _, _ in pages], np.int64)
    shapes = [leaf.picture.shape[:2][:: -1 if turn % 2 else 1] for _, leaf, (turn, _) in pages]
    sizes = np.array(shapes, np.int64).reshape(-1, 2)
    ends = np.cumsum(sizes[:, 0] * sizes[:, 1])
    count = np.append(np.bincount(owner), len(pages)).astype(np.int64)
    return Atlas(
        leaves=leaves,
        sharp=_flat(leaves, pictures),
        means=_flat(leaves, patch_means, patches=True) if means else _NONE,
        colours=_colour_keys(leaves, pictures),
        guides=_guide_keys(leaves, guide_sigma),
        dull=_flat(leaves, lacks, patches=True),
        traits=_flat(leaves, [leaf.traits for leaf in leaves], patches=True).reshape(
            ends[-1], leaves[0].traits.shape[2]
        ),
        start=np.concatenate([[0], ends[:-1]]).astype(np.int64),
        height=sizes[:, 0].copy(),
        width=sizes[:, 1].copy(),
        turn=np.array([turn for _, _, (turn, _) in pages], np.int64),
        mirrored=np.array([mirrored for _, _, (_, mirrored) in pages], np.int64),
        owner=owner,
        leaf=np.array([i for i, _, _ in pages], np.int64),
        first=np.append(np.cumsum(count[:-1]) - count[:-1], 0).astype(np.int64),
        count=count,
        detail=np.array([*detail, np.mean(detail)], np.float32),
        groups=groups,
    )


_NONE = np.zeros(0, np.float32)


def turned(values: npt.NDArray[Kind], turn: int, *, mirrored: bool) -> npt.NDArray[Kind]:
    """A picture turned by quarters counterclockwise, then mirrored left to right: a view of it."""
    out = np.rot90(values, turn)
    return out[:, ::-1] if mirrored else out


def _flat(
    leaves: tuple[Leaf, ...], values: list[npt.NDArray[Kind]], *, patches: bool = False
) -> npt.NDArray[Kind]:
    """All pages one after another, each as it is turned.

    Parameters
    ----------
    values : of each leaf (h, w, ...) of pixels, or with `patches` of the patches that begin at
        them, whose first pixel becomes another one; those beyond the last patch become 0.
    """
    pages = [(v, *how) for leaf, v in zip(leaves, values, strict=True) for how in leaf.turns]
    out = np.zeros(sum(v.size for v, *_ in pages), values[0].dtype)
    at = 0
    for v, turn, mirrored in pages:
        height, width = v.shape[1::-1] if turn % 2 else v.shape[:2]
        room = out[at : at + v.size].reshape(height, width, *v.shape[2:])
        if patches:
            v = v[: v.shape[0] - PATCH + 1, : v.shape[1] - PATCH + 1]
        page = turned(v, turn, mirrored=mirrored)
        room[: page.shape[0], : page.shape[1]] = page
        at += room.size
    return out


def _colour_keys(leaves: tuple[Leaf, ...], pictures: list[FloatImage]) -> Bytes:
    return _flat(leaves, [to_bytes(p, COLOUR_STEPS) for p in pictures])


def _guide_keys(leaves: tuple[Leaf, ...], sigma: float | None) -> Bytes:
    """Channels of a guide for every page; their angles turn with it."""
    if sigma is None:
        return np.zeros(0, np.uint8)
    pages = []
    for leaf in leaves:
        keys = to_bytes(gradient_channels(leaf.picture[..., 0], sigma), GUIDE_STEPS)
        for turn, mirrored in leaf.turns:
            page = turned(keys, turn, mirrored=mirrored).copy()
            if turn % 2:  # a quarter turn turns twice the angle by a half
                page[..., 1:] = -page[..., 1:]  # of bytes about 128: 256 less what it was
            if mirrored:
                page[..., 2] = -page[..., 2]
            pages.append(page.ravel())
    return np.concatenate(pages)


@by_rows()
def _box_sums(from_row, to_row, rows, total, squares):
    """Sum per channel, and sum of all squares, of the patch whose top left pixel is here.

    Rows are pixel after pixel.
    """
    length = rows.shape[1]
    width = length // 3
    last = width - PATCH + 1
    for y in range(from_row, to_row):
        columns, energy = np.zeros(length, np.float32), np.zeros(width, np.float32)
        for dy in range(PATCH):
            row = rows[y + dy]
            for i in range(length):
                columns[i] += row[i]
            for x in range(width):
                r, g, b = row[3 * x], row[3 * x + 1], row[3 * x + 2]
                energy[x] += r * r
                energy[x] += g * g
                energy[x] += b * b
        out, out_energy = total[y], squares[y]
        for dx in range(PATCH):
            beside, more = columns[3 * dx :], energy[dx:]
            for i in range(3 * last):
                out[i] += beside[i]
            for x in range(last):
                out_energy[x] += more[x]


def _patch_sums(picture: FloatImage) -> tuple[FloatImage, FloatImage]:
    """Of each patch, (h, w, 3) and (h, w), 0 beyond the last."""
    height = picture.shape[0]
    total, squares = np.zeros(picture.shape, np.float32), np.zeros(picture.shape[:2], np.float32)
    rows = np.ascontiguousarray(picture).reshape(height, -1)
    _box_sums(height - PATCH + 1, rows, total.reshape(height, -1), squares)
    return total, squares


def _lack(total: FloatImage, squares: FloatImage, groups: int) -> FloatImage:
    """How much less contrast each patch has than patches as light usually have (h, w).

    In shares of that, times what is usual overall; 0 beyond the last patch. Where a tone is
    usually plain, as paper is, nothing is lacking; where tile and grout differ little, the grout
    is. Against all patches alike, the first would be strewn with ticks and the second left bald.

    Parameters
    ----------
    total, squares : from `_patch_sums`.
    groups : of patches by lightness that have a usual contrast of their own.
    """
    inside = tuple(slice(0, side - PATCH + 1, 3) for side in squares.shape)
    sample = total[inside].reshape(-1, 3)
    known = squares[inside].ravel() - (sample**2).sum(axis=1) / np.float32(PATCH * PATCH)
    # Some of all tones alike, each with its usual contrast, and from tone to tone between.
    order = np.argsort(sample[:, 0], kind="stable") if groups > 1 else np.arange(len(sample))
    parts = [p for p in np.array_split(order, groups) if len(p)]
    tones = np.array([sample[part, 0].mean() for part in parts], np.float32)
    usual = np.array([np.median(known[part]) for part in parts], np.float32)
    lack = np.zeros_like(squares)
    overall = np.float32(max(float(np.median(known)), 1e-9))
    _fill_lack(len(lack) - PATCH + 1, total, squares, tones, usual, overall, lack)
    return lack


@by_rows(error_model="numpy")
def _fill_lack(from_row, to_row, total, squares, tones, usual, overall, out):
    faint = np.float32(_FAINTEST) * overall
    for y in range(from_row, to_row):
        for x in range(out.shape[1] - PATCH + 1):
            spread = squares[y, x]
            for c in range(3):
                spread -= total[y, x, c] * total[y, x, c] / np.float32(PATCH * PATCH)
            k, tone = 0, total[y, x, 0]
            while k < len(tones) - 2 and tone > tones[k + 1]:
                k += 1
            own = usual[k]
            if len(tones) > 1:
                share = (tone - tones[k]) / max(tones[k + 1] - tones[k], np.float32(1e-6))
                share = min(max(share, np.float32(0)), np.float32(1))
                own += share * (usual[k + 1] - usual[k])
            charge = overall * min(own / faint, np.float32(1))
            out[y, x] = max(charge * (1 - spread / max(own, faint)), np.float32(0))


def _barred(lack: FloatImage, leaf: Leaf) -> FloatImage:
    if leaf.barred is not None:
        lack[leaf.barred] = BARRED
    return lack
