"""Unforeseen errors: one line in the window, the trace in the log, and the window lives."""

import sys
import threading

from PySide6.QtCore import QEvent, QPoint, QTimer
from PySide6.QtWidgets import QApplication, QMenu

from overlay.app.shell.last_resort import LastResort, log_path
from tests.app.harness import WindowTest


class LastResortTest(WindowTest):
    def setUp(self):
        super().setUp()
        log_path().unlink(missing_ok=True)
        self.last_resort = LastResort(self.window.floor.refuse)
        self.last_resort.install()
        self.addCleanup(self.last_resort.remove)

    def check(self, name):
        self.settle()
        self.assertIn(
            f"Something unforeseen went wrong ({name}); your work is as it was", self.status
        )
        self.assertIn("Traceback", log_path().read_text())
        self.assertIn(name, log_path().read_text())
        self.bench.change_recipe("Seed", seed=6)  # it lives
        self.assertEqual(self.window.house.top.seed.text(), "6")

    def test_in_a_slot(self):
        QTimer.singleShot(0, lambda: [][1])
        self.wait(lambda: "unforeseen" in self.status, 5)
        self.check("IndexError")

    def test_on_another_thread(self):
        thread = threading.Thread(target=lambda: {}["x"])
        thread.start()
        thread.join()
        self.wait(lambda: "unforeseen" in self.status, 5)
        self.check("KeyError")

    def test_a_log_that_cannot_be_written_is_no_further_trouble(self):
        self.last_resort.remove()
        log_path().parent.mkdir(parents=True, exist_ok=True)
        log_path().mkdir()
        self.addCleanup(log_path().rmdir)
        self.last_resort.install()
        QTimer.singleShot(0, lambda: 1 / 0)
        self.wait(lambda: "ZeroDivisionError" in self.status, 5)

    def test_it_lets_go(self):
        self.last_resort.remove()
        self.assertIsNot(sys.excepthook, self.last_resort.take)


class StaleGestureTest(WindowTest):
    """What ends after its cue is gone is refused in a line, and nothing is raised."""

    def setUp(self):
        super().setUp()
        self.rows = list(self.window.house.sheet.rows)
        self.bench.remove_cues([0, 1])

    def test_rows_that_are_gone(self):
        row = self.rows[1]
        for emit in (
            lambda: row.soloed.emit(1),
            lambda: row.muted.emit(1, True),
            lambda: row.weighed.emit(1, 0.4),
            lambda: row.renamed.emit(1, "x"),
            lambda: row.placed.emit(1, None, False),
        ):
            emit()
            self.assertIn("no longer there", self.status)
        row.let_go.emit(
            1, 4, self.window.house.sheet.mapToGlobal(self.window.house.sheet.rect().center())
        )
        row.dragged.emit(
            1, 4, self.window.house.sheet.mapToGlobal(self.window.house.sheet.rect().center())
        )
        self.assertEqual(self.bench.project.recipe.cues, ())

    def test_the_65th_swatch_is_refused_in_a_line(self):
        self.bench.add_cue("many", swatches=[f"#0000{i:02x}" for i in range(64)])
        self.window.house.probe._swatch("#ffffff")
        self.assertIn("swatches: may have 64 entries, got 65", self.status)
        self.assertEqual(len(self.bench.project.recipe.cues[0].swatches), 64)

    def test_fields_refuse_what_only_looks_like_a_number(self):
        for field, text in (
            (self.window.house.top.seed, "²"),
            (self.window.house.top.seed, "9" * 5000),
        ):
            field.setText(text)
            field.editingFinished.emit()
            self.assertIn("Seed: must be a whole number", self.status)


class MenuTest(WindowTest):
    def test_menus_made_for_once_are_let_go(self):
        row, tray = self.window.house.sheet.rows[0], self.window.house.tray
        tray.pictures.setCurrentRow(0)
        before = len(self.window.findChildren(QMenu))
        for _ in range(5):
            for open_menu in (row._offer_regions, lambda: tray._menu(QPoint(5, 5))):
                open_menu()
                QApplication.activePopupWidget().close()
        QApplication.sendPostedEvents(None, QEvent.Type.DeferredDelete.value)
        self.assertEqual(len(self.window.findChildren(QMenu)), before)
