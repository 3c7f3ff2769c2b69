"""Lays the marks of a frame where those of the frame before have moved to."""

import numpy as np

from overlay.engine.marker import ENTERING_SWEEPS, POWER, SWEEPS, Marker, doubt_at
from overlay.engine.matches import Matches, next_matches
from overlay.engine.matching import search
from overlay.engine.matching.atlas import Atlas
from overlay.engine.matching.field import Field
from overlay.engine.sequence.between import usable_rest, vote_between
from overlay.engine.sequence.carrying import Carried, Kept, carry_along
from overlay.engine.sequence.film import Hold
from overlay.engine.steps.schedule import Step
from overlay.imaging.colour import FloatImage
from overlay.imaging.filters import box_mean
from overlay.motion.flow import SURE

_DISCOUNT = 0.3  # of a carried match's rank at the held end
_SWEEPS, _ENTERING = 1, 2  # of a held frame
_MORE = 2  # of the first one of a scene, whose mistakes stay
_FREE = 20  # purpose of random numbers: which patches are free


class HeldMarker(Marker):
    """Lays marks where those of the frame before have moved to."""

    hold: Hold
    _rests: dict[int | None, FloatImage]
    _use: dict[int, FloatImage]

    def begin(self, hold: Hold) -> "HeldMarker":
        """Hold to a frame."""
        self.hold, self._rests, self._use = hold, {}, {}
        self._carried: dict[int | None, Carried] = {}
        return self

    def _moved(self, step: Step, atlas: Atlas, group: int | None) -> Matches:
        across, down = (-way / 2**step.level for way in self.hold.now.way)
        matches = next_matches(
            self._material, atlas, self._casting, self._matches.get(group), step, group=group,
            shift=(round(down), round(across)),
        )  # fmt: skip
        self._carried.pop(group, None)
        before, moving = self.hold.before, self.hold.moving
        kept = None if before is None else before.matches.get((step.number, group))
        if kept is None or moving is None:
            return matches
        flow, sure = moving.flow[step.level], moving.sure[step.level]
        carried = carry_along(kept, matches.grid, flow, sure, atlas)
        use = (carried.sure > SURE) & (matches.label >= 0) & self._held_here(step, matches)
        if group is None:
            matches.label = np.where(use, carried.owner, matches.label).astype(np.int16)
        matches.field = np.where(use[..., None], carried.field, matches.field).astype(np.int32)
        self._carried[group] = carried._replace(sure=np.where(use, carried.sure, np.float32(0)))
        return matches

    def _held_here(self, step: Step, matches: Matches) -> np.ndarray:
        """Which patches begin at what was carried: a random share, others in each frame."""
        if self.hold.amount >= 1:
            return np.ones(matches.label.shape, bool)
        seed = [self._material.chance.key(step, _FREE), self.hold.now.number]
        chosen = np.random.default_rng(seed).random(matches.label.shape) < self.hold.amount
        return np.asarray(chosen)

    def _refine(
        self,
        query: search.Query,
        atlas: Atlas,
        matches: Matches,
        step: Step,
        *,
        entering: bool,
    ) -> FloatImage:
        carried = self._carried.get(matches.group)
        if carried is None:
            sweeps = ENTERING_SWEEPS if entering else SWEEPS
            sweeps += _MORE * (self.hold.before is None and self.hold.amount > 0)
            means = self._search(query, atlas, matches, step, entering=entering, sweeps=sweeps)
            self._rests[matches.group] = np.zeros((*matches.label.shape, 2), np.float32)
            return means
        discount = np.asarray(1 / (1 + _DISCOUNT * self.hold.amount * carried.sure), np.float32)
        means = self._search(
            query, atlas, matches, step, entering=entering,
            sweeps=_ENTERING if entering else _SWEEPS, held=(carried.field, discount),
        )  # fmt: skip
        self._rests[matches.group] = _rests(matches.field, carried)
        return means

    def _vote(
        self,
        matches: Matches,
        means: FloatImage,
        atlas: Atlas,
        canvas: FloatImage,
        step: Step,
    ) -> FloatImage:
        rest = self._rests[matches.group]
        owner = np.where(matches.label < 0, np.int16(-1), atlas.owner[matches.field[..., 0]])
        kept = Kept(matches.field.copy(), rest, owner.astype(np.int16), matches.grid)
        self.hold.now.matches[step.number, matches.group] = kept
        if not rest.any():
            return super()._vote(matches, means, atlas, canvas, step)
        if step.level not in self._use:
            self._use[step.level] = usable_rest(atlas)
        used = self._use[step.level][matches.field[..., 0]][..., None] * rest
        return vote_between(
            matches.field, used, matches.label, means, self._material.free_mean, atlas,
            matches.grid, canvas, power=POWER, doubt=doubt_at(step),
        )  # fmt: skip


def _rests(found: Field, carried: Carried) -> FloatImage:
    """What is left of whole places: the carried rest where a match stayed, else its neighbours'."""
    stayed = (found == carried.field).all(axis=2) & (carried.sure > 0)
    share = box_mean(stayed.astype(np.float32), 3)
    rest = np.where(stayed[..., None], carried.rest, np.float32(0)).astype(np.float32)
    near = box_mean(rest, 3) / np.maximum(share, 1e-6)[..., None]
    lost = ~stayed & (share > 1e-3)
    return np.asarray(np.where(lost[..., None], near, rest), np.float32)
