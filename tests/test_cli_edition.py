import contextlib
import io
import json
import zipfile

from overlay.cli import main
from overlay.document.reading import read_recipe
from overlay.imaging.files import read_picture
from tests.workspace import WorkspaceTest


class EditionCommandTest(WorkspaceTest):
    def run_cli(self, *arguments) -> tuple[int, str]:
        err = io.StringIO()
        with contextlib.redirect_stderr(err):
            code = main(["edition", *map(str, arguments)])
        return code, err.getvalue()

    def write(self, **keys):
        path = self.folder / "set.json"
        rows = [{"source": "mill.png"}, {"source": "stripes.png"}]
        path.write_text(json.dumps({"overlay": 1, "recipe": self.recipe(), "rows": rows} | keys))
        return path

    def test_an_edition_is_pictures_report_contact_sheet_and_archive(self):
        out = self.folder / "out"
        code, err = self.run_cli(
            self.write(name="{n:02}-{source}"), "--out", out, "--report", self.folder / "r.json",
            "--contact", self.folder / "c.pdf", "--zip", self.folder / "z.zip", "--quiet",
        )  # fmt: skip
        self.assertEqual((code, err), (0, ""))
        names = ["01-mill.png", "02-stripes.png", "edition.json"]
        self.assertEqual(sorted(p.name for p in out.iterdir()), names)
        self.assertEqual(zipfile.ZipFile(self.folder / "z.zip").namelist(), names)
        self.assertTrue((self.folder / "c.pdf").read_bytes().startswith(b"%PDF"))
        report = json.loads((self.folder / "r.json").read_text())
        self.assertEqual(set(report), {"rows", "evenness", "sameness", "sets"})
        self.assertEqual(set(report["rows"][0]), {"row", "file", "recipe_hash", "seconds", "error"})
        self.assertTrue(0 <= report["evenness"] <= 100)
        carried = read_recipe(out / "02-stripes.png")
        self.assertEqual((carried.source, carried.even.amount), ("../stripes.png", 0.35))

    def test_a_row_is_what_render_gives(self):
        out, single = self.folder / "out", self.folder / "single.png"
        self.run_cli(self.write(), "--out", out, "--quiet")
        with contextlib.redirect_stderr(io.StringIO()):
            main(["render", str(out / "01.png"), "--out", str(single), "--quiet"])
        self.assertEqual(read_picture(out / "01.png").tobytes(), read_picture(single).tobytes())

    def test_a_row_added_later_fits_until_it_is_found_anew(self):
        out = self.folder / "out"
        self.run_cli(self.write(), "--out", out, "--quiet")
        before = (out / "01.png").read_bytes()
        rows = [{"source": n} for n in ("mill.png", "stripes.png", "paint.png")]
        self.run_cli(self.write(rows=rows), "--out", out, "--quiet")
        self.assertEqual((out / "01.png").read_bytes(), before)
        self.assertEqual(len(list(out.glob("*.png"))), 3)
        self.run_cli(self.write(rows=rows), "--out", out, "--anew", "--quiet")
        self.assertNotEqual((out / "01.png").read_bytes(), before)

    def test_some_that_fail_end_with_four_all_with_one(self):
        rows = [{"source": "mill.png"}, {"source": "gone.png"}]
        code, err = self.run_cli(self.write(rows=rows), "--out", self.folder / "o", "--quiet")
        self.assertEqual(code, 4)
        self.assertRegex(err, r"^overlay: row 2: .*gone\.png: no such file\n$")
        code, _ = self.run_cli(self.write(rows=rows[1:]), "--out", self.folder / "p", "--quiet")
        self.assertEqual(code, 1)

    def test_what_is_wrong_is_one_line_and_nothing_is_written(self):
        out = self.folder / "out"
        for keys, options, pattern in (
            ({"rows": []}, (), "set.json: rows: must be at least one"),
            ({"rows": "none.csv"}, (), "none.csv: no such file"),
            ({"recipe": "none.json"}, (), "none.json: no such file"),
            ({"recipe": 3}, (), "recipe: must be an object or a file, got 3"),
            ({"cross": [["seed"]]}, (), r"cross.0: must be a column and its values"),
            ({}, ("--workers", 0), "--workers: workers must be 1 to 256, got 0"),
            ({}, ("--contact", self.folder / "c.jpg"), "the ending must be .png or .pdf"),
            ({}, ("--report", self.folder / "no" / "r.json"), "its folder must exist"),
        ):
            with self.subTest(pattern):
                code, err = self.run_cli(self.write(**keys), "--out", out, "--quiet", *options)
                self.assertEqual((code, err.count("\n")), (2, 1))
                self.assertRegex(err, pattern)
                self.assertFalse(out.exists())

    def test_no_source_is_written_over(self):
        edition = self.write(name="{source}")
        code, err = self.run_cli(edition, "--out", self.folder, "--quiet")
        self.assertEqual(code, 2)
        self.assertIn("must not hold the edition's files", err)
