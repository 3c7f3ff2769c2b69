"""Projects saved, packed and opened again in the window."""

from pathlib import Path
from unittest import mock

from PySide6.QtWidgets import QFileDialog

from tests.app.harness import WindowTest


class ProjectFileTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.path = self.folder / "almanac.overlay"

    def save(self, path: Path) -> None:
        answer = mock.patch.object(
            QFileDialog, "getSaveFileName", return_value=(str(path), "Project (*.overlay)")
        )
        with answer:
            self.choose("Save as")
        self.settle()

    def test_a_project_is_saved_with_its_pictures_and_opens_without_them(self):
        self.bench.change_cue(0, "Weight", weight=0.65)
        self.pull()
        number = self.bench.proof.number
        self.save(self.path)
        self.assertEqual(self.status, "Saved almanac.overlay")
        self.assertFalse(self.bench.project.modified)
        for name in ("mill.png", "paint.png"):
            (self.folder / name).unlink()
        self.window.open_path(self.path)
        self.settle()
        self.assertEqual(self.bench.project.recipe.cues[0].weight, 0.65)
        self.assertEqual(self.bench.project.path, self.path)
        self.assertEqual(self.bench.proof.number, number)
        self.assertIsNotNone(self.window.stage.images["source"])
        self.pull()
        self.assertIn(f"Same as proof {number}", self.status)

    def test_the_ending_is_added_and_saving_again_asks_nothing(self):
        self.save(self.folder / "bare")
        self.assertTrue((self.folder / "bare.overlay").exists())
        self.bench.change_cue(0, "Weight", weight=0.3)
        self.choose("Save")
        self.settle()
        self.assertFalse(self.bench.project.modified)

    def test_a_change_made_while_saving_stays_unsaved(self):
        self.window.dialogs.save_to(self.path)
        self.bench.change_cue(0, "Weight", weight=0.3)
        self.settle()
        self.assertTrue(self.bench.project.modified)

    def test_a_damaged_file_is_refused_and_changes_nothing(self):
        self.path.write_bytes(b"not a container")
        before = self.bench.project
        self.window.open_path(self.path)
        self.settle()
        self.assertIn("almanac.overlay: must be a project file (ZIP)", self.status)
        self.assertIs(self.bench.project, before)

    def test_packed_proofs_hang_where_the_file_is_opened(self):
        self.pull()
        self.window.dialogs.pack_to(self.path)
        self.settle()
        self.assertEqual(self.status, "Packed almanac.overlay with its proofs")
        self.assertNotEqual(self.bench.project.path, self.path)
        self.window.open_path(self.path)
        self.settle()
        self.pull()
        self.assertIn("nothing has changed since", self.status)
