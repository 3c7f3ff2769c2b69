"""What a run leaves behind, as bytes and back: filmstrip, trace and influence record.

A compressed NumPy archive of plain arrays; nothing in it is ever executed on reading.
"""

import io
from typing import Any

import numpy as np

from overlay.engine.record import Influence, Trace
from overlay.engine.request import Frame

_TRACE_MAPS = ("cue", "y", "x", "mirrored", "turn")


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
    """The record from its bytes.

    Raises
    ------
    ValueError, KeyError, OSError
        If they are not such a record.
    """
    with np.load(io.BytesIO(data), allow_pickle=False) as arrays:
        steps, progress = arrays["steps"], arrays["progress"]
        film = tuple(
            Frame(int(steps[i]), float(progress[i]), arrays[f"picture{i}"])
            for i in range(len(steps))
        )
        return film, _trace(arrays), _influence(arrays)


def _trace(arrays: Any) -> Trace | None:
    if "trace_cue" not in arrays:
        return None
    top, left, stride, size = (int(v) for v in arrays["trace_grid"])
    maps = {key: arrays[f"trace_{key}"] for key in _TRACE_MAPS}
    return Trace(
        names=tuple(str(name) for name in arrays["trace_names"]),
        **maps,
        top=top,
        left=left,
        stride=stride,
        size=size,
        scales=tuple(float(v) for v in arrays["trace_scales"]),
        origins=tuple((int(x), int(y)) for x, y in arrays["trace_origins"]),
    )


def _influence(arrays: Any) -> Influence | None:
    if "influence" not in arrays:
        return None
    names = tuple(str(name) for name in arrays["influence_names"])
    progress = tuple(float(v) for v in arrays["influence_progress"])
    return Influence(names, progress, arrays["influence"])
