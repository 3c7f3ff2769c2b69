"""Light: how high, how hard, how warm, and from where."""

import numpy as np
import scipy

from overlay.words.describing.views import View

_HIGH, _LOW = 0.78, 0.38  # median lightness of a high-key picture, of a low-key one
_HARD, _SOFT = 0.62, 0.36  # from the 5th to the 95th percentile of lightness
_WARM, _COOL = 0.03, -0.015  # of b in OKLab
_SLOPE, _DOWN = 0.035, -0.06  # of lightness over half the picture


def light_of(view: View) -> list[str]:
    """Phrases about a picture's light."""
    light, b = view.lab[..., 0], view.lab[..., 2]
    low, middle, high = np.percentile(light, [5, 50, 95])
    found = []
    if middle > _HIGH or middle < _LOW:
        found.append("high-key" if middle > _HIGH else "low-key")
    if high - low > _HARD or high - low < _SOFT:
        found.append("strong contrast" if high - low > _HARD else "soft light")
    lit = float(b[light >= np.percentile(light, 70)].mean())
    shaded = float(b[light <= np.percentile(light, 30)].mean())
    if lit > _WARM or lit < _COOL:
        found.append("warm light" if lit > _WARM else "cool light")
    if shaded < _COOL and lit > shaded + 0.02:
        found.append("cool shadows")
    return found + _direction(light)


def _direction(light: np.ndarray) -> list[str]:
    """From where it falls, by the slope of the large masses' lightness."""
    height, width = light.shape
    broad = scipy.ndimage.gaussian_filter(light, height / 12)
    across = float(np.polyfit(np.linspace(-1, 1, width), broad.mean(0), 1)[0])
    down = float(np.polyfit(np.linspace(-1, 1, height), broad.mean(1), 1)[0])
    found = []
    if abs(across) > _SLOPE and abs(across) > 0.5 * abs(down):
        found.append(f"light from the {'right' if across > 0 else 'left'}")
    if down < _DOWN:
        found.append("light from above")
    return found
