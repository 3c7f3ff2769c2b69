"""The words in the window: read and drawn off the GUI thread, edited by chips and by the hand."""

from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace
from functools import partial
from pathlib import Path
from typing import Any

import numpy as np
from PySide6.QtCore import QObject, QPoint, QPointF
from PySide6.QtGui import QImage

from overlay.app.floor.commands import Command, Entries
from overlay.app.floor.floor import Floor
from overlay.app.parts.images import from_image, to_image
from overlay.app.picture.stage import PictureStage
from overlay.app.sheet.cue_sheet import CueSheet
from overlay.app.words.described import Described
from overlay.app.words.grab import GrabTool, Held, box_of
from overlay.app.words.hearing import Hearing
from overlay.app.words.line import WordsLine
from overlay.app.words.row import WordsRow
from overlay.document.changes import EVERYTHING, Changes
from overlay.document.recipe import Recipe
from overlay.document.taught import Taught, lexicon_of
from overlay.imaging.colour import ByteImage
from overlay.studio.keeping.files.lexicon import read_lexicon
from overlay.studio.making.laying import lay_canvas
from overlay.studio.making.words_scene import WordsScene, strength_of
from overlay.words.describing import describe
from overlay.words.language.grammar import read_prompt
from overlay.words.language.reading import Reading
from overlay.words.language.writing import joined, phrases_of
from overlay.words.stage.drawing import LAND

CONCERNED = ("prompt", "avoid", "guidance", "words", "unknown", "regions", "taught")
DRAWN_BY = ("prompt", "avoid", "guidance", "words", "placed", "seed", "size", "source", "taught")
_HOW = "Drag a thing to move it, with Shift to resize, with Ctrl to turn it."
_FIRST = 0.25  # of the size, for the first look


@dataclass(frozen=True)
class _Read:
    reading: Reading
    recipe: Recipe
    heard: float


Own = tuple[Taught, ...]


class WordsDesk(QObject):
    """Shows the words and the scene they draw; what they are heard with opens beside them."""

    def __init__(self, floor: Floor, line: WordsLine, stage: PictureStage, sheet: CueSheet) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.line, self.stage = floor, floor.bench, line, stage
        stage.put_above(line)
        self.hearing = Hearing(self._change)
        self.row = WordsRow(self._change_words, sheet.axis)
        self.row.hearing_asked.connect(self._open_hearing)
        sheet.put_first(self.row, self.row.envelope)
        self.described = Described()
        self.described.joined.connect(self.add_phrases)
        self._scene: WordsScene | None = None
        self.tool: GrabTool | None = None
        self.selected: Callable[[], Path | None] = lambda: None  # the picture in the tray
        line.typed.connect(self.add_phrases)
        line.rewritten.connect(self._rewritten)
        line.emphasised.connect(self._emphasised)
        line.moved.connect(self._moved)
        line.avoided.connect(self._avoided)
        line.hearing_asked.connect(self._open_hearing)
        stage.view_changed.connect(lambda _: self._take_tool())
        stage.drawn_as.activated.connect(lambda _: self._show_scene())

    def commands(self) -> Entries:
        """To the words by a key; a thing that was moved stands free again."""
        return (
            Command("Cue", "To the words", "/", self._begin),
            Command("Cue", "Free moved things", "", self._free_all),
            Command("Cue", "Describe what is shown", "Ctrl+Shift+D", self.describe_shown),
            Command("Cue", "Describe the picture in the tray", "", self._describe_selected),
        )

    # What is shown --------------------------------------------------------------------------

    def heed(self, changes: Changes) -> None:
        """Something of the recipe differs."""
        if changes == EVERYTHING:  # another project
            self.line.forget()
        if changes.touches(*CONCERNED):
            self._read()
        if changes.touches(*DRAWN_BY):
            self._draw()

    def _read(self) -> None:
        recipe = self.bench.project.recipe
        heard = strength_of(recipe)
        self.hearing.show_recipe(recipe)
        self.row.show_recipe(recipe)

        def read() -> _Read:
            reading = read_prompt(recipe.prompt, lexicon_of(recipe.taught))
            return _Read(reading, recipe, heard)

        self.floor.loader.ask(read, self._show_words, newest="words")

    def _show_words(self, found: _Read) -> None:
        now = self.bench.project.recipe
        if (found.recipe.prompt, found.recipe.taught) != (now.prompt, now.taught):
            return  # it was changed meanwhile, and is read again
        self.line.show_words(found.reading, found.recipe.avoid, found.heard)

    def _draw(self) -> None:
        """The scene: small at first, so that something is seen at once, then whole."""
        recipe = self.bench.project.recipe
        if recipe.source is not None or not recipe.prompt:
            self._got(None)
            return
        for newest, part in (("drawn first", self._small), ("drawn", lambda whole: whole)):
            draw, whole = partial(self._scene_of, recipe, part), newest == "drawn"
            # The whole takes seconds, for which a kept proof or a map must not wait.
            self.floor.loader.ask(
                draw, self._got, newest=newest, failed=self._failed, patient=whole
            )

    def _small(self, recipe: Recipe) -> Recipe:
        """The same at a quarter of its size; a size that is not said is its pictures' own."""
        size = recipe.size or lay_canvas(recipe.model_copy(update={"prompt": ""}), self.bench.store)
        width, height = size if isinstance(size, tuple) else (size.width, size.height)
        sides = (max(round(_FIRST * width), 64), max(round(_FIRST * height), 64))
        return recipe.model_copy(update={"size": sides})

    def _scene_of(
        self, recipe: Recipe, part: Callable[[Recipe], Recipe]
    ) -> tuple[WordsScene | None, dict[str, QImage]]:
        scene = lay_canvas(part(recipe), self.bench.store).words
        return scene, {} if scene is None else _pictures(scene)

    def _got(self, found: tuple[WordsScene | None, dict[str, QImage]] | None) -> None:
        self._scene, self._pictures = found or (None, {})
        self._show_scene()
        if self._scene is None and self.stage.mode == "drawn":
            self.stage.set_mode("proof")
        if not self.bench.project.recipe.source:
            self.stage.set_image("source", self._pictures.get("picture"))

    def _failed(self, error: Exception) -> None:
        self._got(None)
        self.floor.could_not(error)

    def _show_scene(self) -> None:
        self.stage.set_image("drawn", self._pictures.get(self.stage.drawn_as.currentData()))

    # Edits ----------------------------------------------------------------------------------

    def _change(self, what: str, **changes: object) -> None:
        self.floor.guarded(lambda: self.bench.change_recipe(what, **changes))

    def _change_words(self, what: str, keys: dict[str, Any]) -> None:
        words = self.bench.project.recipe.words.model_dump(mode="json") | keys
        if not self.floor.guarded(lambda: self.bench.change_recipe(what, words=words)):
            self.row.show_recipe(self.bench.project.recipe)

    def _once_read(self, phrases: Sequence[str], then: Callable[[Own], object]) -> None:
        """Look phrases up off this thread before an edit: what is not known takes a while.

        `then` gets the words that were taught for all projects. None of several edits is dropped,
        and each finds the words as those before it left them.
        """
        look_up = partial(_looked_up, joined(phrases))

        def failed(error: Exception) -> None:
            self.line.settle(list(phrases), joined=False)
            self.floor.could_not(error)

        self.floor.loader.ask(
            look_up, lambda own: self.floor.guarded(lambda: then(own)), failed=failed
        )

    def add_phrases(self, phrases: list[str]) -> None:
        """Have phrases join the words."""
        bench = self.bench

        def add(own: Own) -> None:
            write = partial(bench.write_prompt, "Words", [*bench.phrases, *phrases], own)
            self.line.settle(phrases, joined=bool(self.floor.guarded(write)))

        self.line.wait_for(phrases)
        self._once_read(phrases, add)

    def _is_there(self, number: int) -> bool:
        """Whether a chip still shows the phrase that stands at its place; if not, it is redrawn."""
        there, chips = self.bench.phrases, self.line.chips
        return number < min(len(there), len(chips)) and there[number] == chips[number].phrase.text

    def _emphasised(self, number: int, emphasis: float) -> None:
        if self._is_there(number):
            self.floor.guarded(lambda: self.bench.emphasise(number, emphasis))

    def _moved(self, number: int, to: int) -> None:
        if self._is_there(number):
            self.floor.guarded(lambda: self.bench.move_phrase(number, to))

    def _rewritten(self, number: int, phrases: list[str]) -> None:
        if not self._is_there(number):
            return

        def write(own: Own) -> None:
            there = self.bench.phrases
            there[number : number + 1] = phrases
            self.bench.write_prompt("Words" if phrases else "Remove words", there, own)

        self._once_read(phrases, write)

    def _avoided(self, text: str) -> None:
        if joined(phrases_of(text)) == self.bench.project.recipe.avoid:
            return
        self.floor.loader.ask(
            partial(_looked_up, text),
            lambda own: self.floor.guarded(lambda: self.bench.write_avoid(text, own)),
            newest="avoid",
        )

    def _begin(self) -> None:
        self.floor.go_to("bench")
        self.line.begin()

    def _open_hearing(self, place: object) -> None:
        self.hearing.show_recipe(self.bench.project.recipe)
        self.hearing.open_at(place)  # type: ignore[arg-type]

    # Describing -----------------------------------------------------------------------------

    def describe_shown(self) -> None:
        """Say the picture that is shown in phrases."""
        image = self.stage.shown
        if image is None:
            self.floor.say("There is no picture to describe yet.")
            return
        self._describe(self.stage.mode.capitalize(), lambda: from_image(image))

    def _describe_selected(self) -> None:
        """The same for the picture that is selected in the tray."""
        store, path = self.bench.store, self.selected()
        if path is None:
            self.floor.say("Select a picture in the tray to have it described.")
            return
        self._describe(path.stem, lambda: store.picture(str(path)))

    def _describe(self, name: str, read: Callable[[], ByteImage]) -> None:
        at = self.line.mapToGlobal(QPoint(12, self.line.height()))
        self.floor.loader.ask(
            lambda: describe(read()),
            lambda found: self.described.show_phrases(name, found, at),
            newest="describe",
        )

    # Things by the hand ---------------------------------------------------------------------

    def _take_tool(self) -> None:
        """In the view of what is drawn, the hand holds things; elsewhere it lets go of them."""
        drawn = self.stage.mode == "drawn"
        if drawn and self.tool is None:
            self.stage.use_tool("")
            self.tool = GrabTool(self._found, self)
            self.tool.set_down.connect(self._set_down)
            self.stage.view.set_tool(self.tool)
            self.stage.status.say(_HOW)
        elif not drawn and self.tool is not None:
            self.stage.status.unsay(_HOW)
            if self.stage.view.tool is self.tool:
                self.stage.view.set_tool(None)
            self.tool = None

    def _found(self, place: QPointF) -> Held | None:
        """The thing under a place of the picture."""
        if self._scene is None or not (0 <= place.x() < 1 and 0 <= place.y() < 1):
            return None
        for name, mask in self._scene.masks.items():
            height, width = mask.shape
            if (
                name not in LAND.values()
                and mask[int(place.y() * height), int(place.x() * width)] > 0
            ):
                before = {p.thing: p.turn for p in self.bench.project.recipe.placed}
                return replace(box_of(name, mask), turn=before.get(name, 0.0))
        return None

    def _set_down(self, held: Held) -> None:
        place = self.bench.place_thing
        self.floor.guarded(lambda: place(held.name, held.foot, held.size, held.turn))

    def _free_all(self) -> None:
        if self.bench.project.recipe.placed:
            self._change("Free moved things", placed=[])


def _looked_up(text: str) -> Own:
    """What was taught for all projects, after the words of a text were looked up once."""
    read_prompt(text)
    return read_lexicon()


def _pictures(scene: WordsScene) -> dict[str, QImage]:
    """The scene as it is drawn, its depth, and its things each in a tint."""
    depth = np.repeat((255 * scene.depth + 0.5).astype(np.uint8)[..., None], 3, axis=2)
    return {
        "picture": to_image(scene.picture),
        "depth": to_image(depth),
        "things": to_image(_tinted(scene)),
    }


def _tinted(scene: WordsScene) -> np.ndarray:
    out = np.empty_like(scene.picture)
    rng = np.random.default_rng(5)
    for name, mask in scene.masks.items():
        grey = np.array([176, 174, 168]) - 14 * (len(name) % 4)
        out[mask > 0] = grey if name in LAND.values() else rng.integers(60, 215, 3)
    return out
