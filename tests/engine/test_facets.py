"""What each facet, and the size of marks, do by themselves in a whole run."""

import unittest

import numpy as np

from overlay.engine.request import Facets, Request
from overlay.engine.sampler import render
from overlay.engine.steps.schedule import Span
from overlay.imaging.colour import srgb_to_work, work_to_srgb
from overlay.imaging.resample import resize
from overlay.measures.palette import palette_distance
from overlay.measures.patches import patch_distance
from overlay.measures.structure import structure_kept
from tests.pictures import HEIGHT, WIDTH, manner, request, scene, stripes, style


def run(*styles, **keys):
    return render(request(styles=styles, **keys))


PAIRS = [(s, m) for s in ("windmill", "lock") for m in ("felt", "gouache", "lino cut", "dot print")]


class AloneTest(unittest.TestCase):
    """Palette alone moves colours, Surface alone moves texture; each leaves the other be."""

    def alone(self, **facets):
        for name, marks in PAIRS:
            source, reference = scene(name, 288, 192), manner(marks, 320, 240)
            out = render(request(source, styles=(style(reference, facets=Facets(**facets)),)))
            yield f"{name}, {marks}", *map(srgb_to_work, (out.picture, source, reference))

    def test_palette_alone_moves_colours_and_keeps_contours(self):
        falls = []
        for name, out, source, reference in self.alone(palette=1.0):
            before = palette_distance(source, reference)
            falls.append(1 - palette_distance(out, reference) / before)
            with self.subTest(name, fall=falls[-1]):
                # Two tones cannot be met without driving like colours apart (`palette._STEEPEST`).
                self.assertGreater(falls[-1], 0.3 if "lino" in name else 0.53)
                self.assertGreater(structure_kept(out, source), 80)
        self.assertGreater(np.mean(falls), 0.58)

    def test_surface_alone_moves_texture_and_keeps_colours(self):
        # The distance counts the picture's arrangement too, which stays: fine references over a
        # scene full of contours fall less, coarse ones more.
        falls, moved = [], []
        for _, out, source, reference in self.alone(surface=1.0):
            texture = [patch_distance(p, reference, centred=True) for p in (out, source)]
            falls.append(1 - texture[0] / texture[1])
            moved.append(palette_distance(out, source) / palette_distance(reference, source))
        self.assertGreater(min(falls), 0.1)
        self.assertGreater(np.mean(falls), 0.4)
        self.assertLess(np.mean(moved), 1 / 3)
        self.assertLess(max(moved), 0.45)


class LightTest(unittest.TestCase):
    def test_light_alone_moves_tones_and_leaves_colours(self):
        dark = work_to_srgb(
            srgb_to_work(manner()) * np.float32(0.4) - np.array([0.2, 0, 0], np.float32)
        )
        out = srgb_to_work(run(style(dark, facets=Facets(light=1))).picture)
        source, target = srgb_to_work(scene()), srgb_to_work(dark)
        gap = abs(np.median(source[..., 0]) - np.median(target[..., 0]))
        self.assertLess(abs(np.median(out[..., 0]) - np.median(target[..., 0])), 0.3 * gap)
        self.assertLess(np.abs(out[..., 1:] - source[..., 1:]).mean(), 0.02)


class PaletteTest(unittest.TestCase):
    def test_a_palette_that_left_is_taken_back_by_the_source(self):
        whole = style(stripes(), facets=Facets(palette=1))
        early = style(stripes(), facets=Facets(palette=1), span=Span(leave=0.6))
        moved = [
            np.abs(run(cue, departure=0.6).picture.astype(int) - scene()).mean()
            for cue in (whole, early)
        ]
        self.assertLess(moved[1], moved[0])

    def test_two_palettes_are_averaged_by_weight(self):
        red = style(np.array([[[220, 30, 30]]], np.uint8), "red", facets=Facets(palette=1))
        blue = style(np.array([[[30, 30, 220]]], np.uint8), "blue", facets=Facets(palette=1))
        both = srgb_to_work(run(red, blue).picture).mean(axis=(0, 1))
        ends = [srgb_to_work(run(cue).picture).mean(axis=(0, 1)) for cue in (red, blue)]
        # In the working space, up to the clipping of colours that no screen can show.
        np.testing.assert_allclose(both, (ends[0] + ends[1]) / 2, atol=0.06)


class MarkSizeTest(unittest.TestCase):
    def test_scale_doubles_the_marks(self):
        fine = srgb_to_work(stripes(6))
        coarse = resize(fine, 240, 320)
        for scale, own, other in ((1.0, fine, coarse), (2.0, coarse, fine)):
            cue = style(stripes(6), scale=scale)
            out = srgb_to_work(render(Request(160, 120, 3, departure=1.0, styles=(cue,))).picture)
            with self.subTest(scale):
                self.assertLess(patch_distance(out, own), patch_distance(out, other))


class HandOverTest(unittest.TestCase):
    def test_envelopes_that_cross_hand_over(self):
        first = style(manner("felt"), "first", span=Span(leave=0.5))
        second = style(manner("lino cut"), "second", span=Span(enter=0.5))
        done = run(first, second, departure=0.9)
        self.assertTrue((done.trace.cue == 1).all())
        self.assertGreater(done.influence.of("first")[0], 0.9)
        # Its colours had been reached and fade; its marks are gone.
        self.assertLess(done.influence.of("first")[-1], 0.02)
        self.assertEqual(done.influence.of("second")[0], 0)

    def test_regions_and_their_complement_cover_the_frame(self):
        left = np.zeros((HEIGHT, WIDTH), np.float32)
        left[:, : WIDTH // 2] = 1
        done = run(
            style(manner("felt"), "left", region=left),
            style(manner("lino cut"), "right", region=1 - left),
        )
        columns = done.trace.cue.shape[1]
        self.assertTrue((done.trace.cue[:, : columns // 2 - 2] == 0).all())
        self.assertTrue((done.trace.cue[:, columns // 2 + 2 :] == 1).all())

    def test_a_weight_above_one_counts_against_others(self):
        done = run(
            style(manner("felt"), "a", weight=2.0), style(manner("lino cut"), "b", weight=0.5)
        )
        self.assertAlmostEqual(float((done.trace.cue == 0).mean()), 0.8, delta=0.05)
