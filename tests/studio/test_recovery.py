"""Copies of unsaved work: one a project, held while it is in work, left and found again."""

import os
import subprocess
import sys
import tempfile
import unittest
from dataclasses import replace
from pathlib import Path

from overlay.document.project import Project, State
from overlay.document.recipe import Recipe
from overlay.studio.keeping.holding import Hold, is_held
from overlay.studio.keeping.recovery import Recoveries, Snapshot, load_recovery

_HOLDS = """
import sys, time
from pathlib import Path
from overlay.studio.keeping.holding import Hold
print(Hold(Path(sys.argv[1])).ours, flush=True)
time.sleep(60)
"""


class FolderTest(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)


class HoldTest(FolderTest):
    def test_one_holds_and_the_others_know(self):
        path = self.folder / "deep" / "a.lock"
        first, second = Hold(path), Hold(path)
        self.assertEqual((first.ours, second.ours, is_held(path)), (True, False, True))
        second.release()
        self.assertTrue(is_held(path))
        first.release()
        self.assertFalse(path.exists())
        self.assertTrue(Hold(path).ours)

    def test_a_hold_ends_with_its_process(self):
        path = self.folder / "a.lock"
        process = subprocess.Popen(
            [sys.executable, "-c", _HOLDS, str(path)], stdout=subprocess.PIPE, text=True
        )
        self.addCleanup(process.stdout.close)
        self.assertEqual(process.stdout.readline().strip(), "True")
        self.assertFalse(Hold(path).ours)
        process.kill()
        process.wait()
        self.assertFalse(is_held(path))
        self.assertTrue(Hold(path).ours)

    def test_where_no_lock_can_be_written_nobody_else_holds_one(self):
        (self.folder / "file").write_text("in the way")
        hold = Hold(self.folder / "file" / "a.lock")
        self.assertTrue(hold.ours)
        hold.release()


class RecoveriesTest(FolderTest):
    def setUp(self):
        super().setUp()
        self.recoveries = Recoveries(self.folder / "recovery")

    def snapshot(self, seed, **keys):
        project = Project(State(Recipe(seed=seed, departure=1.0)), Path("/x/mill.overlay"))
        return replace(Snapshot.of(project), modified=True, stamp=(1, 2, 3), **keys)

    def write(self, seed, when):
        snapshot = self.snapshot(seed)
        self.recoveries.write(snapshot)
        os.utime(self.recoveries.folder / f"{snapshot.key}.json", (when, when))
        return snapshot

    def test_projects_do_not_overwrite_each_other(self):
        first, second = self.write(1, 100), self.write(2, 200)
        self.assertEqual(self.recoveries.load(first.key), first)
        self.assertEqual(self.recoveries.load(second.key), second)
        self.assertEqual([one.key for one in self.recoveries.left()], [second.key, first.key])
        self.assertEqual(self.recoveries.left()[0].name, "mill.overlay")

    def test_listing_reads_only_what_it_lists(self):
        key = self.write(1, 100).key
        path = self.recoveries.folder / f"{key}.json"
        path.write_bytes(path.read_bytes()[:-40] + b"damaged")
        self.assertEqual([one.name for one in self.recoveries.left()], ["mill.overlay"])
        self.assertIsNone(self.recoveries.load(key))
        strange = replace(self.snapshot(2), path=Path('/x/a", "tray": b.overlay'))
        self.recoveries.write(strange)
        self.assertIn('a", "tray": b.overlay', [one.name for one in self.recoveries.left()])

    def test_what_is_in_work_is_not_left(self):
        first, second = self.write(1, 100), self.write(2, 200)
        hold = self.recoveries.hold(second.key)
        self.assertEqual([one.key for one in self.recoveries.left()], [first.key])
        hold.release()
        self.assertEqual(len(self.recoveries.left()), 2)

    def test_a_project_brought_back_is_unsaved_and_knows_its_file(self):
        project = self.recoveries.load(self.write(1, 100).key).project()
        self.assertTrue(project.modified)
        self.assertEqual((project.path, project.stamp), (Path("/x/mill.overlay"), (1, 2, 3)))
        project.mark_saved(stamp=(4, 5, 6))
        self.assertFalse(project.modified)

    def test_damaged_copies_disturb_nothing(self):
        good = self.write(1, 100)
        for i, data in enumerate(
            (b"", b"{", b"[" * 9999, b"{}", b"\xff", b'{"recipe": {"overlay": 1}}')
        ):
            (self.recoveries.folder / f"{i:016x}.json").write_bytes(data)
        (self.recoveries.folder / ("f" * 16 + ".json")).symlink_to("/dev/zero")
        self.assertEqual([one.key for one in self.recoveries.left()], [good.key])
        self.assertIsNone(self.recoveries.load("0" * 16))
        self.assertIsNone(self.recoveries.load("../../etc/passwd"))
        self.assertIsNone(load_recovery(self.folder / "none"))

    def test_tidying_keeps_the_newest_fifty_and_drops_stale_locks(self):
        written = [self.write(i, 1000 + i) for i in range(53)]
        stale = self.recoveries.folder / "0123456789abcdef.lock"
        stale.write_text("")
        hold = self.recoveries.hold(written[0].key)  # in work, however old
        self.recoveries.tidy()
        self.assertFalse(stale.exists())
        hold.release()
        kept = {one.key for one in self.recoveries.left()}
        self.assertEqual(len(kept), 51)
        self.assertIn(written[0].key, kept)
        self.assertNotIn(written[1].key, kept)
        self.assertNotIn(written[2].key, kept)
        self.assertIn(written[3].key, kept)
