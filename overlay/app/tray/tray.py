"""The tray: the pictures gathered for this project."""

from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QPoint, QSize, Qt, Signal
from PySide6.QtGui import (
    QAction,
    QIcon,
    QImage,
    QPixmap,
    QResizeEvent,
)
from PySide6.QtWidgets import (
    QFrame,
    QHBoxLayout,
    QListWidget,
    QListWidgetItem,
    QMenu,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from overlay.app.parts.buttons import picture_icon, pop_up
from overlay.app.parts.drops import TakesPictures
from overlay.app.parts.icons import set_icon
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel, plain, plain_tip
from overlay.app.tray.ordering import ORDERS, Order, ordered
from overlay.app.tray.pictures import PATH, THUMB, FindField, Pictures, add_dot, blank
from overlay.imaging.formats.openraster import ENDING as LAYERED
from overlay.studio.bench.bench import Bench
from overlay.studio.inputs.cards import is_card
from overlay.studio.inputs.checks import Finding
from overlay.studio.inputs.uses import uses_of

_GRID = 252  # pixels of width, from which two pictures lie beside each other
_MANY = 8  # pictures, beyond which the field to find one is always there


class Tray(TakesPictures, QFrame):
    """Thumbnails with what can be done with each."""

    dropped = Signal(list)
    add_asked = Signal()
    demo_asked = Signal()
    source_asked = Signal(object)
    style_asked = Signal(object)
    avoid_asked = Signal(object)
    prepare_asked = Signal(object)
    card_asked = Signal(object)  # a picture whose main colours are wanted as a card
    teach_asked = Signal(object)  # a picture that is to be taught as a word
    layer_asked = Signal(object)  # a picture with layers, one of which is wanted
    thumb_asked = Signal(object)  # a path whose thumbnail is wanted
    remove_asked = Signal(object)
    renamed = Signal(object, str)  # a path, and what its picture is to be called
    find_asked = Signal(object)  # a path where nothing is any more

    def __init__(self, bench: Bench, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setProperty("panel", "true")
        self.bench = bench
        self._thumbs: dict[Path, QIcon] = {}
        self.findings: dict[Path, tuple[Finding, ...]] = {}
        layout = QVBoxLayout(self)
        layout.setContentsMargins(6, 10, 6, 6)
        self.setAcceptDrops(True)
        row = QHBoxLayout()
        row.setContentsMargins(6, 0, 0, 0)
        title = PlainLabel(tr("Tray"), role="title")
        self.add = QToolButton()
        set_icon(self.add, "add")
        self.add.setToolTip(tr("Add pictures to the tray"))
        self.add.setAccessibleName(tr("Add pictures"))
        self.add.clicked.connect(self.add_asked)
        row.addWidget(title)
        row.addStretch()
        row.addWidget(self.add)
        layout.addLayout(row)
        self.order: Order = "added"
        self.sought = FindField()
        self.sought.setPlaceholderText(tr("Find"))
        self.sought.setClearButtonEnabled(True)
        self.sought.setAccessibleName(tr("Find a picture"))
        self.sought.setToolTip(
            tr("Words of a picture's name, or of what uses it; Esc shows all again")
        )
        self.sought.textChanged.connect(lambda _: self.refresh())
        self.sought.hide()
        layout.addWidget(self.sought)
        self._add_pictures(layout)
        self.empty = self._empty_part()
        layout.addWidget(self.empty, 1)

    def _add_pictures(self, layout: QVBoxLayout) -> None:
        self.pictures = Pictures()
        self.pictures.dropped.connect(self.dropped)
        self.pictures.remove_asked.connect(self.remove_selected)
        self.pictures.rename_asked.connect(self.rename_selected)
        self.pictures.renamed.connect(self._renamed)
        self.pictures.customContextMenuRequested.connect(self._menu)
        self.pictures.itemActivated.connect(lambda _: self._prepare())
        layout.addWidget(self.pictures, 1)

    def _empty_part(self) -> QWidget:
        """What to do while there is no picture."""
        part = QWidget()
        box = QVBoxLayout(part)
        box.setContentsMargins(6, 8, 0, 0)
        hint = PlainLabel(
            tr("Drop pictures here, or paste one.\n\nOr look at how others begin:"),
            role="faint",
            wraps=True,
        )
        self.demo = QToolButton()
        self.demo.setText(tr("Open the demo"))
        self.demo.setProperty("wide", "true")
        self.demo.setToolTip(
            tr("Opens a project that is worth changing; its pictures are drawn once")
        )
        self.demo.clicked.connect(self.demo_asked)
        box.addWidget(hint)
        box.addWidget(self.demo)
        box.addStretch()
        return part

    def refresh(self) -> None:
        """Show the tray's present pictures."""
        paths = self.bench.project.state.tray
        self.empty.setVisible(not paths)
        self.pictures.setVisible(bool(paths))
        self.sought.setVisible(len(paths) > _MANY or bool(self.sought.text()))
        uses, names = uses_of(self.bench.project.recipe), self.bench.project.state.name_of
        wanted = ordered(paths, self.order, uses, self.sought.text(), names)
        shown = [Path(self.pictures.item(i).data(PATH)) for i in range(self.pictures.count())]
        if shown == wanted:
            self._show_uses(uses)
            return
        chosen = self.selected()
        self.pictures.clear()
        for path in wanted:
            item = QListWidgetItem(plain(names(path)))
            item.setData(PATH, str(path))
            item.setToolTip(self._tip(path))
            item.setSizeHint(QSize(114, 94))
            item.setIcon(self._thumbs.get(path, blank()))
            self.pictures.addItem(item)
            item.setSelected(path == chosen)
            if path not in self._thumbs:
                self.thumb_asked.emit(path)
        self._show_uses(uses)

    def _show_uses(self, uses: dict[Path, list[str]]) -> None:
        """Say under each picture what uses it, where they are ordered so."""
        for place in range(self.pictures.count()):
            item = self.pictures.item(place)
            path = Path(item.data(PATH))
            said = uses.get(path, ["not used"]) if self.order == "use" else []
            name = plain(self.bench.project.state.name_of(path))
            item.setText(name + (f"\n{plain(', '.join(said))}" if said else ""))
            item.setSizeHint(QSize(114, 110 if said else 94))

    def heed_uses(self) -> None:
        """Cues or the source differ: pictures may be used otherwise."""
        if self.order == "use" or self.sought.text():
            self.refresh()

    def set_order(self, order: Order) -> None:
        """Show the pictures in another order."""
        self.order = order
        self.refresh()

    def begin_find(self) -> None:
        """Have the keys go to the field in which pictures are sought."""
        self.sought.show()
        self.sought.setFocus()
        self.sought.selectAll()

    def forget(self) -> None:
        """Another project is in place: its pictures are looked at anew, and all of them seen."""
        self.sought.clear()
        self._thumbs.clear()
        self.findings.clear()
        self.pictures.clear()

    def show_thumb(self, path: Path, image: QImage, findings: tuple[Finding, ...] = ()) -> None:
        """Put a thumbnail in its place, with a dot where something was found about the picture."""
        size = Qt.AspectRatioMode.KeepAspectRatio, Qt.TransformationMode.SmoothTransformation
        self.findings[path] = findings
        pixmap = QPixmap.fromImage(image.scaled(THUMB * 2, *size))
        if findings:
            add_dot(pixmap)
        self._thumbs[path] = picture_icon(pixmap)
        for item in self._items_of(path):
            item.setIcon(self._thumbs[path])
            item.setToolTip(self._tip(path))

    def show_missing(self, path: Path, why: str) -> None:
        """Say in a picture's place that it cannot be read; it is tried again when asked for."""
        self._thumbs.pop(path, None)
        for item in self._items_of(path):
            item.setIcon(blank("cannot be read" if path.exists() else "not there"))
            item.setToolTip(plain_tip(why))

    def _items_of(self, path: Path) -> list[QListWidgetItem]:
        items = [self.pictures.item(i) for i in range(self.pictures.count())]
        return [item for item in items if item.data(PATH) == str(path)]

    def _tip(self, path: Path) -> str:
        found = "".join(f"\n● {finding.text}" for finding in self.findings.get(path, ()))
        return plain_tip(f"{path}{found}")

    def resizeEvent(self, event: QResizeEvent) -> None:
        """Pictures lie in a grid where there is width for two."""
        super().resizeEvent(event)
        wide = self.width() >= _GRID
        flow = QListWidget.Flow.LeftToRight if wide else QListWidget.Flow.TopToBottom
        if self.pictures.flow() != flow:
            self.pictures.setFlow(flow)
            self.pictures.setWrapping(wide)

    def selected(self) -> Path | None:
        """The picture that is selected."""
        items = self.pictures.selectedItems()
        return Path(items[0].data(PATH)) if items else None

    def rename_selected(self) -> None:
        """Have the selected picture's name typed anew."""
        items, path = self.pictures.selectedItems(), self.selected()
        if items and path is not None:
            self.pictures.rename(items[0], self.bench.project.state.name_of(path))

    def _renamed(self, path: str, name: str) -> None:
        self.renamed.emit(Path(path), name)
        self.refresh()

    def remove_selected(self) -> None:
        """Take the selected picture from the tray."""
        path = self.selected()
        if path is not None:
            self.remove_asked.emit(path)

    def _prepare(self) -> None:
        path = self.selected()
        if path is not None and not is_card(path):
            self.prepare_asked.emit(path)

    def _menu(self, place: QPoint) -> None:
        path = self.selected()
        if path is not None:
            pop_up(self.menu_of(path), self.pictures.mapToGlobal(place))

    def menu_of(self, path: Path) -> QMenu:
        """What can be done with a picture, or with a swatch card."""
        menu = QMenu(self)
        deeds: list[tuple[str, Callable[[], object]]]
        if not path.exists():
            deeds = [("Find it…", lambda: self.find_asked.emit(path))]
        elif is_card(path):
            deeds = [("Use its colours", lambda: self.style_asked.emit(path))]
        else:
            deeds = [
                ("Prepare…", lambda: self.prepare_asked.emit(path)),
                ("Use as source", lambda: self.source_asked.emit(path)),
                ("Take its manner", lambda: self.style_asked.emit(path)),
                ("Avoid what resembles it", lambda: self.avoid_asked.emit(path)),
                ("Swatch card of its colours", lambda: self.card_asked.emit(path)),
                ("Teach as a word…", lambda: self.teach_asked.emit(path)),
            ]
            if path.suffix.lower() == LAYERED:
                deeds.append(("Take one layer…", lambda: self.layer_asked.emit(path)))
        always = (("Rename", self.rename_selected), ("Remove from the tray", self.remove_selected))
        for text, act in (*deeds, *always):
            action = QAction(tr(text), menu)
            action.triggered.connect(lambda _=False, a=act: a())
            menu.addAction(action)
        menu.addSeparator()
        for text, order in ORDERS:
            action = menu.addAction(tr(text))
            action.setCheckable(True)
            action.setChecked(order == self.order)
            action.triggered.connect(lambda _=False, o=order: self.set_order(o))
        return menu
