import json

from overlay.imaging.files import write_picture
from overlay.scenery.moving import pan
from overlay.studio.demo.almanac import EDITION, EDITION_FILE
from overlay.studio.demo.demo import RIDE, file_name
from overlay.studio.demo.sets import render_sets
from overlay.studio.editions.reading import read_edition
from overlay.studio.sequences.frames import open_frames
from tests.pictures import manner, scene
from tests.workspace import WorkspaceTest


class DemoSetsTest(WorkspaceTest):
    def setUp(self):
        super().setUp()
        for name in ("gouache", "felt", "weave", "bottle kiln"):
            write_picture(self.folder / file_name(name), manner("felt"))

    def test_the_edition_has_ten_lines_six_plates_and_three_manners(self):
        (self.folder / EDITION_FILE).write_text(EDITION)
        edition = read_edition(self.folder / EDITION_FILE)
        self.assertEqual((edition.count, len(edition.rows), len(EDITION.splitlines())), (18, 6, 10))

    def test_sets_are_rendered_with_sheet_and_animation(self):
        data = json.loads(EDITION)
        data |= {"rows": data["rows"][:1], "cross": [data["cross"][0][:3]]}
        data["recipe"] |= {"size": [96, 64], "steps": 4}
        (self.folder / EDITION_FILE).write_text(json.dumps(data))
        (self.folder / RIDE).mkdir()
        for number, frame in enumerate(pan(scene("lock", 160, 64), 2, 96, 64, 2), 1):
            write_picture(self.folder / RIDE / f"{number}.png", frame.picture)
        said: list[str] = []
        sheet, ride = render_sets(self.folder, said.append)
        self.assertTrue(sheet.exists())
        self.assertEqual(len(list((self.folder / "edition").glob("*.png"))), 2)
        self.assertEqual(open_frames(ride).count, 2)
        self.assertRegex(said[-1], r"^ride in felt: flicker \d")
