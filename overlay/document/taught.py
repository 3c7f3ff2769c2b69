"""Words that an artist has taught: things, areas, surfaces, and looks."""

from collections.abc import Iterable, Mapping
from functools import lru_cache
from typing import Annotated, Any, Literal

from pydantic import Field, field_validator, model_validator

from overlay.document.cues import ReferenceCue
from overlay.document.part import FilePath, Part, tuples
from overlay.words.language.entries import Entry
from overlay.words.language.grammar import is_plain, read_prompt
from overlay.words.language.lexicon import Lexicon, plain_lexicon
from overlay.words.things.cutouts import Cutout

TaughtKind = Literal["subject", "area", "surface", "look"]
Belongs = Literal["ground", "water", "sea", "air", "table", "room"]
MOST_TAUGHT, MOST_PICTURES, MOST_LOOK_CUES = 512, 16, 16
LONGEST = 40  # characters of a word


class Taught(Part):
    """A word and what it stands for.

    Its pictures have transparency: of a thing, around it; of an area or surface, where it is not.
    A thing is `height` metres tall and belongs somewhere; a look is a bundle of reference cues.
    """

    word: str
    kind: TaughtKind = "subject"
    pictures: Annotated[tuple[FilePath, ...], Field(max_length=MOST_PICTURES)] = ()
    height: Annotated[float, Field(ge=0.01, le=200)] = 1.0
    belongs: Belongs = "ground"
    cues: Annotated[tuple[ReferenceCue, ...], Field(max_length=MOST_LOOK_CUES)] = ()

    @field_validator("pictures", "cues", mode="before")
    @classmethod
    def _listed(cls, value: Any) -> Any:
        return tuples(value)

    @field_validator("word")
    @classmethod
    def _sayable(cls, value: str) -> str:
        return check_word(value)

    @model_validator(mode="after")
    def _stands_for_something(self) -> "Taught":
        wanted, other = ("cues", "pictures") if self.kind == "look" else ("pictures", "cues")
        if not getattr(self, wanted):
            raise ValueError(f"{wanted} must hold at least one for a {self.kind}, got none")
        if getattr(self, other):
            raise ValueError(f"{other} must be empty for a {self.kind}, got some")
        return self


def check_word(text: str) -> str:
    """A word that can be taught, in small letters; raises `ValueError` in one line.

    It must be read as one word: up to four of letters and digits, none of which says how things
    stand to each other or how many there are.
    """
    word = " ".join(text.lower().split())
    if not 1 < len(word) <= LONGEST:
        raise ValueError(f"must have 2 to {LONGEST} characters, got {len(word)}")
    entry = Entry(word, "look", "")
    try:
        read = read_prompt(word, Lexicon({word: (entry,)}))
    except ValueError as error:
        raise ValueError(f"must be a word, got {text!r} ({error})") from error
    found = [w for phrase in read.phrases for w in phrase.words]
    one = len(found) == 1 and found[0].entry == entry and is_plain(word)
    if len(word.split()) > 4 or not one:
        raise ValueError(
            f"must be one to four plain words that say nothing else in a prompt, got {text!r}"
        )
    return word


def check_taught(taught: Iterable[Taught]) -> None:
    """Raise `ValueError` where a word is taught twice."""
    seen: set[str] = set()
    for one in taught:
        if one.word in seen:
            raise ValueError(f"every word must be taught once, got {one.word!r} twice")
        seen.add(one.word)


def entry_of(taught: Taught, shapes: tuple[Cutout, ...] = (), colour: str = "") -> Entry:
    """How a taught word is read; what it draws or tints with only where that is given."""
    if taught.kind == "subject":
        return Entry(taught.word, "subject", f"cutout h={taught.height}", taught.belongs, shapes)
    if taught.kind == "surface":
        return Entry(taught.word, "material", f"colour={colour}" if colour else "", "surface")
    kind, notes = ("look", "") if taught.kind == "look" else ("detail", "area")
    return Entry(taught.word, kind, "", notes)


@lru_cache(maxsize=32)
def _reading_lexicon(taught: tuple[Taught, ...]) -> Lexicon:
    return Lexicon({one.word: (entry_of(one),) for one in taught})


def lexicon_of(taught: tuple[Taught, ...]) -> Lexicon | None:
    """What prompts are read by; None for our own words alone."""
    return _reading_lexicon(taught) if taught else None


def words_in(text: str, taught: Mapping[str, Taught]) -> list[str]:
    """Taught words that a prompt says, in order, each once; raises `ValueError`."""
    lexicon = lexicon_of(tuple(taught.values())) or plain_lexicon()
    read = read_prompt(text, lexicon)
    said = (w.entry.word for p in read.phrases for w in p.words if w.entry)
    return [word for word in dict.fromkeys(said) if word in taught]
