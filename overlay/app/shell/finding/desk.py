"""Finding: gathers commands and settings, and has what is chosen done."""

from collections.abc import Callable
from functools import partial

from PySide6.QtCore import QObject
from PySide6.QtGui import QKeySequence

from overlay.app.floor.commands import Command, Entries
from overlay.app.floor.floor import Floor
from overlay.app.parts.language import tr
from overlay.app.parts.titles import setting_value
from overlay.app.shell.finding.deeds import DEEDS
from overlay.app.shell.finding.panel import FinderPanel, Found
from overlay.document.editing import recipe_data
from overlay.document.reading import make_recipe
from overlay.document.sets.sheets import WITHOUT
from overlay.document.text.json_text import RecipeError
from overlay.studio.sheets.axes import make_axis, say, typed_values
from overlay.studio.sheets.cells import lay
from overlay.studio.sheets.settings import RUN, Setting, settings_of


class FindingDesk(QObject):
    """Opens the list of all that can be done or set."""

    def __init__(self, floor: Floor) -> None:
        super().__init__(floor)
        self.floor = floor
        self.panel = FinderPanel(floor.guarded)
        self.listed: Callable[[], Entries] = tuple  # all commands

    def commands(self) -> Entries:
        """Its own place is at the top of Help."""
        return (Command("Help", "Find a command or setting…", "Ctrl+K", self.find),)

    def find(self) -> None:
        """Show the list."""
        recipe = self.floor.bench.project.recipe
        settings = [s for s in settings_of(recipe) if s.key != WITHOUT]
        found = [_command(entry) for entry in self.listed() if isinstance(entry, Command)]
        self.panel.open_over(self.floor.host, [*found, *map(self._setting, settings)])

    def _setting(self, setting: Setting) -> Found:
        offers = tuple(setting_value(choice, setting) for choice in setting.choices)
        take = partial(self._set, setting)
        name = tr(setting.name) if setting.group == RUN else f"{setting.group}: {tr(setting.name)}"
        return Found(name, setting_value(setting.now, setting), take=take, offers=offers)

    def _set(self, setting: Setting, typed: str) -> None:
        """Have a setting take a value as it was typed or chosen, as one step."""
        chosen = [c for c in setting.choices if setting_value(c, setting) == typed]
        if setting.kind in ("words", "picture"):
            values: list[object] = [typed]
        else:
            values = chosen or typed_values(typed, setting)
        if len(values) != 1:
            raise RecipeError(f"{setting.title}: must be one value, got {typed!r}")
        project = self.floor.bench.project
        axis = make_axis(setting.key, values, project.recipe, setting.title)
        data = recipe_data(project.recipe)
        lay(data, project.recipe, setting.key, axis.values[0])
        title = setting.title[:1].upper() + setting.title[1:]
        project.edit(title, make_recipe(data, setting.title))
        self.floor.say(f"{title}: {say(axis.values[0], setting)}.")


def _command(command: Command) -> Found:
    keys = QKeySequence(command.keys).toString(QKeySequence.SequenceFormat.NativeText)
    says = DEEDS.get(command.text, command.says or command.menu)
    return Found(tr(command.text), tr(says), keys, do=command.do)
