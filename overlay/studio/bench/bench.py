"""The state of the bench beside the document: what is selected, pulled and looked at."""

import random
from dataclasses import replace
from pathlib import Path
from typing import Any

from overlay.document.changes import Changes
from overlay.document.editing import opened, plain_value, recipe_data
from overlay.document.observer import Announcement
from overlay.document.project import Project, SeedRule, State
from overlay.document.reading import make_recipe
from overlay.document.recipe import Recipe
from overlay.studio.advising.advice import Advice
from overlay.studio.bench.cue_edits import CueEdits
from overlay.studio.bench.picture_edits import PictureEdits
from overlay.studio.bench.region_edits import free_region_name
from overlay.studio.bench.words_edits import WordsEdits
from overlay.studio.inputs.cards import card_swatches
from overlay.studio.inputs.checks import PictureChecks
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.keeping.drawer import mark_proofs
from overlay.studio.keeping.files.opening import Opened, open_project, project_shelf, save_project
from overlay.studio.keeping.shelf import Kept
from overlay.studio.making.hashing import hash_recipe
from overlay.studio.making.proofs import Proof


class Bench(CueEdits, PictureEdits, WordsEdits):
    """One open project with its proofs.

    Signals
    -------
    opened : another project is in place. changed : what an edit of it changed.
    selected : another cue is. pulled : another proof hangs.
    """

    def __init__(self, project: Project | None = None) -> None:
        super().__init__()
        self.opened: Announcement[[]] = Announcement()
        self.changed: Announcement[[Changes]] = Announcement()
        self.pulled: Announcement[[]] = Announcement()
        self.store = PictureStore()
        self.checks = PictureChecks(self.store)
        self._take(project or empty_project())

    def _take(self, project: Project) -> None:
        self.project = project
        project.changed.connect(lambda what: self._changed(project, what))
        self.shelf = project_shelf(project)
        self.proof: Proof | None = None
        self.last_proof: Proof | None = None
        self.dismissed: set[tuple[str, str | None]] = set()
        self._select_quietly(0)

    def _changed(self, project: Project, what: Changes) -> None:
        if project is self.project:  # one before may still be saved
            self.changed.emit(what)

    # Project -------------------------------------------------------------------------------

    def open(self, path: Path, beside: tuple[Path, ...] = ()) -> Opened:
        """Read a file, see `open_project`, and put it in place; on failure nothing changes."""
        opened = open_project(path, beside)
        self.take_project(opened.project)
        return opened

    def find_shelf(self) -> None:
        """Keep proofs where the project's present place says, from now on."""
        self.shelf = project_shelf(self.project)

    def take_project(self, project: Project) -> None:
        """Put another project in place, and what was deleted in the one before away for good."""
        self.put_away()
        self._take(project)
        self.opened.emit()

    def put_away(self) -> None:
        """Delete the files of proofs that were deleted; undo ends with the project."""
        for recipe_hash, mark in self.project.state.marks.items():
            if mark.deleted:
                self.shelf.remove(recipe_hash)

    def save(self, path: Path) -> tuple[str, ...]:
        """Write the project, see `save_project`; returns what could not be packed."""
        same = path == self.project.path
        stamp, left_out = save_project(
            path, self.project.state, self.project.stamp if same else None
        )
        self.project.mark_saved(path, stamp=stamp)
        return left_out

    # Edits ---------------------------------------------------------------------------------

    def change_recipe(self, what: str, **changes: Any) -> None:
        """Change keys of the recipe as one step."""
        data = recipe_data(self.project.recipe) | {k: plain_value(v) for k, v in changes.items()}
        self.project.edit(what, make_recipe(data, "recipe"))

    def set_seed_rule(self, rule: SeedRule) -> None:
        """Have each pull take a new seed, or the same one."""
        self.project.edit(f"{rule.capitalize()} seed each pull", seed_rule=rule)

    def take_seed(self) -> None:
        """Before a pull: another seed, where the project's rule says so."""
        if self.project.state.seed_rule == "new":
            self.change_recipe("New seed", seed=random.randrange(1, 100_000))

    def add_region(self, name: str, mask: Path, index: int) -> None:
        """Make a region from a mask picture and tie a cue to it, as one step."""
        [index] = self._present([index])
        data = recipe_data(self.project.recipe)
        name = free_region_name(self.project.recipe, name)
        data["regions"][name] = {"mask": str(mask)}
        opened(data["cues"], index).update({"region": name, "invert_region": False})
        self.project.edit(f"Region {name}", make_recipe(data, "cue"))

    def follow(self, advice: Advice) -> None:
        """Change what an advice's button says, as one step."""
        names = [cue.name for cue in self.project.recipe.cues]
        what = advice.action.rstrip("?")
        if advice.cue is None:
            self.change_recipe(what, **advice.changes)
        elif advice.cue in names:
            self.change_cue(names.index(advice.cue), what, **advice.changes)

    def add_card_cue(self, path: Path) -> None:
        """Add a cue of a swatch card's colours."""
        name = path.stem.rsplit(" ", 1)[0] or path.stem
        self.add_cue(name, swatches=card_swatches(path), facets={"palette": 1.0})

    def hold_structure(self, kind: str = "edges") -> None:
        """Add a guide that holds the source's structure."""
        name = "contours" if kind == "edges" else kind
        self.add_cue(name, guide=kind, weight=0.5, leave=0.9, fade_out=0.15)

    # Proofs --------------------------------------------------------------------------------

    def take_proof(self, proof: Proof) -> bool:
        """Hang a proof; False when it is the one that hangs already."""
        if self.proof is not None and self.proof.recipe_hash == proof.recipe_hash:
            return False
        self.last_proof, self.proof = self.proof, proof
        if self.project.state.mark(proof.recipe_hash).deleted:
            mark_proofs(
                self.project,
                f"Bring back proof {proof.number}",
                [proof.recipe_hash],
                lambda mark: replace(mark, deleted=False),
            )
        self.pulled.emit()
        return True

    def kept_proof(self) -> Proof | None:
        """The kept proof of the present recipe, else the newest one, if there is any.

        Reads files; for a worker thread.
        """
        found = self.shelf.find(hash_recipe(self.project.recipe))
        gone = frozenset(k for k, mark in self.project.state.marks.items() if mark.deleted)
        return self.shelf.newest(gone) if found is None else found

    def restore(self, kept: Kept | Proof) -> None:
        """Go back to the recipe of a proof."""
        self.project.edit(f"Restore proof {kept.number}", kept.recipe)

    def use_proof_as_source(self, kept: Kept, path: Path) -> None:
        """Start from a proof whose picture `started_from` has copied to `path`."""
        changes: dict[str, Any] = {"source": str(path)}
        if self.project.recipe.source is None:
            changes["departure"] = Recipe().departure
        data = recipe_data(self.project.recipe) | changes
        tray = self.project.state.tray
        tray = tray if path in tray else (*tray, path)
        what = f"Start from proof {kept.number}"
        self.project.edit(what, make_recipe(data, "recipe"), tray=tray)


def empty_project() -> Project:
    """A project with nothing in it; without a source its run starts from noise."""
    return Project(State(Recipe(departure=1.0)))
