import unittest

import numpy as np

from overlay.measures.repeats import rash, repeats

ROWS, COLUMNS = 20, 40


def trace(x, *, mirrored=False, turn=0):
    """A trace whose rows lie in order and whose columns are given."""
    y = np.arange(ROWS)[:, None] * 4 + 0 * np.asarray(x)[None, :]
    x = np.broadcast_to(np.asarray(x), y.shape)
    shape = y.shape
    flags = np.full(shape, mirrored), np.full(shape, turn)
    return np.zeros(shape, np.int16), y, x, flags[1], flags[0]


class RepeatsTest(unittest.TestCase):
    def test_one_long_copy_is_no_repeat(self):
        self.assertEqual(repeats(*trace(np.arange(COLUMNS) * 4), 4), 0)

    def test_the_same_long_piece_twice_is(self):
        twice = np.concatenate([np.arange(20), np.arange(20)]) * 4
        self.assertEqual(repeats(*trace(twice), 4), 100)

    def test_three_quarters_unique_leave_a_quarter(self):
        x = np.concatenate([np.arange(10), np.arange(10), 100 + np.arange(20)]) * 4
        self.assertAlmostEqual(repeats(*trace(x), 4), 50)

    def test_short_copies_do_not_count(self):
        x = (np.arange(COLUMNS) % 2) * 400
        cue, y, x, turn, mirrored = trace(x)
        y = (np.arange(ROWS) % 2 * 100)[:, None] + 0 * x
        self.assertEqual(repeats(cue, y, x, turn, mirrored, 4), 0)

    def test_a_mark_used_more_than_twelve_times_is_a_rash(self):
        cue, y, x, turn, mirrored = trace(np.arange(COLUMNS) * 4)
        x, y = x.copy(), y.copy()
        for uses, share in ((12, 0), (13, 100 * 13 / cue.size)):
            x[:, :2], y[:, :2] = np.arange(2) * 4 + 1000, y[:, :2] + 0
            x.ravel()[:uses], y.ravel()[:uses] = 2001, 503
            self.assertAlmostEqual(rash(cue, y, x, turn, mirrored), share)
        # Turned the other way it is another mark, and where nobody decided there is none.
        turn = turn.copy()
        turn.ravel()[:6] = 1
        self.assertEqual(rash(cue, y, x, turn, mirrored), 0)
        self.assertEqual(rash(np.full_like(cue, -1), y, x, turn, mirrored), 0)

    def test_mirrored_copies_run_backwards(self):
        x = np.concatenate([np.arange(20)[::-1], np.arange(20)[::-1]]) * 4
        self.assertEqual(repeats(*trace(x, mirrored=True), 4), 100)
        # Unmirrored, the same places are columns of their own, long only downwards.
        self.assertEqual(repeats(*trace(x), 4), 100)

    def test_where_nothing_decides_nothing_repeats(self):
        cue, *rest = trace(np.arange(COLUMNS) * 4)
        self.assertEqual(repeats(cue - 1, *rest, 4), 0)
