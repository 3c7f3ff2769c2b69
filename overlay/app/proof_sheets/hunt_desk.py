"""Hunts: seeds pulled small over the picture, of which one may be taken."""

from typing import Any

from PySide6.QtCore import QObject

from overlay.app.floor.commands import Command, Entries
from overlay.app.floor.engines import may_run
from overlay.app.floor.floor import Floor
from overlay.app.picture.stage import PictureStage
from overlay.app.proof_sheets.filling import SheetFiller
from overlay.app.proof_sheets.hunt_strip import HuntStrip
from overlay.app.proof_sheets.shown import ShownSheet
from overlay.studio.sheets.hunt import COUNTS, NEAR, hunt_sheet
from overlay.studio.sheets.page import axis_labels


class HuntDesk(QObject):
    """Pulls the seeds of a hunt and shows the one that is walked to."""

    def __init__(self, floor: Floor, stage: PictureStage) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.stage = floor, floor.bench, stage
        self.strip = HuntStrip(stage.view)
        self.filler = SheetFiller(floor)
        self.filler.came.connect(self._came)
        self.strip.walked.connect(lambda _: self._show())
        self.strip.taken.connect(self.take)
        self.strip.left.connect(self.leave)
        self._shown: ShownSheet | None = None

    def commands(self) -> Entries:
        """Hunts by keys."""
        return (
            Command("Proof", "Hunt among 8 seeds", "Ctrl+H", lambda: self.begin(8)),
            Command(
                "Proof", "Hunt among 8 near relatives", "Ctrl+Shift+H",
                lambda: self.begin(8, NEAR),
            ),
        )  # fmt: skip

    @property
    def active(self) -> bool:
        """Whether a hunt is going on."""
        return self._shown is not None

    def begin(self, count: int = COUNTS[0], stray: float = 0.0) -> None:
        """Pull seeds at trial size; with a stray, ways from the recipe's own seed towards them."""
        recipe = self.bench.project.recipe
        if not may_run(self.floor, recipe):
            return
        self.floor.go_to("bench")
        self.leave()
        sheet = hunt_sheet(recipe, count, stray)
        self._shown = ShownSheet(sheet, (axis_labels(sheet, sheet.across), []))
        self.stage.set_mode("proof")
        self.strip.show_sheet(self._shown)
        self.strip.appear()
        self.strip.setFocus()
        self.filler.fill(sheet, self._shown)
        self.stage.status.say("Arrows walk through the seeds, Return takes one, Esc leaves.")

    def take(self) -> None:
        """Have the seed that is looked at on the bench, as one step."""
        shown = self._shown
        if shown is None:
            return
        axis, place = shown.sheet.across, self.strip.place
        seed = axis.values[place]
        changes: dict[str, Any] = {"seed": seed, "stray": None}
        if axis.key != "seed":
            begun = shown.sheet.recipe.stray
            assert begun is not None
            own = seed == shown.sheet.recipe.seed
            changes = {"stray": None if own else {"seed": seed, "amount": begun.amount}}
        self.leave()
        what = f"Seed {seed}" if axis.key == "seed" else f"Stray towards {seed}"
        self.floor.guarded(lambda: self.bench.change_recipe(what, **changes))
        self.floor.say(f"{what}: pull to see it at full size.")

    def leave(self) -> None:
        """Leave everything as it was; what is still to be pulled is left out."""
        if self._shown is None:
            return
        shown, self._shown = self._shown, None
        self.filler.stop(shown.sheet.name)
        self.strip.hide()
        self.stage.set_moment(None)
        self.stage.view.setFocus()

    def _came(self, shown: ShownSheet) -> None:
        if shown is self._shown:
            self.strip.show_sheet(shown)
            self._show()

    def _show(self) -> None:
        """The one that is walked to, large."""
        if self._shown is not None:
            cell = self._shown.cells.get((0, self.strip.place))
            if cell is not None and cell.image is not None:
                self.stage.set_moment(cell.image)
