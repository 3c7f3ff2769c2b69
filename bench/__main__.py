"""Measure, print the table of goals and figures, and write it to `docs/performance.md`.

Beside it goes a plot of time against pixels.

`python -m bench` measures everything; `--peak WIDTH HEIGHT` renders once and prints the peak
memory (used by the benchmark itself, in a process of its own).
"""

import os
import platform
import resource
import statistics
import subprocess
import sys
import tempfile
import threading
import time
from pathlib import Path
from unittest import mock

import numpy as np

from bench.against import ratios
from bench.enlarging import rows as enlarging_rows
from bench.exact import exact_refine
from bench.handlers import rows as handlers_rows
from bench.limits import bandwidth, bytes_of_search, with_threads
from bench.search import rows as search_rows
from bench.sets import rows as sets_rows
from bench.starting import rows as starting_rows
from bench.subjects import pixels, reference, source, standard
from bench.words import rows as words_rows
from overlay.engine.control import CancelledError, Control
from overlay.engine.kept import forget
from overlay.engine.matching import search
from overlay.engine.request import Render, Request
from overlay.engine.sampler import render
from overlay.guides.edges import EdgeOptions, extract_edges
from overlay.imaging.colour import srgb_to_work
from overlay.measures.palette import palette_distance
from overlay.measures.patches import style_match
from overlay.measures.rim import rim
from overlay.measures.softness import softness
from overlay.measures.structure import layout_match, structure_kept

Row = tuple[str, str, str]
_PAGE = Path(__file__).parent.parent / "docs" / "performance.md"
_PLOT = _PAGE.with_suffix(".svg")
_NOTES = Path(__file__).with_name("notes.md")  # how the rows are to be read


def timed(request: Request, runs: int = 5) -> tuple[float, Render]:
    """Median seconds of a render of which nothing is kept, after one that is not counted."""
    done = render(request)
    seconds = []
    for _ in range(runs):
        forget()
        began = time.perf_counter()
        done = render(request)
        seconds.append(time.perf_counter() - began)
    return statistics.median(seconds), done


def quality(request: Request, done: Render) -> tuple[float, float]:
    """Style match and structure kept."""
    assert request.source is not None
    proof, start = srgb_to_work(done.picture), srgb_to_work(request.source)
    match = style_match(proof, start, srgb_to_work(request.styles[0].picture))
    return match, structure_kept(proof, start)


def against_exact(request: Request, seconds: float, done: Render) -> list[Row]:
    """The same run with the exact search in place of ours."""
    with mock.patch.object(search, "refine", exact_refine):
        began = time.perf_counter()
        exact = render(request)
        exact_seconds = time.perf_counter() - began
    ours, theirs = quality(request, done), quality(request, exact)
    return [
        ("the same with exact search", "-", f"{exact_seconds:.1f} s"),
        ("times faster than exact search", "4 or more", f"{exact_seconds / seconds:.1f}"),
        ("style match, ours / exact", "equal or better", f"{ours[0]:.1f} / {theirs[0]:.1f}"),
        ("structure kept, ours / exact", "equal or better", f"{ours[1]:.1f} / {theirs[1]:.1f}"),
    ]


def first_look(request: Request) -> float:
    """Seconds until the first state is shown."""
    seconds = []
    for _ in range(5):
        forget()
        began, stop = time.perf_counter(), threading.Event()

        def shown(*_: object, began: float = began, stop: threading.Event = stop) -> None:
            seconds.append(time.perf_counter() - began)
            stop.set()

        try:
            render(request, Control(cancelled=stop.is_set, show=shown))
        except CancelledError:
            continue
    return statistics.median(seconds)


def stop_delay(request: Request, whole: float) -> float:
    """The longest wait after asking to stop, at nine moments of a run."""
    delays = []
    for share in np.linspace(0.1, 0.9, 9):
        asked: list[float] = []
        stop = threading.Event()

        def ask(asked: list[float] = asked, stop: threading.Event = stop) -> None:
            asked.append(time.perf_counter())
            stop.set()

        timer = threading.Timer(float(share) * whole, ask)
        timer.start()
        try:
            render(request, Control(cancelled=stop.is_set))
        except CancelledError:
            delays.append(time.perf_counter() - asked[0])
        timer.cancel()
    return max(delays)


def growth() -> tuple[float, list[tuple[int, float]]]:
    """Exponent of time over pixels, from 0.1 to 4 megapixels."""
    points = []
    for width, height in ((384, 256), (768, 512), (1224, 816), (2448, 1632)):
        request = standard(width, height)
        points.append((pixels(request), timed(request, runs=1)[0]))
    x, y = np.log([p for p, _ in points]), np.log([s for _, s in points])
    return float(np.polyfit(x, y, 1)[0]), points


def peak_megabytes(width: int, height: int) -> float:
    """Peak memory of a process that renders once."""
    command = [sys.executable, "-m", "bench", "--peak", str(width), str(height)]
    done = subprocess.run(command, capture_output=True, text=True, check=True)
    return float(done.stdout.split()[-1])


def slowest_measure() -> tuple[str, float]:
    """The measure that takes longest at a megapixel, and its seconds."""
    proof, start = (srgb_to_work(source(1224, 816)[::step]) for step in (1, -1))
    mask = np.zeros(proof.shape[:2], np.float32)
    mask[200:600, 300:900] = 1
    measures = {
        "style match": lambda: style_match(proof, start, start),
        "palette distance": lambda: palette_distance(proof, start),
        "structure kept": lambda: structure_kept(proof, start),
        "layout match": lambda: layout_match(proof, start),
        "rim": lambda: rim(proof, mask),
        "softness": lambda: softness(proof),
    }
    seconds = {}
    for name, take in measures.items():
        take()
        began = time.perf_counter()
        take()
        seconds[name] = time.perf_counter() - began
    name = max(seconds, key=seconds.__getitem__)
    return name, seconds[name]


def measure() -> tuple[list[Row], list[tuple[int, float]]]:
    """All rows of the table, and the points of the plot (pixels, seconds)."""
    rows: list[Row] = []

    def add(what: str, goal: str, figure: str) -> None:
        rows.append((what, goal, figure))
        print(f"{what:52} {goal:>18} {figure:>18}", flush=True)

    request = standard()
    seconds, done = timed(request)
    add("768x512, 16 steps, one reference, edges, dep. 0.75", "-", f"{seconds:.2f} s")
    for what, goal, figure in compared(request):
        add(what, goal, figure)
    add("  of it preparing", "-", f"{done.seconds['prepare']:.2f} s")
    whole = standard(departure=1.0)
    add("first look (masses)", "0.15 s", f"{first_look(whole):.2f} s")
    two = timed(standard(manners=("felt", "gouache")), runs=3)[0]
    add("a second reference adds", "60 % at most", f"{100 * (two / seconds - 1):.0f} %")
    enlarging = timed(standard(1536, 1024, departure=0.3), runs=3)[0]
    add("1536x1024 enlarging pass, departure 0.3", "3 s", f"{enlarging:.2f} s")
    add("stopping, longest of nine", "0.15 s", f"{stop_delay(request, seconds):.2f} s")
    picture = source(1224, 816)
    extract_edges(picture, EdgeOptions())
    began = time.perf_counter()
    extract_edges(picture, EdgeOptions())
    add("edge map at a megapixel", "0.1 s", f"{time.perf_counter() - began:.2f} s")
    name, spent = slowest_measure()
    add(f"slowest measure at a megapixel ({name})", "0.1 s", f"{spent:.2f} s")
    add("peak memory at 768x512", "600 MB", f"{peak_megabytes(768, 512):.0f} MB")
    began = time.perf_counter()
    add("peak memory at 4096x4096", "2200 MB", f"{peak_megabytes(4096, 4096):.0f} MB")
    add("  and its time, from start to end", "45 s", f"{time.perf_counter() - began:.0f} s")
    exponent, points = growth()
    add("growth of time with pixels, exponent", "1.05 at most", f"{exponent:.2f}")
    for area, spent in points:
        add(f"  {area / 1e6:.1f} megapixels", "-", f"{spent:.2f} s")
    parts = (starting_rows, handlers_rows, search_rows, words_rows, enlarging_rows, sets_rows)
    for part in parts:
        for row in part():
            add(*row)
    for row in against_exact(request, seconds, done):
        add(*row)
    return rows, points


def compared(request: Request) -> list[Row]:
    """Our times over those of the revision before, on one thread and more, and first compiling."""
    rows: list[Row] = []
    found = ratios()
    if found is not None:
        rows.append(("of the time it took before", "40 %", f"{100 * found['first']:.0f} %"))
        rows.append(("again, with one weight changed", "33 %", f"{100 * found['again']:.0f} %"))
    one, two = (in_a_process(_RENDER_ONCE, NUMBA_NUM_THREADS=n) for n in "12")
    rows += [("on one thread", "-", f"{one:.2f} s"), ("on two threads", "-", f"{two:.2f} s")]
    for threads in (4, 8):
        seconds = with_threads(one, two, threads)
        rows.append((f"on {threads} threads, by Amdahl's law", "-", f"{seconds:.2f} s"))
    moved, speed = bytes_of_search(request), bandwidth()
    limit = f"{moved / 1e9:.1f} GB at {speed / 1e9:.0f} GB/s: {moved / speed:.2f} s"
    rows.append(("cache lines its search touches, one thread", "-", limit))
    with tempfile.TemporaryDirectory() as name:
        seconds = in_a_process(_COMPILE, NUMBA_CACHE_DIR=name)
    rows.append(("first compiling of all kernels", "60 s", f"{seconds:.0f} s"))
    return rows


# Run in processes of their own; each prints seconds.
_RENDER_ONCE = """
import statistics, time
from bench.subjects import standard
from overlay.engine.kept import forget
from overlay.engine.sampler import render
request = standard()
render(request)
times = []
for _ in range(5):
    forget()
    began = time.perf_counter()
    render(request)
    times.append(time.perf_counter() - began)
print(statistics.median(times))
"""
_COMPILE = """
import time
began = time.perf_counter()
from overlay.engine.control import Control
from overlay.studio.making.warming import warm_kernels
warm_kernels(Control())
print(time.perf_counter() - began)
"""


def in_a_process(code: str, **variables: str) -> float:
    """What a piece of code prints, in a process with these variables."""
    done = subprocess.run(
        [sys.executable, "-c", code], env=os.environ | variables, capture_output=True, text=True,
        check=True,
    )  # fmt: skip
    return float(done.stdout.split()[-1])


def write_plot(points: list[tuple[int, float]]) -> None:
    """Time against pixels, both logarithmic, with the line of equal growth."""
    import matplotlib as mpl

    mpl.use("svg")
    mpl.rcParams["svg.hashsalt"] = "overlay"  # the same file for the same figures
    from matplotlib import pyplot as plt

    megapixels, seconds = (np.array(v) for v in zip(*points, strict=True))
    megapixels = megapixels / 1e6
    figure, axes = plt.subplots(figsize=(5, 3.2), layout="constrained")
    axes.loglog(megapixels, seconds, "o-", color="#c23f2d", label="measured")
    equal = seconds[1] * megapixels / megapixels[1]
    axes.loglog(megapixels, equal, "--", color="#5d5b55", label="in step with pixels")
    axes.set(xlabel="megapixels", ylabel="seconds", title="16 steps, one reference, edges")
    axes.legend(frameon=False)
    axes.grid(visible=True, which="both", color="#dcdbd6", linewidth=0.5)
    figure.savefig(_PLOT, metadata={"Date": None})


def write_page(rows: list[Row]) -> None:
    """The table as `docs/performance.md`."""
    lines = [
        "# Performance",
        "",
        "Written by `make bench`; medians of five runs with nothing kept from the one before but",
        "compiled kernels. Only ratios within one run can be compared with another day's: the",
        "machine's own speed changes by half from hour to hour.",
        "",
        f"Machine: {_processor()}, {os.cpu_count()} cores, Python {platform.python_version()}.",
        "The exact search compares every patch with all of the reference's patches and their",
        "mirror images on a grid of 4 pixels (`bench/exact.py`).",
        "",
        "| what | goal | figure |",
        "|---|---|---|",
        *(f"| {what.strip()} | {goal} | {figure} |" for what, goal, figure in rows),
        "",
        "![Time against pixels](performance.svg)",
        "",
        _NOTES.read_text("utf-8"),
    ]
    _PAGE.write_text("\n".join(lines), "utf-8")


def _processor() -> str:
    for line in Path("/proc/cpuinfo").read_text("utf-8").splitlines():
        if line.startswith("model name"):
            return line.split(":", 1)[1].strip()
    return platform.machine()


def main() -> None:
    """Measure, or render once for its memory."""
    if sys.argv[1:2] == ["--peak"]:
        request = standard(int(sys.argv[2]), int(sys.argv[3]))
        render(request)
        print(resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1024)
        return
    reference("felt")
    in_a_process(_COMPILE)  # what compiles takes memory and time that are not the render's
    rows, points = measure()
    write_plot(points)
    write_page(rows)


if __name__ == "__main__":
    main()
