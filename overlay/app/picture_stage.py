"""The middle of the bench: the picture with its view switch, wipe, zoom and map strength."""

from PySide6.QtCore import QSize, Qt, QTimer, Signal
from PySide6.QtGui import QImage
from PySide6.QtWidgets import (
    QButtonGroup,
    QComboBox,
    QFrame,
    QHBoxLayout,
    QLabel,
    QSlider,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from overlay.app.icons import set_icon
from overlay.app.picture_view import PictureView
from overlay.app.status import StatusLine
from overlay.app.theme import tone

_VIEWS = (
    ("proof", "Proof", "The last proof, or the run in progress (P)"),
    ("source", "Source", "The source as it lies under the proof (O)"),
    ("map", "Map", "The selected guide's map over the source (G)"),
    ("influence", "Influence", "Who decided where, at the playhead's moment (I)"),
    ("trace", "Trace", "Which place of a reference each mark came from (T)"),
)
_TINTS = 0.72  # how strongly the tints of influence cover the picture
_OF_PROOF = ("proof", "influence", "trace")
_OVERS = ("map", "influence", "trace")
_OTHERS = (
    ("source", "Source"), ("last", "Last proof"), ("reference", "Reference"),
    ("without", "Without the cue"),
)  # fmt: skip
_FLIP = 800  # milliseconds that each of two pictures is shown


class PictureStage(QWidget):
    """Decides which of the known images the view shows."""

    view_changed = Signal(str)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.view = PictureView()
        self.status = StatusLine()
        self.images: dict[str, QImage | None] = {}
        self._mode = "proof"
        self._moment: QImage | None = None
        self._flipped = False
        self._flips = QTimer(self)
        self._flips.setInterval(_FLIP)
        self._flips.timeout.connect(lambda: self.flip(on=not self._flipped))
        layout = QVBoxLayout(self)
        layout.setContentsMargins(0, 0, 0, 0)
        layout.setSpacing(0)
        layout.addWidget(self.view, 1)
        layout.addWidget(self._bar())
        layout.addWidget(self.status)

    def _bar(self) -> QFrame:
        bar = QFrame()
        bar.setProperty("panel", "true")
        bar.setFixedHeight(36)
        row = QHBoxLayout(bar)
        row.setContentsMargins(12, 0, 12, 0)
        row.setSpacing(4)
        self.buttons: dict[str, QToolButton] = {}
        group = QButtonGroup(bar)
        for mode, text, tip in _VIEWS:
            button = _tool(text, tip, checkable=True)
            button.clicked.connect(lambda _=False, m=mode: self.set_mode(m))
            group.addButton(button)
            self.buttons[mode] = button
            row.addWidget(button)
        self.strength = QSlider(Qt.Orientation.Horizontal)
        self.strength.setRange(0, 100)
        self.strength.setValue(75)
        self.strength.setFixedWidth(90)
        self.strength.setToolTip("How strongly the map covers the picture")
        self.strength.setAccessibleName("Strength of the map")
        self.strength.valueChanged.connect(lambda _: self.refresh())
        row.addSpacing(6)
        row.addWidget(self.strength)
        row.addStretch()
        self.wipe = _tool(
            "Wipe", "Compare with another picture along a draggable line (W)", checkable=True
        )
        set_icon(self.wipe, "wipe")
        self.wipe.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextBesideIcon)
        self.wipe.toggled.connect(lambda _: self.refresh())
        self.other = QComboBox()
        self.other.setToolTip("What lies right of the wipe's line")
        self.other.setAccessibleName("Compare with")
        for key, text in _OTHERS:
            self.other.addItem(text, key)
        self.other.activated.connect(lambda _: self.refresh())
        row.addWidget(self.wipe)
        row.addWidget(self.other)
        row.addStretch()
        self.zoom = QLabel()
        self.zoom.setProperty("role", "faint")
        fit = _tool("Fit", "Show the whole picture (F)")
        set_icon(fit, "fit")
        fit.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextBesideIcon)
        fit.clicked.connect(self.view.fit)
        actual = _tool("1:1", "Actual pixels (1)")
        actual.clicked.connect(self.view.actual_pixels)
        row.addWidget(self.zoom)
        row.addWidget(fit)
        row.addWidget(actual)
        self.buttons["proof"].setChecked(True)
        return bar

    @property
    def mode(self) -> str:
        """Which view is chosen, a key of the buttons."""
        return self._mode

    def set_mode(self, mode: str) -> None:
        """Choose a view."""
        self.stop_flipping()
        self._mode = mode
        self.buttons[mode].setChecked(True)
        self.refresh()
        self.view_changed.emit(mode)

    def set_image(self, name: str, image: QImage | None) -> None:
        """Make an image known: proof, last, source, map or reference."""
        self.images[name] = image
        self.refresh()

    def set_moment(self, image: QImage | None) -> None:
        """Show a state of the run in place of the proof, or none."""
        self._moment = image
        self.refresh()

    def flip(self, *, on: bool) -> None:
        """While held, show what the picture is compared with, and name it."""
        self._flipped = on
        if self._mode != "influence":
            other, caption = self._other_image()
            named = on and other is not None
            self.view.show_legend([(tone("register"), caption)] if named else [])
        self.refresh()

    def compare_with(self, name: str) -> None:
        """Choose what the picture is compared with."""
        self.other.setCurrentIndex(self.other.findData(name))
        self.refresh()

    @property
    def flipping(self) -> bool:
        """Whether two pictures take turns by themselves."""
        return self._flips.isActive()

    def start_flipping(self) -> None:
        """Let the picture and what it is compared with take turns."""
        self._flips.start()

    def stop_flipping(self) -> None:
        """Show the picture itself again."""
        self._flips.stop()
        if self._flipped:
            self.flip(on=False)

    def refresh(self) -> None:
        """Show what mode, moment and wipe ask for."""
        proof, source = self.images.get("proof"), self.images.get("source")
        frame = source.size() if source is not None else None
        if proof is not None and self._mode in _OF_PROOF:
            frame = proof.size()
        image, caption = self._main(proof, source)
        other, other_caption = self._other_image()
        if self._flipped and other is not None:
            image, other = other, None
        self.wipe.setEnabled(other is not None)
        show_wipe = self.wipe.isChecked() and other is not None and not self._flipped
        self.view.show_image(image, frame or (QSize(768, 512) if image is None else image.size()))
        over = self.images.get(self._mode) if self._mode in _OVERS else None
        strength = {"map": self.strength.value() / 100, "influence": _TINTS}
        self.view.show_over(over, strength.get(self._mode, 1.0))
        self.view.show_other(other if show_wipe else None, (caption, other_caption))
        self.strength.setVisible(self._mode == "map")
        self.other.setVisible(self.wipe.isChecked())
        for mode, there in (("proof", proof is not None or self._moment is not None),
                            ("source", source is not None),
                            ("map", self.images.get("map") is not None),
                            ("influence", proof is not None),
                            ("trace", proof is not None)):  # fmt: skip
            self.buttons[mode].setEnabled(there or mode == self._mode)

    def _main(self, proof: QImage | None, source: QImage | None) -> tuple[QImage | None, str]:
        if self._mode == "trace" and proof is not None:
            return proof, "Proof"
        if self._mode in _OF_PROOF and (proof is not None or self._moment is not None):
            return self._moment or proof, "Proof"
        return source, "Source"

    def _other_image(self) -> tuple[QImage | None, str]:
        key = self.other.currentData()
        return self.images.get(key), self.other.currentText()


def _tool(text: str, tip: str, *, checkable: bool = False) -> QToolButton:
    button = QToolButton()
    button.setText(text)
    button.setToolTip(tip)
    button.setAccessibleName(text)
    button.setCheckable(checkable)
    button.setProperty("wide", "true")
    return button
