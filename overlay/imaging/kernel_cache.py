"""Compiled kernels are kept as long as everything that was compiled into them stays the same.

Numba keeps a kernel until its own file changes. Kernels of other files that were compiled into it
would stay as they were: after an update the same recipe could give another picture than where all
was compiled anew. So a kernel is kept under the contents of all files that it can be made from.
"""

from functools import cache
from hashlib import blake2b
from pathlib import Path
from typing import Any

from numba.core import caching

ROOT = Path(__file__).parents[1]
# Folders that the kernels of a part are made from; of parts not named here its own and `imaging`.
FOLDERS = {
    "imaging": ("imaging",),
    "engine": ("engine", "engine/matching", "engine/sequence", "engine/tone", "motion", "imaging"),
    "scenery": ("scenery", "scenery/manners", "imaging"),
    "words": ("words/stage", "words/things", "scenery", "imaging"),
}
# Not a public name: where a version of Numba has none, its own way stands (and a test fails).
_LOCATOR: Any = getattr(caching, "_SourceFileBackedLocatorMixin", None)
_own_stamp = getattr(_LOCATOR, "get_source_stamp", None)


def heed_neighbours() -> None:
    """From now on kernels of ours are compiled anew where a file they are made from has changed."""
    if _own_stamp is not None:
        _LOCATOR.get_source_stamp = _stamp


def _stamp(locator: Any) -> Any:
    """What a kernel's file is known by, and for ours what it is made from."""
    assert _own_stamp is not None
    own, file = _own_stamp(locator), Path(getattr(locator, "_py_file", ""))
    return (own, stamp_of(file.relative_to(ROOT).parts[0])) if ROOT in file.parents else own


@cache
def stamp_of(part: str) -> str:
    """The contents of all files that the kernels of a part are made from, as a hash."""
    found = blake2b(digest_size=16)
    for folder in FOLDERS.get(part, (part, "imaging")):
        for path in sorted((ROOT / folder).glob("*.py")):
            found.update(f"{folder}/{path.name} ".encode() + path.read_bytes())
    return found.hexdigest()
