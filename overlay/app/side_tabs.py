"""In a narrow window tray and cue card share one place, under two tabs."""

from PySide6.QtWidgets import QFrame, QHBoxLayout, QStackedWidget, QToolButton, QVBoxLayout, QWidget

from overlay.app.parts import tab_button

WIDTH = 288


class SideTabs(QFrame):
    """Holds the panels that a wide window shows beside the picture."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setProperty("panel", "true")
        self.setFixedWidth(WIDTH)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 6, 0, 0)
        column.setSpacing(0)
        row = QHBoxLayout()
        row.setSpacing(0)
        self.tabs: list[QToolButton] = []
        for place, (text, tip) in enumerate(
            (("Tray", "The pictures of this project"), ("Cue", "The selected cue"))
        ):
            tab = tab_button(text, tip)
            tab.clicked.connect(lambda _=False, p=place: self.turn_to(p))
            self.tabs.append(tab)
            row.addWidget(tab)
        column.addLayout(row)
        self.stack = QStackedWidget()
        column.addWidget(self.stack, 1)
        self.hide()

    def take(self, panels: tuple[QWidget, ...]) -> None:
        """Show these panels, one at a time."""
        for panel in panels:
            self.stack.addWidget(panel)
        self.turn_to(1)
        self.show()

    def give_back(self) -> None:
        """Let the panels go to where a wide window has them."""
        while (panel := self.stack.widget(0)) is not None:
            self.stack.removeWidget(panel)
            panel.show()
        self.hide()

    def turn_to(self, place: int) -> None:
        """Show the tray (0) or the cue card (1)."""
        self.stack.setCurrentIndex(place)
        for i, tab in enumerate(self.tabs):
            tab.setChecked(i == place)
