import unittest

import numpy as np

from overlay.scenery.march import FAR
from overlay.scenery.scenes import SCENES, draw_scene


class SceneTest(unittest.TestCase):
    def test_scenes_have_picture_depth_and_labels_that_agree(self):
        for name in SCENES:
            drawn = draw_scene(name, 96, 64, smooth=False)
            sky = drawn.labels == drawn.names.index("sky")
            with self.subTest(name):
                self.assertEqual(drawn.picture.shape, (64, 96, 3))
                self.assertTrue((drawn.depth[sky] == FAR).all())
                self.assertTrue((drawn.depth[~sky] < FAR).all())
                self.assertTrue(0.1 < sky.mean() < 0.7)
                self.assertGreater(drawn.picture.std(), 30)

    def test_the_subject_is_there_and_nearer_than_the_hills(self):
        drawn = draw_scene("windmill", 96, 64, smooth=False)
        mill = drawn.labels == drawn.names.index("windmill")
        self.assertGreater(mill.mean(), 0.05)
        self.assertLess(np.median(drawn.depth[mill]), 30)

    def test_smoothing_changes_edges_only(self):
        rough = draw_scene("lock", 96, 64, smooth=False).picture.astype(int)
        fine = draw_scene("lock", 96, 64).picture.astype(int)
        same = (rough == fine).all(axis=2).mean()
        self.assertTrue(0.2 < same < 1.0, same)

    def test_an_unknown_scene_is_refused(self):
        with self.assertRaisesRegex(ValueError, "must be one of windmill, .*got 'castle'"):
            draw_scene("castle")
