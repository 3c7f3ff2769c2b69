import json
import tempfile
import unittest
from contextlib import redirect_stderr, redirect_stdout
from io import StringIO
from pathlib import Path

from overlay.cli import main
from overlay.imaging.files import read_grey, read_picture


def run(*arguments):
    out, err = StringIO(), StringIO()
    with redirect_stdout(out), redirect_stderr(err):
        code = main([str(a) for a in arguments])
    return code, out.getvalue(), err.getvalue()


class ReadTest(unittest.TestCase):
    def test_prints_phrases_words_and_unknown_ones(self):
        code, out, _ = run("read", "two herons 140% at left, kestrels, windmil")
        said = json.loads(out)
        self.assertEqual(code, 0)
        self.assertEqual([p["emphasis"] for p in said["phrases"]], [1.4, 1.0, 1.0])
        self.assertEqual(
            said["phrases"][0]["words"][1],
            {"text": "herons", "as": "subject", "kin": None, "acts": True},
        )
        self.assertEqual(said["unknown"][0]["text"], "windmil")
        self.assertIn("windmill", said["unknown"][0]["near"])

    def test_refuses_in_one_line(self):
        code, out, err = run("read", "heron 300%")
        self.assertEqual((code, out, err.count("\n")), (2, "", 1))
        self.assertIn("emphasis must be 0 to 200 %, got 300%", err)


class DrawTest(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)

    def test_writes_picture_depth_and_a_mask_for_each_thing(self):
        out, depth, masks = self.folder / "a.png", self.folder / "d.png", self.folder / "masks"
        code, _, err = run(
            "draw",
            "red barge, canal",
            "--out",
            out,
            "--size",
            "96x64",
            "--seed",
            2,
            "--depth",
            depth,
            "--labels",
            masks,
        )
        self.assertEqual((code, err), (0, ""))
        self.assertEqual(read_picture(out).shape, (64, 96, 3))
        self.assertGreater(read_grey(depth)[-4:].mean(), read_grey(depth)[:4].mean())
        self.assertTrue({"barge.png", "water.png", "sky.png"} <= {p.name for p in masks.iterdir()})
        whole = sum(read_grey(p) for p in masks.iterdir())
        self.assertEqual(
            (whole.min(), whole.max()), (1.0, 1.0), "masks must cover the picture once"
        )

    def test_refuses_unknown_words_and_skips_them_when_told(self):
        out = self.folder / "a.png"
        code, _, err = run("draw", "red windmil", "--out", out, "--size", "96x64")
        self.assertEqual(code, 2)
        self.assertIn("every word must be known, got 'windmil'; near are windmill", err)
        self.assertFalse(out.exists())
        code, _, err = run("draw", "$thing, canal", "--out", out, "--size", "96x64")
        self.assertEqual((code, out.exists()), (2, False))
        self.assertIn("prompt: $thing must be filled, as an edition does", err)
        code, _, err = run(
            "draw", "barge, windmil", "--out", out, "--size", "96x64", "--skip-unknown"
        )
        self.assertEqual((code, out.exists()), (0, True))
        self.assertIn("'windmil' is not known and was skipped", err)

    def test_refuses_odd_sizes_and_seeds(self):
        for option, value, said in (
            ("--size", "96", "must be WIDTHxHEIGHT"),
            ("--size", "9x9", "sides at least 64"),
            ("--seed", "-1", "must be 0 to 2"),
        ):
            with self.subTest(option, value=value):
                code, _, err = run("draw", "barge", "--out", self.folder / "a.png", option, value)
                self.assertEqual((code, err.count("\n")), (2, 1))
                self.assertIn(said, err)


class DescribeTest(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.picture = Path(folder.name) / "a.png"
        run("draw", "windmill, meadow", "--out", self.picture, "--size", "96x64")

    def test_prints_phrases_in_a_line_or_by_focus(self):
        code, out, _ = run("describe", self.picture, "--focus", "palette,light")
        self.assertEqual((code, out.count("\n")), (0, 1))
        code, again, _ = run("describe", self.picture, "--json")
        self.assertEqual(
            list(json.loads(again)), ["manner", "palette", "light", "composition", "place"]
        )
        read = json.loads(run("read", out.strip())[1])
        self.assertEqual(read["unknown"], [])

    def test_refuses_another_focus(self):
        code, _, err = run("describe", self.picture, "--focus", "mood")
        self.assertEqual(code, 2)
        self.assertIn("--focus: must be of manner, palette", err)


class MaskInWordsTest(DescribeTest):
    def test_a_mask_is_picked_in_words(self):
        mask = self.picture.with_name("m.png")
        code, _, err = run("mask", self.picture, "--pick", "sky at left", "--out", mask)
        self.assertEqual((code, err), (0, ""))
        found = read_grey(mask)
        self.assertGreater(found[:20, :40].mean(), 0.6)
        self.assertEqual(found[:, 60:].max(), 0)

    def test_words_that_are_not_known_are_refused_with_what_can_be_picked(self):
        code, _, err = run(
            "mask", self.picture, "--pick", "red windmil", "--out", self.picture.with_name("m.png")
        )
        self.assertEqual((code, err.count("\n")), (2, 1))
        self.assertIn("pick must be one of subject", err)
        self.assertIn("near are windmill", err)
