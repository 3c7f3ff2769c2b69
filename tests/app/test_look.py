import unittest

from overlay.app.picture.look import VIEW, State, look, offered

ALL = frozenset({"proof", "source", "last", "map", "influence", "trace"})


class LookTest(unittest.TestCase):
    def test_each_view_shows_its_picture_with_what_lies_over_it(self):
        for mode, main, over, strength, sized in (
            ("proof", "proof", None, 1.0, "proof"),
            ("source", "source", None, 1.0, "source"),
            ("map", "source", "map", 0.4, "source"),
            ("influence", "proof", "influence", 0.72, "proof"),
            ("trace", "proof", "trace", 1.0, "proof"),
        ):
            seen = look(State(known=ALL, mode=mode, strength=0.4))
            self.assertEqual(
                (seen.main, seen.over, seen.strength, seen.sized), (main, over, strength, sized)
            )
            self.assertIsNone(seen.other)

    def test_a_moment_of_a_run_takes_the_proofs_place_but_not_the_traces(self):
        known = ALL | {"moment"}
        self.assertEqual(look(State(known=known)).main, "moment")
        self.assertEqual(look(State(known=known)).sized, "proof")
        self.assertEqual(look(State(known=known, mode="trace")).main, "proof")
        self.assertEqual(look(State(known=frozenset({"moment"}))).sized, "moment")

    def test_without_a_proof_the_source_is_shown(self):
        known = frozenset({"source"})
        for mode in ("proof", "influence", "trace", "region"):
            self.assertEqual(look(State(known=known, mode=mode)).main, "source")
        self.assertIsNone(look(State(known=frozenset())).main)

    def test_comparing_shows_the_other_one_if_it_is_there(self):
        state = State(known=ALL, way="wipe", right="last")
        self.assertEqual((look(state).main, look(state).other), ("proof", "last"))
        self.assertIsNone(look(State(known=ALL, way="wipe", right="chosen")).other)
        self.assertIsNone(look(State(known=ALL, way=None, right="last")).other)

    def test_flipped_the_right_one_is_shown_alone(self):
        for way in (None, "wipe"):
            seen = look(State(known=ALL, way=way, right="source", flipped=True))
            self.assertEqual((seen.main, seen.other, seen.named), ("source", None, "proof"))
        self.assertEqual(look(State(known=ALL, right="chosen", flipped=True)).main, "proof")

    def test_the_left_side_may_be_chosen_while_two_are_compared(self):
        state = State(known=ALL, way="beside", left="last", right="source", mode="map")
        self.assertEqual((look(state).main, look(state).sized), ("last", "last"))
        self.assertEqual(look(State(known=ALL, left="last")).main, "proof")
        self.assertEqual(look(State(known=ALL, way="wipe", left=VIEW)).main, "proof")

    def test_views_are_offered_where_there_is_something_to_see(self):
        self.assertEqual(offered(frozenset()), frozenset())
        self.assertEqual(offered(frozenset({"source"})), {"source", "region"})
        self.assertEqual(offered(frozenset({"moment"})), {"proof"})
        self.assertEqual(offered(ALL), {"proof", "source", "map", "region", "influence", "trace"})
