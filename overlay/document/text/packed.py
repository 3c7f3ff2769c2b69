"""Points and colours as text that stays small: two bytes a point's number, one a colour's.

A hand-drawn stroke has a hundred points; as JSON numbers they take four times the room.
"""

import base64
import binascii
from collections.abc import Iterable

import numpy as np
import numpy.typing as npt

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
    data = _unpacked(text, "points")
    if len(data) % (2 * each):
        raise ValueError(f"packed points must have {2 * each} bytes each, got {len(data)} bytes")
    steps = np.frombuffer(data, _LITTLE_ENDIAN)
    if len(steps) and steps.max() > GRID:
        raise ValueError(f"packed points must be at most {GRID}, got {steps.max()}")
    shares: list[float] = (steps / GRID).tolist()
    return shares


def pack_colours(colours: npt.NDArray[np.uint8]) -> str:
    """(n, 3) uint8 sRGB as base64 (RFC 4648)."""
    return base64.b64encode(np.ascontiguousarray(colours, np.uint8).tobytes()).decode("ascii")


def unpack_colours(text: str) -> npt.NDArray[np.uint8]:
    """The colours in a packed text, (n, 3) uint8 sRGB, read-only; raises `ValueError`."""
    data = _unpacked(text, "colours")
    if len(data) % 3:
        raise ValueError(f"packed colours must have 3 bytes each, got {len(data)} bytes")
    return np.frombuffer(data, np.uint8).reshape(-1, 3)


def _unpacked(text: str, what: str) -> bytes:
    try:
        return base64.b64decode(text.encode("ascii"), validate=True)
    except (UnicodeEncodeError, binascii.Error) as error:
        raise ValueError(f"packed {what} must be base64, got {text[:20]!r}") from error
