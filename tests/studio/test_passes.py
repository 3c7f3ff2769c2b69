import json
from unittest import mock

import numpy as np

from overlay.document.reading import make_recipe
from overlay.document.recipe import Recipe
from overlay.engine.control import CancelledError, Control
from overlay.imaging.files import read_picture
from overlay.studio.inputs.paths import absolute_recipe
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.keeping.room import trim_proofs
from overlay.studio.keeping.shelf import ProofShelf
from overlay.studio.keeping.stages import KeptStages
from overlay.studio.making import proofs
from overlay.studio.making.hashing import hash_recipe, up_to
from overlay.studio.making.proofs import make_proof
from overlay.studio.runs.pull import pull_proof
from tests.workspace import WorkspaceTest

ENLARGE = {"kind": "enlarge", "factor": 2.0}
REFINE = {"kind": "refine", "departure": 0.3}


class PassesTest(WorkspaceTest):
    def located(self, *passes: dict, **keys) -> Recipe:
        return absolute_recipe(make_recipe(self.recipe(passes=[*passes], **keys), "r"), self.folder)

    def counted(self, recipe: Recipe, **keys):
        """A proof, and how often the engine ran for it."""
        found = proofs.find_engine("patches")
        engine = mock.Mock(side_effect=found)
        with mock.patch.object(proofs, "find_engine", return_value=engine):
            proof = make_proof(recipe, **keys)
        return proof, engine.call_count

    def test_each_pass_is_a_stage_with_size_measures_and_a_frame(self):
        proof = make_proof(self.located(REFINE, ENLARGE), PictureStore())
        self.assertEqual(proof.picture.shape, (128, 192, 3))
        said = [(s["kind"], s["size"]) for s in proof.report()["stages"]]
        wanted = [("base", [96, 64]), ("refine", [96, 64]), ("enlarge", [192, 128])]
        self.assertEqual(said, wanted)
        self.assertEqual([f.progress for f in proof.filmstrip[-3:]], [1.0, 2.0, 3.0])
        steps = [f.step for f in proof.filmstrip]
        self.assertEqual(steps[-2:], [steps[-3] + 1, steps[-3] + 2])
        for stage in proof.stages:
            self.assertIn("structure_kept", stage.measures)
        self.assertEqual(proof.measures, proof.stages[-1].measures)
        self.assertEqual(proof.stages[0].recipe_hash, hash_recipe(self.located()))
        self.assertNotIn("stages", make_proof(self.located(), PictureStore()).report())

    def test_nothing_is_done_twice(self):
        store = PictureStore()
        base, runs = self.counted(self.located(), store=store)
        self.assertEqual(runs, 1)
        _, runs = self.counted(self.located(REFINE), store=store)
        self.assertEqual(runs, 1)  # the pass alone
        _, runs = self.counted(self.located(REFINE, ENLARGE), store=store)
        self.assertEqual(runs, 0)  # the octave is no run
        reseeded = REFINE | {"seed": 99}
        other, runs = self.counted(self.located(reseeded), store=store)
        self.assertEqual(runs, 1)
        self.assertEqual(other.stages[0].recipe_hash, base.recipe_hash)
        fresh = make_proof(self.located(reseeded), PictureStore())
        np.testing.assert_array_equal(other.picture, fresh.picture)
        first = make_proof(self.located(REFINE), store)
        self.assertGreater((first.picture != other.picture).mean(), 0.01)

    def test_a_pass_that_is_off_is_kept_but_not_run(self):
        store = PictureStore()
        plain = make_proof(self.located(), store)
        off = self.located(REFINE | {"off": True})
        self.assertEqual(hash_recipe(off), plain.recipe_hash)
        np.testing.assert_array_equal(make_proof(off, store).picture, plain.picture)
        self.assertTrue(off.passes[0].off)

    def test_keys_that_came_later_leave_old_hashes_as_they_were(self):
        """Settled proofs of before are found again."""
        settled = self.located({"kind": "settle", "departure": 0.2})
        data = settled.model_dump(mode="json")["passes"][0]
        with mock.patch("overlay.studio.making.hashing._plain_pass") as plain:
            plain.return_value = {k: data[k] for k in ("kind", "departure", "rim_of")}
            before = hash_recipe(settled)
        self.assertEqual(hash_recipe(settled), before)
        self.assertNotEqual(
            hash_recipe(self.located(settled.passes[0].model_dump() | {"seed": 3})), before
        )

    def test_stages_last_from_session_to_session(self):
        shelf = ProofShelf(self.folder / "shelf")
        pull_proof(self.located(REFINE, ENLARGE), shelf, PictureStore())
        kept = KeptStages(shelf, PictureStore().stages)
        for count in (0, 1):
            found = kept.find(hash_recipe(up_to(self.located(REFINE, ENLARGE), count)))
            self.assertEqual(len(found.stages), count + 1)
            self.assertEqual(found.done.picture.shape, (64, 96, 3))
            self.assertIsNotNone(found.done.trace)
        with mock.patch.object(
            proofs, "find_engine", return_value=mock.Mock(side_effect=AssertionError)
        ):
            larger = pull_proof(
                self.located(REFINE, ENLARGE | {"factor": 3.0}), shelf, PictureStore()
            )
        self.assertEqual(larger.picture.shape, (192, 288, 3))
        again = shelf.find(larger.recipe_hash)
        self.assertEqual([s.kind for s in again.stages], ["base", "refine", "enlarge"])
        for path in (shelf.folder / "stages").glob("*.run"):
            path.write_bytes(b"damaged")
        made = pull_proof(self.located(REFINE, ENLARGE | {"factor": 1.5}), shelf, PictureStore())
        self.assertEqual(made.picture.shape, (96, 144, 3))

    def test_stages_go_before_any_proof_loses_its_picture(self):
        root = self.folder / "shelves"
        shelf = ProofShelf(root / "one")
        proof = pull_proof(self.located(ENLARGE), shelf, PictureStore())
        stages = shelf.folder / "stages"
        self.assertEqual(len([*stages.glob("*.png")]), 1)
        room = sum(p.stat().st_size for p in shelf.folder.glob("*.*"))
        self.assertEqual(trim_proofs(root, room + 10), 0)
        self.assertEqual([*stages.iterdir()], [])
        self.assertIsNotNone(shelf.find(proof.recipe_hash))

    def test_cues_take_part_or_do_not(self):
        store = PictureStore()
        base = make_proof(self.located(), store)
        nobody = make_proof(self.located(REFINE | {"cues": ["contours"]}), store)
        np.testing.assert_array_equal(nobody.picture, base.picture)
        self.assertGreater(
            (make_proof(self.located(REFINE), store).picture != base.picture).mean(), 0.01
        )

    def test_enlarging_a_confined_run_leaves_the_rest_the_enlarged_source(self):
        half = {"points": [[0, 0], [0.5, 0], [0.5, 1], [0, 1]], "fill": True}
        keys = {"regions": {"left": {"strokes": [half]}}, "within": "left"}
        store = PictureStore()
        faithful = make_proof(self.located(ENLARGE | {"departure": 0.0}, **keys), store)
        drawn = make_proof(self.located(ENLARGE, **keys), store)
        np.testing.assert_array_equal(drawn.picture[:, 98:], faithful.picture[:, 98:])
        self.assertGreater((drawn.picture[:, :90] != faithful.picture[:, :90]).mean(), 0.1)

    def test_marks_stay_as_fine_where_they_shall(self):
        found, asked = proofs.find_engine("patches"), []

        def engine(request, control):
            asked.append(request)
            return found(request, control)

        for marks in ("grow", "stay"):
            with mock.patch.object(proofs, "find_engine", return_value=engine):
                later = ENLARGE | {"departure": 0.45, "marks": marks}
                make_proof(self.located(later), PictureStore())
        _, grown, _, stay = asked
        self.assertAlmostEqual(grown.styles[0].scale / stay.styles[0].scale, 2.0)
        self.assertEqual((grown.marked, stay.marked), (True, False))
        self.assertAlmostEqual(grown.departure, 0.3)  # for what lies beyond the octave
        self.assertEqual(stay.departure, 0.45)

    def test_settling_and_refining_act_at_the_size_that_was_made(self):
        sky = {"sky": {"mask": "sky.png"}}
        settle = {"kind": "settle", "departure": 0.3, "rim_of": "sky"}
        store = PictureStore()
        larger = make_proof(self.located(ENLARGE, regions=sky), store)
        settled = make_proof(self.located(ENLARGE, settle, regions=sky), store)
        self.assertEqual(settled.picture.shape, (128, 192, 3))
        away = (settled.picture != larger.picture).any(axis=2)
        self.assertFalse(away[:30].any() or away[100:].any())
        self.assertTrue(away[50:70].any())
        self.assertEqual(
            make_proof(self.located(ENLARGE, REFINE), store).picture.shape, (128, 192, 3)
        )

    def test_a_stopped_pass_leaves_the_base_kept(self):
        store, said = PictureStore(), []

        def report(_share: float, stage: str) -> None:
            said.append(stage)
            if stage.endswith("enlarging"):
                raise CancelledError

        with self.assertRaises(CancelledError):
            make_proof(self.located(ENLARGE), store, Control(report=report))
        with mock.patch.object(
            proofs, "find_engine", return_value=mock.Mock(side_effect=AssertionError)
        ):
            seen: list[str] = []
            control = Control(report=lambda _share, stage: seen.append(stage))
            make_proof(self.located(ENLARGE), store, control)
        self.assertIn("base kept, enlarging", seen)

    def test_from_the_command_line_stages_are_the_shorter_recipes(self):
        from overlay.cli import main

        path = self.write_recipe(passes=[REFINE, ENLARGE])
        out, report = self.folder / "out.png", self.folder / "r.json"
        arguments = ["render", str(path), "--out", str(out), "--report", str(report), "--quiet"]
        self.assertEqual(main(arguments), 0)
        self.assertEqual(len(json.loads(report.read_text())["stages"]), 3)
        for stage, size in (("0", (64, 96)), ("1", (64, 96)), ("2", (128, 192))):
            self.assertEqual(main([*arguments, "--stage", stage]), 0)
            self.assertEqual(read_picture(out).shape[:2], size)
        base = make_proof(self.located(), PictureStore()).picture
        main([*arguments, "--stage", "0"])
        np.testing.assert_array_equal(read_picture(out), base)
