"""The place a picture shows, where its sky, its greens and its water say so."""

import numpy as np

from overlay.imaging.sky import find_sky
from overlay.words.describing.views import View

_SKY, _SHARE = 0.12, 0.35


def place_of(view: View) -> list[str]:
    """A word of the lexicon's places, or nothing where the picture does not tell."""
    sky = np.asarray(find_sky(view.work))
    if float(sky.mean()) < _SKY:
        return []
    a, b = view.lab[..., 1], view.lab[..., 2]
    below = slice(int(0.6 * len(view.lab)), None)
    light = view.lab[below, :, 0]
    chroma = np.hypot(a[below], b[below])
    shares = {
        "meadow": float(((a[below] < -0.02) & (b[below] > 0.02)).mean()),
        "sea": float(((b[below] < -0.02) & (chroma > 0.025)).mean()),
        "snowfield": float(((light > 0.82) & (chroma < 0.03)).mean()),
        "desert": float(((b[below] > 0.05) & (a[below] > -0.01) & (light > 0.6)).mean()),
    }
    best = max(shares, key=lambda name: shares[name])
    return [best] if shares[best] > _SHARE else []
