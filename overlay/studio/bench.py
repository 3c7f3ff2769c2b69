"""The state of the bench beside the document: what is selected, pulled and looked at."""

from pathlib import Path
from typing import Any

from overlay.document.observer import Signal
from overlay.document.project import Project, State
from overlay.document.reading import make_recipe, read_recipe, recipe_json
from overlay.document.recipe import Cue, Recipe
from overlay.imaging.files import write_whole
from overlay.studio.container import Opened
from overlay.studio.folders import shelf_folder
from overlay.studio.paths import absolute_recipe, input_paths, relative_recipe
from overlay.studio.pictures import PictureStore
from overlay.studio.proofs import Proof, hash_recipe
from overlay.studio.shelf import ProofShelf


class Bench:
    """One open project with its proofs.

    Signals
    -------
    opened : another project is in place. selected : another cue is. pulled : another proof is.
    """

    def __init__(self, project: Project | None = None) -> None:
        self.opened: Signal[[]] = Signal()
        self.selected: Signal[[]] = Signal()
        self.pulled: Signal[[]] = Signal()
        self.store = PictureStore()
        self._take(project or empty_project())

    def _take(self, project: Project) -> None:
        self.project = project
        self.shelf = ProofShelf(shelf_folder(project.path))
        self.proof: Proof | None = None
        self.last_proof: Proof | None = None
        self._selected = 0

    # Project -------------------------------------------------------------------------------

    def open(self, path: Path, beside: tuple[Path, ...] = ()) -> None:
        """Open a recipe file or a PNG that carries one; on failure nothing changes.

        The tray takes the recipe's pictures, and those in `beside`.
        """
        recipe = absolute_recipe(read_recipe(path), path.parent)
        tray = tuple(dict.fromkeys([*(Path(p) for p in _tray_paths(recipe)), *beside]))
        self.take_project(Project(State(recipe, tray), path if path.suffix == ".json" else None))

    def take_opened(self, path: Path, opened: Opened) -> None:
        """Put the project of a project file in place."""
        self.take_project(Project(opened.state, path))

    def moved_to(self, path: Path) -> None:
        """Keep proofs on the shelf of the project's new place from now on."""
        self.shelf = ProofShelf(shelf_folder(path))

    def take_project(self, project: Project) -> None:
        """Put another project in place, showing its newest kept proof of the same recipe."""
        self._take(project)
        self.opened.emit()

    def save(self, path: Path) -> None:
        """Write the recipe, with paths relative to its new place."""
        relative = relative_recipe(self.project.recipe, path.parent)
        text = recipe_json(relative).encode() + b"\n"
        write_whole(path, lambda file: file.write(text))
        self.project.mark_saved(path)

    # Selection -----------------------------------------------------------------------------

    @property
    def selected_index(self) -> int | None:
        """Which cue is selected, or None when there is none."""
        count = len(self.project.recipe.cues)
        return None if count == 0 else min(self._selected, count - 1)

    @property
    def selected_cue(self) -> Cue | None:
        """The selected cue."""
        index = self.selected_index
        return None if index is None else self.project.recipe.cues[index]

    def select(self, index: int) -> None:
        """Select a cue by its place."""
        if index != self._selected:
            self._selected = index
            self.selected.emit()

    # Edits ---------------------------------------------------------------------------------

    def change_cue(self, index: int, what: str, **changes: Any) -> None:
        """Change a cue as one step; a change that is not allowed raises `RecipeError`."""
        recipe = self.project.recipe
        data = _plain(recipe)
        data["cues"][index] |= {k: _plain_value(v) for k, v in changes.items()}
        self.project.edit(f"{what} of {recipe.cues[index].name}", make_recipe(data, "cue"))

    def change_recipe(self, what: str, **changes: Any) -> None:
        """Change keys of the recipe as one step."""
        data = _plain(self.project.recipe) | {k: _plain_value(v) for k, v in changes.items()}
        self.project.edit(what, make_recipe(data, "recipe"))

    def add_cue(self, name: str, **keys: Any) -> None:
        """Add a cue at the end under a name that is free, and select it."""
        recipe = self.project.recipe
        data = _plain(recipe)
        data["cues"].append({"name": free_name(recipe, name), **keys})
        new = make_recipe(data, "cue")
        self._selected = len(new.cues) - 1
        tray = self.project.state.tray
        reference = keys.get("reference") or keys.get("avoided")
        if reference is not None and Path(reference) not in tray:
            tray = (*tray, Path(reference))
        self.project.edit(f"Add {new.cues[-1].name}", new, tray=tray)
        self.selected.emit()

    def add_region(self, name: str, mask: Path, index: int) -> None:
        """Make a region from a mask picture and tie a cue to it, as one step."""
        data = _plain(self.project.recipe)
        data.setdefault("regions", {})[name] = {"mask": str(mask)}
        data["cues"][index] |= {"region": name, "invert_region": False}
        self.project.edit(f"Region {name}", make_recipe(data, "cue"))

    def duplicate_cue(self, index: int) -> None:
        """Put a copy of a cue behind it, under a name of its own, and select it."""
        recipe = self.project.recipe
        data = _plain(recipe)
        copy = data["cues"][index] | {"name": free_name(recipe, recipe.cues[index].name)}
        data["cues"].insert(index + 1, copy)
        self._selected = index + 1
        self.project.edit(f"Duplicate {recipe.cues[index].name}", make_recipe(data, "cue"))
        self.selected.emit()

    def move_cue(self, index: int, place: int) -> None:
        """Move a cue to another place among the others; it stays selected."""
        recipe = self.project.recipe
        place = min(max(place, 0), len(recipe.cues) - 1)
        if place == index:
            return
        data = _plain(recipe)
        data["cues"].insert(place, data["cues"].pop(index))
        self._selected = place
        self.project.edit(f"Move {recipe.cues[index].name}", make_recipe(data, "cue"))
        self.selected.emit()

    def is_solo(self, index: int) -> bool:
        """Whether a cue is the only one that is heard, among several."""
        cues = self.project.recipe.cues
        return len(cues) > 1 and [not cue.muted for cue in cues] == [
            i == index for i in range(len(cues))
        ]

    def solo_cue(self, index: int) -> None:
        """Mute all cues but one; once more, and all are heard again."""
        name, alone = self.project.recipe.cues[index].name, self.is_solo(index)
        data = _plain(self.project.recipe)
        for i, cue in enumerate(data["cues"]):
            cue["muted"] = not alone and i != index
        what = f"Hear all beside {name}" if alone else f"Solo {name}"
        self.project.edit(what, make_recipe(data, "cue"))

    def remove_cue(self, index: int) -> None:
        """Remove a cue."""
        recipe = self.project.recipe
        data = _plain(recipe)
        del data["cues"][index]
        self.project.edit(f"Remove {recipe.cues[index].name}", make_recipe(data, "cue"))
        self.selected.emit()

    def add_pictures(self, paths: list[Path]) -> None:
        """Put pictures in the tray; one that cannot be read raises and none is added."""
        for path in paths:
            self.store.picture(str(path))
        new = [p for p in dict.fromkeys(paths) if p not in self.project.state.tray]
        self.project.edit("Add pictures", tray=(*self.project.state.tray, *new))

    def remove_picture(self, path: Path) -> None:
        """Take a picture from the tray; cues that use it keep it."""
        tray = tuple(p for p in self.project.state.tray if p != path)
        self.project.edit(f"Remove {path.name}", tray=tray)

    def set_source(self, path: Path | None) -> None:
        """Make a picture the source. Without one, the run starts from noise."""
        changes: dict[str, Any] = {"source": None if path is None else str(path)}
        if path is None:
            changes["departure"] = 1.0
        else:
            self.store.picture(str(path))
            if self.project.recipe.source is None:
                changes["departure"] = Recipe().departure
        if self.project.recipe.size is not None and path is not None:
            changes["size"] = None
        self.change_recipe("Source", **changes)

    # Proofs --------------------------------------------------------------------------------

    def take_proof(self, proof: Proof) -> bool:
        """Hang a proof; False when it is the one that hangs already."""
        if self.proof is not None and self.proof.recipe_hash == proof.recipe_hash:
            return False
        self.last_proof, self.proof = self.proof, proof
        self.pulled.emit()
        return True

    def kept_proof(self) -> Proof | None:
        """The kept proof of the present recipe, else the newest one, if there is any.

        Reads files; for a worker thread.
        """
        found = self.shelf.find(hash_recipe(self.project.recipe))
        return self.shelf.newest() if found is None else found


def empty_project() -> Project:
    """A project with nothing in it; without a source its run starts from noise."""
    return Project(State(Recipe(departure=1.0)))


def free_name(recipe: Recipe, name: str) -> str:
    """`name`, or with a number behind it when a cue has it already."""
    taken = {cue.name for cue in recipe.cues}
    number, candidate = 2, name
    while candidate in taken:
        candidate = f"{name} {number}"
        number += 1
    return candidate


def _plain(recipe: Recipe) -> dict[str, Any]:
    data: dict[str, Any] = recipe.model_dump(mode="json", exclude_defaults=True)
    return {"overlay": 1, "cues": []} | data


def _plain_value(value: Any) -> Any:
    return list(value) if isinstance(value, tuple) else value


def _tray_paths(recipe: Recipe) -> list[str]:
    masks = {region.mask for region in recipe.regions.values()}
    return [path for path in input_paths(recipe) if path not in masks]
