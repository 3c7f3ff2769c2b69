"""What the wind carries between the eye and things: leaves and petals."""

from dataclasses import dataclass

import numpy as np
import numpy.typing as npt

from overlay.imaging.colour import FloatImage
from overlay.words.composing.chance import stream

Picture = npt.NDArray[np.float64]
_SLOT = 15  # of chance
_COLOURS = {
    "flying leaves": ("#c9772a", "#b8502a", "#d9a83a", "#a8682e"),
    "flying petals": ("#f2c6d4", "#f7e3ea", "#e79ab4"),
}
# How many, half their length in shares of the height, and metres within which nothing hides them.
_LAYERS = ((46, 0.007, 12.0), (26, 0.012, 5.0), (10, 0.021, 1.5))


@dataclass(frozen=True)
class Leaf:
    """A leaf: its middle and half its length in pixels, its turn in radians, its colour in 0..1."""

    at: tuple[float, float]
    half: float
    turn: float
    slim: float
    rgb: Picture


def blown(v: Picture, depth: FloatImage, what: str, seed: int, emphasis: float) -> Picture:
    """A picture (h, w, 3) in 0..1 with what flies in the wind, in three distances; a new array.

    Parameters
    ----------
    depth : (h, w) in metres. what : a word of `_COLOURS`.
    """
    out, (height, width) = v.copy(), depth.shape
    chance = stream(seed, _SLOT)
    light = min(1.0, 0.35 + float(np.quantile(v, 0.8)))
    for many, half, away in _LAYERS:
        for _ in range(round(many * min(emphasis, 2.0))):
            x, lift = chance.random(2)
            y = 0.4 + 0.18 * np.sin(5.0 * x + 1.0) + 0.75 * (lift - 0.5)
            colour = str(chance.choice(_COLOURS[what]))
            rgb = light * np.array([int(colour[i : i + 2], 16) / 255 for i in (1, 3, 5)])
            turn, slim, size = chance.uniform((0, 0.25, 0.7), (np.pi, 0.75, 1.2))
            leaf = Leaf((x * width, y * height), half * height * size, turn, slim, rgb)
            _lay(out, leaf, depth > away)
    return out


def _lay(out: Picture, leaf: Leaf, before: npt.NDArray[np.bool_]) -> None:
    """One leaf laid on the picture, where nothing stands before it; changes `out`."""
    (x, y), half, reach = leaf.at, leaf.half, leaf.half + 2
    top, bottom = max(int(y - reach), 0), min(int(y + reach) + 1, len(out))
    left, right = max(int(x - reach), 0), min(int(x + reach) + 1, out.shape[1])
    if top >= bottom or left >= right:
        return
    down, across = np.mgrid[top:bottom, left:right].astype(float)
    down, across = down + 0.5 - y, across + 0.5 - x
    along = across * np.cos(leaf.turn) + down * np.sin(leaf.turn)
    aside = down * np.cos(leaf.turn) - across * np.sin(leaf.turn)
    wide = np.maximum(leaf.slim * half * (1 - (along / half) ** 2), 0)  # pointed at both ends
    inside = (wide + 0.5 - np.abs(aside)).clip(0, 1) * (np.abs(along) < half)
    inside *= before[top:bottom, left:right]
    shade = 1.0 + 0.18 * np.sign(aside)  # its two halves, folded along the middle
    part = out[top:bottom, left:right]
    part += inside[..., None] * (shade[..., None] * leaf.rgb - part)
