"""A panel over the picture in which a target is set, and the way to it is seen."""

from PySide6.QtCore import QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QKeyEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QComboBox, QDoubleSpinBox, QHBoxLayout, QVBoxLayout, QWidget

from overlay.app.parts.buttons import text_button
from overlay.app.parts.fields import calm_wheel, keep_narrow
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel, plain
from overlay.app.parts.theme import tone
from overlay.app.parts.titles import measure_name, setting_name, setting_value
from overlay.app.picture.over import OverPicture
from overlay.studio.sheets.meet import Meeting, Target
from overlay.studio.sheets.settings import Setting

_SENSES = ("exactly", "at least", "at most")
_TALL = 120  # pixels of the curve


class MeetPanel(OverPicture):
    """Asks for a target in a measure; `found` values are taken by the artist alone."""

    find_asked = Signal()
    take_asked = Signal()
    closed = Signal()

    def __init__(self, view: QWidget) -> None:
        super().__init__(view, most=640)
        self.setAccessibleName(tr("Meet a target"))
        box = QVBoxLayout(self)
        box.setContentsMargins(12, 8, 12, 10)
        box.setSpacing(6)
        self.title = PlainLabel(role="title")
        box.addWidget(self.title)
        box.addLayout(self._asking())
        self.curve = _Curve()
        box.addWidget(self.curve)
        self.said = PlainLabel(wraps=True)
        self.said.setMinimumHeight(34)
        box.addWidget(self.said)
        ends = QHBoxLayout()
        self.take = text_button("Take it", "Set it on the bench, as one step")
        self.take.clicked.connect(self.take_asked)
        close = text_button("Close", "Leave the setting as it is (Esc)")
        close.clicked.connect(self.closed)
        ends.addStretch()
        ends.addWidget(self.take)
        ends.addWidget(close)
        box.addLayout(ends)

    def _asking(self) -> QHBoxLayout:
        """Which measure, how, and how much."""
        row = QHBoxLayout()
        self.measure, self.sense = QComboBox(), QComboBox()
        keep_narrow(self.measure)
        keep_narrow(self.sense)
        self.measure.setAccessibleName(tr("Measure to meet"))
        for sense in _SENSES:
            self.sense.addItem(tr(sense), sense)
        self.sense.setAccessibleName(tr("How it is to be met"))
        self.value = QDoubleSpinBox()
        self.value.setRange(-100, 1000)
        self.value.setDecimals(1)
        self.value.setAccessibleName(tr("Target"))
        calm_wheel(self.value)
        self.seek = text_button("Find", "Pull at most seven trials and find the setting")
        self.seek.clicked.connect(self.find_asked)
        row.addWidget(self.measure, 2)
        row.addWidget(self.sense, 1)
        for part in (self.value, self.seek):
            row.addWidget(part)
        return row

    def open(self, setting: Setting, measures: dict[str, float]) -> None:
        """Ask for a target of one of these measures, which are what the last proof has."""
        self.title.setText(plain(tr(f"Meet a target by {setting_name(setting)}")))
        before = self.measure.currentData()
        self.measure.clear()
        for key, value in measures.items():
            self.measure.addItem(plain(tr(f"{measure_name(key)} (now {value:.0f})")), key)
        self.measure.setCurrentIndex(max(self.measure.findData(before), 0))
        now = measures.get(self.measure.currentData(), 60)
        self.value.setValue(round(now))
        self.curve.show_meeting(None)
        self.say("")
        self.take.setEnabled(False)
        self.appear()
        self.value.setFocus()
        self.value.selectAll()

    @property
    def target(self) -> Target:
        """What is asked for."""
        return Target(self.measure.currentData(), self.value.value(), self.sense.currentData())

    def show_meeting(self, meeting: Meeting, *, done: bool) -> None:
        """Show the trials so far, and at the end what was found."""
        self.curve.show_meeting(meeting)
        if done:
            self.say(meeting.sentences())
            self.take.setEnabled(True)
            self.take.setText(tr(f"Take {setting_value(meeting.best.value, meeting.setting)}"))
        else:
            self.say(f"Trial {len(meeting.trials)} of at most seven…")

    def say(self, text: str) -> None:
        """Say how it goes."""
        self.said.setText(plain(text))
        self.lay()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Escape:
            self.closed.emit()
        elif event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            self.find_asked.emit()
        else:
            super().keyPressEvent(event)


class _Curve(QWidget):
    """The setting across, the measure up; the target as a line."""

    def __init__(self) -> None:
        super().__init__()
        self.setFixedHeight(_TALL)
        self.setAccessibleName(tr("Trials"))
        self._meeting: Meeting | None = None

    def sizeHint(self) -> QSize:
        return QSize(400, _TALL)

    def show_meeting(self, meeting: Meeting | None) -> None:
        """Show trials, or none."""
        self._meeting = meeting
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.fillRect(self.rect(), tone("well"))
        meeting = self._meeting
        if meeting is None or not meeting.trials:
            return
        trials = sorted(meeting.trials, key=lambda t: t.value)
        measured = [t.figures[meeting.target.measure] for t in trials]
        heights = [*measured, meeting.target.value]
        low, high = min(heights), max(heights)
        first, last = trials[0].value, trials[-1].value
        room = QRectF(self.rect()).adjusted(34, 14, -18, -20)

        def place(value: float, height: float) -> QPointF:
            x = room.left() + room.width() * (value - first) / max(last - first, 1e-9)
            return QPointF(
                x, room.bottom() - room.height() * (height - low) / max(high - low, 1e-9)
            )

        line = place(first, meeting.target.value).y()
        painter.setPen(QPen(tone("register"), 1, Qt.PenStyle.DashLine))
        painter.drawLine(QPointF(room.left(), line), QPointF(room.right(), line))
        points = [place(t.value, m) for t, m in zip(trials, measured, strict=True)]
        painter.setPen(QPen(tone("ink"), 1.5))
        painter.drawPolyline(points)
        best = meeting.best
        for trial, point in zip(trials, points, strict=True):
            painter.setBrush(tone("register" if trial is best else "ink"))
            painter.drawEllipse(point, 4, 4)
        painter.setPen(tone("faint"))
        for trial, point in ((trials[0], points[0]), (trials[-1], points[-1])):
            text = QRectF(point.x() - 40, room.bottom() + 2, 80, 16)
            words = setting_value(trial.value, meeting.setting)
            painter.drawText(text, Qt.AlignmentFlag.AlignCenter, words)
        for height in (low, high):
            text = QRectF(0, place(first, height).y() - 8, 28, 16)
            painter.drawText(text, Qt.AlignmentFlag.AlignRight, f"{height:.0f}")
