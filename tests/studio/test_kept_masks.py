import numpy as np

from overlay.document.reading import make_recipe
from overlay.imaging.files import read_grey, write_picture
from overlay.imaging.intake import PictureError
from overlay.studio.inputs.drawn_parts import find_part, part_names, parts_path, write_parts
from overlay.studio.inputs.kept_masks import keep_mask, traced_mask
from overlay.studio.inputs.paths import absolute_recipe
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.proofs import make_proof
from tests.workspace import WorkspaceTest


class KeptMaskTest(WorkspaceTest):
    def test_the_same_mask_is_kept_once(self):
        mask = np.linspace(0, 1, 96, dtype=np.float32).reshape(8, 12)
        path = keep_mask(mask, "a/b")
        self.assertEqual(keep_mask(mask.copy(), "a/b"), path)
        self.assertNotEqual(keep_mask(1 - mask, "a/b"), path)
        np.testing.assert_allclose(read_grey(path), mask, atol=0.003)

    def test_what_came_from_a_cue_lies_where_it_was_tied(self):
        half = {"points": ((0, 0), (0.5, 0), (0.5, 1), (0, 1)), "fill": True}
        cues = [
            {"name": "in", "reference": "paint.png", "region": "left"},
            {"name": "out", "reference": "paint.png", "region": "left", "invert_region": True},
        ]
        data = self.recipe(regions={"left": {"strokes": [half]}}, cues=cues, departure=0.8)
        proof = make_proof(absolute_recipe(make_recipe(data, "t"), self.folder), PictureStore())
        height, width = proof.picture.shape[:2]
        mask = traced_mask(proof.trace, "in", height, width)
        self.assertGreater(mask[:, : width // 2 - 8].mean(), 0.95)
        self.assertLess(mask[:, width // 2 + 8 :].mean(), 0.05)

    def test_parts_of_a_drawn_scene_are_found_by_name(self):
        picture = self.folder / "drawn.png"
        write_picture(picture, np.zeros((4, 6, 3), np.uint8))
        self.assertEqual(part_names(picture), [])
        labels = np.zeros((4, 6), np.int64)
        labels[:, 3:] = 1
        write_parts(picture, labels, ["sky", "mill"])
        self.assertEqual(part_names(picture), ["sky", "mill"])
        np.testing.assert_array_equal(find_part(picture, "mill"), labels)
        with self.assertRaisesRegex(ValueError, r"drawn there \(sky, mill\), got 'cat'"):
            find_part(picture, "cat")
        write_picture(parts_path(picture), np.zeros((4, 6, 3), np.uint8))
        with self.assertRaisesRegex(PictureError, "overlay:parts must be a list"):
            part_names(picture)
