import unittest

from overlay.engine.steps.schedule import Span, count_levels, noise_at, plan


class PlanTest(unittest.TestCase):
    def test_a_whole_run_spends_its_steps_evenly_over_the_scales(self):
        levels = [step.level for step in plan(16, 1.0, 3)]
        self.assertEqual(levels, [3] * 4 + [2] * 4 + [1] * 4 + [0] * 4)

    def test_departure_decides_where_the_run_starts(self):
        for departure, first in ((1.0, 0.0), (0.75, 0.25), (0.6, 0.4), (0.1, 0.9)):
            steps = plan(16, departure, 3)
            with self.subTest(departure):
                self.assertAlmostEqual(steps[0].progress, first)
                self.assertEqual(steps[-1].level, 0)
        self.assertEqual(plan(16, 0.0, 3), [])

    def test_little_departure_begins_coarsely_where_two_steps_at_full_size_can_follow(self):
        wanted = {0.4: [2, 1, 1, 0, 0, 0, 0], 0.25: [2, 1, 0, 0], 0.15: [1, 0, 0], 0.1: [0, 0]}
        for departure, levels in wanted.items():
            found = [step.level for step in plan(16, departure, 3)]
            self.assertEqual(found, levels, departure)
        self.assertEqual([step.level for step in plan(16, 0.4, 1)], [1, 0, 0, 0, 0, 0, 0])

    def test_noise_falls_to_nothing(self):
        levels = [noise_at(t / 10) for t in range(11)]
        self.assertEqual(levels, sorted(levels, reverse=True))
        self.assertEqual(levels[-1], 0)
        self.assertEqual(plan(5, 1.0, 2)[-1].next_noise, 0)

    def test_few_and_many_steps(self):
        self.assertEqual(len(plan(1, 0.5, 3)), 1)
        self.assertEqual(len(plan(200, 1.0, 3)), 200)
        for steps in (1, 2, 3):
            self.assertEqual(plan(steps, 1.0, 3)[-1].level, 0)

    def test_scales_follow_the_size(self):
        sizes = {(64, 64): 1, (192, 128): 2, (768, 512): 3, (1536, 1024): 4, (4096, 4096): 5}
        for (width, height), levels in sizes.items():
            with self.subTest(f"{width}x{height}"):
                self.assertEqual(count_levels(width, height), levels)


class EnvelopeTest(unittest.TestCase):
    def test_span_and_fades(self):
        span = Span(0.2, 0.8, 0.2, 0.1)
        expected = {0.0: 0, 0.2: 0, 0.3: 0.5, 0.4: 1, 0.7: 1, 0.75: 0.5, 0.8: 0, 1.0: 0}
        for moment, strength in expected.items():
            with self.subTest(moment):
                self.assertAlmostEqual(span.at(moment), strength)

    def test_without_leaving_it_holds_to_the_end(self):
        self.assertEqual(Span().at(1.0), 1.0)
        self.assertEqual(Span(fade_out=0.5).at(1.0), 0.0)

    def test_mean_over_a_step(self):
        self.assertEqual(Span(0.0, 0.5).over(0.0, 0.25), 1)
        self.assertEqual(Span(0.0, 0.5).over(0.5, 0.75), 0)
        self.assertAlmostEqual(Span(fade_in=1.0).over(0.0, 1.0), 0.5)
