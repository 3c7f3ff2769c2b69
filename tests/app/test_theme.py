import itertools
import unittest

import numpy as np

from overlay.app.main import make_application
from overlay.app.parts.icons import glyph
from overlay.app.parts.theme import CUE_COLOURS, DARK, LIGHT, Tones
from overlay.imaging.colour import hex_to_srgb, srgb_to_work


def luminance(colour: str) -> float:
    """Relative luminance by WCAG 2."""
    v = np.array(hex_to_srgb(colour)) / 255
    linear = np.where(v <= 0.03928, v / 12.92, ((v + 0.055) / 1.055) ** 2.4)
    return float(linear @ (0.2126, 0.7152, 0.0722))


def contrast(a: str, b: str) -> float:
    light, dark = sorted((luminance(a), luminance(b)), reverse=True)
    return (light + 0.05) / (dark + 0.05)


class ThemeTest(unittest.TestCase):
    def test_text_stands_out_in_both_themes(self):
        for name, t in (("light", LIGHT), ("dark", DARK)):
            pairs = {
                (text, ground)
                for text in ("ink", "faint", "alarm")
                for ground in ("panel", "bench")
            } | {("ink", "well"), ("panel", "ink"), ("on_register", "register")}
            for text, ground in sorted(pairs):
                with self.subTest(name, text=text, ground=ground):
                    found = contrast(getattr(t, text), getattr(t, ground))
                    self.assertGreaterEqual(found, 4.5)

    def test_what_can_be_worked_stands_out_from_what_is_behind_it(self):
        for name, t in (("light", LIGHT), ("dark", DARK)):
            for ground in ("panel", "bench", "well"):
                with self.subTest(name, ground=ground):
                    self.assertGreaterEqual(contrast(t.edge, getattr(t, ground)), 3)

    def test_the_surround_is_neutral(self):
        for t in (LIGHT, DARK):
            rgb = hex_to_srgb(t.surround)
            self.assertLessEqual(max(rgb) - min(rgb), 3)

    def test_cue_colours_are_told_apart(self):
        work = srgb_to_work(np.array([[hex_to_srgb(c) for c in CUE_COLOURS]], np.uint8))[0]
        for a, b in itertools.combinations(range(8), 2):
            self.assertGreater(float(np.linalg.norm(work[a] - work[b])), 0.09)

    def test_every_colour_is_given(self):
        self.assertEqual(set(vars(LIGHT)), set(Tones.__dataclass_fields__))


class IconTest(unittest.TestCase):
    def test_icons_take_the_ink_they_are_given(self):
        make_application()
        picture = glyph("pull", "#ff0000", 20).toImage()
        reds = sum(
            picture.pixelColor(x, y).red() > 200 and picture.pixelColor(x, y).alpha() > 200
            for x in range(40)
            for y in range(40)
        )
        self.assertGreater(reds, 40)
