"""Weak spots of the study, held off: dead flats, lattice, repeated strips, lost drawing."""

import unittest

import numpy as np

from overlay.engine.sampler import render
from overlay.imaging.colour import srgb_to_work
from overlay.imaging.resample import soften
from overlay.measures.repeats import repeats
from overlay.measures.structure import structure_kept
from tests.pictures import edges, manner, request, scene, style
from tests.portrait import portrait

MANNERS = ("felt", "gouache", "lino cut")


class FlatAreaTest(unittest.TestCase):
    def setUp(self):
        self.out = {}
        for name in MANNERS:
            reference = manner(name, 320, 240)
            mean = reference.reshape(-1, 3).mean(axis=0).astype(np.uint8)
            flat = np.broadcast_to(mean, (192, 256, 3)).copy()
            picture = render(request(flat, styles=(style(reference),))).picture
            self.out[name] = srgb_to_work(reference), srgb_to_work(picture)

    def test_texture_does_not_die(self):
        for name, (reference, out) in self.out.items():
            detail = [float((p - soften(p, 2)).std()) for p in (out, reference)]
            with self.subTest(name):
                self.assertGreater(detail[0], 0.6 * detail[1])

    def test_the_grid_of_patches_does_not_show(self):
        window = np.outer(np.hanning(192), np.hanning(256))
        for name, (_, out) in self.out.items():
            spectrum = np.abs(np.fft.rfft2((out[..., 0] - out[..., 0].mean()) * window)) ** 2
            for axis, side in ((0, 256), (1, 192)):
                along = spectrum.sum(axis=axis)
                for period in (4, 8):
                    k = side // period
                    near = np.median(along[k - 9 : k + 10])
                    with self.subTest(name, axis=axis, period=period):
                        self.assertLess(along[k - 1 : k + 2].max(), 3 * near)


class DrawingTest(unittest.TestCase):
    def test_a_portrait_and_thin_lines_survive_little_departure(self):
        source = portrait()
        for name in MANNERS:
            out = render(request(source, departure=0.15, styles=(style(manner(name, 320, 240)),)))
            kept = structure_kept(srgb_to_work(out.picture), srgb_to_work(source))
            with self.subTest(name, kept=kept):
                self.assertGreater(kept, 60)

    def test_long_pieces_are_not_repeated(self):
        source = scene("lock", 288, 192)
        for name in MANNERS:
            guides = (edges(source, weight=0.5),)
            done = render(request(source, styles=(style(manner(name, 320, 240)),), guides=guides))
            t = done.trace
            with self.subTest(name):
                self.assertLess(repeats(t.cue, t.y, t.x, t.turn, t.mirrored, t.stride), 6)
