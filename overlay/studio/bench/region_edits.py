"""Edits of regions, each one named step of the project that can be undone."""

from pathlib import Path
from typing import Any

from overlay.document.project import Project
from overlay.document.reading import make_recipe
from overlay.document.recipe import Recipe
from overlay.studio.bench.cue_edits import numbered_name, plain_recipe
from overlay.studio.keeping.shelf import Kept
from overlay.studio.making.proofs import Proof


def free_region_name(recipe: Recipe, name: str) -> str:
    """`name`, or with a number behind it when a region has it already."""
    return numbered_name(name, recipe.regions)


def add_region(project: Project, name: str, **keys: Any) -> str:
    """Add a region at the end; returns the name it got."""
    data = plain_recipe(project.recipe)
    name = free_region_name(project.recipe, name)
    data.setdefault("regions", {})[name] = keys
    project.edit(f"Region {name}", make_recipe(data, "region"))
    return name


def change_region(project: Project, name: str, what: str, **changes: Any) -> None:
    """Change a region as one step; what is not allowed raises `RecipeError`."""
    data = plain_recipe(project.recipe)
    data["regions"][name] |= changes
    project.edit(f"{what} of {name}", make_recipe(data, "region"))


def copy_region(project: Project, name: str) -> str:
    """Put a copy of a region at the end, as adjustable as it is; returns its name."""
    keys = plain_recipe(project.recipe)["regions"][name]
    return add_region(project, name, **keys)


def rename_region(project: Project, old: str, new: str) -> None:
    """Give a region another name, wherever it is used."""
    data = plain_recipe(project.recipe)
    data["regions"] = {
        (new if name == old else name): {
            key: [new if v == old else v for v in value] if key in _OTHERS else value
            for key, value in region.items()
        }
        for name, region in data["regions"].items()
    }
    for cue in data["cues"]:
        if cue.get("region") == old:
            cue["region"] = new
    if data.get("within") == old:
        data["within"] = new
    for later in data.get("passes", []):
        if later.get("rim_of") == old:
            later["rim_of"] = new
    project.edit(f"Rename {old}", make_recipe(data, "region"))


_OTHERS = ("unite", "subtract", "intersect")


def remove_region(project: Project, name: str) -> None:
    """Remove a region; cues tied to it act everywhere, others are no longer combined with it."""
    data = plain_recipe(project.recipe)
    del data["regions"][name]
    for region in data["regions"].values():
        for key in _OTHERS:
            if key in region:
                region[key] = [other for other in region[key] if other != name]
    for cue in data["cues"]:
        if cue.get("region") == name:
            cue |= {"region": None, "invert_region": False}
    if data.get("within") == name:
        data["within"] = None
    data["passes"] = [p for p in data.get("passes", []) if p.get("rim_of") != name]
    project.edit(f"Remove {name}", make_recipe(data, "region"))


def redo_in(project: Project, name: str, kept: Kept | Proof, source: Path) -> None:
    """Confine the next run to a region of a proof, with another seed; the rest stays to the bit.

    Parameters
    ----------
    source : the proof's picture, see `drawer.started_from`.
    """
    data = plain_recipe(project.recipe)
    data |= {"source": str(source), "within": name, "seed": project.recipe.seed + 1, "passes": []}
    tray = project.state.tray
    tray = tray if source in tray else (*tray, source)
    project.edit(f"Redo {name} of proof {kept.number}", make_recipe(data, "region"), tray=tray)


def settle_with(project: Project, departure: float, rim_of: str | None) -> None:
    """Have the next proof settled: as a whole, or along a region's rim; 0 settles nothing."""
    data = plain_recipe(project.recipe)
    wanted = {"kind": "settle", "departure": departure, "rim_of": rim_of}
    data["passes"] = [wanted] if departure > 0 else []
    what = "Settle nothing" if departure == 0 else f"Settle {100 * departure:.0f} %"
    project.edit(what, make_recipe(data, "region"))
