"""No kernel is kept that was made from a file which has changed since."""

import ast
import importlib
import re
import subprocess
import sys
import tempfile
import textwrap
import unittest
from pathlib import Path

from overlay.imaging.kernel import Kernel
from overlay.imaging.kernel_cache import ROOT, folders_of
from overlay.imaging.rows import RowKernel

_MADE = re.compile(r"^@(compiled|kernel|inner|by_rows)\b", re.MULTILINE)


def kernel_files() -> list[Path]:
    return [p for p in sorted(ROOT.rglob("*.py")) if _MADE.search(p.read_text("utf-8"))]


def made_from(file: Path) -> tuple[str, ...]:
    return folders_of(file.relative_to(ROOT).parts[0])


class FoldersTest(unittest.TestCase):
    def test_all_that_kernels_take_from_is_heeded(self):
        files = kernel_files()
        self.assertGreater(len(files), 30)
        for file in files:
            own = file.parent.relative_to(ROOT).as_posix()
            self.assertIn(own, made_from(file), file.name)
            for node in ast.walk(ast.parse(file.read_text("utf-8"))):
                if not isinstance(node, ast.ImportFrom) or "overlay." not in (node.module or ""):
                    continue
                path = ROOT / (node.module or "").removeprefix("overlay.").replace(".", "/")
                if path.with_suffix(".py") in files:
                    there = path.parent.relative_to(ROOT).as_posix()
                    self.assertIn(there, made_from(file), f"{file.name} takes {node.module}")

    def test_every_kernel_is_known_by_it(self):
        for file in kernel_files():
            name = ".".join(file.relative_to(ROOT.parent).with_suffix("").parts)
            for found in vars(importlib.import_module(name)).values():
                kernel = found.kernel if isinstance(found, RowKernel) else found
                if isinstance(kernel, Kernel) and hasattr(kernel.real._cache, "_cache_file"):
                    stamp = kernel.real._cache._cache_file._source_stamp
                    self.assertIsInstance(stamp, tuple, f"{name}.{kernel.function.__name__}")


class ChangedFileTest(unittest.TestCase):
    def said(self, folder: Path) -> str:
        script = f"""
            import sys
            from pathlib import Path
            sys.path.insert(0, {str(folder)!r})
            from overlay.imaging import kernel_cache
            from overlay.imaging.kernel_cache import is_kept
            kernel_cache.ROOT = Path({str(folder)!r}) / "made"
            kernel_cache.FOLDERS["outer"] = ("outer", "inner")
            from made.outer.calls import asked
            print(asked(1), sum(asked.real.stats.cache_hits.values()), is_kept(asked.real))
        """
        done = subprocess.run(
            [sys.executable, "-c", textwrap.dedent(script)],
            capture_output=True,
            text=True,
            check=True,
        )
        return done.stdout.strip()

    def test_a_kernel_is_made_anew_where_one_that_it_takes_in_has_changed(self):
        with tempfile.TemporaryDirectory() as name:
            folder = Path(name)
            for part in ("", "outer", "inner"):
                (folder / "made" / part).mkdir()
                (folder / "made" / part / "__init__.py").touch()
            (folder / "made/outer/calls.py").write_text(
                "from overlay.imaging.kernel import compiled\nfrom made.inner.called import more\n\n"
                "@compiled(cache=True)\ndef asked(n):\n    return more(n)\n"
            )
            for text, said in (
                ("n + 1", "2 0 True"),
                ("n + 1", "2 1 True"),
                ("n + 41", "42 0 True"),
            ):
                (folder / "made/inner/called.py").write_text(
                    f"from overlay.imaging.kernel import compiled\n\n@compiled(cache=True)\ndef more(n):\n    return {text}\n"
                )
                self.assertEqual(self.said(folder), said, text)


if __name__ == "__main__":
    unittest.main()
