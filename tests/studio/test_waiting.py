import os
import subprocess
import sys
import tempfile
from pathlib import Path
from unittest import mock

from overlay.document.reading import make_recipe
from overlay.studio.keeping.waiting import Waiting, WaitingFile
from tests.workspace import WorkspaceTest


class WaitingTest(WorkspaceTest):
    def setUp(self):
        super().setUp()
        state = tempfile.TemporaryDirectory()
        self.addCleanup(state.cleanup)
        patch = mock.patch.dict(os.environ, {"XDG_STATE_HOME": state.name})
        patch.start()
        self.addCleanup(patch.stop)
        self.file = WaitingFile(None, "0123456789abcdef")
        self.recipe = make_recipe(self.recipe(), "test")

    def test_what_waits_is_read_again_once_its_writer_is_gone(self):
        waiting = Waiting((self.recipe,), ("departure × weight",))
        self.file.write(waiting)
        other = WaitingFile(None, "0123456789abcdef")
        self.assertEqual(other.left(), Waiting())  # its writer lives
        self.file.close()
        self.assertEqual(other.left(), waiting)
        self.assertEqual(waiting.words, "1 proof and 1 sheet")

    def test_nothing_leaves_no_file(self):
        self.file.write(Waiting((self.recipe,)))
        self.file.write(Waiting())
        self.assertFalse(self.file.path.exists())
        self.assertEqual(self.file.left(), Waiting())

    def test_damage_counts_as_nothing(self):
        for text in ("", "{}", "[1]", '{"recipes": [{}], "sheets": []}', "\x00"):
            self.file.path.parent.mkdir(parents=True, exist_ok=True)
            self.file.path.write_text(text)
            self.assertEqual(self.file.left(), Waiting())

    def test_a_killed_process_leaves_its_list(self):
        code = (
            "import os; from overlay.studio.keeping.waiting import *;"
            "from pathlib import Path; from overlay.document.recipe import Recipe;"
            "WaitingFile(Path('/p/a.overlay'), '').write(Waiting((Recipe(),), ('s',)));"
            "os.kill(os.getpid(), 9)"
        )
        subprocess.run([sys.executable, "-c", code], check=False)
        left = WaitingFile(Path("/p/a.overlay"), "").left()
        self.assertEqual((len(left.recipes), left.sheets), (1, ("s",)))
