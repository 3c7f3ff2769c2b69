"""The library that plots are drawn with, loaded when it is first needed."""

from importlib import import_module
from types import ModuleType


def load_plotting() -> ModuleType:
    """pyqtgraph; takes a third of a second the first time, so work for another thread."""
    return import_module("pyqtgraph")
