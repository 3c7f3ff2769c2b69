"""A shelf for as long as one command runs."""

import tempfile
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path

from overlay.studio.keeping.shelf import ProofShelf


@contextmanager
def scratch_shelf() -> Iterator[ProofShelf]:
    """A shelf in a folder of its own, which is gone afterwards."""
    with tempfile.TemporaryDirectory(prefix="overlay-") as folder:
        yield ProofShelf(Path(folder))
