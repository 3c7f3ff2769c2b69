import contextlib
import io
import json
import os
import signal
import subprocess
import sys
import time
from functools import partial
from pathlib import Path
from unittest import mock

import numpy as np

from overlay.cli import main
from overlay.imaging.files import read_grey, read_picture, write_picture
from overlay.studio.inputs.drawn_parts import write_parts
from overlay.version import __version__
from tests.pictures import scene
from tests.workspace import WorkspaceTest


class CliTest(WorkspaceTest):
    def run_cli(self, *arguments: object) -> tuple[int, str, str]:
        out, err = io.StringIO(), io.StringIO()
        with contextlib.redirect_stdout(out), contextlib.redirect_stderr(err):
            try:
                code = main([str(a) for a in arguments])
            except SystemExit as stop:
                code = int(stop.code or 0)
        return code, out.getvalue(), err.getvalue()

    def refused(self, message: str, *arguments: object) -> None:
        code, _, err = self.run_cli(*arguments)
        self.assertEqual(code, 2, err)
        self.assertEqual(len(err.strip().splitlines()), 1, err)
        self.assertRegex(err, message)

    def test_render_writes_picture_and_report(self):
        out, report = self.folder / "out.png", self.folder / "report.json"
        code, _, err = self.run_cli(
            "render", self.write_recipe(), "--out", out, "--report", report, "--quiet"
        )
        self.assertEqual((code, err), (0, ""))
        self.assertEqual(read_picture(out).shape, (64, 96, 3))
        data = json.loads(report.read_text())
        self.assertEqual(data["overlay"], __version__)
        self.assertEqual(data["size"], [96, 64])

    def test_a_proof_renders_its_own_recipe_again_to_the_same_bytes(self):
        first, second = self.folder / "first.png", self.folder / "second.png"
        self.run_cli("render", self.write_recipe(), "--out", first, "--threads", 1)
        code, _, err = self.run_cli("render", first, "--out", second)
        self.assertEqual(code, 0, err)
        self.assertEqual(first.read_bytes(), second.read_bytes())

    def test_set_changes_the_recipe(self):
        out = self.folder / "out.png"
        code, *_ = self.run_cli(
            "render", self.write_recipe(size=None), "--out", out, "--set", "departure=0",
            "--set", "size=[192,128]",
        )  # fmt: skip
        self.assertEqual(code, 0)
        np.testing.assert_array_equal(read_picture(out), scene())

    def test_wrong_recipes_inputs_and_places_are_refused(self):
        out = self.folder / "out.png"
        good = self.write_recipe()
        taken = self.folder / "taken.png"
        taken.mkdir()
        gone = self.write_recipe("gone.json", source="gone.png")
        (self.folder / "not.png").write_text("not a picture")
        wrong = self.write_recipe("wrong.json", source="not.png")
        (self.folder / "broken.json").write_text("{")
        cases = [
            ("none.json: no such file", self.folder / "none.json", "--out", out),
            ("broken.json: must be JSON", self.folder / "broken.json", "--out", out),
            ("gone.png: no such file", gone, "--out", out),
            ("not.png: must be a PNG, JPEG, WebP, TIFF or OpenRaster", wrong, "--out", out),
            ("departure: must be less than or equal to 1, got 4", good, "--out", out, "--set", "departure=4"),
            ("prompt: every word must be known, got 'windmil'; near are windmill", good, "--out", out, "--set", 'prompt="windmil"', "--set", "source=null"),
            ("must carry a recipe", self.folder / "mill.png", "--out", out),
            ("the ending must be one of", good, "--out", self.folder / "out.xyz"),
            ("its folder must exist", good, "--out", self.folder / "no" / "out.png"),
            ("must be a file, got a folder", good, "--out", taken),
            ("--threads: must be at least 1, got 0", good, "--out", out, "--threads", 0),
        ]  # fmt: skip
        for message, *arguments in cases:
            with self.subTest(message):
                self.refused(message, "render", *arguments)
        self.assertFalse(out.exists())

    def test_what_is_no_file_or_no_recipe_is_refused_at_once(self):
        out = self.folder / "out.png"
        os.mkfifo(self.folder / "pipe.png")
        deep = self.folder / "deep.json"
        deep.write_text('{"overlay": 1, "cues": ' + "[" * 500 + "]" * 500 + "}")
        cases = [
            ("/dev/zero: must be a regular file, got a device", "/dev/zero"),
            ("must be a regular file, got a device", self.write_recipe("a.json", source="/dev/zero")),
            ("got a pipe", self.write_recipe("b.json", source="pipe.png")),
            ("source: must be a name that a file can have", self.write_recipe("c.json", source="a\0b.png")),
            ("nested 40 deep", deep),
            ("overlay: must be 1, got true", self.write_recipe("d.json", overlay=True)),
            ("must name one of paint, contours .* got '²'", self.write_recipe(), "--set", "cues.².weight=1"),
            ("guidance: must be less than or equal to 10, got 30", self.write_recipe("e.json", guidance=30.0)),
            ("seed: must be less", self.write_recipe("f.json", seed=10**30)),
            ("the value must be JSON", self.write_recipe(), "--set", "seed=" + "9" * 5000),
        ]  # fmt: skip
        before = time.monotonic()
        for message, recipe, *more in cases:
            with self.subTest(message):
                self.refused(message, "render", recipe, "--out", out, *more)
        self.assertLess(time.monotonic() - before, 60)  # a device never ends

    def test_nothing_that_is_read_is_written_over(self):
        recipe, out = self.write_recipe(), self.folder / "out.png"
        (self.folder / "link.png").symlink_to("mill.png")
        before = {p: p.read_bytes() for p in self.folder.iterdir()}
        self.refused("--out: must not be", "render", recipe, "--out", self.folder / "mill.png")
        self.refused("--out: must not be", "render", recipe, "--out", self.folder / "link.png")
        for report in (recipe, self.folder / "paint.png", out):
            self.refused(
                "--report: must not be", "render", recipe, "--out", out, "--report", report
            )
        for command in (("map", "edges"), ("mask",)):
            picture = self.folder / "mill.png"
            pick = ("--pick", "sky") if command == ("mask",) else ()
            self.refused("--out: must not be", *command, picture, *pick, "--out", picture)
        self.refused("got a device", "render", recipe, "--out", out, "--report", "/dev/null")
        self.refused("got a file at", "demo", "--out", recipe)
        self.assertEqual({p: p.read_bytes() for p in self.folder.iterdir()}, before)

    def test_refusals_are_one_short_line_however_long_the_input(self):
        recipe = self.write_recipe(source="x" * 3000 + "\x1b[31m\n" + "y" * 1000)
        code, _, err = self.run_cli("render", recipe, "--out", self.folder / "out.png")
        self.assertEqual(code, 2)
        self.assertLess(len(err), 320)
        self.assertNotIn("\x1b", err)
        self.assertEqual(err.count("\n"), 1)

    def test_who_reads_only_the_beginning_hears_no_complaint(self):
        command = f"{sys.executable} -m overlay schema | head -n 1"
        done = subprocess.run(
            ["bash", "-o", "pipefail", "-c", command], capture_output=True, text=True
        )
        self.assertEqual((done.returncode, done.stderr, done.stdout), (0, "", "{\n"))

    def test_a_refused_render_leaves_the_old_picture(self):
        out = self.folder / "out.png"
        out.write_bytes(b"old")
        self.refused("gone.png", "render", self.write_recipe(source="gone.png"), "--out", out)
        self.assertEqual(out.read_bytes(), b"old")

    def test_schema_and_version(self):
        code, out, _ = self.run_cli("schema")
        self.assertEqual(code, 0)
        self.assertIn("2020-12", json.loads(out)["$schema"])
        self.assertEqual(self.run_cli("--version")[1].strip(), f"overlay {__version__}")

    def test_map_writes_every_kind_and_refuses_the_rest(self):
        out = self.folder / "map.png"
        picture = self.folder / "mill.png"
        self.assertEqual(
            self.run_cli("map", "edges", picture, "--out", out, "--set", "low=0.1")[0], 0
        )
        self.assertEqual(read_grey(out).shape, scene().shape[:2])
        for kind in ("outline", "lines", "depth", "pose"):
            self.assertEqual(self.run_cli("map", kind, picture, "--out", out)[0], 0)
            self.assertEqual(read_grey(out).shape, (128, 192))
        self.assertEqual(
            self.run_cli("map", "blocks", picture, "--out", out, "--set", "hard=true")[0], 0
        )
        self.assertEqual(read_picture(out).shape, (128, 192, 3))
        self.refused(
            "must be one of edges, outline, .* got 'wool'", "map", "wool", picture, "--out", out
        )
        self.refused("options.low", "map", "edges", picture, "--out", out, "--set", "low=7")

    def test_without_a_display_the_window_says_so(self):
        with mock.patch.dict(os.environ):
            for name in ("DISPLAY", "WAYLAND_DISPLAY", "QT_QPA_PLATFORM"):
                os.environ.pop(name, None)
            self.refused("DISPLAY or WAYLAND_DISPLAY must name a display")

    def test_an_interrupt_ends_with_3_and_no_picture(self):
        out = self.folder / "out.png"
        recipe = self.write_recipe(size=[768, 512], steps=200)
        command = [sys.executable, "-m", "overlay", "render", str(recipe), "--out", str(out)]
        for wait in (0.4, 3):  # while the engine is loaded, and while it runs
            # Tests that a shell runs in the background are deaf to interrupts; this is not to be.
            heeding = partial(signal.signal, signal.SIGINT, signal.SIG_DFL)
            run = subprocess.Popen(command, stderr=subprocess.PIPE, text=True, preexec_fn=heeding)
            time.sleep(wait)
            run.send_signal(signal.SIGINT)
            _, err = run.communicate(timeout=60)
            self.assertEqual((run.returncode, err.strip()), (3, "stopped"), wait)
            self.assertFalse(out.exists())

    def test_an_interrupt_within_code_that_a_library_makes_ends_with_3_too(self):
        self.assert_stopped("exec('raise KeyboardInterrupt')")

    def test_an_interrupt_while_a_class_is_made_ends_with_3_too(self):
        name = "lambda self, owner, name: exec('raise KeyboardInterrupt')"
        self.assert_stopped(f"type('A', (), {{'a': type('N', (), {{'__set_name__': {name}}})()}})")

    def assert_stopped(self, doing: str) -> None:
        """That the command says so where this stands for its parser."""
        stopped = f"cli._parser = lambda said: {doing}"
        module = f"import sys; from overlay import cli; {stopped}; sys.exit(cli.main([]))"
        (self.folder / "stopper.py").write_text(module)
        paths = os.pathsep.join((str(self.folder), str(Path(__file__).parents[1])))
        run = subprocess.run(
            [sys.executable, "-m", "stopper"], capture_output=True, text=True,
            env=os.environ | {"PYTHONPATH": paths},
        )  # fmt: skip
        self.assertEqual((run.returncode, run.stderr.strip()), (3, "stopped"))

    def test_a_file_to_open_must_be_there(self):
        self.refused(
            "none.overlay: no such file",
            "open",
            self.folder / "none.overlay",
        )

    def test_masks_are_written_and_refused(self):
        out, picture = self.folder / "mask.png", self.folder / "mill.png"
        for what in ("sky", "subject", "near", "#97adca~20"):
            self.assertEqual(self.run_cli("mask", picture, "--pick", what, "--out", out)[0], 0)
            self.assertEqual(read_grey(out).shape, (128, 192))
        write_parts(picture, np.arange(2)[None].repeat(2, axis=0), ["sky", "mill"])
        for what in ("like@0.5,0.1", "inside@0.5,0.1", "dark", "depth~20-60", "part mill"):
            self.assertEqual(self.run_cli("mask", picture, "--pick", what, "--out", out)[0], 0)
        np.testing.assert_array_equal(read_grey(out), [[0, 1], [0, 1]])
        write_picture(picture, np.full((60, 90, 3), (120, 80, 40), np.uint8))
        code, _, said = self.run_cli("mask", picture, "--pick", "sky", "--out", out)
        self.assertEqual((code, read_grey(out).max()), (0, 0))
        self.assertIn("mill.png: no sky found; the mask is empty", said)
        write_parts(picture, np.arange(2)[None].repeat(2, axis=0), ["sky", "mill"])
        self.refused(
            r"--pick: part must be one of those drawn there \(sky, mill\), got 'cat'",
            "mask", picture, "--pick", "part cat", "--out", out,
        )  # fmt: skip
        self.refused(
            "--pick: pick must be one of subject", "mask", picture, "--pick", "zzkqx", "--out", out
        )
        self.refused(
            "ending must be .png",
            "mask",
            picture,
            "--pick",
            "sky",
            "--out",
            out.with_suffix(".jpg"),
        )
