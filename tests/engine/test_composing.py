"""Facets and blends that compose: Layout, Likeness, mix, avoided pictures, keep-out, colours."""

import unittest
from unittest import mock

import numpy as np
from scipy import ndimage

from overlay.engine import ground
from overlay.engine.library import work_at_most
from overlay.engine.placing import place
from overlay.engine.request import AvoidCue, Facets, Placement, Request
from overlay.engine.sampler import render
from overlay.engine.steps.schedule import Span
from overlay.imaging.colour import srgb_to_work
from overlay.imaging.resample import resize
from overlay.measures.palette import palette_distance
from overlay.measures.patches import patch_distance
from overlay.measures.structure import layout_match, structure_kept
from tests.pictures import HEIGHT, WIDTH, blobs, manner, request, scene, stripes, style


def from_noise(*styles, **keys):
    return render(Request(WIDTH, HEIGHT, 5, departure=1.0, styles=styles, **keys))


class LayoutTest(unittest.TestCase):
    def setUp(self):
        self.lock = style(scene("lock"), "masses", facets=Facets(layout=1))

    def test_from_noise_the_masses_lie_as_in_the_reference(self):
        for others in ((), (style(),)):
            with self.subTest(others=len(others)):
                out = srgb_to_work(from_noise(self.lock, *others).picture)
                self.assertGreater(layout_match(out, srgb_to_work(scene("lock"))), 60)

    def test_over_a_source_masses_move_and_colours_do_not(self):
        out = srgb_to_work(render(request(styles=(self.lock,))).picture)
        source, target = srgb_to_work(scene()), srgb_to_work(scene("lock"))
        self.assertGreater(layout_match(out, target), layout_match(source, target) + 40)
        self.assertLess(np.abs(out[..., 1:] - source[..., 1:]).mean(), 0.02)

    def test_a_flat_reference_and_a_small_frame_do_no_harm(self):
        flat = style(np.full((16, 16, 3), 90, np.uint8), "flat", facets=Facets(layout=2))
        out = render(Request(64, 64, steps=4, departure=1.0, styles=(flat, style())))
        self.assertEqual(out.picture.shape, (64, 64, 3))


class LikenessTest(unittest.TestCase):
    def test_from_noise_it_is_the_picture(self):
        whole = style(scene("lock"), facets=Facets(1, 1, 1, 1, 1))
        out = srgb_to_work(from_noise(whole).picture)
        self.assertGreater(structure_kept(out, srgb_to_work(scene("lock"))), 85)

    def test_it_lies_where_it_is_placed_and_nowhere_else(self):
        like = style(
            stripes(), "like", facets=Facets(likeness=1),
            placement=Placement("inside", (0.25, 0.0), 0.5),
        )  # fmt: skip
        out = render(request(styles=(like,))).picture
        moved = np.abs(out.astype(int) - scene()).max(axis=2) > 8
        self.assertLess(moved[:, : WIDTH // 2 - 8].mean(), 0.01)
        self.assertGreater(moved[40:88, WIDTH // 2 + 8 : WIDTH - 8].mean(), 0.5)


class PlacingTest(unittest.TestCase):
    def setUp(self):
        self.picture = srgb_to_work(blobs(3, 60, 40))

    def test_fits(self):
        covered = {
            "fill": 1.0, "stretch": 1.0, "inside": 2 / 3,
        }  # fmt: skip
        for fit, share in covered.items():
            with self.subTest(fit):
                laid = place(self.picture, 80, 80, Placement(fit))
                self.assertEqual(laid.picture.shape, (80, 80, 3))
                self.assertAlmostEqual(float(laid.covered.mean()), share, delta=0.02)

    def test_filling_an_equal_frame_is_the_picture(self):
        laid = place(self.picture, 40, 60, Placement())
        np.testing.assert_allclose(laid.picture, self.picture, atol=1e-6)

    def test_shift_and_scale(self):
        laid = place(self.picture, 80, 120, Placement("fill", (0.25, -0.25), 0.5))
        np.testing.assert_allclose(laid.picture[:40, 60:], self.picture, atol=1e-6)
        self.assertEqual(float(laid.covered.sum()), 40 * 60)

    def test_out_of_the_frame_covers_nothing(self):
        self.assertFalse(place(self.picture, 40, 60, Placement("fill", (2, 0))).covered.any())

    def test_wrong_values_are_refused(self):
        for placement in (Placement("cover"), Placement("fill", (0, 0), 0)):
            with self.assertRaisesRegex(ValueError, "fit must be one of fill, inside, stretch"):
                place(self.picture, 40, 60, placement)


class MixTest(unittest.TestCase):
    def test_colours_lie_between_and_marks_are_crisper_than_an_average(self):
        cues = (style(manner("felt"), "a"), style(manner("lino cut"), "b"))
        mixed = srgb_to_work(render(request(styles=cues, blend="mix")).picture)
        only = [srgb_to_work(render(request(styles=(c,))).picture) for c in cues]
        gaps = [palette_distance(mixed, p) for p in only]
        self.assertLess(max(gaps), palette_distance(*only))
        lino = srgb_to_work(manner("lino cut")), srgb_to_work(manner("felt"))
        average = (only[0] + only[1]) / 2
        near = [min(patch_distance(p, r, centred=True) for r in lino) for p in (mixed, average)]
        self.assertLess(near[0], near[1])

    def test_both_are_in_the_trace_and_weights_count(self):
        for weight in (0.2, 1.0):
            cues = (style(manner("felt"), "a", weight=weight), style(stripes(), "b"))
            trace = render(request(styles=cues, blend="mix")).trace
            self.assertAlmostEqual(trace.share("a") + trace.share("b"), 1.0)


class AvoidTest(unittest.TestCase):
    def setUp(self):
        self.halves = np.concatenate(
            [manner("lino cut", 120, 160), manner("felt", 120, 160)], axis=1
        )

    def left_share(self, weight, **keys):
        keys.setdefault("picture", manner("lino cut", 120, 160))
        avoided = AvoidCue("not this", weight=weight, **keys)
        trace = render(request(styles=(style(self.halves, "s"),), avoided=(avoided,))).trace
        return float(trace.came_from("s", 0, 0, 120, 160).mean())

    def test_what_resembles_the_avoided_picture_is_used_less(self):
        shares = [self.left_share(w) for w in (0.0, 0.1, 1.0)]
        self.assertEqual(shares, sorted(shares, reverse=True))
        self.assertGreater(shares[0], 0.2)
        self.assertLess(shares[2], 0.35 * shares[0])

    def test_without_span_or_region_it_changes_nothing(self):
        plain = render(request(styles=(style(self.halves),))).picture
        none = np.zeros((HEIGHT, WIDTH), np.float32)
        for keys in ({"weight": 0.0}, {"region": none}, {"span": Span(0, 0.1)}):
            avoided = AvoidCue("not this", manner("lino cut", 120, 160), **keys)
            out = render(request(styles=(style(self.halves),), avoided=(avoided,))).picture
            with self.subTest(keys=list(keys)):
                np.testing.assert_array_equal(out, plain)

    def test_with_blur_only_large_forms_count(self):
        # The same masses without the cuts: alike in the large, unlike in every mark.
        smooth = ndimage.gaussian_filter(manner("lino cut", 120, 160), (6, 6, 0))
        fine, large = (self.left_share(0.3, picture=smooth, blur=b) for b in (0.0, 12.0))
        self.assertLess(large, 0.5 * fine)


class KeepOutTest(unittest.TestCase):
    def test_kept_out_places_are_never_used(self):
        allowed = np.ones((180, 240), bool)
        allowed[40:110, 30:200] = False
        trace = render(request(styles=(style(allowed=allowed),))).trace
        self.assertGreater(trace.scales[0], 1.2)  # the reference was reduced, and its mask too
        for patch in np.ndindex(trace.cue.shape):
            _, box = trace.origin(*patch)
            left, top, right, bottom = np.round(box).astype(int)
            self.assertTrue(allowed[top + 1 : bottom - 1, left + 1 : right - 1].all())

    def test_nothing_left_is_refused(self):
        allowed = np.zeros((180, 240), bool)
        allowed[0, 0] = True
        with self.assertRaisesRegex(ValueError, "keep-out of 'style' must leave room"):
            render(request(styles=(style(allowed=allowed),)))

    def test_its_colours_do_not_count_either(self):
        picture = np.full((60, 80, 3), (200, 30, 30), np.uint8)
        picture[:, 40:] = (30, 30, 200)
        allowed = np.zeros((60, 80), bool)
        allowed[:, :40] = True
        red = np.full((4, 4, 3), (200, 30, 30), np.uint8)
        out = render(request(styles=(style(picture, facets=Facets(palette=1), allowed=allowed),)))
        alone = render(request(styles=(style(red, facets=Facets(palette=1)),)))
        gap = palette_distance(srgb_to_work(out.picture), srgb_to_work(alone.picture))
        self.assertLess(gap, 2)


class ColourFromNoiseTest(unittest.TestCase):
    def test_marks_of_one_and_colours_of_another(self):
        marks = style(manner("gouache"), "marks", facets=Facets(surface=1))
        blue = np.array([[[10, 20, 120], [60, 120, 230]]], np.uint8)
        colours = style(blue, "colours", facets=Facets(palette=1))
        out = srgb_to_work(from_noise(marks, colours).picture)
        apart = np.linalg.norm((out[:, :, None] - srgb_to_work(blue)[0]) * (1, 0.5, 0.5), axis=3)
        self.assertLess(np.median(apart.min(axis=2)), 0.02)


class LargeReferenceTest(unittest.TestCase):
    def test_reducing_in_strips_leaves_no_seam(self):
        picture = blobs(2, 90, 2600)
        small = work_at_most(picture, 90 * 2600 / 16)
        whole = resize(srgb_to_work(picture), *small.shape[:2])
        self.assertLess(np.abs(small - whole)[500:520].max(), 0.06)
        self.assertEqual(small.shape, (1300, 45, 3))


class StripTest(unittest.TestCase):
    def test_a_large_picture_tinted_in_strips_has_the_same_bytes(self):
        left = np.zeros((HEIGHT, WIDTH), np.float32)
        left[:, :90] = 1
        asked = request(styles=(style(name="a", region=left), style(stripes(), "b")))
        whole = render(asked).picture
        with mock.patch.multiple(ground, _KEPT=1000, _STRIP=64):
            np.testing.assert_array_equal(render(asked).picture, whole)
