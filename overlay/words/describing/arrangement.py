"""Arrangement: where mass lies, symmetry, the horizon, clear space."""

import numpy as np
import scipy

from overlay.words.describing.views import Lab, View

_SIDE, _SPREAD, _ALIKE = 0.07, 0.385, 0.72
_STEP, _LOW, _HIGH = 4.5, 0.6, 0.4
_CALM = 0.35  # of the usual activity


def arrangement_of(view: View) -> list[str]:
    """Phrases about what lies where."""
    return [_mass(view.lab), *_symmetry(view.lab), *_horizon(view.lab), *_clear(view.lab)]


def _mass(lab: Lab) -> str:
    """Where what stands out from the whole lies."""
    height, width = lab.shape[:2]
    soft = scipy.ndimage.gaussian_filter(lab * [1, 2, 2], (height / 40, height / 40, 0))
    apart = 0.5 * np.linalg.norm(soft - np.median(soft.reshape(-1, 3), axis=0), axis=2)
    light = lab[..., 0]
    edges = np.hypot(scipy.ndimage.sobel(light, 0), scipy.ndimage.sobel(light, 1))
    apart += 0.25 * scipy.ndimage.gaussian_filter(edges, height / 20)
    weight = np.clip(apart - np.percentile(apart, 60), 0, None) ** 1.3 + 1e-12
    y, x = np.mgrid[0:height, 0:width]
    x, y = x / width, y / height
    middle = float((weight * x).sum() / weight.sum()), float((weight * y).sum() / weight.sum())
    spread = (weight * ((x - middle[0]) ** 2 + (y - middle[1]) ** 2)).sum() / weight.sum()
    if np.sqrt(spread) > _SPREAD:
        return "all over"
    aside = middle[0] - 0.5
    return f"mass at {'left' if aside < -_SIDE else 'right' if aside > _SIDE else 'centre'}"


def _symmetry(lab: Lab) -> list[str]:
    height, width = lab.shape[:2]
    soft = scipy.ndimage.gaussian_filter(lab[..., 0], height / 24)
    coarse = scipy.ndimage.zoom(soft, (24 / height, 36 / width), order=1)
    if coarse.std() < 1e-6:
        return ["symmetrical"]
    alike = np.corrcoef(coarse.ravel(), coarse[:, ::-1].ravel())[0, 1]
    return ["symmetrical"] if alike > _ALIKE else []


def _horizon(lab: Lab) -> list[str]:
    """Where rows change most, if they change there far more than elsewhere."""
    height = lab.shape[0]
    rows = scipy.ndimage.gaussian_filter(lab, (height / 60, 0, 0)).mean(1)
    change = np.linalg.norm(np.gradient(rows, axis=0) * [1, 2, 2], axis=1)
    margin = height // 8
    at = int(np.argmax(change[margin:-margin])) + margin
    if change[at] < _STEP * np.median(change) or change[at] * height < 1.1:
        return []
    place = at / height
    where = "low horizon" if place > _LOW else "high horizon" if place < _HIGH else ""
    return [where or "horizon in the middle"]


def _clear(lab: Lab) -> list[str]:
    height, width = lab.shape[:2]
    busy = scipy.ndimage.gaussian_gradient_magnitude(lab[..., 0], 1)
    calm = scipy.ndimage.uniform_filter(busy, (max(height // 3, 1), max(width // 3, 1)))
    halves = {
        "at left": calm[:, : width // 2], "at right": calm[:, width // 2 :],
        "at the top": calm[: height // 2], "at the bottom": calm[height // 2 :],
    }  # fmt: skip
    where = min(halves, key=lambda name: float(halves[name].min()))
    quiet = halves[where].min() < _CALM * calm.mean()
    return [f"clear space {where}"] if quiet else []
