"""The cue card's part for a reference: what is taken, from where in it, and where it lies."""

from collections.abc import Callable

from PySide6.QtCore import Qt
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QGridLayout,
    QHBoxLayout,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from overlay.app.card.fader import Fader
from overlay.app.card.reference_view import ReferenceView, Tool
from overlay.app.parts.buttons import text_button
from overlay.app.parts.fields import SliderField, keep_narrow
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel
from overlay.document.cues import BALANCES, Facets, Place, ReferenceCue

Change = Callable[..., None]

_FACETS = {
    "palette": "Palette: how much of the picture's colours is taken",
    "surface": "Surface: how much of its marks and texture is taken",
    "light": "Light: how much of its tonal range is taken",
    "layout": "Layout: how far its big masses of light and dark are taken, loosely",
    "likeness": "Likeness: how much of the picture itself is taken, laid on the frame",
}
_BALANCE_TIPS = {
    "Manner": "Style alone: Palette, Surface and Light",
    "Arrangement": "Composition alone: Layout",
    "Whole": "All five facets",
}
_FITS = {"Fill the frame": "fill", "Whole inside": "inside", "Stretch": "stretch"}


class FacetsPage(QWidget):
    """Five wells, the ready balances, and the size of marks."""

    def __init__(self, change: Change) -> None:
        super().__init__()
        self._change = change
        self._facets = Facets()
        box = QVBoxLayout(self)
        box.setContentsMargins(0, 0, 0, 0)
        box.addLayout(self._balances())
        row = QHBoxLayout()
        row.setSpacing(0)
        self.faders = {name: Fader(name, tip) for name, tip in _FACETS.items()}
        for name, fader in self.faders.items():
            fader.changed.connect(lambda value, n=name: self._set_facet(n, value))
            row.addWidget(fader)
        box.addLayout(row)
        self.mark_size = SliderField(
            "Mark size", "Size of the reference's marks: 2 doubles them", 0.25, 4.0, 0.05
        )
        self.mark_size.settled.connect(lambda value: change("Mark size", scale=value))
        box.addWidget(self.mark_size)

    def _balances(self) -> QHBoxLayout:
        row = QHBoxLayout()
        row.setSpacing(4)
        self.balances = {}
        for name, tip in _BALANCE_TIPS.items():
            button = text_button(name, tip, checkable=True, stretched=True)
            facets = BALANCES[name.lower()]
            button.clicked.connect(
                lambda _=False, n=name, f=facets: self._change(n, facets=f.model_dump())
            )
            self.balances[name] = button
            row.addWidget(button, 1)
        return row

    def show_cue(self, cue: ReferenceCue) -> None:
        """Show a cue's facets."""
        self._facets = cue.active_facets
        for name, fader in self.faders.items():
            fader.set_value(getattr(self._facets, name))
        for name, button in self.balances.items():
            button.setChecked(self._facets == BALANCES[name.lower()])
        self.mark_size.set_value(cue.scale)

    def _set_facet(self, name: str, value: float) -> None:
        self._change(name.capitalize(), facets=self._facets.model_dump() | {name: value})


class PicturePage(QWidget):
    """Which part of the picture is used, how it may be turned, and how it is prepared."""

    def __init__(self, change: Change, view: ReferenceView) -> None:
        super().__init__()
        self._change, self._view = change, view
        self._cue: ReferenceCue | None = None
        view.taken.connect(lambda box: change("Take area", take=box))
        view.kept_out.connect(self._keep_out)
        box = QVBoxLayout(self)
        box.setContentsMargins(0, 0, 0, 0)
        box.addLayout(self._tools())
        row = QHBoxLayout()
        self.mirror = QCheckBox(tr("Mirrored too"))
        self.mirror.setToolTip(tr("Marks may be taken from the picture's mirror image as well"))
        self.mirror.clicked.connect(lambda on: change("Mirror", mirror=on))
        self.turns = QCheckBox(tr("Turned too"))
        self.turns.setToolTip(tr("Marks may be taken from the picture turned by quarters as well"))
        self.turns.clicked.connect(lambda on: change("Turns", turns=on))
        row.addWidget(self.mirror)
        row.addWidget(self.turns)
        box.addLayout(row)
        self.sharpen = SliderField("Sharpen", "Adds fine detail before marks are taken", 0, 2, 0.05)
        self.sharpen.settled.connect(lambda value: change("Sharpen", sharpen=value))
        self.dark = SliderField("Dark end", "This lightness becomes black", 0, 0.98, 0.01)
        self.light = SliderField("Light end", "This lightness becomes white", 0.02, 1, 0.01)
        for slider in (self.dark, self.light):
            slider.settled.connect(lambda _: self._set_levels())
        for field in (self.sharpen, self.dark, self.light):
            box.addWidget(field)

    def _tools(self) -> QHBoxLayout:
        row = QHBoxLayout()
        row.setSpacing(4)
        self.take = text_button(
            "Take area",
            "Drag a frame: only this part of the picture is used",
            checkable=True,
            stretched=True,
        )
        self.keep_out = text_button(
            "Keep out", "Paint over what must not be used", checkable=True, stretched=True
        )
        self.clear = text_button(
            "All of it", "Use the whole picture again", checkable=True, stretched=True
        )
        self.clear.setCheckable(False)
        self.take.clicked.connect(lambda: self._choose("take", self.take))
        self.keep_out.clicked.connect(lambda: self._choose("keep_out", self.keep_out))
        self.clear.clicked.connect(
            lambda: self._change("Use all of it", take=(0.0, 0.0, 1.0, 1.0), keep_out=())
        )
        for button in (self.take, self.keep_out, self.clear):
            row.addWidget(button, 1)
        return row

    def _choose(self, tool: Tool, button: QToolButton) -> None:
        for other in (self.take, self.keep_out):
            other.setChecked(other is button and button.isChecked())
        self._view.set_tool(tool if button.isChecked() else "none")
        self._view.setFocus()

    def leave(self) -> None:
        """Put the tools down."""
        self.take.setChecked(False)
        self.keep_out.setChecked(False)
        self._view.set_tool("none")

    def show_cue(self, cue: ReferenceCue) -> None:
        """Show how a cue uses its picture."""
        self._cue = cue
        self._view.set_cue(cue)
        self.mirror.setChecked(cue.mirror)
        self.turns.setChecked(cue.turns)
        self.clear.setEnabled(bool(cue.keep_out) or cue.take != (0.0, 0.0, 1.0, 1.0))
        for slider, value in zip(
            (self.sharpen, self.dark, self.light), (cue.sharpen, *cue.levels), strict=True
        ):
            slider.set_value(value)

    def _keep_out(self, stroke: object) -> None:
        if self._cue is not None:
            self._change("Keep out", keep_out=[*self._cue.keep_out, stroke])

    def _set_levels(self) -> None:
        self._change("Levels", levels=(round(self.dark.value, 4), round(self.light.value, 4)))


class PlacePage(QWidget):
    """Where the picture lies on the frame, for Layout and Likeness."""

    def __init__(self, change: Change) -> None:
        super().__init__()
        self._change = change
        grid = QGridLayout(self)
        grid.setContentsMargins(0, 0, 0, 0)
        note = PlainLabel(
            tr("Where the picture lies, for its Layout and Likeness"), role="faint", wraps=True
        )
        self.fit = QComboBox()
        for text, key in _FITS.items():
            self.fit.addItem(tr(text), key)
        self.fit.setToolTip(tr("How the picture meets the frame"))
        self.fit.setAccessibleName(tr("Fit"))
        keep_narrow(self.fit)
        self.fit.activated.connect(lambda _: self._settle())
        self.across = SliderField("Across", "Shift to the right, in frame widths", -1, 1, 0.01)
        self.down = SliderField("Down", "Shift downwards, in frame heights", -1, 1, 0.01)
        self.scale = SliderField("Scale", "Size about the middle of the frame", 0.05, 8, 0.05)
        grid.addWidget(note, 0, 0, Qt.AlignmentFlag.AlignTop)
        grid.addWidget(self.fit, 1, 0)
        for row, slider in enumerate((self.across, self.down, self.scale)):
            slider.settled.connect(lambda _: self._settle())
            grid.addWidget(slider, row + 2, 0)

    def show_cue(self, cue: ReferenceCue) -> None:
        """Show where a cue's picture lies."""
        self.fit.setCurrentIndex(list(_FITS.values()).index(cue.place.fit))
        for slider, value in zip(
            (self.across, self.down, self.scale), (*cue.place.shift, cue.place.scale), strict=True
        ):
            slider.set_value(value)

    def _settle(self) -> None:
        place = Place(
            fit=self.fit.currentData(),
            shift=(round(self.across.value, 4), round(self.down.value, 4)),
            scale=round(self.scale.value, 4),
        )
        self._change("Place", place=place.model_dump(mode="json"))
