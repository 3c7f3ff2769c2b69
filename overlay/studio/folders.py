"""Where Overlay keeps things of its own, by the desktop's conventions."""

import hashlib
from pathlib import Path

import platformdirs


def data_folder() -> Path:
    """Demo pictures and what else is made once."""
    return Path(platformdirs.user_data_dir("overlay", ensure_exists=True))


def state_folder() -> Path:
    """The recovery copy and what was opened last."""
    return Path(platformdirs.user_state_dir("overlay", ensure_exists=True))


def shelf_folder(path: Path | None) -> Path:
    """The kept proofs of the project at `path`, or of the one that has no name yet."""
    name = "unnamed"
    if path is not None:
        name = hashlib.sha256(str(path.absolute()).encode()).hexdigest()[:16]
    return proofs_folder() / name


def proofs_folder() -> Path:
    """The kept proofs of all projects, a folder for each."""
    return Path(platformdirs.user_cache_dir("overlay", ensure_exists=True)) / "proofs"
