"""Small recipes that would explode, and JSON that never ends: refused by name within a second."""

import json
import unittest

from overlay.document.reading import make_recipe
from overlay.document.text.json_text import RecipeError, json_text, parse_json
from tests.effort import calls_of


def swatches(name):
    return {"name": name, "swatches": ["#000000"]}


def pen(strokes):
    return {"cues": [{"name": "a", "guide": "lines", "strokes": strokes}]}


class LimitTest(unittest.TestCase):
    def refused(self, text, words):
        def read():
            with self.assertRaisesRegex(RecipeError, words) as caught:
                make_recipe(parse_json(text, "r"), "r")
            self.assertLess(len(str(caught.exception)), 300)

        self.assertLess(calls_of(read), 600_000)  # well within a second

    def test_more_of_anything_than_a_recipe_can_have(self):
        cases = (
            (
                {"cues": [swatches(f"c{i}") for i in range(257)]},
                "cues: may have 256 entries, got 257",
            ),
            ({"cues": [swatches(f"c{i}") for i in range(80_000)]}, "cues: may have 4096 entries"),
            ({"regions": {f"r{i}": {} for i in range(257)}}, "regions: may have 256 entries"),
            ({f"key{i}": 1 for i in range(20_000)}, "recipe: may have 1024 entries"),
            ({"regions": {"a": {"unite": ["b"] * 65}}}, "unite: may have 64 entries, got 65"),
            ({"size": [64] * 900_000}, "size: may have 4096 entries"),
            (pen([{"points": [[0, 0]] * 4097}]), "points: may have 4096 entries, got 4097"),
            (pen([{"points": [[0, 0]] * 4000}] * 51), "may have 200000 points"),
            (pen([{"points": [[2, 2]] * 4000}] * 49), "points.0.0: must be less than or equal"),
            (
                pen([{"points": [[0, 0], [1, 1]] * 50, "size": 1.0}] * 1000),
                "may go over the picture 4000 times, got 99000",
            ),
        )
        for data, words in cases:
            with self.subTest(words):
                self.refused(json.dumps({"overlay": 1} | data, separators=(",", ":")), words)

    def test_what_is_just_allowed(self):
        data = {"cues": [swatches(f"c{i}") for i in range(256)]}
        data["regions"] = {f"r{i}": {} for i in range(256)}
        data["regions"]["all"] = data["regions"].pop("r255") | {"unite": ["r0"] * 64}
        recipe = make_recipe({"overlay": 1} | data, "r")
        self.assertEqual((len(recipe.cues), len(recipe.regions)), (256, 256))

    def test_json_without_end(self):
        head = '{"overlay": 1, "source": '
        for text, words in (
            (head + "[" * 500 + "]" * 500 + "}", "nested 40 deep, got 501"),
            (head + '"' + '\\"' * 1_000_000, "must be JSON"),
            ('{"overlay": 1, "seed": ' + "9" * 5000 + "}", "40 digits, got one of 5000"),
            (head + '"\\ud800"}', "half a surrogate pair"),
            ("{" + '"a": 1, ' * 100_000 + '"b": 1}', "a: a key may stand once, got it 100000"),
            (head + "NaN}", "must be finite"),
        ):
            with self.subTest(words):
                self.refused(text, words)

    def test_brackets_and_digits_in_text_are_text(self):
        said = {"a": "[" * 500 + '"\\' + "9" * 5000}
        self.assertEqual(parse_json(json.dumps(said), "r"), said)

    def test_one_is_the_number_one(self):
        for found in ("true", "1.0", '"1"', "2", "null"):
            with self.subTest(found):
                self.refused(f'{{"overlay": {found}}}', f"overlay: must be 1, got {found}")

    def test_more_things_set_by_hand_than_a_scene_has_are_refused(self):
        one = '{"thing": "heron", "at": [0.5, 0.5], "size": 0.2}'
        self.refused(
            f'{{"overlay": 1, "placed": [{",".join([one] * 65)}]}}',
            "placed: may have 64 entries, got 65",
        )


class WritingTest(unittest.TestCase):
    def test_lists_of_numbers_stand_on_one_line_and_nothing_else_changes(self):
        data = {
            "a": [1, -2.5, 1e-05],
            "b": [[0.1, 0.2], [0.3, 0.4]],
            "c": "[\n 1,\n 2\n]",
            "d": ["x"],
        }
        text = json_text(data)
        self.assertEqual(json.loads(text), data)
        self.assertIn('"a": [1, -2.5, 1e-05]', text)
        self.assertIn("[0.3, 0.4]", text)
