from overlay.document.editing import recipe_data
from overlay.document.reading import make_recipe
from overlay.document.text.json_text import RecipeError
from overlay.studio.bench.bench import Bench
from overlay.studio.bench.region_edits import (
    add_region,
    change_region,
    copy_region,
    redo_in,
    remove_region,
    rename_region,
    settle_with,
)
from overlay.studio.keeping.shelf import Kept
from tests.workspace import WorkspaceTest


class RegionEditTest(WorkspaceTest):
    def setUp(self):
        super().setUp()
        self.bench = Bench()
        self.bench.open(self.write_recipe(regions={"sky": {"mask": "sky.png"}}))
        self.project = self.bench.project

    @property
    def now(self):
        return self.project.recipe

    def test_names_stay_free_and_copies_stay_adjustable(self):
        self.assertEqual(add_region(self.project, "sky", pick="sky"), "sky 2")
        change_region(self.project, "sky 2", "Grow", grow=3)
        self.assertEqual(copy_region(self.project, "sky 2"), "sky 2 2")
        self.assertEqual(self.now.regions["sky 2 2"], self.now.regions["sky 2"])
        self.assertEqual(self.project.undo_name, "Region sky 2 2")

    def test_a_new_name_is_known_everywhere(self):
        add_region(self.project, "all", unite=["sky"])
        self.bench.change_cue(0, "Region", region="sky")
        settle_with(self.project, 0.3, "sky")
        rename_region(self.project, "sky", "air")
        self.assertEqual(list(self.now.regions), ["air", "all"])
        self.assertEqual(self.now.regions["all"].unite, ("air",))
        self.assertEqual((self.now.cues[0].region, self.now.passes[0].rim_of), ("air", "air"))
        remove_region(self.project, "air")
        self.assertEqual((self.now.regions["all"].unite, self.now.passes), ((), ()))
        self.assertIsNone(self.now.cues[0].region)

    def test_a_region_follows_the_guide_whose_contours_it_heeds(self):
        add_region(self.project, "inside", pick="inside@0.5,0.5", guide="contours")
        self.bench.change_cue(1, "Name", name="lines")
        self.assertEqual(self.now.regions["inside"].guide, "lines")
        self.bench.remove_cues([1])
        self.assertIsNone(self.now.regions["inside"].guide)

    def test_redoing_confines_the_next_run_to_a_region_of_the_proof(self):
        settle_with(self.project, 0.3, None)
        source = self.folder / "stripes.png"
        kept = Kept("0" * 64, 4, self.now, {}, (96, 64), 0.0, True, 2)
        redo_in(self.project, "sky", kept, source)
        self.assertEqual((self.now.within, self.now.seed, self.now.passes), ("sky", 1, ()))
        self.assertEqual(self.project.undo_name, "Redo sky of proof 4")
        self.assertIn(source, self.project.state.tray)

    def test_what_is_wrong_is_refused_by_key(self):
        stroke = {"points": [[0.1, 0.1]], "ramp": "linear"}
        for regions, said in (
            ({"a": {"strokes": [stroke]}}, "points of a ramp must be two, got 1"),
            ({"a": {"strokes": [stroke | {"soft": 2}]}}, "regions.a.strokes.0.soft"),
            ({"a": {"guide": "paint"}}, r"must name a guide with contours \(there are: contours\)"),
            ({"a": {"pick": "like"}}, "regions.a.pick: pick must be one of subject"),
        ):
            with self.subTest(said), self.assertRaisesRegex(RecipeError, said):
                make_recipe(recipe_data(self.now) | {"regions": regions}, "t")
