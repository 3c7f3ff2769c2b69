"""Clear space: how calm a part of a picture is, and which ink can be read on it."""

from dataclasses import dataclass

import numpy as np

from overlay.imaging.colour import ByteImage, luminance, srgb_to_work

_BUSY = 400.0  # brings the mean gradient of a busy picture to about 100


@dataclass(frozen=True)
class ClearSpace:
    """How busy a frame is.

    Attributes
    ----------
    busy, rest : 0 flat to 100 and more; in the frame and in the rest of the picture.
    ink : `black` or `white`, whichever is read better everywhere in the frame.
    contrast : of that ink at the frame's worst places, 1 to 21 (WCAG 2.2 contrast ratio).
    """

    busy: float
    rest: float
    ink: str
    contrast: float

    @property
    def calm(self) -> bool:
        """Whether small text would be read there with ease."""
        return self.contrast >= 4.5 and self.busy <= max(0.6 * self.rest, 6.0)


def clear_space(picture: ByteImage, box: tuple[float, float, float, float]) -> ClearSpace:
    """Look at a frame of a picture.

    Parameters
    ----------
    picture : (H, W, 3) uint8 sRGB.
    box : left, top, right, bottom as shares of the picture.
    """
    height, width = picture.shape[:2]
    left, top, right, bottom = box
    x, y = min(int(left * width), width - 1), min(int(top * height), height - 1)
    rows = slice(y, max(round(bottom * height), y + 1))
    columns = slice(x, max(round(right * width), x + 1))
    strength = np.hypot(*np.gradient(srgb_to_work(picture)[..., 0]))
    inside = strength[rows, columns]
    others = strength.sum(dtype=float) - inside.sum(dtype=float)
    rest = others / max(strength.size - inside.size, 1)
    light = luminance(picture[rows, columns])
    low, high = np.quantile(light, (0.02, 0.98))
    on_white, on_black = (low + 0.05) / 0.05, 1.05 / (high + 0.05)
    ink, contrast = ("black", on_white) if on_white >= on_black else ("white", on_black)
    return ClearSpace(_BUSY * float(inside.mean()), _BUSY * float(rest), ink, float(contrast))
