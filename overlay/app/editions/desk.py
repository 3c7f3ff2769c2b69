"""Keeps the room of editions in step with the project, and pulls what it shows."""

from PySide6.QtCore import QObject, QTimer

from overlay.app.editions.deeds import EditionDeeds
from overlay.app.editions.drafting import Drafting
from overlay.app.editions.filling import EditionFiller
from overlay.app.editions.picking import Picking
from overlay.app.editions.pulling import Pulling
from overlay.app.editions.room import EditionRoom
from overlay.app.editions.shown import ShownEdition
from overlay.app.floor.commands import Command, Entries
from overlay.app.floor.floor import Floor
from overlay.app.floor.rooms import History, Room, Tab
from overlay.app.parts.language import tr
from overlay.app.parts.plain import about
from overlay.app.parts.plotting import load_plotting
from overlay.app.parts.status import StatusLine
from overlay.document.recipe import Recipe
from overlay.document.sets.editions import Edition
from overlay.studio.editions import edits

_GUESS = 4.0  # seconds a megapixel, before any row has told
_MEGAPIXELS = 0.8  # of a proof whose size is not said


class EditionDesk(QObject, Room):
    """The room Ctrl+3 leads to."""

    name = "edition"
    tab = Tab("Edition", "Ctrl+3", "One recipe over many sources, references or words")

    def __init__(self, floor: Floor, room: EditionRoom, line: StatusLine) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.room = floor, floor.bench, room
        self.widget, self.focus, self.line = room, room.table, line
        self.filler = EditionFiller(floor)
        self.pulling = Pulling(self, self.filler)
        self.drafting = Drafting(floor, room, self.present)
        self.deeds, self.picking = EditionDeeds(floor, room), Picking(room)
        self._shown: dict[str, ShownEdition] = {}  # by the edition's title
        self._place = -1  # of the edition in the project, -1 while a new one is made
        self._soon = QTimer(self, singleShot=True, interval=0)
        self._soon.timeout.connect(self._show_new)
        self._join()

    def _join(self) -> None:
        room = self.room
        self.drafting.changed.connect(self.change)
        self.drafting.opened.connect(self._add)
        room.fill_asked.connect(self.pulling.fill)
        room.stop_asked.connect(self.pulling.stop)
        room.edition_chosen.connect(self.show_place)
        room.remove_asked.connect(self._remove)
        room.title_typed.connect(self._rename)
        room.deed_asked.connect(self._do)
        room.recipe_asked.connect(self._move_recipe)
        room.evening.anew_asked.connect(self.pulling.find_anew)
        room.evening.picked.connect(lambda place: self.picking.pick([place]))
        self.picking.picked.connect(room.heed_chosen)
        room.contact.image_asked.connect(self._read_image)
        self.filler.came.connect(self._note)

    def commands(self) -> Entries:
        """What makes editions."""
        return (
            Command("Proof", "Edition from this recipe", "", self.begin),
            Command("Proof", "Export the edition…", "", self.deeds.ask_folder),
        )

    # The room -------------------------------------------------------------------------------

    @property
    def history(self) -> History | None:
        """That of the project."""
        return self.bench.project

    @property
    def shown(self) -> ShownEdition | None:
        """The edition that is seen."""
        return self.room.model.shown

    @property
    def is_kept(self) -> bool:
        """Whether the edition that is seen is in the project already."""
        return self._place >= 0

    def present(self) -> Edition:
        """The edition that is seen, or a new one of the bench's recipe."""
        if self._place >= 0:
            return self.bench.project.state.editions[self._place]
        return Edition(title=self._free_title(), recipe=_plain(self.bench.project.recipe))

    def _free_title(self) -> str:
        titles = {e.title for e in self.bench.project.state.editions}
        return next(t for i in range(1, 1000) if (t := f"Edition {i}") not in titles)

    def entered(self) -> None:
        """The plot is made when the room is first seen."""
        if not self.room.evening.is_made:
            make = self.room.evening.make
            self.floor.loader.ask(load_plotting, make, newest="plot", outlives=True)
        self.refresh()

    def dress(self) -> None:
        """Put the theme on the plot."""
        self.room.evening.dress()

    def escape(self) -> bool:
        """Leave the rows that are to come."""
        return self.pulling.stop()

    def remove(self) -> None:
        """Take the picked rows away."""
        self.drafting.remove_rows()

    def star(self) -> None:
        """Keep the picked pictures' proofs in mind."""
        self.deeds.star()

    def show_other_project(self) -> None:
        """Another project has other editions."""
        self._shown.clear()
        self._place = len(self.bench.project.state.editions) - 1
        self.show(None)
        self.refresh()

    def refresh(self) -> None:
        """The project's editions are others."""
        editions = self.bench.project.state.editions
        if self._place >= len(editions):
            self._place = len(editions) - 1
        present = self.present()
        if self.shown is None or self.shown.edition != present:
            self.show(self.shown_of(present))
        self.room.show_editions([e.title for e in editions], self._place)
        self._show_recipe()

    def heed_recipe(self) -> None:
        """The bench has changed; a new edition changes with it."""
        if self.floor.room == self.name or self._place < 0:
            self.refresh()

    # Editions -------------------------------------------------------------------------------

    def begin(self) -> None:
        """Go to the room with a new edition of the bench's recipe."""
        self._place = -1
        self.floor.go_to(self.name)
        self.refresh()

    def offer(self, why: str) -> None:
        """On the bench there is a blank to be filled: say so, and where that is done."""
        if self.floor.room == "bench":
            self.floor.say(why, "Edition", lambda: self.floor.go_to(self.name))

    def show_place(self, place: int) -> None:
        """Show an edition of the project, or a new one."""
        self._place = place
        self.refresh()

    def _add(self, edition: Edition) -> None:
        """An edition that was read from a file, under a title of its own."""
        titles = {e.title for e in self.bench.project.state.editions}
        title = edition.title if edition.title not in titles else self._free_title()
        self._place = -1
        self.change(f"Open {title}", edition.model_copy(update={"title": title}))

    def change(self, what: str, edition: Edition) -> None:
        """Take an edition in the place of the one that is seen, as one step."""
        editions = list(self.bench.project.state.editions)
        if self._place < 0:
            self._place = len(editions)
            editions.append(edition)
        else:
            editions[self._place] = edition
        self.bench.project.edit(what, editions=tuple(editions))
        self.refresh()

    def shown_of(self, edition: Edition) -> ShownEdition:
        """What is shown of an edition: what is known, or what is kept; as before until then."""
        known = self._shown.get(edition.title)
        if known is not None and known.edition == edition:
            return known
        shown = ShownEdition(edition)
        if known is not None:
            self.filler.stop(edition.title)
            shown.take_over(known)
        self._shown[edition.title] = shown
        if edition.count:
            self.filler.find(shown)
        return shown

    def show(self, shown: ShownEdition | None) -> None:
        picked = self.room.chosen()
        self.room.model.show_edition(shown)
        if shown is not None:
            self.picking.pick([place for place in picked if place < shown.edition.count])
            self.room.show_name(shown.edition.name)
        self.room.evening.show_edition(shown)
        self._foretell()
        self.room.heed_chosen()

    def _rename(self, title: str) -> None:
        """Call the edition otherwise."""
        edition, title = self.present(), title.strip()[:80]
        taken = {e.title for e in self.bench.project.state.editions if e != edition}
        if not title or title == edition.title or self._place < 0:
            self.refresh()
        elif title in taken:
            self.floor.refuse(f"{title}: another edition is called so")
            self.refresh()
        else:
            self.filler.stop(edition.title)
            self._shown[title] = self._shown.pop(edition.title, ShownEdition(edition))
            self.change(f"Call it {title}", edition.model_copy(update={"title": title}))

    def _remove(self) -> None:
        editions = list(self.bench.project.state.editions)
        if self._place < 0:
            return
        edition = editions.pop(self._place)
        self.filler.stop(edition.title)
        self._place -= 1
        self.bench.project.edit(f"Remove {edition.title}", editions=tuple(editions))

    def _show_recipe(self) -> None:
        """Whether the edition has the recipe of the bench."""
        own, bench = self.present().recipe, _plain(self.bench.project.recipe)
        same = own == bench
        self.room.recipe_says.setText(
            tr("Recipe as on the bench" if same else "A recipe of its own")
        )
        self.room.take.setVisible(not same)
        self.room.put.setVisible(not same)

    def _move_recipe(self, way: str) -> None:
        edition = self.present()
        if way == "put":
            self.bench.project.edit(f"Recipe of {edition.title}", edition.recipe)
            self.floor.go_to("bench")
            return
        recipe = _plain(self.bench.project.recipe)
        self.change("Take the bench's recipe", edition.model_copy(update={"recipe": recipe}))

    # Deeds ----------------------------------------------------------------------------------

    def _do(self, deed: str) -> None:
        if deed == "reseed":
            picked = self.room.chosen()
            if picked:
                self.change("Another seed", edits.reseeded(self.present(), picked))
        elif deed == "plain":
            self._make_plain()
        else:
            {"use": self.deeds.use, "star": self.deeds.star, "own": self.drafting.ask_own}[deed]()

    def _make_plain(self) -> None:
        """Take away what the picked pictures have of their own beside the others."""
        plain = edits.as_the_others(self.present(), self.room.chosen())
        if plain != self.present():
            self.change("As the others", plain)

    # What comes -----------------------------------------------------------------------------

    def _note(self, shown: ShownEdition) -> None:
        """Several rows that come, or are stopped, at once are painted once."""
        if shown is self.shown and not self._soon.isActive():
            self._soon.start()

    def _show_new(self) -> None:
        shown = self.shown
        if shown is None:
            return
        # What is seen is asked for anew; to name all that differ would go through thousands.
        for view in (self.room.table, self.room.contact):
            view.viewport().update()
        self.room.evening.show_edition(shown)
        self.room.heed_chosen()
        self._foretell()
        left, title = self.filler.left(shown.edition.title), shown.edition.title
        self.room.stop.setEnabled(bool(left))
        if left:
            self.line.say(f"{title}: {shown.done} of {shown.edition.count} pictures")
        elif self.pulling.filling is shown:
            self.pulling.filling = None
            if shown.fault:
                self.line.refuse(shown.fault)
                return
            failed = shown.done - shown.there
            rest = f", {failed} could not be pulled" if failed else ""
            self.line.say(f"{title}: {shown.there} pictures are there{rest}.")

    def _foretell(self) -> None:
        """How many pictures are still to be pulled, and how long that takes."""
        shown = self.shown
        rows = shown is not None and bool(shown.edition.count)
        self.room.fill.setEnabled(rows)
        self.room.export.setEnabled(rows)
        if shown is None or not rows:
            self.room.foretold.setText("")
            return
        count, left = shown.edition.count, shown.edition.count - shown.there
        size = shown.edition.recipe.size
        pixels = _MEGAPIXELS if size is None else size[0] * size[1] / 1e6
        each = sum(shown.seconds) / len(shown.seconds) if shown.seconds else _GUESS * pixels
        said = tr("1 picture" if count == 1 else f"{count} pictures")
        rest = tr(f"{said}, {left} to pull, {tr(about(left * each))}")
        self.room.foretold.setText(rest if left else said)

    def _read_image(self, place: int) -> None:
        if self.shown is not None:
            self.filler.read_image(self.shown, place)


def _plain(recipe: Recipe) -> Recipe:
    """A recipe without what it shares with an edition it was of."""
    return recipe if recipe.even is None else recipe.model_copy(update={"even": None})
