import json
import zipfile
from pathlib import Path

from overlay.document.text.json_text import RecipeError
from overlay.engine.control import Control
from overlay.imaging.intake import PictureError
from overlay.studio.bench.bench import Bench
from overlay.studio.keeping.recovery import Snapshot, load_recovery, recovery_bytes
from overlay.studio.runs.pull import pull_proof
from tests.workspace import WorkspaceTest


class BenchTest(WorkspaceTest):
    def setUp(self):
        super().setUp()
        self.bench = Bench()
        self.bench.open(self.write_recipe())

    def test_opening_gathers_the_pictures(self):
        names = [p.name for p in self.bench.project.state.tray]
        self.assertEqual(names, ["mill.png", "paint.png"])
        self.assertFalse(self.bench.project.modified)

    def test_what_cannot_be_opened_changes_nothing(self):
        before = self.bench.project
        bad = self.folder / "bad.json"
        bad.write_text("{")
        with self.assertRaises(RecipeError):
            self.bench.open(bad)
        self.assertIs(self.bench.project, before)

    def test_edits_have_names_and_bad_ones_change_nothing(self):
        self.bench.change_cue(0, "Weight", weight=0.4)
        self.assertEqual(self.bench.project.undo_name, "Weight of paint")
        with self.assertRaisesRegex(RecipeError, "weight: must be less than or equal to 2, got 9"):
            self.bench.change_cue(0, "Weight", weight=9)
        self.assertEqual(self.bench.project.recipe.cues[0].weight, 0.4)

    def test_cues_are_added_under_free_names_and_removed(self):
        path = str(self.folder / "stripes.png")
        self.bench.add_cue("paint", reference=path)
        self.assertEqual(self.bench.selected_cue.name, "paint 2")
        self.assertIn(Path(path), self.bench.project.state.tray)
        self.bench.remove_cues([2])
        self.assertEqual(len(self.bench.project.recipe.cues), 2)
        self.bench.project.undo()
        self.assertEqual(len(self.bench.project.recipe.cues), 3)

    def test_a_bad_picture_is_not_taken_into_the_tray(self):
        bad = self.folder / "bad.png"
        bad.write_text("no")
        before = self.bench.project.state
        with self.assertRaises(PictureError):
            self.bench.add_pictures([self.folder / "stripes.png", bad])
        self.assertEqual(self.bench.project.state, before)

    def test_the_source_can_go_and_come(self):
        self.bench.set_source(None)
        self.assertEqual(self.bench.project.recipe.departure, 1.0)
        self.bench.set_source(self.folder / "stripes.png")
        self.assertTrue(self.bench.project.recipe.source.endswith("stripes.png"))

    def test_a_region_from_a_mask_is_one_step(self):
        self.bench.add_region("sky", self.folder / "sky.png", 0)
        self.assertEqual(self.bench.selected_cue.region, "sky")
        self.bench.project.undo()
        self.assertEqual(self.bench.project.recipe.regions, {})

    def test_a_second_mask_of_a_name_is_another_region_and_a_cue_that_went_gets_none(self):
        self.bench.add_region("sky", self.folder / "sky.png", 0)
        self.bench.add_region("sky", self.folder / "land.png", 1)
        regions = self.bench.project.recipe.regions
        self.assertEqual([Path(r.mask).stem for r in regions.values()], ["sky", "land"])
        self.assertEqual([c.region for c in self.bench.project.recipe.cues], ["sky", "sky 2"])
        with self.assertRaisesRegex(RecipeError, "cue 3 is no longer there, there are 2"):
            self.bench.add_region("hill", self.folder / "sky.png", 2)

    def test_the_topmost_cue_stays_where_it_is_moved_up_and_the_last_moved_down(self):
        before = self.bench.project.recipe
        self.bench.move_cues([0], -1)
        self.bench.move_cues([1], 3)
        self.assertIs(self.bench.project.recipe, before)
        self.assertEqual(self.bench.selected_index, 0)

    def test_a_new_seed_is_taken_where_the_project_says_so(self):
        self.bench.take_seed()
        seed = self.bench.project.recipe.seed
        self.bench.set_seed_rule("new")
        self.bench.take_seed()
        self.assertNotEqual(self.bench.project.recipe.seed, seed)
        path = self.folder / "a.overlay"
        self.bench.save(path)
        self.bench.open(path)
        self.assertEqual(self.bench.project.state.seed_rule, "new")
        self.bench.set_seed_rule("same")
        self.bench.save(path)
        self.assertNotIn(b"seed_rule", zipfile.ZipFile(path).read("project.json"))

    def test_the_same_recipe_is_pulled_once(self):
        recipe = self.bench.project.recipe
        first = pull_proof(recipe, self.bench.shelf, self.bench.store)
        self.assertTrue(self.bench.take_proof(first))
        asked = []
        again = pull_proof(
            recipe, self.bench.shelf, self.bench.store, Control(report=lambda f, s: asked.append(s))
        )
        self.assertEqual((asked, again.number), ([], 1))
        self.assertFalse(self.bench.take_proof(again))
        other = pull_proof(
            recipe.model_copy(update={"seed": 3}), self.bench.shelf, self.bench.store
        )
        self.assertEqual(other.number, 2)

    def test_saving_writes_paths_relative_to_the_new_place(self):
        inner = self.folder / "inner"
        inner.mkdir()
        self.bench.change_recipe("Seed", seed=5)
        self.bench.save(inner / "r.json")
        data = json.loads((inner / "r.json").read_text())
        self.assertEqual((data["source"], data["seed"]), ("../mill.png", 5))
        self.assertFalse(self.bench.project.modified)

    def test_the_recovery_copy_brings_everything_back(self):
        self.bench.change_recipe("Seed", seed=11)
        path = self.folder / "recovery.json"
        path.write_bytes(recovery_bytes(Snapshot.of(self.bench.project)))
        project = load_recovery(path).project()
        self.assertTrue(project.modified)
        self.assertEqual(project.state, self.bench.project.state)
        self.assertEqual(project.path, self.bench.project.path)
        self.assertEqual(project.stamp, self.bench.project.stamp)

    def test_a_damaged_recovery_copy_counts_as_none(self):
        path = self.folder / "recovery.json"
        for text in (
            "",
            "{",
            '{"recipe": 1}',
            '{"recipe": {"overlay": 1}, "tray": 3, "path": null}',
        ):
            path.write_text(text)
            self.assertIsNone(load_recovery(path))
