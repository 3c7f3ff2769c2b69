"""Turned vessels with their handles and spouts."""

from collections.abc import Callable

from overlay.words.things.parts import Builder, Part, Skin, turned

# Height and radius in shares of the height, bottom to top.
_PROFILES: dict[str, tuple[tuple[float, float], ...]] = {
    "vase": ((0, 0.17), (0.05, 0.2), (0.35, 0.33), (0.6, 0.29), (0.82, 0.13), (0.94, 0.14), (1, 0.19)),
    "bottle": ((0, 0.12), (0.03, 0.135), (0.52, 0.135), (0.68, 0.1), (0.78, 0.045), (0.97, 0.045), (1, 0.055)),
    "cup": ((0, 0.32), (0.06, 0.4), (0.5, 0.5), (1, 0.55)),
    "jug": ((0, 0.22), (0.06, 0.28), (0.38, 0.36), (0.68, 0.22), (0.86, 0.19), (1, 0.26)),
    "teapot": ((0, 0.34), (0.06, 0.42), (0.4, 0.6), (0.7, 0.45), (0.84, 0.24), (0.88, 0.07), (1, 0.1)),
    "glass": ((0, 0.2), (0.02, 0.2), (0.05, 0.03), (0.5, 0.03), (0.6, 0.16), (0.8, 0.23), (1, 0.2)),
    "pot": ((0, 0.34), (0.06, 0.38), (0.8, 0.52), (0.82, 0.6), (1, 0.6)),
    "basket": ((0, 0.62), (0.06, 0.68), (0.5, 0.8), (0.86, 0.86), (0.88, 0.93), (1, 0.93)),
    "pan": ((0, 0.5), (0.04, 0.56), (0.9, 0.56), (0.92, 0.6), (1, 0.6)),
    "bowl": ((0, 0.45), (0.08, 0.42), (0.14, 0.55)),
    "plate": ((0, 2.2), (0.25, 2.5), (0.4, 3.0), (0.9, 4.4), (1, 4.4)),
    "barrel": ((0, 0.3), (0.25, 0.37), (0.5, 0.39), (0.75, 0.37), (1, 0.3)),
    "amphora": ((0, 0.05), (0.15, 0.14), (0.5, 0.26), (0.7, 0.2), (0.84, 0.08), (0.96, 0.08), (1, 0.13)),
}  # fmt: skip
# Height and radius of what fills a vessel to near its brim.
_BRIMS = {"bowl": (0.86, 1.22), "cup": (1.0, 0.49), "pot": (1.0, 0.54), "pan": (1.0, 0.54), "basket": (1.0, 0.86)}
_WINE = ((0.53, 0.08), (0.58, 0.155), (0.64, 0.195), (0.72, 0.23), (0.8, 0.245))
# Of a barrel: height and radius of its profile there.
_HOOPS = ((0.14, 0.347), (0.34, 0.3805), (0.66, 0.3805), (0.86, 0.347))


def vessel(*, kind: str = "jug", h: float = 0.29, glaze: str = "#2e6b7d", made: str = "plain", full: str = "") -> list[Part]:
    """A vessel of a profile, smooth between its rows, with what its kind has; `full` of a colour."""
    b = Builder(glaze, Skin.PLANKS if made == "planks" else Skin.PLAIN)
    b.lathe([(y * h, r * h) for y, r in _PROFILES[kind]])
    adds = _ADDS.get(kind)
    if adds:
        adds(b, h)
    if full and kind in _BRIMS:
        y, r = _BRIMS[kind]
        b.cone((0, y * h, 0), (0.98 * r * h, 0.03 * h, r * h), full, Skin.PLAIN, blend=0.0)
    elif full and kind == "glass":  # seen through its side
        b.lathe([(y * h, r * h) for y, r in _WINE], full, Skin.PLAIN)
    return b.parts


def _bowl(b: Builder, h: float) -> None:
    b.hull((0, h, 0), (1.4 * h, 0.92 * h, 1.4 * h))


def _cup(b: Builder, h: float) -> None:
    b.ring((0.55 * h, 0.52 * h, 0), 0.24 * h, 0.06 * h, turn=turned(pitch=90))
    b.cone((0, 0.95 * h, 0), (0.5 * h, 0.03 * h, 0.5 * h), "#4a2c1a", blend=0.0)


def _jug(b: Builder, h: float) -> None:
    b.ring((-0.3 * h, 0.6 * h, 0), 0.2 * h, 0.036 * h, turn=turned(pitch=90))
    b.limb((0.16 * h, 0.93 * h, 0), (0.32 * h, 1.0 * h, 0), (0.1 * h, 0.04 * h))


def _teapot(b: Builder, h: float) -> None:
    b.ring((-0.66 * h, 0.46 * h, 0), 0.25 * h, 0.05 * h, turn=turned(pitch=90))
    b.chain([(0.42 * h, 0.3 * h, 0), (0.8 * h, 0.52 * h, 0), (0.98 * h, 0.8 * h, 0)], [0.15 * h, 0.09 * h, 0.06 * h])


def _basket(b: Builder, h: float) -> None:
    b.cone((0, 0.99 * h, 0), (0.86 * h, 0.03 * h, 0.86 * h), "#4a3520", Skin.PLAIN, blend=0.0)
    for side in (1, -1):
        b.ring((side * 0.9 * h, 0.98 * h, 0), 0.26 * h, 0.05 * h, turn=turned(pitch=90))


def _pan(b: Builder, h: float) -> None:
    b.cone((0, 0.97 * h, 0), (0.53 * h, 0.035 * h, 0.53 * h), "#2b2420", blend=0.0)
    b.limb((0.55 * h, 0.84 * h, 0), (1.5 * h, 1.0 * h, 0), (0.045 * h, 0.07 * h), "#3a3a3c")


def _amphora(b: Builder, h: float) -> None:
    for side in (1, -1):
        b.ring((side * 0.15 * h, 0.76 * h, 0), 0.11 * h, 0.022 * h, turn=turned(pitch=90))


def _barrel(b: Builder, h: float) -> None:
    for y, r in _HOOPS:
        b.cone((0, y * h, 0), (1.02 * r * h, 0.02 * h, 1.02 * r * h), "#3a3a3c", Skin.PLAIN, blend=0.0)


_ADDS: dict[str, Callable[[Builder, float], None]] = {
    "bowl": _bowl, "cup": _cup, "jug": _jug, "teapot": _teapot, "basket": _basket, "pan": _pan,
    "amphora": _amphora, "barrel": _barrel,
}  # fmt: skip
