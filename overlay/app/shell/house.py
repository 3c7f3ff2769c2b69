"""The house: all panels and desks of a window."""

from dataclasses import dataclass

from overlay.app.card.card_desk import CardDesk
from overlay.app.card.cue_card import CueCard
from overlay.app.card.map_desk import MapDesk
from overlay.app.drawer.desk import DrawerDesk
from overlay.app.drawer.room import DrawerRoom
from overlay.app.editions.desk import EditionDesk
from overlay.app.floor.floor import Floor
from overlay.app.handing.desk import HandingDesk
from overlay.app.parts.status import StatusLine
from overlay.app.passes.desk import PassDesk
from overlay.app.picture.advice_desk import AdviceDesk
from overlay.app.picture.inspector import Inspector
from overlay.app.picture.probe import Probe
from overlay.app.picture.proof_desk import ProofDesk
from overlay.app.picture.source_desk import SourceDesk
from overlay.app.picture.stage import PictureStage
from overlay.app.prepare.desk import PrepareDesk
from overlay.app.prepare.room import PrepareRoom
from overlay.app.regions.desk import RegionDesk
from overlay.app.regions.panel import RegionPanel
from overlay.app.sequence.desk import SequenceDesk
from overlay.app.sheet.cue_sheet import CueSheet
from overlay.app.sheet.sheet_desk import SheetDesk
from overlay.app.shell.bench_room import BenchRoom
from overlay.app.shell.finding.desk import FindingDesk
from overlay.app.shell.help.helping import Helping
from overlay.app.shell.keeping import Keeping
from overlay.app.shell.project_files import ProjectFiles
from overlay.app.shell.puller import Puller
from overlay.app.shell.refresh import Refresh
from overlay.app.shell.run_desk import RunDesk
from overlay.app.shell.search import Search
from overlay.app.shell.side_tabs import SideTabs
from overlay.app.shell.top_bar import TopBar
from overlay.app.start.desk import StartDesk
from overlay.app.teaching.desk import TeachingDesk
from overlay.app.tray.gathering import Gathering
from overlay.app.tray.tray import Tray
from overlay.app.tray.tray_desk import TrayDesk
from overlay.app.words.desk import WordsDesk
from overlay.app.words.line import WordsLine


@dataclass(frozen=True, kw_only=True)
class House:
    """All panels and desks of a window."""

    floor: Floor
    refresh: Refresh
    line: StatusLine
    top: TopBar
    tray: Tray
    stage: PictureStage
    card: CueCard
    sheet: CueSheet
    regions: RegionPanel
    side: SideTabs
    bench_room: BenchRoom
    run_desk: RunDesk
    tray_desk: TrayDesk
    source_desk: SourceDesk
    proof_desk: ProofDesk
    advice_desk: AdviceDesk
    card_desk: CardDesk
    sheet_desk: SheetDesk
    maps: MapDesk
    region_desk: RegionDesk
    inspector: Inspector
    probe: Probe
    gathering: Gathering
    puller: Puller
    keeping: Keeping
    files: ProjectFiles
    edition_desk: EditionDesk
    sequence_desk: SequenceDesk
    drawer_desk: DrawerDesk
    prepare_desk: PrepareDesk
    search: Search
    helping: Helping
    words_desk: WordsDesk
    pass_desk: PassDesk
    handing: HandingDesk
    teaching: TeachingDesk
    finding: FindingDesk
    start: StartDesk

    @property
    def drawer(self) -> DrawerRoom:
        """The room of the drawer's desk."""
        return self.drawer_desk.room

    @property
    def prepare(self) -> PrepareRoom:
        """The room of the preparing desk."""
        return self.prepare_desk.room

    @property
    def words(self) -> WordsLine:
        """The line of the words' desk."""
        return self.words_desk.line

    @property
    def idle(self) -> bool:
        """Whether nothing is read, run, or about to be looked at."""
        busy = self.floor.runner.busy or self.advice_desk.waiting
        return self.floor.loader.idle and not busy and not self.sheet.getting_ready
