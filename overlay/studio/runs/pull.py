"""Pulling one proof: a kept one where there is one, else rendered, numbered and kept."""

from collections.abc import Collection
from dataclasses import replace

from overlay.document.recipe import Recipe
from overlay.engine.control import Control
from overlay.engine.request import Engine
from overlay.imaging.intake import PictureError
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.keeping.shelf import ProofShelf
from overlay.studio.keeping.stages import KeptStages
from overlay.studio.making.hashing import hash_recipe
from overlay.studio.making.proofs import Proof, make_proof


def pull_proof(
    recipe: Recipe,
    shelf: ProofShelf,
    store: PictureStore,
    control: Control | None = None,
    *,
    engines: Collection[str] = (),
    light: bool = False,
    own: Engine | None = None,
) -> Proof:
    """The proof of a recipe: a kept one, else rendered, numbered and kept.

    Where it cannot be kept it is there all the same, and `unkept` says why.

    Parameters
    ----------
    light : one of many, as a cell of a sheet: found and kept without the record of its run. It is
        rendered again where its run is wanted.
    own : see `make_proof`.
    """
    recipe_hash = hash_recipe(recipe)
    known = shelf.find_light(recipe_hash) if light else shelf.find(recipe_hash)
    if known is not None:
        return replace(known, recipe=recipe)
    stages = KeptStages(shelf, store.stages)
    proof = make_proof(recipe, store, control, engines=engines, own=own, stages=stages)
    if not light:
        stages.keep_on_disk([stage.recipe_hash for stage in proof.stages[:-1]])
    proof = replace(proof, number=shelf.take_number(proof.recipe_hash))
    try:
        shelf.keep(proof, light=light)
    except PictureError as error:
        return replace(proof, unkept=str(error))
    return proof
