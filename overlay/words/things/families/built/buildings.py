"""Houses of many kinds, towers, mills."""

from functools import partial
from itertools import pairwise

import numpy as np

from overlay.words.things.families.built.dressing import (
    add_broken_tower,
    add_broken_walls,
    add_ivy,
    add_platform,
    add_pumps,
    add_shop_front,
    add_sign,
    add_tables,
    add_timbers,
    add_wheel,
)
from overlay.words.things.parts import Builder, Part, Skin, turned

_SKINS = {"plaster": Skin.PLASTER, "brick": Skin.BRICK, "planks": Skin.PLANKS, "stone": Skin.STONE, "roof": Skin.ROOF,
          "plain": Skin.PLAIN, "windows": Skin.WINDOWS, "lattice": Skin.LATTICE}  # fmt: skip


def house(
    *,
    w: float = 7.0,
    d: float = 5.0,
    storey: float = 2.7,
    floors: int = 1,
    pitch: float = 2.2,
    wall: str = "#e3d6bd",
    roof: str = "#9a4a33",
    made: str = "plaster",
    tiles: str = "roof",
    chimney: bool = True,
    door: str = "#2c5a5b",
    gate: bool = False,
    tower: float = 0.0,
    spire: float = 0.0,
    windows: bool = True,
    glass: bool = False,
    timber: bool = False,
    ivy: bool = False,
    sign: bool = False,
    broken: bool = False,
    tables: bool = False,
    wheel: float = 0.0,
    front: bool = False,
    platform: bool = False,
    canopy: bool = False,
) -> list[Part]:
    """A house whose front looks at the eye.

    Parameters
    ----------
    w, d : width and depth, metres. pitch : height of the roof. gate : a barn's doors in place of a door.
    tower, spire : heights of a church's. glass : walls and roof of panes, as of a glasshouse.
    timber : beams in the walls. ivy : on them. sign : one that hangs out. broken : a ruin.
    tables : before it, under an awning and parasols. wheel : radius of one that
    water turns, at its side. front : a shop's, with a wide window of goods under an awning.
    platform : a station's, under a roof on posts. canopy : a roof over pumps before it.
    """  # fmt: skip
    skin = _SKINS[made]
    b = Builder(wall, skin)
    half, deep, high = w / 2, d / 2, storey * floors
    if glass:
        return _glasshouse(b, half, deep, high, pitch)
    if broken:
        add_broken_walls(b, half, deep, high, pitch, tower)
    else:
        _body(b, half, deep, high, pitch, roof, _SKINS[tiles])
        if chimney:
            _chimney(b, half, high, pitch)
        if front:
            add_shop_front(b, half, deep, storey, door)
            _windows(b, w, storey, floors, deep, 0.0, first=1)
        else:
            _front(b, w, storey, floors, deep, door, gate=gate, windows=windows)
        if tower:
            _steeple(b, half, tower, spire, wall, roof, skin)
    dressed = (
        (timber, partial(add_timbers, b, half, deep, high, storey)),
        (ivy, partial(add_ivy, b, half, deep, high)),
        (tables, partial(add_tables, b, half, deep)),
        (wheel, partial(add_wheel, b, half, deep, wheel)),
        (platform, partial(add_platform, b, half, deep, storey)),
        (canopy, partial(add_pumps, b, half, deep)),
        (sign, partial(add_sign, b, half, deep, storey)),
    )
    for said, add in dressed:
        if said:
            add()
    return b.parts


def _body(b: Builder, half: float, deep: float, high: float, pitch: float, roof: str, tiles: Skin) -> None:
    """Walls and roof."""
    b.box((0, high / 2, 0), (half, high / 2, deep))
    b.gable((0, high + pitch / 2 - 0.02, 0), (deep, pitch / 2, half - 0.02), turn=turned(90))
    for side in (1, -1):  # the roof's two sheets, over the eaves
        eave, ridge = side * (deep + 0.35), high + pitch + 0.08
        low = high - 0.35 * pitch / deep + 0.08
        b.sheet(
            [(-half - 0.3, ridge, 0), (half + 0.3, ridge, 0), (half + 0.3, low, eave), (-half - 0.3, low, eave)],
            0.07,
            roof,
            tiles,
        )


def _chimney(b: Builder, half: float, high: float, pitch: float) -> None:
    y = high + pitch * 0.95
    b.box((half * 0.55, y, 0.15), (0.3, 0.75, 0.3), "#8a4f3c", Skin.BRICK)
    b.box((half * 0.55, y + 0.75, 0.15), (0.37, 0.08, 0.37), "#7d6a5c", Skin.PLAIN)


def _front(
    b: Builder, w: float, storey: float, floors: int, deep: float, door: str, *, gate: bool, windows: bool
) -> None:  # fmt: skip
    """Door and windows, or a barn's gate."""
    if gate:
        _gate(b, deep, storey * floors)
        return
    place = 0.0 if floors < 2 or w < 5 else 0.125 * w
    b.box((place, 1.05, -deep - 0.02), (0.6, 1.12, 0.04), "#efe6d4", Skin.PLAIN)
    b.box((place, 1.02, -deep - 0.05), (0.48, 1.02, 0.05), door, Skin.PLANKS)
    if windows:
        _windows(b, w, storey, floors, deep, place)


def _windows(
    b: Builder, w: float, storey: float, floors: int, deep: float, door: float, first: int = 0
) -> None:
    count = max(int(w / 2.2), 2)
    for floor in range(first, floors):
        for i in range(count):
            x, y = -w / 2 + w * (i + 0.5) / count, storey * (floor + 0.56)
            if floor == 0 and abs(x - door) < 1.0:
                continue
            b.box((x, y, -deep - 0.02), (0.52, 0.68, 0.04), "#efe6d4", Skin.PLAIN)
            b.box((x, y, -deep - 0.05), (0.42, 0.58, 0.04), "#33414d", Skin.GLASS)
            b.box((x, y - 0.72, -deep - 0.1), (0.6, 0.05, 0.12), "#d9ceb6", Skin.PLAIN)


def _gate(b: Builder, deep: float, high: float) -> None:
    tall = 0.36 * high
    b.box((0, tall, -deep - 0.03), (1.45, tall, 0.06), "#4a3a2e", Skin.PLANKS)
    for side in (1, -1):
        b.limb(
            (-1.3, 0.1 if side > 0 else 2 * tall - 0.1, -deep - 0.11),
            (1.3, 2 * tall - 0.1 if side > 0 else 0.1, -deep - 0.11),
            (0.07, 0.07),
            "#efe6d2",
            Skin.PLAIN,
        )
        b.box((side * 1.45, tall, -deep - 0.09), (0.08, tall, 0.04), "#efe6d2", Skin.PLAIN)
    b.box((0, 2 * tall, -deep - 0.09), (1.53, 0.08, 0.04), "#efe6d2", Skin.PLAIN)
    b.box((0, 0.9 * high, -deep - 0.04), (0.55, 0.5, 0.05), "#241c17", Skin.PLAIN)


def _steeple(b: Builder, half: float, tower: float, spire: float, wall: str, roof: str, skin: Skin) -> None:
    x = -half - 0.4
    b.box((x, tower / 2, 0), (1.5, tower / 2, 1.5), wall, skin)
    b.box((x, tower, 0), (1.68, 0.16, 1.68), wall, Skin.PLAIN)
    top = tower + spire
    corners = [
        (x - 1.65, tower + 0.1, -1.65),
        (x + 1.65, tower + 0.1, -1.65),
        (x + 1.65, tower + 0.1, 1.65),
        (x - 1.65, tower + 0.1, 1.65),
    ]
    for first, second in zip(corners, corners[1:] + corners[:1], strict=True):
        b.sheet([(x, top, 0), first, second], 0.06, roof, Skin.ROOF)
    b.limb((x, top - 0.1, 0), (x, top + 0.9, 0), (0.05, 0.04), "#3a342c", Skin.PLAIN)
    b.limb((x - 0.3, top + 0.55, 0), (x + 0.3, top + 0.55, 0), (0.04, 0.04), "#3a342c", Skin.PLAIN)
    for z in (-1.5,):
        b.box((x, 0.84 * tower, z), (0.36, 0.62, 0.06), "#2a2622", Skin.PLAIN)


def _glasshouse(b: Builder, half: float, deep: float, high: float, pitch: float) -> list[Part]:
    b.box((0, 0.35, 0), (half, 0.35, deep), "#a9573f", Skin.BRICK)
    b.box((0, high / 2 + 0.3, 0), (half - 0.08, high / 2, deep - 0.08), "#8fb0b0", Skin.GLASS)
    b.gable((0, high + 0.3 + pitch / 2, 0), (deep, pitch / 2, half), "#9fc0bf", Skin.GLASS, turned(90))
    for x in np.linspace(-half, half, max(int(half * 2), 4)):
        for side in (1, -1):
            b.limb((float(x), 0.7, side * deep), (float(x), high + 0.3, side * deep), (0.045, 0.045), "#f2eee4", Skin.PLAIN)
            b.limb(
                (float(x), high + 0.3, side * deep),
                (float(x), high + 0.3 + pitch, 0),
                (0.045, 0.045),
                "#f2eee4",
                Skin.PLAIN,
            )
    b.limb((-half, high + 0.32 + pitch, 0), (half, high + 0.32 + pitch, 0), (0.07, 0.07), "#f2eee4", Skin.PLAIN)
    b.box((0, 1.15, -deep - 0.02), (0.5, 1.1, 0.05), "#f2eee4", Skin.PLAIN)
    b.box((0, 1.3, -deep - 0.05), (0.38, 0.85, 0.05), "#6b8f92", Skin.GLASS)
    return b.parts


def tower(
    *,
    h: float = 16.0,
    r: float = 2.6,
    wall: str = "#a39a8b",
    roof: str = "#4a5a6b",
    made: str = "stone",
    square: bool = False,
    pointed: bool = True,
    clock: bool = False,
    broken: bool = False,
) -> list[Part]:
    """A tower, round or square, with a pointed roof or battlements, or a ruin; a clock on each side."""
    b = Builder(wall, _SKINS[made])
    if broken:
        add_broken_tower(b, h, r)
        return b.parts
    if square:
        b.box((0, h / 2, 0), (r, h / 2, r))
    else:
        b.cone((0, h / 2, 0), (r, h / 2, 0.92 * r))
    b.cone((0, h, 0), (1.12 * r, 0.3, 1.12 * r))
    if pointed:
        b.cone((0, h + 0.3 + 0.9 * r, 0), (1.25 * r, 0.9 * r, 0.03), roof, Skin.ROOF)
    else:
        for turn in np.linspace(0, 2 * np.pi, 11)[:-1]:
            b.box(
                (float(np.cos(turn)) * r, h + 0.65, float(np.sin(turn)) * r),
                (0.3, 0.4, 0.3),
                turn=turned(-float(np.degrees(turn))),
            )
    for side in ((0, -1), (1, 0), (-1, 0)) if clock else ():
        _dial(b, side, r, 0.86 * h)
    for y in (0.35, 0.62) if clock else (0.35, 0.62, 0.85):
        b.box((0.1, y * h, -0.96 * r), (0.26, 0.6, 0.14), "#221e1b", Skin.PLAIN)
    b.box((0, 1.1, -r), (0.6, 1.1, 0.14), "#3a2a1c", Skin.PLANKS)
    return b.parts


def _dial(b: Builder, side: tuple[int, int], r: float, y: float) -> None:
    """A clock's face on one side of a square tower, at ten past ten."""
    sx, sz = side
    thin = (0.05 if sx else 0.62 * r, 0.62 * r, 0.05 if sz else 0.62 * r)
    b.ball((sx * 1.02 * r, y, sz * 1.02 * r), thin, "#2b2520", Skin.PLAIN)
    face = tuple(v if v == 0.05 else 0.88 * v for v in thin)
    b.ball((sx * 1.04 * r, y, sz * 1.04 * r), (face[0], face[1], face[2]), "#f2ecdc", Skin.PLAIN)
    for along, up in ((-0.26, 0.2), (0.4, 0.26)):
        tip = (sx * 1.08 * r + abs(sz) * along * r, y + up * r, sz * 1.08 * r + abs(sx) * along * r)
        b.limb((sx * 1.08 * r, y, sz * 1.08 * r), tip, (0.05 * r, 0.03 * r), "#2b2520", Skin.PLAIN)


def lighthouse(*, h: float = 18.0, r: float = 2.8, wall: str = "#efe9dc", bands: str = "#b0362a") -> list[Part]:
    """A lighthouse in two colours, its lantern lit."""
    b = Builder(wall, Skin.PLASTER)
    rows = [(share, r * (1 - 0.42 * share)) for share in np.linspace(0, 1, 6)]
    for i, ((low, wide), (high, narrow)) in enumerate(pairwise(rows)):
        y, half = float(low + high) / 2 * 0.82 * h, float(high - low) / 2 * 0.82 * h
        b.cone((0, y, 0), (float(wide), half, float(narrow)), None if i % 2 else bands)
    top = 0.82 * h
    b.cone((0, top + 0.15, 0), (0.85 * r, 0.16, 0.85 * r), "#2b2b2e", Skin.PLAIN)
    for turn in np.linspace(0, 2 * np.pi, 13)[:-1]:
        x, z = 0.82 * r * float(np.cos(turn)), 0.82 * r * float(np.sin(turn))
        b.limb((x, top + 0.3, z), (x, top + 1.1, z), (0.04, 0.04), "#2b2b2e", Skin.PLAIN)
    b.ring((0, top + 1.1, 0), 0.82 * r, 0.05, "#2b2b2e")
    b.cone((0, top + 1.15, 0), (0.42 * r, 0.95, 0.42 * r), "#f2d98a", Skin.GLASS)
    b.cone((0, top + 2.5, 0), (0.6 * r, 0.5, 0.04), bands, Skin.PLAIN)
    b.limb((0, top + 2.9, 0), (0, top + 3.6, 0), (0.05, 0.03), "#2b2b2e", Skin.PLAIN)
    b.box((0, 1.15, -r), (0.55, 1.15, 0.2), "#3a2a1c", Skin.PLANKS)
    return b.parts


def windmill(
    *, h: float = 7.4, wall: str = "#b9664a", cap: str = "#3b4a58", sails: float = 22.0, made: str = "brick"
) -> list[Part]:
    """A tower mill with a gallery and four lattice sails, turned by `sails` degrees."""
    b = Builder(wall, _SKINS[made])
    k = h / 7.4
    b.cone((0, 3.6 * k, 0), (2.15 * k, 3.6 * k, 1.35 * k))
    b.cone((0, 2.45 * k, 0), (2.75 * k, 0.07 * k, 2.75 * k), "#7d6a50", Skin.PLANKS)
    b.ring((0, 3.2 * k, 0), 2.65 * k, 0.04 * k, "#e8dfca")
    for turn in np.linspace(0, 2 * np.pi, 15)[:-1]:
        x, z = 2.65 * k * float(np.cos(turn)), 2.65 * k * float(np.sin(turn))
        b.limb((x, 2.45 * k, z), (x, 3.2 * k, z), (0.04 * k, 0.04 * k), "#e8dfca", Skin.PLAIN)
    b.cone((0, 7.3 * k, 0), (1.5 * k, 0.16 * k, 1.5 * k), "#efe6d2", Skin.PLANKS)
    b.ball((0, 7.45 * k, 0), (1.42 * k, 1.15 * k, 1.5 * k), cap, Skin.ROOF)
    b.box((0, 1.0 * k, -2.05 * k), (0.45 * k, 0.9 * k, 0.15 * k), "#2f5a52", Skin.PLANKS)
    for x, y in ((0.1, 4.1), (-0.1, 5.7)):
        b.box((x * k, y * k, (-1.86 + 0.09 * (y - 4.1)) * k), (0.3 * k, 0.4 * k, 0.1 * k), "#2a3138", Skin.GLASS)
    hub = (0.0, 7.35 * k, -1.95 * k)
    b.limb((0, 7.4 * k, -1.0 * k), hub, (0.22 * k, 0.2 * k), "#54382a", Skin.PLAIN)
    for quarter in range(4):
        a = np.radians(sails + 90 * quarter)
        s, c = float(np.sin(a)), float(np.cos(a))
        b.limb(hub, (s * 5 * k, hub[1] + c * 5 * k, hub[2]), (0.1 * k, 0.06 * k), "#efe6d2", Skin.PLAIN)
        at = (s * 2.95 * k + c * 0.46 * k, hub[1] + c * 2.95 * k - s * 0.46 * k, hub[2] + 0.05 * k)
        b.box(at, (0.42 * k, 1.95 * k, 0.025 * k), "#e9dcc0", Skin.LATTICE, turned(roll=-float(np.degrees(a))))
    return b.parts
