from pathlib import Path

from PySide6.QtCore import QPointF, Qt
from PySide6.QtTest import QTest

from overlay.imaging.files import read_picture
from overlay.studio.inputs.cards import is_card
from tests.app.harness import WindowTest

LEFT = Qt.MouseButton.LeftButton


class PrepareTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.window.house.tray.pictures.setCurrentRow(0)
        self.choose("Prepare the selected picture")
        self.settle()
        self.room = self.window.house.prepare

    def at(self, x, y):
        rect = self.room.view.frame_rect()
        return QPointF(rect.left() + x * rect.width(), rect.top() + y * rect.height())

    def stroke(self, begin, end):
        self.drag(self.room.view, self.at(*begin), self.at(*end))
        self.settle()

    def test_cropping_painting_and_saving_a_new_starting_picture(self):
        self.assertEqual(self.window.floor.room, "prepare")
        self.stroke((0.25, 0.25), (0.75, 0.75))
        for got, wanted in zip(self.room.model.steps.crop, (0.25, 0.25, 0.75, 0.75), strict=True):
            self.assertAlmostEqual(got, wanted, delta=0.02)
        QTest.mouseClick(self.room.buttons["pick"], LEFT)
        QTest.mouseClick(self.room.view, LEFT, pos=self.at(0.5, 0.1).toPoint())
        self.assertNotEqual(self.room.colour, "#ffffff")
        self.assertTrue(self.room.buttons["brush"].isChecked())
        self.stroke((0.3, 0.5), (0.6, 0.5))
        self.assertEqual(self.room.model.steps.paint[0].colour, self.room.colour)
        QTest.mouseClick(self.room.save_source, LEFT)
        self.settle()
        saved = Path(self.bench.project.recipe.source)
        self.assertEqual((self.window.floor.room, saved.parent.name), ("bench", "prepared"))
        self.assertIn(saved, self.bench.project.state.tray)
        self.assertAlmostEqual(read_picture(saved).shape[1], 96, delta=3)

    def test_every_step_is_undone_and_redone_by_name(self):
        QTest.mouseClick(self.room.turn, LEFT)
        self.settle()
        QTest.mouseClick(self.room.working, LEFT, pos=self.room.working.rect().center())
        self.room.working.click() if not self.room.working.isChecked() else None
        self.settle()
        self.assertIn("724 x 1086", self.room.size_text.text())
        self.assertEqual(self.window.actions_by_name["Undo"].text(), "Undo: Working size")
        for _ in range(2):
            QTest.keyClick(self.window, Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier)
        self.settle()
        self.assertEqual(self.room.model.steps, type(self.room.model.steps)())
        self.assertIn("192 x 128", self.room.size_text.text())

    def test_a_retouch_is_listed_and_taken_away_again(self):
        QTest.mouseClick(self.room.buttons["retouch"], LEFT)
        self.stroke((0.4, 0.4), (0.5, 0.4))
        self.assertEqual(self.room.strokes.item(0).text(), "Retouch 1")
        self.room.strokes.setCurrentRow(0)
        self.room.strokes.setFocus()
        QTest.keyClick(self.room.strokes, Qt.Key.Key_Delete)
        self.settle()
        self.assertEqual(self.room.model.steps.retouch, ())

    def test_proportions_hold_and_escape_leaves(self):
        self.room.aspect.setCurrentText("1:1")
        self.room.aspect.activated.emit(0)
        self.stroke((0.1, 0.1), (0.7, 0.3))
        left, top, right, bottom = self.room.model.steps.crop
        self.assertAlmostEqual((right - left) * 1.5 / (bottom - top), 1.0, delta=0.03)
        QTest.keyClick(self.window, Qt.Key.Key_Escape)
        self.assertEqual(self.window.floor.room, "bench")


class CardTest(WindowTest):
    def test_main_colours_become_a_card_and_a_card_becomes_a_cue(self):
        menu = self.window.house.tray.menu_of(self.folder / "stripes.png")
        next(a for a in menu.actions() if "Swatch card" in a.text()).trigger()
        self.settle()
        card = self.bench.project.state.tray[-1]
        self.assertTrue(is_card(card))
        self.assertFalse(
            self.window.house.tray.pictures.item(self.window.house.tray.pictures.count() - 1)
            .icon()
            .isNull()
        )
        self.window.house.gathering.add_styles([card])
        self.settle()
        self.assertEqual(self.bench.selected_cue.kind, "swatches")
        self.window.house.gathering.use_as_source([card])
        self.assertIn("must be a picture, got a swatch card", self.status)

    def test_swatches_take_a_pictures_colours_and_are_kept(self):
        self.window.house.gathering.add_cue("swatches")
        part = self.window.house.card.swatches
        part.menu.aboutToShow.emit()
        next(a for a in part.menu.actions() if "paint" in a.text()).trigger()
        self.settle()
        colours = self.bench.selected_cue.swatches
        self.assertNotIn("#1d3b5c", colours)
        QTest.mouseClick(part.keep, LEFT)
        self.settle()
        self.assertTrue(is_card(self.bench.project.state.tray[-1]))
