"""Keeps the cue sheet in step with the project: its rows, its film, and which moment is seen."""

from collections.abc import Callable
from typing import Any

from PySide6.QtCore import QObject, Signal
from PySide6.QtGui import QImage

from overlay.app.floor.commands import Command, Entries
from overlay.app.floor.floor import Floor
from overlay.app.sheet.cue_sheet import CueSheet
from overlay.document.changes import Changes


class SheetDesk(QObject):
    """Edits cues, and says which moment of the run is looked at.

    Signals
    -------
    moment : the state of the picture at the playhead, None for the finished proof.
    scrubbed : where the playhead is now, as progress.
    """

    moment = Signal(object)
    scrubbed = Signal(float)

    def __init__(self, floor: Floor, sheet: CueSheet) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.sheet = floor, floor.bench, sheet
        self._developing = False
        sheet.filmstrip.scrubbed.connect(self.scrub)
        sheet.chosen.connect(self.bench.select)
        sheet.changed.connect(self._change)
        sheet.shaped.connect(
            lambda rows, what, by: self._edit(lambda: self.bench.shift_cues(rows, what, by))
        )
        sheet.soloed.connect(lambda row: self._edit(lambda: self.bench.solo_cue(row)))
        sheet.moved.connect(
            lambda rows, before: self._edit(lambda: self.bench.move_cues(rows, before))
        )
        sheet.blend_chosen.connect(
            lambda text: self._edit(lambda: self.bench.change_recipe(text, blend=text.lower()))
        )

    def _edit(self, do: Callable[[], object]) -> None:
        """Make an edit; where it is refused, the sheet shows again what is."""
        if not self.floor.guarded(do):
            self.sheet.refresh()

    def _change(self, rows: list[int], what: str, keys: dict[str, Any]) -> None:
        self._edit(lambda: self.bench.change_cues(rows, what, **keys))

    # Showing --------------------------------------------------------------------------------

    def refresh(self, what: Changes) -> None:
        """Cues differ: show those that do, or all of them."""
        self.sheet.refresh(what.rows)
        if what.rows is None:
            self.show_moment()
        if what.touches("cue.name"):
            self.sheet.show_shares()

    def show_proof(self) -> None:
        """Another proof hangs, or the one before hangs again: its film and its shares."""
        self._developing = False  # the film is that of the proof
        film, proof = self.sheet.filmstrip, self.bench.proof
        if proof is None:
            film.clear()
        else:
            film.set_frames(proof.filmstrip, proof.recipe.steps)
        self.sheet.show_shares()
        self.scrub(1.0)

    # Moments --------------------------------------------------------------------------------

    def scrub(self, progress: float) -> None:
        """Look at a moment of the run."""
        if progress > 0.995:
            progress = 1.0
        film = self.sheet.filmstrip
        self._look_at(progress)
        self.moment.emit(film.frame_at(progress))
        self.scrubbed.emit(progress)

    def show_moment(self) -> None:
        """Draw the playhead and the start of the run on every row."""
        self._look_at(self.sheet.filmstrip.playhead)

    def _look_at(self, progress: float) -> None:
        proof = None if self._developing else self.bench.proof
        film = self._start() if proof is None else 1.0 - proof.recipe.departure
        self.sheet.set_moment(self._start(), progress, film)

    def _start(self) -> float:
        return 1.0 - self.bench.project.recipe.departure

    def begin_film(self) -> None:
        """A run shows its first state: nothing is left of the proof before."""
        self._developing = True
        self.sheet.filmstrip.clear()
        self.sheet.chart.set_influence(None, 16, [])

    def add_state(self, progress: float, image: QImage) -> None:
        """A run has come so far."""
        self.sheet.filmstrip.add_frame(progress, image)
        self._look_at(progress)

    # Commands -------------------------------------------------------------------------------

    def commands(self) -> Entries:
        """What is done with the selected cues."""
        return (
            Command("Cue", "Rename cue", "F2", self._rename),
            Command("Cue", "Mute cue", "M", self._mute),
            Command("Cue", "Solo cue", "S", self._solo),
            Command("Cue", "Duplicate cue", "Ctrl+J", self._on_rows(self.bench.duplicate_cues)),
            Command("Cue", "Move cue up", "Alt+Up", self._on_rows(lambda r: self._move(r, -1))),
            Command("Cue", "Move cue down", "Alt+Down", self._on_rows(lambda r: self._move(r, 1))),
            Command("Cue", "Select the cue below", "Ctrl+Down", lambda: self._step(1)),
            Command("Cue", "Select the cue above", "Ctrl+Up", lambda: self._step(-1)),
            Command("Cue", "Select all cues", "Ctrl+A", self._select_all),
            None,
            Command("View", "Show the whole run", "0", lambda: self.sheet.axis.show_span(0.0, 1.0)),
        )

    def remove_selected(self) -> None:
        """Remove the selected cues."""
        self._on_rows(self.bench.remove_cues)()

    def _on_rows(self, do: Callable[[list[int]], object]) -> Callable[[], object]:
        return lambda: do(rows) if (rows := self.bench.selected_rows) else None

    def _rename(self) -> None:
        if self.bench.selected_index is not None:
            self.sheet.rows[self.bench.selected_index].begin_renaming()

    def _mute(self) -> None:
        cue = self.bench.selected_cue
        if cue is not None:
            self.bench.change_cues(self.bench.selected_rows, "Mute", muted=not cue.muted)

    def _solo(self) -> None:
        if self.bench.selected_index is not None:
            self.bench.solo_cue(self.bench.selected_index)

    def _move(self, rows: list[int], by: int) -> None:
        self.bench.move_cues(rows, rows[0] - 1 if by < 0 else rows[-1] + 2)

    def _step(self, by: int) -> None:
        index, count = self.bench.selected_index, len(self.bench.project.recipe.cues)
        if index is not None:
            self.bench.select(min(max(index + by, 0), count - 1))

    def _select_all(self) -> None:
        count = len(self.bench.project.recipe.cues)
        if count:
            self.bench.select(0)
            self.bench.select(count - 1, "extend")
