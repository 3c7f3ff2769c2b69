"""Each thread says for itself on how many others its work is spread."""

import os
import threading
import unittest
from unittest.mock import patch

from overlay.imaging.rows import most_threads, thread_count, use_threads


class ThreadsTest(unittest.TestCase):
    def setUp(self):
        self.addCleanup(use_threads, thread_count())
        self.enterContext(patch.dict(os.environ, {"NUMBA_NUM_THREADS": "4"}))

    def test_all_there_are_unless_fewer_are_asked_for(self):
        for asked, given in ((0, 4), (1, 1), (3, 3), (4, 4), (5, 4)):
            with self.subTest(asked):
                use_threads(asked)
                self.assertEqual(thread_count(), given)
        with self.assertRaisesRegex(ValueError, "threads must be at least 0, got -1"):
            use_threads(-1)

    def test_what_one_thread_asks_for_is_nothing_to_another(self):
        use_threads(1)
        seen = []
        other = threading.Thread(target=lambda: seen.append(thread_count()))
        other.start()
        other.join()
        self.assertEqual((thread_count(), seen), (1, [4]))

    def test_what_is_no_number_of_threads_counts_as_all_cores(self):
        for text in ("", "0", "many", "-1"):
            with self.subTest(text), patch.dict(os.environ, {"NUMBA_NUM_THREADS": text}):
                self.assertEqual(most_threads(), len(os.sched_getaffinity(0)))


if __name__ == "__main__":
    unittest.main()
