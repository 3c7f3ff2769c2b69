"""sRGB to the working space and back.

The working space is OKLab (Ottosson 2020, https://bottosson.github.io/posts/oklab/) with L centred
on 0 and a, b doubled. Conversions are exact to well under 1/255 per channel both ways.
"""

from typing import TypeVar

import numpy as np
import numpy.typing as npt

from overlay.imaging.kernel import STEADY, compiled
from overlay.imaging.numbers.products import dot
from overlay.imaging.rows import by_rows

F = TypeVar("F", bound=np.floating)
FloatImage = npt.NDArray[np.float32]
ByteImage = npt.NDArray[np.uint8]

# Linear sRGB to LMS, then cube-rooted LMS to Lab (Ottosson 2020), and their inverses.
_RGB_TO_LMS = np.array(
    [
        [0.4122214708, 0.5363325363, 0.0514459929],
        [0.2119034982, 0.6806995451, 0.1073969566],
        [0.0883024619, 0.2817188376, 0.6299787005],
    ]
)
_LMS_TO_LAB = np.array(
    [
        [0.2104542553, 0.7936177850, -0.0040720468],
        [1.9779984951, -2.4285922050, 0.4505937099],
        [0.0259040371, 0.7827717662, -0.8086757660],
    ]
)
_SCALE = np.array([1.0, 2.0, 2.0])

_FORWARD_A = _RGB_TO_LMS.astype(np.float32)
_FORWARD_B = (_SCALE[:, None] * _LMS_TO_LAB).astype(np.float32)
_BACKWARD_A = (np.linalg.inv(_LMS_TO_LAB) / _SCALE[None, :]).astype(np.float32)
_BACKWARD_B = np.linalg.inv(_RGB_TO_LMS).astype(np.float32)


def decode_srgb(values: npt.NDArray[F]) -> npt.NDArray[F]:
    """Code values in 0..1 as linear light in 0..1 (IEC 61966-2-1); a new array of the same kind."""
    v = values
    return np.where(v <= 0.04045, v / 12.92, ((v + 0.055) / 1.055) ** 2.4)


def encode_srgb(light: npt.NDArray[F]) -> npt.NDArray[F]:
    """Linear light in 0..1 as code values in 0..1; a new array of the same kind."""
    v = light
    return np.where(v <= 0.0031308, v * 12.92, 1.055 * v ** (1 / 2.4) - 0.055)


def luminance(rgb: ByteImage) -> FloatImage:
    """Relative luminance (WCAG 2.2): (H, W) float32 in 0..1 of (H, W, 3) uint8 sRGB."""
    return dot(decode_srgb(rgb / 255.0), (0.2126, 0.7152, 0.0722)).astype(np.float32)


def _decode_table() -> FloatImage:
    return decode_srgb(np.arange(256) / 255.0).astype(np.float32)


def _encode_table(size: int = 8192) -> FloatImage:
    """sRGB code values over the *square root* of linear light, where the curve is near straight."""
    light = np.linspace(0.0, 1.0, size) ** 2
    return (255 * encode_srgb(light)).astype(np.float32)


_DECODE = _decode_table()
_ENCODE = _encode_table()


@compiled(cache=True, fastmath=STEADY, error_model="numpy")
def _cube_roots(a, b, c, weights, out):
    """Cube roots of a weighted sum, each 0 up to 1, by Halley's method; to single precision.

    The library's own does not become vector code and takes four times as long.
    """
    for x in range(len(out)):
        v = weights[0] * a[x] + weights[1] * b[x] + weights[2] * c[x]
        v = max(v, np.float32(1e-20))
        root = np.sqrt(np.sqrt(v))
        root *= np.sqrt(np.sqrt(root))  # v to the power of 5/16, near enough to begin with
        for _ in range(3):
            cube = root * root * root
            root *= (cube + v + v) / (cube + cube + v)
        out[x] = root


@by_rows(error_model="numpy")
def _to_work(from_row, to_row, rgb, decode, A, B, out):
    width = rgb.shape[1]
    for y in range(from_row, to_row):
        light, roots = np.empty((3, width), np.float32), np.empty((3, width), np.float32)
        for x in range(width):
            for c in range(3):
                light[c, x] = decode[rgb[y, x, c]]
        for k in range(3):
            _cube_roots(light[0], light[1], light[2], A[k], roots[k])
        for x in range(width):
            u, v, w = roots[0, x], roots[1, x], roots[2, x]
            for c in range(3):
                out[y, x, c] = B[c, 0] * u + B[c, 1] * v + B[c, 2] * w
            out[y, x, 0] -= np.float32(0.5)


@by_rows(error_model="numpy")
def _to_srgb(from_row, to_row, work, encode, A, B, out):
    last = encode.shape[0] - 1
    for y in range(from_row, to_row):
        for x in range(work.shape[1]):
            p0 = work[y, x, 0] + np.float32(0.5)
            p1, p2 = work[y, x, 1], work[y, x, 2]
            u = (A[0, 0] * p0 + A[0, 1] * p1 + A[0, 2] * p2) ** 3
            v = (A[1, 0] * p0 + A[1, 1] * p1 + A[1, 2] * p2) ** 3
            w = (A[2, 0] * p0 + A[2, 1] * p1 + A[2, 2] * p2) ** 3
            for c in range(3):
                linear = B[c, 0] * u + B[c, 1] * v + B[c, 2] * w
                linear = min(max(linear, np.float32(0.0)), np.float32(1.0))
                out[y, x, c] = np.uint8(encode[int(np.sqrt(linear) * last + 0.5)] + 0.5)


def srgb_to_work(rgb: ByteImage) -> FloatImage:
    """Convert sRGB to the working space.

    Parameters
    ----------
    rgb : (H, W, 3) uint8, sRGB-encoded.

    Returns
    -------
    (H, W, 3) float32, working space: L-0.5 in -0.5..0.5, 2a and 2b about -0.8..0.8. A new array.
    """
    out = np.empty(rgb.shape, np.float32)
    _to_work(
        rgb.shape[0],
        np.ascontiguousarray(rgb),
        _DECODE,
        _FORWARD_A,
        _FORWARD_B,
        out,
    )
    return out


def work_to_srgb(work: FloatImage) -> ByteImage:
    """Convert the working space to sRGB; colours outside the gamut are clipped per channel.

    Parameters
    ----------
    work : (H, W, 3) float32, working space.

    Returns
    -------
    (H, W, 3) uint8, sRGB-encoded. A new array.
    """
    out = np.empty(work.shape, np.uint8)
    _to_srgb(
        work.shape[0],
        np.ascontiguousarray(work),
        _ENCODE,
        _BACKWARD_A,
        _BACKWARD_B,
        out,
    )
    return out


def hex_to_srgb(colour: str) -> tuple[int, int, int]:
    """Read `#rrggbb` into three bytes.

    Raises
    ------
    ValueError
        If the text is not `#` and six hexadecimal digits.
    """
    digits = colour.removeprefix("#")
    if len(colour) != 7 or len(digits) != 6:
        raise ValueError(f"a colour must be # and six hexadecimal digits, got {colour!r}")
    try:
        r, g, b = bytes.fromhex(digits)
    except ValueError as error:
        raise ValueError(
            f"a colour must be # and six hexadecimal digits, got {colour!r}"
        ) from error
    return r, g, b


def hex_to_oklch(colour: str) -> tuple[float, float, float]:
    """Lightness 0..1, chroma 0 to about 0.4 and hue in degrees of `#rrggbb` (OKLCH)."""
    pixel = srgb_to_work(np.array([[hex_to_srgb(colour)]], np.uint8))[0, 0]
    light, a, b = float(pixel[0]) + 0.5, float(pixel[1]) / 2, float(pixel[2]) / 2
    chroma = float(np.hypot(a, b))
    hue = float(np.degrees(np.arctan2(b, a))) % 360 if chroma > 1e-4 else 0.0
    return light, chroma, hue
