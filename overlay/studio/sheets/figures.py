"""What the cells of a sheet measure, side by side: ranks, the unbeaten line, and a table."""

import csv
import io
import json
from collections.abc import Mapping
from typing import Any

import numpy as np
import numpy.typing as npt

from overlay.document.sets.sheets import ProofSheet

CellPlace = tuple[int, int]
Figures = dict[str, float]

# Of these less is better.
_LOW_IS_GOOD = ("palette_distance", "repeats", "rash", "rim")
_LATER = ("contour_correlation",)  # shown after all others


def flat_measures(measures: Mapping[str, Any]) -> Figures:
    """Measures by dotted keys: `structure_kept`, `style_match.tile`."""
    flat: Figures = {}
    for key, value in measures.items():
        if isinstance(value, Mapping):
            flat |= {f"{key}.{name}": float(v) for name, v in value.items()}
        else:
            flat[key] = float(value)
    return flat


def measure_keys(cells: Mapping[CellPlace, Figures]) -> list[str]:
    """Every measure that any cell has, in the order of the report."""
    keys = list(dict.fromkeys(key for figures in cells.values() for key in figures))
    return sorted(keys, key=lambda key: key in _LATER)


def measure_title(key: str) -> str:
    """What a measure is called: `Style match, tile`."""
    name, _, of = key.partition(".")
    title = name.replace("_", " ").capitalize()
    return f"{title}, {of}" if of else title


def more_is_better(key: str) -> bool:
    """Whether artists want much of a measure."""
    return key.partition(".")[0] not in _LOW_IS_GOOD


def ranks(cells: Mapping[CellPlace, Figures], key: str) -> dict[CellPlace, float]:
    """Where each cell stands in a measure: 0 the worst, 1 the best; equal ones share a place."""
    there = {place: figures[key] for place, figures in cells.items() if key in figures}
    if not there:
        return {}
    sign = 1 if more_is_better(key) else -1
    values: npt.NDArray[np.float64] = np.array([sign * value for value in there.values()])
    # Written out: to load SciPy's statistics would hold the window for half a second.
    lower = (values[:, None] > values).sum(axis=1)
    equal = (values[:, None] == values).sum(axis=1)
    span = max(len(there) - 1, 1)
    return {p: float(r) for p, r in zip(there, (lower + (equal - 1) / 2) / span, strict=True)}


def decimals(cells: Mapping[CellPlace, Figures], key: str) -> int:
    """How many decimals tell the cells apart in a measure: as many as a hundredth of its span."""
    found = [figures[key] for figures in cells.values() if key in figures]
    span = max(found, default=0.0) - min(found, default=0.0)
    return 1 if span >= 1 or not span else 2 if span >= 0.1 else 3


def unbeaten(cells: Mapping[CellPlace, Figures], across: str, up: str) -> list[CellPlace]:
    """Cells that no other beats in both measures, from the best in one to the best in the other.

    A cell is beaten by one that is as good in both and better in one (Pareto 1896).
    """
    there = [p for p, figures in cells.items() if across in figures and up in figures]
    values: npt.NDArray[np.float64] = np.array(
        [
            [cells[p][key] if more_is_better(key) else -cells[p][key] for key in (across, up)]
            for p in there
        ]
    ).reshape(-1, 2)
    best = []
    for i, own in enumerate(values):
        beats = (values >= own).all(axis=1) & (values > own).any(axis=1)
        if not beats.any():
            best.append((cells[there[i]][across], there[i]))
    return [place for _, place in sorted(best)]


def sheet_table(
    sheet: ProofSheet, cells: Mapping[CellPlace, Figures], faults: Mapping[CellPlace, str]
) -> str:
    """The table as CSV (RFC 4180): row, column, the settings by their keys, then the measures.

    Cells that failed have a line with their fault in the last column.
    """
    axes = [axis for axis in (sheet.across, sheet.down) if axis is not None]
    keys = measure_keys(cells)
    out = io.StringIO()
    writer = csv.writer(out)
    writer.writerow(["row", "column", *(axis.key for axis in axes), *keys, "fault"])
    for row in range(sheet.rows):
        for column in range(sheet.columns):
            values = [_plain(axis.values[i]) for axis, i in zip(axes, (column, row), strict=False)]
            figures = cells.get((row, column), {})
            measured = [figures.get(key, "") for key in keys]
            fault = faults.get((row, column), "")
            writer.writerow([row + 1, column + 1, *values, *measured, fault])
    return out.getvalue()


def _plain(value: Any) -> Any:
    """A value as a table holds it; words that a spreadsheet would take for a formula are quoted."""
    if isinstance(value, str):
        return f"'{value}" if value[:1] in "=+-@\t" else value
    return value if isinstance(value, int | float) else json.dumps(value)
