"""Edits of cues, each one named step of the project that can be undone."""

from pathlib import Path
from typing import Any, Literal

from overlay.document.cues import Cue
from overlay.document.editing import numbered_name, opened, part_data, plain_value, recipe_data
from overlay.document.observer import Announcement
from overlay.document.project import Project
from overlay.document.reading import make_recipe
from overlay.document.recipe import Recipe
from overlay.document.text.json_text import RecipeError
from overlay.studio.bench.pass_edits import follow_cue

Choice = Literal["only", "toggle", "extend"]

_SHAPE = ("enter", "leave", "fade_in", "fade_out", "weight")


class CueEdits:
    """Which cues are selected, and what is done to them.

    One cue is *the* selected one, which the cue card shows; others may be selected with it.
    """

    project: Project

    def __init__(self) -> None:
        self.selected: Announcement[[]] = Announcement()
        self._selected = 0
        self._others: frozenset[int] = frozenset()

    # Selection -----------------------------------------------------------------------------

    @property
    def selected_index(self) -> int | None:
        """Which cue is selected, or None when there is none."""
        count = len(self.project.recipe.cues)
        return None if count == 0 else min(self._selected, count - 1)

    @property
    def selected_rows(self) -> list[int]:
        """All that are selected, in order."""
        count = len(self.project.recipe.cues)
        if count == 0:
            return []
        return sorted({i for i in self._others if i < count} | {min(self._selected, count - 1)})

    @property
    def selected_cue(self) -> Cue | None:
        """The selected cue."""
        index = self.selected_index
        return None if index is None else self.project.recipe.cues[index]

    def select(self, index: int, how: Choice = "only") -> None:
        """Select a cue by its place: alone, beside others or no longer, or all up to it."""
        before = (self._selected, self._others)
        rows = frozenset(self.selected_rows)
        if how == "extend":
            low, high = sorted((self._selected, index))
            self._others = frozenset(range(low, high + 1))
        elif how == "toggle" and index in rows and len(rows) > 1:
            self._others = rows - {index}
            self._selected = min(self._others, key=lambda i: abs(i - index))
        else:
            self._others = rows | {index} if how == "toggle" else frozenset({index})
            self._selected = index
        if (self._selected, self._others) != before:
            self.selected.emit()

    def _select_quietly(self, *rows: int) -> None:
        self._selected, self._others = rows[0], frozenset(rows)

    # Edits ---------------------------------------------------------------------------------

    def change_cue(self, index: int, what: str, **changes: Any) -> None:
        """Change a cue as one step; a change that is not allowed raises `RecipeError`."""
        self.change_cues([index], what, **changes)

    def change_cues(self, rows: list[int], what: str, **changes: Any) -> None:
        """Change several cues alike as one step; all of them or none."""
        data = recipe_data(self.project.recipe)
        for index in self._present(rows):
            cue = opened(data["cues"], index)
            name = cue["name"]
            cue |= {k: plain_value(v) for k, v in changes.items()}
            _follow_guide(data, name, cue["name"])
            follow_cue(data, self.project.recipe.passes, name, cue["name"])
        self.project.edit(f"{what} of {self._named(rows)}", make_recipe(data, "cue"))

    def shift_cues(self, rows: list[int], what: str, by: dict[str, float]) -> None:
        """Move the envelopes of several cues by the same amounts, as far as each can go.

        Parameters
        ----------
        by : what is added to `enter`, `leave`, `fade_in`, `fade_out` and `weight`.
        """
        data = recipe_data(self.project.recipe)
        for index in self._present(rows):
            cue = self.project.recipe.cues[index]
            new = {key: getattr(cue, key) + by.get(key, 0.0) for key in _SHAPE}
            new["enter"] = min(max(new["enter"], 0.0), 0.99)
            new["leave"] = min(max(new["leave"], new["enter"] + 0.01), 1.0)
            span = new["leave"] - new["enter"]
            for fade in ("fade_in", "fade_out"):
                new[fade] = min(max(new[fade], 0.0), span)
            new["weight"] = min(max(new["weight"], 0.0), 2.0)
            opened(data["cues"], index).update({k: round(value, 4) for k, value in new.items()})
        self.project.edit(f"{what} of {self._named(rows)}", make_recipe(data, "cue"))

    def _present(self, rows: list[int]) -> list[int]:
        """Places of cues, if all are there; a gesture may end after its row is gone."""
        count = len(self.project.recipe.cues)
        for index in rows:
            if not 0 <= index < count:
                raise RecipeError(f"cue {index + 1} is no longer there, there are {count}")
        return rows

    def _named(self, rows: list[int]) -> str:
        names = [self.project.recipe.cues[i].name for i in rows]
        return names[0] if len(names) == 1 else f"{len(names)} cues"

    def add_cue(self, name: str, **keys: Any) -> None:
        """Add a cue at the end under a name that is free, and select it."""
        recipe = self.project.recipe
        data = recipe_data(recipe)
        data["cues"].append({"name": free_name(recipe, name), **keys})
        new = make_recipe(data, "cue")
        self._select_quietly(len(new.cues) - 1)
        tray = self.project.state.tray
        reference = keys.get("reference") or keys.get("avoided")
        if reference is not None and Path(reference) not in tray:
            tray = (*tray, Path(reference))
        self.project.edit(f"Add {new.cues[-1].name}", new, tray=tray)
        self.selected.emit()

    def duplicate_cues(self, rows: list[int]) -> None:
        """Put a copy of each cue behind it, under a name of its own, and select the copies."""
        recipe = self.project.recipe
        copies: list[int] = []
        for done, index in enumerate(self._present(rows)):
            data = recipe_data(recipe)
            place = index + done
            name = free_name(recipe, recipe.cues[place].name)
            copy = part_data(recipe.cues[place]) | {"name": name}
            data["cues"].insert(place + 1, copy)
            recipe = make_recipe(data, "cue")
            copies.append(place + 1)
        what = f"Duplicate {self._named(rows)}"
        self._select_quietly(*copies)
        self.project.edit(what, recipe)
        self.selected.emit()

    def move_cues(self, rows: list[int], before: int) -> None:
        """Bring several cues together, in their order, before the one that now has a place.

        Parameters
        ----------
        before : 0 to the number of cues, which puts them at the end.
        """
        recipe = self.project.recipe
        data = recipe_data(recipe)
        moved = [data["cues"][i] for i in self._present(rows)]
        rest = [cue for i, cue in enumerate(data["cues"]) if i not in rows]
        before = min(max(before, 0), len(recipe.cues))  # the topmost cue may be moved up
        place = before - sum(i < before for i in rows)
        data["cues"] = rest[:place] + moved + rest[place:]
        what = f"Move {self._named(rows)}"
        new = make_recipe(data, "cue")
        if new.cues == recipe.cues:
            return
        self._select_quietly(*range(place, place + len(rows)))
        self.project.edit(what, new)
        self.selected.emit()

    def is_solo(self, index: int) -> bool:
        """Whether a cue is the only one that is heard, among several."""
        cues = self.project.recipe.cues
        return len(cues) > 1 and [not cue.muted for cue in cues] == [
            i == index for i in range(len(cues))
        ]

    def solo_cue(self, index: int) -> None:
        """Mute all cues but one; once more, and all are heard again."""
        [index] = self._present([index])
        name, alone = self.project.recipe.cues[index].name, self.is_solo(index)
        data = recipe_data(self.project.recipe)
        for i in range(len(data["cues"])):
            opened(data["cues"], i)["muted"] = not alone and i != index
        what = f"Hear all beside {name}" if alone else f"Solo {name}"
        self.project.edit(what, make_recipe(data, "cue"))

    def remove_cues(self, rows: list[int]) -> None:
        """Remove cues as one step."""
        data = recipe_data(self.project.recipe)
        for index in self._present(rows):
            name = data["cues"][index].name
            _follow_guide(data, name, None)
            follow_cue(data, self.project.recipe.passes, name, None)
        data["cues"] = [cue for i, cue in enumerate(data["cues"]) if i not in rows]
        if not rows:
            return
        what = f"Remove {self._named(rows)}"
        self._select_quietly(max(min(rows) - (min(rows) >= len(data["cues"])), 0))
        self.project.edit(what, make_recipe(data, "cue"))
        self.selected.emit()


def _follow_guide(data: dict[str, Any], old: str, new: str | None) -> None:
    """Regions that heed a guide's contours heed it under its new name, or no longer, in place."""
    for name, region in data["regions"].items():
        if old != new and region.guide == old:
            opened(data["regions"], name)["guide"] = new


def free_name(recipe: Recipe, name: str) -> str:
    """`name`, or with a number behind it when a cue has it already."""
    return numbered_name(name, {cue.name for cue in recipe.cues})
