"""Strokes stay small in files and come back the same; an edit among hundreds is no work."""

import json
import unittest

import numpy as np
from pydantic import ValidationError

from overlay.document.project import Project, State
from overlay.document.reading import make_recipe, recipe_json
from overlay.document.strokes import MapStroke, RegionStroke, Stroke
from overlay.document.text.json_text import parse_json
from overlay.document.text.packed import GRID, on_grid, pack_shares, unpack_shares
from overlay.studio.bench.bench import Bench
from overlay.studio.keeping.recovery import Snapshot, recovery_bytes
from tests.effort import calls_of


def many_strokes(count=600, points=120):
    rng = np.random.default_rng(4)
    return [
        {"points": rng.random((points, 2)).round(4).tolist(), "size": 0.01} for _ in range(count)
    ]


def drawing(strokes, **keys):
    cue = {"name": "pen", "guide": "lines", "of": "blank", "strokes": strokes}
    return make_recipe({"overlay": 1, "departure": 1.0, "cues": [cue | keys]}, "test")


class PackedTest(unittest.TestCase):
    def test_steps_of_the_grid_come_back_exactly(self):
        for shares in ([], [0.0, 1.0], [0.5, 0.25, 0.1234], [k / GRID for k in range(0, GRID, 77)]):
            with self.subTest(len(shares)):
                self.assertEqual(unpack_shares(pack_shares(shares), 1), shares)
        self.assertEqual(on_grid([0.123456]), [0.12346])

    def test_what_is_no_packed_text_is_refused(self):
        odd = pack_shares([0.1, 0.2, 0.3])
        for text, each, words in (
            ("?", 1, "must be base64"),
            ("é", 1, "must be base64"),
            (odd, 2, "must have 4 bytes each, got 6"),
            ("//8=", 1, "at most 50000, got 65535"),
        ):
            with self.subTest(text), self.assertRaisesRegex(ValueError, words):
                unpack_shares(text, each)


class StrokeTest(unittest.TestCase):
    def test_few_points_are_numbers_and_many_are_packed(self):
        few = Stroke(points=((0.1, 0.9),) * 16)
        many = MapStroke(points=((0.1, 0.9),) * 17, pressures=(0.5,) * 17)
        self.assertEqual(few.model_dump(mode="json")["points"][0], [0.1, 0.9])
        plain = many.model_dump(mode="json")
        self.assertIsInstance(plain["points"], str)
        self.assertIsInstance(plain["pressures"], str)
        self.assertEqual(MapStroke.model_validate(plain), many)

    def test_packed_points_obey_the_rules_of_points(self):
        with self.assertRaisesRegex(ValidationError, "at least 1 item"):
            Stroke(points="")
        with self.assertRaisesRegex(ValidationError, "at most 4096 items"):
            Stroke(points=pack_shares([0.5] * 2 * 4097))
        with self.assertRaisesRegex(ValidationError, "points of a ramp must be two"):
            RegionStroke(points=pack_shares([0.5] * 6), ramp="linear")

    def test_cover_is_the_area_that_is_gone_over(self):
        self.assertAlmostEqual(Stroke(points=((0, 0), (1, 0)), size=0.1).cover, 0.22)
        self.assertEqual(Stroke(points=((0, 0), (1, 1)), size=1.0).cover, 1.0)
        self.assertEqual(MapStroke(points=((0, 0), (1, 1)) * 9, size=1.0, fill=True).work, 1.0)

    def test_a_recipe_with_a_day_of_drawing_is_small_and_comes_back(self):
        recipe = drawing(many_strokes())
        text = recipe_json(recipe)
        self.assertLess(len(text), 500_000)
        self.assertEqual(make_recipe(parse_json(text, "test"), "test"), recipe)
        self.assertEqual(recipe_json(make_recipe(json.loads(text), "test")), text)


class EditTest(unittest.TestCase):
    """With 600 strokes of 120 points; how long an edit takes is measured by `make bench`."""

    def setUp(self):
        self.bench = Bench(Project(State(drawing(many_strokes()))))

    def test_an_edit_and_the_snapshot_for_recovery_go_through_no_point_again(self):
        weights = iter([0.1, 0.2, 0.3, 0.4, 0.5])
        stroke = {"points": [[0.1, 0.2], [0.3, 0.4]], "size": 0.02}
        cue = self.bench.project.recipe.cues[0]
        edits = {
            "weight": lambda: self.bench.change_cue(0, "Weight", weight=next(weights)),
            "stroke": lambda: self.bench.change_cue(0, "Pen", strokes=[*cue.strokes, stroke]),
            "undo": self.bench.project.undo,
        }
        for name, edit in edits.items():
            with self.subTest(name):
                self.assertLess(calls_of(edit), 12_000)  # of 72,000 points

    def test_strokes_are_kept_and_not_made_anew(self):
        before = self.bench.project.recipe.cues[0].strokes
        self.bench.change_cue(0, "Weight", weight=0.3)
        after = self.bench.project.recipe.cues[0].strokes
        self.assertIs(after[0], before[0])
        self.assertIn(before[0].packed.encode(), recovery_bytes(Snapshot.of(self.bench.project)))
