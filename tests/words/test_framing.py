"""Nothing wished for is cut off, and what is said together is seen together."""

import unittest
from dataclasses import replace

from overlay.words.composing.eye import HALF, Eye
from overlay.words.composing.framing import reach_of, rise_of, stepped_back
from overlay.words.composing.scene import compose
from overlay.words.language.grammar import read_prompt
from overlay.words.subjects import subject_of
from overlay.words.things.table import Placed
from overlay.words.wishing.wish import wish_of
from overlay.words.wishing.wished import Wish, Wished

EYE = Eye(6.0, 1.5, -0.2, 1.5)


def wish(prompt):
    return wish_of(read_prompt(prompt))


def scene(prompt, seed=1):
    return compose(wish(prompt), seed=seed, aspect=1.5)


def wished(found):
    return found.things[: found.wished]


def named(found, name):
    return [t for t in wished(found) if t.name == name]


class SteppingBackTest(unittest.TestCase):
    def cow(self, x):
        return Placed("cow", tuple(subject_of("cow").parts()), at=(x, 0.0, 0.0))

    def test_the_eye_steps_back_from_what_is_cut_and_only_from_that(self):
        one = Wish((Wished("cow", subject_of("cow")),))
        self.assertIsNone(stepped_back(EYE, one, [(0, self.cow(0.0))]))
        cut = self.cow(EYE.half_width(0) - 0.3)
        self.assertGreater(reach_of(EYE, cut), 1.03)
        farther = stepped_back(EYE, one, [(0, cut)])
        self.assertLess(reach_of(farther, cut), 1.0)
        self.assertIsNone(stepped_back(EYE, one, [(0, self.cow(40.0))]), "never to be seen whole")

    def test_some_of_a_herd_and_what_bears_others_may_be_cut(self):
        cow = Wished("cow", subject_of("cow"))
        cut = [(0, self.cow(EYE.half_width(0) - 0.3))]
        self.assertIsNone(stepped_back(EYE, Wish((replace(cow, count=8),)), cut))
        hen = Wished("hen", subject_of("hen"), link="on", to=0)
        self.assertIsNone(stepped_back(EYE, Wish((cow, hen)), cut))

    def test_the_lamp_that_one_is_under_is_seen_to_its_top(self):
        found = scene("a black cat under a street lamp, rain")
        (lamp,) = named(found, "street lamp")
        self.assertLess(rise_of(found.eye, lamp), 1.15)

    def test_small_things_on_a_cloth_are_all_in_the_picture(self):
        found = scene("an apple, a pear and three plums on a white cloth")
        fruit = [t for t in wished(found) if t.name != "cloth"]
        self.assertEqual(len(fruit), 5)
        for thing in fruit:
            self.assertLess(reach_of(found.eye, thing), 1.08)
        heights = {round(t.at[1], 2) for t in fruit}
        self.assertEqual(len(heights), 1, "all lie on the cloth")


class TogetherTest(unittest.TestCase):
    def test_who_stands_by_something_large_comes_nearer_and_is_seen(self):
        for prompt in ("a church with two nuns", "a lighthouse with a keeper"):
            found = scene(prompt)
            one = wished(found)[-1]
            self.assertLess(one.at[2], 0, "before the chief thing")
            share = 1.75 / (2 * (one.at[2] + found.eye.away) * HALF)
            self.assertGreater(share, 0.08, prompt)

    def test_eggs_lie_in_their_nest_and_who_is_on_a_bicycle_sits(self):
        self.assertEqual(wish("a nest with three eggs").things[1].link, "holds")
        self.assertEqual(wish("a woman on a bicycle").things[0].pose, "cycle")
        self.assertEqual([t.name for t in wish("an angler in waders").things], ["angler"])

    def test_small_things_are_on_the_rooms_table_none_beside_it(self):
        found = scene("a clock, a mirror and a vase of lilies")
        table = next(t for t in found.things if t.name == "table")
        for name in ("clock", "mirror", "vase"):
            (one,) = named(found, name)
            self.assertLess(abs(one.at[0] - table.at[0]), 0.5 * subject_of("table").size[0], name)

    def test_toys_are_small_and_looked_at_from_near(self):
        (toy,), (real,) = (named(scene(p), "horse") for p in ("a toy horse", "a horse"))
        self.assertLess(toy.scale, 0.2 * real.scale)
        self.assertLess(scene("a toy horse").eye.away, 0.4 * scene("a horse").eye.away)
        self.assertEqual([t.name for t in wish("a toy").things], ["toy"])

    def test_rowing_and_cycling_bring_what_they_are_done_with(self):
        for prompt, brought in (
            ("a man rowing across a lake", "rowing boat"),
            ("a girl cycling", "bicycle"),
        ):
            who, what = wish(prompt).things
            self.assertEqual((who.to, what.subject.word), (1, brought))
        self.assertEqual(wish("a rowing boat").things[0].subject.word, "rowing boat")

    def test_a_creature_on_a_hill_is_near_and_trees_keep_to_the_ground(self):
        found = scene("a fox on a hill beside a tree")
        (fox,), (tree,) = named(found, "fox"), named(found, "tree")
        self.assertGreater(fox.at[1], 0.5)
        self.assertLess(found.eye.away, 12)
        self.assertEqual(tree.at[1], 0.0)

    def test_each_rides_a_mount_of_its_own(self):
        found = scene("three kings on camels in the desert")
        kings, camels = named(found, "king"), named(found, "camel")
        self.assertEqual((len(kings), len(camels)), (3, 3))
        for king, camel in zip(kings, camels, strict=True):
            self.assertLess(abs(king.at[0] - camel.at[0]), 0.8)

    def test_who_swings_is_on_the_seat_not_on_the_beam(self):
        found = scene("a girl on a swing")
        (girl,) = named(found, "girl")
        self.assertLess(girl.at[1], 0.4)

    def test_both_of_a_couple_sit_on_their_bench(self):
        things = wish("a couple on a bench").things
        self.assertEqual([(t.link, t.pose) for t in things[:2]], [("on", "sit")] * 2)
        self.assertEqual(things[2].subject.word, "bench")

    def test_flowers_on_a_table_stand_in_a_vase(self):
        for prompt in ("roses on a table", "a table with wine and roses"):
            things = wish(prompt).things
            (roses,) = (t for t in things if t.subject.word == "rose")
            self.assertEqual((roses.link, things[roses.to].subject.word), ("holds", "vase"), prompt)

    def test_small_things_heap_up_in_a_bowl_and_those_counted_do_not(self):
        def in_bowl(prompt):
            return sum(t.count for t in wish(prompt).things if t.link == "holds")

        self.assertGreaterEqual(in_bowl("a bowl of cherries"), 10)
        self.assertEqual(in_bowl("a bowl of three plums"), 3)
        found = scene("a bowl of cherries")
        heights = [t.at[1] for t in named(found, "cherries")]
        self.assertGreater(max(heights), min(heights))

    def test_what_is_on_a_plate_together_shares_it(self):
        plate, fish, lemon = wish("a plate with a fish and a slice of lemon").things
        self.assertEqual([(t.link, t.to) for t in (fish, lemon)], [("holds", 0)] * 2)
        self.assertGreater(plate.subject.size[0] * plate.size, fish.subject.size[0])

    def test_a_mouse_beside_a_cheese_on_a_table_is_on_it_too(self):
        mouse, cheese, table = wish("a mouse beside a cheese on a table").things
        self.assertEqual([mouse.link, cheese.link, table.subject.word], ["on", "on", "table"])

    def test_under_a_mushroom_one_is_lower_and_on_a_skull_there_is_room(self):
        fairy, mushroom = wish("a fairy under a mushroom").things
        self.assertGreater(mushroom.subject.height * mushroom.size, fairy.subject.height)
        raven, skull = wish("a raven on a skull").things
        self.assertGreater(skull.subject.size[0] * skull.size, 0.5 * raven.subject.size[0])


class MeaningTest(unittest.TestCase):
    def words(self, prompt):
        return [t.subject.word for t in wish(prompt).things]

    def test_a_crane_is_a_bird_but_where_people_load(self):
        self.assertEqual(self.words("a crane in a meadow"), ["crane"])
        self.assertEqual(self.words("a crane in a harbour"), ["harbour crane"])

    def test_trades_are_people(self):
        for trade in ("clockmaker", "goldsmith", "sailmaker", "shipwright"):
            self.assertEqual(self.words(f"a {trade} in his workshop"), ["person"], trade)
        self.assertEqual(self.words("two horsewomen"), ["rider", "horse"])
        self.assertNotIn("person", self.words("a snowman"))

    def test_a_road_runs_through_the_place_that_is_said_with_it(self):
        found = wish("a path through a forest")
        self.assertEqual(found.place, "forest")
        self.assertTrue(any("path=" in effects for effects, _ in found.effects))

    def test_a_cliff_is_a_thing_where_it_is_said_like_one(self):
        self.assertEqual(self.words("a cliff with gulls"), ["cliff top", "gull"])

    def test_parts_are_painted_and_no_things_by_themselves(self):
        (boat,) = wish("a sailing boat with red sails").things
        self.assertEqual([part for part, _ in boat.details], ["sail"])
        (barge,) = wish("a barge with a blue cabin").things
        self.assertEqual([part for part, _ in barge.details], ["cabin"])
        self.assertEqual(self.words("a cabin beside a lake"), ["cabin"])

    def test_the_colour_of_what_is_not_known_is_no_tint(self):
        self.assertEqual(wish("a shop with a red frobnicator").tints, ())
        self.assertNotEqual(wish("a shop, red").tints, ())

    def test_smoking_a_pipe_is_no_weather(self):
        self.assertEqual(wish("an old sailor smoking a pipe").weather, ())

    def test_the_weather_of_a_hill_is_the_scenes(self):
        self.assertIn("snow", [word for word, _ in wish("a fox on a snowy hill").weather])

    def test_a_markets_goods_lie_on_its_stalls_and_a_clock_is_on_its_tower(self):
        self.assertEqual(self.words("a market with fruit and flowers"), ["stall"])
        self.assertEqual(self.words("a tower with a clock"), ["clock tower"])
        self.assertEqual(self.words("a table with a clock"), ["table", "clock"])

    def test_looking_over_a_fence_is_standing_behind_it(self):
        horse = wish("a horse looking over a fence").things[0]
        self.assertEqual((horse.link, horse.flies), ("behind", False))

    def test_who_sleeps_on_a_bench_sits_there(self):
        self.assertEqual(wish("a tramp asleep on a bench").things[0].pose, "sit")

    def test_a_heron_leads_before_the_reeds_that_are_said_first(self):
        self.assertEqual(scene("a lake with reeds and a heron").chief, "heron")
        self.assertEqual(scene("reeds, a lake").chief, "reeds")


class InSightTest(unittest.TestCase):
    def test_a_small_creature_on_a_perch_is_seen_against_the_sky(self):
        found = scene("a robin on a fence")
        robin = named(found, "robin")[0]
        tall = subject_of("robin").height
        self.assertLess(found.eye.height - robin.at[1], 0.3 * tall)
        self.assertLess(found.eye.horizon, found.eye.seen_at(robin.at[1] + 0.6 * tall, 0.0))
        on_table = scene("a cat on a table")
        self.assertGreater(on_table.eye.height - named(on_table, "cat")[0].at[1], 0.3)

    def test_a_moon_is_in_the_picture_wherever_the_horizon_lies(self):
        for prompt in ("an owl on a branch, full moon", "full moon, high horizon", "moonlight"):
            found = scene(prompt)
            x, y, z = found.setting.moon
            seen = found.eye.horizon + y / z / HALF
            self.assertTrue(found.eye.horizon < seen < 0.87, prompt)
            self.assertLess(abs(x / z / HALF / found.eye.aspect), 0.9)
        self.assertEqual(scene("a fox").setting.moon, (0.0, 0.0, 0.0))

    def test_ladders_and_pots_stand_before_a_house_and_pots_on_a_sill(self):
        for prompt, name in (("a house with a ladder", "ladder"), ("a house, flower pots", "pot")):
            found = scene(prompt)
            house = named(found, "house")[0]
            others = [t for t in wished(found) if name in t.name]
            self.assertTrue(others, prompt)
            self.assertTrue(all(t.at[2] < house.at[2] for t in others), prompt)
        sill = scene("a cat on a windowsill, flower pots")
        top = named(sill, "cat")[0].at[1]
        self.assertGreater(top, 0.5)
        self.assertTrue(all(t.at[1] == top for t in named(sill, "flower pot")))

    def test_what_an_animal_has_is_where_the_animal_is(self):
        found = scene("a squirrel holding an acorn on a stump")
        squirrel, acorn = named(found, "squirrel")[0], named(found, "acorn")[0]
        self.assertGreater(squirrel.at[1], 0.3)
        self.assertAlmostEqual(acorn.at[1], squirrel.at[1], delta=0.05)

    def test_what_hangs_is_under_its_branch_and_off_the_ground(self):
        for prompt in ("a lantern hanging from a branch", "a lantern is suspended from a tree"):
            found = scene(prompt)
            lantern, branch = named(found, "lantern")[0], wished(found)[1]
            top = lantern.at[1] + subject_of("lantern").height
            self.assertTrue(0.2 < lantern.at[1] < top < subject_of("branch").height, prompt)
            self.assertEqual(found.place, "meadow")
            self.assertLess(abs(branch.at[2] - lantern.at[2]), 0.5)
