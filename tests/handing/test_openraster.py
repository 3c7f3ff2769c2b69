import tempfile
import unittest
import zipfile
from io import BytesIO
from pathlib import Path
from xml.etree import ElementTree

import numpy as np
from PIL import Image

from overlay.handing.openraster import Layer, read_layer, write_openraster
from overlay.imaging.files import read_picture, write_picture
from overlay.imaging.formats.openraster import layer_names
from overlay.imaging.intake import PictureError
from tests.pictures import blobs, scene


class Reader:
    """A reader written from the standard's text (version 0.0.6), knowing nothing of the writer."""

    def __init__(self, path: Path) -> None:
        self.archive = zipfile.ZipFile(path)
        first = self.archive.infolist()[0]
        assert first.filename == "mimetype" and first.compress_type == zipfile.ZIP_STORED
        assert self.archive.read("mimetype") == b"image/openraster"
        self.image = ElementTree.fromstring(self.archive.read("stack.xml"))
        assert self.image.tag == "image" and self.image.get("version")
        self.size = int(self.image.get("w")), int(self.image.get("h"))

    def picture(self, name: str) -> np.ndarray:
        return np.asarray(Image.open(BytesIO(self.archive.read(name))).convert("RGBA"))

    def merged(self) -> np.ndarray:
        """The visible layers over each other, the first on top."""
        out = np.zeros((self.size[1], self.size[0], 4))
        layers = list(self.image.find("stack").iter("layer"))
        for layer in reversed(layers):
            if layer.get("visibility") == "hidden":
                continue
            assert layer.get("composite-op") == "svg:src-over"
            above = self.picture(layer.get("src")) / 255.0
            alpha = above[..., 3:] * float(layer.get("opacity"))
            out[..., :3] = above[..., :3] * alpha + out[..., :3] * (1 - alpha)
            out[..., 3:] = alpha + out[..., 3:] * (1 - alpha)
        return out


class OpenRasterTest(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.path = Path(folder.name) / "a.ora"
        self.picture = scene()
        alpha = np.linspace(0, 255, self.picture.shape[1]).astype(np.uint8)
        alpha = np.broadcast_to(alpha[None, :, None], (*self.picture.shape[:2], 1))
        self.layers = [
            Layer("sky & <air>", np.concatenate([self.picture, alpha], axis=2)),
            Layer("all", self.picture),
            Layer("source", blobs(), shown=False),
        ]  # fmt: skip

    def test_a_reader_of_the_standard_finds_layers_that_add_up(self):
        write_openraster(self.path, self.picture, self.layers, dpi=300)
        reader = Reader(self.path)
        self.assertEqual(reader.size, (self.picture.shape[1], self.picture.shape[0]))
        merged = reader.merged()
        self.assertLessEqual(np.abs(merged[..., :3] * 255 - self.picture).max(), 1.0)
        self.assertEqual(merged[..., 3].min(), 1.0)
        np.testing.assert_array_equal(reader.picture("mergedimage.png")[..., :3], self.picture)
        self.assertLessEqual(max(reader.picture("Thumbnails/thumbnail.png").shape[:2]), 256)
        self.assertEqual((reader.image.get("xres"), reader.image.get("yres")), ("300", "300"))

    def test_the_same_layers_give_the_same_bytes(self):
        write_openraster(self.path, self.picture, self.layers)
        first = self.path.read_bytes()
        write_openraster(self.path, self.picture, self.layers)
        self.assertEqual(self.path.read_bytes(), first)

    def test_it_is_read_as_a_picture_and_by_layers(self):
        write_openraster(self.path, self.picture, self.layers)
        np.testing.assert_array_equal(read_picture(self.path), self.picture)
        self.assertEqual(layer_names(self.path), ["sky & <air>", "all", "source"])
        np.testing.assert_array_equal(read_layer(self.path, "source"), blobs())
        white = read_layer(self.path, "sky & <air>")
        self.assertEqual(white[:, 0].min(), 255)
        with self.assertRaisesRegex(PictureError, "must have a layer 'no' .there are: sky"):
            read_layer(self.path, "no")

    def test_hostile_files_are_refused_in_a_line(self):
        def made(**entries: bytes) -> None:
            with zipfile.ZipFile(self.path, "w") as archive:
                for name, data in entries.items():
                    archive.writestr(name.replace("_", "."), data)

        bomb = b'<!DOCTYPE x [<!ENTITY a "aaaa">]><image><stack/></image>'
        for entries, said in (
            ({}, "must be a PNG, JPEG, WebP, TIFF or OpenRaster|must hold mimetype|something else"),
            ({"mimetype": b"text/plain"}, "another kind of ZIP"),
            ({"mimetype": b"image/openraster"}, "must hold mergedimage.png, got none"),
            ({"mimetype": b"image/openraster", "mergedimage_png": b"no"}, "must be a PNG"),
        ):  # fmt: skip
            made(**entries)
            with self.subTest(entries=entries), self.assertRaisesRegex(PictureError, said):
                read_picture(self.path)
        for stack, said in ((bomb, "got a DOCTYPE"), (b"<image>", "stack.xml is damaged")):
            made(mimetype=b"image/openraster", stack_xml=stack)
            with self.assertRaisesRegex(PictureError, said):
                layer_names(self.path)
        made(mimetype=b"image/openraster", stack_xml=b"<i>" + b" " * (1 << 20) + b"</i>")
        with self.assertRaisesRegex(PictureError, "stack.xml may have 1048576 bytes"):
            layer_names(self.path)
        self.path.write_bytes(b"PK\3\4 and nothing more")
        with self.assertRaisesRegex(PictureError, "OpenRaster file is damaged"):
            read_picture(self.path)
        outside = b'<image><stack><layer name="x" src="../../etc/passwd"/></stack></image>'
        made(mimetype=b"image/openraster", stack_xml=outside)
        with self.assertRaisesRegex(PictureError, "must hold ../../etc/passwd, got none"):
            read_layer(self.path, "x")
        write_picture(self.path.with_suffix(".png"), self.picture)
