"""A queue of test files that workers empty: each worker is a process that takes file after file."""

import io
import json
import os
import queue
import subprocess
import sys
import tempfile
import threading
import time
from collections.abc import Callable
from pathlib import Path

ROOT = Path(__file__).parent
WORKERS = 3  # on two cores: what waits for a picture or a disk leaves its core to another
_KEPT = 6000  # characters of what a worker that died said, at both ends
_SECONDS = ROOT / "seconds.json"  # what files took last; only the order they run in

Counts = tuple[int, int, int]


def run_all(*, remember: bool) -> Counts:
    """Run every test file, those that took longest first; the counts of all together.

    Parameters
    ----------
    remember : whether to write down what each took.
    """
    took: dict[str, float] = json.loads(_SECONDS.read_text("utf-8"))
    files = [str(p.relative_to(ROOT.parent)) for p in ROOT.rglob("test_*.py")]
    waiting: queue.SimpleQueue[str] = queue.SimpleQueue()
    for file in sorted(files, key=lambda f: (-took.get(f, 10.0), f)):
        waiting.put(file)
    ended: list[dict] = []
    threads = [threading.Thread(target=_empty, args=(waiting, ended)) for _ in range(WORKERS)]
    for thread in threads:
        thread.start()
    for thread in threads:
        thread.join()
    if remember:
        slow = {e["file"]: e["seconds"] for e in ended if e["seconds"] > 3}
        _SECONDS.write_text(json.dumps(dict(sorted(slow.items())), indent=1) + "\n", "utf-8")
    passed, failed, skipped = (sum(e["counts"][i] for e in ended) for i in range(3))
    return passed, failed, skipped


def _empty(waiting: "queue.SimpleQueue[str]", ended: list[dict]) -> None:
    """Give a worker one file after the other; one that dies has failed, and another goes on."""
    process: _Process | None = None
    while True:
        try:
            file = waiting.get_nowait()
        except queue.Empty:
            break
        process = process or _Process()
        begin = time.monotonic()
        end = process.run(file) | {"seconds": round(time.monotonic() - begin, 1)}
        if end["counts"][1]:
            print(end["said"], flush=True)
        print(f"{end['seconds']:6.1f} s  {file}: {_summary(end['counts'])}", flush=True)
        ended.append(end)
        if end["died"]:
            process = None
    if process is not None:
        process.close()


def _summary(counts: Counts) -> str:
    return ", ".join(
        f"{n} {word}" for n, word in zip(counts, ("passed", "FAILED", "skipped"), strict=True) if n
    )


class _Process:
    """A worker as its parent sees it."""

    def __init__(self) -> None:
        self._errors = tempfile.TemporaryFile()  # noqa: SIM115 (as long as the worker)
        self._process = subprocess.Popen(
            [sys.executable, "-X", "faulthandler", "-m", "tests", "--worker"],
            stdin=subprocess.PIPE, stdout=subprocess.PIPE, stderr=self._errors, text=True,
        )  # fmt: skip

    def run(self, file: str) -> dict:
        self._process.stdin.write(file + "\n")
        self._process.stdin.flush()
        line = self._process.stdout.readline()
        if line:
            return {"file": file, "died": False} | json.loads(line)
        code = self._process.wait()
        self._errors.seek(0)
        said = self._errors.read().decode(errors="replace")
        said = said if len(said) < 2 * _KEPT else f"{said[:_KEPT]}\n...\n{said[-_KEPT:]}"
        return {"file": file, "died": True, "counts": (0, 1, 0), "said": f"died ({code})\n{said}"}

    def close(self) -> None:
        self._process.stdin.close()
        self._process.wait()


def worker(run: Callable[[list[str], io.StringIO], Counts]) -> int:
    """Run the files that are named on standard input; answer each with a line of JSON."""
    from overlay.imaging.rows import use_threads

    use_threads(1)
    answers = os.fdopen(os.dup(1), "w", encoding="utf-8")
    os.dup2(2, 1)  # what tests print must not stand between the answers
    for line in sys.stdin:
        said = io.StringIO()
        counts = run([line.strip()], said)
        print(json.dumps({"counts": counts, "said": said.getvalue()}), file=answers, flush=True)
    return 0
