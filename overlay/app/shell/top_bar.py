"""The top of the bench: project, departure, size, seed and the button that pulls."""

import random
import re

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import (
    QComboBox,
    QFrame,
    QHBoxLayout,
    QLineEdit,
    QPushButton,
    QSizePolicy,
    QSlider,
    QToolButton,
    QWidget,
)

from overlay.app.parts.fields import calm_wheel, percent_field, show_quietly
from overlay.app.parts.icons import set_icon
from overlay.app.parts.plain import PlainLabel, plain_tip
from overlay.studio.bench.bench import Bench

_AREAS = (98_304, 221_184, 393_216, 786_432, 1_572_864)


ROOMS = (
    ("bench", "Bench", "Compose and see the picture (Ctrl+1)"),
    ("drawer", "Drawer", "All proofs of this project (Ctrl+4)"),
)


class TopBar(QFrame):
    """Edits the run as a whole; `pull_asked` and `stop_asked` come from its button."""

    pull_asked = Signal()
    stop_asked = Signal()
    room_asked = Signal(str)
    refused = Signal(str)

    def __init__(self, bench: Bench, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setProperty("panel", "true")
        self.setFixedHeight(44)
        self.bench = bench
        self._aspect = 1.5
        self._running = False
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 0, 10, 0)
        row.setSpacing(8)
        self._add_rooms(row)
        self.title = PlainLabel()
        self.title.setProperty("role", "title")
        self.title.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Preferred)
        self.title.setMinimumWidth(60)
        row.addWidget(self.title, 1)
        self._add_departure(row)
        self._add_size(row)
        self._add_seed(row)
        self.button = QPushButton()
        self.button.setProperty("primary", "true")
        self.button.setFixedSize(104, 30)
        self.button.clicked.connect(
            lambda: (self.stop_asked if self._running else self.pull_asked).emit()
        )
        row.addWidget(self.button)
        self.set_running(running=False)

    def _add_rooms(self, row: QHBoxLayout) -> None:
        self.rooms: dict[str, QToolButton] = {}
        for name, text, tip in ROOMS:
            tab = QToolButton()
            tab.setText(text)
            tab.setToolTip(tip)
            tab.setCheckable(True)
            tab.setProperty("tab", "true")
            tab.clicked.connect(lambda _=False, n=name: self.room_asked.emit(n))
            self.rooms[name] = tab
            row.addWidget(tab)
        row.addSpacing(10)

    def show_room(self, room: str) -> None:
        """Mark the room that is shown."""
        for name, tab in self.rooms.items():
            tab.setChecked(name == room)

    def _add_departure(self, row: QHBoxLayout) -> None:
        tip = (
            "How far the proof may depart from the source: 0 % returns it, 100 % starts from noise "
            "(known in the trade as denoising strength)"
        )
        self.departure = QSlider(Qt.Orientation.Horizontal)
        self.departure.setRange(0, 100)
        self.departure.setFixedWidth(120)
        calm_wheel(self.departure)
        self.departure.setToolTip(tip)
        self.departure.setAccessibleName("Departure slider")
        self.departure_field = percent_field("Departure", tip, 100, self._set_departure)
        self.departure_field.setFixedWidth(60)
        self.departure.valueChanged.connect(self._slid)
        self.departure.sliderReleased.connect(
            lambda: self._set_departure(self.departure.value() / 100)
        )
        row.addWidget(PlainLabel("Departure"))
        row.addWidget(self.departure)
        row.addWidget(self.departure_field)
        row.addSpacing(12)

    def _add_size(self, row: QHBoxLayout) -> None:
        self.size_box = QComboBox()
        self.size_box.setEditable(True)
        self.size_box.setInsertPolicy(QComboBox.InsertPolicy.NoInsert)
        self.size_box.setFixedWidth(112)
        calm_wheel(self.size_box)
        self.size_box.setToolTip("Size of the proof in pixels: choose one, or type width x height")
        self.size_box.setAccessibleName("Size")
        self.size_box.activated.connect(lambda _: self._set_size())
        edit = self.size_box.lineEdit()
        assert edit is not None
        edit.editingFinished.connect(self._set_size)
        row.addWidget(PlainLabel("Size"))
        row.addWidget(self.size_box)
        row.addSpacing(12)

    def _add_seed(self, row: QHBoxLayout) -> None:
        self.seed = QLineEdit()
        self.seed.setFixedWidth(76)
        self.seed.setAlignment(Qt.AlignmentFlag.AlignRight)
        self.seed.setToolTip("Seed: the same number gives the same proof again")
        self.seed.setAccessibleName("Seed")
        self.seed.editingFinished.connect(self._seed_typed)
        self.lock = QToolButton()
        self.lock.setCheckable(True)
        self.lock.setChecked(True)
        self.lock.setToolTip("Locked: every proof has this seed. Open: each pull takes a new one.")
        self.lock.setAccessibleName("Lock the seed")
        self.lock.toggled.connect(self._show_lock)
        row.addWidget(PlainLabel("Seed"))
        row.addWidget(self.seed)
        row.addWidget(self.lock)
        row.addSpacing(12)
        self._show_lock()

    # Showing --------------------------------------------------------------------------------

    def refresh(self) -> None:
        """Show the present recipe."""
        project = self.bench.project
        recipe = project.recipe
        name = "Unnamed project" if project.path is None else project.path.stem
        self.title.setText(f"{name}{' ·' if project.modified else ''}")
        self.title.setToolTip(plain_tip(str(project.path or "Not saved yet")))
        if not self.departure.isSliderDown():
            show_quietly(self.departure, round(recipe.departure * 100))
            show_quietly(self.departure_field, round(recipe.departure * 100))
        for field in (self.departure, self.departure_field):
            field.setEnabled(recipe.source is not None)
        if not self.seed.hasFocus():
            self.seed.setText(str(recipe.seed))
        self._show_size()

    def set_source_aspect(self, aspect: float) -> None:
        """The source's width over its height, for the sizes that are offered."""
        self._aspect = aspect
        self._show_size()

    def set_running(self, *, running: bool) -> None:
        """Turn the button from Pull to Stop and back."""
        self._running = running
        self.button.setText(" Stop" if running else " Pull")
        set_icon(self.button, "stop" if running else "pull", "on_register")
        key = "Esc" if running else "Ctrl+Return"
        self.button.setToolTip(f"{'Stop the run' if running else 'Render a proof'} ({key})")

    def _show_size(self) -> None:
        blocked = self.size_box.blockSignals(True)
        self.size_box.clear()
        for area in _AREAS:
            height = (area / self._aspect) ** 0.5
            sides = max(64, round(height * self._aspect / 8) * 8), max(64, round(height / 8) * 8)
            self.size_box.addItem(f"{sides[0]} x {sides[1]}", sides)
        size = self.bench.project.recipe.size or self.size_box.itemData(3)
        self.size_box.setEditText(f"{size[0]} x {size[1]}")
        self.size_box.blockSignals(blocked)

    def _show_lock(self) -> None:
        set_icon(self.lock, "locked" if self.lock.isChecked() else "unlocked")

    # Edits ----------------------------------------------------------------------------------

    def next_seed(self) -> None:
        """Take a new seed unless it is locked."""
        if not self.lock.isChecked():
            self._change("New seed", seed=random.randrange(1, 100_000))

    def _change(self, what: str, **changes: object) -> None:
        try:
            self.bench.change_recipe(what, **changes)
        except ValueError as error:
            self.refused.emit(str(error))
            self.refresh()

    def _slid(self, value: int) -> None:
        show_quietly(self.departure_field, value)
        if not self.departure.isSliderDown():
            self._set_departure(value / 100)

    def _set_departure(self, value: float) -> None:
        self._change("Departure", departure=value)

    def _set_size(self) -> None:
        text = self.size_box.currentText()
        match = re.fullmatch(r"\s*([0-9]{1,6})\s*[x×*, ]\s*([0-9]{1,6})\s*", text)
        if match is None:
            self.refused.emit(f"Size: must be width x height in pixels, got {text!r}")
            self._show_size()
            return
        size = [int(match[1]), int(match[2])]
        if self.bench.project.recipe.size is None and tuple(size) == self.size_box.itemData(3):
            return
        self._change("Size", size=size)

    def _seed_typed(self) -> None:
        text = self.seed.text().strip()
        if not re.fullmatch(r"[0-9]{1,16}", text) or int(text) > 2**53:
            self.refused.emit(f"Seed: must be a whole number from 0, got {text!r}")
            self.seed.setText(str(self.bench.project.recipe.seed))
            return
        self._change("Seed", seed=int(text))
