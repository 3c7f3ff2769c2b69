"""People: plain figures with posture and clothes, as in a woodcut, without faces."""

import numpy as np

from overlay.words.things.parts import Builder, Part, Point, Skin, between, moved

_SKIN = "#c99a78"
# Where the hands are that hold something, the raised one first: shares of a standing figure's height.
HAND, LOW_HAND = (0.17, 0.65, 0.135), (0.03, 0.45, -0.135)
SEATED_HAND = (0.21, 0.56, 0.165)  # likewise, of who sits, of whose height less is left
_HATS = {"tall", "crown", "helmet", "globe", "hood", "chef", "straw"}


def figure(
    *,
    h: float = 1.75,
    coat: str = "#3a4f6b",
    trousers: str = "#3b3530",
    hair: str = "#3a2619",
    skirt: bool = False,
    long: bool = False,
    hat: str = "",
    cloak: str = "",
    wings: str = "",
    staff: str = "",
    pose: str = "stand",
    broad: float = 1.0,
    shoes: str = "#231d19",
    holds: bool = False,
) -> list[Part]:
    """A person who faces +x; seven and a half heads tall, six when small.

    Parameters
    ----------
    pose : stand, walk, sit (on something of 0.27 h), rest (on the ground, knees drawn up), ride (astride of that), cycle (bent to a bar, feet below it), hold (a hand before it), fight (that, and a stride) or dance (arms raised, on one leg). skirt : in place of trousers. long : of hair.
    hat : brim, point, cap, tall, crown, helmet, globe, hood, chef or straw. staff, cloak, wings : their colours. holds : one hand before it, however it sits.
    """  # fmt: skip
    b = Builder(coat, Skin.PLAIN, 0.05 * h)
    head = h / (15.0 if h > 1.5 else 12.4)  # half of its height
    hip = {"sit": 0.29, "ride": 0.29, "cycle": 0.29, "rest": 0.08}.get(pose, 0.49) * h
    lean = {"walk": 0.03, "sit": -0.01, "cycle": 0.15, "rest": -0.05}.get(pose, 0.0) * h
    chest: Point = (lean, hip + (0.21 if pose == "cycle" else 0.25) * h, 0)
    waist: Point = ((0.35 if pose == "cycle" else 0.2) * lean, hip + 0.09 * h, 0)
    for side in (1, -1):  # the trunk is broader than deep
        z = side * 0.042 * h * broad
        b.limb((0, hip, z * 0.9), (waist[0], waist[1], z * 0.7), (0.062 * h * broad, 0.056 * h * broad))
        b.limb((waist[0], waist[1], z * 0.7), (chest[0], chest[1], z * 1.35), (0.056 * h * broad, 0.066 * h * broad))
    _legs(b, hip, h, pose, trousers if not skirt else coat, shoes)
    if skirt:
        top, hem = (waist[0], waist[1] - 0.02 * h), (0.02 * h if pose != "walk" else 0.0, 0.06 * h)
        if pose == "rest":
            b.limb((0, hip, 0), (0.19 * h, 0.2 * h, 0), (0.1 * h, 0.085 * h))
            b.limb((0.19 * h, 0.2 * h, 0), (0.3 * h, 0.08 * h, 0), (0.085 * h, 0.09 * h))
        elif pose in {"sit", "ride", "cycle"}:
            b.limb((0, hip, 0), (0.24 * h, hip - 0.01 * h, 0), (0.1 * h, 0.09 * h))
            b.limb((0.24 * h, hip - 0.01 * h, 0), (0.27 * h, 0.1 * h, 0), (0.09 * h, 0.1 * h))
        else:
            b.lathe([(hem[1], 0.15 * h), (0.3 * h, 0.105 * h), (top[1], 0.062 * h)], at=(hem[0], 0, 0))
    _arms(b, chest, h, "hold" if holds else pose, coat, staff, broad)
    _head(b, chest, h, head, hair, hat, lean, long=long)
    for side in (1, -1) if wings else ():
        root = (chest[0] - 0.06 * h, chest[1] + 0.03 * h, side * 0.03 * h)
        tips = [(-0.2 * h, chest[1] + 0.34 * h, side * 0.22 * h), (-0.3 * h, chest[1] + 0.12 * h, side * 0.34 * h), (-0.26 * h, chest[1] - 0.2 * h, side * 0.22 * h)]  # fmt: skip
        b.sheet([root, *tips, (root[0], root[1] - 0.14 * h, root[2])], 0.012 * h, wings, Skin.FEATHERS, 0.0)
    if cloak:
        for z in np.linspace(-1, 1, 5):
            b.limb((chest[0] - 0.06 * h, chest[1] + 0.04 * h, float(z) * 0.08 * h),
                   (-0.16 * h - 0.02 * h * abs(float(z)), 0.1 * h, float(z) * 0.17 * h), (0.035 * h, 0.045 * h), cloak, blend=0.07 * h)  # fmt: skip
    return b.parts


def mermaid(*, h: float = 1.7, scales: str = "#3f8a78", hair: str = "#8a4a22") -> list[Part]:
    """A mermaid who sits upright on her tail."""
    upper = [p for p in figure(h=h, coat=_SKIN, hair=hair, long=True, pose="sit") if p.colour not in {"#3b3530", "#231d19"}]
    b = Builder(scales, Skin.SCALES, 0.06 * h)
    b.chain([(-0.01 * h, 0.3 * h, 0), (0.2 * h, 0.2 * h, 0), (0.42 * h, 0.1 * h, 0.02 * h), (0.6 * h, 0.16 * h, 0.04 * h)], [0.12 * h, 0.1 * h, 0.06 * h, 0.03 * h])
    for side in (1, -1):
        b.sheet([(0.58 * h, 0.16 * h, 0.04 * h), (0.74 * h, 0.36 * h, 0.04 * h + side * 0.14 * h), (0.68 * h, 0.2 * h, 0.04 * h)], 0.012 * h)
    return moved([*upper, *b.parts], np.eye(3), (0.0, -0.05 * h, 0.0))


def ghost(*, h: float = 1.8, veil: str = "#e6ebee") -> list[Part]:
    """A ghost: a veil that hangs in folds over nobody."""
    b = Builder(veil, Skin.PLAIN, 0.08 * h)
    b.ball((0, 0.84 * h, 0), (0.13 * h, 0.15 * h, 0.13 * h))
    b.limb((0, 0.76 * h, 0), (-0.02 * h, 0.35 * h, 0), (0.12 * h, 0.16 * h))
    for k in range(9):
        a = 2 * np.pi * k / 9
        b.limb((0.08 * h * np.cos(a), 0.5 * h, 0.08 * h * np.sin(a)), (0.2 * h * np.cos(a) - 0.06 * h, 0.06 * h + 0.03 * h * (k % 3), 0.2 * h * np.sin(a)), (0.08 * h, 0.05 * h))  # fmt: skip
    for side in (1, -1):
        b.chain([(0, 0.68 * h, side * 0.1 * h), (0.12 * h, 0.6 * h, side * 0.24 * h), (0.26 * h, 0.64 * h, side * 0.26 * h)], [0.06 * h, 0.045 * h, 0.03 * h])
        b.ball((0.115 * h, 0.86 * h, side * 0.05 * h), (0.02 * h, 0.035 * h, 0.025 * h), "#23282c", blend=0.0)
    return b.parts


def scarecrow(*, h: float = 1.9, coat: str = "#6b5a3f", straw: str = "#d9b860") -> list[Part]:
    """A scarecrow on its pole, arms spread across the picture."""
    b = Builder(coat, Skin.PLAIN, 0.04 * h)
    b.limb((0, 0, 0), (0, 0.8 * h, 0), (0.025 * h, 0.022 * h), "#6b4c2e", Skin.BARK, 0.0)
    b.limb((-0.36 * h, 0.72 * h, 0), (0.36 * h, 0.72 * h, 0), (0.045 * h, 0.045 * h))
    b.limb((0, 0.74 * h, 0), (0, 0.42 * h, 0), (0.1 * h, 0.13 * h))
    for side in (1, -1):
        b.limb((side * 0.05 * h, 0.42 * h, 0), (side * 0.08 * h, 0.2 * h, 0), (0.06 * h, 0.07 * h), "#4a4a5a")
        for k in range(4):
            b.limb((side * 0.36 * h, 0.72 * h, 0), (side * 0.46 * h, (0.66 + 0.035 * k) * h, (0.02 * k - 0.03) * h), (0.015 * h, 0.006 * h), straw, Skin.FUR, 0.0)
            b.limb((side * 0.08 * h, 0.2 * h, 0), (side * (0.05 + 0.03 * k) * h, 0.12 * h, 0), (0.018 * h, 0.006 * h), straw, Skin.FUR, 0.0)
    b.ball((0, 0.88 * h, 0), (0.09 * h, 0.1 * h, 0.09 * h), "#d9c292", Skin.PLAIN, 0.0)
    b.cone((0, 0.95 * h, 0), (0.18 * h, 0.012 * h, 0.17 * h), "#8a7040", blend=0.0)
    b.cone((0, 1.01 * h, 0), (0.095 * h, 0.06 * h, 0.06 * h), "#8a7040", blend=0.0)
    return b.parts


def _legs(b: Builder, hip: float, h: float, pose: str, colour: str, shoes: str) -> None:
    for side in (1, -1):
        z = side * 0.05 * h
        if pose == "sit":
            knee, ankle = (0.25 * h, hip + 0.01 * h, z * 1.1), (0.26 * h, 0.045 * h, z * 1.1)
        elif pose == "ride":
            knee, ankle = (0.15 * h, hip - 0.08 * h, z * 3.6), (0.1 * h, hip - 0.28 * h, z * 3.6)
        elif pose == "rest":
            knee, ankle = (0.19 * h, (0.24 if side > 0 else 0.2) * h, z), (0.33 * h, 0.045 * h, z)
        elif pose == "cycle":  # one pedal is down, the other up
            down = side > 0
            knee = ((0.13 if down else 0.23) * h, hip - (0.2 if down else 0.04) * h, z)
            ankle = ((0.08 if down else 0.1) * h, hip - (0.42 if down else 0.25) * h, z)
        elif pose == "dance" and side < 0:
            knee, ankle = (0.13 * h, 0.35 * h, z * 1.3), (-0.02 * h, 0.2 * h, z * 1.3)
        else:
            step = {"walk": 0.15, "fight": 0.13}.get(pose, 0.02) * h * side
            knee = (0.55 * step + 0.02 * h, 0.27 * h, z)
            ankle = (step - (0.03 * h if side < 0 and pose == "walk" else 0), 0.045 * h, z)
        b.limb((0, hip, z), knee, (0.068 * h, 0.047 * h), colour)
        b.limb(knee, ankle, (0.046 * h, 0.03 * h), colour, blend=0.02 * h)
        sole = ankle[1] - 0.025 * h if pose == "cycle" else 0.02 * h
        toe = (ankle[0] + 0.085 * h, sole - 0.002 * h, z)
        b.limb((ankle[0] - 0.01 * h, sole + 0.002 * h, z), toe, (0.026 * h, 0.02 * h), shoes, blend=0.012 * h)


def _arms(b: Builder, chest: Point, h: float, pose: str, coat: str, staff: str, broad: float) -> None:
    for side in (1, -1):
        z = side * 0.108 * h * broad
        shoulder = (chest[0], chest[1] + 0.035 * h, z)
        raised = side > 0 and (bool(staff) or pose in {"hold", "fight"})
        elbow, hand = _arm_at(chest, h, z, side, "hold" if raised else pose)
        if staff and raised:
            low, high = (hand[0] + 0.02 * h, 0, hand[2]), (hand[0] - 0.01 * h, chest[1] + 0.28 * h, hand[2])
            b.limb(low, high, (0.011 * h, 0.012 * h), staff, Skin.BARK, 0.0)
        b.limb(shoulder, elbow, (0.043 * h, 0.034 * h), coat, blend=0.045 * h)
        b.limb(elbow, hand, (0.033 * h, 0.023 * h), coat, blend=0.02 * h)
        b.ball((hand[0] + 0.01 * h, hand[1] - 0.012 * h, hand[2]), (0.024 * h, 0.03 * h, 0.018 * h), _SKIN, blend=0.012 * h)


def _arm_at(chest: Point, h: float, z: float, side: int, pose: str) -> tuple[Point, Point]:
    """Elbow and hand of an arm."""
    if pose == "hold":
        return (
            (chest[0] + 0.04 * h, chest[1] - 0.13 * h, z * 1.3),
            (chest[0] + HAND[0] * h, chest[1] - 0.09 * h, z * 1.25),
        )
    if pose == "cycle":
        return (
            (chest[0] + 0.07 * h, chest[1] - 0.1 * h, z * 1.2),
            (chest[0] + 0.2 * h, chest[1] - 0.16 * h, z * 1.1),
        )
    if pose in {"sit", "ride", "rest"}:
        return (
            (chest[0] + 0.02 * h, chest[1] - 0.15 * h, z * 1.15),
            (chest[0] + 0.17 * h, chest[1] - 0.2 * h, z * 0.8),
        )
    if pose == "dance":
        return (
            (chest[0] + 0.02 * h, chest[1] + 0.12 * h, z * 2.1),
            (chest[0] + 0.05 * h * side, chest[1] + 0.28 * h, z * 1.7),
        )
    swing = (-0.12 if pose == "walk" else 0.0) * h * side
    return (
        (chest[0] - 0.02 * h + 0.4 * swing, chest[1] - 0.14 * h, z * 1.25),
        (chest[0] + 0.03 * h + swing, chest[1] - 0.29 * h, z * 1.25),
    )


def _head(b: Builder, chest: Point, h: float, r: float, hair: str, hat: str, lean: float, *, long: bool) -> None:
    neck = (chest[0] + 0.1 * lean, chest[1] + 0.06 * h, 0.0)
    at = (neck[0] + 0.014 * h, neck[1] + 0.055 * h + 0.75 * r, 0.0)
    b.limb(neck, between(neck, at, 0.6), (0.036 * h, 0.034 * h), _SKIN, blend=0.03 * h)
    b.ball(at, (0.84 * r, r, 0.76 * r), _SKIN, blend=0.01 * h)
    b.ball((at[0] - 0.2 * r, at[1] + 0.2 * r, 0), (0.86 * r, 0.92 * r, 0.84 * r), hair, Skin.FUR, 0.008 * h)
    b.limb(
        (at[0] + 0.7 * r, at[1] - 0.02 * r, 0),
        (at[0] + 0.9 * r, at[1] - 0.25 * r, 0),
        (0.1 * r, 0.14 * r),
        _SKIN,
        blend=0.01 * h,
    )
    if long:
        b.limb(
            (at[0] - 0.5 * r, at[1], 0), (at[0] - 0.8 * r, at[1] - 2.1 * r, 0), (0.7 * r, 0.5 * r), hair, Skin.FUR, 0.03 * h
        )
    if hat in _HATS:
        _special_hat(b, at, r, hat)
    elif hat == "brim":
        b.cone((at[0], at[1] + 0.62 * r, 0), (1.85 * r, 0.09 * r, 1.75 * r), "#4a3624", blend=0.0)
        b.cone((at[0], at[1] + 1.1 * r, 0), (0.95 * r, 0.5 * r, 0.8 * r), "#4a3624", blend=0.1 * r)
    elif hat == "point":
        b.cone((at[0], at[1] + 0.62 * r, 0), (1.9 * r, 0.08 * r, 1.8 * r), "#2e3f6b", blend=0.0)
        b.cone((at[0] - 0.1 * r, at[1] + 2.0 * r, 0), (1.0 * r, 1.4 * r, 0.05 * r), "#2e3f6b", blend=0.1 * r)
    elif hat == "cap":
        b.ball((at[0] - 0.05 * r, at[1] + 0.5 * r, 0), (0.95 * r, 0.6 * r, 0.9 * r), "#4b4f57", blend=0.05 * r)
        b.limb(
            (at[0] + 0.6 * r, at[1] + 0.42 * r, 0),
            (at[0] + 1.25 * r, at[1] + 0.32 * r, 0),
            (0.3 * r, 0.2 * r),
            "#4b4f57",
            blend=0.1 * r,
        )


def _special_hat(b: Builder, at: Point, r: float, hat: str) -> None:
    """Hats of a trade or a rank."""
    x, y, _ = at
    if hat == "tall":
        b.cone((x, y + 0.68 * r, 0), (1.45 * r, 0.07 * r, 1.4 * r), "#232326", blend=0.0)
        b.cone((x, y + 1.45 * r, 0), (0.86 * r, 0.8 * r, 0.94 * r), "#232326", blend=0.0)
    elif hat == "crown":
        b.cone((x, y + 0.82 * r, 0), (0.84 * r, 0.2 * r, 0.92 * r), "#d9b24a", blend=0.0)
        for k in range(7):
            a = 2 * np.pi * k / 7
            b.limb((x + 0.84 * r * np.cos(a), y + 0.95 * r, 0.84 * r * np.sin(a)), (x + 0.96 * r * np.cos(a), y + 1.4 * r, 0.96 * r * np.sin(a)), (0.14 * r, 0.06 * r), "#d9b24a", blend=0.0)  # fmt: skip
    elif hat == "helmet":
        b.ball((x, y + 0.12 * r, 0), (1.05 * r, 1.12 * r, 1.0 * r), "#8b939a", blend=0.0)
        b.box((x + 0.72 * r, y + 0.05 * r, 0), (0.36 * r, 0.09 * r, 0.7 * r), "#1f2226", blend=0.0)
    elif hat == "globe":
        b.ball((x, y + 0.05 * r, 0), 1.5 * r, "#e9e7e0", blend=0.0)
        b.ball((x + 0.5 * r, y + 0.05 * r, 0), (1.08 * r, 1.05 * r, 1.15 * r), "#2b3a4a", Skin.GLASS, 0.0)
    elif hat == "hood":
        b.ball((x - 0.25 * r, y + 0.1 * r, 0), (1.05 * r, 1.2 * r, 1.05 * r), "#3a2f2a", blend=0.02 * r)
        b.limb((x - 0.4 * r, y - 0.4 * r, 0), (x - 0.3 * r, y - 1.3 * r, 0), (0.95 * r, 1.3 * r), "#3a2f2a", blend=0.3 * r)
    elif hat == "chef":
        b.cone((x, y + 0.95 * r, 0), (0.85 * r, 0.4 * r, 0.85 * r), "#f4f1ea", blend=0.0)
        b.ball((x, y + 1.55 * r, 0), (1.15 * r, 0.5 * r, 1.15 * r), "#f4f1ea", blend=0.2 * r)
    else:  # a wide cone of straw
        b.cone((x, y + 0.85 * r, 0), (2.0 * r, 0.45 * r, 0.05 * r), "#c9a862", blend=0.0)
