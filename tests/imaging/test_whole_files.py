"""Written whole or not at all: links, permissions, what is no file, and what killed writers leave."""

import os
import signal
import stat
import subprocess
import sys
import tempfile
import time
import unittest
from pathlib import Path

from overlay.imaging.intake import PictureError
from overlay.imaging.whole_files import sweep_unfinished, write_bytes, write_whole

_WRITES_SLOWLY = """
import sys, time
from pathlib import Path
from overlay.imaging.whole_files import write_whole
def fill(file):
    file.write(b"half")
    file.flush()
    print("half", flush=True)
    time.sleep(60)
write_whole(Path(sys.argv[1]), fill)
"""


class WholeTest(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)
        self.path = self.folder / "a.txt"

    def names(self) -> list[str]:
        return sorted(p.name for p in self.folder.iterdir())

    def slow_writer(self) -> subprocess.Popen:
        command = [sys.executable, "-c", _WRITES_SLOWLY, str(self.path)]
        writer = subprocess.Popen(command, stdout=subprocess.PIPE)
        self.addCleanup(writer.stdout.close)
        self.addCleanup(writer.wait)
        self.addCleanup(writer.kill)
        writer.stdout.readline()
        return writer

    def test_a_link_stays_and_what_it_points_to_is_replaced(self):
        (self.folder / "far").mkdir()
        target = self.folder / "far" / "real.txt"
        target.write_text("old")
        self.path.symlink_to("far/real.txt")
        write_bytes(self.path, b"new")
        self.assertTrue(self.path.is_symlink())
        self.assertEqual(target.read_text(), "new")
        self.assertEqual(self.names(), ["a.txt", "far"])

    def test_permissions_stay_and_new_files_follow_the_umask(self):
        for mode in (0o600, 0o640, 0o444):
            self.path.unlink(missing_ok=True)
            self.path.write_text("old")
            self.path.chmod(mode)
            write_bytes(self.path, b"new")
            self.assertEqual(stat.S_IMODE(self.path.stat().st_mode), mode)
        old = os.umask(0o027)
        self.addCleanup(os.umask, old)
        write_bytes(self.folder / "b", b"new")
        self.assertEqual(stat.S_IMODE((self.folder / "b").stat().st_mode), 0o640)

    def test_special_files_are_refused_and_stay(self):
        os.mkfifo(self.path)
        for path in (self.path, Path("/dev/null"), self.folder):
            with self.subTest(path), self.assertRaisesRegex(PictureError, "must be a regular file"):
                write_bytes(path, b"new")
        self.assertTrue(stat.S_ISFIFO(self.path.stat().st_mode))
        self.assertTrue(stat.S_ISCHR(Path("/dev/null").stat().st_mode))
        self.assertEqual(self.names(), ["a.txt"])

    def test_a_failure_leaves_the_old_file_and_no_litter(self):
        self.path.write_text("old")
        with self.assertRaises(ZeroDivisionError):
            write_whole(self.path, lambda file: file.write(b"new") and 1 / 0)
        self.assertEqual(self.path.read_text(), "old")
        self.assertEqual(self.names(), ["a.txt"])

    def test_what_a_killed_writer_left_is_swept_and_nothing_else(self):
        self.path.write_text("old")
        alive, dead = self.slow_writer(), self.slow_writer()
        for other in (".overlay-settings", ".overlay-mine", "x.part"):
            (self.folder / other).write_text("not ours")
        self.assertEqual(sweep_unfinished(self.folder), 0)
        os.kill(dead.pid, signal.SIGKILL)
        dead.wait()
        self.assertEqual(sweep_unfinished(self.folder), 1)
        self.assertEqual(len(self.names()), 5)  # one is still being written
        alive.kill()
        alive.wait()
        self.assertEqual(sweep_unfinished(self.folder), 1)
        self.assertEqual(self.names(), [".overlay-mine", ".overlay-settings", "a.txt", "x.part"])
        self.assertEqual(self.path.read_text(), "old")

    def test_a_folder_that_is_gone_has_nothing_to_sweep(self):
        self.assertEqual(sweep_unfinished(self.folder / "none"), 0)

    def test_a_sweeper_beside_a_writer_never_loses_what_is_written(self):
        writer = subprocess.Popen(
            [
                sys.executable, "-c",
                "import sys, time\nfrom pathlib import Path\n"
                "from overlay.imaging.whole_files import write_bytes\nend = time.monotonic() + 1.5\n"
                "n = 0\nwhile time.monotonic() < end:\n    n += 1\n"
                "    write_bytes(Path(sys.argv[1]), str(n).encode())\nprint(n)",
                str(self.path),
            ],
            stdout=subprocess.PIPE,
        )  # fmt: skip
        end = time.monotonic() + 1.5
        while time.monotonic() < end:
            sweep_unfinished(self.folder)
        written, _ = writer.communicate()
        self.assertEqual(writer.returncode, 0)
        self.assertEqual(self.path.read_text(), written.decode().strip())
        self.assertEqual(self.names(), ["a.txt"])
