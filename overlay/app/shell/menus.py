"""The menus: every command by its name, with its key."""

from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtGui import QAction, QKeySequence
from PySide6.QtWidgets import QMenu

from overlay.app.parts.plain import ago, plain
from overlay.studio.keeping.drawer import star_proof
from overlay.studio.making.engines import engine_names

if TYPE_CHECKING:
    from overlay.app.shell.window import MainWindow

Entry = tuple[str, str, Callable[[], object]] | None


def make_menus(window: "MainWindow") -> dict[str, QAction]:
    """Give a window its menus.

    Returns
    -------
    The commands by the names they begin with.
    """
    actions: dict[str, QAction] = {}
    for title, entries in (
        ("File", _file(window)), ("Edit", _edit(window)), ("Cue", _cue(window)),
        ("Proof", _proof(window)), ("View", _view(window)), ("Help", _help(window)),
    ):  # fmt: skip
        actions |= _add_menu(window, title, entries)
    return actions


def _add_menu(window: "MainWindow", title: str, entries: tuple[Entry, ...]) -> dict[str, QAction]:
    menu = QMenu(title, window)
    actions = {}
    for entry in entries:
        if entry is None:
            menu.addSeparator()
            continue
        text, keys, do = entry
        action = QAction(text, window)
        if keys:
            action.setShortcut(QKeySequence(keys))
        action.triggered.connect(lambda _=False, f=do: window.guarded(f))
        menu.addAction(action)
        actions[text] = action
        if text == "Open…":
            menu.addMenu(_recent_menu(window))
            window.left_menu = _left_menu(window)
            menu.addMenu(window.left_menu)
    window.menuBar().addMenu(menu)
    return actions


def _recent_menu(window: "MainWindow") -> QMenu:
    """The files opened or saved last."""

    def recent() -> list[tuple[str, Callable[[], object]]]:
        return [
            (name, lambda n=name: window.files.open_recent(Path(n)))  # type: ignore[misc]
            for name in window.settings.recent
        ]

    return _changing_menu(window, "Open recent", "Nothing yet", recent)


def _left_menu(window: "MainWindow") -> QMenu:
    """Unsaved work that was left, by a crash or by putting it away."""

    def left() -> list[tuple[str, Callable[[], object]]]:
        return [
            (f"{one.name}, {ago(one.when)}", lambda o=one: window.files.bring_back(o))  # type: ignore[misc]
            for one in window.keeping.left()
        ]

    return _changing_menu(window, "Unsaved work", "Nothing was left", left)


def _changing_menu(
    window: "MainWindow",
    title: str,
    nothing: str,
    entries: Callable[[], list[tuple[str, Callable[[], object]]]],
) -> QMenu:
    """A menu that is filled whenever it is opened."""
    menu = QMenu(title, window)

    def fill() -> None:
        menu.clear()
        found = entries()
        for text, do in found:
            action = QAction(plain(text).replace("&", "&&"), menu)
            action.triggered.connect(lambda _=False, f=do: window.guarded(f))
            menu.addAction(action)
        if not found:
            menu.addAction(nothing).setEnabled(False)

    menu.aboutToShow.connect(fill)
    return menu


def _file(window: "MainWindow") -> tuple[Entry, ...]:
    d, files = window.dialogs, window.files
    return (
        ("New", "Ctrl+N", files.new),
        ("Open…", "Ctrl+O", files.open),
        ("Save", "Ctrl+S", files.save),
        ("Save as…", "Ctrl+Shift+S", files.save_as),
        ("Pack with proofs…", "", files.pack_with_proofs),
        None,
        ("Add pictures…", "Ctrl+Shift+A", d.add_pictures),
        ("Export proof…", "Ctrl+E", d.export),
        None,
        ("Settings…", "Ctrl+,", d.settings),
        ("Quit", "Ctrl+Q", window.close),
    )


def _edit(window: "MainWindow") -> tuple[Entry, ...]:
    return (
        ("Undo", "Ctrl+Z", window.undo),
        ("Redo", "Ctrl+Shift+Z", window.redo),
        None,
        ("Paste picture", "Ctrl+V", window.dialogs.paste),
        ("Prepare the selected picture…", "Ctrl+P", lambda: _prepare(window)),
        ("Remove source", "", lambda: window.bench.set_source(None)),
    )


def _cue(window: "MainWindow") -> tuple[Entry, ...]:
    d, bench = window.dialogs, window.bench
    return (
        ("Add reference…", "Ctrl+R", lambda: d.add_cue("reference")),
        ("Add swatches", "Ctrl+Shift+R", lambda: d.add_cue("swatches")),
        ("Add edges", "Ctrl+G", lambda: d.add_cue("edges")),
        ("Add outline", "", lambda: d.add_cue("outline")),
        ("Add lines", "", lambda: d.add_cue("lines")),
        ("Add depth", "", lambda: d.add_cue("depth")),
        ("Add blocks", "", lambda: d.add_cue("blocks")),
        ("Add pose", "", lambda: d.add_cue("pose")),
        ("Add avoided picture…", "Ctrl+Shift+G", lambda: d.add_cue("avoided")),
        None,
        ("Rename cue", "F2", lambda: _rename(window)),
        ("Mute cue", "M", lambda: _mute(window)),
        ("Solo cue", "S", lambda: _with_cue(window, bench.solo_cue)),
        ("Duplicate cue", "Ctrl+J", lambda: _with_rows(window, bench.duplicate_cues)),
        ("Move cue up", "Alt+Up", lambda: _move(window, -1)),
        ("Move cue down", "Alt+Down", lambda: _move(window, 1)),
        ("Select the cue below", "Ctrl+Down", lambda: _step(window, 1)),
        ("Select the cue above", "Ctrl+Up", lambda: _step(window, -1)),
        ("Select all cues", "Ctrl+A", lambda: _select_all(window)),
        ("Remove cue", "Del", lambda: _remove(window)),
    )


def _proof(window: "MainWindow") -> tuple[Entry, ...]:
    p = window.puller
    return (
        ("Pull", "Ctrl+Return", p.pull),
        ("Stop", "Esc", window.escape),
        ("What does this cue do?", "Ctrl+Shift+Return", p.ask_effect),
        None,
        ("Keep with a star", "K", lambda: _star(window)),
        ("Restore its recipe", "", lambda: _restore(window)),
        *_engines(window),
    )


def _view(window: "MainWindow") -> tuple[Entry, ...]:
    stage = window.stage
    ways = stage.compare.ways
    return (
        ("Bench", "Ctrl+1", lambda: window.show_room("bench")),
        ("Drawer", "Ctrl+4", lambda: window.show_room("drawer")),
        None,
        ("Proof", "P", lambda: stage.set_mode("proof")),
        ("Source", "O", lambda: stage.set_mode("source")),
        ("Map", "G", lambda: stage.set_mode("map")),
        ("Region", "R", lambda: stage.set_mode("region")),
        ("Influence", "I", lambda: stage.set_mode("influence")),
        ("Trace", "T", lambda: stage.set_mode("trace")),
        None,
        ("Wipe", "W", ways["wipe"].toggle),
        ("Side by side", "Shift+W", ways["beside"].toggle),
        ("Difference", "D", ways["difference"].toggle),
        ("Swap sides", "X", stage.view.swap_sides),
        None,
        ("Read a colour", "C", stage.tools["pick"].click),
        ("Clear space", "Shift+C", stage.tools["clear"].click),
        None,
        ("Fit", "F", stage.view.fit),
        ("Actual pixels", "1", stage.view.actual_pixels),
        ("Show the whole run", "0", lambda: window.sheet.axis.show_span(0.0, 1.0)),
        None,
        ("Dark room", "Ctrl+D", lambda: _toggle_dark(window)),
    )


def _help(window: "MainWindow") -> tuple[Entry, ...]:
    d = window.dialogs
    return (
        ("Handbook", "F1", d.handbook),
        ("Shortcuts", "Shift+F1", d.shortcuts),
        ("Tour", "", d.tour),
        ("Open the demo", "", window.files.open_demo),
        ("About Overlay", "", d.about),
    )


def _engines(window: "MainWindow") -> tuple[Entry, ...]:
    """Entries to choose an engine by, where other packages bring more than our own."""
    names = engine_names()
    if len(names) < 2:
        return ()

    def choose(name: str) -> Callable[[], object]:
        return lambda: window.bench.change_recipe("Engine", engine=name)

    return None, *((f"Render with {name}", "", choose(name)) for name in names)


# What the entries do -------------------------------------------------------------------------


def _with_cue(window: "MainWindow", do: Callable[[int], object]) -> None:
    index = window.bench.selected_index
    if index is not None:
        do(index)


def _with_rows(window: "MainWindow", do: Callable[[list[int]], object]) -> None:
    rows = window.bench.selected_rows
    if rows:
        do(rows)


def _mute(window: "MainWindow") -> None:
    bench, cue = window.bench, window.bench.selected_cue
    if cue is not None:
        bench.change_cues(bench.selected_rows, "Mute", muted=not cue.muted)


def _rename(window: "MainWindow") -> None:
    index = window.bench.selected_index
    if index is not None:
        window.sheet.rows[index].begin_renaming()


def _move(window: "MainWindow", by: int) -> None:
    rows = window.bench.selected_rows
    if rows:
        window.bench.move_cues(rows, rows[0] - 1 if by < 0 else rows[-1] + 2)


def _step(window: "MainWindow", by: int) -> None:
    index, count = window.bench.selected_index, len(window.bench.project.recipe.cues)
    if index is not None:
        window.bench.select(min(max(index + by, 0), count - 1))


def _select_all(window: "MainWindow") -> None:
    count = len(window.bench.project.recipe.cues)
    if count:
        window.bench.select(0)
        window.bench.select(count - 1, "extend")


def _remove(window: "MainWindow") -> None:
    if window.room == "drawer":
        window.drawer.remove()
    elif window.room == "prepare":
        window.prepare.remove_stroke()
    elif window.tray.pictures.hasFocus():
        window.tray.remove_selected()
    else:
        _with_rows(window, window.bench.remove_cues)


def _prepare(window: "MainWindow") -> None:
    path = window.tray.selected()
    source = window.bench.project.recipe.source
    if path is None and source is not None:
        path = Path(source)
    if path is None:
        window.refuse("Select a picture in the tray first; there is no source either.")
    else:
        window.prepare_desk.open(path)


def _star(window: "MainWindow") -> None:
    proof = window.bench.proof
    if window.room == "drawer":
        window.drawer.star()
    elif proof is None:
        window.refuse("There is no proof to keep yet; pull one first.")
    else:
        star_proof(window.bench.project, proof.number, proof.recipe_hash)
        star = window.bench.project.state.mark(proof.recipe_hash).star
        window.say(f"Proof {proof.number} {'has' if star else 'no longer has'} a star.")


def _restore(window: "MainWindow") -> None:
    proof = window.bench.proof
    if proof is None:
        window.refuse("There is no proof yet; pull one first.")
    else:
        window.bench.restore(proof)


def _toggle_dark(window: "MainWindow") -> None:
    from overlay.app.parts.theme import wants_dark

    theme = "light" if wants_dark(window.settings.theme) else "dark"
    window.change_settings(window.settings.model_copy(update={"theme": theme}))
