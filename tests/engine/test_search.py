import unittest

import numpy as np

from overlay.engine.matching import search
from overlay.engine.matching.atlas import Leaf, build_atlas
from overlay.engine.matching.distance import page_table
from overlay.engine.matching.field import (
    PAD,
    Grid,
    carry_field,
    grid_samples,
    make_grid,
    pad_canvas,
    random_field,
)
from overlay.engine.matching.keys import COLOUR_STEPS, GUIDE_STEPS, PATCH, from_bytes, to_bytes
from overlay.engine.matching.search import worn_places
from overlay.engine.matching.sweep import mark_repeats
from overlay.engine.matching.vote import vote
from overlay.engine.request import Facets
from overlay.engine.shares import Casting, assign, memberships, solve_bias
from overlay.imaging.colour import srgb_to_work
from overlay.imaging.resample import resize
from tests.pictures import blobs, manner

MIRRORS = ((0, False), (0, True))
ALL_WAYS = tuple((turn, mirrored) for turn in range(4) for mirrored in (False, True))


def pages(*pictures: np.ndarray, turns=MIRRORS, barred=None, avoid=None, sigma=None):
    leaves = []
    for p in pictures:
        shun = np.zeros((*p.shape[:2], 0), np.float32) if avoid is None else avoid
        leaves.append(Leaf(p, turns, barred, shun))
    return build_atlas(tuple(leaves), guide_sigma=sigma)


def exact_costs(canvas: np.ndarray, reference: np.ndarray, grid: Grid) -> np.ndarray:
    """Squared distance of every patch of the canvas to its nearest patch, both mirrors.

    Of the colours as they are compared, in bytes.
    """
    canvas, reference = (
        from_bytes(to_bytes(p, COLOUR_STEPS), COLOUR_STEPS) for p in (canvas, reference)
    )
    padded = pad_canvas(canvas)
    windows = [
        np.lib.stride_tricks.sliding_window_view(r, (PATCH, PATCH), axis=(0, 1)).reshape(
            -1, 3 * PATCH * PATCH
        )
        for r in (reference, reference[:, ::-1])
    ]
    keys = np.concatenate(windows)
    out = np.empty((grid.rows, grid.columns))
    for i in range(grid.rows):
        for j in range(grid.columns):
            y, x = 4 * i + PAD - grid.top, 4 * j + PAD - grid.left
            patch = padded[y : y + PATCH, x : x + PATCH].transpose(2, 0, 1).ravel()
            out[i, j] = ((keys - patch) ** 2).sum(axis=1).min()
    return out


class SearchTest(unittest.TestCase):
    def setUp(self):
        self.reference = srgb_to_work(blobs(4, 72, 60))
        self.canvas = srgb_to_work(blobs(5, 64, 48))
        self.atlas = pages(self.reference)
        self.grid = make_grid(48, 64, (1, 3))

    def run_search(self, canvas, *, sweeps=12, coherence=(1.0, 1.0), free=0.0, price=0.0):
        grid, atlas = self.grid, self.atlas
        label = np.zeros((grid.rows, grid.columns), np.int16)
        field = random_field(label, atlas, 5)
        padded = pad_canvas(canvas)
        query = search.Query(
            padded, np.zeros_like(padded), np.zeros(label.shape, np.float32),
            np.ones(label.shape, np.float32), label,
            np.full((2, 3), free, np.float32),
            np.full((*label.shape, atlas.traits.shape[1]), price, np.float32),
        )  # fmt: skip
        return search.refine(
            query, atlas, grid, field, soft=False, sweeps=sweeps, coherence=coherence,
            radius=72, key=11, check=lambda: None,
        )  # fmt: skip

    def test_a_canvas_cut_from_the_reference_is_found_again(self):
        canvas = np.ascontiguousarray(self.reference[6:54, 4:68])
        field, *_ = self.run_search(canvas, coherence=(1.6, 1.15))
        i, j = np.mgrid[0 : self.grid.rows, 0 : self.grid.columns]
        places = np.stack([0 * i, 4 * i - self.grid.top + 6, 4 * j - self.grid.left + 4], -1)
        found = (field == places).all(axis=2)[3:-3, 3:-3]
        self.assertGreater(found.mean(), 0.85)

    def test_matches_come_near_the_exact_ones(self):
        # What dull patches are charged is left out, to compare plain distances.
        self.atlas = self.atlas.__class__(**{**vars(self.atlas), "dull": 0 * self.atlas.dull})
        _, cost, _ = self.run_search(self.canvas, sweeps=20)
        exact = exact_costs(self.canvas, self.reference, self.grid)
        self.assertTrue((cost >= exact - 1e-3).all())
        self.assertLess(np.median(cost / np.maximum(exact, 1e-3)), 1.35)

    def test_more_sweeps_are_never_worse_without_coherence(self):
        few = self.run_search(self.canvas, sweeps=2)[1].mean()
        many = self.run_search(self.canvas, sweeps=14)[1].mean()
        self.assertLess(many, few)

    def test_free_means_ignore_a_shift_of_colour(self):
        canvas = np.ascontiguousarray(self.reference[6:54, 4:68])
        shifted = canvas + np.array([0.15, 0.1, -0.1], np.float32)
        plain, free = (self.run_search(shifted, free=f)[1].mean() for f in (0.0, 1.0))
        self.assertLess(free, 0.2 * plain)

    def test_a_field_is_carried_in_place(self):
        field, *_ = self.run_search(np.ascontiguousarray(self.reference[6:54, 4:68]))
        other = make_grid(48, 64, (2, 0))
        moved = carry_field(field, self.grid, 1, other, self.atlas)
        self.assertEqual(moved.shape, (other.rows, other.columns, 3))
        i, j = 6, 8
        near_i = round((4 * i - other.top + self.grid.top) / 4)
        near_j = round((4 * j - other.left + self.grid.left) / 4)
        shift = 4 * i - other.top - (4 * near_i - self.grid.top)
        self.assertEqual(moved[i, j, 1], field[near_i, near_j, 1] + shift)


class WearTest(unittest.TestCase):
    """Places that are used too often, and places that show again nearby."""

    def test_only_places_used_far_more_than_most_are_worn(self):
        atlas = pages(srgb_to_work(blobs(4, 80, 64)))
        table = page_table(atlas)
        field = np.zeros((20, 30, 3), np.int32)
        field[..., 0] = np.arange(600).reshape(20, 30) % 2
        field[..., 1] = np.arange(600).reshape(20, 30) * 7 % 56
        field[..., 2] = np.arange(600).reshape(20, 30) * 11 % 72
        self.assertFalse(worn_places(field, table).any())
        field[:5] = (1, 17, 34)
        worn = np.flatnonzero(worn_places(field, table))
        self.assertEqual(worn.tolist(), [80 + 2 * 10 + 4])  # second page, third row of ten, fifth

    def test_a_place_that_shows_again_is_marked_up_to_three_away(self):
        rng = np.random.default_rng(2)
        field = rng.integers(0, 12, (9, 11, 3)).astype(np.int32)
        field[..., 0] %= 2
        marked = mark_repeats(field)
        self.assertTrue(0.2 < marked.mean() < 0.98)
        for i in range(9):
            for j in range(11):
                near = any(
                    0 < abs(m - i) + abs(n - j) <= 3
                    and field[m, n, 0] == field[i, j, 0]
                    and abs(field[m, n, 1:] - field[i, j, 1:]).sum() < 4
                    for m in range(9)
                    for n in range(11)
                )
                self.assertEqual(bool(marked[i, j]), near)


class VoteTest(unittest.TestCase):
    def test_identity_matches_give_the_reference_back(self):
        picture = srgb_to_work(blobs(6, 64, 48))
        atlas = pages(picture)
        grid = make_grid(48, 64, (0, 0))
        i, j = np.mgrid[0 : grid.rows, 0 : grid.columns]
        field = np.stack([0 * i, 4 * i - grid.top, 4 * j - grid.left], -1).astype(np.int32)
        inside = (field[..., 1] >= 0) & (field[..., 2] >= 0)
        inside &= (field[..., 1] <= 40) & (field[..., 2] <= 56)
        label = np.where(inside, 0, -1).astype(np.int16)
        field[~inside] = 0
        means = np.zeros((grid.rows, grid.columns, 3), np.float32)
        free = np.zeros((1, 3), np.float32)
        blank = np.zeros_like(picture)
        out = vote(field, label, means, free, atlas, grid, blank, power=1.5, doubt=0.01)
        np.testing.assert_allclose(out[4:-4, 4:-4], picture[4:-4, 4:-4], atol=1e-5)

    def test_where_no_patch_speaks_the_query_stays(self):
        picture = srgb_to_work(blobs(6, 64, 48))
        atlas = pages(picture)
        grid = make_grid(48, 64, (2, 2))
        shape = (grid.rows, grid.columns)
        out = vote(
            np.zeros((*shape, 3), np.int32), np.full(shape, -1, np.int16),
            np.zeros((*shape, 3), np.float32), np.zeros((1, 3), np.float32), atlas, grid, picture,
            power=1.5, doubt=0.01,
        )  # fmt: skip
        np.testing.assert_array_equal(out, picture)

    def test_the_grid_covers_every_pixel(self):
        for offset in ((0, 0), (3, 3), (1, 2)):
            grid = make_grid(50, 70, offset)
            self.assertLessEqual(-grid.top + 4, 0)
            self.assertGreaterEqual(4 * (grid.rows - 1) - grid.top + 4, 50 - 4)
            self.assertEqual(
                grid_samples(np.zeros((50, 70)), grid).shape, (grid.rows, grid.columns)
            )


class ShareTest(unittest.TestCase):
    def casting(self, count: int) -> Casting:
        rng = np.random.default_rng(count)
        cost = rng.normal(0, 1, (count, 30, 40)).astype(np.float32)
        return Casting(cost, (), make_grid(112, 152, (0, 0)), 0)

    def test_areas_meet_the_weights(self):
        for weights in ((1, 1), (0.8, 0.2), (0.5, 0.3, 0.2), (1, 0.7, 0.2, 0.1)):
            casting = self.casting(len(weights))
            weight = np.ones((len(weights), 30, 40), np.float32)
            weight *= np.array(weights, np.float32)[:, None, None]
            label = assign(casting, weight, weight, casting.grid, 0)
            for r, wanted in enumerate(np.array(weights) / sum(weights)):
                with self.subTest(weights=weights, reference=r):
                    self.assertAlmostEqual(float((label == r).mean()), wanted, delta=0.02)

    def test_a_reference_never_leaves_its_region(self):
        casting = self.casting(2)
        weight = np.ones((2, 30, 40), np.float32)
        weight[0, :, :20] = 0
        weight[:, :5] = 0
        label = assign(casting, weight, weight, casting.grid, 0)
        self.assertFalse((label[:, :20] == 0).any())
        self.assertTrue((label[:5] == -1).all())
        self.assertAlmostEqual(float((label[5:, 20:] == 0).mean()), 0.5, delta=0.06)

    def test_one_reference_needs_no_bias(self):
        bias = solve_bias(np.zeros((1, 9), np.float32), np.ones((1, 9), np.float32))
        self.assertEqual(bias.tolist(), [0.0])

    def test_memberships_sum_to_one_where_anyone_speaks(self):
        label = np.full((12, 12), -1, np.int16)
        label[:, :6], label[:, 6:10] = 0, 1
        soft = memberships(label, 2)
        np.testing.assert_allclose(soft.sum(axis=0)[:, :9], 1, atol=1e-5)


class WaysTest(SearchTest):
    """Mirrors, quarter turns, keep-out and avoided places."""

    def test_turned_patches_lead_back_to_their_place(self):
        atlas = pages(self.reference, turns=ALL_WAYS)
        for page in range(8):
            h, w, start = (int(v[page]) for v in (atlas.height, atlas.width, atlas.start))
            sheet = atlas.sharp[3 * start : 3 * (start + h * w)].reshape(h, w, 3)
            field = np.array([[[page, 5, 11]]], np.int32)
            y, x = (int(v[0, 0]) for v in atlas.unturned(field))
            ours = sheet[5 : 5 + PATCH, 11 : 11 + PATCH]
            own = self.reference[y : y + PATCH, x : x + PATCH]
            own = np.rot90(own, atlas.turn[page])
            with self.subTest(page=page):
                np.testing.assert_array_equal(ours, own[:, ::-1] if atlas.mirrored[page] else own)

    def test_quarter_turns_find_a_turned_canvas(self):
        canvas = np.ascontiguousarray(np.rot90(self.reference)[4:52, :60])
        canvas = np.ascontiguousarray(np.pad(canvas, ((0, 0), (0, 4), (0, 0)), mode="edge"))
        plain = self.run_search(canvas)[1].mean()
        self.atlas = pages(self.reference, turns=ALL_WAYS)
        self.assertLess(self.run_search(canvas, sweeps=16)[1].mean(), 0.5 * plain)

    def test_barred_places_are_never_taken(self):
        barred = np.zeros(self.reference.shape[:2], bool)
        barred[:, :40] = True
        self.atlas = pages(self.reference, barred=barred)
        for sweeps in (1, 8):
            field, *_ = self.run_search(self.canvas, sweeps=sweeps, coherence=(1.6, 1.15))
            _, x = self.atlas.unturned(field)
            self.assertGreaterEqual(int(x.min()), 40)

    def test_avoided_places_are_taken_less_the_higher_the_price(self):
        avoid = np.zeros((*self.reference.shape[:2], 1), np.float32)
        avoid[:, :36] = 1
        self.atlas = pages(self.reference, avoid=avoid)
        taken = []
        for price in (0.0, 1.0, 4.0, 50.0):
            _, x = self.atlas.unturned(self.run_search(self.canvas, price=price)[0])
            taken.append(float((x < 36).mean()))
        self.assertEqual(taken, sorted(taken, reverse=True))
        self.assertGreater(taken[0], 0.2)
        self.assertEqual(taken[-1], 0)

    def test_patches_of_the_common_group_come_from_all_references(self):
        other = srgb_to_work(manner("felt", 80, 64))
        self.atlas = pages(self.reference, other)
        label = np.full((self.grid.rows, self.grid.columns), self.atlas.all_group, np.int16)
        field = random_field(label, self.atlas, 3)
        owners = self.atlas.owner[field[..., 0]]
        self.assertTrue(0.2 < owners.mean() < 0.8)


class AtlasTest(unittest.TestCase):
    def test_sizes_of_one_reference_are_one_group_and_lead_back_to_it(self):
        large, other = srgb_to_work(manner()), srgb_to_work(manner("felt"))
        small = resize(large, large.shape[0] // 2, large.shape[1] // 2)
        nothing = [np.zeros((*p.shape[:2], 0), np.float32) for p in (large, small, other)]
        atlas = build_atlas((
            Leaf(large, MIRRORS, None, nothing[0], 0),
            Leaf(small, MIRRORS, None, nothing[1], 0, 2.0),
            Leaf(other, MIRRORS, None, nothing[2], 1),
        ))  # fmt: skip
        self.assertEqual(atlas.owner.tolist(), [0, 0, 0, 0, 1, 1])
        self.assertEqual((atlas.count.tolist(), atlas.first.tolist()), ([4, 2, 6], [0, 4, 0]))
        self.assertEqual((atlas.all_group, len(atlas.detail)), (2, 3))
        places = np.array([[[0, 10, 12], [2, 10, 12], [3, 10, small.shape[1] - PATCH - 12]]])
        y, x = atlas.unturned(places.astype(np.int32))
        self.assertEqual((y.tolist(), x.tolist()), ([[10, 20, 20]], [[12, 24, 24]]))

    def test_the_second_page_is_the_mirror_of_the_first(self):
        atlas = pages(srgb_to_work(manner()), sigma=1.2)
        h, w = int(atlas.height[0]), int(atlas.width[0])
        size = h * w * 3
        for name, turn in (("sharp", 1), ("means", None), ("guides", (1, 1, -1))):
            sheets = getattr(atlas, name)
            if name == "guides":
                sheets = from_bytes(sheets, GUIDE_STEPS)
            first, second = sheets[:size].reshape(h, w, 3), sheets[size:].reshape(h, w, 3)
            with self.subTest(name):
                if turn is None:
                    last = w - PATCH
                    np.testing.assert_allclose(second[:20, 0], first[:20, last], atol=1e-5)
                else:
                    np.testing.assert_allclose(second[:, ::-1], first * turn, atol=1e-6)

    def test_facets_default_to_nothing(self):
        self.assertEqual(set(vars(Facets()).values()), {0.0})
