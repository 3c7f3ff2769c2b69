"""What prompts that were drawn wrongly once are drawn as: each that was cured, in a line or two."""

import unittest

import numpy as np

from overlay.words.composing.scene import compose
from overlay.words.composing.settle import place_of
from overlay.words.things.families.built.wayside import bridge
from overlay.words.things.families.living.figures import figure
from overlay.words.things.families.living.quadrupeds import quadruped
from overlay.words.things.families.moving.machines import rocket
from overlay.words.things.parts import extent
from tests.words.test_framing import scene, wish
from tests.words.test_told import words


def placed(prompt, name):
    found = scene(prompt)
    return [t for t in found.things[: found.wished] if t.name == name]


class OnTheGroundTest(unittest.TestCase):
    def test_who_runs_over_a_plain_is_on_it_and_who_flies_over_it_is_not(self):
        for prompt in ("horses galloping over a plain", "a dog running across the snow"):
            self.assertFalse(any(t.flies for t in wish(prompt).things), prompt)
        self.assertTrue(wish("an owl over a field").things[0].flies)
        self.assertEqual(wish("wild horses galloping over a plain").place, "meadow")

    def test_whoever_is_with_a_flock_on_a_hill_is_on_it_too(self):
        _, *others = wish("a flock of sheep on a hill with a shepherd and a dog").things
        hill = next(t for t in others if t.subject.word == "knoll")
        for who in ("shepherd", "dog"):
            at = placed("a flock of sheep on a hill with a shepherd and a dog", who)[0].at
            self.assertGreater(at[1], 0.3 * hill.tall, who)

    def test_a_rug_lies_before_the_fireplace(self):
        found = scene("a chair beside a fireplace, a dog on the rug")
        at = {t.name: t.at for t in found.things[: found.wished]}
        self.assertLess(at["carpet"][2], at["fireplace"][2])
        self.assertLess(at["dog"][2], at["fireplace"][2])

    def test_what_goes_through_a_gate_is_before_it(self):
        _, sheep, _ = wish("a sheepdog herding sheep through a gate").things
        self.assertEqual(sheep.link, "in front of")

    def test_a_bird_on_a_post_is_on_its_top_and_one_in_the_sky_flies(self):
        (pelican,), (post,) = (placed("a pelican on a post", name) for name in ("pelican", "post"))
        top = post.at[1] + extent(post.parts)[1][1] * post.scale
        self.assertAlmostEqual(pelican.at[1], top, delta=0.1 * top)
        (birds,) = wish("birds in a pink sky").things
        self.assertTrue(birds.flies)
        self.assertEqual(wish("a flock of crows").things[0].subject.belongs, "air")
        self.assertEqual(wish("a flock of hens").things[0].subject.belongs, "ground")
        self.assertEqual(words("a robin on a gate"), ["robin", "fence"])
        self.assertEqual(words("a gate in a field"), ["gate"])


class SeatedTest(unittest.TestCase):
    def test_who_holds_something_on_a_seat_sits_and_holds_it_in_a_raised_hand(self):
        for prompt in ("a woman reading a book on a bench", "a woman on a bench with a book"):
            woman = next(t for t in wish(prompt).things if t.name == "woman")
            self.assertEqual((woman.pose, woman.link), ("sit", "on"), prompt)
        (woman,), (book,) = (
            placed("a woman reading a book on a bench", name) for name in ("woman", "book")
        )
        low, high = (v[1] * woman.scale + woman.at[1] for v in extent(woman.parts))
        self.assertTrue(low + 0.4 * (high - low) < book.at[1] < low + 0.7 * (high - low))
        raised, resting = (figure(pose="sit", holds=holds) for holds in (True, False))
        self.assertNotEqual([p.b for p in raised], [p.b for p in resting])

    def test_a_player_has_what_is_played(self):
        self.assertEqual(words("a violin player on a chair"), ["man", "violin", "chair"])
        self.assertEqual(words("a cellist in a hall"), ["man", "cello"])


class PlaceTest(unittest.TestCase):
    def effects(self, prompt):
        found = wish(prompt)
        self.assertEqual(found.tints, (), prompt)  # and none on the whole picture
        return {key for effects, _ in found.effects for key in effects}

    def test_a_colour_that_is_said_of_a_place_is_its_own(self):
        for prompt, keys in (
            ("a plane over green fields", {"first~", "second~"}),
            ("a boat on a turquoise sea", {"deep~"}),
            ("a cat in a blue kitchen", {"wall_colour~"}),
            ("gulls in a pink sky", {"zenith~", "horizon~"}),
        ):
            self.assertEqual(self.effects(prompt), keys, prompt)
        self.assertEqual(len(wish("a boat, turquoise").tints), 1)

    def test_flowers_of_a_wood_cover_its_ground(self):
        found = wish("a path through a bluebell wood")
        self.assertEqual((found.place, dict(found.fills)["carpet"]), ("forest", "bluebell*120"))
        self.assertEqual(wish("an oak forest").fills[0][0], "wood")

    def test_the_sea_behind_a_large_thing_is_seen(self):
        found = scene("a ferris wheel by the sea")
        shore = found.eye.seen_at(0.0, found.setting.near)
        self.assertGreater(found.eye.horizon - shore, 0.15)

    def test_what_leaps_is_over_the_water_and_on_ice_there_is_room(self):
        (dolphin,) = placed("a dolphin leaping over waves", "dolphin")
        self.assertGreater(dolphin.at[1], 0.5)
        berg = wish("penguins on an iceberg").things[1]
        self.assertEqual(berg.subject.word, "knoll")
        for penguin in placed("penguins on an iceberg", "penguin"):
            self.assertLess(abs(penguin.at[0]), 0.5 * berg.wide)

    def test_who_attacks_a_ship_is_where_that_is(self):
        self.assertEqual(place_of(wish("a giant octopus attacking a ship")), "sea")
        self.assertEqual(place_of(wish("an octopus")), "underwater")

    def test_gifts_lie_before_their_tree_and_on_no_table(self):
        found = scene("gifts under a christmas tree")
        self.assertNotIn("table", [t.name for t in found.things])
        self.assertEqual(found.things[0].at[1], 0.0)

    def test_a_caravan_in_the_desert_is_one_of_camels_and_a_sandstorm_no_rain(self):
        (camels,) = wish("a caravan in the desert").things
        self.assertEqual((camels.subject.word, camels.count, camels.in_row), ("camel", 6, True))
        self.assertEqual(words("a caravan in a meadow"), ["caravan"])
        self.assertEqual(wish("a sandstorm").weather, (("sandstorm", 1.0),))

    def test_a_road_along_a_coast_has_the_sea_beside_it(self):
        self.assertEqual(wish("a car on a coastal road").place, "sea")
        self.assertIn("path=", self.effects("a car on a coastal road"))


class PlateTest(unittest.TestCase):
    def test_a_few_lie_side_by_side_on_one_level_and_none_beyond_its_rim(self):
        found = wish("three pears and a knife on a plate")
        plate = next(t for t in found.things if t.subject.word == "plate")
        drawn = compose(found, seed=1, aspect=1.5)
        pears = [t for t in drawn.things if t.name == "pear"]
        self.assertEqual(len(pears), 3)
        (dish,) = (t for t in drawn.things if t.name == "plate")
        self.assertEqual(len({round(t.at[1], 4) for t in pears}), 1)
        for pear in pears:
            out = np.hypot(pear.at[0] - dish.at[0], pear.at[2] - dish.at[2])
            self.assertLess(out, 0.5 * plate.wide)

    def test_what_a_basket_holds_is_in_the_picture(self):
        found = scene("a basket of mushrooms in the forest")
        tops = [
            found.eye.seen_at(t.at[1] + extent(t.parts)[1][1] * t.scale, t.at[2])
            for t in found.things[: found.wished]
        ]
        self.assertLess(max(tops), 1.0)


class FacingTest(unittest.TestCase):
    def test_things_face_where_it_is_said(self):
        turned = {
            way: placed(f"a horse {way}", "horse")[0].yaw % 360
            for way in ("facing right", "facing left", "looking at the viewer", "facing away")
        }
        for way, yaw in zip(turned, (12, 168, 80, 280), strict=True):
            self.assertLess(abs(turned[way] - yaw), 5, way)
        self.assertEqual(words("a fox looking out from behind a tree"), ["fox", "tree"])

    def test_the_head_of_one_that_sleeps_is_lower(self):
        lying, asleep = (extent(quadruped(pose="lie", sleeps=s))[1][1] for s in (False, True))
        self.assertLess(asleep, 0.9 * lying)
        self.assertEqual(dict(wish("a sleeping dog").things[0].details), {"sleeps": "1"})


class BuiltTest(unittest.TestCase):
    def test_a_viaduct_is_level_and_has_several_arches(self):
        parts = bridge(span=34, h=10, arches=5)
        tops = [p.a[1] + p.b[1] for p in parts if p.a[1] + p.b[1] < 10.01]
        self.assertLess(np.ptp(tops), 0.01)
        piers = [p for p in parts if p.a[1] - p.b[1] < 0.01]
        self.assertEqual(len(piers), 6)

    def test_a_water_mill_has_its_wheel_and_a_cable_car_its_rope(self):
        (mill,) = placed("a water mill by a weir", "watermill")
        low, _ = extent(mill.parts)
        self.assertLess(low[2], -4.0)
        (car,) = placed("a cable car over a valley", "cable car")
        self.assertGreater(car.at[1], 3.0)
        self.assertGreater(np.ptp([e[0] for e in extent(car.parts)]), 15.0)

    def test_what_starts_is_above_its_fire(self):
        self.assertEqual(words("a rocket launch at night"), ["starting rocket"])
        low, high = (extent(rocket(fire=fire))[1][1] for fire in (False, True))
        self.assertGreater(high, 1.4 * low)

    def test_a_bridge_that_hangs_has_towers_over_its_deck(self):
        _, high = extent(bridge(span=60, h=8, hung=True))
        self.assertGreater(high[1], 2 * 8)

    def test_a_mosque_has_its_minarets(self):
        self.assertEqual(words("a mosque with minarets"), ["mosque"])

    def test_a_cafe_has_tables_before_it(self):
        low, _ = extent(placed("a cafe in a street", "cafe")[0].parts)
        self.assertLess(low[2], -4.5)

    def test_lights_on_a_string_are_things(self):
        self.assertIn("lantern line", words("a street cafe with string lights"))

    def test_vines_far_below_are_large_enough_to_be_seen(self):
        found = scene("a hot-air balloon over vineyards")
        vines = [t for t in found.things if t.name == "vine row"]
        self.assertGreater(len(vines), 30)
        nearest = min(vines, key=lambda t: t.at[2])
        tall = extent(nearest.parts)[1][1] * nearest.scale
        seen = found.eye.seen_at(tall, nearest.at[2]) - found.eye.seen_at(0, nearest.at[2])
        self.assertGreater(seen, 0.15)

    def test_palms_in_a_greenhouse_are_no_higher_than_that(self):
        found = scene("a greenhouse full of palms")
        palms = [t for t in found.things if t.name == "palm"]
        self.assertGreater(len(palms), 6)
        self.assertLess(max(extent(t.parts)[1][1] * t.scale for t in palms), 6.0)

    def test_a_moon_is_seen_from_a_windowsill(self):
        (light,) = placed("a cat on a windowsill, moonlight", "windowsill")
        (dark,) = placed("a cat on a windowsill", "windowsill")
        self.assertEqual(len(light.parts), len(dark.parts) + 1)
