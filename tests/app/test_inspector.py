"""Seeing why: the influence chart, the Influence view, and following a mark both ways."""

import numpy as np
from PySide6.QtCore import QPointF, Qt
from PySide6.QtTest import QTest

from overlay.app.card.reference_view import HIGH
from overlay.app.parts.theme import cue_colour
from overlay.app.picture.deciders import step_at, tint_map
from overlay.engine.record import Influence
from tests.app.harness import WindowTest

LEFT = Qt.MouseButton.LeftButton


class InspectorTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.window.house.gathering.add_styles([self.folder / "stripes.png"])
        self.settle()
        self.pull()
        self.view, self.stage = self.window.house.stage.view, self.window.house.stage

    def key(self, key: Qt.Key) -> None:
        QTest.keyClick(self.window, key)
        self.settle()

    def at(self, x: float, y: float):
        rect = self.view.frame_rect()
        return QPointF(rect.left() + x * rect.width(), rect.top() + y * rect.height()).toPoint()

    def test_influence_tints_the_picture_and_names_who_decided(self):
        self.key(Qt.Key.Key_I)
        self.assertEqual(self.stage.mode, "influence")
        names = [text.rsplit(" ", 1)[0] for _, text in self.view._legend]
        self.assertEqual(names, ["paint", "stripes", "source"])
        late = self.stage.images["influence"]
        self.window.house.sheet.filmstrip.scrubbed.emit(0.4)
        self.settle()
        self.assertNotEqual(self.stage.images["influence"], late)
        self.key(Qt.Key.Key_P)
        self.assertEqual(self.view._legend, [])
        self.assertIsNone(self.stage.images["influence"])

    def test_the_chart_names_shares_at_a_moment(self):
        chart = self.window.house.sheet.chart
        self.assertRegex(chart.text_at(1.0), r"At 100%: paint \d+%, stripes \d+%")
        self.bench.change_recipe("Seed", seed=99)
        self.assertNotEqual(chart.text_at(1.0), "")

    def test_a_mark_is_followed_to_its_reference(self):
        self.key(Qt.Key.Key_T)
        QTest.mouseMove(self.view, self.at(0.5, 0.5))
        QTest.mouseMove(self.view, self.at(0.52, 0.5))
        self.assertRegex(self.status, r"(paint|stripes): from \d+, \d+ in \w+\.png")
        QTest.mouseClick(self.view, LEFT, pos=self.at(0.3, 0.6))
        self.settle()
        name = self.status.split(":")[0]
        self.assertEqual(self.bench.selected_cue.name, name)
        box = self.window.house.card.picture._box
        trace = self.bench.proof.trace
        _, wanted = trace.origin(*self.window.house.inspector._pinned)
        self.assertAlmostEqual(box.left(), wanted[0], delta=0.01)

    def test_a_place_of_the_reference_is_followed_into_the_proof(self):
        self.key(Qt.Key.Key_T)
        self.bench.select(0)
        self.settle()
        trace = self.bench.proof.trace
        row, column = np.argwhere(trace.cue == 0)[5]
        _, (left, top, right, bottom) = trace.origin(row, column)
        picture = self.window.house.card.picture
        rect = picture.picture_rect()
        place = QPointF(
            rect.left() + (left + right) / 2 / 240 * rect.width(),
            rect.top() + (top + bottom) / 2 / 180 * rect.height(),
        )
        QTest.mouseClick(picture, LEFT, pos=place.toPoint())
        self.settle()
        self.assertRegex(self.status, r"[1-9]\d* patches of the proof came from there")
        self.assertIsNotNone(self.stage.images["trace"])

    def test_pulling_again_takes_marks_of_the_old_proof_away(self):
        self.key(Qt.Key.Key_T)
        QTest.mouseClick(self.view, LEFT, pos=self.at(0.3, 0.6))
        self.assertTrue(self.view._boxes)
        self.bench.change_recipe("Seed", seed=5)
        self.pull()
        self.assertEqual(self.view._boxes, [])

    def test_nothing_is_cut_off_or_widened_in_a_small_window(self):
        self.window.resize(1024, 700)
        self.bench.select(1)
        self.settle()
        self.stage.set_mode("map")
        self.stage.wipe.setChecked(True)
        self.settle()
        self.assertEqual(self.window.width(), 1024)

    def test_a_references_facets_are_all_in_sight_in_a_small_window(self):
        self.window.resize(1024, 700)
        self.bench.select(0)
        self.settle()
        card = self.window.house.card
        self.assertTrue(card.facets.isVisible())
        bottom = card.facets.mapTo(card, card.facets.rect().bottomLeft()).y()
        self.assertLessEqual(bottom, card.height())
        self.window.resize(1280, 900)
        self.settle()
        self.assertEqual(card.picture.height(), HIGH)


class TintTest(WindowTest):
    def test_cells_take_the_colour_of_who_decides(self):
        maps = np.zeros((2, 2, 3, 1, 2), np.uint8)
        maps[0, 0], maps[1, 1] = 255, 255
        record = Influence(("a", "b"), (0.5, 1.0), maps)
        for progress, place in ((0.2, 0), (0.5, 0), (0.6, 1), (1.0, 1)):
            self.assertEqual(step_at(record, progress), place)
            colour = cue_colour(place)
            cell = tint_map(record, progress, ["a", "b"])[0, 0]
            np.testing.assert_array_equal(cell, (colour.red(), colour.green(), colour.blue()))
