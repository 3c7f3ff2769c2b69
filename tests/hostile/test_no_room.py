"""Full disk, read-only and vanished folders: a line, nothing half written, and the work is kept."""

import os
import resource
import signal
import stat
import subprocess
import sys
import tempfile
from pathlib import Path
from unittest import mock

import numpy as np
from PySide6.QtCore import Qt
from PySide6.QtTest import QTest

from overlay.app.floor.floor import Floor
from overlay.imaging.files import write_picture
from overlay.imaging.intake import PictureError
from overlay.studio.inputs.folders import data_folder, proofs_folder, state_folder
from tests.app.harness import WindowTest
from tests.workspace import WorkspaceTest

_DEEDS = ("picture", "a.png", "map.png", "a.overlay", "a.gpl", "shelf", "recovery")


def no_large_files() -> None:
    """In a child: files end at half a megabyte, as on a disk that is full."""
    signal.signal(signal.SIGXFSZ, signal.SIG_IGN)
    resource.setrlimit(resource.RLIMIT_FSIZE, (500_000, 500_000))


class FullTest(WorkspaceTest):
    def setUp(self):
        super().setUp()
        noise = np.random.default_rng(1).integers(0, 256, (900, 900, 3), dtype=np.uint8)
        write_picture(self.folder / "large.png", noise)
        self.place = self.folder / "full"
        self.place.mkdir()

    def said(self, limit=None):
        command = [sys.executable, "-m", "tests.hostile.full_disk", str(self.place)]
        done = subprocess.run(
            command, capture_output=True, text=True, env=os.environ, preexec_fn=limit
        )
        self.assertEqual((done.returncode, done.stderr), (0, ""))
        return dict(line.split(": ", 1) for line in done.stdout.splitlines())

    def check(self, said, reason):
        self.assertEqual(tuple(said), _DEEDS)
        for name, line in said.items():
            with self.subTest(name):
                self.assertTrue(line.startswith("whole: "), line)
                self.assertRegex(line, "must be one of" if name == "picture" else reason)

    def test_files_that_cannot_grow(self):
        self.check(self.said(no_large_files), "file too large|File too large")

    def test_a_disk_that_is_full(self):
        mounted = subprocess.run(
            ["mount", "-t", "tmpfs", "-o", "size=600k", "tmpfs", self.place], capture_output=True
        )
        if mounted.returncode:
            self.skipTest("no small disk can be mounted here; files that cannot grow stand for it")
        self.addCleanup(subprocess.run, ["umount", self.place], check=True)
        self.check(self.said(), "[Nn]o space left on device")

    def test_a_folder_that_is_gone(self):
        self.place.rmdir()
        said = self.said()
        for name in ("a.png", "map.png", "a.overlay", "a.gpl"):
            self.assertRegex(said[name], "whole: .*[Nn]o such file")
        self.assertIn("written", said["shelf"])  # its folder is made anew


class NothingCanBeKeptTest(WindowTest):
    """Something stands where state, cache and settings should go; root may write anywhere."""

    FRESH = True

    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        blocked = Path(folder.name) / "file"
        blocked.write_text("in the way")
        homes = {
            f"XDG_{name}_HOME": str(blocked / "x") for name in ("DATA", "STATE", "CACHE", "CONFIG")
        }
        patch = mock.patch.dict(os.environ, homes)
        patch.start()
        self.addCleanup(patch.stop)
        self.raised = []
        hook = mock.patch.object(sys, "excepthook", lambda *a: self.raised.append(a[1]))
        hook.start()
        self.addCleanup(hook.stop)
        self.refused, refuse = [], Floor.refuse
        keeps = mock.patch.object(
            Floor, "refuse", lambda *a: (self.refused.append(a[1]), refuse(*a))[1]
        )
        keeps.start()
        self.addCleanup(keeps.stop)
        super().setUp()

    def tearDown(self):
        self.assertEqual(self.raised, [])

    def test_work_goes_on_and_the_line_says_what_could_not_be_kept(self):
        for folder in (data_folder(), state_folder(), proofs_folder()):
            self.assertFalse(folder.exists())
        self.bench.change_recipe("Seed", seed=5)
        self.window.house.keeping.save()
        self.settle()
        copies = [text for text in self.refused if text.startswith("The recovery copy could not")]
        self.assertEqual(len(copies), 1)  # once, however often it is tried
        self.pull()
        self.assertIn("Proof 1 is there, but could not be kept", self.status)
        self.assertIsNotNone(self.window.house.stage.images["proof"])
        QTest.keyClick(self.window, Qt.Key.Key_K)
        marks = "Stars and notes could not be written"
        self.wait(lambda: any(text.startswith(marks) for text in self.refused))
        self.window.house.keeping.save()
        self.settle()
        self.assertEqual(sum(text.startswith(marks) for text in self.refused), 1)
        self.choose("Dark room")
        self.choose("Dark room")
        self.window.floor.go_to("drawer")
        self.settle()
        self.window.floor.go_to("bench")
        self.window.house.files.save_to(self.folder / "saved.json")
        self.settle()
        self.assertEqual(self.status, "Saved saved.json")

    def test_a_project_whose_folder_is_gone_stays_in_the_window(self):
        self.bench.change_recipe("Seed", seed=5)
        gone = self.folder / "gone" / "a.overlay"
        self.window.house.files.save_to(gone)
        self.settle()
        self.assertIn("Not saved: ", self.status)
        self.assertTrue(self.bench.project.modified)
        with self.assertRaisesRegex(PictureError, "no such file or directory"):
            write_picture(gone.with_suffix(".png"), np.zeros((4, 4, 3), np.uint8))


class ReadOnlyTest(WorkspaceTest):
    def test_a_read_only_file_keeps_its_permissions(self):
        path = self.folder / "mill.png"
        path.chmod(0o440)
        write_picture(path, np.zeros((4, 4, 3), np.uint8))
        self.assertEqual(stat.S_IMODE(path.stat().st_mode), 0o440)
