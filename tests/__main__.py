"""Run all tests, or those whose files are named: `python -m tests [tests/engine/test_vote.py ...]`.

Ends with a line that counts them: `N passed, N failed, N skipped`.
"""

import os
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


def main() -> int:
    warnings.filterwarnings("error", module=r"overlay\.")
    with tempfile.TemporaryDirectory(prefix="overlay-tests-") as home:
        # Nothing of the person who runs the tests is read or written.
        for name in ("DATA", "STATE", "CACHE", "CONFIG"):
            os.environ[f"XDG_{name}_HOME"] = str(Path(home) / name.lower())
        os.environ["QT_QPA_PLATFORM"] = "offscreen"
        compile_kernels()
        result = unittest.TextTestRunner(verbosity=1).run(find_tests(sys.argv[1:]))
    failed = len(result.failures) + len(result.errors) + len(result.unexpectedSuccesses)
    skipped = len(result.skipped)
    print(f"{result.testsRun - failed - skipped} passed, {failed} failed, {skipped} skipped")
    return 1 if failed or not result.testsRun else 0


if __name__ == "__main__":
    code = main()
    sys.stdout.flush()
    sys.exit(code)
