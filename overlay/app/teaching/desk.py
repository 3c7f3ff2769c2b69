"""Teaching in the window: what is taught is made ready off the GUI thread, then it is a step."""

from collections.abc import Callable
from dataclasses import dataclass
from functools import partial
from pathlib import Path

import numpy as np
from PySide6.QtCore import QObject, QPoint, Signal
from PySide6.QtGui import QImage

from overlay.app.floor.commands import Command, Entries
from overlay.app.floor.floor import Floor
from overlay.app.parts.asking import ask_choice
from overlay.app.parts.file_dialogs import PICTURES, ask_open, ask_save
from overlay.app.parts.images import to_image
from overlay.app.teaching.listing import Listed, TaughtPanel
from overlay.app.teaching.panel import Form, TeachPanel
from overlay.document.cues import ReferenceCue, cues_of
from overlay.document.taught import MOST_PICTURES, Taught, TaughtKind
from overlay.document.text.json_text import RecipeError
from overlay.imaging.colour import ByteImage
from overlay.imaging.files import thumbnail
from overlay.studio.inputs.teaching import (
    taught_from_files,
    taught_from_pictures,
    taught_look,
    with_alpha,
)
from overlay.studio.keeping.files.lexicon import (
    forget_all,
    pack_lexicon,
    read_lexicon,
    teach_all,
    unpack_lexicon,
)
from overlay.studio.making.groundwork import Groundwork

ARCHIVES = "Taught words (*.zip)"
_SMALL, _GREY = 320, 154


@dataclass(frozen=True)
class Given:
    """What is to be taught, before it has a name.

    Attributes
    ----------
    kinds : what it may be, the likeliest first. make : makes it, off the GUI thread.
    """

    kinds: tuple[TaughtKind, ...]
    make: Callable[[Form], Taught]


class TeachingDesk(QObject):
    """Teaches from tray pictures, regions and cues; lists, shares and hands on what was taught.

    Signals
    -------
    said : phrases that are to join the words.
    """

    said = Signal(list)

    def __init__(self, floor: Floor) -> None:
        super().__init__(floor)
        self.floor, self.bench = floor, floor.bench
        self.panel, self.listing = TeachPanel(), TaughtPanel()
        self.panel.filled.connect(self._fill)
        self.listing.wished.connect(self._wish)
        self.selected: Callable[[], Path | None] = lambda: None  # the picture in the tray
        self._given: Given | None = None

    def commands(self) -> Entries:
        """In the menu of what cues are made of."""
        return (
            Command("Cue", "Teach the picture in the tray…", "", self._teach_selected),
            Command("Cue", "Teach the cues as a look…", "", self.teach_look),
            Command("Cue", "Taught words…", "Ctrl+Shift+W", self.list_words),
            None,
        )

    # What is to be taught -------------------------------------------------------------------

    def teach_picture(self, path: Path, word: str = "") -> None:
        """Have a picture taught as a thing or a surface."""

        def make(form: Form) -> Taught:
            return taught_from_files(
                form.word, [path], kind=form.kind, height=form.height, belongs=form.belongs
            )

        given = Given(("subject", "surface"), make)
        read = partial(_on_grey, lambda: self.bench.store.cut_out(str(path)))
        self._ask(word or path.stem, given, read)

    def teach_word(self, word: str) -> None:
        """Have an unknown word taught by the picture in the tray, or by one from a file."""
        path = self.selected()
        if path is None:
            folder = self.floor.settings.pictures_folder
            path = ask_open(self.floor.host, f"A picture of “{word}”", folder, PICTURES)
        if path is not None:
            self.teach_picture(path, word)

    def teach_region(self, name: str) -> None:
        """Have what lies in a region taught as an area, a thing or a surface."""
        recipe, store = self.bench.project.recipe, self.bench.store

        def cut() -> ByteImage:
            work = Groundwork(recipe, store)
            if work.canvas.picture is None:
                raise RecipeError(f"{name}: there is no source to teach from")
            return with_alpha(work.canvas.picture, work.masks[name])

        def make(form: Form) -> Taught:
            return taught_from_pictures(
                form.word, [cut()], kind=form.kind, height=form.height, belongs=form.belongs
            )

        self._ask(name, Given(("area", "subject", "surface"), make), partial(_on_grey, cut))

    def teach_look(self) -> None:
        """Have reference cues taught as a look: those that are selected, or all."""
        recipe = self.bench.project.recipe
        chosen = [recipe.cues[row] for row in self.bench.selected_rows]
        cues = [c for c in chosen if isinstance(c, ReferenceCue)]
        if len(cues) < 2:
            cues = cues_of(recipe.cues, ReferenceCue, heard=False)
        if not cues:
            self.floor.say("A look is made of references; there is none yet.")
            return
        by_name = {cue.name: cue for cue in cues}

        def make(form: Form) -> Taught:
            return taught_look(form.word, [by_name[name] for name in form.cues])

        self._given = Given(("look",), make)
        self._open("", None, tuple(by_name))

    def _teach_selected(self) -> None:
        path = self.selected()
        if path is None:
            self.floor.say("Select a picture in the tray to teach it.")
        else:
            self.teach_picture(path)

    def _ask(self, word: str, given: Given, read: Callable[[], QImage]) -> None:
        def then(image: QImage) -> None:
            self._given = given
            self._open(word, image, ())

        self.floor.loader.ask(read, then, newest="teach")

    def _open(self, word: str, image: QImage | None, cues: tuple[str, ...]) -> None:
        assert self._given is not None
        known: dict[str, str] = {one.word: one.kind for one in self.bench.project.recipe.taught}
        self.panel.open_for(word, self._given.kinds, known, image=image, cues=cues)
        self.panel.put_at(self._middle(self.panel.width(), self.panel.height()))

    def _middle(self, width: int, height: int) -> QPoint:
        host = self.floor.host
        return host.mapToGlobal(QPoint((host.width() - width) // 2, (host.height() - height) // 3))

    # Taught ---------------------------------------------------------------------------------

    def _fill(self, form: Form) -> None:
        given = self._given
        if given is None:
            return
        before = {one.word: one for one in self.bench.project.recipe.taught}

        def make() -> Taught:
            made = given.make(form)
            old = before.get(made.word)
            if form.keep and old is not None and old.kind == made.kind:
                pictures = tuple(dict.fromkeys([*old.pictures, *made.pictures]))
                made = made.model_copy(update={"pictures": pictures[-MOST_PICTURES:]})
            if form.everywhere:
                teach_all([made])
            return made

        self.floor.loader.ask(make, self._take)

    def _take(self, made: Taught) -> None:
        if self.floor.guarded(lambda: self.bench.teach(made)):
            say = partial(self.said.emit, [made.word])
            self.floor.say(f"“{made.word}” is known now.", "Say it", say)

    # The list -------------------------------------------------------------------------------

    def list_words(self) -> None:
        """Show all taught words."""
        here = {one.word: one for one in self.bench.project.recipe.taught}

        def read() -> list[Listed]:
            there = {one.word: one for one in read_lexicon()}
            words = sorted({*here, *there})
            return [Listed(here.get(w) or there[w], w in here, w in there) for w in words]

        self.floor.loader.ask(read, self._list, newest="taught words")

    def _list(self, listed: list[Listed]) -> None:
        size = self.listing.size()
        self.listing.open_with(listed, self._middle(size.width(), size.height()))
        for one in listed:
            pictures = one.taught.pictures or tuple(c.reference for c in one.taught.cues)
            read = partial(self.bench.store.cut_out, pictures[0])
            show = partial(self.listing.show_thumb, one.taught.word)
            self.floor.loader.ask(partial(_on_grey, read), show, failed=lambda _: None)

    def _wish(self, deed: str, word: str) -> None:
        one = self.listing.listed.get(word)
        if deed == "export":
            self._export()
        elif deed == "import":
            self._import()
        elif one is not None and deed == "say":
            self.said.emit([word])
        elif one is not None and deed == "share":
            then = partial(self.floor.say, f"“{word}” is known in all projects.")
            self.floor.loader.ask(lambda: teach_all([one.taught]), lambda _: then())
        elif one is not None:
            self._forget(one)

    def _forget(self, one: Listed) -> None:
        word, everywhere = one.taught.word, "Forget it in all projects"
        if one.everywhere:
            text = f"“{word}” is known in all projects. Projects that say it keep it."
            if ask_choice(self.floor.host, "Forget a word", text, (everywhere,)) is None:
                return
            done = partial(self.floor.say, f"“{word}” is forgotten.")
            self.floor.loader.ask(lambda: forget_all([word]), lambda _: done())
        if one.here:
            self.floor.guarded(lambda: self.bench.forget(word))

    def _export(self) -> None:
        words = [one.taught for one in self.listing.listed.values()]
        place = ask_save(self.floor.host, "Export taught words", "taught-words.zip", ARCHIVES)
        if place is not None:
            done = partial(self.floor.say, f"{len(words)} words are in {place.name}.")
            self.floor.loader.ask(lambda: pack_lexicon(place, words), lambda _: done())

    def _import(self) -> None:
        place = ask_open(self.floor.host, "Import taught words", "", ARCHIVES)
        if place is None:
            return

        def take() -> list[str]:
            taken = unpack_lexicon(place)
            teach_all(taken)
            return [one.word for one in taken]

        self.floor.loader.ask(take, lambda w: self.floor.say(f"{len(w)} words came in: {_few(w)}."))


def _few(words: list[str]) -> str:
    more = f" and {len(words) - 5} more" if len(words) > 5 else ""
    return ", ".join(words[:5]) + more


def _on_grey(read: Callable[[], ByteImage]) -> QImage:
    """A cut-out as it is seen: small, on the grey around pictures."""
    cut = thumbnail(read(), _SMALL).astype(np.float64)
    alpha = cut[..., 3:] / 255 if cut.shape[2] == 4 else 1.0
    return to_image((cut[..., :3] * alpha + _GREY * (1 - alpha) + 0.5).astype(np.uint8))
