import unittest

import numpy as np
from PIL import Image

from overlay.enlarging.classes import ANGLES, KINDS, classify
from overlay.enlarging.doubling import _trust, doubling_filters
from overlay.enlarging.faithful import enlarge
from overlay.enlarging.filters import lanczos_filters, learn, leaving_filters, predict, solve
from overlay.enlarging.halving import halved
from overlay.imaging.filters import gaussian
from overlay.imaging.resample import resize
from overlay.imaging.rows import thread_count, use_threads
from tests.pictures import blobs, manner, scene


def bytes_halved(picture: np.ndarray) -> np.ndarray:
    image = Image.fromarray(picture)
    return np.array(image.resize((image.width // 2, image.height // 2), Image.Resampling.LANCZOS))


def lanczos(picture: np.ndarray, like: np.ndarray) -> np.ndarray:
    size = like.shape[1::-1]
    return np.array(Image.fromarray(picture).resize(size, Image.Resampling.LANCZOS))


def error(made: np.ndarray, original: np.ndarray) -> float:
    return float(np.sqrt(((made.astype(float) - original) ** 2).mean()))


class FaithfulTest(unittest.TestCase):
    def test_halved_pictures_come_nearer_to_themselves_than_by_lanczos(self):
        shares = []
        for name in ("felt", "dot print", "gouache", "lino cut", "weave", "glazed tile"):
            picture = manner(name, 480, 320)
            small = bytes_halved(picture)
            own = error(enlarge(small, 320, 480), picture)
            shares.append(own / error(lanczos(small, picture), picture))
            self.assertLess(shares[-1], 1.0, name)
        for name in ("windmill", "lock"):
            picture = scene(name, 480, 320)
            small = bytes_halved(picture)
            own = error(enlarge(small, 320, 480), picture)
            shares.append(own / error(lanczos(small, picture), picture))
        self.assertLess(np.mean(shares), 0.955)

    def test_halved_again_it_is_the_picture_it_came_from(self):
        small = bytes_halved(scene("lock", 480, 320))
        again = resize(enlarge(small, 320, 480).astype(np.float32), 160, 240)
        self.assertLess(np.abs(again - small).mean(), 0.6)

    def test_the_same_bytes_for_any_band_and_any_number_of_threads(self):
        picture = scene("windmill", 192, 128)
        for height, width in ((256, 384), (170, 255), (450, 700)):
            whole = enlarge(picture, height, width, band=4096)
            for band in (37, 128):
                np.testing.assert_array_equal(enlarge(picture, height, width, band=band), whole)
        threads = thread_count()
        use_threads(1)
        self.addCleanup(use_threads, threads)
        np.testing.assert_array_equal(enlarge(picture, 450, 700), whole)

    def test_an_even_tone_stays_and_nothing_leaves_the_range_about_it(self):
        even = np.full((40, 60, 3), 137, np.uint8)
        self.assertEqual(np.unique(enlarge(even, 80, 120)).tolist(), [137])
        hard = np.zeros((64, 64, 3), np.uint8)
        hard[:, 32:] = 200
        made = enlarge(hard, 128, 128)
        self.assertEqual(made[:, :56].max(), 0)
        self.assertLessEqual(made.max(), 220)

    def test_small_pictures_and_sizes_out_of_range(self):
        tiny = blobs(1, 5, 3)
        self.assertEqual(enlarge(tiny, 6, 10).shape, (6, 10, 3))
        np.testing.assert_array_equal(enlarge(tiny, 3, 5), tiny)
        for size, said in (
            ((2, 10), "height must be 3 to 12, got 2"), ((6, 21), "width must be 5 to 20, got 21"),
        ):  # fmt: skip
            with self.assertRaisesRegex(ValueError, said):
                enlarge(tiny, *size)
        with self.assertRaisesRegex(ValueError, "64 megapixels can be made, got 9000x9000"):
            enlarge(np.zeros((4500, 4500, 3), np.uint8), 9000, 9000)

    def test_who_reports_may_stop(self):
        def stop(share: float) -> None:
            if share > 0.4:
                raise InterruptedError

        with self.assertRaises(InterruptedError):
            enlarge(scene(), 256, 384, report=stop, band=64)


class FiltersTest(unittest.TestCase):
    def test_halving_is_that_of_lanczos(self):
        picture = scene("lock", 60, 44).astype(np.float32)
        np.testing.assert_allclose(halved(picture), resize(picture, 22, 30), atol=0.01)
        np.testing.assert_array_equal(halved(np.full((8, 6, 3), 90, np.float32)).round(3), 90)

    def test_classes_tell_direction_strength_and_clearness(self):
        x = np.arange(64, dtype=np.float32)
        across = np.broadcast_to(255 * (x > 31)[None, :, None], (64, 64, 3)).astype(np.float32)
        upright, level = classify(across)[32, 32], classify(across.transpose(1, 0, 2))[32, 32]
        self.assertEqual(upright // ANGLES, KINDS - 1)  # strong and clear
        self.assertEqual(abs(upright - level), ANGLES // 2)
        self.assertLess(classify(across)[32, 5] // ANGLES, 2)  # weak

    def test_filters_sum_to_one_and_lanczos_is_symmetric(self):
        plain = lanczos_filters()
        np.testing.assert_allclose(plain.sum(axis=2), 1, atol=1e-6)
        np.testing.assert_allclose(plain[:, 0], plain[:, 3, ::-1], atol=1e-6)
        own = doubling_filters(scene("lock", 320, 240))
        for filters, leaving in ((own.larger, plain), (own.mending, leaving_filters())):
            np.testing.assert_allclose(filters.sum(axis=2), 1, atol=1e-5)
            self.assertGreater(np.abs(filters - leaving).max(), 0.05)

    def test_a_picture_that_another_scale_misleads_keeps_to_lanczos(self):
        """Guarded: what was learnt on the coarser pair counts as far as it serves the finer one."""
        full = scene("lock", 320, 240).astype(np.float32)
        half = resize(full, 120, 160)
        plain, classes = lanczos_filters(), classify(half)
        good = solve(learn(half, full), plain)
        self.assertGreater(_trust(half, full, classes, good, plain), 0.9)
        away = 2 * plain - good
        self.assertEqual(_trust(half, full, classes, np.ascontiguousarray(away), plain), 0.0)

    def test_learning_beats_lanczos_on_what_it_learnt_from(self):
        full = scene("windmill", 320, 240).astype(np.float32)
        half = resize(full, 120, 160)
        lanczos = lanczos_filters()
        own, plain = (predict(half, f) for f in (solve(learn(half, full), lanczos), lanczos))
        self.assertLess(error(own, full), 0.95 * error(plain, full))

    def test_mending_learns_what_is_missed_and_leaves_a_picture_otherwise(self):
        full = scene("windmill", 320, 240).astype(np.float32)
        soft, leaving = gaussian(full, 0.8), leaving_filters()
        np.testing.assert_allclose(predict(soft, leaving), soft, atol=1e-3)
        mended = predict(soft, solve(learn(soft, full), leaving))
        self.assertLess(error(mended, full), 0.8 * error(soft, full))
