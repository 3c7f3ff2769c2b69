"""Keeps the room of proof sheets in step with the project, and does what is asked of its cells."""

from PySide6.QtCore import QObject, Qt, QTimer

from overlay.app.floor.commands import Command, Entries
from overlay.app.floor.engines import may_run
from overlay.app.floor.floor import Floor
from overlay.app.floor.rooms import History, Room, Tab
from overlay.app.parts.plotting import load_plotting
from overlay.app.parts.status import StatusLine
from overlay.app.parts.titles import measure_name
from overlay.app.proof_sheets.deeds import CellDeeds
from overlay.app.proof_sheets.drafting import Drafting
from overlay.app.proof_sheets.filling import SheetFiller
from overlay.app.proof_sheets.room import SheetRoom
from overlay.app.proof_sheets.shown import ShownSheet
from overlay.document.sets.sheets import WITHOUT, ProofSheet
from overlay.document.text.json_text import RecipeError
from overlay.studio.sheets.axes import make_axis
from overlay.studio.sheets.figures import measure_keys
from overlay.studio.sheets.page import axis_labels

_KINDS = "Sheets (*.png *.pdf)"
_GUESS = 4.0  # seconds a megapixel, before any proof has told


class SheetDesk(QObject, Room):
    """The room Ctrl+2 leads to."""

    name = "proof sheet"
    tab = Tab("Proof sheet", "Ctrl+2", "One or two settings varied, all else equal")

    def __init__(self, floor: Floor, room: SheetRoom, line: StatusLine) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.room = floor, floor.bench, room
        self.widget, self.focus, self.line = room, room.grid, line
        self.filler = SheetFiller(floor)
        self.drafting = Drafting(floor, room)
        self.deeds = CellDeeds(floor, room, self.filler)
        self._shown: dict[str, ShownSheet] = {}  # by the sheet's name
        self._filling: ShownSheet | None = None  # whose end is still to be said
        self._place = -1  # of the sheet in the project, -1 while a new one is made
        self._soon = QTimer(self, singleShot=True, interval=0)
        self._soon.timeout.connect(self._show_new)
        self._join()

    def _join(self) -> None:
        room = self.room
        self.drafting.renewed.connect(self._renewed)
        room.fill_asked.connect(self.fill)
        room.stop_asked.connect(self.stop)
        room.sheet_chosen.connect(self.show_place)
        room.remove_asked.connect(self._remove_sheet)
        room.grid.picked.connect(self._picked)
        room.plot.picked.connect(lambda place, beside: room.grid.pick(place, beside=beside))
        room.measure.activated.connect(lambda _: self._show_measure())
        self.filler.came.connect(self._note)

    def commands(self) -> Entries:
        """What makes sheets."""
        return (
            Command("Proof", "What does each do?", "Ctrl+Alt+Return", self.ask_each),
            Command("Proof", "Export the sheet…", "", self.deeds.export),
        )

    # The room -------------------------------------------------------------------------------

    @property
    def history(self) -> History | None:
        """That of the project."""
        return self.bench.project

    @property
    def shown(self) -> ShownSheet | None:
        """The sheet that is seen."""
        return self.room.grid.shown

    def entered(self) -> None:
        """The plot is made when the room is first seen."""
        if not self.room.plot.is_made:
            self.floor.loader.ask(load_plotting, self.room.plot.make, newest="plot", outlives=True)
        self.drafting.heed_recipe()
        if self.shown is None and self.bench.project.state.sheets:
            self.show_place(len(self.bench.project.state.sheets) - 1)

    def dress(self) -> None:
        """Put the theme on the plot."""
        self.room.plot.dress()

    def escape(self) -> bool:
        """Put what is large away; then leave the cells that are to come."""
        if self.room.comparing:
            self.room.show_grid()
            return True
        return self.stop()

    def heed_key(self, key: int, *, pressed: bool) -> bool:
        """Space flips between two picked cells, and W wipes, as on the bench."""
        if pressed and key == Qt.Key.Key_Space:
            self.deeds.compare()
            return True
        return False

    def star(self) -> None:
        """Keep the picked cells' proofs in mind."""
        self.deeds.star()

    def fit(self) -> None:
        """Show all cells whole, or those that are seen large."""
        (self.room.pair if self.room.comparing else self.room.grid).fit()

    def wipe(self) -> None:
        """Wipe between two picked cells."""
        self.deeds.wipe()

    def show_other_project(self) -> None:
        """Another project has other sheets."""
        self._shown.clear()
        self._show_none()
        self.drafting.show(None)
        self.room.show_grid()
        self.refresh()
        if self.floor.room == self.name:
            self.entered()

    def refresh(self) -> None:
        """The project's sheets, or its marks, are others."""
        sheets = self.bench.project.state.sheets
        marks = self.bench.project.state.marks
        self.room.grid.starred = {key for key, mark in marks.items() if mark.star}
        if self._place >= len(sheets):
            self._show_none()
        elif self._place >= 0 and (self.shown is None or self.shown.sheet != sheets[self._place]):
            self.show_place(self._place)
        self.room.show_sheets([sheet.name for sheet in sheets], self._place)
        self.room.grid.heed()

    def heed_recipe(self) -> None:
        """The bench has changed: so may what can be varied, and what it takes."""
        if self.floor.room == self.name:
            self.drafting.heed_recipe()

    # Sheets ---------------------------------------------------------------------------------

    def fill(self) -> None:
        """Pull the sheet that the wells say, and keep it in the project."""
        if not may_run(self.floor, self.bench.project.recipe):
            return
        self.floor.guarded(self._fill)

    def _fill(self) -> None:
        sheet = self.drafting.draft()
        if sheet is None:
            raise RecipeError("Nothing is varied yet: put a setting into a well")
        self.pull(sheet)

    def vary(self, key: str, where: str) -> None:
        """From a control's menu: go to the room with its setting in a well."""
        self.floor.go_to(self.name)
        self.drafting.put(key, self.room.across if where == "across" else self.room.down)

    def _renewed(self) -> None:
        self._place = -1
        self.room.show_sheets([s.name for s in self.bench.project.state.sheets], -1)

    def pull(self, sheet: ProofSheet) -> None:
        """Pull a sheet, in the place of the one of its name."""
        sheets = list(self.bench.project.state.sheets)
        names = [s.name for s in sheets]
        if sheet.name in names:
            self._place = names.index(sheet.name)
            sheets[self._place] = sheet
        else:
            self._place = len(sheets)
            sheets.append(sheet)
        self.drafting.name = sheet.name
        self.filler.stop(sheet.name)
        shown = self._shown[sheet.name] = _blank(sheet)
        self.bench.project.edit(f"Sheet {sheet.name}", sheets=tuple(sheets))
        self._show(shown)
        self.refresh()
        self._filling = shown
        self.filler.fill(sheet, shown)
        self.room.grid.setFocus()

    def pull_again(self, names: tuple[str, ...]) -> None:
        """Go on with sheets that were not done when the program ended."""
        for sheet in self.bench.project.state.sheets:
            if sheet.name in names:
                shown = self._shown[sheet.name] = _blank(sheet)
                self.filler.fill(sheet, shown)
        self.refresh()

    def ask_each(self) -> None:
        """What does each do? A strip with one cue left out at a time."""
        recipe = self.bench.project.recipe
        heard = [cue.name for cue in recipe.cues if not cue.muted]
        if not heard:
            self.floor.refuse("There is no cue yet that could be left out.")
            return
        if not may_run(self.floor, recipe):
            return
        axis = make_axis(WITHOUT, [None, *heard], recipe, "each")
        self.floor.go_to(self.name)
        sheet = ProofSheet(name="What each does", across=axis, recipe=recipe)
        self.pull(sheet)
        self.drafting.show(sheet)

    def show_place(self, place: int) -> None:
        """Show a sheet of the project, or the wells for a new one."""
        self.room.show_grid()
        if place < 0:
            self._show_none()
            self.drafting.show(None)
            return
        self._place = place
        sheet = self.bench.project.state.sheets[place]
        known = self._shown.get(sheet.name)
        if known is None or known.sheet != sheet:
            known = self._shown[sheet.name] = _blank(sheet)
            self.filler.find(sheet, known, lambda: self._came(known))
        self.drafting.show(sheet)
        self._show(known)
        names = [s.name for s in self.bench.project.state.sheets]
        self.room.show_sheets(names, place)

    def _show_none(self) -> None:
        """A new sheet: neither cells nor what was known of them."""
        self._place = -1
        self.room.grid.show_sheet(None)
        self.room.plot.show_sheet(None, [])
        self.room.measure.clear()
        self.room.heed_cells()
        self.deeds.say_picked()

    def _show(self, shown: ShownSheet) -> None:
        self.room.grid.show_sheet(shown)
        self._came(shown)

    def _note(self, shown: ShownSheet) -> None:
        """Several cells that come, or are stopped, at once are painted once."""
        if shown is self.shown and not self._soon.isActive():
            self._soon.start()

    def _show_new(self) -> None:
        if self.shown is not None:
            self._came(self.shown)

    def _came(self, shown: ShownSheet) -> None:
        """Something of a sheet has come; only the one that is seen is painted."""
        if shown is not self.shown:
            return
        self.room.plot.show_sheet(shown, self.room.grid.places)
        self._offer_measures(shown)
        self.room.grid.heed()
        self.room.heed_cells()
        self.deeds.say_picked()
        left = self.filler.left(shown.sheet.name)
        self.room.stop.setEnabled(bool(left))
        if left:
            total = shown.sheet.rows * shown.sheet.columns
            self.line.say(f"{shown.sheet.name}: {shown.done} of {total} cells")
        elif self._filling is shown:
            self._filling = None
            if shown.fault:
                self.line.refuse(shown.fault)
            else:
                self.line.say(f"{shown.sheet.name}: {shown.done} cells are there.")

    def _offer_measures(self, shown: ShownSheet) -> None:
        combo, keys = self.room.measure, measure_keys(shown.figures)
        if keys == [combo.itemData(i) for i in range(combo.count())]:
            return
        before = combo.currentData()
        combo.clear()
        for key in keys:
            combo.addItem(measure_name(key), key)
        combo.setCurrentIndex(max(combo.findData(before), 0))
        self._show_measure()

    def _show_measure(self) -> None:
        self.room.grid.show_measure(self.room.measure.currentData() or "")

    def _remove_sheet(self) -> None:
        sheets = list(self.bench.project.state.sheets)
        if self._place < 0:
            return
        sheet = sheets.pop(self._place)
        self.filler.stop(sheet.name)
        self._show_none()
        self.bench.project.edit(f"Remove sheet {sheet.name}", sheets=tuple(sheets))

    def stop(self) -> bool:
        """Leave the cells that are still to come; whether there were any."""
        return self.shown is not None and self.filler.stop(self.shown.sheet.name)

    def _picked(self) -> None:
        if self.shown is not None:
            self.room.plot.show_sheet(self.shown, self.room.grid.places)
        self.room.heed_cells()
        self.deeds.say_picked()


def _blank(sheet: ProofSheet) -> ShownSheet:
    down = [] if sheet.down is None else axis_labels(sheet, sheet.down)
    return ShownSheet(sheet, (axis_labels(sheet, sheet.across), down))
