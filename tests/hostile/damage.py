"""Damaging files: bytes at random, and where it hurts (lengths, numbers, structure)."""

import json
import random
import re
import struct
import zlib
from functools import cache
from typing import Any

# What a value in JSON may become.
_EVIL: tuple[Any, ...] = (
    None, True, -1, 0, 1e308, -0.0, 2**53 + 1, 10**39, "", "\0", "../../etc/passwd", "/dev/zero",
    "x" * 5000, "\x1b[31m", "<img src=x>", "\u202e", [], {}, [[]], [[[[[]]]]], [1] * 300, {"a": 1},
    [0.5, 0.5], "#ffffff", "sky", "source", "blank", "AAAA", "é" * 300,
)  # fmt: skip
_NUMBERS = (0, 1, 0x7F, 0xFF, 0x7FFF, 0xFFFF, 0x7FFFFFFF, 0xFFFFFFFF, 0x80000000)


def damaged(data: bytes, name: str, rng: random.Random) -> bytes:
    """A file's bytes after one to a few blows."""
    ways = [_flip, _cut, _swell, _splice, _set_number]
    if name.endswith(".json"):
        ways += [_bend_json] * 6 + [_bend_text] * 2
    elif name.endswith(".png"):
        ways += [_bend_chunk] * 4
    for _ in range(rng.choice((1, 1, 1, 2, 4))):
        data = rng.choice(ways)(data, rng)
    return data[: 1 << 20]


def _flip(data: bytes, rng: random.Random) -> bytes:
    changed = bytearray(data)
    for _ in range(rng.randrange(1, 12)):
        if changed:
            changed[rng.randrange(len(changed))] = rng.randrange(256)
    return bytes(changed)


def _cut(data: bytes, rng: random.Random) -> bytes:
    return data[: rng.randrange(len(data) + 1)]


def _swell(data: bytes, rng: random.Random) -> bytes:
    at = rng.randrange(len(data) + 1)
    return data[:at] + rng.randbytes(1) * rng.randrange(1, 4000) + data[at:]


def _splice(data: bytes, rng: random.Random) -> bytes:
    a, b = sorted((rng.randrange(len(data) + 1), rng.randrange(len(data) + 1)))
    at = rng.randrange(len(data) + 1)
    return data[:at] + data[a:b] + data[at:]


def _set_number(data: bytes, rng: random.Random) -> bytes:
    """A length or offset that lies."""
    changed, width = bytearray(data), rng.choice("BHI")
    if len(changed) < 8:
        return data
    at = rng.randrange(len(changed) - 4)
    number = rng.choice(_NUMBERS) & ((1 << (8 * struct.calcsize(width))) - 1)
    struct.pack_into(rng.choice("<>") + width, changed, at, number)
    return bytes(changed)


def _bend_chunk(data: bytes, rng: random.Random) -> bytes:
    """A PNG's chunk with other contents and a checksum that is right again."""
    starts, at = [], 8
    while at + 12 <= len(data):
        starts.append(at)
        at += 12 + int.from_bytes(data[at : at + 4], "big")
    if not starts:
        return data
    at = rng.choice(starts)
    length = int.from_bytes(data[at : at + 4], "big")
    kind = data[at + 4 : at + 8]
    body = _flip(data[at + 8 : at + 8 + length], rng)
    if rng.random() < 0.3:
        kind, body = b"iTXt", b"overlay:recipe\0\1\0\0\0" + _much_packed(rng.randrange(8))
    chunk = struct.pack(">I", len(body)) + kind + body + struct.pack(">I", zlib.crc32(kind + body))
    return data[:at] + chunk + data[at + 12 + length :]


@cache
def _much_packed(value: int) -> bytes:
    return zlib.compress(bytes([value]) * 9_000_000)


def _bend_json(data: bytes, rng: random.Random) -> bytes:
    """One value somewhere, or one key, becomes something else."""
    try:
        whole = json.loads(data)
    except (ValueError, RecursionError):
        return _flip(data, rng)
    place: Any = whole
    while isinstance(place, dict | list) and place:
        keys = list(place) if isinstance(place, dict) else list(range(len(place)))
        key = rng.choice(keys)
        if isinstance(place[key], dict | list) and place[key] and rng.random() < 0.7:
            place = place[key]
            continue
        change = rng.random()
        if change < 0.7:
            place[key] = rng.choice(_EVIL)
        elif isinstance(place, dict) and change < 0.8:
            place[rng.choice(("", "x" * 999, "overlay", "name", "points", "\n"))] = place.pop(key)
        elif isinstance(place, list):
            place[:] = place * rng.choice((0, 2, 300))
        else:
            del place[key]
        break
    return json.dumps(whole).encode()


def _bend_text(data: bytes, rng: random.Random) -> bytes:
    """What json.dumps would never write: endless numbers, deep nests, keys twice, bare words."""
    evil = rng.choice((b"9" * 5000, b"1e999", b"NaN", b"[" * 3000, b'{"a":' * 3000, b'"\\ud800"',
                       b"-Infinity", b"'a'", b"\xff\xfe", b"1" * 41, b"0." + b"1" * 999))  # fmt: skip
    numbers = list(re.finditer(rb"\d+(\.\d+)?", data))
    if not numbers:
        return data + evil
    chosen = rng.choice(numbers)
    return data[: chosen.start()] + evil + data[chosen.end() :]
