"""What is said of a thing becomes part of it; what two things share makes them fit."""

import unittest

import numpy as np

from overlay.words.composing.furnishing import read_furnishing
from overlay.words.composing.scene import compose
from overlay.words.language.grammar import read_prompt
from overlay.words.subjects import subject_of
from overlay.words.things.parts import Shape, Skin, extent
from overlay.words.wishing.wish import wish_of


def wish(prompt):
    return wish_of(read_prompt(prompt))


def words(prompt):
    return [t.subject.word for t in wish(prompt).things]


def scene(prompt, seed=1):
    found = compose(wish(prompt), seed=seed, aspect=1.5)
    return found, {t.name: t for t in found.things[: found.wished]}


def skins(thing):
    return {p.skin for p in thing.parts}


class PartsTest(unittest.TestCase):
    def test_beams_ivy_and_a_sign_are_added_to_the_house_they_are_said_of(self):
        plain = len(subject_of("house").parts())
        for said in ("half-timbered house", "house covered in ivy", "house with a hanging sign"):
            _, found = scene(f"a {said} in a meadow")
            self.assertEqual(list(found), ["house"], said)
            self.assertGreater(len(found["house"].parts), plain + 3, said)
        _, found = scene("a cottage overgrown with ivy")
        self.assertIn(Shape.CROWN, {p.shape for p in found["cottage"].parts})

    def test_a_ruin_has_no_roof_and_is_lower_than_what_it_was(self):
        for word in ("abbey", "castle", "tower", "house"):
            _, old = scene(f"a ruined {word}")
            _, new = scene(f"a {word}")
            self.assertIn(Skin.ROOF, skins(new[word]), word)
            self.assertNotIn(Skin.ROOF, skins(old[word]), word)
            high = [extent(t.parts)[1][1] for t in (old[word], new[word])]
            self.assertLess(high[0], 0.95 * high[1], word)

    def test_a_quality_that_a_thing_has_no_figure_for_leaves_it(self):
        said, plain = (subject_of("fox").parts(**extra) for extra in ({"timber": "yes"}, {}))
        self.assertEqual([p.a for p in said], [p.a for p in plain])
        self.assertEqual(len(scene("a half-timbered fox")[1]["fox"].parts), len(plain))

    def test_sacks_are_on_the_donkeys_back(self):
        found = wish("a donkey loaded with sacks").things
        self.assertEqual([t.subject.word for t in found], ["donkey"])
        loaded, plain = (subject_of("donkey").parts(pack=p) for p in ("yes", ""))
        self.assertEqual([p.a for p in loaded[: len(plain)]], [p.a for p in plain])
        low = min(p.a[1] for p in loaded[len(plain) :])
        self.assertGreater(low, 0.4 * subject_of("donkey").height)

    def test_glasses_are_drunk_from_unless_they_are_read_with(self):
        self.assertEqual(words("two glasses of wine")[0], "glass")
        worn = wish("reading glasses on a book").things[0]
        self.assertEqual((worn.subject.word, worn.count), ("spectacles", 1))

    def test_a_cake_has_its_own_candles_and_a_table_others(self):
        self.assertEqual(words("a cake with candles"), ["cake"])
        self.assertEqual(words("a birdcage with a bird"), ["birdcage"])
        self.assertIn("candle", words("a table with candles"))


class SaidTest(unittest.TestCase):
    def test_whose_room_it_is_needs_nobody_on_its_shelves(self):
        found = wish("a baker's kitchen with loaves on shelves")
        self.assertEqual((found.place, [t.subject.word for t in found.things]),
                         ("kitchen", ["bread shelf"]))  # fmt: skip
        self.assertIn("baker", words("a baker in a kitchen"))

    def test_a_boat_that_one_rows_is_no_verb_where_it_is_said_beside(self):
        mill, boat = wish("a windmill and a rowing boat").things
        self.assertEqual((mill.link, boat.subject.word), ("", "rowing boat"))
        self.assertEqual(words("a man rowing on a lake"), ["man", "rowing boat"])

    def test_a_caravan_is_a_row(self):
        (camels,) = wish("a camel caravan in the dunes").things
        self.assertGreater(camels.count, 3)
        self.assertTrue(camels.in_row)

    def test_a_kite_in_the_air_does_not_take_its_girl_off_the_hill(self):
        girl, kite, hill = wish("a girl with a kite on a hill").things
        self.assertEqual((girl.link, girl.to), ("on", 2))
        self.assertEqual((kite.to, hill.subject.word), (0, "knoll"))

    def test_a_wood_of_one_kind_has_no_other(self):
        for prompt in ("a birch forest", "a forest of birches"):
            found = wish(prompt)
            zones = read_furnishing(" ".join(f"{zone}:{what}" for zone, what in found.fills))
            self.assertEqual({z.word for z in zones}, {"birch"}, prompt)
            self.assertGreater(sum(z.count for z in zones), 30, prompt)
            self.assertEqual((found.place, found.things), ("forest", ()), prompt)

    def test_a_street_has_the_houses_that_were_said(self):
        self.assertIn(("sides", "timbered_house*8"), wish("a street of half-timbered houses").fills)
        self.assertIn(("sides", "townhouse*8"), wish("a street of houses").fills)


class FittingTest(unittest.TestCase):
    def test_a_fish_lies_on_its_plate(self):
        found, things = scene("a fish on a plate")
        low = extent(things["fish"].in_world())[0][1]
        self.assertLess(abs(low - things["plate"].at[1]), 0.06)
        self.assertTrue(found)

    def test_several_are_within_their_plates_rim(self):
        found, things = scene("three apples on a plate")
        low, high = extent(things["plate"].in_world())
        for thing in (t for t in found.things[: found.wished] if t.name == "apple"):
            self.assertGreater(thing.at[0], low[0])
            self.assertLess(thing.at[0], high[0])

    def test_a_castles_corners_reach_the_sides_of_its_hill(self):
        _, found = scene("a castle on a hill")
        castle, hill = found["castle"], found["hill"]
        knoll = subject_of("knoll")
        wide, tall = knoll.size[0] * hill.scale / 2, knoll.height * hill.scale
        out = subject_of("castle").size[0] * castle.scale / 2
        there = tall * float(np.sqrt(1 - (out / wide) ** 2))
        self.assertLessEqual(castle.at[1], there + 0.05)
        self.assertGreater(castle.at[1], 0.5 * tall)

    def test_a_bridge_is_higher_than_the_train_under_it_and_a_boat_needs_no_such_one(self):
        train, bridge = wish("a train under a bridge").things
        self.assertGreater(bridge.tall, 1.5 * train.tall)
        self.assertEqual(wish("a boat under a bridge").things[1].size, 1.0)

    def test_lanterns_hang_over_the_dancers_and_one_stands(self):
        dancers, line = wish("two people dancing under lanterns").things
        self.assertEqual((line.subject.word, line.count), ("lantern line", 1))
        self.assertGreater(line.tall, 1.4 * dancers.tall)
        self.assertEqual(words("a man under a lantern")[1], "lantern")

    def test_bees_are_over_their_hive_and_beside_a_man(self):
        bees, hive = wish("bees around a hive").things
        self.assertEqual((bees.link, hive.subject.word), ("hovers", "beehive"))
        self.assertNotEqual(wish("bees around a man").things[0].link, "hovers")

    def test_what_is_on_a_cliff_has_air_over_it(self):
        found, things = scene("a temple on a headland above the sea")
        top = float(extent(things["temple"].in_world())[1][1])
        self.assertEqual(found.place, "sea")
        self.assertLess(found.eye.seen_at(top, things["temple"].at[2]), 1.0)

    def test_an_oak_that_a_squirrel_is_under_is_in_the_picture(self):
        found, things = scene("a squirrel under an oak")
        oak = things["oak"]
        self.assertLess(abs(oak.at[0]), found.eye.half_width(oak.at[2]))
