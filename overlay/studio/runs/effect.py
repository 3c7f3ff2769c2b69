"""What a cue does: the same proof with and without it, and how the measures moved."""

from collections.abc import Collection
from dataclasses import dataclass

from overlay.document.cues import ReferenceCue
from overlay.document.recipe import Recipe
from overlay.engine.control import Control
from overlay.imaging.colour import srgb_to_work
from overlay.measures.patches import style_match
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.keeping.shelf import ProofShelf
from overlay.studio.making.laying import lay_canvas
from overlay.studio.making.proofs import Proof
from overlay.studio.making.references import reference_picture
from overlay.studio.runs.pull import pull_proof

Pair = tuple[float, float]  # with the cue, without it


@dataclass(frozen=True)
class Effect:
    """A cue's effect.

    Attributes
    ----------
    style_match : to the cue's own reference, where it has one. structure_kept : where there is a
        source.
    """

    name: str
    with_cue: Proof
    without: Proof
    style_match: Pair | None
    structure_kept: Pair | None

    def sentence(self) -> str:
        """The effect in one line."""
        parts = [
            f"{what} {before:.0f}, without it {after:.0f}"
            for what, pair in (
                ("style match", self.style_match), ("structure kept", self.structure_kept)
            )
            if pair is not None
            for before, after in (pair,)
        ]  # fmt: skip
        return f"{self.name}: " + ("; ".join(parts) or "nothing to measure it by")


def without_cue(recipe: Recipe, index: int) -> Recipe:
    """The same recipe with one cue muted."""
    cues = list(recipe.cues)
    cues[index] = cues[index].model_copy(update={"muted": True})
    return recipe.model_copy(update={"cues": tuple(cues)})


def find_effect(
    recipe: Recipe,
    index: int,
    shelf: ProofShelf,
    store: PictureStore,
    control: Control,
    *,
    engines: Collection[str] = (),
) -> Effect:
    """Pull a recipe with and without a cue; what was pulled before is not rendered again.

    Parameters
    ----------
    recipe : with absolute paths.
    index : the cue's place; it is heard in the first proof even if it is muted.
    """
    cues = list(recipe.cues)
    cues[index] = cues[index].model_copy(update={"muted": False})
    heard = recipe.model_copy(update={"cues": tuple(cues)})
    first = pull_proof(heard, shelf, store, control.part(0.0, 0.5), engines=engines)
    silent = without_cue(recipe, index)
    second = pull_proof(silent, shelf, store, control.part(0.5, 1.0), engines=engines)
    kept = [p.measures.get("structure_kept") for p in (first, second)]
    both = None if None in kept else (float(kept[0] or 0), float(kept[1] or 0))
    return Effect(
        recipe.cues[index].name,
        first,
        second,
        _style_pair(heard, index, first, second, store),
        both,
    )


def _style_pair(
    recipe: Recipe, index: int, first: Proof, second: Proof, store: PictureStore
) -> Pair | None:
    cue = recipe.cues[index]
    if not isinstance(cue, ReferenceCue):
        return None
    reference = srgb_to_work(reference_picture(cue, store)[0])
    framed = lay_canvas(recipe, store).picture
    source = None if framed is None else srgb_to_work(framed)
    matches = [style_match(srgb_to_work(p.picture), source, reference) for p in (first, second)]
    return matches[0], matches[1]
