"""What things rest on, where copies stand, how families keep their proportions."""

import unittest
from dataclasses import replace

import numpy as np

from overlay.words.composing.chance import stream
from overlay.words.composing.copies import about, along, in_holder, in_row
from overlay.words.composing.eye import Eye, eye_of, share_of
from overlay.words.composing.furnishing import read_furnishing
from overlay.words.composing.rest import resting_place
from overlay.words.composing.spots import overlap
from overlay.words.composing.turning import yaw_of
from overlay.words.subjects import flying, subject_of
from overlay.words.things.families.living.figures import HAND, figure
from overlay.words.things.families.taught import cutout
from overlay.words.things.parts import extent
from overlay.words.things.table import Placed
from overlay.words.wishing.filling import laden
from overlay.words.wishing.fitting import FITTING, SMALL, aloft
from overlay.words.wishing.wished import Wish, Wished

EYE = Eye(6.0, 1.5, -0.2, 1.5)


def thing(word, **keys):
    return Wished(word, subject_of(word), **keys)


def placed(word, **keys):
    return Placed(word, tuple(subject_of(word).parts()), **keys)


def paired(a, b, link):
    return next((found for rule in FITTING if (found := rule(a, b, link, 1))), None)


class RestTest(unittest.TestCase):
    def test_things_rest_on_seats_and_tops_and_in_bowls(self):
        _, chair, _ = resting_place(placed("chair"))
        self.assertTrue(0.3 * subject_of("chair").height < chair < 0.6 * subject_of("chair").height)
        _, table, _ = resting_place(placed("table"))
        self.assertAlmostEqual(table, subject_of("table").height, delta=0.03)
        _, bowl, _ = resting_place(placed("bowl"), inside=True)
        self.assertLess(bowl, 0.8 * subject_of("bowl").height)

    def test_scale_and_place_carry_over(self):
        x, y, z = resting_place(placed("table", at=(2.0, 0.0, 5.0), scale=0.5))
        plain = resting_place(placed("table"))
        self.assertAlmostEqual(y, 0.5 * plain[1], delta=0.02)
        self.assertTrue(abs(x - 2.0) < 0.5 and abs(z - 5.0) < 0.5)


class CopiesTest(unittest.TestCase):
    def test_a_row_goes_away_from_the_eye_and_towards_the_middle(self):
        spots = [in_row(thing("poplar"), (-3.0, 0.0, 2.0), k) for k in range(4)]
        self.assertEqual(spots[0], (-3.0, 0.0, 2.0))
        self.assertTrue((np.diff([s[0] for s in spots]) > 0).all())
        self.assertTrue((np.diff([s[2] for s in spots]) > 0).all())

    def test_what_a_bowl_holds_stays_in_it(self):
        pear, bowl = thing("pear"), thing("bowl")
        for copy in range(1, 6):
            x, y, z = in_holder(pear, bowl, (0.0, 0.1, 0.0), copy, stream(3, 1, copy))
            self.assertLess(np.hypot(x, z), 0.5 * bowl.subject.size[0])
            self.assertGreaterEqual(y, 0.1)

    def test_along_something_narrow_they_stand_side_by_side_and_on_it(self):
        cup, under = thing("cup"), placed("tray", at=(1.0, 0.0, 0.0))
        taken = [(1.0, 0.03, 0.0)]
        for _ in range(2):
            taken.append(along(cup, under, 0.5, taken, before=lambda at: 0.0))
        places = sorted(x for x, _, _ in taken)
        self.assertGreater(min(np.diff(places)), 0.9 * cup.subject.size[0])
        self.assertTrue(places[0] > 0.75 and places[-1] < 1.25)

    def test_they_keep_off_what_they_would_hide(self):
        cow, first = thing("cow", count=5), (0.0, 0.0, 0.0)

        def left_is_taken(at):
            return 50.0 if at[0] < 0 else 0.0

        spots = [about(cow, [first], k, eye=EYE, chance=stream(1, 2, k), before=left_is_taken)
                 for k in range(1, 5)]  # fmt: skip
        self.assertTrue(all(x >= 0 for x, _, _ in spots))

    def test_overlap_is_a_share_of_the_smaller(self):
        big, small = (-1.0, 1.0, -1.0, 1.0), (0.5, 1.5, 0.0, 0.5)
        self.assertAlmostEqual(overlap(big, small), 0.5)
        self.assertEqual(overlap(big, (1.0, 2.0, 0.0, 1.0)), 0.0)
        self.assertEqual(overlap(small, small), 1.0)


class FittingTest(unittest.TestCase):
    def test_who_rides_sits_astride_of_an_animal_only(self):
        a, _ = paired(thing("knight"), thing("horse"), "riding")
        self.assertEqual((a.pose, a.link, a.to), ("ride", "on", 1))
        self.assertEqual(paired(thing("boy"), thing("bicycle"), "riding")[0].pose, "cycle")

    def test_a_bridge_is_as_wide_as_what_crosses_it(self):
        train, bridge = paired(thing("train"), thing("bridge"), "across")
        self.assertEqual(train.link, "on")
        self.assertGreater(bridge.size * bridge.subject.size[0], 0.85 * train.subject.size[0])
        beside, _ = paired(thing("train"), thing("barn"), "across")
        self.assertEqual(beside.link, "beside")

    def test_only_over_small_things_something_hovers(self):
        bird, _ = paired(thing("sparrow"), thing("flower"), "over")
        self.assertEqual((bird.link, bird.subject.family), ("hovers", "flying_bird"))
        self.assertIsNone(paired(thing("sparrow"), thing("castle"), "over"))
        self.assertIsNone(paired(thing("sparrow"), thing("flower"), "on"))

    def test_a_cliff_is_a_ledge_for_a_goat_and_wider_than_a_castle(self):
        goat, cliff = thing("goat"), thing("cliff top")
        _, ledge = paired(goat, cliff, "on")
        self.assertAlmostEqual(ledge.size * cliff.subject.height, 2.2 * goat.subject.height)
        castle, rock = paired(thing("castle"), cliff, "on")
        self.assertGreater(castle.tall, SMALL)
        self.assertAlmostEqual(rock.wide, 1.4 * castle.wide)
        _, low = paired(thing("lighthouse"), cliff, "on")
        self.assertEqual(low.size, 0.75)
        _, hill = paired(thing("windmill"), thing("knoll"), "on")
        self.assertEqual(hill.size, 1.0)

    def test_a_rock_is_no_higher_than_who_is_on_it(self):
        _, rock = paired(thing("gull"), thing("rock"), "on")
        self.assertLess(rock.size * rock.subject.height, subject_of("gull").height)
        _, low = paired(thing("bear"), thing("rock", size=0.1), "on")
        self.assertEqual(low.size, 0.1)

    def test_an_island_grows_under_a_castle(self):
        castle, island = paired(thing("castle"), thing("island"), "on")
        self.assertGreater(island.size * island.subject.size[0], 1.4 * castle.subject.size[0])

    def test_a_cat_in_a_tree_is_on_a_branch_and_a_bear_is_not(self):
        cat, tree = paired(thing("cat"), thing("oak", count=3), "in")
        self.assertEqual((cat.link, tree.subject.word, tree.count), ("on", "branch", 1))
        self.assertIsNone(paired(thing("elephant"), thing("oak"), "in"))
        self.assertIsNone(paired(thing("kite"), thing("oak"), "in"))

    def test_a_plate_is_as_wide_as_what_lies_on_it(self):
        plate, load = thing("plate"), thing("pumpkin", count=4)
        wide = laden(plate, load)
        self.assertGreater(wide.size * plate.subject.size[0], 2 * load.subject.size[0])
        self.assertEqual(laden(plate, thing("cherries")).size, 1.0)

    def test_what_has_wings_takes_to_them(self):
        self.assertTrue(aloft(thing("crow")).flies)
        self.assertTrue(aloft(thing("angel")).flies)
        self.assertFalse(aloft(thing("cow")).flies)
        self.assertEqual(flying(subject_of("cow")), subject_of("cow"))


class EyeTest(unittest.TestCase):
    def test_a_chief_thing_takes_its_share_and_emphasis_more(self):
        heron = thing("heron")
        shares = [share_of(replace(heron, emphasis=e), {}) for e in (0.5, 1.0, 1.5)]
        self.assertEqual(shares, sorted(shares))
        self.assertAlmostEqual(shares[1], 0.42)
        self.assertAlmostEqual(share_of(thing("cottage"), {}), 0.52)
        self.assertLess(share_of(replace(heron, count=3), {}), shares[1])
        self.assertEqual(share_of(heron, {"share": "9"}), 1.1)

    def test_what_bears_the_chief_thing_is_seen_too(self):
        snail = Wish((thing("snail", link="on", to=1), thing("mushroom")))
        base = subject_of("mushroom").height
        eye = eye_of(snail, snail.things[0], aspect=1.5, indoors=False, base=base)
        self.assertGreater(eye.seen_at(0.4 * base, 0.0), -1.0)
        self.assertLess(eye.seen_at(base + subject_of("snail").height, 0.0), 1.0)

    def test_an_empty_room_is_seen_from_within_and_a_field_from_afar(self):
        room = eye_of(Wish(), None, aspect=1.5, indoors=True, base=0.0)
        field = eye_of(Wish(), None, aspect=1.5, indoors=False, base=0.0)
        self.assertLess(room.away, 0.6 * field.away)

    def test_places_in_the_picture_and_back(self):
        z = EYE.distance_for(2.0, 0.5)
        self.assertAlmostEqual(EYE.seen_at(2.0, z) - EYE.seen_at(0.0, z), 2 * 0.5)
        self.assertAlmostEqual(EYE.seen_at(EYE.height, 30.0), EYE.horizon)
        self.assertAlmostEqual(EYE.half_width(0.0) / EYE.half_width(6.0), 0.5)

    def test_animals_face_the_wider_side(self):
        deer, wish = thing("deer"), Wish((thing("deer"),))
        right = yaw_of(deer, 2.0, EYE, wish, like=None, chance=stream(1, 1))
        left = yaw_of(deer, -2.0, EYE, wish, like=None, chance=stream(1, 1))
        self.assertLess(np.cos(np.radians(right)), 0)
        self.assertGreater(np.cos(np.radians(left)), 0)
        self.assertEqual(yaw_of(deer, 2.0, EYE, wish, like=33.0, chance=stream(1, 1)), 33.0)


class FiguresTest(unittest.TestCase):
    def height(self, **keys):
        return extent(figure(**keys))[1][1]

    def test_people_are_as_tall_as_said_and_shorter_seated(self):
        for h in (1.1, 1.75):
            self.assertAlmostEqual(self.height(h=h) / h, 1.0, delta=0.03)
            self.assertLess(self.height(h=h, pose="sit"), 0.83 * h)

    def test_dancers_raise_their_arms_and_one_foot(self):
        self.assertGreater(self.height(pose="dance"), 1.05 * self.height())
        shoes = [p for p in figure(pose="dance") if p.colour == "#231d19"]
        lows = sorted(min(p.a[1], p.b[1]) for p in shoes)
        self.assertLess(lows[0], 0.1)

    def test_who_holds_something_has_a_hand_there(self):
        h = 1.75
        hands = [
            p.a for p in figure(h=h, pose="hold") if p.colour == "#c99a78" and p.a[2] > 0.1 * h
        ]
        gap = min(np.hypot(a[0] - HAND[0] * h, a[1] - HAND[1] * h) for a in hands)
        self.assertLess(gap, 0.05 * h)

    def test_a_cutout_without_pictures_is_refused(self):
        with self.assertRaisesRegex(
            ValueError, "cutout: shapes must hold a cut-out at least, got none"
        ):
            cutout()


class ProportionsTest(unittest.TestCase):
    def test_sizes_are_those_of_the_world(self):
        for word, low, high in (
            ("cup", 0.05, 0.15), ("cheese", 0.08, 0.2), ("plate", 0.01, 0.06), ("tray", 0.03, 0.12),
            ("chessboard", 0.01, 0.06), ("hedgehog", 0.1, 0.3), ("basket", 0.15, 0.3),
            ("stone circle", 3.0, 5.0), ("treehouse", 6.0, 12.0), ("jetty", 0.8, 1.6),
            ("thatched cottage", 4.0, 8.0), ("tool rack", 1.6, 2.4),
        ):  # fmt: skip
            with self.subTest(word):
                self.assertTrue(low < subject_of(word).height < high, subject_of(word).height)

    def test_a_chessboard_is_square_and_has_half_its_squares_dark(self):
        parts = subject_of("chessboard").parts()
        dark = {(round(p.a[0], 3), round(p.a[2], 3)) for p in parts if p.colour == "#4a3020"}
        self.assertEqual(len(dark), 32)
        wide, _, deep = subject_of("chessboard").size
        self.assertAlmostEqual(wide, deep)
        step = 0.4 / 8
        self.assertFalse(any((round(x + step, 3), z) in dark for x, z in dark))

    def test_a_hedgehogs_spines_lean_back_and_leave_its_face_free(self):
        spines = [p for p in subject_of("hedgehog").parts() if 0 < p.radii[0] < 0.025 * 0.15]
        self.assertGreater(len(spines), 80)
        self.assertLess(np.mean([p.b[0] - p.a[0] for p in spines]), 0)
        self.assertLess(max(p.b[0] for p in spines), 0.85 * 0.15)

    def test_furnishing_is_read_zone_by_zone(self):
        zones = read_furnishing("far:poplar*6,apple_tree*2 bank:reeds bed:rose*3")
        self.assertEqual(
            [(z.zone, z.word, z.count) for z in zones],
            [
                ("far", "poplar", 6),
                ("far", "apple tree", 2),
                ("bank", "reeds", 1),
                ("bed", "rose", 3),
            ],
        )
        self.assertEqual(read_furnishing(""), [])


if __name__ == "__main__":
    unittest.main()
