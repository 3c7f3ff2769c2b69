"""Birds: perched and wading ones, swimmers, owls, and those on the wing."""

import numpy as np

from overlay.words.things.parts import Builder, Part, Point, Skin, turned

_EYE = "#120f0e"


def bird(
    *,
    h: float = 0.3,
    fat: float = 0.26,
    up: float = 38,
    legs: float = 0.24,
    neck: float = 0.1,
    slim: float = 0.5,
    bend: float = 0.0,
    head: float = 0.19,
    bill: float = 0.13,
    tail: float = 0.42,
    lift: float = 0.0,
    crest: float = 0.0,
    fan: bool = False,
    body: str = "#6a5a48",
    belly: str = "",
    cap: str = "",
    wing: str = "",
    beak: str = "#3a332b",
    leg: str = "#7a5a2f",
    comb: str = "",
) -> list[Part]:
    """A bird that faces +x.

    Parameters
    ----------
    h : about its height, metres; all other lengths are shares of it.
    fat : radius of the body. up : how upright it holds it, degrees. legs : their length, 0 swims.
    neck, slim, bend : length of the neck, its thickness to the head's, how much of an S it makes.
    lift : how far the tail stands up, degrees. fan : whether it is spread.
    """  # fmt: skip
    b = Builder(body, Skin.FEATHERS, 0.09 * h)
    belly, cap, wing = belly or body, cap or body, wing or body
    a, r, lh = np.radians(up), fat * h, legs * h
    ca, sa = float(np.cos(a)), float(np.sin(a))
    span = 0.42 * h
    middle: Point = (0.0, lh + (0.92 + 0.3 * sa) * r, 0.0)
    rear = (middle[0] - ca * span * 0.55, middle[1] - sa * span * 0.55, 0.0)
    front = (middle[0] + ca * span * 0.42, middle[1] + sa * span * 0.42, 0.0)
    b.limb(rear, front, (0.6 * r, 0.98 * r))
    b.limb(
        (rear[0] + 0.25 * r, rear[1] - 0.22 * r, 0), (front[0] + 0.2 * r, front[1] - 0.2 * r, 0), (0.5 * r, 0.82 * r), belly
    )
    top = _neck(b, front, h, r, neck, slim, bend, head, cap)
    _head(b, top, h, head, bill, crest, cap, beak, comb)
    _tail(b, rear, h, r, tail, np.radians(up - lift), wing, fan=fan)
    for side in (1, -1):
        at = (middle[0] - ca * span * 0.12, middle[1] - sa * span * 0.1 + 0.1 * r, side * 0.72 * r)
        b.ball(at, (0.62 * span, 0.62 * r, 0.32 * r), wing, blend=0.03 * h, turn=turned(roll=up - 8))
        b.limb(
            at, (rear[0] - ca * 0.3 * h, rear[1] - sa * 0.3 * h, side * 0.2 * r), (0.4 * r, 0.06 * r), wing, blend=0.05 * h
        )
        if lh > 0:
            _leg(b, middle, h, r, lh, side, leg)
    return b.parts


def penguin(*, h: float = 0.8, coat: str = "#1c2026", front: str = "#f4f1e8", patch: str = "#e8a93a") -> list[Part]:
    """A penguin that faces +x, its wings a little spread."""
    b = Builder(coat, Skin.PLAIN, 0.03 * h)
    b.ball((0, 0.42 * h, 0), (0.19 * h, 0.36 * h, 0.2 * h))
    b.limb((0, 0.62 * h, 0), (0.03 * h, 0.86 * h, 0), (0.14 * h, 0.105 * h))
    b.ball((0.075 * h, 0.41 * h, 0), (0.155 * h, 0.33 * h, 0.185 * h), front, blend=0.0)
    b.ball((0.075 * h, 0.74 * h, 0), (0.075 * h, 0.07 * h, 0.1 * h), front, blend=0.0)
    b.limb((-0.12 * h, 0.14 * h, 0), (-0.26 * h, 0.03 * h, 0), (0.07 * h, 0.025 * h))
    b.limb((0.1 * h, 0.88 * h, 0), (0.24 * h, 0.86 * h, 0), (0.035 * h, 0.012 * h), "#d8862e", blend=0.0)
    for side in (1, -1):
        b.ball((0.055 * h, 0.83 * h, 0.082 * side * h), (0.05 * h, 0.06 * h, 0.035 * h), patch, blend=0.0)
        b.ball((0.095 * h, 0.905 * h, 0.07 * side * h), 0.018 * h, "#e8e4da", blend=0.0)
        b.chain([(0.0, 0.66 * h, 0.17 * side * h), (-0.03 * h, 0.48 * h, 0.25 * side * h), (-0.07 * h, 0.3 * h, 0.3 * side * h)], [0.055 * h, 0.05 * h, 0.02 * h])
        b.limb((0.03 * h, 0.03 * h, 0.09 * side * h), (0.2 * h, 0.02 * h, 0.12 * side * h), (0.04 * h, 0.04 * h), "#d8862e", blend=0.0)
    return b.parts


def _neck(
    b: Builder, front: Point, h: float, r: float, neck: float, slim: float, bend: float, head: float, cap: str
) -> Point:
    thin = slim * head * h
    low = (front[0] + 0.3 * r, front[1] + 0.45 * r, 0.0)
    if neck <= 0.2:
        top = (low[0] + 0.12 * r, low[1] + neck * h, 0.0)
        b.limb(low, top, (0.72 * r, 0.9 * head * h), cap)
        return top
    top = (low[0] + (0.12 - 0.1 * bend) * h, low[1] + neck * h, 0.0)
    points = [
        low, (low[0] + (0.08 + 0.16 * bend) * h, low[1] + 0.3 * neck * h, 0.0),
        (low[0] + (0.05 - 0.06 * bend) * h, low[1] + 0.68 * neck * h, 0.0), top,
    ]  # fmt: skip
    b.chain(points, [0.6 * r, 1.35 * thin, thin, thin], cap, blend=0.06 * h)
    return top


def _head(b: Builder, top: Point, h: float, head: float, bill: float, crest: float, cap: str, beak: str, comb: str) -> None:
    r = head * h
    at = (top[0] + 0.2 * r, top[1] + 0.1 * r, 0.0)
    b.ball(at, (1.05 * r, 0.92 * r, 0.85 * r), cap, blend=0.5 * r)
    b.limb(
        (at[0] + 0.75 * r, at[1] - 0.05 * r, 0),
        (at[0] + 0.9 * r + bill * h, at[1] - 0.18 * r, 0),
        (0.3 * r, 0.06 * r),
        beak,
        Skin.PLAIN,
        0.02 * h,
    )
    for side in (1, -1):
        b.ball((at[0] + 0.5 * r, at[1] + 0.25 * r, side * 0.68 * r), 0.16 * r, _EYE, Skin.PLAIN, 0.0)
    if crest:
        b.limb(
            (at[0] - 0.2 * r, at[1] + 0.6 * r, 0),
            (at[0] - 1.1 * r, at[1] + 0.5 * r + crest * h, 0),
            (0.28 * r, 0.05 * r),
            cap,
            blend=0.02 * h,
        )
    if comb:
        for share in (0.5, 0.1, -0.3):
            b.limb(
                (at[0] + share * r, at[1] + 0.75 * r, 0),
                (at[0] + (share - 0.1) * r, at[1] + 1.35 * r, 0),
                (0.22 * r, 0.12 * r),
                comb,
                Skin.PLAIN,
                0.02 * h,
            )
        b.limb(
            (at[0] + 0.7 * r, at[1] - 0.5 * r, 0),
            (at[0] + 0.7 * r, at[1] - 1.0 * r, 0),
            (0.18 * r, 0.2 * r),
            comb,
            Skin.PLAIN,
            0.02 * h,
        )


def _tail(b: Builder, rear: Point, h: float, r: float, tail: float, angle: float, wing: str, *, fan: bool) -> None:
    back, down = float(np.cos(angle)), float(np.sin(angle))
    if fan:
        for spread in np.linspace(-1.15, 1.15, 11):
            end = (rear[0] - 0.12 * h, rear[1] + float(np.cos(spread)) * tail * h, float(np.sin(spread)) * tail * h)
            b.limb(rear, end, (0.05 * h, 0.075 * h), wing, Skin.SPOTS, 0.03 * h)
        return
    for spread in (-0.55, 0.0, 0.55):
        end = (rear[0] - back * tail * h, rear[1] - down * tail * h * 0.8, spread * 0.5 * r)
        b.limb((rear[0], rear[1], spread * 0.3 * r), end, (0.34 * r, 0.16 * r), wing, blend=0.05 * h)


def _leg(b: Builder, middle: Point, h: float, r: float, lh: float, side: int, leg: str) -> None:
    z, x = side * 0.42 * r, middle[0] + 0.02 * h
    knee, foot = (x - 0.03 * h, 0.52 * lh, z), (x + 0.01 * h, 0.012 * h, z)
    b.limb((x, middle[1] - 0.55 * r, z), knee, (0.045 * h, 0.02 * h), None, None, 0.03 * h)
    b.limb(knee, foot, (0.016 * h, 0.013 * h), leg, Skin.PLAIN, 0.0)
    for toe in (-0.5, 0.0, 0.5):
        b.limb(foot, (foot[0] + 0.09 * h, 0.01 * h, z + toe * 0.07 * h), (0.014 * h, 0.009 * h), leg, Skin.PLAIN, 0.0)


def owl(*, h: float = 0.45, body: str = "#7a5c3c", face: str = "#dcc9a4", wing: str = "#5e4630") -> list[Part]:
    """An owl that sits and looks towards +x."""
    b = Builder(body, Skin.FEATHERS, 0.08 * h)
    b.limb((0, 0.26 * h, 0), (0.01 * h, 0.52 * h, 0), (0.22 * h, 0.25 * h))
    b.limb((0.08 * h, 0.24 * h, 0), (0.09 * h, 0.5 * h, 0), (0.17 * h, 0.19 * h), face, Skin.SPOTS)
    b.ball((0.03 * h, 0.79 * h, 0), (0.22 * h, 0.19 * h, 0.25 * h))
    for side in (1, -1):
        b.ball((0.17 * h, 0.8 * h, side * 0.095 * h), (0.06 * h, 0.1 * h, 0.1 * h), face, Skin.FUR, 0.02 * h)
        b.ball((0.222 * h, 0.81 * h, side * 0.09 * h), (0.02 * h, 0.052 * h, 0.052 * h), "#e3a81f", Skin.PLAIN, 0.0)
        b.ball((0.238 * h, 0.81 * h, side * 0.09 * h), (0.01 * h, 0.03 * h, 0.03 * h), _EYE, Skin.PLAIN, 0.0)
        b.sheet(
            [(0.12 * h, 0.92 * h, side * 0.1 * h), (0.0, 0.93 * h, side * 0.2 * h), (0.04 * h, 1.06 * h, side * 0.19 * h)],
            0.014 * h,
            blend=0.03 * h,
        )
        b.ball(
            (-0.03 * h, 0.4 * h, side * 0.21 * h), (0.17 * h, 0.3 * h, 0.08 * h), wing, blend=0.03 * h, turn=turned(roll=12)
        )
        b.limb(
            (0.08 * h, 0.06 * h, side * 0.08 * h),
            (0.17 * h, 0.025 * h, side * 0.08 * h),
            (0.045 * h, 0.025 * h),
            "#b08a4a",
            Skin.PLAIN,
            0.02 * h,
        )
    b.limb((0.22 * h, 0.78 * h, 0), (0.255 * h, 0.71 * h, 0), (0.03 * h, 0.008 * h), "#3a332b", Skin.PLAIN, 0.0)
    b.sheet(
        [
            (-0.1 * h, 0.24 * h, -0.1 * h),
            (-0.1 * h, 0.24 * h, 0.1 * h),
            (-0.2 * h, 0.02 * h, 0.08 * h),
            (-0.2 * h, 0.02 * h, -0.08 * h),
        ],
        0.03 * h,
        wing,
        blend=0.05 * h,
    )
    return b.parts


def flying_bird(
    *,
    h: float = 0.45,
    span: float = 2.6,
    broad: float = 0.5,
    raised: float = 28,
    fat: float = 0.2,
    head: float = 0.14,
    bill: float = 0.13,
    tail: float = 0.42,
    body: str = "#e4e6e8",
    wing: str = "#aab2b9",
    tip: str = "#2b2d30",
    beak: str = "#e0a82e",
) -> list[Part]:
    """A bird on the wing, seen a little from below when it is set high.

    Parameters
    ----------
    span, broad : of both wings, and their depth, in shares of `h`. raised : of the wings, degrees.
    """  # fmt: skip
    b = Builder(body, Skin.FEATHERS, 0.08 * h)
    y, r = 0.5 * h, fat * h
    b.limb((-0.34 * h, y + 0.02 * h, 0), (0.22 * h, y, 0), (0.5 * r, r))
    b.limb((0.22 * h, y, 0), (0.42 * h, y + 0.06 * h, 0), (0.85 * r, 0.9 * head * h))
    b.ball((0.46 * h, y + 0.07 * h, 0), head * h)
    b.limb(
        (0.56 * h, y + 0.06 * h, 0),
        (0.58 * h + bill * h, y + 0.02 * h, 0),
        (0.045 * h, 0.012 * h),
        beak,
        Skin.PLAIN,
        0.01 * h,
    )
    lift = float(np.sin(np.radians(raised)))
    for side in (1, -1):
        b.ball((0.53 * h, y + 0.1 * h, side * 0.7 * head * h), 0.02 * h, _EYE, Skin.PLAIN, 0.0)
        inner = side * 0.2 * span * h
        outer = side * 0.5 * span * h
        wrist_y, tip_y = y + abs(inner) * lift * 1.5, y + abs(inner) * lift * 1.5 + 0.04 * h
        root = [(0.2 * h, y + 0.08 * h, side * 0.5 * r), (-0.26 * h, y + 0.08 * h, side * 0.5 * r)]
        wrist = [(0.28 * h, wrist_y, inner), (0.28 * h - broad * h, wrist_y, inner * 1.05)]
        b.sheet([root[0], wrist[0], wrist[1], root[1]], 0.022 * h, wing, blend=0.06 * h)
        b.sheet([wrist[0], (-0.12 * h, tip_y, outer), wrist[1]], 0.018 * h, wing, blend=0.03 * h)
        b.sheet(
            [(0.02 * h, tip_y, outer * 0.86), (-0.14 * h, tip_y, outer), (-0.2 * h, tip_y, outer * 0.84)],
            0.02 * h,
            tip,
            blend=0.01 * h,
        )
    b.sheet([(-0.3 * h, y + 0.02 * h, 0.05 * h), (-0.3 * h, y + 0.02 * h, -0.05 * h), (-0.3 * h - tail * h * 0.7, y, -0.16 * h),
             (-0.3 * h - tail * h * 0.7, y, 0.16 * h)], 0.02 * h, wing, blend=0.05 * h)  # fmt: skip
    return b.parts
