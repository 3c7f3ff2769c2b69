import configparser
import os
import subprocess
import xml.etree.ElementTree as ET
from pathlib import Path
from unittest import mock

from PySide6.QtCore import Qt
from PySide6.QtGui import QAction
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QMenu

from overlay.app.parts.status import said_before
from overlay.app.parts.theme import tones
from overlay.app.shell.help.handbook import Handbook, handbook_folder
from overlay.app.shell.help.shortcuts import key_rows
from overlay.app.shell.help.tour import Tour
from overlay.app.shell.said import SaidDialog
from overlay.app.shell.settings_dialog import SettingsDialog
from overlay.studio.keeping.settings import load_settings
from tests.app.harness import WindowTest

ROOT = Path(__file__).parents[2]


class HelpTest(WindowTest):
    def test_the_tour_points_at_four_places_and_ends(self):
        self.choose("Tour")
        tour = self.window.findChild(Tour)
        stops = self.window.house.helping._stops
        self.assertEqual(len(stops), 4)
        for place in range(4):
            self.assertEqual(tour.title.text(), stops[place].title)
            self.assertTrue(tour.rect().contains(tour._card.geometry()), place)
            self.assertTrue(tour.rect().contains(tour._lit()))
            QTest.mouseClick(tour.next, Qt.MouseButton.LeftButton)
        self.assertFalse(tour.isVisible())
        self.assertTrue(load_settings().toured)

    def test_keys_go_on_in_the_tour_and_leave_it(self):
        self.choose("Tour")
        tour = self.window.findChild(Tour)
        QTest.mouseClick(tour.next, Qt.MouseButton.LeftButton)
        QTest.keyClick(self.window.focusWidget(), Qt.Key.Key_Return)
        self.assertEqual(tour.place, 2)
        for expected in (tour.skip, tour.next, tour.skip):
            QTest.keyClick(self.window.focusWidget(), Qt.Key.Key_Tab)
            self.assertIs(self.window.focusWidget(), expected)
        QTest.keyClick(
            self.window.focusWidget(), Qt.Key.Key_Backtab, Qt.KeyboardModifier.ShiftModifier
        )
        QTest.keyClick(self.window.focusWidget(), Qt.Key.Key_Escape)
        self.assertFalse(tour.isVisible())

    def test_keys_stay_with_the_tour_when_a_project_opens_under_it(self):
        """As at the start, where the demo comes after it."""
        self.choose("Tour")
        tour = self.window.findChild(Tour)
        self.window.open_path(self.write_recipe("other.json", seed=4))
        self.settle()
        self.assertTrue(tour.next.hasFocus())
        QTest.keyClick(self.window.focusWidget(), Qt.Key.Key_Escape)
        self.assertFalse(tour.isVisible())

    def test_the_handbook_shows_every_page_with_its_pictures(self):
        folder = handbook_folder()
        book = Handbook(folder, self.window)
        self.addCleanup(book.close)
        self.assertGreaterEqual(book.pages.count(), 6)
        for row, path in enumerate(book._paths):
            book.pages.setCurrentRow(row)
            self.assertGreater(len(book.browser.toPlainText()), 200)
            for part in path.read_text().split("](")[1:]:
                link = part.split(")")[0]
                if not link.startswith("http"):
                    self.assertTrue((folder / link.split("#")[0]).exists(), f"{path.name}: {link}")
        self.assertIsNone(book.browser.loadResource(3, "../../../etc/passwd"))

    def book(self, page=""):
        book = Handbook(handbook_folder(), self.window, page)
        self.addCleanup(book.close)
        book.show()
        return book

    def test_pages_are_set_like_a_books(self):
        browser = self.book("11-words").browser
        line = "A line of a book has about as many characters as stand in this one here."
        self.assertAlmostEqual(
            browser.column, browser.fontMetrics().horizontalAdvance(line), delta=1
        )
        shape = browser.document().rootFrame().frameFormat()
        self.assertGreater(shape.leftMargin(), 60)
        heads, block = {}, browser.document().begin()
        while block.isValid():
            heads.setdefault(block.blockFormat().headingLevel(), block.blockFormat())
            block = block.next()
        self.assertGreater(heads[2].topMargin(), heads[2].bottomMargin() + 10)
        self.assertLessEqual(browser.horizontalScrollBar().maximum(), 1)

    def test_what_is_sought_is_found_on_all_pages_and_marked(self):
        book = self.book()
        QTest.keyClicks(book.sought, "CUT-OUTS")
        hidden = [book.pages.item(i).isHidden() for i in range(book.pages.count())]
        self.assertFalse(hidden[book.pages.currentRow()])
        self.assertEqual(book._paths[book.pages.currentRow()].stem, "11-words")
        self.assertGreater(len(book.browser.extraSelections()), 0)
        self.assertTrue(hidden[0])
        book.sought.setText("no page says this")
        self.assertEqual(book.browser.extraSelections(), [])
        book.sought.clear()
        self.assertFalse(any(book.pages.item(i).isHidden() for i in range(book.pages.count())))

    def page(self):
        QTest.keyClick(self.window, Qt.Key.Key_F1)
        book = self.window.findChildren(Handbook)[-1]
        page = book._paths[book.pages.currentRow()].stem
        book.close()
        book.deleteLater()
        return page

    def test_f1_opens_the_page_of_where_one_is(self):
        house = self.window.house
        self.window.activateWindow()
        for widget, page in (
            (house.tray.pictures, "1-gather-and-clean"), (house.sheet.rows[0].weight, "2-compose"),
            (house.stage.view, "5-pull-and-look"),
        ):  # fmt: skip
            widget.setFocus()
            with self.subTest(page):
                self.assertEqual(self.page(), page)
        self.bench.select(1)  # a guide
        house.sheet.rows[1].weight.setFocus()
        self.assertEqual(self.page(), "3-guides")
        house.stage.set_mode("region")
        house.stage.view.setFocus()
        self.assertEqual(self.page(), "4-regions")
        for room, page in (("proof sheet", "6-search"), ("drawer", "7-drawer"),
                           ("edition", "13-sets")):  # fmt: skip
            self.window.floor.go_to(room)
            self.assertEqual(self.page(), page)

    def test_every_shortcut_of_the_menus_is_listed_once(self):
        keys = [
            a.shortcut().toString()
            for a in self.window.findChildren(QAction)
            if not a.shortcut().isEmpty()
        ]
        self.assertEqual(len(keys), len(set(keys)))
        groups = dict(key_rows(self.window.house.helping.listed()))
        listed = [key for rows in groups.values() for key, _ in rows]
        self.assertLess(set(keys), set(listed))  # every key of a menu, and the hands' besides
        self.assertIn(("K", "Keep with a star"), groups["Proof"])
        self.assertIn(("Ctrl+4", "Drawer"), groups["View"])


class SaidTest(WindowTest):
    def test_a_refusal_goes_at_the_next_edit_or_after_a_while_and_can_be_read_again(self):
        line = self.window.house.stage.status
        for past in (
            lambda: self.bench.change_recipe("Seed", seed=4),
            lambda: line._fading.timeout.emit(),
        ):
            self.window.floor.refuse("mask.png: must be a PNG, got a song")
            self.assertEqual(line.label.property("role"), "error")
            past()
            self.assertEqual(line.label.text(), "")
        self.window.floor.say("Opened almanac.json")
        line._fading.timeout.emit()
        self.assertEqual(line.label.text(), "Opened almanac.json")  # no refusal, so it stays
        self.choose("What was said")
        dialog = self.window.findChild(SaidDialog)
        said = dialog.text.toPlainText().splitlines()
        self.assertRegex(said[0], r"^[0-9:]{8}  Opened almanac.json$")
        self.assertIn("mask.png: must be a PNG, got a song", said[1])
        dialog.close()

    def test_how_far_a_run_is_stands_once_among_what_was_said(self):
        for percent in (10, 20, 30):
            self.window.floor.say(f"Pulling: masses, {percent} %")
        said = [what for _, what in said_before()]
        self.assertEqual(sum(what.startswith("Pulling: masses") for what in said), 1)
        self.assertEqual(said[0], "Pulling: masses, 30 %")


class SettingsTest(WindowTest):
    def test_changes_count_at_once_and_are_kept(self):
        self.choose("Settings")
        dialog = self.window.findChild(SettingsDialog)
        light = tones().panel
        dialog.theme.setCurrentIndex(1)
        dialog.theme.activated.emit(1)
        self.assertNotEqual(tones().panel, light)
        dialog.threads.setValue(1)
        dialog.cache.setValue(500)
        self.settle()
        self.assertEqual(
            (load_settings().theme, load_settings().threads, load_settings().cache_megabytes),
            ("dark", 1, 500),
        )
        self.pull()
        self.assertIsNotNone(self.bench.proof)
        dialog.theme.setCurrentIndex(0)
        dialog.theme.activated.emit(0)
        dialog.close()

    def test_recent_files_are_offered_and_opened(self):
        other = self.write_recipe("other.json", seed=9)
        self.window.open_path(other)
        self.settle()
        menu = next(m for m in self.window.findChildren(QMenu) if m.title() == "Open recent")
        menu.aboutToShow.emit()
        self.assertEqual(menu.actions()[0].text(), str(other))
        menu.actions()[1].trigger()
        self.settle()
        self.assertEqual(self.bench.project.path, self.folder / "recipe.json")


class DesktopTest(WindowTest):
    def test_the_desktop_learns_of_project_files(self):
        home = self.folder / "share"
        with mock.patch.dict(os.environ, {"XDG_DATA_HOME": str(home)}):
            subprocess.run(
                ["bash", ROOT / "tools/install_desktop.sh"], check=True, capture_output=True
            )
        entry = configparser.ConfigParser(interpolation=None)
        entry.optionxform = str
        entry.read(home / "applications/overlay.desktop")
        self.assertTrue(entry["Desktop Entry"]["Exec"].endswith('.venv/bin/overlay" open %f'))
        mime = ET.parse(home / "mime/packages/overlay-project.xml").getroot()[0]
        self.assertIn(mime.get("type"), entry["Desktop Entry"]["MimeType"])
        about = ET.parse(home / "metainfo/overlay.metainfo.xml").getroot()
        self.assertEqual(about.findtext("launchable"), "overlay.desktop")
        self.assertTrue((home / "icons/hicolor/scalable/apps/overlay.svg").exists())
