"""Chance that leaves the rest alone: every slot of a scene draws from a stream of its own."""

import numpy as np

# Slots: the eye, what furnishes a place (by zone and number), things by their order in the prompt.
EYE, FURNISHING, THINGS, COPIES = 0, 1, 2, 3


def stream(seed: int, *slot: int) -> np.random.Generator:
    """A stream for a slot, not for a word, so that another word stands where this one did."""
    return np.random.default_rng([seed & 0xFFFFFFFF, *slot])
