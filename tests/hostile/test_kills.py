"""A hundred kills while something is written: old or new is there whole, nothing is left lying about."""

import os
import subprocess
import sys
from pathlib import Path

from overlay.document.project import State
from overlay.imaging.whole_files import sweep_unfinished
from overlay.studio.inputs.folders import data_folder, proofs_folder, state_folder
from overlay.studio.keeping.files.opening import save_project
from overlay.studio.keeping.recovery import Recoveries
from overlay.studio.keeping.settings import settings_path
from overlay.studio.keeping.tidying import tidy_folders
from tests.hostile.kills import KINDS
from tests.workspace import WorkspaceTest

_KILLS = 100


def unfinished(*folders: Path) -> list[Path]:
    return [p for folder in folders for p in folder.rglob(".overlay-*")]


class KillTest(WorkspaceTest):
    def test_old_or_new_opens_whole_and_the_next_start_sweeps(self):
        homes = (data_folder(), state_folder(), proofs_folder(), settings_path().parent)
        left = {}
        for kind in KINDS:
            command = [
                sys.executable,
                "-m",
                "tests.hostile.kills",
                kind,
                str(self.folder),
                str(_KILLS),
            ]
            done = subprocess.run(command, capture_output=True, text=True, env=os.environ)
            with self.subTest(kind):
                self.assertEqual(
                    (done.stdout.strip(), done.stderr), (f"{_KILLS} kills, 0 broken", "")
                )
            left[kind] = len(unfinished(self.folder, *homes))
        # The kills did hit writers at work, or this would prove nothing.
        self.assertGreater(min(left.values()), 3)
        tidy_folders(Recoveries())
        sweep_unfinished(self.folder / "shelf")
        save_project(self.folder / "another.overlay", State(), None)
        self.assertEqual(unfinished(self.folder, *homes), [])
