"""Kills writers at any moment: `python -m tests.hostile.kills KIND FOLDER COUNT`.

Prints how many kills hit, and what was not whole afterwards. It forks, so it is a process of its own.
"""

import os
import random
import signal
import sys
import time
from collections.abc import Callable, Iterator
from dataclasses import replace
from itertools import count
from pathlib import Path

from overlay.document.project import Project, State
from overlay.document.reading import make_recipe
from overlay.studio.keeping.files.container import read_container, write_container
from overlay.studio.keeping.recovery import Recoveries, Snapshot
from overlay.studio.keeping.settings import Settings, load_settings, save_settings
from overlay.studio.keeping.shelf import ProofShelf
from tests.studio.test_shelf import HASH, proof

Write, Check = Callable[[int], object], Callable[[], object]


def _state(number: int, folder: Path) -> State:
    recipe = {"overlay": 1, "seed": number, "source": str(folder / "mill.png")}
    return State(make_recipe(recipe, "kills"))


def _project(folder: Path) -> tuple[Write, Check]:
    path = folder / "almanac.overlay"
    return (
        lambda n: write_container(path, _state(n, folder)),
        lambda: read_container(path).missing == (),
    )


def _recovery(folder: Path) -> tuple[Write, Check]:
    recoveries, project = Recoveries(), Project(_state(0, folder))
    return (
        lambda n: recoveries.write(replace(Snapshot.of(project), state=_state(n, folder))),
        lambda: recoveries.load(project.key) is not None,
    )


def _settings(folder: Path) -> tuple[Write, Check]:
    return (
        lambda n: save_settings(Settings(cache_megabytes=1000 + n % 1000)),
        lambda: load_settings().cache_megabytes != Settings().cache_megabytes,
    )


def _shelf(folder: Path) -> tuple[Write, Check]:
    shelf = ProofShelf(folder / "shelf")
    return lambda n: shelf.keep(proof(n)), lambda: shelf.find(HASH) is not None


KINDS = {"project": _project, "recovery": _recovery, "settings": _settings, "shelf": _shelf}


def _killed_writer(write: Write, numbers: Iterator[int], pause: float) -> None:
    child = os.fork()
    if child == 0:
        for number in numbers:
            write(number)
    time.sleep(pause)
    os.kill(child, signal.SIGKILL)
    os.waitpid(child, 0)


def main() -> int:
    kind, folder, times = sys.argv[1], Path(sys.argv[2]), int(sys.argv[3])
    write, whole = KINDS[kind](folder)
    rng = random.Random(7)
    write(1)
    broken = 0
    for _ in range(times):
        _killed_writer(write, count(2), rng.uniform(0.0, 0.012))
        broken += not whole()
    print(f"{times} kills, {broken} broken")
    return 1 if broken else 0


if __name__ == "__main__":
    sys.exit(main())
