"""Which page of the handbook tells of where one is: by the room, in the bench by the panel."""

from collections.abc import Callable, Sequence

from PySide6.QtWidgets import QApplication, QWidget

PAGES = {
    "bench": "5-pull-and-look", "proof sheet": "6-search", "drawer": "7-drawer",
    "edition": "13-sets", "sequence": "13-sets", "prepare": "1-gather-and-clean",
}  # fmt: skip
Part = tuple[QWidget, Callable[[], str]]


def page_of(room: str, parts: Sequence[Part]) -> str:
    """The page's name.

    Parameters
    ----------
    parts : panels of the bench, with the page that each has now; the first with the keys counts.
    """
    if room != "bench":
        return PAGES.get(room, "")
    focus = QApplication.focusWidget()
    for panel, page in parts:
        if focus is not None and (panel is focus or panel.isAncestorOf(focus)):
            return page()
    return PAGES["bench"]
