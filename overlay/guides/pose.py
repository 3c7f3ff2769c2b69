"""Pose: a picture bent so that joints set on it come to lie where they should be."""

import numpy as np
import numpy.typing as npt
import scipy

from overlay.imaging.colour import ByteImage
from overlay.imaging.numbers.products import product
from overlay.imaging.resample import resize

Points = npt.NDArray[np.float64]

_CELL = 8  # pixels between places whose way is computed


def bend(picture: ByteImage, joints: Points, targets: Points) -> ByteImage:
    """Bend a picture by moving least squares, as rigidly as can be.

    Every place moves by the rotation and shift that fit the joints best, near ones counting most
    (Schaefer, McPhail and Warren 2006, doi:10.1145/1141911.1141920, section 2.3).

    Parameters
    ----------
    picture : (H, W, 3) uint8 sRGB.
    joints, targets : (n, 2) x and y as shares of the picture; where joints are and should be.

    Returns
    -------
    (H, W, 3) uint8 sRGB; the picture itself when no joint moves.
    """
    if len(joints) == 0 or np.allclose(joints, targets):
        return picture
    height, width = picture.shape[:2]
    y, x = np.mgrid[0 : height + _CELL : _CELL, 0 : width + _CELL : _CELL]
    places = np.stack([x.ravel(), y.ravel()], axis=1).astype(float)
    size = np.array([width, height], float)
    # Looked up backwards: from where a pixel will be to where it is.
    found = rigid_moves(places, targets * size, joints * size).reshape(*x.shape, 2)
    moves = (found - places.reshape(found.shape)).astype(np.float32)
    fine = resize(moves, x.shape[0] * _CELL, x.shape[1] * _CELL)
    half = _CELL // 2  # cells have their sample at their corner, resizing takes it for the middle
    fine = fine[half : half + height, half : half + width]
    fine = np.pad(fine, ((0, height - fine.shape[0]), (0, width - fine.shape[1]), (0, 0)), "edge")
    rows, columns = np.mgrid[0:height, 0:width].astype(np.float32)
    at = np.stack([rows + fine[..., 1], columns + fine[..., 0]])
    out = np.empty_like(picture)
    for c in range(3):
        out[..., c] = scipy.ndimage.map_coordinates(picture[..., c], at, order=1, mode="nearest")
    return out


def rigid_moves(places: Points, joints: Points, targets: Points) -> Points:
    """Where places go when joints go to their targets: (m, 2)."""
    if len(joints) == 1:
        return places + (targets - joints)
    away = ((places[:, None] - joints[None]) ** 2).sum(axis=2)
    weight = 1.0 / np.maximum(away, 1e-6)
    total = weight.sum(axis=1, keepdims=True)
    before = product(weight, joints) / total
    after = product(weight, targets) / total
    p = joints[None] - before[:, None]
    q = targets[None] - after[:, None]
    # The best rotation of the plane, from the sums of dot and cross products.
    dot = (weight[..., None] * p * q).sum(axis=(1, 2))
    cross = (weight * (p[..., 0] * q[..., 1] - p[..., 1] * q[..., 0])).sum(axis=1)
    length = np.maximum(np.hypot(dot, cross), 1e-12)
    cosine, sine = dot / length, cross / length
    v = places - before
    turned = np.stack(
        [v[:, 0] * cosine - v[:, 1] * sine, v[:, 0] * sine + v[:, 1] * cosine], axis=1
    )
    return np.asarray(after + turned, float)
