"""Kernels are compiled when they are first called, once, with those that they call."""

import subprocess
import sys
import threading
import unittest

from overlay.imaging.kernel import Later, compiled
from overlay.imaging.kernel_cache import is_kept


@compiled(inline="always")
def more(n):
    return n + 1


@compiled()
def more_twice(n):
    """One and one."""
    return more(more(n))


class KernelTest(unittest.TestCase):
    def test_it_does_what_it_says_and_is_named_as_it_is_written(self):
        self.assertEqual(more_twice(3), 5)
        self.assertEqual((more_twice.__name__, more_twice.__doc__), ("more_twice", "One and one."))
        self.assertEqual(more_twice.function.__module__, __name__)

    def test_it_is_compiled_with_what_the_others_become(self):
        self.assertEqual(more_twice(3), 5)
        self.assertEqual(len(more_twice.real.signatures), 1)
        self.assertIs(more_twice.real.py_func.__globals__["more"], more.real)
        self.assertEqual(more.real.signatures, [], "it was called, not taken in")

    def test_what_is_not_to_be_kept_is_not(self):
        self.assertFalse(is_kept(more_twice.real))

    def test_what_comes_later_is_made_once_whichever_thread_asks(self):
        made, ready = [], threading.Barrier(8)

        def make():
            made.append(1)
            return 7

        later, seen = Later(make), []

        def ask():
            ready.wait()
            seen.append(later.real)

        threads = [threading.Thread(target=ask) for _ in range(8)]
        for thread in threads:
            thread.start()
        for thread in threads:
            thread.join()
        self.assertEqual((len(made), seen), (1, [7] * 8))

    def test_loading_the_window_loads_no_compiler(self):
        script = (
            "import sys\nimport overlay.app.main, overlay.studio.making.proofs\n"
            "print('numba' in sys.modules, 'llvmlite' in sys.modules)"
        )
        done = subprocess.run([sys.executable, "-c", script], capture_output=True, text=True)
        self.assertEqual(done.stdout, "False False\n", done.stderr)


if __name__ == "__main__":
    unittest.main()
