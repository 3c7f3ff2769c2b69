"""Run all tests, or those whose files are named: `python -m tests [tests/engine/test_vote.py ...]`.

Ends with a line that counts them: `N passed, N failed, N skipped`.
"""

import os
import re
import subprocess
import sys
import tempfile
import unittest
import warnings
from pathlib import Path

ROOT = Path(__file__).parent


def find_tests(names: list[str]) -> unittest.TestSuite:
    loader = unittest.TestLoader()
    if names:
        modules = [n.removesuffix(".py").replace("/", ".") for n in names]
        return loader.loadTestsFromNames(modules)
    return loader.discover(str(ROOT), pattern="test_*.py", top_level_dir=str(ROOT.parent))


def compile_kernels() -> None:
    """Compile before the tests, so that none of them waits for it on a slow machine."""
    from overlay.studio.warming import warm_kernels

    warm_kernels()


def run(names: list[str]) -> tuple[int, int, int]:
    """Run tests in this process: how many passed, failed and were skipped."""
    result = unittest.TextTestRunner(verbosity=1).run(find_tests(names))
    failed = len(result.failures) + len(result.errors) + len(result.unexpectedSuccesses)
    skipped = len(result.skipped)
    return result.testsRun - failed - skipped, failed, skipped


def run_side_by_side() -> tuple[int, int, int]:
    """Run the window's tests and all others in two processes; the counts of both together."""
    files = sorted(str(p.relative_to(ROOT.parent)) for p in ROOT.rglob("test_*.py"))
    window = [f for f in files if f.startswith("tests/app/")]
    others = [f for f in files if f not in window]
    command = [sys.executable, "-m", "tests"]
    children = [
        subprocess.Popen(
            [*command, *part], stdout=subprocess.PIPE, stderr=subprocess.STDOUT, text=True
        )
        for part in (window, others)
    ]
    total = (0, 0, 0)
    for child in children:
        told, _ = child.communicate()
        print(told, flush=True)
        counts = re.search(r"(\d+) passed, (\d+) failed, (\d+) skipped\s*\Z", told)
        # A process that died before it could count has failed.
        found = (0, 1, 0) if counts is None else tuple(int(n) for n in counts.groups())
        total = tuple(a + b for a, b in zip(total, found, strict=True))
    return total


def main() -> int:
    warnings.filterwarnings("error", module=r"overlay\.")
    names = sys.argv[1:]
    with tempfile.TemporaryDirectory(prefix="overlay-tests-") as home:
        # Nothing of the person who runs the tests is read or written.
        for name in ("DATA", "STATE", "CACHE", "CONFIG"):
            os.environ[f"XDG_{name}_HOME"] = str(Path(home) / name.lower())
        os.environ["QT_QPA_PLATFORM"] = "offscreen"
        compile_kernels()
        passed, failed, skipped = run(names) if names else run_side_by_side()
    print(f"{passed} passed, {failed} failed, {skipped} skipped")
    return 1 if failed or not passed + skipped else 0


if __name__ == "__main__":
    code = main()
    sys.stdout.flush()
    sys.exit(code)
