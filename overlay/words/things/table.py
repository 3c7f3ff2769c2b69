"""Things as arrays for the kernels."""

from collections.abc import Sequence
from dataclasses import dataclass, field
from functools import lru_cache
from itertools import pairwise
from typing import NamedTuple

import numpy as np
import numpy.typing as npt

from overlay.scenery.solids import linear_light
from overlay.words.things.distance import COLUMNS, SAMPLES
from overlay.words.things.parts import (
    Matrix,
    Part,
    Shape,
    extent,
    half_sides,
    middle_of,
    moved,
    turned,
)

_STEEPEST = 3.0
_CLUMP = 8  # parts: a tier of a fir, a frond
Numbers = npt.NDArray[np.float64]
Counts = npt.NDArray[np.int64]


@dataclass(frozen=True)
class Placed:
    """A thing that stands somewhere.

    Attributes
    ----------
    at : metres. yaw : degrees about the vertical. scale : of its own size.
    """

    name: str
    parts: tuple[Part, ...]
    at: tuple[float, float, float] = (0.0, 0.0, 0.0)
    yaw: float = 0.0
    scale: float = 1.0
    turn: Matrix = field(default_factory=lambda: np.eye(3))

    def in_world(self) -> list[Part]:
        """Its parts where they stand."""
        return moved(self.parts, turned(self.yaw) @ self.turn, self.at, self.scale)


class Table(NamedTuple):
    """Things and their parts, one row each.

    Attributes
    ----------
    spans : first and last clump of each thing. members : first and last part of each clump, a few
    of a thing that follow each other. balls, clumps, holds : middle and radius of what holds a
    thing, a clump, a part. sizes : of the things, metres. owners : whose a part is. turns : from
    the world to a part's own axes. colours : two a part, linear light. curves : radius and slope of
    turned parts, `SAMPLES` rows each, evenly up their heights. texels : of cut-outs, row by row.
    boxes, axes : middle and half sides of a box that holds a part, and its sides' directions.
    """

    spans: Counts  # (things, 2)
    members: Counts  # (clumps, 2)
    balls: Numbers  # (things, 4)
    clumps: Numbers  # (clumps, 4)
    sizes: Numbers
    owners: Counts
    holds: Numbers  # (parts, 4)
    shapes: Counts
    parts: Numbers  # (parts, COLUMNS)
    turns: Numbers  # (parts, 3, 3)
    colours: Numbers  # (parts, 6)
    skins: Counts
    curves: Numbers  # (n, 2)
    texels: Numbers  # (n, 5)
    boxes: Numbers  # (parts, 6)
    axes: Numbers  # (parts, 3, 3)


def tabulate(things: Sequence[Placed]) -> Table:
    """Arrays of things; of none, one that is never seen."""
    things = things or [_NOTHING]
    spans, balls, sizes, owners = [], [], [], []
    members: list[tuple[int, int]] = []
    every: list[Part] = []
    for number, thing in enumerate(things):
        parts = thing.in_world()
        low, high = extent(parts)
        ends = [*range(len(every), len(every) + len(parts), _CLUMP), len(every) + len(parts)]
        spans.append((len(members), len(members) + len(ends) - 1))
        members += pairwise(ends)
        reach = 1.02 * float(np.linalg.norm(high - low)) / 2 + max(p.blend for p in parts) / 4
        balls.append((*((low + high) / 2), reach + 0.01))
        sizes.append(float((high - low).max()))
        owners += [number] * len(parts)
        every += parts
    boxes, holds = [_box(part) for part in every], np.array([_hold(p) for p in every])
    return Table(
        np.array(spans, np.int64), np.array(members, np.int64), np.array(balls),
        np.array([_clump(holds[first:last]) for first, last in members]), np.array(sizes),
        np.array(owners, np.int64), holds, np.array([int(p.shape) for p in every], np.int64),
        np.array([_row(p, n) for p, n in zip(every, _first_rows(every), strict=True)]),
        np.ascontiguousarray([p.turn.T for p in every], np.float64),
        np.array([_colours(p) for p in every]), np.array([int(p.skin) for p in every], np.int64),
        np.concatenate([np.zeros((1, 2)), *(_curve(p) for p in every if p.shape is Shape.LATHE)]),
        _texels(every), np.array([box for box, _ in boxes]),
        np.ascontiguousarray([axes for _, axes in boxes]),
    )  # fmt: skip


def _box(part: Part) -> tuple[Numbers, Numbers]:
    """Middle and half sides of a box that holds a part, and its sides' directions as rows."""
    spare = part.blend + 1e-3
    if part.shape in {Shape.LIMB, Shape.SHEET}:
        corners = np.array(
            [part.a, part.b] if part.shape is Shape.LIMB else [part.a, part.b, part.c]
        )
        axes = _directions(corners)
        along = corners @ axes.T
        low, high = along.min(0), along.max(0)
        half = (high - low) / 2 + max(part.radii) + spare
        return np.concatenate([axes.T @ ((low + high) / 2), half]), axes
    half = half_sides(part)
    if part.shape is Shape.CROWN:
        half = 1.45 * half
    elif part.shape is Shape.HULL:
        half = np.asarray(part.b)
    middle = np.asarray(part.a) if part.shape is Shape.HULL else middle_of(part)
    return np.concatenate([middle, 1.02 * half + spare]), part.turn.T


def _directions(corners: Numbers) -> Numbers:
    """Right-angled directions: the first along the first two corners, the last off their plane."""
    along = _unit(corners[1] - corners[0])
    along = _AXES[0] if along is None else along
    aside = _AXES[int(np.argmin(np.abs(along)))]
    off = _unit(_cross(along, corners[-1] - corners[0])) if len(corners) > 2 else None
    off = _unit(_cross(along, aside)) if off is None else off
    assert off is not None  # `aside` is never along
    return np.array([along, _cross(off, along), off])


def _cross(a: Numbers, b: Numbers) -> Numbers:
    """As `numpy.cross` of two vectors, a tenth of its time."""
    ax, ay, az = a.tolist()
    bx, by, bz = b.tolist()
    return np.array([ay * bz - az * by, az * bx - ax * bz, ax * by - ay * bx])


def _unit(vector: Numbers) -> Numbers | None:
    """A vector of length one; none of a vector without a length."""
    length = float(np.linalg.norm(vector))
    return vector / length if length > 1e-9 else None


def _hold(part: Part) -> list[float]:
    """Middle and radius of a ball about a part, with what melting and leaves add to it."""
    middle = middle_of(part)
    if part.shape is Shape.LIMB:
        middle = (np.asarray(part.a) + np.asarray(part.b)) / 2
        reach = float(np.linalg.norm(np.subtract(part.b, part.a))) / 2 + max(part.radii)
    elif part.shape is Shape.SHEET:
        corners = np.array([part.a, part.b, part.c])
        middle = corners.mean(0)
        reach = float(np.linalg.norm(corners - middle, axis=1).max()) + part.radii[0]
    elif part.shape in {Shape.BALL, Shape.HULL, Shape.CROWN}:
        middle = np.asarray(part.a)
        reach = max(part.b) * (1.45 if part.shape is Shape.CROWN else 1.05)
    else:
        reach = float(np.linalg.norm(half_sides(part)))
    return [*middle, reach + part.blend / 2 + 1e-3]


def _clump(holds: Numbers) -> list[float]:
    """Middle and radius of a ball about some balls, no smaller than it must be for rounding."""
    middle = ((holds[:, :3] - holds[:, 3:]).min(0) + (holds[:, :3] + holds[:, 3:]).max(0)) / 2
    away = np.sqrt(((holds[:, :3] - middle) ** 2).sum(1))
    return [*middle, 1e-6 + 1.000001 * float((away + holds[:, 3]).max())]


def _first_rows(parts: Sequence[Part]) -> list[int]:
    """Where each turned part's curve, or each cut-out's texels, begin among all; 0 for the rest."""
    numbers, curve, texels = [], 1, 1
    first: dict[str, int] = {}
    for part in parts:
        if part.cutout is not None:
            if part.cutout.digest not in first:
                first[part.cutout.digest] = texels
                texels += part.cutout.numbers[..., 0].size
            numbers.append(first[part.cutout.digest])
        else:
            turned_part = part.shape is Shape.LATHE
            numbers.append(curve if turned_part else 0)
            curve += SAMPLES * turned_part
    return numbers


def _texels(parts: Sequence[Part]) -> Numbers:
    """Texels of all cut-outs, each once, after an empty one."""
    cuts = {p.cutout.digest: p.cutout.numbers for p in parts if p.cutout is not None}
    return np.concatenate([np.zeros((1, 5)), *(n.reshape(-1, 5) for n in cuts.values())])


def _curve(part: Part) -> Numbers:
    """Radius and slope evenly up a turned part, without overshoot between its rows."""
    # Not at the top: the window would wait for it when it starts.
    from scipy.interpolate import PchipInterpolator

    heights, radii = np.array(part.rows).T
    even = np.linspace(heights[0], heights[-1], SAMPLES)
    smooth = PchipInterpolator(heights, radii)
    return np.column_stack([smooth(even), smooth.derivative()(even).clip(-_STEEPEST, _STEEPEST)])


def _row(part: Part, first: int) -> list[float]:
    if part.shape is Shape.LATHE:
        steepest = float(np.abs(_curve(part)[:, 1]).max())
        row = [*part.a, part.b[0], 2 * part.b[1], first, steepest, 0, 0, *part.radii, part.blend]
    elif part.cutout is not None:
        tall, wide = part.cutout.numbers.shape[:2]
        sure = 1 / float(np.hypot(1, part.cutout.steepest))
        row = [*part.a, *part.b, first, wide, tall, sure, 0, part.blend]
    else:
        row = [*part.a, *part.b, *part.c, *part.radii, part.blend]
    assert len(row) == COLUMNS
    return row


def _colours(part: Part) -> list[float]:
    return [*_light(part.colour), *_light(part.second or part.colour)]


@lru_cache(4096)  # a wood has thousands of parts, of a few colours
def _light(colour: str) -> tuple[float, ...]:
    return tuple(linear_light(colour).tolist())


_AXES = np.eye(3)
_NOTHING = Placed(
    "nothing", (Part(shape=Shape.BALL, a=(0, -900, 0), b=(0.1, 0.1, 0.1), colour="#000000"),)
)
