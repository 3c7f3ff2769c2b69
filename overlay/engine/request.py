"""What the engine is asked for and what it gives back: frozen, plain, and owning all its arrays."""

from collections.abc import Callable
from dataclasses import dataclass, field

import numpy as np
import numpy.typing as npt

from overlay.engine.control import Control
from overlay.engine.record import Influence, Trace
from overlay.engine.steps.schedule import Span, Step, plan
from overlay.imaging.colour import ByteImage, FloatImage

BoolMask = npt.NDArray[np.bool_]


@dataclass(frozen=True)
class Facets:
    """How much of a reference a cue takes, each 0..2."""

    palette: float = 0.0
    surface: float = 0.0
    light: float = 0.0
    layout: float = 0.0
    likeness: float = 0.0


@dataclass(frozen=True)
class Placement:
    """How a picture lies on the frame, for the facets that say what is where.

    Attributes
    ----------
    fit : `fill` covers the frame and is cut, `inside` shows the whole picture, `stretch` bends it.
    shift : to the right and down, as shares of the frame's width and height.
    scale : size about the middle of the frame, above 0.
    """

    fit: str = "fill"
    shift: tuple[float, float] = (0.0, 0.0)
    scale: float = 1.0


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
    allowed : (h, w) bool, False where the picture must not be used, or None; never all False.
    mirror, turns : whether its mirror image and its quarter turns may be used.
    placement : where it lies on the frame, for Layout and Likeness.
    origin : where its top left pixel lies in the artist's file (x, y), for the trace.
    depth : (h, w) float32 in 0..1, 1 is near, all depths equally frequent; or None.
    """

    name: str
    picture: ByteImage
    facets: Facets
    weight: float = 1.0
    span: Span = field(default_factory=Span)
    region: FloatImage | None = None
    scale: float = 1.0
    allowed: BoolMask | None = None
    mirror: bool = True
    turns: bool = False
    placement: Placement = field(default_factory=Placement)
    origin: tuple[int, int] = (0, 0)
    depth: FloatImage | None = None

    @property
    def is_swatches(self) -> bool:
        """Whether the picture is a row of swatches rather than a picture."""
        return bool(self.picture.shape[0] == 1)


@dataclass(frozen=True)
class AvoidCue:
    """A picture whose likes are not wanted: patches that resemble it are chosen less.

    Attributes
    ----------
    picture : (h, w, 3) uint8 sRGB.
    blur : pixels of the picture by which both sides are blurred before they are compared; with
        more, its manner may stay while its subject goes.
    """

    name: str
    picture: ByteImage
    blur: float = 0.0
    weight: float = 1.0
    span: Span = field(default_factory=Span)
    region: FloatImage | None = None


@dataclass(frozen=True)
class GuideCue:
    """A structure map that the proof's contours should follow.

    Attributes
    ----------
    strength : (H, W) float32 in 0..1, how much of a contour each pixel is.
    lightness : (H, W) float32, the picture (or map) whose gradient directions the contours have.
    masses : (rows, columns, 3) float32, working space, that the proof's large forms should have,
        or None. hard : whether they have borders. coloured : whether a and b count.
    depth : (H, W) float32 in 0..1, 1 is near, all depths equally frequent; or None.
    agreement : 0..1, how far near places take near patches.
    receding : 0..1, how much smaller marks become with distance.
    """

    name: str
    strength: FloatImage
    lightness: FloatImage
    sigma: float
    weight: float = 1.0
    span: Span = field(default_factory=Span)
    region: FloatImage | None = None
    masses: FloatImage | None = None
    hard: bool = False
    coloured: bool = False
    depth: FloatImage | None = None
    agreement: float = 0.0
    receding: float = 0.0


Cue = StyleCue | GuideCue | AvoidCue


@dataclass(frozen=True)
class Even:
    """What the pictures of a set have in common, so that they look made by one hand.

    Attributes
    ----------
    amount : 0..1, how far tints are those found over all sources of the set, not over its own.
    colours : (1, n, 3) uint8 sRGB, colours of all these sources in equal parts.
    """

    amount: float
    colours: ByteImage


@dataclass(frozen=True)
class MarksWish:
    """What marks should be like, or should not.

    Attributes
    ----------
    trait : one of `matching.character.CHARACTERS`. amount : -2..2, below 0 away from it.
    """

    trait: str
    amount: float


@dataclass(frozen=True)
class Stray:
    """A wandering from the request's seed towards another one: 0 none, 1 all the way."""

    seed: int
    amount: float


@dataclass(frozen=True)
class Request:
    """A proof to be rendered.

    Attributes
    ----------
    source : (height, width, 3) uint8 sRGB, or None to start from noise.
    within : (height, width) float32 in 0..1 that confines the run, or None; it acts as a
        departure per pixel, so soft parts start later.
    marked : whether the source is a proof that bears marks already, so that its contours and its
        detail need no help beside new marks.
    begun : of the run that made the source, whose matches this one goes on from; None for none.
    ground : what the source is called where it is said who decided.
    even : what it shares with the other pictures of its set, or None.
    marks : what they should be like wherever there is a choice.
    blend : `share`, each patch from one reference, or `mix`, references averaged and then made
        crisp again.
    """

    width: int
    height: int
    seed: int = 0
    steps: int = 16
    departure: float = 0.75
    source: ByteImage | None = None
    styles: tuple[StyleCue, ...] = ()
    guides: tuple[GuideCue, ...] = ()
    avoided: tuple[AvoidCue, ...] = ()
    within: FloatImage | None = None
    marked: bool = False
    begun: Trace | None = None
    blend: str = "share"
    stray: Stray | None = None
    ground: str = "source"
    even: Even | None = None
    marks: tuple[MarksWish, ...] = ()

    def __post_init__(self) -> None:
        shape = (self.height, self.width)
        if self.source is not None and self.source.shape[:2] != shape:
            raise ValueError(f"source must be {shape}, got {self.source.shape[:2]}")
        if self.source is None and self.departure < 1:
            raise ValueError(f"without a source departure must be 1, got {self.departure}")
        cues: tuple[Cue, ...] = (*self.styles, *self.guides, *self.avoided)
        for cue in cues:
            if cue.region is not None and cue.region.shape != shape:
                raise ValueError(f"region of {cue.name!r} must be {shape}, got {cue.region.shape}")

    def planned(self, levels: int) -> list[Step]:
        """The steps that are taken, of `levels` halvings at most."""
        begun = self.begun is not None
        return plan(self.steps, self.departure, levels, begun=begun)


@dataclass(frozen=True)
class Frame:
    """One picture of the filmstrip: the state after a step."""

    step: int
    progress: float  # at the step's end
    picture: ByteImage


@dataclass(frozen=True)
class Render:
    """A finished proof."""

    picture: ByteImage
    filmstrip: tuple[Frame, ...] = ()
    trace: Trace | None = None
    influence: Influence | None = None
    seconds: dict[str, float] = field(default_factory=dict)


# What renders a request; whoever asks may watch and stop it.
Engine = Callable[[Request, Control | None], Render]
