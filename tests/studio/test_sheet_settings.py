import unittest

from overlay.document.reading import make_recipe
from overlay.document.text.json_text import RecipeError
from overlay.studio.sheets.axes import make_axis, read_axis, say, spread, typed_values
from overlay.studio.sheets.settings import find_setting, settings_of

RECIPE = make_recipe(
    {
        "overlay": 1,
        "source": "/p/mill.png",
        "regions": {"sky": {"pick": "sky", "grow": 4.0}},
        "cues": [
            {"name": "tile", "reference": "/p/tile.png", "weight": 0.6},
            {"name": "v1.2", "swatches": ["#102030"], "facets": {"palette": 1.0}},
            {"name": "depth", "guide": "depth"},
        ],
        "passes": [{"kind": "settle"}],
    },
    "test",
)


class SettingsTest(unittest.TestCase):
    def test_every_number_choice_and_picture_is_there_once(self):
        found = {s.key: s for s in settings_of(RECIPE)}
        self.assertEqual(len(found), len(settings_of(RECIPE)))
        for key in (
            "departure", "seed", "steps", "size", "blend", "source", "engine", "stray.amount",
            "cues.tile.weight", "cues.tile.facets.layout", "cues.tile.scale", "cues.tile.muted",
            "cues.tile.region", "cues.tile.reference", "cues.tile.place.scale",
            "cues.1.facets.palette", "cues.depth.guide", "cues.depth.options.haze",
            "regions.sky.grow", "regions.sky.feather", "regions.sky.pick", "passes.0.departure",
        ):  # fmt: skip
            self.assertIn(key, found)
        self.assertNotIn("cues.v1.2.weight", found)  # a dot would lead elsewhere
        self.assertIn("prompt", found)
        self.assertNotIn("words.weight", found)  # there are no words to weigh

    def test_each_phrase_and_its_emphasis_is_a_setting(self):
        said = RECIPE.model_copy(update={"prompt": "red barge 140%, dawn"})
        found = {s.key: s for s in settings_of(said)}
        self.assertEqual(found["prompt.0"].title, "Words: “red barge”")
        emphasis = found["prompt.0.emphasis"]
        self.assertEqual((emphasis.now, emphasis.high, emphasis.percent), (1.4, 2, True))
        self.assertEqual(found["prompt.1.emphasis"].now, 1.0)
        self.assertNotIn("prompt.2", found)
        self.assertTrue({"words.weight", "words.contours", "guidance"} <= set(found))
        axis = read_axis("prompt.0=heron,blue barge,none", said, "x")
        self.assertEqual(axis.values, ("heron", "blue barge", None))
        self.assertEqual(say(None, found["prompt.0"]), "left out")
        for text, why in (
            ("prompt.0=windmil", "every word must be known, got 'windmil'"),
            ("prompt.0=3", "must be words, got 3"),
            ("prompt=none", "must be words, got null"),
            ("prompt.1.emphasis=3", "must be 0 to 2, got 3"),
        ):
            with self.subTest(text), self.assertRaisesRegex(RecipeError, why):
                read_axis(text, said, "x")

    def test_bounds_present_values_and_names_come_from_the_document(self):
        grow = find_setting(RECIPE, "regions.sky.grow")
        self.assertEqual((grow.low, grow.high, grow.now, grow.title), (-512, 512, 4, "sky: grow"))
        weight = find_setting(RECIPE, "cues.0.weight")
        self.assertEqual((weight.key, weight.now, weight.high), ("cues.tile.weight", 0.6, 2))
        self.assertTrue(weight.percent)
        self.assertFalse(find_setting(RECIPE, "cues.tile.scale").percent)
        self.assertEqual(find_setting(RECIPE, "cues.tile.facets.surface").now, 1.0)
        self.assertEqual(find_setting(RECIPE, "without").choices, (None, "tile", "v1.2", "depth"))
        self.assertIsNone(find_setting(RECIPE, "cues.felt.weight"))


class AxisTest(unittest.TestCase):
    def test_values_are_json_or_words_or_a_range(self):
        for text, values in (
            ("cues.tile.weight=0.3,0.9", (0.3, 0.9)),
            ("departure=0:1:5", (0, 0.25, 0.5, 0.75, 1)),
            ("seed=1:9:3", (1, 5, 9)),
            ("blend=share,mix", ("share", "mix")),
            ("cues.tile.region=none,sky", (None, "sky")),
            ("cues.tile.muted=no,true", (False, True)),
            ("size=[96,64],128x96", ((96, 64), (128, 96))),
            ('source="/a,b.png",/c.png', ("/a,b.png", "/c.png")),
            ("without=null,tile", (None, "tile")),
        ):
            with self.subTest(text):
                self.assertEqual(read_axis(text, RECIPE, "--across").values, values)

    def test_files_lie_beside_the_recipe(self):
        from pathlib import Path

        axis = read_axis("cues.depth.of=source,a/b.png", RECIPE, "--across", Path("/x"))
        self.assertEqual(axis.values, ("source", "/x/a/b.png"))

    def test_refusals_name_the_key_what_is_allowed_and_what_was_found(self):
        for text, said in (
            ("cues.felt.weight=1,2", "must name a setting (size, seed, "),
            ("cues.tile.weight=1,2.5", "cues.tile.weight: must be 0 to 2, got 2.5"),
            ("steps=4,4.5", "steps: must be a whole number, got 4.5"),
            ("blend=share,both", "blend: must be one of share, mix, got \"both\""),
            ("departure=0.5,true", "departure: must be 0 to 1, got true"),
            ("departure=0.5,0.5", "0.5 may stand once, got it twice"),
            ("departure=0:1:1", "must be 2 to 400 values, got 1"),
            ("departure=", "must be KEY=VALUE,VALUE or KEY=FROM:TO:COUNT, got 'departure='"),
            ("size=big,64x64", "size: must be WIDTHxHEIGHT, got \"big\""),
        ):  # fmt: skip
            with self.subTest(text), self.assertRaises(RecipeError) as caught:
                read_axis(text, RECIPE, "--across")
            self.assertTrue(str(caught.exception).startswith("--across: "))
            self.assertIn(said, str(caught.exception))
            self.assertNotIn("\n", str(caught.exception))

    def test_yes_is_not_one(self):
        axis = make_axis("cues.tile.muted", [True, False], RECIPE, "x")
        self.assertEqual(axis.values, (True, False))
        with self.assertRaises(RecipeError):
            make_axis("departure", [True], RECIPE, "x")

    def test_shares_are_typed_and_said_in_percent(self):
        weight, grow = (find_setting(RECIPE, k) for k in ("cues.tile.weight", "regions.sky.grow"))
        self.assertEqual(typed_values("30 50, 90 %", weight), [0.3, 0.5, 0.9])
        self.assertEqual(typed_values("-4; 8", grow), [-4, 8])
        with self.assertRaisesRegex(RecipeError, 'must be a number, got "x"'):
            typed_values("30 x", weight)
        self.assertEqual([say(0.3, weight), say(-4.0, grow)], ["30 %", "-4"])
        source = find_setting(RECIPE, "source")
        self.assertEqual([say("/a/b.png", source), say(None, source)], ["b.png", "noise"])

    def test_a_spread_holds_both_ends(self):
        self.assertEqual(spread(0.2, 0.8, 4, "x"), [0.2, 0.4, 0.6, 0.8])
