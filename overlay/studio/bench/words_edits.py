"""Edits of the words, each one named step of the project that can be undone."""

from collections.abc import Iterable, Sequence
from typing import Any

from overlay.document.project import Project
from overlay.document.recipe import Recipe
from overlay.document.taught import Taught, lexicon_of, words_in
from overlay.document.words import PlacedThing
from overlay.studio.keeping.files.own_words import brought, taken_in
from overlay.words.language.grammar import read_prompt
from overlay.words.language.reading import Reading
from overlay.words.language.writing import joined, phrases_of, with_emphasis


class WordsEdits:
    """What is done to prompt, avoided words and things that are set by hand."""

    project: Project

    def change_recipe(self, what: str, **changes: Any) -> None:
        """Change keys of the recipe as one step."""
        raise NotImplementedError

    @property
    def reading(self) -> Reading:
        """What the prompt is understood as."""
        recipe = self.project.recipe
        return read_prompt(recipe.prompt, lexicon_of(recipe.taught))

    @property
    def phrases(self) -> list[str]:
        """The prompt's phrases, as they were written."""
        return phrases_of(self.project.recipe.prompt)

    def write_prompt(self, what: str, phrases: Sequence[str], own: Sequence[Taught] = ()) -> None:
        """Have other phrases; words that are not known are skipped, and shown as such.

        `own` are words that the artist has taught for all projects; those that are said come in,
        and looks that were not said before bring their cues.
        """
        self._write(what, "prompt", joined(phrases), own)

    def write_avoid(self, text: str, own: Sequence[Taught] = ()) -> None:
        """Have other words to stay away from."""
        self._write("Avoid", "avoid", joined(phrases_of(text)), own)

    def teach(self, taught: Taught) -> None:
        """Have a word mean something in this project, whatever it meant before."""
        kept = [one for one in self.project.recipe.taught if one.word != taught.word]
        self._take_words(f"Teach “{taught.word}”", [*kept, taught])

    def forget(self, word: str) -> None:
        """No longer have a word that was taught; cues that a look brought in stay."""
        kept = [one for one in self.project.recipe.taught if one.word != word]
        self._take_words(f"Forget “{word}”", kept)

    def _take_words(self, what: str, taught: Sequence[Taught]) -> None:
        recipe = self.project.recipe
        unknown = _unknown((recipe.prompt, recipe.avoid), tuple(taught))
        self.change_recipe(what, taught=list(taught), unknown=unknown)

    def emphasise(self, number: int, emphasis: float) -> None:
        """Give a phrase another emphasis."""
        phrases = self.phrases
        phrases[number] = with_emphasis(phrases[number], emphasis)
        self.write_prompt("Emphasis", phrases)

    def move_phrase(self, number: int, to: int) -> None:
        """Put a phrase before another one."""
        phrases = self.phrases
        moved = phrases.pop(number)
        phrases.insert(to - (to > number), moved)
        if phrases != self.phrases:
            self.write_prompt("Order of words", phrases)

    def place_thing(
        self, name: str, at: tuple[float, float], size: float, turn: float = 0.0
    ) -> None:
        """Set a thing of the drawn scene by hand."""
        kept = [p for p in self.project.recipe.placed if p.thing != name]
        rounded = (round(at[0], 4), round(at[1], 4))
        new = PlacedThing(thing=name, at=rounded, size=round(size, 4), turn=round(turn, 1))
        self.change_recipe(f"Move {name}", placed=[*kept, new])

    def _write(self, what: str, key: str, text: str, own: Sequence[Taught]) -> None:
        recipe = self.project.recipe
        after = taken_in(recipe.model_copy(update={key: text}), own)
        known = {one.word: one for one in recipe.taught if one.kind == "look"}
        said = [words_in(r.prompt, known) if known else [] for r in (recipe, after)]
        cues = brought(after, [known[word] for word in said[1] if word not in said[0]])
        changes: dict[str, Any] = {key: text}
        changes["unknown"] = _unknown((after.prompt, after.avoid), after.taught)
        if after.taught != recipe.taught:
            changes["taught"] = list(after.taught)
        if cues or after.cues != recipe.cues:
            changes["cues"] = [*after.cues, *cues]
        if recipe.source is None and bool(after.prompt) != bool(recipe.prompt):
            # A drawn scene is a source; without one a run starts from noise.
            changes["departure"] = Recipe().departure if after.prompt else 1.0
        self.change_recipe(what, **changes)


def _unknown(texts: Iterable[str], taught: tuple[Taught, ...]) -> str:
    """Whether words that are not known are skipped: where there are such."""
    readings = [read_prompt(text, lexicon_of(taught)) for text in texts]
    return "skip" if any(r.unknown or r.blanks for r in readings) else "refuse"
