"""Settings, theme and help: what is the same in every room."""

from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QObject
from PySide6.QtWidgets import QWidget

from overlay.app.floor.commands import Command, Entries
from overlay.app.floor.floor import Floor
from overlay.app.parts.status import said_before
from overlay.app.parts.theme import wants_dark
from overlay.app.shell.help.handbook import Handbook, handbook_folder
from overlay.app.shell.help.shortcuts import ShortcutsDialog
from overlay.app.shell.help.tour import Stop, Tour
from overlay.app.shell.said import SaidDialog
from overlay.app.shell.settings_dialog import SettingsDialog
from overlay.version import __version__


class Helping(QObject):
    """Shows what is to be known, in windows of its own."""

    def __init__(self, floor: Floor, stops: tuple[Stop, ...], after_tour: QWidget) -> None:
        super().__init__(floor)
        self.floor, self._stops, self._after_tour = floor, stops, after_tour
        self.listed: Callable[[], Entries] = tuple  # all commands, for the list of keys
        self.page: Callable[[], str] = str  # the handbook's, of where one is

    def commands(self) -> Entries:
        """Settings and help."""
        return (
            Command("File", "Settings…", "Ctrl+,", self.settings),
            Command("File", "Quit", "Ctrl+Q", self.floor.host.close),
            Command("View", "Dark room", "Ctrl+D", self._toggle_dark),
            Command("Help", "Handbook", "F1", self.handbook),
            Command("Help", "Shortcuts", "Shift+F1", self.shortcuts),
            Command("Help", "What was said", "", self._said),
            Command("Help", "Tour", "", self.tour),
            Command("Help", "About Overlay", "", self._about),
        )

    def settings(self) -> None:
        """Show the settings."""
        SettingsDialog(self.floor.settings, self.floor.change_settings, self.floor.host).open()

    def _toggle_dark(self) -> None:
        settings = self.floor.settings
        theme = "light" if wants_dark(settings.theme) else "dark"
        self.floor.change_settings(settings.model_copy(update={"theme": theme}))

    def shortcuts(self) -> None:
        """List the keys."""
        ShortcutsDialog(self.listed(), self.floor.host).open()

    def _said(self) -> None:
        SaidDialog(said_before(), self.floor.host).open()

    def handbook(self) -> None:
        """Open the handbook at the page of where one is."""
        folder: Path | None = handbook_folder()
        if folder is None:
            self.floor.refuse(
                "The handbook must lie beside the program, got none; install Overlay again."
            )
        else:
            Handbook(folder, self.floor.host, self.page()).show()

    def first_tour(self) -> None:
        """The tour, unless it was seen."""
        if not self.floor.settings.toured:
            self.tour()

    def tour(self) -> None:
        """Show the window round."""
        self.floor.go_to("bench")
        Tour(self.floor.host, self._stops, self._after_tour)
        settings = self.floor.settings
        self.floor.change_settings(settings.model_copy(update={"toured": True}))

    def _about(self) -> None:
        self.floor.say(
            f"Overlay {__version__}: conditioned pictures, made on this computer. MIT licence."
        )
