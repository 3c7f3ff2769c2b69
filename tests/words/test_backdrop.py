"""Where things are shown: a place after a place, windows, homes, what bears and holds."""

import unittest

import numpy as np

from overlay.words.composing.settle import place_of
from overlay.words.language.grammar import read_prompt
from overlay.words.picture import draw_words
from overlay.words.wishing.wish import wish_of
from tests.words.test_relations import composed, of, one, reach


def wished(prompt):
    return wish_of(read_prompt(prompt))


def drawn(prompt, size=(96, 64)):
    return draw_words(read_prompt(prompt), size, 3).drawn.picture.astype(float)


class FurtherPlaceTest(unittest.TestCase):
    def test_water_runs_through_a_place_that_has_none(self):
        dry, wet = composed("a meadow"), composed("a meadow by a river")
        self.assertGreater(dry.setting.near, 1e5)
        self.assertLess(wet.setting.near, 1e3)
        self.assertEqual((wet.place, wet.setting.floor), (dry.place, dry.setting.floor))

    def test_a_place_keeps_its_own_water(self):
        own, both = composed("a lake").setting, composed("a lake by a river").setting
        self.assertEqual((own.near, own.far), (both.near, both.far))

    def test_hills_rise_behind_and_what_the_first_place_has_stays(self):
        plain, high = composed("a village"), composed("a village in the mountains")
        self.assertGreater(high.setting.rise, 2 * plain.setting.rise)
        houses = {"house", "cottage"} & {t.name for t in high.things}
        self.assertTrue(houses)
        self.assertTrue(of(high, "fir"))

    def test_rooms_take_nothing_of_other_places_nor_give_it(self):
        self.assertEqual(composed("a kitchen in the mountains").setting.ridges, 0)
        self.assertGreater(composed("a meadow and a kitchen").setting.wall, 1e5)

    def test_a_road_comes_from_where_the_eye_is(self):
        for prompt in ("hills with a road", "a castle, hills with a road", "a snail, a road"):
            scene = composed(prompt)
            self.assertAlmostEqual(scene.setting.path, scene.eye.away)
        self.assertEqual(composed("a castle, hills").setting.path, 0)

    def test_a_road_is_seen_where_it_winds(self):
        without, with_road = drawn("hills"), drawn("hills with a winding road")
        changed = np.abs(with_road - without).max(axis=-1) > 12
        self.assertTrue(0.01 < changed.mean() < 0.25, f"{changed.mean():.3f} of the picture")
        self.assertFalse(changed[:24].any())  # nothing of the sky


class HomesTest(unittest.TestCase):
    def test_a_creature_without_a_place_is_at_home(self):
        homes = {
            "two children and a sandcastle": "beach",
            "a lion": "savannah",
            "a penguin": "snowfield",
            "an octopus": "underwater",
        }
        self.assertEqual({p: place_of(wished(p)) for p in homes}, homes)

    def test_flowers_in_a_vase_are_on_a_table_and_the_sky_is_above_the_clouds(self):
        self.assertEqual(place_of(wished("roses in a vase")), "table")
        self.assertEqual(place_of(wished("roses")), "garden")
        self.assertEqual(place_of(wished("an aeroplane above the clouds")), "cloud tops")

    def test_a_place_that_was_said_wins(self):
        self.assertEqual(place_of(wished("a lion on a beach")), "beach")

    def test_small_things_in_weather_are_outdoors(self):
        self.assertEqual(place_of(wished("a lantern")), "table")
        self.assertEqual(place_of(wished("a lantern, snow")), "meadow")


class LightTest(unittest.TestCase):
    def test_winter_lies_white_on_the_ground(self):
        bare, white = drawn("a house"), drawn("a house, winter")
        low = slice(52, 64)
        self.assertGreater(white[low].mean(), bare[low].mean() + 40)
        self.assertLess(np.ptp(white[low].mean(axis=(0, 1))), np.ptp(bare[low].mean(axis=(0, 1))))

    def test_northern_lights_hang_in_folds_of_green(self):
        night, lit = drawn("a cabin, night"), drawn("a cabin, northern lights")
        sky = slice(0, 24)
        excess = (lit[sky, :, 1] - lit[sky, :, 0]).mean()
        self.assertGreater(excess, (night[sky, :, 1] - night[sky, :, 0]).mean() + 20)
        self.assertGreater(lit[sky, :, 1].std(), 1.5 * night[sky, :, 1].std())

    def test_a_window_opens_the_back_wall_and_no_field(self):
        shut, open_ = drawn("a cat in a room"), drawn("a cat in a room by a window")
        self.assertGreater(np.abs(open_ - shut).max(axis=-1).mean(), 2)
        np.testing.assert_array_equal(drawn("a barn, hills"), drawn("a barn, hills, a window"))

    def test_who_looks_out_of_a_window_is_in_a_room(self):
        self.assertEqual(wished("a boy looking out of a window").place, "room")
        self.assertEqual(wished("a house with a window").place, "")


class BearingTest(unittest.TestCase):
    def test_what_hovers_is_close_over_and_both_are_in_the_picture(self):
        scene = composed("a hummingbird hovering over a red flower")
        bird, flower = reach(one(scene, "hummingbird")), reach(one(scene, "flower"))
        gap = bird[0][1] - flower[1][1]
        self.assertTrue(-0.02 < gap < bird[1][1] - bird[0][1], f"{gap:.3f} m")
        eye = scene.eye
        self.assertLess(eye.seen_at(bird[1][1], 0), 1)
        self.assertGreater(eye.seen_at(flower[1][1], 0), -0.9)

    def test_a_kitten_is_in_its_basket_and_looks_out(self):
        scene = composed("a kitten in a basket")
        kitten, basket = reach(one(scene, "kitten")), reach(one(scene, "basket"))
        self.assertLess(kitten[0][1], basket[1][1])
        self.assertGreater(kitten[1][1], basket[1][1])
        self.assertLess(kitten[0][0], basket[1][0])

    def test_all_that_was_said_together_is_on_the_tray(self):
        scene = composed("a teapot and two cups on a tray")
        low, high = reach(one(scene, "tray"))
        for thing in [one(scene, "teapot"), *of(scene, "cup")]:
            self.assertTrue(low[0] < thing.at[0] < high[0], thing.name)
            self.assertAlmostEqual(reach(thing)[0][1], 0.03, delta=0.03)
        places = sorted(t.at[0] for t in [one(scene, "teapot"), *of(scene, "cup")])
        self.assertGreater(min(np.diff(places)), 0.04)

    def test_he_who_has_a_dog_sits_on_the_bench_not_the_dog(self):
        scene = composed("an old man with a dog on a bench")
        bench = reach(one(scene, "bench"))[1][1]
        self.assertLess(one(scene, "dog").at[1], 0.05)
        self.assertGreater(reach(one(scene, "old man"))[1][1], bench)
        self.assertEqual(wished("an old man with a dog on a bench").things[0].pose, "sit")

    def test_tulips_are_in_the_vase_they_are_said_with(self):
        scene = composed("a blue vase with white tulips")
        vase = reach(one(scene, "vase"))
        for tulip in of(scene, "tulip"):
            self.assertTrue(vase[0][0] < tulip.at[0] < vase[1][0], "beside it")
            self.assertLess(reach(tulip)[0][1], vase[1][1])

    def test_what_a_desk_is_said_with_lies_on_it(self):
        scene = composed("a desk with a lamp, books and a typewriter")
        top = one(scene, "lamp").at[1]
        self.assertGreater(top, 0.6)
        for name in ("pile of books", "typewriter"):
            self.assertAlmostEqual(one(scene, name).at[1], top, delta=0.03)

    def test_a_flock_of_which_no_more_is_said_is_of_sheep(self):
        self.assertEqual(len(of(composed("a shepherd with his flock"), "sheep")), 7)
        birds = wished("a flock of swans").things
        self.assertEqual([(t.name, t.count) for t in birds], [("swan", 7)])

    def test_a_goat_on_a_cliff_is_not_lost_on_it(self):
        scene = composed("a goat on a cliff")
        goat = reach(one(scene, "goat"))
        eye = scene.eye
        self.assertGreater(eye.seen_at(goat[1][1], 0) - eye.seen_at(goat[0][1], 0), 0.3)

    def test_a_king_is_a_piece_where_there_is_a_board(self):
        self.assertLess(reach(one(composed("a chessboard and a king"), "king"))[1][1], 1.2)
        self.assertGreater(reach(one(composed("a lawn and a king"), "king"))[1][1], 1.5)

    def test_a_crowd_is_dressed_differently_and_knights_are_not(self):
        def coats(prompt, name):
            scene = composed(prompt)
            return {thing.parts[0].colour for thing in of(scene, name)}

        self.assertGreater(len(coats("five women", "woman")), 1)
        self.assertEqual(len(coats("five knights", "knight")), 1)

    def test_the_colour_of_a_fields_flowers_is_not_that_of_the_picture(self):
        for prompt in ("a field of red tulips", "a red tulip field"):
            self.assertEqual((wished(prompt).tints, wished(prompt).place), ((), "field"))
            self.assertEqual(wished(prompt).fills[0][0], "carpet")

    def test_who_reads_holds_a_book_and_a_chimney_smokes(self):
        scene = composed("a woman reading under a tree")
        woman = reach(one(scene, "woman"))
        book = one(scene, "open book").at[1]
        self.assertTrue(0.4 * woman[1][1] < book < 0.8 * woman[1][1])
        smoking = composed("a cottage with a smoking chimney")
        self.assertGreater(one(smoking, "smoke").at[1], reach(one(smoking, "cottage"))[1][1] - 0.3)


if __name__ == "__main__":
    unittest.main()
