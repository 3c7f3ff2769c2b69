"""A folder with pictures and a recipe, for tests of what reads files."""

import json
import tempfile
import unittest
from functools import cache
from pathlib import Path
from typing import Any

import numpy as np

from overlay.imaging.files import write_grey16, write_picture
from tests.pictures import manner, scene, stripes


@cache
def _files() -> dict[str, bytes]:
    """The folder's pictures, written once."""
    sky = np.zeros((64, 96), np.float32)
    sky[:30] = 1
    with tempfile.TemporaryDirectory() as folder:
        place = Path(folder)
        write_picture(place / "mill.png", scene())
        write_picture(place / "paint.png", manner("gouache"))
        write_picture(place / "stripes.png", stripes())
        write_grey16(place / "sky.png", sky)
        return {path.name: path.read_bytes() for path in place.iterdir()}


class WorkspaceTest(unittest.TestCase):
    """Gives each test `folder` with source, two references and a mask."""

    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)
        for name, data in _files().items():
            (self.folder / name).write_bytes(data)

    def recipe(self, **keys: Any) -> dict[str, Any]:
        """Plain data of a small recipe; `keys` lie over it."""
        cues = [
            {"name": "paint", "reference": "paint.png"},
            {"name": "contours", "guide": "edges", "weight": 0.5},
        ]
        base = {"overlay": 1, "size": [96, 64], "steps": 8, "departure": 0.7, "source": "mill.png"}
        return base | {"cues": cues} | keys

    def write_recipe(self, name: str = "recipe.json", **keys: Any) -> Path:
        """Write such a recipe beside the pictures."""
        path = self.folder / name
        path.write_text(json.dumps(self.recipe(**keys)))
        return path
