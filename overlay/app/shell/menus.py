"""The menus, made from commands."""

from collections.abc import Iterable

from PySide6.QtGui import QAction, QKeySequence
from PySide6.QtWidgets import QMainWindow, QMenu

from overlay.app.floor.commands import Command, Entries, Submenu
from overlay.app.floor.floor import Floor
from overlay.app.parts.language import tr
from overlay.app.parts.plain import plain

_TITLES = ("File", "Edit", "Cue", "Proof", "View", "Help")


def make_menus(host: QMainWindow, floor: Floor, groups: Iterable[Entries]) -> dict[str, QAction]:
    """Give a window its menus; what comes from different groups is parted by a line.

    Returns
    -------
    The commands by their texts.
    """
    menus = {title: host.menuBar().addMenu(tr(title)) for title in _TITLES}
    actions: dict[str, QAction] = {}
    for group in _without_gaps(groups):
        begun: set[str] = set()
        for entry in group:
            menu = menus[entry.menu]
            if entry.menu not in begun and menu.actions():
                menu.addSeparator()
            begun.add(entry.menu)
            if isinstance(entry, Submenu):
                menu.addMenu(_changing_menu(host, floor, entry))
            else:
                actions[entry.text] = _action(host, floor, entry)
                menu.addAction(actions[entry.text])
    return actions


def _without_gaps(groups: Iterable[Entries]) -> list[list[Command | Submenu]]:
    """Groups that end where a line is wanted."""
    found: list[list[Command | Submenu]] = []
    for group in groups:
        found.append([])
        for entry in group:
            if entry is None:
                found.append([])
            else:
                found[-1].append(entry)
    return found


def _action(host: QMainWindow, floor: Floor, command: Command) -> QAction:
    action = QAction(tr(command.text), host)
    if command.keys:
        action.setShortcut(QKeySequence(command.keys))
    action.triggered.connect(lambda _=False: floor.guarded(command.do))
    return action


def _changing_menu(host: QMainWindow, floor: Floor, submenu: Submenu) -> QMenu:
    """A menu that is filled whenever it is opened."""
    menu = QMenu(tr(submenu.text), host)

    def fill() -> None:
        menu.clear()
        found = submenu.entries()
        for text, do in found:
            action = QAction(plain(tr(text)).replace("&", "&&"), menu)
            action.triggered.connect(lambda _=False, f=do: floor.guarded(f))
            menu.addAction(action)
        if not found:
            menu.addAction(tr(submenu.nothing)).setEnabled(False)

    menu.aboutToShow.connect(fill)
    return menu
