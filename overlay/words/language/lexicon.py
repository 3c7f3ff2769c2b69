"""Where a word leads: to itself, its base form, what it is derived from, its kin, or nowhere."""

from collections.abc import Mapping
from difflib import get_close_matches
from functools import cache, cached_property, lru_cache
from typing import NamedTuple

from overlay.words.language.entries import Entry, known_words, stand_ins
from overlay.words.language.kinship import kin_of, kin_words

# Endings of plurals and what they were; of derived words likewise.
_PLURALS = (
    ("ies", "y"), ("ves", "f"), ("ves", "fe"), ("sses", "ss"), ("xes", "x"), ("zes", "z"),
    ("ches", "ch"), ("shes", "sh"), ("men", "man"), ("oes", "o"), ("es", "e"), ("s", ""),
)  # fmt: skip
_IRREGULAR = {
    "mice": "mouse", "geese": "goose", "children": "child", "oxen": "ox", "people": "person",
    "leaves": "leaf", "feet": "foot", "teeth": "tooth", "men": "man", "women": "woman",
    "deer": "deer", "sheep": "sheep", "fish": "fish", "swine": "pig", "buses": "bus",
}  # fmt: skip
_DERIVED = (
    ("ing", ""), ("ing", "e"), ("ed", ""), ("ed", "e"), ("y", ""), ("y", "e"), ("ly", ""),
    ("en", ""), ("ish", ""), ("ier", "y"), ("er", ""), ("er", "e"), ("est", ""),
)  # fmt: skip


_TRADES = (
    "maker", "smith", "keeper", "monger", "wright", "seller", "worker", "blower", "mender",
    "herder", "cutter", "binder", "woman", "man",
)  # fmt: skip


class Found(NamedTuple):
    """What a word was found as.

    Attributes
    ----------
    entries : its meanings. kin : the word it is read as where it is not known itself.
    plural : whether it was one.
    """

    entries: tuple[Entry, ...]
    kin: str | None = None
    plural: bool = False


# How something is done is read, and changes no picture.
_ADVERB = Found((Entry("how", "detail", ""),))


class Lexicon:
    """The words we know, and those an artist taught."""

    def __init__(self, taught: Mapping[str, tuple[Entry, ...]] | None = None) -> None:
        self._known = known_words() | dict(taught or {})

    @cached_property
    def _sorted(self) -> tuple[str, ...]:
        return tuple(sorted(self._known))

    def exact(self, text: str) -> Found | None:
        """A word or words as they stand, or with the last as a plural or possessive."""
        if text in self._known:
            return Found(self._known[text], stand_ins().get(text))
        *before, last = text.split()
        for base in bases(last):
            whole = " ".join([*before, base])
            if whole in self._known:
                kin = stand_ins().get(whole)
                return Found(self._known[whole], kin, plural=last not in _IRREGULAR or last != base)
        return None

    def find(self, word: str) -> Found | None:
        """One word by all ways, none where it leads nowhere."""
        found = self.exact(word) or self._trade(word) or self._derived(word) or self._kin(word)
        return found or self._adverb(word)

    def _adverb(self, word: str) -> Found | None:
        """How something is done, unless it looks like a thing that was written wrongly."""
        if not word.endswith("ly") or len(word) <= len("only"):
            return None
        alike = (w for w in self._known if w.endswith("ly"))
        things = [w for w in alike if any(e.kind == "subject" for e in self._known[w])]
        return None if get_close_matches(word, things, 1, 0.8) else _ADVERB

    def _trade(self, word: str) -> Found | None:
        """Whose name tells of a trade, a clockmaker, a goldsmith, is a person."""
        for base in (word, *bases(word)):
            ending = next((e for e in _TRADES if base.endswith(e) and len(base) > len(e) + 2), "")
            if ending:
                who = "woman" if ending == "woman" else "man" if ending == "man" else "person"
                subject = tuple(e for e in self._known[who] if e.kind == "subject")
                return Found(subject, who, plural=base != word)
        return None

    def _derived(self, word: str) -> Found | None:
        for ending, rest in _DERIVED:
            if word.endswith(ending) and len(word) > len(ending) + 2:
                stem = word[: -len(ending)] + rest
                double = len(stem) > 3 and stem[-1] == stem[-2]
                for form in (stem, stem[:-1]) if double else (stem,):
                    entries = [e for e in self._known.get(form, ()) if e.kind != "subject"]
                    if entries:
                        return Found(tuple(entries))
        return None

    def _kin(self, word: str) -> Found | None:
        for base in (word, *bases(word)):
            kin = kin_of(base)
            if kin is not None and kin.word in self._known:
                entries = tuple(e for e in self._known[kin.word] if e.kind == kin.kind)
                if entries:
                    return Found(entries, kin.word, plural=base != word)
        return None

    def near(self, word: str) -> list[str]:
        """Up to three words that an unknown one may have meant."""
        return list(_near(word, self._sorted))


@cache
def plain_lexicon() -> Lexicon:
    """The lexicon without anything taught."""
    return Lexicon()


@lru_cache(maxsize=512)
def _near(word: str, known: tuple[str, ...]) -> tuple[str, ...]:
    found = get_close_matches(word, known, 3, 0.72)
    if len(found) < 3:
        begins = [w for w in kin_words() if w[:2] == word[:2] and abs(len(w) - len(word)) < 3]
        found += get_close_matches(word, begins, 3 - len(found), 0.76)
    return tuple(dict.fromkeys(found))


def bases(word: str) -> list[str]:
    """What a plural or possessive may be of."""
    for mark in ("'s", "\N{RIGHT SINGLE QUOTATION MARK}s"):
        if word.endswith(mark):
            return [word.removesuffix(mark)]
    if word in _IRREGULAR:
        return [_IRREGULAR[word]]
    return [
        word[: -len(ending)] + rest
        for ending, rest in _PLURALS
        if word.endswith(ending) and len(word) > len(ending) + 1 and not word.endswith("ss")
    ]
