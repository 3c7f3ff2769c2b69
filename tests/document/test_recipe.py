import json
import tempfile
import unittest
from pathlib import Path

import jsonschema
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from overlay.document.guide_options import DepthSettings
from overlay.document.keys import apply_setting, value_at
from overlay.document.reading import make_recipe, read_recipe, recipe_json
from overlay.document.recipe import Recipe
from overlay.document.text.json_text import RecipeError, parse_json

FULL = {
    "overlay": 1,
    "size": [768, 512],
    "seed": 7,
    "steps": 16,
    "departure": 0.75,
    "guidance": 1.0,
    "source": "mill.png",
    "prompt": "",
    "avoid": "",
    "regions": {"sky": {"mask": "sky.png", "grow": 4, "feather": 6, "invert": False}},
    "cues": [
        {"name": "tile", "reference": "tile.png",
         "facets": {"palette": 1.0, "surface": 1.0, "light": 0.5}, "weight": 0.6, "enter": 0.0,
         "leave": 1.0, "fade_in": 0.0, "fade_out": 0.0, "region": None, "invert_region": False,
         "scale": 1.0, "muted": False},
        {"name": "colours", "swatches": ["#1d3b5c", "#e6b34a"], "facets": {"palette": 1.0},
         "weight": 0.5},
        {"name": "contours", "guide": "edges", "of": "source", "weight": 0.5, "leave": 0.7,
         "options": {"low": 0.08, "high": 0.2, "sigma": 1.2}},
    ],
    "blend": "share",
    "within": None,
    "passes": [],
}  # fmt: skip


def changed(path: str, value) -> dict:
    """The full recipe with one key changed."""
    data = json.loads(json.dumps(FULL))
    place = data
    *way, last = path.split(".")
    for part in way:
        place = place[int(part)] if part.isdigit() else place[part]
    place[int(last) if last.isdigit() else last] = value
    return data


class RecipeTest(unittest.TestCase):
    def test_an_unknown_key_of_a_cue_is_refused_by_its_name(self):
        for place in (0, 1, 2):
            with self.assertRaisesRegex(RecipeError, "wieght"):
                make_recipe(changed(f"cues.{place}.wieght", 0.5), "r")

    def test_a_key_that_leads_nowhere_is_named(self):
        recipe = make_recipe(FULL, "r")
        self.assertEqual(value_at(recipe, "cues.0.facets.palette"), 1.0)
        for key in ("nonsense", "cues.0.nonsense", "regions.moon", "regions.sky.nonsense"):
            with self.assertRaisesRegex(RecipeError, f"{key}: .* nothing that this recipe has"):
                value_at(recipe, key)

    def test_the_ground_of_a_depth_map_is_found_unless_it_is_said(self):
        self.assertEqual(DepthSettings().ground, -1.0)
        self.assertEqual(make_recipe({"overlay": 1, "cues": [{"name": "d", "guide": "depth"}]}, "r")
                         .cues[0].settings.ground, -1.0)  # fmt: skip

    def test_words_are_heard_unless_they_are_muted(self):
        words = make_recipe({"overlay": 1}, "r").words
        self.assertEqual((words.muted, words.weight, words.enter, words.leave), (False, 1, 0, 1))

    def test_the_designs_recipe_is_read(self):
        recipe = make_recipe(FULL, "r")
        self.assertEqual([c.kind for c in recipe.cues], ["reference", "swatches", "guide"])
        self.assertEqual(recipe.regions["sky"].grow, 4)

    def test_missing_keys_take_their_defaults(self):
        recipe = make_recipe({"overlay": 1}, "r")
        self.assertEqual((recipe.steps, recipe.departure, recipe.blend), (16, 0.75, "share"))
        cue = make_recipe({"overlay": 1, "cues": [{"name": "a", "reference": "a.png"}]}, "r").cues[
            0
        ]
        self.assertEqual(cue.active_facets.model_dump(),
                         {"palette": 1, "surface": 1, "light": 1, "layout": 0, "likeness": 0})  # fmt: skip

    def test_json_comes_back_the_same(self):
        recipe = make_recipe(FULL, "r")
        self.assertEqual(make_recipe(json.loads(recipe_json(recipe)), "r"), recipe)

    def test_every_fault_names_key_rule_and_what_was_found(self):
        cases = [
            ("overlay", 2, "overlay: must be 1, got 2"),
            ("departure", 1.5, "departure: must be less than or equal to 1, got 1.5"),
            ("departure", "0.5", "departure: must be a valid number, got \"0.5\""),
            ("seed", -1, "seed: must be greater than or equal to 0, got -1"),
            ("seed", 1.5, "seed: .*got 1.5"),
            ("steps", 0, "steps: must be greater than or equal to 1, got 0"),
            ("size", [768], "size.*"),
            ("size", [20, 800], "sides must be at least 64 .* got 20x800"),
            ("size", [4000, 400], "aspect ratio must be 1:8 to 8:1, got 4000x400"),
            ("size", [9000, 9000], "at most 16 megapixels, got 9000x9000"),
            ("blend", "add", "blend: must be 'share' or 'mix', got \"add\""),
            ("colour", 1, "colour: unknown key; allowed are overlay, size, seed"),
            ("cues.0.wieght", 1, "cues.0.wieght: unknown key; allowed are name, reference"),
            ("cues.0.facets.gloss", 1, "facets.gloss: unknown key; allowed are palette, surface"),
            ("cues.0.weight", 3, "cues.0.weight: must be less than or equal to 2, got 3"),
            ("cues.0.enter", 1.0, r"enter must be less than leave \(1.0\), got 1.0"),
            ("cues.0.swatches", ["#112233"], "exactly one of .* got reference and swatches"),
            ("cues.0.region", "sea", "cues.0.region must name a region .*sky.* got 'sea'"),
            ("cues.0.name", "colours", "cue names must differ, got 'colours' 2 times"),
            ("cues.1.swatches", ["blue"], "six hexadecimal digits, got 'blue'"),
            ("cues.2.guide", "fog", "cues.2.guide: must be 'edges', .* got \"fog\""),
            ("cues.2.facets", {"palette": 1}, "facets belongs to reference and swatches cues"),
            ("cues.0.take", [0.5, 0, 0.2, 1], r"take: must be left, top, right, bottom .*0.5"),
            ("cues.0.levels", [0.6, 0.5], r"levels: must be dark, then light, .*0.6"),
            ("cues.0.place", {"fit": "cover"}, "place.fit: must be 'fill', .* got \"cover\""),
            ("cues.0.place", {"size": 1}, "place.size: unknown key; allowed are fit, shift, scale"),
            ("cues.0.keep_out", [{"points": []}], "keep_out.0.points: .*"),
            ("cues.0.blur", 2, "blur belongs to avoided cues, got it in a reference cue"),
            ("cues.1.turns", True, "turns belongs to reference cues, got it in a swatches cue"),
            ("cues.2.avoided", "a.png", "exactly one of .* got guide and avoided"),
            ("engine", "", "engine: .*"),
            ("within", "sea", "within must name a region"),
            ("regions.sky.feather", -1, "regions.sky.feather: must be greater than or equal to 0"),
            ("regions.sky.soft", 1, "regions.sky.soft: unknown key; allowed are mask, pick, guide, strokes"),
        ]  # fmt: skip
        for path, value, message in cases:
            with self.subTest(path=path, value=value):
                with self.assertRaisesRegex(RecipeError, f"^r: .*{message}") as caught:
                    make_recipe(changed(path, value), "r")
                self.assertNotIn("\n", str(caught.exception))

    def test_words_that_cannot_be_a_prompt_are_refused_by_name(self):
        cases = [
            ("prompt", "windmill 300%", "prompt: .*emphasis must be 0 to 200 %, got 300%"),
            ("avoid", "x" * 10_001, "avoid: must be at most 10,000 characters, got 10,001"),
            ("unknown", "guess", "unknown: must be 'refuse' or 'skip', got \"guess\""),
            ("words", {"enter": 0.5, "leave": 0.5}, "words: .*enter must be less than leave"),
            ("words", {"loudness": 1}, "words.loudness: unknown key; allowed are weight"),
            ("words", {"region": "nowhere"}, "words.region must name a region"),
            ("placed", [{"thing": "heron", "at": [0.5, 0.7]}], "placed.0.size: "),
            ("guidance", 11, "guidance: must be less than or equal to 10, got 11"),
        ]
        for path, value, message in cases:
            with self.subTest(path), self.assertRaisesRegex(RecipeError, message):
                make_recipe(changed(path, value), "r")

    def test_the_published_schema_agrees(self):
        schema = Recipe.model_json_schema()
        jsonschema.Draft202012Validator.check_schema(schema)
        validator = jsonschema.Draft202012Validator(schema)
        self.assertTrue(validator.is_valid(FULL))
        for path, value in (("departure", 2), ("nonsense", 1), ("cues.0.weight", -1)):
            self.assertFalse(validator.is_valid(changed(path, value)), path)

    @settings(suppress_health_check=[HealthCheck.too_slow])  # a slow machine is no fault
    @given(st.recursive(
        st.none() | st.booleans() | st.integers() | st.floats(allow_nan=False) | st.text(max_size=8),
        lambda inner: st.lists(inner, max_size=3)
        | st.dictionaries(st.sampled_from([*FULL, "x"]), inner, max_size=4),
        max_leaves=12,
    ))  # fmt: skip
    def test_any_json_gives_a_recipe_or_one_line(self, data):
        try:
            make_recipe(data, "r")
        except RecipeError as error:
            self.assertNotIn("\n", str(error))


class ReadingTest(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)

    def test_files_that_are_no_recipe_are_refused_by_name(self):
        cases = {
            "text.json": (b"not json", "must be JSON, got a fault in line 1"),
            "empty.json": (b"", "is empty"),
            "list.json": (b"[1, 2]", "a recipe must be a JSON object"),
            "none.json": (b"{}", "overlay: must be 1, got nothing"),
            "bytes.json": (b"\xff\xfe\x00", "must be UTF-8 text"),
            "nan.json": (b'{"overlay": 1, "departure": NaN}', "finite, got NaN"),
            "twice.json": (b'{"overlay": 1, "seed": 1, "seed": 2}', "seed: a key may stand once"),
            "deep.json": (b'{"overlay": ' + b"[" * 100_000, "nested 40 deep, got 100001"),
            "plain.png": (b"\x89PNG\r\n", "must be a PNG|damaged"),
            "missing.json": (None, "no such file"),
        }
        for name, (data, message) in cases.items():
            path = self.folder / name
            if data is not None:
                path.write_bytes(data)
            with self.subTest(name), self.assertRaisesRegex(RecipeError, message) as caught:
                read_recipe(path)
            self.assertIn(str(path), str(caught.exception))

    def test_settings_go_by_number_by_name_and_into_what_is_absent(self):
        path = self.folder / "r.json"
        path.write_text(json.dumps(FULL))
        recipe = read_recipe(path, [
            "departure=0.4", "cues.0.weight=0.8", "cues.colours.weight=0.7",
            "cues.contours.options.low=0.1", 'regions.sea={"mask": "sea.png"}',
        ])  # fmt: skip
        self.assertEqual(recipe.departure, 0.4)
        self.assertEqual([c.weight for c in recipe.cues], [0.8, 0.7, 0.5])
        self.assertEqual(recipe.cues[2].options["low"], 0.1)
        self.assertIn("sea", recipe.regions)

    def test_settings_that_cannot_be_are_refused(self):
        for setting, message in (
            ("departure", "must be KEY=VALUE"),
            ("source=mill.png", "must be JSON"),
            ("cues.nobody.weight=1", "must name one of tile, colours, contours"),
            ("cues.9.weight=1", "a number below 3, got '9'"),
            ("seed.low=1", "must lie in an object or list"),
        ):
            with self.subTest(setting), self.assertRaisesRegex(RecipeError, message):
                apply_setting(json.loads(json.dumps(FULL)), setting)

    def test_plain_json_is_read(self):
        self.assertEqual(parse_json('{"a": [1, 2.5, null]}', "x"), {"a": [1, 2.5, None]})
