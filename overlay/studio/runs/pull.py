"""Pulling one proof: a kept one where there is one, else rendered, numbered and kept."""

from collections.abc import Collection
from dataclasses import replace

from overlay.document.recipe import Recipe
from overlay.engine.control import Control
from overlay.imaging.intake import PictureError
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.keeping.shelf import ProofShelf
from overlay.studio.making.proofs import Proof, hash_recipe, make_proof


def pull_proof(
    recipe: Recipe,
    shelf: ProofShelf,
    store: PictureStore,
    control: Control | None = None,
    *,
    engines: Collection[str] = (),
) -> Proof:
    """The proof of a recipe: a kept one, else rendered, numbered and kept.

    Where it cannot be kept it is there all the same, and `unkept` says why.
    """
    known = shelf.find(hash_recipe(recipe))
    if known is not None:
        return replace(known, recipe=recipe)
    proof = make_proof(recipe, store, control, engines=engines)
    numbers = shelf.numbers()
    number = numbers.get(proof.recipe_hash, 1 + max(numbers.values(), default=0))
    proof = replace(proof, number=number)
    try:
        shelf.keep(proof)
    except PictureError as error:
        proof = replace(proof, unkept=str(error))
    return proof
