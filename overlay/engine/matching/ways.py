"""How a page lies to its reference, and where a place of the reference is on it."""

from dataclasses import dataclass

import numpy as np
import numpy.typing as npt

from overlay.engine.matching.keys import PATCH


@dataclass(frozen=True)
class Way:
    """How a page was made: the style's place in the trace, quarter turns, mirrored."""

    cue: int
    turn: int
    mirrored: bool


def on_page(
    y: npt.NDArray[np.int32], x: npt.NDArray[np.int32], size: tuple[int, int], way: Way
) -> npt.NDArray[np.int32]:
    """Where places of a reference lie on a page of it turned counterclockwise, then mirrored.

    Parameters
    ----------
    y, x : (n,) int32, first pixels of patches on the reference. size : its (height, width).

    Returns
    -------
    (n, 2) int32, y and x on the page.
    """
    high, wide = size[0] - PATCH, size[1] - PATCH
    turned = [(y, x), (wide - x, y), (high - y, wide - x), (x, high - y)][way.turn]
    across = high if way.turn % 2 else wide
    return np.stack([turned[0], across - turned[1] if way.mirrored else turned[1]], axis=-1)
