"""What things do, where they hang, what they are carved of; places that were drawn as others."""

import unittest

import numpy as np

from overlay.words.language.grammar import read_prompt
from overlay.words.picture import draw_words
from overlay.words.stage.land import CALM, swell
from overlay.words.stage.setting import Setting, as_stage
from overlay.words.things.families.goods.small import fish
from overlay.words.things.families.goods.tools import blade
from overlay.words.things.families.living.quadrupeds import quadruped
from overlay.words.things.parts import Skin, extent
from tests.words.test_framing import scene, wish
from tests.words.test_told import words
from tests.words.test_told_apart import placed


def top(parts):
    return float(extent(parts)[1][1])


def nose(parts):
    return next(p.a[1] for p in parts if p.colour == "#1d1917")


class DeedsTest(unittest.TestCase):
    def test_each_of_two_knights_fights_with_his_own_sword(self):
        knights, swords = (placed("two knights fighting", n) for n in ("knight", "sword"))
        self.assertEqual((len(knights), len(swords)), (2, 2))
        for knight, sword in zip(knights, swords, strict=True):
            reach = np.hypot(sword.at[0] - knight.at[0], sword.at[2] - knight.at[2])
            self.assertLess(reach, 0.6)
            self.assertEqual(sword.yaw, knight.yaw)
        self.assertEqual(words("two boys fighting"), ["boy"])
        self.assertEqual(words("a knight"), ["knight"])

    def test_a_sword_that_is_held_points_upwards(self):
        def hilt(parts):
            return next(p.a[1] for p in parts if p.colour == "#6b4426")

        self.assertLess(hilt(blade(held=True)), 0.5)
        self.assertGreater(hilt(blade()), 0.5)
        self.assertGreater(hilt(blade(kind="axe", held=True)), -0.01)

    def test_none_holds_more_umbrellas_than_there_are_people(self):
        self.assertEqual([t.count for t in wish("two women with umbrellas").things], [2, 2])
        self.assertEqual([t.count for t in wish("two women with an umbrella").things], [2, 1])

    def test_a_wolf_that_howls_lifts_its_head_and_a_horse_that_grazes_lowers_it(self):
        stands, howls, grazes = (nose(quadruped(pose=p)) for p in ("", "howl", "graze"))
        self.assertGreater(howls, 1.15 * stands)
        self.assertLess(grazes, 0.6 * stands)
        self.assertEqual(wish("a deer drinking from a lake").things[0].pose, "graze")

    def test_a_black_cat_is_black_all_over_and_a_white_tiger_keeps_its_stripes(self):
        (cat,), (tiger,) = placed("a black cat", "cat"), placed("a white tiger", "tiger")
        self.assertNotIn(Skin.STRIPES, {p.skin for p in cat.parts})
        self.assertIn(Skin.STRIPES, {p.skin for p in placed("a cat", "cat")[0].parts})
        self.assertIn(Skin.STRIPES, {p.skin for p in tiger.parts})

    def test_a_whale_that_breaches_is_out_of_the_water_but_for_its_tail(self):
        swims, leaps = fish(length=10, rise=0.1), fish(length=10, rise=0.1, pose="walk")
        self.assertGreater(top(leaps), 2 * top(swims))
        self.assertLess(extent(leaps)[0][1], 0.1)
        self.assertEqual(wish("a whale breaching").things[0].pose, "walk")

    def test_a_robot_holds_what_it_is_given_in_a_raised_hand(self):
        robot, can = wish("a robot watering plants").things[:2]
        self.assertEqual((robot.pose, can.link), ("hold", "held"))
        self.assertEqual(words("a waiter serving coffee")[1], "tray")

    def test_who_rides_somewhere_has_a_horse(self):
        self.assertEqual(words("a cowboy riding into the sunset"), ["cowboy", "horse"])
        self.assertEqual(words("a knight riding a dragon"), ["knight", "dragon"])

    def test_no_tree_is_all_that_is_seen(self):
        found = scene("a girl walking through a wood with a wolf behind a tree")
        tree = next(t for t in found.things[: found.wished] if t.name == "tree")
        tall = top(tree.parts) * tree.scale
        self.assertLess(found.eye.seen_at(tall, tree.at[2]) - found.eye.seen_at(0, tree.at[2]), 2.4)

    def test_a_race_has_a_bicycle_for_each_and_nothing_is_stood_before_any(self):
        found = scene("a bicycle race on a mountain road")
        bikes = [t for t in found.things[: found.wished] if t.name == "bicycle"]
        self.assertEqual(len(bikes), 3)
        self.assertEqual([t.count for t in wish("three kings on camels").things], [3, 3])
        for bike in bikes:
            near = [t for t in found.things[found.wished :] if t.at[2] < bike.at[2] - 0.1]
            half = found.eye.half_width(bike.at[2])
            own = bike.at[0] / half
            self.assertFalse([t.name for t in near
                              if abs(t.at[0] / found.eye.half_width(t.at[2]) - own) < 0.02])  # fmt: skip

    def test_a_hummingbird_is_over_its_flower(self):
        bird, flower = wish("a hummingbird at a red flower").things
        self.assertEqual(bird.link, "hovers")
        self.assertLess(flower.tall, 4 * bird.tall)

    def test_what_a_statue_shows_is_of_one_stone_and_on_a_plinth(self):
        self.assertEqual(words("a statue of a lion in a park"), ["lion", "stone plinth"])
        (lion,) = placed("a statue of a lion", "lion")
        self.assertEqual(len({p.colour for p in lion.parts}), 1)
        self.assertGreater(lion.at[1], 0.3)
        (horse,) = placed("a bronze statue of a horse", "horse")
        self.assertEqual({p.colour for p in horse.parts}, {"#8a6a3a"})
        self.assertEqual(words("two statues of dragons"), ["dragon"])


class HungTest(unittest.TestCase):
    def test_a_clock_hangs_on_the_wall_of_its_room(self):
        found = scene("a room with a clock on the wall")
        self.assertEqual(words("a room with a clock on the wall"), ["wall clock"])
        clock = found.things[0]
        self.assertAlmostEqual(clock.at[2], found.setting.wall, delta=0.2)
        self.assertGreater(clock.at[1], 0.2)
        self.assertEqual(clock.yaw, 0.0)

    def test_pictures_hang_side_by_side_at_one_height(self):
        self.assertEqual(wish("three paintings on the wall").place, "room")
        first, second, third = placed("three paintings on the wall", "picture")
        self.assertEqual(len({p.at[1:] for p in (first, second, third)}), 1)
        self.assertAlmostEqual(second.at[0] - first.at[0], third.at[0] - second.at[0])
        self.assertGreater(second.at[0] - first.at[0], 0.3)

    def test_mirrors_of_a_room_hang_and_one_on_a_table_stands(self):
        for prompt, hung in (
            ("a bathroom with a bathtub and a mirror", True), ("a mirror on a table", False),
            ("a mirror in a meadow", False),
        ):  # fmt: skip
            mirror = next(t for t in wish(prompt).things if t.subject.word == "mirror")
            self.assertEqual(mirror.placement.away == "wall", hung, prompt)

    def test_curtains_hang_at_their_window_whatever_else_is_there(self):
        for prompt in ("a bedroom with curtains", "a room with a desk, a globe and curtains"):
            found = scene(prompt)
            curtains = next(t for t in found.things if t.name == "curtains")
            self.assertEqual((curtains.at[0], found.setting.window), (0.0, 2.0))
            self.assertAlmostEqual(curtains.at[1] + top(curtains.parts), 2.65, delta=0.2)

    def test_flowers_on_a_piano_are_in_a_vase(self):
        self.assertEqual(words("a bouquet of roses on a piano"), ["rose", "piano", "vase"])
        self.assertEqual(words("roses on a hill"), ["rose", "knoll"])

    def test_a_cat_is_on_a_wall_of_a_garden(self):
        self.assertEqual(words("a cat on a wall"), ["cat", "wall"])
        self.assertEqual(words("a vase on a wall"), ["vase", "wall"])


class PlacesTest(unittest.TestCase):
    def test_what_is_high_or_far_is_what_was_said_last(self):
        man, earth = wish("an astronaut on the moon with the earth in the sky").things
        self.assertEqual((man.placement.high, earth.placement.high), (False, True))
        self.assertEqual(placed("an astronaut on the moon with the earth in the sky",
                                "astronaut")[0].at[1], 0.0)  # fmt: skip
        heron, mill = wish("a heron with a windmill in the distance").things
        self.assertEqual((heron.placement.away, mill.placement.away), ("", "far"))
        kite, bird = wish("a kite and a bird in the sky").things
        self.assertTrue(kite.placement.high and bird.placement.high)

    def test_houses_of_a_fishing_village_are_beyond_its_water(self):
        found = scene("a fishing village with colourful houses")
        houses = [t for t in found.things if t.name == "house"]
        self.assertGreater(len(houses), 3)
        self.assertTrue(all(h.at[2] > found.setting.far for h in houses))

    def test_a_stall_and_a_shop_have_their_goods(self):
        self.assertEqual(words("a fruit stall with apples, pears and grapes"), ["stall"])
        self.assertEqual(words("a bakery with bread in the window"), ["shop"])
        self.assertEqual(words("apples, pears"), ["apple", "pear"])

    def test_pieces_stand_on_their_board(self):
        for piece in placed("a chess board with a king and a queen", "king"):
            self.assertGreater(piece.at[1], 0.01)

    def test_a_train_crosses_a_viaduct_and_a_cart_a_bridge(self):
        self.assertEqual(words("a steam train crossing a stone bridge"), ["train", "viaduct"])
        self.assertEqual(words("a cart crossing a stone bridge"), ["cart", "bridge"])

    def test_smoke_of_a_village_rises_from_its_chimneys(self):
        found = scene("a village, smoke from the chimneys")
        plumes = [t for t in found.things if t.name == "smoke"]
        self.assertGreater(len(plumes), 2)
        self.assertTrue(all(p.at[1] > 2 for p in plumes))
        self.assertEqual(found.setting.haze, scene("a village").setting.haze)
        self.assertEqual([t.link for t in wish("a cottage, smoke from the chimney").things],
                         ["", "rises"])  # fmt: skip
        self.assertEqual(words("a barn, smoke from the chimney"), ["barn"])

    def test_grass_that_is_tall_and_vines_of_a_valley_are_seen(self):
        self.assertIn("tall_grass", dict(wish("a tiger in tall grass").fills)["carpet"])
        self.assertEqual(words("a tiger in tall grass"), ["tiger"])
        self.assertEqual(wish("a tiger in the grass").fills, ())
        self.assertIn("ranks", dict(wish("a valley of vineyards").fills))

    def test_a_chest_on_an_island_is_out_of_doors(self):
        self.assertEqual(scene("a treasure chest on a desert island").place, "lake")
        self.assertEqual(scene("a chest and a bed").place, "room")

    def test_a_wreck_lies_on_the_sea_floor(self):
        self.assertEqual(placed("a shipwreck on the sea floor", "shipwreck")[0].at[1], 0.0)
        self.assertGreater(placed("a submarine in the deep sea", "submarine")[0].at[1], 0.0)

    def test_a_rough_sea_has_waves_and_a_calm_one_is_flat(self):
        places = [(0.7 * k, 1.3 * k) for k in range(60)]
        rough = [swell(as_stage(Setting(waves=4.0), 1), x, z) for x, z in places]
        self.assertTrue(min(rough) < -0.1 < 0.3 < max(rough) < 2.0, (min(rough), max(rough)))
        self.assertEqual({swell(as_stage(Setting(waves=CALM), 1), x, z) for x, z in places}, {0.0})

    def test_a_mill_with_a_wheel_is_one_that_water_drives(self):
        self.assertEqual(words("a mill by a river with a wooden wheel"), ["watermill"])
        self.assertEqual(words("a mill by a river"), ["windmill"])
        self.assertEqual(words("a cat looking out of the window"), ["cat", "windowsill"])

    def test_glasses_with_a_book_are_read_with(self):
        self.assertEqual(words("an open book with glasses")[1], "spectacles")
        self.assertEqual(words("glasses on a newspaper")[0], "spectacles")
        self.assertEqual(words("glasses of wine and a loaf of bread")[0], "glass")

    def test_fish_are_many_where_another_is_among_them(self):
        self.assertEqual([t.count for t in wish("a submarine among fish").things], [1, 5])
        self.assertEqual([t.count for t in wish("a submarine and a fish").things], [1, 1])
        self.assertEqual([t.count for t in wish("a shepherd with sheep").things], [1, 5])
        self.assertEqual([t.count for t in wish("a lost black sheep").things], [1])

    def test_a_greenhouse_is_of_glass(self):
        drawn = draw_words(read_prompt("a greenhouse full of plants"), (96, 64))
        self.assertGreater(drawn.mask("window").mean(), 0.3)
        self.assertEqual(draw_words(read_prompt("a hall"), (96, 64)).mask("window").mean(), 0.0)


if __name__ == "__main__":
    unittest.main()
