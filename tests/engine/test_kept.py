import unittest
from unittest import mock

import numpy as np

from overlay.engine import kept
from overlay.engine.kept import content_key, forget, keep, weight
from overlay.engine.sampler import render
from tests.pictures import edges, manner, request, scene, style


class KeepTest(unittest.TestCase):
    def setUp(self):
        forget()
        self.addCleanup(forget)
        self.made = []

    def make(self, size):
        def made():
            self.made.append(size)
            return np.zeros(size, np.uint8)

        return made

    def test_the_same_key_is_made_once(self):
        first, second = (keep(("a", 1), self.make(9)) for _ in range(2))
        self.assertIs(first, second)
        keep(("a", 2), self.make(9))
        self.assertEqual(self.made, [9, 9])

    def test_the_least_used_goes_first_and_the_largest_is_not_kept(self):
        with mock.patch.object(kept, "_LARGEST", 50):
            keep("large", self.make(51))
            keep("large", self.make(51))
            keep("small", self.make(50))
            keep("small", self.make(50))
        self.assertEqual(self.made, [51, 51, 50])
        for n in range(6):
            keep(n, self.make(kept._LARGEST))
        self.assertLessEqual(kept._kept.currsize, kept._LIMIT)
        self.assertNotIn(0, kept._kept)
        self.assertIn(5, kept._kept)

    def test_keys_tell_shape_kind_and_values_apart(self):
        plain = np.arange(6, dtype=np.float32)
        others = [plain.reshape(2, 3), plain.astype(np.int32), plain + 1, None]
        keys = {content_key(a) for a in (plain, *others)}
        self.assertEqual(len(keys), 5)
        self.assertEqual(content_key(plain), content_key(plain.copy()))
        self.assertNotEqual(content_key(plain, None), content_key(None, plain))

    def test_arrays_weigh_their_bytes_wherever_they_are(self):
        self.assertEqual(weight((np.zeros(10, np.float32), [np.zeros(3, np.uint8)])), 43)
        self.assertGreater(weight(style()), style().picture.nbytes)


class PullTest(unittest.TestCase):
    def setUp(self):
        forget()
        self.addCleanup(forget)

    def test_a_pull_after_others_has_the_bytes_of_a_first_one(self):
        asked = [
            request(styles=(style(weight=w), style(manner("felt"), "b")), departure=d,
                    guides=(edges(scene(), weight=g),), steps=6)
            for w, d, g in ((1.0, 0.7, 0.5), (0.6, 0.7, 0.5), (1.0, 0.5, 0.9))
        ]  # fmt: skip
        warm = [render(r).picture for r in asked for _ in range(2)][1::2]
        for r, picture in zip(asked, warm, strict=True):
            forget()
            np.testing.assert_array_equal(render(r).picture, picture)

    def test_another_weight_makes_no_tint_page_or_guide_anew(self):
        first = request(styles=(style(),), guides=(edges(scene(), weight=0.5),), steps=6)
        render(first)
        again = request(styles=(style(weight=0.8),), guides=(edges(scene(), weight=0.4),), steps=6)
        before = set(kept._kept)
        self.assertGreater(len(before), 8)
        render(again)
        self.assertEqual(set(kept._kept) - before, set())
