"""Every format, depth, profile and transparency that comes in: three patches of known colour each.

What is read is right, or refused by name; no wrong colour passes without a word.
"""

import tempfile
import unittest
from pathlib import Path

import numpy as np
import tifffile
from PIL import Image

from overlay.imaging.files import read_grey, read_picture, write_picture
from overlay.imaging.intake import PictureError
from tests.imaging.icc import from_linear, linear_grey, linear_rgb

# Three patches side by side, each 8 pixels wide; unequal, so that no channel stands for another.
RGB = np.array([[0.8, 0.4, 0.2], [0.2, 0.6, 1.0], [0.0, 1.0, 0.4]])
GREY = np.array([0.2, 0.6, 1.0])
ALPHA = np.array([1.0, 0.4, 0.0])
TIFF, PNG = "tif", "png"


def spread(patches, dtype=np.uint8):
    most = np.iinfo(dtype).max if np.issubdtype(dtype, np.integer) else 1.0
    values = np.asarray(patches, np.float64) * most
    values = values.round() if np.issubdtype(dtype, np.integer) else values
    return np.repeat(np.repeat(values[None].astype(dtype), 8, axis=1), 8, axis=0)


def expected(patches, *, linear=False, alpha=None):
    colours = np.asarray(patches, float)
    colours = colours if colours.ndim == 2 else np.repeat(colours[:, None], 3, axis=1)
    if linear:
        colours = np.vectorize(from_linear)(colours)
    if alpha is not None:
        colours = colours * alpha[:, None] + 1 - alpha[:, None]
    return colours * 255


class ColourTest(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)

    def pillow(self, ending, array, **options):
        path = self.folder / f"a.{ending}"
        image = array if isinstance(array, Image.Image) else Image.fromarray(array)
        image.save(path, **options)
        return path

    def tiff(self, array, **options):
        path = self.folder / "a.tif"
        tifffile.imwrite(path, array, **options)
        return path

    def shows(self, path, wanted, within=1.6):
        found = read_picture(path)[4, 4::8].astype(float)
        np.testing.assert_allclose(found, wanted, atol=within)


class PillowTableTest(ColourTest):
    def test_eight_bits_of_every_kind(self):
        alpha = spread(ALPHA)
        cases = {
            "RGB": (spread(RGB), RGB, None, linear_rgb()),
            "RGBA": (np.dstack([spread(RGB), alpha]), RGB, ALPHA, linear_rgb()),
            "L": (spread(GREY), GREY, None, linear_grey()),
            "LA": (np.dstack([spread(GREY), alpha]), GREY, ALPHA, linear_grey()),
        }
        for mode, (array, patches, clear, profile) in cases.items():
            for ending in (PNG, TIFF):
                for icc in (None, profile):
                    with self.subTest(mode, ending=ending, profile=icc is not None):
                        options = {} if icc is None else {"icc_profile": icc}
                        path = self.pillow(ending, array, **options)
                        self.shows(path, expected(patches, linear=icc is not None, alpha=clear))

    def test_grey_with_a_profile_of_colours(self):
        path = self.pillow(PNG, spread(GREY), icc_profile=linear_rgb())
        self.shows(path, expected(GREY, linear=True))

    def test_palettes_with_and_without_profile_and_transparency(self):
        image = Image.fromarray(spread(RGB)).quantize(3, dither=Image.Dither.NONE)
        first = image.getpixel((4, 4))
        for icc in (None, linear_rgb()):
            for clear in (None, first):
                options = {} if icc is None else {"icc_profile": icc}
                options |= {} if clear is None else {"transparency": clear}
                with self.subTest(profile=icc is not None, clear=clear is not None):
                    alpha = None if clear is None else np.array([0.0, 1.0, 1.0])
                    path = self.pillow(PNG, image, **options)
                    self.shows(path, expected(RGB, linear=icc is not None, alpha=alpha), 4)

    def test_sixteen_bit_grey_png(self):
        deep = spread(GREY, np.uint16)
        for icc in (None, linear_grey()):
            options = {} if icc is None else {"icc_profile": icc}
            with self.subTest(profile=icc is not None):
                self.shows(
                    self.pillow(PNG, deep, **options), expected(GREY, linear=icc is not None)
                )

    def test_sixteen_bit_grey_with_a_transparent_tone(self):
        deep = spread(GREY, np.uint16)
        path = self.pillow(PNG, deep, transparency=int(deep[4, 12]))
        self.shows(path, expected(GREY, alpha=np.array([1.0, 0.0, 1.0])))
        np.testing.assert_allclose(read_grey(path)[4, 4::8], [0.2, 1.0, 1.0], atol=1e-4)

    def test_a_transparent_colour(self):
        clear = tuple(int(v) for v in spread(RGB)[4, 4])
        path = self.pillow(PNG, spread(RGB), transparency=clear)
        self.shows(path, expected(RGB, alpha=np.array([0.0, 1.0, 1.0])))

    def test_lossy_formats_with_a_profile(self):
        for ending in ("jpg", "webp"):
            for icc in (None, linear_rgb()):
                options = {"quality": 100} | ({} if icc is None else {"icc_profile": icc})
                if ending == "jpg":
                    options["subsampling"] = 0
                with self.subTest(ending, profile=icc is not None):
                    path = self.pillow(ending, spread(RGB), **options)
                    self.shows(path, expected(RGB, linear=icc is not None), 14)

    def test_inks(self):
        ink = Image.fromarray(spread(np.column_stack([1 - RGB, np.zeros(3)])), "CMYK")
        self.shows(self.pillow("tif", ink), expected(RGB))
        self.shows(self.pillow("jpg", ink, quality=100), expected(RGB), 6)

    def test_profiles_that_do_not_fit_are_refused(self):
        ink = Image.fromarray(spread(np.column_stack([1 - RGB, np.zeros(3)])), "CMYK")
        cases = {
            "must fit": self.pillow("tif", ink, icc_profile=linear_rgb()),
            "is damaged": self.pillow(PNG, spread(RGB), icc_profile=b"no profile"),
        }
        for words, path in cases.items():
            with self.subTest(words), self.assertRaisesRegex(PictureError, f"profile {words}"):
                read_picture(path)


class TiffTableTest(ColourTest):
    def test_sixteen_bits_and_planes(self):
        for dtype in (np.uint8, np.uint16):
            for planar in ("contig", "separate"):
                for icc in (None, linear_rgb()):
                    array = spread(RGB, dtype)
                    array = np.moveaxis(array, -1, 0) if planar == "separate" else array
                    with self.subTest(dtype.__name__, planar=planar, profile=icc is not None):
                        path = self.tiff(
                            array, photometric="rgb", planarconfig=planar, iccprofile=icc
                        )
                        self.shows(path, expected(RGB, linear=icc is not None))

    def test_alpha_plain_and_multiplied(self):
        deep = np.dstack([spread(RGB, np.uint16), spread(ALPHA, np.uint16)])
        times = np.dstack([spread(RGB * ALPHA[:, None], np.uint16), spread(ALPHA, np.uint16)])
        for kind, array in (("unassalpha", deep), ("assocalpha", times)):
            with self.subTest(kind):
                path = self.tiff(array, photometric="rgb", extrasamples=[kind])
                self.shows(path, expected(RGB, alpha=ALPHA))

    def test_min_is_white_and_grey_profiles(self):
        for dtype in (np.uint8, np.uint16):
            for kind, values in (("minisblack", GREY), ("miniswhite", 1 - GREY)):
                with self.subTest(dtype.__name__, kind=kind):
                    path = self.tiff(spread(values, dtype), photometric=kind)
                    self.shows(path, expected(GREY))
                    np.testing.assert_allclose(read_grey(path)[4, 4::8], GREY, atol=0.003)
        path = self.tiff(
            spread(GREY, np.uint16), photometric="minisblack", iccprofile=linear_grey()
        )
        self.shows(path, expected(GREY, linear=True))

    def test_what_is_not_certain_is_refused_by_name(self):
        for dtype, words in (
            (np.float32, "32 bit float"),
            (np.float16, "16 bit float"),
            (np.uint32, "32 bit whole"),
            (np.int16, "16 bit signed"),
        ):
            path = self.tiff((spread(GREY) / 255 * 100).astype(dtype), photometric="minisblack")
            for read in (read_picture, read_grey):
                with self.subTest(words), self.assertRaisesRegex(PictureError, words):
                    read(path)
        lab = self.tiff(spread(RGB), photometric="cielab")
        with self.assertRaisesRegex(PictureError, "must be grey or RGB, got 8 bit CIELAB"):
            read_picture(lab)

    def test_orientation_of_deep_pictures(self):
        array = spread(RGB, np.uint16)
        path = self.tiff(array, photometric="rgb", extratags=[(274, "H", 1, 6, True)])
        found = read_picture(path)
        self.assertEqual(found.shape, (24, 8, 3))
        np.testing.assert_allclose(found[4::8, 4], expected(RGB), atol=1.6)


class ExportTest(ColourTest):
    def test_what_is_exported_says_that_it_is_srgb_and_reads_back_the_same(self):
        picture = spread(RGB)
        for ending in ("png", "tif", "jpg", "webp"):
            path, again = self.folder / f"a.{ending}", self.folder / f"b.{ending}"
            write_picture(path, picture)
            write_picture(again, picture)
            with self.subTest(ending):
                self.shows(path, expected(RGB), 0.6 if ending in ("png", "tif") else 14)
                self.assertEqual(path.read_bytes(), again.read_bytes())
                with Image.open(path) as image:
                    said = (
                        "srgb" in image.info if ending == "png" else image.info.get("icc_profile")
                    )
                self.assertTrue(said)
