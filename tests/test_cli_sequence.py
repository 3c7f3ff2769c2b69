import contextlib
import io
import json

from overlay.cli import main
from overlay.imaging.files import write_picture
from overlay.scenery.moving import pan
from overlay.studio.sequences.frames import open_frames
from tests.pictures import scene
from tests.workspace import WorkspaceTest


class SequenceCommandTest(WorkspaceTest):
    def setUp(self):
        super().setUp()
        self.shots = self.folder / "shots"
        self.shots.mkdir()
        for number, frame in enumerate(pan(scene("lock", 160, 64), 3, 96, 64, 2), 1):
            write_picture(self.shots / f"{number}.png", frame.picture)

    def run_cli(self, *arguments) -> tuple[int, str]:
        err = io.StringIO()
        with contextlib.redirect_stderr(err):
            code = main(["sequence", *map(str, arguments), "--quiet"])
        return code, err.getvalue()

    def test_a_folder_of_frames_and_a_report(self):
        out, report = self.folder / "out", self.folder / "r.json"
        recipe = self.write_recipe(steps=4)
        code, err = self.run_cli(recipe, self.shots, "--out", out, "--report", report)
        self.assertEqual((code, err), (0, ""))
        self.assertEqual(
            sorted(p.name for p in out.iterdir()), ["0001.png", "0002.png", "0003.png"]
        )
        lines = json.loads(report.read_text())["frames"]
        self.assertEqual([line["file"] for line in lines], ["0001.png", "0002.png", "0003.png"])

    def test_an_animation_plays_at_its_rate(self):
        out = self.folder / "out.gif"
        code, _ = self.run_cli(self.write_recipe(steps=4), self.shots, "--out", out, "--rate", 20)
        self.assertEqual((code, open_frames(out).count, open_frames(out).rate), (0, 3, 20.0))

    def test_what_is_wrong_is_one_line(self):
        recipe = self.write_recipe()
        for arguments, pattern in (
            ((recipe, self.folder / "none", "--out", self.folder / "o"), "frames must be a folder"),
            ((recipe, self.shots, "--out", self.shots), "must not be the frames' own folder"),
            ((recipe, self.shots, "--out", self.folder / "o.txt"), "must be a folder or one of"),
            (
                (recipe, self.shots, "--out", self.folder / "o", "--held", 2),
                "--held: must be 0 to 1",
            ),
            (
                (recipe, self.shots, "--out", self.folder / "o", "--key", "x"),
                "--key: must be FRAME",
            ),
        ):
            with self.subTest(pattern):
                code, err = self.run_cli(*arguments)
                self.assertEqual((code, err.count("\n")), (2, 1))
                self.assertIn(pattern, err)
