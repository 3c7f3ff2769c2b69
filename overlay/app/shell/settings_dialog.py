"""Settings: how the window looks, how much of the computer is used, where files lie."""

from collections.abc import Callable

from PySide6.QtCore import Qt
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QDialog,
    QFileDialog,
    QFormLayout,
    QHBoxLayout,
    QLineEdit,
    QSpinBox,
    QToolButton,
    QWidget,
)

from overlay.app.parts.fields import calm_wheel
from overlay.app.parts.plain import PlainLabel
from overlay.app.parts.theme import dress
from overlay.studio.inputs.folders import data_folder, proofs_folder
from overlay.studio.keeping.settings import Settings

_THEMES = (("Light", "light"), ("Dark room", "dark"), ("As the desktop", "desktop"))


class SettingsDialog(QDialog):
    """Every change counts at once; closing keeps it."""

    def __init__(
        self, settings: Settings, change: Callable[[Settings], object], parent: QWidget
    ) -> None:
        super().__init__(parent)
        dress(self)
        self.setWindowTitle("Settings")
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self._settings, self._change = settings, change
        form = QFormLayout(self)
        form.setContentsMargins(18, 16, 18, 16)
        form.setHorizontalSpacing(18)
        self._make_fields(settings)
        form.addRow("Theme", self.theme)
        form.addRow("Text", self.larger)
        form.addRow("Cores", self.threads)
        form.addRow("Live looks", self.live)
        form.addRow("Kept proofs", self.cache)
        form.addRow("Pictures", self._folder_row())
        form.addRow("Cluster", self._cluster_field())
        for name, folder in (("Own files", data_folder()), ("Proofs", proofs_folder())):
            label = PlainLabel(str(folder))
            label.setProperty("role", "faint")
            label.setTextInteractionFlags(Qt.TextInteractionFlag.TextSelectableByMouse)
            form.addRow(name, label)
        for field in (self.theme, self.threads, self.live, self.cache, self.folder):
            label_of = form.labelForField(field if field is not self.folder else self._folder)
            if isinstance(label_of, PlainLabel):
                field.setAccessibleName(label_of.text())

    def _make_fields(self, settings: Settings) -> None:
        self.theme = QComboBox()
        calm_wheel(self.theme)
        for text, key in _THEMES:
            self.theme.addItem(text, key)
        self.theme.setCurrentIndex(self.theme.findData(settings.theme))
        self.theme.setToolTip("How the window looks; colours are judged best in the light one")
        self.theme.activated.connect(lambda _: self._set(theme=self.theme.currentData()))
        self.larger = QCheckBox("Two points larger")
        self.larger.setToolTip("Larger text in the whole window")
        self.larger.setChecked(settings.larger_text)
        self.larger.toggled.connect(lambda on: self._set(larger_text=on))
        self.threads = QSpinBox()
        self.threads.setRange(0, 256)
        self.threads.setSpecialValueText("all")
        self.threads.setValue(settings.threads)
        self.threads.setToolTip("Cores used for rendering; the result is the same with any number")
        self.threads.valueChanged.connect(lambda v: self._set(threads=v))
        self.live = QCheckBox("Show a small trial while a control is moved")
        self.live.setToolTip("Switch it off on a slow machine")
        self.live.setChecked(settings.live_looks)
        self.live.clicked.connect(lambda on: self._set(live_looks=on))
        self.cache = QSpinBox()
        self.cache.setRange(100, 1_000_000)
        self.cache.setSingleStep(500)
        self.cache.setSuffix(" MB")
        self.cache.setValue(settings.cache_megabytes)
        self.cache.setToolTip(
            "Room for kept proofs. Beyond it the oldest without star or note lose their pictures; "
            "their recipes stay and give the same pictures again"
        )
        self.cache.valueChanged.connect(lambda v: self._set(cache_megabytes=v))

    def _cluster_field(self) -> QLineEdit:
        self.cluster = QLineEdit(self._settings.cluster)
        self.cluster.setPlaceholderText("this computer alone; or tcp://host:8786")
        self.cluster.setAccessibleName("Cluster")
        self.cluster.setToolTip("A Dask scheduler whose workers pull the rows of editions")
        self.cluster.editingFinished.connect(
            lambda: self._set(cluster=self.cluster.text().strip()[:200])
        )
        return self.cluster

    def _folder_row(self) -> QWidget:
        self._folder = QWidget()
        row = QHBoxLayout(self._folder)
        row.setContentsMargins(0, 0, 0, 0)
        self.folder = QLineEdit(self._settings.pictures_folder)
        self.folder.setPlaceholderText("as the desktop says")
        self.folder.setMinimumWidth(240)
        self.folder.setToolTip("Where looking for pictures begins")
        self.folder.editingFinished.connect(
            lambda: self._set(pictures_folder=self.folder.text().strip())
        )
        choose = QToolButton()
        choose.setText("Choose…")
        choose.setProperty("wide", "true")
        choose.setToolTip("Choose a folder")
        choose.clicked.connect(self._choose)
        row.addWidget(self.folder, 1)
        row.addWidget(choose)
        return self._folder

    def _choose(self) -> None:
        name = QFileDialog.getExistingDirectory(self, "Pictures", self.folder.text())
        if name:
            self.folder.setText(name)
            self._set(pictures_folder=name)

    def _set(self, **changes: object) -> None:
        self._settings = self._settings.model_copy(update=changes)
        self._change(self._settings)
