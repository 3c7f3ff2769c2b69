"""A folder with pictures and a recipe, for tests of what reads files."""

import json
import tempfile
import unittest
from pathlib import Path
from typing import Any

import numpy as np

from overlay.imaging.files import write_grey16, write_picture
from tests.pictures import manner, scene, stripes


class WorkspaceTest(unittest.TestCase):
    """Gives each test `folder` with source, two references and a mask."""

    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)
        write_picture(self.folder / "mill.png", scene())
        write_picture(self.folder / "paint.png", manner("gouache"))
        write_picture(self.folder / "stripes.png", stripes())
        sky = np.zeros((64, 96), np.float32)
        sky[:30] = 1
        write_grey16(self.folder / "sky.png", sky)

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
