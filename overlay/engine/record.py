"""What a run leaves behind besides its picture: who decided what, and where patches came from."""

from dataclasses import dataclass

import numpy as np
import numpy.typing as npt

from overlay.imaging.colour import FloatImage

# What is decided: large forms of light and dark, marks and contours, and colour.
ASPECTS = ("masses", "marks", "colour")
CANVAS = "canvas"


@dataclass(frozen=True)
class Influence:
    """Who decided how much, for every step, aspect and place: normalised weights.

    Attributes
    ----------
    names : the cues that spoke, then what stays where they do not: the ground, or `canvas`.
    progress : at the end of each step, 0..1.
    maps : (steps, names, aspects, rows, columns) uint8, 255 is all; about 24 rows, over the whole
        frame. Over the names they sum to 255, up to rounding.
    """

    names: tuple[str, ...]
    progress: tuple[float, ...]
    maps: npt.NDArray[np.uint8]

    def chart(self) -> FloatImage:
        """Mean over places and aspects, (steps, names) float32 in 0..1."""
        return np.asarray(self.maps.mean(axis=(2, 3, 4)) / 255, np.float32)

    def of(self, name: str) -> FloatImage:
        """How much a cue decided at each step, (steps,) float32 in 0..1; 0 if it never spoke."""
        if name not in self.names:
            return np.zeros(len(self.progress), np.float32)
        return np.asarray(self.chart()[:, self.names.index(name)])


@dataclass(frozen=True)
class Trace:
    """Where each patch of the proof came from, on the grid of the last step.

    Attributes
    ----------
    names : of the request's styles.
    cue : (rows, columns) int16, index into `names`, -1 where none decided.
    y, x : (rows, columns) int32, top left pixel of the patch in that reference as it was used,
        unturned and unmirrored.
    mirrored : (rows, columns) bool, the patch was turned left to right after turning.
    turn : (rows, columns) uint8, quarter turns counterclockwise.
    top, left : pixel of the proof where patch (0, 0) begins (may be negative).
    stride, size : pixels between patches and side of a patch.
    scales : for each style, pixels of its picture per pixel of the reference as it was used.
    origins : for each style, (x, y) in the artist's file of its picture's first pixel.
    """

    names: tuple[str, ...]
    cue: npt.NDArray[np.int16]
    y: npt.NDArray[np.int32]
    x: npt.NDArray[np.int32]
    mirrored: npt.NDArray[np.bool_]
    turn: npt.NDArray[np.uint8]
    top: int
    left: int
    stride: int
    size: int
    scales: tuple[float, ...]
    origins: tuple[tuple[int, int], ...]

    def share(self, name: str) -> float:
        """Share of the proof's area that a cue decided, 0..1."""
        return float((self.cue == self.names.index(name)).mean())

    def patch_at(self, y: int, x: int) -> tuple[int, int]:
        """Row and column of the patch whose middle is nearest to a pixel of the proof."""
        half = self.size // 2
        row = round((y - self.top - half) / self.stride)
        column = round((x - self.left - half) / self.stride)
        rows, columns = self.cue.shape
        return min(max(row, 0), rows - 1), min(max(column, 0), columns - 1)

    def origin(self, row: int, column: int) -> tuple[str, tuple[float, float, float, float]] | None:
        """The cue and place a patch came from, or None where no reference decided.

        Returns
        -------
        Its name, and left, top, right, bottom in pixels of the artist's file.
        """
        cue = int(self.cue[row, column])
        if cue < 0:
            return None
        scale, (left, top) = self.scales[cue], self.origins[cue]
        x, y = left + self.x[row, column] * scale, top + self.y[row, column] * scale
        side = self.size * scale
        return self.names[cue], (float(x), float(y), float(x + side), float(y + side))

    def came_from(
        self, name: str, left: float, top: float, right: float, bottom: float
    ) -> npt.NDArray[np.bool_]:
        """Patches whose middle came from a box of a cue's picture, (rows, columns) bool.

        Parameters
        ----------
        left, top, right, bottom : pixels of the artist's file.
        """
        cue = self.names.index(name)
        scale, (x0, y0) = self.scales[cue], self.origins[cue]
        x = x0 + (self.x + self.size / 2) * scale
        y = y0 + (self.y + self.size / 2) * scale
        inside = (x >= left) & (x < right) & (y >= top) & (y < bottom)
        return np.asarray(inside & (self.cue == cue))

    def pixels(
        self, patches: npt.NDArray[np.bool_], height: int, width: int
    ) -> npt.NDArray[np.bool_]:
        """The pixels of a proof (height, width) that lie nearest to chosen patches."""
        half = self.size // 2
        rows = np.rint((np.arange(height) - self.top - half) / self.stride).astype(int)
        columns = np.rint((np.arange(width) - self.left - half) / self.stride).astype(int)
        rows, columns = (
            r.clip(0, n - 1) for r, n in zip((rows, columns), patches.shape, strict=True)
        )
        return np.asarray(patches[np.ix_(rows, columns)])
