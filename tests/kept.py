"""Where drawings that tests share are kept from one run to the next, until what draws them changes."""

import hashlib
import sys
from pathlib import Path

_DRAWING = ("scenery", "imaging")  # folders of `overlay` that a drawing comes from
_ROOT = Path(__file__).parents[1]


def drawings_folder() -> Path:
    """A folder of the environment that is named by the sources; made where it is not there."""
    digest = hashlib.sha256()
    for part in _DRAWING:
        for source in sorted((_ROOT / "overlay" / part).rglob("*.py")):
            digest.update(source.read_bytes())
    folder = Path(sys.prefix) / "drawings" / digest.hexdigest()[:16]
    folder.mkdir(parents=True, exist_ok=True)
    return folder
