"""Notes about the selected cue's picture, each with a button that helps where one can."""

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QToolButton, QVBoxLayout, QWidget

from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel, plain_tip
from overlay.document.cues import ReferenceCue
from overlay.studio.inputs.checks import Finding

_WHOLE = (0.0, 0.0, 1.0, 1.0)


class NotesPart(QWidget):
    """What was found about a picture and not yet helped."""

    fixed = Signal(object)  # the finding whose button was pressed

    def __init__(self) -> None:
        super().__init__()
        self._column = QVBoxLayout(self)
        self._column.setContentsMargins(0, 0, 0, 0)
        self._column.setSpacing(3)
        self.buttons: list[QToolButton] = []
        self._shown: tuple[Finding, ...] = ()

    def show_findings(self, findings: tuple[Finding, ...], cue: ReferenceCue | None) -> None:
        """Show what still holds for a cue."""
        left = tuple(f for f in findings if cue is not None and not _helped(f, cue))
        self.setVisible(bool(left))
        if left == self._shown:
            return
        self._shown = left
        while (item := self._column.takeAt(0)) is not None:
            widget = item.widget()
            if widget is not None:
                widget.hide()
                widget.deleteLater()
        self.buttons = []
        for finding in left:
            self._add(finding)

    def _add(self, finding: Finding) -> None:
        label = PlainLabel(f"● {tr(finding.text)}", wraps=True)
        self._column.addWidget(label)
        if finding.fix:
            button = QToolButton()
            button.setText(tr(finding.fix))
            button.setProperty("wide", "true")
            button.setToolTip(plain_tip(tr(f"{finding.fix}; the file stays as it is")))
            button.clicked.connect(lambda _=False, f=finding: self.fixed.emit(f))
            self._column.addWidget(button)
            self.buttons.append(button)


def _helped(finding: Finding, cue: ReferenceCue) -> bool:
    if finding.take is not None:
        return cue.take != _WHOLE
    return finding.sharpen is not None and cue.sharpen > 0
