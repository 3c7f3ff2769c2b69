import unittest
from pathlib import Path

from overlay.document.observer import Announcement
from overlay.document.project import Project
from overlay.document.recipe import Recipe


class ProjectTest(unittest.TestCase):
    def setUp(self):
        self.project = Project()
        self.changes = 0
        self.project.changed.connect(self.count)

    def count(self, what):
        self.changes += 1

    def test_edits_are_undone_and_redone_by_name(self):
        for seed in (1, 2, 3):
            self.project.edit(f"Seed {seed}", Recipe(seed=seed))
        self.assertEqual(self.project.undo_name, "Seed 3")
        self.project.undo()
        self.project.undo()
        self.assertEqual((self.project.recipe.seed, self.project.redo_name), (1, "Seed 2"))
        self.project.redo()
        self.assertEqual(self.project.recipe.seed, 2)
        self.assertEqual(self.changes, 6)

    def test_an_edit_that_changes_nothing_is_no_step(self):
        self.project.edit("Nothing", Recipe())
        self.assertIsNone(self.project.undo_name)
        self.assertEqual(self.changes, 0)

    def test_a_new_edit_drops_what_could_be_redone(self):
        self.project.edit("A", Recipe(seed=1))
        self.project.undo()
        self.project.edit("B", Recipe(seed=2))
        self.assertIsNone(self.project.redo_name)

    def test_undo_at_the_beginning_does_nothing(self):
        self.project.undo()
        self.project.redo()
        self.assertEqual(self.changes, 0)

    def test_modified_compares_with_what_was_saved(self):
        self.project.edit("A", Recipe(seed=1), tray=(Path("/a.png"),))
        self.assertTrue(self.project.modified)
        self.project.mark_saved(Path("/r.json"))
        self.assertFalse(self.project.modified)
        self.project.undo()
        self.assertTrue(self.project.modified)
        self.assertEqual(self.project.state.tray, ())


class SignalTest(unittest.TestCase):
    def test_listeners_hear_in_the_order_they_came(self):
        heard: list[tuple[str, int]] = []
        signal: Announcement[[int]] = Announcement()
        for name in "ba":
            signal.connect(lambda value, name=name: heard.append((name, value)))
        signal.emit(4)
        self.assertEqual(heard, [("b", 4), ("a", 4)])
