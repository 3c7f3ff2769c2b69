"""Where Overlay keeps things of its own, by the desktop's conventions.

Nothing is made by asking where it is: whoever writes makes the folder, and says what went wrong.
"""

import hashlib
from pathlib import Path

import platformdirs


def data_folder() -> Path:
    """Demo pictures and what else is made once."""
    return Path(platformdirs.user_data_dir("overlay"))


def state_folder() -> Path:
    """Recovery copies, locks and the log."""
    return Path(platformdirs.user_state_dir("overlay"))


def proofs_folder() -> Path:
    """The kept proofs of all projects, a folder for each."""
    return Path(platformdirs.user_cache_dir("overlay")) / "proofs"


def shelf_folder(path: Path) -> Path:
    """The kept proofs of the project at `path`."""
    return proofs_folder() / path_digest(path)


def unnamed_shelf(key: str) -> Path:
    """The kept proofs of a project that has no file yet, by its own key."""
    return proofs_folder() / f"unnamed-{key}"


def path_digest(path: Path) -> str:
    """A short name for a place on disk, links not followed."""
    return hashlib.sha256(str(path.absolute()).encode("utf-8", "surrogateescape")).hexdigest()[:16]
