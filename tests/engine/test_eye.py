"""What was seen on photographs and had no figure: blotches, foreign hues, things that merge."""

import unittest

from overlay.engine.request import Facets
from overlay.engine.sampler import render
from overlay.imaging.colour import srgb_to_work
from overlay.measures.repeats import rash
from tests.engine.eye import calm_gain, continued, evening, hue_spread, least_distance
from tests.pictures import edges, manner, request, scene, style


class TintTest(unittest.TestCase):
    """A dark picture under the colours and light of references."""

    def setUp(self):
        source, self.things = evening()
        self.before = srgb_to_work(source)
        self.after = {}
        for name in ("lino cut", "dot print", "gouache", "felt"):
            cue = style(manner(name, 320, 240), facets=Facets(palette=1, light=1))
            done = render(request(source, departure=1.0, styles=(cue,)))
            self.after[name] = srgb_to_work(done.picture)

    def test_calm_grounds_do_not_become_clouds(self):
        for name, after in self.after.items():
            with self.subTest(name):
                self.assertLess(calm_gain(after, self.before), 2.5)

    def test_a_thing_keeps_one_hue_from_light_to_shade(self):
        for name, after in self.after.items():
            with self.subTest(name):
                self.assertLess(hue_spread(after, self.before, self.things), 1.5)

    def test_unlike_things_stay_unlike(self):
        for name, after in self.after.items():
            with self.subTest(name):
                self.assertGreater(least_distance(after, self.before, self.things), 0.5)


class MarkTest(unittest.TestCase):
    """Marks over a scene: no rash, few that nobody continues."""

    def test_marks_are_neither_strewn_nor_alone(self):
        source = scene("lock", 288, 192)
        for name in ("lino cut", "glazed tile", "felt"):
            guides = (edges(source, weight=0.5),)
            done = render(request(source, styles=(style(manner(name, 320, 240)),), guides=guides))
            t = done.trace
            with self.subTest(name):
                self.assertLess(rash(t.cue, t.y, t.x, t.turn, t.mirrored), 1.5)
                self.assertGreater(continued(t), 0.75)
