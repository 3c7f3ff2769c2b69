"""The lexicon's tables themselves: no word twice, all values readable, all leads lead somewhere."""

import unittest
from collections import Counter
from importlib.resources import files

from overlay.words.language.entries import (
    KINDS,
    STAND_IN,
    SYNONYM,
    TABLES,
    known_words,
    read_line,
    stand_ins,
)
from overlay.words.language.grammar import read_prompt
from overlay.words.language.lexicon import Lexicon, bases, plain_lexicon
from overlay.words.stage.setting import read_effects
from overlay.words.subjects import subjects

_COLOUR = r"#[0-9a-f]{6}$"


def lines(name):
    text = files("overlay.words.lexicon").joinpath(f"{name}.tsv").read_text("utf-8")
    return [line for line in text.splitlines() if line and not line.startswith("#")]


class TablesTest(unittest.TestCase):
    def test_no_table_has_a_word_twice(self):
        for name in TABLES:
            words = Counter(line.split("\t")[0] for line in lines(name))
            with self.subTest(name):
                self.assertEqual([w for w, n in words.items() if n > 1], [])

    def test_a_synonym_is_no_thing_or_place_of_its_own(self):
        own = {line.split("\t")[0] for name in ("subjects", "places") for line in lines(name)}
        leads = {line.split("\t")[0] for line in lines("synonyms")}
        self.assertEqual(sorted(own & leads), [])

    def test_what_leads_leads_to_a_word_in_one_step(self):
        own = {line.split("\t")[0] for name in set(TABLES) - {"synonyms"} for line in lines(name)}
        entries = [read_line(line, "synonyms") for line in lines("synonyms")]
        self.assertEqual({e.kind for e in entries}, {SYNONYM, STAND_IN})
        self.assertEqual([e.word for e in entries if e.value not in own], [])

    def test_stand_ins_are_named_and_synonyms_are_not(self):
        self.assertEqual(stand_ins()["saturn"], "planet")
        self.assertNotIn("city skyline", stand_ins())

    def test_effects_can_be_read(self):
        for name in ("places", "light"):
            for line in lines(name):
                entry = read_line(line, name)
                with self.subTest(entry.word):
                    self.assertIn(entry.kind, KINDS)
                    self.assertIsInstance(read_effects(entry.value), dict)

    def test_colours_are_hex(self):
        for line in lines("colours"):
            word, _, value = line.split("\t")[:3]
            with self.subTest(word):
                self.assertRegex(value, _COLOUR)

    def test_counts_are_small_numbers(self):
        for line in lines("counts"):
            word, _, value = line.split("\t")[:3]
            with self.subTest(word):
                self.assertTrue(1 <= int(value) <= 20)

    def test_homes_are_places(self):
        places = {e.word for es in known_words().values() for e in es if e.kind == "place"}
        homes = {s.home for s in subjects().values()} - {""}
        self.assertGreater(len(homes), 10)
        self.assertEqual(homes - places, set())


class LexiconTest(unittest.TestCase):
    def test_plurals_and_possessives_lead_to_their_word(self):
        for word, base in (
            ("foxes", "fox"), ("geese", "goose"), ("ponies", "pony"), ("wolves", "wolf"),
            ("knives", "knife"), ("churches", "church"), ("windmill's", "windmill"),
            ("women", "woman"), ("boxes", "box"), ("children", "child"),
        ):  # fmt: skip
            with self.subTest(word):
                self.assertIn(base, bases(word))

    def test_what_ends_in_ss_is_no_plural(self):
        self.assertEqual(bases("glass"), [])
        self.assertEqual(bases("bus")[0], "bu")  # and that is no word
        self.assertIsNone(plain_lexicon().exact("bu"))

    def test_words_are_found_exactly_then_derived_then_as_kin(self):
        lexicon = plain_lexicon()
        self.assertIsNone(lexicon.find("windmill").kin)
        self.assertIn("weather", {e.kind for e in lexicon.find("snowing").entries})
        self.assertIsNotNone(lexicon.find("kestrel").kin or lexicon.exact("kestrel"))
        self.assertIsNone(lexicon.find("qwrtzplk"))

    def test_what_was_taught_comes_first(self):
        mill = known_words()["windmill"]
        taught = Lexicon({"zzyzx": mill})
        self.assertEqual(taught.find("zzyzx").entries, mill)
        self.assertIsNone(plain_lexicon().find("zzyzx"))
        (phrase,) = read_prompt("an old zzyzx", taught).phrases
        self.assertEqual(phrase.pieces[0].head.entry.word, "windmill")

    def test_offers_are_near_and_at_most_three(self):
        near = plain_lexicon().near("lighthous")
        self.assertEqual(near[0], "lighthouse")
        self.assertLessEqual(len(near), 3)


class GrammarTest(unittest.TestCase):
    def test_flocks_are_of_what_comes_in_flocks(self):
        for prompt, head, count in (
            ("a flock", "sheep", 7), ("a swarm over a field", "bee", 9), ("a shoal", "fish", 8),
            ("a herd of goats", "goats", 7), ("a pack of wolves", "wolves", 6),
        ):  # fmt: skip
            with self.subTest(prompt):
                piece = read_prompt(prompt).phrases[0].pieces[0]
                self.assertEqual((piece.head.text, piece.count), (head, count))

    def test_fruit_is_several_and_an_apple_is_one(self):
        def held(prompt):
            piece = read_prompt(prompt).phrases[0].pieces[1]
            return piece.link, piece.count

        self.assertEqual(held("a bowl of fruit"), ("holds", 5))
        self.assertEqual(held("a plate of cheese"), ("holds", 1))

    def test_reading_without_a_book_is_of_an_open_one(self):
        def pieces(prompt):
            return [(p.link, p.head.text) for p in read_prompt(prompt).phrases[0].pieces if p.head]

        self.assertIn(("holding", "open book"), pieces("a woman reading under a tree"))
        self.assertIn(("holding", "open book"), pieces("a man reading"))
        self.assertEqual(pieces("a man reading a map")[1:], [("holding", "map")])

    def test_a_smoking_chimney_is_smoke(self):
        words = [w.text for w in read_prompt("a cottage with a smoking chimney").phrases[0].words]
        self.assertEqual(words, ["cottage", "smoke"])


if __name__ == "__main__":
    unittest.main()
