"""The top of the window: the run as a whole is edited there."""

from typing import Any

from PySide6.QtCore import QObject

from overlay.app.floor.floor import Floor
from overlay.app.shell.top_bar import TopBar


class RunDesk(QObject):
    """Edits keys of the recipe; where that is refused, the top shows again what is."""

    def __init__(self, floor: Floor, top: TopBar) -> None:
        super().__init__(floor)
        self.floor, self.top = floor, top
        top.changed.connect(self._change)
        top.seed_rule_chosen.connect(floor.bench.set_seed_rule)
        top.refused.connect(floor.refuse)

    def _change(self, what: str, keys: dict[str, Any]) -> None:
        if not self.floor.guarded(lambda: self.floor.bench.change_recipe(what, **keys)):
            self.top.refresh()
