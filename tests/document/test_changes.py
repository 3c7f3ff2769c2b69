import unittest
from pathlib import Path

from overlay.document.changes import EVERYTHING, changes_between
from overlay.document.project import Project, ProofMark, State
from overlay.document.reading import make_recipe
from overlay.studio.bench.bench import Bench


def state(cues=(), **keys):
    tray = keys.pop("tray", ())
    data = {"overlay": 1, "cues": list(cues), **keys}
    return State(make_recipe(data, "t"), tray)


TILE = {"name": "tile", "reference": "/tile.png"}
FELT = {"name": "felt", "reference": "/felt.png"}
LINES = {"name": "lines", "guide": "lines"}


class ChangesTest(unittest.TestCase):
    def test_one_value_of_one_cue_is_named_with_its_place(self):
        what = changes_between(state([TILE, FELT]), state([TILE, FELT | {"weight": 0.5}]))
        self.assertEqual(what.keys, {"cues", "cue.weight"})
        self.assertEqual(what.rows, {1})

    def test_cues_that_come_go_or_change_kind_concern_all_rows(self):
        for old, new in (
            ([TILE], [TILE, FELT]),
            ([TILE, FELT], [FELT]),
            ([TILE, LINES], [LINES, TILE]),
            ([TILE, LINES, FELT], [TILE, {"name": "lines", "reference": "/l.png"}, FELT]),
        ):
            what = changes_between(state(old), state(new))
            self.assertIsNone(what.rows)
            self.assertTrue(what.touches("cue.region"))

    def test_cues_of_one_kind_that_change_places_differ_in_what_they_say(self):
        what = changes_between(state([TILE, FELT]), state([FELT, TILE]))
        self.assertEqual(what.rows, {0, 1})
        self.assertEqual(what.keys, {"cues", "cue.name", "cue.reference"})

    def test_other_keys_concern_no_row(self):
        what = changes_between(state([TILE]), state([TILE], seed=4, tray=(Path("/felt.png"),)))
        self.assertEqual((what.keys, what.rows), ({"seed", "tray"}, frozenset()))
        self.assertFalse(what.touches("cues", "source", "marks"))

    def test_marks_and_the_seed_rule_are_named(self):
        old = state([TILE])
        marked = State(old.recipe, old.tray, {"f" * 64: ProofMark(star=True)}, "new")
        self.assertEqual(changes_between(old, marked).keys, {"marks", "seed_rule"})

    def test_everything_touches_every_name(self):
        one = changes_between(state(), state([LINES], source="/mill.png", departure=0.5))
        self.assertLessEqual(one.keys, EVERYTHING.keys)
        self.assertIsNone(EVERYTHING.rows)


class SharingTest(unittest.TestCase):
    def test_an_edit_shares_all_that_it_leaves_alone(self):
        data = {"overlay": 1, "cues": [TILE, FELT, LINES], "regions": {"sky": {"pick": "sky"}}}
        bench = Bench(Project(State(make_recipe(data, "t"))))
        before = bench.project.recipe
        bench.change_cue(1, "Weight", weight=0.5)
        after = bench.project.recipe
        self.assertIs(after.cues[0], before.cues[0])
        self.assertIs(after.cues[2], before.cues[2])
        self.assertIs(after.regions["sky"], before.regions["sky"])
        self.assertEqual((before.cues[1].weight, after.cues[1].weight), (1.0, 0.5))
