"""The influence record: from the weights of a step to who decided what, and where."""

from dataclasses import dataclass

import numpy as np

from overlay.engine.layout import cells_of
from overlay.engine.matches import Owners
from overlay.engine.material import Material
from overlay.engine.record import ASPECTS, CANVAS, Influence
from overlay.engine.steps.schedule import Step
from overlay.imaging.colour import FloatImage
from overlay.imaging.resample import resize


@dataclass(frozen=True)
class Noted:
    """What was recorded up to a step: progress at the end of each, and its maps."""

    progress: tuple[float, ...] = ()
    maps: tuple[FloatImage, ...] = ()


class Recorder:
    """Collects the normalised weights of a run, step by step, on the frame's cells.

    Parameters
    ----------
    noted : what a run of the same beginning has recorded.
    """

    def __init__(self, material: Material, noted: Noted | None = None) -> None:
        self._material = material
        self._cells = cells_of(material.request.height, material.request.width)
        rest = CANVAS if material.source is None else material.request.ground
        self._names = (*(cue.name for cue in material.styles), rest)
        noted = noted or Noted()
        self._progress, self._maps = list(noted.progress), list(noted.maps)

    def noted(self) -> Noted:
        """What was recorded so far."""
        return Noted(tuple(self._progress), tuple(self._maps))

    def note(
        self,
        step: Step,
        voted: FloatImage,
        owners: Owners | None,
        amounts: list[float],
    ) -> None:
        """Record a step.

        Parameters
        ----------
        voted : (h, w) float32 in 0..1, what the patches counted in the blend.
        owners : which reference decides where; None while one speaks alone.
        amounts : for each style how far it has come, 0 up.
        """
        maps = np.zeros((len(self._names), len(ASPECTS), *self._cells), np.float32)
        masses, marks, colour = maps[:, 0], maps[:, 1], maps[:, 2]
        spoken = self._small(voted)
        for place, i in enumerate(self._material.surfaced):
            part = (
                spoken
                if owners is None
                else spoken * self._small(owners.of(i, self._material.levels))
            )
            tone, hue, _ = self._material.free_mean[place]
            masses[i] += part * (1 - tone)
            marks[i] += part
            colour[i] += part * (1 - hue)
        self._share_rest(masses, ("layout", "light"), amounts)
        self._share_rest(marks, ("likeness",), amounts)
        self._share_rest(colour, ("palette", "likeness"), amounts)
        self._maps.append(maps)
        self._progress.append((step.number + 1) / self._material.request.steps)

    def influence(self) -> Influence:
        """All that was noted."""
        maps = np.stack(self._maps) if self._maps else np.zeros((0, len(self._names), 3, 1, 1))
        whole = np.rint(255 * maps.clip(0, 1)).astype(np.uint8)
        return Influence(self._names, tuple(self._progress), whole)

    def _share_rest(
        self, aspect: FloatImage, facets: tuple[str, ...], amounts: list[float]
    ) -> None:
        """Give out what patches left, facet after facet; what is over stays with the last name."""
        left = np.maximum(1 - aspect.sum(axis=0), 0)
        ground, level = self._material.ground, self._material.levels
        for facet in facets:
            asked = [
                self._small(ground.amount(i, level, amounts, facet)) for i in range(len(amounts))
            ]
            total = np.maximum(sum(asked[1:], asked[0]), 1.0)
            given = np.zeros_like(left)
            for i, amount in enumerate(asked):
                aspect[i] += left * amount / total
                given += amount / total
            left = left * np.maximum(1 - given, 0)
        aspect[-1] += left

    def _small(self, values: FloatImage) -> FloatImage:
        if values.shape == (1, 1):
            return np.full(self._cells, values[0, 0], np.float32)
        return resize(values, *self._cells).clip(0, None)
