from unittest import mock

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QFileDialog

from overlay.imaging.files import write_picture
from overlay.scenery.moving import pan
from overlay.studio.keeping.files.opening import open_project
from overlay.studio.sequences.frames import open_frames
from tests.app.harness import WindowTest
from tests.pictures import scene

LEFT = Qt.MouseButton.LeftButton
CONTROL = Qt.KeyboardModifier.ControlModifier


class SequenceRoomTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.shots = self.folder / "shots"
        self.shots.mkdir()
        for number, frame in enumerate(pan(scene("lock", 160, 64), 3, 96, 64, 2), 1):
            write_picture(self.shots / f"{number}.png", frame.picture)
        self.desk = self.window.house.sequence_desk
        self.room = self.desk.room
        QTest.keyClick(self.window, Qt.Key.Key_5, CONTROL)
        self.settle()

    def take(self) -> None:
        with mock.patch.object(QFileDialog, "getExistingDirectory", return_value=str(self.shots)):
            QTest.mouseClick(self.room.folder, LEFT)
        self.settle()

    def fill(self) -> None:
        QTest.mouseClick(self.room.fill, LEFT)
        self.settle()

    def add_key(self, frame: int, text: str, value: str) -> None:
        self.room.player.strip.go_to(frame)
        QTest.mouseClick(self.room.add_key, LEFT)
        QTest.keyClicks(self.desk.chooser.search, text)
        QTest.keyClick(self.desk.chooser.search, Qt.Key.Key_Return)
        self.settle()
        frames = [key.frame for key in self.sequence.keys]
        self.room.keys.item(frames.index(frame), 2).setText(value)
        self.settle()

    @property
    def sequence(self):
        return self.bench.project.state.sequence

    @property
    def line(self) -> str:
        return self.desk.line.label.text()


class FramesTest(SequenceRoomTest):
    def test_its_tab_is_there_while_one_is_in_it(self):
        tabs = self.window.house.top.rooms

        def there():
            return [name for name, tab in tabs.items() if tab.isVisible()]

        self.assertIn("sequence", there())
        self.assertTrue(tabs["sequence"].isChecked())
        QTest.mouseClick(tabs["drawer"], LEFT)
        self.assertEqual(there(), ["bench", "proof sheet", "edition", "drawer"])
        self.assertTrue(tabs["drawer"].isChecked())

    def test_frames_are_chosen_shown_and_undone(self):
        self.assertEqual(self.window.floor.room, "sequence")
        self.take()
        self.assertEqual(self.room.says.text(), "shots: 3 frames, 12 a second")
        self.assertIsNotNone(self.room.player.view.image)
        QTest.keyClick(self.room.player.strip, Qt.Key.Key_Right)
        self.assertEqual(self.room.player.says.text(), "Frame 2, as it came")
        self.bench.project.undo()
        self.settle()
        self.assertIsNone(self.sequence)
        self.assertEqual(self.room.says.text(), "No frames yet")

    def test_what_holds_no_frames_is_refused_and_changes_nothing(self):
        self.desk.take(self.folder / "recipe.json")
        self.settle()
        self.assertIn("frames must be a folder or one of", self.line)
        self.assertIsNone(self.sequence)
        self.fill()
        self.assertIn("Choose frames first", self.line)


class KeyTest(SequenceRoomTest):
    def test_key_frames_are_set_where_one_is_and_typed(self):
        self.take()
        self.add_key(1, "departure", "30")
        self.add_key(3, "departure", "90")
        keys = [(key.frame, key.key, key.value) for key in self.sequence.keys]
        self.assertEqual(keys, [(1, "departure", 0.3), (3, "departure", 0.9)])
        self.room.keys.item(0, 2).setText("300")
        self.assertIn("departure: must be 0 to 1, got 3", self.line)
        self.assertEqual(self.room.keys.item(0, 2).text(), "30 %")
        self.room.keys.setCurrentCell(0, 1)
        QTest.mouseClick(self.room.drop_key, LEFT)
        self.assertEqual([key.frame for key in self.sequence.keys], [3])

    def test_held_is_an_amount(self):
        self.take()
        self.room.held.field.setValue(40)
        self.assertEqual(self.sequence.held, 0.4)


class RenderingTest(SequenceRoomTest):
    def setUp(self):
        super().setUp()
        self.take()
        self.bench.change_recipe("Steps", steps=4)

    def test_frames_are_rendered_played_and_written(self):
        self.fill()
        self.assertEqual(sorted(self.desk.filmed.flickers), [1, 2, 3])
        self.assertIn("3 frames are there", self.room.figures.text())
        self.assertIn("Flicker", self.room.figures.text())
        self.room.player.strip.go_to(2)
        rendered = self.room.player.view.image
        QTest.mouseClick(self.room.player.source, LEFT)
        self.assertNotEqual(self.room.player.view.image, rendered)
        QTest.mouseClick(self.room.player.source, LEFT)
        self.room.player.set_rate(60)
        QTest.mouseClick(self.room.player.play, LEFT)
        seen = set()
        self.wait(lambda: seen.add(self.room.player.strip.now) or seen == {1, 2, 3})
        self.desk.escape()
        self.assertFalse(self.room.player.play.isChecked())
        for name in ("a.gif", "frames"):
            out = self.folder / name
            with mock.patch.object(QFileDialog, "getSaveFileName", return_value=(str(out), "")):
                QTest.mouseClick(self.room.write, LEFT)
            self.settle()
            self.assertEqual(open_frames(out).count, 3)

    def test_stopping_leaves_what_is_there(self):
        QTest.mouseClick(self.room.fill, LEFT)
        self.wait(lambda: self.desk.filmed is not None and len(self.desk.filmed.flickers) >= 1)
        self.desk.escape()
        self.settle()
        self.assertLess(len(self.desk.filmed.flickers), 3)
        self.assertFalse(self.desk.filler.busy)
        self.assertTrue(self.room.write.isEnabled())

    def test_a_damaged_frame_says_why_and_keeps_those_before(self):
        (self.shots / "2.png").write_bytes((self.shots / "2.png").read_bytes()[:300])
        self.fill()
        self.assertIn("2.png", self.line)
        self.assertEqual(list(self.desk.filmed.flickers), [1])

    def test_it_is_kept_in_the_project(self):
        path = self.folder / "p.overlay"
        self.bench.save(path)
        kept = open_project(path).project.state.sequence
        self.assertEqual((kept.frames, kept.held), (str(self.shots), 1.0))
