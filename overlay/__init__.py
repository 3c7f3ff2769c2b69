"""Overlay: conditioned pictures from references, guides and regions.

The names for Python are in `overlay.api`, and are found here as well: `overlay.render`, `open`,
`map`, `mask`, `enlarge`, `Proof`. They are loaded when first asked for, for the engine takes
seconds to load where its kernels are new.
"""

from typing import TYPE_CHECKING, Any

from overlay.version import __version__ as __version__

if TYPE_CHECKING:
    from overlay.api import PictureError, Proof, RecipeError, enlarge, map, mask, open, render

__all__ = ["PictureError", "Proof", "RecipeError", "enlarge", "map", "mask", "open", "render"]


def __getattr__(name: str) -> Any:
    if name not in __all__:
        raise AttributeError(f"module 'overlay' has no attribute {name!r}")
    from overlay import api

    return getattr(api, name)
