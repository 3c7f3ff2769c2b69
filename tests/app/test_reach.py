"""Every control in every state: seen whole, large enough to hit, named, reached by the keyboard."""

from PySide6.QtCore import Qt
from PySide6.QtGui import QAccessible
from PySide6.QtWidgets import QApplication, QLabel, QPushButton, QToolButton, QWidget

from overlay.app.parts.theme import apply_theme
from tests.app.harness import WindowTest
from tests.app.walking import (
    controls,
    cut_off,
    nameless,
    too_small,
    unreachable,
    walk,
)

CHECKS = (cut_off, too_small, nameless, unreachable)


class ReachTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.bench.add_cue("colours", swatches=["#aa3322", "#223344"])
        self.bench.add_cue("not it", avoided=str(self.folder / "stripes.png"))
        self.bench.write_prompt("Words", ["dusk", "old windmil", "fine marks"])
        self.bench.change_recipe("Small", steps=4)
        self.settle()
        self.pull()

    def walk(self, wide, high):
        self.window.resize(wide, high)
        self.settle()
        self.assertEqual(walk(self.window, self.settle, *CHECKS), [])

    def test_in_an_ordinary_window(self):
        self.walk(1280, 800)

    def test_in_the_smallest_window(self):
        self.walk(1024, 700)

    def test_in_the_smallest_window_in_the_dark(self):
        self.addCleanup(self.window.floor.change_settings, self.window.floor.settings)
        self.window.house.helping._toggle_dark()
        self.settle()
        self.walk(1024, 700)

    def test_with_larger_text_in_the_smallest_window(self):
        self.addCleanup(apply_theme, self.application)
        self.addCleanup(self.window.floor.change_settings, self.window.floor.settings)
        settings = self.window.floor.settings.model_copy(update={"larger_text": True})
        self.window.floor.change_settings(settings)
        self.settle()
        for part in (self.window.house.top.hunt, self.window.house.sheet.rows[0].name):
            self.assertEqual(part.font().pixelSize(), 15)
        self.walk(1024, 700)


class ChecksTest(WindowTest):
    """What the walk looks for is found where it is."""

    def test_a_fault_of_each_kind_is_found(self):
        host = QWidget()
        self.addCleanup(host.deleteLater)
        label = QLabel("a text that is far too long", host)
        label.setFixedSize(20, 20)
        small = QToolButton(host)
        small.setFixedSize(10, 30)
        small.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        squeezed = QPushButton("a text that is far too long", host)
        squeezed.setFixedSize(40, 30)
        host.show()
        self.assertEqual(len(cut_off(host)), 2)
        self.assertEqual(len(too_small(host)), 1)
        self.assertEqual(len(nameless(host)), 1)
        self.assertEqual(len(unreachable(host)), 1)
        host.hide()

    def test_a_screen_reader_is_told_names_roles_and_values(self):
        top, sheet = self.window.house.top, self.window.house.sheet
        told = {}
        for name, widget in (
            ("pull", top.button), ("departure", top.departure_field), ("lock", top.lock),
            ("size", top.size_box), ("weight", sheet.rows[0].weight), ("mute", sheet.rows[0].mute),
        ):  # fmt: skip
            face = QAccessible.queryAccessibleInterface(widget)
            value = face.text(QAccessible.Text.Value)
            told[name] = (face.text(QAccessible.Text.Name).strip(), face.role(), value)
        role = QAccessible.Role
        self.assertEqual(told["pull"][:2], ("Pull", role.Button))
        self.assertEqual(told["departure"], ("Departure", role.SpinBox, "70 %"))
        self.assertEqual(told["lock"][0], "Lock the seed")
        self.assertEqual(told["size"][1], role.ComboBox)
        labels = QAccessible.queryAccessibleInterface(top.size_box).relations()
        self.assertIn("Size", [face.text(QAccessible.Text.Name) for face, _ in labels])
        self.assertIn("paint", told["weight"][0])
        self.assertIn("paint", told["mute"][0])

    def test_where_the_keys_are_is_seen_in_both_themes(self):
        for _ in range(2):
            for widget in list(controls(self.window))[:60]:
                if not widget.isEnabled() or not widget.isVisible():
                    continue
                QApplication.setActiveWindow(self.window)
                self.window.house.stage.view.setFocus()
                before = widget.grab().toImage()
                widget.setFocus(Qt.FocusReason.TabFocusReason)
                if not widget.hasFocus():
                    continue
                with self.subTest(widget.accessibleName() or type(widget).__name__):
                    self.assertNotEqual(widget.grab().toImage(), before)
            self.window.house.helping._toggle_dark()
            self.settle()
