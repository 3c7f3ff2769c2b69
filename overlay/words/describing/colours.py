"""Colours by plain names: a colour word, pale, light, dark, deep, dusty or vivid."""

from functools import cache

import numpy as np
import numpy.typing as npt

from overlay.imaging.colour import srgb_to_work
from overlay.words.describing.views import Lab, View
from overlay.words.language.entries import known_words

_NAMES = (
    "black", "white", "grey", "red", "crimson", "maroon", "pink", "orange", "yellow", "ochre",
    "green", "olive", "sage", "mint", "teal", "turquoise", "blue", "navy", "azure", "indigo",
    "violet", "purple", "lilac", "brown", "beige", "cream", "tan", "russet", "coral", "terracotta",
)  # fmt: skip
# What a word does to a colour: its lightness by so much, its strength by a factor.
_KINDS = {
    "": (0.0, 1.0), "pale": (0.16, 0.55), "light": (0.1, 0.85), "dark": (-0.13, 0.85),
    "deep": (-0.1, 1.15), "dusty": (0.0, 0.5), "vivid": (0.02, 1.35),
}  # fmt: skip
_PLAIN_FIRST = 0.006  # how much nearer a name with a word before it must be
_COLOURS, _ROUNDS, _LEAST = 6, 20, 0.03
_MUTED, _SATURATED = 0.04, 0.1  # of chroma, on average


@cache
def _table() -> tuple[list[str], npt.NDArray[np.float64], npt.NDArray[np.float64]]:
    """Names, their colours in OKLab, and what they cost."""
    names, colours, costs = [], [], []
    for name in _NAMES:
        value = next((e.value for e in known_words()[name] if e.kind == "colour"), "")
        if not value:
            continue
        rgb = np.array([[[int(value[i : i + 2], 16) for i in (1, 3, 5)]]], np.uint8)
        light, a, b = srgb_to_work(rgb)[0, 0] * [1, 0.5, 0.5] + [0.5, 0, 0]
        for word, (lift, strength) in _KINDS.items():
            grey = name in {"black", "white", "grey"}
            if (grey and word not in {"", "pale", "dark"}) or (grey and word and name != "grey"):
                continue
            names.append(f"{word} {name}".strip())
            colours.append((min(max(light + lift, 0.05), 0.99), a * strength, b * strength))
            costs.append(_PLAIN_FIRST if word else 0.0)
    return names, np.array(colours), np.array(costs)


def colour_name(lab: npt.ArrayLike) -> str:
    """The name nearest to a colour in OKLab, lightness 0..1."""
    names, colours, costs = _table()
    gaps = np.linalg.norm((colours - np.asarray(lab)) * [1, 2, 2], axis=1) + costs
    return names[int(np.argmin(gaps))]


def palette_of(view: View) -> list[str]:
    """Up to five colours, the most frequent first, and whether they are muted or saturated."""
    points = view.lab.reshape(-1, 3)
    middles, shares = _clusters(points)
    found: list[str] = []
    for k in np.argsort(-shares):
        name = colour_name(middles[k])
        if shares[k] >= _LEAST and name not in found:
            found.append(name)
    chroma = float(np.hypot(points[:, 1], points[:, 2]).mean())
    strength = ["muted"] if chroma < _MUTED else ["saturated"] if chroma > _SATURATED else []
    return found[:5] + strength


def _clusters(points: Lab) -> tuple[Lab, npt.NDArray[np.float64]]:
    """Main colours with their shares (k-means, begun at colours far apart)."""
    scaled = points[:: max(1, len(points) // 6000)] * [1, 2, 2]
    middles = [scaled[np.argmin(((scaled - scaled.mean(0)) ** 2).sum(1))]]
    for _ in range(_COLOURS - 1):
        gaps = np.min([((scaled - m) ** 2).sum(1) for m in middles], axis=0)
        middles.append(scaled[int(np.argmax(gaps))])
    means = np.array(middles)
    for _ in range(_ROUNDS):
        nearest = np.argmin(((scaled[:, None] - means[None]) ** 2).sum(2), axis=1)
        means = np.array([_mean(scaled[nearest == k], m) for k, m in enumerate(means)])
    return means / [1, 2, 2], np.bincount(nearest, minlength=len(means)) / len(scaled)


def _mean(points: Lab, before: Lab) -> Lab:
    """The mean of a cluster's points; where it was, of one that has none."""
    return np.asarray(points.mean(0) if len(points) else before)
