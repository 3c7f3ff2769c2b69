import unittest

import numpy as np

from overlay.engine.guidance import GuideField
from overlay.engine.matching.field import PAD, sparse
from overlay.engine.steps.schedule import Span
from tests.pictures import HEIGHT, WIDTH, edges, scene

SHAPE = (HEIGHT, WIDTH)


class GuideFieldTest(unittest.TestCase):
    def test_without_guides_nothing_weighs(self):
        moment = GuideField((), 2).at(0, 0.5, SHAPE)
        self.assertFalse(moment.weight.any() or moment.grip.any())
        self.assertIsNone(GuideField((), 2).sigma)

    def test_the_envelope_releases_the_guide(self):
        field = GuideField((edges(scene(), span=Span(leave=0.4)),), 2)
        self.assertTrue(field.at(1, 0.3, (64, 96)).weight.any())
        self.assertFalse(field.at(1, 0.5, (64, 96)).weight.any())

    def test_weight_and_grip_rise_with_the_cue(self):
        weak, strong = (
            GuideField((edges(scene(), weight=w),), 0).at(0, 0, SHAPE) for w in (0.3, 0.9)
        )
        self.assertGreater(strong.weight.mean(), 5 * weak.weight.mean())
        self.assertGreater(strong.grip.mean(), 2 * weak.grip.mean())

    def test_a_region_confines_it(self):
        region = np.zeros(SHAPE, np.float32)
        region[:, :96] = 1
        moment = GuideField((edges(scene(), region=region),), 0).at(0, 0, SHAPE)
        self.assertFalse(moment.weight[:, 96:].any())
        self.assertTrue(moment.weight[:, :96].any())

    def test_contours_weigh_most_and_flat_places_little(self):
        moment = GuideField((edges(scene()),), 0).at(0, 0, SHAPE)
        contours = sparse(moment.channels[PAD:-PAD, PAD:-PAD, 0]) > 0.5
        self.assertGreater(moment.weight[contours].mean(), 3 * np.quantile(moment.weight, 0.1))

    def test_several_guides_are_averaged(self):
        one = edges(scene(), weight=0.5)
        both = GuideField((one, one), 0).at(0, 0, SHAPE)
        alone = GuideField((one,), 0).at(0, 0, SHAPE)
        np.testing.assert_allclose(both.channels, alone.channels, atol=1e-5)
        np.testing.assert_allclose(both.weight, 4 * alone.weight, rtol=1e-4)
