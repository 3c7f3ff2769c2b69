"""Counter-based noise: a value depends on seed, step and pixel, never on order or thread.

The generator is an integer hash with full avalanche (the finaliser of MurmurHash3, Appleby 2011),
in the spirit of the counter-based generators of Salmon et al. 2011, doi:10.1145/2063384.2063405.
"""

import numpy as np

from overlay.imaging.colour import FloatImage
from overlay.imaging.kernel import compiled
from overlay.imaging.rows import by_rows


@compiled(cache=True, inline="always")
def hash32(value):
    """Mix 32 bits so that each output bit depends on each input bit."""
    # Numba widens mixed integer arithmetic, so every step is brought back to 32 bits.
    h = np.uint32(value)
    h = np.uint32(h ^ (h >> np.uint32(16)))
    h = np.uint32(h * np.uint32(0x85EBCA6B))
    h = np.uint32(h ^ (h >> np.uint32(13)))
    h = np.uint32(h * np.uint32(0xC2B2AE35))
    return np.uint32(h ^ (h >> np.uint32(16)))


@by_rows()
def _add_noise(from_row, to_row, image, amount, key):
    width, channels = image.shape[1:]
    base = hash32(key)
    for y in range(from_row, to_row):
        for x in range(width):
            sigma = amount[y, x]
            if sigma == 0.0:
                continue
            for c in range(channels):
                index = np.uint32((y * width + x) * channels + c)
                h = hash32(index ^ base)
                # The sum of four uniforms is normal enough here and the same on every machine.
                total = (h & np.uint32(0xFF)) + ((h >> np.uint32(8)) & np.uint32(0xFF))
                total += ((h >> np.uint32(16)) & np.uint32(0xFF)) + (h >> np.uint32(24))
                unit = np.float32(np.int32(total)) * np.float32(1.0 / 255.0) - np.float32(2.0)
                image[y, x, c] += sigma * unit * np.float32(1.7252)


def step_key(seed: int, step: int, purpose: int) -> int:
    """One 31-bit key for a seed, a step of the run and what the numbers are for."""
    sequence = np.random.SeedSequence([seed, step, purpose])
    return int(sequence.generate_state(1)[0] & 0x7FFFFFFF)


def add_noise(image: FloatImage, amount: FloatImage, key: int) -> None:
    """Add zero-mean noise to `image`, in place.

    Parameters
    ----------
    image : (H, W, C) float32, any encoding; changed in place.
    amount : (H, W) float32, standard deviation per pixel, in units of `image`; 0 leaves it alone.
    key : from `step_key`.
    """
    _add_noise(image.shape[0], image, amount, key)
