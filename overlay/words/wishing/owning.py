"""What a thing has of its own, or becomes with another one: roofs that are red, doors in walls."""

from dataclasses import replace

from overlay.words.language.reading import Piece, Word
from overlay.words.subjects import on_broom, subject_of
from overlay.words.things.families import FAMILIES
from overlay.words.wishing.wished import Wished

# Parts that a colour may be said of, and the figure of a family that has it.
_PARTS = {
    "roof": "roof", "roofs": "roof", "door": "door", "doors": "door", "walls": "wall",
    "hair": "hair", "mane": "mane", "beak": "beak", "wings": "wing", "hull": "hull",
    "trousers": "trousers", "cap": "cap", "leaves": "leaf", "petals": "petal", "sail": "sail",
    "sails": "sail",
}  # fmt: skip
# What is a part of one family and a thing by itself elsewhere: the figure that a colour paints.
_BUILT_IN = {("barge", "cabin"): "cabin", ("steamer", "cabin"): "house", ("tug", "cabin"): "house"}
# What a thing becomes with another one.
_BECOMES = {("tower", "clock"): "clock tower", ("church", "clock"): "clock tower"}
_BUILT_INTO = {
    ("gate", "wall"): "wall gate", ("door", "wall"): "door", ("spider", "spider web"): "spider web",
    ("train", "tunnel"): "tunnel train",
}  # fmt: skip
_HAVE_DOORS = {
    "tower",
    "lighthouse",
    "windmill",
    "castle",
    "bottle_kiln",
    "temple",
    "pagoda",
    "car",
}
# What is fixed to a family, by its own figure.
_FIXED = {("house", "signpost"): "sign", ("house", "sign"): "sign", ("house", "ivy"): "ivy"}
# What a thing has of its own, whatever is said to be with it.
_HAS = {
    ("cake", "candle"), ("mosque", "minaret"), ("drawbridge", "gate"), ("birdcage", "canary"),
    ("birdcage", "sparrow"), ("treehouse", "ladder"), ("snowman", "hat"),
    ("snowman", "carrot"), ("snowman", "broom"), ("snowman", "scarf"),
}  # fmt: skip

# Which thing comes with one, linked how.
_COMES_WITH = {
    "violinist": ("violin", "holding"), "cyclist": ("bicycle", "riding"),
    "pianist": ("piano", "beside"), "rider": ("horse", "riding"), "jockey": ("horse", "riding"),
    "juggler": ("juggled balls", "holding"),
    "couple": ("woman", "beside"), "lumberjack": ("axe", "holding"),
}  # fmt: skip
_PEEL = "#b02a22"
# Who fights with a sword; a staff that is drawn with them is one already.
_ARMED = {"knight", "soldier", "prince", "viking", "warrior", "king", "fencer"}


def comes_with(thing: Wished) -> tuple[str, str]:
    """Another thing that comes with one, and how the two are linked; or none."""
    if thing.pose == "fight":
        armed = {thing.subject.word, thing.name} & _ARMED
        return ("sword", "holding") if armed else ("", "")
    other, link = _COMES_WITH.get(thing.subject.word, ("", ""))
    return (other, link) if thing.count == 1 or link == "riding" else ("", "")


def detailed(thing: Wished, piece: Piece) -> Wished | None:
    """A thing whose part was given a colour (`with a red roof`); none if no part was said."""
    part = next((_PARTS[w.text] for w in piece.modifiers if w.text in _PARTS), "")
    colour = next((w.entry.value for w in piece.modifiers if w.entry and w.kind == "colour"), "")
    if piece.head and piece.head.entry:
        other = piece.head.entry.word
        if piece.link in {"with", "and"} and (thing.subject.word, other) in _HAS:
            return thing
        with_own = _with_own(thing, piece.head, colour) if piece.link == "with" else None
        return _joined(thing, other, piece.link) or with_own
    if piece.head or piece.link not in {"with", "and"} or not part:
        return None
    return replace(thing, details=(*thing.details, (part, colour))) if colour else thing


def _joined(thing: Wished, other: str, link: str) -> Wished | None:
    """A thing that another one makes a third with: a door in a wall, somebody on a broom."""
    pair = thing.subject.word, other
    leaves = link == "beside" and other == "tunnel"  # `a train leaving a tunnel`
    built_into = _BUILT_INTO.get(pair) if leaves or link == "in" else None
    if built_into:
        return replace(thing, subject=subject_of(built_into))
    if other == "broom" and link == "on" and thing.subject.family == "figure":
        return replace(thing, subject=on_broom(thing.subject))
    return None


def _with_own(thing: Wished, head: Word, colour: str) -> Wished | None:
    """A thing with what it has of its own, or is fixed to it; none of what stands beside it."""
    assert head.entry is not None
    family, other = thing.subject.family, head.entry.word
    if family == "tree" and subject_of(other).family == "fruit":
        peel = dict(subject_of(other).figures).get("peel", _PEEL)
        return replace(thing, details=(*thing.details, ("fruit", colour or peel)))
    in_window = dict(thing.subject.figures).get("front") and subject_of(other).belongs == "table"
    own_door = family in _HAVE_DOORS and other == "door"
    if own_door or in_window:
        return thing
    if (family, other) in _FIXED:
        return replace(thing, details=(*thing.details, (_FIXED[family, other], "yes")))
    becomes = _BECOMES.get((thing.subject.word, other))
    if becomes:
        return replace(thing, subject=subject_of(becomes))
    own = _BUILT_IN.get((family, other), _PARTS.get(head.text, ""))
    if own not in (FAMILIES[family].__kwdefaults__ or {}):
        return None
    return replace(thing, details=(*thing.details, (own, colour))) if colour else thing
