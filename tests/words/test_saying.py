"""Long ways of saying things, and what pictures are called."""

import unittest

import numpy as np

from overlay.imaging.colour import srgb_to_work
from overlay.words.composing.framing import rise_of
from overlay.words.language.grammar import read_prompt
from overlay.words.language.reading import Placement
from overlay.words.picture import draw_words
from overlay.words.things.families.living.quadrupeds import quadruped
from overlay.words.things.parts import extent
from tests.words.test_told import scene, wish


def said(prompt):
    """What each phrase's pieces are: how they are linked, and their things."""
    pieces = [p for phrase in read_prompt(prompt).phrases for p in phrase.pieces]
    return [(p.link, p.head.text if p.head else p.modifiers[-1].text) for p in pieces]


class CalledTest(unittest.TestCase):
    def test_what_a_picture_is_called_is_no_thing_in_it(self):
        for opener in ("a picture of", "an old photograph of", "a detailed drawing of", "view of"):
            self.assertEqual(said(f"{opener} a heron by a river")[0], ("", "heron"), opener)

    def test_how_it_is_made_stays_a_word_that_is_read_and_draws_nothing(self):
        for prompt in (
            "an oil painting of a mill",
            "a watercolour of a mill",
            "a woodcut of a mill",
        ):
            words = read_prompt(prompt).phrases[0].words
            self.assertEqual((words[0].kind, words[0].acts), ("detail", False), prompt)
            self.assertEqual(words[-1].text, "mill")

    def test_a_place_of_the_same_name_stays_one(self):
        self.assertEqual(said("a study full of books")[0][1], "study")

    def test_black_and_white_takes_all_colour_and_an_eye_comes_close_to_a_portrait(self):
        drawn = draw_words(read_prompt("black and white photo of a red barn"), (60, 40))
        self.assertLess(np.abs(srgb_to_work(drawn.drawn.picture)[..., 1:]).max(), 0.06)
        self.assertEqual(wish("a portrait of a fox").camera, wish("a fox, close-up").camera)


class SentencesTest(unittest.TestCase):
    def test_what_things_do_is_read_in_sentences_as_it_is_in_titles(self):
        for sentence, title in (
            ("a fox sits on a wall", "a fox sitting on a wall"),
            ("an eagle flies over the mountains", "an eagle flying over the mountains"),
            ("a train crosses a viaduct", "a train crossing a viaduct"),
            ("a man watches birds in a park", "a man watching birds in a park"),
            ("a woman reads a book", "a woman reading a book"),
            ("two men carry a ladder", "two men carrying a ladder"),
            ("cows graze in a meadow", "cows grazing in a meadow"),
            ("a girl lies in the grass", "a girl lying in the grass"),
            ("the sun sets behind the hills", "sunset behind the hills"),
            ("smoke rises from the chimney of a cottage", "a cottage with smoke"),
        ):
            read, other = (read_prompt(p).phrases[0] for p in (sentence, title))
            self.assertEqual(read.pieces, other.pieces, sentence)
            self.assertTrue(all(w.entry for w in read.words), sentence)

    def test_things_that_are_called_as_verbs_are_stay_things(self):
        for prompt, thing in (
            ("three watches on a table", "watches"), ("flies on a plate", "flies"),
            ("plants in a greenhouse", "plants"), ("a harbour full of sails", "sails"),
            ("rows of vines", "vines"), ("two herds of goats", "goats"),
            ("a potter's wheel by a wall", "potter's wheel"),
        ):  # fmt: skip
            heads = [p.head.text for p in read_prompt(prompt).phrases[0].pieces if p.head]
            self.assertIn(thing, heads, prompt)
        self.assertEqual(wish("a path with autumn leaves").season, "autumn")


class WaysTest(unittest.TestCase):
    def test_long_ways_are_the_short_ones(self):
        for long, short in (
            ("a wreck at the bottom of the sea", "a wreck underwater"),
            ("a wreck at the bottom of a lake", "a wreck in a lake"),
            ("a boat pulled up on a beach", "a boat on a beach"),
            ("a lone camel rider", "a lone man riding a camel"),
            ("two horse riders", "two men riding horses"),
            ("a horse-drawn carriage", "a horse carriage"),
            ("an ox pulling an old cart", "an old ox cart"),
            ("a wagon drawn by two horses", "a horse wagon"),
            ("a fox cub", "a baby fox"),
            ("two wolf pups", "two baby wolfs"),
            ("a heron fishing in a river", "a heron in a river"),
            ("a hare running through ripe wheat", "a hare running in a wheat field"),
            ("the earth seen from space", "the earth in space"),
            ("a cottage with roses by the front door", "a cottage with roses"),
            ("a mill at the bottom of a hill", "a mill beside a hill"),
            ("a church at the edge of a forest", "a church beside a forest"),
            ("a house in the middle of a lake", "a house in a lake"),
            ("a mill on the bank of a river", "a mill beside a river"),
            ("poplars on both sides of a canal", "poplars beside a canal"),
            ("a cake decorated with cherries", "a cake with cherries"),
            ("a cat atop a wall", "a cat on a wall"),
            ("a knight before a dragon", "a knight in front of a dragon"),
            ("a tower built of stone", "a stone tower"),
            ("a bowl carved from wood", "a wooden bowl"),
            ("a tiger crossing a river", "a tiger wading in a river"),
            ("a cliff with a lighthouse", "a lighthouse on a cliff"),
            ("a boy flying a red kite", "a boy with a red kite"),
        ):
            self.assertEqual(said(long), said(short), long)

    def test_a_bridge_that_crosses_a_river_does_not_wade(self):
        self.assertEqual(said("a bridge crossing a river")[1][0], "across")

    def test_the_left_of_a_thing_is_a_side_of_the_picture(self):
        placed = read_prompt("a fox to the left of a tree").phrases[0].placement
        self.assertEqual(placed, Placement("left"))

    def test_a_number_within_a_word_counts_nothing(self):
        self.assertEqual(wish("a three-masted ship").things[0].count, 1)

    def test_how_something_is_done_is_known(self):
        words = read_prompt("a boat sailing quickly along a river").phrases[0].words
        self.assertTrue(all(w.entry for w in words))
        for wrong in ("dragnfly", "buterfly"):
            self.assertIsNone(read_prompt(f"a {wrong}").phrases[0].words[0].entry, wrong)


class DrawnTest(unittest.TestCase):
    def test_who_is_said_with_a_boat_or_a_jetty_is_in_or_on_it(self):
        for prompt, link in (("a boat with a fisherman", "in"), ("a jetty with a girl", "on")):
            who = next(t for t in wish(prompt).things if t.subject.family == "figure")
            self.assertEqual(who.link, link, prompt)

    def test_a_tree_in_blossom_is_pink_in_any_season(self):
        for prompt in (
            "an apple tree in blossom",
            "a cherry tree in bloom",
            "a blossoming tree, spring",
        ):
            _, found = scene(prompt)
            crown = {p.colour for thing in found.values() for p in thing.parts}
            self.assertIn("#ecc4d0", crown, prompt)

    def test_a_checkered_cloth_has_its_checks(self):
        plain, checked = (scene(f"a cup on a {how} tablecloth")[1] for how in ("red", "checkered"))
        self.assertGreater(len(checked["tablecloth"].parts), len(plain["tablecloth"].parts) + 40)

    def test_a_camels_hump_sinks_with_it(self):
        tops = [extent(quadruped(h=1.9, hump=0.17, pose=pose))[1][1] for pose in ("", "lie")]
        self.assertLess(tops[1], 0.75 * tops[0])

    def test_what_is_on_a_tower_is_seen_whole(self):
        found, things = scene("a dragon on a castle tower")
        self.assertLess(rise_of(found.eye, things["dragon"]), 1.03)

    def test_trees_of_a_jungle_come_down_to_its_river(self):
        found, _ = scene("a river in the jungle")
        self.assertIn("palm", {t.name for t in found.things})
        lavender = scene("a field of lavender")[0]
        self.assertGreater(sum(t.name == "lavender" for t in lavender.things), 40)
