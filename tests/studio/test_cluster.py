import json
import os
import signal
import socket
import subprocess
import sys
import threading
import time
from pathlib import Path
from unittest import mock

from overlay.document.text.json_text import RecipeError
from overlay.engine.control import CancelledError, Control
from overlay.motion.flow import MissingExtraError
from overlay.studio.editions import cluster
from overlay.studio.editions.cluster import Cluster, client_type
from overlay.studio.editions.crews import Alone, Processes
from overlay.studio.editions.job import rows_of
from overlay.studio.editions.reading import read_edition
from overlay.studio.editions.tasks import Task
from tests.workspace import WorkspaceTest


class Machines:
    """A scheduler and two workers, each a process of this machine."""

    def __init__(self) -> None:
        self.processes = [self._begin("scheduler", "--host", "127.0.0.1", "--port", "0")]
        self.address = self._announced(self.processes[0])
        for _ in range(2):
            self.processes.append(self._begin("worker", self.address, "--nthreads", "1"))
        dask = cluster.distributed()
        with dask.Client(self.address, set_as_default=False) as client:
            client.wait_for_workers(2, timeout="120s")

    def _begin(self, *arguments: str) -> "subprocess.Popen[str]":
        return subprocess.Popen(
            [sys.executable, "-m", "dask", *arguments, "--no-dashboard"],
            stdout=subprocess.DEVNULL, text=True, cwd=Path.cwd(),
            # What nobody reads would fill the pipe, and hold them up.
            stderr=subprocess.PIPE if arguments[0] == "scheduler" else subprocess.DEVNULL,
        )  # fmt: skip

    def _announced(self, process: "subprocess.Popen[str]") -> str:
        for line in process.stderr:
            if "Scheduler at:" in line:
                return line.split("Scheduler at:")[1].strip()
        raise AssertionError("the scheduler did not begin")

    def lose_one(self) -> None:
        self.processes[2].send_signal(signal.SIGKILL)

    def close(self) -> None:
        for process in reversed(self.processes):
            process.kill()
            process.wait()
            if process.stderr is not None:
                process.stderr.close()


class RowsTest(WorkspaceTest):
    def edition(self, count: int):
        path = self.folder / "set.json"
        rows = [{"seed": i, "source": ("mill.png", "stripes.png")[i % 2]} for i in range(count)]
        path.write_text(json.dumps({"overlay": 1, "recipe": self.recipe(), "rows": rows}))
        return read_edition(path)

    def tasks(self, count: int) -> list[Task]:
        return [Task.of(row.index, row.recipe) for row in rows_of(self.edition(count))]

    def hashes(self, crew, tasks, control=None) -> dict[int, tuple[str, bytes]]:
        done = list(crew.work(tasks, control or Control()))
        self.assertEqual([d.fault for d in done], [""] * len(tasks))
        return {d.index: (d.recipe_hash, d.picture.tobytes()) for d in done}


class ClusterTest(RowsTest):
    @classmethod
    def setUpClass(cls):
        cls.machines = Machines()
        cls.addClassCleanup(cls.machines.close)

    def test_rows_are_the_same_bytes_though_a_worker_is_lost_on_the_way(self):
        tasks = self.tasks(8)
        alone = self.hashes(Alone(8), tasks)
        lost = False

        def report(fraction: float, _doing: str) -> None:
            nonlocal lost
            if fraction > 0.2 and not lost:
                lost = True
                self.machines.lose_one()

        many = self.hashes(Cluster(self.machines.address, 8), tasks, Control(report))
        self.assertTrue(lost)
        self.assertEqual(many, alone)

    def test_a_row_is_handed_out_until_the_scheduler_has_noticed_whom_it_lost(self):
        [task], real, given = self.tasks(1), Cluster._result, []

        def lost(times):
            def result(crew, future, task):
                given.append(time.monotonic())
                return real(crew, future, task) if len(given) > times else None

            given.clear()
            return mock.patch.object(Cluster, "_result", result)

        with lost(4), mock.patch.object(cluster, "_LOOK", 0.02):
            self.hashes(Cluster(self.machines.address, 1), [task])
        self.assertEqual(len(given), 5)
        self.assertGreater(given[4] - given[3], 0.16 - 0.01)  # longer each time
        with lost(5), mock.patch.object(cluster, "_LOOK", 0.02):
            [done] = Cluster(self.machines.address, 1).work([task], Control())
        self.assertEqual((done.fault, len(given)), ("its workers were lost", 5))

    def test_other_versions_are_refused_by_name(self):
        refused = self.assertRaisesRegex(RecipeError, "engine must be 999 on every worker")
        with mock.patch.dict(cluster._MINE, {"engine": "999"}), refused:
            list(Cluster(self.machines.address, 1).work(self.tasks(1), Control()))

    def test_stopping_leaves_at_once(self):
        with self.assertRaises(CancelledError):
            list(
                Cluster(self.machines.address, 4).work(
                    self.tasks(4), Control(cancelled=lambda: True)
                )
            )

    def test_a_row_that_is_wrong_leaves_the_others(self):
        tasks = self.tasks(2)
        (self.folder / "stripes.png").unlink()
        done = {d.index: d.fault for d in Cluster(self.machines.address, 2).work(tasks, Control())}
        self.assertEqual(done[0], "")
        self.assertIn("stripes.png: no such file", done[1])


class NoClusterTest(RowsTest):
    def test_a_scheduler_that_is_not_there_is_one_line(self):
        refused = self.assertRaisesRegex(RecipeError, "no scheduler answers at tcp://127.0.0.1:9")
        before = set(threading.enumerate())
        with mock.patch.object(cluster, "_ANSWERS", 1), refused:
            list(Cluster("tcp://127.0.0.1:9", 1).work(self.tasks(1), Control()))
        left = [t.name for t in set(threading.enumerate()) - before if t.name == "IO loop"]
        self.assertEqual(left, [], "what Dask began to connect must end with it")

    def test_whoever_asks_to_stop_does_not_wait_for_an_answer(self):
        with socket.create_server(("127.0.0.1", 0)) as silent:
            address = f"tcp://127.0.0.1:{silent.getsockname()[1]}"
            asked = iter([False, False])
            control = Control(cancelled=lambda: next(asked, True))
            with mock.patch.object(cluster, "_ANSWERS", 5), self.assertRaises(CancelledError):
                list(Cluster(address, 1).work(self.tasks(1), control))

    def test_a_client_does_not_end_while_it_is_collected(self):
        """Dask's would: it hung for ever where the collector came while another client began."""
        kind = client_type()
        self.assertIsNone(kind.__del__(mock.Mock(spec=[])))

    def test_without_dask_it_says_what_to_install(self):
        refused = self.assertRaisesRegex(MissingExtraError, r"install overlay\[cluster\]")
        with mock.patch.dict("sys.modules", {"distributed": None}), refused:
            Cluster("tcp://127.0.0.1:9", 1)


class ProcessTest(RowsTest):
    def test_a_process_that_dies_is_replaced_and_its_rows_come(self):
        crew, tasks = Processes(2, 6), self.tasks(6)
        alone = self.hashes(Alone(6), tasks)
        came = {}
        for done in crew.work(tasks, Control()):
            if not came:
                self.kill_a_child()
            came[done.index] = (done.recipe_hash, done.picture.tobytes())
        self.assertEqual(came, alone)

    def kill_a_child(self) -> None:
        own = os.getpid()
        for entry in Path("/proc").iterdir():
            if entry.name.isdigit() and (entry / "status").exists():
                text = (entry / "status").read_text()
                command = (entry / "cmdline").read_bytes()
                if f"PPid:\t{own}\n" in text and b"spawn_main" in command:
                    os.kill(int(entry.name), signal.SIGKILL)
                    return
        self.fail("there was no process")
