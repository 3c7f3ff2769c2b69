"""What the engine is asked for and what it gives back: frozen, plain, and owning all its arrays."""

from dataclasses import dataclass, field

import numpy as np
import numpy.typing as npt

from overlay.engine.schedule import Envelope
from overlay.imaging.colour import ByteImage, FloatImage


@dataclass(frozen=True)
class Facets:
    """How much of a reference a cue takes, each 0..2."""

    palette: float = 0.0
    surface: float = 0.0
    light: float = 0.0


@dataclass(frozen=True)
class StyleCue:
    """A reference picture, or swatches, with the facets taken from it.

    Attributes
    ----------
    name : unique among the cues of a request.
    picture : (h, w, 3) uint8 sRGB; for swatches one pixel each, (1, n, 3).
    weight : 0..2.
    region : (H, W) float32 in 0..1 at the request's size, or None for everywhere.
    scale : size of the reference's marks; 2 doubles them.
    """

    name: str
    picture: ByteImage
    facets: Facets
    weight: float = 1.0
    envelope: Envelope = field(default_factory=Envelope)
    region: FloatImage | None = None
    scale: float = 1.0

    @property
    def is_swatches(self) -> bool:
        """Whether the picture is a row of swatches rather than a picture."""
        return bool(self.picture.shape[0] == 1)


@dataclass(frozen=True)
class GuideCue:
    """A structure map that the proof's contours should follow.

    Attributes
    ----------
    strength : (H, W) float32 in 0..1, how much of a contour each pixel is.
    lightness : (H, W) float32, the picture (or map) whose gradient directions the contours have.
    """

    name: str
    strength: FloatImage
    lightness: FloatImage
    sigma: float
    weight: float = 1.0
    envelope: Envelope = field(default_factory=Envelope)
    region: FloatImage | None = None


@dataclass(frozen=True)
class Request:
    """A proof to be rendered.

    Attributes
    ----------
    source : (height, width, 3) uint8 sRGB, or None to start from noise.
    within : (height, width) float32 in 0..1 that confines the run, or None; it acts as a
        departure per pixel, so soft parts start later.
    """

    width: int
    height: int
    seed: int = 0
    steps: int = 16
    departure: float = 0.75
    source: ByteImage | None = None
    styles: tuple[StyleCue, ...] = ()
    guides: tuple[GuideCue, ...] = ()
    within: FloatImage | None = None

    def __post_init__(self) -> None:
        shape = (self.height, self.width)
        if self.source is not None and self.source.shape[:2] != shape:
            raise ValueError(f"source must be {shape}, got {self.source.shape[:2]}")
        if self.source is None and self.departure < 1:
            raise ValueError(f"without a source departure must be 1, got {self.departure}")
        cues: tuple[StyleCue | GuideCue, ...] = (*self.styles, *self.guides)
        for cue in cues:
            if cue.region is not None and cue.region.shape != shape:
                raise ValueError(f"region of {cue.name!r} must be {shape}, got {cue.region.shape}")


@dataclass(frozen=True)
class Frame:
    """One picture of the filmstrip: the state after a step."""

    step: int
    progress: float  # at the step's end
    picture: ByteImage


@dataclass(frozen=True)
class Trace:
    """Where each patch of the proof came from, on the grid of the last step.

    Attributes
    ----------
    cue : (rows, columns) int16, index into the request's styles, -1 where none decided.
    y, x : (rows, columns) int32, top left pixel of the patch in that reference as it was used.
    mirrored : (rows, columns) bool, the patch was taken from the mirror image (x counts there).
    top, left : pixel of the proof where patch (0, 0) begins (may be negative).
    stride, size : pixels between patches and side of a patch.
    scales : for each style, pixels of its picture per pixel of the reference as it was used.
    """

    cue: npt.NDArray[np.int16]
    y: npt.NDArray[np.int32]
    x: npt.NDArray[np.int32]
    mirrored: npt.NDArray[np.bool_]
    top: int
    left: int
    stride: int
    size: int
    scales: tuple[float, ...]


@dataclass(frozen=True)
class Render:
    """A finished proof."""

    picture: ByteImage
    filmstrip: tuple[Frame, ...] = ()
    trace: Trace | None = None
    influence: dict[str, tuple[float, ...]] = field(default_factory=dict)  # mean, per step
    seconds: dict[str, float] = field(default_factory=dict)
