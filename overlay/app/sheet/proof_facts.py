"""What the proof is that the film belongs to: its number, its time, its measures as bars."""

from typing import Any

from PySide6.QtWidgets import QHBoxLayout, QVBoxLayout, QWidget

from overlay.app.sheet.measure_bars import MeasureBars, structure_measured, styles_measured

_KEPT = 140  # pixels


class ProofFacts(QWidget):
    """Stands beside the film."""

    def __init__(self) -> None:
        super().__init__()
        self.kept, self.styles = MeasureBars("Structure kept", 1), MeasureBars("Style match", 2)
        self.kept.setFixedWidth(_KEPT)
        column = QVBoxLayout(self)
        column.setContentsMargins(12, 0, 6, 0)
        column.setSpacing(0)
        self._first = QHBoxLayout()
        self._first.addWidget(self.kept)
        column.addLayout(self._first)
        column.addWidget(self.styles)

    def put_figures(self, figures: QWidget) -> None:
        """Have number and time stand before the bars."""
        self._first.insertWidget(0, figures, 1)

    def show_measures(self, measures: dict[str, Any]) -> None:
        """Show a proof's measures; nothing where there are none."""
        self.kept.show_measures(structure_measured(measures))
        self.styles.show_measures(styles_measured(measures))
