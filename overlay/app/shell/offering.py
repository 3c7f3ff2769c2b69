"""Which control stands for which setting: for wells, targets and live looks."""

from collections.abc import Callable
from functools import partial
from typing import Any

from overlay.app.card.cue_card import CueCard
from overlay.app.card.fader import Fader
from overlay.app.parts.fields import SliderField
from overlay.app.parts.offers import offer
from overlay.app.picture.live_look import LiveLookDesk
from overlay.app.regions.panel import RegionPanel
from overlay.app.sheet.cue_row import CueRow
from overlay.app.sheet.cue_sheet import CueSheet
from overlay.app.shell.top_bar import TopBar
from overlay.document.cues import Cue
from overlay.studio.bench.bench import Bench
from overlay.studio.sheets.settings import cue_path

_SHAPE = ("weight", "enter", "leave", "fade_in", "fade_out")
Keys = list[tuple[str, str]]


class Offering:
    """Joins controls to what can be done with their settings."""

    def __init__(self, bench: Bench, live: LiveLookDesk) -> None:
        self._bench, self._live = bench, live

    def join(self, top: TopBar, sheet: CueSheet, card: CueCard, regions: RegionPanel) -> None:
        """All controls that the window has."""
        self._join_top(top)
        sheet.told_of_rows.append(self._join_row)
        for row in sheet.rows:
            self._join_row(row)
        for name, fader in card.facets.faders.items():
            self._join_fader(name, fader)
        for key, field in (("scale", card.facets.mark_size), ("sharpen", card.use.sharpen),
                           ("blur", card.blur)):  # fmt: skip
            self._join_slider(field, partial(self._of_cue, key, field.label.text()))
        for key in _SHAPE:
            offer(card.span.fields[key], partial(self._of_cue, key, key.replace("_", " ")))
        card.guide.field_made = self._join_option
        for key, field in regions.shapes.fields.items():
            self._join_slider(field, lambda k=key, r=regions: _of_region(r, k))  # type: ignore[misc]

    def _join_top(self, top: TopBar) -> None:
        for widget in (top.departure, top.departure_field):
            offer(widget, lambda: [("departure", "departure")])
        offer(top.departure_label, lambda: [("departure", "departure")], plain_drag=True)
        offer(top.seed, lambda: [("seed", "seed")])
        offer(top.size_box, lambda: [("size", "size")])
        top.departure_moved.connect(lambda value: self._live.move({"departure": value}))

    def _join_row(self, row: CueRow) -> None:
        offer(row.weight, lambda: self._of_row(row, ("weight",)))
        offer(row.envelope, lambda: self._of_row(row, _SHAPE))

        def moved(shape: Any) -> None:
            path = self._path(row.index)
            if path:
                self._live.move({f"{path}.{key}": getattr(shape, key) for key in _SHAPE})

        row.envelope.moving.connect(moved)

    def _join_fader(self, name: str, fader: Fader) -> None:
        keys = partial(self._of_cue, f"facets.{name}", name)
        offer(fader, keys)
        fader.moving.connect(lambda value: self._move(keys, value))

    def _join_option(self, key: str, field: SliderField) -> None:
        """A guide's option, whose control is made anew with each kind."""
        self._join_slider(field, partial(self._of_cue, f"options.{key}", field.label.text()))

    def _join_slider(self, field: SliderField, keys: Callable[[], Keys]) -> None:
        offer(field.slider, keys)
        offer(field.field, keys)
        offer(field.label, keys, plain_drag=True)
        field.moved.connect(lambda value: self._move(keys, value))

    def _move(self, keys: Callable[[], Keys], value: float) -> None:
        for key, _ in keys():
            whole = key.endswith(("cleaning", "cells"))
            self._live.move({key: round(value) if whole else round(value, 4)})

    # Keys as they are now ---------------------------------------------------------------------

    def _path(self, index: int | None) -> str:
        cues: tuple[Cue, ...] = self._bench.project.recipe.cues
        return "" if index is None or index >= len(cues) else cue_path(cues[index], index)

    def _of_cue(self, key: str, name: str) -> Keys:
        """A setting of the selected cue."""
        path = self._path(self._bench.selected_index)
        return [(f"{path}.{key}", name)] if path else []

    def _of_row(self, row: CueRow, keys: tuple[str, ...]) -> Keys:
        path = self._path(row.index)
        return [(f"{path}.{key}", key.replace("_", " ")) for key in keys] if path else []


def _of_region(panel: RegionPanel, key: str) -> Keys:
    name = panel.selected
    return [(f"regions.{name}.{key}", key)] if name is not None and "." not in name else []
