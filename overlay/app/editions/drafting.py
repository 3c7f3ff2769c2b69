"""What is edited in the room: rows, columns, crossing, names; each one step of the project."""

from collections.abc import Callable
from pathlib import Path
from typing import Any

from PySide6.QtCore import QObject, QPoint, Signal
from PySide6.QtWidgets import QMenu

from overlay.app.editions.picker import PicturePicker
from overlay.app.editions.room import EditionRoom
from overlay.app.floor.floor import Floor
from overlay.app.parts.buttons import pop_up
from overlay.app.parts.file_dialogs import ask_open
from overlay.app.parts.language import tr
from overlay.app.parts.setting_chooser import SettingChooser
from overlay.app.parts.titles import setting_name
from overlay.document.keys import value_at
from overlay.document.recipe import Recipe
from overlay.document.sets.editions import Edition
from overlay.document.text.json_text import RecipeError
from overlay.imaging.files import WRITABLE
from overlay.studio.editions import edits
from overlay.studio.editions.naming import check_name
from overlay.studio.editions.reading import read_edition
from overlay.studio.editions.rows import blanks
from overlay.studio.editions.tables import lines_as_rows, pictures_in, read_rows
from overlay.studio.inputs.paths import names_file
from overlay.studio.sheets.axes import typed_values
from overlay.studio.sheets.settings import find_setting, settings_of

_TABLES = "Tables (*.csv *.tsv *.txt)"
_EDITIONS = "Editions (*.json)"

Edit = Callable[[Edition], Edition]


class Drafting(QObject):
    """Turns gestures in the room into editions.

    Signals
    -------
    changed : what the step is called, and the edition that comes of it.
    opened : an edition that was read from a file of its own.
    """

    changed = Signal(str, object)
    opened = Signal(object)

    def __init__(self, floor: Floor, room: EditionRoom, present: Callable[[], Edition]) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.room, self._present = floor, floor.bench, room, present
        self.chooser = SettingChooser(floor.host)
        self.picker = PicturePicker(floor.host)
        self._for: list[int] = []  # pictures that get a value of their own; none for a new column
        self.chooser.chosen.connect(self._chosen_setting)
        room.editor.pictures = lambda: self.bench.project.state.tray
        room.model.edited.connect(self._edited)
        room.table.dropped.connect(self.take_files)
        room.table.pasted.connect(self.paste)
        room.table.remove_asked.connect(self.remove_rows)
        room.drop_rows.clicked.connect(self.remove_rows)
        room.table.column_asked.connect(self._column_menu)
        room.add_column.clicked.connect(self.ask_column)
        room.name_typed.connect(self.rename_files)
        room.evening.even_chosen.connect(self._set_even)
        room.rows_menu.aboutToShow.connect(self._fill_rows_menu)

    def _edit(self, what: str, do: Edit) -> None:
        """Make another edition of the present one; what is refused is said and changes nothing."""
        self.floor.guarded(lambda: self.changed.emit(what, do(self._present())))

    # Rows -----------------------------------------------------------------------------------

    def _fill_rows_menu(self) -> None:
        menu = self.room.rows_menu
        menu.clear()
        menu.addAction(tr("Empty row"), self.add_row)
        menu.addAction(tr("Sources from the tray…"), lambda: self._pick("source"))
        menu.addAction(tr("Sources from a folder…"), self._ask_folder)
        menu.addAction(tr("From a table (CSV)…"), self._ask_table)
        menu.addAction(tr("An edition's file (JSON)…"), self._ask_edition)

    def add_row(self) -> None:
        """A row more: it says what the others' first column says until it is filled."""
        edition = self._present()
        columns = edits.all_columns(edition)
        if not columns:
            self.floor.refuse("A row needs a column first: choose what changes from row to row.")
            return
        last = edition.values(edition.count - 1) if edition.count else {}
        row = {key: last.get(key, _usual(edition.recipe, key)) for key in columns}
        axes = {axis.key for axis in edition.cross}
        row = {key: value for key, value in row.items() if key not in axes}
        self._edit("Add a row", lambda e: edits.with_rows(e, [row]))

    def remove_rows(self) -> None:
        """Take the picked rows away."""
        picked = self.room.chosen()
        if picked:
            what = f"Remove {len(picked)} row{'s' * (len(picked) != 1)}"
            self._edit(what, lambda e: edits.without_pictures(e, picked))

    def take_files(self, paths: list[Path], key: str) -> None:
        """Files that were dropped: pictures go to a column, tables and folders make rows."""
        if len(paths) == 1 and paths[0].suffix.lower() == ".json":
            self.open_edition(paths[0])
            return
        recipe = self._present().recipe
        column = key if key and names_file(key) else "source"

        def read() -> tuple[list[str], list[dict[str, Any]]]:
            pictures: list[str] = []
            rows: list[dict[str, Any]] = []
            for path in paths:
                if path.is_dir():
                    pictures += map(str, pictures_in(path))
                elif path.suffix.lower() in WRITABLE:
                    self.bench.store.picture(str(path))
                    pictures.append(str(path))
                else:
                    rows += read_rows(path, recipe)
            return pictures, rows

        def take(found: tuple[list[str], list[dict[str, Any]]]) -> None:
            pictures, rows = found

            def change(edition: Edition) -> Edition:
                made = edits.with_rows(edition, rows) if rows else edition
                return edits.with_column(made, column, pictures) if pictures else made

            self._edit(f"Add {len(pictures) + len(rows)} rows", change)

        self.floor.loader.ask(read, take)

    def paste(self, text: str) -> None:
        """Lines of text as rows: of one column, or a table."""
        edition = self._present()
        columns = edits.all_columns(edition)
        first = next((key for key in columns if find_setting(edition.recipe, key) is None), "")
        first = first or next(iter(columns), "")

        def change(made: Edition) -> Edition:
            return edits.with_rows(made, lines_as_rows(text, made.recipe, first))

        if text.strip():
            self._edit("Paste rows", change)

    def _ask_folder(self) -> None:
        from PySide6.QtWidgets import QFileDialog

        folder = QFileDialog.getExistingDirectory(
            self.floor.host, "Sources from a folder", self.floor.settings.pictures_folder
        )
        if folder:
            self.take_files([Path(folder)], "source")

    def _ask_table(self) -> None:
        folder = self.floor.settings.pictures_folder
        path = ask_open(self.floor.host, "Rows from a table", folder, _TABLES)
        if path is not None:
            self.take_files([path], "")

    def _ask_edition(self) -> None:
        folder = self.floor.settings.pictures_folder
        path = ask_open(self.floor.host, "Open an edition", folder, _EDITIONS)
        if path is not None:
            self.open_edition(path)

    def open_edition(self, path: Path) -> None:
        """An edition from its file, with recipe and rows, beside those of the project."""
        self.floor.loader.ask(lambda: read_edition(path), self.opened.emit)

    def _pick(self, key: str) -> None:
        """Choose pictures of the tray for a column."""
        tray = self.bench.project.state.tray
        if not tray:
            self.floor.refuse("The tray is empty: drop pictures on the bench first.")
            return
        place = self.room.table.mapToGlobal(QPoint(20, 20))
        setting = find_setting(self._present().recipe, key)
        title = f"Pictures for {key if setting is None else setting_name(setting)}"
        self.picker.open(title, tray, place, lambda paths: self.take_files(paths, key))

    # Columns --------------------------------------------------------------------------------

    def ask_column(self) -> None:
        """Choose a setting that changes from row to row."""
        self._for = []
        self._open_chooser(self.room.add_column)

    def ask_own(self) -> None:
        """Choose a setting that the picked pictures have of their own."""
        self._for = self.room.chosen()
        if self._for:
            self._open_chooser(self.room.deeds["own"])

    def _open_chooser(self, button: Any) -> None:
        self.chooser.show_settings(settings_of(self._present().recipe))
        self.chooser.open_under(button)

    def _chosen_setting(self, key: str) -> None:
        if not self._for and names_file(key) and self.bench.project.state.tray:
            self._pick(key)
            return
        edition = self._present()
        now = _usual(edition.recipe, key)
        places = self._for or list(range(edition.count))

        def change(made: Edition) -> Edition:
            if not made.count:
                return edits.with_column(made, key, [now])
            for place in places:
                made = edits.with_value(made, place, key, now)
            return made

        setting = find_setting(edition.recipe, key)
        name = key if setting is None else setting_name(setting)
        self._edit(f"{name} of its own" if self._for else f"Column {name}", change)

    def _column_menu(self, key: str, place: QPoint) -> None:
        edition = self._present()
        menu = QMenu(self.room.table)
        if names_file(key):
            menu.addAction(tr("Pictures from the tray…"), lambda: self._pick(key))
        if key in {axis.key for axis in edition.cross}:
            menu.addAction(
                tr("Write the crossing out"),
                lambda: self._edit("Write the crossing out", Edition.written_out),
            )
        elif any(key in row for row in edition.rows):
            menu.addAction(
                tr("Cross with every row"),
                lambda: self._edit("Cross", lambda e: edits.crossed(e, key)),
            )
        picked = self.room.chosen()
        if picked:
            menu.addAction(
                tr("Picked rows: the recipe's own"),
                lambda: self._edit("As the recipe", lambda e: edits.without_value(e, picked, key)),
            )
        menu.addAction(
            tr("Remove this column"),
            lambda: self._edit("Remove a column", lambda e: edits.without_column(e, key)),
        )
        pop_up(menu, place)

    # Values ---------------------------------------------------------------------------------

    def _edited(self, place: int, key: str, value: object) -> None:
        def change(edition: Edition) -> Edition:
            setting = find_setting(edition.recipe, key)
            if setting is None or setting.kind in ("picture", "choice", "words"):
                return edits.with_value(edition, place, key, value)
            typed = typed_values(str(value), setting)
            if len(typed) != 1:
                raise RecipeError(f"{setting.title}: must be one value, got {value!r}")
            return edits.with_value(edition, place, key, typed[0])

        self._edit(f"Row {place + 1}", change)

    def _set_even(self, even: float) -> None:
        if even != self._present().even:
            what = f"Even {100 * even:.0f} %"
            self._edit(what, lambda e: e.model_copy(update={"even": even}))

    def rename_files(self, pattern: str) -> None:
        """Have files called otherwise."""

        def change(edition: Edition) -> Edition:
            check_name(pattern, tuple(edits.all_columns(edition)))
            return edition.model_copy(update={"name": pattern})

        self._edit("Names of files", change)
        self.room.show_name(self._present().name)


def _usual(recipe: Recipe, key: str) -> Any:
    """What a new row has in a column: the recipe's value, or for a blank its name."""
    if key in blanks(recipe) or find_setting(recipe, key) is None:
        return key
    return value_at(recipe, key)
