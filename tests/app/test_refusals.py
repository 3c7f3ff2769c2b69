"""What the core refuses is said in the language that is spoken; files, keys and values stay."""

import unittest

from overlay.app.parts.language import Catalogue, catalogue_file, read_catalogue
from overlay.app.parts.refusals import translated
from overlay.document.reading import make_recipe
from overlay.document.text.json_text import RecipeError
from overlay.imaging.files import read_picture
from overlay.imaging.intake import PictureError
from tests.workspace import WorkspaceTest

RULES = {"must be a word": "muss ein Wort sein", ", got {0}": ", gefunden: {0}", "none": "keines"}


class GrammarTest(unittest.TestCase):
    def said(self, text):
        return translated(text, lambda rule: RULES.get(rule, ""))

    def test_what_it_is_said_of_and_what_was_found_stay(self):
        for text, said in (
            ("must be a word", "muss ein Wort sein"),
            ("a.json: cues.2: must be a word", "a.json: cues.2: muss ein Wort sein"),
            ("a: must be a word, got 7", "a: muss ein Wort sein, gefunden: 7"),
            ("must be a word, got none", "muss ein Wort sein, gefunden: keines"),
            ("must be a word, got a, got b", "muss ein Wort sein, gefunden: a, got b"),
            ("C: d, e: must be a word", "C: d, e: muss ein Wort sein"),
        ):
            self.assertEqual(self.said(text), said)

    def test_what_is_no_refusal_or_not_known_is_left_to_others(self):
        for text in (
            "",
            "a: b",
            "a: none",
            "none, got none",
            "must be a word of mine, got 7",
            "must be a word: 7",
            ", got ",
        ):
            self.assertEqual(self.said(text), "")


class GermanTest(WorkspaceTest):
    def setUp(self):
        super().setUp()
        self.said = Catalogue(read_catalogue(catalogue_file("de"))).said

    def refused(self, data):
        with self.assertRaises(RecipeError) as caught:
            make_recipe({"overlay": 1} | data, "r.json")
        return self.said(str(caught.exception))

    def test_faults_of_recipes(self):
        cue = {"name": "a", "reference": "a.png"}
        for data, said in (
            ({"departure": 3}, "r.json: departure: darf höchstens 1 sein, gefunden: 3"),
            ({"seed": "x"}, "r.json: seed: muss eine ganze Zahl sein, gefunden: "),
            ({"cues": [cue, cue]}, "Namen von Einsätzen müssen verschieden sein, gefunden: "),
            ({"departur": 1}, "r.json: departur: unbekannter Schlüssel; erlaubt sind "),
            ({"cues": [cue | {"region": "x"}]}, "muss einen Bereich nennen (es gibt: "),
        ):
            with self.subTest(said):
                self.assertIn(said, self.refused(data))

    def test_faults_of_files(self):
        path = self.folder / "must be a word, got.png"
        path.write_bytes(b"no picture")
        with self.assertRaises(PictureError) as caught:
            read_picture(path)
        german = self.said(str(caught.exception))
        self.assertIn("muss ein Bild sein: PNG, JPEG, WebP, TIFF oder OpenRaster", german)
        self.assertTrue(german.startswith(str(path)), german)


if __name__ == "__main__":
    unittest.main()
