"""Pulls the edition that is seen: what its rows share first, then the rows."""

from functools import partial
from typing import Protocol

from PySide6.QtCore import QObject
from PySide6.QtWidgets import QWidget

from overlay.app.editions.filling import LEAD, EditionFiller
from overlay.app.editions.shown import ShownEdition
from overlay.app.floor.engines import may_run
from overlay.app.floor.floor import Floor
from overlay.document.sets.editions import Edition
from overlay.studio.bench.bench import Bench
from overlay.studio.editions.rows import check_edition

_MANY = 400  # rows that are checked on another thread


class Desk(Protocol):
    """What pulling needs of the desk it belongs to."""

    floor: Floor
    bench: Bench
    focus: QWidget

    @property
    def shown(self) -> ShownEdition | None: ...
    @property
    def is_kept(self) -> bool: ...
    def present(self) -> Edition: ...
    def change(self, what: str, edition: Edition) -> None: ...
    def shown_of(self, edition: Edition) -> ShownEdition: ...
    def show(self, shown: ShownEdition | None) -> None: ...
    def refresh(self) -> None: ...


class Pulling(QObject):
    """Has the rows of editions pulled.

    Attributes
    ----------
    filling : the edition whose end is still to be said.
    """

    def __init__(self, desk: Desk, filler: EditionFiller) -> None:
        super().__init__(filler)
        self._desk, self.filler = desk, filler
        self.floor, self.bench = desk.floor, desk.bench
        self.filling: ShownEdition | None = None
        filler.evened.connect(self._go_on)

    def fill(self) -> None:
        """Pull every row that is not kept, after what the set shares is found."""
        edition = self._desk.present()
        if not may_run(self.floor, edition.recipe):
            return
        check = partial(check_edition, edition, edition.title)
        if len(edition.rows) > _MANY:  # they take as long as the window may not wait
            self.floor.loader.ask(check, lambda _: self._checked(edition), newest="edition")
        elif self.floor.guarded(check):
            self.pull(edition)

    def _checked(self, edition: Edition) -> None:
        """Nothing is wrong with it: pull it, if it is the one that is seen still."""
        if self._desk.present() == edition:
            self.pull(edition)

    def pull(self, edition: Edition) -> None:
        """Pull an edition that was checked."""
        if not self._desk.is_kept:
            self._desk.change(f"{edition.title}", edition)
        self.filler.stop(edition.title)
        shown = self.filling = self._desk.shown_of(edition)
        self._desk.show(shown)
        if edition.even and edition.colours is None:
            self.filler.share(shown)
        else:
            self.filler.fill(shown)
        self._desk.focus.setFocus()

    def _go_on(self, shown: ShownEdition, colours: str) -> None:
        """The colours of the set are there: they are kept with the edition, and its rows follow."""
        editions = list(self.bench.project.state.editions)
        if shown.edition not in editions:
            return  # it was changed or removed meanwhile
        if colours:
            place = editions.index(shown.edition)
            evened = shown.edition.model_copy(update={"colours": colours})
            editions[place] = evened
            self.bench.project.edit(f"Colours of {evened.title}", editions=tuple(editions))
            shown = self._desk.shown_of(evened)
            self._desk.refresh()
        self.filling = shown
        self.filler.fill(shown)

    def find_anew(self) -> None:
        """Find the set's colours over all its sources as they are now."""
        edition = self._desk.present()
        if edition.colours is not None:
            self._desk.change("Find its colours anew", edition.model_copy(update={"colours": None}))
            self.fill()

    def pull_again(self, names: tuple[str, ...]) -> None:
        """Go on with editions that were not done when the program ended."""
        for edition in self.bench.project.state.editions:
            if LEAD + edition.title in names:
                self.filler.fill(self._desk.shown_of(edition))
        self._desk.refresh()

    def stop(self) -> bool:
        """Leave the rows that are still to come; whether there were any."""
        return (shown := self._desk.shown) is not None and self.filler.stop(shown.edition.title)
