"""What a link makes of two things: one is held, rides, flies, smokes, or fills a place."""

from collections.abc import Sequence
from dataclasses import replace

from overlay.words.language.reading import Phrase, Piece
from overlay.words.subjects import Subject, subject_of
from overlay.words.things.families import LIVING, TREES
from overlay.words.wishing.filling import GROWN, HOLDERS, PLATES, heaped, laden, nested
from overlay.words.wishing.fitting import ABOVE, FITTING, SMALL, aloft
from overlay.words.wishing.wished import Wished

_SECOND = {"with", "holds", "and", "among", "beside", "near"}  # links that tell of what comes after
# Where the other one stands, as seen from the one that the link tells of.
INVERSE = {
    "against": "backs", "in front of": "behind", "behind": "in front of", "beside": "beside",
    "near": "near", "at": "beside", "under": "shelters", "over": "below", "above": "below",
    "among": "among", "with": "beside",
}  # fmt: skip
_IN_HAND = {
    "umbrella",
    "bag",
    "flag",
    "blade",
    "lantern",
    "lamp",
    "strings",
    "drum",
    "scythe",
    "toy_balloons",
    "fishing_rod",
    "juggled_balls",
}
# What fills a vessel and is seen in it as its colour alone.
_LIQUIDS = {
    "water": "#a9c8d4", "wine": "#6b1a2a", "beer": "#c98a2e", "milk": "#f4f0e6", "tea": "#8a4a22",
    "coffee": "#3a2418", "soup": "#c07a34", "juice": "#dc8f28", "cider": "#c9963a",
    "ink": "#1f2433", "ramen": "#c98f4a", "noodles": "#dcb878", "stew": "#8a4a2a",
    "rice": "#f0ece0", "oil": "#b8a03a", "porridge": "#d9c9a4", "honey": "#c9862a",
    "cream": "#f6f0de", "salad": "#7a9a4a",
    "chocolate": "#5a3420", "lemonade": "#ead98a",
}  # fmt: skip
_HAVE_HANDS = {"figure", "robot"}
_MORSEL, _PET = 0.16, 0.5  # metres
_RINGED = 6.0  # metres, of what a ring of people fits about
_FOOD = {"table", "sea"}
# Birds that sit on a hand.
_TAME = {
    "parrot",
    "falcon",
    "hawk",
    "raven",
    "crow",
    "owl",
    "dove",
    "canary",
    "barn owl",
    "snowy owl",
}
_PARENTS = {"mother", "father", "parent", "mum", "dad", "pair", "couple"}
_KIN = {"family": 4, "pair": 2, "couple": 2}
_HELD_MOST = 1.7  # metres
_STANDS_ON = {
    "cliff": "cliff top",
    "headland": "cliff top",
    "promontory": "cliff top",
    "bluff": "cliff top",
    "rocky ledge": "cliff top",
    "rock ledge": "cliff top",
    "mountain ledge": "cliff top",
    "cliff ledge": "cliff top",
    "hill": "knoll",
    "hilltop": "knoll",
    "ridge": "knoll",
}
_THINGS = {"cliff"}  # of them those that are seen as a thing too
_ROOFS = {"roof", "rooftop"}
_WATERS = {"river", "lake", "sea", "canal", "marsh", "swamp", "harbour", "oasis"}
HOUSES = {"house", "tower"}
_QUAYS = {"harbour", "quay"}  # whose houses stand beyond the water
_TIMBERED = {"half-timbered", "half timbered", "timber-framed", "timbered", "tudor"}
_OPEN = {"field", "meadow", "garden", "hills", "park", "heath", "farm", "vineyard", "orchard"}
_GROWS = {*GROWN, "bush", "cactus", "potted_plant", "blade_tree"}  # in glasshouses
_WOODS = {"forest", "glade"}  # whose ground flowers cover
_CORN = {"wheat", "corn", "barley", "rye", "cornfield"}
_OWN = {("volcano", "lava"), ("volcano", "eruption"), ("volcano", "crater")}
_FILLS = {"with", "among", "and"}
_SOWN = {"lavender", "heather"}  # many, and no plural says so
_PATCHES = {"pumpkin", "cabbage", "melon"}  # fruit that lies in fields
BUILT_UP = {"street", "village", "city", "market", "courtyard"}


def related(a: Wished, b: Wished, link: str, first: int, second: int) -> tuple[Wished, Wished]:
    """Two things, numbered `first` and `second`, as the link between them has them."""
    b = _as_had(a, b, link)
    if _is_held(a, b, link):
        free = (
            [("staff", "")] if dict(a.subject.figures).get("staff") else []
        )  # of what it held before
        pose = a.pose or ("sit" if b.pose == "lap" else "hold")
        a = replace(a, pose=pose, details=(*a.details, *free))
        each = min(a.count, b.count)  # none is held by nobody
        return a, replace(b, to=first, link="held", count=each)
    in_nest = a.subject.word == "nest"
    if link == "with" and a.subject.word in HOLDERS and (b.subject.family in GROWN or in_nest):
        link = "holds"
    for fits in FITTING:
        fitted_pair = fits(a, b, link, second)
        if fitted_pair:
            return fitted_pair
    if link in ABOVE:
        return replace(aloft(a), to=second, link=link), b
    if link == "with" and a.subject.word in PLATES and b.subject.belongs in _FOOD:
        link = "holds"
    if link == "holds" and a.subject.word in PLATES:
        a = laden(a, b)
    if link == "holds" and a.subject.word in HOLDERS:
        a, b = nested(b, a) if b.subject.family in LIVING and b.count > 1 else (a, heaped(b, a))
    if link in _SECOND or link == "holding":
        return a, replace(b, to=first, link="with" if link == "holding" else link)
    return (replace(a, to=second, link=link), b) if link else (a, b)


def about(a: Wished, b: Wished, link: str) -> str:
    """The link of two things: several stand in a ring about one, a fire, a table."""
    alive = a.subject.family in {"figure", *LIVING} and a.subject.belongs == "ground"
    rings = alive and a.count > 2 and b.count == 1 and max(b.tall, b.wide) < _RINGED
    return "beside" if link == "around" and not rings else link


def as_family(piece: Piece) -> Piece:
    """A family of animals as several of them (`a duck family`), a mother bear as a bear, and a tree
    by its kind."""
    text = piece.head.text if piece.head else ""
    kinds = [w for w in piece.modifiers if w.entry and w.kind == "subject" and not w.entry.shapes]
    trees = [w for w in kinds if w.entry and subject_of(w.entry.word).family in TREES]
    if text in {"tree", "trees"} and trees:  # `cypress trees`
        return replace(piece, head=trees[-1])
    if text != "family" and text not in _PARENTS:
        return piece
    kin = [w for w in kinds if w.entry and subject_of(w.entry.word).family in LIVING]
    return replace(piece, head=kin[-1], count=_KIN.get(text, piece.count)) if kin else piece


def _has_caught(a: Wished, b: Wished) -> bool:
    """Whether an animal of the land has a fish, which no longer swims then."""
    ashore = a.subject.family in LIVING and a.subject.belongs == "ground"
    return ashore and b.subject.family == "fish" and b.count == 1 and b.tall < _PET


def _as_had(a: Wished, b: Wished, link: str) -> Wished:
    """What a thing is that another one has: a fish is caught, a balloon in the hand a toy."""
    if link in {"with", "holding"} and _has_caught(a, b):
        return replace(b, subject=subject_of("caught fish"), size=1.0)
    if (
        a.subject.family != "figure"
        or b.subject.word != "balloon"
        or link not in {"with", "holding"}
    ):
        return b
    toys = "toy balloon" if b.count == 1 else "toy balloons"
    return replace(b, subject=subject_of(toys), count=1)


def _is_held(a: Wished, b: Wished, link: str) -> bool:
    if a.subject.family not in _HAVE_HANDS:
        return False
    if link == "under":
        return b.subject.family == "umbrella"
    if link not in {"holding", "with"}:
        return False
    if b.pose == "lap" or (b.subject.word in _TAME and b.count == 1):
        return True
    small = b.tall <= _HELD_MOST and b.subject.family not in LIVING
    return small and (b.subject.belongs == "table" or b.subject.family in {*_IN_HAND, *GROWN})


def at_place(thing: Wished, link: str, place: str) -> Wished:
    """A thing over a place flies, an animal or a person in water stands there to its knees."""
    if link in ABOVE:
        alive = thing.subject.family in {*LIVING, "figure"} or thing.subject.belongs == "sea"
        return replace(aloft(thing), flies=True) if alive else aloft(thing)  # a whale over a city
    if link == "in" and place == "sky" and thing.subject.family in {"bird", "owl"}:
        return aloft(thing)
    wades = thing.subject.family in {*LIVING, "figure"} and thing.subject.belongs == "ground"
    if link == "in" and place in _WATERS and wades:
        return replace(thing, subject=replace(thing.subject, belongs="sea"))
    return thing


def shares_plate(thing: Wished, things: Sequence[Wished], other: int) -> bool:
    """Whether what is said after a thing lies on the same plate or tray: a fish and a lemon."""
    if thing.link != "holds" or thing.to is None or things[thing.to].subject.word not in PLATES:
        return False
    b = things[other]
    return b.subject.belongs == "table" and b.tall < _MORSEL


def shares_table(things: Sequence[Wished], last: int, bearer: int) -> bool:
    """Whether what stands beside a thing that is on a table is small enough to be on it too."""
    beside = things[last].to if things[last].link in {"beside", "near", "with"} else None
    if beside is None or things[bearer].subject.family != "table":
        return False
    other = things[beside]
    return other.subject.belongs == "table" or (
        other.subject.family in LIVING and other.tall < _PET
    )


def fit_a_room(things: Sequence[Wished]) -> bool:
    """Whether things are none too large for a room, and there are some."""
    return bool(things) and all(t.tall < SMALL for t in things)


def is_grown(thing: Wished) -> bool:
    """Whether a thing is a plant that may be cut."""
    return thing.subject.family in GROWN


def liquid_of(piece: Piece) -> str:
    """The colour of what a glass or a bowl is full of, and that is not seen by itself; or none."""
    if piece.link != "holds":
        return ""
    said = [piece.head.text] if piece.head else [w.text for w in piece.modifiers]
    return next((_LIQUIDS[w] for w in said if w in _LIQUIDS), "")


def filled(piece: Piece, place: str) -> tuple[str, str] | None:
    """The zone of a place that is full of a thing (`a field of tulips`), with that thing's word."""
    if piece.link not in _FILLS or not piece.head or not piece.head.entry or not place:
        return None
    word = piece.head.entry.word
    few = piece.count < 3 and word not in _SOWN
    if piece.head.entry.shapes or piece.head.entry.kind != "subject" or few:
        return None
    family = subject_of(word).family
    if place in _OPEN and family in GROWN:
        return "carpet", f"{word.replace(' ', '_')}*120"
    if place in _QUAYS and family in HOUSES:
        return "far", f"{word.replace(' ', '_')}*9"
    if place in BUILT_UP and family in HOUSES:
        timbered = any(w.text in _TIMBERED for w in piece.modifiers)
        word = "timbered house" if timbered else "townhouse" if word == "house" else word
        return "sides", f"{word.replace(' ', '_')}*8"
    return None


def has_of_its_own(things: Sequence[Wished], piece: Piece) -> bool:
    """Whether a piece says what something that was named before is drawn with: a volcano's lava."""
    said = piece.head.text if piece.head else ""
    return any((t.subject.word, said) in _OWN for t in things)


def is_sold(piece: Piece, place: str) -> bool:
    """Whether things are what a market has on its stalls (`a market with fruit and flowers`)."""
    entry = piece.head.entry if piece.head else None
    if place != "market" or entry is None or entry.shapes or piece.count < 3:
        return False
    sold = subject_of(entry.word)
    if sold.family == "lantern":  # it hangs over them
        return False
    return piece.link in {"with", "and"} and (sold.family in GROWN or sold.belongs == "table")


def goods_of_stalls(things: Sequence[Wished]) -> set[int]:
    """Numbers of what lies on a stall, which is drawn with its goods."""
    if not any(t.subject.word == "stall" for t in things):
        return set()
    loose = {"", "with", "and", "on", "holds"}
    goods = ((i, t) for i, t in enumerate(things) if t.subject.belongs == "table")
    return {i for i, t in goods if t.link in loose and t.tall < _MORSEL}


def grown_within(thing: Wished, piece: Piece) -> str:
    """The word of what a piece says that a glasshouse is full of; or none."""
    entry = piece.head.entry if piece.head else None
    if thing.subject.word != "glasshouse" or piece.link not in {"holds", "with"} or entry is None:
        return ""
    grows = not entry.shapes and piece.count > 1 and subject_of(entry.word).family in _GROWS
    return entry.word if grows else ""


def bedded(word: str) -> tuple[str, str]:
    """The zone of a glasshouse in which a plant grows: trees along it, the rest all about."""
    tree = subject_of(word).family in TREES
    return ("alley" if tree else "bed"), f"{word.replace(' ', '_')}*{10 if tree else 24}"


def field_of(piece: Piece) -> tuple[str, str] | None:
    """A place named after what grows there (`a tulip field`)."""
    if piece.head is None or piece.head.entry is None or piece.count > 1 or piece.head.entry.shapes:
        return None
    grown = subject_of(piece.head.entry.word)
    sown = _OPEN | (_WOODS if grown.family in GROWN else set())
    named = any(w.kind == "place" and w.entry and w.entry.word in sown for w in piece.modifiers)
    if not named or not (grown.family in GROWN or grown.word in _PATCHES):
        return None
    many = 120 if grown.family in GROWN else 70
    return "carpet", f"{grown.word.replace(' ', '_')}*{many}"


def is_corn(phrase: Phrase) -> bool:
    """Whether a phrase tells of a field of corn, which flowers leave golden."""
    return any(set(w.text.split()) & _CORN for p in phrase.pieces for w in p.modifiers)


def is_above_clouds(piece: Piece) -> bool:
    """Whether a piece says that what comes before it is seen from up there."""
    clouds = any(w.text in {"cloud", "clouds"} for w in piece.modifiers)
    return piece.head is None and piece.link in ABOVE and clouds


def underneath(piece: Piece, above: Wished) -> Subject | None:
    """The thing that a place is where another stands on it (`on a cliff`, a cat `on a roof`)."""
    if piece.link != "on" or piece.head:
        return None
    words = {w.text.rstrip("s") for w in piece.modifiers}
    if words & _ROOFS and above.subject.family in {*LIVING, "figure", "nest"}:
        return subject_of("roof ridge")
    return next((subject_of(high) for low, high in _STANDS_ON.items() if low in words), None)


def standing(piece: Piece) -> Subject | None:
    """The thing that a place is where it is said like one: `a cliff with gulls`."""
    said = {w.text.rstrip("s") for w in piece.modifiers}
    alone = piece.head is None and piece.link in {"", "beside", "near", "behind", "in front of"}
    return next((subject_of(_STANDS_ON[w]) for w in _THINGS & said), None) if alone else None
