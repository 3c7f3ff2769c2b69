"""A day's work through the real widgets, from gathering to a crash and the morning after."""

import os
import signal
import subprocess
import sys
import time
from pathlib import Path

import numpy as np
from PySide6.QtCore import QMimeData, QPointF, Qt, QUrl
from PySide6.QtGui import QDropEvent
from PySide6.QtTest import QTest

from overlay.app.main import _begin
from overlay.app.sheet.axis import TimeAxis
from overlay.app.shell.window import MainWindow
from overlay.imaging.files import write_picture
from overlay.studio.bench.bench import Bench
from overlay.studio.inputs.folders import state_folder
from overlay.studio.keeping.files.container import read_container
from overlay.studio.keeping.recovery import load_recovery
from tests.app.harness import WindowTest
from tests.pictures import manner, scene

LEFT = Qt.MouseButton.LeftButton
CONTROL, SHIFT = Qt.KeyboardModifier.ControlModifier, Qt.KeyboardModifier.ShiftModifier
PLAIN = Qt.KeyboardModifier.NoModifier

_SAVES_FOREVER = """
import sys
from pathlib import Path
from overlay.document.project import State
from overlay.document.reading import read_recipe
from overlay.studio.keeping.files.container import write_container
from overlay.studio.inputs.paths import absolute_recipe
folder, target = Path(sys.argv[1]), Path(sys.argv[2])
recipe = absolute_recipe(read_recipe(folder / "recipe.json"), folder)
print("ready", flush=True)
while True:
    write_container(target, State(recipe))
"""


class DayTest(WindowTest):
    def key(self, key, modifier=PLAIN):
        QTest.keyClick(self.window, key, modifier)
        self.settle()

    def drop(self, widget, *names):
        data = QMimeData()
        data.setUrls([QUrl.fromLocalFile(str(self.folder / n)) for n in names])
        action, keys = Qt.DropAction.CopyAction, Qt.KeyboardModifier.NoModifier
        widget.dropEvent(QDropEvent(QPointF(20, 20), action, data, LEFT, keys))
        self.settle()

    def gather_and_clean(self):
        sheet = np.full((200, 240, 3), 255, np.uint8)
        sheet[36:164, 24:216] = scene("lock")
        write_picture(self.folder / "lock.png", sheet)
        write_picture(self.folder / "felt.png", manner("felt"))
        self.drop(self.window.house.tray, "lock.png", "felt.png")
        self.window.house.tray.pictures.setCurrentRow(self.window.house.tray.pictures.count() - 2)
        self.key(Qt.Key.Key_P, CONTROL)
        room = self.window.house.prepare
        rect = room.view.frame_rect()
        corner = QPointF(rect.left() + 0.1 * rect.width(), rect.top() + 0.18 * rect.height())
        end = QPointF(rect.left() + 0.9 * rect.width(), rect.top() + 0.82 * rect.height())
        self.drag(room.view, corner, end)
        QTest.mouseClick(room.save_source, LEFT)
        self.settle()
        self.assertIn("prepared", self.bench.project.recipe.source)

    def compose(self):
        self.drop(self.window.house.sheet, "felt.png")
        self.drop(self.window.house.sheet, "stripes.png")
        self.window.house.gathering.add_cue("swatches")
        self.assertEqual(len(self.bench.project.recipe.cues), 5)
        envelope = self.window.house.sheet.rows[2].envelope
        start = envelope.handle_place("enter")
        self.drag(envelope, start, QPointF(TimeAxis().to_x(0.4, envelope.width()), start.y()))
        self.window.house.sheet.rows[3].weight.setFocus()
        self.window.house.sheet.rows[3].weight.setValue(40)
        self.assertEqual(self.bench.project.recipe.cues[2].enter, 0.4)
        self.assertEqual(self.bench.project.recipe.cues[3].weight, 0.4)
        self.bench.select(3)
        self.key(Qt.Key.Key_M)
        self.key(Qt.Key.Key_Up, Qt.KeyboardModifier.AltModifier)
        self.window.house.top.departure_field.setValue(65)

    def look(self):
        self.key(Qt.Key.Key_Return, CONTROL)
        first = self.bench.proof
        self.bench.select(0)
        self.key(Qt.Key.Key_W)
        self.assertTrue(self.window.house.stage.view.has_wipe)
        self.key(Qt.Key.Key_W)
        self.key(Qt.Key.Key_Return, CONTROL | SHIFT)
        self.assertIn("paint: style match", self.status)
        self.key(Qt.Key.Key_Escape)
        return first

    def middle_patch(self):
        found = np.argwhere(self.bench.proof.trace.cue[4:-4, 4:-4] == 0) + 4
        return found[len(found) // 2]

    def trace_and_keep_out(self):
        self.key(Qt.Key.Key_T)
        row, column = self.middle_patch()
        trace = self.bench.proof.trace
        _, (left, top, right, bottom) = trace.origin(row, column)
        view, rect = self.window.house.stage.view, self.window.house.stage.view.frame_rect()
        height, width = self.bench.proof.picture.shape[:2]
        x = (column * trace.stride + trace.left + trace.size / 2) / width
        y = (row * trace.stride + trace.top + trace.size / 2) / height
        place = QPointF(rect.left() + x * rect.width(), rect.top() + y * rect.height())
        QTest.mouseClick(view, LEFT, pos=place.toPoint())
        self.assertIn("paint: from", self.status)
        QTest.mouseClick(self.window.house.card.tabs["Picture"], LEFT)
        QTest.mouseClick(self.window.house.card.use.keep_out, LEFT)
        shown = self.window.house.card.picture.picture_rect()
        middle = QPointF(
            shown.left() + (left + right) / 480 * shown.width(),
            shown.top() + (top + bottom) / 360 * shown.height(),
        )
        self.drag(self.window.house.card.picture, middle, middle + QPointF(4, 0))
        self.assertEqual(len(self.bench.project.recipe.cues[0].keep_out), 1)
        self.key(Qt.Key.Key_P)
        self.key(Qt.Key.Key_Return, CONTROL)

    def test_gather_clean_compose_pull_compare_ask_trace_undo_save_crash_reopen(self):
        self.gather_and_clean()
        self.compose()
        first = self.look()
        self.trace_and_keep_out()
        self.assertNotEqual(self.bench.proof.recipe_hash, first.recipe_hash)
        after = self.bench.project.state
        while self.bench.project.redo_name is None or len(self.bench.project._history._redo) < 12:
            if self.bench.project.undo_name is None:
                break
            self.key(Qt.Key.Key_Z, CONTROL)
        undone = len(self.bench.project._history._redo)
        self.assertGreaterEqual(undone, 12)
        for _ in range(undone):
            self.key(Qt.Key.Key_Z, CONTROL | SHIFT)
        self.assertEqual(self.bench.project.state, after)
        target = self.folder / "day.overlay"
        self.window.house.files.save_to(target)
        self.settle()
        self.assertEqual(len(read_container(target).state.recipe.cues), 5)
        # Once more changed, then gone without a word.
        self.bench.change_recipe("Seed", seed=77)
        copy = state_folder() / "recovery" / f"{self.bench.project.key}.json"
        self.wait(lambda: _seed_in(copy) == 77)
        self.window.house.keeping._hold.release()  # as a crash would
        other = MainWindow(Bench())
        self.addCleanup(other.close)
        _begin(other, None)
        self.wait(lambda: other.floor.loader.idle)
        self.assertEqual(other.bench.project.recipe.seed, 77)
        self.assertEqual(len(other.bench.project.recipe.cues), 5)
        self.assertEqual(other.bench.project.path, target)

    def test_a_kill_during_a_write_leaves_a_whole_file(self):
        target = self.folder / "killed.overlay"
        for pause in (0.05, 0.11, 0.23):
            process = subprocess.Popen(
                [sys.executable, "-c", _SAVES_FOREVER, self.folder, target],
                stdout=subprocess.PIPE, env=os.environ,
            )  # fmt: skip
            process.stdout.readline()
            time.sleep(pause)
            process.send_signal(signal.SIGKILL)
            process.wait()
            process.stdout.close()
            if target.exists():
                self.assertEqual(len(read_container(target).state.recipe.cues), 2)
        self.assertTrue(target.exists())


def _seed_in(copy: Path) -> int | None:
    found = load_recovery(copy)
    return None if found is None else found.state.recipe.seed
