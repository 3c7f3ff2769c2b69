import csv
import time
from unittest import mock

from PySide6.QtCore import QPoint, QPointF, Qt
from PySide6.QtGui import QDragEnterEvent, QDropEvent, QWheelEvent
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication, QMenu, QWidget

from overlay.app.parts.offers import Offers, dragged_setting, setting_data
from overlay.app.proof_sheets.drafting import Drafting
from overlay.document.reading import read_recipe
from overlay.studio.keeping.files.opening import open_project
from overlay.studio.runs.queue import Run, Stage
from tests.app.harness import WindowTest

LEFT = Qt.MouseButton.LeftButton
CONTROL = Qt.KeyboardModifier.ControlModifier


def drop(widget: QWidget, key: str) -> None:
    """Carry a setting onto a widget and let go."""
    data, place = setting_data(key), QPointF(widget.rect().center())
    copy = Qt.DropAction.CopyAction
    enter = QDragEnterEvent(place.toPoint(), copy, data, LEFT, Qt.KeyboardModifier.NoModifier)
    QApplication.sendEvent(widget, enter)
    event = QDropEvent(place, copy, data, LEFT, Qt.KeyboardModifier.NoModifier)
    QApplication.sendEvent(widget, event)


class SheetRoomTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.house = self.window.house
        self.room, self.sheets = self.house.search.sheet_room, self.house.search.sheets
        self.grid = self.room.grid
        QTest.keyClick(self.window, Qt.Key.Key_2, CONTROL)
        self.settle()

    def fill(self, first: str, second: str | None = None, **texts: str) -> None:
        drop(self.room.across, first)
        if second is not None:
            drop(self.room.down, second)
        for well, text in texts.items():
            field = getattr(self.room, well).typed
            field.selectAll()
            QTest.keyClicks(field, text)
        self.settle()
        QTest.mouseClick(self.room.fill, LEFT)
        self.settle()

    def click_cell(self, row: int, column: int, keys=Qt.KeyboardModifier.NoModifier) -> None:
        QTest.mouseClick(
            self.grid.viewport(), LEFT, keys, self.grid.cell_rect((row, column)).center()
        )


class FillingTest(SheetRoomTest):
    def test_settings_are_dropped_typed_and_pulled(self):
        self.assertEqual(self.window.floor.room, "proof sheet")
        self.fill("departure", "cues.paint.weight", across="30 60 90", down="50 100")
        self.assertEqual(self.room.foretold.text()[:7], "6 cells")
        cells = self.grid.shown.cells
        self.assertEqual(len(cells), 6)
        self.assertTrue(all(cell.recipe_hash and cell.figures for cell in cells.values()))
        [sheet] = self.bench.project.state.sheets
        self.assertEqual(sheet.across.values, (0.3, 0.6, 0.9))
        self.assertEqual(sheet.down.values, (0.5, 1.0))
        kept = cells[0, 0].figures["structure_kept"], cells[0, 2].figures["structure_kept"]
        self.assertGreater(*kept)
        self.assertIn("6 cells are there", self.house.line.label.text())

    def test_looks_come_first_and_are_replaced(self):
        seen = []
        self.sheets.filler.came.connect(
            lambda shown: seen.append(
                sorted((c.look, bool(c.recipe_hash)) for c in shown.cells.values())
            )
        )
        self.fill("departure", across="70 90")
        self.assertIn([(True, False), (True, False)], seen)
        self.assertEqual(seen[-1], [(False, True), (False, True)])

    def test_a_cell_that_has_ended_counts_until_it_is_shown(self):
        self.fill("departure", across="30")
        filler, runner = self.sheets.filler, self.window.floor.runner
        run = Run(name="cell", work=lambda control: None, group="a sheet")
        runner.add(run)
        while run.stage is not Stage.DONE:
            time.sleep(0.001)  # this thread hears of nothing meanwhile
        self.assertEqual(filler.left("a sheet"), 1)
        self.settle()
        self.assertEqual(filler.left("a sheet"), 0)

    def test_what_is_wrong_is_said_before_anything_runs(self):
        drop(self.room.across, "departure")
        for text, said in (
            ("30 130", "must be 0 to 1, got 1.3"),
            ("30 30", "may stand once"),
            ("", "at least one"),
            ("x", "must be a number"),
        ):
            self.room.across.typed.setText(text)
            self.settle()
            self.assertIn(said, self.room.foretold.text())
            self.assertFalse(self.room.fill.isEnabled())
        self.room.across.typed.setText(" ".join(str(i / 10) for i in range(401)))
        self.settle()
        self.assertFalse(self.room.fill.isEnabled())
        self.assertEqual(self.bench.project.state.sheets, ())

    def test_words_are_varied_from_what_they_are_now(self):
        self.bench.write_prompt("Words", ["heron", "canal"])
        self.settle()
        drop(self.room.across, "prompt")
        self.assertIn("heron, canal", self.room.across.typed.text())
        drop(self.room.across, "seed")
        self.assertNotIn("heron", self.room.across.typed.text())

    def test_a_long_wait_is_foretold_in_minutes(self):
        drop(self.room.across, "departure")
        self.room.across.typed.setText("0.2 0.4 0.6")
        for a_cell, said in ((29.9, "3 cells, about 90 s"), (60, "3 cells, about 3 min")):
            with mock.patch.object(Drafting, "_seconds", return_value=a_cell):
                self.sheets.drafting.foretell()
            self.assertEqual(self.room.foretold.text(), said)

    def test_a_setting_is_in_one_well_and_a_gone_one_in_none(self):
        drop(self.room.across, "cues.paint.weight")
        drop(self.room.down, "cues.paint.weight")
        self.assertIsNone(self.room.across.setting)
        self.assertEqual(self.room.down.setting.key, "cues.paint.weight")
        drop(self.room.across, "cues.nobody.weight")
        self.assertIsNone(self.room.across.setting)
        self.assertIn("no such setting", self.house.line.label.text())
        self.bench.remove_cues([0])
        self.settle()
        self.assertIsNone(self.room.down.setting)

    def test_values_are_spread_from_to_and_how_many(self):
        drop(self.room.across, "departure")
        well = self.room.across
        for field, text in ((well.first, "10"), (well.last, "50")):
            field.selectAll()
            QTest.keyClicks(field, text)
        well.count.setValue(5)
        self.assertEqual(well.typed.text(), "10 20 30 40 50")

    def test_the_list_is_searched_by_name_with_keys(self):
        QTest.mouseClick(self.room.across.chip, LEFT)
        chooser = self.sheets.drafting.chooser
        QTest.keyClicks(chooser.search, "paint wei")
        QTest.keyClick(chooser.search, Qt.Key.Key_Return)
        self.assertFalse(chooser.isVisible())
        self.assertEqual(self.room.across.setting.key, "cues.paint.weight")

    def test_pictures_are_ticked_and_one_that_is_gone_spoils_its_cell_alone(self):
        self.bench.add_pictures([self.folder / "stripes.png"])
        drop(self.room.across, "cues.paint.reference")
        texts = [
            self.room.across.ticks.item(i).text() for i in range(self.room.across.ticks.count())
        ]
        self.assertIn("stripes.png", texts)
        self.settle()
        (self.folder / "stripes.png").unlink()
        QTest.mouseClick(self.room.fill, LEFT)
        self.settle()
        faults = [cell.fault for cell in self.grid.shown.cells.values()]
        self.assertEqual(sum("stripes.png: no such file" in f for f in faults), 1)
        self.assertEqual(sum(not f for f in faults), len(faults) - 1)

    def test_stopping_leaves_what_is_there(self):
        drop(self.room.across, "seed")
        self.room.across.typed.setText(" ".join(map(str, range(40))))
        self.settle()
        QTest.mouseClick(self.room.fill, LEFT)
        self.wait(lambda: self.grid.shown is not None and self.grid.shown.done >= 2)
        QTest.keyClick(self.window, Qt.Key.Key_Escape)
        self.settle()
        self.assertLess(self.grid.shown.done, 40)
        self.assertEqual(self.window.floor.runner.queue.waiting, ())
        self.assertEqual(self.window.floor.room, "proof sheet")

    def test_what_is_pulled_by_hand_goes_before_the_cells(self):
        drop(self.room.across, "seed")
        self.room.across.typed.setText(" ".join(map(str, range(12))))
        self.settle()
        QTest.mouseClick(self.room.fill, LEFT)
        self.wait(lambda: self.grid.shown is not None and self.grid.shown.done >= 1)
        QTest.mouseClick(self.house.top.button, LEFT)
        waiting = self.window.floor.runner.queue.waiting
        self.assertEqual(waiting[0].name, "Proof")
        self.assertEqual(waiting[1].group, self.grid.shown.sheet.name)
        self.settle()
        self.assertIsNotNone(self.bench.proof)
        self.assertEqual(self.grid.shown.done, 12)

    def test_another_project_has_no_curves_measures_or_facts_of_this_one(self):
        self.fill("departure", across="30 60")
        self.click_cell(0, 1)
        self.assertTrue(self.room.plot._plot.isVisible())
        self.assertNotEqual((self.room.measure.count(), self.room.facts.text()), (0, ""))
        self.window.open_path(self.write_recipe("another.json", seed=3))
        self.settle()
        self.house.floor.go_to("proof sheet")
        self.settle()
        self.assertFalse(self.room.plot._plot.isVisible())
        self.assertFalse(self.room.plot.up.isEnabled())
        self.assertEqual((self.room.measure.count(), self.room.facts.text()), (0, ""))
        self.assertIn("Drop a setting", self.grid.empty)

    def test_the_plot_is_there_with_the_cells_and_says_values_as_the_columns_do(self):
        self.assertFalse(self.room.plot._plot.isVisible())
        self.assertFalse(self.room.plot.up.isEnabled())
        self.assertIn("Drop a setting", self.grid.empty)
        drop(self.room.across, "departure")
        self.room.across.typed.setText("30 50 90")
        self.settle()
        self.assertIn("Pull the sheet", self.grid.empty)
        QTest.mouseClick(self.room.fill, LEFT)
        self.settle()
        self.assertTrue(self.room.plot._plot.isVisible())
        axis = self.room.plot._plot.getAxis("bottom")
        self.assertEqual([text for _, text in axis._tickLevels[0]], ["30 %", "50 %", "90 %"])
        self.assertEqual(axis.labelText, "departure")
        self.assertFalse(self.room.plot._words["up"].pixmap().isNull())  # whose line it is

    def test_a_name_that_looks_like_markup_stays_a_name_under_the_curves(self):
        recipe = self.bench.project.recipe
        cue = recipe.cues[0].model_copy(update={"name": "<b>paint</b>"})
        self.bench.project.edit("Name", recipe.model_copy(update={"cues": (cue,)}))
        self.fill("cues.<b>paint</b>.weight", across="30 80")
        axis = self.room.plot._plot.getAxis("bottom")
        self.assertEqual(axis.labelText, "&lt;b&gt;paint&lt;/b&gt;: weight")


class CellsTest(SheetRoomTest):
    def setUp(self):
        super().setUp()
        self.fill("departure", "cues.paint.weight", across="30 80", down="60 100")

    def test_cells_and_dots_are_picked_together_and_said(self):
        self.click_cell(1, 0)
        self.assertEqual(self.grid.places, [(1, 0)])
        self.assertIn("2-1: 30 %, 100 %", self.room.facts.text())
        said = self.room.facts.text().splitlines()[1:]
        self.assertEqual([line.split()[0] for line in said], ["Style", "Structure"])
        self.room.plot.picked.emit((0, 1), True)
        self.assertEqual(self.grid.places, [(1, 0), (0, 1)])
        self.assertEqual(self.room.plot._places, [(1, 0), (0, 1)])
        self.assertEqual(self.room.plot.pair, ("style_match.paint", "structure_kept"))

    def test_keys_walk_and_return_takes_as_one_step(self):
        self.grid.setFocus()
        for key in (Qt.Key.Key_Right, Qt.Key.Key_Right, Qt.Key.Key_Down):
            QTest.keyClick(self.grid, key)
        self.assertEqual(self.grid.places, [(1, 1)])
        before = self.bench.project.recipe
        QTest.keyClick(self.grid, Qt.Key.Key_Return)
        self.settle()
        recipe = self.bench.project.recipe
        self.assertEqual((recipe.departure, recipe.cues[0].weight), (0.8, 1.0))
        self.assertEqual(recipe.size, before.size)
        self.assertEqual(self.window.floor.room, "bench")
        self.assertIn("departure 80 % and paint: weight 100 %", self.status)
        cell = self.grid.shown.cells[1, 1]
        self.assertEqual(self.bench.proof.recipe_hash, cell.recipe_hash)
        self.bench.project.undo()
        self.assertEqual(self.bench.project.recipe, before)

    def test_zoom_is_linked_and_stays_about_the_pointer(self):
        rect = self.grid.cell_rect((0, 1))
        place = QPointF(rect.left() + rect.width() * 0.25, rect.center().y())
        before = self.grid.part_of(100, 100)
        wheel = QWheelEvent(
            place, self.grid.viewport().mapToGlobal(place), QPoint(), QPoint(0, 480),
            Qt.MouseButton.NoButton, Qt.KeyboardModifier.NoModifier,
            Qt.ScrollPhase.NoScrollPhase, False,
        )  # fmt: skip
        QApplication.sendEvent(self.grid.viewport(), wheel)
        after = self.grid.part_of(100, 100)
        self.assertAlmostEqual(self.grid.zoom, 1.2**4, places=5)
        self.assertEqual(before.width(), 100)
        self.assertAlmostEqual(after.left() + 0.25 * after.width(), 25, delta=1)
        QTest.keyClick(self.window, Qt.Key.Key_F)
        self.assertEqual(self.grid.zoom, 1.0)

    def test_two_cells_are_flipped_and_wiped(self):
        self.click_cell(0, 0)
        self.click_cell(0, 1, CONTROL)
        self.grid.setFocus()
        QTest.keyClick(self.window, Qt.Key.Key_W)
        self.assertTrue(self.room.comparing)
        self.assertTrue(self.room.pair.has_wipe)
        first = self.room.pair.seen
        QTest.keyClick(self.room.pair, Qt.Key.Key_Space)
        self.assertFalse(self.room.pair.has_wipe)
        self.assertNotEqual(self.room.pair.seen, first)
        QTest.keyClick(self.window, Qt.Key.Key_Escape)
        self.assertFalse(self.room.comparing)
        self.grid.setFocus()
        QTest.keyClick(self.grid, Qt.Key.Key_Space)
        self.assertEqual(self.room.pair.seen, first)

    def test_stars_and_full_size(self):
        self.bench.change_recipe("Size", size=[192, 128])
        self.sheets.pull(self.sheets.drafting.draft())
        self.settle()
        self.click_cell(0, 1)
        QTest.keyClick(self.window, Qt.Key.Key_K)
        cell = self.grid.shown.cells[0, 1]
        self.assertTrue(self.bench.project.state.mark(cell.recipe_hash).star)
        self.assertIn(cell.recipe_hash, self.grid.starred)
        QTest.mouseClick(self.room.deeds["large"], LEFT)
        self.settle()
        self.assertTrue(self.grid.shown.cells[0, 1].large)
        self.assertFalse(self.grid.shown.cells[0, 0].large)

    def test_ranks_tint_and_another_measure_stands_under_the_cells(self):
        self.room.measure.setCurrentIndex(self.room.measure.findData("structure_kept"))
        self.room.measure.activated.emit(self.room.measure.currentIndex())
        figures = self.grid.shown.figures
        best = max(figures, key=lambda p: figures[p]["structure_kept"])
        self.assertEqual(self.grid._ranks[best], 1.0)
        worst = min(figures, key=lambda p: figures[p]["structure_kept"])
        self.assertNotEqual(self.grid._tint(best), self.grid._tint(worst))

    def test_it_is_exported_with_a_table(self):
        path = self.folder / "page.pdf"
        with mock.patch("overlay.app.proof_sheets.deeds.ask_save", return_value=path):
            QTest.mouseClick(self.room.export, LEFT)
            self.settle()
        self.assertTrue(path.read_bytes().startswith(b"%PDF"))
        rows = list(csv.DictReader((self.folder / "page.csv").open()))
        self.assertEqual([r["departure"] for r in rows], ["0.3", "0.8", "0.3", "0.8"])

    def test_unchanged_cells_cost_nothing_after_the_bench_has_changed(self):
        before = {p: c.number for p, c in self.grid.shown.cells.items()}
        self.bench.change_recipe("Departure", departure=0.55)
        self.settle()
        QTest.mouseClick(self.room.fill, LEFT)
        self.settle()
        self.assertEqual({p: c.number for p, c in self.grid.shown.cells.items()}, before)
        self.assertEqual(len(self.bench.project.state.sheets), 1)

    def test_a_sheet_is_kept_in_the_project_file_and_found_again(self):
        path = self.folder / "p.overlay"
        self.bench.save(path)
        [sheet] = open_project(path).project.state.sheets
        self.assertEqual(sheet.across.values, (0.3, 0.8))
        self.assertTrue(sheet.recipe.cues[0].reference.endswith("paint.png"))
        self.window.floor.go_to("bench")
        self.sheets._shown.clear()
        self.grid.show_sheet(None)
        self.window.floor.go_to("proof sheet")
        self.settle()
        self.assertEqual(len(self.grid.shown.figures), 4)

    def test_removing_and_undoing(self):
        QTest.mouseClick(self.room.remove, LEFT)
        self.assertEqual(self.bench.project.state.sheets, ())
        self.assertIsNone(self.grid.shown)
        self.window.undo()
        self.settle()
        self.assertEqual(len(self.bench.project.state.sheets), 1)

    def test_another_project_shows_nothing_of_it(self):
        self.window.open_path(self.write_recipe("other.json", seed=3))
        self.settle()
        self.assertIsNone(self.grid.shown)
        self.assertEqual(self.room.sheets.count(), 1)


class OfferTest(SheetRoomTest):
    def test_controls_offer_their_settings_by_menu(self):
        house, asked = self.house, []
        self.window.findChild(Offers).asked.connect(lambda *a: asked.append(a))
        row = house.sheet.rows[0]
        for widget, key in (
            (house.top.departure, "departure"),
            (row.weight, "cues.paint.weight"),
            (house.card.facets.faders["surface"], "cues.paint.facets.surface"),
            (house.card.facets.mark_size.slider, "cues.paint.scale"),
        ):  # fmt: skip
            with mock.patch("overlay.app.parts.offers.pop_up") as shown:
                QTest.mouseClick(widget, Qt.MouseButton.NoButton)
                from PySide6.QtGui import QContextMenuEvent

                place = widget.rect().center()
                event = QContextMenuEvent(QContextMenuEvent.Reason.Mouse, place, place)
                QApplication.sendEvent(widget, event)
                menu: QMenu = shown.call_args[0][0]
                menu.actions()[0].trigger()
            self.assertEqual(asked[-1], (key, "across"))
        self.assertEqual(self.room.across.setting.key, "cues.paint.scale")

    def test_a_setting_carried_onto_the_tab_opens_the_room(self):
        self.window.floor.go_to("bench")
        tab = self.house.top.rooms["proof sheet"]
        data = setting_data("departure")
        self.assertEqual(dragged_setting(data), "departure")
        enter = QDragEnterEvent(
            QPoint(5, 5), Qt.DropAction.CopyAction, data, LEFT, Qt.KeyboardModifier.NoModifier
        )
        QApplication.sendEvent(tab, enter)
        self.assertEqual(self.window.floor.room, "proof sheet")

    def test_what_each_does_leaves_one_cue_out_at_a_time(self):
        self.choose("What does each do?")
        self.settle()
        shown = self.grid.shown
        self.assertEqual(shown.sheet.across.values, (None, "paint", "contours"))
        self.assertEqual(shown.labels[0], ["nothing", "paint", "contours"])
        self.assertEqual(len(shown.figures), 3)
        self.assertNotIn("style_match.paint", shown.figures[0, 1])


class LargeSheetTest(SheetRoomTest):
    def test_a_hundred_cells_scroll_and_only_those_in_sight_are_painted(self):
        from PySide6.QtGui import QImage

        from overlay.app.proof_sheets.shown import ShownCell
        from overlay.document.sets.sheets import Axis, ProofSheet

        sheet = ProofSheet(
            name="large", across=Axis(key="seed", values=tuple(range(10))),
            down=Axis(key="steps", values=tuple(range(1, 11))), recipe=self.bench.project.recipe,
        )  # fmt: skip
        shown = self.sheets_shown(sheet)
        for row in range(10):
            for column in range(10):
                image = QImage(624, 416, QImage.Format.Format_RGB32)
                image.fill(0x808080 + row)
                shown.change((row, column), ShownCell(image, recipe_hash="x", figures={"a": row}))
        self.grid.show_sheet(shown)
        seen = set()
        with mock.patch.object(self.grid, "_paint_cell", lambda _, place: seen.add(place)):
            self.grid.grab()
        self.assertIn((0, 0), seen)
        self.assertNotIn((9, 0), seen)
        bar = self.grid.verticalScrollBar()
        bar.setValue(bar.maximum())
        self.assertGreater(bar.maximum(), 100)
        self.assertTrue(self.grid.viewport().rect().intersects(self.grid.cell_rect((9, 0))))

    def sheets_shown(self, sheet):
        from overlay.app.proof_sheets.desk import _blank

        return _blank(sheet)


class SearchDayTest(SheetRoomTest):
    """The way of an artist who looks for a balance, through real widgets."""

    def test_from_a_sheet_to_full_size(self):
        self.bench.add_pictures([self.folder / "stripes.png"])
        self.fill("cues.paint.reference", "departure", down="40 70")
        self.assertEqual(len(self.grid.shown.figures), 6)  # the source lies in the tray, too
        self.click_cell(1, 1)
        QTest.mouseClick(self.room.deeds["use"], LEFT)
        self.settle()
        self.assertEqual(self.bench.project.recipe.departure, 0.7)
        meet = self.house.search.meet
        meet.open("cues.contours.weight")
        meet.panel.measure.setCurrentIndex(meet.panel.measure.findData("structure_kept"))
        meet.panel.value.setValue(meet.panel.value.value() + 1)
        QTest.mouseClick(meet.panel.seek, LEFT)
        self.settle()
        QTest.mouseClick(meet.panel.take, LEFT)
        self.pull()
        self.assertEqual(self.bench.proof.recipe, self.bench.project.recipe)
        path = self.folder / "final.png"
        self.house.proof_desk.export_to(path)
        self.settle()
        self.assertEqual(read_recipe(path).departure, 0.7)


class DrawerTest(SheetRoomTest):
    def test_cells_lie_in_the_drawer_grouped_by_their_sheet(self):
        self.fill("departure", across="30 80")
        self.pull()
        self.window.floor.go_to("drawer")
        self.settle()
        drawer = self.house.drawer
        counts = {}
        for i in range(drawer.kind.count()):
            drawer.kind.setCurrentIndex(i)
            drawer.kind.activated.emit(i)
            counts[drawer.kind.itemText(i)] = drawer.list.count()
        self.assertEqual(
            counts,
            {"Any proof": 3, "Pulled on the bench": 1, "Cells and trials": 2, "Sheet departure": 2},
        )
