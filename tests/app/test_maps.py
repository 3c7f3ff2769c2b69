from unittest import mock

from PySide6.QtCore import QMimeData, QPointF, Qt, QUrl
from PySide6.QtGui import QDropEvent
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QFileDialog

from overlay.app.card.map_tools import JointTool
from overlay.document.cues import BLANK
from overlay.document.guide_options import Joint
from overlay.imaging.files import read_grey, write_picture
from tests import sketches
from tests.app.harness import WindowTest

LEFT = Qt.MouseButton.LeftButton


class MapTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.bench.select(1)
        self.settle()
        self.part, self.stage = self.window.house.card.guide, self.window.house.stage

    @property
    def cue(self):
        return self.bench.project.recipe.cues[1]

    def at(self, x, y):
        rect = self.stage.view.frame_rect()
        return QPointF(rect.left() + x * rect.width(), rect.top() + y * rect.height())

    def stroke(self, begin, end):
        self.drag(self.stage.view, self.at(*begin), self.at(*end))
        self.settle()

    def kind(self, kind):
        QTest.mouseClick(self.part.kinds[kind], LEFT)
        self.settle()

    def test_every_kind_shows_its_own_map_and_is_one_step(self):
        for kind in self.part.kinds:
            self.assertFalse(self.part.kinds[kind].icon().isNull(), kind)
            self.kind(kind)
            self.assertEqual(self.cue.guide, kind)
            self.assertIsNotNone(self.stage.images["map"], kind)
        self.assertEqual(self.bench.project.undo_name, "Kind pose of contours")

    def test_options_of_a_kind_reach_recipe_and_map(self):
        self.kind("blocks")
        before = self.stage.images["map"]
        self.part.field("cells").field.setValue(5)
        QTest.mouseClick(self.part.field("hard"), LEFT, pos=QPointF(8, 8).toPoint())
        self.settle()
        self.assertEqual((self.cue.options["cells"], self.cue.options["hard"]), (5, True))
        self.assertNotEqual(self.stage.images["map"], before)

    def test_a_picture_dropped_on_a_guide_is_what_its_map_is_made_from(self):
        data = QMimeData()
        data.setUrls([QUrl.fromLocalFile(str(self.folder / "stripes.png"))])
        action, keys = Qt.DropAction.CopyAction, Qt.KeyboardModifier.NoModifier
        row = self.window.house.sheet.rows[1]
        self.assertTrue(row.acceptDrops())
        self.assertFalse(self.window.house.sheet.rows[0].acceptDrops())
        row.dropEvent(QDropEvent(QPointF(20, 10), action, data, LEFT, keys))
        self.settle()
        self.assertEqual(self.cue.of, str(self.folder / "stripes.png"))

    def test_pen_eraser_and_mirror_draw_on_the_map_and_are_undone(self):
        QTest.mouseClick(self.part.tools["pen"], LEFT)
        self.assertEqual(self.stage.mode, "map")
        self.part.mirrored.setChecked(True)
        self.stroke((0.1, 0.3), (0.3, 0.3))
        self.assertEqual(len(self.cue.strokes), 2)
        self.assertAlmostEqual(self.cue.strokes[1].points[0][0], 0.9, delta=0.02)
        self.part.mirrored.setChecked(False)
        QTest.mouseClick(self.part.tools["eraser"], LEFT)
        self.stroke((0.5, 0.1), (0.5, 0.9))
        self.assertEqual(self.cue.strokes[2].value, 0.0)
        self.part.field("low").field.setValue(0.02)
        self.settle()
        self.assertEqual(len(self.cue.strokes), 3)
        QTest.keyClick(self.window, Qt.Key.Key_Escape)
        self.assertIsNone(self.stage.view.tool)
        for _ in range(3):
            self.bench.project.undo()
        self.assertEqual(self.cue.strokes, ())

    def test_an_empty_map_is_drawn_and_pulled(self):
        self.part.made_from.setCurrentIndex(self.part.made_from.findData(BLANK))
        self.part.made_from.activated.emit(self.part.made_from.currentIndex())
        self.assertEqual(self.cue.of, BLANK)
        self.settle()
        self.assertNotIn("there is no picture", self.status)
        QTest.mouseClick(self.part.tools["line"], LEFT)
        self.stroke((0.2, 0.2), (0.8, 0.8))
        self.assertEqual(len(self.cue.strokes[0].points), 2)
        self.pull()
        self.assertIsNotNone(self.bench.proof)
        self.kind("depth")
        self.assertEqual(self.cue.of, "source")

    def test_joints_are_put_down_when_an_undo_makes_the_guide_another_kind(self):
        self.kind("outline")
        self.kind("pose")
        QTest.mouseClick(self.part.tools["joints"], LEFT)
        self.assertEqual(self.window.house.maps.tool, "joints")
        # The card has not yet heard of it: what the hand does in between must not go wrong.
        self.bench.project.undo()
        self.part.tool_asked.emit("joints")
        self.assertEqual(self.window.house.maps.tool, "")
        self.settle()
        self.assertEqual((self.cue.guide, self.window.house.maps.tool), ("outline", ""))
        self.assertIsNone(self.stage.view.tool)

    def test_near_strokes_and_joints(self):
        self.kind("depth")
        QTest.mouseClick(self.part.tools["near"], LEFT)
        self.stroke((0.4, 0.3), (0.5, 0.3))
        self.assertEqual(self.cue.strokes[0].value, 1.0)
        self.kind("pose")
        self.assertEqual((self.cue.strokes, self.stage.view.tool), ((), None))
        QTest.mouseClick(self.part.tools["joints"], LEFT)
        self.stroke((0.5, 0.5), (0.6, 0.4))
        (joint,) = self.cue.settings.joints
        self.assertAlmostEqual(joint.to[0] - joint.at[0], 0.1, delta=0.03)
        QTest.mouseClick(self.part.clear, LEFT)
        self.assertEqual(self.cue.settings.joints, ())

    def test_joints_of_a_mirrored_pose_move_together_unless_one_is_locked(self):
        def joints(locked):
            places = (((0.3, 0.4), False), ((0.7, 0.4), locked), ((0.5, 0.8), False))
            return tuple(Joint(at=at, to=at, locked=lock) for at, lock in places)

        for mirrored, locked, twin in (
            (True, False, (0.6, 0.5)), (True, True, (0.7, 0.4)), (False, False, (0.7, 0.4)),
        ):  # fmt: skip
            tool = JointTool(joints(locked))
            tool.mirrored = mirrored
            tool.press(QPointF(0.3, 0.4))
            tool.move(QPointF(0.4, 0.5))
            tool.release(QPointF(0.4, 0.5))
            self.assertEqual(tool.joints[0].to, (0.4, 0.5))
            self.assertEqual(tool.joints[1].to, twin)
            self.assertEqual(tool.joints[2].to, (0.5, 0.8))

    def test_the_map_against_the_proof_has_two_tints(self):
        self.pull()
        QTest.mouseClick(self.part.against, LEFT)
        self.settle()
        image = self.stage.images["map"]
        colours = {image.pixelColor(x, y).name() for x in range(96) for y in range(64)}
        self.assertEqual(colours - {"#0072b2", "#e67800"}, {"#000000"})
        self.bench.select(0)
        self.settle()
        self.assertFalse(self.part.against.isChecked())

    def test_a_ready_map_is_chosen_and_a_map_is_exported(self):
        write_picture(self.folder / "art.png", sketches.line_art(light=True))
        chosen = (str(self.folder / "art.png"), "")
        with mock.patch.object(QFileDialog, "getOpenFileName", return_value=chosen):
            self.part.made_from.activated.emit(self.part.made_from.findText("A ready map…"))
            self.settle()
        self.assertEqual(self.cue.map, chosen[0])
        target = self.folder / "map.png"
        with mock.patch.object(QFileDialog, "getSaveFileName", return_value=(str(target), "")):
            QTest.mouseClick(self.part.export, LEFT)
            self.settle()
        self.assertGreater(read_grey(target).max(), 0.7)
