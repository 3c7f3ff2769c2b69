"""What lives or is built by the water is by the water: on its bank, across it, over it."""

import unittest

from overlay.words.composing.ground import Ground
from overlay.words.stage.setting import as_stage
from overlay.words.things.parts import extent
from tests.words.test_framing import named, scene


def ground(found):
    return Ground(found.setting, as_stage(found.setting, 0))


def is_dry(found, thing):
    return ground(found).dry(thing.at[0], thing.at[2])


class HomesTest(unittest.TestCase):
    def test_what_no_place_is_said_of_is_where_it_belongs(self):
        for prompt, place in (
            ("two herons at left, old boathouse, dawn, mist", "lake"), ("lock", "canal"),
            ("watermill, willow", "river"), ("frog", "pond"), ("panda", "bamboo grove"),
            ("heron in a street", "street"), ("cottage", "meadow"),
        ):  # fmt: skip
            self.assertEqual(scene(prompt).place, place, prompt)


class AcrossTest(unittest.TestCase):
    def test_a_house_behind_a_heron_is_across_the_water_and_seen_whole(self):
        for prompt in ("heron at left, boathouse", "heron at left, cottage by a lake"):
            for seed in range(3):
                found = scene(prompt, seed=seed)
                bird, house = found.things[0], found.things[1]
                low, high = extent(house.in_world())
                self.assertLess(found.eye.seen_at(float(high[1]), float(low[2])), 1.0, prompt)
                self.assertTrue(is_dry(found, bird) and is_dry(found, house), prompt)
                between = [bird.at[2] + k * (float(low[2]) - bird.at[2]) / 20 for k in range(21)]
                self.assertTrue(any(not ground(found).dry(house.at[0], z) for z in between), prompt)

    def test_a_house_that_leads_and_a_road_stay_as_they_are(self):
        self.assertTrue(is_dry(found := scene("boathouse, heron"), found.things[0]))
        self.assertGreater(scene("heron, cottage, road").setting.near, 1e4)


class BridgeTest(unittest.TestCase):
    def test_water_runs_under_its_arch_and_its_ends_are_on_the_banks(self):
        for prompt in ("bridge", "footbridge over a pond", "bridge across a canal"):
            found = scene(prompt)
            (bridge,), land = [t for t in found.things if "bridge" in t.name], ground(found)
            low, high = extent(bridge.in_world())
            self.assertFalse(land.dry(bridge.at[0], bridge.at[2]), prompt)
            for x in (low[0], high[0]):
                self.assertTrue(land.dry(float(x), bridge.at[2]), prompt)

    def test_the_feet_of_a_long_one_stand_in_the_water(self):
        found = scene("viaduct over a river")
        low, high = extent(found.things[0].in_world())
        near = found.setting.near
        self.assertLess(near, float(low[2]) - 5.0)
        for x in (low[0] + 1.0, high[0] - 1.0):
            self.assertFalse(ground(found).dry(float(x), 0.0))

    def test_without_water_none_runs_there(self):
        self.assertGreater(scene("a red bridge in a garden").setting.near, 1e4)
        self.assertGreater(scene("aqueduct in a desert").setting.near, 1e4)

    def test_who_is_with_it_stands_before_it_on_dry_ground_and_swans_swim(self):
        found = scene("bridge, cow, swans")
        (bridge,), (cow,), swans = (named(found, n) for n in ("bridge", "cow", "swan"))
        half = float(extent(bridge.parts)[1][2])
        self.assertLess(float(extent(cow.in_world())[1][2]), bridge.at[2] - half)
        self.assertTrue(is_dry(found, cow))
        self.assertFalse(any(is_dry(found, swan) for swan in swans))
        steps = sorted(swan.at[0] for swan in swans)
        self.assertGreater(steps[-1] - steps[0], 1.0)  # not in a heap at the bank

    def test_what_is_under_it_is_in_its_arch_afloat_or_on_the_bank(self):
        for prompt, dry in (("rowing boat under a bridge", False), ("man under a bridge", True)):
            found = scene(prompt)
            own, bridge = found.things[:2]
            self.assertLess(abs(own.at[0] - bridge.at[0]), 1.0, prompt)
            self.assertEqual(is_dry(found, own), dry, prompt)
            self.assertEqual(is_dry(found, bridge), dry, prompt)

    def test_who_is_under_something_else_moves_no_river(self):
        found = scene("bridge, cat under a tree, river")
        (bridge,) = named(found, "bridge")
        self.assertFalse(is_dry(found, bridge))

    def test_a_barge_is_not_laid_over_the_banks_of_an_arm(self):
        found = scene("red barge, bridge far, canal")
        self.assertFalse(ground(found).runs_away)
        self.assertFalse(is_dry(found, found.things[0]))
        self.assertTrue(ground(scene("kayak, bridge far, canal")).runs_away)

    def test_boats_on_a_narrow_river_follow_each_other(self):
        found = scene("two boats, bridge, church")
        boats, (bridge,) = named(found, "rowing boat"), named(found, "bridge")
        wide = extent(boats[0].parts)[1][0] * 2
        self.assertGreater(abs(boats[0].at[2] - boats[1].at[2]), wide)
        self.assertFalse(any(is_dry(found, t) for t in (*boats, bridge)))


if __name__ == "__main__":
    unittest.main()
