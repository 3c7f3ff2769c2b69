import re
import subprocess
import sys
import unittest
from pathlib import Path

from PySide6.QtWidgets import (
    QAbstractButton,
    QApplication,
    QComboBox,
    QLabel,
    QLineEdit,
    QMenu,
    QMessageBox,
    QWidget,
)

from overlay.app.main import make_application
from overlay.app.parts.language import Catalogue, catalogue_file, read_catalogue, speak, tr
from overlay.app.shell.settings_dialog import SettingsDialog
from overlay.studio.keeping.settings import load_settings, save_settings
from tests.app.harness import WindowTest
from tests.app.walking import cut_off, too_small, walk

ROOT = Path(__file__).parents[2]
# What is the same in both languages, or is no text of ours.
_SAME = re.compile(
    r"Text|Detail|Name|Format|Band|Solo|Pause|Palette|Polygon|Lasso|Gouache|Export(\.\.\.)?|in|M|S"
    r"|paint|contours|recipe ·|/\S+|#ffffff|1 of 1|[^A-Za-z]*|\d+ x \d+"
)


class CatalogueTest(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        cls.texts = read_catalogue(catalogue_file("de"))
        cls.catalogue = Catalogue(cls.texts)

    def test_german_is_complete_and_holds_nothing_else(self):
        done = subprocess.run(
            [sys.executable, "tools/translations.py", "--check"],
            cwd=ROOT, capture_output=True, text=True, check=False,
        )  # fmt: skip
        self.assertEqual((done.returncode, done.stdout.count("\n")), (0, 1), done.stdout)

    def test_every_value_has_its_place(self):
        for source, target in self.texts.items():
            own, said = (set(re.findall(r"{\d}", text)) for text in (source, target))
            self.assertLessEqual(said, own, source)
            self.assertGreaterEqual(len(said), len(own) - 1, source)

    def test_texts_with_values_are_found_by_their_pattern(self):
        said = self.catalogue.said
        self.assertEqual(said("Undo"), "Rückgängig")
        self.assertEqual(said("Rename mill.png"), "mill.png umbenennen")
        self.assertEqual(said("Proof 12 is there."), "Abzug 12 ist da.")
        self.assertEqual(said("a.overlay: not there: b.png and 3 more"),
                         "a.overlay: nicht da: b.png und 3 weitere")  # fmt: skip
        self.assertEqual(said("Qwrtz plmk"), "")
        self.assertIsNone(self.catalogue.translate("other", "Undo"))
        self.assertEqual(said("Remove 1 row"), said("Remove 3 rows").replace("3", "1"))

    def test_names_that_people_gave_stay(self):
        self.assertEqual(self.catalogue.said("Rename Colour of sky"), "Colour of sky umbenennen")

    def test_qt_asks_it_and_its_own_dialogs_too(self):
        application = make_application()
        speak(application, "de")
        self.addCleanup(speak, application, "en")
        self.assertEqual(tr("Undo"), "Rückgängig")
        box = QMessageBox()
        button = box.addButton(QMessageBox.StandardButton.Cancel)
        self.assertIn("Abbrechen", button.text().replace("&", ""))
        speak(application, "en")
        self.assertEqual(tr("Undo"), "Undo")


def texts_seen(window: QWidget) -> set[str]:
    """All that stands in a window, its tips and its menus."""
    found: set[str] = set()
    for widget in window.findChildren(QWidget):
        found |= {widget.toolTip(), widget.accessibleName()}
        if isinstance(widget, QLabel | QAbstractButton):
            found.add(widget.text())
        if isinstance(widget, QLineEdit):
            found.add(widget.placeholderText())
        if isinstance(widget, QComboBox):
            found |= {widget.itemText(i) for i in range(widget.count())}
        if isinstance(widget, QMenu):
            found |= {action.text() for action in widget.actions()}
    return {re.sub("</?qt>", "", text).strip() for text in found if text}


class GermanWindowTest(WindowTest):
    FRESH = True

    def setUp(self):
        before = load_settings()
        save_settings(before.model_copy(update={"language": "de"}))
        self.addCleanup(speak, make_application(), "en")
        self.addCleanup(save_settings, before)
        super().setUp()
        self.bench.add_cue("c1", swatches=["#aa3322", "#223344"])
        self.bench.add_cue("c2", avoided=str(self.folder / "stripes.png"))
        self.bench.change_recipe("Small", steps=4)
        self.settle()
        self.pull()

    def test_nothing_is_cut_off_in_any_state(self):
        for size in ((1024, 700), (1280, 800)):
            self.window.resize(*size)
            self.settle()
            self.assertEqual(walk(self.window, self.settle, cut_off, too_small), [])

    def test_nothing_is_the_same_in_both_languages_but_names_and_numbers(self):
        seen: list[set[str]] = []
        for language in ("de", "en"):
            if seen:
                self.put_away()
                save_settings(load_settings().model_copy(update={"language": language}))
                speak(make_application(), language)
                self._take_window()
                self.window.open_path(self.folder / "recipe.json")
                self.settle()
            seen.append(set())

            def look(window: QWidget, found: set[str] = seen[-1]) -> list[str]:
                found.update(texts_seen(window))
                return []

            walk(self.window, self.settle, look)
        same = {text for text in seen[0] & seen[1] if not _SAME.fullmatch(text)}
        self.assertEqual(same, set())
        self.assertGreater(len(seen[0]), 500)

    def test_what_is_said_and_undone_is_german(self):
        self.assertIn("Abzug 1 ist da", self.status)
        self.bench.change_recipe("Departure", departure=0.4)
        undo = self.window.actions_by_name["Undo"].text()
        self.assertEqual(undo, "Rückgängig: Abweichung")

    def test_settings_choose_the_language(self):
        chosen = []
        dialog = SettingsDialog(self.window.floor.settings, chosen.append, self.window)
        self.addCleanup(dialog.close)
        dialog.language.setCurrentIndex(dialog.language.findData("de"))
        dialog.language.activated.emit(dialog.language.currentIndex())
        self.assertEqual(chosen[-1].language, "de")
        QApplication.processEvents()
