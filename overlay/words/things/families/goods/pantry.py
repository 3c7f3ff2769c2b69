"""What is eaten: pancakes, pies, pizza, doughnuts, biscuits, ices, burgers, roasts."""

import numpy as np

from overlay.words.things.parts import Builder, Part, Skin, turned

_CRUST, _CREAM, _CHOCOLATE = "#c98f4a", "#f4ecd8", "#4a2c1c"


def pancakes(*, w: float = 0.2, n: int = 5, batter: str = "#c98a42", syrup: str = "#8a4a1a") -> list[Part]:
    """A stack of pancakes with syrup and a piece of butter."""
    b = Builder(batter, Skin.PLASTER)
    thick = 0.075 * w
    for k in range(n):
        at = (0.03 * w * float(np.cos(2.3 * k)), (k + 0.5) * 2 * thick, 0.03 * w * float(np.sin(2.3 * k)))
        b.ball(at, ((0.5 - 0.012 * k) * w, 1.15 * thick, (0.5 - 0.012 * k) * w), batter if k % 2 else "#d9a35a")
    top = 2 * n * thick
    b.ball((0, top, 0), (0.34 * w, 0.03 * w, 0.32 * w), syrup, Skin.GLASS)
    for a in (-1.2, -2.2, 0.4):
        x, z = 0.4 * w * float(np.cos(a)), 0.4 * w * float(np.sin(a))
        b.limb((0.8 * x, top, 0.8 * z), (1.16 * x, 0.45 * top, 1.16 * z), (0.05 * w, 0.035 * w), syrup, Skin.GLASS, 0.03 * w)
    b.box((0.02 * w, top + 0.06 * w, 0), (0.09 * w, 0.045 * w, 0.08 * w), "#f2d98a", Skin.PLAIN, turned(24), 0.01 * w)
    return b.parts


def noodles(*, w: float = 0.22, dough: str = "#e6c878", sauce: str = "#b03a24") -> list[Part]:
    """A nest of noodles with sauce and a leaf of basil."""
    b = Builder(dough, Skin.PLASTER)
    b.ball((0, 0.1 * w, 0), (0.4 * w, 0.1 * w, 0.4 * w))
    rng = np.random.default_rng(6)
    for _ in range(34):
        start, turn = float(rng.uniform(0, 2 * np.pi)), float(rng.uniform(0.5, 1.1))
        out, tilt = float(rng.uniform(0.12, 0.44)), float(rng.uniform(-0.03, 0.03))
        points = []
        for k in range(5):
            a, r = start + turn * k / 2, out * (1 + 0.12 * float(np.sin(2.1 * k)))
            high = 0.05 + 0.17 * max(1 - (r / 0.46) ** 2, 0.0) + tilt
            points.append((r * w * float(np.cos(a)), max(high, 0.03) * w, r * w * float(np.sin(a))))
        b.chain(points, [0.016 * w] * 5, "#d9b45f" if rng.random() < 0.4 else dough)
    b.ball((0, 0.2 * w, 0), (0.22 * w, 0.06 * w, 0.2 * w), sauce, Skin.FUR, 0.02 * w)
    for a in (0.3, 2.6):
        b.ball((0.06 * w * float(np.cos(a)), 0.265 * w, 0.06 * w * float(np.sin(a))), (0.07 * w, 0.012 * w, 0.04 * w), "#4a7a34", Skin.PLAIN, turn=turned(57 * a))
    return b.parts


def pizza(*, w: float = 0.3, sauce: str = "#b8402a", cheese: str = "#f0d9a0") -> list[Part]:
    """A round pizza: a raised crust, cheese, slices of sausage and leaves."""
    b = Builder(_CRUST, Skin.PLASTER)
    b.cone((0, 0.022 * w, 0), (0.49 * w, 0.022 * w, 0.49 * w))
    b.ring((0, 0.045 * w, 0), 0.46 * w, 0.035 * w)
    b.cone((0, 0.05 * w, 0), (0.44 * w, 0.006 * w, 0.44 * w), sauce, Skin.PLAIN)
    for k in range(15):
        a, out = 2.4 * k, 0.1 * (k + 0.6) ** 0.5 * w
        x, z = out * float(np.cos(a)), out * float(np.sin(a))
        b.ball((x, 0.055 * w, z), (0.1 * w, 0.014 * w, 0.09 * w), cheese, Skin.PLAIN)
        if k % 3 == 1:
            b.cone((x, 0.072 * w, z), (0.055 * w, 0.008 * w, 0.055 * w), "#a3362a", Skin.PLAIN)
        elif k % 3 == 2:
            b.ball((x, 0.074 * w, z), (0.05 * w, 0.008 * w, 0.025 * w), "#4f7a34", Skin.PLAIN, turn=turned(50 * k))
    return b.parts


def pie(*, w: float = 0.28, crust: str = _CRUST, dish: str = "#d9d0bf", filling: str = "#8a2f3a") -> list[Part]:
    """A pie in its dish, its lid a lattice."""
    b = Builder(crust, Skin.PLASTER)
    b.lathe([(0, 0.36 * w), (0.16 * w, 0.49 * w), (0.19 * w, 0.5 * w)], dish, Skin.PLAIN)
    b.ball((0, 0.18 * w, 0), (0.46 * w, 0.06 * w, 0.46 * w), filling, Skin.PLAIN)
    for k in range(-3, 4):
        reach = 0.46 * w * (1 - (0.26 * k) ** 2) ** 0.5
        at = 0.125 * k * w
        for a, e in (((-reach, at), (reach, at)), ((at, -reach), (at, reach))):
            middle = 0.235 * w - 0.1 * abs(at)
            b.chain([(a[0], 0.2 * w, a[1]), (0.5 * (a[0] + e[0]), middle, 0.5 * (a[1] + e[1])), (e[0], 0.2 * w, e[1])], [0.024 * w] * 3)
    b.ring((0, 0.205 * w, 0), 0.46 * w, 0.04 * w)
    return b.parts


def doughnut(*, w: float = 0.1, dough: str = "#c98a42", icing: str = "#d98aa8") -> list[Part]:
    """A ring of dough with icing and sprinkles."""
    b = Builder(dough, Skin.PLASTER)
    b.ring((0, 0.15 * w, 0), 0.34 * w, 0.16 * w)
    b.ring((0, 0.19 * w, 0), 0.34 * w, 0.145 * w, icing)
    for k in range(26):
        a = 2.4 * k
        out = (0.34 + 0.08 * float(np.sin(5.1 * k))) * w
        at = (out * float(np.cos(a)), 0.335 * w - 0.3 * abs(out - 0.34 * w), out * float(np.sin(a)))
        colour = ("#f2d24a", "#4a8ac9", "#f4ecd8", "#5aa05a")[k % 4]
        b.box(at, (0.03 * w, 0.009 * w, 0.009 * w), colour, Skin.PLAIN, turned(47 * k))
    return b.parts


def biscuits(*, w: float = 0.075, n: int = 5, dough: str = "#c9934f", chip: str = _CHOCOLATE) -> list[Part]:
    """A few round biscuits with drops of chocolate, piled loosely."""
    b = Builder(dough, Skin.PLASTER)
    for k in range(n):
        a = 2.1 * k
        out, y = (0.0, 0.3 * w) if k == n - 1 else (0.62 * w, 0.12 * w)
        x, z = out * float(np.cos(a)), out * float(np.sin(a))
        tilt = turned(30 * k, 0, 18 if k == n - 1 else 3)
        b.ball((x, y, z), (0.5 * w, 0.12 * w, 0.5 * w), turn=tilt)
        for j in range(6):
            drop = tilt @ np.array([0.3 * w * np.cos(1.05 * j + k), 0.1 * w, 0.3 * w * np.sin(1.05 * j + k)])
            b.ball((x + float(drop[0]), y + float(drop[1]), z + float(drop[2])), 0.055 * w, chip, Skin.PLAIN)
    return b.parts


def ice_cream(*, h: float = 0.22, scoop: str = "#f0dcb4", second: str = "#d98aa0", wafer: str = "#c9924a") -> list[Part]:
    """A cone of wafer with three scoops, upright in a low glass."""
    b = Builder(scoop, Skin.PLASTER)
    b.lathe([(0, 0.16 * h), (0.02 * h, 0.17 * h), (0.05 * h, 0.04 * h), (0.12 * h, 0.04 * h), (0.2 * h, 0.13 * h), (0.3 * h, 0.15 * h)], "#a9c4c9", Skin.GLASS)
    b.cone((0, 0.32 * h, 0), (0.02 * h, 0.24 * h, 0.17 * h), wafer, Skin.LATTICE)
    for x, y, z, c in ((-0.11, 0.62, 0.02, scoop), (0.12, 0.62, 0.0, second), (0.0, 0.82, -0.02, _CHOCOLATE)):
        b.ball((x * h, y * h, z * h), 0.165 * h, c, blend=0.02 * h)
    b.ball((0.0, 1.0 * h, -0.02 * h), 0.05 * h, "#b02a22", Skin.PLAIN)
    return b.parts


def layered(*, w: float = 0.13, kind: str = "burger", bread: str = "#c9843a") -> list[Part]:
    """A burger, or a sandwich cut across.

    Parameters
    ----------
    kind : burger or sandwich.
    """
    b = Builder(bread, Skin.PLASTER)
    if kind == "sandwich":
        for y, thick, c in ((0.06, 0.06, "#e6cf9c"), (0.15, 0.02, "#7a9a4a"), (0.19, 0.025, "#e0a89a"), (0.24, 0.02, "#f0cf6a"), (0.32, 0.06, "#e6cf9c")):
            for side in (1, -1):
                corners = [(0.04 * side * w, y * w, -0.5 * w), (0.04 * side * w, y * w, 0.5 * w), (0.9 * side * w, y * w, 0.1 * side * w)]
                b.sheet(corners, thick * w, c)
        return b.parts
    b.lathe([(0, 0.42 * w), (0.05 * w, 0.48 * w), (0.14 * w, 0.48 * w)])
    for k in range(12):
        a = 2 * np.pi * k / 12
        b.ball((0.45 * w * float(np.cos(a)), 0.17 * w + 0.015 * w * (-1) ** k, 0.45 * w * float(np.sin(a))), (0.12 * w, 0.03 * w, 0.12 * w), "#7aa04a", Skin.PLAIN)
    b.ball((0, 0.26 * w, 0), (0.5 * w, 0.09 * w, 0.5 * w), "#5f3a24", Skin.FUR)
    b.box((0, 0.345 * w, 0), (0.4 * w, 0.012 * w, 0.4 * w), "#f0b83a", Skin.PLAIN, turned(38))
    b.cone((0, 0.375 * w, 0), (0.46 * w, 0.02 * w, 0.46 * w), "#b8342a", Skin.PLAIN)
    b.ball((0, 0.42 * w, 0), (0.49 * w, 0.3 * w, 0.49 * w), blend=0.0)
    for k in range(14):
        a, out = 2.4 * k, 0.09 * (k + 0.4) ** 0.5 * w
        y = 0.42 * w + 0.3 * w * (1 - (out / (0.49 * w)) ** 2) ** 0.5
        b.ball((out * float(np.cos(a)), y, out * float(np.sin(a))), (0.02 * w, 0.012 * w, 0.014 * w), _CREAM, Skin.PLAIN)
    return b.parts


def roast(*, h: float = 0.14, kind: str = "ham", meat: str = "#a3583a") -> list[Part]:
    """A ham with its bone, or a roast bird with its legs."""
    b = Builder(meat, Skin.PLASTER, 0.12 * h)
    b.ball((0, 0.5 * h, 0), (0.85 * h, 0.5 * h, 0.6 * h))
    if kind == "ham":
        b.limb((0.3 * h, 0.5 * h, 0), (1.1 * h, 0.55 * h, 0), (0.45 * h, 0.2 * h))
        b.limb((1.1 * h, 0.55 * h, 0), (1.55 * h, 0.62 * h, 0), (0.09 * h, 0.08 * h), _CREAM, Skin.PLAIN, 0.0)
        b.ball((1.58 * h, 0.66 * h, 0.05 * h), 0.12 * h, _CREAM, Skin.PLAIN, 0.0)
        b.ball((-0.83 * h, 0.5 * h, 0), (0.06 * h, 0.4 * h, 0.46 * h), "#d98a7a", Skin.PLAIN, 0.0)
        return b.parts
    b.ball((-0.35 * h, 0.62 * h, 0), (0.5 * h, 0.42 * h, 0.5 * h))
    for side in (1, -1):
        b.chain([(0.35 * h, 0.5 * h, 0.45 * side * h), (0.85 * h, 0.72 * h, 0.5 * side * h), (1.15 * h, 0.5 * h, 0.35 * side * h)], [0.28 * h, 0.2 * h, 0.1 * h])
        b.limb((1.15 * h, 0.5 * h, 0.35 * side * h), (1.35 * h, 0.42 * h, 0.3 * side * h), (0.06 * h, 0.08 * h), _CREAM, Skin.PLAIN, 0.0)
        b.ball((-0.3 * h, 0.45 * h, 0.55 * side * h), (0.4 * h, 0.2 * h, 0.14 * h))
    return b.parts
