"""A walk through the window's states, and what can be wrong with what is seen in each."""

from collections.abc import Callable, Iterator

from PySide6.QtCore import QSize, Qt
from PySide6.QtGui import QAccessible
from PySide6.QtWidgets import (
    QAbstractButton,
    QAbstractItemView,
    QAbstractSlider,
    QAbstractSpinBox,
    QApplication,
    QCheckBox,
    QComboBox,
    QHeaderView,
    QLabel,
    QLineEdit,
    QScrollArea,
    QScrollBar,
    QToolButton,
    QWidget,
)

from overlay.app.parts.plain import ElidedLabel
from overlay.app.shell.window import MainWindow

LEAST = 24  # pixels that a hand can hit
_CONTROLS = (
    QAbstractButton, QComboBox, QAbstractSpinBox, QLineEdit, QAbstractSlider, QAbstractItemView,
)  # fmt: skip


def states(window: MainWindow) -> Iterator[str]:
    """Goes from state to state; each is named once it is there."""
    house = window.house
    yield "bench"
    for row, name in enumerate(("reference", "guide", "swatches", "avoided")):
        window.bench.select(row)
        yield name
    for text, tab in house.card.tabs.items() if hasattr(house.card, "tabs") else ():
        tab.click()
        yield f"card {text}"
    window.bench.select(0)
    house.stage.set_mode("region")
    for name in ("Paint", "Shape", "Use"):
        house.regions.turn_to(name)
        yield f"region {name}"
    for mode in ("influence", "trace", "map", "proof"):
        house.stage.set_mode(mode)
        yield mode
    house.stage.compare.ways["wipe"].setChecked(True)
    yield "wipe"
    house.stage.compare.ways["wipe"].setChecked(False)
    for room in ("sheets", "edition", "drawer", "sequence"):
        names = [r.name for r in window.floor.rooms]
        found = next((n for n in names if n.startswith(room[:5])), None)
        if found is not None:
            window.floor.go_to(found)
            yield found
    house.prepare_desk.open(window.bench.project.state.tray[0])
    yield "prepare"
    window.floor.go_to("bench")


def controls(window: QWidget) -> Iterator[QWidget]:
    """Everything in sight that a hand can change something with."""
    for widget in window.findChildren(QWidget):
        if isinstance(widget, _CONTROLS) and not isinstance(widget, QScrollBar):
            inner = isinstance(widget, QHeaderView) or isinstance(
                widget.parentWidget(), QAbstractSpinBox | QComboBox
            )
            if widget.isVisible() and not inner and not widget.objectName().startswith("qt_"):
                yield widget


def named(widget: QWidget) -> str:
    """A widget for a report."""
    text = getattr(widget, "text", lambda: "")()
    return f"{type(widget).__name__} {widget.accessibleName() or text or widget.toolTip()!r}"


def too_small(window: QWidget) -> list[str]:
    """Controls that are smaller than a hand can hit."""
    return [
        f"{named(w)}: {w.width()}x{w.height()}"
        for w in controls(window)
        if min(w.width(), w.height()) < LEAST
    ]


def cut_off(window: QWidget) -> list[str]:
    """Labels and buttons whose text does not fit."""
    found = []
    for widget in window.findChildren(QWidget):
        if not widget.isVisible() or isinstance(widget, ElidedLabel):
            continue
        if isinstance(widget, QLabel) and widget.text() and not _fits_label(widget):
            found.append(f"{named(widget)}: {widget.width()}")
        elif isinstance(widget, QScrollArea) and not _fits_inside(widget):
            inside = widget.widget().width()
            found.append(f"{type(widget.parentWidget()).__name__}: {inside} in {widget.width()}")
        elif isinstance(widget, QAbstractButton) and widget.text() and not _fits_button(widget):
            found.append(f"{named(widget)}: {widget.width()} < {widget.minimumSizeHint().width()}")
    return found


def _fits_inside(area: QScrollArea) -> bool:
    """Whether what scrolls upright alone is no wider than what is seen of it."""
    off = area.horizontalScrollBarPolicy() == Qt.ScrollBarPolicy.ScrollBarAlwaysOff
    chips = area.verticalScrollBarPolicy() == Qt.ScrollBarPolicy.ScrollBarAlwaysOff
    if not off or chips or area.widget() is None:
        return True
    return area.widget().width() <= area.viewport().width() + 1


def _fits_label(label: QLabel) -> bool:
    if label.sizePolicy().horizontalPolicy() == label.sizePolicy().Policy.Ignored:
        return True  # it has its whole text in its tooltip
    if label.wordWrap():
        return label.heightForWidth(label.width()) <= label.height() + 1
    wide = max(label.fontMetrics().horizontalAdvance(t) for t in label.text().split("\n"))
    return wide <= label.contentsRect().width() + 1


def _fits_button(button: QAbstractButton) -> bool:
    if isinstance(button, QToolButton):
        only = button.toolButtonStyle() == Qt.ToolButtonStyle.ToolButtonIconOnly
        if only and not button.icon().isNull():
            return True
        wide = button.fontMetrics().horizontalAdvance(button.text().replace("&", ""))
        beside = button.toolButtonStyle() == Qt.ToolButtonStyle.ToolButtonTextBesideIcon
        icon = button.iconSize().width() + 4 if beside else 0
        arrow = 10 if button.menu() is not None else 0
        return wide + icon + arrow + 4 <= button.width()
    hint: QSize = button.sizeHint()
    return hint.width() <= button.width() + 1 or isinstance(button, QCheckBox)


def nameless(window: QWidget) -> list[str]:
    """Controls that a screen reader would have no name for."""
    found = []
    for widget in controls(window):
        interface = QAccessible.queryAccessibleInterface(widget)
        name = "" if interface is None else interface.text(QAccessible.Text.Name)
        if isinstance(widget, QComboBox):
            name = widget.accessibleName()  # on Linux the tree has its value in the name's place
        if not name.strip():
            found.append(f"{named(widget)} in {type(widget.parentWidget()).__name__}")
    return found


def unreachable(window: QWidget) -> list[str]:
    """Controls that the keyboard cannot get to."""
    tab = Qt.FocusPolicy.TabFocus.value
    return [named(w) for w in controls(window) if not w.focusPolicy().value & tab]


def walk(
    window: MainWindow, settle: Callable[[], None], *checks: Callable[[QWidget], list[str]]
) -> list[str]:
    """All faults in all states."""
    faults = []
    for state in states(window):
        settle()
        QApplication.processEvents()
        for check in checks:
            faults += [f"{state}: {check.__name__}: {fault}" for fault in check(window)]
    return faults
