"""Edits of the tray and of the source, each one named step of the project that can be undone."""

from pathlib import Path
from typing import Any

from overlay.document.cues import GuideCue
from overlay.document.editing import numbered_name, recipe_data
from overlay.document.project import Project
from overlay.document.reading import make_recipe
from overlay.document.recipe import Recipe
from overlay.studio.inputs.cards import is_card
from overlay.studio.inputs.edition_paths import change_edition_paths
from overlay.studio.inputs.paths import change_paths
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.keeping.files.sheet_data import change_sheet_paths

_LONGEST_NAME = 80  # characters that a picture is called by


class PictureEdits:
    """What is done to the pictures of a project."""

    project: Project
    store: PictureStore

    def change_recipe(self, what: str, **changes: Any) -> None:
        """Change keys of the recipe as one step."""
        raise NotImplementedError

    def add_pictures(self, paths: list[Path]) -> None:
        """Put pictures in the tray; one that cannot be read raises and none is added."""
        for path in paths:
            if not is_card(path):
                self.store.picture(str(path))
        new = [p for p in dict.fromkeys(paths) if p not in self.project.state.tray]
        self.project.edit("Add pictures", tray=(*self.project.state.tray, *new))

    def take_manner(self, name: str, path: Path) -> None:
        """Add a style cue of a manner's picture, and what holds a source's structure beside it."""
        self.store.picture(str(path))
        data, project = recipe_data(self.project.recipe), self.project
        taken = {cue.name for cue in project.recipe.cues}
        data["cues"].append({"name": numbered_name(name, taken), "reference": str(path)})
        guided = any(isinstance(cue, GuideCue) for cue in project.recipe.cues)
        if project.recipe.source is not None and not guided:
            hold = {"guide": "edges", "weight": 0.5, "leave": 0.9, "fade_out": 0.15}
            data["cues"].append({"name": numbered_name("contours", taken | {name}), **hold})
        tray = tuple(dict.fromkeys([*project.state.tray, path]))
        project.edit(f"Manner: {name}", make_recipe(data, "manner"), tray=tray)

    def name_picture(self, path: Path, name: str) -> None:
        """Call a picture otherwise in this project; an empty name is its file's again."""
        name, names = " ".join(name.split())[:_LONGEST_NAME], dict(self.project.state.names)
        names.pop(path, None)
        if name and name != path.stem:
            names[path] = name
        self.project.edit(f"Rename {path.name}", names=names)

    def remove_picture(self, path: Path) -> None:
        """Take a picture from the tray; cues that use it keep it."""
        tray = tuple(p for p in self.project.state.tray if p != path)
        self.project.edit(f"Remove {path.name}", tray=tray)

    def replace_file(self, old: Path, new: Path) -> None:
        """Use another file wherever one was used, as one step."""
        recipe = change_paths(
            self.project.recipe, lambda path: str(new) if path == str(old) else path
        )
        tray = tuple(dict.fromkeys(new if p == old else p for p in self.project.state.tray))
        sheets = tuple(
            change_sheet_paths(s, lambda path: str(new) if path == str(old) else path)
            for s in self.project.state.sheets
        )
        editions = tuple(
            change_edition_paths(e, lambda path: str(new) if path == str(old) else path)
            for e in self.project.state.editions
        )
        names = {new if p == old else p: name for p, name in self.project.state.names.items()}
        made = make_recipe(recipe_data(recipe), "r")
        self.project.edit(
            f"Find {old.name}", made, tray=tray, sheets=sheets, editions=editions, names=names
        )

    def set_source(self, path: Path | None) -> None:
        """Make a picture the source. Without one the run starts from words, or from noise."""
        changes: dict[str, Any] = {"source": None if path is None else str(path)}
        if path is None:
            if not self.project.recipe.prompt:
                changes["departure"] = 1.0
        else:
            self.store.picture(str(path))
            if self.project.recipe.source is None:
                changes["departure"] = Recipe().departure
        if self.project.recipe.size is not None and path is not None:
            changes["size"] = None
        self.change_recipe("Source", **changes)
