"""What patches are compared by: bytes, and sums of them in vectors of any machine."""

import os
import subprocess
import sys
import unittest

import numpy as np

from overlay.engine.matching.keys import COLOUR_STEPS, GUIDE_STEPS, from_bytes, to_bytes
from overlay.engine.matching.wide import even_rows_apart, odd_rows_apart
from overlay.imaging.colour import srgb_to_work
from overlay.imaging.kernel import compiled

# Renders a small proof and prints its hash.
_RENDER = """
import hashlib
from overlay.engine.sampler import render
from tests.pictures import edges, request, scene
done = render(request(guides=(edges(scene(), weight=0.5),), departure=0.6, steps=6))
print(hashlib.sha256(done.picture.tobytes()).hexdigest())
"""


@compiled()
def sums(a, at, a_step, b, bt, b_step):
    return (
        even_rows_apart(a, at, a_step, b, bt, b_step),
        odd_rows_apart(a, at, a_step, b, bt, b_step),
    )


class SumsTest(unittest.TestCase):
    def plain(self, a, at, a_step, b, bt, b_step, first):
        total = 0
        for row in range(first, 8, 2):
            p = a[at + row * a_step :][:24].astype(int)
            q = b[bt + row * b_step :][:24].astype(int)
            total += ((p - q) ** 2).sum()
        return total

    def test_random_and_extreme_bytes_at_any_place(self):
        rng = np.random.default_rng(3)
        black, white = np.zeros(4000, np.uint8), np.full(4000, 255, np.uint8)
        noise = [rng.integers(0, 256, 4000).astype(np.uint8) for _ in range(2)]
        for a, b in (noise, (black, white), (white, black), (noise[0], white), (black, black)):
            for at, a_step, bt, b_step in ((0, 24, 0, 24), (7, 301, 91, 60), (1, 500, 3, 480)):
                found = sums(a, at, a_step, b, bt, b_step)
                wanted = tuple(self.plain(a, at, a_step, b, bt, b_step, first) for first in (0, 1))
                self.assertEqual(found, wanted)
        self.assertEqual(sums(black, 0, 24, white, 0, 24)[0], 4 * 24 * 255**2)

    def test_bytes_are_the_nearest_and_clip_beyond_their_range(self):
        values = np.linspace(-1, 1, 4001, dtype=np.float32)[None, :, None]
        back = from_bytes(to_bytes(values, COLOUR_STEPS), COLOUR_STEPS)
        inside = np.abs(values) < 0.63
        self.assertLessEqual(np.abs(back - values)[inside].max(), 0.5001 / COLOUR_STEPS)
        self.assertEqual((back.argmin(), back.argmax()), (0, int((back == back.max()).argmax())))
        whole = to_bytes(np.array([[[-1.0, 0.0, 1.0]]], np.float32), GUIDE_STEPS)
        self.assertEqual(whole.ravel().tolist(), [1, 128, 255])

    def test_every_colour_of_srgb_lies_within_the_bytes(self):
        corners = np.stack(np.meshgrid(*[[0, 128, 255]] * 3), -1).reshape(1, -1, 3)
        work = srgb_to_work(corners.astype(np.uint8))
        self.assertLess(np.abs(work).max() * COLOUR_STEPS, 127)


class AnyMachineTest(unittest.TestCase):
    def render(self, **variables):
        done = subprocess.run(
            [sys.executable, "-c", _RENDER], env=os.environ | variables, capture_output=True,
            text=True, check=True,
        )  # fmt: skip
        return done.stdout

    def test_a_machine_without_wide_vectors_has_the_same_sums(self):
        code = (
            "import numpy as np\n"
            "from tests.engine.test_keys import sums\n"
            "a, b = np.random.default_rng(8).integers(0, 256, (2, 900)).astype(np.uint8)\n"
            "print(sums(a, 5, 100, b, 3, 90))"
        )
        said = [
            subprocess.run(
                [sys.executable, "-c", code], env=os.environ | variables, capture_output=True,
                text=True, check=True,
            ).stdout
            for variables in ({}, {"NUMBA_CPU_NAME": "generic", "NUMBA_CPU_FEATURES": ""})
        ]  # fmt: skip
        self.assertEqual(said[0], said[1])
        self.assertIn("(", said[0])

    def test_one_thread_gives_the_same_bytes_as_two(self):
        self.assertEqual(self.render(NUMBA_NUM_THREADS="1"), self.render(NUMBA_NUM_THREADS="2"))
