import unittest

import numpy as np

from overlay.engine.control import Control
from overlay.engine.library import _bar, _patch_mean
from overlay.engine.matches import Owners
from overlay.engine.matching.field import make_grid
from overlay.engine.material import Material, speaks
from overlay.engine.request import Facets
from overlay.engine.steps.schedule import Span, plan
from overlay.engine.tone.tints import blend_changes, change_of, make_tint
from overlay.imaging.colour import srgb_to_work
from overlay.imaging.smoothing import smooth_within
from tests.pictures import HEIGHT, WIDTH, manner, request, scene, stripes, style


def material(*styles, **keys) -> Material:
    asked = request(styles=styles, **keys)
    return Material(asked, asked.styles, Control())


class OwnersTest(unittest.TestCase):
    def test_a_share_changes_where_the_owner_does_at_every_scale(self):
        found = material(style(name="a"), style(stripes(), "b"))
        grid = make_grid(HEIGHT, WIDTH, (1, 2))
        owner = np.zeros((grid.rows, grid.columns), np.int16)
        owner[:, 20:] = 1  # patches 20 and on begin at pixel 4 * 20 - left and are 8 wide
        border = 4 * 19.5 - grid.left + 4
        owners = Owners(found, owner, grid, 0)
        for level in (0, 1):
            share = owners.of(1, level)
            row = share[share.shape[0] // 2]
            crossing = np.interp(
                0.5, row[20 >> level : 140 >> level], np.arange(20 >> level, 140 >> level)
            )
            with self.subTest(level=level):
                self.assertAlmostEqual((crossing + 0.5) * 2**level, border, delta=2.5)
                np.testing.assert_allclose(share + owners.of(0, level), 1, atol=1e-5)


class LibraryTest(unittest.TestCase):
    def test_a_patch_is_barred_where_it_would_touch_what_is_kept_out(self):
        closed = np.zeros((40, 50), np.float32)
        closed[20, 30] = 1
        wanted = np.zeros((40, 50), bool)
        wanted[13:21, 23:31] = (
            True  # patches are 8 wide and lie below and right of their first pixel
        )
        np.testing.assert_array_equal(_bar(closed, 0, "a"), wanted)
        with self.assertRaisesRegex(ValueError, "keep-out of 'a' must leave room for a patch"):
            _bar(np.ones((40, 50), np.float32), 0, "a")

    def test_a_patchs_mean_stands_where_the_patch_begins(self):
        values = np.zeros((24, 30, 2), np.float32)
        values[8:16, 10:18, 0] = 1
        found = _patch_mean(values)
        self.assertEqual(found.shape, values.shape)
        self.assertAlmostEqual(float(found[8, 10, 0]), 1.0, places=5)
        self.assertAlmostEqual(float(found[4, 10, 0]), 0.5, places=5)
        self.assertAlmostEqual(float(found[8, 14, 0]), 0.5, places=5)
        self.assertEqual(float(found[16, 18, 0]), 0.0)
        self.assertEqual(_patch_mean(values[..., :0]).shape, (24, 30, 0))


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
        cue = style(weight=0.5, span=Span(enter=0.5), region=region)
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
            {"span": Span(leave=0.5)},
            {"span": Span(enter=0.7, leave=0.7)},
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
        changes = [change_of(tint, self.source, self.smooth, 0) for tint in self.tints]
        return blend_changes(self.source, changes.__getitem__, [(m, m) for m in maps])

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
