import threading
import unittest

from overlay.engine.control import Control
from overlay.studio.runs.queue import Purpose, Run, RunQueue, Stage


class Watching:
    """Writes down what a queue says, and answers."""

    def __init__(self):
        self.said = []

    lists = 0  # how often the list was told of

    def listed(self):
        self.lists += 1

    def progressed(self, run):
        self.said.append((run.name, run.fraction, run.doing))

    def shown(self, run, progress, picture):
        self.said.append((run.name, "shown", progress))

    def ended(self, run):
        self.said.append((run.name, run.stage))
        run.answer()


class QueueTest(unittest.TestCase):
    def setUp(self):
        self.watching = Watching()
        self.queue = RunQueue(self.watching)
        self.heard = []

    def add(self, name, purpose=Purpose.HAND, work=lambda control: None):
        run = Run(name=name, work=work, purpose=purpose)
        run.then = lambda result: self.heard.append((name, result))
        run.failed = lambda error: self.heard.append((name, str(error)))
        run.stopped = lambda: self.heard.append((name, "stopped"))
        return self.queue.add(run)

    def names(self):
        return [run.name for run in self.queue.waiting]

    def test_by_purpose_then_in_the_order_they_came(self):
        self.add("cell", Purpose.CELL)
        self.add("row", Purpose.ROW)
        self.add("first")
        self.add("second")
        self.assertEqual(self.names(), ["first", "second", "cell", "row"])
        self.queue.work_off()
        self.assertEqual([name for name, _ in self.heard], ["first", "second", "cell", "row"])

    def test_a_hundred_that_wait_are_taken_out_in_one_go_and_all_answered(self):
        for n in range(100):
            self.add(n)
        before = self.watching.lists
        self.queue.stop_all()
        self.assertEqual(self.watching.lists, before + 1)
        self.assertEqual(self.heard, [(n, "stopped") for n in range(100)])
        self.assertEqual(self.names(), [])

    def test_a_group_is_taken_out_and_the_others_stay(self):
        for n in range(4):
            self.add(n).group = "sheet" if n % 2 else ""
        self.assertTrue(self.queue.stop_group("sheet"))
        self.assertEqual(self.heard, [(1, "stopped"), (3, "stopped")])
        self.assertEqual(self.names(), [0, 2])
        self.assertFalse(self.queue.stop_group("sheet"))

    def test_whoever_asked_hears_the_result_or_the_error(self):
        self.add("sum", work=lambda control: 2 + 5)
        self.add("fault", work=lambda control: [][1])
        self.queue.work_off()
        self.assertEqual(self.heard, [("sum", 7), ("fault", "list index out of range")])

    def test_progress_and_states_are_told_of_their_run(self):
        def work(control: Control):
            control.report(0.25, "masses")
            control.show(1, 0.5, None)

        run = self.add("a", work=work)
        self.assertFalse(run.showed)
        self.queue.work_off()
        self.assertTrue(run.showed)
        self.assertEqual(
            self.watching.said,
            [("a", 0.0, ""), ("a", 0.25, "masses"), ("a", "shown", 0.5), ("a", Stage.DONE)],
        )

    def test_the_one_in_work_stops_and_the_next_follows(self):
        def stopped_from_outside(control):
            self.queue.stop_running()
            control.check()
            raise AssertionError("went on")

        self.add("long", work=stopped_from_outside)
        self.add("next")
        self.queue.work_off()
        self.assertEqual(self.heard, [("long", "stopped"), ("next", None)])

    def test_one_that_waits_is_taken_out_and_never_runs(self):
        ran = []
        self.add("first", work=ran.append)
        gone = self.add("second", work=ran.append)
        self.queue.stop(gone)
        self.assertEqual((self.names(), self.heard), (["first"], [("second", "stopped")]))
        self.queue.work_off()
        self.assertEqual(len(ran), 1)

    def test_all_are_stopped_at_once(self):
        def stop_all(control):
            self.queue.stop_all()
            control.check()

        for name, work in (("a", stop_all), ("b", lambda c: None), ("c", lambda c: None)):
            self.add(name, work=work)
        self.queue.work_off()
        self.assertEqual(self.heard, [("b", "stopped"), ("c", "stopped"), ("a", "stopped")])

    def test_moving_up_goes_before_whatever_is_ahead_and_stays_there(self):
        self.add("hand")
        self.add("cell 1", Purpose.CELL)
        second = self.add("cell 2", Purpose.CELL)
        self.queue.move_up(second)
        self.assertEqual(self.names(), ["hand", "cell 2", "cell 1"])
        self.queue.move_up(second)
        self.assertEqual(self.names(), ["cell 2", "hand", "cell 1"])
        self.queue.move_up(second)
        self.add("row", Purpose.ROW)
        self.assertEqual(self.names(), ["cell 2", "hand", "cell 1", "row"])

    def test_two_threads_never_run_two_at_once(self):
        inside, begun = [], threading.Event()
        let_go = threading.Event()

        def work(control):
            inside.append(1)
            begun.set()
            let_go.wait(10)

        self.add("one", work=work)
        self.add("two", work=work)
        other = threading.Thread(target=self.queue.work_off)
        other.start()
        begun.wait(10)
        self.assertFalse(self.queue.work_one())
        self.assertEqual(len(inside), 1)
        let_go.set()
        other.join()
        self.assertEqual(len(inside), 2)

    def test_time_left_is_told_only_once_enough_is_done(self):
        seen = []

        def work(control):
            control.report(0.1, "masses")
            seen.append(run.seconds_left)
            run.began -= 3.0
            control.report(0.5, "marks")
            seen.append(run.seconds_left)

        run = self.add("a", work=work)
        self.queue.work_off()
        self.assertIsNone(seen[0])
        self.assertAlmostEqual(seen[1], 3.0, delta=0.5)
