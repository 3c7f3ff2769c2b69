import unittest
from pathlib import Path

import numpy as np

from overlay.document.reading import make_recipe
from overlay.handing.pictures import Output
from overlay.imaging.files import read_picture
from overlay.imaging.intake import PictureError
from overlay.studio.handing.card import Made, write_card
from overlay.studio.handing.hand_over import check_hand_over
from overlay.studio.handing.layers import StagePicture, proof_layers
from overlay.studio.handing.print_plan import plan_print
from overlay.studio.handing.profile import profile_of
from overlay.studio.inputs.paths import absolute_recipe
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.proofs import make_proof
from tests.imaging.icc import linear_rgb
from tests.workspace import WorkspaceTest


class CheckTest(unittest.TestCase):
    def test_what_a_file_cannot_hold_is_refused_before_anything_is_pulled(self):
        deep = Output(depth=16)
        with self.assertRaisesRegex(PictureError, "16 bits need PNG or TIFF, got JPEG"):
            check_hand_over(Path("a.jpg"), deep)
        for name in ("a.png", "a.tif", "a.ora"):  # layers have their own depth
            check_hand_over(Path(name), deep)


class PlanTest(unittest.TestCase):
    def test_the_side_that_runs_short_decides_and_bleed_counts(self):
        plan = plan_print((3000, 2000), (254, 127), 300)
        self.assertEqual((plan.dpi, plan.factors, plan.reached), (300.0, (), True))
        self.assertIn("enough", plan.text)
        bled = plan_print((3000, 2000), (254, 127), 300, bleed=12.7)
        self.assertAlmostEqual(bled.dpi, 3000 / 11)
        self.assertEqual(bled.factors, (1.25,))  # the least there is
        tall = plan_print((1000, 1000), (254, 508), 100)
        self.assertEqual((tall.dpi, tall.factors), (50.0, (2.0,)))
        self.assertIn("2000 x 2000 pixels: enlarge 2x", tall.text)

    def test_beyond_four_times_two_passes_and_beyond_the_most_none(self):
        plan = plan_print((768, 512), (594, 420), 200)
        self.assertEqual(plan.factors, (4.0, 1.62))
        self.assertGreaterEqual(768 * 4.0 * 1.62, plan.pixels[0])
        far = plan_print((768, 512), (2000, 1400), 300)
        self.assertEqual((far.factors, far.reached), ((), False))
        self.assertIn("64 megapixels", far.text)
        with self.assertRaisesRegex(ValueError, "above 0"):
            plan_print((768, 512), (0, 100), 300)


class LayersTest(WorkspaceTest):
    def test_regions_are_cut_out_over_the_whole_and_the_rest_is_hidden_beneath(self):
        sky = {"sky": {"mask": "sky.png", "feather": 4}}
        recipe = absolute_recipe(make_recipe(self.recipe(regions=sky), "r"), self.folder)
        proof = make_proof(recipe, PictureStore())
        stage = StagePicture("0: base", proof.picture[::2, ::2])
        layers = proof_layers(recipe, proof.picture, PictureStore(), stages=[stage])
        names = ["sky", "the whole picture", "0: base", "guide: contours", "source"]
        self.assertEqual([layer.name for layer in layers], names)
        self.assertEqual([layer.shown for layer in layers], [True, True, False, False, False])
        self.assertTrue(all(layer.pixels.shape[:2] == (64, 96) for layer in layers))
        alpha = layers[0].pixels[..., 3]
        self.assertEqual((alpha[0, 0], alpha[-1, 0]), (255, 0))
        self.assertEqual(layers[0].pixels[-1, 0, :3].tolist(), [0, 0, 0])

    def test_the_card_says_how_it_was_made_and_lives_with_what_is_missing(self):
        recipe = absolute_recipe(
            make_recipe(self.recipe(prompt="", passes=[{"kind": "refine"}]), "r"), self.folder
        )
        picture = read_picture(self.folder / "mill.png")
        made = Made(
            recipe, picture, {"structure_kept": 71.2, "style_match": {"paint": 60.0}}, "ab" * 32
        )
        first = self.folder / "a.png"
        write_card(first, made, PictureStore(), title="Mill $1")
        high, wide = read_picture(first).shape[:2]
        self.assertEqual(wide, 1240)
        self.assertLess(high, 1754)
        (self.folder / "paint.png").unlink()
        write_card(self.folder / "a.pdf", made, PictureStore())
        self.assertTrue((self.folder / "a.pdf").read_bytes().startswith(b"%PDF"))
        many = [{"name": f"c{i}", "swatches": ["#ff0000", "#00ff00"]} for i in range(30)]
        full = Made(
            recipe.model_copy(update={"cues": make_recipe(self.recipe(cues=many), "r").cues}),
            picture,
            {},
        )
        write_card(first, full, PictureStore())
        self.assertLessEqual(read_picture(first).shape[0], 1754)
        with self.assertRaisesRegex(PictureError, "the ending must be .png or .pdf, got '.gif'"):
            write_card(self.folder / "a.gif", made, PictureStore())

    def test_profiles_come_from_icc_files_and_from_pictures(self):
        wide = linear_rgb()
        (self.folder / "wide.icc").write_bytes(wide)
        self.assertEqual(profile_of(self.folder / "wide.icc"), wide)
        self.assertIsNone(profile_of(self.folder / "mill.png"))
        from PIL import Image

        Image.fromarray(np.zeros((4, 4, 3), np.uint8)).save(self.folder / "p.png", icc_profile=wide)
        self.assertEqual(profile_of(self.folder / "p.png"), wide)
        (self.folder / "no.icc").write_bytes(b"x" * 200)
        with self.assertRaisesRegex(PictureError, "no.icc: must be an ICC profile"):
            profile_of(self.folder / "no.icc")
        (self.folder / "cut.icc").write_bytes(wide[:180])
        with self.assertRaisesRegex(PictureError, "cut.icc: profile: is damaged"):
            profile_of(self.folder / "cut.icc")
