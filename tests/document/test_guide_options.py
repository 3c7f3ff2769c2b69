import unittest

from overlay.document.cues import CUE_TYPES, KINDS, GuideCue, ReferenceCue, cues_of
from overlay.document.guide_options import GUIDE_OPTIONS, options_fault
from overlay.document.reading import make_recipe
from overlay.document.text.json_text import RecipeError

DEFAULTS = {
    "edges": {"low": 0.08, "high": 0.2, "sigma": 1.2, "invert": False},
    "outline": {"detail": 0.3, "softness": 1.5, "invert": False},
    "lines": {"thickness": 1.4, "cleaning": 24, "strength": 0.5, "polarity": "auto", "invert": False},
    "depth": {
        "ground": -1.0, "haze": 0.25, "flat_sky": True, "agreement": 0.5, "receding": 0.0,
        "invert": False,
    },
    "blocks": {"cells": 16, "hard": False, "colour": False},
    "pose": {"low": 0.08, "high": 0.2, "sigma": 1.2, "invert": False, "joints": ()},
}  # fmt: skip


class OptionsTest(unittest.TestCase):
    def test_every_guide_has_the_defaults_that_are_promised(self):
        for kind, wanted in DEFAULTS.items():
            with self.subTest(kind):
                self.assertEqual(GUIDE_OPTIONS[kind]().model_dump(), wanted)
        self.assertEqual(set(GUIDE_OPTIONS), set(DEFAULTS))

    def test_faults_name_the_option_the_rule_and_what_was_found(self):
        for kind, options, wanted in (
            ("edges", {"strenght": 1}, "options.strenght: unknown key; allowed are low, high, sigma, invert"),
            ("edges", {"low": 0.5, "high": 0.4}, "options: low must be at most high (0.4), got 0.5"),
            ("blocks", {"cells": 3}, "options.cells: must be greater than or equal to 4, got 3"),
            ("lines", {"polarity": "red"}, "options.polarity: must be 'auto', 'dark' or 'light', got \"red\""),
        ):  # fmt: skip
            with self.subTest(options):
                self.assertEqual(options_fault(kind, options), wanted)

    def test_limits_themselves_are_allowed(self):
        self.assertIsNone(options_fault("edges", {"low": 0.4, "high": 0.4}))
        self.assertIsNone(options_fault("blocks", {"cells": 64}))


class KindsTest(unittest.TestCase):
    def cue(self, **keys):
        [made] = make_recipe({"overlay": 1, "cues": [{"name": "a", **keys}]}, "t").cues
        return made

    def test_each_kind_goes_by_its_own_key(self):
        values = {
            "reference": "a.png",
            "swatches": ["#102030"],
            "guide": "lines",
            "avoided": "b.png",
        }
        for kind, made in zip(KINDS, CUE_TYPES, strict=True):
            self.assertIs(type(self.cue(**{kind: values[kind]})), made)

    def test_a_key_of_another_kind_is_dropped_where_it_says_nothing(self):
        made = self.cue(guide="edges", blur=0, mirror=True, reference=None, take=[0, 0, 1, 1])
        self.assertEqual(made, self.cue(guide="edges"))

    def test_a_key_of_another_kind_that_says_something_is_refused(self):
        for key, value in (("blur", 1), ("mirror", False), ("take", [0, 0, 1, 0.9])):
            with self.assertRaisesRegex(RecipeError, f"{key} belongs to"):
                self.cue(guide="edges", **{key: value})

    def test_what_is_no_object_is_refused(self):
        with self.assertRaisesRegex(RecipeError, "cues.0: must be an object, got 3"):
            make_recipe({"overlay": 1, "cues": [3]}, "t")

    def test_cues_of_a_kind_leave_out_what_is_muted(self):
        cues = [{"name": "a", "guide": "edges"}, {"name": "b", "guide": "lines", "muted": True},
                {"name": "c", "reference": "c.png"}]  # fmt: skip
        made = make_recipe({"overlay": 1, "cues": cues}, "t").cues
        self.assertEqual([c.name for c in cues_of(made, GuideCue)], ["a"])
        self.assertEqual([c.name for c in cues_of(made, GuideCue, heard=False)], ["a", "b"])
        self.assertEqual([c.name for c in cues_of(made, ReferenceCue)], ["c"])
