"""Small parts that panels are made of: buttons with words, icons of pictures, a scrolled column."""

from PySide6.QtCore import QPoint, Qt
from PySide6.QtGui import QIcon, QPixmap, QResizeEvent
from PySide6.QtWidgets import QFrame, QMenu, QScrollArea, QToolButton, QVBoxLayout, QWidget

from overlay.app.parts.icons import set_icon
from overlay.app.parts.language import tr


def text_button(
    text: str, tip: str, *, checkable: bool = False, stretched: bool = False
) -> QToolButton:
    """A button with words.

    Parameters
    ----------
    stretched : it takes the width that its row gives it.
    """
    button = QToolButton()
    button.setText(tr(text))
    button.setToolTip(tr(tip))
    button.setAccessibleName(tr(text))
    button.setCheckable(checkable)
    button.setProperty("wide", "true")
    if stretched:
        policy = button.sizePolicy().Policy
        button.setSizePolicy(policy.Expanding, policy.Fixed)
    return button


def menu_button(text: str, tip: str) -> QToolButton:
    """A button as wide as its row that offers ways in a menu; the menu is the caller's."""
    button = text_button(text, tip, stretched=True)
    button.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
    return button


def adding_button(text: str, tip: str) -> QToolButton:
    """A button that offers in a menu what can be added; the menu is the caller's."""
    button = text_button(text, tip)
    set_icon(button, "add")
    button.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextBesideIcon)
    button.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
    return button


def tab_button(text: str, tip: str) -> QToolButton:
    """One of several tabs in a row, of which one is checked."""
    tab = text_button(text, tip, checkable=True, stretched=True)
    tab.setProperty("wide", None)
    tab.setProperty("tab", "true")
    return tab


def picture_icon(pixmap: QPixmap) -> QIcon:
    """An icon that shows a picture as it is, also where it is selected."""
    icon = QIcon(pixmap)
    icon.addPixmap(pixmap, QIcon.Mode.Selected)
    return icon


def pop_up(menu: QMenu, place: QPoint) -> None:
    """Show a menu that was made for once, and let go of it when it is closed."""
    menu.aboutToHide.connect(menu.deleteLater)
    menu.popup(place)


def scrolled_column(panel: QFrame) -> QVBoxLayout:
    """A column in a panel that scrolls when the window is too low for all of it."""
    area = _Column()
    area.setWidgetResizable(True)
    area.setFrameShape(QFrame.Shape.NoFrame)
    area.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
    inside = QWidget()
    inside.setObjectName("inside")
    inside.setStyleSheet("#inside { background: transparent; }")
    area.viewport().setObjectName("viewport")
    area.viewport().setStyleSheet("#viewport { background: transparent; }")
    area.setWidget(inside)
    outer = QVBoxLayout(panel)
    outer.setContentsMargins(0, 0, 0, 0)
    outer.addWidget(area)
    return QVBoxLayout(inside)


class _Column(QScrollArea):
    """Scrolls upright; its bar lies in the right margin instead of pushing what is inside."""

    _margin: int | None = None

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        inside, bar = self.widget(), self.verticalScrollBar()
        layout = None if inside is None else inside.layout()
        if layout is None:
            return
        margins = layout.contentsMargins()
        if self._margin is None:
            self._margin = margins.right()
        taken = bar.width() if bar.isVisible() else 0
        wanted = max(self._margin - taken, 0)
        if margins.right() != wanted:
            margins.setRight(wanted)
            layout.setContentsMargins(margins)
