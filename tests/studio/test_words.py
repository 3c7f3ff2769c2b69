import numpy as np
from scipy.ndimage import binary_dilation, binary_erosion

from overlay.document.recipe import Recipe
from overlay.document.text.json_text import RecipeError
from overlay.engine.kept import forget
from overlay.imaging.colour import srgb_to_work
from overlay.imaging.files import write_grey16
from overlay.measures.structure import layout_match
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.groundwork import Groundwork
from overlay.studio.making.hashing import hash_recipe
from overlay.studio.making.laying import lay_canvas
from overlay.studio.making.proofs import make_proof
from overlay.words.tone import CONTRAST, part_tones
from tests.workspace import WorkspaceTest

SIZE = (144, 96)


class WordsInProofsTest(WorkspaceTest):
    def recipe(self, **changes):
        style = {"name": "paint", "reference": str(self.folder / "paint.png")}
        base = {"size": SIZE, "seed": 3, "departure": 0.7, "cues": [style]}
        return Recipe.model_validate({"overlay": 1} | base | changes, strict=False)

    def proof(self, **changes):
        forget()
        return make_proof(self.recipe(**changes), PictureStore())

    def canvas(self, **changes):
        return lay_canvas(self.recipe(**changes), PictureStore())

    def test_guidance_or_weight_of_nothing_is_as_if_there_were_no_words(self):
        plain = self.proof(departure=1.0).picture
        for changes in ({"guidance": 0.0}, {"words": {"weight": 0.0}}):
            with self.subTest(changes):
                same = self.proof(departure=1.0, prompt="red heron, canal, dusk", **changes).picture
                self.assertEqual(same.tobytes(), plain.tobytes())
        said = self.proof(departure=1.0, prompt="red heron, canal, dusk").picture
        self.assertNotEqual(said.tobytes(), plain.tobytes())

    def test_muted_words_are_none_and_words_are_named_where_they_decide(self):
        muted = self.proof(departure=1.0, prompt="heron, canal", words={"muted": True})
        self.assertEqual(muted.picture.tobytes(), self.proof(departure=1.0).picture.tobytes())
        said = self.proof(prompt="heron, canal", departure=0.6)
        self.assertEqual(said.influence.names, ("paint", "words"))
        self.assertGreater(said.influence.of("words").max(), 0)

    def test_marks_words_steer_the_choice_of_marks_avoided_or_wished(self):
        def wishes(**said):
            found = Groundwork(self.recipe(departure=1.0, **said), PictureStore()).request.marks
            return {w.trait: round(w.amount, 3) for w in found}

        self.assertEqual(wishes(avoid="blurred, busy 50%"), {"blurred": -1.0, "busy": -0.5})
        self.assertEqual(wishes(prompt="heron, fine marks, less busy"), {"fine": 1.0, "busy": -0.6})
        self.assertEqual(wishes(avoid="busy", guidance=0.5), {"busy": -0.5})
        self.assertEqual(wishes(avoid="busy", words={"muted": True}), {})
        self.assertEqual(wishes(prompt="heron, canal"), {})

    def test_words_on_a_source_stay_within_their_region_and_stand_in_it(self):
        source = str(self.folder / "mill.png")
        regions = {"left": {"strokes": [{"points": [[0.25, 0.5], [0.25, 0.6]], "size": 0.5}]}}
        base = {"source": source, "regions": regions, "prompt": "red haystack, dusk"}
        plain = self.canvas(source=source).picture.astype(int)
        tied = self.canvas(**base, words={"region": "left"})
        changed = np.abs(tied.picture.astype(int) - plain).max(axis=2) > 3
        self.assertEqual(int(changed[:, 90:].sum()), 0)
        self.assertGreater(changed[:, 10:60].mean(), 0.3)
        mask = tied.set_in["haystack"]
        self.assertLess(np.flatnonzero(mask.any(axis=0)).max(), 90)
        free = self.canvas(**base)
        self.assertGreater(np.abs(free.picture.astype(int) - plain)[:, 100:].mean(), 3)

    def test_a_corrected_depth_is_the_one_that_fog_lies_by(self):
        source = str(self.folder / "mill.png")
        near = np.zeros((64, 96), np.float32)
        near[:, 48:] = 1
        write_grey16(self.folder / "depth.png", near)
        depth = {"name": "d", "guide": "depth", "map": str(self.folder / "depth.png")}
        style = {"name": "paint", "reference": str(self.folder / "paint.png")}
        plain = self.canvas(source=source).picture.astype(int)
        fog = self.canvas(source=source, prompt="fog", cues=[style, depth]).picture
        lost = np.abs(fog.astype(int) - plain).mean(axis=(0, 2))
        self.assertGreater(lost[:66].mean(), 1.7 * lost[78:].mean())

    def test_guidance_pushes_the_proof_towards_what_is_drawn(self):
        match = []
        for guidance in (0.1, 0.5, 1.0):
            said = {"prompt": "windmill, canal", "guidance": guidance, "departure": 0.5}
            drawn = srgb_to_work(self.canvas(**said, size=(240, 160), seed=4).words.picture)
            made = self.proof(**said, size=(240, 160), seed=4).picture
            match.append(layout_match(srgb_to_work(made), drawn))
        self.assertEqual(match, sorted(match))
        self.assertGreater(match[-1], match[0] + 3)

    def test_contours_are_a_guide_by_themselves_and_can_be_left_out(self):
        work = Groundwork(self.recipe(prompt="windmill, canal"), PictureStore())
        self.assertEqual([g.name for g in work.request.guides], ["words"])
        self.assertAlmostEqual(work.request.guides[0].weight, 0.5)
        bare = Groundwork(self.recipe(prompt="windmill", words={"contours": 0.0}), PictureStore())
        self.assertEqual(bare.request.guides, ())

    def test_what_is_set_into_a_source_has_its_outline_for_a_guide(self):
        source = str(self.folder / "mill.png")

        def guides(**said):
            recipe = self.recipe(source=source, **said)
            return Groundwork(recipe, PictureStore()).request.guides

        (guide,) = guides(prompt="heron at left")
        self.assertEqual((guide.name, guide.weight), ("words", 0.5))
        mask = self.canvas(source=source, prompt="heron at left").set_in["heron"] > 0
        near = binary_dilation(mask, iterations=8)
        self.assertGreater(
            float(guide.strength[near & ~binary_erosion(mask, iterations=3)].mean()), 0.2
        )
        self.assertEqual(float(guide.strength[~near].max()), 0.0)
        self.assertEqual(guides(prompt="fog, dusk"), ())
        self.assertEqual(guides(prompt="heron at left", words={"contours": 0.0}), ())

    def test_a_colour_word_holds_its_things_palette(self):
        request = Groundwork(self.recipe(prompt="blue barge, canal"), PictureStore()).request
        held = next(s for s in request.styles if s.name == "words: barge")
        scene = self.canvas(prompt="blue barge, canal").words
        self.assertTrue(np.array_equal(held.region, scene.masks["barge"]))
        self.assertEqual((held.facets.palette, held.facets.surface), (0.7, 0.0))

    def test_words_that_are_not_known_are_refused_or_skipped(self):
        with self.assertRaisesRegex(
            RecipeError, "prompt: every word must be known, got 'windmil'; near are windmill"
        ):
            self.canvas(prompt="windmil")
        self.assertIsNotNone(self.canvas(prompt="windmil, heron", unknown="skip").words)

    def test_a_word_is_a_pick_and_covers_its_labels_wholly(self):
        regions = {
            "bird": {"pick": "heron"},
            "wet": {"pick": "water"},
            "both": {"pick": "heron and sky"},
        }
        work = Groundwork(self.recipe(prompt="heron, lake", regions=regions), PictureStore())
        scene = work.canvas.words
        self.assertTrue(np.array_equal(work.masks["bird"], scene.masks["heron"]))
        self.assertTrue(np.array_equal(work.masks["wet"] > 0, scene.masks["water"] > 0))
        self.assertTrue(
            np.array_equal(work.masks["both"], scene.masks["heron"] + scene.masks["sky"])
        )

    def test_a_thing_set_by_hand_stands_there(self):
        placed = [{"thing": "heron", "at": [0.25, 0.8], "size": 0.5}]
        mask = self.canvas(prompt="heron, meadow", placed=placed).words.masks["heron"]
        rows, columns = mask.nonzero()
        self.assertAlmostEqual(columns.mean() / SIZE[0], 0.25, delta=0.08)
        self.assertAlmostEqual(rows.max() / SIZE[1], 0.8, delta=0.05)
        self.assertAlmostEqual((rows.max() - rows.min()) / SIZE[1], 0.5, delta=0.08)

    def test_the_depth_of_a_drawn_scene_is_known(self):
        cues = [
            {"name": "depth", "guide": "depth"},
            {"name": "paint", "reference": str(self.folder / "paint.png")},
        ]
        work = Groundwork(self.recipe(prompt="heron, meadow", cues=cues), PictureStore())
        self.assertTrue(np.array_equal(work.depth, work.canvas.words.depth))

    def test_proofs_without_words_are_found_as_before_and_others_apart(self):
        plain, said = self.recipe(departure=1.0), self.recipe(departure=1.0, prompt="heron")
        self.assertNotEqual(hash_recipe(plain), hash_recipe(said))
        other = self.recipe(departure=1.0, prompt="heron", words={"contours": 0.4})
        self.assertNotEqual(hash_recipe(other), hash_recipe(said))


class TonePlanTest(WorkspaceTest):
    def test_a_thing_without_contrast_gets_it_and_one_with_it_stays(self):
        picture = np.full((80, 120, 3), 128, np.uint8)
        mask = np.zeros((80, 120), np.float32)
        mask[30:60, 40:70] = 1
        light = srgb_to_work(part_tones(picture, [mask]))[..., 0]
        ring = light[26:64, 36:74].copy()
        ring[3:-3, 3:-3] = np.nan
        self.assertGreater(abs(light[mask > 0].mean() - np.nanmean(ring)), 0.8 * CONTRAST)
        picture[mask > 0] = 250
        self.assertEqual(part_tones(picture, [mask]).tobytes(), picture.tobytes())
        self.assertIs(part_tones(picture, [mask], 0.0), picture)
