"""Settings as words change them, and the land and sky that the kernels make of their numbers."""

import re
import unittest

import numpy as np

from overlay.words.stage.land import (
    GROUND,
    HILLS,
    SKY,
    WALL,
    WATER,
    WINDOW,
    land_colour,
    meet_land,
    over_water,
    ridge_height,
)
from overlay.words.stage.setting import (
    NOWHERE,
    Floor,
    Setting,
    as_stage,
    changed,
    mixed,
    pushed,
    read_effects,
)
from overlay.words.stage.sky import sky_light


class EffectsTest(unittest.TestCase):
    def test_each_sign_has_its_way(self):
        read = read_effects("haze*2 floor=snow sun=-1;.5;0 first~#ffffff:.5 ridges=2 fade=#112233")
        self.assertEqual(
            read,
            {
                "haze*": 2.0, "floor=": Floor.snow, "sun=": (-1.0, 0.5, 0.0),
                "first~": ("#ffffff", 0.5), "ridges=": 2, "fade=": "#112233",
            },
        )  # fmt: skip

    def test_what_is_none_is_named(self):
        for text in ("hazy*2", "haze", "haze=", "=3", "2"):
            said = f"effect: must be one of .*, got {re.escape(repr(text))}"
            with self.subTest(text), self.assertRaisesRegex(ValueError, said):
                read_effects(text)

    def test_they_act_in_their_order(self):
        setting = changed(Setting(haze=1.0), read_effects("haze*3 haze=2"))
        self.assertEqual(setting.haze, 2.0)
        setting = changed(Setting(haze=1.0), {"haze=": 2.0, "haze*": 3.0})
        self.assertEqual(setting.haze, 6.0)
        self.assertEqual(
            changed(Setting(sunlight=(1, 2, 3)), {"sunlight*": 2.0}).sunlight, (2, 4, 6)
        )

    def test_emphasis_carries_them_part_of_the_way_and_a_little_beyond(self):
        plain, effects = Setting(haze=1.0), read_effects("haze*3 floor=snow")
        hazes = [pushed(plain, effects, e).haze for e in (0.0, 0.5, 1.0, 1.5, 2.0)]
        self.assertEqual(hazes, [1.0, 2.0, 3.0, 4.0, 4.0])
        floors = [pushed(plain, effects, e).floor for e in (0.0, 0.49, 0.5, 2.0)]
        self.assertEqual(floors, [Floor.grass, Floor.grass, Floor.snow, Floor.snow])
        faint = pushed(Setting(sunlight=(1.0, 1.0, 1.0)), {"sunlight*": 0.1}, 1.5).sunlight
        self.assertEqual(faint, (0.0, 0.0, 0.0))  # never below none

    def test_colours_mix_in_linear_light(self):
        self.assertEqual(mixed("#102030", "#ffffff", 0.0), "#102030")
        self.assertEqual(mixed("#102030", "#ffffff", 1.0), "#ffffff")
        self.assertEqual(mixed("#000000", "#ffffff", 0.5), "#bcbcbc")  # not #808080


class LandTest(unittest.TestCase):
    def met(self, setting, *ray):
        return meet_land(as_stage(setting, 3), *map(float, ray))

    def test_a_ray_down_meets_the_ground_where_it_lies(self):
        way, which = self.met(Setting(), 0, 1.7, 0, 0, -1, 0)
        self.assertEqual((way, which), (1.7, GROUND))

    def test_a_ray_up_meets_the_sky_and_one_along_the_ground_hills(self):
        self.assertEqual(self.met(Setting(), 0, 1.7, 0, 0, 1, 0.1)[1], SKY)
        way, which = self.met(Setting(), 0, 0.2, 0, 0, 0, 1)
        self.assertEqual(which, HILLS)
        self.assertAlmostEqual(way, 80.0)
        self.assertEqual(self.met(Setting(ridges=0), 0, 0.2, 0, 0, 0, 1)[1], SKY)

    def test_water_lies_between_near_and_far(self):
        stage = as_stage(Setting(near=10.0, far=20.0), 3)
        found = [over_water(stage, 0.0, z) for z in (7.0, 12.0, 15.0, 18.0, 23.0)]
        self.assertEqual(found, [False, True, True, True, False])
        down = self.met(Setting(near=10.0, far=20.0), 0, 2, 15, 0, -1, 0)
        self.assertEqual(down, (2.0, WATER))

    def test_it_runs_aslant(self):
        stage = as_stage(Setting(near=10.0, far=20.0, slant=45.0), 3)
        self.assertTrue(over_water(stage, 10.0, 11.0))
        self.assertFalse(over_water(stage, -10.0, 11.0))

    def test_walls_and_their_windows(self):
        room = Setting(wall=5.0, side=3.0, ridges=0)
        for ray, where in (((0, 0, 1), 5.0), ((1, 0, 0), 3.0), ((-1, 0, 0), 3.0)):
            self.assertEqual(self.met(room, 0, 1.5, 0, *ray), (where, WALL))
        left = changed(room, {"window=": 1.0})
        self.assertEqual(self.met(left, 0, 1.5, 3.05, -1, 0, 0)[1], WINDOW)
        self.assertEqual(self.met(left, 0, 1.5, 3.05, 1, 0, 0)[1], WALL)
        self.assertEqual(self.met(left, 0.3, 1.5, 0, 0, 0, 1)[1], WALL)
        back = changed(room, {"window=": 2.0})
        self.assertEqual(self.met(back, 0.3, 1.5, 0, 0, 0, 1)[1], WINDOW)
        self.assertEqual(self.met(back, 0.3, 0.5, 0, 0, 0, 1)[1], WALL)  # under the sill
        self.assertEqual(self.met(back, 2.0, 1.5, 0, 0, 0, 1)[1], WALL)  # beside it
        self.assertEqual(self.met(back, 0, 1.5, 3.05, -1, 0, 0)[1], WALL)

    def test_hills_grow_with_their_rise_and_never_vanish(self):
        low, high = as_stage(Setting(rise=0.5), 3), as_stage(Setting(rise=2.0), 3)
        places = np.linspace(-200, 200, 41)
        lows, highs = ([ridge_height(s, 1, x) for x in places] for s in (low, high))
        self.assertGreaterEqual(min(lows), 0.3)
        self.assertAlmostEqual(max(highs) / max(lows), 4.0, places=5)

    def test_a_path_winds_and_is_of_its_colour(self):
        def green_less_red(setting, x, z):
            out = np.empty(3)
            land_colour(as_stage(setting, 3), GROUND, x, 0.0, z, out)
            return out[1] - out[0]

        path = Setting(path=6.0, path_colour="#c05020")
        across = np.linspace(-12, 12, 121)
        for z in (2.0, 20.0):
            trodden = [green_less_red(path, float(x), z) < -0.05 for x in across]
            bare = [green_less_red(Setting(), float(x), z) < -0.05 for x in across]
            self.assertTrue(any(trodden))
            self.assertFalse(any(bare))
            self.assertLess(np.mean(trodden), 0.4)
        middles = [across[[green_less_red(path, float(x), z) < -0.05 for x in across]].mean()
                   for z in (0.0, 6.0, 15.0)]  # fmt: skip
        self.assertGreater(np.ptp(middles), 1.0)


class SkyTest(unittest.TestCase):
    def light(self, setting, *towards):
        out = np.empty(3)
        d = np.array(towards, float)
        sky_light(as_stage(setting, 3), *(d / np.linalg.norm(d)), out)
        return out

    def test_it_falls_from_zenith_to_horizon(self):
        clear = Setting(zenith="#000080", horizon="#ffffff", glow=0.0, cloud=0.0)
        up, flat = self.light(clear, 0, 1, 0.01), self.light(clear, 0, 0.001, 1)
        self.assertLess(up.sum(), 0.3)
        self.assertGreater(flat.min(), 0.95)

    def test_the_sun_shines_where_it_stands(self):
        sunny = Setting(sun=(0.3, 0.3, 0.9), disc=1.0, glow=0.6, cloud=0.0)
        at, aside = self.light(sunny, 0.3, 0.3, 0.9), self.light(sunny, -0.9, 0.3, 0.3)
        self.assertGreater(at.mean(), aside.mean() + 1.0)
        self.assertGreater(
            at.mean(), self.light(changed(sunny, {"disc=": 0.0}), 0.3, 0.3, 0.9).mean()
        )

    def test_the_moon_has_a_face_only_where_it_is(self):
        night = Setting(
            zenith="#000000", horizon="#000000", glow=0.0, cloud=0.0, moon=(0, 0.4, 0.9)
        )
        self.assertGreater(self.light(night, 0, 0.4, 0.9).min(), 0.5)
        self.assertLess(self.light(night, 0.5, 0.4, 0.9).max(), 0.05)

    def test_the_aurora_is_green_below_and_dies_out_above(self):
        lit = Setting(zenith="#000000", horizon="#000000", glow=0.0, cloud=0.0, aurora=1.0)
        sweep = [(x, y) for x in np.linspace(-0.8, 0.8, 25) for y in np.linspace(0.02, 2.0, 25)]
        found = np.array([self.light(lit, x, y, 1) for x, y in sweep])
        self.assertGreater(found[:, 1].max(), 0.2)
        brightest = found[found[:, 1].argmax()]
        self.assertGreater(brightest[1], 2 * brightest[0])
        high = found[[y > 1.8 for _, y in sweep]]
        self.assertLess(high[:, 1].mean(), 0.2 * found[:, 1].mean())
        self.assertEqual(self.light(changed(lit, {"aurora=": 0.0}), 0, 0.2, 1).max(), 0.0)


class StageTest(unittest.TestCase):
    def test_directions_are_of_length_one_and_no_moon_is_none(self):
        stage = as_stage(Setting(sun=(0, 3, 4)), 1)
        np.testing.assert_allclose(stage.sun, (0, 0.6, 0.8))
        self.assertEqual(stage.moon[3], 0.0)
        self.assertEqual(as_stage(Setting(moon=(0, 0, 2)), 1).moon.tolist(), [0, 0, 1, 1])

    def test_what_fades_takes_the_horizon_unless_said(self):
        plain = as_stage(Setting(), 1)
        np.testing.assert_array_equal(plain.fade, plain.horizon)
        self.assertNotEqual(
            as_stage(Setting(fade="#000000"), 1).fade.tolist(), plain.horizon.tolist()
        )

    def test_nowhere_is_farther_than_all_that_is_seen(self):
        self.assertFalse(over_water(as_stage(Setting(near=NOWHERE, far=NOWHERE), 1), 0.0, 500.0))


if __name__ == "__main__":
    unittest.main()
