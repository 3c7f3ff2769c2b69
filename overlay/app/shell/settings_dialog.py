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
from overlay.app.parts.language import LANGUAGES, tr
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
        self.setWindowTitle(tr("Settings"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self._settings, self._change = settings, change
        form = QFormLayout(self)
        form.setContentsMargins(18, 16, 18, 16)
        form.setHorizontalSpacing(18)
        self._make_fields(settings)
        form.addRow(tr("Theme"), self.theme)
        form.addRow(tr("Text"), self.larger)
        form.addRow(tr("Language"), self._language_field())
        form.addRow(tr("Cores"), self.threads)
        form.addRow(tr("Live looks"), self.live)
        form.addRow(tr("Kept proofs"), self.cache)
        form.addRow(tr("Pictures"), self._folder_row())
        form.addRow(tr("Cluster"), self._cluster_field())
        for name, folder in (("Own files", data_folder()), ("Proofs", proofs_folder())):
            label = PlainLabel(str(folder), role="faint")
            label.setTextInteractionFlags(Qt.TextInteractionFlag.TextSelectableByMouse)
            form.addRow(tr(name), label)
        for field in (self.theme, self.threads, self.live, self.cache, self.folder):
            label_of = form.labelForField(field if field is not self.folder else self._folder)
            if isinstance(label_of, PlainLabel):
                field.setAccessibleName(label_of.text())

    def _make_fields(self, settings: Settings) -> None:
        self.theme = QComboBox()
        calm_wheel(self.theme)
        for text, key in _THEMES:
            self.theme.addItem(tr(text), key)
        self.theme.setCurrentIndex(self.theme.findData(settings.theme))
        self.theme.setToolTip(tr("How the window looks; colours are judged best in the light one"))
        self.theme.activated.connect(lambda _: self._set(theme=self.theme.currentData()))
        self.larger = QCheckBox(tr("Two points larger"))
        self.larger.setToolTip(tr("Larger text in the whole window"))
        self.larger.setChecked(settings.larger_text)
        self.larger.toggled.connect(lambda on: self._set(larger_text=on))
        self.threads = QSpinBox()
        self.threads.setRange(0, 256)
        self.threads.setSpecialValueText(tr("all"))
        self.threads.setValue(settings.threads)
        self.threads.setToolTip(
            tr("Cores used for rendering; the result is the same with any number")
        )
        self.threads.valueChanged.connect(lambda v: self._set(threads=v))
        self.live = QCheckBox(tr("Show a small trial while a control is moved"))
        self.live.setToolTip(tr("Switch it off on a slow machine"))
        self.live.setChecked(settings.live_looks)
        self.live.clicked.connect(lambda on: self._set(live_looks=on))
        self.cache = QSpinBox()
        self.cache.setRange(100, 1_000_000)
        self.cache.setSingleStep(500)
        self.cache.setSuffix(" MB")
        self.cache.setValue(settings.cache_megabytes)
        self.cache.setToolTip(
            tr(
                "Room for kept proofs. Beyond it the oldest without star or note lose their "
                "pictures; their recipes stay and give the same pictures again"
            )
        )
        self.cache.valueChanged.connect(lambda v: self._set(cache_megabytes=v))

    def _language_field(self) -> QComboBox:
        self.language = QComboBox()
        calm_wheel(self.language)
        for key, name in LANGUAGES.items():
            self.language.addItem(name, key)
        self.language.setCurrentIndex(self.language.findData(self._settings.language))
        self.language.setAccessibleName(tr("Language"))
        self.language.setToolTip(tr("Of the interface, from the next start; words draw in English"))
        self.language.activated.connect(lambda _: self._set(language=self.language.currentData()))
        return self.language

    def _cluster_field(self) -> QLineEdit:
        self.cluster = QLineEdit(self._settings.cluster)
        self.cluster.setPlaceholderText(tr("this computer alone; or tcp://host:8786"))
        self.cluster.setAccessibleName(tr("Cluster"))
        self.cluster.setToolTip(
            tr("A Dask scheduler whose workers pull rows of editions, cells of sheets and hunts")
        )
        self.cluster.editingFinished.connect(
            lambda: self._set(cluster=self.cluster.text().strip()[:200])
        )
        return self.cluster

    def _folder_row(self) -> QWidget:
        self._folder = QWidget()
        row = QHBoxLayout(self._folder)
        row.setContentsMargins(0, 0, 0, 0)
        self.folder = QLineEdit(self._settings.pictures_folder)
        self.folder.setPlaceholderText(tr("as the desktop says"))
        self.folder.setMinimumWidth(240)
        self.folder.setToolTip(tr("Where looking for pictures begins"))
        self.folder.editingFinished.connect(
            lambda: self._set(pictures_folder=self.folder.text().strip())
        )
        choose = QToolButton()
        choose.setText(tr("Choose…"))
        choose.setProperty("wide", "true")
        choose.setToolTip(tr("Choose a folder"))
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
