"""Every setting does, measurably and in order, what it says."""

import os
import unittest
from dataclasses import replace

import numpy as np

from overlay.engine.request import Facets
from overlay.engine.sampler import render
from overlay.engine.steps.schedule import Span
from overlay.imaging.colour import srgb_to_work
from overlay.measures.structure import correlation, structure_kept
from tests.pictures import edges, manner, request, scene, style

PAIRS = (("windmill", "gouache"), ("lock", "felt"), ("bottle kiln", "lino cut"))
# Every day each setting is looked at on one pair, another one for each; `make bench` takes all.
WHOLE = bool(os.environ.get("OVERLAY_WHOLE"))
VALUES = (0.05, 0.3, 0.55, 0.8, 1.0)


def rank_correlation(values: list[float]) -> float:
    ranks = np.argsort(np.argsort(values)).astype(np.float32)
    return correlation(ranks, np.arange(len(values), dtype=np.float32))


class MonotoneTest(unittest.TestCase):
    def assert_rises(self, pair, make, effect, seeds=(7,), slack=0.0):
        """Rank correlation of value and effect over pictures and manners, and their mean effect.

        What differs less than between two seeds is measured over both. The largest value has the
        most effect, or less than the most by a `slack`, a share of how far effects go.
        """
        effects = []
        for name, marks in PAIRS if WHOLE else PAIRS[pair : pair + 1]:
            source, reference = scene(name, 240, 160), manner(marks, 280, 210)
            work = srgb_to_work(source)
            found = []
            for v in VALUES:
                runs = [render(replace(make(source, reference, v), seed=s)) for s in seeds]
                found.append(np.mean([effect(srgb_to_work(r.picture), work) for r in runs]))
            effects.append(found)
            with self.subTest(scene=name, manner=marks, effect=np.round(found, 3)):
                self.assertGreaterEqual(rank_correlation(found), 0.9)
        mean = np.mean(effects, axis=0)
        self.assertGreater(mean[-1], mean[0])
        self.assertGreaterEqual(mean[-1], mean.max() - slack * np.ptp(mean))

    def test_departure_moves_the_picture(self):
        def make(source, reference, v):
            return request(source, departure=v, styles=(style(reference),))

        self.assert_rises(0, make, lambda proof, source: np.abs(proof - source).mean())

    def test_the_weight_of_a_cue_brings_its_marks(self):
        def make(source, reference, v):
            return request(source, styles=(style(reference, weight=v),))

        self.assert_rises(1, make, lambda proof, source: np.abs(proof - source).mean())

    def test_the_weight_of_a_guide_holds_contours(self):
        def make(source, reference, v):
            guides = (edges(source, weight=v),)
            return request(source, departure=0.9, styles=(style(reference),), guides=guides)

        # Over eight seeds 0.8 holds what 1 does: by less than seeds differ.
        self.assert_rises(2, make, structure_kept, seeds=(7, 8), slack=0.03)

    def test_a_guide_that_leaves_later_holds_more(self):
        def make(source, reference, v):
            guides = (edges(source, weight=0.9, span=Span(leave=v)),)
            return request(source, departure=0.9, styles=(style(reference),), guides=guides)

        self.assert_rises(1, make, structure_kept, seeds=(7, 8))

    def test_a_likeness_of_more_weight_is_more_like(self):
        """Beyond what a proof without it shares with that picture by chance, in two seeds."""
        other = scene("lock", 240, 160)
        target = srgb_to_work(other)
        chance: dict[bytes, float] = {}

        def made(source, *styles):
            return request(source, departure=0.8, styles=styles)

        def make(source, reference, v):
            key = srgb_to_work(source).tobytes()
            if key not in chance:
                plain = [render(replace(made(source, style(reference)), seed=s)) for s in (7, 8)]
                shared = [structure_kept(srgb_to_work(p.picture), target) for p in plain]
                chance[key] = max(shared)
            return made(source, style(reference), style(other, "like", facets=Facets(likeness=v)))

        def beyond(proof, source):
            return max(structure_kept(proof, target) - chance[source.tobytes()], 0.0)

        self.assert_rises(0, make, beyond, seeds=(7, 8))
