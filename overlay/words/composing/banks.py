"""Where water lies: before what is large behind the chief thing, and under bridges."""

from collections.abc import Sequence

import numpy as np

from overlay.words.composing.eye import HALF, Eye
from overlay.words.stage.setting import NOWHERE, Setting, changed
from overlay.words.things.parts import extent
from overlay.words.things.table import Placed
from overlay.words.wishing.wished import Wish, Wished

_LARGE, _TOWERS = 3.0, 2.0  # metres, and times the chief thing's height
_SEEN, _SPREAD = 0.58, 0.5  # of the picture's height and breadth, that it takes up at most
_FRONT = 0.62  # of its depth, from its middle to the bank before it
_SHORE, _LEAST = 0.4, 1.5  # of the way there, where the water begins; metres that it is wide
_ACROSS = 72.0  # degrees, at which a river runs under a bridge
_ARCH = 0.27  # of a bridge's length, half the river's width under its arch
_STEP = 0.8  # metres from who is under a bridge to the water there
_BROAD = 30.0  # metres, of a bridge that is no river's
_BEFORE = 0.75  # of the distance to it, that water lies before it: the eye is low
_ALONE = {"", "and", "with"}  # links that leave it free where it stands


def opened(setting: Setting, wish: Wish, number: int, eye: Eye) -> Setting:
    """A setting of which the water ends before what stands behind it.

    Without that, a house that is to be seen whole behind a heron would be moved before the water:
    up to the heron, where it is all that one sees.

    `number` is the chief thing's, which stands before the water.
    """
    ashore = number >= 0 and wish.things[number].subject.belongs == "ground"
    if not ashore or eye.above or not 0 < setting.near < NOWHERE:
        return setting
    chief = wish.things[number]
    across = [t for i, t in enumerate(wish.things) if i != number and _is_across(t, chief)]
    if not across:
        return setting
    far = min(_front(t, eye) for t in across)
    near = min(setting.near, _SHORE * far)
    if far - near < _LEAST or near < chief.subject.size[2] * chief.size:
        return setting
    return changed(setting, {"near=": near, "far=": min(setting.far, far)})


def _is_across(thing: Wished, chief: Wished) -> bool:
    """Whether a thing is too large to stand beside the chief one."""
    free = thing.to is None or thing.link in _ALONE
    large = thing.tall > max(_LARGE, _TOWERS * chief.tall)
    return free and large and thing.subject.belongs == "ground" and thing.placement.away == ""


def _front(thing: Wished, eye: Eye) -> float:
    """z of the bank before a thing that stands as near as it is seen whole."""
    wide, tall, deep = (v * thing.size for v in thing.subject.size)
    broad = 0.9 * max(wide, deep) / (2 * HALF * eye.aspect * _SPREAD) + deep / 2 - eye.away
    return max(eye.distance_for(tall, _SEEN), broad) - _FRONT * deep


def spanned(setting: Setting, wish: Wish, put: Sequence[tuple[int, Placed]], eye: Eye) -> Setting:
    """A setting of which the water runs through under a bridge.

    A river or a lake's arm comes at the eye through the arch, aslant; under what is as long as a
    viaduct lies a broad water, in which its feet stand. Without a bridge, without water, or where
    what floats is longer than an arm is wide, the setting as it is.

    `put` are things with the number of what was wished for.
    """
    watery = -eye.away < setting.near < NOWHERE and not eye.above
    bridges = [(i, p) for i, p in put if wish.things[i].subject.family == "bridge"]
    if not (watery and bridges):
        return setting
    number, bridge = bridges[0]
    x, _, z = bridge.at
    low, high = extent(bridge.parts)
    wide = float(high[0] - low[0]) * bridge.scale
    if wide > _BROAD:
        near = z - _BEFORE * (z + eye.away)
        return changed(setting, {"near=": near, "far=": max(setting.far, z + wide)})
    half, across = _ARCH * wide, _ACROSS
    stood = [(wish.things[i], p.at) for i, p in put]
    under = [(t, at) for t, at in stood if t.link == "under" and t.to == number]
    floating = [(t, at) for t, at in stood if t.subject.belongs == "water"]
    if any(t.wide > 2 * half for t, at in floating if (t, at) not in under):
        return setting
    before = [at for _, at in floating if z - at[2] > wide]
    if before:  # what floats before it is on the same river
        across = float(np.degrees(np.arctan2(z - before[0][2], before[0][0] - x)))
        across = float(np.clip(across, _ACROSS - 18, 180 - _ACROSS))
    slant, aside = np.radians(across), 0.0
    if under:  # the bridge was set by it
        thing, (x, _, z) = under[0]
        if thing.subject.belongs == "ground":  # who is not afloat is on the bank there
            aside = half + max(0.5 * max(thing.wide, thing.tall), _STEP)
    middle = float(np.cos(slant) * z + np.sin(slant) * x) + aside
    return changed(setting, {"slant=": across, "near=": middle - half, "far=": middle + half})
