"""A run that goes on from the matches of the one that drew its source."""

import unittest
from dataclasses import replace
from functools import cache

import numpy as np

from overlay.engine.control import Control
from overlay.engine.material import Material, speaking
from overlay.engine.request import Render, Request
from overlay.engine.sampler import render
from overlay.engine.taking_up import taken_up
from overlay.imaging.colour import srgb_to_work
from tests.pictures import edges, manner, request, scene, style


def asked(**keys) -> Request:
    source = scene("windmill", 240, 160)
    styles = tuple(replace(style(manner(name, 240, 160)), name=name) for name in ("felt", "weave"))
    return request(
        source, departure=0.7, styles=styles, guides=(edges(source, weight=0.5),), **keys
    )


@cache
def base() -> Render:
    return render(asked())


def again(departure: float, *, begun: bool) -> Request:
    done = base()
    trace = done.trace if begun else None
    return replace(
        asked(), source=done.picture, departure=departure, marked=True, seed=9, begun=trace
    )


def sharpness(picture: np.ndarray) -> float:
    return float(np.abs(np.diff(srgb_to_work(picture)[..., 0], axis=1)).mean())


class TakingUpTest(unittest.TestCase):
    def test_marks_that_are_gone_on_from_stay_crisp(self):
        crisp = sharpness(base().picture)
        for departure in (0.1, 0.2):
            own, anew = (render(again(departure, begun=b)).picture for b in (True, False))
            self.assertGreater(sharpness(own), 0.88 * crisp, departure)
            self.assertGreater(sharpness(own), 1.08 * sharpness(anew), departure)

    def test_the_matches_are_those_of_the_trace(self):
        for turned in (False, True):
            keys = asked()
            if turned:
                turns = tuple(replace(s, turns=True) for s in keys.styles)
                keys = replace(keys, styles=turns)
            done = render(keys)
            on = replace(keys, source=done.picture, departure=0.2, begun=done.trace)
            material = Material(on, speaking(on), Control())
            matches = taken_up(material, material.library, done.trace)
            atlas = material.library.at(0)
            y, x = atlas.unturned(matches.field)
            there = done.trace.cue >= 0
            np.testing.assert_array_equal(y[there], done.trace.y[there])
            np.testing.assert_array_equal(x[there], done.trace.x[there])
            page = matches.field[..., 0]
            np.testing.assert_array_equal(atlas.turn[page][there], done.trace.turn[there])
            np.testing.assert_array_equal(
                (atlas.mirrored[page] > 0)[there], done.trace.mirrored[there]
            )
            self.assertEqual(matches.grid.top, -done.trace.top)

    def test_a_reference_that_is_not_there_any_more_is_nobodys(self):
        one = replace(again(0.2, begun=True), styles=asked().styles[:1])
        material = Material(one, speaking(one), Control())
        matches = taken_up(material, material.library, base().trace)
        gone = base().trace.cue == 1
        self.assertTrue(gone.any())
        self.assertTrue((matches.owner[gone] == -1).all())
        self.assertTrue((matches.owner[~gone] == 0).all())

    def test_it_begins_at_full_size_where_little_is_left(self):
        self.assertEqual([s.level for s in again(0.1, begun=True).planned(3)], [0, 0])
        self.assertEqual([s.level for s in again(0.2, begun=True).planned(3)], [0] * 4)
        self.assertEqual([s.level for s in again(0.2, begun=False).planned(3)], [2, 1, 0, 0])

    def test_mixed_references_go_on_as_well(self):
        keys = asked(blend="mix")
        done = render(keys)
        on = replace(keys, source=done.picture, departure=0.2, marked=True, seed=9)
        own, anew = (render(replace(on, begun=b)).picture for b in (done.trace, None))
        self.assertGreater(sharpness(own), sharpness(anew))


if __name__ == "__main__":
    unittest.main()
