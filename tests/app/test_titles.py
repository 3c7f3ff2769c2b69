"""Measures and settings in the language that is spoken; names that people gave stay."""

import unittest

from overlay.app.main import make_application
from overlay.app.parts.language import speak
from overlay.app.parts.titles import measure_name, setting_name, setting_value
from overlay.document.reading import make_recipe
from overlay.studio.sheets.settings import find_setting

RECIPE = make_recipe(
    {
        "overlay": 1,
        "prompt": "fox",
        "source": "a.png",
        "cues": [{"name": "weight", "reference": "b.png"}],
        "regions": {"whole": {"pick": "sky"}},
    },
    "test",
)


class TitlesTest(unittest.TestCase):
    def setUp(self):
        application = make_application()
        speak(application, "de")
        self.addCleanup(speak, application, "en")

    def test_measures(self):
        self.assertEqual(measure_name("style_match.sky"), "Stil getroffen, sky")
        self.assertEqual(measure_name("share.share"), "Ihr Anteil, share")
        self.assertEqual(measure_name("rash"), "Ausschlag")

    def test_settings_are_translated_and_whose_they_are_is_not(self):
        weight = find_setting(RECIPE, "cues.weight.weight")
        self.assertEqual(setting_name(weight), "weight: Gewicht")
        self.assertEqual(setting_name(find_setting(RECIPE, "departure")), "Abweichung")
        self.assertEqual(setting_value(0.4, weight), "40 %")

    def test_what_stands_for_no_value_is_translated_and_a_region_of_that_name_is_not(self):
        region = find_setting(RECIPE, "cues.weight.region")
        self.assertEqual(setting_value(None, region), "ganz")
        self.assertEqual(setting_value("whole", region), "whole")


if __name__ == "__main__":
    unittest.main()
