"""Words an artist has taught come into a recipe that says them."""

from collections.abc import Sequence
from pathlib import Path

from overlay.document.cues import ReferenceCue
from overlay.document.editing import numbered_name
from overlay.document.recipe import Recipe
from overlay.document.taught import Taught, lexicon_of, words_in
from overlay.studio.inputs.paths import absolute_recipe
from overlay.studio.keeping.files.lexicon import read_lexicon
from overlay.words.language.entries import known_words
from overlay.words.language.grammar import read_prompt


def in_place(recipe: Recipe, folder: Path) -> Recipe:
    """A recipe that was read from a folder: its paths absolute, words of the artist's own taken in.

    Only where a word would be refused otherwise, and only words without a meaning of ours: what a
    recipe makes does not change by what was taught after it was written. Raises `RecipeError` where
    the artist's lexicon cannot be read.
    """
    there = absolute_recipe(recipe, folder)
    lexicon = lexicon_of(there.taught)
    texts = [text for text in (there.prompt, there.avoid) if text]
    if there.unknown == "skip" or not any(read_prompt(text, lexicon).unknown for text in texts):
        return there
    known = known_words()
    own = [one for one in read_lexicon() if one.word not in known]
    return taken_in(there, own)


def taken_in(recipe: Recipe, own: Sequence[Taught]) -> Recipe:
    """A recipe with those of some words that it says and does not have; looks bring their cues."""
    has = {one.word for one in recipe.taught}
    offered = {one.word: one for one in own if one.word not in has}
    if not offered:
        return recipe
    said = [*words_in(recipe.prompt, offered), *words_in(recipe.avoid, offered)]
    new = [offered[word] for word in dict.fromkeys(said)]
    if not new:
        return recipe
    cues = (*recipe.cues, *brought(recipe, new))
    return recipe.model_copy(update={"taught": (*recipe.taught, *new), "cues": cues})


def brought(recipe: Recipe, words: Sequence[Taught]) -> list[ReferenceCue]:
    """The cues that looks bring in, by names that are free; not those that are there already."""
    names = {cue.name for cue in recipe.cues}
    there = [(cue.reference, cue.facets) for cue in recipe.cues if isinstance(cue, ReferenceCue)]
    new = []
    for cue in (cue for word in words for cue in word.cues):
        if (cue.reference, cue.facets) in there:
            continue
        name = numbered_name(cue.name, names)
        names.add(name)
        new.append(cue.model_copy(update={"name": name, "region": None}))
    return new
