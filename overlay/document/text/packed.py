"""Points of strokes as text that stays small: whole steps of a grid, two bytes each, in base64.

A hand-drawn stroke has a hundred points; as JSON numbers they take four times the room.
"""

import base64
import binascii
from collections.abc import Iterable

import numpy as np

GRID = 50_000  # steps from 0 to 1: a tenth of a pixel at 5000 pixels, and 0.5 stays 0.5
_LITTLE_ENDIAN = "<u2"


def on_grid(values: Iterable[float]) -> list[float]:
    """Shares of 0..1 at the nearest steps of the grid; written and read again they stay."""
    steps = np.rint(np.fromiter(values, np.float64) * GRID)
    shares: list[float] = (steps / GRID).tolist()
    return shares


def pack_shares(values: Iterable[float]) -> str:
    """Shares of 0..1 as base64 (RFC 4648) of 16 bit little-endian steps of the grid."""
    steps = np.rint(np.fromiter(values, np.float64) * GRID).astype(_LITTLE_ENDIAN)
    return base64.b64encode(steps.tobytes()).decode("ascii")


def unpack_shares(text: str, each: int) -> list[float]:
    """The shares in a packed text.

    Parameters
    ----------
    each : how many belong together; their number must be a multiple of it.

    Raises
    ------
    ValueError
        If it is no such text, or a step lies beyond the grid.
    """
    try:
        data = base64.b64decode(text.encode("ascii"), validate=True)
    except (UnicodeEncodeError, binascii.Error) as error:
        raise ValueError(f"packed points must be base64, got {text[:20]!r}") from error
    if len(data) % (2 * each):
        raise ValueError(f"packed points must have {2 * each} bytes each, got {len(data)} bytes")
    steps = np.frombuffer(data, _LITTLE_ENDIAN)
    if len(steps) and steps.max() > GRID:
        raise ValueError(f"packed points must be at most {GRID}, got {steps.max()}")
    shares: list[float] = (steps / GRID).tolist()
    return shares
