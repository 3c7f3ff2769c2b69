"""Files of Overlay's own that are named for what is in them: the same content, the same file."""

import hashlib
import re
from collections.abc import Callable
from pathlib import Path

from overlay.studio.inputs.folders import data_folder

_DIGITS = 8  # of a digest, in a name


def keep_own(
    kind: str, name: str, ending: str, *, content: bytes, write: Callable[[Path], object]
) -> Path:
    """Have a file written unless it is there.

    Parameters
    ----------
    kind : the folder it lies in, under the data folder.
    name : what an artist calls it; letters that names of files should not have are replaced.
    content : all that makes it different from another one of that name.
    write : writes the file to the path it is given.

    Returns
    -------
    The file. Work for another thread than the window's.
    """
    plain = re.sub(r"[^\w -]", "_", name).strip()[:60] or kind
    digest = hashlib.sha256(content).hexdigest()[:_DIGITS]
    folder = data_folder() / kind
    folder.mkdir(parents=True, exist_ok=True)
    path = folder / f"{plain} {digest}{ending}"
    if not path.exists():
        write(path)
    return path
