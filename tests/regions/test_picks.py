"""Picks and shaping, against the labels of drawn scenes."""

import unittest

import numpy as np
from scipy import ndimage

from overlay.imaging.colour import srgb_to_work, work_to_srgb
from overlay.imaging.spread import stands_out
from overlay.regions.pick_words import PICKS, Pick, check_pick, read_pick, write_pick
from overlay.regions.picks import Clues, PickStroke, _parting, follow_edges, pick_area
from overlay.regions.shaping import drop_specks, fill_holes, smooth_contour
from tests.pictures import drawn_scene

WIDTH, HEIGHT = 288, 192


def overlap(a: np.ndarray, b: np.ndarray) -> float:
    """Intersection over union."""
    a, b = a > 0.5, b > 0.5
    return float((a & b).sum() / max((a | b).sum(), 1))


class PartingTest(unittest.TestCase):
    def test_a_few_dark_ones_are_parted_from_the_many(self):
        rng = np.random.default_rng(2)
        dark, light = rng.normal(0.15, 0.03, 100), rng.normal(0.7, 0.08, 900)
        parted = _parting(np.concatenate([dark, light]).astype(np.float32))
        self.assertGreater(parted, dark.max() - 0.01)
        self.assertLess(parted, light.min() + 0.06)
        self.assertAlmostEqual(_parting(np.full(50, 0.3, np.float32)), 0.3, places=6)


class PickTest(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        cls.scenes = {n: drawn_scene(n, WIDTH, HEIGHT) for n in ("windmill", "lock", "bottle kiln")}

    def label(self, scene: str, name: str) -> np.ndarray:
        drawn = self.scenes[scene]
        return drawn.labels == drawn.names.index(name)

    def corrected(self, scene: str, name: str, what: str) -> float:
        """Overlap after at most three strokes where it is most wrong."""
        picture, true, strokes = self.scenes[scene].picture, self.label(scene, name), []
        found = pick_area(picture, what)
        for _ in range(3):
            if overlap(found, true) >= 0.9:
                break
            wrong = (found > 0.5) ^ true
            deep = ndimage.distance_transform_edt(wrong)
            y, x = np.unravel_index(deep.argmax(), deep.shape)
            labels, _ = ndimage.label(wrong)
            stroke = ndimage.binary_erosion(labels == labels[y, x], iterations=3)
            stroke[y - 2 : y + 3, x - 2 : x + 3] = True
            strokes.append(PickStroke(stroke, bool(true[y, x])))
            found = pick_area(picture, what, strokes=strokes)
        return overlap(found, true)

    def test_skies_are_found_unaided(self):
        for name, drawn in self.scenes.items():
            sky = pick_area(drawn.picture, "sky")
            self.assertGreater(overlap(sky, self.label(name, "sky")), 0.85, name)

    def test_an_evening_sky_is_found_to_its_dark_half(self):
        y, x = np.mgrid[0:HEIGHT, 0:WIDTH] / HEIGHT
        work = np.zeros((HEIGHT, WIDTH, 3), np.float32)
        work[..., 0] = -0.3 + 0.25 * y
        work[..., 2] = -0.12
        work[(y > 0.75) | (abs(x - 0.7) < 0.02)] = (-0.4, 0, 0.02)
        sky = pick_area(work_to_srgb(work), "sky")
        self.assertGreater(overlap(sky, (y < 0.75) & (abs(x - 0.7) > 0.02)), 0.9)

    def test_where_there_is_no_sky_none_is_found(self):
        rng = np.random.default_rng(2)
        blotches = ndimage.gaussian_filter(rng.standard_normal((HEIGHT, WIDTH)), 12)
        blotches = 0.1 * blotches / blotches.std()
        leaves, table = np.zeros((2, HEIGHT, WIDTH, 3), np.float32)
        leaves[..., 0], leaves[..., 2] = -0.25 + blotches, -0.06  # dark and bluish, as far leaves
        table[..., 0], table[..., 2] = 0.1 + 0.1 * blotches, 0.2  # pale, but brown
        for picture in (leaves, table):
            self.assertEqual(float(pick_area(work_to_srgb(picture), "sky").max()), 0)

    def test_gravel_has_no_subject_and_is_all_background(self):
        rng = np.random.default_rng(2)
        stones = ndimage.gaussian_filter(rng.standard_normal((HEIGHT, WIDTH)), 2)
        work = np.zeros((HEIGHT, WIDTH, 3), np.float32)
        work[..., 0] = 0.12 * stones / stones.std()
        picture = work_to_srgb(work)
        self.assertEqual(float(pick_area(picture, "subject").max()), 0)
        self.assertEqual(float(pick_area(picture, "background").min()), 1)

    def test_what_is_enclosed_stands_out_and_what_reaches_the_rim_does_not(self):
        work = np.zeros((60, 80, 3), np.float32)
        work[20:40, 30:50], work[45:, 60:] = 0.3, 0.3
        far = stands_out(work)
        self.assertGreater(far[30, 40], 0.9)
        self.assertLess(max(far[10, 10], far[55, 75], far[30, 20]), 0.1)

    def test_a_subject_is_what_the_rim_has_not_whether_dark_or_light(self):
        y, x = np.mgrid[0:HEIGHT, 0:WIDTH]
        disc = np.hypot(y - HEIGHT / 2, x - WIDTH / 2) < 0.27 * HEIGHT
        for ground, own in ((0.4, -0.3), (-0.3, 0.4)):
            work = np.zeros((HEIGHT, WIDTH, 3), np.float32)
            work[..., 0] = np.where(disc, own, ground)
            found = pick_area(work_to_srgb(work), "subject")
            self.assertGreater(overlap(found, disc), 0.8, (ground, own))

    def test_subjects_are_found_with_three_strokes(self):
        for name in ("bottle kiln", "windmill"):
            self.assertGreater(self.corrected(name, name, "subject"), 0.85, name)

    def test_background_is_what_the_subject_is_not(self):
        picture = self.scenes["bottle kiln"].picture
        both = pick_area(picture, "subject") + pick_area(picture, "background")
        self.assertGreater((np.abs(both - 1) < 0.2).mean(), 0.97)

    def test_ground_is_below_and_colours_are_near(self):
        ground = pick_area(self.scenes["lock"].picture, "ground")
        self.assertGreater(ground[-20:].mean(), 0.9)
        self.assertLess(ground[:60].mean(), 0.02)
        flat = np.full((40, 60, 3), (200, 40, 30), np.uint8)
        flat[:, 30:] = (30, 60, 200)
        red = pick_area(flat, "#c8281e~10")
        self.assertEqual((red[:, :30].min(), red[:, 30:].max()), (1, 0))

    def test_near_and_far_need_depth_and_complete_each_other(self):
        picture = self.scenes["lock"].picture
        depth = np.repeat(np.linspace(0, 1, HEIGHT, dtype=np.float32)[:, None], WIDTH, axis=1)
        near, far = (pick_area(picture, what, clues=Clues(depth)) for what in ("near", "far"))
        self.assertGreater(near[-30:].mean(), 0.9)
        self.assertGreater(far[:30].mean(), 0.9)
        with self.assertRaisesRegex(ValueError, "near needs a depth map, got none"):
            pick_area(picture, "near")

    def test_degenerate_pictures_give_masks(self):
        for shape in ((1, 40), (40, 1), (16, 16)):
            clues = Clues(np.zeros(shape, np.float32), np.zeros(shape, np.float32))
            for what in (*PICKS, "depth~20-60", "like@.5,.5", "inside@1,1", "#828282@0,0"):
                picture = np.full((*shape, 3), 130, np.uint8)
                mask = pick_area(picture, what, clues=clues)
                self.assertTrue(mask.shape == shape and np.isfinite(mask).all())

    def test_what_cannot_be_picked_is_refused(self):
        for what in (
            "cat", "#12345", "#123456~101", "", "like", "like@2,0", "light~101", "depth~60-20",
            "inside~3@0,0", "sky@0.1,0.1",
        ):  # fmt: skip
            with self.assertRaisesRegex(ValueError, "pick must be one of subject, background"):
                check_pick(what)

    def test_words_are_taken_apart(self):
        for what, pick in (
            ("sky", Pick("sky")),
            ("#a03020~8@0.25,1", Pick("colour", "#a03020", 8, place=(0.25, 1.0))),
            ("light~60", Pick("light", amount=60)),
            ("depth~20-60", Pick("depth", band=(0.2, 0.6))),
            ("like~5@.5,0", Pick("like", amount=5, place=(0.5, 0.0))),
        ):
            self.assertEqual(read_pick(what), pick)
            self.assertEqual(read_pick(write_pick(pick)), pick)

    def test_light_dark_and_a_band_of_depth(self):
        grey = np.repeat(np.linspace(0, 255, 120)[None], 40, axis=0)
        picture = np.repeat(grey[..., None], 3, axis=2).astype(np.uint8)
        picture[:, 55:65] = picture[:, 54:55]
        light, dark = (pick_area(picture, w) for w in ("light", "dark"))
        np.testing.assert_allclose(light + dark, 1, atol=1e-6)
        self.assertEqual((light[0, -1], light[0, 0]), (1, 0))
        shares = [pick_area(picture, f"light~{n}").mean() for n in (20, 50, 80)]
        self.assertEqual(shares, sorted(shares, reverse=True))
        near = (grey / 255).astype(np.float32)
        band = pick_area(picture, "depth~25-50", clues=Clues(depth=near))
        self.assertAlmostEqual(float(band.mean()), 0.25, delta=0.02)
        self.assertEqual(pick_area(picture, "depth~0-100", clues=Clues(depth=near)).min(), 1)

    def test_unasked_light_begins_where_both_sides_are_most_of_one_kind(self):
        greys = np.repeat(np.array([40, 120, 150, 250], np.uint8), [10, 30, 40, 20])
        picture = np.repeat(np.tile(greys, (24, 1))[..., None], 3, axis=2)
        tone = srgb_to_work(picture)[0, :, 0]
        within = {
            cut: tone[:cut].var() * cut + tone[cut:].var() * (100 - cut) for cut in (10, 40, 80)
        }
        best = min(within, key=within.get)
        light, dark = (pick_area(picture, what)[12] for what in ("light", "dark"))
        inside = np.arange(100) >= best
        near = np.abs(np.arange(100) - best) < 4  # tones are smoothed before they are parted
        np.testing.assert_array_equal((light > 0.5)[~near], inside[~near])
        np.testing.assert_array_equal((dark > 0.5)[~near], ~inside[~near])

    def test_a_colour_reaches_as_far_as_its_tolerance(self):
        greys = np.arange(60, 200, dtype=np.uint8)
        picture = np.repeat(np.tile(greys, (12, 1))[..., None], 3, axis=2)
        away = 100 * np.abs(srgb_to_work(picture)[0, :, 0] - srgb_to_work(picture)[0, 40, 0])
        for tolerance in (4, 12):
            found = pick_area(picture, f"#646464~{tolerance}")[6]
            self.assertTrue((found[away < 0.7 * tolerance] == 1).all())
            self.assertTrue((found[away > 1.25 * tolerance + 1.1] == 0).all())
            half = away[(found > 0.5)].max()
            self.assertAlmostEqual(half, tolerance + 0.5, delta=0.5)

    def test_a_stroke_beside_a_picked_colour_adds_to_it(self):
        picture = np.full((60, 120, 3), 200, np.uint8)
        picture[:, :40], picture[:, 80:] = (180, 40, 30), (20, 60, 160)
        there = np.zeros((60, 120), bool)
        there[25:35, 95:105] = True
        found = pick_area(picture, "#b4281e~12", strokes=[PickStroke(there, inside=True)])
        self.assertGreater(found[:, 5:35].min(), 0.9)
        self.assertGreater(found[28:32, 98:102].min(), 0.9)
        self.assertLess(found[:, 45:75].max(), 0.1)

    def test_a_colour_may_hang_together_with_a_place(self):
        picture = np.full((40, 60, 3), (200, 40, 30), np.uint8)
        picture[:, 25:35] = (30, 60, 200)
        found = pick_area(picture, "#c8281e~10@0.9,0.5")
        self.assertEqual((found[:, :25].max(), found[:, 35:].min()), (0, 1))

    def test_what_is_like_a_place_grows_to_its_border(self):
        rng = np.random.default_rng(0)
        picture = rng.integers(90, 110, (120, 160, 3)).astype(np.uint8)
        picture[30:90, 40:80] += np.uint8(70)
        picture[30:90, 120:150] += np.uint8(70)
        true = np.zeros((120, 160), bool)
        true[30:90, 40:80] = True
        self.assertGreater(overlap(pick_area(picture, "like@0.35,0.5"), true), 0.95)
        lock = self.scenes["lock"].picture
        sky = pick_area(lock, "like~10@0.5,0.06")
        self.assertGreater(overlap(sky, self.label("lock", "sky")), 0.85)

    def test_closed_contours_hold_what_is_inside(self):
        y, x = np.mgrid[0:100, 0:140]
        ring = (np.abs(np.hypot(y - 50, x - 70) - 30) < 1).astype(np.float32)
        picture = np.full((100, 140, 3), 128, np.uint8)
        disc = np.hypot(y - 50, x - 70) < 30
        inside = pick_area(picture, "inside@0.5,0.5", clues=Clues(lines=ring))
        self.assertGreater(overlap(inside, disc), 0.95)
        outside = pick_area(picture, "inside@0.02,0.02", clues=Clues(lines=ring))
        self.assertGreater(overlap(outside, ~disc), 0.95)
        with self.assertRaisesRegex(ValueError, "inside needs a map with contours, got none"):
            pick_area(picture, "inside@0,0")


class ShapingTest(unittest.TestCase):
    def setUp(self):
        self.ring = np.zeros((60, 80), np.float32)
        self.ring[10:50, 10:50] = 1
        self.ring[25:35, 25:35] = 0
        self.ring[5:8, 70:73] = 1

    def test_holes_are_filled_and_specks_dropped(self):
        self.assertEqual(fill_holes(self.ring)[30, 30], 1)
        cleaned = drop_specks(self.ring, 20)
        self.assertEqual((cleaned[6, 71], cleaned[12, 12], cleaned[30, 30]), (0, 1, 0))
        self.assertEqual(fill_holes(np.zeros((4, 4), np.float32)).max(), 0)

    def test_smoothing_keeps_the_area_and_takes_wiggles(self):
        rng = np.random.default_rng(0)
        wiggly = np.zeros((80, 80), np.float32)
        for row, edge in enumerate(40 + rng.integers(-4, 5, 80)):
            wiggly[row, :edge] = 1
        smooth = smooth_contour(wiggly, 5)
        ends = (smooth > 0.5).sum(axis=1)
        self.assertLess(ends.std(), 0.6 * (wiggly > 0.5).sum(axis=1).std())
        self.assertAlmostEqual(smooth.mean(), wiggly.mean(), delta=0.02)

    def test_flat_colours_keep_their_mask(self):
        flat = np.full((60, 120, 3), 200, np.uint8)
        flat[:, :40] = (180, 40, 30)
        mask = np.zeros((60, 120), np.float32)
        mask[:, :40] = 1
        for soft in (False, True):
            found = follow_edges(mask, srgb_to_work(flat), soft=soft)
            self.assertGreater(found[:, :38].min(), 0.95)
            self.assertLess(found[:, 42:].max(), 0.05)

    def test_a_rough_mask_is_brought_to_the_edge(self):
        picture = np.full((90, 120, 3), 40, np.uint8)
        picture[:, 60:] = 210
        rough = np.zeros((90, 120), np.float32)
        rough[:, 58:] = 1
        found = follow_edges(rough, srgb_to_work(picture))
        self.assertGreater(found[45, 62], 0.9)
        self.assertLess(found[45, 59], 0.6)
