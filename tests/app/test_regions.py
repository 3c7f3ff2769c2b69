from pathlib import Path

import numpy as np
from PySide6.QtCore import QPoint, QPointF, Qt
from PySide6.QtTest import QTest

from overlay.imaging.files import read_grey
from overlay.regions.tint import mask_overlay, outline
from overlay.studio.inputs.drawn_parts import write_parts
from tests.app.harness import WindowTest
from tests.pictures import scene

LEFT = Qt.MouseButton.LeftButton


class RegionTest(WindowTest):
    def setUp(self):
        super().setUp()
        QTest.keyClick(self.window, Qt.Key.Key_R)
        self.settle()
        self.panel, self.view = self.window.house.regions, self.window.house.stage.view

    @property
    def regions(self):
        return self.bench.project.recipe.regions

    def add(self, text):
        next(a for a in self.panel.menu.actions() if a.text() == text).trigger()
        self.settle()

    def stroke(self, begin, end):
        rect = self.view.frame_rect()
        a, b = (
            QPointF(rect.left() + x * rect.width(), rect.top() + y * rect.height())
            for x, y in (begin, end)
        )
        self.drag(self.view, a, b)
        self.settle()

    def test_painting_erasing_and_shaping_are_steps(self):
        self.assertTrue(self.panel.isVisible() and self.panel.hint.isVisible())
        self.assertFalse(self.window.house.card.isVisible())
        self.add("Painted")
        self.stroke((0.2, 0.5), (0.8, 0.5))
        QTest.keyClick(self.window, Qt.Key.Key_E)
        self.assertTrue(self.panel.tools["erase"].isChecked())
        QTest.keyClick(self.window, Qt.Key.Key_Period)
        self.assertEqual((self.panel.brush.value, self.view.tool.size), (6.0, 0.06))
        self.stroke((0.5, 0.3), (0.5, 0.7))
        self.assertEqual([s.value for s in self.regions["painted"].strokes], [1.0, 0.0])
        QTest.mouseClick(self.panel.tools["box"], LEFT)
        self.stroke((0.1, 0.1), (0.3, 0.3))
        self.assertTrue(self.regions["painted"].strokes[2].fill)
        self.panel.shapes.fields["feather"].field.setValue(6)
        self.assertEqual(self.regions["painted"].feather, 6)
        self.assertIsNotNone(self.window.house.stage.images["region"])
        for _ in range(5):
            self.bench.project.undo()
        self.assertEqual(self.regions, {})

    def test_picking_combining_tying_renaming_and_exporting(self):
        self.add("Sky")
        self.add("Painted")
        self.panel.deeds.combining.aboutToShow.emit()
        next(
            a for a in self.panel.deeds.combining.actions() if a.text() == "Unite with sky"
        ).trigger()
        self.assertEqual(self.regions["painted"].unite, ("sky",))
        self.panel.choose("sky")
        QTest.mouseClick(self.panel.tabs["Use"], LEFT)
        QTest.mouseClick(self.panel.deeds.use_outside, LEFT)
        cue = self.bench.project.recipe.cues[0]
        self.assertEqual((cue.region, cue.invert_region), ("sky", True))
        self.panel.name.setText("air")
        self.panel.name.editingFinished.emit()
        self.assertEqual(list(self.regions), ["air", "painted"])
        self.assertEqual(self.bench.project.recipe.cues[0].region, "air")
        self.assertEqual(self.regions["painted"].unite, ("air",))
        self.window.house.region_desk.export_to(self.folder / "air.png")
        self.settle()
        self.assertGreater(read_grey(self.folder / "air.png")[:10].mean(), 0.5)
        QTest.mouseClick(self.panel.remove, LEFT)
        self.assertEqual(
            (self.regions["painted"].unite, self.bench.project.recipe.cues[0].region), ((), None)
        )

    def click(self, *places):
        rect = self.view.frame_rect()
        for x, y in places:
            point = QPoint(
                round(rect.left() + x * rect.width()), round(rect.top() + y * rect.height())
            )
            QTest.mouseClick(self.view, LEFT, Qt.KeyboardModifier.NoModifier, point)
        self.settle()
        return point

    def test_polygons_ramps_and_soft_brushes(self):
        self.add("Painted")
        QTest.mouseClick(self.panel.tools["polygon"], LEFT)
        corners = ((0.2, 0.2), (0.8, 0.2), (0.5, 0.8))
        point = self.click(*corners)
        self.assertEqual(self.regions["painted"].strokes, ())
        QTest.mouseDClick(self.view, LEFT, Qt.KeyboardModifier.NoModifier, point)
        self.settle()
        polygon = self.regions["painted"].strokes[0]
        self.assertTrue(polygon.fill)
        np.testing.assert_allclose(polygon.points, corners, atol=0.01)
        QTest.mouseClick(self.panel.tools["ramp"], LEFT)
        self.stroke((0.2, 0.5), (0.8, 0.5))
        ramp = self.regions["painted"].strokes[1]
        self.assertEqual((ramp.ramp, len(ramp.points)), ("linear", 2))
        self.panel.soft.field.setValue(50)
        QTest.mouseClick(self.panel.tools["brush"], LEFT)
        self.stroke((0.2, 0.5), (0.8, 0.5))
        self.assertEqual(self.regions["painted"].strokes[2].soft, 0.5)

    def test_a_click_picks_what_is_like_it_what_hangs_together_or_is_closed_in(self):
        for text, name in (
            ("Like a place…", "like"),
            ("Inside contours…", "inside"),
            ("A colour, where it hangs together…", None),
        ):
            self.add(text)
            self.click((0.5, 0.1))
            found = self.panel.selected
            self.assertEqual(name or found, found)
            self.assertRegex(self.regions[found].pick, r"@0\.\d+,0\.\d+$")
            self.assertEqual(self.window.house.region_desk.hand.tool, "")
        self.panel.choose("like")
        QTest.mouseClick(self.panel.tabs["Shape"], LEFT)
        self.assertTrue(self.panel.shapes.amount.isVisible())
        self.panel.shapes.amount.field.setValue(14)
        self.assertRegex(self.regions["like"].pick, r"^like~14@")
        self.add("A band of depth")
        self.panel.shapes.low.field.setValue(80)
        self.assertEqual(self.regions["depth"].pick, "depth~69-70")
        self.panel.shapes.high.field.setValue(95)
        self.assertEqual(self.regions["depth"].pick, "depth~69-95")

    def test_what_came_from_a_cue_a_drawn_part_and_a_copy(self):
        write_parts(self.folder / "mill.png", np.arange(6).reshape(2, 3), list("abcdef"))
        self.pull()
        QTest.keyClick(self.window, Qt.Key.Key_R)
        self.settle()
        for menu, name in ((self.panel.menu.cues, "paint"), (self.panel.menu.parts, "b")):
            menu.aboutToShow.emit()
            next(a for a in menu.actions() if a.text() == name).trigger()
            self.settle()
            self.assertEqual(self.panel.selected, name)
            self.assertTrue(Path(self.regions[name].mask).is_file())
        QTest.mouseClick(self.panel.tabs["Use"], LEFT)
        QTest.mouseClick(self.panel.deeds.copy, LEFT)
        self.settle()
        self.assertEqual(self.regions["b 2"], self.regions["b"])
        self.window.house.region_desk.add_file(self.folder / "sky.png")
        self.settle()
        self.assertEqual(self.regions[self.panel.selected].mask, str(self.folder / "sky.png"))

    def test_ticked_regions_are_seen_beside_the_selected_one(self):
        self.add("Sky")
        self.add("Ground")
        one = self.window.house.stage.images["region"].copy()
        self.panel.list.item(0).setCheckState(Qt.CheckState.Checked)
        self.settle()
        self.assertEqual(self.panel.seen, ["sky", "ground"])
        self.assertNotEqual(self.window.house.stage.images["region"], one)

    def test_a_cue_is_put_on_an_area(self):
        self.add("Sky")
        row = self.window.house.sheet.rows[0]
        rect = self.view.frame_rect()
        for y, region in ((0.05, "sky"), (0.97, "sky")):
            place = QPointF(rect.left() + 0.5 * rect.width(), rect.top() + y * rect.height())
            on_row = row.mapFromGlobal(self.view.mapToGlobal(place))
            self.drag(row, QPointF(30, 12), on_row)
            self.settle()
            self.assertEqual(self.bench.project.recipe.cues[0].region, region)
        self.assertIn("There is no region at this place", self.status)
        self.assertEqual([c.name for c in self.bench.project.recipe.cues], ["paint", "contours"])

    def test_style_a_region_settle_compare_and_go_back(self):
        self.add("Sky")
        QTest.mouseClick(self.panel.tabs["Use"], LEFT)
        QTest.mouseClick(self.panel.deeds.use, LEFT)
        self.pull()
        first = self.bench.proof
        QTest.keyClick(self.window, Qt.Key.Key_R)
        self.settle()
        self.assertIn("Rim in the proof", self.panel.deeds.rim.text())
        proofs = []
        for percent in (20, 40, 60):
            self.panel.deeds.departure.setValue(percent)
            QTest.mouseClick(self.panel.deeds.settle_rim, LEFT)
            self.settle()
            proofs.append(self.bench.proof)
            self.assertTrue(self.view.has_wipe)
            QTest.keyClick(self.window, Qt.Key.Key_R)
            self.settle()
        self.assertEqual(len({p.recipe_hash for p in (first, *proofs)}), 4)
        QTest.keyClick(self.window, Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier)
        self.pull()
        self.assertEqual(self.bench.proof.recipe_hash, proofs[1].recipe_hash)
        self.assertIn("Same as proof", self.status)

    def test_redoing_leaves_the_rest_untouched_to_the_bit(self):
        self.add("Painted")
        QTest.mouseClick(self.panel.tools["box"], LEFT)
        self.stroke((0.1, 0.1), (0.4, 0.5))
        self.pull()
        before = self.bench.proof.picture
        QTest.keyClick(self.window, Qt.Key.Key_R)
        self.settle()
        QTest.mouseClick(self.panel.tabs["Use"], LEFT)
        QTest.mouseClick(self.panel.deeds.redo, LEFT)
        self.settle()
        after = self.bench.proof.picture
        np.testing.assert_array_equal(after[:, 50:], before[:, 50:])
        self.assertGreater((after[10:30, 12:36] != before[10:30, 12:36]).mean(), 0.2)


class TintTest(WindowTest):
    def test_the_outline_stands_out_on_any_picture(self):
        mask = np.zeros((128, 192), np.float32)
        mask[30:90, 50:140] = 1
        white, black = outline(mask)
        noise = np.random.default_rng(0).integers(0, 256, (128, 192, 3), dtype=np.uint8)
        flats = [np.full((128, 192, 3), c, np.uint8) for c in (0, 255, (255, 0, 0))]
        for picture in (*flats, noise, scene(), scene("lock")):
            shown = mask_overlay(mask, picture)
            self.assertTrue((shown[white] == 255).all() and (shown[black][:, :3] == 0).all())
            beneath = _luminance(picture[white | black])
            best = np.maximum(1.05 / (beneath + 0.05), (beneath + 0.05) / 0.05)
            self.assertGreaterEqual(best.min(), 3.0)


def _luminance(rgb: np.ndarray) -> np.ndarray:
    v = rgb / 255
    linear = np.where(v <= 0.04045, v / 12.92, ((v + 0.055) / 1.055) ** 2.4)
    return linear @ np.array([0.2126, 0.7152, 0.0722])
