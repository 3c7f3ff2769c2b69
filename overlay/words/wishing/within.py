"""Places that are said as something else: a building from within, water that one swims in."""

from overlay.words.language.reading import Piece
from overlay.words.subjects import subject_of
from overlay.words.wishing.fitting import SMALL
from overlay.words.wishing.places import is_indoors
from overlay.words.wishing.relations import HOUSES
from overlay.words.wishing.wished import Wished

# What a building is from within, where something small is in it.
_WITHIN = {
    "theatre": "stage", "museum": "hall", "church": "hall", "cathedral": "hall",
    "tower": "hall", "castle": "hall", "lighthouse": "hall", "temple": "hall", "mill": "hall",
    "school": "classroom", "palace": "hall", "station": "hall",
    "barn": "hayloft", "stable": "hayloft", "glasshouse": "winter garden",
}  # fmt: skip


def within(piece: Piece, place: str, before: Wished | None) -> str:
    """The place that a piece stands for, where it names a building or a depth; or none.

    `before` is the thing said before it, `place` the place.
    """
    if piece.head is None:
        said = {w.text for w in piece.modifiers}
        swims = before is not None and before.subject.belongs == "sea"
        return "underwater" if swims and piece.link == "in" and "water" in said else ""
    if piece.head.entry is None or piece.head.entry.shapes:
        return ""
    word = piece.head.entry.word
    rooms = [w.entry.word for w in piece.modifiers if w.entry and w.kind == "place"]
    if rooms and is_indoors(rooms[-1]) and subject_of(word).family in HOUSES:
        return rooms[-1]  # `a farmhouse kitchen`
    if place == "room" and piece.link == "with":  # `the interior of a cathedral`
        around = subject_of(word).family in {*HOUSES, "castle", "temple"}
        return "hall" if around else ""
    inside = piece.link == "in" and (before is None or before.tall < SMALL)
    return _WITHIN.get(word, "") if inside else ""
