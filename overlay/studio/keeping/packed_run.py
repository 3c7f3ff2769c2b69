"""What a run leaves behind, as bytes and back: filmstrip, trace and influence record.

A compressed NumPy archive of plain arrays. It may come from anyone within a project file: nothing
in it is ever executed, and no more is unpacked than it says and than a run can leave.
"""

import io
import math
import zipfile
from typing import Any

import numpy as np
import numpy.typing as npt

from overlay.engine.record import Influence, Trace
from overlay.engine.request import Frame

_TRACE_MAPS = {"cue": np.int16, "y": np.int32, "x": np.int32, "mirrored": bool, "turn": np.uint8}
_MOST_ENTRIES = 1024
MOST_RUN = 256 << 20  # bytes of a record
_MOST_BYTES = 512 << 20  # of all arrays; the largest run leaves a tenth of it
_HEADERS = {
    (1, 0): np.lib.format.read_array_header_1_0,
    (2, 0): np.lib.format.read_array_header_2_0,
}

Arrays = dict[str, npt.NDArray[Any]]


def pack_run(film: tuple[Frame, ...], trace: Trace | None, influence: Influence | None) -> bytes:
    """The record of a run as bytes."""
    arrays: dict[str, Any] = {f"picture{i}": f.picture for i, f in enumerate(film)}
    arrays["steps"] = np.array([f.step for f in film], np.int64)
    arrays["progress"] = np.array([f.progress for f in film])
    if trace is not None:
        arrays |= {f"trace_{key}": getattr(trace, key) for key in _TRACE_MAPS}
        arrays["trace_names"] = np.array(trace.names, np.str_)
        arrays["trace_grid"] = np.array([trace.top, trace.left, trace.stride, trace.size])
        arrays["trace_scales"] = np.array(trace.scales)
        arrays["trace_origins"] = np.array(trace.origins, np.int64).reshape(-1, 2)
    if influence is not None:
        arrays["influence"] = influence.maps
        arrays["influence_names"] = np.array(influence.names, np.str_)
        arrays["influence_progress"] = np.array(influence.progress)
    buffer = io.BytesIO()
    np.savez_compressed(buffer, **arrays)
    return buffer.getvalue()


def unpack_run(data: bytes) -> tuple[tuple[Frame, ...], Trace | None, Influence | None]:
    """The record from its bytes; raises one of `UNREADABLE` if they are not such a record."""
    arrays = _unpack(data)
    return _film(arrays), _trace(arrays), _influence(arrays)


def _unpack(data: bytes) -> Arrays:
    with zipfile.ZipFile(io.BytesIO(data)) as archive:
        entries = archive.infolist()
        total = sum(entry.file_size for entry in entries)
        if len(entries) > _MOST_ENTRIES or total > _MOST_BYTES:
            raise ValueError(
                f"a run leaves at most {_MOST_ENTRIES} arrays and {_MOST_BYTES} bytes, "
                f"got {len(entries)} and {total}"
            )
        return {e.filename.removesuffix(".npy"): _array(archive, e) for e in entries}


def _array(archive: zipfile.ZipFile, entry: zipfile.ZipInfo) -> npt.NDArray[Any]:
    """One array, if it is as large as its bytes; its header alone would be believed by NumPy."""
    with archive.open(entry) as file:
        raw = io.BytesIO(file.read(entry.file_size))
    shape, by_columns, dtype = _HEADERS[np.lib.format.read_magic(raw)](raw)
    body = raw.getbuffer()[raw.tell() :]
    if dtype.hasobject or math.prod(shape) * dtype.itemsize != len(body):
        raise ValueError(f"{entry.filename}: {shape} of {dtype} do not fit {len(body)} bytes")
    return np.frombuffer(body, dtype).reshape(shape, order="F" if by_columns else "C").copy()


def _film(arrays: Arrays) -> tuple[Frame, ...]:
    steps, progress = arrays["steps"], arrays["progress"]
    film = tuple(
        Frame(int(steps[i]), float(progress[i]), arrays[f"picture{i}"]) for i in range(len(steps))
    )
    for frame in film:
        _check("a frame", frame.picture, np.uint8, (None, None, 3))
    return film


def _trace(arrays: Arrays) -> Trace | None:
    if "trace_cue" not in arrays:
        return None
    top, left, stride, size = (int(v) for v in arrays["trace_grid"])
    names = tuple(str(name) for name in arrays["trace_names"])
    cue = arrays["trace_cue"]
    for key, dtype in _TRACE_MAPS.items():
        _check(f"trace_{key}", arrays[f"trace_{key}"], dtype, (len(cue), cue.shape[-1]))
    if min(stride, size) < 1 or not cue.size or not -1 <= cue.min() <= cue.max() < len(names):
        raise ValueError(f"the trace must name its {len(names)} cues, got {cue.min()}..{cue.max()}")
    if not len(names) == len(arrays["trace_scales"]) == len(arrays["trace_origins"]):
        raise ValueError(f"the trace must have {len(names)} scales and origins, got others")
    return Trace(
        names=names,
        **{key: arrays[f"trace_{key}"] for key in _TRACE_MAPS},
        top=top,
        left=left,
        stride=stride,
        size=size,
        scales=tuple(float(v) for v in arrays["trace_scales"]),
        origins=tuple((int(x), int(y)) for x, y in arrays["trace_origins"]),
    )


def _influence(arrays: Arrays) -> Influence | None:
    if "influence" not in arrays:
        return None
    names = tuple(str(name) for name in arrays["influence_names"])
    progress = tuple(float(v) for v in arrays["influence_progress"])
    _check(
        "influence", arrays["influence"], np.uint8, (len(progress), len(names), None, None, None)
    )
    return Influence(names, progress, arrays["influence"])


def _check(
    name: str, array: npt.NDArray[Any], dtype: npt.DTypeLike, shape: tuple[int | None, ...]
) -> None:
    """Refuse an array of another kind than a run leaves; None stands for any side above 0."""
    fits = len(array.shape) == len(shape) and all(
        side > 0 and wanted in (None, side) for side, wanted in zip(array.shape, shape, strict=True)
    )
    if array.dtype != dtype or not fits:
        raise ValueError(f"{name} must be {dtype} of {shape}, got {array.dtype} of {array.shape}")
