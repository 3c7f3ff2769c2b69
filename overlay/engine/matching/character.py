"""Marks by what they are like: blurred, busy, flat, lined, fine, coarse, upright, running across.

Each is a trait of a reference's patch: its rank among all patches of all references, so that there
is always something to choose. What is unwanted is charged for it, what is wanted for its lack.
"""

from collections.abc import Callable

import numpy as np
import scipy

from overlay.engine.library import Library
from overlay.engine.matching.field import Grid
from overlay.engine.request import MarksWish
from overlay.imaging.colour import FloatImage

_PRICE = 0.8  # in contrasts of unrelated patches, from the least of a trait to the most
_AROUND = 4.0  # pixels over which a trait is looked at
_RANKED = 20_000  # pixels of each reference that ranks are found from


class Character:
    """What is wished for of marks, against the references of a request.

    Adds to the library's traits; `price` says what they cost.
    """

    def __init__(self, wishes: tuple[MarksWish, ...], library: Library | None) -> None:
        self._wishes = [w for w in wishes if w.amount != 0] if library is not None else []
        self._unit = 0.0
        if library is None or not self._wishes:
            return
        maps = [_ranked(library.pictures, wish) for wish in self._wishes]
        parts = zip(*maps, strict=True)
        library.add_traits([np.stack(part, axis=-1) for part in parts])
        self._unit = _PRICE * library.contrast()

    def price(self, grid: Grid) -> FloatImage:
        """What each trait costs every patch of the canvas: (rows, columns, wishes) float32."""
        amounts = np.array([abs(w.amount) for w in self._wishes], np.float32)
        out = np.empty((grid.rows, grid.columns, len(self._wishes)), np.float32)
        out[:] = self._unit * amounts
        return out


def _ranked(pictures: list[FloatImage], wish: MarksWish) -> list[FloatImage]:
    """How far each pixel of the references is from what is wished for, 0..1."""
    measure = CHARACTERS[wish.trait]
    found = [measure(np.ascontiguousarray(p[..., 0], np.float64)) for p in pictures]
    sample = np.sort(np.concatenate([f.ravel()[:: max(f.size // _RANKED, 1)] for f in found]))
    ranks = [np.searchsorted(sample, f) / len(sample) for f in found]
    return [np.asarray(r if wish.amount < 0 else 1 - r, np.float32) for r in ranks]


def _mean(values: np.ndarray) -> np.ndarray:
    return np.asarray(scipy.ndimage.gaussian_filter(values, _AROUND, mode="nearest"))


def _fine(light: np.ndarray) -> np.ndarray:
    return _mean((light - scipy.ndimage.gaussian_filter(light, 1.2, mode="nearest")) ** 2)


def _spread(light: np.ndarray) -> np.ndarray:
    return _mean((light - _mean(light)) ** 2)


def _slope(light: np.ndarray, axis: int) -> np.ndarray:
    return _mean(scipy.ndimage.gaussian_filter(light, 1.0, [1 - axis, axis]) ** 2)


def _fineness(light: np.ndarray) -> np.ndarray:
    """Share of what varies that is fine."""
    return np.asarray(_fine(light) / (_spread(light) + 1e-5))


def _lines(light: np.ndarray) -> np.ndarray:
    """How much is thinner and darker than what lies around it."""
    return _mean(np.maximum(scipy.ndimage.gaussian_filter(light, 3.0, mode="nearest") - light, 0.0))


def _upright(light: np.ndarray) -> np.ndarray:
    across, up = _slope(light, 1), _slope(light, 0)
    return np.asarray(across / (across + up + 1e-5))


CHARACTERS: dict[str, Callable[[np.ndarray], np.ndarray]] = {
    "blurred": lambda light: -_fine(light),
    "busy": lambda light: _slope(light, 0) + _slope(light, 1),
    "flat": lambda light: -_spread(light),
    "lines": _lines,
    "fine": _fineness,
    "coarse": lambda light: -_fineness(light),
    "upright": _upright,
    "across": lambda light: -_upright(light),
}
