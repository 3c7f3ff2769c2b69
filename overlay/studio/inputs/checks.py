"""Checks of a picture before it is used: what would end up in the proof unasked."""

from dataclasses import dataclass
from functools import lru_cache, partial
from typing import Any

import numpy as np

from overlay.engine.kept import content_key, keep
from overlay.imaging.colour import ByteImage, FloatImage, srgb_to_work
from overlay.imaging.files import thumbnail
from overlay.measures.clutter import cluttered_sides
from overlay.measures.framing import find_bars, find_gap
from overlay.measures.softness import SOFT, softness
from overlay.studio.inputs.digests import picture_stamp
from overlay.studio.inputs.pictures import PictureStore

Box = tuple[float, float, float, float]

SMALL = 128  # pixels of the shorter side, below which a picture is said to be small
_LOOKED_AT = 1400  # pixels of the longer side; bars and signs are found in a reduced picture


@dataclass(frozen=True)
class Finding:
    """Something about a picture, with what helps.

    Attributes
    ----------
    fix : what the button says, empty where only another picture helps.
    take : the part of the picture to use instead, as shares. sharpen : how much to sharpen by.
    """

    code: str
    text: str
    fix: str = ""
    take: Box | None = None
    sharpen: float | None = None

    @property
    def changes(self) -> dict[str, Any]:
        """The keys of a reference's cue that the fix sets."""
        keys: dict[str, Any] = {} if self.take is None else {"take": self.take}
        return keys if self.sharpen is None else keys | {"sharpen": self.sharpen}


def check_picture(picture: ByteImage) -> tuple[Finding, ...]:
    """Look a picture over, the worst first.

    Parameters
    ----------
    picture : (H, W, 3) uint8 sRGB.
    """
    height, width = picture.shape[:2]
    if min(height, width) < 16:
        return (_small(width, height),)
    seen = srgb_to_work(thumbnail(picture, _LOOKED_AT))
    found = [f for f in (_two_pictures(seen), _bars(seen), _clutter(seen)) if f is not None]
    if min(height, width) < SMALL:
        found.append(_small(width, height))
        return tuple(found)
    level = softness(srgb_to_work(picture) if max(height, width) <= 4096 else seen)
    if 0 < level < SOFT:
        text = f"Soft ({level:.2f}, sharp is {SOFT} and up): proofs would be as soft."
        found.append(Finding("soft", text, "Sharpen", sharpen=1.0))
    return tuple(found)


def _small(width: int, height: int) -> Finding:
    return Finding("small", f"Small ({width}x{height}): it has few marks to give.")


def _two_pictures(image: FloatImage) -> Finding | None:
    gap = find_gap(image)
    if gap is None:
        return None
    begin, end, down = gap
    length = image.shape[1 if down else 0]
    first = begin >= length - end
    low, high = (0.0, begin / length) if first else (end / length, 1.0)
    side = ("left" if first else "right") if down else ("upper" if first else "lower")
    return Finding(
        "two_pictures",
        "Two pictures on one sheet: both would be mixed.",
        f"Take the {side} one",
        take=_box(left=low, right=high) if down else _box(top=low, bottom=high),
    )


def _bars(image: FloatImage) -> Finding | None:
    bars = find_bars(image)
    height, width = image.shape[:2]
    if not any((bars.left, bars.top, bars.right, bars.bottom)):
        return None
    # A pixel more, for the blur of reducing and of lossy files.
    take = _box(
        (bars.left + 2 * (bars.left > 0)) / width, (bars.top + 2 * (bars.top > 0)) / height,
        1 - (bars.right + 2 * (bars.right > 0)) / width,
        1 - (bars.bottom + 2 * (bars.bottom > 0)) / height,
    )  # fmt: skip
    text = "Framed by flat bars: they would turn up in proofs."
    return Finding("bars", text, "Leave them out", take=take)


def _clutter(image: FloatImage) -> Finding | None:
    bars = find_bars(image)
    inner = image[
        bars.top : image.shape[0] - bars.bottom or None,
        bars.left : image.shape[1] - bars.right or None,
    ]
    sides = cluttered_sides(np.ascontiguousarray(inner))
    if not sides:
        return None
    height, width = image.shape[:2]
    take = _box(
        (bars.left + sides.get("left", 0)) / width, (bars.top + sides.get("top", 0)) / height,
        1 - (bars.right + sides.get("right", 0)) / width,
        1 - (bars.bottom + sides.get("bottom", 0)) / height,
    )  # fmt: skip
    text = f"Signs or text at the {' and '.join(sides)}: odd marks would turn up."
    return Finding("clutter", text, "Leave them out", take=take)


def _box(left: float = 0.0, top: float = 0.0, right: float = 1.0, bottom: float = 1.0) -> Box:
    return round(left, 4), round(top, 4), round(right, 4), round(bottom, 4)


class PictureChecks:
    """Checks of files, each made once while the file stays the same, and of the same picture in
    another place not again."""

    def __init__(self, store: PictureStore) -> None:
        self._store = store
        self._check = lru_cache(maxsize=512)(self._look)

    def of(self, path: str) -> tuple[Finding, ...]:
        """What is to be said of a picture file; raises `PictureError`."""
        return self._check(picture_stamp(path))

    def _look(self, stamp: tuple[str, ...]) -> tuple[Finding, ...]:
        picture = self._store.picture(stamp[0])
        return keep(("checks", content_key(picture)), partial(check_picture, picture))
