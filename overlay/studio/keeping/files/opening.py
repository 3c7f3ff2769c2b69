"""Files that are opened: projects, bare recipes, and proofs that carry their recipe.

Reads files; for a worker thread. Nothing is changed by reading.
"""

from dataclasses import dataclass, replace
from pathlib import Path

from overlay.document.project import FileStamp, Project, State
from overlay.document.reading import read_recipe, recipe_json
from overlay.document.recipe import Recipe
from overlay.document.text.json_text import RecipeError
from overlay.imaging.intake import file_stamp
from overlay.imaging.whole_files import sweep_unfinished, write_bytes
from overlay.studio.inputs.folders import shelf_folder, unnamed_shelf
from overlay.studio.inputs.paths import input_paths, plain_path, relative_recipe
from overlay.studio.keeping.files.container import ENDING, read_container, write_container
from overlay.studio.keeping.files.own_words import in_place
from overlay.studio.keeping.shelf import ProofShelf


class ChangedElsewhereError(RecipeError):
    """The file is not as it was when the project was opened or saved; it is not written over."""


@dataclass(frozen=True)
class Opened:
    """A project that was read, and its files that are not there."""

    project: Project
    missing: tuple[Path, ...]


def open_project(path: Path, beside: tuple[Path, ...] = ()) -> Opened:
    """Read a project file, a recipe file or a PNG that carries one.

    Parameters
    ----------
    beside : pictures that lie in the tray as well, for recipes.

    Raises
    ------
    RecipeError, PictureError
        In one line that names the file.
    """
    plain_path(path.absolute())
    if path.suffix.lower() == ENDING:
        opened = read_container(path)
        marks = ProofShelf(shelf_folder(path)).read_marks() | dict(opened.state.marks)
        project = Project(replace(opened.state, marks=marks), path, stamp=opened.stamp)
    else:
        project = _open_recipe(path, beside)
    files = [*input_paths(project.recipe), *map(str, project.state.tray)]
    missing = [Path(name) for name in dict.fromkeys(files) if not Path(name).exists()]
    return Opened(project, tuple(missing))


def _open_recipe(path: Path, beside: tuple[Path, ...]) -> Project:
    """The tray takes the recipe's pictures. A proof's file is not the project's."""
    stamp = file_stamp(path)
    recipe = in_place(read_recipe(path), path.parent)
    tray = tuple(dict.fromkeys([*(Path(p) for p in _tray_paths(recipe)), *beside]))
    if path.suffix.lower() == ".png":
        return Project(State(recipe, tray))
    marks = ProofShelf(shelf_folder(path)).read_marks()
    return Project(State(recipe, tray, marks), path, stamp=stamp)


def _tray_paths(recipe: Recipe) -> list[str]:
    masks = {region.mask for region in recipe.regions.values() if region.mask is not None}
    return [path for path in input_paths(recipe) if path not in masks]


def project_shelf(project: Project) -> ProofShelf:
    """Where a project's proofs are kept; those of one without a file are its own as well."""
    if project.path is None:
        return ProofShelf(unnamed_shelf(project.key))
    return ProofShelf(shelf_folder(project.path))


def save_project(
    path: Path, state: State, expected: FileStamp | None
) -> tuple[FileStamp | None, tuple[str, ...]]:
    """Write a project, or the bare recipe where the ending is no project's.

    Parameters
    ----------
    expected : the stamp that the file must still have, None to write over whatever is there.

    Returns
    -------
    The file's stamp, and the pictures that could not be packed, each with its reason.

    Raises
    ------
    ChangedElsewhereError
        If the file has another stamp; nothing is written.
    PictureError, OSError
        If it cannot be written; what was there stays.
    """
    plain_path(path.absolute())
    if expected is not None and file_stamp(path) not in (expected, None):
        raise ChangedElsewhereError(f"{path}: has changed since it was opened")
    sweep_unfinished(path.parent)
    if path.suffix.lower() == ENDING:
        return write_container(path, state)
    text = recipe_json(relative_recipe(state.recipe, path.parent)).encode() + b"\n"
    write_bytes(path, text)
    return file_stamp(path), ()
