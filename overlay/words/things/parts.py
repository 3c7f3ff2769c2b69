"""Parts of things as plain data, and a builder that families put them together with.

Units are metres; y points up, a thing stands on y = 0 at the origin and faces +x, so that it shows
its profile to an eye that looks along +z.
"""

from collections.abc import Iterable, Sequence
from dataclasses import dataclass, field, replace
from enum import IntEnum
from itertools import pairwise

import numpy as np
import numpy.typing as npt

from overlay.words.things.cutouts import Cutout

Point = tuple[float, float, float]
Matrix = npt.NDArray[np.float64]


class Shape(IntEnum):
    """Shapes, and what `a`, `b`, `c` and `radii` of a part mean."""

    LIMB = 0  # from a to b, radii at both
    BALL = 1  # middle a, half axes b
    BOX = 2  # middle a, half sides b, rounded by radii[0]
    CONE = 3  # middle a; b: radius below, half height, radius above
    GABLE = 4  # middle a; b: half width, half height, half length; the ridge along z
    RING = 5  # middle a; b: radius, thickness, nothing; lies flat
    CROWN = 6  # leaves about a, half axes b
    HULL = 7  # the lower half of a hollow ball
    SHEET = 8  # the triangle a, b, c, half as thick as radii[0]
    LATHE = 9  # turned about y from a upwards by its rows; b: widest radius, half height
    CUTOUT = 10  # a picture that stands on a; b: half width, half height, half depth


class Skin(IntEnum):
    """What a part's surface is like; from 20 on only things have them."""

    PLAIN = 0
    BRICK = 1
    PLANKS = 2
    ROOF = 3
    LEAVES = 4
    STONE = 5
    PLASTER = 6
    GLASS = 9
    LATTICE = 10
    FUR = 20
    SPOTS = 21
    STRIPES = 22
    BARK = 23
    FEATHERS = 24
    SCALES = 25
    BIRCH = 26
    WINDOWS = 27


@dataclass(frozen=True, kw_only=True)
class Part:
    """One part.

    Attributes
    ----------
    colour, second : `#rrggbb`, and that of spots, stripes and windows.
    blend : metres over which it melts into the parts before it, 0 for a crease.
    rows : (height, radius) of a turned part, bottom to top. cutout : the picture of a cut-out.
    turn : from its own axes to the thing's.
    """

    shape: Shape
    a: Point
    b: Point
    c: Point = (0.0, 0.0, 0.0)
    radii: tuple[float, float] = (0.0, 0.0)
    colour: str
    second: str = ""
    skin: Skin = Skin.PLAIN
    blend: float = 0.0
    turn: Matrix = field(default_factory=lambda: np.eye(3))
    rows: tuple[tuple[float, float], ...] = ()
    cutout: Cutout | None = None


def turned(yaw: float = 0.0, pitch: float = 0.0, roll: float = 0.0) -> Matrix:
    """Turn about y, x and z, in degrees: roll first, then pitch, then yaw."""
    y, p, r = np.radians([yaw, pitch, roll])
    cy, sy, cp, sp, cr, sr = np.cos(y), np.sin(y), np.cos(p), np.sin(p), np.cos(r), np.sin(r)
    about_y = np.array([[cy, 0, sy], [0, 1, 0], [-sy, 0, cy]])
    about_x = np.array([[1, 0, 0], [0, cp, -sp], [0, sp, cp]])
    about_z = np.array([[cr, -sr, 0], [sr, cr, 0], [0, 0, 1]])
    return np.asarray(about_y @ about_x @ about_z)


def between(a: Point, b: Point, share: float) -> Point:
    """A point on the way from one to another."""
    x, y, z = (p + (q - p) * share for p, q in zip(a, b, strict=True))
    return x, y, z


class Builder:
    """Collects the parts of one thing; what is set once holds for the parts that follow.

    Attributes
    ----------
    colour, second, skin, blend : of the parts that follow, unless they are given.
    """

    def __init__(
        self, colour: str, skin: Skin = Skin.PLAIN, blend: float = 0.0, second: str = ""
    ) -> None:
        self.parts: list[Part] = []
        self.colour, self.second, self.skin, self.blend = colour, second, skin, blend

    def _add(self, shape: Shape, a: Point, b: Point, **keys: object) -> None:
        given: dict[str, object] = {
            "colour": self.colour, "second": self.second, "skin": self.skin, "blend": self.blend,
        }  # fmt: skip
        given |= {key: value for key, value in keys.items() if value is not None}
        self.parts.append(Part(shape=shape, a=a, b=b, **given))  # type: ignore[arg-type]

    def limb(
        self,
        a: Point,
        b: Point,
        radii: tuple[float, float],
        colour: str | None = None,
        skin: Skin | None = None,
        blend: float | None = None,
    ) -> None:
        """A rounded stick from one point to another."""
        self._add(Shape.LIMB, a, b, radii=radii, colour=colour, skin=skin, blend=blend)

    def chain(
        self,
        points: Sequence[Point],
        radii: Sequence[float],
        colour: str | None = None,
        skin: Skin | None = None,
        blend: float | None = None,
    ) -> None:
        """Limbs from point to point."""
        for i in range(len(points) - 1):
            self.limb(points[i], points[i + 1], (radii[i], radii[i + 1]), colour, skin, blend)

    def ball(
        self,
        at: Point,
        size: Point | float,
        colour: str | None = None,
        skin: Skin | None = None,
        blend: float | None = None,
        turn: Matrix | None = None,
    ) -> None:
        """A ball, or one with three half axes."""
        axes = size if isinstance(size, tuple) else (size, size, size)
        self._add(Shape.BALL, at, axes, colour=colour, skin=skin, blend=blend, turn=turn)

    def box(
        self,
        at: Point,
        half: Point,
        colour: str | None = None,
        skin: Skin | None = None,
        turn: Matrix | None = None,
        rounded: float = 0.0,
        blend: float | None = None,
    ) -> None:
        """A box by its half sides."""
        self._add(
            Shape.BOX,
            at,
            half,
            radii=(rounded, 0.0),
            colour=colour,
            skin=skin,
            turn=turn,
            blend=blend,
        )

    def cone(
        self,
        at: Point,
        size: Point,
        colour: str | None = None,
        skin: Skin | None = None,
        turn: Matrix | None = None,
        blend: float | None = None,
    ) -> None:
        """A cone: radius below, half height, radius above."""
        self._add(Shape.CONE, at, size, colour=colour, skin=skin, turn=turn, blend=blend)

    def gable(
        self,
        at: Point,
        half: Point,
        colour: str | None = None,
        skin: Skin | None = None,
        turn: Matrix | None = None,
    ) -> None:
        """A roof, its ridge along z."""
        self._add(Shape.GABLE, at, half, colour=colour, skin=skin, turn=turn, blend=0.0)

    def ring(
        self,
        at: Point,
        radius: float,
        thick: float,
        colour: str | None = None,
        turn: Matrix | None = None,
    ) -> None:
        """A ring that lies flat."""
        self._add(Shape.RING, at, (radius, thick, 0.0), colour=colour, turn=turn, blend=0.0)

    def crown(self, at: Point, half: Point, colour: str | None = None) -> None:
        """Leaves."""
        self._add(Shape.CROWN, at, half, colour=colour, skin=Skin.LEAVES, blend=0.0)

    def hull(
        self, at: Point, half: Point, colour: str | None = None, skin: Skin | None = None
    ) -> None:
        """A hollow lower half of a ball, for boats and bowls."""
        self._add(Shape.HULL, at, half, colour=colour, skin=skin, blend=0.0)

    def sheet(
        self,
        corners: Iterable[Point],
        thick: float,
        colour: str | None = None,
        skin: Skin | None = None,
        blend: float | None = None,
    ) -> None:
        """A flat piece with three or more corners, as a fan from the first."""
        first, *rest = corners
        for second, third in pairwise(rest):
            self._add(
                Shape.SHEET,
                first,
                second,
                c=third,
                radii=(thick, 0.0),
                colour=colour,
                skin=skin,
                blend=blend,
            )

    def lathe(
        self,
        rows: Sequence[tuple[float, float]],
        colour: str | None = None,
        skin: Skin | None = None,
        at: Point = (0.0, 0.0, 0.0),
        blend: float | None = None,
    ) -> None:
        """A turned solid from (height, radius) rows, bottom to top; steep steps become discs."""
        for run in _runs(rows):
            low, high = run[0][0], run[-1][0]
            widest = max(radius for _, radius in run)
            if len(run) == 2 and _steep(*run):
                middle = (at[0], at[1] + (low + high) / 2, at[2])
                half = max((high - low) / 2, 1e-3)
                self.cone(middle, (run[0][1], half, run[1][1]), colour, skin, blend=blend)
                continue
            own = tuple((y - low, r) for y, r in run)
            self._add(
                Shape.LATHE, (at[0], at[1] + low, at[2]), (widest, (high - low) / 2, widest),
                rows=own, colour=colour, skin=skin, blend=blend,
            )  # fmt: skip


def _steep(first: tuple[float, float], second: tuple[float, float]) -> bool:
    return abs(second[1] - first[1]) > 2.5 * (second[0] - first[0])


def _runs(rows: Sequence[tuple[float, float]]) -> list[list[tuple[float, float]]]:
    """Rows parted where the outline steps in or out."""
    runs: list[list[tuple[float, float]]] = []
    for pair in pairwise(rows):
        if runs and not _steep(*pair) and not (len(runs[-1]) == 2 and _steep(*runs[-1])):
            runs[-1].append(pair[1])
        else:
            runs.append(list(pair))
    return runs


def moved(parts: Iterable[Part], turn: Matrix, by: Point, scale: float = 1.0) -> list[Part]:
    """Parts made larger, turned about the origin, and set down."""

    def put(point: Point) -> Point:
        x, y, z = turn @ (np.asarray(point) * scale) + np.asarray(by)
        return float(x), float(y), float(z)

    out = []
    for part in parts:
        points = part.shape in (Shape.LIMB, Shape.SHEET)
        b = put(part.b) if points else (part.b[0] * scale, part.b[1] * scale, part.b[2] * scale)
        out.append(
            replace(
                part, a=put(part.a), b=b, c=put(part.c), blend=part.blend * scale,
                radii=(part.radii[0] * scale, part.radii[1] * scale), turn=turn @ part.turn,
                rows=tuple((y * scale, r * scale) for y, r in part.rows),
            )
        )  # fmt: skip
    return out


def extent(parts: Sequence[Part]) -> tuple[Matrix, Matrix]:
    """The lowest and the highest coordinates of parts, (3,) each."""
    low, high = np.full(3, np.inf), np.full(3, -np.inf)
    for part in parts:
        if part.shape is Shape.LIMB:
            points, spare = np.array([part.a, part.b]), np.array(part.radii)[:, None]
        elif part.shape is Shape.SHEET:
            points, spare = np.array([part.a, part.b, part.c]), np.full(3, part.radii[0])
        else:
            middle = middle_of(part)
            points, spare = np.array([middle]), np.abs(part.turn) @ half_sides(part)
        low = np.minimum(low, (points - spare).min(0))
        high = np.maximum(high, (points + spare).max(0))
    return low, high


def middle_of(part: Part) -> Matrix:
    """The middle of a part that has half sides."""
    lift = {Shape.LATHE: part.b[1], Shape.CUTOUT: part.b[1], Shape.HULL: -part.b[1] / 2}.get(
        part.shape, 0.0
    )
    middle: Matrix = np.asarray(part.a) + part.turn @ np.array([0.0, lift, 0.0])
    return middle


def half_sides(part: Part) -> Matrix:
    """Half sides of a box that holds a part, along its own axes."""
    x, y, z = part.b
    if part.shape is Shape.CONE:
        return np.array([max(x, z), y, max(x, z)])
    if part.shape is Shape.HULL:
        return np.array([x, y / 2, z])
    if part.shape is Shape.RING:
        return np.array([x + y, y, x + y])
    return np.array([x, y, z])
