"""Colour profiles whose meaning is known exactly: linear light with sRGB's primaries, and grey."""

import struct

import numpy as np

# sRGB's primaries as profiles have them, adapted to D50.
_PRIMARIES = {
    b"rXYZ": (0.43607, 0.22249, 0.01392),
    b"gXYZ": (0.38515, 0.71687, 0.09708),
    b"bXYZ": (0.14307, 0.06061, 0.71410),
}
_D50 = (0.9642, 1.0, 0.8249)


def _fixed(*values: float) -> bytes:
    return b"".join(struct.pack(">i", round(v * 65536)) for v in values)


def _xyz(*values: float) -> bytes:
    return b"XYZ \0\0\0\0" + _fixed(*values)


def _gamma(value: float) -> bytes:
    return b"curv\0\0\0\0" + struct.pack(">IH", 1, round(value * 256)) + b"\0\0"


def _text(kind: bytes, text: bytes) -> bytes:
    if kind == b"text":
        return b"text\0\0\0\0" + text + b"\0"
    return b"desc\0\0\0\0" + struct.pack(">I", len(text) + 1) + text + b"\0" + bytes(78)


def _profile(space: bytes, tags: dict[bytes, bytes]) -> bytes:
    tags = {b"desc": _text(b"desc", b"test"), b"cprt": _text(b"text", b"none"), **tags}
    table, body = struct.pack(">I", len(tags)), b""
    start = 128 + 4 + 12 * len(tags)
    for name, data in tags.items():
        padded = data + bytes(-len(data) % 4)
        table += name + struct.pack(">II", start + len(body), len(data))
        body += padded
    head = struct.pack(
        ">I4sI4s4s4s", start + len(body), b"\0" * 4, 0x02400000, b"mntr", space, b"XYZ "
    )
    head += bytes(12) + b"acsp" + bytes(28) + _fixed(*_D50)
    return head + bytes(128 - len(head)) + table + body


def linear_rgb() -> bytes:
    curves = {name: _gamma(1.0) for name in (b"rTRC", b"gTRC", b"bTRC")}
    colours = {name: _xyz(*values) for name, values in _PRIMARIES.items()}
    return _profile(b"RGB ", {b"wtpt": _xyz(*_D50), **colours, **curves})


def linear_grey() -> bytes:
    return _profile(b"GRAY", {b"wtpt": _xyz(*_D50), b"kTRC": _gamma(1.0)})


def from_linear(value: float) -> float:
    """sRGB of linear light, both 0 to 1 (IEC 61966-2-1)."""
    return value * 12.92 if value <= 0.0031308 else 1.055 * float(np.power(value, 1 / 2.4)) - 0.055
