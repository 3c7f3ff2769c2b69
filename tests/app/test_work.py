import gc
import threading
import time
import unittest
import weakref

import numpy as np
from PySide6.QtWidgets import QApplication

from overlay.app.main import make_application
from overlay.app.parts.images import from_image, grey_to_image, to_image
from overlay.app.work.loader import Loader
from overlay.app.work.rubbish import Rubbish
from overlay.app.work.runner import Runner
from overlay.studio.runs.queue import Run
from tests.pictures import blobs


class WorkerTest(unittest.TestCase):
    def setUp(self):
        make_application()

    def wait(self, until):
        end = time.monotonic() + 10
        while not until() and time.monotonic() < end:
            QApplication.processEvents()
            time.sleep(0.002)
        self.assertTrue(until())


class RunnerTest(WorkerTest):
    def setUp(self):
        super().setUp()
        self.runner, self.heard = Runner(), []
        self.addCleanup(self.runner.close)

    def test_work_runs_on_another_thread_and_answers_on_this_one(self):
        run = Run(name="Proof", work=lambda control: threading.current_thread())
        run.then = lambda result: self.heard.append((result, threading.current_thread()))
        self.runner.add(run)
        self.wait(lambda: not self.runner.busy)
        [(worked, answered)] = self.heard
        self.assertIsNot(worked, threading.main_thread())
        self.assertIs(answered, threading.main_thread())

    def test_a_stop_is_told_and_the_next_one_follows(self):
        def forever(control):
            while True:
                control.step(0.5, "waiting")
                time.sleep(0.001)

        first = Run(name="long", work=forever, stopped=lambda: self.heard.append("stopped"))
        second = Run(name="short", work=lambda control: 7, then=self.heard.append)
        for run in (first, second):
            self.runner.add(run)
        self.wait(lambda: first.fraction == 0.5)
        self.assertEqual(self.runner.queue.waiting, (second,))
        self.runner.queue.stop_running()
        self.wait(lambda: not self.runner.busy)
        self.assertEqual(self.heard, ["stopped", 7])


class LoaderTest(WorkerTest):
    def setUp(self):
        super().setUp()
        self.loader, self.done, self.failed = Loader(), [], []
        self.loader.failed.connect(lambda error: self.failed.append(str(error)))
        self.gate = threading.Event()
        self.addCleanup(self.loader.finish)
        self.addCleanup(self.gate.set)

    def wait_idle(self):
        self.gate.set()
        self.wait(lambda: self.loader.idle)

    def test_only_the_newest_of_one_name_counts(self):
        tried = []
        self.loader.ask(self.gate.wait)
        for k in range(20):
            self.loader.ask(lambda k=k: tried.append(k) or k, self.done.append, newest="map")
        self.wait_idle()
        self.assertEqual((tried, self.done), ([19], [19]))

    def test_an_answer_goes_to_its_own_callback_even_when_it_comes_late(self):
        self.loader.ask(lambda: self.gate.wait() and "old", self.done.append, newest="map")
        self.wait(lambda: not self.loader._waiting)  # it runs
        self.loader.ask(lambda: "new", lambda v: self.done.append((v, 2)), newest="map")
        self.wait_idle()
        self.assertEqual(self.done, [("new", 2)])

    def test_without_a_name_every_piece_is_done_and_answered(self):
        self.loader.ask(self.gate.wait)
        for k in (1, 2):
            self.loader.ask(lambda k=k: k, self.done.append)
        self.wait_idle()
        self.assertEqual(self.done, [1, 2])

    def test_what_is_patient_lets_everything_else_go_first(self):
        self.loader.ask(self.gate.wait)
        for name in ("thumb", "thumb too"):
            self.loader.ask(lambda name=name: name, self.done.append, patient=True)
        for name in ("words", "scene"):
            self.loader.ask(lambda name=name: name, self.done.append)
        self.wait_idle()
        self.assertEqual(self.done, ["words", "scene", "thumb", "thumb too"])

    def test_answers_of_an_earlier_project_are_dropped_but_those_that_outlive_it(self):
        tried = []
        self.loader.ask(self.gate.wait)
        self.loader.ask(lambda: tried.append("view"), self.done.append)
        self.loader.ask(lambda: "saved", self.done.append, outlives=True)
        self.loader.leave_project()
        self.wait_idle()
        self.assertEqual((tried, self.done), ([], ["saved"]))

    def test_finishing_does_what_was_promised_and_nothing_else(self):
        tried = []
        self.loader.ask(lambda: tried.append("view"))
        self.loader.ask(lambda: tried.append("recovery"), outlives=True)
        self.loader.finish()
        self.assertIn("recovery", tried)

    def test_failures_go_to_who_asked_or_are_told(self):
        self.loader.ask(lambda: 1 / 0, failed=lambda error: self.done.append(str(error)))
        self.loader.ask(lambda: [][1])
        self.wait_idle()
        self.assertEqual(self.done, ["division by zero"])
        self.assertEqual(self.failed, ["list index out of range"])

    def test_nothing_is_kept_of_a_piece_that_ended(self):
        class Proof:
            pass

        proof = Proof()
        alive = weakref.ref(proof)
        self.loader.ask(lambda p=proof: p, self.done.append)
        del proof
        self.wait_idle()
        self.done.clear()
        gc.collect()
        self.assertIsNone(alive())


class RubbishTest(WorkerTest):
    def test_what_another_thread_left_goes_on_this_one(self):
        went = []

        class Left:
            def __init__(self):
                self.me = self  # a cycle

            def __del__(self):
                went.append(threading.current_thread())

        rubbish = Rubbish()
        self.addCleanup(rubbish.stop)

        kept = []

        def leave():
            Left()
            kept.extend([] for _ in range(5 * gc.get_threshold()[0]))  # Python would collect now

        other = threading.Thread(target=leave)
        other.start()
        other.join()
        self.assertEqual((went, gc.isenabled()), ([], False))
        self.wait(lambda: went)
        self.assertEqual(went, [threading.main_thread()])
        rubbish.stop()
        self.assertTrue(gc.isenabled())

    def test_what_is_there_is_not_looked_through_again(self):
        rubbish = Rubbish()
        self.addCleanup(rubbish.stop)
        self.addCleanup(gc.unfreeze)
        gc.collect()
        many = len(gc.get_objects())
        rubbish.spare_what_is_there()
        self.assertLess(len(gc.get_objects()), many / 10)


class ImageTest(unittest.TestCase):
    def test_arrays_come_back_the_same(self):
        for width in (64, 61):
            picture = blobs(3, width, 33)
            np.testing.assert_array_equal(from_image(to_image(picture)), picture)

    def test_grey_maps_are_shown(self):
        image = grey_to_image(np.array([[0.0, 0.5, 1.0]], np.float32))
        self.assertEqual([image.pixelColor(x, 0).red() for x in range(3)], [0, 128, 255])
