"""Live looks: what a recipe comes to, at once and small, while a hand is on a control."""

from dataclasses import dataclass
from typing import Any

from overlay.document.recipe import OWN_ENGINE, Recipe
from overlay.engine.control import Control
from overlay.engine.kept import content_key, keep
from overlay.engine.steps.parting import LastWay, look_end
from overlay.imaging.colour import ByteImage, srgb_to_work
from overlay.imaging.resample import cover
from overlay.measures.structure import layout_match
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.groundwork import Groundwork


@dataclass(frozen=True)
class LiveLook:
    """A look.

    Attributes
    ----------
    picture : (h, w, 3) uint8 sRGB, smaller than the proof. figures : what it foretells.
    later : cues that enter after it, of which nothing can be seen in it.
    """

    picture: ByteImage
    figures: dict[str, float]
    later: tuple[str, ...] = ()


class LiveLooks:
    """Makes looks one after another; what one shares with the last is not done again.

    For one thread at a time; `look` is work for another than the window's.
    """

    def __init__(self, store: PictureStore) -> None:
        self._store = store
        self._way = LastWay()

    def look(self, recipe: Recipe, control: Control) -> LiveLook | None:
        """The run of a recipe up to forms, with its passes left out; None for other engines.

        Parameters
        ----------
        recipe : with absolute paths.

        Raises
        ------
        RecipeError, PictureError, CancelledError
            As `make_proof`.
        """
        if recipe.engine != OWN_ENGINE:
            return None
        request = Groundwork(recipe, self._store).request
        control.check()
        picture = self._way.look(request, control).picture
        figures: dict[str, Any] = {}
        if request.source is not None:
            height, width = picture.shape[:2]
            key = ("small", content_key(request.source), height, width)
            source = request.source
            small = keep(key, lambda: cover(srgb_to_work(source), height, width))
            figures["layout_match"] = layout_match(srgb_to_work(picture), small)
        end = look_end(request)
        later = tuple(c.name for c in recipe.cues if not c.muted and c.weight and c.enter >= end)
        return LiveLook(picture, figures, later)
