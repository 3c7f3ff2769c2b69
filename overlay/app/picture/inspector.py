"""Seeing why: the views Influence and Trace, between the picture and the cue card."""

from pathlib import Path

import numpy as np
from PySide6.QtCore import QObject, QPointF, QRectF, Signal
from PySide6.QtGui import QColor, QImage

from overlay.app.floor.floor import Floor
from overlay.app.parts.images import to_image
from overlay.app.parts.language import tr
from overlay.app.picture.deciders import decider_colours, step_at, tint_map
from overlay.app.picture.stage import PictureStage
from overlay.document.cues import ReferenceCue
from overlay.engine.record import Trace
from overlay.studio.making.proofs import Proof

_REACH = 8.0  # pixels of a reference around a click that are followed into the proof


class Inspector(QObject):
    """Keeps the views Influence and Trace in step with proof, playhead and pointer.

    Signals
    -------
    box_found : where in the selected reference a mark came from, a `QRectF` in its pixels, or None.
    """

    box_found = Signal(object)

    def __init__(self, floor: Floor, stage: PictureStage) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.stage = floor, floor.bench, stage
        self._pinned: tuple[int, int] | None = None
        self._playhead = 1.0
        stage.view.hovered.connect(self._hovered)
        stage.view.clicked.connect(self._clicked)
        stage.view_changed.connect(lambda _: self.refresh())

    def show_at(self, playhead: float) -> None:
        """Another moment of the run is looked at."""
        self._playhead = playhead
        self.show_influence()

    @property
    def proof(self) -> Proof | None:
        """The proof that hangs."""
        return self.bench.proof

    def _cues(self) -> list[str]:
        return [cue.name for cue in self.bench.project.recipe.cues]

    def refresh(self) -> None:
        """Show what the present view asks for, and nothing of the other."""
        stage = self.stage
        stage.images["trace"] = stage.images["influence"] = None
        stage.view.show_boxes([])
        stage.view.show_legend([])
        self.box_found.emit(None)
        self._pinned = None
        if stage.mode == "influence":
            self.show_influence()
        elif stage.mode == "trace":
            stage.refresh()
            stage.status.say("Point at a place to see where its marks came from; click to keep it.")

    def show_influence(self) -> None:
        """Tint the picture by who decided, at the playhead's moment."""
        stage, proof = self.stage, self.proof
        if stage.mode != "influence" or proof is None or proof.influence is None:
            return
        influence = proof.influence
        stage.images["influence"] = to_image(
            tint_map(influence, self._playhead, self._cues(), stage.aspect.currentData())
        )
        shares = influence.chart()[step_at(influence, self._playhead)]
        colours = decider_colours(influence.names, self._cues())
        stage.view.show_legend([
            (colour, f"{name if name in self._cues() else tr(name)} {share:.0%}")
            for name, share, colour in zip(influence.names, shares, colours, strict=True)
        ])  # fmt: skip
        stage.refresh()

    # Trace ----------------------------------------------------------------------------------

    def _trace(self) -> Trace | None:
        if self.stage.mode != "trace" or self.proof is None:
            return None
        return self.proof.trace

    def _patch(self, trace: Trace, place: QPointF) -> tuple[int, int]:
        assert self.proof is not None
        height, width = self.proof.picture.shape[:2]
        return trace.patch_at(int(place.y() * height), int(place.x() * width))

    def _hovered(self, place: QPointF) -> None:
        trace = self._trace()
        if trace is not None and self._pinned is None:
            self._show_patch(trace, self._patch(trace, place))

    def _clicked(self, place: QPointF) -> None:
        """Keep a patch in view and show its cue, or let go of the one that is kept."""
        trace = self._trace()
        if trace is None:
            return
        patch = self._patch(trace, place)
        self._pinned = None if self._pinned == patch else patch
        found = trace.origin(*patch)
        if self._pinned is not None and found is not None and found[0] in self._cues():
            self.bench.select(self._cues().index(found[0]))
        self._show_patch(trace, patch)

    def _show_patch(self, trace: Trace, patch: tuple[int, int]) -> None:
        stage, found = self.stage, trace.origin(*patch)
        stage.view.show_boxes([self._proof_box(trace, patch)])
        stage.images["trace"] = None
        selected = self.bench.selected_cue
        if found is None:
            self.box_found.emit(None)
            stage.status.say("The source: no reference decided here.")
        else:
            name, (left, top, right, bottom) = found
            shown = selected is not None and selected.name == name
            box = QRectF(QPointF(left, top), QPointF(right, bottom))
            self.box_found.emit(box if shown else None)
            stage.status.say(self._sentence(trace, patch, name, left, top, shown=shown))
        stage.refresh()

    def _sentence(
        self, trace: Trace, patch: tuple[int, int], name: str, x: float, y: float, *, shown: bool
    ) -> str:
        assert self.proof is not None
        cue = next((c for c in self.proof.recipe.cues if c.name == name), None)
        file = f" in {Path(cue.reference).name}" if isinstance(cue, ReferenceCue) else ""
        ways = []
        if trace.turn[patch]:
            ways.append(f"turned by {90 * int(trace.turn[patch])}°")
        if trace.mirrored[patch]:
            ways.append("mirrored")
        text = f"{name}: from {x:.0f}, {y:.0f}{file}{', ' if ways else ''}{' and '.join(ways)}"
        return text if shown else f"{text}. Click to see it on the card"

    def _proof_box(self, trace: Trace, patch: tuple[int, int]) -> QRectF:
        """Where a patch lies in the proof, as shares."""
        assert self.proof is not None
        height, width = self.proof.picture.shape[:2]
        y = patch[0] * trace.stride + trace.top
        x = patch[1] * trace.stride + trace.left
        return QRectF(x / width, y / height, trace.size / width, trace.size / height)

    def _show_veil(self, veil: QImage) -> None:
        if self.stage.mode == "trace" and self._pinned == (-1, -1):
            self.stage.set_image("trace", veil)

    def follow(self, place: QPointF) -> None:
        """Show where a place of the selected reference went in the proof."""
        trace, cue = self._trace(), self.bench.selected_cue
        if trace is None or cue is None or cue.name not in trace.names:
            return
        assert self.proof is not None
        index = trace.names.index(cue.name)
        reach = _REACH * max(trace.scales[index], 1.0)
        x, y = place.x(), place.y()
        patches = trace.came_from(cue.name, x - reach, y - reach, x + reach, y + reach)
        height, width = self.proof.picture.shape[:2]
        stage = self.stage
        self._pinned = (-1, -1)  # until the next click
        self.box_found.emit(QRectF(x - reach, y - reach, 2 * reach, 2 * reach))
        stage.view.show_boxes([])
        self.floor.loader.ask(
            lambda: _lit(trace.pixels(patches, height, width)),
            lambda veil: self._show_veil(veil),
            newest="veil",
        )
        stage.status.say(
            f"{int(patches.sum())} patches of the proof came from there "
            f"({patches.mean():.1%} of its area)."
        )
        stage.refresh()


def _lit(mask: np.ndarray) -> QImage:
    """A veil over everything but the masked pixels."""
    height, width = mask.shape
    veil = QImage(width, height, QImage.Format.Format_ARGB32_Premultiplied)
    veil.fill(QColor(20, 20, 20, 190))
    rows = np.frombuffer(veil.bits(), np.uint8).reshape(height, veil.bytesPerLine() // 4, 4)
    rows[:, :width][mask] = 0
    return veil
