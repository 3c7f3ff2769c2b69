"""The recovery copy: the present state, kept after every change, to go on from next time."""

import json
from pathlib import Path

from overlay.document.json_text import RecipeError, parse_json
from overlay.document.project import Project, State
from overlay.document.reading import make_recipe, recipe_json
from overlay.studio.marks import made_marks, plain_marks


def recovery_bytes(project: Project) -> bytes:
    """The state and where it belongs, to be written by `files.write_whole`."""
    data = {
        "path": None if project.path is None else str(project.path),
        "modified": project.modified,
        "tray": [str(p) for p in project.state.tray],
        "marks": plain_marks(project.state.marks, deleted=True),
        "recipe": json.loads(recipe_json(project.recipe)),
    }
    return json.dumps(data, indent=1, ensure_ascii=False).encode()


def load_recovery(path: Path) -> tuple[Project, bool] | None:
    """The last state as a project and whether it held unsaved changes; None if there is none.

    A damaged copy counts as none.
    """
    try:
        data = parse_json(path.read_text("utf-8"), str(path))
        state = State(
            make_recipe(data["recipe"], str(path)),
            tuple(Path(str(p)) for p in data["tray"]),
            made_marks(data.get("marks", {})),
        )
        where = None if data["path"] is None else Path(str(data["path"]))
        return Project(state, where), bool(data["modified"])
    except (OSError, RecipeError, UnicodeDecodeError, KeyError, TypeError, AttributeError):
        return None
