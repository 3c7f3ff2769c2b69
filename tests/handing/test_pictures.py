import tempfile
import unittest
from pathlib import Path
from xml.etree import ElementTree

import numpy as np
import tifffile
from PIL import Image, ImageCms

from overlay.handing.pictures import Output, hand_out
from overlay.imaging.files import read_picture, read_recipe_text
from overlay.imaging.formats.xmp import Credit, recipe_in, xmp_packet
from overlay.imaging.intake import PictureError
from tests.imaging.icc import linear_rgb
from tests.pictures import blobs

RECIPE = '{"prompt": "<b>&amp; \u00e9"}'
CREDIT = Credit("Ada & co", "Lock <at> dusk")


class HandOutTest(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)
        self.picture = blobs()

    def written(self, name: str, output: Output, **keys) -> Path:
        path = self.folder / name
        hand_out(path, self.picture, output, **keys)
        return path

    def test_every_format_holds_picture_recipe_resolution_and_credit(self):
        for name, depth, near in (
            ("a.png", 8, 0), ("b.png", 16, 0), ("c.tif", 8, 0), ("d.tiff", 16, 0), ("e.jpg", 8, 40),
            ("f.webp", 8, 60),
        ):  # fmt: skip
            with self.subTest(name=name):
                output = Output(depth, 300.0, credit=CREDIT)
                path = self.written(name, output, recipe=RECIPE, engine="patches 4")
                apart = np.abs(read_picture(path).astype(int) - self.picture)
                self.assertLessEqual(np.percentile(apart, 99), near)
                self.assertEqual(read_recipe_text(path), RECIPE)
                with Image.open(path) as image:
                    if not name.endswith("webp"):
                        np.testing.assert_allclose(
                            [float(d) for d in image.info["dpi"]], (300, 300), atol=0.1
                        )
                data = path.read_bytes()
                for said in (b"algorithmicMedia", b"Ada &amp; co", b"Lock &lt;at&gt; dusk"):
                    self.assertIn(said, data)

    def test_sixteen_bits_are_the_eight_spread_over_the_whole_range(self):
        tiff = tifffile.imread(self.written("a.tif", Output(16)))
        self.assertEqual(tiff.dtype, np.uint16)
        np.testing.assert_array_equal(tiff, self.picture.astype(np.uint16) * 257)
        import png

        rows = png.Reader(filename=str(self.written("a.png", Output(16)))).asDirect()[2]
        np.testing.assert_array_equal(np.vstack([*rows]).reshape(tiff.shape), tiff)

    def test_colours_are_those_of_the_profile_that_goes_with_them(self):
        wide = linear_rgb()
        path = self.written("a.png", Output(profile=wide))
        with Image.open(path) as image:
            self.assertEqual(image.info["icc_profile"], wide)
            self.assertGreater(np.abs(np.asarray(image).astype(int) - self.picture).max(), 3)
        self.assertLess(np.abs(read_picture(path).astype(int) - self.picture).mean(), 1.5)

    def test_what_a_format_cannot_hold_is_refused_and_nothing_written(self):
        lab = ImageCms.ImageCmsProfile(ImageCms.createProfile("LAB")).tobytes()
        for name, output, said in (
            ("a.jpg", Output(16), "16 bits need PNG or TIFF, got JPEG"),
            ("a.png", Output(12), "depth must be 8 or 16 bits, got 12"),
            ("a.png", Output(16, profile=lab), "needs 8 bits, got 16"),
            ("a.png", Output(dpi=0.0), "dots per inch must be 1 to 9600, got 0"),
            ("a.png", Output(profile=b"nonsense"), "profile: is damaged"),
            ("a.png", Output(profile=lab), "profile: must be of RGB, got 'Lab'"),
            ("a.jpg", Output(quality=0), "quality must be 1 to 100, got 0"),
            ("a.gif", Output(), "the ending must be one of"),
        ):  # fmt: skip
            with self.subTest(said=said), self.assertRaisesRegex(PictureError, said):
                self.written(name, output)
        self.assertEqual([*self.folder.iterdir()], [])

    def test_a_jpeg_without_room_goes_without_the_recipe(self):
        path = self.written("a.jpg", Output(), recipe="x" * 70_000)
        self.assertIsNone(read_recipe_text(path))
        self.assertEqual(
            read_recipe_text(self.written("b.webp", Output(), recipe="x" * 70_000)), "x" * 70_000
        )

    def test_packets_are_xml_and_hold_only_what_xml_can(self):
        packet = xmp_packet(Credit("a\x00b\x1f", ""), "{}")
        inside = packet.partition("?>")[2].rpartition("<?")[0]
        root = ElementTree.fromstring(inside)
        self.assertIn("a b ", "".join(root.itertext()))
        self.assertIsNone(recipe_in(b"<xml>no recipe</xml>"))


class ReadBackTest(unittest.TestCase):
    def test_recipes_are_read_from_jpegs_as_from_pngs(self):
        from overlay.document.reading import read_recipe
        from overlay.document.text.json_text import RecipeError

        with tempfile.TemporaryDirectory() as folder:
            path = Path(folder) / "a.jpg"
            hand_out(path, blobs(), Output(), recipe='{"overlay": 1, "seed": 12}')
            self.assertEqual(read_recipe(path).seed, 12)
            hand_out(path, blobs(), Output())
            with self.assertRaisesRegex(RecipeError, "must carry a recipe"):
                read_recipe(path)
