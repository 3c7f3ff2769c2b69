"""Damaged and hostile picture files: a picture or one clear line, never anything else."""

import io
import struct
import tempfile
import unittest
import warnings
import zlib
from pathlib import Path

import numpy as np
import tifffile
from PIL import Image

from overlay.imaging.files import read_grey, read_picture, read_recipe_text
from overlay.imaging.intake import PictureError
from tests.pictures import blobs


def encoded(kind: str, **options) -> bytes:
    buffer = io.BytesIO()
    Image.fromarray(blobs(1, 48, 40)).save(buffer, kind, **options)
    return buffer.getvalue()


def deep_tiff() -> bytes:
    buffer = io.BytesIO()
    tifffile.imwrite(buffer, np.zeros((20, 30, 3), np.uint16))
    return buffer.getvalue()


def png_chunk(kind: bytes, data: bytes) -> bytes:
    body = kind + data
    return struct.pack(">I", len(data)) + body + struct.pack(">I", zlib.crc32(body))


class HostileTest(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)
        warnings.simplefilter("ignore")
        self.addCleanup(warnings.resetwarnings)

    def survives(self, name: str, data: bytes) -> None:
        path = self.folder / name
        path.write_bytes(data)
        for read in (read_picture, read_grey, read_recipe_text):
            try:
                read(path)
            except PictureError as error:
                self.assertIn(name, str(error))
                self.assertNotIn("\n", str(error))

    def test_flipped_cut_and_repeated_bytes(self):
        rng = np.random.default_rng(8)
        whole = {
            "a.png": encoded("PNG"),
            "a.jpg": encoded("JPEG"),
            "a.webp": encoded("WEBP", lossless=True),
            "a.tif": encoded("TIFF"),
            "b.tif": encoded("TIFF", compression="tiff_lzw"),
            "deep.tif": deep_tiff(),
        }
        for name, data in whole.items():
            for trial in range(14):
                damaged = bytearray(data)
                for _ in range(1 + trial):
                    damaged[rng.integers(len(damaged))] = rng.integers(256)
                cut = damaged[: rng.integers(1, len(damaged))]
                with self.subTest(name, trial=trial):
                    self.survives(name, bytes(damaged))
                    self.survives(name, bytes(cut))
                    self.survives(name, bytes(damaged + damaged[:100]))

    def test_a_small_file_that_claims_to_be_huge_is_refused_unread(self):
        for width, height in ((100_000, 100_000), (2**31 - 1, 2), (9000, 8000)):
            header = struct.pack(">IIBBBBB", width, height, 8, 2, 0, 0, 0)
            data = b"\x89PNG\r\n\x1a\n" + png_chunk(b"IHDR", header) + png_chunk(b"IDAT", b"x")
            path = self.folder / "huge.png"
            path.write_bytes(data)
            with self.subTest(width), self.assertRaises(PictureError):
                read_picture(path)

    def test_a_text_bomb_in_a_png_is_refused(self):
        bomb = zlib.compress(b"[" * 80_000_000)
        text = b"overlay:recipe\0\1\0\0\0" + bomb
        plain = encoded("PNG")
        data = plain[:33] + png_chunk(b"iTXt", text) + plain[33:]
        path = self.folder / "bomb.png"
        path.write_bytes(data)
        with self.assertRaises(PictureError):
            read_recipe_text(path)

    def test_other_formats_are_not_even_tried(self):
        for kind in ("GIF", "BMP", "ICO", "PPM", "TGA", "EPS"):
            path = self.folder / f"a.{kind.lower()}"
            Image.fromarray(blobs(1, 48, 40)).save(path, kind)
            renamed = path.rename(self.folder / f"{kind}.png")
            with self.subTest(kind), self.assertRaisesRegex(PictureError, "must be a PNG, JPEG"):
                read_picture(renamed)
