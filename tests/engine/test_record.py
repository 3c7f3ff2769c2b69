import unittest

import numpy as np

from overlay.engine.record import ASPECTS
from overlay.engine.request import Facets
from overlay.engine.sampler import render
from overlay.engine.steps.run import _film_frame
from overlay.engine.steps.schedule import Span
from overlay.imaging.colour import srgb_to_work
from tests.pictures import HEIGHT, WIDTH, manner, request, scene, stripes, style


class FilmTest(unittest.TestCase):
    def test_a_frame_is_a_smaller_picture_of_the_same_colours(self):
        picture = np.full((900, 600, 3), (100, 7, 250), np.uint8)
        frame = _film_frame(srgb_to_work(picture))
        self.assertEqual(frame.shape, (384, 256, 3))
        self.assertLessEqual(np.abs(frame.astype(int) - (100, 7, 250)).max(), 1)
        self.assertEqual(_film_frame(srgb_to_work(picture[:384, :300])).shape, (384, 300, 3))
        self.assertEqual(_film_frame(srgb_to_work(picture[:768, :300])).shape, (384, 150, 3))


class InfluenceTest(unittest.TestCase):
    def record(self, *styles, **keys):
        return render(request(styles=styles, **keys)).influence

    def test_weights_sum_to_one_everywhere(self):
        left = np.zeros((HEIGHT, WIDTH), np.float32)
        left[:, :90] = 1
        found = self.record(
            style(name="a", region=left), style(stripes(), "b", facets=Facets(palette=0.5)),
            style(scene("lock"), "c", facets=Facets(layout=0.3, likeness=0.2)),
        )  # fmt: skip
        total = found.maps.astype(int).sum(axis=1)
        self.assertLessEqual(np.abs(total - 255).max(), 4)
        self.assertEqual(found.maps.shape[:3], (len(found.progress), 4, len(ASPECTS)))
        self.assertEqual(found.names, ("a", "b", "c", "source"))

    def test_a_cue_decides_where_and_when_it_speaks(self):
        left = np.zeros((HEIGHT, WIDTH), np.float32)
        left[:, : WIDTH // 2] = 1
        found = self.record(style(name="a", region=left, span=Span(enter=0.6)))
        marks = found.maps[:, 0, ASPECTS.index("marks")]
        late = np.array(found.progress) > 0.7
        self.assertEqual(int(marks[:3].max()), 0)
        self.assertGreater(int(marks[late][..., :12].min()), 128)
        self.assertEqual(int(marks[late][..., 22:].max()), 0)

    def test_facets_speak_in_their_own_aspects(self):
        cases = {"palette": "colour", "light": "masses", "layout": "masses", "likeness": "marks"}
        for facet, aspect in cases.items():
            found = self.record(style(name="a", facets=Facets(**{facet: 1.0})))
            shares = found.maps[-1, 0].mean(axis=(1, 2)) / 255
            with self.subTest(facet):
                self.assertGreater(shares[ASPECTS.index(aspect)], 0.9)

    def test_who_never_spoke_decided_nothing(self):
        self.assertFalse(self.record(style(name="a")).of("nobody").any())


class TraceTest(unittest.TestCase):
    def setUp(self):
        self.cue = style(manner(), "a", turns=True, origin=(100, 50), scale=0.5)
        done = render(request(styles=(self.cue, style(stripes(), "b", weight=0.3))))
        self.trace = done.trace

    def test_places_lie_in_the_artists_file(self):
        found = [
            self.trace.origin(i, j)
            for i in range(0, self.trace.cue.shape[0], 5)
            for j in range(0, self.trace.cue.shape[1], 5)
        ]
        for name, (left, top, right, bottom) in found:
            if name == "a":
                self.assertTrue(100 <= left < right <= 343 and 50 <= top < bottom <= 233)
                self.assertAlmostEqual(right - left, 8 * self.trace.scales[0], delta=0.01)

    def test_where_a_place_went_and_back(self):
        row, column = np.argwhere(self.trace.cue == 0)[7]
        name, box = self.trace.origin(row, column)
        self.assertTrue(self.trace.came_from(name, *box)[row, column])
        everything = self.trace.came_from("a", 0, 0, 1000, 1000)
        np.testing.assert_array_equal(everything, self.trace.cue == 0)

    def test_pixels_and_patches_agree(self):
        chosen = np.zeros(self.trace.cue.shape, bool)
        row, column = self.trace.patch_at(40, 70)
        chosen[row, column] = True
        shown = self.trace.pixels(chosen, HEIGHT, WIDTH)
        self.assertTrue(shown[40, 70])
        self.assertLessEqual(int(shown.sum()), 36)

    def test_turns_are_used_where_they_are_allowed(self):
        used = set(np.unique(self.trace.turn[self.trace.cue == 0]))
        self.assertEqual(used, {0, 1, 2, 3})
        self.assertEqual(set(np.unique(self.trace.turn[self.trace.cue == 1])), {0})

    def test_without_mirror_nothing_is_mirrored(self):
        trace = render(request(styles=(style(mirror=False),))).trace
        self.assertFalse(trace.mirrored.any())
