"""Times against the revision before, both measured in turn within one run.

The machine's speed changes from minute to minute by more than what is measured, so the two are
rendered alternately, each in a process of its own, and only their ratio counts.
"""

import statistics
import subprocess
import sys
import tempfile
from pathlib import Path

BEFORE = "08fa5b6"  # the revision before the second engine; a clone without it has no such rows
_ROOT = Path(__file__).parent.parent
# Runs in either revision: renders whatever is asked for, and prints how long it took.
_WORKER = """
import sys, time
from dataclasses import replace
from bench.subjects import standard
from overlay.engine.sampler import render
try:
    from overlay.engine.kept import forget
except ImportError:
    forget = lambda: None
first = standard()
guide, (cue,) = first.guides[0], first.styles
again = replace(first, styles=(replace(cue, weight=0.9),))
asked = {"first": first, "again": again}
for line in sys.stdin:
    name = line.strip()
    if name != "again":
        forget()
    began = time.perf_counter()
    render(asked[name])
    print(time.perf_counter() - began, flush=True)
"""


class _Worker:
    def __init__(self, folder: Path) -> None:
        self._process = subprocess.Popen(
            [sys.executable, "-c", _WORKER], cwd=folder, env={"PYTHONPATH": str(folder)},
            stdin=subprocess.PIPE, stdout=subprocess.PIPE, text=True,
        )  # fmt: skip

    def seconds(self, name: str) -> float:
        assert self._process.stdin is not None
        assert self._process.stdout is not None
        self._process.stdin.write(f"{name}\n")
        self._process.stdin.flush()
        return float(self._process.stdout.readline())

    def close(self) -> None:
        assert self._process.stdin is not None
        self._process.stdin.close()
        self._process.wait()


def ratios(runs: int = 5) -> dict[str, float] | None:
    """Our time over that of the revision before, by what is rendered; None without it.

    `first` is the yardstick with nothing kept, `again` the same with one weight changed.
    """
    found = subprocess.run(
        ["git", "archive", BEFORE], cwd=_ROOT, capture_output=True, check=False
    )  # fmt: skip
    if found.returncode:
        return None
    with tempfile.TemporaryDirectory() as name:
        subprocess.run(["tar", "x", "-C", name], input=found.stdout, check=True)
        workers = _Worker(_ROOT), _Worker(Path(name))
        ours, theirs = ({what: [] for what in ("first", "again")} for _ in workers)
        for worker in workers:
            worker.seconds("first")  # compiles
        for _ in range(runs):
            for what in ours:
                for worker, times in zip(workers, (ours, theirs), strict=True):
                    times[what].append(worker.seconds(what))
        for worker in workers:
            worker.close()
    return {what: statistics.median(ours[what]) / statistics.median(theirs[what]) for what in ours}


if __name__ == "__main__":
    print(ratios())
