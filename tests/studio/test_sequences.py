import json
from pathlib import Path
from unittest.mock import patch

import numpy as np

from overlay.document.reading import make_recipe, read_recipe
from overlay.document.sets.sequences import KeyFrame, Sequence
from overlay.document.text.json_text import RecipeError
from overlay.engine.control import CancelledError, Control
from overlay.imaging.files import read_text_chunk, write_picture
from overlay.imaging.intake import PictureError
from overlay.scenery.moving import pan
from overlay.studio.inputs.paths import absolute_recipe
from overlay.studio.making.groundwork import Groundwork
from overlay.studio.sequences import making
from overlay.studio.sequences.frames import open_frames
from overlay.studio.sequences.keys import frame_recipe, read_key, value_at_frame
from overlay.studio.sequences.making import Outcome, check_sequence, make_sequence
from overlay.studio.sequences.writing import check_out, write_all, write_frame
from tests.pictures import blobs, scene
from tests.workspace import WorkspaceTest


class SequenceTest(WorkspaceTest):
    def setUp(self):
        super().setUp()
        self.shots = self.folder / "shots"
        self.shots.mkdir()
        self.frames = [f.picture for f in pan(scene("lock", 160, 64), 4, 96, 64, 2)]
        for number, frame in enumerate(self.frames, 1):
            write_picture(self.shots / f"shot {number}.png", frame)

    def sequence(self, *keys: KeyFrame, frames: Path | None = None, **recipe) -> Sequence:
        located = absolute_recipe(make_recipe(self.recipe(steps=4, **recipe), "x"), self.folder)
        return Sequence(title="t", recipe=located, frames=str(frames or self.shots), keys=keys)


class FramesTest(SequenceTest):
    def test_what_is_written_is_read_again(self):
        for name, apart in (
            ("a.gif", 12),
            ("a.apng", 0),
            ("a.webp", 6),
            ("a.mp4", 8),
            ("a.webm", 8),
        ):
            with self.subTest(name):
                path = self.folder / name
                write_all(path, iter(self.frames), 10)
                found = open_frames(path)
                frames = list(found)
                self.assertEqual((len(frames), round(found.rate)), (4, 10))
                gap = np.abs(np.stack(frames).astype(int) - np.stack(self.frames)).mean()
                self.assertLessEqual(gap, apart)

    def test_a_folder_goes_by_number_and_knows_its_files(self):
        found = open_frames(self.shots)
        self.assertEqual((found.count, found.file(3).name), (4, "shot 3.png"))
        np.testing.assert_array_equal(list(found)[3], self.frames[3])

    def test_frames_of_other_sizes_are_refused_before_anything_runs(self):
        write_picture(self.shots / "shot 3.png", blobs(1, 64, 64))
        with self.assertRaisesRegex(
            PictureError, r"shot 3\.png: frames must be 96x64 .* got 64x64"
        ):
            open_frames(self.shots)

    def test_what_holds_no_frames_is_refused_in_one_line(self):
        text = self.folder / "a.txt"
        text.write_text("no frames")
        for name in ("b.gif", "b.mp4", "b.webp"):
            (self.folder / name).write_bytes(b"damaged")
        for path, pattern in (
            (text, "frames must be a folder or one of .apng"),
            (self.folder / "none.gif", "no such file"),
            (self.folder / "b.gif", "cannot be read"),
            (self.folder / "b.mp4", "cannot be read"),
            (self.folder / "b.webp", "cannot be read"),
            (Path("/dev/zero"), "frames must be"),
        ):
            with self.subTest(path.name), self.assertRaisesRegex(PictureError, pattern):
                open_frames(path)

    def test_an_animation_of_too_many_pixels_is_refused_beforehand(self):
        with self.assertRaisesRegex(
            PictureError, "may have 400 megapixels in all its frames, got 786"
        ):
            check_out(self.folder / "a.gif", 1000, 786_432)
        check_out(self.folder / "a.mp4", 1000, 786_432)


class KeyTest(SequenceTest):
    def keys(self, *pairs) -> list[KeyFrame]:
        return [KeyFrame(frame=f, key="departure", value=v) for f, v in pairs]

    def test_numbers_change_evenly_and_stay_outside(self):
        keys = self.keys((5, 0.8), (3, 0.2))
        values = [value_at_frame(keys, n, whole=False) for n in (1, 3, 4, 5, 9)]
        self.assertEqual(values, [0.2, 0.2, 0.5, 0.8, 0.8])
        whole = [KeyFrame(frame=f, key="steps", value=v) for f, v in ((1, 4), (4, 6))]
        self.assertEqual([value_at_frame(whole, n, whole=True) for n in (1, 2, 3, 4)], [4, 5, 5, 6])

    def test_choices_change_at_their_frame(self):
        keys = [KeyFrame(frame=f, key="blend", value=v) for f, v in ((1, "share"), (3, "mix"))]
        self.assertEqual([value_at_frame(keys, n, whole=False) for n in (2, 3)], ["share", "mix"])

    def test_a_frames_recipe_has_them_and_its_own_source(self):
        sequence = self.sequence(*self.keys((1, 0.2), (3, 0.6)))
        made = frame_recipe(sequence, 2, "/x/2.png")
        self.assertEqual((made.departure, made.source), (0.4, "/x/2.png"))

    def test_they_are_read_from_the_command_line_and_refused_by_name(self):
        recipe = make_recipe(self.recipe(), "x")
        key = read_key("3:cues.0.weight=0.5", recipe)
        self.assertEqual((key.frame, key.key, key.value), (3, "cues.paint.weight", 0.5))
        for text, pattern in (
            ("departure=1", "must be FRAME:KEY=VALUE"),
            ("1:departur=1", "must name a setting of the recipe but its source"),
            ("1:source=a.png", "but its source"),
            ("1:departure=2", "must be 0 to 1, got 2"),
            ("0:departure=1", "counted from 1"),
        ):
            with self.subTest(text), self.assertRaisesRegex(RecipeError, pattern):
                read_key(text, recipe)


class MakingTest(SequenceTest):
    def test_frames_come_in_order_measured_and_without_leavings(self):
        sequence, outcome = self.sequence(), Outcome()
        made = list(make_sequence(sequence, check_sequence(sequence), Control()))
        for one in made:
            outcome.take(one, f"{one.number}.png")
        self.assertEqual([one.number for one in made], [1, 2, 3, 4])
        self.assertIsNone(made[0].changes)
        report = outcome.report()
        self.assertEqual(set(report), {"frames", "flicker", "seconds"})
        self.assertEqual(
            set(report["frames"][0]), {"file", "recipe_hash", "seconds", "flicker", "cut"}
        )
        self.assertLess(report["flicker"], 4)

    def test_what_cannot_be_a_sequence_is_refused_at_first(self):
        for keys, pattern in (
            ({"engine": "other"}, "sequences need patches, got 'other'"),
            ({"passes": [{"kind": "settle", "departure": 0.2}]}, "have none, got 1; enlarge them"),
        ):
            with self.subTest(pattern), self.assertRaisesRegex(RecipeError, pattern):
                check_sequence(self.sequence(**keys))

    def test_a_frame_that_is_damaged_ends_it_and_those_before_are_there(self):
        sequence = self.sequence()
        frames = check_sequence(sequence)
        (self.shots / "shot 3.png").write_bytes((self.shots / "shot 3.png").read_bytes()[:400])
        made = []
        with self.assertRaisesRegex(PictureError, r"shot 3\.png"):
            made.extend(one.number for one in make_sequence(sequence, frames, Control()))
        self.assertEqual(made, [1, 2])

    def test_which_frame_is_made_is_said_before_its_maps_are(self):
        told = []
        control = Control(report=lambda _, frame: told.append(frame))

        def mapped(*given):
            told.append("maps")
            return Groundwork(*given)

        sequence = self.sequence()
        with patch.object(making, "Groundwork", mapped):
            next(make_sequence(sequence, check_sequence(sequence), control, first=2))
        self.assertEqual(told[:2], ["frame 2", "maps"])

    def test_stopping_stops(self):
        sequence = self.sequence()
        with self.assertRaises(CancelledError):
            list(make_sequence(sequence, check_sequence(sequence), Control(cancelled=lambda: True)))

    def test_a_written_frame_says_what_made_it_and_where_it_stands(self):
        sequence = self.sequence()
        frames = check_sequence(sequence)
        one = next(make_sequence(sequence, frames, Control()))
        out = self.folder / "out"
        write_frame(out, one, sequence, frames.file(1))
        path = out / "0001.png"
        self.assertEqual(read_recipe(path).source, "../shots/shot 1.png")
        stands = json.loads(read_text_chunk(path, "overlay:sequence"))
        self.assertEqual(stands, {"frames": "shots", "frame": 1, "held": 1.0})

    def test_an_animation_that_is_stopped_leaves_no_file(self):
        def frames():
            yield self.frames[0]
            raise CancelledError("stopped")

        for name in ("a.gif", "a.mp4"):
            with self.subTest(name):
                with self.assertRaises(CancelledError):
                    write_all(self.folder / name, frames(), 10)
                self.assertEqual(
                    list(self.folder.glob("*.gif")) + list(self.folder.glob("*.mp4")), []
                )
