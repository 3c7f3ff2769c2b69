"""From a prompt to a drawn scene: picture, exact depth, labels, and what it was read as."""

from collections.abc import Sequence
from typing import NamedTuple

import numpy as np
import numpy.typing as npt

from overlay.imaging.colour import FloatImage
from overlay.words.air import through_air
from overlay.words.composing.scene import Scene, compose, moved_to
from overlay.words.language.reading import Reading
from overlay.words.stage.drawing import LAND, Drawn, draw_scene
from overlay.words.wishing.places import is_indoors
from overlay.words.wishing.wish import wish_of


class Moved(NamedTuple):
    """A thing set by hand, see `composing.scene.moved_to`."""

    name: str
    at: tuple[float, float]
    size: float
    turn: float = 0.0


class WordsPicture(NamedTuple):
    """A scene that words drew, and what it was composed of.

    Attributes
    ----------
    colours : things before which a colour word stood, with that colour.
    """

    drawn: Drawn
    scene: Scene
    colours: dict[str, str]

    @property
    def wished(self) -> list[str]:
        """Names of the things that were asked for, each once."""
        return list(dict.fromkeys(t.name for t in self.scene.things[: self.scene.wished]))

    def mask(self, name: str) -> FloatImage:
        """Where a thing or a kind of land is seen, (H, W) float32, 0 or 1."""
        number = self.drawn.names.index(name)
        return np.asarray(self.drawn.labels == number, np.float32)

    @property
    def seen(self) -> list[str]:
        """Names of land and things that are seen, the larger first."""
        shares = np.bincount(self.drawn.labels.ravel(), minlength=len(self.drawn.names))
        order = np.argsort(-shares, kind="stable")
        return [self.drawn.names[i] for i in order if shares[i]]


def draw_words(
    reading: Reading,
    size: tuple[int, int],
    seed: int = 1,
    avoided: Reading | None = None,
    moved: Sequence[Moved] = (),
) -> WordsPicture:
    """Draw what was read, `size` (width, height); the same bytes on any number of threads."""
    wish = wish_of(reading, avoided)
    scene = compose(wish, seed=seed, aspect=size[0] / size[1])
    for thing in moved:
        scene = moved_to(scene, *thing)
    drawn = draw_scene(scene.things, scene.setting, scene.eye.camera(), size, seed)
    picture = through_air(drawn.picture, drawn.depth, wish, seed, indoors=is_indoors(scene.place))
    colours = {t.name: t.colour for t in wish.things if t.colour}
    return WordsPicture(drawn._replace(picture=picture), scene, colours)


def contours(drawn: Drawn) -> FloatImage:
    """True contours: borders of labels, steps of depth over 5 %, creases; (H, W) float32, 0..1.

    No texture is among them, which is what sets them apart from edges found in a picture.
    """
    depth = drawn.depth.astype(np.float64)
    height, width = depth.shape
    edge = np.zeros((height, width))
    for axis in (0, 1):
        ahead, behind = [slice(None)] * 2, [slice(None)] * 2
        ahead[axis], behind[axis] = slice(1, None), slice(None, -1)
        a, b = tuple(ahead), tuple(behind)
        border = drawn.labels[a] != drawn.labels[b]
        step = np.abs(np.log(depth[a] / depth[b])) > 0.05
        flat = np.abs(np.log(depth[a] / depth[b])) < 0.02
        turn = (drawn.normals[a] * drawn.normals[b]).sum(-1)
        things = drawn.labels[a] >= len(LAND)  # whose names come first
        crease = (turn < 0.72) & flat & things
        found = np.maximum(np.where(border | (step & things), 1.0, 0.0), np.where(crease, 0.6, 0.0))
        edge[b] = np.maximum(edge[b], found)
    return edge.astype(np.float32)


def depth_map(drawn: Drawn) -> FloatImage:
    """Depth as guides have it: 1 near, 0 far, even in the inverse of the distance."""
    near: npt.NDArray[np.float64] = 1 / drawn.depth.astype(np.float64)
    low, high = float(near.min()), float(np.percentile(near, 99.5))
    return ((near - low) / max(high - low, 1e-9)).clip(0, 1).astype(np.float32)
