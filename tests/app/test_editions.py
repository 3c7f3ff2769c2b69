import json
from pathlib import Path
from unittest import mock

from PySide6.QtCore import QMimeData, QPoint, QPointF, Qt, QUrl
from PySide6.QtGui import QDragEnterEvent, QDropEvent, QGuiApplication
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication, QComboBox, QFileDialog, QLineEdit, QMenu

from overlay.app.editions.shown import Stage
from overlay.app.editions.table import RowsModel
from overlay.imaging.files import write_picture
from overlay.studio.editions.reading import read_edition
from overlay.studio.keeping.files.opening import open_project
from tests.app.harness import WindowTest
from tests.effort import calls_of
from tests.pictures import blobs

LEFT = Qt.MouseButton.LeftButton
CONTROL = Qt.KeyboardModifier.ControlModifier


class EditionRoomTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.desk = self.window.house.edition_desk
        self.room = self.desk.room
        self.table = self.room.table
        QTest.keyClick(self.window, Qt.Key.Key_3, CONTROL)
        self.settle()

    def drop(self, *paths: Path, column: int = -1) -> None:
        data = QMimeData()
        data.setUrls([QUrl.fromLocalFile(str(path)) for path in paths])
        x = self.table.columnViewportPosition(column) + 4 if column >= 0 else 2000
        copy, none = Qt.DropAction.CopyAction, Qt.KeyboardModifier.NoModifier
        enter = QDragEnterEvent(QPoint(x, 10), copy, data, LEFT, none)
        QApplication.sendEvent(self.table.viewport(), enter)
        event = QDropEvent(QPointF(x, 10), copy, data, LEFT, none)
        QApplication.sendEvent(self.table.viewport(), event)
        self.settle()

    def drop_sources(self) -> None:
        self.drop(self.folder / "mill.png", self.folder / "stripes.png")

    def cell(self, row: int, column: int) -> QPoint:
        return self.table.visualRect(self.room.model.index(row, column)).center()

    def said(self, row: int, column: int) -> str:
        return self.room.model.index(row, column).data()

    def type_into(self, row: int, column: int, text: str) -> None:
        place = self.cell(row, column)
        QTest.mouseClick(self.table.viewport(), LEFT, pos=place)
        QTest.mouseDClick(self.table.viewport(), LEFT, pos=place)
        field = self.table.viewport().findChild(QLineEdit)
        QTest.keyClicks(field, text)
        QTest.keyClick(field, Qt.Key.Key_Return)
        self.settle()

    def add_column(self, text: str) -> None:
        QTest.mouseClick(self.room.add_column, LEFT)
        QTest.keyClicks(self.desk.drafting.chooser.search, text)
        QTest.keyClick(self.desk.drafting.chooser.search, Qt.Key.Key_Return)
        self.settle()

    def ask_column(self, column: int, text: str) -> None:
        """Click a column's head and choose from its menu."""
        header = self.table.horizontalHeader()
        place = QPoint(header.sectionViewportPosition(column) + 8, 8)
        QTest.mouseClick(header.viewport(), LEFT, pos=place)
        menu = next(m for m in self.table.findChildren(QMenu) if m.isVisible())
        next(action for action in menu.actions() if action.text() == text).trigger()
        menu.close()
        self.settle()

    def fill(self) -> None:
        QTest.mouseClick(self.room.fill, LEFT)
        self.settle()

    @property
    def edition(self):
        return self.bench.project.state.editions[-1]

    @property
    def line(self) -> str:
        return self.desk.line.label.text()


class DraftingTest(EditionRoomTest):
    def test_without_rows_there_is_nothing_to_pull_stop_or_export(self):
        deeds = (self.room.fill, self.room.stop, self.room.export)
        self.assertEqual([button.isEnabled() for button in deeds], [False, False, False])
        self.drop(self.folder / "stripes.png")
        self.assertEqual([button.isEnabled() for button in deeds], [True, False, True])

    def test_dropped_pictures_are_sources_and_each_step_is_undone(self):
        self.assertEqual(self.window.floor.room, "edition")
        self.drop_sources()
        self.assertEqual(
            [Path(r["source"]).name for r in self.edition.rows], ["mill.png", "stripes.png"]
        )
        self.assertEqual((self.said(0, 1), self.said(1, 1)), ("mill", "stripes"))
        QTest.keyClick(self.window, Qt.Key.Key_Z, CONTROL)
        self.settle()
        self.assertEqual(self.bench.project.state.editions, ())
        self.assertEqual(self.room.model.rowCount(), 0)

    def test_a_picture_that_is_none_is_refused_and_adds_nothing(self):
        bad = self.folder / "bad.png"
        bad.write_bytes(b"no picture")
        self.drop(self.folder / "mill.png", bad)
        self.assertIn("bad.png", self.line)
        self.assertEqual(self.bench.project.state.editions, ())

    def test_a_column_is_chosen_and_a_cell_typed_and_a_wrong_value_refused(self):
        self.drop_sources()
        self.add_column("departure")
        self.assertEqual(self.said(1, 2), "70 %")
        self.type_into(1, 2, "40")
        self.assertEqual([row["departure"] for row in self.edition.rows], [0.7, 0.4])
        self.type_into(0, 2, "400")
        self.assertIn("departure: must be 0 to 1, got 4", self.line)
        self.assertEqual(self.edition.rows[0]["departure"], 0.7)

    def test_a_value_stands_out_where_most_rows_have_none_of_their_own(self):
        edition = mock.Mock(rows=({"seed": 4}, {}, {"steps": 9}))
        shown = mock.Mock(edition=edition, crossed=set())
        table = RowsModel()
        table._shown = shown
        self.assertTrue(table._is_own("seed"))
        shown.crossed = {"seed"}
        self.assertFalse(table._is_own("seed"))
        shown.crossed = set()
        edition.rows = ({"seed": 4}, {"seed": 5}, {})
        self.assertFalse(table._is_own("seed"))

    def test_a_choice_is_a_list(self):
        self.drop_sources()
        self.add_column("blend")
        place = self.cell(0, 2)
        QTest.mouseClick(self.table.viewport(), LEFT, pos=place)
        QTest.mouseDClick(self.table.viewport(), LEFT, pos=place)
        box = self.table.viewport().findChild(QComboBox)
        self.assertEqual([box.itemText(i) for i in range(box.count())], ["share", "mix"])
        box.setCurrentIndex(1)
        box.activated.emit(1)
        self.settle()
        self.assertEqual(self.edition.rows[0]["blend"], "mix")

    def test_blanks_of_the_words_are_columns_by_themselves_and_lines_are_pasted(self):
        self.bench.change_recipe("Words", prompt="$thing at left, canal", source=None)
        self.settle()
        self.assertEqual(self.room.model.headerData(1, Qt.Orientation.Horizontal, 0), "$thing")
        QGuiApplication.clipboard().setText("heron\nbarge\n")
        self.table.setFocus()
        QTest.keyClick(self.table, Qt.Key.Key_V, CONTROL)
        self.settle()
        self.assertEqual(self.edition.rows, ({"thing": "heron"}, {"thing": "barge"}))

    def test_a_column_is_crossed_and_written_out_by_its_menu(self):
        self.drop_sources()
        self.add_column("seed")
        self.type_into(1, 2, "5")
        edits = self.desk.drafting
        edits._edit(
            "Cross",
            lambda e: __import__("overlay.studio.editions.edits", fromlist=["x"]).crossed(
                e, "seed"
            ),
        )
        self.settle()
        self.assertEqual(self.room.model.rowCount(), 4)
        self.assertIn("×", self.room.model.headerData(2, Qt.Orientation.Horizontal, 0))
        self.ask_column(2, "Write the crossing out")
        self.assertEqual((self.edition.cross, len(self.edition.rows)), ((), 4))

    def test_rows_are_removed_by_del_and_files_called_by_a_pattern(self):
        self.drop_sources()
        QTest.mouseClick(self.table.viewport(), LEFT, pos=self.cell(0, 1))
        QTest.keyClick(self.table, Qt.Key.Key_Delete)
        self.settle()
        self.assertEqual([Path(r["source"]).name for r in self.edition.rows], ["stripes.png"])
        self.room.name.setFocus()
        self.room.name.selectAll()
        QTest.keyClicks(self.room.name, "{thing}")
        QTest.keyClick(self.room.name, Qt.Key.Key_Return)
        self.assertIn("name: must name one of n, source, got 'thing'", self.line)
        self.assertEqual(self.room.name.text(), "{n:02}")

    def test_an_editions_file_is_opened_with_its_recipe(self):
        self.drop_sources()
        file = self.folder / "set.json"
        made = {
            "overlay": 1,
            "title": "Canal",
            "recipe": self.recipe(seed=9),
            "rows": [{"seed": 1}],
        }
        file.write_text(json.dumps(made))
        self.drop(file)
        self.assertEqual((self.edition.title, self.edition.recipe.seed), ("Canal", 9))
        self.assertEqual(len(self.bench.project.state.editions), 2)
        self.assertEqual(self.room.recipe_says.text(), "A recipe of its own")

    def test_a_title_is_typed(self):
        self.drop_sources()
        typed = self.room.editions.lineEdit()
        typed.selectAll()
        QTest.keyClicks(typed, "Almanac")
        QTest.keyClick(typed, Qt.Key.Key_Return)
        self.settle()
        self.assertEqual(self.edition.title, "Almanac")


class PullingTest(EditionRoomTest):
    def test_rows_are_pulled_measured_and_kept(self):
        self.drop_sources()
        self.fill()
        shown = self.desk.shown
        self.assertEqual([shown.row(i).stage for i in (0, 1)], [Stage.THERE] * 2)
        self.assertIn("2 pictures are there", self.line)
        self.assertIsNotNone(self.edition.colours)
        self.assertIn("Evenness", self.room.evening.figures.text())
        numbers = [shown.row(i).number for i in (0, 1)]
        self.fill()  # all are kept
        self.assertEqual([self.desk.shown.row(i).number for i in (0, 1)], numbers)

    def test_one_that_fails_says_why_and_the_others_come(self):
        self.drop_sources()
        (self.folder / "mill.png").unlink()
        self.fill()
        shown = self.desk.shown
        self.assertEqual([shown.row(i).stage for i in (0, 1)], [Stage.FAILED, Stage.THERE])
        self.assertIn("no such file", shown.row(0).fault)
        self.assertIn("1 could not be pulled", self.line)

    def test_between_what_ended_and_its_answer_an_edition_is_not_done(self):
        self.drop_sources()
        title = self.desk.present().title
        QTest.mouseClick(self.room.fill, LEFT)
        self.window.floor.runner._pool.waitForDone()  # ended, and not answered
        self.assertIsNone(self.window.floor.runner.queue.running)
        self.assertGreater(self.desk.filler.left(title), 0)
        self.desk._show_new()
        self.assertNotIn("are there", self.line)
        self.settle()
        self.assertEqual(self.desk.filler.left(title), 0)
        self.assertIn("2 pictures are there", self.line)

    def test_a_change_of_one_row_leaves_the_others_there(self):
        self.drop_sources()
        self.fill()
        QTest.mouseClick(self.table.viewport(), LEFT, pos=self.cell(1, 1))
        QTest.mouseClick(self.room.deeds["reseed"], LEFT)
        self.settle()
        shown = self.desk.shown
        self.assertEqual([shown.row(i).stage for i in (0, 1)], [Stage.THERE, Stage.MISSING])
        self.assertTrue(shown.row(1).earlier)
        self.assertEqual(self.room.foretold.text()[:22], "2 pictures, 1 to pull,")
        QTest.mouseClick(self.room.deeds["plain"], LEFT)
        self.settle()
        self.assertEqual(self.desk.shown.there, 2)

    def test_stopping_leaves_what_is_there_and_going_on_pulls_the_rest(self):
        for i in range(6):
            write_picture(self.folder / f"b{i}.png", blobs(i + 2, 96, 64))
        self.drop(*[self.folder / f"b{i}.png" for i in range(6)])
        QTest.mouseClick(self.room.fill, LEFT)
        self.wait(lambda: self.desk.shown.there >= 1)
        QTest.keyClick(self.window, Qt.Key.Key_Escape)
        self.settle()
        there = self.desk.shown.there
        self.assertLess(there, 6)
        self.fill()
        self.assertEqual(self.desk.shown.there, 6)

    def test_what_is_wrong_is_said_before_anything_runs(self):
        ctrl = Qt.KeyboardModifier.ControlModifier
        QTest.keyClick(self.window, Qt.Key.Key_Return, ctrl)
        self.settle()
        self.assertIn("rows: must be at least one, got none", self.line)
        self.bench.change_recipe("Words", prompt="$thing, canal", source=None)
        self.add_column("seed")
        self.fill()
        self.assertIn("$thing must be given", self.line)

    def test_even_is_an_amount_and_another_one_is_another_set(self):
        self.drop_sources()
        self.fill()
        before = [self.desk.shown.row(i).recipe_hash for i in (0, 1)]
        self.room.evening.even.field.setValue(80)
        self.settle()
        self.assertEqual(self.edition.even, 0.8)
        self.assertEqual(self.desk.shown.there, 0)
        self.fill()
        after = [self.desk.shown.row(i).recipe_hash for i in (0, 1)]
        self.assertTrue(set(before).isdisjoint(after))


class DeedsTest(EditionRoomTest):
    def setUp(self):
        super().setUp()
        self.drop_sources()
        self.fill()

    def test_a_picture_goes_to_the_bench_as_one_step_with_what_it_shares(self):
        QTest.mouseClick(self.table.viewport(), LEFT, pos=self.cell(1, 1))
        QTest.mouseClick(self.room.deeds["use"], LEFT)
        self.settle()
        self.assertEqual(self.window.floor.room, "bench")
        recipe = self.bench.project.recipe
        self.assertEqual((Path(recipe.source).name, recipe.even.amount), ("stripes.png", 0.35))
        self.assertEqual(self.bench.proof.recipe_hash, self.desk.shown.row(1).recipe_hash)
        self.bench.project.undo()
        self.assertEqual(Path(self.bench.project.recipe.source).name, "mill.png")

    def test_the_edition_keeps_its_recipe_until_it_takes_the_benchs(self):
        self.assertEqual(self.room.recipe_says.text(), "Recipe as on the bench")
        self.bench.change_recipe("Departure", departure=0.4)
        self.settle()
        self.assertEqual(self.edition.recipe.departure, 0.7)
        QTest.mouseClick(self.room.take, LEFT)
        self.settle()
        self.assertEqual(self.edition.recipe.departure, 0.4)
        self.assertEqual(self.desk.shown.there, 0)

    def test_table_and_contact_sheet_pick_alike(self):
        self.room.contact.selectionModel().select(
            self.room.model.index(1, 0),
            self.room.contact.selectionModel().SelectionFlag.ClearAndSelect,
        )
        self.assertEqual(self.room.chosen(), [1])
        QTest.mouseClick(self.table.viewport(), LEFT, pos=self.cell(0, 1))
        rows = {i.row() for i in self.room.contact.selectionModel().selectedIndexes()}
        self.assertEqual(rows, {0})

    def test_a_star_is_the_proofs(self):
        QTest.mouseClick(self.table.viewport(), LEFT, pos=self.cell(0, 1))
        QTest.keyClick(self.window, Qt.Key.Key_K)
        mark = self.bench.project.state.marks[self.desk.shown.row(0).recipe_hash]
        self.assertTrue(mark.star)

    def test_the_set_is_written_to_a_folder_a_page_an_archive_and_a_file(self):
        out = self.folder / "out"
        with mock.patch.object(QFileDialog, "getExistingDirectory", return_value=str(out)):
            self.room.export_menu.actions()[0].trigger()
        self.settle()
        self.assertEqual(
            sorted(p.name for p in out.iterdir()), ["01.png", "02.png", "edition.json"]
        )
        self.assertIn("Wrote 2 pictures", self.line)
        self.assertEqual(read_edition(out / "edition.json").colours, self.edition.colours)
        for name, action in (("c.pdf", 1), ("z.zip", 2), ("e.json", 3)):
            path = self.folder / name
            with mock.patch.object(QFileDialog, "getSaveFileName", return_value=(str(path), "")):
                self.room.export_menu.actions()[action].trigger()
            self.settle()
            self.assertTrue(path.stat().st_size > 100, name)

    def test_it_is_kept_in_the_project_file_and_found_again(self):
        path = self.folder / "p.overlay"
        self.bench.save(path)
        kept = open_project(path).project.state.editions[0]
        self.assertEqual((kept.title, kept.colours), (self.edition.title, self.edition.colours))
        self.window.open_path(path)
        self.settle()
        self.assertEqual(self.room.model.rowCount(), 2)


class ManyRowsTest(EditionRoomTest):
    def test_thousands_of_rows_are_listed_and_the_window_answers(self):
        table = self.folder / "many.csv"
        table.write_text("seed\n" + "\n".join(map(str, range(3000))))
        with mock.patch.object(self.desk.filler, "find"):
            self.drop(table)
        self.assertEqual(self.room.model.rowCount(), 3000)
        self.assertEqual(self.said(2999, 1), "2999")


class ThousandsTest(WindowTest):
    """Three thousand rows ask as much of the window's thread as a few."""

    def setUp(self):
        super().setUp()
        self.desk = self.window.house.edition_desk
        recipe = json.loads((self.folder / "recipe.json").read_text())
        rows = [{"seed": seed} for seed in range(3_000)]
        self.path = self.folder / "many.json"
        self.path.write_text(json.dumps({"overlay": 1, "recipe": recipe, "rows": rows}))
        self.window.floor.go_to("edition")
        self.desk.drafting.open_edition(self.path)
        self.settle()

    def test_they_are_laid_out_in_parts_between_other_events(self):
        self.assertEqual(self.desk.room.contact.model().rowCount(), 3_000)
        self.window.resize(1300, 820)
        steps = [calls_of(QApplication.processEvents) for _ in range(60)]
        self.assertLess(max(steps), 25_000)  # all in one go: 41,000

    def test_they_are_checked_off_the_thread_and_a_fault_is_said(self):
        edition = self.desk.present()
        self.desk.change(
            "Wrong", edition.model_copy(update={"rows": (*edition.rows[:-1], {"seed": -4})})
        )
        self.settle()
        with mock.patch.object(self.desk.pulling, "pull") as pull:
            self.desk.pulling.fill()
            pull.assert_not_called()
            self.settle()
            pull.assert_not_called()
        self.assertIn("rows.3000: seed: must be", self.status_line)
        self.window.undo()
        with mock.patch.object(self.desk.pulling, "pull") as pull:
            self.desk.pulling.fill()
            pull.assert_not_called()
            self.settle()
            pull.assert_called_once_with(edition)

    @property
    def status_line(self):
        return self.desk.line.label.text()
