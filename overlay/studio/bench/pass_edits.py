"""Edits of passes, each one named step of the project that can be undone."""

from typing import Any

from overlay.document.editing import opened, plain_value, recipe_data
from overlay.document.passes import AnyPass
from overlay.document.project import Project
from overlay.document.reading import make_recipe
from overlay.document.text.json_text import RecipeError


def add_pass(project: Project, kind: str, **keys: Any) -> int:
    """Put a pass at the end; returns its place. Raises `RecipeError` where it cannot be."""
    data = recipe_data(project.recipe)
    data["passes"].append({"kind": kind, **keys})
    project.edit(f"Add {kind}", make_recipe(data, "pass"))
    return len(project.recipe.passes) - 1


def change_pass(project: Project, index: int, what: str, **changes: Any) -> None:
    """Change a pass as one step; a change that is not allowed raises `RecipeError`."""
    data = recipe_data(project.recipe)
    kind = _present(project, index).kind
    opened(data["passes"], index).update({k: plain_value(v) for k, v in changes.items()})
    project.edit(f"{what} of {kind}", make_recipe(data, "pass"))


def hear_in_pass(project: Project, index: int, name: str, *, heard: bool) -> None:
    """Have a cue take part in a pass, or no longer."""
    later = _present(project, index)
    names = [cue.name for cue in project.recipe.cues]
    if name not in names:
        raise RecipeError(f"pass: must name a cue (there are: {', '.join(names)}), got {name!r}")
    cues = [n for n in names if (heard if n == name else later.hears(n))]
    what = f"{name} takes part" if heard else f"{name} left out"
    change_pass(project, index, what, cues=None if cues == names else cues)


def move_pass(project: Project, index: int, to: int) -> None:
    """Bring a pass to another place, counted without it."""
    kind = _present(project, index).kind
    data = recipe_data(project.recipe)
    moved = data["passes"].pop(index)
    data["passes"].insert(min(max(to, 0), len(data["passes"])), moved)
    new = make_recipe(data, "pass")
    if new.passes != project.recipe.passes:
        project.edit(f"Move {kind}", new)


def remove_pass(project: Project, index: int) -> None:
    """Remove a pass."""
    kind = _present(project, index).kind
    data = recipe_data(project.recipe)
    del data["passes"][index]
    project.edit(f"Remove {kind}", make_recipe(data, "pass"))


def follow_cue(
    data: dict[str, Any], passes: tuple[AnyPass, ...], old: str, new: str | None
) -> None:
    """Have passes name a cue as it is called now, or no longer, in place."""
    for i, later in enumerate(passes):
        if later.cues is not None and old in later.cues and old != new:
            cues = [new if name == old else name for name in later.cues]
            opened(data["passes"], i)["cues"] = [name for name in cues if name is not None]


def _present(project: Project, index: int) -> AnyPass:
    count = len(project.recipe.passes)
    if not 0 <= index < count:
        raise RecipeError(f"pass {index + 1} is no longer there, there are {count}")
    return project.recipe.passes[index]
