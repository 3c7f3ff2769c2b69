import ast
import subprocess
import sys
import unittest
from pathlib import Path

ROOT = Path(__file__).parent.parent / "overlay"
MODULES = sorted(p for p in ROOT.rglob("*.py") if "app" not in p.relative_to(ROOT).parts)
LONGEST_MODULE, LONGEST_BODY, MOST_METHODS, MOST_FILES = 350, 40, 20, 21
KNOW_THE_WINDOW = {
    "app/main.py",
    "app/shell/window.py",
    "app/shell/compose.py",
    "app/shell/house.py",
    "app/shell/telling.py",
}


def dotted(path: Path) -> str:
    return ".".join(path.relative_to(ROOT.parent).with_suffix("").parts).removesuffix(".__init__")


class LayerTest(unittest.TestCase):
    def test_everything_but_the_window_imports_without_qt(self):
        names = [dotted(p) for p in MODULES if p.name != "__main__.py"]
        code = (
            "import sys, importlib\n"
            "sys.modules['PySide6'] = None\n"
            f"for name in {names!r}: importlib.import_module(name)\n"
        )
        done = subprocess.run([sys.executable, "-c", code], capture_output=True, text=True)
        self.assertEqual(done.returncode, 0, done.stderr)

    def test_no_function_hides_an_import_of_qt(self):
        for path in MODULES:
            names = []
            for node in ast.walk(ast.parse(path.read_text("utf-8"))):
                names += [a.name for a in node.names] if isinstance(node, ast.Import) else []
                names += [node.module or ""] if isinstance(node, ast.ImportFrom) else []
            with self.subTest(path.name):
                self.assertFalse([n for n in names if n.startswith("PySide6")])


class WindowTest(unittest.TestCase):
    def test_nothing_but_three_files_names_the_window(self):
        for path in (ROOT / "app").rglob("*.py"):
            names = {
                n.id
                for n in ast.walk(ast.parse(path.read_text("utf-8")))
                if isinstance(n, ast.Name)
            }
            named = "MainWindow" in names or '"MainWindow"' in path.read_text("utf-8")
            if str(path.relative_to(ROOT)) not in KNOW_THE_WINDOW:
                self.assertFalse(named, path)


class StartTest(unittest.TestCase):
    def test_the_window_waits_for_nothing_slow_that_it_does_not_show(self):
        slow = ("scipy.stats", "scipy.interpolate", "scipy.cluster", "av", "distributed")
        code = f"""
import sys
import overlay.app.shell.window
print([name for name in {slow} if name in sys.modules])
"""
        done = subprocess.run([sys.executable, "-c", code], capture_output=True, text=True)
        self.assertEqual(done.stdout.strip(), "[]", done.stderr)


class SizeTest(unittest.TestCase):
    def test_modules_and_folders_stay_readable(self):
        for path in ROOT.rglob("*.py"):
            with self.subTest(path.name):
                self.assertLessEqual(len(path.read_text("utf-8").splitlines()), LONGEST_MODULE)
        for folder in {path.parent for path in ROOT.rglob("*.py")}:
            with self.subTest(folder.name):
                self.assertLessEqual(len(list(folder.glob("*.py"))), MOST_FILES)

    def test_functions_and_classes_stay_readable(self):
        for path in ROOT.rglob("*.py"):
            for node in ast.walk(ast.parse(path.read_text("utf-8"))):
                if isinstance(node, ast.FunctionDef):
                    with self.subTest(f"{path.name}: {node.name}"):
                        self.assertLessEqual(_body_lines(node), LONGEST_BODY)
                elif isinstance(node, ast.ClassDef):
                    with self.subTest(f"{path.name}: {node.name}"):
                        self.assertLessEqual(len(_public(node)), MOST_METHODS)


def _body_lines(function):
    body = function.body
    if isinstance(body[0], ast.Expr) and isinstance(body[0].value, ast.Constant):
        body = body[1:]  # the docstring
    return body[-1].end_lineno - body[0].lineno + 1 if body else 0


def _public(node):
    return [f for f in node.body if isinstance(f, ast.FunctionDef) and not f.name.startswith("_")]
