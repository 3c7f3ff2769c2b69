"""Subjects: words that can be drawn, each a line of the lexicon, a family with its figures."""

from dataclasses import dataclass, field
from functools import cache
from typing import Any

import numpy as np

from overlay.words.language.entries import Entry, known_words
from overlay.words.things.families import FAMILIES, TREES
from overlay.words.things.parts import Part, extent

_TRUTH = {"yes": True, "no": False}
_SITS = 1.25  # of its height on the wing, of a bird that sits
PLACES = ("ground", "water", "sea", "air", "table", "room")


@dataclass(frozen=True)
class Subject:
    """A word that can be drawn.

    Attributes
    ----------
    family, figures : what draws it, with its proportions. belongs : one of `PLACES`.
    size : of its box, metres. home : the place it is shown in where none was said.
    """

    word: str
    family: str
    figures: tuple[tuple[str, Any], ...]
    belongs: str
    size: tuple[float, float, float] = field(compare=False)
    home: str = ""

    @property
    def height(self) -> float:
        """Metres."""
        return self.size[1]

    def parts(self, **changes: Any) -> list[Part]:
        """Its parts, standing at the origin and facing +x; figures the family lacks are left."""
        made = FAMILIES[self.family]
        taken = made.__kwdefaults__ or {}
        known = {key: value for key, value in changes.items() if key in taken}
        return made(**(dict(self.figures) | known))


@cache
def subjects() -> dict[str, Subject]:
    """All subjects by their words."""
    found = {}
    for word, entries in known_words().items():
        for entry in entries:
            if entry.kind == "subject" and entry.word == word:
                found[word] = read_subject(entry)
    return found


@cache
def subject_of(word: str) -> Subject:
    """A subject by its word, made when it is first asked for."""
    entry = next(e for e in known_words()[word] if e.kind == "subject")
    return read_subject(entry)


def subject_for(entry: Entry) -> Subject:
    """The subject that a word was read as, one of ours or a taught one."""
    return read_subject(entry) if entry.shapes else subject_of(entry.word)


def read_subject(entry: Entry) -> Subject:
    """A subject from its entry; raises `ValueError` that names word and fault."""
    family, *pairs = entry.value.split()
    if family not in FAMILIES:
        raise ValueError(f"{entry.word}: must be of {', '.join(FAMILIES)}, got {family!r}")
    belongs, _, home = entry.notes.partition(" ")
    if belongs not in PLACES:
        raise ValueError(f"{entry.word}: must belong to {', '.join(PLACES)}, got {belongs!r}")
    figures = tuple(
        (key, _figure(text)) for key, _, text in (pair.partition("=") for pair in pairs)
    )
    if entry.shapes:
        figures += (("shapes", entry.shapes),)
    strange = {key for key, _ in figures} - set(FAMILIES[family].__kwdefaults__ or {})
    if strange:
        raise ValueError(f"{entry.word}: {family} has no figure {', '.join(sorted(strange))}")
    low, high = extent(FAMILIES[family](**dict(figures)))
    wide, tall, deep = (float(v) for v in np.maximum(high - low, 1e-3))
    size = (wide, float(high[1]) or tall, deep)
    return Subject(entry.word, family, figures, belongs, size, home)


def kind_of(entry: Entry) -> set[str]:
    """A word and, for one that names a family at large (`tree`), all of its kind."""
    word, family = entry.word, subject_for(entry).family
    broad = {"tree": TREES, "person": {"figure"}, "bird": {"bird", "flying_bird"}}
    if word not in broad:
        return {word}
    names = {e.word for all_ in known_words().values() for e in all_ if e.kind == "subject"}
    return {n for n in names if subject_of(n).family in {family, *broad[word]}}


def flying(subject: Subject) -> Subject:
    """A bird on its wings; anything else as it is."""
    if subject.family not in {"bird", "owl"}:
        return subject
    own = dict(subject.figures)
    kept = {key: own[key] for key in ("body", "wing", "beak") if key in own}
    wing = kept.get("wing", kept.get("body", "#5a4a3a"))
    line = " ".join(f"{k}={v}" for k, v in ({"wing": wing, "tip": wing} | kept).items())
    tall = 0.8 * float(own.get("h", 0.3))
    return read_subject(Entry(subject.word, "subject", f"flying_bird h={tall:.3f} {line}", "air"))


def perched(subject: Subject) -> Subject:
    """A bird on the wing come down to sit; anything else, and a bat, as it is."""
    own = dict(subject.figures)
    if subject.family != "flying_bird" or subject.word == "bat":
        return subject
    body = own.get("body", "#f2f0ea")
    figures = {"body": body, "belly": body, "wing": own.get("wing", "#a3adb6")}
    figures |= {"beak": own.get("beak", "#e0a82e"), "tail": own.get("tail", 0.3), "legs": 0.12}
    figures |= {"cap": own["wing"]} if "wing" in own else {}
    line = " ".join(f"{key}={value}" for key, value in figures.items())
    tall = _SITS * float(own.get("h", 0.32))
    return read_subject(Entry(subject.word, "subject", f"bird h={tall:.3f} {line}", "ground"))


def on_broom(subject: Subject) -> Subject:
    """A person who flies on a broom."""
    taken = FAMILIES["broom_rider"].__kwdefaults__ or {}
    truth = {True: "yes", False: "no"}
    own = {k: truth[v] if isinstance(v, bool) else v for k, v in subject.figures if k in taken}
    return read_subject(
        Entry(
            subject.word,
            "subject",
            " ".join(["broom_rider", *(f"{k}={v}" for k, v in own.items())]),
            "air",
        )
    )


def _figure(text: str) -> Any:
    """A number, yes or no, or a word."""
    if text in _TRUTH:
        return _TRUTH[text]
    try:
        return int(text) if text.lstrip("-").isdigit() else float(text)
    except ValueError:
        return text
