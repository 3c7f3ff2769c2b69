"""Tray and card made wider by the hand, by commands, and so again the next time."""

from PySide6.QtCore import QPointF, Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QListWidget

from overlay.app.shell.side_tabs import MOST, WIDTH
from overlay.studio.keeping.settings import load_settings
from tests.app.harness import WindowTest


class WidthsTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.window.resize(1600, 800)
        self.settle()
        self.side, self.tray = self.window.house.side, self.window.house.tray
        self.tray_seam, self.card_seam = self.side.seams
        self.plain = self.window.actions_by_name["Plain width of tray and card"]
        self.plain.trigger()  # settings are all tests'
        self.addCleanup(self.settle)
        self.addCleanup(self.plain.trigger)
        self.settle()

    def pull(self, seam, by):
        middle = QPointF(seam.rect().center())
        self.drag(seam, middle, middle + QPointF(by, 0))
        self.settle()

    @property
    def card_width(self):
        return self.side.bar.maximumWidth()

    def test_an_edge_that_is_dragged_widens_its_panel_and_is_kept(self):
        picture = self.window.house.stage.width()
        self.pull(self.tray_seam, 100)
        self.assertEqual(self.tray.width(), 232)
        self.pull(self.card_seam, -40)
        self.assertEqual(self.card_width, WIDTH + 40)
        self.assertEqual(self.window.house.stage.width(), picture - 140)
        kept = load_settings()
        self.assertEqual((kept.tray_extra, kept.card_extra), (100, 40))

    def test_neither_narrower_than_it_needs_nor_without_end(self):
        self.pull(self.tray_seam, -50)
        self.assertEqual(self.tray.width(), 132)
        self.pull(self.card_seam, -900)
        self.assertEqual(self.card_width, WIDTH + MOST)

    def test_a_smaller_window_takes_from_panels_what_the_picture_needs(self):
        self.pull(self.tray_seam, 150)
        self.pull(self.card_seam, -150)
        self.window.resize(1280, 800)
        self.settle()
        self.assertGreaterEqual(self.window.house.stage.width(), 726)
        self.assertEqual((self.side.extra, self.card_width), ((150, 150), WIDTH))
        self.window.resize(1600, 800)
        self.settle()
        self.assertEqual((self.tray.width(), self.card_width), (282, WIDTH + 150))

    def test_an_edge_follows_the_hand_at_once_where_a_smaller_window_had_taken_it_back(self):
        self.pull(self.tray_seam, 200)
        self.window.resize(1280, 800)
        self.settle()
        given = self.tray.width()
        self.assertLess(given, 132 + 200)
        self.pull(self.tray_seam, -20)
        self.assertEqual(self.tray.width(), given - 20)

    def test_edges_lie_where_panels_end_and_go_with_them(self):
        stage = self.window.house.stage
        for by in (0, 80):
            self.pull(self.tray_seam, by)
            self.assertLess(abs(self.tray_seam.geometry().center().x() - stage.x()), 3)
            self.assertLess(
                abs(self.card_seam.geometry().center().x() - stage.geometry().right()), 3
            )

    def test_two_pictures_lie_beside_each_other_where_there_is_room(self):
        self.assertEqual(self.tray.pictures.flow(), QListWidget.Flow.TopToBottom)
        self.pull(self.tray_seam, 130)
        self.assertEqual(self.tray.pictures.flow(), QListWidget.Flow.LeftToRight)

    def test_double_click_and_commands_put_back_and_widen(self):
        actions = self.window.actions_by_name
        actions["Wider tray"].trigger()
        actions["Wider card"].trigger()
        self.settle()
        self.assertEqual((self.tray.width(), self.card_width), (192, WIDTH + 60))
        QTest.mouseDClick(self.tray_seam, Qt.MouseButton.LeftButton)
        self.settle()
        self.assertEqual((self.tray.width(), self.card_width), (132, WIDTH + 60))
        self.plain.trigger()
        self.settle()
        self.assertEqual((self.card_width, load_settings().card_extra), (WIDTH, 0))

    def test_no_edges_where_there_are_no_panels(self):
        self.window.house.bench_room.set_bare(bare=True)
        self.assertFalse(self.tray_seam.isVisible() or self.card_seam.isVisible())
        self.window.house.bench_room.set_bare(bare=False)
        self.window.resize(1000, 700)
        self.settle()
        self.assertFalse(self.tray_seam.isVisible())
        self.assertTrue(self.card_seam.isVisible())
