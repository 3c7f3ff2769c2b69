"""The bench: tray, picture, card and cue sheet beside each other."""

from collections.abc import Callable

from PySide6.QtCore import QObject, Qt
from PySide6.QtWidgets import QSplitter, QVBoxLayout, QWidget

from overlay.app.card.map_desk import MapDesk
from overlay.app.floor.commands import Command, Entries
from overlay.app.floor.floor import Floor
from overlay.app.floor.rooms import History, Room, Tab
from overlay.app.picture.probe import Probe
from overlay.app.picture.stage import PictureStage
from overlay.app.regions.desk import RegionDesk
from overlay.app.shell.side_tabs import SideTabs

_STEP = 60  # pixels by which a panel is widened at once
_SHEET, _SHEET_LEAST, _SHEET_MOST = 196, 160, 300  # pixels of height


class BenchRoom(QObject, Room):
    """The first room; Esc puts down its tools one after another.

    Attributes
    ----------
    removes : what Del takes away, the first whose condition holds.
    starred : what K does. held : what holding the full stop does.
    """

    name = "bench"
    tab = Tab("Bench", "Ctrl+1", "Compose and see the picture")

    def __init__(self, floor: Floor, side: SideTabs, stage: PictureStage, sheet: QWidget) -> None:
        super().__init__(floor)
        self.floor = floor
        self.bench, self.stage, self._side, self._sheet = floor.bench, stage, side, sheet
        self.bare = False
        self.around: tuple[QWidget, ...] = ()  # what stands around the room
        self._split = _laid_out(side, sheet)
        self._by_hand = False  # whether the sheet's height was chosen
        self._split.splitterMoved.connect(self._note_hand)
        self.widget, self.focus, self.line = _in_a_widget(self._split), stage.view, stage.status
        self.starred: Callable[[], object] = lambda: None
        self.held: Callable[[bool], object] = lambda _: None
        self.removes: list[tuple[Callable[[], bool], Callable[[], object]]] = []
        self._tools: list[tuple[Callable[[], object], Callable[[], object]]] = []

    def have_tools(self, regions: RegionDesk, maps: MapDesk, probe: Probe) -> None:
        """Whose tools Esc puts down, and whose keys mean something here."""
        self._regions = regions
        self._tools = [
            (lambda: regions.hand.tool, lambda: regions.panel.use_tool("")),
            (lambda: maps.tool, lambda: maps.part.use_tool("")),
            (lambda: probe.tool, lambda: self.stage.use_tool("")),
            (lambda: self.stage.flipping, self.stage.stop_flipping),
        ]

    def have_panels(self, *panels: tuple[Callable[[], object], Callable[[], object]]) -> None:
        """What lies over the picture is put away by Esc before any tool is."""
        self._tools = [*panels, *self._tools]

    def set_bare(self, *, bare: bool) -> None:
        """Give the picture all the room there is, or put the panels back."""
        self.bare = bare
        self._side.set_bare(bare=bare)
        for part in (self._sheet, self.stage.bar, *self.around):
            part.setVisible(not bare)

    def _note_hand(self, _place: int, _index: int) -> None:
        self._by_hand = True

    def fit_sheet(self, needed: int) -> None:
        """Make the sheet as high as its rows need, unless a hand has chosen its height."""
        if self._by_hand or self._sheet.isHidden():
            return
        wanted = min(max(needed, _SHEET_LEAST), _SHEET_MOST)
        total = sum(self._split.sizes())
        if total > 2 * _SHEET_LEAST:
            self._split.setSizes([total - wanted, wanted])

    @property
    def history(self) -> History | None:
        """That of the project."""
        return self.bench.project

    def commands(self) -> Entries:
        """How much room the picture has."""

        def bare() -> None:
            self.floor.go_to(self.name)
            self.set_bare(bare=not self.bare)

        return (
            Command("View", "The picture alone", "F9", bare),
            Command("View", "Wider tray", "", lambda: self._widen(_STEP, 0)),
            Command("View", "Wider card", "", lambda: self._widen(0, _STEP)),
            Command("View", "Plain width of tray and card", "", self._put_back),
            None,
        )

    def _widen(self, tray: int, card: int) -> None:
        has_tray, has_card = self._side.extra
        self._side.widen(has_tray + tray, has_card + card)
        self._side.widened.emit(*self._side.extra)

    def _put_back(self) -> None:
        self._side.widen(0, 0)
        self._side.widened.emit(0, 0)

    def escape(self) -> bool:
        """Put the tool in hand down; the picture alone gets its panels back."""
        if self.bare:
            self.set_bare(bare=False)
            return True
        for in_hand, put_down in self._tools:
            if in_hand():
                put_down()
                return True
        return False

    def heed_key(self, key: int, *, pressed: bool) -> bool:
        """V is held to see what the picture is compared with, . to see the proof under a look.

        Brushes have keys of their own.
        """
        if key == Qt.Key.Key_V:
            self.stage.flip(on=pressed)
            return True
        if pressed and self._regions.hand.heed_key(key):
            return True
        if key == Qt.Key.Key_Period:
            self.held(pressed)
            return True
        return False

    def remove(self) -> None:
        """Take away what has the keys, else the selected cues."""
        next(do for holds, do in self.removes if holds())()

    def fit(self) -> None:
        """Show the whole picture."""
        self.stage.view.fit()

    def wipe(self) -> None:
        """Compare along a line, or no longer."""
        self.stage.wipe.toggle()

    def star(self) -> None:
        """Keep the proof that hangs in mind."""
        self.starred()


def _laid_out(side: QWidget, sheet: QWidget) -> QSplitter:
    """Panels over the sheet, which is made higher by its upper edge where there are many cues."""
    sheet.setMinimumHeight(_SHEET_LEAST)
    split = QSplitter(Qt.Orientation.Vertical)
    split.setChildrenCollapsible(False)
    split.setHandleWidth(3)
    split.addWidget(side)
    split.addWidget(sheet)
    split.setStretchFactor(0, 1)
    split.setSizes([500, _SHEET])
    return split


def _in_a_widget(split: QSplitter) -> QWidget:
    bench = QWidget()
    inside = QVBoxLayout(bench)
    inside.setContentsMargins(0, 0, 0, 0)
    inside.setSpacing(1)
    inside.addWidget(split)
    return bench
