"""What pulls of the same pictures have in common, kept by content within a limit of memory.

Most pulls change one slider; what is made of the pictures alone (tints, pages, maps of guides) need
not be made again for it. Keys are made of all that goes in, so what is kept is what would be made.
"""

import threading
from collections.abc import Callable, Hashable
from dataclasses import fields, is_dataclass
from hashlib import blake2b
from typing import Any, TypeVar, cast
from weakref import ref

import numpy as np
from cachetools import LRUCache

_LIMIT = 320_000_000  # bytes of all that is kept
_LARGEST = _LIMIT // 4  # of one thing; larger ones would leave room for nothing else

T = TypeVar("T")
_kept: LRUCache[Hashable, Any] = LRUCache(_LIMIT, lambda thing: min(weight(thing), _LIMIT))
_lock = threading.Lock()
# Keys of arrays that cannot change, by their places in memory while they are alive.
_keys: dict[int, tuple[ref[np.ndarray], bytes]] = {}


def keep(key: Hashable, make: Callable[[], T]) -> T:
    """What was made for this key before, or what is made now. It must not be written to.

    Parameters
    ----------
    key : of all that the thing is made of, begun with its name.
    """
    with _lock:
        if key in _kept:
            return cast(T, _kept[key])
    made = make()
    if weight(made) <= _LARGEST:
        with _lock:
            _kept[key] = made
    return made


def forget() -> None:
    """Keep nothing of what was made so far."""
    with _lock:
        _kept.clear()


def content_key(*arrays: np.ndarray | None) -> bytes:
    """A key of what arrays hold, 16 bytes: the same for the same shapes, kinds and values."""
    keys = [b"none" if array is None else _key_of(array) for array in arrays]
    return keys[0] if len(keys) == 1 else blake2b(b"".join(keys), digest_size=16).digest()


def _key_of(array: np.ndarray) -> bytes:
    """One array's key; of one that nobody can write to, looked at once."""
    lasting = array.flags.owndata and not array.flags.writeable
    known = _keys.get(id(array)) if lasting else None
    if known is not None and known[0]() is array:
        return known[1]
    found = blake2b(f"{array.dtype.str}{array.shape}".encode(), digest_size=16)
    found.update(np.ascontiguousarray(array).data)
    key = found.digest()
    if lasting:
        place = id(array)
        _keys[place] = (ref(array, lambda _: _keys.pop(place, None)), key)
    return key


def weight(thing: object) -> int:
    """Bytes of the arrays in a thing: an array, or a tuple, list, dict or dataclass of such."""
    if isinstance(thing, np.ndarray):
        return int(thing.nbytes)
    if isinstance(thing, tuple | list):
        return sum(weight(part) for part in thing)
    if isinstance(thing, dict):
        return sum(weight(part) for part in thing.values())
    if is_dataclass(thing) and not isinstance(thing, type):
        return sum(weight(getattr(thing, field.name)) for field in fields(thing))
    return 64
