import unittest
from dataclasses import replace

import numpy as np
from scipy.stats import spearmanr

from overlay.engine.request import GuideCue
from overlay.engine.sampler import render
from overlay.guides.depth import even_depth
from overlay.imaging.colour import srgb_to_work
from tests.pictures import HEIGHT, WIDTH, blobs, request, stripes, style


def ramp(height, width):
    """From far above to near below."""
    return np.repeat(np.linspace(0, 1, height, dtype=np.float32)[:, None], width, axis=1)


def guide(agreement, **keys):
    plain = np.zeros((HEIGHT, WIDTH), np.float32)
    depth = ramp(HEIGHT, WIDTH)[::-1]  # near above, against what the pictures would find
    return GuideCue("depth", plain, plain, 1.5, depth=depth, agreement=agreement, **keys)


class NearnessTest(unittest.TestCase):
    def origin(self, *guides, depth=True):
        """Rank correlation of a patch's depth on the canvas and in the reference; the picture."""
        picture = stripes()
        cue = style(picture, depth=ramp(*picture.shape[:2]) if depth else None)
        done = render(request(blobs(), styles=(cue,), guides=guides, departure=1.0, steps=8))
        near = -np.broadcast_to(np.arange(done.trace.y.shape[0])[:, None], done.trace.y.shape)
        return spearmanr(near.ravel(), done.trace.y.ravel())[0], done.picture

    def test_near_places_take_what_is_near(self):
        found = [self.origin(guide(a))[0] for a in (0.0, 0.5, 1.0)]
        self.assertEqual(found, sorted(found))
        self.assertGreater(found[2], found[0] + 0.3)

    def test_nothing_is_said_without_depth_agreement_or_weight(self):
        plain = self.origin(guide(0.0))[1]
        for other in (
            self.origin(replace(guide(0.0), depth=None)),
            self.origin(guide(1.0), depth=False),
        ):
            np.testing.assert_array_equal(plain, other[1])
        np.testing.assert_array_equal(self.origin(guide(1.0, weight=0.0))[1], self.origin()[1])

    def test_marks_recede_with_distance(self):
        cue = style(stripes(), depth=np.full(stripes().shape[:2], 0.5, np.float32))
        shares = []
        for receding in (0.0, 1.0):
            guides = (replace(guide(0.0), receding=receding),)
            done = render(request(blobs(), styles=(cue,), guides=guides, departure=1.0, steps=8))
            light = srgb_to_work(done.picture)[..., 0]
            fine = [np.abs(np.diff(part, axis=1)).mean() for part in (light[:24], light[-24:])]
            shares.append(fine[1] / fine[0])  # far, below, against near
        self.assertGreater(shares[1], 1.15 * shares[0])
        self.assertLess(done.trace.y.max(), stripes().shape[0])

    def test_even_depth_keeps_the_order_and_uses_the_range(self):
        depth = ramp(64, 16) ** 3
        even = even_depth(depth)
        self.assertTrue((np.diff(even[:, 0]) >= 0).all())
        self.assertAlmostEqual(float(even.mean()), 0.5, delta=0.02)
        np.testing.assert_allclose(even_depth(0 * depth), 0.5, atol=0.01)
