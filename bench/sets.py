"""Sets: how even an amount makes them, and what two workers are worth."""

import json
import tempfile
import time
from pathlib import Path

import numpy as np

from bench.sequences import rows as sequence_rows
from overlay.document.sets.editions import Edition
from overlay.engine.control import Control
from overlay.studio.demo.demo import ensure_demo
from overlay.studio.editions.crews import Crew, Processes
from overlay.studio.editions.figures import mean_evenness, mean_sameness, set_figures
from overlay.studio.editions.job import rows_of
from overlay.studio.editions.reading import read_edition
from overlay.studio.editions.sharing import find_colours
from overlay.studio.editions.tasks import Task, do_task
from overlay.studio.inputs.pictures import PictureStore

Row = tuple[str, str, str]
_MANNERS = ("felt.png", "lino-cut.png", "glazed-tile.png")
_PLATES = ("windmill", "lock", "bottle kiln", "glasshouse", "barge", "weigh-house")
_WORDS, _SEEDS = "$subject on a canal", (5, 6, 7)
_SCENES = ("windmill.png", "lock.png", "bottle-kiln.png")


def rows() -> list[Row]:
    """The table's rows."""
    with tempfile.TemporaryDirectory() as name:
        folder = Path(name)
        ensure_demo(folder)
        return [*_evenness(folder), *_workers(folder), *sequence_rows()]


def _edition(
    folder: Path,
    size: tuple[int, int] = (384, 256),
    *,
    words: str = "",
    seed: int = 5,
    **keys: object,
) -> Edition:
    cues = [
        {"name": "manner", "reference": "felt.png"},
        {"name": "contours", "guide": "edges", "weight": 0.5},
    ]
    recipe = {"overlay": 1, "size": list(size), "seed": seed, "prompt": words, "cues": cues}
    path = folder / "bench.json"
    path.write_text(json.dumps({"overlay": 1, "recipe": recipe} | keys))
    return read_edition(path)


def _evenness(folder: Path) -> list[Row]:
    """With tints of their own and with the usual amount: three unlike scenes in three manners, and
    an almanac of six plates from words, at one hour, in the same three."""
    cross = [["cues.manner.reference", *_MANNERS]]
    unlike = _edition(folder, cross=[["source", *_SCENES], *cross])
    keys = {"rows": [{"subject": plate} for plate in _PLATES], "cross": cross}
    alike = [_edition(folder, words=_WORDS, seed=seed, **keys) for seed in _SEEDS]
    found = []
    for name, editions in (("nine", [unlike]), ("an almanac", alike)):
        own, apart, even, together = np.mean([_own_and_even(e) for e in editions], axis=0)
        found += [
            (f"evenness of {name}, even 35 %, beside own tints", "0 or more", f"{even - own:+.1f}"),
            ("sameness beside that of own tints", "75 %", f"{100 * together / apart:.0f} %"),
        ]
    return found


def _own_and_even(edition: Edition) -> tuple[float, float, float, float]:
    """Evenness and sameness of an edition with its pictures' own tints, and as it is."""
    colours = find_colours(edition, PictureStore(), Control())
    figures: list[float] = []
    for even in (0.0, edition.even):
        made = edition.model_copy(update={"colours": colours, "even": even})
        measured = {}
        for row in rows_of(made):
            assert row.recipe is not None
            done = do_task(Task.of(row.index, row.recipe))
            assert done.traits is not None, done.fault
            measured[row.index] = done.traits
        sets = set_figures(made, measured)
        figures += [mean_evenness(sets) or 0.0, mean_sameness(sets) or 1.0]
    own, apart, even, together = figures
    return own, apart, even, together


def _workers(folder: Path) -> list[Row]:
    """Twelve rows by two processes, of the time that one takes."""
    rows = [{"seed": i, "source": "lock.png"} for i in range(12)]
    edition = _edition(folder, (768, 512), rows=rows)
    tasks = [Task.of(row.index, row.recipe) for row in rows_of(edition) if row.recipe is not None]
    spent = []
    for workers in (1, 2):
        crew: Crew = Processes(workers, len(tasks), threads=1)
        began = time.perf_counter()
        assert len(list(crew.work(tasks, Control()))) == len(tasks)
        spent.append(time.perf_counter() - began)
    return [
        ("12 rows by two workers, of the time of one", "65 %", f"{100 * spent[1] / spent[0]:.0f} %")
    ]


if __name__ == "__main__":
    for what, goal, figure in rows():
        print(f"{what:58} {goal:>12} {figure:>10}", flush=True)
