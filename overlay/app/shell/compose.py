"""Builds panels and desks and joins their signals: the only place that knows them all.

A new room: its folder, its desk (a `Room` with `commands`), a line in `_rooms`, its signals joined
in a function of their own, its commands in `commands`; whom to tell of changes in `telling`.
"""

from PySide6.QtWidgets import QWidget

from overlay.app.card.card_desk import CardDesk
from overlay.app.card.cue_card import CueCard
from overlay.app.card.map_desk import MapDesk
from overlay.app.drawer.desk import DrawerDesk
from overlay.app.drawer.room import DrawerRoom
from overlay.app.editions.desk import EditionDesk
from overlay.app.editions.room import EditionRoom
from overlay.app.floor.commands import Command, Entries
from overlay.app.floor.floor import Floor
from overlay.app.handing.desk import HandingDesk
from overlay.app.parts.status import StatusLine
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
from overlay.app.sequence.desk import SequenceDesk
from overlay.app.sequence.room import SequenceRoom
from overlay.app.sheet.cue_sheet import CueSheet
from overlay.app.sheet.sheet_desk import SheetDesk
from overlay.app.shell.bench_room import BenchRoom
from overlay.app.shell.finding.desk import FindingDesk
from overlay.app.shell.help.helping import Helping
from overlay.app.shell.help.tour import bench_stops
from overlay.app.shell.help.where import PAGES, Part, page_of
from overlay.app.shell.house import House
from overlay.app.shell.keeping import Keeping
from overlay.app.shell.offering import Offering
from overlay.app.shell.project_files import ProjectFiles
from overlay.app.shell.puller import Puller
from overlay.app.shell.refresh import Refresh
from overlay.app.shell.run_desk import RunDesk
from overlay.app.shell.search import Search
from overlay.app.shell.side_tabs import SideTabs
from overlay.app.shell.telling import tell
from overlay.app.shell.top_bar import TopBar
from overlay.app.start.desk import StartDesk
from overlay.app.teaching.desk import TeachingDesk
from overlay.app.tray.gathering import Gathering
from overlay.app.tray.tray import Tray
from overlay.app.tray.tray_desk import TrayDesk
from overlay.app.words.desk import WordsDesk
from overlay.app.words.line import WordsLine
from overlay.document.cues import GuideCue
from overlay.studio.bench.bench import Bench


def compose(host: QWidget, bench: Bench) -> House:
    """Build everything that stands in a window, and join it."""
    house = _built(host, bench)
    _rooms(house)
    Offering(bench, house.search.live).join(house.top, house.sheet, house.card, house.regions)
    _join_bench(house)
    _join_pulling(house)
    _join_pictures(house)
    _join_rooms(house)
    tell(house)
    return house


def _built(host: QWidget, bench: Bench) -> House:
    floor, line = Floor(host, bench), StatusLine()
    top, tray, stage = TopBar(bench), Tray(bench), PictureStage()
    card, sheet, regions = CueCard(bench), CueSheet(bench), RegionPanel(bench)
    side = SideTabs(tray, stage, place := CardPlace(card), regions)
    proof_desk, keeping = ProofDesk(floor, stage), Keeping(floor)
    return House(
        floor=floor, line=line, top=top, tray=tray, stage=stage, card=card, sheet=sheet,
        regions=regions, side=side,
        refresh=Refresh(bench, floor),
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
        edition_desk=EditionDesk(floor, EditionRoom(), line),
        sequence_desk=SequenceDesk(floor, SequenceRoom(), line),
        drawer_desk=DrawerDesk(floor, DrawerRoom(bench), line),
        prepare_desk=PrepareDesk(floor, PrepareRoom(), line),
        search=Search(floor, top, stage, line),
        words_desk=WordsDesk(floor, WordsLine(), stage, sheet),
        pass_desk=PassDesk(floor, sheet, place, stage),
        handing=HandingDesk(floor),
        teaching=TeachingDesk(floor),
        finding=FindingDesk(floor),
        start=StartDesk(floor, stage),
        helping=Helping(floor, bench_stops(tray, sheet, top.button, stage), stage.view),
    )  # fmt: skip


def _rooms(h: House) -> None:
    h.floor.rooms.add(
        h.bench_room,
        h.search.sheets,
        h.edition_desk,
        h.drawer_desk,
        h.sequence_desk,
        h.prepare_desk,
    )
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
        if r.tab is not None and r.tab.stays
    )
    sheets, edition = h.search.sheets, h.edition_desk
    fills = {sheets.name: sheets.fill, edition.name: edition.pulling.fill}
    fills[h.sequence_desk.name] = h.sequence_desk.fill
    return (
        h.files.commands(),
        window,
        rooms,
        h.gathering.commands(),
        h.prepare_desk.commands(h.tray.selected),
        h.sheet_desk.commands(),
        h.words_desk.commands(),
        h.teaching.commands(),
        h.start.commands(),
        h.puller.commands(fills),
        h.search.commands(),
        h.edition_desk.commands(),
        h.sequence_desk.commands(),
        h.pass_desk.commands(),
        h.handing.commands(),
        h.proof_desk.commands(),
        h.stage.commands(lambda: h.floor.rooms.shown.wipe(), lambda: h.floor.rooms.shown.fit()),
        h.bench_room.commands(),
        h.probe.commands(),
        h.finding.commands(),
        h.helping.commands(),
    )


def _join_bench(h: House) -> None:
    """Panels of the bench that speak to each other."""
    h.sheet_desk.moment.connect(h.stage.set_moment)
    h.files.get_ready = h.sheet.make_ready
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
    h.words_desk.selected = h.teaching.selected = h.tray.selected
    h.tray.teach_asked.connect(h.teaching.teach_picture)
    h.regions.deeds.teach_asked.connect(h.teaching.teach_region)
    h.words.teach_asked.connect(h.teaching.teach_word)
    h.teaching.said.connect(h.words_desk.add_phrases)
    h.card.swatches.colours_asked.connect(h.gathering.take_colours)
    h.start.source_asked.connect(h.gathering.use_as_source)
    h.start.words_asked.connect(h.words.begin)
    h.start.demo_asked.connect(lambda: h.floor.guarded(h.files.open_demo))
    h.files.demo_opened.connect(h.helping.first_tour)
    h.files.demo.drawing.connect(h.start.ways.show_drawing)
    h.start.pull_asked.connect(h.puller.pull)
    h.tray.demo_asked.connect(lambda: h.floor.guarded(h.files.open_demo))
    h.tray.find_asked.connect(lambda path: h.files.find([path]))


def _page(h: House) -> str:
    """The handbook's page for where one is."""

    def of_card() -> str:
        if h.pass_desk.track.selected is not None:
            return "12-finish"
        guided = isinstance(h.floor.bench.selected_cue, GuideCue)
        return "3-guides" if guided else "2-compose"

    of_picture = {"region": "4-regions", "map": "3-guides", "drawn": "11-words"}
    parts: tuple[Part, ...] = (
        (h.tray, lambda: "1-gather-and-clean"),
        (h.regions, lambda: "4-regions"),
        (h.words, lambda: "11-words"),
        (h.card, of_card),
        (h.sheet, of_card),
        (h.stage, lambda: of_picture.get(h.stage.mode, PAGES["bench"])),
    )
    return page_of(h.floor.room, parts)


def _join_rooms(h: House) -> None:
    """What leads from room to room."""
    h.helping.page = lambda: _page(h)
    h.top.room_asked.connect(h.floor.rooms.go_to)
    h.tray.prepare_asked.connect(h.prepare_desk.open)
    h.advice_desk.prepare_asked.connect(h.prepare_desk.open)
    h.prepare_desk.saved.connect(h.gathering.take_prepared)
    h.search.sheets.deeds.taken.connect(h.proof_desk.hang_light)
    h.search.queue_desk.offered.connect(lambda recipes, _: [*map(h.puller.pull_recipe, recipes)])
    h.search.queue_desk.offered.connect(lambda _, names: h.edition_desk.pulling.pull_again(names))
    h.edition_desk.deeds.taken.connect(h.proof_desk.hang_light)
    h.floor.blank.connect(h.edition_desk.offer)
    in_drawer = h.drawer_desk.name
    h.handing.chosen = lambda: h.drawer.chosen() if h.floor.room == in_drawer else []
    h.drawer_desk.restored.connect(h.proof_desk.hang_kept)
    h.drawer_desk.compared.connect(h.stage.show_compared)
