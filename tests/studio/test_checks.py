import numpy as np

from overlay.imaging.files import write_picture
from overlay.imaging.intake import PictureError
from overlay.studio.inputs.checks import PictureChecks, check_picture
from overlay.studio.inputs.pictures import PictureStore
from tests.measures.test_picture_faults import captioned
from tests.pictures import scene
from tests.workspace import WorkspaceTest


class CheckTest(WorkspaceTest):
    def test_a_good_picture_has_nothing_to_be_said(self):
        self.assertEqual(check_picture(scene("windmill", 480, 320)), ())

    def test_every_fault_has_its_fix(self):
        picture = scene("windmill", 480, 320)
        sheet = np.full((400, 480, 3), 255, np.uint8)
        sheet[40:360] = picture
        (bars,) = check_picture(sheet)
        self.assertEqual(bars.code, "bars")
        _, top, _, bottom = bars.take
        self.assertEqual(check_picture(sheet[int(top * 400) : int(bottom * 400)]), ())
        (clutter,) = check_picture(captioned(picture, "Fig. 12  A windmill on the canal, in 1887"))
        self.assertEqual((clutter.code, clutter.fix), ("clutter", "Leave them out"))
        self.assertLess(clutter.take[3], 0.95)
        captions = captioned(picture, "Fig. 12  A windmill on the canal, in 1887")
        (above,) = check_picture(captions[::-1])
        self.assertTrue(0.02 < above.take[1] < 0.3 and above.take[3] == 1.0, above.take)
        two = np.concatenate([picture, np.full((320, 20, 3), 255, np.uint8), picture], axis=1)
        self.assertEqual(check_picture(two)[0].fix, "Take the left one")

    def test_soft_and_small_pictures_are_named(self):
        soft = scene("windmill", 96, 64).repeat(5, axis=0).repeat(5, axis=1)
        from scipy import ndimage

        blurred = ndimage.gaussian_filter(soft, (4, 4, 0))
        (found,) = check_picture(blurred)
        self.assertEqual((found.code, found.changes), ("soft", {"sharpen": 1.0}))
        for size in ((100, 60), (8, 8), (1, 1)):
            found = check_picture(np.zeros((*size[::-1], 3), np.uint8))
            self.assertEqual(found[-1].code, "small")

    def test_a_file_is_looked_at_once_while_it_stays_the_same(self):
        store = PictureStore()
        checks = PictureChecks(store)
        path = self.folder / "mill.png"
        first = checks.of(str(path))
        self.assertIs(checks.of(str(path)), first)
        write_picture(path, np.zeros((20, 20, 3), np.uint8))
        self.assertNotEqual(checks.of(str(path)), ())
        with self.assertRaisesRegex(PictureError, "no such file"):
            checks.of(str(self.folder / "none.png"))
