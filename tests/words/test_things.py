import unittest

import numpy as np

from overlay.words.language.entries import Entry, known_words, read_line
from overlay.words.subjects import read_subject, subject_of, subjects
from overlay.words.things.distance import one_thing, parts_on_way
from overlay.words.things.parts import Builder, Shape, extent
from overlay.words.things.table import Placed, tabulate


def distance(parts, *point):
    table = tabulate([Placed("thing", tuple(parts))])
    count = len(table.owners)
    chosen, ways = np.empty(count, np.int64), np.empty((count, 2))
    found = parts_on_way(table, *point, 0.0, 0.0, 0.0, 0.0, 50.0, 0.0, chosen, ways)
    return one_thing(table, chosen, ways, 0, found, 0.0, *point)


class DistanceTest(unittest.TestCase):
    def made(self, name, *args, **keys):
        builder = Builder("#808080")
        getattr(builder, name)(*args, **keys)
        return builder.parts

    def test_is_below_zero_inside_and_the_way_to_the_surface_outside(self):
        for parts, inside, outside, far in (
            (self.made("limb", (0, 0, 0), (0, 2, 0), (0.5, 0.5)), (0, 1, 0), (1.5, 1, 0), 1.0),
            (self.made("ball", (0, 1, 0), 1.0), (0.1, 1, 0), (3, 1, 0), 2.0),
            (self.made("box", (0, 1, 0), (1, 1, 1)), (0.9, 1, 0), (3, 1, 0), 2.0),
            (self.made("cone", (0, 1, 0), (1, 1, 1)), (0, 1, 0), (3, 1, 0), 2.0),
            (self.made("lathe", [(0, 1), (1, 1), (2, 1)]), (0, 1, 0), (3, 1, 0), 2.0),
            (
                self.made("sheet", [(0, 0, 0), (2, 0, 0), (0, 0, 2)], 0.1),
                (0.5, 0.02, 0.5),
                (0.5, 1, 0.5),
                0.9,
            ),
        ):
            with self.subTest(parts[0].shape):
                self.assertLess(distance(parts, *map(float, inside)), 0)
                self.assertAlmostEqual(distance(parts, *map(float, outside)), far, delta=0.02)

    def test_melting_fills_the_corner_and_a_crease_does_not(self):
        def two(blend):
            builder = Builder("#808080", blend=blend)
            builder.ball((-0.9, 0, 0), 1.0)
            builder.ball((0.9, 0, 0), 1.0)
            return builder.parts

        self.assertLess(distance(two(0.6), 0.0, 0.6, 0.0), distance(two(0.0), 0.0, 0.6, 0.0) - 0.05)

    def test_a_lathe_is_parted_where_its_outline_steps(self):
        shapes = [p.shape for p in self.made("lathe", [(0, 1), (1, 1), (1.01, 0.2), (2, 0.2)])]
        self.assertEqual(shapes, [Shape.LATHE, Shape.CONE, Shape.LATHE])


class TableTest(unittest.TestCase):
    def test_clumps_hold_their_parts_and_every_part_is_in_one_of_its_thing(self):
        table = tabulate(
            [Placed(w, tuple(subject_of(w).parts())) for w in ("fir", "apple", "fern")]
        )
        self.assertGreater(len(table.members), 3)
        told = [i for first, last in table.members for i in range(first, last)]
        self.assertEqual(told, list(range(len(table.parts))))
        for thing, (begin, end) in enumerate(table.spans):
            for (first, last), ball in zip(
                table.members[begin:end], table.clumps[begin:end], strict=True
            ):
                self.assertEqual(set(table.owners[first:last]), {thing})
                for hold in table.holds[first:last]:
                    away = float(np.linalg.norm(hold[:3] - ball[:3]))
                    self.assertLessEqual(away + hold[3], ball[3])


class SubjectsTest(unittest.TestCase):
    def test_every_subject_stands_where_it_belongs(self):
        for word, subject in subjects().items():
            with self.subTest(word):
                low, high = extent(subject.parts())
                tall = high[1] - low[1]
                self.assertTrue(np.isfinite([*low, *high]).all())
                self.assertGreater(tall, 0.01)
                # Hills reach down into the ground, a line hangs from the hand that holds the rod.
                buried = subject.family in {"knoll", "hill_town", "tunnel", "fishing_rod"}
                if subject.belongs in {"ground", "table", "room"} and not buried:
                    self.assertLess(abs(low[1]), 0.18 * tall, f"floats or sinks by {low[1]}")

    def test_there_are_many_and_a_horse_is_larger_than_a_hen(self):
        self.assertGreaterEqual(len(subjects()), 200)
        self.assertGreater(subject_of("horse").height, 3 * subject_of("hen").height)

    def test_faulty_lines_are_named(self):
        for entry, said in (
            (Entry("unicorn", "subject", "horsey h=1", "ground"), "unicorn: must be of"),
            (Entry("unicorn", "subject", "bird wheels=4", "ground"), "bird has no figure wheels"),
            (Entry("unicorn", "subject", "bird", "moon"), "unicorn: must belong to"),
        ):
            with self.subTest(said), self.assertRaisesRegex(ValueError, said):
                read_subject(entry)
        with self.assertRaisesRegex(
            ValueError, "x.tsv line 3: kind: must be one of .* got 'beast'"
        ):
            read_line("unicorn\tbeast\tbird\tground", "x.tsv line 3")

    def test_every_place_is_furnished_with_things_that_are_known(self):
        from overlay.words.composing.furnishing import _ZONES, read_furnishing

        for word, entries in known_words().items():
            for entry in entries:
                if entry.kind == "place" and entry.word == word:
                    for zone in read_furnishing(entry.notes):
                        with self.subTest(word, thing=zone.word):
                            self.assertIn(zone.zone, _ZONES)
                            self.assertGreater(subject_of(zone.word).height, 0)
