"""A proof as layers that a painter would want, for OpenRaster."""

from dataclasses import dataclass

import numpy as np

from overlay.document.cues import GuideCue, cues_of
from overlay.document.recipe import Recipe
from overlay.engine.control import Control
from overlay.handing.openraster import Layer
from overlay.imaging.colour import ByteImage, FloatImage
from overlay.imaging.resample import linear_rows, resize
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.groundwork import Groundwork
from overlay.studio.making.guide_maps import make_map

_MOST_HIDDEN = 20_000_000  # pixels of a proof, beyond which hidden layers would fill a disk


@dataclass(frozen=True)
class StagePicture:
    """A stage of a proof by its name, at its own size."""

    name: str
    picture: ByteImage


def proof_layers(
    recipe: Recipe,
    picture: ByteImage,
    store: PictureStore,
    *,
    stages: list[StagePicture] | None = None,
    control: Control | None = None,
) -> list[Layer]:
    """Layers from the top down that add up to the picture.

    Each region's part, cut out by its mask, over the whole picture; hidden beneath it the stages,
    the guides' maps and the source, all at the picture's size.

    Parameters
    ----------
    recipe : with absolute paths.
    picture : (H, W, 3) uint8 sRGB, the proof.
    stages : those that are at hand.

    Raises
    ------
    RecipeError, PictureError
        If the recipe's files are not there.
    """
    control = Control() if control is None else control
    work = Groundwork(recipe, store)
    shape = picture.shape[:2]
    layers = [Layer(name, _cut_out(picture, mask)) for name, mask in work.masks.items()]
    layers.append(Layer("the whole picture", picture))
    if shape[0] * shape[1] > _MOST_HIDDEN:
        return layers
    layers += [Layer(s.name, _sized(s.picture, shape), shown=False) for s in stages or []]
    for cue in cues_of(recipe.cues, GuideCue):
        control.check()
        made = make_map(cue, store, work.canvas)
        layers.append(Layer(f"guide: {cue.name}", _as_picture(made, shape), shown=False))
    if work.canvas.picture is not None:
        layers.append(Layer("source", _sized(work.canvas.picture, shape), shown=False))
    return layers


def _cut_out(picture: ByteImage, mask: FloatImage) -> np.ndarray:
    """(H, W, 4) uint8: the picture where the mask is."""
    shape = picture.shape[:2]
    if mask.shape != shape:
        mask = linear_rows(mask, shape, (0, shape[0]))
    alpha = np.rint(mask.clip(0, 1) * 255).astype(np.uint8)
    return np.dstack([picture * (alpha > 0)[..., None], alpha])


def _sized(picture: ByteImage, shape: tuple[int, ...]) -> ByteImage:
    if picture.shape[:2] == shape:
        return picture
    sized = resize(picture.astype(np.float32), shape[0], shape[1])
    return np.clip(np.rint(sized), 0, 255).astype(np.uint8)


def _as_picture(made: np.ndarray, shape: tuple[int, ...]) -> ByteImage:
    """A map, grey in 0..1 or in colours, as a picture."""
    if made.ndim == 2:
        grey = np.rint(made.clip(0, 1) * 255).astype(np.uint8)
        made = np.repeat(grey[..., None], 3, axis=2)
    return _sized(made.astype(np.uint8), shape)
