"""Loading the program: a thousand modules, once, and for good."""

import gc
import os
from collections.abc import Iterator
from contextlib import contextmanager


@contextmanager
def loading() -> Iterator[None]:
    """Load modules within: an eighth sooner, and what they make is never looked through again.

    Whatever modules make stays until the end, so the collector finds nothing there: it rests
    meanwhile, and later passes that would hold a window for a tenth of a second are short. Plugins
    that other packages offer to pydantic are left alone: finding them takes time, and they are code
    that nobody asked for.
    """
    os.environ.setdefault("PYDANTIC_DISABLE_PLUGINS", "__all__")
    collects = gc.isenabled()
    gc.disable()
    try:
        yield
        gc.freeze()
    finally:
        if collects:
            gc.enable()
