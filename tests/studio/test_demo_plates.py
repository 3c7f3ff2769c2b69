import json
from unittest import mock

from overlay.document.reading import make_recipe, read_recipe
from overlay.imaging.files import read_picture
from overlay.studio.demo import plates
from overlay.studio.demo.almanac import Plate
from overlay.studio.demo.demo import demo_recipe, file_name
from tests.workspace import WorkspaceTest


class PlatesTest(WorkspaceTest):
    def in_regions(self, departure):
        cue = {"name": "paint", "reference": "paint.png", "region": "sky"}
        passes = [{"kind": "settle", "departure": departure}]
        regions = {"sky": {"mask": "sky.png"}}
        return make_recipe(self.recipe(cues=[cue], regions=regions, passes=passes), "t")

    def in_words(self, name):
        changes = {"source": None, "prompt": "windmill, canal", "departure": 0.6}
        return make_recipe(self.recipe(size=[96, 64], **changes), name)

    def test_every_scene_is_rendered_in_every_manner_with_its_report(self):
        (self.folder / "mill.png").rename(self.folder / file_name("mill"))
        said: list[str] = []
        small = lambda *args: demo_recipe(*args, size=[96, 64])  # noqa: E731
        settled = lambda d: self.in_regions(d)  # noqa: E731
        with (
            mock.patch.object(plates, "SCENES", {"mill": None}),
            mock.patch.object(plates, "MANNERS", {"paint": None, "stripes": None}),
            mock.patch.object(plates, "demo_recipe", small),
            mock.patch.object(plates, "PLATES", {"mill": Plate("windmill, canal", 3, "paint")}),
            mock.patch.object(plates, "plate_recipe", self.in_words),
            mock.patch.object(plates, "three_manners_recipe", settled),
        ):
            written = plates.render_plates(self.folder, said.append)
        names = [
            "mill-paint",
            "mill-stripes",
            "in-words-mill",
            *(f"three-manners-settled-{n}" for n in (0, 20, 40)),
        ]
        self.assertEqual([p.stem for p in written], [f"proof-{name}" for name in names])
        for path in written:
            self.assertEqual(read_picture(path).shape, (64, 96, 3))
            source = None if "words" in path.stem else "mill.png"
            self.assertEqual(read_recipe(path).source, source)
            self.assertIn(
                "style_match", json.loads(path.with_suffix(".json").read_text())["measures"]
            )
        self.assertRegex(said[-1], r"lock in three manners, settled 40%: rims sky \d\.\d\d")
        self.assertRegex(said[0], r"mill in paint: style match -?\d+, structure kept -?\d+")
