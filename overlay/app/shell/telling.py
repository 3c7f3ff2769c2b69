"""Who is told of which changes, and of another project."""

from overlay.app.passes.desk import CONCERNED as PASSES_CONCERNED
from overlay.app.shell.house import House
from overlay.app.words.desk import CONCERNED, DRAWN_BY
from overlay.document.recipe import Recipe

_MAPS = ("cue.guide", "cue.of", "cue.map", "cue.options", "cue.strokes")


def tell(h: House) -> None:
    """Who is told of which changes, and of another project."""
    on = h.refresh.on
    for line in (h.stage.status, h.line):
        on(line.forgive)
    on(h.top.refresh)  # its title says whether anything is unsaved
    on(h.tray.refresh, "tray", "names")
    on(h.tray.heed_uses, "cues", "source", "regions")
    h.refresh.on_with(h.sheet_desk.refresh, "cues")
    on(h.sheet.show_blend, "blend")
    on(h.sheet_desk.show_moment, "departure")
    h.refresh.on_with(h.pass_desk.heed, *PASSES_CONCERNED)
    h.refresh.on_with(h.card_desk.refresh, "cues", "regions", "tray")
    on(h.source_desk.refresh, "regions", *DRAWN_BY)
    on(h.start.refresh, "source", "prompt", "cues", "tray")
    h.refresh.on_with(h.words_desk.heed, *CONCERNED, *DRAWN_BY)
    h.refresh.on_with(h.search.live.heed)
    h.refresh.on_with(h.maps.heed, "source", "size", "prompt", *_MAPS)
    h.refresh.on_with(h.region_desk.heed, "regions", "cue.name", *_MAPS, *DRAWN_BY)
    on(h.advice_desk.refresh, *h.advice_desk.CONCERNED)
    on(h.drawer.refresh, "marks")
    on(h.search.sheets.refresh, "marks", "sheets")
    on(h.search.sheets.heed_recipe, *Recipe.model_fields)
    on(h.edition_desk.refresh, "editions")
    on(h.sequence_desk.refresh, "sequence", *Recipe.model_fields)
    on(h.edition_desk.heed_recipe, *Recipe.model_fields)
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
    h.start.forget()
    h.keeping.take_over()
    h.search.queue_desk.take_over()
    h.proof_desk.hang_kept()  # asked for first, as it is what one wants to see
    h.refresh.everything()
    h.proof_desk.show_facts()
    h.sheet_desk.show_proof()
    h.drawer_desk.show_other_project()
    h.search.sheets.show_other_project()
    h.edition_desk.show_other_project()
    h.sequence_desk.show_other_project()
    path = h.floor.bench.project.path
    h.floor.say("" if path is None else f"Opened {path.name}")
    h.files.watch()
