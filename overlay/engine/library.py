"""The style references of a run, brought to size, and laid out at the scale that is asked for."""

from collections.abc import Hashable
from functools import partial

import numpy as np
import numpy.typing as npt
import scipy

from overlay.engine.kept import content_key, keep
from overlay.engine.matching.atlas import Atlas, Leaf, build_atlas
from overlay.engine.matching.keys import PATCH
from overlay.engine.request import StyleCue
from overlay.imaging.colour import ByteImage, FloatImage, srgb_to_work
from overlay.imaging.resample import halve, pyramid, resize

# A page is at least so large, so that there is something to choose from.
_SMALLEST = 20
# All references together may have so many pixels; beyond, they are reduced alike. Fewer under a
# large proof, which needs the memory itself.
_MOST_PIXELS, _MOST_UNDER_LARGE, _LARGE = 8_000_000, 2_500_000, 6_000_000
# A coarse patch may hold so much of what is kept out before it counts as kept out itself.
_SPARE = 0.15
_STRIP = 1024  # rows that are reduced at a time


def most_pixels(area: int, references: int) -> int:
    """How many pixels one of so many references may have under a proof of `area` pixels."""
    return (_MOST_PIXELS if area < _LARGE else _MOST_UNDER_LARGE) // max(references, 1)


def scale_for(cue: StyleCue, pixels: float, area: int, references: int) -> float:
    """The `scale` of a cue under which one pixel of its reference spans so many of its picture."""
    height, width = cue.picture.shape[:2]
    room = min(area, most_pixels(area, references))
    return float(1 / (pixels * min(1.0, np.sqrt(room / (height * width)))))


def work_at_most(picture: ByteImage, area: float) -> FloatImage:
    """A picture in the working space, halved while it has more than four times `area` pixels."""
    if picture.shape[0] * picture.shape[1] <= 4 * area:
        return srgb_to_work(picture)
    strips = []
    for top in range(0, picture.shape[0], _STRIP):
        # Two rows more on either side, so that strips meet without a seam.
        above = 2 if top else 0
        half = halve(srgb_to_work(picture[top - above : top + _STRIP + 2]))
        strips.append(half[above // 2 : above // 2 + _STRIP // 2])
    halved = np.concatenate(strips)[: (picture.shape[0] + 1) // 2]
    while halved.shape[0] * halved.shape[1] > 4 * area:
        halved = halve(halved)
    return halved


def usable(cue: StyleCue, values: FloatImage) -> FloatImage:
    """The pixels of a cue's picture that may be used, (n, 3); `values` may be any reduction."""
    flat = values.reshape(-1, 3)
    if cue.allowed is None:
        return flat
    open_ = resize(cue.allowed.astype(np.float32), *values.shape[:2]).ravel() > 0.5
    return flat[open_] if open_.any() else flat


class Library:
    """The references that give marks, from the artist's pictures to pages.

    Attributes
    ----------
    scales : for each reference, pixels of its picture per pixel as it is used.
    free : whether patch means are needed. by_tone : see `build_atlas`.
    sizes : the sizes at which each reference's marks are laid out beside each other, the first 1.
    traits : for each reference (h, w, traits) float32, what is known of each pixel besides its
        colour; added by whoever knows.
    """

    def __init__(
        self, cues: tuple[StyleCue, ...], area: int, levels: int, guide_sigma: float | None
    ) -> None:
        self._cues, self._sigma = cues, guide_sigma
        self.free, self.by_tone = True, False
        self.sizes: tuple[float, ...] = (1.0,)
        most = most_pixels(area, len(cues))
        self._keys = [
            (content_key(cue.picture, cue.allowed), cue.scale, min(area, most), levels)
            for cue in cues
        ]
        fitted = [
            keep(("reference", *key), partial(_fitted, cue, min(area, most), levels))
            for key, cue in zip(self._keys, cues, strict=True)
        ]
        self.scales = tuple(scale for _, scale in fitted)
        self._pyramids = [pictures for pictures, _ in fitted]
        self.pictures = [pictures[0] for pictures in self._pyramids]
        self.traits = [np.zeros((*p.shape[:2], 0), np.float32) for p in self.pictures]
        self._kept: tuple[int, Atlas] | None = None

    def at(self, level: int) -> Atlas:
        """The atlas of a scale; only the one asked for last is kept."""
        if self._kept is None or self._kept[0] != level:
            self._kept = None  # before the next is built, for memory
            make = partial(self._build, level)
            plain = not any(traits.shape[2] for traits in self.traits)
            self._kept = level, keep(self._atlas_key(level), make) if plain else make()
        return self._kept[1]

    def _atlas_key(self, level: int) -> Hashable:
        ways = tuple(_ways(cue) for cue in self._cues)
        made = self.sizes, self._sigma, self.free, self.by_tone
        return "atlas", level, tuple(self._keys), ways, made

    def _build(self, level: int) -> Atlas:
        leaves = tuple(
            self._leaf(r, level, size) for r in range(len(self._cues)) for size in self.sizes
        )
        return build_atlas(leaves, guide_sigma=self._sigma, means=self.free, by_tone=self.by_tone)

    def add_traits(self, maps: list[FloatImage]) -> None:
        """Put maps (h, w, n), one for each reference, behind the traits that are known."""
        self.traits = [
            np.ascontiguousarray(np.concatenate(pair, axis=2))
            for pair in zip(self.traits, maps, strict=True)
        ]

    def contrast(self) -> float:
        """What two unrelated patches differ by, as a sum of squares: the unit of charges."""
        spreads = [float(p.reshape(-1, 3).var(axis=0).sum()) for p in self.pictures]
        return PATCH * PATCH * float(np.mean(spreads))

    def mean(self) -> FloatImage:
        """Mean colour of all references, (3,) float32."""
        parts = [usable(c, p).mean(axis=0) for c, p in zip(self._cues, self.pictures, strict=True)]
        return np.asarray(np.mean(parts, axis=0), np.float32)

    def _leaf(self, index: int, level: int, size: float) -> Leaf:
        cue = self._cues[index]
        picture = _sized(self._pyramids[index][level], size)
        traits = _sized(pyramid(self.traits[index], level)[level], size)
        if len(self.sizes) > 1:
            own = np.full((*picture.shape[:2], 2), (size, size * size), np.float32)
            traits = np.concatenate([traits, own], axis=2)
        barred = None
        if cue.allowed is not None:
            closed = kept_out(cue, self.pictures[index].shape[:2])
            barred = _bar(_sized(pyramid(closed, level)[level], size), level, cue.name)
        return Leaf(picture, _ways(cue), barred, _patch_mean(traits), index, 1 / size)


def _fitted(cue: StyleCue, area: int, levels: int) -> tuple[list[FloatImage], float]:
    picture, scale = fit_reference(cue, area)
    return pyramid(picture, levels), scale


def fit_reference(cue: StyleCue, area: int) -> tuple[FloatImage, float]:
    """A cue's picture in the working space, its marks at their size.

    A picture larger than `area` is reduced to it; then the cue's `scale` is applied.

    Returns
    -------
    The picture (h, w, 3) float32, and how many pixels of the original one of its pixels spans.
    """
    height, width = cue.picture.shape[:2]
    scale = cue.scale * min(1.0, np.sqrt(area / (height * width)))
    # Enlarged marks need no more room than four proofs.
    scale = min(scale, np.sqrt(4 * area / (height * width)))
    if abs(scale - 1) < 1e-3:
        return srgb_to_work(cue.picture), 1.0
    picture = work_at_most(cue.picture, height * width * scale**2)
    picture = resize(picture, max(1, round(height * scale)), max(1, round(width * scale)))
    return picture, float(1 / scale)


def _ways(cue: StyleCue) -> tuple[tuple[int, bool], ...]:
    turns = range(4) if cue.turns else range(1)
    return tuple(
        (turn, mirrored) for turn in turns for mirrored in ((False, True)[: 1 + cue.mirror])
    )


def kept_out(cue: StyleCue, shape: tuple[int, ...]) -> FloatImage:
    """What of a cue's picture must not be used, at another size: (h, w) float32 in 0..1."""
    assert cue.allowed is not None
    return 1 - resize(cue.allowed.astype(np.float32), shape[0], shape[1]).clip(0, 1)


def barred_patches(cue: StyleCue, shape: tuple[int, ...]) -> npt.NDArray[np.bool_] | None:
    """Patches that must not be used of a cue's picture at full size, by their first pixel."""
    return None if cue.allowed is None else _bar(kept_out(cue, shape), 0, cue.name)


def _bar(closed: FloatImage, level: int, name: str) -> npt.NDArray[np.bool_]:
    """Patches that hold too much of what is kept out, by their first pixel.

    At full size none of it may show. Coarser patches, which cover more, may hold a little; where
    even so nothing is left, everything is used at that scale.
    """
    if level == 0:
        barred = scipy.ndimage.maximum_filter(closed, PATCH, origin=-(PATCH // 2)) > 0.02
    else:
        barred = _patch_mean(closed[..., None])[..., 0] > _SPARE
    inside = barred[: barred.shape[0] - PATCH + 1, : barred.shape[1] - PATCH + 1]
    if inside.all():
        if level == 0:
            raise ValueError(
                f"keep-out of {name!r} must leave room for a patch of {PATCH}x{PATCH} pixels, "
                "got none left"
            )
        return np.zeros_like(barred)
    return np.asarray(barred)


def _patch_mean(values: FloatImage) -> FloatImage:
    """Mean over the patch that begins at each pixel, (h, w, n)."""
    if not values.shape[2]:
        return values
    half = PATCH // 2
    return np.asarray(
        scipy.ndimage.uniform_filter(
            values, (PATCH, PATCH, 0), origin=(-half, -half, 0), mode="nearest"
        )
    )


def _sized(values: FloatImage, size: float) -> FloatImage:
    """A map of a reference, its marks `size` times as large."""
    if size == 1:
        return _at_least(values)
    height, width = (max(1, round(side * size)) for side in values.shape[:2])
    return _at_least(resize(values, height, width))


def _at_least(picture: FloatImage, smallest: int = _SMALLEST) -> FloatImage:
    """Repeat a small picture by reflection until both sides reach `smallest`."""
    grow = [max(0, smallest - side) for side in picture.shape[:2]]
    if not any(grow):
        return picture
    rest = ((0, 0),) * (picture.ndim - 2)
    return np.pad(picture, ((0, grow[0]), (0, grow[1]), *rest), mode="symmetric")
