import unittest
from dataclasses import replace

import numpy as np

from overlay.engine.record import Trace
from overlay.engine.request import Request, Stray
from overlay.engine.sampler import render
from overlay.engine.steps.chance import Chance
from overlay.imaging.colour import srgb_to_work
from overlay.measures.structure import layout_match
from tests.pictures import HEIGHT, WIDTH, manner, request, scene, style


def shifts(trace: Trace) -> np.ndarray:
    """For every eighth pixel, which cue it came from and how far its patch was moved."""
    found = []
    for y in range(4, HEIGHT, 8):
        for x in range(4, WIDTH, 8):
            i, j = trace.patch_at(y, x)
            found.append((
                trace.cue[i, j], trace.mirrored[i, j],
                trace.y[i, j] - trace.top - i * trace.stride,
                trace.x[i, j] - trace.left - j * trace.stride,
            ))  # fmt: skip
    return np.array(found)


class ChanceTest(unittest.TestCase):
    def test_the_other_seed_comes_in_the_earlier_the_further_one_strays(self):
        asked = request(departure=0.5)
        at = [Chance.of(replace(asked, stray=Stray(9, a))) for a in (0.1, 0.2, 0.9)]
        self.assertLess(0.5, at[2].moment)
        self.assertLess(at[2].moment, at[1].moment)
        self.assertLess(at[1].moment, at[0].moment)
        self.assertEqual((at[1].seed_at(0.5), at[1].seed_at(0.9)), (7, 9))

    def test_none_is_the_picture_itself_and_all_is_the_other_seeds(self):
        asked = request(steps=6)
        own, other = render(asked), render(replace(asked, seed=9))
        none = render(replace(asked, stray=Stray(9, 0.0)))
        all_ = render(replace(asked, stray=Stray(9, 1.0)))
        np.testing.assert_array_equal(none.picture, own.picture)
        np.testing.assert_array_equal(all_.picture, other.picture)
        self.assertTrue((own.picture != other.picture).any())

    def test_a_fifth_keeps_the_arrangement_and_changes_marks(self):
        two = (style(manner("felt")), style(scene("lock", 240, 160), "lock"))
        for name, asked in (
            ("source", request(styles=two)),
            ("noise", Request(WIDTH, HEIGHT, seed=7, departure=1.0, styles=two)),
        ):
            with self.subTest(name):
                own = render(asked)
                strayed = render(replace(asked, stray=Stray(9, 0.2)))
                other = render(replace(asked, seed=9))
                pictures = [srgb_to_work(done.picture) for done in (own, strayed, other)]
                kept = layout_match(pictures[1], pictures[0])
                self.assertGreater(kept, 80)
                self.assertGreater(kept, layout_match(pictures[2], pictures[0]))
                moved = (shifts(strayed.trace) != shifts(own.trace)).any(axis=1).mean()
                self.assertGreater(moved, 0.2)
