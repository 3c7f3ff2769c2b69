import tempfile
import unittest
from functools import cache
from pathlib import Path
from unittest import mock

import numpy as np

from overlay.document.reading import read_recipe
from overlay.imaging.files import read_grey, read_picture
from overlay.scenery.moving import Moved, ride
from overlay.scenery.scenes import Drawn
from overlay.studio.bench.bench import Bench
from overlay.studio.demo import demo
from overlay.studio.runs.pull import pull_proof
from tests.pictures import drawn_scene, manner


def small_scene(name: str) -> Drawn:
    return drawn_scene(name, 192, 128)


def small_manner(name: str) -> np.ndarray:
    return manner(name, 320, 240)


@cache
def small_ride(name: str, count: int, width: int, height: int) -> tuple[Moved, ...]:
    return tuple(ride(name, count, width // 8, height // 8))


class DemoTest(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)
        # The real drawings take half a minute; small ones show the same.
        patches = [
            mock.patch.object(demo, "draw_scene", small_scene),
            mock.patch.object(demo, "draw_manner", small_manner),
            mock.patch.object(demo, "ride", small_ride),
            mock.patch.object(demo, "demo_recipe", self.small_recipe),
        ]
        for patch in patches:
            patch.start()
            self.addCleanup(patch.stop)

    def small_recipe(self, *args, plain=demo.demo_recipe, **keys):
        return plain(*args, size=[96, 64], **keys)

    def test_what_was_drawn_for_the_window_is_copied(self):
        with (
            mock.patch.object(demo, "drawn_folder", return_value=self.folder / "drawn"),
            mock.patch.object(demo, "draw_scene", side_effect=small_scene) as drawing,
        ):
            demo.ensure_demo(self.folder / "drawn")
            drawn = drawing.call_count
            demo.ensure_demo(self.folder / "out")
            self.assertEqual(drawing.call_count, drawn)
        for name in ("windmill.png", "lock sky.png".replace(" ", "-"), "almanac.json"):
            first, second = (self.folder / where / name for where in ("drawn", "out"))
            self.assertEqual(first.read_bytes(), second.read_bytes())

    def test_the_demo_opens_with_a_proof_that_hangs(self):
        told = []
        path = demo.prepare_demo(self.folder / "demo", lambda f, stage: told.append((f, stage)))
        self.assertFalse((self.folder / "demo" / demo.RIDE).exists(), "the window does not wait")
        bench = Bench()
        bench.open(path)
        proof = bench.kept_proof()
        self.assertEqual(proof.number, 1)
        again = pull_proof(bench.project.recipe, bench.shelf, bench.store)
        self.assertEqual(again.number, 2)
        self.assertEqual(bench.kept_proof().number, 2)
        demo.prepare_demo(self.folder / "demo")
        self.assertEqual(sorted(bench.shelf.numbers().values()), [1, 2])
        self.assertEqual(proof.picture.shape, (64, 96, 3))
        self.assertEqual([f for f, _ in told], sorted(f for f, _ in told))
        names = list(dict.fromkeys(name for _, name in told))
        plates = ["the windmill", "the lock", "the bottle kiln"]
        self.assertEqual(names, [*plates, "the manners", "drawn", "the first proof"])

    def test_a_ride_that_is_not_whole_is_drawn_again(self):
        frames = self.folder / demo.RIDE
        demo.ensure_ride(self.folder)
        self.assertEqual(len(list(frames.glob("*.png"))), 12)
        (frames / "003.png").unlink()
        with mock.patch.object(demo, "write_picture", side_effect=demo.write_picture) as writing:
            demo.ensure_ride(self.folder)
            demo.ensure_ride(self.folder)
        self.assertEqual(writing.call_count, 12)

    def test_pictures_are_drawn_once_with_depth_and_sky(self):
        folder = self.folder / "demo"
        path = demo.ensure_demo(folder)
        for name in ("windmill", "lock", "bottle kiln", "felt", "dot print"):
            self.assertGreater(read_picture(folder / demo.file_name(name)).std(), 20)
        self.assertTrue(all(p.exists() for p in demo.demo_tray(folder)))
        sky, depth = (read_grey(folder / f"windmill-{k}.png") for k in ("sky", "depth"))
        self.assertLess(depth[sky > 0.5].max(), 0.01)
        with mock.patch.object(demo, "draw_manner", side_effect=AssertionError("drawn twice")):
            self.assertEqual(demo.ensure_demo(folder), path)

    def test_the_recipes_are_valid(self):
        path = demo.ensure_demo(self.folder / "demo")
        self.assertEqual(read_recipe(path).regions["sky"].feather, 3)
        self.assertEqual(demo.demo_recipe("lock", (("felt", 0.5),)).cues[0].weight, 0.5)
