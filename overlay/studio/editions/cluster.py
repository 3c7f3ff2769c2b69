"""Rows done by the workers of a Dask cluster, to the same bytes as on one machine.

Pictures travel once a worker, by their content. A lost worker's rows go to another one; workers of
another version are refused by name.
"""

import hashlib
import logging
import tempfile
import threading
import time
from collections.abc import Iterable, Iterator, Mapping
from concurrent.futures import CancelledError as FutureCancelledError
from concurrent.futures import Future, wait
from contextlib import suppress
from dataclasses import replace
from functools import cache
from pathlib import Path
from types import ModuleType
from typing import Any

from overlay.document.reading import make_recipe, recipe_json
from overlay.document.text.json_text import RecipeError, parse_json
from overlay.engine.control import Control
from overlay.engine.version import ENGINE_VERSION
from overlay.imaging.intake import read_regular
from overlay.motion.flow import MissingExtraError
from overlay.studio.editions.tasks import Pulled, Task, do_task
from overlay.studio.inputs.paths import change_paths, input_paths
from overlay.version import __version__

_AHEAD = 2  # tasks a worker that are handed out
_LOOK = 0.2  # seconds between looks whether to stop
_ANSWERS = 10  # seconds; a scheduler that does not answer by then is not there
_TRIES = 5  # times that a row is handed out
_NAP = 0.05  # seconds
_MOST = 512 << 20  # bytes of one picture
_MINE = {"overlay": __version__, "engine": str(ENGINE_VERSION)}


class Cluster:
    """A Dask cluster, by its scheduler's address.

    Parameters
    ----------
    address : as `tcp://host:8786`. count : of tasks, for the bar.

    Raises
    ------
    MissingExtraError
        If `distributed` is not installed.
    """

    def __init__(self, address: str, count: int) -> None:
        self._dask = distributed()
        self._address, self._count = address, max(count, 1)
        self._sent: dict[str, Any] = {}  # what was scattered, by path

    def work(self, tasks: Iterable[Task], control: Control) -> Iterator[Pulled]:
        """Hand rows out and give them back as they come.

        Raises
        ------
        RecipeError
            If no scheduler answers, or a worker is of another version.
        """
        client = self._connected(control)
        try:
            self._check_versions(client, control)
            yield from self._handed_out(client, iter(tasks), control)
        finally:
            client.close()

    def _connected(self, control: Control) -> Any:
        """A client of the scheduler; whoever asks to stop need not wait for its answer."""
        logging.getLogger("distributed").setLevel(logging.CRITICAL)
        made: Future[Any] = Future()

        def connect() -> None:
            try:
                made.set_result(
                    client_type()(self._address, timeout=_ANSWERS, set_as_default=False)
                )
            except BaseException as error:  # whoever waits is told
                made.set_exception(error)

        threading.Thread(target=connect, name="cluster", daemon=True).start()
        try:
            while not wait((made,), _LOOK).done:
                control.check()
            return made.result()
        except (OSError, ValueError, TimeoutError) as error:
            raise RecipeError(f"cluster: no scheduler answers at {self._address}") from error
        except BaseException:
            made.add_done_callback(_let_go)
            raise

    def _check_versions(self, client: Any, control: Control) -> None:
        for _ in range(round(_ANSWERS / _LOOK)):
            control.check()
            with suppress(TimeoutError):
                client.wait_for_workers(1, timeout=_LOOK)
                break
        else:
            raise RecipeError(f"cluster: {self._address} has no workers")
        found: dict[str, dict[str, str]] = client.run(versions)
        for worker, theirs in found.items():
            for name, mine in _MINE.items():
                if theirs.get(name) != mine:
                    raise RecipeError(
                        f"cluster: {name} must be {mine} on every worker, "
                        f"got {theirs.get(name)} on {worker}"
                    )

    def _handed_out(
        self, client: Any, waiting: Iterator[Task], control: Control
    ) -> Iterator[Pulled]:
        flight: dict[Any, Task] = {}
        tries: dict[int, int] = {}
        done = 0
        try:
            while True:
                most = _AHEAD * max(len(client.scheduler_info()["workers"]), 1)
                while len(flight) < most and (task := next(waiting, None)) is not None:
                    flight[self._submitted(client, task)] = task
                if not flight:
                    return
                for future in self._ready(client, flight):
                    task = flight.pop(future)
                    tries[task.index] = tries.get(task.index, 0) + 1
                    result = self._result(future, task)
                    if result is None and tries[task.index] < _TRIES:
                        self._sent.clear()  # what was scattered may be lost with its worker
                        _pause(_LOOK * 2 ** (tries[task.index] - 1), control)
                        flight[self._submitted(client, task)] = task
                        continue
                    done += 1
                    control.step(done / self._count, "pulling rows")
                    yield result or Pulled(task.index, fault="its workers were lost")
                control.check()
        finally:
            client.cancel(list(flight))

    def _ready(self, client: Any, flight: Mapping[Any, Task]) -> list[Any]:
        """What is done by now."""
        with suppress(TimeoutError, FutureCancelledError), client.as_current():
            self._dask.wait(list(flight), timeout=_LOOK, return_when="FIRST_COMPLETED")
        return [future for future in flight if future.done()]

    def _result(self, future: Any, task: Task) -> Pulled | None:
        """What came of a task; None where its worker was lost."""
        try:
            result: Pulled = future.result()
        except (FutureCancelledError, self._dask.KilledWorker):
            return None
        except Exception as error:  # of the worker: this row's fault, whatever it was
            return Pulled(task.index, fault=f"{type(error).__name__}: {error}")
        return result

    def _submitted(self, client: Any, task: Task) -> Any:
        paths = input_paths(make_recipe(parse_json(task.text, "row"), "row"))
        try:
            for path in paths:
                if path not in self._sent:
                    data = read_regular(path, _MOST)
                    self._sent[path] = client.scatter(data, broadcast=True, hash=True)
        except ValueError as error:
            return client.submit(Pulled, task.index, fault=str(error), pure=False)
        files = [self._sent[path] for path in paths]
        return client.submit(do_remote, task, paths, files, pure=False, retries=1)


def _pause(seconds: float, control: Control) -> None:
    """Let the scheduler notice whom it lost: until then what it is handed is lost as well."""
    until = time.monotonic() + seconds
    while time.monotonic() < until:
        control.check()
        time.sleep(_NAP)


def versions() -> dict[str, str]:
    """What this process has of ours."""
    return dict(_MINE)


# Kernels are parallel within; one row at a time in a process, whatever its threads.
_ONE = threading.Lock()


def do_remote(task: Task, paths: list[str], files: list[bytes]) -> Pulled:
    """A task on a worker, its pictures laid into a folder of the worker's own."""
    with _ONE:
        lies = {
            path: _laid(data, Path(path).suffix) for path, data in zip(paths, files, strict=True)
        }
        recipe = change_paths(make_recipe(parse_json(task.text, "row"), "row"), lies.__getitem__)
        return do_task(replace(task, text=recipe_json(recipe)))


def _laid(data: bytes, ending: str) -> str:
    """A file with these bytes, each once."""
    path = Path(_folder().name, hashlib.sha256(data).hexdigest()[:32] + ending)
    if not path.exists():
        path.write_bytes(data)
    return str(path)


@cache
def _folder() -> "tempfile.TemporaryDirectory[str]":
    return tempfile.TemporaryDirectory(prefix="overlay-worker-")


def distributed() -> ModuleType:
    """Dask's scheduler; raises `MissingExtraError` where it is not installed."""
    try:
        import distributed as found
    except ImportError as error:
        raise MissingExtraError("clusters need Dask: install overlay[cluster]") from error
    module: ModuleType = found
    return module


@cache
def client_type() -> Any:
    """Dask's client, but one that ends when it is closed and at no other time.

    Dask's own ends when it is collected, too: in whichever thread that happens, and while that one
    may hold the lock that ending needs. One that could not connect leaves the thread it began.
    """
    base: Any = distributed().Client

    class Client(base):  # type: ignore[misc]
        def __init__(self, *arguments: Any, **options: Any) -> None:
            try:
                super().__init__(*arguments, **options)
            except BaseException:
                self.close()
                self._loop_runner.stop()
                raise

        def __del__(self) -> None:
            pass

    return Client


def _let_go(made: Future[Any]) -> None:
    """Close what nobody waits for any more."""
    if made.exception() is None:
        made.result().close()
