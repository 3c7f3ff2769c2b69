"""Four-legged animals: a spine of two barrels, legs with knees and hocks, neck, head, tail."""

from collections.abc import Sequence
from dataclasses import replace

import numpy as np

from overlay.words.things.parts import Builder, Part, Point, Skin, between

_SKINS = {"fur": Skin.FUR, "spots": Skin.SPOTS, "stripes": Skin.STRIPES, "plain": Skin.PLAIN,
          "scales": Skin.SCALES}  # fmt: skip


def quadruped(
    *,
    h: float = 1.0,
    long: float = 1.05,
    chest: float = 0.25,
    waist: float = 0.18,
    rump: float = 0.2,
    back: float = 0.0,
    leg: float = 0.045,
    thigh: float = 0.095,
    neck: float = 0.35,
    up: float = 48,
    throat: float = 0.62,
    head: float = 0.13,
    muzzle: float = 0.17,
    snout: float = 0.55,
    nod: float = 25,
    ear: str = "point",
    ears: float = 0.11,
    tail: float = 0.5,
    brush: float = 0.03,
    drop: float = 55,
    coat: str = "#8a6a48",
    belly: str = "",
    dark: str = "",
    second: str = "",
    skin: str = "fur",
    mane: str = "",
    full: bool = False,
    horn: str = "",
    horns: float = 0.25,
    hump: float = 0.0,
    trunk: bool = False,
    hoof: str = "#2b241f",
    blaze: str = "",
    legs: str = "",
    pack: str = "",
    walk: float = 0.12,
    pose: str = "",
    sleeps: bool = False,
) -> list[Part]:
    """An animal that faces +x.

    Parameters
    ----------
    h : height of the withers, metres; all other lengths are shares of it.
    long : from breast to rump. chest, waist, rump : radii of the trunk. back : how much it arches.
    up, nod, drop : angles of neck, head and tail, degrees. blaze : colour of a head with two dark
    stripes along it. legs : their colour, up to the trunk. pack : whether sacks hang at its sides.
    walk : how far the feet are apart, 0 stands still. pose : lie, sit, graze (the
    head low) or howl; what has hooves, a hump or
    a trunk lies where others sit. sleeps : whether the head of one that lies is on the ground.
    """  # fmt: skip
    b = Builder(coat, _SKINS[skin], 0.11 * h, second or dark or coat)
    belly, dark = belly or coat, dark or coat
    lies = pose == "sit" and any((hump, trunk, horn, neck > 0.42))
    pose = "lie" if lies else pose
    up, nod, drop = _held(pose, up, nod, drop, sleeps=sleeps)
    withers, loin, hips = _spine(pose, h, long, chest, waist, rump, back)
    b.limb(hips, loin, (rump * h, waist * h))
    b.limb(loin, withers, (waist * h, chest * h))
    b.limb(
        (loin[0], loin[1] - 0.25 * waist * h, 0), (withers[0], withers[1] - 0.22 * chest * h, 0),
        (0.8 * waist * h, 0.86 * chest * h), belly,
    )  # fmt: skip
    if hump:
        sunk = _spine("", h, long, chest, waist, rump, back)[1][1] - loin[1]  # of one that lies
        top = h - sunk + 0.3 * hump * h
        b.ball((loin[0] + 0.05 * h, top, 0), (0.2 * h, hump * h, 0.13 * h))
    trunk_ends = len(b.parts)
    for side in (1, -1):
        if pose == "lie":
            root = (withers[0] + 0.05 * h, 0.5 * chest * h, side * 0.6 * chest * h)
            _folded(b, root, h, leg, hoof)
        else:
            _fore_leg(b, withers, h, chest, leg, side, walk * side, dark, hoof)
        if pose in {"lie", "sit"}:
            _haunch(b, hips, h, rump, leg, thigh, side, hoof)
        else:
            _hind_leg(b, hips, h, rump, leg, thigh, side, -walk * side, dark, hoof)
    if legs:
        b.parts[trunk_ends:] = [replace(part, colour=legs) for part in b.parts[trunk_ends:]]
    nape = _neck(b, withers, h, chest, neck, up, throat, head)
    tip = _head(b, nape, h, head, muzzle, snout, nod, blaze or dark, trunk=trunk)
    _marked(b, nape, tip, head * h, snout, blaze, dark)
    for side in (1, -1):
        _ear(b, nape, h, head, ear, ears, side, dark)
        _horn(b, nape, tip, h, head, horn, horns, side)
    if mane:
        _mane(b, withers, nape, h, chest, head, mane, full=full)
    if tail:
        _tail(b, hips, h, rump, tail, brush, drop, mane if mane and not full else "")
    return [*b.parts, *(_pack(hips, withers, max(chest, rump) * h) if pack else [])]


def _held(pose: str, up: float, nod: float, drop: float, *, sleeps: bool) -> Point:
    """Angles of neck, head and tail in a pose."""
    if pose == "lie":
        return (-14.0, 6.0, 35.0) if sleeps else (min(up, 30.0), max(nod, 38.0), 35.0)
    if pose == "howl":
        return max(up, 62.0), -48.0, drop
    if pose == "graze":
        return -46.0, max(nod, 62.0), drop
    # A tail that is carried high rises from the ground too.
    return (max(up, 55.0), nod, 20.0 if drop > -60 else drop) if pose == "sit" else (up, nod, drop)


def _spine(
    pose: str, h: float, long: float, chest: float, waist: float, rump: float, back: float
) -> tuple[Point, Point, Point]:
    """Withers, loin and hips: level, on the ground, or rising from the hips."""
    withers: Point = (0.5 * long * h - chest * h * 0.75, h - chest * h, 0)
    hips: Point = (-0.5 * long * h + rump * h * 0.8, h - rump * h - 0.01 * h, 0)
    if pose == "sit":
        withers, hips = (0.16 * long * h, 0.98 * h - chest * h, 0), (-0.26 * long * h, rump * h, 0)
        x, y, _ = between(hips, withers, 0.45)
        return withers, (x - 0.05 * h, y + back * h, 0), hips
    high = h
    if pose == "lie":
        withers, hips = (withers[0], 0.98 * chest * h, 0), (hips[0], 0.98 * rump * h, 0)
        high = 1.98 * max(chest, rump) * h
    return withers, (between(hips, withers, 0.45)[0], high - waist * h + back * h, 0), hips


def _fore_leg(
    b: Builder, withers: Point, h: float, chest: float, leg: float, side: int, step: float,
    dark: str, hoof: str,
) -> None:  # fmt: skip
    z = side * chest * h * 0.52
    x = withers[0] + 0.02 * h
    elbow = (x - 0.05 * h, 0.52 * h, z * 1.05)
    knee = (x + (0.03 + 0.55 * step) * h, 0.28 * h, z)
    foot = (x + step * h, 1.1 * leg * h, z)
    b.limb((x, withers[1] + 0.1 * chest * h, z * 0.9), elbow, (2.1 * leg * h, 1.5 * leg * h))
    b.limb(elbow, knee, (1.45 * leg * h, 0.95 * leg * h), blend=0.05 * h)
    b.limb(knee, foot, (0.95 * leg * h, 0.72 * leg * h), dark, blend=0.03 * h)
    _foot(b, foot, h, leg, hoof)


def _hind_leg(
    b: Builder, hips: Point, h: float, rump: float, leg: float, thigh: float, side: int, step: float,
    dark: str, hoof: str,
) -> None:  # fmt: skip
    z = side * rump * h * 0.58
    x = hips[0]
    stifle = (x + 0.1 * h, 0.52 * h, z * 1.05)
    hock = (x + (-0.1 + 0.5 * step) * h, 0.27 * h, z)
    foot = (x + (-0.04 + step) * h, 1.1 * leg * h, z)
    b.limb((x, hips[1] + 0.1 * h, z * 0.8), stifle, (1.35 * thigh * h, thigh * h))
    b.limb(stifle, hock, (0.9 * thigh * h, 1.0 * leg * h), blend=0.06 * h)
    b.limb(hock, foot, (1.0 * leg * h, 0.75 * leg * h), dark, blend=0.03 * h)
    _foot(b, foot, h, leg, hoof)


def _haunch(
    b: Builder, hips: Point, h: float, rump: float, leg: float, thigh: float, side: int, hoof: str
) -> None:
    """A hind leg folded under the hips."""
    z = side * rump * h * 0.85
    b.ball((hips[0] + 0.08 * h, 1.5 * thigh * h, z), (1.9 * thigh * h, 1.5 * thigh * h, thigh * h))
    _folded(b, (hips[0] + 0.05 * h, thigh * h, 1.1 * z), h, leg, hoof)


def _folded(b: Builder, root: Point, h: float, leg: float, hoof: str) -> None:
    """A leg laid forward along the ground."""
    foot = (root[0] + 0.24 * h, 1.1 * leg * h, root[2])
    b.limb(root, foot, (1.6 * leg * h, 0.9 * leg * h), blend=0.05 * h)
    _foot(b, foot, h, leg, hoof)


def _foot(b: Builder, foot: Point, h: float, leg: float, hoof: str) -> None:
    toe = (foot[0] + 1.3 * leg * h, 0.75 * leg * h, foot[2])
    b.limb((foot[0], 0.85 * leg * h, foot[2]), toe, (0.95 * leg * h, 0.75 * leg * h), hoof,
           Skin.PLAIN, 0.02 * h)  # fmt: skip


def _neck(b: Builder, withers: Point, h: float, chest: float, neck: float, up: float, throat: float, head: float) -> Point:
    angle = np.radians(up)
    low = (withers[0] + 0.35 * chest * h, withers[1] + 0.25 * chest * h, 0.0)
    nape = (
        low[0] + float(np.cos(angle)) * neck * h, low[1] + float(np.sin(angle)) * neck * h, 0.0
    )  # fmt: skip
    b.limb(low, nape, (throat * chest * h * 1.35, head * h * 0.82))
    # The breast, and the crest from withers to nape.
    b.limb((withers[0] + 0.45 * chest * h, withers[1] - 0.3 * chest * h, 0), between(low, nape, 0.6),
           (0.62 * chest * h, 0.7 * head * h))  # fmt: skip
    b.limb((withers[0] - 0.2 * chest * h, withers[1] + 0.45 * chest * h, 0), nape,
           (0.5 * chest * h, 0.6 * head * h))  # fmt: skip
    return nape


def _head(
    b: Builder, nape: Point, h: float, head: float, muzzle: float, snout: float, nod: float, dark: str,
    *, trunk: bool,
) -> Point:  # fmt: skip
    r, angle = head * h, np.radians(nod)
    skull = (nape[0] + 0.35 * r, nape[1] + 0.18 * r, 0.0)
    b.ball(skull, (1.08 * r, 0.92 * r, 0.82 * r), blend=0.5 * r)
    brow = (skull[0] + 0.45 * r, skull[1] - 0.12 * r, 0.0)
    tip = (
        brow[0] + float(np.cos(angle)) * muzzle * h, brow[1] - float(np.sin(angle)) * muzzle * h, 0.0
    )  # fmt: skip
    b.limb(brow, tip, (0.7 * r, snout * r), dark if dark != b.colour else None, blend=0.35 * r)
    b.limb((skull[0] + 0.1 * r, skull[1] - 0.45 * r, 0), (tip[0] - 0.1 * r, tip[1] - 0.25 * snout * r, 0),
           (0.55 * r, 0.62 * snout * r), dark if dark != b.colour else None, blend=0.3 * r)  # fmt: skip
    if trunk:
        bend = [tip, (tip[0] + 0.2 * r, tip[1] - 1.3 * r, 0.0), (tip[0] + 0.1 * r, tip[1] - 2.6 * r, 0.0),
                (tip[0] + 0.8 * r, tip[1] - 3.2 * r, 0.0)]  # fmt: skip
        b.chain(bend, [0.5 * r, 0.38 * r, 0.28 * r, 0.2 * r], blend=0.3 * r)
    else:
        b.ball((tip[0] + 0.86 * snout * r, tip[1] + 0.18 * r, 0), (0.2 * r, 0.18 * r, 0.26 * r),
               "#1d1917", Skin.PLAIN, 0.0)  # fmt: skip
    for side in (1, -1):
        b.ball((skull[0] + 0.62 * r, skull[1] + 0.24 * r, side * 0.6 * r), 0.14 * r, "#141110", Skin.PLAIN, 0.0)
    return tip


def _marked(b: Builder, nape: Point, tip: Point, r: float, snout: float, pale: str, dark: str) -> None:
    """A pale head with a dark stripe over each eye, if it has one."""
    if not pale:
        return
    skull = (nape[0] + 0.35 * r, nape[1] + 0.18 * r, 0.0)
    b.ball(skull, (1.12 * r, 0.95 * r, 0.85 * r), pale, Skin.FUR, 0.1 * r)
    for side in (1, -1):
        back = (skull[0] - 0.7 * r, skull[1] + 0.35 * r, side * 0.62 * r)
        brow = (skull[0] + 0.45 * r, skull[1] + 0.3 * r, side * 0.62 * r)
        end = (tip[0] - 0.3 * r, tip[1] + 0.25 * snout * r, side * 0.62 * snout * r)
        b.chain([back, brow, end], [0.26 * r, 0.27 * r, 0.16 * r], dark, Skin.FUR, 0.0)


def _pack(hips: Point, withers: Point, r: float) -> list[Part]:
    """Sacks across the back, tied with rope."""
    x, y, _ = between(hips, withers, 0.5)
    cloth = "#b39b6e"
    b = Builder(cloth, Skin.PLASTER)
    for side in (1, -1):
        for along in (-0.55, 0.6):
            b.ball((x + along * r, y + 0.1 * r, side * 1.05 * r), (0.62 * r, 0.85 * r, 0.45 * r), cloth, Skin.PLASTER, 0.05 * r)
            b.ball((x + along * r, y + 0.95 * r, side * 0.95 * r), (0.16 * r, 0.16 * r, 0.14 * r), cloth, Skin.PLASTER, 0.05 * r)
    b.ball((x, y + 1.25 * r, 0), (0.95 * r, 0.5 * r, 0.55 * r), "#9a8258", Skin.PLASTER, 0.05 * r)
    for along in (-0.55, 0.6):
        b.chain([(x + along * r, y + 0.1 * r, 1.45 * r), (x + along * r, y + 1.6 * r, 0), (x + along * r, y + 0.1 * r, -1.5 * r)], [0.06 * r] * 3, "#4a3a26", Skin.PLAIN, 0.0)  # fmt: skip
    return b.parts


def _ear(b: Builder, nape: Point, h: float, head: float, kind: str, ears: float, side: int, dark: str) -> None:
    r = head * h
    root = (nape[0] + 0.15 * r, nape[1] + 0.85 * r, side * 0.5 * r)
    if kind == "point":
        b.sheet([(root[0] + 0.28 * r, root[1] - 0.1 * r, root[2] * 1.2), (root[0] - 0.35 * r, root[1] - 0.15 * r, root[2] * 1.3),
                 (root[0] - 0.12 * r, root[1] + ears * h, root[2] * 1.5)], 0.09 * r, blend=0.12 * r)  # fmt: skip
    elif kind == "long":
        b.limb(root, (root[0] - 0.45 * r, root[1] + 2 * ears * h, root[2] * 1.5), (0.24 * r, 0.17 * r), blend=0.1 * r)
    elif kind == "round":
        b.ball(
            (root[0] - 0.05 * r, root[1] + 0.08 * r, root[2] * 1.45), (0.14 * r, 0.34 * r, 0.32 * r), dark, blend=0.08 * r
        )
    elif kind == "flop":
        b.limb(root, (root[0] - 0.2 * r, root[1] - ears * h, root[2] * 1.95), (0.2 * r, 0.3 * r), dark, blend=0.08 * r)
    elif kind == "fan":
        b.ball((root[0] - 0.5 * r, root[1] - 0.9 * r, side * 1.1 * r), (0.95 * r, 1.2 * r, 0.14 * r), blend=0.2 * r)


def _horn(b: Builder, nape: Point, tip: Point, h: float, head: float, kind: str, horns: float, side: int) -> None:
    r, n, bone = head * h, horns * h, "#d9ceb6"
    root = (nape[0] + 0.3 * r, nape[1] + 0.95 * r, side * 0.42 * r)
    if kind == "curve":
        b.chain([root, (root[0], root[1] + 0.35 * n, root[2] + side * 0.5 * n), (root[0] + 0.3 * n, root[1] + n, root[2] + side * 0.5 * n)],
                [0.22 * r, 0.17 * r, 0.05 * r], bone, Skin.PLAIN, 0.02 * h)  # fmt: skip
    elif kind == "back":
        b.chain([root, (root[0] - 0.35 * n, root[1] + 0.7 * n, root[2] * 1.4), (root[0] - 1.0 * n, root[1] + 0.75 * n, root[2] * 1.8)],
                [0.24 * r, 0.18 * r, 0.05 * r], bone, Skin.PLAIN, 0.02 * h)  # fmt: skip
    elif kind == "antler":
        middle = (root[0] - 0.28 * n, root[1] + 0.55 * n, root[2] + side * 0.4 * n)
        end = (middle[0] + 0.15 * n, middle[1] + 0.6 * n, middle[2] + side * 0.08 * n)
        b.chain([root, middle, end], [0.15 * r, 0.12 * r, 0.04 * r], bone, Skin.PLAIN, 0.01 * h)
        for share in (0.25, 0.65, 1.0):
            q = between(root, middle, share)
            b.limb(q, (q[0] + 0.32 * n, q[1] + 0.28 * n, q[2]), (0.1 * r, 0.035 * r), bone, Skin.PLAIN, 0.01 * h)
    elif kind == "brow" and side > 0:
        b.limb((nape[0] + 0.5 * r, nape[1] + 0.8 * r, 0), (nape[0] + 0.5 * r + 0.7 * n, nape[1] + 0.8 * r + n, 0), (0.16 * r, 0.02 * r), bone, Skin.PLAIN, 0.01 * h)
    elif kind == "nose" and side > 0:
        b.limb(
            (tip[0], tip[1] + 0.4 * r, 0),
            (tip[0] + 0.35 * n, tip[1] + 0.4 * r + n, 0),
            (0.33 * r, 0.04 * r),
            bone,
            Skin.PLAIN,
            0.04 * h,
        )


def _mane(b: Builder, withers: Point, nape: Point, h: float, chest: float, head: float, colour: str, *, full: bool) -> None:
    r = head * h
    if full:
        for angle in np.linspace(0, 2 * np.pi, 11)[:-1]:
            end = (nape[0] - 0.35 * r, nape[1] + float(np.sin(angle)) * 1.75 * r - 0.2 * r, float(np.cos(angle)) * 1.5 * r)
            b.limb((nape[0] - 0.15 * r, nape[1], 0), end, (0.8 * r, 0.46 * r), colour, Skin.FUR, 0.5 * r)
        b.limb((nape[0] - 0.4 * r, nape[1] - 0.6 * r, 0), (withers[0] + 0.4 * chest * h, withers[1] - 0.6 * chest * h, 0),
               (1.15 * r, 0.55 * chest * h), colour, Skin.FUR, 0.5 * r)  # fmt: skip
        return
    top = (withers[0] - 0.1 * chest * h, withers[1] + 0.85 * chest * h, 0.0)
    crest = (nape[0] - 0.15 * r, nape[1] + 0.85 * r, 0.0)
    for share in np.linspace(0.05, 1, 9):
        q = between(top, crest, float(share))
        b.limb(q, (q[0] - 0.06 * h, q[1] - 0.09 * h, 0.05 * h), (0.028 * h, 0.014 * h), colour, Skin.FUR, 0.03 * h)
    b.limb(crest, (crest[0] + 0.75 * r, crest[1] - 0.2 * r, 0), (0.26 * r, 0.1 * r), colour, Skin.FUR, 0.03 * h)


def _tail(b: Builder, hips: Point, h: float, rump: float, tail: float, brush: float, drop: float, hair: str) -> None:
    angles: Sequence[float] = (drop * 0.35, drop * 0.85, drop * 1.1)
    at = (hips[0] - 0.88 * rump * h, hips[1] + 0.5 * rump * h, 0.0)
    points, z = [at], 0.0
    for angle in angles:
        a = np.radians(angle)
        z += 0.02 * h
        at = (at[0] - float(np.cos(a)) * tail * h / 3, max(at[1] - float(np.sin(a)) * tail * h / 3, brush * h), z)
        points.append(at)
    radii = [0.8 * brush * h, 1.0 * brush * h, 1.15 * brush * h, 0.45 * brush * h]
    b.chain(points, radii, hair or None, blend=0.4 * brush * h)
