"""The top of the bench: project, departure, size, seed and the button that pulls."""

import re

from PySide6.QtCore import QEvent, Qt, Signal
from PySide6.QtGui import QResizeEvent
from PySide6.QtWidgets import (
    QComboBox,
    QFrame,
    QHBoxLayout,
    QLineEdit,
    QMenu,
    QPushButton,
    QToolButton,
    QWidget,
    QWidgetAction,
)

from overlay.app.floor.rooms import Tab
from overlay.app.parts.buttons import text_button
from overlay.app.parts.fields import SliderField, calm_wheel, percent_field, show_quietly
from overlay.app.parts.icons import set_icon
from overlay.app.parts.language import tr
from overlay.app.parts.plain import ElidedLabel, PlainLabel, plain_tip
from overlay.app.parts.room_tab import RoomTab
from overlay.app.parts.slider import Slider
from overlay.document.recipe import Recipe
from overlay.studio.bench.bench import Bench
from overlay.studio.sheets.hunt import COUNTS, NEAR

_AREAS = (98_304, 221_184, 393_216, 786_432, 1_572_864)
_NAME = 24, 110  # pixels that a project's name has at least, and may take from labels
_ROOMY = 1140  # pixels of width from which there is room for the slider of departure


class TopBar(QFrame):
    """Shows the run as a whole; `changed` carries what it is called, and keys of the recipe."""

    changed = Signal(str, dict)
    seed_rule_chosen = Signal(str)  # same or new

    pull_asked = Signal()
    stop_asked = Signal()
    queue_asked = Signal()
    hunt_asked = Signal(int, float)  # how many, and how far they stray
    departure_moved = Signal(float)  # while it is dragged
    room_asked = Signal(str)
    refused = Signal(str)

    def __init__(self, bench: Bench, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setProperty("panel", "true")
        self.setFixedHeight(42)
        self.bench = bench
        self._aspect = 1.5
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 0, 10, 0)
        row.setSpacing(7)
        self._rooms_row = QHBoxLayout()
        self._rooms_row.setSpacing(6)
        self.rooms: dict[str, QToolButton] = {}
        self._passing: set[str] = set()  # those whose tab is there while one is in them
        row.addLayout(self._rooms_row)
        row.addSpacing(4)
        self.title = ElidedLabel()
        self.title.setProperty("role", "title")
        self.title.setMinimumWidth(_NAME[0])
        row.addWidget(self.title, 1000)
        row.addStretch(1)
        self._add_departure(row)
        self._add_size(row)
        self._add_seed(row)
        self._add_pulling(row)
        self.show_queue(running=False, waiting=0)

    def _add_pulling(self, row: QHBoxLayout) -> None:
        self.button = QPushButton()
        self.button.setProperty("primary", "true")
        self.button.setFixedHeight(30)
        set_icon(self.button, "pull", "on_register")
        self.button.setText(tr(" Pull"))
        self.button.setToolTip(tr("Render a proof; while one is in work, after it (Ctrl+Return)"))
        self.button.clicked.connect(self.pull_asked)
        self.stop = QToolButton()
        set_icon(self.stop, "stop")
        self.stop.setToolTip(tr("Stop what is in work (Esc); all that wait, too (Shift+Esc)"))
        self.stop.setAccessibleName(tr("Stop"))
        self.stop.clicked.connect(self.stop_asked)
        self.stop.setFixedSize(34, 30)
        self.queue = QToolButton()
        self.queue.setToolTip(tr("What is to be pulled, in order: click for the list"))
        self.queue.setAccessibleName(tr("Queue"))
        self.queue.setFixedSize(34, 30)
        self.queue.clicked.connect(self.queue_asked)
        row.addWidget(self.button)
        row.addWidget(self.queue)
        row.addWidget(self.stop)

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self._make_room()

    def event(self, event: QEvent) -> bool:
        """What stands in it asks for another width, as with larger text."""
        done = super().event(event)
        if event.type() == QEvent.Type.LayoutRequest:
            self._make_room()
        return done

    def _make_room(self) -> None:
        # Where there is no room for both, the field says more than the slider.
        self.departure.setVisible(self.width() >= _ROOMY)
        hints = [label.sizeHint().width() + 7 for label in self._labels]
        seen = [not label.isHidden() for label in self._labels]
        needed = self.minimumSizeHint().width()
        if not self.title.isHidden():  # the project's name goes before what its fields say, too
            needed += min(max(self.title.sizeHint().width() - _NAME[0], 0), _NAME[1] - _NAME[0])
        needed += sum(hint for hint, there in zip(hints, seen, strict=True) if not there)
        for label, hint in zip(self._labels, hints, strict=True):
            # The tips of their fields say the same.
            label.setHidden(needed > self.width())
            needed -= hint if label.isHidden() else 0

    def add_room(self, name: str, tab: Tab) -> None:
        """Have a tab that asks for a room."""
        button = RoomTab()
        button.setText(tr(tab.text))
        keys = f" ({tab.keys})" if tab.keys else ""
        button.setToolTip(plain_tip(f"{tr(tab.tip)}{keys}"))
        button.setCheckable(True)
        button.setProperty("tab", "true")
        button.setAcceptDrops(True)
        button.carried.connect(lambda: self.room_asked.emit(name))
        button.clicked.connect(lambda _=False: self.room_asked.emit(name))
        self.rooms[name] = button
        self._rooms_row.addWidget(button)
        if not tab.stays:
            button.hide()
            self._passing.add(name)

    def show_room(self, room: str) -> None:
        """Mark the room that is shown."""
        for name, tab in self.rooms.items():
            tab.setChecked(name == room)
            if name in self._passing:
                tab.setVisible(name == room)
        self.title.setVisible(room not in self._passing)  # its tab has that place

    def _add_departure(self, row: QHBoxLayout) -> None:
        tip = (
            "How far the proof may depart from the source: 0 % returns it, 100 % starts from noise "
            "(known in the trade as denoising strength)"
        )
        self.departure = Slider()
        self.departure.setRange(0, 100)
        self.departure.setMinimumWidth(56)
        self.departure.setMaximumWidth(120)
        calm_wheel(self.departure)
        self.departure.setToolTip(tr(tip))
        self.departure.setAccessibleName(tr("Departure slider"))
        self.departure_field = percent_field("Departure", tip, 100, self._set_departure)
        self.departure_field.setFixedWidth(56)
        self.departure.valueChanged.connect(self._slid)
        self.departure.sliderReleased.connect(
            lambda: self._set_departure(self.departure.value() / 100)
        )
        self.departure_label = PlainLabel(tr("Departure"))
        row.addWidget(self.departure_label)
        row.addWidget(self.departure)
        row.addWidget(self.departure_field)
        row.addSpacing(4)

    def _add_size(self, row: QHBoxLayout) -> None:
        self.size_box = QComboBox()
        self.size_box.setEditable(True)
        self.size_box.setInsertPolicy(QComboBox.InsertPolicy.NoInsert)
        self.size_box.setFixedWidth(106)
        calm_wheel(self.size_box)
        self.size_box.setToolTip(
            tr("Size of the proof in pixels: choose one, or type width x height")
        )
        self.size_box.setAccessibleName(tr("Size"))
        self.size_box.activated.connect(lambda _: self._set_size())
        edit = self.size_box.lineEdit()
        assert edit is not None
        edit.editingFinished.connect(self._set_size)
        size = PlainLabel(tr("Size"))
        size.setBuddy(self.size_box)
        self._labels = [size]  # in the order in which they give way
        row.addWidget(size)
        row.addWidget(self.size_box)
        row.addSpacing(4)

    def _add_seed(self, row: QHBoxLayout) -> None:
        self.seed = QLineEdit()
        self.seed.setFixedWidth(66)
        self.seed.setAlignment(Qt.AlignmentFlag.AlignRight)
        self.seed.setToolTip(tr("Seed: the same number gives the same proof again"))
        self.seed.setAccessibleName(tr("Seed"))
        self.seed.editingFinished.connect(self._seed_typed)
        self.lock = QToolButton()
        self.lock.setCheckable(True)
        self.lock.setChecked(True)
        self.lock.setToolTip(
            tr("Locked: every proof has this seed. Open: each pull takes a new one.")
        )
        self.lock.setAccessibleName(tr("Lock the seed"))
        self.lock.toggled.connect(self._show_lock)
        self.lock.clicked.connect(lambda on: self.seed_rule_chosen.emit("same" if on else "new"))
        seed = PlainLabel(tr("Seed"))
        seed.setBuddy(self.seed)
        self._labels += [seed, self.departure_label]
        row.addWidget(seed)
        row.addWidget(self.seed)
        row.addWidget(self.lock)
        row.addWidget(self._hunting())
        row.addSpacing(4)
        self._show_lock()

    def _hunting(self) -> QToolButton:
        """Hunts from the seed, and the stray that one left."""
        self.hunt = text_button("Hunt", "Pull several seeds beside each other and choose (Ctrl+H)")
        self.hunt.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
        self.hunt.setMinimumWidth(54)
        menu = QMenu(self.hunt)
        for stray in (0.0, NEAR):
            for count in COUNTS:
                text = f"{count} near relatives" if stray else f"{count} seeds"
                action = menu.addAction(tr(text))
                action.triggered.connect(
                    lambda _=False, n=count, s=stray: self.hunt_asked.emit(n, s)
                )
            menu.addSeparator()
        self.stray = SliderField("Stray", "How far it strays towards the other seed", 0, 100, 1)
        self.stray.settled.connect(self._set_stray)
        holder = QWidgetAction(menu)
        holder.setDefaultWidget(self.stray)
        menu.addAction(holder)
        self.hunt.setMenu(menu)
        return self.hunt

    # Showing --------------------------------------------------------------------------------

    def refresh(self) -> None:
        """Show the present recipe."""
        project = self.bench.project
        recipe = project.recipe
        name = tr("Unnamed project") if project.path is None else project.path.stem
        self.title.setText(f"{name}{' ·' if project.modified else ''}")
        self.title.setToolTip(plain_tip(str(project.path or tr("Not saved yet"))))
        if not self.departure.isSliderDown():
            show_quietly(self.departure, round(recipe.departure * 100))
            show_quietly(self.departure_field, round(recipe.departure * 100))
        for field in (self.departure, self.departure_field):
            field.setEnabled(recipe.source is not None or bool(recipe.prompt))
        if not self.seed.hasFocus():
            self.seed.setText(str(recipe.seed))
        self._show_stray(recipe)
        self.lock.setChecked(project.state.seed_rule == "same")
        self._show_size()

    def set_source_aspect(self, aspect: float) -> None:
        """The source's width over its height, for the sizes that are offered."""
        self._aspect = aspect
        self._show_size()

    def show_queue(self, running: bool, waiting: int) -> None:
        """Whether a run is in work, and how many wait."""
        self.stop.setEnabled(running)
        self.queue.setText(str(waiting + running))
        self.queue.setEnabled(running or waiting > 0)

    def _show_size(self) -> None:
        blocked = self.size_box.blockSignals(True)
        self.size_box.clear()
        for area in _AREAS:
            height = (area / self._aspect) ** 0.5
            sides = max(64, round(height * self._aspect / 8) * 8), max(64, round(height / 8) * 8)
            self.size_box.addItem(f"{sides[0]} x {sides[1]}", sides)
        size = self.bench.project.recipe.size or self.size_box.itemData(3)
        text = f"{size[0]} x {size[1]}"
        # Return goes by the item that is chosen, not by what stands in the field.
        self.size_box.setCurrentIndex(self.size_box.findText(text))
        self.size_box.setEditText(text)
        self.size_box.blockSignals(blocked)

    def _show_lock(self) -> None:
        set_icon(self.lock, "locked" if self.lock.isChecked() else "unlocked")

    # Edits ----------------------------------------------------------------------------------

    def _change(self, what: str, **changes: object) -> None:
        self.changed.emit(what, changes)

    def _slid(self, value: int) -> None:
        show_quietly(self.departure_field, value)
        if self.departure.isSliderDown():
            self.departure_moved.emit(value / 100)
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

    def _show_stray(self, recipe: Recipe) -> None:
        stray = recipe.stray
        self.stray.set_value(0 if stray is None else round(100 * stray.amount))
        self.hunt.setText(tr("Hunt" if stray is None else f"{100 * stray.amount:.0f} %"))
        said = "" if stray is None else f"\nNow straying towards seed {stray.seed}"
        self.hunt.setToolTip(tr(f"Pull several seeds beside each other and choose (Ctrl+H){said}"))

    def _set_stray(self, percent: float) -> None:
        recipe = self.bench.project.recipe
        other = recipe.seed + 1 if recipe.stray is None else recipe.stray.seed
        amount = round(percent / 100, 4)
        self._change("Stray", stray={"seed": other, "amount": amount} if amount else None)

    def _seed_typed(self) -> None:
        text = self.seed.text().strip()
        if not re.fullmatch(r"[0-9]{1,16}", text) or int(text) > 2**53:
            self.refused.emit(f"Seed: must be a whole number from 0, got {text!r}")
            self.seed.setText(str(self.bench.project.recipe.seed))
            return
        self._change("Seed", seed=int(text))
