"""What is just allowed is, what is one beyond it is not, and each edit is told of."""

import json
import unittest

import numpy as np

from overlay.document.part import shown
from overlay.document.project import Project
from overlay.document.project_file import make_project_file
from overlay.document.reading import make_recipe
from overlay.document.sets.even import FEWEST_COLOURS, MOST_COLOURS, check_colours
from overlay.document.taught import check_word
from overlay.document.text.json_text import RecipeError
from overlay.document.text.packed import pack_colours


class BoundTest(unittest.TestCase):
    def test_a_word_that_is_taught_has_up_to_four_parts(self):
        self.assertEqual(check_word("Red  brick canal wall"), "red brick canal wall")
        with self.assertRaisesRegex(ValueError, "one to four plain words"):
            check_word("old red brick canal wall")

    def test_a_value_of_sixty_characters_is_shown_whole(self):
        self.assertEqual(shown("a" * 58), json.dumps("a" * 58))
        self.assertEqual(shown("a" * 59), '"' + "a" * 56 + "...")

    def test_sixteen_megapixels_are_allowed_and_a_row_more_is_not(self):
        self.assertEqual(make_recipe({"overlay": 1, "size": [4096, 4096]}, "r").size, (4096, 4096))
        with self.assertRaisesRegex(RecipeError, "16 megapixels, got 4096x4097"):
            make_recipe({"overlay": 1, "size": [4096, 4097]}, "r")

    def test_a_set_has_so_many_colours_and_no_more_or_fewer(self):
        for count, allowed in (
            (FEWEST_COLOURS - 1, False), (FEWEST_COLOURS, True),
            (MOST_COLOURS, True), (MOST_COLOURS + 1, False),
        ):  # fmt: skip
            text = pack_colours(np.zeros((count, 3), np.uint8))
            if allowed:
                self.assertEqual(check_colours(text), text)
                continue
            with self.assertRaisesRegex(ValueError, f"colours, got {count}"):
                check_colours(text)

    def test_a_project_file_is_known_by_its_key(self):
        data = {"overlay_project": 1, "recipe": {"overlay": 1}}
        self.assertEqual(make_project_file(data, "p").recipe.overlay, 1)
        for wrong, words in (
            ({"recipe": {"overlay": 1}}, "overlay_project: must be 1, got nothing"),
            ([], "overlay_project: must be 1, got nothing"),
            (data | {"overlay_project": 2}, "the file is of a newer Overlay"),
        ):
            with self.assertRaisesRegex(RecipeError, words):
                make_project_file(wrong, "p")

    def test_saving_is_told_and_so_is_nothing_else(self):
        project, told = Project(), []
        project.changed.connect(told.append)
        project.mark_saved()
        self.assertEqual(len(told), 1)
        self.assertFalse(project.modified)
        project.mark_unsaved()
        self.assertTrue(project.modified)
        project.undo()
        self.assertEqual(len(told), 1)


if __name__ == "__main__":
    unittest.main()
