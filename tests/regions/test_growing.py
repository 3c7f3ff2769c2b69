import unittest

import numpy as np

from overlay.regions.growing import connected_at, enclosed, grow_alike, touching
from overlay.regions.tint import choose_tint, mask_overlay, masks_overlay, outline


def islands():
    mask = np.zeros((20, 30), bool)
    mask[2:6, 2:6] = mask[2:6, 20:26] = mask[12:18, 10:14] = True
    return mask


class GrowingTest(unittest.TestCase):
    def test_pieces_are_told_apart_by_what_touches_them(self):
        seed = np.zeros((20, 30), bool)
        seed[4, 4] = seed[15, 12] = seed[10, 10] = True
        found = touching(islands(), seed)
        self.assertEqual(found.sum(), 16 + 24)
        self.assertFalse(touching(islands(), np.zeros_like(seed)).any())

    def test_the_piece_at_a_place_or_nearest_to_it(self):
        self.assertEqual(connected_at(islands(), (0.75, 0.2)).sum(), 24)
        self.assertEqual(connected_at(islands(), (1.0, 0.0)).sum(), 24)
        self.assertEqual(connected_at(np.zeros((4, 4), bool), (0.5, 0.5)).sum(), 0)

    def test_small_gaps_of_a_contour_are_closed_and_full_maps_hold_nothing(self):
        lines = np.zeros((60, 80), np.float32)
        lines[10:50, (20, 60)] = lines[(10, 49), 20:61] = 1
        lines[10, 40:43] = 0
        inside = enclosed(lines, (0.5, 0.5))
        self.assertEqual((inside[30, 40], inside[2, 2], inside[30, 70]), (1, 0, 0))
        self.assertEqual(enclosed(0 * lines + 1, (0.5, 0.5)).max(), 0)
        self.assertEqual(enclosed(0 * lines, (0.5, 0.5)).min(), 1)

    def test_growth_holds_the_place_even_in_noise(self):
        noise = np.random.default_rng(0).normal(0, 0.3, (40, 60, 3)).astype(np.float32)
        found = grow_alike(noise, (0.5, 0.5), 0.01)
        self.assertTrue(found[20, 30])
        self.assertTrue(grow_alike(noise, (1.0, 1.0), 0.01)[-1, -1])
        self.assertLess(found.mean(), 0.2)
        self.assertTrue(grow_alike(0 * noise, (0, 0), 0.05).all())


class ManyMasksTest(unittest.TestCase):
    def setUp(self):
        self.picture = np.full((60, 80, 3), 120, np.uint8)
        self.masks = [np.zeros((60, 80), np.float32) for _ in range(2)]
        self.masks[0][10:40, 10:40] = 1
        self.masks[1][30:55, 30:70] = 1

    def test_the_hatching_is_light_on_dark_and_dark_on_light(self):
        mask = np.zeros((60, 80), np.float32)
        mask[10:50, 10:70] = 1
        for under, line in ((20, 255), (240, 0)):
            shown = mask_overlay(mask, np.full((60, 80, 3), under, np.uint8))
            hatched = shown[shown[..., 3] == 130]
            self.assertGreater(len(hatched), 50)
            self.assertEqual(set(hatched[:, :3].ravel().tolist()), {line})

    def test_each_has_a_tint_of_its_own_and_every_outline_is_seen(self):
        shown = masks_overlay(self.masks, self.picture)
        tints = [tuple(shown[at][:3]) for at in ((14, 16), (50, 60))]
        self.assertNotEqual(*tints)
        for mask in self.masks:
            white, _ = outline(mask)
            self.assertTrue((shown[white][:, 3] == 255).all())

    def test_one_alone_is_shown_as_ever_and_none_shows_nothing(self):
        alone = masks_overlay(self.masks[:1], self.picture)
        plain = mask_overlay(self.masks[0], self.picture)
        seen = plain[..., 3] > 0
        np.testing.assert_array_equal(alone[seen], plain[seen])
        self.assertEqual(masks_overlay([], self.picture).max(), 0)

    def test_more_masks_than_tints_use_tints_again(self):
        taken = []
        for _ in range(6):
            taken.append(choose_tint(self.masks[0], self.picture, taken))
        self.assertEqual(len(set(taken)), 4)
