"""Edits of regions, each one named step of the project that can be undone."""

from pathlib import Path
from typing import Any

from overlay.document.editing import numbered_name, opened, part_data, recipe_data
from overlay.document.passes import Settle
from overlay.document.project import Project
from overlay.document.reading import make_recipe
from overlay.document.recipe import Recipe
from overlay.studio.keeping.shelf import Kept
from overlay.studio.making.proofs import Proof


def free_region_name(recipe: Recipe, name: str) -> str:
    """`name`, or with a number behind it when a region has it already."""
    return numbered_name(name, recipe.regions)


def add_region(project: Project, name: str, **keys: Any) -> str:
    """Add a region at the end; returns the name it got."""
    data = recipe_data(project.recipe)
    name = free_region_name(project.recipe, name)
    data["regions"][name] = keys
    project.edit(f"Region {name}", make_recipe(data, "region"))
    return name


def change_region(project: Project, name: str, what: str, **changes: Any) -> None:
    """Change a region as one step; what is not allowed raises `RecipeError`."""
    data = recipe_data(project.recipe)
    opened(data["regions"], name).update(changes)
    project.edit(f"{what} of {name}", make_recipe(data, "region"))


def copy_region(project: Project, name: str) -> str:
    """Put a copy of a region at the end, as adjustable as it is; returns its name."""
    keys = part_data(project.recipe.regions[name])
    return add_region(project, name, **keys)


def rename_region(project: Project, old: str, new: str) -> None:
    """Give a region another name, wherever it is used."""
    data = recipe_data(project.recipe)
    data["regions"] = {
        (new if name == old else name): {
            key: [new if v == old else v for v in value] if key in _OTHERS else value
            for key, value in part_data(region).items()
        }
        for name, region in data["regions"].items()
    }
    for i, cue in enumerate(project.recipe.cues):
        if cue.region == old:
            opened(data["cues"], i)["region"] = new
    if data.get("within") == old:
        data["within"] = new
    for i, later in enumerate(project.recipe.passes):
        if isinstance(later, Settle) and later.rim_of == old:
            opened(data["passes"], i)["rim_of"] = new
    project.edit(f"Rename {old}", make_recipe(data, "region"))


_OTHERS = ("unite", "subtract", "intersect")


def remove_region(project: Project, name: str) -> None:
    """Remove a region; cues tied to it act everywhere, others are no longer combined with it."""
    data = recipe_data(project.recipe)
    del data["regions"][name]
    for other, region in project.recipe.regions.items():
        if name in region.others:
            keys = opened(data["regions"], other)
            for key in _OTHERS:
                keys[key] = [o for o in getattr(region, key) if o != name]
    for i, cue in enumerate(project.recipe.cues):
        if cue.region == name:
            opened(data["cues"], i).update({"region": None, "invert_region": False})
    if data.get("within") == name:
        data["within"] = None
    data["passes"] = [p for p in data["passes"] if not isinstance(p, Settle) or p.rim_of != name]
    project.edit(f"Remove {name}", make_recipe(data, "region"))


def redo_in(project: Project, name: str, kept: Kept | Proof, source: Path) -> None:
    """Confine the next run to a region of a proof, with another seed; the rest stays to the bit.

    Parameters
    ----------
    source : the proof's picture, see `drawer.started_from`.
    """
    data = recipe_data(project.recipe)
    data |= {"source": str(source), "within": name, "seed": project.recipe.seed + 1, "passes": []}
    tray = project.state.tray
    tray = tray if source in tray else (*tray, source)
    project.edit(f"Redo {name} of proof {kept.number}", make_recipe(data, "region"), tray=tray)


def settle_with(project: Project, departure: float, rim_of: str | None) -> None:
    """Have the next proof settled: as a whole, or along a region's rim; 0 settles nothing.

    It comes before other passes, in place of an earlier one.
    """
    data = recipe_data(project.recipe)
    wanted = {"kind": "settle", "departure": departure, "rim_of": rim_of}
    others = [p for p in data["passes"] if not isinstance(p, Settle)]
    data["passes"] = [wanted, *others] if departure > 0 else others
    what = "Settle nothing" if departure == 0 else f"Settle {100 * departure:.0f} %"
    project.edit(what, make_recipe(data, "region"))
