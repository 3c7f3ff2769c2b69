"""The main window: the bench, its menus and shortcuts."""

from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import Qt
from PySide6.QtGui import QAction, QCloseEvent, QKeyEvent, QKeySequence
from PySide6.QtWidgets import QApplication, QHBoxLayout, QMainWindow, QMenu, QVBoxLayout, QWidget

from overlay.app.cue_card import CueCard
from overlay.app.cue_sheet import CueSheet
from overlay.app.desk import Desk
from overlay.app.dialogs import Dialogs
from overlay.app.inspector import Inspector
from overlay.app.picture_stage import PictureStage
from overlay.app.puller import Puller
from overlay.app.theme import apply_theme
from overlay.app.top_bar import TopBar
from overlay.app.tray import Tray
from overlay.studio.bench import Bench
from overlay.studio.demo import demo_tray
from overlay.studio.engines import engine_names
from overlay.studio.folders import data_folder


class MainWindow(QMainWindow):
    """Puts the panels together and the menus over them."""

    def __init__(self, bench: Bench) -> None:
        super().__init__()
        self.bench = bench
        self.setWindowTitle("Overlay")
        self.resize(1280, 800)
        self.setMinimumSize(1024, 700)
        self.top = TopBar(bench)
        self.tray = Tray(bench)
        self.stage = PictureStage()
        self.card = CueCard(bench)
        self.sheet = CueSheet(bench)
        self._lay_out()
        self.desk = Desk(self)
        self.puller = Puller(self)
        self.dialogs = Dialogs(self)
        self.inspector = Inspector(self)
        self._menus()
        self.desk.refresh()

    def _lay_out(self) -> None:
        centre = QWidget()
        column = QVBoxLayout(centre)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(1)
        middle = QHBoxLayout()
        middle.setSpacing(1)
        middle.addWidget(self.tray)
        middle.addWidget(self.stage, 1)
        middle.addWidget(self.card)
        self.sheet.setFixedHeight(236)
        column.addWidget(self.top)
        column.addLayout(middle, 1)
        column.addWidget(self.sheet)
        self.setCentralWidget(centre)

    # Menus ----------------------------------------------------------------------------------

    def _menus(self) -> None:
        d, p = self.dialogs, self.puller
        file = self._menu("File", (
            ("New", "Ctrl+N", d.new),
            ("Open…", "Ctrl+O", d.open),
            ("Save", "Ctrl+S", d.save),
            ("Save as…", "Ctrl+Shift+S", d.save_as),
            ("Pack with proofs…", "", d.pack_with_proofs),
            None,
            ("Add pictures…", "Ctrl+Shift+A", d.add_pictures),
            ("Export proof…", "Ctrl+E", d.export),
            None,
            ("Quit", "Ctrl+Q", self.close),
        ))  # fmt: skip
        self.export_action = file["Export proof…"]
        edit = self._menu("Edit", (
            ("Undo", "Ctrl+Z", lambda: self.bench.project.undo()),
            ("Redo", "Ctrl+Shift+Z", lambda: self.bench.project.redo()),
            None,
            ("Paste picture", "Ctrl+V", d.paste),
            ("Remove source", "", lambda: self.bench.set_source(None)),
            None,
            ("Mute cue", "M", self._mute),
            ("Solo cue", "S", lambda: self._with_cue(self.bench.solo_cue)),
            ("Duplicate cue", "Ctrl+J", lambda: self._with_cue(self.bench.duplicate_cue)),
            ("Move cue up", "Alt+Up", lambda: self._move_cue(-1)),
            ("Move cue down", "Alt+Down", lambda: self._move_cue(1)),
            ("Remove cue", "Del", self._remove_cue),
        ))  # fmt: skip
        self.undo_action, self.redo_action = edit["Undo"], edit["Redo"]
        self._menu("Proof", (
            ("Pull", "Ctrl+Return", p.pull),
            ("Stop", "Esc", p.stop),
            ("What does this cue do?", "Ctrl+Shift+Return", p.ask_effect),
            *self._engines(),
        ))  # fmt: skip
        stage = self.stage
        self._menu("View", (
            ("Proof", "P", lambda: stage.set_mode("proof")),
            ("Source", "O", lambda: stage.set_mode("source")),
            ("Map", "G", lambda: stage.set_mode("map")),
            ("Influence", "I", lambda: stage.set_mode("influence")),
            ("Trace", "T", lambda: stage.set_mode("trace")),
            None,
            ("Wipe", "W", stage.wipe.toggle),
            ("Swap wipe sides", "X", stage.view.swap_sides),
            None,
            ("Fit", "F", stage.view.fit),
            ("Actual pixels", "1", stage.view.actual_pixels),
            None,
            ("Dark room", "Ctrl+D", self._toggle_dark),
        ))  # fmt: skip
        self._menu("Help", (
            ("Open the demo", "", d.open_demo),
            ("Shortcuts", "F1", d.shortcuts),
            ("About Overlay", "", d.about),
        ))  # fmt: skip
        self._dark = False

    def _menu(
        self, title: str, entries: tuple[tuple[str, str, Callable[[], object]] | None, ...]
    ) -> dict[str, QAction]:
        menu = QMenu(title, self)
        actions = {}
        for entry in entries:
            if entry is None:
                menu.addSeparator()
                continue
            text, keys, do = entry
            action = QAction(text, self)
            if keys:
                action.setShortcut(QKeySequence(keys))
            action.triggered.connect(lambda _=False, f=do: self.guarded(f))
            menu.addAction(action)
            actions[text] = action
        self.menuBar().addMenu(menu)
        return actions

    def _engines(self) -> tuple[tuple[str, str, Callable[[], object]] | None, ...]:
        """Entries to choose an engine by, where other packages bring more than our own."""
        names = engine_names()
        if len(names) < 2:
            return ()

        def choose(name: str) -> Callable[[], object]:
            return lambda: self.bench.change_recipe("Engine", engine=name)

        return None, *((f"Render with {name}", "", choose(name)) for name in names)

    def guarded(self, do: Callable[[], object]) -> None:
        """Run a menu entry; what is refused is said under the picture."""
        try:
            do()
        except (ValueError, OSError) as error:
            self.stage.status.refuse(str(error))

    def show_history(self) -> None:
        """Name what undo and redo would do."""
        project = self.bench.project
        for action, verb, name in (
            (self.undo_action, "Undo", project.undo_name),
            (self.redo_action, "Redo", project.redo_name),
        ):
            action.setText(verb if name is None else f"{verb}: {name}")
            action.setEnabled(name is not None)

    def _mute(self) -> None:
        index, cue = self.bench.selected_index, self.bench.selected_cue
        if index is not None and cue is not None:
            self.bench.change_cue(index, "Mute", muted=not cue.muted)

    def _with_cue(self, do: Callable[[int], object]) -> None:
        index = self.bench.selected_index
        if index is not None:
            do(index)

    def _move_cue(self, by: int) -> None:
        self._with_cue(lambda index: self.bench.move_cue(index, index + by))

    def _remove_cue(self) -> None:
        if self.tray.pictures.hasFocus():
            self.tray.remove_selected()
        elif self.bench.selected_index is not None:
            self.bench.remove_cue(self.bench.selected_index)

    def _toggle_dark(self) -> None:
        self._dark = not self._dark
        application = QApplication.instance()
        assert isinstance(application, QApplication)
        apply_theme(application, dark=self._dark)
        self.desk.repaint_all()

    # Keys that are held, and the end --------------------------------------------------------

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_V and not event.isAutoRepeat():
            self.stage.flip(on=True)
        super().keyPressEvent(event)

    def keyReleaseEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_V and not event.isAutoRepeat():
            self.stage.flip(on=False)
        super().keyReleaseEvent(event)

    def open_path(self, path: Path) -> None:
        """Open a project or recipe; a refusal is said under the picture and changes nothing."""
        demo = data_folder() / "demo"
        beside = demo_tray(demo) if path.parent == demo else ()
        self.guarded(lambda: self.dialogs.open_path(path, beside))

    def closeEvent(self, event: QCloseEvent) -> None:
        # Out of sight at once, even if a kernel is still being compiled.
        self.hide()
        self.puller.close()
        self.desk.close()
        super().closeEvent(event)
