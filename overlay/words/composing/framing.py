"""Nothing wished for is cut by the picture's side: the eye steps back from what leaves it."""

from collections.abc import Iterable
from dataclasses import replace
from itertools import product

import numpy as np

from overlay.words.composing.bearing import BORNE
from overlay.words.composing.eye import Eye
from overlay.words.things.parts import extent
from overlay.words.things.table import Placed
from overlay.words.wishing.fitting import ABOVE
from overlay.words.wishing.wished import Wish, Wished

_EDGE = 0.96  # of half the picture, that what was cut shall reach
_CUT = 1.03  # likewise, from which a thing counts as cut
_FARTHEST = 1.9  # steps back at most; what is still cut then is too large to be seen whole
_TIED = {"under", "hovers", "hangs", "held", *ABOVE}
LARGE = 3.0  # metres, from which a thing beside the chief one may be cut
_AIR = 1.15
_FEW = 4  # of a larger number some may be cut: a herd, a row of trees


def stepped_back(
    eye: Eye, wish: Wish, put: Iterable[tuple[int, Placed]], chief: int = 0
) -> Eye | None:
    """The eye from which things as they stand are seen whole; none if they are, or cannot be.

    `put` are things with the number of what was wished for. What bears others, a cliff, a table,
    may leave the picture, and so may houses and trees beside the chief thing.
    """
    if eye.above:
        return None
    bearers = {t.to for t in wish.things if t.link in BORNE}
    ringed = {t.to for t in wish.things if t.link == "around"}
    high = {i for i, t in enumerate(wish.things) if t.to is not None and _is_high(wish, t)}
    whole = {chief} | ringed | high
    counted = [
        (i, placed)
        for i, placed in put
        if i not in bearers and _to_be_whole(wish.things[i], np.inf if i in whole else LARGE)
    ]
    # Of these the top is to be seen too: a lamp with who is under it, what hovers over a flower.
    tied = {t.to if t.link == "under" else i for i, t in enumerate(wish.things) if t.link in _TIED}
    tied |= ringed | high
    reach = max(
        (
            max(reach_of(eye, placed), rise_of(eye, placed) if i in tied else 0.0)
            for i, placed in counted
        ),
        default=0.0,
    )
    if not _CUT < reach <= _FARTHEST * _EDGE * 1.25:
        return None
    return replace(eye, away=eye.away * min(reach / _EDGE, _FARTHEST))


def _is_high(wish: Wish, thing: Wished) -> bool:
    """Whether a thing is on a cliff or a tower, where its own height brings no air over it."""
    bearer = wish.things[thing.to or 0]
    return thing.link == "on" and (bearer.subject.family == "crag" or bearer.tall > LARGE)


def _to_be_whole(thing: Wished, tallest: float) -> bool:
    """Whether a thing is to be seen whole: none of a herd, nothing as tall as a house."""
    few = thing.count <= _FEW or thing.link == "around"
    return few and not thing.in_row and thing.tall < tallest


def reach_of(eye: Eye, placed: Placed) -> float:
    """How far from the picture's middle a thing reaches sideways, 1 at its edge."""
    low, high = extent(placed.in_world())
    ends = product((float(low[0]), float(high[0])), (float(low[2]), float(high[2])))
    return max(abs(x) / max(eye.half_width(z), 1e-6) for x, z in ends)


def rise_of(eye: Eye, placed: Placed) -> float:
    """How far up from the horizon a thing reaches, with air above it; 1 at the picture's edge."""
    low, high = extent(placed.in_world())
    top = eye.seen_at(float(high[1]), float(low[2]))
    return _AIR * (top - eye.horizon) / (1.0 - eye.horizon)
