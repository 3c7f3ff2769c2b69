from PySide6.QtCore import Qt
from PySide6.QtTest import QTest

from overlay.app.main import _begin
from overlay.imaging.whole_files import write_whole
from overlay.studio.folders import state_folder
from overlay.studio.recovery import load_recovery, recovery_bytes
from tests.app.harness import WindowTest


class BeginTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.bench.change_recipe("Seed", seed=1234)
        data = recovery_bytes(self.bench.project)
        self.settle()
        write_whole(state_folder() / "recovery.json", lambda file: file.write(data))
        self.window.desk._recovery.stop()

    def test_unsaved_work_comes_back(self):
        self.bench.take_project(type(self.bench.project)())
        _begin(self.window, None)
        self.assertEqual(self.bench.project.recipe.seed, 1234)
        self.assertIn("unsaved work from last time is back", self.status)

    def test_beside_another_project_it_is_offered_and_put_aside(self):
        _begin(self.window, self.write_recipe("other.json", seed=5))
        self.assertEqual(self.bench.project.recipe.seed, 5)
        self.assertIn("unsaved work", self.status)
        project, _ = load_recovery(state_folder() / "recovery-earlier.json")
        self.assertEqual(project.recipe.seed, 1234)
        QTest.mouseClick(self.window.stage.status.action, Qt.MouseButton.LeftButton)
        self.assertEqual(self.bench.project.recipe.seed, 1234)

    def test_opening_another_project_ends_the_run_of_the_first(self):
        self.bench.change_recipe("Long", steps=200, size=[384, 256])
        self.window.puller.pull()
        self.wait(lambda: self.window.puller._developed)
        self.window.open_path(self.write_recipe("other.json", seed=5))
        self.settle()
        self.assertIsNone(self.bench.proof)
        self.assertEqual(self.window.top.button.text().strip(), "Pull")
