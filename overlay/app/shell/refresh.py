"""Who is told what: a table from what an edit changed to those concerned."""

from collections.abc import Callable, Iterator
from functools import partial

from PySide6.QtCore import QObject

from overlay.document.changes import EVERYTHING, Changes
from overlay.studio.bench.bench import Bench

Told = Callable[[Changes], object]


class Refresh(QObject):
    """Tells those concerned after every edit, in the order they were named."""

    def __init__(self, bench: Bench, parent: QObject) -> None:
        super().__init__(parent)
        self._table: list[tuple[Told, tuple[str, ...]]] = []
        bench.changed.connect(self.tell)

    def on(self, told: Callable[[], object], *keys: str) -> None:
        """Have someone told when any of these differs; without keys, when anything does."""
        self.on_with(lambda _: told(), *keys)

    def on_with(self, told: Told, *keys: str) -> None:
        """The same for someone who wants to know what it is."""
        self._table.append((told, keys))

    def tell(self, what: Changes) -> None:
        """Tell those concerned."""
        for told, keys in self._table:
            if not keys or what.touches(*keys):
                told(what)

    def everything(self) -> None:
        """Another project is in place."""
        self.tell(EVERYTHING)

    def one_by_one(self) -> Iterator[Callable[[], object]]:
        """The same in steps, for what need not be told in one go: another theme is on."""
        return (partial(told, EVERYTHING) for told, _ in self._table)
