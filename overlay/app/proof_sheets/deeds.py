"""What is done with the cells of a sheet: looked at, taken to the bench, pulled large, exported."""

from pathlib import Path

from PySide6.QtCore import QObject, Signal
from PySide6.QtGui import QImage

from overlay.app.floor.floor import Floor
from overlay.app.parts.file_dialogs import ask_save
from overlay.app.parts.images import from_image
from overlay.app.parts.language import tr
from overlay.app.parts.titles import measure_name, setting_name, setting_value
from overlay.app.proof_sheets.filling import SheetFiller
from overlay.app.proof_sheets.room import SheetRoom
from overlay.app.proof_sheets.shown import ShownSheet
from overlay.imaging.whole_files import write_bytes
from overlay.studio.keeping.drawer import star_proof
from overlay.studio.sheets.cells import chosen_values, varied
from overlay.studio.sheets.figures import CellPlace, sheet_table
from overlay.studio.sheets.leaf import check_page
from overlay.studio.sheets.page import Filled, write_page
from overlay.studio.sheets.settings import find_setting

_KINDS = "Sheets (*.png *.pdf)"
_TOLD = ("style_match", "structure_kept")  # measures of a picked cell that are always said


class CellDeeds(QObject):
    """Acts on the cells that are picked in the room.

    Signals
    -------
    taken : a cell's hash and picture come to the bench, which has its settings.
    """

    taken = Signal(str, object)

    def __init__(self, floor: Floor, room: SheetRoom, filler: SheetFiller) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.room, self.filler = floor, floor.bench, room, filler
        room.deed_asked.connect(self._do)
        room.export_asked.connect(self.export)
        room.grid.taken.connect(self.use)
        room.pair.taken.connect(self.use)

    @property
    def shown(self) -> ShownSheet | None:
        """The sheet that is seen."""
        return self.room.grid.shown

    def star(self) -> None:
        """Keep the picked cells' proofs in mind."""
        for cell in self.room.grid.cells_picked:
            if cell.recipe_hash:
                star_proof(self.bench.project, cell.number, cell.recipe_hash)

    def say_picked(self) -> None:
        """Values and figures of the picked cells."""
        shown, lines = self.shown, []
        for place in self.room.grid.places if shown is not None else []:
            assert shown is not None
            cell = shown.cells.get(place)
            said = "" if cell is None or not cell.number else tr(f"proof {cell.number}")
            number = f"  ·  {said}" if said else ""
            lines.append(
                f"{place[0] + 1}-{place[1] + 1}: {self._values_said(shown, place)}{number}"
            )
            if cell is not None and cell.fault:
                lines.append(tr(cell.fault))
            lines += [
                f"    {measure_name(k)} {v:.0f}"
                for k, v in (cell.figures if cell is not None else {}).items()
                if k.partition(".")[0] in _TOLD
            ]
        self.room.facts.setText("\n".join(lines))

    def _values_said(self, shown: ShownSheet, place: CellPlace) -> str:
        columns, rows = shown.labels
        down = f", {rows[place[0]]}" if shown.sheet.down is not None else ""
        return f"{columns[place[1]]}{down}"

    def _do(self, deed: str) -> None:
        deeds = {"use": self.use, "large": self.enlarge, "compare": self.compare, "star": self.star}
        deeds[deed]()

    def use(self) -> None:
        """Bring the picked cell's values to the bench as one step, and hang its proof there."""
        shown, places = self.shown, self.room.grid.places
        if shown is None or not places:
            return
        place = places[0]

        def change() -> None:
            values = chosen_values(shown.sheet, *place)
            made = varied(self.bench.project.recipe, values)
            self.bench.project.edit(f"Settings of cell {place[0] + 1}-{place[1] + 1}", made)

        if self.floor.guarded(change):
            cell = shown.cells.get(place)
            self.floor.go_to("bench")
            if cell is not None and cell.recipe_hash:
                self.taken.emit(cell.recipe_hash, cell.image)
            self.floor.say(f"The bench has {self._said_settings(shown, place)}.")

    def _said_settings(self, shown: ShownSheet, place: CellPlace) -> str:
        recipe = self.bench.project.recipe
        said = []
        for axis, value in chosen_values(shown.sheet, *place):
            setting = find_setting(recipe, axis.key)
            if setting is not None:
                said.append(f"{setting_name(setting)} {setting_value(value, setting)}")
        return " and ".join(said)

    def enlarge(self) -> None:
        """Pull the picked cells at full size."""
        shown = self.shown
        if shown is not None:
            there = [p for p in self.room.grid.places if p in shown.cells]
            self.floor.guarded(lambda: self.filler.enlarge(shown, there))

    def compare(self, *, wiping: bool = False) -> None:
        """See the picked cells large; the second is flipped to or wiped with."""
        shown = self.shown
        if shown is None:
            return
        images: list[QImage] = []
        names: list[str] = []
        for place in self.room.grid.places:
            cell = shown.cells.get(place)
            if cell is not None and cell.image is not None:
                images.append(cell.image)
                names.append(f"{place[0] + 1}-{place[1] + 1}  {self._values_said(shown, place)}")
        if images:
            self.room.pair.show_cells(images, names, wiping=wiping)
            self.room.middle.setCurrentWidget(self.room.pair)
            self.room.pair.fit()
            self.room.pair.setFocus()

    def wipe(self) -> None:
        """Wipe between two picked cells."""
        if self.room.comparing:
            self.room.pair.wipe_between()
        else:
            self.compare(wiping=True)

    # Export ---------------------------------------------------------------------------------

    def export(self) -> None:
        """Write the sheet to a file that is asked for."""
        if self.shown is None or not self.shown.figures:
            self.floor.refuse("There is no sheet to export yet; pull one first.")
            return
        folder = self.floor.settings.pictures_folder
        path = ask_save(self.floor.host, "Export sheet", str(Path(folder, "sheet.png")), _KINDS)
        if path is not None:
            self.floor.guarded(lambda: self.export_to(path))

    def export_to(self, path: Path) -> None:
        """Write the sheet as PNG or PDF, and its table beside it as CSV."""
        check_page(path)
        shown = self.shown
        assert shown is not None
        cells = dict(shown.cells)
        measure, pair = self.room.grid.measure, self.room.plot.pair
        faults = {place: cell.fault for place, cell in cells.items() if cell.fault}
        images = {p: c.image for p, c in cells.items() if c.recipe_hash and c.image is not None}
        hashes = {place: cell.recipe_hash for place, cell in cells.items() if cell.recipe_hash}

        def write() -> None:
            filled = Filled(
                sheet=shown.sheet,
                pictures={place: from_image(image) for place, image in images.items()},
                figures=shown.figures,
                faults=faults,
                hashes=hashes,
            )
            write_page(path, filled, measure=measure, plotted=pair)
            table = sheet_table(shown.sheet, filled.figures, faults)
            write_bytes(path.with_suffix(".csv"), table.encode())

        self.floor.loader.ask(
            write,
            lambda _: self.floor.say(f"Exported the sheet to {path}, its table beside it"),
            outlives=True,
        )
