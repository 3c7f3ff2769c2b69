import threading
import time
import unittest

import numpy as np
from PySide6.QtWidgets import QApplication

from overlay.app.images import from_image, grey_to_image, to_image
from overlay.app.jobs import JobRunner
from overlay.app.loader import Loader
from overlay.app.main import make_application
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


class JobTest(WorkerTest):
    def setUp(self):
        super().setUp()
        self.runner = JobRunner()
        self.addCleanup(self.runner.close)
        self.heard: list[tuple] = []
        for name in ("done", "failed", "stopped", "progress"):
            getattr(self.runner, name).connect(lambda *a, n=name: self.heard.append((n, *a)))

    def test_work_runs_on_another_thread_and_answers_on_this_one(self):
        threads = []
        self.runner.done.connect(lambda *_: threads.append(threading.current_thread()))
        job = self.runner.start(lambda control: threading.current_thread())
        self.wait(lambda: not self.runner.busy)
        self.assertIsNot(self.heard[-1][2], threading.main_thread())
        self.assertEqual(self.heard[-1][:2], ("done", job))
        self.assertIs(threads[0], threading.main_thread())

    def test_errors_and_stops_are_told(self):
        def fail(control):
            raise ValueError("no ink")

        def forever(control):
            while True:
                control.step(0.5, "waiting")
                time.sleep(0.001)

        self.runner.start(fail)
        self.wait(lambda: not self.runner.busy)
        self.assertEqual(str(self.heard[-1][2]), "no ink")
        job = self.runner.start(forever)
        self.wait(lambda: any(h[0] == "progress" for h in self.heard))
        self.runner.stop()
        self.wait(lambda: not self.runner.busy)
        self.assertEqual(self.heard[-1], ("stopped", job))


class LoaderTest(WorkerTest):
    def test_only_the_newest_of_waiting_work_is_done(self):
        loader, done, gate = Loader(), [], threading.Event()
        self.addCleanup(loader.close)
        loader.ask("first", gate.wait, lambda _: None)
        for k in range(20):
            loader.ask("map", lambda k=k: k, done.append)
        gate.set()
        self.wait(lambda: loader.idle and bool(done))
        self.assertEqual(done, [19])

    def test_failures_are_told_by_name(self):
        loader, failed = Loader(), []
        self.addCleanup(loader.close)
        loader.failed.connect(lambda name, error: failed.append((name, str(error))))
        loader.ask("source", lambda: 1 / 0, lambda _: None)
        self.wait(lambda: bool(failed))
        self.assertEqual(failed, [("source", "division by zero")])


class ImageTest(unittest.TestCase):
    def test_arrays_come_back_the_same(self):
        for width in (64, 61):
            picture = blobs(3, width, 33)
            np.testing.assert_array_equal(from_image(to_image(picture)), picture)

    def test_grey_maps_are_shown(self):
        image = grey_to_image(np.array([[0.0, 0.5, 1.0]], np.float32))
        self.assertEqual([image.pixelColor(x, 0).red() for x in range(3)], [0, 128, 255])
