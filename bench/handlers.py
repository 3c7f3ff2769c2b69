"""How long the window's thread is kept by the main gestures, offscreen, with twenty cues."""

import itertools
import json
import os
import subprocess
import sys
import tempfile
import time
from collections.abc import Callable
from pathlib import Path

Row = tuple[str, str, str]
_TRIES = 7
_CUES = 20
_STROKES = "an edit at 600 pen strokes, with its recovery copy"


def thread_ms(do: Callable[[], object]) -> float:
    """Milliseconds of this thread's own time."""
    began = time.thread_time()
    do()
    return 1000 * (time.thread_time() - began)


def _median(do: Callable[[], object], after: Callable[[], object]) -> float:
    """Median of some tries; `after` lets come to rest what a try began."""
    taken = []
    for _ in range(_TRIES):
        taken.append(thread_ms(do))
        after()
    return sorted(taken)[_TRIES // 2]


def _measure(folder: Path) -> dict[str, float]:
    """Milliseconds of each gesture, with all that it paints."""
    from PySide6.QtWidgets import QApplication

    from overlay.app.main import make_application
    from overlay.app.shell.window import MainWindow
    from overlay.studio.bench.bench import Bench
    from overlay.studio.demo.demo import ensure_demo

    make_application()
    window = MainWindow(Bench())
    window.show()
    window.open_path(ensure_demo(folder))

    def settle() -> None:
        for _ in range(3):
            QApplication.processEvents()
            while not window.house.idle:
                QApplication.processEvents()
                time.sleep(0.005)

    settle()
    while len(window.bench.project.recipe.cues) < _CUES:
        window.bench.duplicate_cues([0])
    settle()
    rooms = itertools.cycle(("drawer", "bench"))
    sizes, weights = itertools.cycle((1050, 1280)), itertools.cycle((0.3, 0.6))
    gestures: dict[str, Callable[[], object]] = {
        "a weight changed": lambda: window.bench.change_cue(0, "Weight", weight=next(weights)),
        "a cue added": lambda: window.bench.duplicate_cues([0]),
        "and taken back": window.undo,
        "into another room": lambda: window.floor.go_to(next(rooms)),
        "the window resized": lambda: window.resize(next(sizes), 800),
        "asked for a pull": lambda: window.house.top.button.click(),
    }
    found = {}
    for name, gesture in gestures.items():
        found[name] = _median(lambda do=gesture: (do(), QApplication.processEvents()), settle)
    window.close()
    return found


def strokes_ms() -> float:
    """Milliseconds of one edit and its recovery copy, with 600 pen strokes of 120 points."""
    import numpy as np

    from overlay.document.project import Project, State
    from overlay.document.reading import make_recipe
    from overlay.studio.bench.bench import Bench
    from overlay.studio.keeping.recovery import Snapshot, recovery_bytes

    points = np.random.default_rng(4).random((600, 120, 2)).round(4).tolist()
    strokes = [{"points": line, "size": 0.01} for line in points]
    cue = {"name": "pen", "guide": "lines", "of": "blank", "strokes": strokes}
    recipe = make_recipe({"overlay": 1, "departure": 1.0, "cues": [cue]}, "bench")
    bench = Bench(Project(State(recipe)))
    weights = itertools.cycle((0.3, 0.6))

    def edit() -> None:
        bench.change_cue(0, "Weight", weight=next(weights))
        recovery_bytes(Snapshot.of(bench.project))

    return _median(edit, lambda: None)


def rows() -> list[Row]:
    """Rows of the table, from a process with settings of its own."""
    with tempfile.TemporaryDirectory() as home:
        places = {f"XDG_{n}_HOME": f"{home}/{n}" for n in ("DATA", "STATE", "CACHE", "CONFIG")}
        own = os.environ | places | {"QT_QPA_PLATFORM": "offscreen"}
        command = [sys.executable, "-m", "bench.handlers", f"{home}/demo"]
        done = subprocess.run(command, env=own, capture_output=True, text=True, check=True)
    found: dict[str, float] = json.loads(done.stdout.splitlines()[-1])
    goals = {"a weight changed": "8 ms", _STROKES: "16 ms"}
    return [
        (f"window, {_CUES} cues: {name}", goals.get(name, "50 ms"), f"{ms:.1f} ms")
        for name, ms in found.items()
    ]


if __name__ == "__main__":
    print(json.dumps(_measure(Path(sys.argv[1])) | {_STROKES: strokes_ms()}))
