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

from overlay.engine.matching.keys import COLOUR_STEPS, GUIDE_STEPS, PATCH, Bytes, to_bytes
from overlay.engine.matching.lacking import lack_of, patch_sums
from overlay.imaging.colour import FloatImage
from overlay.imaging.gradients import gradient_channels
from overlay.imaging.resample import soften

# What a patch that must not be used is charged: more than any difference of colours comes to.
BARRED = np.float32(1e6)

_TONES = 8  # groups of patches by lightness that have a usual contrast of their own

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
        lacks = [_barred(lack_of(*patch_sums(p), self.groups), leaf) for p, leaf in pairs]
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
        total, squares = patch_sums(leaf.picture)
        lacks.append(_barred(lack_of(total, squares, groups), leaf))
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


def _barred(lack: FloatImage, leaf: Leaf) -> FloatImage:
    if leaf.barred is not None:
        lack[leaf.barred] = BARRED
    return lack
