"""Compiles the kernels before the tests, so that no worker does what another does."""

from concurrent.futures import ProcessPoolExecutor
from multiprocessing import get_context

_PARTS = ("pulls", "words", "scenes", "enlarging", "octave", "frames")


def compile_kernels() -> None:
    """Compile all kernels, two parts at a time; done at once where they are compiled."""
    with ProcessPoolExecutor(2, get_context("spawn")) as pool:
        list(pool.map(compile_part, _PARTS))


def compile_part(name: str) -> None:
    """Compile a part of the kernels, by running them, and write them where all find them."""
    from overlay.engine.control import Control
    from overlay.studio.making.warming import WARMINGS
    from tests.pictures import manner, scene

    if name in WARMINGS:
        WARMINGS[name](Control())
    else:
        scene(), manner()
