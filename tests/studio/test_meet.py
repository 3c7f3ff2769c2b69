import unittest

from overlay.document.text.json_text import RecipeError
from overlay.studio.sheets.meet import MOST, Target, meet, read_target
from overlay.studio.sheets.settings import Setting

DEPARTURE = Setting("departure", "Run", "departure", "number", 0.75, 0.0, 1.0, percent=True)


class MeetTest(unittest.TestCase):
    def run_to(self, target: Target, effect, setting: Setting = DEPARTURE):
        return meet(
            setting, target, lambda v: {"structure_kept": effect(v), "style_match.a": 90 * v}
        )

    def test_a_target_is_met_within_three_points_and_seven_trials(self):
        effects = {
            "even": lambda v: 100 - 60 * v,
            "steep at first": lambda v: 40 + 60 * (1 - v) ** 8,
            "steep at last": lambda v: 100 - 60 * v**6,
            "rising": lambda v: 100 * v**0.3,
            "with grain": lambda v: 100 - 60 * v + 0.8 * ((v * 37) % 1 - 0.5),
        }
        for name, effect in effects.items():
            for wanted in (45, 60, 80, 95):
                with self.subTest(name, wanted=wanted):
                    found = self.run_to(Target("structure_kept", wanted), effect)
                    self.assertLessEqual(len(found.trials), MOST)
                    self.assertTrue(found.met)
                    self.assertLess(abs(effect(found.best.value) - wanted), 3)

    def test_at_least_stays_on_its_side_with_as_little_more_as_can_be(self):
        found = self.run_to(Target("structure_kept", 70, "at least"), lambda v: 100 - 60 * v)
        self.assertGreaterEqual(found.best.figures["structure_kept"], 70)
        self.assertLess(found.best.figures["structure_kept"], 73)
        most = self.run_to(Target("structure_kept", 70, "at most"), lambda v: 100 - 60 * v)
        self.assertLessEqual(most.best.figures["structure_kept"], 70)
        easy = self.run_to(Target("structure_kept", 20, "at least"), lambda v: 100 - 60 * v)
        self.assertTrue(easy.met)
        self.assertEqual(easy.best.value, 1.0)

    def test_what_cannot_be_reached_is_said_with_what_can(self):
        found = self.run_to(Target("structure_kept", 20), lambda v: 100 - 60 * v)
        self.assertFalse(found.met)
        self.assertEqual(len(found.trials), 3)
        self.assertIn(
            "cannot reach structure kept 20: it gives 40 at 100 % to 100 at 0 %", found.sentences()
        )

    def test_a_jump_over_the_target_is_said(self):
        found = self.run_to(Target("structure_kept", 60), lambda v: 80 if v < 0.42 else 40)
        self.assertFalse(found.met)
        self.assertLessEqual(len(found.trials), MOST)
        self.assertIn("passes over structure kept 60", found.sentences())

    def test_what_it_costs_is_said_from_the_present_setting(self):
        found = self.run_to(Target("structure_kept", 70), lambda v: 100 - 60 * v)
        self.assertEqual(found.trials[0].value, 0.75)
        self.assertIn(
            "departure 50 % gives structure kept 70.0. With it: style match, a 68 → 45.",
            found.sentences(),
        )

    def test_whole_numbers_stay_whole_and_no_value_is_tried_twice(self):
        steps = Setting("steps", "Run", "steps", "number", 16, 1, 200, whole=True)
        found = self.run_to(Target("structure_kept", 33.3), lambda v: v**0.7, steps)
        values = [t.value for t in found.trials]
        self.assertEqual(values, [round(v) for v in values])
        self.assertEqual(len(values), len(set(values)))

    def test_targets_are_read_and_refused_in_one_line(self):
        self.assertEqual(
            read_target("style_match.dot print>=70", "t"),
            Target("style_match.dot print", 70, "at least"),
        )
        self.assertEqual(read_target("share.a = 30 %", "t"), Target("share.a", 30))
        with self.assertRaisesRegex(RecipeError, "--target: must be MEASURE=VALUE"):
            read_target("structure kept 60", "--target")
        with self.assertRaisesRegex(
            RecipeError, "must be one of structure_kept, style_match.a, got 'rash'"
        ):
            self.run_to(Target("rash", 3), lambda v: v)
