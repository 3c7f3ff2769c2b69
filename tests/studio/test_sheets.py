import tempfile
from pathlib import Path

import numpy as np

from overlay.document.reading import make_recipe
from overlay.document.sets.sheets import ProofSheet
from overlay.document.text.json_text import RecipeError
from overlay.engine.control import CancelledError, Control
from overlay.imaging.files import write_picture
from overlay.studio.inputs.paths import absolute_recipe
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.keeping.shelf import ProofShelf
from overlay.studio.making.hashing import hash_recipe
from overlay.studio.making.proofs import make_proof
from overlay.studio.sheets.axes import read_axis
from overlay.studio.sheets.cells import at_size, cell_recipe, make_cells, spread_order
from overlay.studio.sheets.hunt import hunt_sheet
from overlay.studio.sheets.job import SheetJob
from tests.pictures import blobs
from tests.workspace import WorkspaceTest


class SheetTest(WorkspaceTest):
    """Gives each test sheets over a small recipe and a shelf."""

    def setUp(self):
        super().setUp()
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.store, self.shelf = PictureStore(), ProofShelf(Path(folder.name))

    def located(self, **keys):
        return absolute_recipe(make_recipe(self.recipe(**keys), "test"), self.folder)

    def sheet(self, across: str, down: str | None = None, **keys) -> ProofSheet:
        recipe = self.located(**keys)
        axes = [
            None if t is None else read_axis(t, recipe, "x", self.folder) for t in (across, down)
        ]
        return ProofSheet(name="test", across=axes[0], down=axes[1], pixels=None, recipe=recipe)

    def job(self, sheet: ProofSheet) -> SheetJob:
        return SheetJob(sheet, self.store, self.shelf)


class CellTest(SheetTest):
    def test_rows_go_down_and_columns_across(self):
        sheet = self.sheet("departure=0.2,0.4,0.6", "cues.paint.weight=0.5,1")
        recipe = cell_recipe(sheet, 1, 2)
        self.assertEqual((recipe.departure, recipe.cues[0].weight), (0.6, 1.0))
        self.assertEqual(recipe.cues[1], sheet.recipe.cues[1])
        self.assertEqual((sheet.rows, sheet.columns), (2, 3))

    def test_one_facet_leaves_the_others_and_another_picture_its_own_take_area(self):
        cue = {"name": "paint", "reference": "paint.png", "take": [0, 0, 0.5, 0.5]}
        sheet = self.sheet("cues.paint.facets.light=0.2", cues=[cue])
        self.assertEqual(cell_recipe(sheet, 0, 0).cues[0].active_facets.surface, 1.0)
        sheet = self.sheet("cues.paint.reference=stripes.png,paint.png", cues=[cue])
        takes = [cell_recipe(sheet, 0, i).cues[0].take for i in (0, 1)]
        self.assertEqual(takes, [(0, 0, 1, 1), (0, 0, 0.5, 0.5)])

    def test_kinds_of_guides_take_what_they_know_of_the_options(self):
        cue = {"name": "g", "guide": "edges", "options": {"low": 0.1, "invert": True}}
        paint = {"name": "paint", "reference": "paint.png"}
        sheet = self.sheet("cues.g.guide=edges,lines", cues=[paint, cue])
        edges, lines = (cell_recipe(sheet, 0, i).cues[1] for i in (0, 1))
        self.assertEqual(edges.options, {"low": 0.1, "invert": True})
        self.assertEqual((lines.guide, lines.options), ("lines", {"invert": True}))

    def test_without_mutes_one_cue_at_a_time(self):
        sheet = self.sheet("without=null,paint,contours")
        muted = [[c.muted for c in cell_recipe(sheet, 0, i).cues] for i in range(3)]
        self.assertEqual(muted, [[False, False], [True, False], [False, True]])

    def test_a_cell_that_cannot_be_says_why_and_the_others_stay(self):
        cue = {"name": "paint", "reference": "paint.png", "enter": 0.5}
        cells = make_cells(self.sheet("cues.paint.leave=0.4,0.6", cues=[cue]), self.store)
        self.assertIn("enter must be less than leave (0.4), got 0.5", cells[0].fault)
        self.assertIsNone(cells[0].recipe)
        self.assertEqual((cells[1].fault, cells[1].recipe.cues[0].leave), ("", 0.6))

    def test_trials_keep_the_proportions_and_are_never_larger(self):
        recipe = self.located(size=[960, 480])
        self.assertEqual(at_size(recipe, 80_000, self.store).size, (400, 200))
        self.assertEqual(at_size(recipe, 10**7, self.store).size, (960, 480))
        write_picture(self.folder / "tall.png", blobs(2, 300, 600))
        tall = self.located(source="tall.png", size=None)
        self.assertEqual(at_size(tall, 20_000, self.store).size, (96, 200))

    def test_sheets_are_limited(self):
        with self.assertRaisesRegex(ValueError, "a sheet may have 400 cells, got 21x20 = 420"):
            self.sheet("seed=0:20:21", "departure=0:1:20")
        with self.assertRaisesRegex(ValueError, "down must be another setting than across"):
            self.sheet("departure=0.2,0.4", "departure=0.2,0.4")

    def test_the_order_spreads_over_the_grid(self):
        order = spread_order(3, 4)
        self.assertEqual(sorted(order), [(r, c) for r in range(3) for c in range(4)])
        self.assertEqual(set(order[:4]), {(0, 0), (2, 3), (0, 3), (2, 0)})


class JobTest(SheetTest):
    def pull_all(self, sheet: ProofSheet) -> dict:
        job = self.job(sheet)
        ready = job.prepare(Control())
        return {
            (one.cell.row, one.cell.column): job.pull(one.cell, Control())
            for one in ready
            if one.cell.recipe is not None
        }

    def test_every_cell_has_the_bytes_of_its_single_run(self):
        settle = [{"kind": "settle", "departure": 0.2}]
        sheet = self.sheet("cues.paint.leave=0.6,1", "cues.contours.enter=0,0.8", passes=settle)
        for place, proof in self.pull_all(sheet).items():
            single = make_proof(cell_recipe(sheet, *place), PictureStore())
            with self.subTest(place):
                np.testing.assert_array_equal(proof.picture, single.picture)
                self.assertEqual(proof.measures, single.measures)
                self.assertEqual(proof.recipe_hash, single.recipe_hash)

    def test_words_vary_over_a_sheet_with_the_bytes_of_single_runs(self):
        said = {"prompt": "heron, canal, mist", "source": None, "departure": 0.7}
        sheet = self.sheet("prompt.0=heron,swan,none", "prompt.2.emphasis=0.5,1", **said)
        prompts = {p: cell_recipe(sheet, *p).prompt for p in ((0, 0), (1, 1), (1, 2))}
        self.assertEqual(
            list(prompts.values()), ["heron, canal, mist 50%", "swan, canal, mist",
                                     "heron 0%, canal, mist"]
        )  # fmt: skip
        proofs = self.pull_all(sheet)
        self.assertEqual(len({p.picture.tobytes() for p in proofs.values()}), 6)
        for place in ((0, 1), (1, 2)):
            single = make_proof(cell_recipe(sheet, *place), PictureStore())
            np.testing.assert_array_equal(proofs[place].picture, single.picture)

    def test_cells_are_kept_light_and_cost_nothing_again(self):
        sheet = self.sheet("departure=0.3,0.6")
        first = self.pull_all(sheet)
        self.assertEqual(list(self.shelf.folder.glob("*.run")), [])
        ready = self.job(self.sheet("departure=0.6,0.9")).prepare(Control())
        self.assertEqual([one.known is not None for one in ready], [True, False])
        self.assertEqual(ready[0].known.number, first[0, 1].number)

    def test_a_look_is_small_and_the_proof_goes_on_from_it(self):
        sheet = self.sheet("departure=0.9,1", size=[192, 128])
        job = self.job(sheet)
        [first, _] = job.prepare(Control())
        look = job.look(first.cell, Control())
        self.assertLess(look.shape[0], 128)
        taken = job._beginnings.taken
        job.pull(first.cell, Control())
        self.assertEqual(job._beginnings.taken, 8)
        self.assertGreater(taken, 2)

    def test_a_picture_that_is_gone_spoils_its_own_cells_alone(self):
        sheet = self.sheet("cues.paint.reference=gone.png,stripes.png")
        ready = self.job(sheet).prepare(Control())
        self.assertIn("gone.png: no such file", ready[0].cell.fault)
        self.assertEqual(ready[1].cell.fault, "")

    def test_stopping_leaves_nothing_behind_for_the_cell(self):
        job = self.job(self.sheet("cues.paint.leave=0.6,1"))
        ready = job.prepare(Control())
        with self.assertRaises(CancelledError):
            job.pull(ready[0].cell, Control(cancelled=lambda: True))
        job.drop((0, 1))
        self.assertEqual(job._beginnings.bytes, 0)


class HuntTest(SheetTest):
    def test_a_hunt_begins_with_the_recipes_own_picture(self):
        recipe = self.located(seed=7)
        plain = hunt_sheet(recipe, 4)
        self.assertEqual((plain.across.key, plain.across.values), ("seed", (7, 108, 209, 310)))
        near = hunt_sheet(recipe, 4, 0.25)
        cells = [cell_recipe(near, 0, i) for i in range(4)]
        self.assertEqual([c.stray.seed for c in cells], [7, 108, 209, 310])
        self.assertEqual({(c.seed, c.stray.amount) for c in cells}, {(7, 0.25)})

    def test_stray_is_checked_and_changes_the_hash_only_where_it_is(self):
        for stray, said in (
            ({"amount": 0.2}, "stray.seed: must be given"),
            ({"seed": 1, "amount": 2}, "stray.amount"),
            ({"seed": 1, "amount": 0.2, "x": 1}, "allowed are seed, amount"),
        ):
            with self.subTest(stray), self.assertRaisesRegex(RecipeError, said):
                self.located(stray=stray)
        plain, strayed = (self.located(**k) for k in ({}, {"stray": {"seed": 1, "amount": 0.2}}))
        self.assertNotEqual(hash_recipe(plain), hash_recipe(strayed))
