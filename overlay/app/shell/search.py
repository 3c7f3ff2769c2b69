"""All that looks for a balance: sheets, hunts, targets, live looks, and the queue they use."""

from collections.abc import Callable

from overlay.app.floor.commands import Entries
from overlay.app.floor.floor import Floor
from overlay.app.parts.offers import Offers
from overlay.app.parts.status import StatusLine
from overlay.app.picture.live_look import LiveLookDesk
from overlay.app.picture.stage import PictureStage
from overlay.app.proof_sheets.desk import SheetDesk
from overlay.app.proof_sheets.hunt_desk import HuntDesk
from overlay.app.proof_sheets.meet_desk import MeetDesk
from overlay.app.proof_sheets.room import SheetRoom
from overlay.app.queue.desk import QueueDesk
from overlay.app.shell.top_bar import TopBar

Panel = tuple[Callable[[], object], Callable[[], object]]


class Search:
    """The desks of search, joined among each other."""

    def __init__(self, floor: Floor, top: TopBar, stage: PictureStage, line: StatusLine) -> None:
        self.sheet_room = SheetRoom()
        self.sheets = SheetDesk(floor, self.sheet_room, line)
        self.live = LiveLookDesk(floor, stage)
        self.hunt, self.meet = HuntDesk(floor, stage), MeetDesk(floor, stage)
        self.queue_desk = QueueDesk(floor, top.queue)
        top.queue_asked.connect(self.queue_desk.open)
        self.queue_desk.counted.connect(top.show_queue)
        self.offers = Offers(floor.host)
        self.offers.asked.connect(self._offered)
        self.queue_desk.offered.connect(lambda _, sheets: self.sheets.pull_again(sheets))

    def commands(self) -> Entries:
        """What makes sheets and hunts."""
        return (*self.sheets.commands(), *self.hunt.commands())

    @property
    def panels(self) -> tuple[Panel, ...]:
        """What may lie over the picture, and how it is put away."""
        return (
            (lambda: self.hunt.active, self.hunt.leave), (lambda: self.meet.active, self.meet.close)
        )  # fmt: skip

    def leave(self) -> None:
        """Put everything away that belongs to a project."""
        self.live.clear()
        self.hunt.leave()
        self.meet.close()

    def _offered(self, key: str, deed: str) -> None:
        """What a control's menu was asked for."""
        if deed == "meet":
            self.meet.open(key)
        else:
            self.sheets.vary(key, deed)
