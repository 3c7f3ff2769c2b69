"""Rows, cells and hunts that a cluster pulls, asked for in the window.

The cluster is this process here; a real one is in `tests/studio/test_cluster`.
"""

from dataclasses import replace
from typing import ClassVar
from unittest import mock

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest

from overlay.document.text.json_text import RecipeError
from overlay.studio.editions.crews import Alone
from overlay.studio.editions.tasks import Pulled
from tests.app.test_editions import EditionRoomTest
from tests.app.test_proof_sheets import SheetRoomTest

ADDRESS = "tcp://127.0.0.1:8786"


class Handed:
    """A cluster that notes what it is given and pulls it here."""

    tasks: ClassVar[list] = []
    spoilt: tuple[int, ...] = ()

    def __init__(self, address: str, count: int) -> None:
        assert address == ADDRESS
        self._crew = Alone(count)

    def work(self, tasks, control):
        for task in tasks:
            self.tasks.append(task)
            [done] = self._crew.work([task], control)
            yield Pulled(task.index, fault="no") if task.index in self.spoilt else done


class Gone(Handed):
    """A cluster that is not there."""

    def work(self, tasks, control):
        raise RecipeError(f"cluster: no scheduler answers at {ADDRESS}")
        yield


def hand_out(test, cluster: type = Handed) -> None:
    """Have the settings name a cluster, and a stand-in be it."""
    Handed.tasks, Handed.spoilt = [], ()
    standing = mock.patch("overlay.app.floor.handing_out.Cluster", cluster)
    standing.start()
    test.addCleanup(standing.stop)
    settings = test.window.floor.settings
    test.window.floor.settings = settings.model_copy(update={"cluster": ADDRESS})


class SheetsTest(SheetRoomTest):
    def test_cells_come_from_the_cluster_and_are_those_that_this_computer_pulls(self):
        hand_out(self)
        Handed.spoilt = (1,)  # the second of those that spread out
        self.fill("departure", across="30 60 90")
        cells = dict(self.grid.shown.cells)
        self.assertEqual(len(Handed.tasks), 3)
        self.assertEqual(sorted(c.fault for c in cells.values()), ["", "", "no"])
        self.assertFalse(any(c.look for c in cells.values()))
        there = {p: c for p, c in cells.items() if c.recipe_hash}
        self.assertTrue(all(c.figures["structure_kept"] and c.number for c in there.values()))
        self.window.floor.settings = self.window.floor.settings.model_copy(update={"cluster": ""})
        QTest.mouseClick(self.room.fill, Qt.MouseButton.LeftButton)
        self.settle()
        again = self.grid.shown.cells
        self.assertEqual(len(Handed.tasks), 3)
        for place, cell in there.items():  # found on the shelf, and the missing one pulled
            self.assertEqual(replace(again[place], image=None), replace(cell, image=None))
        self.assertTrue(all(c.recipe_hash for c in again.values()))

    def test_a_hunt_goes_there_as_well(self):
        hand_out(self)
        QTest.keyClick(self.window, Qt.Key.Key_1, Qt.KeyboardModifier.ControlModifier)
        self.choose("4 seeds")
        self.settle()
        self.assertEqual(len(Handed.tasks), 4)
        hunt = self.house.search.hunt
        self.assertEqual([bool(c.recipe_hash) for c in hunt._shown.cells.values()], 4 * [True])

    def test_a_scheduler_that_is_not_there_is_said_and_nothing_is_lost(self):
        hand_out(self, Gone)
        self.fill("departure", across="30 60")
        self.assertIn("no scheduler answers", self.house.line.label.text())
        self.assertEqual(self.sheets.filler.left(self.grid.shown.sheet.name), 0)


class RowsTest(EditionRoomTest):
    def test_rows_come_from_the_cluster_and_one_that_fails_says_why(self):
        hand_out(self)
        Handed.spoilt = (1,)
        self.drop_sources()
        self.fill()
        shown = self.desk.shown
        self.assertEqual(len(Handed.tasks), shown.edition.count)
        self.assertEqual([shown.row(i).fault for i in range(2)], ["", "no"])
        self.assertTrue(shown.row(0).recipe_hash and shown.row(0).number)
        self.assertEqual(set(shown.measured), set(range(shown.edition.count)) - {1})

    def test_a_scheduler_that_is_not_there_is_said_and_the_rows_can_be_pulled_here(self):
        hand_out(self, Gone)
        self.drop_sources()
        self.fill()
        self.assertIn("no scheduler answers", self.line)
        self.window.floor.settings = self.window.floor.settings.model_copy(update={"cluster": ""})
        self.fill()
        self.assertIn("2 pictures are there", self.line)
