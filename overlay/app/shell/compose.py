"""Builds panels and desks and joins their signals: the only place that knows them all.

A new room: its folder, its desk (a `Room` with `commands`), a line in `_rooms`, its signals joined
in a function of their own, its commands in `_commands`, whom to tell of changes in `_tell`.
"""

from dataclasses import dataclass

from PySide6.QtWidgets import QWidget

from overlay.app.card.card_desk import CardDesk
from overlay.app.card.cue_card import CueCard
from overlay.app.card.map_desk import MapDesk
from overlay.app.drawer.desk import DrawerDesk
from overlay.app.drawer.room import DrawerRoom
from overlay.app.floor.commands import Command, Entries
from overlay.app.floor.floor import Floor
from overlay.app.handing.desk import HandingDesk
from overlay.app.parts.status import StatusLine
from overlay.app.passes.desk import CONCERNED as PASSES_CONCERNED
from overlay.app.passes.desk import CardPlace, PassDesk
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
from overlay.app.sheet.cue_sheet import CueSheet
from overlay.app.sheet.sheet_desk import SheetDesk
from overlay.app.shell.bench_room import BenchRoom
from overlay.app.shell.helping import Helping
from overlay.app.shell.keeping import Keeping
from overlay.app.shell.offering import Offering
from overlay.app.shell.project_files import ProjectFiles
from overlay.app.shell.puller import Puller
from overlay.app.shell.refresh import Refresh
from overlay.app.shell.run_desk import RunDesk
from overlay.app.shell.search import Search
from overlay.app.shell.side_tabs import SideTabs
from overlay.app.shell.top_bar import TopBar
from overlay.app.shell.tour import bench_stops
from overlay.app.tray.gathering import Gathering
from overlay.app.tray.tray import Tray
from overlay.app.tray.tray_desk import TrayDesk
from overlay.app.words.desk import CONCERNED, DRAWN_BY, WordsDesk
from overlay.app.words.line import WordsLine
from overlay.document.recipe import Recipe
from overlay.studio.bench.bench import Bench

_MAPS = ("cue.guide", "cue.of", "cue.map", "cue.options", "cue.strokes")


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
    drawer_desk: DrawerDesk
    prepare_desk: PrepareDesk
    search: Search
    helping: Helping
    words_desk: WordsDesk
    pass_desk: PassDesk
    handing: HandingDesk

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
        return self.floor.loader.idle and not busy


def compose(host: QWidget, bench: Bench) -> House:
    """Build everything that stands in a window, and join it."""
    house = _built(host, bench)
    _rooms(house)
    Offering(bench, house.search.live).join(house.top, house.sheet, house.card, house.regions)
    _join_bench(house)
    _join_pulling(house)
    _join_pictures(house)
    _join_rooms(house)
    _tell(house)
    return house


def _built(host: QWidget, bench: Bench) -> House:
    floor, line = Floor(host, bench), StatusLine()
    top, tray, stage = TopBar(bench), Tray(bench), PictureStage()
    card, sheet, regions = CueCard(bench), CueSheet(bench), RegionPanel(bench)
    side = SideTabs(tray, stage, place := CardPlace(card), regions)
    proof_desk, keeping = ProofDesk(floor, stage), Keeping(floor)
    return House(
        floor=floor,
        refresh=Refresh(bench, floor),
        line=line,
        top=top,
        tray=tray,
        stage=stage,
        card=card,
        sheet=sheet,
        regions=regions,
        side=side,
        bench_room=BenchRoom(floor, side, stage, sheet),
        run_desk=RunDesk(floor, top),
        tray_desk=TrayDesk(floor, tray),
        source_desk=SourceDesk(floor, stage),
        proof_desk=proof_desk,
        advice_desk=AdviceDesk(floor, stage),
        card_desk=CardDesk(floor, card),
        sheet_desk=SheetDesk(floor, sheet),
        maps=MapDesk(floor, card.guide, stage),
        region_desk=RegionDesk(floor, regions, stage),
        inspector=Inspector(floor, stage),
        probe=Probe(floor, stage),
        gathering=Gathering(floor, tray),
        puller=Puller(floor, proof_desk, stage),
        keeping=keeping,
        files=ProjectFiles(floor, keeping),
        drawer_desk=DrawerDesk(floor, DrawerRoom(bench), line),
        prepare_desk=PrepareDesk(floor, PrepareRoom(), line),
        search=Search(floor, top, stage, line),
        words_desk=WordsDesk(floor, WordsLine(), stage, sheet),
        pass_desk=PassDesk(floor, sheet, place, stage),
        handing=HandingDesk(floor),
        helping=Helping(floor, bench_stops(tray, sheet, top.button, stage), stage.view),
    )


def _rooms(h: House) -> None:
    h.floor.rooms.add(h.bench_room, h.search.sheets, h.drawer_desk, h.prepare_desk)
    for room in h.floor.rooms:
        if room.tab is not None:
            h.top.add_room(room.name, room.tab)
    h.bench_room.have_tools(h.region_desk, h.maps, h.probe)
    in_pass = (lambda: h.pass_desk.track.selected is not None, lambda: h.pass_desk.choose(None))
    h.bench_room.have_panels(*h.search.panels, in_pass)
    h.bench_room.around = (h.top,)
    h.bench_room.starred = h.proof_desk.star
    h.bench_room.held = lambda on: h.search.live.hold(on=on)
    h.bench_room.removes = [
        (h.tray.pictures.hasFocus, h.tray.remove_selected),
        (lambda: h.pass_desk.track.selected is not None, h.pass_desk.remove),
        (lambda: h.words.chip_in_hand is not None, h.words.remove_chip),
        (lambda: True, h.sheet_desk.remove_selected),
    ]


def commands(h: House, window: Entries) -> tuple[Entries, ...]:
    """All commands in the order of the menus; `window` are those of the window itself."""
    rooms = tuple(
        Command("View", r.tab.text, r.tab.keys, lambda r=r: h.floor.rooms.go_to(r.name))  # type: ignore[misc]
        for r in h.floor.rooms
        if r.tab is not None
    )
    return (
        h.files.commands(),
        window,
        rooms,
        h.gathering.commands(),
        h.prepare_desk.commands(h.tray.selected),
        h.sheet_desk.commands(),
        h.words_desk.commands(),
        h.puller.commands(h.search.sheets.fill),
        h.search.commands(),
        h.pass_desk.commands(),
        h.handing.commands(),
        h.proof_desk.commands(),
        h.stage.commands(lambda: h.floor.rooms.shown.wipe(), lambda: h.floor.rooms.shown.fit()),
        h.bench_room.commands(),
        h.probe.commands(),
        h.helping.commands(),
    )


def _join_bench(h: House) -> None:
    """Panels of the bench that speak to each other."""
    h.sheet_desk.moment.connect(h.stage.set_moment)
    h.sheet_desk.scrubbed.connect(h.inspector.show_at)
    h.sheet.carried.connect(h.region_desk.hand.carry)
    h.sheet.put_on.connect(h.region_desk.hand.put_on)
    h.sheet.region_asked.connect(h.card_desk.add_region)
    h.card.picture.asked.connect(h.inspector.follow)
    h.card_desk.picture_read.connect(lambda image: h.stage.set_image("reference", image))
    h.inspector.box_found.connect(h.card.picture.show_box)
    h.pass_desk.moment.connect(h.stage.set_moment)
    h.sheet.chosen.connect(lambda *_: h.pass_desk.heed_cue())
    h.sheet.facts.put_figures(h.stage.status.facts)
    h.sheet.rows_changed.connect(h.bench_room.fit_sheet)
    h.stage.words_asked.connect(h.words.begin)
    h.words_desk.row.put_past(h.pass_desk.blank_lane())
    h.source_desk.shape_known.connect(h.top.set_source_aspect)
    h.region_desk.in_sight.connect(lambda shown: h.side.show_regions(shown=shown))
    h.floor.bench.selected.connect(h.sheet.mark_selected)
    h.floor.bench.selected.connect(h.card_desk.show_selected)
    h.floor.bench.selected.connect(h.maps.refresh)


def _join_pulling(h: House) -> None:
    """From the button to the proof that hangs."""
    h.top.pull_asked.connect(h.puller.pull)
    h.top.stop_asked.connect(h.puller.stop)
    h.top.hunt_asked.connect(h.search.hunt.begin)
    h.card.effect_asked.connect(h.puller.ask_effect)
    h.region_desk.pull_asked.connect(h.puller.pull)
    h.puller.begun.connect(h.search.live.clear)
    h.puller.begun.connect(h.sheet_desk.begin_film)
    h.puller.developed.connect(h.sheet_desk.add_state)
    h.puller.over.connect(h.sheet_desk.show_proof)
    for do in (
        h.search.live.clear,
        h.sheet_desk.show_proof,
        h.pass_desk.show_film,
        h.inspector.refresh,
        h.proof_desk.show_facts,
        h.regions.refresh,
        h.maps.heed_proof,
        h.advice_desk.refresh,
        h.keeping.trim,
    ):
        h.floor.bench.pulled.connect(do)


def _join_pictures(h: House) -> None:
    """Pictures that come in, wherever they are dropped or made."""
    h.sheet.dropped.connect(h.gathering.add_styles)
    h.sheet.map_dropped.connect(h.gathering.make_map_of)
    h.sheet.add_asked.connect(lambda kind: h.floor.guarded(lambda: h.gathering.add_cue(kind)))
    h.stage.view.dropped.connect(h.gathering.use_as_source)
    h.card.swatches.keep_asked.connect(h.gathering.keep_card)
    h.words_desk.selected = h.tray.selected
    h.card.swatches.colours_asked.connect(h.gathering.take_colours)
    h.tray.demo_asked.connect(lambda: h.floor.guarded(h.files.open_demo))
    h.tray.find_asked.connect(lambda path: h.files.find([path]))


def _join_rooms(h: House) -> None:
    """What leads from room to room."""
    h.top.room_asked.connect(h.floor.rooms.go_to)
    h.tray.prepare_asked.connect(h.prepare_desk.open)
    h.advice_desk.prepare_asked.connect(h.prepare_desk.open)
    h.prepare_desk.saved.connect(h.gathering.take_prepared)
    h.search.sheets.deeds.taken.connect(h.proof_desk.hang_light)
    h.search.queue_desk.offered.connect(lambda recipes, _: [*map(h.puller.pull_recipe, recipes)])
    in_drawer = h.drawer_desk.name
    h.handing.chosen = lambda: h.drawer.chosen() if h.floor.room == in_drawer else []
    h.drawer_desk.restored.connect(h.proof_desk.hang_kept)
    h.drawer_desk.compared.connect(h.stage.show_compared)


def _tell(h: House) -> None:
    """Who is told of which changes, and of another project."""
    on = h.refresh.on
    for line in (h.stage.status, h.line):
        on(line.forgive)
    on(h.top.refresh)  # its title says whether anything is unsaved
    on(h.tray.refresh, "tray")
    on(h.tray.heed_uses, "cues", "source", "regions")
    h.refresh.on_with(h.sheet_desk.refresh, "cues")
    on(h.sheet.show_blend, "blend")
    on(h.sheet_desk.show_moment, "departure")
    h.refresh.on_with(h.pass_desk.heed, *PASSES_CONCERNED)
    h.refresh.on_with(h.card_desk.refresh, "cues", "regions", "tray")
    on(h.source_desk.refresh, "source", "size")
    h.refresh.on_with(h.words_desk.heed, *CONCERNED, *DRAWN_BY)
    h.refresh.on_with(h.search.live.heed)
    h.refresh.on_with(h.maps.heed, "source", "size", "prompt", *_MAPS)
    h.refresh.on_with(h.region_desk.heed, "regions", "cue.name", *_MAPS, *DRAWN_BY)
    on(h.advice_desk.refresh, *h.advice_desk.CONCERNED)
    on(h.drawer.refresh, "marks")
    on(h.search.sheets.refresh, "marks", "sheets")
    on(h.search.sheets.heed_recipe, *Recipe.model_fields)
    on(h.keeping.note)
    h.floor.bench.opened.connect(lambda: _begin(h))


def _begin(h: House) -> None:
    """Another project is in place: nothing of the one before is seen any more."""
    h.floor.loader.leave_project()
    h.puller.stop_all()
    h.tray.forget()
    h.search.leave()
    h.pass_desk.choose(None)
    h.stage.images.clear()
    h.stage.set_moment(None)
    h.stage.set_mode("proof")
    h.card_desk.forget()
    h.keeping.take_over()
    h.search.queue_desk.take_over()
    h.refresh.everything()
    h.proof_desk.show_facts()
    h.sheet_desk.show_proof()
    h.drawer_desk.show_other_project()
    h.search.sheets.show_other_project()
    h.proof_desk.hang_kept()
    path = h.floor.bench.project.path
    h.floor.say("" if path is None else f"Opened {path.name}")
    h.files.watch()
