import unittest
from dataclasses import replace
from unittest import mock

import numpy as np

from overlay.engine.control import Control
from overlay.engine.request import AvoidCue, Facets, Request, Stray
from overlay.engine.sampler import render
from overlay.engine.steps import parting
from overlay.engine.steps.parting import Beginnings, common, look_steps, step_keys
from overlay.engine.steps.schedule import Span, plan
from tests.pictures import HEIGHT, WIDTH, blobs, edges, manner, request, scene, stripes, style


def of_everything(**keys) -> Request:
    """A request with two references, a guide, something avoided and a region."""
    region = np.zeros((HEIGHT, WIDTH), np.float32)
    region[:, 60:] = 1
    late = Span(0.6, 1.0, 0.1, 0.0)
    return request(
        styles=(style(), style(manner("felt"), "felt", region=region, span=late)),
        guides=(edges(scene(), weight=0.5, span=Span(0.0, 0.9, 0.0, 0.2)),),
        avoided=(AvoidCue("not", stripes(), weight=0.5),),
        **keys,
    )


def with_felt(asked: Request, **keys) -> Request:
    first, second = asked.styles
    return replace(asked, styles=(first, replace(second, **keys)))


class KeyTest(unittest.TestCase):
    def test_runs_part_where_their_cues_do(self):
        asked = of_everything(departure=1.0)
        parted = step_keys(with_felt(asked, weight=0.3))
        self.assertEqual(len(parted), 16)
        self.assertEqual(common(step_keys(asked), parted), 9)  # 9/16 ends before 60 %, 10/16 after
        gone = step_keys(with_felt(asked, span=Span(0.6, 0.875, 0.1, 0.0)))
        self.assertEqual(common(step_keys(asked), gone), 14)

    def test_whatever_else_differs_parts_them_at_once(self):
        asked = of_everything()
        guide, avoided = asked.guides[0], asked.avoided[0]
        begun = render(replace(asked, steps=4)).trace
        with_it, moved = (
            step_keys(replace(asked, begun=replace(begun, x=begun.x + k))) for k in (0, 1)
        )
        self.assertEqual(common(with_it, moved), 0)
        others = {
            "seed": {"seed": 8},
            "all the way to a seed": {"stray": Stray(3, 1.0)},
            "departure": {"departure": 0.7},
            "steps": {"steps": 15},
            "source": {"source": blobs()},
            "blend": {"blend": "mix"},
            "within": {"within": np.ones((HEIGHT, WIDTH), np.float32)},
            "facets": {"styles": (replace(asked.styles[0], facets=Facets(1)), asked.styles[1])},
            "picture": {"styles": (replace(asked.styles[0], picture=stripes()), asked.styles[1])},
            "region": {"styles": (asked.styles[0], replace(asked.styles[1], region=None))},
            "size of marks": {"styles": (replace(asked.styles[0], scale=2), asked.styles[1])},
            "guide": {"guides": (replace(guide, weight=0.6),)},
            "strength of the map": {"guides": (replace(guide, strength=guide.strength / 2),)},
            "begun": {"begun": begun},
            "avoided": {"avoided": (replace(avoided, blur=3),)},
        }
        for name, keys in others.items():
            with self.subTest(name):
                other = replace(asked, **keys)
                self.assertEqual(common(step_keys(asked), step_keys(other)), 0)

    def test_straying_runs_part_when_they_take_the_other_seed(self):
        asked = of_everything(departure=1.0)
        for amount, together in ((0.0, 16), (0.2, 7), (0.9, 1)):
            strayed = replace(asked, stray=Stray(3, amount))
            self.assertEqual(common(step_keys(asked), step_keys(strayed)), together)

    def test_what_takes_no_step_has_no_keys(self):
        self.assertEqual(step_keys(request(departure=0.0)), ())
        self.assertEqual(step_keys(request(styles=(style(weight=0),))), ())

    def test_a_look_ends_with_forms_and_is_coarse_where_there_are_none(self):
        self.assertEqual(look_steps(request(departure=1.0)), 8)
        self.assertEqual(look_steps(request(departure=0.75)), 4)
        self.assertEqual(look_steps(request(departure=0.25)), 2)
        self.assertEqual([s.level for s in plan(16, 0.25, 2)][:2], [2, 1])
        self.assertEqual(look_steps(request(departure=0.05)), 1)


class BeginningsTest(unittest.TestCase):
    def sheet(self) -> dict[str, Request]:
        # What is avoided is compared anew for every run, which takes long; keys tell it apart.
        asked = replace(of_everything(departure=0.9), avoided=())
        return {
            f"{weight} {leave}": with_felt(asked, weight=weight, span=Span(0.4, leave))
            for weight in (0.3, 0.8)
            for leave in (0.6, 0.8, 1.0)
        } | {"without": with_felt(asked, weight=0.0)}

    def assert_same(self, done, single):
        np.testing.assert_array_equal(done.picture, single.picture)
        np.testing.assert_array_equal(done.trace.y, single.trace.y)
        np.testing.assert_array_equal(done.influence.maps, single.influence.maps)
        self.assertEqual(len(done.filmstrip), len(single.filmstrip))

    def test_cells_have_the_bytes_of_their_single_runs(self):
        for blend in ("share", "mix"):
            every = {k: replace(r, blend=blend) for k, r in self.sheet().items()}
            cells = every if blend == "share" else dict([*every.items()][-3:])
            beginnings = Beginnings()
            for name, asked in cells.items():
                beginnings.expect(name, asked)
            for name, asked in reversed(cells.items()):
                with self.subTest(name, blend=blend):
                    self.assert_same(beginnings.render(name, asked), render(asked))

    def test_looks_are_gone_on_from(self):
        cells, beginnings = self.sheet(), Beginnings()
        for name, asked in cells.items():
            beginnings.expect(name, asked)
        for name, asked in cells.items():
            look = beginnings.look(name, asked, Control())
            self.assertLess(look.picture.shape[0], HEIGHT)
        taken = beginnings.taken
        for name, asked in cells.items():
            self.assert_same(beginnings.render(name, asked), render(asked))
        whole = sum(len(step_keys(asked)) for asked in cells.values())
        self.assertLess(taken, len(cells) * look_steps(cells["0.3 0.6"]) * 0.6)
        self.assertLess(beginnings.taken, 0.6 * whole)

    def test_no_state_is_kept_for_what_is_done_or_dropped(self):
        cells, beginnings = self.sheet(), Beginnings()
        for name, asked in cells.items():
            beginnings.expect(name, asked)
        beginnings.look("0.3 1.0", cells["0.3 1.0"], Control())
        self.assertGreater(beginnings.bytes, 100_000)
        last = "0.8 0.6"
        for name in cells:
            if name != last:
                beginnings.render(name, cells[name])
        self.assertGreater(beginnings.bytes, 0)  # the last one may still go on from there
        beginnings.drop(last)
        self.assertEqual(beginnings.bytes, 0)

    def test_without_room_beginnings_are_run_again(self):
        cells, beginnings = self.sheet(), Beginnings()
        with mock.patch.object(parting, "_LIMIT", 1000):
            for name, asked in cells.items():
                beginnings.expect(name, asked)
            for name, asked in list(cells.items())[:2]:
                self.assert_same(beginnings.render(name, asked), render(asked))
        self.assertEqual(beginnings.taken, 2 * len(step_keys(cells["0.3 0.6"])))

    def test_the_source_and_noise_alike(self):
        silent = request(departure=0.0)
        noise = Request(WIDTH, HEIGHT, departure=1.0, steps=6, styles=(style(),))
        beginnings = Beginnings()
        for name, asked in (("silent", silent), ("noise", noise)):
            done = beginnings.render(name, asked)
            np.testing.assert_array_equal(done.picture, render(asked).picture)
