import unittest

import numpy as np
from scipy import stats
from scipy.ndimage import binary_dilation, gaussian_filter

from overlay.imaging.colour import srgb_to_work
from overlay.imaging.rows import thread_count, use_threads
from overlay.words.language.grammar import read_prompt
from overlay.words.on_picture import _stood_in, set_on_picture
from overlay.words.picture import contours, depth_map, draw_words
from overlay.words.wishing.wish import wish_of

SIZE = (144, 96)


def drawn(prompt, seed=3, avoid="", size=SIZE):
    return draw_words(read_prompt(prompt), size, seed, read_prompt(avoid))


def lightness(picture):
    return srgb_to_work(picture.drawn.picture)[..., 0]


def share(picture, name):
    return float(picture.mask(name).mean()) if name in picture.drawn.names else 0.0


class ThingsTest(unittest.TestCase):
    def test_emphasis_raises_a_things_share_of_the_frame(self):
        for prompt, name in (("heron {}%, meadow", "heron"), ("windmill, cow {}%, meadow", "cow")):
            shares = [share(drawn(prompt.format(e)), name) for e in (40, 80, 120, 160, 200)]
            with self.subTest(prompt, shares=shares):
                self.assertEqual(shares, sorted(shares))
                self.assertGreater(shares[-1], 1.5 * shares[0])

    def test_what_is_avoided_or_said_no_to_is_not_there(self):
        with_trees = drawn("windmill, meadow")
        self.assertIn("tree", with_trees.drawn.names)
        for picture in (
            drawn("windmill, meadow", avoid="trees"),
            drawn("windmill, meadow, no trees"),
        ):
            self.assertNotIn("tree", picture.drawn.names)
        self.assertNotIn("heron", drawn("heron, windmill, meadow", avoid="heron").drawn.names)

    def test_an_emphasis_of_nothing_is_not_drawn(self):
        self.assertNotIn("heron", drawn("heron 0%, windmill, meadow").drawn.names)

    def test_placement_and_links_are_kept(self):
        for prompt, name, side in (
            ("barge at left, canal", "barge", 0),
            ("barge at right, canal", "barge", 1),
        ):
            columns = np.flatnonzero(drawn(prompt).mask(name).any(axis=0))
            with self.subTest(prompt):
                self.assertEqual(int(columns.mean() > SIZE[0] / 2), side)
        scene = drawn("a lantern on a table, workshop").scene
        (lantern,) = (t for t in scene.things if t.name == "lantern")
        self.assertAlmostEqual(lantern.at[1], 0.77, delta=0.05)
        front = drawn("a heron in front of a windmill, meadow").drawn
        depth = [
            np.median(front.depth[front.labels == front.names.index(n)])
            for n in ("heron", "windmill")
        ]
        self.assertLess(depth[0], depth[1])

    def test_a_colour_said_of_a_thing_paints_that_thing(self):
        red, blue = (drawn(f"{c} barge, canal") for c in ("red", "blue"))
        lab = [srgb_to_work(p.drawn.picture)[p.mask("barge") > 0].mean(0) for p in (red, blue)]
        self.assertGreater(lab[0][1], lab[1][1] + 0.05)
        self.assertGreater(lab[0][2], lab[1][2] + 0.05)


class AirTest(unittest.TestCase):
    def test_snow_whitens_what_faces_up_more_than_the_rest(self):
        bare, snowed = drawn("cottage, hills"), drawn("cottage, hills, snow")
        up = bare.drawn.normals[..., 1]
        gain = lightness(snowed) - lightness(bare)
        things = bare.drawn.labels >= 6
        self.assertGreater(
            gain[things & (up > 0.5)].mean(), gain[things & (abs(up) < 0.2)].mean() + 0.1
        )

    def test_fog_lowers_contrast_with_depth(self):
        clear, fog = (drawn(f"oak, field, overcast{w}", size=(192, 128)) for w in ("", ", fog"))
        ground = clear.mask("ground") > 0
        kept, depth = [], []
        for row in np.flatnonzero(ground.sum(axis=1) > 60):
            where = ground[row]
            kept.append(lightness(fog)[row, where].std() / lightness(clear)[row, where].std())
            depth.append(np.median(clear.drawn.depth[row, where]))
        self.assertGreater(len(depth), 20)
        self.assertLess(stats.spearmanr(depth, kept).statistic, -0.9)

    def test_dusk_is_darker_and_evening_warmer_than_day(self):
        day, dusk, evening = (drawn(f"windmill, meadow, {h}") for h in ("noon", "dusk", "evening"))
        self.assertLess(lightness(dusk).mean(), lightness(day).mean() - 0.15)
        warm = [srgb_to_work(p.drawn.picture)[..., 2].mean() for p in (day, evening)]
        self.assertGreater(warm[1], warm[0] + 0.02)

    def test_an_hour_and_a_weather_go_as_far_as_they_are_emphasised(self):
        for word in ("dusk", "fog"):
            far = [lightness(drawn(f"cottage, meadow, {word} {e}%"))[:20] for e in (0, 50, 100)]
            away = [np.abs(part - far[0]).mean() for part in far]
            with self.subTest(word):
                self.assertEqual(away, sorted(away))
                self.assertGreater(away[1], 0.01)

    def test_tuning_moves_the_picture_the_way_it_says(self):
        plain = srgb_to_work(drawn("windmill, meadow").drawn.picture)
        for tune, channel, sign in (
            ("more green", 1, -1),
            ("a bit warmer", 2, 1),
            ("darker", 0, -1),
            ("less contrast", 0, 0),
        ):
            lab = srgb_to_work(drawn(f"windmill, meadow, {tune}").drawn.picture)
            with self.subTest(tune):
                if sign:
                    self.assertGreater(sign * (lab - plain)[..., channel].mean(), 0.004)
                else:
                    self.assertLess(lab[..., 0].std(), plain[..., 0].std() - 0.01)


class SteadinessTest(unittest.TestCase):
    def test_the_same_bytes_on_any_number_of_threads(self):
        several = drawn("two herons, lake, mist").drawn
        before = thread_count()
        try:
            use_threads(1)
            one = drawn("two herons, lake, mist").drawn
        finally:
            use_threads(before)
        self.assertEqual(one.picture.tobytes(), several.picture.tobytes())
        self.assertEqual(one.depth.tobytes(), several.depth.tobytes())

    def test_one_word_changed_leaves_the_rest(self):
        for before, after in (
            ("heron, windmill, meadow, dawn", "fox, windmill, meadow, dawn"),
            ("windmill, canal, gulls", "bottle kiln, canal, gulls"),
            ("horse, cottage, hills, evening", "cow, cottage, hills, evening"),
            ("pear, jug, table", "apple, jug, table"),
            ("red barge, canal, poplars", "rowing boat, canal, poplars"),
        ):
            first, second = drawn(before, size=(192, 128)), drawn(after, size=(192, 128))
            name = [p.scene.things[0].name for p in (first, second)]
            beside = (first.mask(name[0]) == 0) & (second.mask(name[1]) == 0)
            maps = [contours(p.drawn) for p in (first, second)]
            soft = [gaussian_filter(m, 1.5)[beside] for m in maps]
            with self.subTest(before):
                self.assertGreater(np.corrcoef(*soft)[0, 1], 0.75)

    def test_another_seed_is_another_picture(self):
        self.assertNotEqual(
            drawn("windmill, meadow", 1).drawn.picture.tobytes(),
            drawn("windmill, meadow", 2).drawn.picture.tobytes(),
        )


class MapsTest(unittest.TestCase):
    def test_contours_stand_at_borders_and_not_in_texture(self):
        picture = drawn("cottage, meadow, overcast")
        found = contours(picture.drawn)
        inside = picture.mask("ground") > 0
        self.assertGreater(found.max(), 0.99)
        self.assertLess((found[inside] > 0.3).mean(), 0.15)

    def test_depth_is_near_high_and_the_sky_nothing(self):
        picture = drawn("cottage, meadow")
        depth = depth_map(picture.drawn)
        self.assertLess(depth[picture.mask("sky") > 0].max(), 0.01)
        self.assertGreater(depth[-1].mean(), 0.5)

    def test_odd_wishes_draw_something(self):
        for prompt in (
            "",
            "fog",
            "qwrtzplk",
            "heron at left at right",
            "ten elephants on a cup",
            "sea, desert, room, night, noon",
        ):
            with self.subTest(prompt):
                self.assertGreater(drawn(prompt).drawn.picture.std(), 1)


class OnPictureTest(unittest.TestCase):
    def setUp(self):
        self.plain = drawn("cottage, meadow, overcast", size=(192, 128)).drawn
        self.depth = depth_map(self.plain)

    def changed(self, prompt, amount=1.0):
        return set_on_picture(
            self.plain.picture, self.depth, wish_of(read_prompt(prompt)), 3, amount=amount
        )

    def test_fog_is_thicker_far_off_and_dusk_darker(self):
        before = srgb_to_work(self.plain.picture)[..., 0]
        fog = np.abs(srgb_to_work(self.changed("fog").picture)[..., 0] - before)
        far, near = self.plain.labels == 3, self.depth > 0.6
        self.assertGreater(fog[far].mean(), 2 * fog[near].mean())
        dusk = srgb_to_work(self.changed("dusk").picture)[..., 0]
        self.assertLess(dusk.mean(), before.mean() - 0.1)

    def test_snow_lies_on_the_ground_more_than_on_walls(self):
        before = srgb_to_work(self.plain.picture)[..., 0]
        gain = srgb_to_work(self.changed("snow").picture)[..., 0] - before
        ground = (self.plain.labels == 1) & (self.depth > 0.2)
        upright = (self.plain.labels >= 6) & (np.abs(self.plain.normals[..., 1]) < 0.2)
        self.assertGreater(gain[ground].mean(), gain[upright].mean() + 0.1)

    def test_things_stand_in_it_and_the_rest_stays(self):
        made = self.changed("heron at left")
        mask = made.masks["heron"] > 0
        self.assertLess(mask.nonzero()[1].mean(), 96)
        away = ~binary_dilation(mask, iterations=60)
        self.assertLess(np.abs(made.picture.astype(int) - self.plain.picture)[away].mean(), 2)

    def test_an_amount_of_nothing_changes_nothing(self):
        same = self.changed("heron, fog, dusk, snow", 0.0).picture
        self.assertEqual(same.tobytes(), self.plain.picture.tobytes())


class SmallTest(unittest.TestCase):
    def test_a_thing_of_one_row_stands_at_the_depth_of_that_row(self):
        depth = np.linspace(0, 1, 8, dtype=np.float32)[:, None] * np.ones(6, np.float32)
        mask = np.zeros((8, 6), np.float32)
        mask[4, 2:4] = 1
        stood = _stood_in(depth, {"mouse": mask})
        np.testing.assert_array_equal(stood, depth)
