import numpy as np
from scipy import ndimage

from overlay.document.cues import BLANK, GuideCue
from overlay.document.reading import make_recipe
from overlay.document.text.json_text import RecipeError
from overlay.imaging.colour import srgb_to_work
from overlay.imaging.files import write_grey16, write_picture
from overlay.measures.structure import structure_kept
from overlay.studio.advising.map_advice import map_advice
from overlay.studio.inputs.paths import absolute_recipe
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.canvas import Canvas, fit_picture
from overlay.studio.making.guide_maps import make_map, make_parts
from overlay.studio.making.laying import lay_canvas
from overlay.studio.making.proofs import make_proof
from tests import sketches
from tests.pictures import scene
from tests.workspace import WorkspaceTest

LINE = {"points": ((0.2, 0.5), (0.8, 0.5)), "size": 0.03}


class MapTest(WorkspaceTest):
    def setUp(self):
        super().setUp()
        self.store = PictureStore()
        self.canvas = Canvas(192, 128, str(self.folder / "mill.png"), scene())

    def guide(self, kind, **keys):
        return GuideCue.model_validate({"name": "g", "guide": kind} | keys)

    def test_the_same_map_is_never_made_twice(self):
        one = make_map(self.guide("lines"), self.store, self.canvas)
        self.assertIs(make_map(self.guide("lines", weight=0.2), self.store, self.canvas), one)
        other = make_map(self.guide("lines", options={"strength": 0.9}), self.store, self.canvas)
        self.assertIsNot(other, one)

    def test_the_source_is_laid_on_the_frame_once(self):
        recipe = absolute_recipe(make_recipe(self.recipe(), "t"), self.folder)
        first = lay_canvas(recipe, self.store)
        self.assertTrue(np.shares_memory(lay_canvas(recipe, self.store).picture, first.picture))
        other = lay_canvas(recipe.model_copy(update={"size": (64, 64)}), self.store)
        self.assertEqual((first.picture.shape, other.picture.shape), ((64, 96, 3), (64, 64, 3)))

    def test_strokes_draw_and_erase_and_survive_other_thresholds(self):
        for low in (0.05, 0.3):
            options = {"low": low, "high": 0.4}
            drawn = make_map(
                self.guide("edges", options=options, strokes=[LINE]), self.store, self.canvas
            )
            self.assertEqual(drawn[64, 96], 1)
            erased = self.guide(
                "edges", options=options, strokes=[LINE | {"value": 0.0, "size": 0.5}]
            )
            self.assertEqual(make_map(erased, self.store, self.canvas)[64, 60:130].max(), 0)

    def test_an_empty_map_is_drawn_on_with_pressure_and_filled(self):
        points = ((0.2, 0.5), (0.35, 0.5), (0.65, 0.5), (0.8, 0.5))
        pressed = {"points": points, "size": 0.06, "pressures": (0.1, 0.1, 1.0, 1.0)}
        square = {"points": ((0.1, 0.1), (0.3, 0.1), (0.3, 0.3), (0.1, 0.3)), "fill": True}
        cue = self.guide("lines", of=BLANK, strokes=[pressed, square])
        made = make_map(cue, self.store, self.canvas)
        thick = [(made[:, x] > 0.5)[50:80].sum() for x in (45, 145)]
        self.assertGreater(thick[1], 2 * thick[0])
        self.assertEqual(made[25, 40], 1)
        parts = make_parts(cue, self.store, self.canvas)
        self.assertLess(parts.lightness[64, 140], -0.3)
        light = make_parts(
            cue.model_copy(update={"options": {"polarity": "light"}}), self.store, self.canvas
        )
        self.assertGreater(light.lightness[64, 140], 0.3)

    def test_near_and_far_strokes_change_depth(self):
        plain = make_map(self.guide("depth"), self.store, self.canvas)
        near = make_map(
            self.guide("depth", strokes=[LINE | {"size": 0.1}]), self.store, self.canvas
        )
        self.assertGreater(near[64, 96], plain[64, 96])

    def test_a_ready_map_of_either_polarity_and_depth_of_a_picture(self):
        depth = np.linspace(0, 1, 128 * 192, dtype=np.float32).reshape(128, 192)
        write_grey16(self.folder / "depth.png", depth)
        cue = self.guide("depth", map=str(self.folder / "depth.png"))
        np.testing.assert_allclose(make_map(cue, self.store, self.canvas), depth, atol=0.01)
        cue = cue.model_copy(update={"options": {"invert": True}})
        np.testing.assert_allclose(make_map(cue, self.store, self.canvas), 1 - depth, atol=0.01)

    def test_a_pose_bends_the_map_and_the_likeness_of_the_same_picture(self):
        joint = {"at": [0.5, 0.3], "to": [0.6, 0.3]}
        still = make_map(self.guide("pose"), self.store, self.canvas)
        bent = make_map(self.guide("pose", options={"joints": [joint]}), self.store, self.canvas)
        soft = [
            ndimage.gaussian_filter(m, 2)[:, 40:170].ravel()
            for m in (bent, np.roll(still, 19, axis=1))
        ]
        self.assertGreater(np.corrcoef(*soft)[0, 1], 0.95)
        source = str(self.folder / "mill.png")
        cues = [
            {"name": "like", "reference": source, "facets": {"likeness": 1.0, "surface": 1.0}},
            {"name": "pose", "guide": "pose", "of": source, "options": {"joints": [joint]}},
        ]
        proofs = [
            make_proof(
                make_recipe(
                    {"overlay": 1, "size": [96, 64], "departure": 1, "steps": 4, "cues": c}, "t"
                ),
                self.store,
            )
            for c in (cues, cues[:1])
        ]
        self.assertGreater(np.abs(proofs[0].picture.astype(int) - proofs[1].picture).mean(), 4)

    def test_recipes_refuse_what_a_guide_cannot_have(self):
        for keys, said in (
            (
                {"guide": "depth", "options": {"low": 1}},
                "options.low: unknown key; allowed are ground",
            ),
            (
                {"guide": "blocks", "options": {"cells": 2}},
                "options.cells: must be greater than or equal to 4, got 2",
            ),
            (
                {"guide": "pose", "options": {"joints": [{"at": [0, 2], "to": [0, 0]}]}},
                "options.joints.0.at.1",
            ),
            ({"reference": "a.png", "strokes": [LINE]}, "strokes belongs to guide cues"),
            (
                {"guide": "edges", "strokes": [LINE | {"pressures": [1.0]}]},
                "one for each of 2 points, got 1",
            ),
        ):
            with self.subTest(said), self.assertRaisesRegex(RecipeError, said):
                make_recipe({"overlay": 1, "cues": [{"name": "x"} | keys]}, "t")


class HoldTest(WorkspaceTest):
    """At departure 1 with weight 0.9, on scenes the thresholds were not set on."""

    def proof(self, kind, picture, **keys):
        write_picture(self.folder / "s.png", picture)
        cues = [
            {"name": "paint", "reference": "paint.png"},
            {"name": "g", "guide": kind, "weight": 0.9} | keys,
        ]
        data = self.recipe(source="s.png", departure=1.0, size=[288, 192], steps=16, cues=cues)
        return make_proof(
            absolute_recipe(make_recipe(data, "t"), self.folder), PictureStore()
        ).measures

    def test_each_kind_holds_what_it_promises(self):
        picture = scene("bottle kiln", 288, 192)
        for kind in ("edges", "outline", "lines"):
            self.assertGreater(self.proof(kind, picture)["structure_kept"], 45, kind)
        self.assertGreater(self.proof("blocks", picture)["layout_match"], 70)
        self.assertGreater(self.proof("depth", picture)["depth_kept"], 60)

    def test_releasing_early_frees_the_marks_and_keeps_the_masses(self):
        picture = scene("lock", 288, 192)
        found = [self.proof("outline", picture, leave=leave) for leave in (0.3, 0.65, 1.0)]
        kept = [m["structure_kept"] for m in found]
        self.assertEqual(kept, sorted(kept))
        self.assertGreater(min(m["layout_match"] for m in found), 75)

    def test_without_a_source_drawn_lines_bring_their_contours(self):
        write_picture(self.folder / "house.png", sketches.line_art())
        cues = [
            {"name": "paint", "reference": "paint.png"},
            {"name": "g", "guide": "lines", "of": "house.png", "weight": 1.0},
        ]
        shares = []
        for used in (cues, cues[:1]):
            data = {"overlay": 1, "departure": 1.0, "size": [288, 192], "cues": used}
            recipe = absolute_recipe(make_recipe(data, "t"), self.folder)
            proof = make_proof(recipe, PictureStore())
            house = fit_picture(sketches.line_art(), 288, 192)
            shares.append(structure_kept(srgb_to_work(proof.picture), srgb_to_work(house)))
        self.assertGreater(shares[0], shares[1] + 15)


class MapAdviceTest(WorkspaceTest):
    def advice(self, *cues):
        cues = [{"name": "paint", "reference": "paint.png"}, *cues]
        made = absolute_recipe(make_recipe(self.recipe(cues=cues), "t"), self.folder)
        return [(a.code, a.action) for a in map_advice(made, PictureStore())]

    def test_empty_overfull_inverted_and_groundless_maps_are_named(self):
        write_grey16(self.folder / "white.png", np.ones((64, 96), np.float32))
        write_grey16(
            self.folder / "upside.png",
            np.repeat(np.linspace(1, 0, 64, dtype=np.float32)[:, None], 96, axis=1),
        )
        edges = {"name": "g", "guide": "edges"}
        self.assertEqual(self.advice(edges), [])
        self.assertEqual(
            self.advice(edges | {"options": {"low": 1.0, "high": 1.0}}),
            [("empty_map", "Lower the thresholds")],
        )
        self.assertEqual(self.advice(edges | {"map": "white.png"}), [("inverted_map", "Invert it")])
        depth = {"name": "g", "guide": "depth", "map": "upside.png"}
        self.assertEqual(self.advice(depth), [("no_ground", "Exchange near and far")])

    def test_guides_at_odds_are_named(self):
        write_picture(self.folder / "other.png", sketches.line_art())
        cues = [{"name": "a", "guide": "edges"}, {"name": "b", "guide": "lines", "of": BLANK,
                "strokes": [{"points": ((0.02, 0.02), (0.98, 0.02)), "size": 0.01}]}]  # fmt: skip
        self.assertIn(("at_odds", "Weigh b 20 %"), self.advice(*cues))
