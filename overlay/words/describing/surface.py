"""Surface: the size and the run of marks, patterns, flat areas, lines."""

import numpy as np
import numpy.typing as npt
import scipy

from overlay.imaging.colour import srgb_to_work
from overlay.imaging.resample import resize
from overlay.words.describing.views import View

_ROWS = 512
_SMOOTH = 0.025  # of lightness, the spread of what is finer than 6 pixels
_FINE, _COARSE = 2.6, 4.6  # pixels of half a period
_RUNS, _SWIRLS = 0.25, 0.5  # coherence of the whole, and on the spot
_REPEATS, _FLAT, _TONES, _LINES = 0.22, 0.5, 0.72, 0.05

Light = npt.NDArray[np.float64]


def surface_of(view: View) -> list[str]:
    """Phrases about a picture's marks."""
    light = _light(view)
    fine = light - scipy.ndimage.gaussian_filter(light, 6)
    size = _half_period(fine)
    rough = float(fine.std())
    found = ["smooth"] if rough < _SMOOTH else [_sized(size), _run(light)]
    if rough >= _SMOOTH and _repeats(fine, size) > _REPEATS:
        found.append("regular pattern")
    if (scipy.ndimage.gaussian_gradient_magnitude(light, 1.2) < 0.008).mean() > _FLAT:
        found.append("flat areas")
    tones = np.histogram(light, 24, (0, 1))[0] / light.size
    if np.sort(tones)[-4:].sum() > _TONES:
        found.append("few tones")
    if ((scipy.ndimage.gaussian_filter(light, 3) - light) > 0.18).mean() > _LINES:
        found.append("dark lines")
    return found


def _light(view: View) -> Light:
    """Lightness 0..1 at 512 rows at most; marks are measured in pixels of that."""
    height, width = view.picture.shape[:2]
    work = srgb_to_work(view.picture)
    if height > _ROWS:
        work = resize(work, _ROWS, max(round(width * _ROWS / height), 8))
    return np.asarray(work[..., 0], np.float64) + 0.5


def _sized(size: float) -> str:
    return (
        "fine marks" if size < _FINE else "coarse marks" if size > _COARSE else "middle-sized marks"
    )


def _half_period(fine: Light) -> float:
    """Half the mean period of what is fine, by its spectrum."""
    window = np.hanning(fine.shape[0])[:, None] * np.hanning(fine.shape[1])[None]
    power = np.abs(np.fft.rfft2(fine * window)) ** 2
    frequency = np.hypot(
        np.fft.fftfreq(fine.shape[0])[:, None], np.fft.rfftfreq(fine.shape[1])[None]
    )
    weight, seen = power * frequency, frequency > 0.01
    total = float(weight[seen].sum())
    return 0.5 * total / max(float((weight * frequency)[seen].sum()), 1e-12)


def _run(light: Light) -> str:
    """How strokes run, by the structure tensor on the spot and of the whole."""
    gx = scipy.ndimage.gaussian_filter(light, 1, (0, 1))
    gy = scipy.ndimage.gaussian_filter(light, 1, (1, 0))
    xx, yy, xy = (scipy.ndimage.gaussian_filter(v, 8) for v in (gx * gx, gy * gy, gx * gy))
    energy = xx + yy
    local = np.hypot(xx - yy, 2 * xy) / (energy + 1e-9)
    a, b, c = float((gx * gx).mean()), float((gy * gy).mean()), float((gx * gy).mean())
    if np.hypot(a - b, 2 * c) / (a + b + 1e-12) > _RUNS:
        angle = (np.degrees(0.5 * np.arctan2(2 * c, a - b)) + 90) % 180
        if min(angle, 180 - angle) < 22:
            return "strokes running across"
        return "upright strokes" if abs(angle - 90) < 22 else "slanting strokes"
    swirls = float((local * energy).sum() / max(float(energy.sum()), 1e-12)) > _SWIRLS
    return "swirling strokes" if swirls else "scattered marks"


def _repeats(fine: Light, size: float) -> float:
    """The highest further peak of the correlation of a picture with itself."""
    own = np.fft.irfft2(np.abs(np.fft.rfft2(fine)) ** 2)
    own = own[:40, :40] / max(float(own[0, 0]), 1e-12)
    away = np.hypot(*np.mgrid[0 : own.shape[0], 0 : own.shape[1]])
    return float(np.where(away < max(2.5 * size, 5), 0, own).max())
