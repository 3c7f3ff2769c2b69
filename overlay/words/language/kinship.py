"""Kinship: words at most two steps from one we know, distilled from a thesaurus beforehand."""

import gzip
from functools import cache
from importlib.resources import files
from typing import NamedTuple


class Kin(NamedTuple):
    """The known word that another is drawn or read as."""

    word: str
    kind: str


@cache
def _table() -> dict[str, Kin]:
    packed = files("overlay.words.lexicon").joinpath("kinship.tsv.gz").read_bytes()
    table = {}
    for line in gzip.decompress(packed).decode("utf-8").splitlines():
        word, kin, kind = line.split("\t")
        table[word] = Kin(kin, kind)
    return table


def kin_of(word: str) -> Kin | None:
    """What a word is kin to, none if it is farther off than two steps."""
    return _table().get(word)


def kin_words() -> list[str]:
    """All words with kin."""
    return list(_table())
