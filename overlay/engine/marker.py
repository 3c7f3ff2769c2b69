"""The references' opinion: search for patches and lay them over each other, step after step.

References either share the picture, each patch coming from one of them, or are mixed: each is laid
over the whole, the layers are averaged, and one more search over all of them makes the average
crisp again.
"""

from collections.abc import Mapping
from dataclasses import dataclass

import numpy as np

from overlay.engine.control import Control
from overlay.engine.library import Library
from overlay.engine.matches import (
    COHERENCE,
    Matches,
    Owners,
    cast,
    make_query,
    next_matches,
    reach_of,
)
from overlay.engine.matching import search
from overlay.engine.matching.atlas import Atlas
from overlay.engine.matching.field import PAD, STRIDE, Field, pad_canvas
from overlay.engine.matching.keys import PATCH
from overlay.engine.matching.vote import vote
from overlay.engine.material import Material
from overlay.engine.record import Trace
from overlay.engine.shares import Casting
from overlay.engine.steps.schedule import Step
from overlay.engine.taking_up import taken_up
from overlay.imaging.colour import FloatImage
from overlay.imaging.noise import add_noise
from overlay.imaging.resample import soften

SWEEPS, ENTERING_SWEEPS = 2, 4
_NEAR = 24  # pixels within which later steps search
_SEARCH, _DETAIL = 1, 3  # purposes of random numbers
POWER = 1.5  # of the window that patches are laid with


def doubt_at(step: Step) -> float:
    """Squared difference to the canvas below which patches count alike."""
    return 0.002 + 0.5 * step.noise**2


@dataclass(frozen=True)
class Correspondence:
    """What a marker knows between two steps; shared, and not to be written to.

    Attributes
    ----------
    matches : by the group that they were sought in, None for all that share the picture.
    last : the group that was laid last. level : the scale at which.
    """

    casting: Casting
    matches: Mapping[int | None, Matches]
    last: int | None
    level: int


class Marker:
    """Lays marks on a canvas; keeps the correspondence from step to step.

    Parameters
    ----------
    known : where another run of the same beginning has come to, to go on from there.
    """

    def __init__(
        self,
        material: Material,
        library: Library,
        first: Step,
        control: Control,
        known: Correspondence | None = None,
    ) -> None:
        self._material, self._library, self._control = material, library, control
        self._mixing = material.request.blend == "mix" and len(material.surfaced) > 1
        if known is None:
            known = self._begun(first)
        self._casting, self._matches = known.casting, dict(known.matches)
        self._last, self._level = known.last, known.level

    def _begun(self, first: Step) -> Correspondence:
        """What a run begins with: references tried on the frame, matches it goes on from."""
        material, library = self._material, self._library
        casting = cast(material, library, first, self._control)
        trace = material.request.begun
        if trace is None:
            return Correspondence(casting, {}, None, -1)
        matches = taken_up(material, library, trace)
        group = library.at(0).all_group if self._mixing else None
        return Correspondence(casting, {group: matches}, group, first.level)

    def known(self) -> Correspondence:
        """What the next step builds on; it stays as it is while this one goes on."""
        return Correspondence(self._casting, dict(self._matches), self._last, self._level)

    def lay(self, step: Step, padded: FloatImage) -> FloatImage:
        """What the references say of a canvas: (h, w, 3) float32, a new array.

        Parameters
        ----------
        padded : (h + 16, w + 16, 3) float32, the canvas from `pad_canvas`.
        """
        atlas = self._library.at(step.level)
        entering, self._level = self._level != step.level, step.level
        if not self._mixing:
            return self._lay_group(step, padded, atlas, None, entering=entering)
        mean = pad_canvas(self._mixed(step, padded, atlas, entering=entering))
        self._last = atlas.all_group
        return self._lay_group(step, mean, atlas, atlas.all_group, entering=entering)

    def owners(self) -> Owners | None:
        """Which reference decides where; None while one speaks alone."""
        matches = self._matches.get(self._last)
        if matches is None or len(self._material.surfaced) < 2:
            return None
        return Owners(self._material, matches.owner, matches.grid, matches.level)

    def trace(self) -> Trace | None:
        """Where each patch of the last step came from."""
        matches, material = self._matches.get(self._last), self._material
        if matches is None:
            return None
        atlas, styles = self._library.at(matches.level), material.request.styles
        places = [styles.index(material.styles[i]) for i in material.surfaced]
        scales = [1.0] * len(styles)
        for place, scale in zip(places, self._library.scales, strict=True):
            scales[place] = scale
        page = matches.field[..., 0]
        y, x = atlas.unturned(matches.field)
        return Trace(
            tuple(cue.name for cue in styles), np.array([*places, -1], np.int16)[matches.owner],
            y, x, atlas.mirrored[page] > 0, atlas.turn[page].astype(np.uint8), -matches.grid.top,
            -matches.grid.left, STRIDE, PATCH, tuple(scales),
            tuple(cue.origin for cue in styles),
        )  # fmt: skip

    def _lay_group(
        self, step: Step, padded: FloatImage, atlas: Atlas, group: int | None, *, entering: bool
    ) -> FloatImage:
        """Search and vote in one reference, in all together, or in each where it has its share."""
        material, control = self._material, self._control
        matches = self._moved(step, atlas, group)
        canvas = padded[PAD:-PAD, PAD:-PAD]
        if material.free_mean.any():
            sought = pad_canvas(self._raise_detail(canvas, atlas, step))
        else:
            sought = padded
        query = make_query(material, sought, matches.grid, matches.label, step)
        control.check()
        means = self._refine(query, atlas, matches, step, entering=entering)
        owner = atlas.owner[matches.field[..., 0]].astype(np.int16)
        matches.owner = np.where(matches.label < 0, np.int16(-1), owner)
        self._matches[group] = matches
        control.check()
        return self._vote(matches, means, atlas, canvas, step)

    def _moved(self, step: Step, atlas: Atlas, group: int | None) -> Matches:
        """The correspondence so far, on the grid of a step."""
        before = self._matches.get(group)
        return next_matches(self._material, atlas, self._casting, before, step, group=group)

    def _refine(
        self,
        query: search.Query,
        atlas: Atlas,
        matches: Matches,
        step: Step,
        *,
        entering: bool,
    ) -> FloatImage:
        """Search, from what `matches` holds to what it holds then; the means of the patches."""
        sweeps = ENTERING_SWEEPS if entering else SWEEPS
        return self._search(query, atlas, matches, step, entering=entering, sweeps=sweeps)

    def _search(
        self,
        query: search.Query,
        atlas: Atlas,
        matches: Matches,
        step: Step,
        *,
        entering: bool,
        sweeps: int,
        held: tuple[Field, FloatImage] | None = None,
    ) -> FloatImage:
        """So many sweeps; `held` as in `search.refine`."""
        matches.field, _, means = search.refine(
            query, atlas, matches.grid, matches.field, soft=entering,
            sweeps=sweeps, coherence=COHERENCE,
            radius=reach_of(atlas) if entering else _NEAR,
            key=self._material.chance.key(step, _SEARCH), check=self._control.check,
            tidy=step.number == self._material.request.steps - 1, held=held,
        )  # fmt: skip
        return means

    def _vote(
        self,
        matches: Matches,
        means: FloatImage,
        atlas: Atlas,
        canvas: FloatImage,
        step: Step,
    ) -> FloatImage:
        """What the matches say of the canvas."""
        return vote(
            matches.field, matches.label, means, self._material.free_mean, atlas, matches.grid,
            canvas, power=POWER, doubt=doubt_at(step),
        )  # fmt: skip

    def _mixed(self, step: Step, padded: FloatImage, atlas: Atlas, *, entering: bool) -> FloatImage:
        """The weighted mean of what each reference alone would say."""
        material, canvas = self._material, padded[PAD:-PAD, PAD:-PAD]
        total = np.zeros(canvas.shape[:2], np.float32)
        out = np.zeros_like(canvas)
        for place, i in enumerate(material.surfaced):
            weight = material.surface_weight(i, step, step.level)
            if not weight.any():
                continue
            said = self._lay_group(step, padded, atlas, place, entering=entering)
            out += weight[..., None] * said
            total += weight
        spoken = (total > 0)[..., None]
        return np.where(spoken, out / np.maximum(total, 1e-6)[..., None], canvas)

    def _raise_detail(self, canvas: FloatImage, atlas: Atlas, step: Step) -> FloatImage:
        """Where colours stay the canvas's own, bring its detail up to the reference's.

        A smooth canvas would otherwise find only the smooth places of the reference.
        """
        free = float(self._material.free_mean[:-1, 0].max())
        low = soften(canvas)
        detail = canvas - low
        wanted = float(atlas.detail[:-1].mean())
        gain = min(wanted / (float(detail.std()) + 1e-4), 3.0)
        out = low + np.float32(1 + free * max(gain - 1, 0)) * detail
        amount = np.full(canvas.shape[:2], 0.5 * free * wanted, np.float32)
        add_noise(out, amount, self._material.chance.key(step, _DETAIL))
        return out
