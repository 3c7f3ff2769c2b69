"""Run all tests, or those whose files are named: `python -m tests [tests/engine/test_vote.py ...]`.

All of them run as files in a queue that two workers empty, the longest first; each worker's kernels
have one thread, so that the two do not wait for each other. Ends with a line that counts them:
`N passed, N failed, N skipped`. `--failfast` stops at the first that fails, `--remember` writes down
what each file took.
"""

import os
import sys
import tempfile
import unittest
import warnings
from pathlib import Path

from tests.compiling import compile_kernels
from tests.kept import drawings_folder
from tests.queue import Counts, run_all, worker


def find_tests(names: list[str]) -> unittest.TestSuite:
    modules = [n.removesuffix(".py").replace("/", ".") for n in names]
    return unittest.TestLoader().loadTestsFromNames(modules)


def run(names: list[str], stream: object = None) -> Counts:
    """Run tests in this process: how many passed, failed and were skipped."""
    failfast = "--failfast" in sys.argv
    runner = unittest.TextTestRunner(stream, verbosity=1, failfast=failfast)
    result = runner.run(find_tests(names))
    failed = len(result.failures) + len(result.errors) + len(result.unexpectedSuccesses)
    skipped = len(result.skipped)
    return result.testsRun - failed - skipped, failed, skipped


def main() -> int:
    warnings.filterwarnings("error", module=r"overlay\.")
    names = [n for n in sys.argv[1:] if not n.startswith("--")]
    with tempfile.TemporaryDirectory(prefix="overlay-tests-") as home:
        # Nothing of the person who runs the tests is read or written.
        for name in ("DATA", "STATE", "CACHE", "CONFIG"):
            os.environ[f"XDG_{name}_HOME"] = str(Path(home) / name.lower())
        os.environ["QT_QPA_PLATFORM"] = "offscreen"
        # Where bytecode is not kept, every process that a test starts compiles six hundred modules.
        os.environ.pop("PYTHONDONTWRITEBYTECODE", None)
        os.environ.setdefault("OVERLAY_TEST_PICTURES", str(drawings_folder()))
        # A second thread of the libraries' linear algebra spins between the few small systems that
        # they still solve; when measures were left to them, it cost a sixth of the suite.
        os.environ.setdefault("OPENBLAS_NUM_THREADS", "1")
        if "--worker" in sys.argv:
            return worker(run)
        if names:
            passed, failed, skipped = run(names)
        else:
            compile_kernels()
            passed, failed, skipped = run_all(remember="--remember" in sys.argv)
    print(f"{passed} passed, {failed} failed, {skipped} skipped")
    return 1 if failed or not passed + skipped else 0


if __name__ == "__main__":
    code = main()
    sys.stdout.flush()
    sys.exit(code)
