"""Settings offered where they live: dragged to a well, or by a menu on their control.

A control says which settings of the recipe it stands for, by their dotted keys. Whoever knows what
can be done with a setting listens to the window's `Offers`.
"""

from collections.abc import Callable

from PySide6.QtCore import QEvent, QMimeData, QObject, QPoint, Qt, Signal
from PySide6.QtGui import QContextMenuEvent, QDrag, QMouseEvent
from PySide6.QtWidgets import QApplication, QMenu, QWidget

from overlay.app.parts.buttons import pop_up
from overlay.app.parts.language import tr
from overlay.app.parts.plain import plain

MIME = "application/x-overlay-setting"
Keys = Callable[[], list[tuple[str, str]]]  # key and name of each setting, as they are now


class Offers(QObject):
    """One for a window.

    Signals
    -------
    asked : a setting's key, and what is wished: across, down or meet.
    """

    asked = Signal(str, str)
    DEEDS = (
        ("across", "Vary across a proof sheet"),
        ("down", "Vary down a proof sheet"),
        ("meet", "Meet a target…"),
    )

    def menu(self, keys: list[tuple[str, str]], parent: QWidget) -> QMenu:
        """What can be done with these settings."""
        menu = QMenu(parent)
        for key, name in keys:
            place = menu if len(keys) == 1 else menu.addMenu(plain(name).replace("&", "&&"))
            for deed, text in self.DEEDS:
                action = place.addAction(tr(text))
                action.triggered.connect(lambda _=False, k=key, d=deed: self.asked.emit(k, d))
        return menu


def offer(widget: QWidget, keys: Keys, *, plain_drag: bool = False, own_menu: bool = False) -> None:
    """Have a widget offer its settings: by its menu, and dragged.

    Parameters
    ----------
    plain_drag : whether dragging alone takes hold, as of a label; else Ctrl must be held, since the
        control has its own use for a drag.
    own_menu : whether the widget has a menu of its own, and calls `add_offers` for it.
    """
    handle = _Handle(widget, keys, plain_drag=plain_drag, own_menu=own_menu)
    widget.installEventFilter(handle)
    for field in widget.findChildren(QWidget):
        field.installEventFilter(handle)  # a spin box's line has the pointer
    if plain_drag:
        widget.setCursor(Qt.CursorShape.OpenHandCursor)


def add_offers(menu: QMenu, keys: list[tuple[str, str]], widget: QWidget) -> None:
    """Put what can be done with a widget's settings into a menu of its own."""
    offers = widget.window().findChild(Offers)
    if keys and offers is not None:
        menu.addSeparator()
        for action in offers.menu(keys, menu).actions():
            menu.addAction(action)


class _Handle(QObject):
    """Sees a widget's mouse and menu first."""

    def __init__(self, widget: QWidget, keys: Keys, *, plain_drag: bool, own_menu: bool) -> None:
        super().__init__(widget)
        self._own_menu = own_menu
        self._widget, self._keys, self._plain = widget, keys, plain_drag
        self._from: QPoint | None = None

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        if isinstance(event, QContextMenuEvent):
            return not self._own_menu and self._open_menu(event.globalPos())
        if not isinstance(event, QMouseEvent):
            return False
        if event.type() == QEvent.Type.MouseButtonPress:
            control = bool(event.modifiers() & Qt.KeyboardModifier.ControlModifier)
            left = event.button() == Qt.MouseButton.LeftButton
            self._from = (
                event.globalPosition().toPoint() if left and (self._plain or control) else None
            )
            return self._from is not None and control
        if event.type() == QEvent.Type.MouseMove and self._from is not None:
            far = (event.globalPosition().toPoint() - self._from).manhattanLength()
            if far >= QApplication.startDragDistance():
                self._from = None
                self._drag()
            return True
        if event.type() == QEvent.Type.MouseButtonRelease:
            self._from = None
        return False

    def _open_menu(self, place: QPoint) -> bool:
        keys, offers = self._keys(), self._widget.window().findChild(Offers)
        if not keys or offers is None:
            return False
        pop_up(offers.menu(keys, self._widget), place)
        return True

    def _drag(self) -> None:
        keys = self._keys()
        if keys:
            drag = QDrag(self._widget)
            drag.setMimeData(setting_data(keys[0][0]))
            drag.exec(Qt.DropAction.CopyAction)


def setting_data(key: str) -> QMimeData:
    """What is dragged for a setting."""
    data = QMimeData()
    data.setData(MIME, key.encode())
    return data


def dragged_setting(data: QMimeData) -> str | None:
    """The key of the setting that is dragged, or None; what is no text of ours counts as none."""
    if not data.hasFormat(MIME):
        return None
    raw = bytes(data.data(MIME).data())
    return raw[:400].decode("utf-8", "replace") if raw else None
