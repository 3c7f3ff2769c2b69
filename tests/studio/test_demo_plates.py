import json
from unittest import mock

from overlay.document.reading import read_recipe
from overlay.imaging.files import read_picture
from overlay.studio import demo_plates
from overlay.studio.demo import demo_recipe, file_name
from tests.workspace import WorkspaceTest


class PlatesTest(WorkspaceTest):
    def test_every_scene_is_rendered_in_every_manner_with_its_report(self):
        (self.folder / "mill.png").rename(self.folder / file_name("mill"))
        said: list[str] = []
        small = lambda *args: demo_recipe(*args, size=[96, 64])  # noqa: E731
        with (
            mock.patch.object(demo_plates, "SCENES", {"mill": None}),
            mock.patch.object(demo_plates, "MANNERS", {"paint": None, "stripes": None}),
            mock.patch.object(demo_plates, "demo_recipe", small),
        ):
            written = demo_plates.render_plates(self.folder, said.append)
        self.assertEqual(
            [p.name for p in written], ["proof-mill-paint.png", "proof-mill-stripes.png"]
        )
        for path in written:
            self.assertEqual(read_picture(path).shape, (64, 96, 3))
            self.assertEqual(read_recipe(path).source, "mill.png")
            self.assertIn(
                "style_match", json.loads(path.with_suffix(".json").read_text())["measures"]
            )
        self.assertRegex(said[0], r"mill in paint: style match -?\d+, structure kept -?\d+")
