"""Projects opened, saved, brought back: files are asked for, read and written elsewhere."""

from collections.abc import Callable
from contextlib import suppress
from pathlib import Path

from PySide6.QtCore import QObject, Signal
from PySide6.QtWidgets import QFileDialog

from overlay.app.floor.commands import Command, Deed, Entries, Submenu
from overlay.app.floor.floor import Floor
from overlay.app.parts.asking import ask_choice
from overlay.app.parts.plain import ago
from overlay.app.shell.demo_drawing import DemoDrawing
from overlay.app.shell.keeping import Keeping
from overlay.document.cues import Cue
from overlay.document.project import Project
from overlay.imaging.intake import PictureError
from overlay.imaging.whole_files import sweep_unfinished
from overlay.studio.bench.bench import empty_project
from overlay.studio.demo.almanac import PLATES, plate_file
from overlay.studio.demo.demo import RECIPE_NAME, demo_tray, drawn_folder
from overlay.studio.inputs.folders import path_digest, state_folder
from overlay.studio.keeping.files.container import ENDING, lend_proofs, write_container
from overlay.studio.keeping.files.opening import (
    ChangedElsewhereError,
    Opened,
    open_project,
    project_shelf,
    save_project,
)
from overlay.studio.keeping.holding import Hold
from overlay.studio.keeping.recovery import Left, Snapshot
from overlay.studio.keeping.shelf import ProofShelf

_KINDS = "Projects, recipes, proofs (*.overlay *.json *.png)"
_PICTURES = "Pictures and palettes (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.ora *.gpl)"


class ProjectFiles(QObject):
    """One project is in place at a time; another window may have the same one."""

    demo_opened = Signal()

    def __init__(self, floor: Floor, keeping: Keeping) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.loader = floor, floor.bench, floor.loader
        self.keeping = keeping
        self.demo = DemoDrawing(floor)
        self._hold: Hold | None = None
        self._coming: Opened | None = None  # read, and not yet in place
        self.get_ready: Callable[[tuple[Cue, ...], Deed], object] = lambda _, then: then()
        self._offered: set[Path] = set()  # files that are not there, which has been said
        floor.not_there.connect(self.offer_to_find)

    def commands(self) -> Entries:
        """Projects as files."""
        return (
            Command("File", "New", "Ctrl+N", self.new),
            Command("File", "Open…", "Ctrl+O", self.open),
            Submenu("File", "Open recent", "Nothing yet", self._recent),
            Submenu("File", "Unsaved work", "Nothing was left", self._left),
            Command("File", "Save", "Ctrl+S", self.save),
            Command("File", "Save as…", "Ctrl+Shift+S", self.save_as),
            Command("File", "Pack with proofs…", "", self.pack_with_proofs),
            Command("Help", "Open the demo", "", self.open_demo),
            Submenu("Help", "Open a plate from words", "", self._plates),
        )

    def _recent(self) -> list[tuple[str, Deed]]:
        """The files opened or saved last."""

        def opening(name: str) -> Deed:
            return lambda: self.open_recent(Path(name))

        return [(name, opening(name)) for name in self.floor.settings.recent]

    def _plates(self) -> list[tuple[str, Deed]]:
        """The demo's plates that have no source but words."""

        def opening(name: str) -> Deed:
            return lambda: self._open_drawn(plate_file(name))

        return [(name.capitalize(), opening(name)) for name in PLATES]

    def _left(self) -> list[tuple[str, Deed]]:
        """Unsaved work that was left, by a crash or by putting it away."""

        def bringing(left: Left) -> Deed:
            return lambda: self.bring_back(left)

        return [(f"{one.name}, {ago(one.when)}", bringing(one)) for one in self.keeping.left()]

    # Opening --------------------------------------------------------------------------------

    def new(self) -> None:
        """Begin an empty project."""
        if self.may_leave():
            self.bench.take_project(empty_project())

    def open(self) -> None:
        """Open a project, a recipe, or a PNG that carries one."""
        begin = self.floor.settings.pictures_folder
        name, _ = QFileDialog.getOpenFileName(self.floor.host, "Open", begin, _KINDS)
        if name and self.may_leave():
            self.open_path(Path(name))

    def open_path(self, path: Path) -> None:
        """Open a file off this thread; a refusal is said under the picture and changes nothing."""
        self.floor.go_to("bench")
        self.floor.say(f"Opening {path.name}…")
        demo = drawn_folder()
        beside = demo_tray(demo) if path.parent == demo else ()

        def read() -> Opened:
            sweep_unfinished(path.parent)
            return open_project(path, beside)

        self.loader.ask(read, lambda opened: self._make_room(path, opened), newest="open")

    def _make_room(self, path: Path, opened: Opened) -> None:
        """A project was read: in place once there are rows for it, unless another came first."""
        self._coming = opened

        def take() -> None:
            if self._coming is opened:
                self._opened(path, opened)

        self.get_ready(opened.project.recipe.cues, take)

    def _opened(self, path: Path, opened: Opened) -> None:
        self._offered.clear()
        self.bench.take_project(opened.project)
        self.note_recent(path)
        if opened.missing:
            names = ", ".join(p.name for p in opened.missing[:3])
            more = f" and {len(opened.missing) - 3} more" if len(opened.missing) > 3 else ""
            self.offer_to_find(list(opened.missing), f"{path.name}: not there: {names}{more}")

    def open_recent(self, path: Path) -> None:
        """Open a file opened or saved before."""
        if self.may_leave():
            self.open_path(path)

    def open_demo(self) -> None:
        """Open the demo project, drawing it where it is not there yet."""
        self._open_drawn(RECIPE_NAME)

    def _open_drawn(self, name: str) -> None:
        before = self.bench.project.key

        def go_on(path: Path) -> None:
            if self.bench.project.key != before:  # something else was begun meanwhile
                self.floor.say("The demo is drawn.", "Open it", lambda: self._open_drawn(name))
            elif self.may_leave():
                self.open_path(path.with_name(name))
                if name == RECIPE_NAME:
                    self.demo_opened.emit()

        self.demo.draw(go_on)

    def watch(self) -> None:
        """Hold the project's file while it is in place; say when another window has it."""
        self._coming = None
        if self._hold is not None:
            self._hold.release()
        path = self.bench.project.path
        self._hold = None
        if path is not None:
            self._hold = Hold(state_folder() / "open" / f"{path_digest(path.resolve())}.lock")
            if not self._hold.ours:
                self.floor.say(
                    f"{path.name} is open in another window too. "
                    "Saving asks before it overwrites what that one saved."
                )

    def note_recent(self, path: Path) -> None:
        """List a file among those opened or saved last."""
        self.floor.change_settings(self.floor.settings.with_recent(path))

    # What was left --------------------------------------------------------------------------

    def bring_back(self, left: Left) -> None:
        """Go on with unsaved work that was left."""
        if not self.may_leave():
            return
        recoveries = self.keeping.recoveries

        def take(snapshot: Snapshot | None) -> None:
            if snapshot is None:
                self.floor.refuse(f"{left.name}: the recovery copy cannot be read")
                return
            self.bench.take_project(snapshot.project())
            self.floor.say(f"{left.name}: your unsaved work is back.")

        self.loader.ask(lambda: recoveries.load(left.key), take, newest="open")

    # Files that are not there ---------------------------------------------------------------

    def offer_to_find(self, missing: list[Path], why: str) -> None:
        """Say that files are not there, with a button to look for them."""
        if not self._offered.issuperset(missing):
            self._offered.update(missing)
            self.floor.refuse(why, "Find it…", lambda: self.find(missing))

    def find(self, missing: list[Path]) -> None:
        """Ask where the first of these files is now; then the next."""
        old = missing[0]
        begin = str(next((p for p in old.parents if p.exists()), ""))
        name, _ = QFileDialog.getOpenFileName(self.floor.host, f"Find {old.name}", begin, _PICTURES)
        if not name:
            return
        new = Path(name)

        def use() -> None:
            self.bench.replace_file(old, new)
            self.floor.say(f"{old.name} is {new.name} from now on.")
            left = [p for p in missing[1:] if not p.exists()]
            self._offered.difference_update(left)
            if left:
                self.offer_to_find(left, f"Not there either: {left[0].name}")

        self.floor.with_pictures([new], use)

    # Saving ---------------------------------------------------------------------------------

    def save(self) -> None:
        """Save the project, or the recipe, where it came from."""
        path = self.bench.project.path
        if path is None:
            self.save_as()
        else:
            self.save_to(path)

    def save_as(self) -> None:
        """Save in another place: a project with its pictures, or the bare recipe."""
        name, kind = QFileDialog.getSaveFileName(
            self.floor.host, "Save", "project.overlay", "Project (*.overlay);;Recipe (*.json)"
        )
        if name:
            path = Path(name)
            ending = ".json" if "json" in kind else ENDING
            self.save_to(path if path.suffix else path.with_suffix(ending))

    def save_to(self, path: Path, *, overwrite: bool = False) -> None:
        """Save to a file, of the kind that its ending says, as the state is now.

        Parameters
        ----------
        overwrite : whether the project's own file is written over though it has changed meanwhile.
        """
        project, state = self.bench.project, self.bench.project.state
        moved = project.path != path
        shelf = self.bench.shelf

        def work() -> tuple[object, tuple[str, ...]]:
            # Here, and not when it was asked for: a save before this one may just have ended.
            saved = save_project(path, state, None if moved or overwrite else project.stamp)
            if not moved:
                project.stamp = saved[0]
            else:
                # The project is saved whether or not its proofs can be kept at its new place.
                with suppress(OSError, PictureError):
                    lend_proofs(shelf, project_shelf(Project(path=path)).folder)
            return saved

        def done(saved: tuple[tuple[int, int, int] | None, tuple[str, ...]]) -> None:
            # A later save may have written the file since: then it is as that one left it.
            project.mark_saved(path, state, saved[0] if moved else project.stamp)
            if self.bench.project is project:
                self._saved(path, saved[1], moved=moved)

        self.loader.ask(
            work, done, failed=lambda error: self._not_saved(path, error), outlives=True
        )

    def _saved(self, path: Path, left_out: tuple[str, ...], *, moved: bool) -> None:
        if moved:
            self.bench.find_shelf()
            self.watch()
        self.note_recent(path)
        if left_out:
            self.floor.refuse(f"Saved {path.name} without what is not there: {left_out[0]}")
        else:
            self.floor.say(f"Saved {path.name}")

    def _not_saved(self, path: Path, error: Exception) -> None:
        if not isinstance(error, ChangedElsewhereError):
            self.floor.refuse(f"Not saved: {error}")
            return
        deeds: dict[str, Callable[[], object]] = {
            "Save as…": self.save_as,
            "Take theirs": lambda: self.open_path(path),
            "Overwrite": lambda: self.save_to(path, overwrite=True),
        }
        choice = ask_choice(
            self.floor.host,
            "Changed elsewhere",
            f"{path.name} has changed since it was opened here: another window, or another "
            "program, has written it. Your work is still here.",
            tuple(deeds),
        )
        if choice is None:
            self.floor.refuse(f"Not saved: {error}")
        else:
            deeds[choice]()

    def pack_with_proofs(self) -> None:
        """Write a copy of the project that holds its proofs too."""
        name, _ = QFileDialog.getSaveFileName(
            self.floor.host, "Pack with proofs", "packed.overlay", "Project (*.overlay)"
        )
        if name:
            self.pack_to(Path(name).with_suffix(ENDING))

    def pack_to(self, path: Path) -> None:
        """Write that copy to a file."""
        state, shelf = self.bench.project.state, ProofShelf(self.bench.shelf.folder)
        self.loader.ask(
            lambda: write_container(path, state, shelf),
            lambda packed: self._packed(path, packed[1]),
            failed=lambda error: self.floor.refuse(f"Not packed: {error}"),
            outlives=True,
        )

    def _packed(self, path: Path, left_out: tuple[str, ...]) -> None:
        if left_out:
            self.floor.refuse(f"Packed {path.name} without what is not there: {left_out[0]}")
        else:
            self.floor.say(f"Packed {path.name} with its proofs")

    def may_leave(self) -> bool:
        """Ask before unsaved work is put away; it can be taken up again all the same."""
        if not self.bench.project.modified:
            return True
        choice = ask_choice(
            self.floor.host,
            "Unsaved work",
            "This project has changes that are not saved. Put it away? "
            "It stays under File, Unsaved work.",
            ("Put it away",),
        )
        return choice is not None

    def close(self) -> None:
        """Let go of the project's file, and of the demo that is being drawn."""
        self.demo.close()
        if self._hold is not None:
            self._hold.release()
