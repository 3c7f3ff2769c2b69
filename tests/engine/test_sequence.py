import unittest

import numpy as np

from overlay.engine.request import Facets, StyleCue
from overlay.engine.sampler import render
from overlay.engine.sequence.frame import render_frame
from overlay.imaging.colour import srgb_to_work
from overlay.imaging.rows import thread_count, use_threads
from overlay.motion.flicker import change
from overlay.motion.flow import find_motion
from overlay.scenery.moving import pan
from tests.pictures import blobs, edges, manner, request, scene


class SequenceTest(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        cls.frames = list(pan(scene("windmill", 256, 128), 4, 192, 128, 2))

    def request(self, source, **keys):
        styles = (StyleCue("style", manner(), Facets(1, 1, 1)),)
        keys = {"styles": styles, "guides": (edges(source, weight=0.5),), "steps": 8} | keys
        return request(source, **keys)

    def rendered(self, held: float, frames=None, **keys) -> list[np.ndarray]:
        frames = self.frames if frames is None else frames
        before, pictures = None, []
        for number, frame in enumerate(frames):
            motion = find_motion(frame.picture, frames[number - 1].picture) if number else None
            picture, before = render_frame(
                self.request(frame.picture, **keys), before, motion, held
            )
            pictures.append(picture)
        return pictures

    def changes(self, pictures) -> float:
        works = [srgb_to_work(p) for p in pictures]
        pairs = zip(works[1:], works, self.frames[1:], strict=False)
        return float(np.mean([change(now, old, f.flow, f.true) for now, old, f in pairs]))

    def test_free_frames_are_those_of_single_runs_to_the_byte(self):
        for frame, picture in zip(self.frames[:2], self.rendered(0.0)[:2], strict=True):
            single = render(self.request(frame.picture)).picture
            np.testing.assert_array_equal(picture, single)

    def test_the_more_it_is_held_the_steadier_it_is(self):
        figures = [self.changes(self.rendered(held)) for held in (0.0, 0.5, 1.0)]
        self.assertGreater(figures[0], 1.5 * figures[1])
        self.assertGreater(figures[1], 1.5 * figures[2])
        self.assertGreater(figures[0], 3 * figures[2])

    def test_marks_move_along_and_do_not_stick_to_the_frame(self):
        pictures = [srgb_to_work(p) for p in self.rendered(1.0)]
        moved = np.abs(pictures[3][:, :-2] - pictures[2][:, 2:]).mean()
        stuck = np.abs(pictures[3] - pictures[2]).mean()
        self.assertLess(moved, 0.4 * stuck)

    def test_several_references_keep_their_areas(self):
        two = (
            StyleCue("a", manner(), Facets(1, 1, 1)),
            StyleCue("b", manner("felt"), Facets(1, 1, 1)),
        )
        for blend in ("share", "mix"):
            with self.subTest(blend):
                free, held = (self.rendered(h, styles=two, blend=blend) for h in (0.0, 1.0))
                self.assertLess(self.changes(held), 0.5 * self.changes(free))

    def test_the_same_on_any_number_of_threads(self):
        most = thread_count()
        self.addCleanup(use_threads, most)
        first = self.rendered(1.0)[-1]
        use_threads(1)
        np.testing.assert_array_equal(self.rendered(1.0)[-1], first)

    def test_after_a_cut_a_scene_begins_as_if_it_were_the_first(self):
        other = scene("lock", 192, 128)
        before = None
        for frame, last in ((self.frames[0].picture, None), (other, self.frames[0].picture)):
            motion = None if last is None else find_motion(frame, last)
            picture, before = render_frame(self.request(frame), before, motion, 1.0)
        alone, _ = render_frame(self.request(other), None, None, 1.0)
        np.testing.assert_array_equal(picture, alone)

    def test_frames_of_another_size_are_refused(self):
        _, before = render_frame(self.request(self.frames[0].picture), None, None, 1.0)
        small = blobs(1, 96, 64)
        with self.assertRaisesRegex(ValueError, "frames must be of one size"):
            render_frame(self.request(small), before, find_motion(small, small), 1.0)

    def test_departure_0_gives_the_frames_themselves(self):
        for frame, picture in zip(self.frames, self.rendered(1.0, departure=0.0), strict=True):
            np.testing.assert_array_equal(frame.picture, picture)
