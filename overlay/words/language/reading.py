"""What a prompt was understood as."""

from dataclasses import dataclass
from typing import Any

from overlay.words.language.entries import Entry

# Kinds that are read and said, but change no picture by themselves.
SILENT = {"detail"}
BLANK = "$"

PLURAL = 5  # how many a bare plural stands for


@dataclass(frozen=True)
class Word:
    """A word as it was read.

    Attributes
    ----------
    entry : what it means, none if it is not known. kin : the word it is read as where it is not
    known itself. near : offers for one that is not known.
    """

    text: str
    entry: Entry | None
    kin: str | None = None
    near: tuple[str, ...] = ()

    @property
    def kind(self) -> str:
        """Its kind, empty if it is not known."""
        return self.entry.kind if self.entry else ""

    @property
    def is_blank(self) -> bool:
        """Whether it is a name that stands for a word to be filled in."""
        return self.text.startswith(BLANK)

    @property
    def acts(self) -> bool:
        """Whether it changes the picture."""
        return self.entry is not None and self.kind not in SILENT


@dataclass(frozen=True)
class Placement:
    """Where a thing is to be: across, how far (far, near, or on a room's wall), whether in the sky,
    and which way it faces; empty where not said."""

    across: str = ""
    away: str = ""
    high: bool = False
    faces: str = ""  # left, right, here, away


@dataclass(frozen=True)
class Piece:
    """One thing with what is said of it, or words without a thing.

    Attributes
    ----------
    head : the thing. modifiers : words that stand with it. count : how many.
    link : how it stands to the piece before it, empty if it does not.
    back : whether it stands for a thing that was named before (`a dragon above it`).
    """

    head: Word | None
    modifiers: tuple[Word, ...] = ()
    count: int = 1
    link: str = ""
    back: bool = False


@dataclass(frozen=True)
class Phrase:
    """What stands between two commas.

    Attributes
    ----------
    text : as it was written. emphasis : 0..2. words : all that were read, in their order.
    amount : of a tuning phrase (`a bit more green`), -1..1; none of another.
    """

    text: str
    emphasis: float
    words: tuple[Word, ...]
    pieces: tuple[Piece, ...]
    placement: Placement = Placement()
    amount: float | None = None


@dataclass(frozen=True)
class Reading:
    """A prompt, read."""

    phrases: tuple[Phrase, ...] = ()

    @property
    def unknown(self) -> tuple[Word, ...]:
        """Words that led nowhere, each once."""
        missed = [w for p in self.phrases for w in p.words if w.entry is None and not w.is_blank]
        return tuple({w.text: w for w in missed}.values())

    @property
    def blanks(self) -> tuple[str, ...]:
        """Names after a dollar sign, which an edition fills, each once."""
        found = [w.text[1:] for p in self.phrases for w in p.words if w.is_blank]
        return tuple(dict.fromkeys(found))

    def as_plain(self) -> dict[str, Any]:
        """Plain data, as `overlay read` prints it."""
        plain: dict[str, Any] = {
            "phrases": [
                {
                    "text": phrase.text,
                    "emphasis": phrase.emphasis,
                    "words": [
                        {"text": w.text, "as": w.kind, "kin": w.kin, "acts": w.acts}
                        for w in phrase.words
                        if w.entry is not None
                    ],
                }
                for phrase in self.phrases
            ],
            "unknown": [{"text": w.text, "near": list(w.near)} for w in self.unknown],
        }
        return plain | ({"blanks": list(self.blanks)} if self.blanks else {})
