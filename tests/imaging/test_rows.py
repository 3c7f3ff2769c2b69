"""Rows on several threads: each done once, the same on any number of them, faults told."""

import unittest
from unittest.mock import patch

import numpy as np

from overlay.imaging import rows
from overlay.imaging.rows import RowKernel, by_rows


@by_rows()
def count_rows(from_row, to_row, done):
    for row in range(from_row, to_row):
        done[row] += row + 1


class RowsTest(unittest.TestCase):
    def done(self, n, threads):
        done = np.zeros(n, np.int64)
        with patch.object(rows, "thread_count", return_value=threads):
            count_rows(n, done)
        return done.tolist()

    def test_each_row_is_done_once_on_any_number_of_threads(self):
        for n in (0, 1, 2, 3, 7, 24, 100):
            for threads in (1, 2, 3, 8):
                with self.subTest(n=n, threads=threads):
                    self.assertEqual(self.done(n, threads), list(range(1, n + 1)))

    def test_one_thread_takes_no_other(self):
        with (
            patch.object(rows, "thread_count", return_value=1),
            patch.object(rows, "_pool", side_effect=AssertionError("no thread is wanted")),
        ):
            count_rows(5, np.zeros(5, np.int64))

    def test_few_rows_take_no_other_either(self):
        with (
            patch.object(rows, "thread_count", return_value=2),
            patch.object(rows, "_pool", side_effect=AssertionError("no thread is wanted")),
        ):
            count_rows(23, np.zeros(23, np.int64))

    def test_once_the_interpreter_ends_the_one_that_asks_does_all(self):
        done = np.zeros(100, np.int64)
        with (
            patch.object(rows, "thread_count", return_value=2),
            patch.object(rows, "_pool") as pool,
        ):
            pool.return_value.submit.side_effect = RuntimeError("cannot schedule new futures")
            count_rows(100, done)
        self.assertEqual(done.tolist(), list(range(1, 101)))

    def test_stretches_are_short_enough_that_none_waits_and_cover_all(self):
        seen = []
        with patch.object(rows, "thread_count", return_value=2):
            RowKernel(lambda first, last: seen.append((first, last)))(100)
        self.assertEqual(len(seen), 8)
        self.assertEqual([row for part in sorted(seen) for row in range(*part)], list(range(100)))

    def test_a_fault_on_another_thread_is_raised_here(self):
        def fails(first, last):
            raise ValueError(f"row {first}")

        with (
            patch.object(rows, "thread_count", return_value=2),
            self.assertRaisesRegex(ValueError, "row"),
        ):
            RowKernel(fails)(100)

    def test_what_is_compiled_is_kept_and_runs_without_the_lock(self):
        options = count_rows.kernel.real.targetoptions
        self.assertTrue(options["nogil"])
        self.assertIsNotNone(count_rows.kernel.real.stats.cache_path)


if __name__ == "__main__":
    unittest.main()
