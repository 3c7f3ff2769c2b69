"""What words make of two things: who holds, rides, crosses, fills, smokes, and where all that is."""

import unittest
from itertools import pairwise

import numpy as np

from overlay.words.composing.scene import compose
from overlay.words.language.grammar import read_prompt
from overlay.words.on_picture import set_on_picture
from overlay.words.things.parts import extent
from overlay.words.wishing.wish import wish_of


def composed(prompt, seed=3):
    return compose(wish_of(read_prompt(prompt)), seed=seed, aspect=1.5)


def of(scene, name):
    return [thing for thing in scene.things if thing.name == name]


def one(scene, name):
    (thing,) = of(scene, name)
    return thing


def reach(thing):
    """Lowest and highest coordinates of a thing where it stands, (3,) each."""
    return extent(thing.in_world())


def spine_rise(animal):
    """How steeply a spine rises from hips to withers, its first two limbs."""
    hips, withers = animal.parts[0].a, animal.parts[1].b
    return (withers[1] - hips[1]) / (withers[0] - hips[0])


def pieces(prompt):
    return [
        (piece.link, piece.head.text if piece.head else "")
        for phrase in read_prompt(prompt).phrases
        for piece in phrase.pieces
    ]


class LinksTest(unittest.TestCase):
    def test_what_one_thing_does_to_another_links_them(self):
        for prompt, expected in {
            "a knight fighting a dragon": [("", "knight"), ("beside", "dragon")],
            "a man feeding ducks": [("", "man"), ("beside", "ducks")],
            "a train crossing a bridge": [("", "train"), ("across", "bridge")],
            "a bicycle leaning on a wall": [("", "bicycle"), ("against", "wall")],
            "a woman carrying a basket": [("", "woman"), ("holding", "basket")],
            "a church surrounded by trees": [("", "church"), ("among", "trees")],
            "a boy flying a kite": [("", "boy"), ("with", "kite")],
            "an oak table": [("", "table")],
        }.items():
            with self.subTest(prompt):
                self.assertEqual(pieces(prompt), expected)

    def test_a_part_of_a_thing_is_no_thing_by_itself(self):
        self.assertEqual(pieces("a cottage with its red chimney"), [("", "cottage")])
        self.assertEqual(pieces("a cottage beside a chimney")[1], ("beside", "chimney"))

    def test_what_a_glass_is_full_of_is_not_drawn_beside_it(self):
        names = [t.name for t in composed("a glass of wine and grapes").things]
        self.assertIn("grapes", names)
        self.assertNotIn("wine", names)

    def test_clothes_and_ruins_tell_of_whom_they_are(self):
        for prompt, head, told in (
            ("a dancer in a red dress", "dancer", "red"),
            ("the ruins of a temple", "temple", "ruined"),
        ):
            (phrase,) = read_prompt(prompt).phrases
            (piece,) = phrase.pieces
            self.assertEqual((piece.head.text, piece.modifiers[0].text), (head, told))
        self.assertEqual(len(pieces("a woman in a boat")), 2)

    def test_a_colour_of_a_part_paints_that_part_and_nothing_else(self):
        wish = wish_of(read_prompt("a church with a red roof"))
        self.assertEqual(wish.things[0].details[0][0], "roof")
        self.assertEqual(wish.tints, ())
        red, plain = composed("a church with a red roof"), composed("a church")
        changed = [
            (one.colour, other.colour)
            for one, other in zip(
                of(red, "church")[0].parts, of(plain, "church")[0].parts, strict=True
            )
            if one.colour != other.colour
        ]
        self.assertTrue(changed)
        self.assertLess(len(changed), len(of(red, "church")[0].parts) // 2)


class BorneTest(unittest.TestCase):
    def test_a_rider_sits_on_the_horse_and_faces_as_it_does(self):
        scene = composed("a knight riding a white horse")
        rider, horse = one(scene, "knight"), one(scene, "horse")
        self.assertEqual(rider.yaw, horse.yaw)
        top = reach(horse)[1][1]
        self.assertLess(rider.at[1], top)
        self.assertGreater(reach(rider)[1][1], top + 0.2)
        self.assertAlmostEqual(rider.at[0], horse.at[0], delta=0.5)

    def test_what_is_held_is_at_the_hands(self):
        scene = composed("a man under an umbrella with a lantern")
        man, umbrella, lantern = (one(scene, n) for n in ("man", "umbrella", "lantern"))
        tall = reach(man)[1][1]
        self.assertGreater(reach(umbrella)[1][1], tall)
        self.assertTrue(0.15 * tall < lantern.at[1] < 0.5 * tall, lantern.at)
        for held in (umbrella, lantern):
            away = np.hypot(held.at[0] - man.at[0], held.at[2] - man.at[2])
            self.assertLess(away, 0.3 * tall)
        self.assertEqual(one(composed("a man with a dog"), "dog").at[1], 0.0)

    def test_smoke_rises_from_the_chimney_and_is_weather_by_itself(self):
        scene = composed("a cottage with smoke from its chimney")
        self.assertAlmostEqual(one(scene, "smoke").at[1], reach(one(scene, "cottage"))[1][1])
        self.assertEqual(of(composed("smoke, meadow"), "smoke"), [])
        clear, thick = composed("a cottage"), composed("a cottage, smoke")
        self.assertEqual(scene.setting.haze, clear.setting.haze)
        self.assertGreater(thick.setting.haze, clear.setting.haze)

    def test_a_train_stands_on_the_bridge_that_it_crosses(self):
        scene = composed("a train crossing a bridge")
        train, bridge = reach(one(scene, "train")), reach(one(scene, "bridge"))
        self.assertGreater(train[0][1], 1.0)
        self.assertGreater(bridge[1][0] - bridge[0][0], 0.7 * (train[1][0] - train[0][0]))

    def test_several_on_a_branch_sit_side_by_side(self):
        owls = of(composed("three owls on a branch"), "owl")
        self.assertEqual(len({round(owl.at[1], 6) for owl in owls}), 1)
        spans = sorted((reach(owl)[0][0], reach(owl)[1][0]) for owl in owls)
        for (_, end), (begin, _) in pairwise(spans):
            self.assertLess(end, begin + 0.05)


class PlacesTest(unittest.TestCase):
    def test_where_a_thing_stands_tells_the_place(self):
        for prompt, place in {
            "a cat sleeping on an armchair": "room",
            "a dog in front of a fireplace": "room",
            "a basket of apples beneath an apple tree": "meadow",
            "a whale beneath the waves": "underwater",
            "a teapot and a lemon": "table",
            "the interior of a cathedral": "hall",
        }.items():
            with self.subTest(prompt):
                self.assertEqual(composed(prompt).place, place)

    def test_weather_stays_out_of_every_place_with_walls(self):
        for place in ("bedroom", "corridor", "hall", "kitchen"):
            dry, wet = composed(f"a cat, {place}"), composed(f"a cat, {place}, fog")
            self.assertEqual(dry.setting.haze, wet.setting.haze, place)

    def test_a_dragon_above_a_castle_is_above_it(self):
        scene = composed("a dragon above a castle")
        dragon, castle = one(scene, "dragon"), one(scene, "castle")
        low = scene.eye.seen_at(reach(dragon)[0][1], dragon.at[2])
        middle = scene.eye.seen_at(0.5 * reach(castle)[1][1], castle.at[2])
        self.assertGreater(low, middle)

    def test_who_is_in_a_river_wades(self):
        bear = one(composed("a bear in a river"), "bear")
        self.assertTrue(-0.6 < bear.at[1] < -0.1, bear.at)
        self.assertEqual(one(composed("a bear beside a river"), "bear").at[1], 0.0)

    def test_a_field_of_flowers_is_full_of_them(self):
        self.assertGreater(len(of(composed("a field of tulips and a windmill"), "tulip")), 60)
        self.assertEqual(len(of(composed("a windmill with tulips"), "tulip")), 5)
        grey = np.full((48, 72, 3), 120, np.uint8)
        near = np.linspace(0, 1, 48, dtype=np.float32)[:, None] * np.ones(72, np.float32)
        found = set_on_picture(grey, near, wish_of(read_prompt("a field of tulips")), 3)
        self.assertGreater(float(found.masks["tulip"].mean()), 0.01)

    def test_lamps_line_a_street_on_both_sides(self):
        lamps = of(composed("a street with lamps at night"), "street lamp")
        self.assertEqual({np.sign(lamp.at[0]) for lamp in lamps}, {-1.0, 1.0})
        self.assertGreaterEqual(len(lamps), 6)
        self.assertEqual(of(composed("a lamp on a table"), "street lamp"), [])

    def test_what_stands_on_a_cliff_or_a_hill_stands_high(self):
        for prompt, thing, under in (
            ("a lighthouse on a cliff", "lighthouse", "cliff"),
            ("a windmill on a hill", "windmill", "hill"),
        ):
            scene = composed(prompt)
            self.assertAlmostEqual(one(scene, thing).at[1], reach(one(scene, under))[1][1], delta=1)
            self.assertGreater(one(scene, thing).at[1], 4.0)

    def test_lightning_is_seen_in_the_air_and_brings_the_storm(self):
        scene, calm = composed("a ship, lightning"), composed("a ship")
        self.assertGreater(reach(one(scene, "lightning bolt"))[1][1], 10)
        self.assertGreater(scene.setting.cloud, calm.setting.cloud)


class PosesTest(unittest.TestCase):
    def test_animals_lie_and_sit(self):
        stands, lies, sits = (
            one(composed(f"a {how} cat"), "cat") for how in ("", "lying", "sitting")
        )
        (tall, low), rise = (np.ptp(reach(cat), axis=0)[1] for cat in (stands, lies)), spine_rise
        self.assertLess(low, 0.75 * tall)
        self.assertLess(abs(rise(stands)), 0.1)
        self.assertGreater(rise(sits), 0.5)

    def test_what_has_hooves_lies_where_others_sit(self):
        sits, lies = (one(composed(f"a {how} deer"), "deer") for how in ("sitting", "lying"))
        np.testing.assert_allclose(reach(sits)[1], reach(lies)[1])

    def test_people_of_a_crowd_are_not_dressed_alike(self):
        people = of(composed("five people"), "person")
        coats = {part.colour for person in people for part in person.parts[:2]}
        self.assertGreater(len(coats), 2)
        red = of(composed("five red people"), "person")
        self.assertEqual(len({person.parts[0].colour for person in red}), 1)


if __name__ == "__main__":
    unittest.main()
