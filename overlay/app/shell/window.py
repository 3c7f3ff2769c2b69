"""The main window: its rooms, what is said, undo, and the end."""

from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import Qt, QTimer
from PySide6.QtGui import QCloseEvent, QGuiApplication, QKeyEvent, QResizeEvent
from PySide6.QtWidgets import (
    QApplication,
    QDialog,
    QMainWindow,
    QMenu,
    QSplitter,
    QStackedWidget,
    QVBoxLayout,
    QWidget,
)

from overlay.app.card.cue_card import CueCard
from overlay.app.card.map_desk import MapDesk
from overlay.app.drawer.desk import DrawerDesk
from overlay.app.drawer.room import DrawerRoom
from overlay.app.parts.theme import apply_theme, dress, is_dressed, wants_dark
from overlay.app.picture.inspector import Inspector
from overlay.app.picture.probe import Probe
from overlay.app.picture.stage import PictureStage
from overlay.app.prepare.desk import PrepareDesk
from overlay.app.prepare.room import PrepareRoom
from overlay.app.regions.desk import RegionDesk
from overlay.app.regions.panel import RegionPanel
from overlay.app.sheet.cue_sheet import CueSheet
from overlay.app.shell.desk import Desk
from overlay.app.shell.dialogs import Dialogs
from overlay.app.shell.keeping import Keeping
from overlay.app.shell.menus import make_menus
from overlay.app.shell.project_files import ProjectFiles
from overlay.app.shell.side_tabs import SideTabs
from overlay.app.shell.status import StatusLine
from overlay.app.shell.top_bar import TopBar
from overlay.app.shell.tour import Tour
from overlay.app.tray.gathering import Gathering
from overlay.app.tray.tray import Tray
from overlay.app.work.puller import Puller
from overlay.studio.bench.bench import Bench
from overlay.studio.keeping.settings import Settings, load_settings, save_settings

_SHEET = 236  # pixels of height to begin with
_NARROW = 1180  # pixels of width, below which tray and card share one place


class MainWindow(QMainWindow):
    """Puts the panels together and the menus over them."""

    def __init__(self, bench: Bench) -> None:
        super().__init__()
        self.bench = bench
        self.setWindowTitle("Overlay")
        self.resize(1280, 800)
        self.setMinimumSize(1024, 700)
        self.settings = load_settings()
        self.top: TopBar = TopBar(bench)
        self.tray: Tray = Tray(bench)
        self.stage: PictureStage = PictureStage()
        self.card = CueCard(bench)
        self.sheet: CueSheet = CueSheet(bench)
        self.regions = RegionPanel(bench)
        self.drawer = DrawerRoom(bench)
        self.prepare = PrepareRoom()
        self._dresser = QTimer(self)
        self._dresser.setSingleShot(True)
        self._dresser.timeout.connect(self._dress_next)
        self.side = SideTabs(self.tray, self.stage, self.card, self.regions)
        self.line = StatusLine()
        self._lay_out()
        self.desk = Desk(self)
        self.maps = MapDesk(self)
        self.region_desk = RegionDesk(self)
        self.gather = Gathering(self)
        self.puller = Puller(self)
        self.dialogs = Dialogs(self)
        self.keeping = Keeping(self)
        self.files = ProjectFiles(self)
        self.inspector = Inspector(self)
        self.probe = Probe(self)
        self.drawer_desk = DrawerDesk(self)
        self.prepare_desk = PrepareDesk(self)
        self.tray.prepare_asked.connect(self.prepare_desk.open)
        self.top.room_asked.connect(self.show_room)
        self.left_menu: QMenu
        self.actions_by_name = make_menus(self)
        QGuiApplication.styleHints().colorSchemeChanged.connect(self._desktop_changed)
        self.show_room("bench")
        self.desk.refresh()

    # Rooms ----------------------------------------------------------------------------------

    def _lay_out(self) -> None:
        centre, bench = QWidget(), QWidget()
        column = QVBoxLayout(centre)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(1)
        inside = QVBoxLayout(bench)
        inside.setContentsMargins(0, 0, 0, 0)
        inside.setSpacing(1)
        self.sheet.setMinimumHeight(160)
        # The sheet is made higher by its upper edge where there are many cues.
        self.split = QSplitter(Qt.Orientation.Vertical)
        self.split.setChildrenCollapsible(False)
        self.split.setHandleWidth(3)
        self.split.addWidget(self.side)
        self.split.addWidget(self.sheet)
        self.split.setStretchFactor(0, 1)
        self.split.setSizes([500, _SHEET])
        inside.addWidget(self.split)
        self.stack = QStackedWidget()
        self._rooms = {"bench": bench, "drawer": self.drawer, "prepare": self.prepare}
        for room in self._rooms.values():
            self.stack.addWidget(room)
        column.addWidget(self.top)
        column.addWidget(self.stack, 1)
        column.addWidget(self.line)
        self.setCentralWidget(centre)
        self._parts = (
            self.menuBar(), self.top, self.tray, self.stage, self.card, self.side.bar, self.sheet,
            self.regions, self.drawer, self.prepare, self.line,
        )  # fmt: skip

    def show_regions(self, *, shown: bool) -> None:
        """Show the regions in the cue card's place, or the card again."""
        self.side.show_regions(shown=shown)
        self._dress_seen()

    @property
    def room(self) -> str:
        """Which room is shown."""
        shown = self.stack.currentWidget()
        return next(name for name, widget in self._rooms.items() if widget is shown)

    def show_room(self, room: str) -> None:
        """Go to a room: bench, drawer or prepare."""
        self.stack.setCurrentWidget(self._rooms[room])
        self._dress_seen()
        self.top.show_room(room)
        self.line.setVisible(room != "bench")
        self.line.say("")
        focus = {"bench": self.stage.view, "drawer": self.drawer.list, "prepare": self.prepare.view}
        focus[room].setFocus()
        self.show_history()
        if room == "drawer":
            self.drawer_desk.refresh()

    def resizeEvent(self, event: QResizeEvent) -> None:
        """A narrow window has tray and card under tabs."""
        super().resizeEvent(event)
        narrow = self.width() < _NARROW
        if narrow != self.side.narrow:
            self.tray.set_narrow(narrow=narrow)
            self.side.set_narrow(narrow=narrow)
            self._dress_seen()

    # What is said ---------------------------------------------------------------------------

    def say(self, text: str) -> None:
        """Say something in the line of the room that is shown."""
        (self.stage.status if self.room == "bench" else self.line).say(text)

    def refuse(self, text: str) -> None:
        """Say what went wrong, in the line of the room that is shown."""
        (self.stage.status if self.room == "bench" else self.line).refuse(text)

    def guarded(self, do: Callable[[], object]) -> None:
        """Run a menu entry; what is refused is said in the line below."""
        try:
            do()
        except (ValueError, OSError) as error:
            self.refuse(str(error))

    # History --------------------------------------------------------------------------------

    def show_history(self) -> None:
        """Name what undo and redo would do."""
        model = self.prepare.model if self.room == "prepare" else self.bench.project
        for text, name in (
            ("Undo", model.undo_name if model else None),
            ("Redo", model.redo_name if model else None),
        ):
            action = self.actions_by_name[text]
            action.setText(text if name is None else f"{text}: {name}")
            action.setEnabled(name is not None)

    def undo(self) -> None:
        """Take the last step of the room back."""
        if self.room == "prepare":
            self.prepare.undo()
        else:
            self.drawer.keep_note()
            self.bench.project.undo()

    def redo(self) -> None:
        """Make the last undone step of the room again."""
        if self.room == "prepare":
            self.prepare.redo()
        else:
            self.bench.project.redo()

    # Settings -------------------------------------------------------------------------------

    def change_settings(self, settings: Settings) -> None:
        """Take other settings and keep them."""
        themed = settings.theme != self.settings.theme
        self.settings = settings
        self.desk.loader.ask(lambda: save_settings(settings), newest="settings", outlives=True)
        if themed:
            self.dress()

    def _desktop_changed(self) -> None:
        if self.settings.theme == "desktop":
            self.dress()

    def dress(self) -> None:
        """Put the theme of the settings on."""
        application = QApplication.instance()
        assert isinstance(application, QApplication)
        apply_theme(application, dark=wants_dark(self.settings.theme))
        self._dress_seen()
        self.desk.repaint_all()
        self._dresser.start()

    def _dress_next(self) -> None:
        """While nothing else is to be done, put the theme on what is hidden, part by part."""
        waiting = [part for part in self._parts if not is_dressed(part)]
        if waiting:
            dress(waiting[0])
            self._dresser.start()

    def _dress_seen(self) -> None:
        """Put the theme on what is in sight; what is hidden gets it when it is shown."""
        for part in self._parts:
            if part.isVisibleTo(self):
                dress(part)
        for kind in (QMenu, QDialog, Tour):
            for child in self.findChildren(kind, options=Qt.FindChildOption.FindDirectChildrenOnly):
                dress(child)

    # Keys that are held, and the end --------------------------------------------------------

    def escape(self) -> None:
        """Put the tool down, or leave the room, or stop the run."""
        if self.room == "prepare":
            self.show_room("bench")
        elif self.region_desk.hand.tool:
            self.regions.use_tool("")
        elif self.maps.tool:
            self.card.guide.use_tool("")
        elif self.probe.tool:
            self.stage.use_tool("")
        elif self.stage.flipping:
            self.stage.stop_flipping()
        else:
            self.puller.stop()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_V and not event.isAutoRepeat():
            self.stage.flip(on=True)
        if self.room == "bench" and self.region_desk.hand.heed_key(event.key()):
            return
        super().keyPressEvent(event)

    def keyReleaseEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_V and not event.isAutoRepeat():
            self.stage.flip(on=False)
        super().keyReleaseEvent(event)

    def open_path(self, path: Path) -> None:
        """Open a project or recipe; a refusal is said under the picture and changes nothing."""
        self.files.open_path(path)

    def closeEvent(self, event: QCloseEvent) -> None:
        # Out of sight at once, even if a kernel is still being compiled.
        self.hide()
        self.drawer.keep_note()
        self.puller.close()
        self.keeping.close()
        self.files.close()
        self.bench.put_away()
        super().closeEvent(event)
