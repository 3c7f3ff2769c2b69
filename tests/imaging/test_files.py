import io
import tempfile
import unittest
from pathlib import Path
from unittest import mock

import numpy as np
import tifffile
from PIL import Image, ImageCms, PngImagePlugin

from overlay.imaging.files import (
    read_grey,
    read_picture,
    read_recipe_text,
    write_grey16,
    write_picture,
)
from overlay.imaging.intake import PictureError
from tests.pictures import blobs


class FilesTest(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)

    def save(self, name: str, image: Image.Image, **options) -> Path:
        path = self.folder / name
        image.save(path, **options)
        return path


class ReadTest(FilesTest):
    def test_every_mode_becomes_upright_srgb(self):
        picture = Image.fromarray(blobs())
        for mode in ("RGB", "RGBA", "L", "LA", "P", "1"):
            path = self.save(f"{mode}.png", picture.convert(mode))
            with self.subTest(mode):
                self.assertEqual(read_picture(path).shape, blobs().shape)
        for kind in ("jpg", "webp", "tif"):
            path = self.save(f"rgb.{kind}", picture)
            with self.subTest(kind):
                self.assertLess(np.abs(read_picture(path).astype(int) - blobs()).mean(), 8)

    def test_transparency_lies_on_white(self):
        clear = np.zeros((4, 4, 4), np.uint8)
        path = self.save("clear.png", Image.fromarray(clear, "RGBA"))
        self.assertTrue((read_picture(path) == 255).all())

    def test_sixteen_bits_grey_and_colour(self):
        ramp = np.linspace(0, 65535, 256).astype(np.uint16).reshape(16, 16)
        path = self.save("deep.png", Image.fromarray(ramp))
        np.testing.assert_allclose(read_grey(path), ramp / 65535, atol=1e-6)
        self.assertEqual(read_picture(path)[0, 0].tolist(), [0, 0, 0])
        self.assertEqual(read_picture(path)[-1, -1].tolist(), [255, 255, 255])
        colour = np.stack([ramp, ramp[::-1], ramp // 2], axis=-1)
        tifffile.imwrite(self.folder / "deep.tif", colour)
        read = read_picture(self.folder / "deep.tif")
        np.testing.assert_allclose(read, colour / 257, atol=0.51)

    def test_exif_orientation_is_applied(self):
        exif = Image.Exif()
        exif[0x0112] = 6  # turned a quarter
        path = self.save("turned.jpg", Image.fromarray(blobs()), exif=exif)
        self.assertEqual(read_picture(path).shape[:2], blobs().shape[1::-1])

    def test_a_profile_is_converted(self):
        lab_ish = ImageCms.ImageCmsProfile(ImageCms.createProfile("sRGB")).tobytes()
        path = self.save("srgb.png", Image.fromarray(blobs()), icc_profile=lab_ish)
        self.assertLess(np.abs(read_picture(path).astype(int) - blobs()).max(), 3)

    def test_what_cannot_be_read_is_refused_by_name(self):
        good = io.BytesIO()
        Image.fromarray(blobs()).save(good, "PNG")
        cases = {
            "missing.png": (None, "no such file"),
            "empty.png": (b"", "the file is empty"),
            "text.png": (
                b"hello, this is no picture",
                "must be a PNG, JPEG, WebP, TIFF or OpenRaster",
            ),
            "cut.png": (good.getvalue()[:900], "the picture is damaged"),
            "vector.svg": (b"<svg xmlns='http://www.w3.org/2000/svg'/>", "must be a PNG"),
            "cut.tif": (b"II*\0\x08\0\0\0\xff\xff", "must be a PNG|damaged"),
        }
        for name, (data, message) in cases.items():
            path = self.folder / name
            if data is not None:
                path.write_bytes(data)
            with self.subTest(name), self.assertRaisesRegex(PictureError, message) as caught:
                read_picture(path)
            self.assertIn(str(path), str(caught.exception))
            self.assertNotIn("\n", str(caught.exception))

    def test_a_folder_and_a_huge_picture_are_refused(self):
        with self.assertRaisesRegex(PictureError, "got a folder"):
            read_picture(self.folder)
        path = self.save("wide.png", Image.new("1", (9000, 8000)))
        with self.assertRaisesRegex(PictureError, "64 megapixels, got 72"):
            read_picture(path)


class WriteTest(FilesTest):
    def test_lossless_formats_come_back_exactly(self):
        for name in ("a.png", "a.tif"):
            write_picture(self.folder / name, blobs())
            np.testing.assert_array_equal(read_picture(self.folder / name), blobs())

    def test_a_png_carries_recipe_marking_and_srgb(self):
        path = self.folder / "a.png"
        write_picture(path, blobs(), recipe='{"overlay": 1, "name": "Mühle"}')
        self.assertEqual(read_recipe_text(path), '{"overlay": 1, "name": "Mühle"}')
        data = path.read_bytes()
        self.assertIn(b"algorithmicMedia", data)
        self.assertLess(data.index(b"sRGB"), data.index(b"IDAT"))

    def test_a_png_carries_what_made_it_and_further_texts(self):
        path = self.folder / "a.png"
        write_picture(path, blobs(), engine="9", texts={"Title": "Mühle"})
        texts = Image.open(path).text
        self.assertEqual((texts["overlay:engine"], texts["Title"]), ("9", "Mühle"))

    def test_a_long_recipe_is_read_by_us_and_the_picture_by_anyone(self):
        path = self.folder / "a.png"
        for text in ("é" * 1_250_000, "x" * 1_000_001, "y" * 1_000_000):
            write_picture(path, blobs(), recipe=text)
            self.assertEqual(read_recipe_text(path), text)
            chunks = sorted(name for name in Image.open(path).text if "recipe" in name)
            self.assertEqual(
                chunks, ["overlay:recipe", "overlay:recipe:2", "overlay:recipe:3"][: len(chunks)]
            )
            # Pillow's own limits, as other programs have them.
            with mock.patch.object(PngImagePlugin, "MAX_TEXT_CHUNK", 1 << 20):
                np.testing.assert_array_equal(np.asarray(Image.open(path)), blobs())
        with self.assertRaisesRegex(PictureError, "overlay:recipe may have 4194304 bytes"):
            write_picture(path, blobs(), recipe="z" * 4_200_000)

    def test_a_picture_without_recipe_says_none(self):
        write_picture(self.folder / "a.png", blobs())
        self.assertIsNone(read_recipe_text(self.folder / "a.png"))

    def test_maps_keep_sixteen_bits(self):
        ramp = np.linspace(0, 1, 4096, dtype=np.float32).reshape(64, 64)
        write_grey16(self.folder / "map.png", ramp)
        np.testing.assert_allclose(read_grey(self.folder / "map.png"), ramp, atol=1e-5)

    def test_unknown_endings_and_places_are_refused(self):
        with self.assertRaisesRegex(PictureError, r"must be one of .*\.png.*, got '.gif'"):
            write_picture(self.folder / "a.gif", blobs())
        with self.assertRaisesRegex(PictureError, "cannot be written: no such file"):
            write_picture(self.folder / "none" / "a.png", blobs())

    def test_a_full_disk_leaves_the_old_file_and_no_litter(self):
        path = self.folder / "a.png"
        write_picture(path, blobs())
        before = path.read_bytes()
        full = OSError(28, "No space left on device")
        with (
            mock.patch("overlay.imaging.whole_files.os.fsync", side_effect=full),
            self.assertRaisesRegex(PictureError, "no space left on device"),
        ):
            write_picture(path, blobs(2))
        self.assertEqual(path.read_bytes(), before)
        self.assertEqual([p.name for p in self.folder.iterdir()], ["a.png"])
