"""Sweeping up, once at the start: what killed programs left, and what nobody needs any more."""

import time

from overlay.imaging.whole_files import sweep_unfinished
from overlay.studio.inputs.folders import data_folder, proofs_folder, state_folder
from overlay.studio.keeping.recovery import Recoveries
from overlay.studio.keeping.room import drop_shelves
from overlay.studio.keeping.settings import settings_path


def tidy_folders(recoveries: Recoveries) -> int:
    """Remove unfinished files of dead writers and shelves of forgotten projects.

    Work for another thread than the window's; nothing is raised.

    Returns
    -------
    How many unfinished files went.
    """
    data, proofs = data_folder(), proofs_folder()
    folders = [data, *data.glob("*/"), *proofs.glob("*/")]
    folders += [*data.glob("opened/*/"), *data.glob("opened/*/*/")]
    folders += [state_folder(), recoveries.folder, settings_path().parent]
    swept = sum(sweep_unfinished(folder) for folder in folders)
    drop_shelves(proofs, recoveries.keys(), time.time())
    return swept
