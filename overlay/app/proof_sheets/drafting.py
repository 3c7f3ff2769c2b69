"""The wells: what is varied next, how many cells that makes and how long they take."""

from pydantic import ValidationError
from PySide6.QtCore import QObject, QTimer, Signal

from overlay.app.floor.floor import Floor
from overlay.app.parts.language import tr
from overlay.app.parts.setting_chooser import SettingChooser
from overlay.app.proof_sheets.room import SheetRoom
from overlay.app.proof_sheets.wells import Well, open_chooser
from overlay.document.reading import first_fault
from overlay.document.sets.sheets import Axis, ProofSheet
from overlay.document.text.json_text import RecipeError
from overlay.studio.sheets.axes import axis_title
from overlay.studio.sheets.settings import find_setting, settings_of

_GUESS = 4.0  # seconds a megapixel, before any proof has told


class Drafting(QObject):
    """Turns wells into a sheet.

    Signals
    -------
    renewed : another setting was put in: it is a new sheet from now on.

    Attributes
    ----------
    name : of the sheet that is drafted anew, empty for a new one.
    """

    renewed = Signal()

    def __init__(self, floor: Floor, room: SheetRoom) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.room = floor, floor.bench, room
        self.name = ""
        self.chooser = SettingChooser(floor.host)
        self._well: Well | None = None
        self._foreteller = QTimer(self)
        self._foreteller.setSingleShot(True)
        self._foreteller.timeout.connect(self.foretell)
        for well in (room.across, room.down):
            well.chip.clicked.connect(lambda _=False, w=well: self._choose_for(w))
            well.dropped.connect(lambda key, w=well: self.put(key, w))
            well.changed.connect(self._foreteller.start)
        self.chooser.chosen.connect(self._take_chosen)
        room.cell_size.activated.connect(lambda _: self.foretell())

    def _take_chosen(self, key: str) -> None:
        if self._well is not None:
            self.put(key, self._well)

    def heed_recipe(self) -> None:
        """The bench has changed: so may what can be varied, and what it takes."""
        self.refresh()
        self._foreteller.start()

    def _choose_for(self, well: Well) -> None:
        self._well = well
        open_chooser(self.chooser, well, settings_of(self.bench.project.recipe))

    def put(self, key: str, well: Well) -> None:
        """Put a setting into a well; out of the other one, if it is there."""
        setting = find_setting(self.bench.project.recipe, key)
        if setting is None:
            self.floor.refuse(f"{key}: this recipe has no such setting any more")
            return
        for other in (self.room.across, self.room.down):
            if other is not well and other.setting is not None and other.setting.key == setting.key:
                other.put(None)
        well.put(setting, pictures=self.bench.project.state.tray)
        self.name = ""
        self.renewed.emit()

    def refresh(self) -> None:
        """A setting that is gone leaves its well."""
        for well in (self.room.across, self.room.down):
            if well.setting is None:
                continue
            setting = find_setting(self.bench.project.recipe, well.setting.key)
            if setting is None:
                well.put(None)

    def draft(self) -> ProofSheet | None:
        """The sheet that the wells say; None where nothing is varied; raises `RecipeError`."""
        recipe = self.bench.project.recipe
        across, down = self.room.across.axis(recipe), self.room.down.axis(recipe)
        if across is None:
            across, down = down, None
        if across is None:
            return None
        try:
            return ProofSheet(
                name=self._free_name(across, down), across=across, down=down,
                pixels=self.room.cell_size.currentData(), recipe=recipe,
            )  # fmt: skip
        except ValidationError as error:
            raise RecipeError(first_fault(error)) from error

    def _free_name(self, across: Axis, down: Axis | None) -> str:
        sheets = self.bench.project.state.sheets
        if self.name:
            return self.name
        recipe = self.bench.project.recipe
        axes = [axis for axis in (across, down) if axis is not None]
        name = " × ".join(axis_title(recipe, axis.key) for axis in axes)[:70]
        taken = {sheet.name for sheet in sheets}
        number = 2
        free = name
        while free in taken:
            free, number = f"{name} {number}", number + 1
        return free

    def foretell(self) -> None:
        """Say how many cells there are and how long they take, or what is wrong."""
        try:
            sheet = self.draft()
        except RecipeError as error:
            self.room.foretold.setText(str(error))
            self.room.fill.setEnabled(False)
            return
        self.room.fill.setEnabled(sheet is not None)
        self.room.tell_next(ready=sheet is not None)
        if sheet is None:
            self.room.foretold.setText("")
            return
        count = sheet.rows * sheet.columns
        seconds = count * self._seconds(sheet.pixels)
        time = f"{seconds:.0f} s" if seconds < 90 else f"{seconds / 60:.0f} min"
        self.room.foretold.setText(tr(f"{count} cells, about {time}"))

    def _seconds(self, pixels: int | None) -> float:
        """What a cell takes, from cells before it, else from the last proof."""
        shown = self.room.grid.shown
        if shown is not None and shown.seconds and shown.sheet.pixels == pixels:
            return sum(shown.seconds) / len(shown.seconds)
        proof = self.bench.proof
        size = self.bench.project.recipe.size
        area = 786_432 if size is None else size[0] * size[1]
        per_pixel = _GUESS / 1e6
        if proof is not None and proof.seconds.get("total"):
            height, width = proof.picture.shape[:2]
            per_pixel = proof.seconds["total"] / (height * width)
        return per_pixel * min(area, pixels or area)

    def show(self, sheet: ProofSheet | None) -> None:
        """Show what a sheet varies; nothing for a new one."""
        recipe = self.bench.project.recipe
        self.name = "" if sheet is None else sheet.name
        axes = (None, None) if sheet is None else (sheet.across, sheet.down)
        for well, axis in zip((self.room.across, self.room.down), axes, strict=True):
            setting = None if axis is None else find_setting(recipe, axis.key)
            values = () if axis is None else axis.values
            well.put(setting, values, self.bench.project.state.tray)
        if sheet is not None:
            self.room.show_pixels(sheet.pixels)
