"""Keeps what is in work: recovery copies, marks on proofs, and the room that proofs take."""

from PySide6.QtCore import QObject, QTimer

from overlay.app.floor.floor import Floor
from overlay.studio.bench.bench import empty_project
from overlay.studio.inputs.folders import proofs_folder
from overlay.studio.keeping.holding import Hold
from overlay.studio.keeping.recovery import Left, Recoveries, Snapshot
from overlay.studio.keeping.room import trim_proofs
from overlay.studio.keeping.tidying import tidy_folders

_DELAY = 400  # milliseconds after the last change


class Keeping(QObject):
    """Writes off the GUI thread; what cannot be written is said once, and tried again."""

    def __init__(self, floor: Floor) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.loader = floor, floor.bench, floor.loader
        self.recoveries = Recoveries()
        self._project = self.bench.project
        self._hold: Hold | None = None
        self._kept: Snapshot | None = None  # what the project's copy holds
        self._marks: object = None
        self._said: set[str] = set()  # what could not be written, until it can be
        self._timer = QTimer(self)
        self._timer.setSingleShot(True)
        self._timer.setInterval(_DELAY)
        self._timer.timeout.connect(self.save)

    def tidy(self) -> None:
        """Sweep what was left behind by programs that were killed; once, at the start."""
        recoveries = self.recoveries
        self.loader.ask(lambda: tidy_folders(recoveries), failed=lambda _: None, outlives=True)

    # Recovery copies ------------------------------------------------------------------------

    def take_over(self) -> None:
        """Another project is in place: let go of the copy before, hold its own from now on."""
        self.let_go()
        self._project = self.bench.project
        self._hold = self.recoveries.hold(self._project.key)

    def let_go(self) -> None:
        """The project that was open is put away: its copy goes unless it holds unsaved work."""
        # As it is now, with what was changed since the copy was written.
        last, hold, recoveries = Snapshot.of(self._project), self._hold, self.recoveries
        self._kept = self._hold = None

        def put_away() -> None:
            if last.modified:
                recoveries.put_away(last)
            else:
                recoveries.forget(last.key)
            if hold is not None:
                hold.release()

        self.loader.ask(put_away, failed=self._copy_not_written, outlives=True)

    def note(self) -> None:
        """Something changed: write it down soon."""
        self._timer.start()

    def save(self) -> None:
        """Write the recovery copy, and the marks where they changed."""
        self._timer.stop()
        snapshot, recoveries = Snapshot.of(self.bench.project), self.recoveries
        if self._hold is None or self._hold.path.stem != snapshot.key:
            self._hold = recoveries.hold(snapshot.key)
        nothing = snapshot.path is None and snapshot.state == empty_project().state
        if snapshot != self._kept and not nothing:
            self._kept = snapshot
            self.loader.ask(
                lambda: recoveries.write(snapshot),
                lambda _: self._said.discard("copy"),
                newest=f"recovery {snapshot.key}",
                failed=self._copy_not_written,
                outlives=True,
            )
        marks, shelf = self.bench.project.state.marks, self.bench.shelf
        if self._marks != (shelf.folder, marks):
            self._marks = (shelf.folder, marks)
            if marks or shelf.folder.exists():
                plain = dict(marks)
                self.loader.ask(
                    lambda: shelf.write_marks(plain),
                    lambda _: self._said.discard("marks"),
                    newest=f"marks {shelf.folder}",
                    failed=self._marks_not_written,
                    outlives=True,
                )

    def _copy_not_written(self, error: Exception) -> None:
        self._kept = None
        self._say("copy", f"The recovery copy could not be written: {error}")

    def _marks_not_written(self, error: Exception) -> None:
        self._marks = None
        self._say("marks", f"Stars and notes could not be written: {error}")

    def _say(self, what: str, text: str) -> None:
        """Once, however often it is tried, until it can be written again."""
        if what not in self._said:
            self._said.add(what)
            self.floor.refuse(text)

    def left(self) -> list[Left]:
        """Unsaved work that is in no window, newest first."""
        return [one for one in self.recoveries.left() if one.modified]

    # Room -----------------------------------------------------------------------------------

    def trim(self) -> None:
        """Keep the proofs within the room that the settings give them."""
        most = self.floor.settings.cache_megabytes << 20
        spare = frozenset(
            p.recipe_hash for p in (self.bench.proof, self.bench.last_proof) if p is not None
        )
        self.loader.ask(
            lambda: trim_proofs(proofs_folder(), most, spare),
            newest="trim",
            failed=lambda _: None,
            outlives=True,
        )

    def close(self) -> None:
        """Write the last copy, wait for the workers, and let go."""
        self.save()
        self.loader.finish()
        if self._hold is not None:
            self._hold.release()
