"""What is no regular file is refused before a byte of it is read, and at once."""

import hashlib
import os
import socket
import tempfile
import time
import unittest
from pathlib import Path
from unittest import mock

from overlay.imaging import intake
from overlay.imaging.files import read_grey, read_picture, read_recipe_text
from overlay.imaging.formats.palette_files import read_palette
from overlay.imaging.intake import PictureError, file_digest, read_regular, regular_status


class IntakeTest(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)

    def test_a_digest_is_of_all_blocks(self):
        path, data = self.folder / "large.bin", bytes(range(256)) * 10_000  # three blocks
        path.write_bytes(data)
        self.assertEqual(file_digest(path), hashlib.sha256(data).hexdigest())

    def irregular(self) -> dict[str, Path]:
        pipe, plug, link = (self.folder / n for n in ("pipe.png", "plug.png", "link.png"))
        os.mkfifo(pipe)
        server = socket.socket(socket.AF_UNIX)
        self.addCleanup(server.close)
        server.bind(str(plug))
        link.symlink_to("/dev/zero")
        return {
            "a device": Path("/dev/zero"),
            "a folder": self.folder,
            "a pipe": pipe,
            "a socket": plug,
            "regular file, got a device": link,
        }

    def test_devices_pipes_sockets_and_links_to_them(self):
        reads = (read_picture, read_grey, read_recipe_text, read_palette, file_digest)
        before = time.monotonic()
        for kind, path in self.irregular().items():
            for read in (*reads, regular_status, lambda p: read_regular(p, 100)):
                with self.subTest(kind, read=read), self.assertRaisesRegex(PictureError, kind):
                    read(path)
        self.assertLess(time.monotonic() - before, 60)  # none of them ends

    def test_names_that_no_file_can_have(self):
        for read in (read_picture, file_digest):
            with self.subTest(read=read), self.assertRaisesRegex(PictureError, "null"):
                read(Path("a\0b.png"))
            with self.assertRaisesRegex(PictureError, "cannot be read: file name too long"):
                read(self.folder / ("x" * 300))

    def test_sizes_at_the_limit_and_beyond(self):
        path = self.folder / "a"
        path.write_bytes(b"12345")
        self.assertEqual(read_regular(path, 5), b"12345")
        with self.assertRaisesRegex(PictureError, "may have 4 bytes, got 5"):
            read_regular(path, 4)
        path.write_bytes(b"")
        with self.assertRaisesRegex(PictureError, "is empty"):
            read_regular(path, 5)

    def test_a_file_that_grows_while_it_is_read(self):
        path = self.folder / "a"
        path.write_bytes(b"12345")
        true_status = os.fstat

        def then_grow(handle):
            status = true_status(handle)
            with path.open("ab") as file:
                file.write(b"67")
            return status

        for read in (lambda: read_regular(path, 100), lambda: file_digest(path)):
            with (
                mock.patch.object(intake.os, "fstat", then_grow),
                self.assertRaisesRegex(PictureError, "it grew"),
            ):
                read()

    def test_digest(self):
        path = self.folder / "a"
        path.write_bytes(b"abc")
        self.assertEqual(file_digest(path)[:16], "ba7816bf8f01cfea")
