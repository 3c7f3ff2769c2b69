import unittest

import numpy as np

from overlay.engine.control import Control
from overlay.engine.material import Material, speaks
from overlay.engine.request import Facets
from overlay.engine.schedule import Envelope, plan
from overlay.engine.tone.tints import blend_tints, make_tint
from overlay.imaging.colour import srgb_to_work
from overlay.imaging.smoothing import smooth_within
from tests.pictures import HEIGHT, WIDTH, manner, request, scene, stripes, style


def material(*styles, **keys) -> Material:
    asked = request(styles=styles, **keys)
    return Material(asked, asked.styles, Control())


class MaterialTest(unittest.TestCase):
    def test_shapes_halve_rounded_up(self):
        m = material(style())
        self.assertEqual([m.shape(k) for k in range(3)], [(128, 192), (64, 96), (32, 48)])

    def test_marks_alone_leave_means_to_the_canvas(self):
        cases = (
            (Facets(0, 1, 0), (1, 1, 1)),
            (Facets(1, 1, 1), (0, 0, 0)),
            (Facets(0.6, 1, 0), (0.4, 0.4, 0.4)),
            (Facets(0, 1, 1), (0, 1, 1)),
        )
        for facets, free in cases:
            with self.subTest(facets):
                found = material(style(facets=facets)).free_mean[0]
                np.testing.assert_allclose(found, free, atol=1e-6)

    def test_surface_weights_follow_weight_envelope_and_region(self):
        region = np.zeros((HEIGHT, WIDTH), np.float32)
        region[:64] = 1
        cue = style(weight=0.5, envelope=Envelope(enter=0.5), region=region)
        m = material(cue, departure=1.0)
        steps = plan(16, 1.0, m.levels)
        self.assertFalse(m.surface_total(steps[0], 0).any())
        late = m.surface_total(steps[-1], 0)
        np.testing.assert_allclose(late[:60], 0.5, atol=1e-6)
        self.assertFalse(late[70:].any())

    def test_what_cannot_speak_is_known(self):
        asked = request(departure=0.5)
        self.assertTrue(speaks(style(), asked))
        for keys in (
            {"weight": 0.0},
            {"facets": Facets()},
            {"envelope": Envelope(leave=0.5)},
            {"envelope": Envelope(enter=0.7, leave=0.7)},
        ):
            with self.subTest(keys):
                self.assertFalse(speaks(style(**keys), asked))


class TintTest(unittest.TestCase):
    def setUp(self):
        self.source = srgb_to_work(scene())
        self.smooth = smooth_within(self.source)
        self.tints = [
            make_tint(self.source, style(p, facets=Facets(1, 0, 1)))
            for p in (manner("felt"), stripes())
        ]

    def blend(self, *amounts: float) -> np.ndarray:
        maps = [np.full((1, 1), a, np.float32) for a in amounts]
        return blend_tints(self.source, self.smooth, self.tints, 0, lambda i: (maps[i], maps[i]))

    def test_no_amount_is_the_source(self):
        np.testing.assert_array_equal(self.blend(0, 0), self.source)

    def test_half_an_amount_is_half_the_way(self):
        full, half = self.blend(1, 0), self.blend(0.5, 0)
        np.testing.assert_allclose(half - self.source, 0.5 * (full - self.source), atol=1e-6)

    def test_amounts_over_one_are_shared(self):
        np.testing.assert_allclose(self.blend(2, 2), self.blend(0.5, 0.5), atol=1e-6)

    def test_a_cue_without_palette_leaves_colours(self):
        tint = make_tint(self.source, style(facets=Facets(0, 1, 0)))
        np.testing.assert_array_equal(tint.paint(self.source, self.smooth), self.source)
        self.assertIsNone(tint.curve)
