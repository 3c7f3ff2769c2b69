import unittest
from dataclasses import replace
from pathlib import Path

import numpy as np

from overlay.document.reading import make_recipe
from overlay.document.recipe import Recipe
from overlay.document.text.json_text import RecipeError
from overlay.engine.request import Facets
from overlay.imaging.files import read_picture, write_picture
from overlay.imaging.intake import PictureError
from overlay.studio.inputs.paths import absolute_recipe, input_paths, relative_recipe
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.keeping.shelf import ProofShelf
from overlay.studio.making.canvas import proof_size
from overlay.studio.making.groundwork import Groundwork
from overlay.studio.making.hashing import hash_recipe
from overlay.studio.making.proofs import make_proof
from tests.pictures import blobs
from tests.workspace import WorkspaceTest


class ProofTest(WorkspaceTest):
    def located(self, **keys) -> Recipe:
        return absolute_recipe(make_recipe(self.recipe(**keys), "r"), self.folder)

    def test_a_proof_has_picture_measures_and_report(self):
        proof = make_proof(self.located(), PictureStore())
        report = proof.report()
        self.assertEqual(report["size"], [96, 64])
        self.assertEqual(set(report["measures"]["style_match"]), {"paint"})
        self.assertEqual(report["measures"]["share"], {"paint": 100.0})
        self.assertIn("structure_kept", report["measures"])
        self.assertEqual(len(report["recipe_hash"]), 64)
        self.assertGreater(report["seconds"]["total"], 0)

    def test_the_hash_follows_contents_and_not_places(self):
        first = hash_recipe(self.located())
        self.assertEqual(first, hash_recipe(self.located()))
        self.assertNotEqual(first, hash_recipe(self.located(seed=1)))
        (self.folder / "paint.png").rename(self.folder / "other.png")
        moved = self.located(cues=[
            {"name": "paint", "reference": "other.png"},
            {"name": "contours", "guide": "edges", "weight": 0.5},
        ])  # fmt: skip
        self.assertEqual(first, hash_recipe(moved))
        write_picture(self.folder / "other.png", blobs())
        self.assertNotEqual(first, hash_recipe(moved))

    def test_warnings_name_what_cannot_show(self):
        cues = [
            {"name": "early", "reference": "paint.png", "leave": 0.2},
            {"name": "light", "reference": "stripes.png", "weight": 0.0},
        ]
        proof = make_proof(self.located(cues=cues), PictureStore())
        found = {(w.code, w.cue) for w in proof.warnings}
        self.assertIn(("left_before_start", "early"), found)
        self.assertIn(("weightless", "light"), found)
        self.assertIn(("small_reference", "light"), found)
        np.testing.assert_array_equal(
            proof.picture, Groundwork(self.located(), PictureStore()).request.source
        )

    def test_kept_proofs_are_found_again_and_damaged_ones_are_not(self):
        shelf = ProofShelf(self.folder / "shelf")
        proof = replace(make_proof(self.located(), PictureStore()), number=4)
        self.assertIsNone(shelf.find(proof.recipe_hash))
        shelf.keep(proof)
        found = shelf.find(proof.recipe_hash)
        np.testing.assert_array_equal(found.picture, proof.picture)
        self.assertEqual(found.measures, proof.measures)
        self.assertEqual(len(found.filmstrip), len(proof.filmstrip))
        self.assertEqual(shelf.numbers(), {proof.recipe_hash: 4})
        for ending in (".run", ".png", ".json"):
            shelf.keep(proof)
            (shelf.folder / proof.recipe_hash).with_suffix(ending).write_bytes(b"broken")
            with self.subTest(ending):
                self.assertIsNone(shelf.find(proof.recipe_hash))


class RequestTest(WorkspaceTest):
    def build(self, **keys):
        recipe = absolute_recipe(make_recipe(self.recipe(**keys), "r"), self.folder)
        return Groundwork(recipe, PictureStore()).request

    def test_muted_cues_are_left_out(self):
        cues = [{"name": "a", "reference": "paint.png", "muted": True}]
        self.assertEqual(self.build(cues=cues).styles, ())

    def test_depth_of_a_reference_is_made_only_where_a_guide_heeds_it(self):
        for options, surface, wanted in (
            ({"agreement": 0.5}, 1.0, True), ({"agreement": 0.0, "receding": 0.4}, 1.0, True),
            ({"agreement": 0.0}, 1.0, False), ({"agreement": 0.5}, 0.0, False),
        ):  # fmt: skip
            cue = {
                "name": "a",
                "reference": "paint.png",
                "facets": {"surface": surface, "light": 1},
            }
            depth = {"name": "d", "guide": "depth", "options": options}
            with self.subTest(options, surface=surface):
                [style] = self.build(cues=[cue, depth]).styles
                self.assertEqual(style.depth is not None, wanted)
        muted = {"name": "d", "guide": "depth", "muted": True}
        cue = {"name": "a", "reference": "paint.png"}
        self.assertIsNone(self.build(cues=[cue, muted]).styles[0].depth)

    def test_a_pose_of_the_same_picture_bends_a_likeness_alone(self):
        joints = [{"at": [0.3, 0.5], "to": [0.5, 0.5]}, {"at": [0.9, 0.9], "to": [0.9, 0.9]}]
        pose = {"name": "p", "guide": "pose", "of": "paint.png", "options": {"joints": joints}}
        plain = {"name": "a", "reference": "paint.png"}
        likeness = plain | {"facets": {"likeness": 1.0}}
        for cue, guide, bent in (
            (likeness, pose, True), (plain, pose, False), (likeness, pose | {"of": "stripes.png"}, False),
        ):  # fmt: skip
            taken = self.build(cues=[cue, guide]).styles[0].picture
            self.assertEqual((taken != self.build(cues=[cue]).styles[0].picture).any(), bent)

    def test_swatches_give_colours_and_light_and_nothing_else(self):
        facets = {"palette": 0.5, "light": 0.25, "surface": 1, "layout": 1, "likeness": 1}
        cues = [{"name": "a", "swatches": ["#102030", "#fedcba"], "facets": facets}]
        [style] = self.build(cues=cues).styles
        self.assertEqual(style.picture.tolist(), [[[16, 32, 48], [254, 220, 186]]])
        self.assertEqual(style.facets, Facets(palette=0.5, light=0.25))

    def test_regions_are_laid_on_the_frame(self):
        sky = {"sky": {"mask": "sky.png"}}
        cue = {"name": "a", "reference": "paint.png", "region": "sky"}
        inside = self.build(regions=sky, cues=[cue]).styles[0].region
        outside = self.build(regions=sky, cues=[cue | {"invert_region": True}]).styles[0].region
        self.assertEqual(inside.shape, (64, 96))
        np.testing.assert_allclose(inside + outside, 1, atol=1e-6)
        self.assertEqual(inside[0, 0], 1)
        self.assertEqual(inside[-1, -1], 0)

    def test_default_size_keeps_the_proportions(self):
        width, height = proof_size(Recipe(), np.zeros((100, 150, 3), np.uint8))
        self.assertEqual((width % 8, height % 8), (0, 0))
        self.assertAlmostEqual(width / height, 1.5, delta=0.02)
        self.assertAlmostEqual(width * height, 786_432, delta=15_000)

    def test_a_ready_map_guides(self):
        cues = [{"name": "paint", "reference": "paint.png"},
                {"name": "m", "guide": "edges", "map": "sky.png"}]  # fmt: skip
        strength = self.build(cues=cues).guides[0].strength
        self.assertTrue(strength[:25].all())
        self.assertFalse(strength[-10:].any())

    def test_what_does_not_fit_is_refused_in_one_line(self):
        paint = {"name": "paint", "reference": "paint.png"}
        cases = [
            ({"source": None}, "departure: without a source or words it must be 1, got 0.7"),
            ({"source": None, "departure": 1, "cues": []}, "one reference must give its surface"),
            ({"source": "none.png"}, "none.png: no such file"),
            ({"cues": [paint, {"name": "g", "guide": "edges", "options": {"low": 2}}]}, "options.low: must be less"),
            ({"cues": [paint, {"name": "g", "guide": "edges", "options": {"blur": 2}}]}, "options.blur: unknown key"),
            ({"cues": [paint, {"name": "g", "guide": "edges", "options": {"low": 0.5, "high": 0.2}}]}, "low must be at most high"),
        ]  # fmt: skip
        for keys, message in cases:
            with (
                self.subTest(message),
                self.assertRaisesRegex((RecipeError, PictureError), message),
            ):
                self.build(**keys)


class PathTest(unittest.TestCase):
    def test_paths_become_absolute_and_relative_again(self):
        recipe = make_recipe({
            "overlay": 1, "source": "a/mill.png", "regions": {"r": {"mask": "m.png"}},
            "cues": [{"name": "x", "reference": "../x.png"},
                     {"name": "g", "guide": "edges", "of": "of.png"}],
        }, "r")  # fmt: skip
        absolute = absolute_recipe(recipe, Path("/work/here"))
        self.assertEqual(
            input_paths(absolute),
            ["/work/here/a/mill.png", "/work/here/m.png", "/work/x.png", "/work/here/of.png"],
        )
        self.assertEqual(relative_recipe(absolute, Path("/work/here")), recipe)


class StoreTest(WorkspaceTest):
    def test_pictures_are_kept_until_the_file_changes(self):
        store, path = PictureStore(), self.folder / "mill.png"
        first = store.picture(str(path))
        self.assertIs(store.picture(str(path)), first)
        write_picture(path, blobs(9, 40, 40))
        self.assertEqual(store.picture(str(path)).shape, (40, 40, 3))
        with self.assertRaises(ValueError):
            first[0, 0] = 0

    def test_missing_files_are_named(self):
        with self.assertRaisesRegex(PictureError, "nothing.png: no such file"):
            PictureStore().picture(str(self.folder / "nothing.png"))

    def test_reading_is_exact(self):
        write_picture(self.folder / "b.png", blobs())
        np.testing.assert_array_equal(PictureStore().picture(str(self.folder / "b.png")), blobs())
        np.testing.assert_array_equal(read_picture(self.folder / "b.png"), blobs())
