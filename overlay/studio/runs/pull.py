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
    return _kept(proof, shelf, light=False)


def pull_light(
    recipe: Recipe,
    shelf: ProofShelf,
    store: PictureStore,
    control: Control | None = None,
    *,
    engines: Collection[str] = (),
) -> Proof:
    """The same for one of many, as a cell of a sheet: without the record of its run on the shelf.

    A proof that was kept light is found again here, and rendered where its run is wanted.
    """
    known = shelf.find_light(hash_recipe(recipe))
    if known is not None:
        return replace(known, recipe=recipe)
    return _kept(make_proof(recipe, store, control, engines=engines), shelf, light=True)


def _kept(proof: Proof, shelf: ProofShelf, *, light: bool) -> Proof:
    proof = replace(proof, number=shelf.take_number(proof.recipe_hash))
    try:
        shelf.keep(proof, light=light)
    except PictureError as error:
        return replace(proof, unkept=str(error))
    return proof
