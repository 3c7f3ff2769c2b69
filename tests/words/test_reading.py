import unittest
from functools import partial

from overlay.words.language.grammar import read_prompt
from overlay.words.language.lexicon import plain_lexicon
from overlay.words.language.writing import filled
from tests.effort import calls_of


def only(prompt):
    (phrase,) = read_prompt(prompt).phrases
    return phrase


def kinds(prompt):
    return [(w.text, w.kind) for p in read_prompt(prompt).phrases for w in p.words]


class PhrasesTest(unittest.TestCase):
    def test_emphasis_is_a_percentage_after_the_words(self):
        self.assertEqual(
            [p.emphasis for p in read_prompt("windmill 140%, reeds 60 %, fog").phrases],
            [1.4, 0.6, 1.0],
        )
        with self.assertRaisesRegex(ValueError, "emphasis must be 0 to 200 %, got 201%"):
            read_prompt("windmill 201%")

    def test_counts_plurals_and_rows(self):
        for prompt, count in (
            ("heron", 1), ("three pears", 3), ("pears", 5), ("a row of poplars", 6), ("geese", 5),
            ("a flock of sheep", 7), ("2 oxen", 2), ("a glass", 1), ("the lighthouse's lamp", 1),
        ):  # fmt: skip
            with self.subTest(prompt):
                self.assertEqual([p.count for p in only(prompt).pieces][-1], count)

    def test_placement_is_taken_out_of_the_words(self):
        phrase = only("old boathouse at the left, ".strip(", "))
        self.assertEqual(
            (phrase.placement.across, [w.text for w in phrase.words]),
            ("left", ["old", "boathouse"]),
        )
        self.assertEqual(only("poplars far").placement.away, "far")
        self.assertEqual(only("barge in the foreground").placement.away, "near")
        self.assertTrue(only("gulls in the sky").placement.high)

    def test_links_tell_how_pieces_stand(self):
        for prompt, link in (
            ("a heron in front of a windmill", "in front of"), ("a cat on a chair", "on"),
            ("a bowl of pears", "holds"), ("a man next to a horse", "beside"),
        ):  # fmt: skip
            with self.subTest(prompt):
                first, second = only(prompt).pieces
                self.assertEqual((first.link, second.link), ("", link))

    def test_an_adjective_wins_before_a_thing(self):
        self.assertEqual(kinds("orange boat")[0], ("orange", "colour"))
        self.assertEqual(kinds("an orange")[0], ("orange", "subject"))
        self.assertEqual(kinds("stone bridge")[0], ("stone", "material"))

    def test_the_longest_match_comes_first(self):
        self.assertEqual(kinds("hot air balloon")[0], ("hot air balloon", "subject"))
        self.assertEqual(kinds("light from the left"), [("light from the left", "light")])

    def test_tuning_phrases_have_an_amount_and_a_direction(self):
        self.assertAlmostEqual(only("a bit more green").amount, 0.35)
        self.assertLess(only("much less fog").amount, 0)
        self.assertEqual(only("no people").amount, -1.0)
        self.assertIsNone(only("more barges").amount)

    def test_what_is_not_known_is_named_with_offers(self):
        (word,) = read_prompt("a red windmil, qwrtzplk 20%").unknown[:1]
        self.assertEqual(word.text, "windmil")
        self.assertIn("windmill", word.near)
        plain = read_prompt("windmil").as_plain()
        self.assertEqual(plain["phrases"][0]["words"], [])
        self.assertEqual(plain["unknown"][0]["text"], "windmil")

    def test_kin_is_said(self):
        (word,) = only("poodles").words
        self.assertEqual((word.kin, word.kind, word.acts), ("dog", "subject", True))
        self.assertIsNone(only("heron").words[0].kin)

    def test_plain_data_leaves_function_words_out(self):
        plain = read_prompt("the old heron at left 140%").as_plain()["phrases"][0]
        self.assertEqual(plain["emphasis"], 1.4)
        self.assertEqual(
            plain["words"],
            [
                {"text": "old", "as": "quality", "kin": None, "acts": True},
                {"text": "heron", "as": "subject", "kin": None, "acts": True},
            ],
        )


class OddPromptsTest(unittest.TestCase):
    def test_odd_prompts_take_little(self):
        for prompt in ("", " , ,, ", "a\x00b\x1b[31m", "\u202eנחלים", "%", "200%", "and on in at", "," * 9000,
                       "heron at left at right at centre", "$subject", "x" * 9_999, "heron, " * 200):  # fmt: skip
            with self.subTest(prompt[:20]):
                self.assertLess(calls_of(partial(read_prompt, prompt)), 100_000)

    def test_too_much_is_refused_in_one_line(self):
        for prompt, said in (
            ("x" * 10_001, "at most 10,000 characters, got 10,001"),
            ("a," * 201, "at most 200 phrases, got 201"),
        ):
            with self.subTest(said), self.assertRaisesRegex(ValueError, said):
                read_prompt(prompt)

    def test_control_characters_are_not_words(self):
        self.assertEqual(
            [w.text for w in read_prompt("her\x07on\u200b").phrases[0].words], ["heron"]
        )


class BlankTest(unittest.TestCase):
    def test_a_blank_is_a_name_to_be_filled_and_no_unknown_word(self):
        reading = read_prompt("$subject at left, old $house, $subject, dawn, windmil")
        self.assertEqual(reading.blanks, ("subject", "house"))
        self.assertEqual([w.text for w in reading.unknown], ["windmil"])
        self.assertEqual(reading.as_plain()["blanks"], ["subject", "house"])
        self.assertNotIn("blanks", read_prompt("dawn").as_plain())

    def test_a_blank_is_filled_everywhere_by_one_phrase(self):
        prompt = "$subject at left 140%, $subject far"
        self.assertEqual(
            filled(prompt, {"subject": "two herons"}), "two herons at left 140%, two herons far"
        )
        for fillings, why in (
            ({}, r"blank \$subject must be filled, got nothing"),
            ({"subject": "heron, swan"}, "one phrase"),
            ({"subject": "$other"}, "one phrase"),
            ({"subject": " "}, "one phrase"),
        ):
            with self.subTest(fillings), self.assertRaisesRegex(ValueError, why):
                filled(prompt, fillings)


class CoverageTest(unittest.TestCase):
    def test_rare_words_lead_to_what_they_are_like(self):
        lexicon = plain_lexicon()
        for word, kin in (
            ("corgi", "dog"),
            ("gillyflower", "flower"),
            ("pinnace", "rowing boat"),
            ("caribou", "reindeer"),
            ("roadster", "car"),
            ("vicarage", "house"),
        ):
            with self.subTest(word):
                self.assertEqual(lexicon.find(word).entries[0].word, kin)
        self.assertIsNone(lexicon.find("snakelike nonsense"))
