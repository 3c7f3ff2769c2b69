"""Recipes refer to files relative to their folder; in a project all paths are absolute."""

import os
from collections.abc import Callable
from pathlib import Path

from overlay.document.cues import BLANK, AvoidedCue, Cue, GuideCue, ReferenceCue
from overlay.document.recipe import Recipe
from overlay.document.taught import Taught
from overlay.imaging.intake import PictureError

_PICTURE_KEYS = ("reference", "avoided", "of", "map", "mask")


def plain_path(path: Path) -> Path:
    """A path whose name is text; raises `PictureError` for one that JSON could not hold."""
    try:
        str(path).encode()
    except UnicodeEncodeError as error:
        name = str(path).encode("utf-8", "backslashreplace").decode()
        raise PictureError(f"{name}: names of files and folders must be UTF-8") from error
    return path


def absolute_recipe(recipe: Recipe, folder: Path) -> Recipe:
    """The recipe with every path made absolute from `folder`."""
    return change_paths(recipe, lambda path: os.path.normpath(folder.absolute() / path))


def relative_recipe(recipe: Recipe, folder: Path) -> Recipe:
    """The recipe with every path made relative to `folder`."""
    return change_paths(recipe, lambda path: os.path.relpath(path, folder.absolute()))


def input_paths(recipe: Recipe) -> list[str]:
    """Every file a recipe reads, each once, in order of appearance."""
    found: list[str] = []

    def note(path: str) -> str:
        if path not in found:
            found.append(path)
        return path

    change_paths(recipe, note)
    return found


def names_file(key: str) -> bool:
    """Whether the values of a setting are files, by its key; a row's blank is called otherwise."""
    path, _, last = key.rpartition(".")
    return key == "source" or (path.startswith(("cues.", "regions.")) and last in _PICTURE_KEYS)


def change_path(path: str, change: Callable[[str], str]) -> str:
    """A file's path replaced; words that stand where a path may stand stay."""
    return path if path in ("source", BLANK) else change(path)


def _cue_paths(cue: Cue) -> list[tuple[str, str]]:
    """The keys of a cue that name files, with what they name."""
    if isinstance(cue, ReferenceCue):
        return [("reference", cue.reference)]
    if isinstance(cue, AvoidedCue):
        return [("avoided", cue.avoided)]
    if isinstance(cue, GuideCue):
        of = [] if cue.of in ("source", BLANK) else [("of", cue.of)]
        return of if cue.map is None else [*of, ("map", cue.map)]
    return []


def change_paths(recipe: Recipe, change: Callable[[str], str]) -> Recipe:
    """The recipe with every path of a file replaced by what `change` gives for it."""

    def maybe(path: str | None) -> str | None:
        return None if path is None else change(path)

    source = maybe(recipe.source)
    regions = {
        name: region.model_copy(update={"mask": maybe(region.mask)})
        for name, region in recipe.regions.items()
    }
    cues = tuple(
        cue.model_copy(update={key: change(path) for key, path in _cue_paths(cue)})
        for cue in recipe.cues
    )
    kept = {"source": source, "regions": regions, "cues": cues}
    taught = tuple(_moved(one, change) for one in recipe.taught)
    return recipe.model_copy(update=kept | {"taught": taught})


def _moved(taught: Taught, change: Callable[[str], str]) -> Taught:
    """A taught word with its files elsewhere."""
    cues = tuple(c.model_copy(update={"reference": change(c.reference)}) for c in taught.cues)
    pictures = tuple(change(path) for path in taught.pictures)
    return taught.model_copy(update={"pictures": pictures, "cues": cues})
