"""Areas of a picture in the prompt's words: `sky`, `red roof`, `barge at left`, `dark water`."""

from dataclasses import dataclass

from overlay.words.language.grammar import read_prompt
from overlay.words.language.lexicon import Lexicon
from overlay.words.language.reading import Piece, Placement, Word

# Words for parts of any picture, and the pick that finds them.
PLAIN_AREAS = {
    "sky": "sky", "ground": "ground", "floor": "ground", "subject": "subject",
    "background": "background", "near": "near", "far": "far", "distance": "far",
    "foreground": "near", "light": "light", "dark": "dark", "bright": "light",
}  # fmt: skip
FOLIAGE, WATER = "#56783a~20", "#5f86a8~14"
_GROWN = {
    "foliage": FOLIAGE, "leaves": FOLIAGE, "grass": FOLIAGE, "trees": FOLIAGE, "tree": FOLIAGE,
    "water": WATER,
}  # fmt: skip
_TOLERANCE = 18
TAUGHT = ("area", "surface")  # notes of words that were taught by what they look like


@dataclass(frozen=True)
class Area:
    """An area as it was said.

    Attributes
    ----------
    names : of what it may be called: as it was said, its base form, what it is drawn as.
    plain : the pick that finds it in any picture, empty if there is none.
    colour : the pick of its colour, empty without one. side : left, right, centre or empty.
    """

    text: str
    names: tuple[str, ...]
    plain: str = ""
    colour: str = ""
    side: str = ""


def read_areas(text: str, lexicon: Lexicon | None = None) -> list[Area]:
    """The areas that a pick in words means, to be united; raises `ValueError` for unknown words."""
    if text.lower().strip() in {*PLAIN_AREAS, *_GROWN}:
        word = text.lower().strip()
        return [Area(word, (word,), PLAIN_AREAS.get(word) or _GROWN[word])]
    reading = read_prompt(text, lexicon)
    areas = []
    for phrase in reading.phrases:
        side = phrase.placement
        areas += [_area(piece, side) for piece in phrase.pieces]
    unknown = [w for w in reading.unknown if w.text not in {*PLAIN_AREAS, *_GROWN}]
    empty = [a.text for a in areas if not a.names and not a.plain and not a.colour]
    if unknown or empty or not areas:
        word = unknown[0].text if unknown else empty[0] if empty else text
        near = unknown[0].near if unknown else ()
        offers = f"; near are {', '.join(near)}" if near else ""
        raise ValueError(f"words of a pick must be known, got {word!r}{offers}")
    return areas


def _area(piece: Piece, side: Placement) -> Area:
    colour, plain, names = "", "", []
    words: tuple[Word, ...] = piece.modifiers + ((piece.head,) if piece.head else ())
    for word in words:
        if word.entry and word.entry.notes in TAUGHT:
            names.append(word.entry.word)
        elif word.kind == "colour" and word.entry:
            colour = f"{word.entry.value}~{_TOLERANCE}"
        elif word.text in PLAIN_AREAS or word.text in _GROWN:
            plain = PLAIN_AREAS.get(word.text) or _GROWN[word.text]
            names.append(word.text)
        elif word.kind == "place" and word.entry:
            names += _land(word.entry.word)
    if piece.head is not None and piece.head.entry is not None:
        names += [piece.head.text, piece.head.entry.word]
    text = " ".join(w.text for w in words)
    return Area(text, tuple(dict.fromkeys(names)), plain, colour, side.across)


def _land(place: str) -> list[str]:
    """Places that are a part of a picture, as it is called there."""
    waters = {"sea", "lake", "river", "canal", "harbour"}
    if place in waters:
        return ["water"]
    if place in {"road", "railway"}:
        return ["road", "rails"]
    return {"sky": ["sky"], "hills": ["hills"], "mountains": ["hills"]}.get(place, ["ground"])
