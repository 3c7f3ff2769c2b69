"""A proof written to a file of whatever kind its ending says, the recipe inside where it can be."""

from collections.abc import Callable
from dataclasses import dataclass, field
from pathlib import Path
from typing import Any

from overlay.document.passes import active
from overlay.document.reading import recipe_json
from overlay.document.recipe import Recipe
from overlay.handing.openraster import write_openraster
from overlay.handing.pictures import Output, check_output, hand_out
from overlay.imaging.colour import ByteImage
from overlay.imaging.formats.openraster import ENDING
from overlay.studio.handing.layers import StagePicture, proof_layers
from overlay.studio.inputs.paths import relative_recipe
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.inputs.stages import BASE, StageStore
from overlay.studio.making.hashing import hash_recipe, up_to


@dataclass(frozen=True)
class Handed:
    """A proof to be handed on.

    Attributes
    ----------
    recipe : with absolute paths. picture : (H, W, 3) uint8 sRGB.
    engine : what made it, as `Proof.engine`.
    """

    recipe: Recipe
    picture: ByteImage
    engine: str | None = None
    measures: dict[str, Any] = field(default_factory=dict)


def check_hand_over(path: Path, output: Output) -> None:
    """Refuse what a file of this ending cannot hold; raises `PictureError`."""
    if path.suffix.lower() != ENDING:
        check_output(path, output)


def hand_over(
    path: Path,
    proof: Handed,
    output: Output,
    store: PictureStore,
    stage: Callable[[int], ByteImage | None],
) -> None:
    """Write a proof as a picture, or with its layers as OpenRaster.

    Parameters
    ----------
    path : ends in .ora for layers.
    stage : gives the picture after so many passes, None for one that is not at hand.

    Raises
    ------
    RecipeError, PictureError
        If the recipe's files are not there for layers, the format cannot hold what is asked for, or
        the place cannot be written.
    """
    if path.suffix.lower() == ENDING:
        stages = _stages(proof.recipe, stage)
        layers = proof_layers(proof.recipe, proof.picture, store, stages=stages)
        write_openraster(path, proof.picture, layers, dpi=output.dpi)
        return
    carried = recipe_json(relative_recipe(proof.recipe, path.parent))
    hand_out(path, proof.picture, output, recipe=carried, engine=proof.engine)


def _stages(recipe: Recipe, stage: Callable[[int], ByteImage | None]) -> list[StagePicture]:
    """What lies before the picture itself, the last stage first."""
    passes = [later.kind for later in active(recipe.passes)]
    names = [BASE, *passes][: len(passes)]
    found = []
    for number, name in enumerate(names):
        picture = stage(number)
        if picture is not None:
            found.append(StagePicture(f"{number}: {name}", picture))
    return found[::-1]


def kept_stage(recipe: Recipe, kept: StageStore) -> Callable[[int], ByteImage | None]:
    """Gives stages of a recipe as far as they are kept."""

    def find(number: int) -> ByteImage | None:
        staged = kept.find(hash_recipe(up_to(recipe, number)))
        return None if staged is None else staged.done.picture

    return find
