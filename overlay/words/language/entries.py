"""The lexicon's tables: one line a word, parted by tabs: word, kind, value, notes."""

from collections.abc import Iterator
from functools import cache
from importlib.resources import files
from typing import NamedTuple

from overlay.words.things.cutouts import Cutout

KINDS = (
    "subject", "place", "hour", "light", "weather", "season", "camera", "colour", "material",
    "quality", "count", "detail", "look",
)  # fmt: skip
TABLES = (
    "subjects", "places", "light", "camera", "colours", "materials", "qualities", "counts",
    "details", "synonyms",
)  # fmt: skip
SYNONYM, STAND_IN = "=", "~"  # the same, and what is drawn in its place


class Entry(NamedTuple):
    """A word: its kind, what it means (by kind), and notes; `word` is the one synonyms lead to.

    `shapes` are the cut-outs of a thing that was taught.
    """

    word: str
    kind: str
    value: str
    notes: str = ""
    shapes: tuple[Cutout, ...] = ()


def read_line(line: str, where: str) -> Entry:
    """One line of a table; raises `ValueError` that names place and fault."""
    cells = [*line.split("\t"), "", ""]
    word, kind, value, notes = cells[:4]
    if kind not in {*KINDS, SYNONYM, STAND_IN}:
        raise ValueError(f"{where}: kind: must be one of {', '.join(KINDS)}, = or ~, got {kind!r}")
    if not word.strip() or (kind in {SYNONYM, STAND_IN} and not value.strip()):
        raise ValueError(
            f"{where}: must be word, kind, value and notes parted by tabs, got {line!r}"
        )
    return Entry(word.strip().lower(), kind, value.strip(), notes.strip())


def _lines(name: str) -> Iterator[Entry]:
    text = files("overlay.words.lexicon").joinpath(f"{name}.tsv").read_text("utf-8")
    for number, line in enumerate(text.splitlines(), 1):
        if line and not line.startswith("#"):
            yield read_line(line, f"{name}.tsv line {number}")


@cache
def stand_ins() -> dict[str, str]:
    """Words of our own lexicon that are drawn as another one."""
    return {e.word: e.value for e in _lines("synonyms") if e.kind == STAND_IN}


@cache
def known_words() -> dict[str, tuple[Entry, ...]]:
    """All words with what they may mean, first what they mean before a thing."""
    meanings: dict[str, list[Entry]] = {}
    leads: list[Entry] = []
    for name in TABLES:
        for entry in _lines(name):
            if entry.kind in {SYNONYM, STAND_IN}:
                leads.append(entry)
            else:
                meanings.setdefault(entry.word, []).append(entry)
    for lead in leads:
        if lead.value not in meanings:
            raise ValueError(f"{lead.word}: must stand for a known word, got {lead.value!r}")
        meanings.setdefault(lead.word, []).extend(meanings[lead.value])
    return {word: tuple(entries) for word, entries in meanings.items()}
