import unittest
from unittest import mock

import numpy as np

from overlay.document.reading import make_recipe
from overlay.studio.advising import map_advice as maps
from overlay.studio.advising.advice import Advice, find_advice
from overlay.studio.bench.bench import Bench
from overlay.studio.inputs.checks import Finding
from overlay.studio.making.canvas import Canvas
from overlay.studio.making.proofs import Proof

BARS = Finding("bars", "Framed by flat bars.", "Leave them out", take=(0.1, 0.0, 0.9, 1.0))


def recipe(*cues, **keys):
    cues = cues or ({"name": "felt", "reference": "felt.png"},)
    return make_recipe({"overlay": 1, "source": "mill.png", "cues": list(cues)} | keys, "test")


def felt(**keys):
    return {"name": "felt", "reference": "felt.png"} | keys


def edges(**keys):
    return {"name": "contours", "guide": "edges"} | keys


def codes(advice):
    return [a.code for a in advice]


class BeforeTest(unittest.TestCase):
    def test_a_sound_recipe_hears_nothing(self):
        self.assertEqual(find_advice(recipe(felt(), edges(weight=0.5)), {}, None), [])

    def test_what_cannot_show_is_said_with_what_helps(self):
        for cue, code, changes in (
            (felt(enter=0.95), "enters_late", {"enter": 0.6, "fade_in": 0.0}),
            (felt(leave=0.2), "left_before_start", {"leave": 1.0, "fade_out": 0.0}),
            (felt(weight=0), "weightless", {"weight": 0.5}),
        ):
            advice = find_advice(recipe(cue), {}, None)[0]
            self.assertEqual((advice.code, advice.cue, advice.changes), (code, "felt", changes))

    def test_following_it_settles_it(self):
        for cue in (felt(enter=0.95), felt(leave=0.2), felt(weight=0), edges(weight=1.0)):
            bench = Bench()
            bench.project.edit("x", recipe(felt(name="other"), cue))
            advice = find_advice(bench.project.recipe, {}, None)[0]
            bench.follow(advice)
            self.assertNotIn(
                advice.key, [a.key for a in find_advice(bench.project.recipe, {}, None)]
            )
            self.assertEqual(bench.project.undo_name.split(" of ")[0], advice.action)

    def test_advice_on_the_run_changes_the_recipe_and_on_a_cue_that_went_nothing(self):
        bench = Bench()
        bench.project.edit("x", recipe(felt()))
        bench.follow(Advice("y", None, 1, "t", "Depart 70 %?", {"departure": 0.7}))
        self.assertEqual(bench.project.recipe.departure, 0.7)
        self.assertEqual(bench.project.undo_name, "Depart 70 %")
        before = bench.project.recipe
        bench.follow(Advice("y", "tile", 1, "t", "Weigh it", {"weight": 0.5}))
        self.assertIs(bench.project.recipe, before)

    def test_faults_of_pictures_come_first_to_be_fixed(self):
        both = {"felt.png": (BARS,), "mill.png": (BARS,)}
        advice = find_advice(recipe(felt(), size=[2048, 1024]), both, None)
        self.assertEqual(codes(advice), ["bars", "bars", "large"])
        self.assertEqual([a.cue for a in advice[:2]], ["felt", None])
        self.assertEqual(advice[1].deed, "prepare")
        taken = recipe(felt(take=[0.1, 0, 0.9, 1]))
        self.assertEqual(find_advice(taken, {"felt.png": (BARS,)}, None), [])

    def test_much_departure_without_a_guide_and_nothing_heard(self):
        self.assertEqual(codes(find_advice(recipe(departure=0.95), {}, None)), ["unheld"])
        self.assertEqual(
            codes(find_advice(recipe(edges(weight=0.5)), {}, None)), ["nothing_speaks"]
        )


class AfterTest(unittest.TestCase):
    def advice(self, made, **measures):
        proof = Proof(made, "0" * 64, np.zeros((8, 8, 3), np.uint8), measures=measures)
        return find_advice(made, {}, proof)

    def test_which_cause_keeps_a_style_from_showing(self):
        weak = {"style_match": {"felt": 5.0}}
        for made, action in (
            (recipe(felt(enter=0.7)), "Enter at the start"),
            (recipe(felt(weight=0.2), felt(name="other")), "Weigh it 100 %"),
            (recipe(departure=0.3), "Depart 70 %"),
            (recipe(felt(), edges(weight=0.9, leave=0.7)), "Weigh it 50 %"),
        ):
            self.assertEqual(self.advice(made, **weak)[0].action, action)

    def test_lost_structure_repeats_and_rims(self):
        made = recipe(felt(region="sky"), regions={"sky": {"mask": "sky.png", "feather": 4}})
        found = self.advice(made, structure_kept=12, repeats=31, rim={"sky": 1.6})
        rims = ["rim", "rim_feather", "rim_grow"]
        self.assertEqual(codes(found), [*rims, "lost_structure", "repeats"])
        self.assertEqual(found[1].changes["regions"]["sky"]["feather"], 12)
        self.assertEqual(found[2].action, "Grow 4 px")
        self.assertEqual((found[3].deed, found[4].deed), ("hold", "trace"))

    def test_a_visible_rim_is_settled_further_each_time(self):
        regions, actions = {"sky": {"mask": "sky.png"}}, []
        passes = []
        for _ in range(4):
            made = recipe(felt(region="sky"), regions=regions, passes=passes)
            found = self.advice(made, rim={"sky": 1.6})[0]
            actions.append(found.action)
            passes = found.changes.get("passes", passes)
        self.assertEqual(
            actions, ["Settle it 20 %", "Settle it 40 %", "Settle it 60 %", "Feather 8 px"]
        )

    def test_an_old_proof_says_nothing_of_a_new_recipe(self):
        made = recipe()
        proof = Proof(
            recipe(seed=9), "0" * 64, np.zeros((8, 8, 3), np.uint8), measures={"repeats": 90}
        )
        self.assertEqual(find_advice(made, {}, proof), [])


class MapTest(unittest.TestCase):
    def advice(self, share, **keys):
        """What is said of a map whose lines cover a share of it, from below."""
        made = np.zeros((100, 10), np.float32)
        made[: round(100 * share)] = 1
        canvas = Canvas(10, 100, "mill.png", np.zeros((100, 10, 3), np.uint8))
        with (
            mock.patch.object(maps, "make_map", return_value=made),
            mock.patch.object(maps, "lay_canvas", return_value=canvas),
        ):
            return maps.map_advice(recipe(felt(), {"name": "g", "guide": "edges"} | keys), None)

    def test_a_full_map_is_thinned_and_an_empty_one_filled_by_its_own_option(self):
        for share, keys, code, options in (
            (0.31, {}, "full_map", {"low": 0.16, "high": 0.4}),
            (0.31, {"options": {"high": 0.7}}, "full_map", {"low": 0.16, "high": 1.0}),
            (0.31, {"guide": "lines"}, "full_map", {"strength": 0.25}),
            (0.31, {"guide": "outline"}, "full_map", {"detail": 0.0}),
            (0.31, {"guide": "outline", "options": {"detail": 0.9}}, "full_map", {"detail": 0.6}),
            (0.0, {}, "empty_map", {"low": 0.08 / 3, "high": 0.2 / 3}),
            (0.0, {"guide": "lines"}, "empty_map", {"strength": 0.75}),
            (0.0, {"guide": "outline"}, "empty_map", {"detail": 0.6}),
            (0.56, {"guide": "lines"}, "inverted_map", {"invert": True}),
            (
                0.56,
                {"guide": "lines", "options": {"invert": True}},
                "inverted_map",
                {"invert": False},
            ),
        ):
            with self.subTest(code, keys=keys):
                [found] = self.advice(share, **keys)
                self.assertEqual((found.code, found.cue), (code, "g"))
                for key, value in options.items():
                    self.assertAlmostEqual(found.changes["options"][key], value)

    def test_ordinary_maps_and_those_that_are_not_heard_say_nothing(self):
        self.assertEqual(self.advice(0.3), [])
        self.assertEqual(self.advice(0.01), [])
        self.assertEqual(self.advice(0.9, muted=True), [])
        self.assertEqual(self.advice(0.9, guide="blocks"), [])

    def test_a_ready_map_or_an_empty_one_to_draw_on_has_no_button(self):
        for keys in ({"map": "m.png"}, {"of": "blank"}):
            [found] = self.advice(0.0, **keys)
            self.assertEqual((found.action, found.changes), ("", {}))
