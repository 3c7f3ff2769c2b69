import threading
import unittest
from collections.abc import Generator
from unittest import mock

from overlay.imaging.rows import thread_count, use_threads
from overlay.studio.sequences.ahead import one_ahead


class AheadTest(unittest.TestCase):
    def setUp(self):
        self.made: list[tuple[int, str, int]] = []
        self.closed = False
        self.addCleanup(use_threads, 0)
        two = mock.patch.dict("os.environ", NUMBA_NUM_THREADS="2")
        two.start()
        self.addCleanup(two.stop)
        use_threads(2)

    def things(self, *, fails_at: int = 9) -> Generator[int, None, None]:
        try:
            for number in range(4):
                if number == fails_at:
                    raise ValueError("frame: damaged")
                self.made.append((number, threading.current_thread().name, thread_count()))
                yield number
        finally:
            self.closed = True

    def test_the_next_one_is_made_by_another_thread_while_one_is_used(self):
        began = threading.Event()

        def things():
            yield 0
            began.set()
            yield 1

        for thing in one_ahead(things()):
            self.assertTrue(began.wait(10), thing)  # nobody has asked for the second one yet

    def test_all_come_in_order_with_the_asking_threads_wish(self):
        self.assertEqual(list(one_ahead(self.things())), [0, 1, 2, 3])
        self.assertEqual({threads for *_, threads in self.made}, {2})
        self.assertTrue(self.closed)

    def test_who_has_one_thread_makes_them_itself(self):
        use_threads(1)
        self.assertEqual(list(one_ahead(self.things())), [0, 1, 2, 3])
        self.assertEqual({name for _, name, _ in self.made}, {threading.current_thread().name})

    def test_what_fails_does_so_in_its_turn(self):
        found = []
        with self.assertRaisesRegex(ValueError, "damaged"):
            found.extend(one_ahead(self.things(fails_at=2)))
        self.assertEqual(found, [0, 1])
        self.assertTrue(self.closed)

    def test_who_leaves_early_leaves_nothing_open(self):
        shots = one_ahead(self.things())
        self.assertEqual(next(shots), 0)
        shots.close()
        self.assertTrue(self.closed)
        self.assertLessEqual(len(self.made), 2)
        self.assertFalse([t for t in threading.enumerate() if t.name.startswith("ahead")])
