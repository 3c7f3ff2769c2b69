import ast
import subprocess
import sys
import unittest
from pathlib import Path

ROOT = Path(__file__).parent.parent / "overlay"
MODULES = sorted(p for p in ROOT.rglob("*.py") if "app" not in p.relative_to(ROOT).parts)
LONGEST_MODULE, LONGEST_FUNCTION = 420, 80


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
            for node in ast.walk(ast.parse(path.read_text("utf-8"))):
                names = [a.name for a in node.names] if isinstance(node, ast.Import) else []
                names += [node.module or ""] if isinstance(node, ast.ImportFrom) else []
                with self.subTest(path.name):
                    self.assertFalse([n for n in names if n.startswith("PySide6")])


class SizeTest(unittest.TestCase):
    def test_modules_and_functions_stay_readable(self):
        for path in ROOT.rglob("*.py"):
            text = path.read_text("utf-8")
            with self.subTest(path.name):
                self.assertLessEqual(len(text.splitlines()), LONGEST_MODULE)
            for node in ast.walk(ast.parse(text)):
                if isinstance(node, ast.FunctionDef):
                    with self.subTest(f"{path.name}: {node.name}"):
                        length = (node.end_lineno or 0) - node.lineno
                        self.assertLessEqual(length, LONGEST_FUNCTION)
