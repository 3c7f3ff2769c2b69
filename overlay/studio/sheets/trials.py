"""Trial proofs of one setting: what a value measures, pulled where it is not known yet."""

from collections.abc import Callable, Collection, Mapping

from overlay.document.recipe import Recipe
from overlay.document.sets.sheets import TRIAL_PIXELS, Axis
from overlay.document.text.json_text import RecipeError
from overlay.engine.control import Control
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.keeping.shelf import ProofShelf
from overlay.studio.runs.pull import pull_proof
from overlay.studio.sheets.cells import at_size, varied
from overlay.studio.sheets.figures import Figures, flat_measures
from overlay.studio.sheets.meet import MOST, Meeting, Target, meet
from overlay.studio.sheets.settings import Setting, find_setting


def numeric_setting(recipe: Recipe, key: str, where: str) -> Setting:
    """The setting of a key, if it is a number; else `RecipeError`."""
    setting = find_setting(recipe, key)
    if setting is None or setting.kind != "number":
        found = "none of that name" if setting is None else f"a {setting.kind}"
        raise RecipeError(f"{where}: must name a setting that is a number, got {key!r}, {found}")
    return setting


def meet_target(
    recipe: Recipe,
    setting: Setting,
    target: Target,
    shelf: ProofShelf,
    store: PictureStore,
    *,
    control: Control,
    engines: Collection[str] = (),
    tried: Callable[[Meeting], object] = lambda _: None,
    pixels: int | None = TRIAL_PIXELS,
) -> Meeting:
    """Find the value of a setting that meets a target; for a worker thread.

    Parameters
    ----------
    recipe : with absolute paths. tried : called after every trial, on this thread.
    pixels : of trial proofs; None for the recipe's own size.

    Raises
    ------
    RecipeError, PictureError, CancelledError
        As `pull_proof`.
    """
    pulled = 0

    def pull(value: float) -> Figures:
        nonlocal pulled
        part = control.part(pulled / MOST, (pulled + 1) / MOST)
        pulled += 1
        chosen = Axis(key=setting.key, values=(value,))
        trial = at_size(with_setting(recipe, chosen.key, value), pixels, store)
        proof = pull_proof(trial, shelf, store, part, engines=engines, light=True)
        return flat_measures(proof.measures)

    return meet(setting, target, pull, tried)


def with_setting(recipe: Recipe, key: str, value: object) -> Recipe:
    """A recipe with one setting at a value; raises `RecipeError`."""
    return with_values(recipe, {key: value})


def with_values(recipe: Recipe, values: Mapping[str, object]) -> Recipe:
    """A recipe with several settings at values, by their keys; raises `RecipeError`."""
    return varied(recipe, [(Axis(key=key, values=(v,)), v) for key, v in values.items()])
