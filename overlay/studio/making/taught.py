"""Taught words at work: cut-outs to draw, colours of surfaces, and what areas look like."""

from collections.abc import Iterable
from dataclasses import dataclass

import numpy as np

from overlay.document.recipe import Recipe
from overlay.document.taught import Taught, entry_of, lexicon_of, words_in
from overlay.engine.kept import keep
from overlay.imaging.colour import ByteImage
from overlay.imaging.intake import PictureError
from overlay.regions.likeness import Likeness, Sample, learn_likeness
from overlay.studio.inputs.digests import picture_stamp
from overlay.studio.inputs.pictures import PictureStore
from overlay.words.language.lexicon import Lexicon
from overlay.words.language.writing import blanks_of
from overlay.words.things.cutouts import Cutout, cutout_of


def said_words(recipe: Recipe) -> list[Taught]:
    """The taught words that prompt, avoided words and picks of a recipe say."""
    if not recipe.taught:
        return []
    known = {one.word: one for one in recipe.taught}
    picks = [r.pick for r in recipe.regions.values() if r.pick and not blanks_of(r.pick)]
    said: list[str] = []
    for text in (recipe.prompt, recipe.avoid, *picks):
        said += words_in(text, known)
    return [known[word] for word in dict.fromkeys(said)]


def taught_stamp(recipe: Recipe) -> tuple[str, ...]:
    """Everything that the taught words of a recipe depend on; raises `PictureError`."""
    stamps: list[str] = []
    for one in said_words(recipe):
        stamps += [one.word, one.kind, str(one.height), one.belongs]
        stamps += [part for path in one.pictures for part in picture_stamp(path)]
    return tuple(stamps)


def drawing_lexicon(
    taught: tuple[Taught, ...], texts: Iterable[str], store: PictureStore
) -> Lexicon | None:
    """What prompts are drawn by: cut-outs and colours of what they say; None without any.

    Raises
    ------
    PictureError, ValueError
        For a picture that cannot be read, or shows nothing; for texts that cannot be prompts.
    """
    if not taught:
        return None
    known = {one.word: one for one in taught}
    entries = {word: (entry_of(one),) for word, one in known.items()}
    for word in {word for text in texts for word in words_in(text, known)}:
        one = known[word]
        if one.kind == "subject":
            shapes = tuple(_cutout(path, store) for path in one.pictures)
            entries[word] = (entry_of(one, shapes),)
        elif one.kind == "surface":
            entries[word] = (entry_of(one, colour=_colour(one, store)),)
    return Lexicon(entries)


def pick_stamp(pick: str, taught: tuple[Taught, ...]) -> list[str]:
    """Everything that the taught words of a pick depend on; raises `PictureError`."""
    known = {one.word: one for one in taught}
    said = [] if blanks_of(pick) else [known[word] for word in words_in(pick, known)]
    return [part for one in said for path in one.pictures for part in picture_stamp(path)]


@dataclass(frozen=True)
class TaughtLooks:
    """What taught things, areas and surfaces look like, for picks."""

    taught: tuple[Taught, ...]
    store: PictureStore

    @property
    def lexicon(self) -> Lexicon | None:
        """What picks are read by."""
        return lexicon_of(self.taught)

    def find(self, names: Iterable[str]) -> Likeness | None:
        """What the first of some names looks like that was taught; raises `PictureError`."""
        known = {one.word: one for one in self.taught if one.pictures}
        word = next((name for name in names if name in known), None)
        return None if word is None else _likeness(known[word], self.store)


def _cutout(path: str, store: PictureStore) -> Cutout:
    picture = store.cut_out(path)
    try:
        return keep(("cutout", *picture_stamp(path)), lambda: cutout_of(picture))
    except ValueError as error:
        raise PictureError(f"{path}: {error}") from error


def _samples(one: Taught, store: PictureStore) -> list[Sample]:
    pictures = [store.cut_out(path) for path in one.pictures]
    return [Sample(p[..., :3], p[..., 3] > 127) for p in pictures]


def _likeness(one: Taught, store: PictureStore) -> Likeness:
    stamps = [part for path in one.pictures for part in picture_stamp(path)]
    try:
        return keep(("likeness", *stamps), lambda: learn_likeness(_samples(one, store)))
    except ValueError as error:
        raise PictureError(f"{one.pictures[0]}: {error}") from error


def _colour(one: Taught, store: PictureStore) -> str:
    """The middle colour of a surface."""
    seen: list[ByteImage] = [s.picture[s.inside] for s in _samples(one, store)]
    middle = np.median(np.concatenate(seen), axis=0) if any(map(len, seen)) else np.zeros(3)
    r, g, b = (int(v) for v in middle)
    return f"#{r:02x}{g:02x}{b:02x}"
