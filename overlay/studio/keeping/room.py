"""The room that proofs take on disk: pictures and runs go where it is short, recipes stay."""

import shutil
from collections.abc import Collection
from contextlib import suppress
from pathlib import Path

from overlay.studio.keeping.shelf import ProofShelf
from overlay.studio.keeping.stages import FOLDER as STAGES

_FORGOTTEN = 30 * 24 * 3600  # seconds


def trim_proofs(root: Path, most_bytes: int, spare: frozenset[str] = frozenset()) -> int:
    """Bring all shelves under a size by dropping pictures and runs, the oldest first.

    Stages beside the shelves go before any proof's picture does. Starred and noted proofs, those in
    `spare`, and every recipe stay.

    Returns
    -------
    How many proofs lost their picture; the same recipe gives it again.
    """
    heavy: list[tuple[float, int, Path]] = []
    total = 0
    for shelf in (ProofShelf(folder) for folder in root.glob("*/") if folder.is_dir()):
        marks = shelf.read_marks()
        # A light proof has no run; a damaged one may have no picture.
        for key in {p.stem for ending in ("run", "png") for p in shelf.folder.glob(f"*.{ending}")}:
            size, when = _weight(shelf.folder / key)
            total += size
            if key not in spare and key not in marks:
                heavy.append((when, size, shelf.folder / key))
    total += _trim_stages(root, most_bytes - total)
    dropped = 0
    for _, size, base in sorted(heavy):
        if total <= most_bytes:
            break
        for path in _heavy_files(base):
            path.unlink(missing_ok=True)
        total -= size
        dropped += 1
    return dropped


def _trim_stages(root: Path, room: int) -> int:
    """Keep of the stages beside all shelves the newest that fit into the room; their bytes."""
    found: dict[Path, tuple[float, int]] = {}
    for path in root.glob(f"*/{STAGES}/*.*"):
        with suppress(OSError):
            status = path.stat()
            when, size = found.get(path.with_suffix(""), (0.0, 0))
            found[path.with_suffix("")] = max(when, status.st_mtime), size + status.st_size
    total = 0
    for base, (_, size) in sorted(found.items(), key=lambda item: -item[1][0]):
        if total + size <= room:
            total += size
            continue
        for ending in (".json", ".run", ".png"):
            with suppress(OSError):
                base.with_suffix(ending).unlink(missing_ok=True)
    return total


def _heavy_files(base: Path) -> tuple[Path, Path]:
    return base.with_suffix(".run"), base.with_suffix(".png")


def _weight(base: Path) -> tuple[int, float]:
    """Bytes of a proof's record of the run and its picture, and when it was written."""
    found = []
    for path in _heavy_files(base):
        with suppress(OSError):
            found.append(path.stat())
    return sum(s.st_size for s in found), max((s.st_mtime for s in found), default=0.0)


def drop_shelves(root: Path, keys: Collection[str], now: float) -> int:
    """Remove shelves of unnamed projects that nobody has worked on for a month.

    Parameters
    ----------
    keys : of projects that are in work or can be taken up again; their shelves stay.
    now : seconds since 1970.
    """
    dropped = 0
    for folder in root.glob("unnamed*/"):
        key = folder.name.removeprefix("unnamed").lstrip("-")
        with suppress(OSError):
            if key not in keys and now - folder.stat().st_mtime > _FORGOTTEN:
                shutil.rmtree(folder)
                dropped += 1
    return dropped
