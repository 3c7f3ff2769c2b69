"""A tiny engine of another package, found by its entry point."""

import sys

from overlay.document.reading import read_recipe
from overlay.document.text.json_text import RecipeError
from overlay.engine.sampler import render
from overlay.studio.inputs.paths import absolute_recipe
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.engines import engine_names, engine_package, find_engine
from overlay.studio.making.hashing import hash_recipe
from overlay.studio.making.proofs import make_proof
from tests.workspace import WorkspaceTest

MODULE = '''
from overlay.engine.request import Render


def render(request, control=None):
    """The source upside down."""
    return Render(request.source[::-1].copy())


broken = 7
'''
POINTS = """[overlay.engines]
upside-down = tiny_engine:render
broken = tiny_engine:broken
missing = no_such_module:render
"""


class EnginesTest(WorkspaceTest):
    def setUp(self):
        super().setUp()
        (self.folder / "tiny_engine.py").write_text(MODULE)
        about = self.folder / "tiny_engine-1.0.dist-info"
        about.mkdir()
        (about / "METADATA").write_text("Metadata-Version: 2.1\nName: tiny-engine\nVersion: 1.0\n")
        (about / "entry_points.txt").write_text(POINTS)
        sys.path.insert(0, str(self.folder))
        self.addCleanup(sys.modules.pop, "tiny_engine", None)
        self.addCleanup(sys.path.remove, str(self.folder))

    def read(self, **keys):
        return absolute_recipe(read_recipe(self.write_recipe(**keys)), self.folder)

    def test_it_is_listed_after_ours_and_renders(self):
        self.assertEqual(engine_names(), ("patches", "broken", "missing", "upside-down"))
        plain = self.read()
        recipe = self.read(engine="upside-down")
        proof = make_proof(recipe, PictureStore(), engines=("upside-down",))
        self.assertEqual(proof.picture.shape, (64, 96, 3))
        self.assertIn("structure_kept", proof.measures)
        self.assertNotEqual(hash_recipe(plain), hash_recipe(recipe))

    def test_ours_needs_no_entry_point(self):
        self.assertIs(find_engine("patches"), render)

    def test_unknown_and_broken_ones_are_refused_in_one_line(self):
        cases = {
            "nowhere": "engine: must be one of patches, .*, got 'nowhere'",
            "broken": "engine: 'broken' must be a function, got int",
            "missing": "engine: 'missing' cannot be loaded: No module named 'no_such_module'",
        }
        for name, message in cases.items():
            with self.subTest(name), self.assertRaisesRegex(RecipeError, message):
                find_engine(name, tuple(cases))

    def test_a_recipe_alone_runs_no_code_of_another_package(self):
        for allowed in ((), ("broken",)):
            with self.assertRaisesRegex(
                RecipeError, "code of tiny-engine must be allowed by --engine"
            ):
                make_proof(self.read(engine="upside-down"), PictureStore(), engines=allowed)
        self.assertNotIn("tiny_engine", sys.modules)
        self.assertEqual(engine_package("upside-down"), "tiny-engine")
        self.assertIsNone(engine_package("patches"))
