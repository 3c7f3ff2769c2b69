"""Rows as tasks that any process can do: a recipe's text in, a picture with its report out."""

from dataclasses import dataclass, field
from typing import Any

from overlay.document.reading import make_recipe, recipe_json
from overlay.document.recipe import Recipe
from overlay.document.text.json_text import parse_json
from overlay.engine.control import Control
from overlay.imaging.colour import ByteImage
from overlay.studio.editions.figures import RowTraits, row_traits
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.laying import lay_canvas
from overlay.studio.making.proofs import Proof, make_proof


@dataclass(frozen=True)
class Task:
    """One row to be pulled; plain enough to travel.

    Attributes
    ----------
    index : of the row. text : its recipe as JSON, with absolute paths.
    engines : of other packages that may run.
    """

    index: int
    text: str
    engines: tuple[str, ...] = ()

    @classmethod
    def of(cls, index: int, recipe: Recipe, engines: tuple[str, ...] = ()) -> "Task":
        """The task of a row."""
        return cls(index, recipe_json(recipe), engines)


@dataclass(frozen=True)
class Pulled:
    """What came of a task: a proof, or a fault."""

    index: int
    picture: ByteImage | None = None
    recipe_hash: str = ""
    engine: str = ""
    seconds: float = 0.0
    measures: dict[str, Any] = field(default_factory=dict)
    traits: RowTraits | None = None
    fault: str = ""


# Of this process, so that what rows have in common is read and made once.
_STORE = PictureStore()


def do_task(task: Task, control: Control | None = None) -> Pulled:
    """Pull a row. What is wrong with it is its fault; `CancelledError` alone is raised."""
    try:
        recipe = make_recipe(parse_json(task.text, "row"), "row")
        proof = make_proof(recipe, _STORE, control, engines=task.engines)
        return pulled(task.index, proof, _STORE)
    except (ValueError, OSError) as error:
        return Pulled(task.index, fault=str(error))


def pulled(index: int, proof: Proof, store: PictureStore) -> Pulled:
    """A row's proof as what came of its task."""
    source = lay_canvas(proof.recipe, store).picture
    return Pulled(
        index, proof.picture, proof.recipe_hash, proof.engine, proof.seconds.get("total", 0.0),
        proof.measures, row_traits(proof.picture, source),
    )  # fmt: skip
