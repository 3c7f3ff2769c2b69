"""Outline, lines, depth, blocks and pose, against drawn truths."""

import unittest

import numpy as np
from scipy import ndimage
from scipy.stats import spearmanr

from overlay.guides.blocks import BlockOptions, extract_blocks, show_blocks, spread_blocks
from overlay.guides.depth import (
    DepthOptions,
    DepthStroke,
    correct_depth,
    estimate_depth,
    occlusion_edges,
)
from overlay.guides.lines import LineOptions, _drawn_lines, extract_lines, recognise_drawing
from overlay.guides.outline import OutlineOptions, extract_outline
from overlay.guides.pose import bend, rigid_moves
from overlay.imaging.colour import work_to_srgb
from overlay.measures.depth import depth_kept
from tests import sketches
from tests.pictures import drawn_scene, manner, scene

DEGENERATE = (
    np.zeros((64, 64, 3), np.uint8),
    np.full((1, 90, 3), 200, np.uint8),
    np.full((70, 1, 3), 90, np.uint8),
    np.random.default_rng(0).integers(0, 256, (48, 80, 3), dtype=np.uint8),
)


def found_share(lines: np.ndarray, reach: int = 3) -> tuple[float, float]:
    """How much of the house's lines is found, and how much of what is found is of the house."""
    true, found = sketches.true_lines(), lines > 0.35
    near = [ndimage.binary_dilation(m, iterations=reach) for m in (true, found)]
    return float((true & near[1]).sum() / true.sum()), float(
        (found & near[0]).sum() / max(found.sum(), 1)
    )


class LineTest(unittest.TestCase):
    def test_drawings_are_recognised_with_their_polarity(self):
        self.assertEqual(recognise_drawing(sketches.line_art()), "dark on light")
        self.assertEqual(recognise_drawing(sketches.line_art(light=True)), "light on dark")
        self.assertEqual(recognise_drawing(sketches.technical_drawing()), "dark on light")
        for picture in (scene(), scene("lock"), manner("felt"), manner("lino cut"), *DEGENERATE):
            self.assertIsNone(recognise_drawing(picture))

    def test_line_art_of_either_polarity_needs_no_adjustment(self):
        for picture in (sketches.line_art(), sketches.line_art(light=True)):
            found, true = found_share(extract_lines(picture, LineOptions()))
            self.assertGreater(min(found, true), 0.97)

    def test_a_rough_sketch_and_a_technical_drawing_give_usable_maps(self):
        found, true = found_share(
            extract_lines(sketches.rough_sketch(), LineOptions(thickness=2.0)), 7
        )
        self.assertGreater(found, 0.85)
        self.assertGreater(true, 0.75)
        drawing = extract_lines(sketches.technical_drawing(), LineOptions(cleaning=60))
        found, true = found_share(drawing)
        self.assertGreater(found, 0.97)
        self.assertGreater(true, 0.75)

    def test_a_faint_pencil_counts_like_ink_and_cleaning_drops_specks(self):
        art = sketches.line_art().astype(float)
        faint = (250 - (250 - art) * 0.5).astype(np.uint8)
        self.assertGreater(extract_lines(faint, LineOptions()).max(), 0.9)
        specked = sketches.line_art().copy()
        specked[20:23, 20:23] = 0
        kept, clean = (extract_lines(specked, LineOptions(cleaning=c)) for c in (0, 40))
        self.assertGreater(kept[21, 21], 0.5)
        self.assertEqual(clean[21, 21], 0)

    def test_inverted_a_picture_has_its_lines_on_the_other_side(self):
        y, x = np.mgrid[0:90, 0:130]
        picture = np.where((x > 60) ^ (y > 200), 70, 190).astype(np.uint8)
        picture = np.repeat(picture[..., None], 3, axis=2)
        picture += np.random.default_rng(4).integers(0, 12, picture.shape, dtype=np.uint8)
        self.assertIsNone(recognise_drawing(picture))
        for invert in (False, True):
            lines = extract_lines(picture, LineOptions(invert=invert, cleaning=60))
            left, right = lines[:, 52:61].mean(), lines[:, 61:70].mean()
            self.assertGreater(abs(right - left), 0.05)
            self.assertEqual(right > left, not invert)  # the dark side carries the line

    def test_a_scene_has_lines_where_its_contours_are(self):
        share = (extract_lines(scene("windmill", 480, 320), LineOptions()) > 0.35).mean()
        self.assertTrue(0.02 < share < 0.3, share)


class OutlineTest(unittest.TestCase):
    def test_it_keeps_what_is_large_and_drops_texture(self):
        rng = np.random.default_rng(1)
        picture = np.full((256, 384, 3), 90, np.uint8)
        picture[:, 192:] = 180
        noisy = (picture + rng.normal(0, 14, picture.shape)).clip(0, 255).astype(np.uint8)
        found = extract_outline(noisy, OutlineOptions())
        self.assertGreater(found[:, 188:197].max(axis=1).mean(), 4 * found[:, 40:150].mean())

    def test_detail_adds(self):
        picture = scene("windmill", 480, 320)
        little, much = (extract_outline(picture, OutlineOptions(detail=d)).mean() for d in (0, 1))
        self.assertGreater(much, little)


class DepthTest(unittest.TestCase):
    def drawn(self, name: str):
        drawn = drawn_scene(name, 192, 128)
        return drawn.picture, -np.minimum(drawn.depth, 240.0)

    def test_rank_correlation_with_the_true_depth_unaided_and_after_strokes(self):
        for name in ("windmill", "lock", "bottle kiln"):
            picture, true = self.drawn(name)
            found = estimate_depth(picture)
            self.assertLess(found.min(), 0.02)
            self.assertGreater(found.max(), 0.98)
            unaided = spearmanr(found.ravel(), true.ravel()).statistic
            self.assertGreater(unaided, 0.7, name)
            self.assertGreater(self.corrected(picture, found, true), 0.85, name)

    def test_strokes_mend_a_misread_ground(self):
        picture, true = self.drawn("lock")
        misread = estimate_depth(picture, DepthOptions(ground=0.85, flat_sky=False))
        poor = spearmanr(misread.ravel(), true.ravel()).statistic
        self.assertGreater(self.corrected(picture, misread, true), poor + 0.03)

    def corrected(self, picture, found, true):
        """After twelve short strokes where the order is worst, three at a time."""
        ranks = true.ravel().argsort().argsort().reshape(true.shape) / true.size
        strokes, now = [], found
        for _ in range(4):
            order = now.ravel().argsort().argsort().reshape(now.shape) / now.size
            worst = ndimage.uniform_filter(np.abs(order - ranks), 13)
            for _ in range(3):
                y, x = np.unravel_index(worst.argmax(), worst.shape)
                mask = np.zeros(now.shape, bool)
                mask[max(y - 2, 0) : y + 3, max(x - 8, 0) : x + 9] = True
                strokes.append(DepthStroke(mask, float(np.quantile(found, ranks[mask].mean()))))
                worst[max(y - 12, 0) : y + 13, max(x - 24, 0) : x + 25] = 0
            now = correct_depth(found, picture, strokes)
        return spearmanr(now.ravel(), true.ravel()).statistic

    def test_a_stroke_spreads_to_its_own_edges(self):
        picture = np.full((100, 150, 3), 60, np.uint8)
        picture[30:70, 50:100] = 220
        mask = np.zeros((100, 150), bool)
        mask[48:52, 60:90] = True
        found = correct_depth(
            np.full((100, 150), 0.3, np.float32), picture, [DepthStroke(mask, 0.9)]
        )
        self.assertGreater(found[35:65, 55:95].min(), 0.75)
        self.assertLess(found[10:20].max(), 0.45)

    def test_a_stroke_before_the_sky_leaves_it_alone(self):
        drawn = drawn_scene("windmill", 288, 192)
        y, x = np.mgrid[0:192, 0:288]
        sail = (np.abs(y - (69 - (x - 124) * 0.5)) < 1.5) & (x > 124) & (x < 158)
        found = estimate_depth(drawn.picture)
        mended = correct_depth(found, drawn.picture, [DepthStroke(sail, 0.6)])
        sky = drawn.labels == drawn.names.index("sky")
        self.assertGreater(mended[sail].mean(), 0.5)
        self.assertLess((mended - found)[sky].max(), 0.45)
        self.assertLess((mended - found)[sky].mean(), 0.01)
        in_the_sky = np.zeros(sky.shape, bool)
        in_the_sky[10:14, 20:80] = True
        raised = correct_depth(found, drawn.picture, [DepthStroke(in_the_sky, 0.5)])
        self.assertGreater(raised[12, 50], 0.4)

    def test_options_and_occlusion(self):
        picture, _ = self.drawn("windmill")
        usual = estimate_depth(picture)
        inverted = estimate_depth(picture, DepthOptions(invert=True))
        np.testing.assert_allclose(usual + inverted, 1, atol=1e-5)
        step = np.zeros((80, 80), np.float32)
        step[:, 40:] = 1
        self.assertGreater(occlusion_edges(step)[40, 40], 0.9)
        slope = np.repeat(np.linspace(0, 1, 80, dtype=np.float32)[:, None], 80, axis=1)
        self.assertLess(occlusion_edges(slope)[20:60, 20:60].max(), 0.1)
        self.assertAlmostEqual(depth_kept(slope, slope**2), 100, places=2)
        self.assertAlmostEqual(depth_kept(slope, -slope), -100, places=2)


class BlockTest(unittest.TestCase):
    def test_blocks_are_means_with_or_without_borders_and_colours(self):
        blocks = extract_blocks(scene(), BlockOptions(cells=8, colour=True))
        self.assertEqual(blocks.shape, (8, 12, 3))
        self.assertEqual(np.abs(extract_blocks(scene(), BlockOptions(cells=8))[..., 1:]).max(), 0)
        hard = spread_blocks(blocks, 64, 96, hard=True)
        np.testing.assert_array_equal(hard[:8, :8], np.broadcast_to(blocks[0, 0], (8, 8, 3)))
        self.assertEqual(show_blocks(blocks, 50, 70, hard=False).shape, (50, 70, 3))


class PoseTest(unittest.TestCase):
    def test_joints_go_to_their_targets_and_a_common_shift_moves_all(self):
        joints = np.array([(10.0, 10.0), (50.0, 12.0), (30.0, 60.0)])
        targets = joints + np.array([(3.0, -2.0), (8.0, 1.0), (0.0, 5.0)])
        np.testing.assert_allclose(rigid_moves(joints, joints, targets), targets, atol=1e-3)
        places = np.random.default_rng(0).random((20, 2)) * 80
        np.testing.assert_allclose(
            rigid_moves(places, joints, joints + 4.0), places + 4.0, atol=1e-6
        )

    def test_joints_that_turn_turn_what_is_beside_them_the_same_way(self):
        joints = np.array([(0.0, 0.0), (10.0, 0.0), (10.0, 4.0)])
        targets = np.array([(0.0, 0.0), (0.0, 10.0), (-4.0, 10.0)])  # by a quarter
        places = np.array([(20.0, 0.0), (0.0, 6.0), (3.0, -2.0)])
        wanted = np.array([(0.0, 20.0), (-6.0, 0.0), (2.0, 3.0)])
        np.testing.assert_allclose(rigid_moves(places, joints, targets), wanted, atol=1e-4)

    def test_a_picture_follows_its_joint_and_stays_where_joints_are_locked(self):
        picture = np.zeros((120, 160, 3), np.uint8)
        picture[40:60, 40:60] = 255
        joints = np.array([(0.3125, 0.4167), (0.9, 0.9), (0.9, 0.1)])
        bent = bend(picture, joints, joints + np.array([(0.125, 0.0), (0.0, 0.0), (0.0, 0.0)]))
        y, x = np.nonzero(bent[..., 0] > 128)
        self.assertAlmostEqual(x.mean(), 70, delta=4)
        self.assertAlmostEqual(y.mean(), 50, delta=4)
        self.assertIs(bend(picture, joints, joints), picture)


class DegenerateTest(unittest.TestCase):
    def test_every_kind_gives_a_finite_map_of_any_picture(self):
        for picture in DEGENERATE:
            shape = picture.shape[:2]
            maps = (
                extract_lines(picture, LineOptions()),
                extract_outline(picture, OutlineOptions()),
                estimate_depth(picture),
                spread_blocks(extract_blocks(picture, BlockOptions()), *shape, hard=False)[..., 0],
            )
            for made in maps:
                self.assertEqual(made.shape, shape)
                self.assertTrue(np.isfinite(made).all())

    def test_wrong_options_are_refused_with_rule_and_value(self):
        for make, said in (
            (lambda: LineOptions(thickness=9), "thickness must be 0.5 to 6 pixels, got 9"),
            (lambda: OutlineOptions(detail=2), "detail must be 0 to 1, got 2"),
            (lambda: BlockOptions(cells=3), "cells must be 4 to 64, got 3"),
            (lambda: DepthOptions(haze=-1), "haze must be 0 to 1, got -1"),
        ):
            with self.assertRaisesRegex(ValueError, said):
                make()


class RashTest(unittest.TestCase):
    """Short lines that crowd together are texture; one by one they are a drawing's."""

    def setUp(self):
        rng = np.random.default_rng(5)
        grain = ndimage.gaussian_filter(rng.standard_normal((240, 320)), 1.6)
        work = np.zeros((240, 320, 3), np.float32)
        work[..., 0] = 0.1 + 0.12 * grain / grain.std() * (np.arange(320) > 160)
        work[40:200, 60:64, 0] = -0.4  # a post
        for y in (60, 120, 180):
            work[y : y + 4, 100:112, 0] = -0.4  # three short strokes beside it
        self.lines = extract_lines(work_to_srgb(work), LineOptions())
        lightness = np.ascontiguousarray(work[..., 0])
        self.before = _drawn_lines(lightness, LineOptions())

    def test_texture_loses_its_ticks(self):
        ticks = [float(lines[:, 180:].mean()) for lines in (self.lines, self.before)]
        self.assertGreater(ticks[1], 0.1)
        self.assertLess(ticks[0], 0.35 * ticks[1])

    def test_contours_and_lone_short_strokes_stay(self):
        left = [lines[:, :140] for lines in (self.lines, self.before)]
        self.assertGreater(left[0].sum(), 0.9 * left[1].sum())
        for y in (60, 120, 180):
            self.assertGreater(self.lines[y - 3 : y + 7, 96:116].max(), 0.5)
