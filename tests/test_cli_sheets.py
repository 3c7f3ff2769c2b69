import contextlib
import csv
import io
import json

from PIL import Image

from overlay.cli import main
from overlay.document.reading import read_recipe
from tests.workspace import WorkspaceTest


class SheetCommandTest(WorkspaceTest):
    def run_cli(self, *arguments: str) -> tuple[int, str, str]:
        out, err = io.StringIO(), io.StringIO()
        with contextlib.redirect_stdout(out), contextlib.redirect_stderr(err):
            code = main([*map(str, arguments)])
        return code, out.getvalue(), err.getvalue()

    def test_a_sheet_is_a_page_cells_and_a_table(self):
        recipe, cells = self.write_recipe(), self.folder / "cells"
        code, _, err = self.run_cli(
            "sheet", recipe, "--across", "cues.paint.reference=paint.png,stripes.png",
            "--down", "departure=0.3:0.9:3", "--out", self.folder / "sheet.pdf",
            "--csv", self.folder / "sheet.csv", "--cells", cells, "--quiet",
        )  # fmt: skip
        self.assertEqual((code, err), (0, ""))
        self.assertTrue((self.folder / "sheet.pdf").read_bytes().startswith(b"%PDF"))
        self.assertEqual(
            sorted(p.name for p in cells.iterdir()),
            ["1-1.png", "1-2.png", "2-1.png", "2-2.png", "3-1.png", "3-2.png"],
        )
        carried = read_recipe(cells / "2-2.png")
        self.assertEqual((carried.departure, carried.cues[0].reference), (0.6, "../stripes.png"))
        rows = list(csv.DictReader((self.folder / "sheet.csv").open()))
        self.assertEqual([r["departure"] for r in rows], ["0.3", "0.3", "0.6", "0.6", "0.9", "0.9"])
        self.assertGreater(float(rows[0]["structure_kept"]), float(rows[4]["structure_kept"]))

    def test_a_cell_is_what_render_gives(self):
        recipe, cells = self.write_recipe(), self.folder / "cells"
        self.run_cli(
            "sheet", recipe, "--across", "cues.contours.leave=0.6,1", "--out",
            self.folder / "s.png", "--cells", cells, "--size", "whole",
        )  # fmt: skip
        single = self.folder / "single.png"
        self.run_cli("render", recipe, "--set", "cues.contours.leave=0.6", "--out", single)
        pixels = [Image.open(p).tobytes() for p in (cells / "1-1.png", single)]
        self.assertEqual(*pixels)

    def test_other_cells_go_on_where_one_cannot_be(self):
        code, _, err = self.run_cli(
            "sheet", self.write_recipe(), "--across", "cues.paint.reference=gone.png,stripes.png",
            "--out", self.folder / "s.png", "--csv", self.folder / "s.csv",
        )  # fmt: skip
        self.assertEqual(code, 1)
        self.assertRegex(err, r"^overlay: cell 1-1: .*gone\.png: no such file\n$")
        rows = list(csv.DictReader((self.folder / "s.csv").open()))
        self.assertIn("no such file", rows[0]["fault"])
        self.assertNotEqual(rows[1]["structure_kept"], "")

    def test_refusals_are_one_line_and_write_nothing(self):
        recipe, out = self.write_recipe(), self.folder / "s.png"
        before = sorted(self.folder.iterdir())
        for arguments in (
            ("sheet", recipe, "--across", "departure=0.2,7", "--out", out),
            ("sheet", recipe, "--across", "cues.no.weight=1,2", "--out", out),
            ("sheet", recipe, "--across", "departure=0:1:30", "--down", "seed=1:30:30", "--out", out),
            ("sheet", recipe, "--across", "departure=0.2,0.3", "--out", self.folder / "s.jpg"),
            ("sheet", recipe, "--across", "departure=0.2,0.3", "--out", self.folder / "mill.png"),
            ("sheet", recipe, "--across", "departure=0.2,0.3", "--out", out, "--size", "big"),
            ("sheet", recipe, "--across", "departure=0.2,0.3", "--out", out, "--cells", recipe),
            ("hunt", recipe, "--seeds", "1", "--out", out),
            ("hunt", recipe, "--seeds", "4", "--stray", "2", "--out", out),
            ("meet", recipe, "--set", "blend", "--target", "structure_kept=5", "--out", "m.json"),
            ("meet", recipe, "--set", "departure", "--target", "near", "--out", "m.json"),
            ("meet", recipe, "--set", "departure", "--target", "none=5", "--out", self.folder / "m.json"),
            ("meet", recipe, "--set", "departure", "--target", "rash=5", "--out", self.folder / "m.png"),
        ):  # fmt: skip
            with self.subTest(arguments=arguments[1:]):
                code, _, err = self.run_cli(*arguments)
                self.assertEqual((code, err.count("\n")), (2, 1), err)
                self.assertEqual(sorted(self.folder.iterdir()), before)

    def test_a_hunt_is_a_strip_of_seeds(self):
        cells = self.folder / "cells"
        code, _, _ = self.run_cli(
            "hunt", self.write_recipe(seed=5), "--seeds", "3", "--stray", "0.3",
            "--out", self.folder / "h.png", "--cells", cells,
        )  # fmt: skip
        self.assertEqual(code, 0)
        strayed = read_recipe(cells / "1-3.png")
        self.assertEqual((strayed.seed, strayed.stray.seed, strayed.stray.amount), (5, 207, 0.3))

    def test_meeting_writes_the_recipe_and_tells_its_trials(self):
        recipe, out = self.write_recipe(), self.folder / "met.json"
        code, said, err = self.run_cli(
            "meet", recipe, "--set", "departure", "--target", "structure_kept>=70", "--out", out
        )
        self.assertEqual(code, 0, err)
        trials = [json.loads(line) for line in said.splitlines()]
        self.assertLessEqual(len(trials), 7)
        met = read_recipe(out)
        self.assertEqual(met.cues[0].reference, "paint.png")
        best = next(t for t in trials if t["value"] == met.departure)
        self.assertGreaterEqual(best["measures"]["structure_kept"], 70)

    def test_a_target_out_of_reach_writes_nothing_and_says_what_can_be(self):
        out = self.folder / "met.json"
        code, _, err = self.run_cli(
            "meet", self.write_recipe(), "--set", "cues.contours.weight", "--quiet",
            "--target", "structure_kept=99.9", "--out", out,
        )  # fmt: skip
        self.assertEqual(code, 1)
        self.assertRegex(err, "cannot reach structure kept 99.9: it gives")
        self.assertFalse(out.exists())


class SearchTest(WorkspaceTest):
    """The way of an artist who looks for a balance, at the command line."""

    def test_from_a_sheet_to_full_size(self):
        recipe = self.write_recipe(size=[192, 128])
        cells, met, proof = (self.folder / n for n in ("cells", "met.json", "proof.png"))
        manners = "cues.paint.reference=paint.png,stripes.png"
        steps = (
            ("sheet", recipe, "--across", manners, "--down", "departure=0.4,0.7",
             "--out", self.folder / "s.png", "--cells", cells, "--size", "96x64", "--quiet"),
            ("meet", cells / "2-2.png", "--set", "cues.contours.weight", "--target",
             "structure_kept<=100", "--out", met, "--quiet"),
            ("render", met, "--set", "size=[192,128]", "--out", proof, "--quiet"),
        )  # fmt: skip
        for step in steps:
            self.assertEqual(main([*map(str, step)]), 0)
        carried = read_recipe(proof)
        self.assertEqual(carried.cues[0].reference, "stripes.png")
        self.assertEqual((carried.departure, carried.size), (0.7, (192, 128)))
