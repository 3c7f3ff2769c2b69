"""The canvas: what a proof is made on, and what lies on it before anything runs."""

from dataclasses import dataclass, field, replace

import numpy as np

from overlay.document.recipe import DEFAULT_PIXELS, LONGEST_ASPECT, SMALLEST_SIDE, Recipe
from overlay.document.taught import Taught
from overlay.document.text.json_text import RecipeError
from overlay.imaging.colour import ByteImage, FloatImage, srgb_to_work, work_to_srgb
from overlay.imaging.resample import cover
from overlay.studio.inputs.digests import picture_stamp
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.words_scene import WordsScene


@dataclass(frozen=True)
class Canvas:
    """The proof's size and the source as it lies on it.

    Attributes
    ----------
    source : the file of the source, or None. picture : the source, framed, or what words have
        drawn; (height, width, 3) uint8 sRGB, shared and not to be written to.
    stamp : what the picture depends on; empty without one. words : the scene that words have drawn.
    set_in : masks of things that words have set into the source, by their names.
    taught : words that an artist has taught, for picks.
    """

    width: int
    height: int
    source: str | None
    picture: ByteImage | None
    stamp: tuple[str, ...] = ()
    words: WordsScene | None = None
    set_in: dict[str, FloatImage] = field(default_factory=dict)
    taught: tuple[Taught, ...] = ()

    @property
    def known(self) -> dict[str, FloatImage]:
        """Masks of what words have drawn, by name."""
        return self.set_in if self.words is None else self.words.masks

    def scaled(self, scale: float) -> "Canvas":
        """The same, smaller: for what need not be exact yet."""
        width, height = max(round(self.width * scale), 8), max(round(self.height * scale), 8)
        picture = None if self.picture is None else fit_picture(self.picture, width, height)
        return replace(self, width=width, height=height, picture=picture, words=None, set_in={})


def framed_source(recipe: Recipe, store: PictureStore) -> Canvas:
    """The canvas before any word is heard; the framed source is kept while size and file stay.

    Raises `RecipeError` and `PictureError` for a source that cannot be one.
    """
    if recipe.source is None:
        width, height = proof_size(recipe, None)
        return Canvas(width, height, None, None, taught=recipe.taught)
    source = store.picture(recipe.source)
    width, height = proof_size(recipe, source)
    stamp = tuple(picture_stamp(recipe.source))
    key = ("framed", f"{width}x{height}", *stamp)
    framed = store.made(key, lambda: fit_picture(source, width, height))
    picture = np.asarray(framed, np.uint8)
    return Canvas(width, height, recipe.source, picture, stamp, taught=recipe.taught)


def proof_size(recipe: Recipe, source: ByteImage | None) -> tuple[int, int]:
    """Width and height: as the recipe says, else the source's proportions at 0.8 megapixels."""
    if recipe.size is not None:
        return recipe.size
    aspect = 1.5 if source is None else source.shape[1] / source.shape[0]
    if not 1 / LONGEST_ASPECT <= aspect <= LONGEST_ASPECT:
        raise RecipeError(f"source: the aspect ratio must be 1:8 to 8:1, got {aspect:.2f}:1")
    height = np.sqrt(DEFAULT_PIXELS / aspect)
    sides = (round(height * aspect / 8) * 8, round(height / 8) * 8)
    return max(SMALLEST_SIDE, sides[0]), max(SMALLEST_SIDE, sides[1])


def fit_picture(picture: ByteImage, width: int, height: int) -> ByteImage:
    """A picture filling a frame: scaled, and cut evenly where proportions differ.

    The picture itself is returned where it has that size.
    """
    if picture.shape[:2] == (height, width):
        return picture
    return work_to_srgb(cover(srgb_to_work(picture), height, width))
