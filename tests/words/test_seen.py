"""What is said is in the picture: on its feet, in its cage, on its hill, before what is larger."""

import unittest

from overlay.words.composing.bearing import topmost
from overlay.words.things.families.built.landmarks import flames
from overlay.words.things.families.goods.keeping import birdcage
from overlay.words.things.families.living.trees import tree
from overlay.words.things.parts import extent
from tests.words.test_framing import scene, wish
from tests.words.test_told import words
from tests.words.test_told_apart import placed


def share(found, thing):
    """Of the picture's height."""
    low, high = extent(thing.in_world())
    seen = [found.eye.seen_at(float(y), thing.at[2]) for y in (low[1], high[1])]
    return (seen[1] - seen[0]) / 2


class SmallTest(unittest.TestCase):
    def test_what_is_with_something_many_times_as_large_is_made_out_and_has_its_feet_in_the_picture(
        self,
    ):
        for prompt, name in (
            ("a waterfall in a jungle with parrots", "parrot"), ("an iceberg with penguins", "penguin"),
            ("a stable with a donkey and hay", "donkey"), ("a castle with two ravens", "raven"),
        ):  # fmt: skip
            found = scene(prompt)
            for small in (t for t in found.things[: found.wished] if t.name == name):
                self.assertGreater(share(found, small), 0.05, prompt)
                self.assertGreater(found.eye.seen_at(0.0, small.at[2]), -1.0, prompt)

    def test_a_book_beside_a_vase_is_not_cut_by_the_bottom(self):
        found = scene("a vase of tulips beside an open book", seed=0)
        book = next(t for t in found.things if t.name == "open book")
        self.assertGreater(found.eye.seen_at(book.at[1], book.at[2]), -0.985)

    def test_houses_below_a_mountain_are_before_it(self):
        found = scene("a village below a volcano")
        houses = [t for t in found.things if t.name in {"house", "cottage"}]
        self.assertGreater(len(houses), 1)
        self.assertTrue(all(share(found, t) > 0.04 for t in houses))
        self.assertEqual(len(placed("a village below a volcano", "volcano")), 1)


class CageTest(unittest.TestCase):
    def test_a_bird_is_in_its_cage_and_alone_there(self):
        (parrot,), (cage,) = (placed("a parrot in a cage", n) for n in ("parrot", "birdcage"))
        inside, bars = (extent(t.in_world()) for t in (parrot, cage))
        self.assertTrue((inside[0] >= bars[0] - 0.02).all() and (inside[1] <= bars[1] + 0.02).all())
        self.assertNotIn("#e6c23a", {p.colour for p in cage.parts})
        self.assertIn("#e6c23a", {p.colour for p in birdcage()})

    def test_birds_on_a_wire_sit_and_birds_over_it_fly(self):
        sits, flies = (wish(f"two swallows {how} a wire").things[0] for how in ("on", "over"))
        self.assertEqual((sits.subject.family, flies.subject.family), ("bird", "flying_bird"))
        self.assertEqual(wish("a bat on a branch").things[0].subject.family, "flying_bird")
        self.assertEqual(wish("a swallow on a wire").things[0].subject.word, "swallow")


class DownTest(unittest.TestCase):
    def test_who_sleeps_lies_on_the_ground_or_in_bed(self):
        (boy,) = placed("a boy sleeping under a willow", "boy")
        low, high = extent(boy.in_world())
        self.assertLess(high[1] - low[1], 0.35 * max(high[0] - low[0], high[2] - low[2]))
        self.assertLess(abs(low[1]), 0.1)
        self.assertEqual(wish("a girl asleep in a bed").things[0].pose, "lie")
        self.assertEqual(wish("a girl asleep in a chair").things[0].pose, "sit")

    def test_two_beasts_and_a_man_plough(self):
        self.assertEqual(words("a farmer ploughing with two horses"), ["horse plough"])
        self.assertEqual(words("a man ploughing a field with an ox"), ["ox plough"])
        self.assertEqual(words("a farmer with two horses"), ["farmer", "horse"])


class HighTest(unittest.TestCase):
    def test_what_is_built_above_the_clouds_is_on_a_peak_that_bears_it(self):
        monastery = wish("a monastery on a mountain above the clouds")
        self.assertEqual((monastery.place, monastery.things[0].link), ("cloud tops", "on"))
        self.assertEqual(wish("an aeroplane above the clouds").things[0].to, None)

    def test_a_ledge_is_of_rock_and_of_a_window_indoors(self):
        self.assertEqual(words("a goat on a rocky ledge"), ["goat", "cliff top"])
        self.assertEqual(words("a cat on a ledge"), ["cat", "windowsill"])

    def test_a_town_on_a_hill_is_seen_from_below_it(self):
        for prompt in ("a medieval town on a hill at dusk", "a white village on a hilltop"):
            self.assertEqual(words(prompt), ["hill town"])
        self.assertEqual(words("a house on a hill"), ["house", "knoll"])
        self.assertEqual(words("a village"), [])

    def test_who_walks_on_a_ridge_is_seen_and_not_the_ridge_alone(self):
        found = scene("a group of hikers on a ridge")
        first = placed("a group of hikers on a ridge", "hikers")[0]
        self.assertGreater(share(found, first), 0.09)
        self.assertEqual(found.chief, "hikers")

    def test_a_village_from_above_is_looked_down_upon(self):
        found = scene("a village seen from above")
        self.assertTrue(found.eye.above)
        self.assertGreater(found.eye.height, 10)
        self.assertFalse(scene("a village").eye.above)

    def test_a_temple_on_stairs_and_a_tree_in_the_snow_are_out_of_doors(self):
        self.assertEqual(scene("a temple at the top of a long staircase").place, "meadow")
        self.assertEqual(scene("a long staircase").place, "hall")
        self.assertEqual(scene("a christmas tree in the snow").place, "meadow")
        self.assertEqual(scene("a christmas tree").place, "room")

    def test_a_star_that_falls_brings_its_night(self):
        self.assertEqual(words("a shooting star over a tent"), ["comet", "tent"])
        self.assertGreater(scene("a shooting star over a tent").setting.stars, 0.3)
        self.assertEqual(wish("a small boat under a huge wave").place, "rough sea")

    def test_guards_of_a_castle_gate_stand_before_it(self):
        guards = placed("a castle gate with two guards", "guards")
        self.assertEqual([t.at[1] for t in guards], [0.0, 0.0])

    def test_lightning_is_over_what_is_in_the_storm(self):
        mill, hill, bolt = wish("a windmill on a hill in a thunderstorm").things
        self.assertEqual((mill.link, mill.to, bolt.link), ("on", 1, "and"))
        self.assertEqual(hill.link, "")

    def test_a_volcano_said_of_the_sea_is_an_island_with_its_own_lava(self):
        found = scene("a volcano erupting at night, lava flowing into the sea")
        self.assertEqual((found.place, found.wished), ("sea", 1))
        self.assertEqual(words("a volcano with glowing lava"), ["volcano"])

    def test_fire_is_all_along_a_roof(self):
        (house,), (fire,) = (placed("a house on fire", n) for n in ("house", "fire"))
        low, high = extent(fire.in_world())
        walls = extent(house.in_world())
        self.assertGreater(high[0] - low[0], 0.4 * (walls[1][0] - walls[0][0]))
        ridge = topmost(house, roof=True)
        self.assertLess(ridge[1], topmost(house)[1], "lower than the chimney")
        self.assertGreater(ridge[1], 0.5 * walls[1][1])
        self.assertEqual(len(flames(beside=2)), 3 * len(flames()))


class FullTest(unittest.TestCase):
    def test_flowers_said_after_something_else_fill_their_meadow(self):
        self.assertIn("poppy", dict(wish("a meadow with butterflies and poppies").fills)["carpet"])
        self.assertEqual(wish("butterflies and poppies").fills, ())

    def test_flowers_leave_corn_golden(self):
        gold, green = (
            scene(f"a church in a {w} with poppies").setting for w in ("wheat field", "field")
        )
        self.assertGreater(int(gold.first[1:3], 16), 1.2 * int(green.first[1:3], 16))

    def test_an_alley_has_its_houses_at_both_sides(self):
        self.assertIn(
            "townhouse", dict(wish("an alley with laundry between houses").fills)["sides"]
        )
        self.assertEqual(words("an alley with laundry between houses"), ["washing line"])

    def test_fruit_is_on_its_tree(self):
        for prompt, hung in (("an apple tree with red apples", 1), ("an apple tree", 0)):
            self.assertEqual(words(prompt), ["apple tree"])
            (grown,) = placed(prompt, "apple tree")
            bare = len(tree(h=4.5, trunk=0.05, bare=0.26, wide=1.3, crown=0.2, leaf="#6a8a3c"))
            self.assertEqual(len(grown.parts) > bare + 30, bool(hung), prompt)

    def test_trees_are_of_the_kind_that_is_said(self):
        self.assertEqual(words("a vineyard with cypress trees"), ["cypress"])
        self.assertEqual(words("a vineyard with trees"), ["tree"])

    def test_a_stack_that_is_drawn_as_one_is_one(self):
        self.assertEqual(wish("a stack of pancakes").things[0].count, 1)
        self.assertEqual(wish("three apples").things[0].count, 3)

    def test_what_eats_in_a_tree_is_in_the_tree(self):
        monkey, banana, branch = wish("a monkey eating a banana in a tree").things
        self.assertEqual((monkey.link, monkey.to, branch.subject.word), ("on", 2, "branch"))
        self.assertEqual(banana.to, 2)

    def test_umbrellas_of_a_street_are_carried(self):
        umbrellas, people = wish("a rainy day in the city with umbrellas").things
        self.assertEqual((umbrellas.link, umbrellas.to), ("held", 1))
        self.assertEqual((people.subject.family, people.count), ("figure", umbrellas.count))
        self.assertEqual(len(wish("a beach with umbrellas").things), 1)
        self.assertEqual(len(wish("a red umbrella in a street").things), 1)

    def test_a_tree_over_a_basket_is_low_and_out_of_doors(self):
        found = scene("a basket of apples under a tree")
        self.assertEqual(found.place, "meadow")
        (grown,) = placed("a basket of apples under a tree", "tree")
        low, high = extent(grown.in_world())
        self.assertLess(high[1] - low[1], 4.5)

    def test_a_stone_lion_is_a_statue_at_home_anywhere(self):
        self.assertEqual(words("a stone lion at a gate")[0], "lion")
        self.assertIn("stone plinth", words("a stone lion at a gate"))
        self.assertEqual(scene("a stone lion at a gate").place, "meadow")
        self.assertEqual(scene("a lion at a gate").place, "savannah")

    def test_a_bookshop_keeps_its_shelves_beside_its_window(self):
        found = scene("a bookshop with a cat in the window")
        shelves = [t for t in found.things if t.name == "bookcase"]
        self.assertEqual((len(shelves), found.setting.window), (2, 2.0))
        self.assertTrue(all(abs(t.at[0]) > 1.2 for t in shelves))
        bed = scene("a bedroom with a chair by the window").things
        self.assertNotIn("bed", {t.name for t in bed})

    def test_gardens_are_named_after_what_they_are_for(self):
        self.assertEqual(wish("a kitchen garden with cabbages").place, "garden")
        self.assertEqual(wish("a kitchen with cabbages").place, "kitchen")
        cacti = wish("a cactus garden in the desert")
        self.assertEqual((cacti.place, cacti.things[0].count), ("desert", 4))

    def test_birds_that_take_off_or_hover_fly(self):
        self.assertTrue(wish("a swan taking off from a lake").things[0].flies)
        self.assertEqual(words("a red kite hovering over a valley"), ["hawk"])
        self.assertEqual(words("a red kite over a valley"), ["kite"])
        self.assertEqual(wish("a hummingbird and a hibiscus flower").things[0].link, "hovers")

    def test_each_of_several_vases_has_flowers_of_its_own(self):
        prompt = "three vases of tulips on a table"
        vases, tulips = (placed(prompt, n) for n in ("vase", "tulip"))
        self.assertEqual((len(vases), len(tulips)), (3, 9))
        for vase in vases:
            near = [t for t in tulips if abs(t.at[0] - vase.at[0]) < 0.15]
            self.assertEqual(len(near), 3)
        self.assertEqual(len(placed("a vase of tulips", "tulip")), 5)

    def test_many_are_many_and_trains_of_mules_have_no_engine(self):
        self.assertGreater(wish("a sheepdog herding sheep").things[1].count, 2)
        self.assertEqual(wish("a dog beside a sheep").things[1].count, 1)
        self.assertEqual(words("a mule train on a mountain pass"), ["donkey"])
        self.assertGreater(wish("a hot air balloon festival over the hills").things[0].count, 2)
        self.assertEqual(words("a goldfish bowl"), ["goldfish", "fish bowl"])

    def test_lightning_comes_down_to_the_ground(self):
        (bolt,) = placed("a thunderstorm over a wheat field", "lightning bolt")
        self.assertLess(bolt.at[1], 0.5)

    def test_lanterns_of_a_street_hang_over_it(self):
        self.assertEqual(words("a snowy village street with lanterns"), ["lantern line"])
        self.assertIn("lantern line", words("a night market with lanterns"))
        self.assertEqual(words("a street with a lantern"), ["lantern"])

    def test_fish_about_a_wreck_and_a_submarine_among_jellyfish_are_under_water(self):
        for prompt in ("a school of fish around a shipwreck", "a submarine among jellyfish"):
            self.assertEqual(wish(prompt).place, "underwater", prompt)
        self.assertEqual(wish("a school by the sea").things[0].subject.word, "school")
        self.assertEqual(wish("a shipwreck").place, "")
        several = wish("a submarine among jellyfish").things[1]
        self.assertGreater(several.count, 2)

    def test_a_city_seen_from_across_a_river_is_beyond_it(self):
        found = scene("a city skyline seen from across the river")
        self.assertEqual(found.place, "skyline")
        towers = [t for t in found.things if t.name == "skyscraper"]
        self.assertTrue(towers and all(t.at[2] > found.setting.near for t in towers))

    def test_a_bus_stop_is_one_and_terraced_houses_stand_on_no_terrace(self):
        self.assertEqual(words("a bus stop in the snow"), ["bus shelter"])
        self.assertEqual(wish("a row of terraced houses").place, "")
        self.assertGreater(wish("deck chairs on a beach").things[0].count, 2)
        self.assertEqual(wish("a beach with deck chairs").place, "beach")
