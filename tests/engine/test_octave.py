import unittest
from functools import cache

import numpy as np
from PIL import Image

from overlay.engine.octave.octave import add_octave
from overlay.engine.record import Trace
from overlay.engine.request import Render, Request
from overlay.engine.sampler import render
from overlay.enlarging.faithful import enlarge
from overlay.imaging.colour import srgb_to_work
from overlay.measures.structure import structure_kept
from tests.pictures import edges, manner, request, scene, style


def wide_request(name: str = "felt", **keys) -> Request:
    """A run whose reference is twice as fine as it is used."""
    source = scene("windmill", 360, 240)
    keys.setdefault("styles", (style(manner(name, 720, 480)),))
    return request(source, departure=0.6, guides=(edges(source, weight=0.6),), **keys)


@cache
def base(name: str = "felt") -> Render:
    return render(wide_request(name))


def doubled(done: Render) -> np.ndarray:
    height, width = done.picture.shape[:2]
    return enlarge(done.picture, 2 * height, 2 * width)


def patches(picture: np.ndarray, step: int) -> np.ndarray:
    """7x7 patches without their means, flat."""
    work = srgb_to_work(picture)
    views = np.lib.stride_tricks.sliding_window_view(work, (7, 7), (0, 1))[::step, ::step]
    flat = views.reshape(*views.shape[:2], 3, 49)
    return (flat - flat.mean(axis=3, keepdims=True)).reshape(-1, 147).astype(np.float32)


def fine(picture: np.ndarray, reference: np.ndarray) -> float:
    """How far a picture's patches are from a reference's, as distributions: sliced, in 64 ways."""
    ways = np.random.default_rng(0).standard_normal((147, 64)).astype(np.float32)
    at = np.linspace(0.01, 0.99, 99)
    mine, others = (np.quantile(patches(p, 3) @ ways, at, axis=0) for p in (picture, reference))
    return float(np.abs(mine - others).mean())


class OctaveTest(unittest.TestCase):
    def test_detail_comes_from_the_finer_reference_and_the_rest_stays(self):
        done = base("felt")
        own = doubled(done)
        made, _ = add_octave(own, done.trace, wide_request("felt"), 2.0, 1.0)
        size = own.shape[1::-1]
        soft = np.array(Image.fromarray(done.picture).resize(size, Image.Resampling.LANCZOS))
        reference = manner("felt", 720, 480)
        self.assertLess(fine(made, reference), 0.75 * fine(soft, reference))
        work, before = srgb_to_work(made), srgb_to_work(own)
        self.assertGreater(structure_kept(work, before), 88)
        self.assertLess(np.abs(work.mean((0, 1)) - before.mean((0, 1))).max(), 0.001)

    def test_the_same_bytes_for_any_band(self):
        done, asked = base(), wide_request()
        own = doubled(done)
        whole, first = add_octave(own, done.trace, asked, 2.0, 1.0, band=4096)
        made, second = add_octave(own, done.trace, asked, 2.0, 1.0, band=64)
        np.testing.assert_array_equal(made, whole)
        for key in ("cue", "y", "x", "turn", "mirrored"):
            np.testing.assert_array_equal(getattr(first, key), getattr(second, key))

    def test_strength_goes_from_nothing_over_gentle_to_full(self):
        done, asked = base(), wide_request()
        own = doubled(done)
        same, trace = add_octave(own, done.trace, asked, 2.0, 0.0)
        np.testing.assert_array_equal(same, own)
        self.assertIsNone(trace)
        away = [
            np.abs(add_octave(own, done.trace, asked, 2.0, s)[0].astype(int) - own).mean()
            for s in (0.1, 0.5, 1.0)
        ]
        self.assertLess(away[0] * 2, away[1])
        self.assertLess(away[1], away[2])

    def test_where_no_cue_takes_part_nothing_changes(self):
        region = np.zeros((240, 360), np.float32)
        region[:, :180] = 1
        styles = (style(manner("felt", 720, 480), region=region),)
        asked = wide_request(styles=styles)
        done = render(asked)
        own = doubled(done)
        made, _ = add_octave(own, done.trace, asked, 2.0, 1.0)
        np.testing.assert_array_equal(made[:, 361:], own[:, 361:])
        self.assertGreater(np.abs(made[:, :350].astype(int) - own[:, :350]).mean(), 1)
        nobody, _ = add_octave(own, done.trace, asked, 2.0, 1.0, cues=frozenset())
        np.testing.assert_array_equal(nobody, own)

    def test_several_references_and_turns_take_part(self):
        styles = tuple(
            style(manner(name, 720, 480), name, turns=True) for name in ("felt", "lino cut")
        )
        asked = wide_request(styles=styles)
        done = render(asked)
        self.assertGreater(done.trace.turn.max(), 0)
        made, trace = add_octave(doubled(done), done.trace, asked, 2.0, 1.0)
        work, before = srgb_to_work(made), srgb_to_work(doubled(done))
        self.assertLess(np.abs(work - before).mean(), 0.02)
        for name in ("felt", "lino cut"):
            self.assertAlmostEqual(trace.share(name), done.trace.share(name), delta=0.04)
        self.assertEqual(set(np.unique(trace.turn)), set(np.unique(done.trace.turn)))

    def test_its_trace_leads_to_the_same_places_of_the_artists_files(self):
        done = base()
        _, trace = add_octave(doubled(done), done.trace, wide_request(), 2.0, 1.0)
        height, width = done.picture.shape[:2]
        near = []
        for y in range(10, height - 10, 24):
            for x in range(10, width - 10, 24):
                before = done.trace.origin(*done.trace.patch_at(y, x))
                after = trace.origin(*trace.patch_at(2 * y, 2 * x))
                near.append(abs(_middle(before)[0] - _middle(after)[0]) < 24)
        self.assertGreater(np.mean(near), 0.55)  # two thirds, where by chance a tenth would be

    def test_what_is_kept_out_of_a_reference_stays_out(self):
        allowed = np.ones((480, 720), bool)
        allowed[:, :360] = False
        asked = wide_request(styles=(style(manner("felt", 720, 480), allowed=allowed),))
        done = render(asked)
        _, trace = add_octave(doubled(done), done.trace, asked, 2.0, 1.0)
        spoken = trace.cue >= 0
        self.assertGreaterEqual(trace.x[spoken].min() * trace.scales[0], 358)


def _middle(origin: tuple | None) -> tuple[float, float]:
    _, (left, top, right, bottom) = origin
    return (left + right) / 2, (top + bottom) / 2


class TraceTest(unittest.TestCase):
    def test_pictures_that_another_run_drew_over_tell_of_both(self):
        from overlay.engine.retracing import enlarged_trace, laid_over

        below, above = _trace(("a", "b"), 1, 40), _trace(("b",), 0, 7, top=-6)
        above.cue[:, 3:] = -1
        both = laid_over(below, above)
        self.assertEqual(both.names, ("a", "b"))
        self.assertTrue((both.cue[:, :3] == 1).all() and (both.cue[:, 3:] == 1).all())
        self.assertEqual((int(both.y[0, 0]), int(both.y[2, 5])), (7, 38))
        self.assertEqual(both.top, -6)
        with self.assertRaisesRegex(ValueError, "must be among"):
            laid_over(above, below)
        twice = enlarged_trace(below, 32, 40, 2.0)
        self.assertEqual(twice.scales, (0.5, 0.5))
        self.assertEqual(twice.y[1:3, 0].tolist(), [76, 80])


def _trace(names: tuple[str, ...], cue: int, y: int, top: int = -8) -> Trace:
    shape = (4, 6)
    whole = np.full(shape, y, np.int32)
    return Trace(
        names, np.full(shape, cue, np.int16), whole, whole.copy(), np.zeros(shape, bool),
        np.zeros(shape, np.uint8), top, -8, 4, 8, (1.0,) * len(names), ((0, 0),) * len(names),
    )  # fmt: skip
