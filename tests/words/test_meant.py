"""What a word means beside others: whose young, which fire, where one is within a building."""

import unittest

import numpy as np

from overlay.words.composing.scene import compose
from overlay.words.composing.settle import place_of
from overlay.words.language.grammar import read_prompt
from overlay.words.language.rewording import reworded
from overlay.words.subjects import flying, on_broom, subject_of
from overlay.words.things.families.living.figures import figure
from overlay.words.things.parts import extent
from overlay.words.wishing.wish import wish_of


def wish(prompt):
    return wish_of(read_prompt(prompt))


def words(prompt):
    return [t.subject.word for t in wish(prompt).things]


def placed(prompt, name, seed=1):
    found = compose(wish(prompt), seed=seed, aspect=1.5)
    return [t for t in found.things[: found.wished] if t.name == name]


class MeantTest(unittest.TestCase):
    def test_cubs_are_of_the_animal_they_are_with_and_smaller(self):
        fox, cubs = wish("a red fox with three cubs").things
        self.assertEqual((cubs.subject.word, cubs.count), ("fox", 3))
        self.assertLess(cubs.tall, 0.5 * fox.tall)
        self.assertEqual(words("a cub"), ["bear"])

    def test_a_fire_in_a_room_is_in_a_fireplace(self):
        self.assertIn("fireplace", words("an old woman knitting by the fire"))
        self.assertIn("campfire", words("a fox by the fire"))

    def test_fish_in_a_bowl_swim_within_it(self):
        self.assertEqual(words("three goldfish in a bowl"), ["goldfish", "fish bowl"])
        (bowl,) = placed("three goldfish in a bowl", "bowl")
        high = bowl.at[1] + subject_of("fish bowl").height * bowl.scale
        for fish in placed("three goldfish in a bowl", "goldfish"):
            low, top = extent(fish.in_world())
            self.assertGreater(low[1], bowl.at[1])
            self.assertLess(top[1], high)
        self.assertEqual(words("a bowl of cherries")[0], "bowl")

    def test_a_balloon_in_a_hand_is_a_toy_and_one_over_hills_is_none(self):
        self.assertEqual(words("a girl with a red balloon")[1], "toy balloon")
        self.assertEqual(words("a clown with balloons")[1], "toy balloons")
        self.assertEqual(words("a balloon over hills")[0], "balloon")

    def test_a_pair_of_boots_is_one_thing_and_a_pair_of_swans_two(self):
        self.assertEqual(wish("a pair of boots").things[0].count, 1)
        self.assertEqual(wish("a pair of swans").things[0].count, 2)

    def test_who_holds_something_holds_no_staff(self):
        farmer, scythe = wish("a farmer with a scythe").things
        self.assertEqual((scythe.link, dict(farmer.details)["staff"]), ("held", ""))
        self.assertNotIn("staff", dict(wish("a farmer").things[0].details))

    def test_what_fills_a_glass_is_seen_in_it(self):
        glass = wish("a glass of red wine and grapes").things[0]
        self.assertEqual(dict(glass.details), {"full": "#6b1a2a"})
        self.assertIn("#6b1a2a", {p.colour for p in glass.subject.parts(full="#6b1a2a")})
        self.assertEqual(wish("a glass of water and an orange").place, "")

    def test_swallows_are_seen_about_a_tower_and_no_larger_elsewhere(self):
        tower, swallows = wish("a bell tower with swallows").things
        self.assertAlmostEqual(swallows.tall / tower.tall, 0.035)
        self.assertEqual(wish("a bee above a rose").things[0].size, 1.0)

    def test_what_a_woman_has_in_her_hand_holds_its_own(self):
        _, basket, flowers = wish("a woman with a basket of flowers").things
        self.assertEqual([(t.link, t.to) for t in (basket, flowers)], [("held", 0), ("holds", 1)])
        (high,), low = (
            placed("a woman with a basket of flowers", "basket"),
            placed("a woman with a basket of flowers", "flower"),
        )
        self.assertLess(max(f.at[1] for f in low) - high.at[1], 0.5)

    def test_cygnets_are_smaller_than_their_swan(self):
        swan, cygnets = wish("a swan with cygnets").things
        self.assertAlmostEqual(cygnets.tall, 0.45 * swan.tall)

    def test_a_rider_comes_with_a_horse_for_each(self):
        riders, horses = wish("two riders").things
        self.assertEqual((riders.pose, horses.subject.word, horses.count), ("ride", "horse", 2))

    def test_a_gate_in_a_wall_is_one_with_it_and_a_train_with_its_tunnel(self):
        self.assertEqual(words("a gate in a garden wall"), ["wall gate"])
        self.assertEqual(words("a train leaving a tunnel"), ["tunnel train"])
        self.assertEqual(words("a gate beside a wall"), ["gate", "wall"])

    def test_a_family_is_of_the_animal_that_is_said(self):
        ducks = wish("a duck family crossing a road").things[0]
        self.assertEqual((ducks.subject.word, ducks.count), ("duck", 4))
        self.assertEqual(words("a happy family"), ["person"])

    def test_a_bunch_of_grapes_is_one(self):
        self.assertEqual(wish("a bunch of grapes").things[0].count, 1)
        self.assertGreater(wish("a bunch of roses").things[0].count, 1)

    def test_an_aeroplane_with_its_pilot_beside_it_has_landed(self):
        self.assertEqual(wish("a pilot beside his aeroplane").things[1].subject.belongs, "ground")
        for prompt in ("an aeroplane", "an aeroplane over a city"):
            self.assertEqual(wish(prompt).things[0].subject.belongs, "air")

    def test_plants_in_a_room_stand_in_pots(self):
        self.assertEqual(words("a living room with a sofa and plants")[1], "potted plant")
        self.assertEqual(words("a rock and plants")[1], "fern")

    def test_a_wheelbarrow_is_heaped_and_a_pianist_has_a_piano(self):
        self.assertGreater(wish("a wheelbarrow full of pumpkins").things[1].count, 5)
        self.assertEqual(words("a piano player in a bar"), ["pianist", "piano"])

    def test_houses_of_a_row_have_colours_of_their_own(self):
        walls = {t.parts[0].colour for t in placed("a row of houses at the harbour", "house")}
        self.assertGreater(len(walls), 2)


class BurningTest(unittest.TestCase):
    def test_a_house_burns_from_its_roof_a_ship_on_its_deck_a_candle_not(self):
        for prompt, link in (("a house on fire", "rises"), ("a burning ship", "on")):
            with self.subTest(prompt):
                fire, smoke = wish(prompt).things[1:]
                self.assertEqual((fire.subject.word, fire.link, fire.to), ("flames", link, 0))
                self.assertEqual(smoke.link, "rises")
        self.assertEqual(words("a burning candle"), ["candle"])

    def test_a_burning_city_has_fires_and_is_lit_by_them(self):
        burning = wish("a burning city")
        self.assertEqual([(t.subject.word, t.count) for t in burning.things], [("flames", 3)])
        self.assertTrue(any("horizon=" in effects for effects, _ in burning.effects))
        self.assertFalse(wish("a city").things)


class WithinTest(unittest.TestCase):
    def test_who_is_in_a_building_is_seen_within_it(self):
        for prompt, place in (
            ("a bride in a church", "hall"), ("an owl in a barn", "hayloft"),
            ("a dancer in a theatre", "stage"), ("a farmhouse kitchen with a cat", "kitchen"),
            ("a jellyfish in dark water", "underwater"), ("a school classroom", "classroom"),
            ("a church with light falling through the windows", "hall"),
        ):  # fmt: skip
            with self.subTest(prompt):
                self.assertEqual(wish(prompt).place, place)
        self.assertEqual(words("a crowd in front of a theatre")[1], "theatre")

    def test_a_hall_is_deep_and_its_columns_stand_before_its_wall(self):
        found = compose(wish("a bride in a church"), seed=1, aspect=1.5)
        seen = [t for t in found.things if t.name == "column" and t.at[2] < found.setting.wall]
        self.assertGreaterEqual(len(seen), 4)
        self.assertGreater(found.setting.wall, 20)

    def test_who_reads_by_candlelight_is_in_a_room_and_a_ship_is_not(self):
        self.assertEqual(place_of(wish("a wizard reading a book by candlelight")), "room")
        self.assertNotEqual(place_of(wish("a ship by candlelight")), "room")

    def test_a_city_under_the_sea_stands_on_its_ground(self):
        for prompt in ("a city under the sea", "an underwater city"):
            with self.subTest(prompt):
                sunken = wish(prompt)
                self.assertEqual(sunken.place, "underwater")
                self.assertIn("far", dict(sunken.fills))

    def test_what_is_built_in_the_sea_stands_on_a_rock(self):
        light, _, rock = wish("a stormy sea with a lighthouse and a small boat").things
        self.assertEqual((light.link, light.to, rock.subject.word), ("on", 2, "cliff top"))

    def test_a_lighthouse_stands_in_the_sea_unless_something_on_land_is_with_it(self):
        for prompt, place in (("a lighthouse", "sea"), ("a lighthouse in a storm", "sea")):
            self.assertEqual((wish(prompt).place, words(prompt)[-1]), (place, "cliff top"), prompt)
        self.assertEqual(words("a lighthouse with high waves")[-1], "cliff top")
        self.assertEqual(words("a lighthouse in a meadow"), ["lighthouse"])
        self.assertEqual(wish("a lighthouse and a cottage").place, "")

    def test_a_lobster_on_a_plate_is_on_a_table(self):
        self.assertEqual(place_of(wish("a lobster on a plate")), "table")
        self.assertNotEqual(place_of(wish("a lobster")), "table")

    def test_a_companion_does_not_choose_the_place_of_a_person(self):
        self.assertNotEqual(place_of(wish("a sailor with a parrot")), "jungle")
        self.assertEqual(place_of(wish("a parrot")), "jungle")


class PosedTest(unittest.TestCase):
    def test_who_sits_without_a_seat_sits_on_the_ground(self):
        top = extent(figure(pose="rest"))[1][1]
        self.assertLess(top, 0.7 * 1.75)
        self.assertLess(top, extent(figure(pose="sit"))[1][1])
        (woman,) = placed("a woman sitting under a tree", "woman")
        self.assertLess(extent(woman.in_world())[1][1], 1.2)
        self.assertGreater(
            extent(placed("a woman sitting on a bench", "woman")[0].parts)[1][1], 1.2
        )

    def test_who_cycles_sits_on_the_saddle_whichever_way_it_goes(self):
        for seed in (1, 2, 3, 4):
            (cyclist,) = placed("a cyclist", "cyclist", seed)
            (bicycle,) = placed("a cyclist", "bicycle", seed)
            apart = np.subtract(cyclist.at, bicycle.at)[[0, 2]]
            self.assertAlmostEqual(float(np.hypot(*apart)), 0.2, delta=0.02)
            self.assertAlmostEqual(cyclist.yaw, bicycle.yaw)

    def test_an_owl_spreads_its_wings_and_a_witch_flies_on_her_broom(self):
        self.assertEqual(flying(subject_of("snowy owl")).family, "flying_bird")
        witch = wish("a witch on a broom").things[0]
        self.assertEqual((witch.subject.family, witch.subject.belongs), ("broom_rider", "air"))
        self.assertEqual(dict(on_broom(subject_of("witch")).figures)["hat"], "point")

    def test_a_cat_is_on_the_ridge_of_a_roof_a_telescope_on_its_terrace(self):
        self.assertEqual(words("a cat on a roof"), ["cat", "roof ridge"])
        self.assertEqual(words("a telescope on a rooftop"), ["telescope"])


class RewordingTest(unittest.TestCase):
    def test_what_is_said_otherwise_is_read_alike(self):
        for said, plain in (
            ("a horse race", "three men riding horses"),
            ("a castle ruin", "a ruined castle"),
            (
                "a table set for breakfast",
                "a table with a plate and a cup and a loaf of bread and a jug",
            ),
            ("a dragon sleeping on a pile of gold", "a dragon sleeping on a hoard"),
            ("a mask of gold", "a mask of gold"),
            ("a train passing through a tunnel", "a train leaving a tunnel"),
            ("a path passing through a wood", "a path passing through a wood"),
            ("an island floating in the clouds", "an floating island in the clouds"),
            ("a woman knitting on a bench", "a woman knitting on a bench"),
        ):
            with self.subTest(said):
                self.assertEqual(reworded(said), plain)
