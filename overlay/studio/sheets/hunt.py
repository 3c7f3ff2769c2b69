"""Hunting: several seeds beside each other, or near relatives of one picture."""

from typing import Any

from overlay.document.editing import recipe_data
from overlay.document.reading import make_recipe
from overlay.document.recipe import Recipe
from overlay.document.sets.sheets import TRIAL_PIXELS, Axis, ProofSheet

COUNTS = (4, 8, 16)
NEAR = 0.25  # how far near relatives stray
_APART = 101  # a prime, so that a hunt from a seed of another one meets new seeds
_MOST_SEED = 2**53


def hunted_seeds(seed: int, count: int) -> tuple[int, ...]:
    """Seeds to hunt among: the same for the same seed, the recipe's own first."""
    return tuple((seed + i * _APART) % (_MOST_SEED + 1) for i in range(count))


def hunt_sheet(
    recipe: Recipe, count: int, stray: float = 0.0, pixels: int | None = TRIAL_PIXELS
) -> ProofSheet:
    """A strip of proofs with other seeds, or strayed towards them.

    Parameters
    ----------
    stray : 0..1; above 0 all begin from the recipe's seed, and the first is it.
    """
    seeds = hunted_seeds(recipe.seed, count)
    if stray <= 0:
        plain = make_recipe(recipe_data(recipe) | {"stray": None}, "hunt")
        axis = Axis(key="seed", values=seeds)
        return ProofSheet(name="Hunt", across=axis, pixels=pixels, recipe=plain)
    begun: dict[str, Any] = {"stray": {"seed": recipe.seed, "amount": stray}}
    strayed = make_recipe(recipe_data(recipe) | begun, "hunt")
    axis = Axis(key="stray.seed", values=seeds)
    return ProofSheet(name="Hunt", across=axis, pixels=pixels, recipe=strayed)
