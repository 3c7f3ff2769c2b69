"""Sheets against single pulls, and live looks: what looking for a balance costs."""

import tempfile
import time
from pathlib import Path

import numpy as np

from bench.subjects import reference, source
from overlay.document.reading import make_recipe
from overlay.document.recipe import Recipe
from overlay.document.sets.sheets import ProofSheet
from overlay.engine.control import Control
from overlay.engine.kept import forget
from overlay.imaging.files import write_picture
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.keeping.shelf import ProofShelf
from overlay.studio.runs.live import LiveLooks
from overlay.studio.runs.pull import pull_proof
from overlay.studio.sheets.axes import read_axis
from overlay.studio.sheets.cells import make_cells
from overlay.studio.sheets.job import SheetJob
from overlay.studio.sheets.trials import with_values

Row = tuple[str, str, str]
_GRID = ("cues.felt.weight=0.2:1:5", "cues.felt.leave=0.6:1:5")
_ROW = ("departure=0.3:0.9:5", None)
_MOVED = {
    "cues.felt.weight": (0.2, 1.0), "cues.gouache.leave": (0.5, 1.0), "departure": (0.3, 0.9),
    "cues.felt.facets.surface": (0.3, 1.5), "cues.edges.weight": (0.1, 1.0),
}  # fmt: skip


def rows() -> list[Row]:
    """Rows of the table."""
    with tempfile.TemporaryDirectory() as name:
        folder = Path(name)
        found: list[Row] = []
        states = 0.0
        for what, axes, goal in (
            ("5x5 sheet of weight and leave at 384x256", _GRID, "60 %"),
            ("row of five departures at 384x256", _ROW, "90 %"),
        ):
            sheet, apart, after, megabytes = _sheet(folder, *axes)
            states = max(states, megabytes)
            found.append((f"{what}, of single pulls", goal, f"{100 * sheet / apart:.0f} %"))
            figure = f"{100 * sheet / after:.0f} %"
            found.append(("  of pulls one after another, which share what is kept", "-", figure))
        found.append(("  the states of its parting runs, at most", "-", f"{states:.0f} MB"))
        looks = _looks(folder)
        half, most = np.percentile(looks, (50, 95))
        found.append(("live look at 768x512, three cues, median", "0.3 s", f"{half:.2f} s"))
        found.append(("  of twenty, nineteen within", "0.5 s", f"{most:.2f} s"))
        return found


def _recipe(folder: Path, size: tuple[int, int]) -> Recipe:
    write_picture(folder / "source.png", source(768, 512))
    for manner in ("felt", "gouache"):
        write_picture(folder / f"{manner}.png", reference(manner))
    cues = [{"name": m, "reference": str(folder / f"{m}.png")} for m in ("felt", "gouache")]
    cues.append({"name": "edges", "guide": "edges", "weight": 0.5})
    data = {"overlay": 1, "size": list(size), "source": str(folder / "source.png"), "cues": cues}
    return make_recipe(data, "bench")


def _sheet(folder: Path, across: str, down: str | None) -> tuple[float, float, float, float]:
    """Seconds of a sheet, of its cells pulled each by itself, and one after another; megabytes."""
    recipe = _recipe(folder, (384, 256))
    axes = [None if text is None else read_axis(text, recipe, "bench") for text in (across, down)]
    sheet = ProofSheet(name="bench", across=axes[0], down=axes[1], recipe=recipe, pixels=None)
    _pull_sheet(sheet)  # kernels are loaded, files read
    seconds, states = _pull_sheet(sheet)
    return seconds, _pull_cells(sheet, apart=True), _pull_cells(sheet, apart=False), states / 1e6


def _pull_sheet(sheet: ProofSheet) -> tuple[float, float]:
    forget()
    with tempfile.TemporaryDirectory() as name:
        job = SheetJob(sheet, PictureStore(), ProofShelf(Path(name)))
        most, began = 0.0, time.perf_counter()
        for one in job.prepare(Control()):
            job.pull(one.cell, Control())
            most = max(most, job._beginnings.bytes)
        return time.perf_counter() - began, most


def _pull_cells(sheet: ProofSheet, *, apart: bool) -> float:
    """Pull every cell as a single proof; `apart` with nothing kept from the one before."""
    forget()
    with tempfile.TemporaryDirectory() as name:
        shelf, store = ProofShelf(Path(name)), PictureStore()
        began = time.perf_counter()
        for cell in make_cells(sheet, store):
            if apart:
                forget()
                store = PictureStore()
            pull_proof(cell.recipe, shelf, store, light=True)
        return time.perf_counter() - began


def _looks(folder: Path) -> list[float]:
    """Seconds of looks while one control after another is moved."""
    recipe, looks = _recipe(folder, (768, 512)), LiveLooks(PictureStore())
    looks.look(recipe, Control())
    chance, seconds = np.random.default_rng(1), []
    for key, (low, high) in _MOVED.items():
        for value in chance.uniform(low, high, 12):
            moved = with_values(recipe, {key: round(float(value), 2)})
            began = time.perf_counter()
            looks.look(moved, Control())
            seconds.append(time.perf_counter() - began)
    return seconds
