"""Text of files is shown as it is: no label or tip of the window follows markup in it."""

import ast
import time
import unittest
from pathlib import Path

from PySide6.QtCore import Qt

import overlay.app
from overlay.app.parts.plain import PlainLabel, ago, plain_tip
from tests.app.harness import WindowTest

_FOLDER = Path(overlay.app.__file__).parent
EVIL = "<img src='file:///dev/zero'><b>mill</b>"


def calls(name):
    """Every call of a name in the window's code: file, line and arguments."""
    for path in _FOLDER.rglob("*.py"):
        for node in ast.walk(ast.parse(path.read_text())):
            if isinstance(node, ast.Call):
                called = node.func
                found = (
                    called.attr if isinstance(called, ast.Attribute) else getattr(called, "id", "")
                )
                if found == name:
                    yield f"{path.name}:{node.lineno}", node.args


def is_ours(node):
    """Whether a text is written in the code itself, or made plain."""
    if isinstance(node, ast.Constant | ast.Name):
        return True  # a name is an argument `tip`, whose callers are looked at below
    if isinstance(node, ast.Call) and getattr(node.func, "id", "") == "tr":
        parts = node.args[0].values if isinstance(node.args[0], ast.JoinedStr) else node.args
        return all(is_ours(part) or _is_fixed(part) for part in parts)
    return isinstance(node, ast.Call) and getattr(node.func, "id", "") == "plain_tip"


class CodeTest(unittest.TestCase):
    def test_labels_are_plain(self):
        bare = [place for place, _ in calls("QLabel")]
        self.assertEqual(bare, [])

    def test_tips_are_written_here_or_made_plain(self):
        loose = []
        for place, arguments in calls("setToolTip"):
            text = arguments[-1]
            parts = text.values if isinstance(text, ast.JoinedStr) else [text]
            written = all(is_ours(p) or _is_fixed(p) for p in parts)
            if not written:
                loose.append(place)
        self.assertEqual(loose, [])


def _is_fixed(node):
    """A choice among texts written in the code, or a lookup in a table of them."""
    if isinstance(node, ast.FormattedValue):
        return _is_fixed(node.value) or isinstance(node.value, ast.Name)
    if isinstance(node, ast.IfExp):
        return is_ours(node.body) and is_ours(node.orelse)
    if isinstance(node, ast.Subscript):
        return isinstance(node.value, ast.Name) and node.value.id.startswith("_")
    if isinstance(node, ast.Call):  # the tray's own tip, which is made plain
        return getattr(node.func, "attr", "") == "_tip"
    return False


class TextTest(unittest.TestCase):
    def test_tips_show_markup_as_text(self):
        self.assertNotIn("<img", plain_tip(EVIL))
        self.assertIn("&lt;img", plain_tip(EVIL))
        self.assertEqual(plain_tip("mill\n3 & 4").count("<br>"), 1)
        self.assertEqual(plain_tip("mill"), "mill")

    def test_moments(self):
        now = time.time()
        self.assertTrue(ago(now).startswith("today "))
        self.assertTrue(ago(now - 24 * 3600).startswith("yesterday "))
        self.assertNotIn("day", ago(now - 40 * 24 * 3600))


class WindowTextTest(WindowTest):
    def test_names_from_files_are_never_markup(self):
        self.bench.change_cue(0, "Name", name=EVIL)
        self.bench.change_recipe("Regions", regions={EVIL: {}})
        self.window.floor.refuse(f"{EVIL}: no such file" + "\n" * 9)
        self.settle()
        for label in self.window.findChildren(PlainLabel):
            self.assertEqual(label.textFormat(), Qt.TextFormat.PlainText)
        self.assertIn("<img", self.status)
        self.assertNotIn("\n", self.status)
        for widget in (self.window.house.stage.status.label, self.window.house.sheet.rows[0].name):
            self.assertNotIn("<img", widget.toolTip())
