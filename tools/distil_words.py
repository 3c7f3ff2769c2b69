"""Write the lexicon's kinship from Debian's `wordnet-base`: `... /usr/share/wordnet`.

Every noun and adjective that lies at most two steps from a word we know gets that word (animals and
plants four, for a breed is drawn as what it is a breed of). The table is a file of the package, so
that nothing is needed when Overlay runs. (Fellbaum 1998, WordNet: An Electronic Lexical Database;
its licence lies beside the table.)
"""

import gzip
import sys
from collections.abc import Iterable, Iterator
from pathlib import Path

from overlay.words.language.entries import known_words
from overlay.words.language.lexicon import bases

OUT = Path("overlay/words/lexicon/kinship.tsv.gz")
_BROAD = Path(__file__).with_name("broad_words.tsv")
STEPS, GROWN_STEPS, SENSES = 2, 4, 3
_ANIMALS, _PERSONS, _PLANTS = 5, 18, 20
# Which of the thesaurus' files of nouns a kind's words may come from.
_FILES = {
    "subject": {5, 6, 13, 17, 18, 20},  # animals, artefacts, food, objects, persons, plants
    "place": {6, 14, 15, 17},
    "weather": {11, 19, 26},
    "hour": {28},
    "season": {28},
    "light": {19, 26},
    "material": {27},
    "colour": {7},
}


class Nouns:
    """A part of the thesaurus: senses of words, and what lies above a sense."""

    def __init__(self, folder: Path, part: str) -> None:
        self.above: dict[int, list[int]] = {}
        self.file: dict[int, int] = {}
        self.words: dict[int, list[str]] = {}
        self.alike: dict[int, list[int]] = {}
        for line in _lines(folder / f"data.{part}"):
            cells = line.partition(" | ")[0].split(" ")
            place, count = int(cells[0]), int(cells[3], 16)
            self.file[place] = int(cells[1])
            self.words[place] = [
                cells[4 + 2 * i].split("(")[0].replace("_", " ").lower() for i in range(count)
            ]
            at = 4 + 2 * count
            links = [cells[at + 1 + 4 * i : at + 3 + 4 * i] for i in range(int(cells[at]))]
            self.above[place] = [int(o) for sign, o in links if sign == "@"]
            self.alike[place] = [int(o) for sign, o in links if sign == "&"]
        self.senses: dict[str, list[int]] = {}
        for line in _lines(folder / f"index.{part}"):
            cells = line.split()
            count = int(cells[2])
            self.senses[cells[0].replace("_", " ")] = [int(o) for o in cells[-count:]]

    def upwards(self, sense: int) -> Iterator[tuple[int, int]]:
        """Senses above one with their distance, nearest first."""
        seen, row, steps = {sense}, [sense], 0
        while row:
            for place in row:
                yield steps, place
            row = [o for place in row for o in self.above[place] if o not in seen]
            seen.update(row)
            steps += 1


def _lines(path: Path) -> Iterator[str]:
    with path.open(encoding="latin1") as file:
        yield from (line for line in file if not line.startswith("  "))


def noun_kin(nouns: Nouns) -> dict[str, tuple[str, str]]:
    """The known word and kind that each noun is nearest to."""
    anchors = dict(_anchors(nouns))
    found = {}
    for word, senses in nouns.senses.items():
        best: tuple[float, str, str] | None = None
        for rank, sense in enumerate(senses[:SENSES]):
            if rank and nouns.file[sense] == _PERSONS:
                continue  # a snake is no person first
            grown = nouns.file[sense] in {_ANIMALS, _PLANTS}
            for steps, above in nouns.upwards(sense):
                if steps > (GROWN_STEPS if grown else STEPS):
                    break
                if above in anchors:
                    worth = steps + 1.5 * rank
                    if best is None or worth < best[0]:
                        best = (worth, *anchors[above])
                    break
        if best is not None and word not in known_words():
            found[word] = best[1:]
    return found


def _anchors(nouns: Nouns) -> Iterator[tuple[int, tuple[str, str]]]:
    """Senses of known words, the plain ones after the broad, so that they win."""
    for line in _BROAD.read_text("utf-8").splitlines()[1:]:
        name, word, file = line.split("\t")
        for sense in nouns.senses.get(name, [])[:6]:
            if nouns.file[sense] == int(file):
                yield sense, (word, "subject")
                break
    for word, entries in known_words().items():
        for entry in entries:
            if entry.word != word and entry.kind == "subject" and len(entries) > 1:
                continue
            for sense in nouns.senses.get(word, [])[:4]:
                if nouns.file[sense] in _FILES.get(entry.kind, set()):
                    yield sense, (entry.word, entry.kind)
                    break


def adjective_kin(adjectives: Nouns) -> dict[str, tuple[str, str]]:
    """The known word and kind that each adjective is alike."""
    heads: dict[int, tuple[str, str]] = {}
    kinds = {"quality", "light", "weather", "colour", "material", "detail"}
    for word, entries in known_words().items():
        for entry in entries:
            if entry.kind in kinds:
                for sense in adjectives.senses.get(word, [])[:2]:
                    heads.setdefault(sense, (entry.word, entry.kind))
    found = {}
    for word, senses in adjectives.senses.items():
        if word in known_words():
            continue
        for sense in senses[:2]:
            near = [sense, *adjectives.alike[sense]]
            near += [o for s in adjectives.alike[sense] for o in adjectives.alike[s]]
            kin = next((heads[o] for o in near if o in heads), None)
            if kin is not None:
                found[word] = kin
                break
    return found


def main(folder: Path) -> None:
    """Write the table, adjectives where a word is no noun."""
    table = adjective_kin(Nouns(folder, "adj")) | noun_kin(Nouns(folder, "noun"))
    lines = sorted(_kept(table))
    text = "".join(f"{word}\t{kin}\t{kind}\n" for word, kin, kind in lines)
    OUT.write_bytes(gzip.compress(text.encode(), 9, mtime=0))
    print(f"{len(lines):,} words, {OUT.stat().st_size // 1000} kB")


def _kept(table: dict[str, tuple[str, str]]) -> Iterable[tuple[str, str, str]]:
    """Words that a prompt may hold: plain letters, at most three together, no plurals."""
    for word, (kin, kind) in table.items():
        plain = word.replace(" ", "").replace("-", "").isalpha() and word.isascii()
        inflected = any(b in known_words() for b in bases(word))
        if plain and len(word) > 2 and len(word.split()) < 4 and not inflected:
            yield word, kin, kind


if __name__ == "__main__":
    main(Path(sys.argv[1]))
