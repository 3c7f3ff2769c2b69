"""Edits of the words, each one named step of the project that can be undone."""

from collections.abc import Sequence
from typing import Any

from overlay.document.project import Project
from overlay.document.recipe import Recipe
from overlay.document.words import PlacedThing
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
        return read_prompt(self.project.recipe.prompt)

    @property
    def phrases(self) -> list[str]:
        """The prompt's phrases, as they were written."""
        return phrases_of(self.project.recipe.prompt)

    def write_prompt(self, what: str, phrases: Sequence[str]) -> None:
        """Have other phrases; words that are not known are skipped, and shown as such."""
        self._write(what, "prompt", joined(phrases))

    def write_avoid(self, text: str) -> None:
        """Have other words to stay away from."""
        self._write("Avoid", "avoid", joined(phrases_of(text)))

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

    def _write(self, what: str, key: str, text: str) -> None:
        recipe = self.project.recipe
        texts = {"prompt": recipe.prompt, "avoid": recipe.avoid} | {key: text}
        unknown = any(r.unknown or r.blanks for r in map(read_prompt, texts.values()))
        changes: dict[str, Any] = {key: text, "unknown": "skip" if unknown else "refuse"}
        if recipe.source is None and bool(texts["prompt"]) != bool(recipe.prompt):
            # A drawn scene is a source; without one a run starts from noise.
            changes["departure"] = Recipe().departure if texts["prompt"] else 1.0
        self.change_recipe(what, **changes)
