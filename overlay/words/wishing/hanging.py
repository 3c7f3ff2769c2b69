"""What hangs on a room's wall: pictures, clocks, pans, and not a cat on the wall of a garden."""

from collections.abc import Iterable
from dataclasses import replace

from overlay.words.language.reading import Piece
from overlay.words.subjects import subject_of
from overlay.words.wishing.wished import Wished

WALL = "wall"  # as a distance
_HUNG = {
    "frame", "clock", "mask", "hat", "bag", "strings", "trumpet", "blade", "umbrella", "tool_rack",
    "lantern", "curtains", "wall_clock", "ring", "key", "wheel", "sign", "drum",
}  # fmt: skip
_BY_WORD = {"saucepan", "copper pot", "plate", "map", "newspaper", "letter", "spoon"}
_INSTEAD = {"clock": "wall clock"}


def is_on_wall(piece: Piece, thing: Wished) -> bool:
    """Whether a piece says that a thing hangs on a room's wall."""
    entry = piece.head.entry if piece.head else None
    if entry is None or entry.shapes or entry.word != "wall" or piece.link not in {"on", "hangs"}:
        return False
    return thing.subject.family in _HUNG or thing.subject.word in _BY_WORD


def hung(thing: Wished) -> Wished:
    """A thing as it hangs there."""
    instead = _INSTEAD.get(thing.subject.word)
    subject = thing.subject if instead is None else subject_of(instead)
    return replace(thing, subject=subject, placement=replace(thing.placement, away=WALL))


def hangs(thing: Wished) -> bool:
    """Whether a thing hangs on a wall."""
    return thing.placement.away == WALL


def has_curtains(things: Iterable[Wished]) -> bool:
    """Whether there is something that hangs at a window."""
    return any(t.subject.family == "curtains" for t in things)
