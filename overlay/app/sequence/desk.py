"""Keeps the room of sequences in step with the project, and renders what it shows."""

from pathlib import Path

import numpy as np
from PySide6.QtCore import QObject, Qt
from PySide6.QtGui import QImage
from PySide6.QtWidgets import QFileDialog

from overlay.app.floor.commands import Command, Entries
from overlay.app.floor.engines import may_run
from overlay.app.floor.floor import Floor
from overlay.app.floor.rooms import History, Room, Tab
from overlay.app.parts.file_dialogs import ask_open, ask_save
from overlay.app.parts.images import to_image
from overlay.app.parts.language import tr
from overlay.app.parts.setting_chooser import SettingChooser
from overlay.app.parts.status import StatusLine
from overlay.app.parts.titles import setting_value
from overlay.app.sequence.filling import SMALL, Filmed, SequenceFiller
from overlay.app.sequence.room import SequenceRoom
from overlay.document.keys import value_at
from overlay.document.recipe import Recipe
from overlay.document.sets.sequences import KeyFrame, Sequence
from overlay.document.text.json_text import RecipeError
from overlay.imaging.colour import ByteImage
from overlay.imaging.files import thumbnail
from overlay.studio.sequences.frames import Frames, open_frames
from overlay.studio.sequences.keys import checked_key
from overlay.studio.sequences.making import check_sequence
from overlay.studio.sequences.writing import check_out
from overlay.studio.sheets.axes import typed_values
from overlay.studio.sheets.settings import find_setting, settings_of

_FRAMES = "Animations and videos (*.gif *.apng *.png *.webp *.mp4 *.mov *.mkv *.webm *.avi)"
_OUT = "Frames in a folder (*);;Animations (*.gif *.apng *.webp);;Videos (*.mp4 *.webm *.mkv)"
_MOST_SOURCES = 200  # frames whose sources are held to be seen


class SequenceDesk(QObject, Room):
    """The room that Ctrl+5 leads to."""

    name = "sequence"
    tab = Tab("Sequence", "Ctrl+5", "Frames in order, each held to the one before", stays=False)

    def __init__(self, floor: Floor, room: SequenceRoom, line: StatusLine) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.room = floor, floor.bench, room
        self.widget, self.focus, self.line = room, room.player.strip, line
        self.filler = SequenceFiller(floor)
        self.chooser = SettingChooser(floor.host)
        self.filmed: Filmed | None = None
        self._frames: Frames | None = None
        self._read_from = ""
        self._sources: dict[int, QImage] = {}
        self._join()

    def _join(self) -> None:
        room = self.room
        room.folder_asked.connect(self._ask_folder)
        room.file_asked.connect(self._ask_file)
        room.held_chosen.connect(self._set_held)
        room.key_asked.connect(self._ask_key)
        room.key_removed.connect(self._remove_key)
        room.key_edited.connect(self._edit_key)
        room.fill_asked.connect(self.fill)
        room.stop_asked.connect(self.filler.stop)
        room.write_asked.connect(self.write)
        room.left_asked.connect(lambda: self.floor.go_to("bench"))
        room.player.wanted.connect(self._show_frame)
        self.chooser.chosen.connect(self._add_key)
        self.filler.came.connect(self._came)

    def commands(self) -> Entries:
        """How the room is entered."""
        enter = Command("Proof", "Sequence…", "Ctrl+5", lambda: self.floor.go_to(self.name))
        return (enter,)

    @property
    def history(self) -> History | None:
        """That of the project."""
        return self.bench.project

    @property
    def sequence(self) -> Sequence | None:
        """The project's sequence, with the bench's recipe."""
        kept = self.bench.project.state.sequence
        return None if kept is None else kept.model_copy(update={"recipe": self._recipe()})

    def _recipe(self) -> Recipe:
        return self.bench.project.recipe.model_copy(update={"source": None, "even": None})

    def entered(self) -> None:
        """Show what there is."""
        self.refresh()

    def escape(self) -> bool:
        """Stop playing, then rendering; then leave."""
        if self.room.player.play.isChecked():
            self.room.player.stop()
        elif not self.filler.stop():
            self.floor.go_to("bench")
        return True

    def heed_key(self, key: int, *, pressed: bool) -> bool:
        """Space plays and pauses."""
        if pressed and key == Qt.Key.Key_Space:
            self.room.player.play.toggle()
            return True
        return False

    def remove(self) -> None:
        """Take the picked key frame away."""
        self.room.remove_picked()

    def show_other_project(self) -> None:
        """Another project has another sequence."""
        self.filler.stop()
        self.room.player.stop()
        self.filmed = None
        self._leave_frames()
        self.refresh()

    def refresh(self) -> None:
        """The sequence is another one, or the recipe it goes with."""
        if self.floor.room != self.name:
            return
        sequence = self.sequence
        self.room.held.set_value(100 if sequence is None else round(100 * sequence.held))
        self.room.held.setEnabled(sequence is not None)
        self.room.show_keys([] if sequence is None else self._key_rows(sequence))
        frames = "" if sequence is None else sequence.frames
        if frames != self._read_from:
            self._read_frames(frames)
        self._show_state()

    def _key_rows(self, sequence: Sequence) -> list[tuple[int, str, str]]:
        rows = []
        for key in sequence.keys:
            setting = find_setting(sequence.recipe, key.key)
            title = key.key if setting is None else setting.title
            value = str(key.value) if setting is None else setting_value(key.value, setting)
            rows.append((key.frame, title, value))
        return rows

    # Frames ---------------------------------------------------------------------------------

    def _leave_frames(self) -> None:
        self._frames, self._read_from = None, ""
        self._sources.clear()

    def _read_frames(self, path: str) -> None:
        self._leave_frames()
        self._read_from = path
        if not path:
            return

        def work() -> tuple[Frames, dict[int, QImage]]:
            frames = open_frames(Path(path))
            seen: dict[int, QImage] = {}
            for number, frame in enumerate(frames, 1):
                if number > _MOST_SOURCES:
                    break
                seen[number] = to_image(_small(frame))
            return frames, seen

        def show(found: tuple[Frames, dict[int, QImage]]) -> None:
            self._frames, self._sources = found
            self.room.player.set_rate(self._frames.rate)
            self._show_state()

        self.floor.loader.ask(work, show, newest="frames")

    def _ask_folder(self) -> None:
        begin = self.floor.settings.pictures_folder
        folder = QFileDialog.getExistingDirectory(self.floor.host, "Frames in a folder", begin)
        if folder:
            self.take(Path(folder))

    def _ask_file(self) -> None:
        begin = self.floor.settings.pictures_folder
        path = ask_open(self.floor.host, "Frames of an animation or video", begin, _FRAMES)
        if path is not None:
            self.take(path)

    def take(self, path: Path) -> None:
        """Have frames of a folder or a file; what holds none is refused and changes nothing."""

        def done(_: Frames) -> None:
            kept = self.bench.project.state.sequence
            where = str(path.absolute())
            made = Sequence(title="Sequence", recipe=self._recipe(), frames=where)
            if kept is not None:
                made = made.model_copy(update={"held": kept.held, "keys": kept.keys})
            self._change(f"Frames of {path.name}", made)

        self.floor.loader.ask(lambda: open_frames(path), done)

    # Edits ----------------------------------------------------------------------------------

    def _change(self, what: str, sequence: Sequence) -> None:
        self.bench.project.edit(what, sequence=sequence)

    def _set_held(self, held: float) -> None:
        sequence = self.sequence
        if sequence is not None and held != sequence.held:
            self._change(f"Held {100 * held:.0f} %", sequence.model_copy(update={"held": held}))

    def _ask_key(self) -> None:
        if self.sequence is None:
            self.floor.refuse("Choose frames first.")
            return
        settings = [s for s in settings_of(self._recipe()) if s.key != "source"]
        self.chooser.show_settings(settings)
        self.chooser.open_under(self.room.add_key)

    def _add_key(self, key: str) -> None:
        sequence = self.sequence
        if sequence is None:
            return

        def add() -> None:
            frame, now = self.room.player.strip.now, value_at(sequence.recipe, key)
            made = checked_key(frame, key, now, sequence.recipe, "key frame")
            kept = [k for k in sequence.keys if (k.frame, k.key) != (frame, made.key)]
            self._set_keys(f"Key frame {frame}", [*kept, made])

        self.floor.guarded(add)

    def _remove_key(self, place: int) -> None:
        sequence = self.sequence
        if sequence is not None and place < len(sequence.keys):
            kept = [k for i, k in enumerate(sequence.keys) if i != place]
            self._set_keys("Remove a key frame", kept)

    def _edit_key(self, place: int, text: str) -> None:
        sequence = self.sequence
        if sequence is None or place >= len(sequence.keys):
            return
        key = sequence.keys[place]

        def change() -> None:
            setting = find_setting(sequence.recipe, key.key)
            if setting is None:
                raise RecipeError(f"{key.key}: this recipe has no such setting any more")
            values = typed_values(text, setting)
            if len(values) != 1:
                raise RecipeError(f"{setting.title}: must be one value, got {text!r}")
            made = checked_key(key.frame, key.key, values[0], sequence.recipe, "key frame")
            keys = [made if i == place else k for i, k in enumerate(sequence.keys)]
            self._set_keys(f"Key frame {key.frame}", keys)

        if not self.floor.guarded(change):
            self.room.show_keys(self._key_rows(sequence))

    def _set_keys(self, what: str, keys: list[KeyFrame]) -> None:
        sequence = self.sequence
        assert sequence is not None
        ordered = tuple(sorted(keys, key=lambda k: (k.frame, k.key)))
        self._change(what, sequence.model_copy(update={"keys": ordered}))

    # Rendering ------------------------------------------------------------------------------

    def fill(self) -> None:
        """Render all frames with the bench's recipe."""
        sequence = self.sequence
        if sequence is None:
            self.floor.refuse("Choose frames first: a folder, an animation or a video.")
            return
        if not may_run(self.floor, sequence.recipe):
            return

        def begin(frames: Frames) -> None:
            self.filler.stop()
            self.filmed = Filmed(sequence, frames)
            self.filler.fill(self.filmed)
            self._show_state()

        self.floor.loader.ask(lambda: check_sequence(sequence), begin)

    def write(self) -> None:
        """Write what is there to a folder or a file that is asked for."""
        filmed = self.filmed
        if filmed is None or not filmed.flickers:
            self.floor.refuse("There are no frames to write yet; pull the sequence first.")
            return
        begin = str(Path(self.floor.settings.pictures_folder, "sequence.mp4"))
        path = ask_save(self.floor.host, "Write the sequence", begin, _OUT)
        if path is not None:
            self.floor.guarded(lambda: self.write_to(path))

    def write_to(self, path: Path) -> None:
        """Write what is there: a folder without an ending, else an animation or a video."""
        filmed = self.filmed
        assert filmed is not None
        image = next(iter(filmed.small.values()))
        check_out(path, len(filmed.flickers), image.width() * image.height())
        self.filler.write(filmed, path)

    # What is shown --------------------------------------------------------------------------

    def _came(self, filmed: Filmed) -> None:
        if filmed is not self.filmed:
            return
        self._show_state()
        count = self.room.player.strip.count
        if not self.filler.busy and len(filmed.flickers) == count:
            self.line.say(f"Sequence: {count} frames are there.")

    def _show_state(self) -> None:
        filmed, frames, sequence = self.filmed, self._frames, self.sequence
        count = 0 if frames is None else frames.count or len(self._sources)
        keys = set() if sequence is None else {key.frame for key in sequence.keys}
        self.room.player.show_frames(count, {} if filmed is None else filmed.flickers, keys)
        self.room.stop.setEnabled(self.filler.busy)
        self.room.write.setEnabled(filmed is not None and bool(filmed.flickers))
        if frames is None or sequence is None:
            self.room.says.setText(tr("No frames yet"))
        else:
            name = Path(sequence.frames).name
            self.room.says.setText(tr(f"{name}: {count} frames, {frames.rate:g} a second"))
        self.room.figures.setText("" if filmed is None else filmed.says(sequence))
        if filmed is not None and self.filler.busy:
            self.line.say(f"Sequence: {len(filmed.flickers)} of {count} frames")

    def _show_frame(self, number: int, source: bool) -> None:
        """Show a frame: as rendered where it is there, else as it came."""
        player, filmed = self.room.player, self.filmed
        if not source and filmed is not None and number in filmed.flickers:
            value = filmed.flickers[number]
            says = f"Frame {number}" + ("" if value is None else f", flicker {value:.2f}")
            image = filmed.small.get(number)
            if image is None:
                self.filler.read(filmed, number, lambda found: player.show_image(found, says))
            else:
                player.show_image(image, says)
            return
        says = f"Frame {number}, as it came" if number in self._sources else ""
        player.show_image(self._sources.get(number), says)


def _small(frame: ByteImage) -> ByteImage:
    return np.ascontiguousarray(thumbnail(frame, SMALL))
