import json
import os
from unittest.mock import patch

from overlay.document.reading import read_recipe
from overlay.imaging.files import cut_out_png, read_grey, read_picture, write_picture
from tests.test_cli_words import run
from tests.words.test_cutouts import disc
from tests.workspace import WorkspaceTest


class TeachTest(WorkspaceTest):
    def setUp(self):
        super().setUp()
        home = patch.dict(os.environ, {"XDG_DATA_HOME": str(self.folder / "home")})
        home.start()
        self.addCleanup(home.stop)
        (self.folder / "disc.png").write_bytes(cut_out_png(disc()))

    def teach(self, *more):
        return run("teach", "tollgig", self.folder / "disc.png", *more)

    def test_a_taught_word_is_read_drawn_picked_and_rendered(self):
        code, out, err = self.teach("--height", "1.2")
        self.assertEqual((code, err), (0, ""))
        self.assertIn("tollgig: a subject", out)
        said = json.loads(run("read", "tollgigs at left")[1])
        self.assertEqual(said["phrases"][0]["words"][0]["as"], "subject")
        self.assertEqual(said["unknown"], [])
        drawn, masks = self.folder / "d.png", self.folder / "m"
        what = ("--out", drawn, "--size", "96x64", "--labels", masks)
        self.assertEqual(run("draw", "tollgig, meadow", *what)[0], 0)
        mask = read_grey(masks / "tollgig.png") > 0.5
        red, green, _ = read_picture(drawn)[mask].mean(axis=0)
        self.assertGreater(red, green + 30)
        recipe = self.write_recipe(prompt="tollgig, meadow", source=None, cues=[], steps=4)
        out = self.folder / "proof.png"
        self.assertEqual(run("render", recipe, "--out", out)[0], 0)
        self.assertEqual([one.word for one in read_recipe(out).taught], ["tollgig"])

    def test_an_area_is_found_by_its_name(self):
        write_picture(self.folder / "red.png", disc(colour=(210, 30, 30))[20:44, 34:56, :3])
        run("teach", "red lead", self.folder / "red.png", "--as", "surface")
        picture = disc(96, (210, 30, 30))
        picture[picture[..., 3] == 0] = (40, 90, 150, 255)
        write_picture(self.folder / "scene.png", picture[..., :3])
        out = self.folder / "mask.png"
        code, _, err = run("mask", self.folder / "scene.png", "--pick", "red lead", "--out", out)
        self.assertEqual((code, err), (0, ""))
        mask = read_grey(out)
        self.assertGreater(mask[30:66, 56:80].mean(), 0.8)
        self.assertLess(mask[:10].mean(), 0.05)
        code, _, err = run("mask", self.folder / "sky.png", "--pick", "red lead", "--out", out)
        self.assertIn("no red lead found; the mask is empty", err)

    def test_words_are_listed_handed_on_and_forgotten(self):
        self.teach()
        self.assertEqual(run("teach", "--list")[1], "tollgig\tsubject\n")
        archive = self.folder / "words.zip"
        self.assertEqual(run("teach", "--export", archive)[0], 0)
        self.assertEqual(run("teach", "tollgig", "--forget")[0], 0)
        self.assertEqual(run("teach", "--list")[1], "")
        self.assertIn("1 words taught: tollgig", run("teach", "--import", archive)[1])
        self.assertEqual(run("teach", "--list")[1], "tollgig\tsubject\n")

    def test_refuses_in_one_line(self):
        cases = (
            (("teach",), "WORD and at least one PICTURE"),
            (("teach", "two", self.folder / "disc.png"), "one to four plain words"),
            (("teach", "tin", self.folder / "gone.png"), "gone.png"),
            (("teach", "tin", "--forget"), "one that was taught (none), got 'tin'"),
            (("teach", "--list", "--export", "x.zip"), "got several"),
            (
                ("teach", "tin", self.folder / "disc.png", "--height", "0"),
                "height: must be greater",
            ),
            (("teach", "--import", self.folder / "mill.png"), "must be a lexicon"),
        )
        for arguments, said in cases:
            with self.subTest(arguments):
                code, out, err = run(*arguments)
                self.assertEqual((code, out, err.count("\n")), (2, "", 1))
                self.assertIn(said, err)

    def test_a_word_with_a_meaning_of_its_own_is_said(self):
        code, _, err = run("teach", "heron", self.folder / "disc.png")
        self.assertEqual(code, 0)
        self.assertIn("has a meaning of its own", err)
