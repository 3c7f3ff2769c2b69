"""What pushes the whole picture towards a word, or away from it: light, colours, marks."""

from typing import Any

from overlay.words.language.reading import Word
from overlay.words.language.told import pairs_of
from overlay.words.stage.setting import read_effects


class Toning:
    """Tone, tints and marks of a picture, as words push them.

    Attributes
    ----------
    tone : light, contrast, mute, warmth, furnishing. tints : colours with amounts. marks : traits.
    """

    def __init__(self, effects: list[tuple[dict[str, Any], float]]) -> None:
        self.tone = {"light": 1.0, "contrast": 1.0, "mute": 0.0, "warmth": 0.0, "furnishing": 1.0}
        self.tints: list[tuple[str, float]] = []
        self.marks: dict[str, float] = {}
        self._effects = effects

    def tune(self, word: Word, amount: float) -> None:
        """Push the whole picture towards a word, or away from it."""
        entry = word.entry
        if entry is None:
            return
        if word.kind in {"colour", "material"}:
            own = word.kind == "colour"
            colour = entry.value if own else pairs_of(entry.value).get("colour", "")
            if colour:
                self.tints.append((colour, amount))
        elif word.kind == "quality":
            for key, value in pairs_of(entry.value).items():
                self._number(key, value, amount)
        elif word.kind in {"weather", "light", "hour", "season"} and amount > 0:
            self._effects.append((read_effects(entry.value), amount))

    def _number(self, key: str, value: str, amount: float) -> None:
        tone = self.tone
        if key == "marks":
            self.marks[value] = self.marks.get(value, 0.0) + amount
        elif key in {"mute", "warmth"}:
            tone[key] += amount * float(value)
        elif key in {"light", "contrast"}:
            tone[key] *= float(value) ** amount
        elif key == "furnish":
            tone["furnishing"] *= float(value) ** max(amount, 0.0)
        elif key in {"haze", "waves"}:
            self._effects.append(({f"{key}*": float(value) ** amount}, 1.0))
