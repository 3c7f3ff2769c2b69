"""What is picked: rows of the table and pictures of the set are the same ones."""

from PySide6.QtCore import QItemSelection, QItemSelectionModel, QObject, Signal
from PySide6.QtWidgets import QAbstractItemView

from overlay.app.editions.room import EditionRoom

_ROWS = QItemSelectionModel.SelectionFlag.Rows
_ANEW = QItemSelectionModel.SelectionFlag.ClearAndSelect


class Picking(QObject):
    """Keeps table and contact sheet alike.

    Signals
    -------
    picked : others are picked.
    """

    picked = Signal()

    def __init__(self, room: EditionRoom) -> None:
        super().__init__(room)
        self._room, self._mirroring = room, False
        for view, other in ((room.table, room.contact), (room.contact, room.table)):
            view.selectionModel().selectionChanged.connect(
                lambda *_, v=view, o=other: self._mirror(v, o)
            )

    @property
    def places(self) -> list[int]:
        """Places of the picked pictures, in their order."""
        indexes = self._room.table.selectionModel().selectedIndexes()
        return sorted({index.row() for index in indexes})

    def pick(self, places: list[int]) -> None:
        """Pick pictures, and bring the first of them into sight."""
        _select(self._room.table, places)

    def _mirror(self, view: QAbstractItemView, other: QAbstractItemView) -> None:
        if self._mirroring:
            return
        self._mirroring = True
        indexes = view.selectionModel().selectedIndexes()
        _select(other, sorted({index.row() for index in indexes}))
        self._mirroring = False
        self.picked.emit()


def _select(view: QAbstractItemView, places: list[int]) -> None:
    model = view.model()
    chosen = QItemSelection()
    for place in places:
        chosen.select(model.index(place, 0), model.index(place, model.columnCount() - 1))
    view.selectionModel().select(chosen, _ANEW | _ROWS)
    if places:
        view.scrollTo(model.index(places[0], 0))
