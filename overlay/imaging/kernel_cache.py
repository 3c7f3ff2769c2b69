"""Compiled kernels are kept as long as everything that was compiled into them stays the same.

Numba keeps a kernel until its own file changes. Kernels of other files that were compiled into it
would stay as they were: after an update the same recipe could give another picture than where all
was compiled anew. So a kernel is kept under the contents of all files that it can be made from.
"""

from collections.abc import Callable
from functools import cache
from hashlib import blake2b
from pathlib import Path
from typing import Any

ROOT = Path(__file__).parents[1]
# Folders that the kernels of a part are made from; of parts not named here its own and `imaging`.
_IMAGING = ("imaging", "imaging/numbers")
FOLDERS = {
    "imaging": _IMAGING,
    "engine": (
        "engine", "engine/matching", "engine/sequence", "engine/tone", "motion", *_IMAGING,
    ),
    "scenery": ("scenery", "scenery/manners", *_IMAGING),
    "words": ("words/stage", "words/things", "scenery", *_IMAGING),
}  # fmt: skip


def folders_of(part: str) -> tuple[str, ...]:
    """The folders that the kernels of a part are made from."""
    return FOLDERS.get(part, (part, *_IMAGING))


@cache
def heed_neighbours() -> None:
    """From now on kernels of ours are compiled anew where a file they are made from has changed."""
    from numba.core import caching

    # Not a public name: where a version of Numba has none, its own way stands (and a test fails).
    locator: Any = getattr(caching, "_SourceFileBackedLocatorMixin", None)
    own_stamp = getattr(locator, "get_source_stamp", None)
    if own_stamp is not None:
        locator.get_source_stamp = _heeding(own_stamp)


def is_kept(dispatcher: Any) -> bool:
    """Whether Numba would load a kernel from the disk, for some arguments, and not compile it."""
    file = getattr(getattr(dispatcher, "_cache", None), "_cache_file", None)
    return file is not None and bool(file._load_index())  # noqa: SLF001 (no public name either)


def _heeding(own_stamp: Callable[[Any], Any]) -> Callable[[Any], Any]:
    """What a kernel's file is known by, and for ours what it is made from."""

    def stamp(locator: Any) -> Any:
        own, file = own_stamp(locator), Path(getattr(locator, "_py_file", ""))
        return (own, stamp_of(file.relative_to(ROOT).parts[0])) if ROOT in file.parents else own

    return stamp


@cache
def stamp_of(part: str) -> str:
    """The contents of all files that the kernels of a part are made from, as a hash."""
    found = blake2b(digest_size=16)
    for folder in folders_of(part):
        for path in sorted((ROOT / folder).glob("*.py")):
            found.update(f"{folder}/{path.name} ".encode() + path.read_bytes())
    return found.hexdigest()
