"""Keeps the passes on the cue sheet in step with the recipe: edited, looked at, compared."""

from collections.abc import Callable
from math import prod
from typing import Any

from PySide6.QtCore import QObject, QPoint, Signal
from PySide6.QtGui import QImage
from PySide6.QtWidgets import QMenu, QStackedWidget, QWidget

from overlay.app.floor.commands import Command, Entries
from overlay.app.floor.floor import Floor
from overlay.app.parts.buttons import pop_up
from overlay.app.parts.images import to_image
from overlay.app.parts.language import tr
from overlay.app.parts.theme import ROW
from overlay.app.passes.card import PassCard
from overlay.app.passes.lanes import Lane, PassFilm, PassMarks, PassNames
from overlay.app.passes.track import PassTrack, short_name
from overlay.app.picture.stage import PictureStage
from overlay.app.sheet.cue_row import CueRow
from overlay.app.sheet.cue_sheet import CueSheet
from overlay.document.changes import Changes
from overlay.document.cues import ReferenceCue
from overlay.document.passes import active
from overlay.document.recipe import Recipe
from overlay.studio.bench.pass_edits import (
    add_pass,
    change_pass,
    hear_in_pass,
    move_pass,
    remove_pass,
)
from overlay.studio.keeping.stages import KeptStages
from overlay.studio.making.hashing import hash_recipe, up_to

CONCERNED = ("passes", "cues", "regions", "size", "source")


class CardPlace(QStackedWidget):
    """The place of the card: that of the selected cue, or of the selected pass."""

    def __init__(self, cue_card: QWidget) -> None:
        super().__init__()
        self.passes = PassCard()
        self.addWidget(cue_card)
        self.addWidget(self.passes)

    def show_pass(self, *, shown: bool) -> None:
        """Show the pass's card or the cue's."""
        self.setCurrentIndex(int(shown))


class PassDesk(QObject):
    """Edits passes, and shows what they left.

    Signals
    -------
    moment : the picture of a stage to be looked at, None for the proof.
    """

    moment = Signal(object)

    def __init__(
        self, floor: Floor, sheet: CueSheet, place: CardPlace, stage: PictureStage
    ) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.stage, self.sheet = floor, floor.bench, stage, sheet
        self.place, self.card = place, place.passes
        self.track = PassTrack(self)
        self.names, self.film = PassNames(self.track), PassFilm(self.track)
        sheet.put_past(self.names, self.film, Lane(self.track, 16))
        sheet.told_of_rows.append(self._put_marks)
        self._marks: dict[CueRow, PassMarks] = {}
        self.names.add_asked.connect(self.add)
        self.track.chosen.connect(self.choose)
        self.track.moved.connect(lambda i, to: self._edit(move_pass, i, to))
        self.track.asked.connect(self._offer)
        self.card.changed.connect(self._change)
        self.card.heard.connect(lambda name, on: self._hear(self.track.selected, name, on=on))
        self.card.moved.connect(self._move_by)
        self.card.remove_asked.connect(self.remove)
        self.card.compare_asked.connect(self.compare)
        self.card.left.connect(lambda: self.choose(None))

    def _put_marks(self, row: CueRow) -> None:
        marks = PassMarks(self.track, "")
        marks.toggled.connect(lambda i, on: self._hear(i, marks.name, on=on))
        row.put_past(marks)
        self._marks[row] = marks
        row.destroyed.connect(lambda: self._marks.pop(row, None))

    def blank_lane(self) -> Lane:
        """A lane for a row that takes part in no pass."""
        return Lane(self.track, ROW)

    # Edits ----------------------------------------------------------------------------------

    def _edit(self, do: Callable[..., object], *arguments: Any, **keys: Any) -> bool:
        done = self.floor.guarded(lambda: do(self.bench.project, *arguments, **keys))
        if not done:
            self.refresh()  # what was refused is not shown as if it were so
        return done

    def add(self, kind: str) -> None:
        """Add a pass, and show it."""
        if self._edit(add_pass, kind):
            self.choose(len(self.bench.project.recipe.passes) - 1)

    def _change(self, what: str, changes: dict[str, Any]) -> None:
        if self.track.selected is not None:
            self._edit(change_pass, self.track.selected, what, **changes)

    def _hear(self, index: int | None, name: str, *, on: bool) -> None:
        if index is not None:
            self._edit(hear_in_pass, index, name, heard=on)

    def _move_by(self, by: int) -> None:
        index = self.track.selected
        if index is not None and self._edit(move_pass, index, index + by):
            self.choose(min(max(index + by, 0), len(self.track.passes) - 1))

    def remove(self) -> None:
        """Remove the selected pass."""
        index = self.track.selected
        if index is not None:
            self.choose(None)
            self._edit(remove_pass, index)

    def switch(self) -> None:
        """Have the selected pass run, or no longer."""
        index = self.track.selected
        if index is None:
            self.floor.refuse("There is no pass selected; click one past the end of the run.")
            return
        off = not self.bench.project.recipe.passes[index].off
        self._edit(change_pass, index, "Off" if off else "On", off=off)

    # Showing --------------------------------------------------------------------------------

    def heed(self, what: Changes) -> None:
        """Passes, regions or the size differ, or which cues there are and what they are called."""
        beside = what.touches("passes", "regions", "size", "source", "cue.name")
        if beside or what.rows is None:
            self.refresh()

    def refresh(self) -> None:
        """Show the passes of the present recipe."""
        recipe = self.bench.project.recipe
        self.track.set_passes(recipe.passes)
        for row, marks in self._marks.items():
            if row.index < len(recipe.cues):
                cue = recipe.cues[row.index]
                marks.set_cue(cue.name, possible=isinstance(cue, ReferenceCue))
        self._show_card()
        self.show_film()

    def _show_card(self) -> None:
        index, recipe = self.track.selected, self.bench.project.recipe
        self.place.show_pass(shown=index is not None)
        if index is None:
            return
        self.card.show_pass(
            recipe.passes[index], (index, len(recipe.passes)),
            cues=[cue.name for cue in recipe.cues if isinstance(cue, ReferenceCue)],
            regions=list(recipe.regions), size=self._size_after(index),
        )  # fmt: skip

    def _size_after(self, index: int) -> tuple[int, int]:
        """The size that comes out of a pass."""
        source = self.stage.images.get("source")
        proof = self.bench.proof
        width, height = self.bench.project.recipe.size or (
            proof.stages[0].size if proof is not None and proof.stages
            else (source.width(), source.height()) if source is not None else (1088, 720)
        )  # fmt: skip
        growth = prod(p.growth for p in self.track.passes[: index + 1] if not p.off)
        return round(width * growth), round(height * growth)

    def show_film(self) -> None:
        """The frames of the proof that hangs, as far as its passes are those of the recipe."""
        proof, recipe = self.bench.proof, self.bench.project.recipe
        frames: dict[int, QImage] = {}
        if proof is not None:
            seen = {round(f.progress) - 1: f for f in proof.filmstrip if f.progress > 1}
            made, on = active(proof.recipe.passes), _places(recipe)
            for number, index in enumerate(on[: len(made)]):
                if made[number] != recipe.passes[index]:
                    break
                if number + 1 in seen:
                    frames[index] = to_image(seen[number + 1].picture)
        self.film.show_frames(frames)

    def choose(self, index: int | None) -> None:
        """Show a pass's card and its stage; None goes back to the cue."""
        self.track.select(index)
        self._show_card()
        if index is None:
            self.moment.emit(None)
            return
        number = self._stage_of(index)
        if number is not None:

            def show(images: list[QImage]) -> None:
                if self.track.selected == index:  # nothing else was chosen meanwhile
                    self.moment.emit(images[0])

            self._with_stages([number], show)

    def heed_cue(self) -> None:
        """A cue is selected: its card is wanted."""
        if self.track.selected is not None:
            self.choose(None)

    def _stage_of(self, index: int) -> int | None:
        """Which stage of the proof that hangs a pass of the recipe is, None where it is none."""
        proof, recipe = self.bench.proof, self.bench.project.recipe
        on = _places(recipe)
        if proof is None or index not in on:
            return None
        number = on.index(index) + 1
        made = active(proof.recipe.passes)
        same = made[:number] == active(recipe.passes)[:number]
        return number if same and len(made) >= number else None

    def compare(self) -> None:
        """Wipe between the selected stage and the one before."""
        index = self.track.selected
        number = None if index is None else self._stage_of(index)
        if number is None or index is None:
            self.floor.refuse("This pass has not run yet; pull a proof first.")
            return
        name = short_name(self.track.passes[index])

        def show(images: list[QImage]) -> None:
            self.moment.emit(None)
            self.stage.show_stages(images[0], images[1])
            self.floor.say(f"Before and after {name}.")

        self._with_stages([number - 1, number], show)

    def _with_stages(self, numbers: list[int], then: Callable[[list[QImage]], object]) -> None:
        """Read stages of the proof that hangs off this thread; what is not kept is said."""
        proof, kept = self.bench.proof, KeptStages(self.bench.shelf, self.bench.store.stages)
        if proof is None:
            return
        recipe, picture, count = proof.recipe, proof.picture, len(active(proof.recipe.passes))

        def read() -> list[QImage]:
            found = []
            for number in numbers:
                if number == count:
                    found.append(to_image(picture))
                    continue
                staged = kept.find(hash_recipe(up_to(recipe, number)))
                if staged is None:
                    raise ValueError(f"Stage {number} is no longer kept; pull the proof again.")
                found.append(to_image(staged.done.picture))
            return found

        self.floor.loader.ask(read, then, newest="stages")

    # Commands -------------------------------------------------------------------------------

    def _offer(self, index: int, where: QPoint) -> None:
        """What can be done with a pass."""
        self.choose(index)
        menu = QMenu(self.names)
        later = self.bench.project.recipe.passes[index]
        for text, do in (
            ("Run it" if later.off else "Do not run it", self.switch),
            ("Compare with before", self.compare),
            ("Remove", self.remove),
        ):
            menu.addAction(tr(text)).triggered.connect(lambda _=False, d=do: d())
        pop_up(menu, where)

    def commands(self) -> Entries:
        """What is done with passes."""
        return (
            Command("Proof", "Add a settling pass", "", lambda: self.add("settle")),
            Command("Proof", "Add a refining pass", "", lambda: self.add("refine")),
            Command("Proof", "Add an enlarging pass", "Ctrl+Shift+E", lambda: self.add("enlarge")),
            Command("Proof", "Run the selected pass, or not", "", self.switch),
            Command("Proof", "Compare the pass with before", "", self.compare),
            None,
        )


def _places(recipe: Recipe) -> list[int]:
    """Which passes run."""
    return [i for i, later in enumerate(recipe.passes) if not later.off]
