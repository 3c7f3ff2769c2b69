import unittest

from overlay.imaging.one_line import one_line


class OneLineTest(unittest.TestCase):
    def test_controls_are_shown_and_not_obeyed(self):
        for text, shown in (
            ("a\nb\tc", "a\\nb\\tc"),
            ("\x1b[31mred", "\\x1b[31mred"),
            ("a\u202eb", "a\\u202eb"),
            ("a\ud800", "a\\ud800"),
            ("<img src=x> & é 風 🖌", "<img src=x> & é 風 🖌"),
        ):
            with self.subTest(shown):
                self.assertEqual(one_line(text), shown)

    def test_long_ones_show_both_ends(self):
        self.assertEqual(one_line("a" * 300), "a" * 300)
        cut = one_line("a" * 400 + "z" * 400)
        self.assertEqual(len(cut), 300)
        self.assertTrue(cut.startswith("aaa") and "…" in cut and cut.endswith("zzz"))
        self.assertEqual(len(one_line("\n" * 10_000_000)), 300)
