"""Tray, picture and card beside each other; in a narrow window tray and card share one place.

Panels keep their parent and only change places: a panel that gets another parent has all that is in
it polished anew, which took a twelfth of a second whenever the window's width was changed.
"""

from PySide6.QtCore import QEvent, QObject, Signal
from PySide6.QtGui import QResizeEvent
from PySide6.QtWidgets import QFrame, QGridLayout, QHBoxLayout, QToolButton, QWidget

from overlay.app.parts.buttons import tab_button
from overlay.app.shell.seam import Seam

WIDTH, WIDER = 288, 348  # pixels of what stands at the right, with plain and larger text
MOST = 220  # pixels by which a hand may widen a panel
_TRAY, _CARD = 0, 1
_TRAY_WIDTH, _PICTURE = 132, 730  # pixels; what the picture and the tools under it need


class SideTabs(QWidget):
    """Puts the panels beside the picture, or under two tabs at its right.

    Parameters
    ----------
    regions : takes the place of card and tabs while regions are in sight.

    Signals
    -------
    widened : a hand let go; pixels that tray and card are wider than they need.
    """

    widened = Signal(int, int)

    def __init__(self, tray: QWidget, stage: QWidget, card: QWidget, regions: QWidget) -> None:
        super().__init__()
        self._panels = (tray, card)
        self._regions = regions
        self.narrow = False
        self._shown, self._regions_shown = _CARD, False
        self._bare = False
        self._grid = QGridLayout(self)
        self._grid.setContentsMargins(0, 0, 0, 0)
        self._grid.setSpacing(1)
        self._grid.setColumnStretch(1, 1)
        self._grid.setRowStretch(1, 1)
        self._grid.addWidget(stage, 0, 1, 2, 1)
        self._grid.addWidget(regions, 0, 2, 2, 1)
        self._grid.addWidget(self._make_tabs(), 0, 2)
        self._width = WIDTH
        self._extra, self._given, self._taken = [0, 0], [0, 0], [0, 0]
        self._stage = stage
        self._make_seams()
        self._place()
        self._fit()

    def _make_tabs(self) -> QFrame:
        self.bar = QFrame()
        self.bar.setProperty("panel", "true")
        row = QHBoxLayout(self.bar)
        row.setContentsMargins(0, 6, 0, 0)
        row.setSpacing(0)
        self.tabs: list[QToolButton] = []
        for place, (text, tip) in enumerate(
            (("Tray", "The pictures of this project"), ("Cue", "The selected cue"))
        ):
            tab = tab_button(text, tip)
            tab.clicked.connect(lambda _=False, p=place: self.turn_to(p))
            self.tabs.append(tab)
            row.addWidget(tab)
        return self.bar

    def set_width(self, width: int) -> None:
        """Have what stands at the right take so much room, and more where a hand widened it."""
        self._width = width
        self._fit()

    # Widening -------------------------------------------------------------------------------

    @property
    def extra(self) -> tuple[int, int]:
        """Pixels that tray and card are wider than they need."""
        return self._extra[_TRAY], self._extra[_CARD]

    def widen(self, tray: int, card: int) -> None:
        """Make tray and card so many pixels wider than they need, up to `MOST`."""
        self._extra = [min(max(pixels, 0), MOST) for pixels in (tray, card)]
        self._fit()

    def _make_seams(self) -> None:
        self.seams = (Seam("Edge of the tray", self), Seam("Edge of the card", self))
        for panel, seam in enumerate(self.seams):
            seam.taken.connect(self._take)
            seam.moved.connect(lambda by, p=panel: self._move(p, by))
            seam.let_go.connect(self._let_go)
            seam.put_back.connect(lambda p=panel: self._put_back(p))
        self._stage.installEventFilter(self)

    def _take(self) -> None:
        """An edge is taken where it lies: there may be less room than was asked for once."""
        self._taken = list(self._given)

    def _move(self, panel: int, by: int) -> None:
        """The tray grows to the right, the card to the left."""
        wanted = self._taken[panel] + (by if panel == _TRAY else -by)
        self._extra[panel] = min(max(wanted, 0), MOST)
        self._fit()

    def _let_go(self) -> None:
        self.widened.emit(*self._extra)

    def _put_back(self, panel: int) -> None:
        self._extra[panel] = 0
        self._fit()
        self._let_go()

    def _fit(self) -> None:
        """Give panels the width that was asked for, as far as the picture keeps its own."""
        left = 0 if self.narrow else _TRAY_WIDTH
        spare = max(self.width() - left - self._width - _PICTURE, 0)
        for_tray = 0 if self.narrow else min(self._extra[_TRAY], spare)
        for_card = min(self._extra[_CARD], spare - for_tray)
        self._given = [for_tray, for_card]
        right = self._width + for_card
        for panel in (self.bar, self._regions, self._panels[_CARD]):
            panel.setFixedWidth(right)
        self._panels[_TRAY].setFixedWidth(right if self.narrow else left + for_tray)

    def resizeEvent(self, event: QResizeEvent) -> None:
        """Less room: panels give back what a hand gave them; they have it again with the room."""
        super().resizeEvent(event)
        self._fit()

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        """Edges go with the picture's."""
        if event.type() in {QEvent.Type.Resize, QEvent.Type.Move}:
            place = self._stage.geometry()
            for seam, x in zip(self.seams, (place.left(), place.right() + 1), strict=True):
                seam.lie_over(x, self.height())
        return super().eventFilter(watched, event)

    def set_narrow(self, *, narrow: bool) -> None:
        """Have tray and card beside the picture, or under tabs."""
        self.narrow, self._shown = narrow, _CARD
        self._place()
        self._fit()

    def turn_to(self, place: int) -> None:
        """Show the tray (0) or the cue card (1) where they share a place."""
        self._shown = place
        self._show()

    def show_regions(self, *, shown: bool) -> None:
        """Show the regions in the card's place, or what was there before."""
        self._regions_shown = shown
        self._show()

    def set_bare(self, *, bare: bool) -> None:
        """Have nothing beside the picture."""
        self._bare = bare
        self._show()

    def _place(self) -> None:
        tray, card = self._panels
        for panel in self._panels:
            self._grid.removeWidget(panel)
        if self.narrow:
            self._grid.addWidget(tray, 1, 2)
            self._grid.addWidget(card, 1, 2)
        else:
            self._grid.addWidget(tray, 0, 0, 2, 1)
            self._grid.addWidget(card, 0, 2, 2, 1)
        self._show()

    def _show(self) -> None:
        """Show what is to be seen of the panels; what is hidden first makes room."""
        for i, tab in enumerate(self.tabs):
            tab.setChecked(i == self._shown)
        tray, card = self._panels
        alone = self.narrow and not self._regions_shown
        wanted = {
            self._regions: self._regions_shown,
            self.bar: alone,
            tray: not self.narrow or (alone and self._shown == _TRAY),
            card: not self._regions_shown and (not self.narrow or self._shown == _CARD),
        }
        if self._bare:
            wanted = dict.fromkeys(wanted, False)
        for panel, shown in sorted(wanted.items(), key=lambda item: item[1]):
            panel.setVisible(shown)
        self.seams[_TRAY].setVisible(not self.narrow and not self._bare)
        self.seams[_CARD].setVisible(not self._bare)
