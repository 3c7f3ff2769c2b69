import csv
import io
import tempfile
import unittest
from pathlib import Path

import numpy as np
from PIL import Image

from overlay.document.reading import make_recipe
from overlay.document.sets.sheets import Axis, ProofSheet
from overlay.imaging.intake import PictureError
from overlay.studio.sheets.figures import (
    decimals,
    flat_measures,
    measure_keys,
    measure_title,
    ranks,
    sheet_table,
    unbeaten,
)
from overlay.studio.sheets.page import Filled, axis_labels, default_pair, write_page
from tests.pictures import blobs

CELLS = {
    (0, 0): {"style_match.tile": 20.0, "structure_kept": 80.0, "rash": 3.0},
    (0, 1): {"style_match.tile": 50.0, "structure_kept": 60.0, "rash": 1.0},
    (1, 0): {"style_match.tile": 40.0, "structure_kept": 55.0, "rash": 1.0},
    (1, 1): {"style_match.tile": 70.0, "structure_kept": 60.0, "rash": 9.0},
}


def sheet(name: str = "test") -> ProofSheet:
    recipe = make_recipe(
        {"overlay": 1, "source": "/a.png", "cues": [{"name": "$x$", "reference": "/=b.png"}]}, "t"
    )
    return ProofSheet(
        name=name,
        across=Axis(key="cues.$x$.reference", values=("/p/=b.png", "/p/c.png")),
        down=Axis(key="departure", values=(0.3, 0.6)),
        recipe=recipe,
    )


class FiguresTest(unittest.TestCase):
    def test_measures_go_by_dotted_keys(self):
        flat = flat_measures(
            {"style_match": {"tile": 3}, "structure_kept": 5, "contour_correlation": 1}
        )
        self.assertEqual(flat["style_match.tile"], 3.0)
        self.assertEqual(measure_title("style_match.tile"), "Style match, tile")
        self.assertEqual(measure_keys({(0, 0): flat})[-1], "contour_correlation")

    def test_ranks_run_from_worst_to_best_and_equal_ones_share(self):
        self.assertEqual(
            ranks(CELLS, "style_match.tile"), {(0, 0): 0, (1, 0): 1 / 3, (0, 1): 2 / 3, (1, 1): 1}
        )
        self.assertEqual(ranks(CELLS, "structure_kept")[0, 1], ranks(CELLS, "structure_kept")[1, 1])
        rash = ranks(CELLS, "rash")  # of which less is better
        self.assertLess(rash[1, 1], rash[0, 0])
        self.assertLess(rash[0, 0], rash[0, 1])
        self.assertEqual(ranks(CELLS, "depth_kept"), {})

    def test_figures_have_as_many_decimals_as_tell_cells_apart(self):
        for values, wanted in (((20, 50.4), 1), ((20, 21), 1), ((20, 20.9), 2), ((0.1, 0.19), 3),
                               ((0.1, 0.2), 2), ((5, 5), 1), ((7,), 1)):  # fmt: skip
            cells = {(0, i): {"rash": value} for i, value in enumerate(values)}
            self.assertEqual(decimals(cells, "rash"), wanted, values)
        self.assertEqual(decimals({(0, 0): {}}, "rash"), 1)

    def test_the_unbeaten_are_beaten_by_nobody_in_both(self):
        best = unbeaten(CELLS, "style_match.tile", "structure_kept")
        self.assertEqual(best, [(0, 0), (1, 1)])  # (0, 1) is as good in one and worse in the other
        self.assertEqual(unbeaten(CELLS, "style_match.tile", "rash"), [(0, 1), (1, 1)])
        self.assertEqual(unbeaten({}, "a", "b"), [])

    def test_what_is_plotted_first_is_style_against_structure(self):
        self.assertEqual(default_pair(measure_keys(CELLS)), ("style_match.tile", "structure_kept"))
        self.assertEqual(default_pair(["rash", "softness"]), ("rash", "softness"))
        self.assertIsNone(default_pair(["rash"]))

    def test_the_table_has_settings_measures_and_faults_and_no_formula(self):
        cells = {k: v for k, v in CELLS.items() if k != (1, 0)}
        text = sheet_table(sheet(), cells, {(1, 0): "c.png: no such file"})
        rows = list(csv.DictReader(io.StringIO(text)))
        self.assertEqual([r["row"] + r["column"] for r in rows], ["11", "12", "21", "22"])
        self.assertEqual(rows[1]["cues.$x$.reference"], "/p/c.png")
        self.assertEqual(rows[3]["departure"], "0.6")
        self.assertEqual(rows[3]["style_match.tile"], "70.0")
        self.assertEqual((rows[2]["rash"], rows[2]["fault"]), ("", "c.png: no such file"))
        words = sheet().model_copy(update={"across": Axis(key="blend", values=("=1+1", "mix"))})
        self.assertIn("'=1+1", sheet_table(words, {}, {}))


class PageTest(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)
        pictures = {place: blobs(i + 1) for i, place in enumerate(CELLS) if place != (1, 0)}
        self.filled = Filled(
            sheet=sheet("a $ sign"),
            pictures=pictures,
            figures={k: v for k, v in CELLS.items() if k in pictures},
            faults={(1, 0): "c.png: no such file"},
            hashes={(0, 0): "ab" * 32},
        )

    def test_labels_say_shares_in_percent_and_files_by_name(self):
        self.assertEqual(axis_labels(sheet(), sheet().across), ["=b.png", "c.png"])
        self.assertEqual(axis_labels(sheet(), sheet().down), ["30 %", "60 %"])

    def test_every_picture_stands_in_its_place(self):
        path = self.folder / "sheet.png"
        write_page(path, self.filled, width=192)
        page = np.asarray(Image.open(path).convert("RGB")).astype(int)
        places = {}
        for place, picture in self.filled.pictures.items():
            corner = picture[:40, :40].astype(int)
            near = np.argwhere(abs(page[:-40, :-40] - corner[0, 0]).max(axis=2) < 3)
            hits = [(y, x) for y, x in near if abs(page[y : y + 40, x : x + 40] - corner).max() < 3]
            self.assertEqual(len(hits), 1, place)
            places[place] = hits[0]
        self.assertEqual(places[0, 0][0], places[0, 1][0])
        self.assertLess(places[0, 0][1], places[0, 1][1])
        self.assertLess(places[0, 1][0], places[1, 1][0])

    def test_the_same_sheet_gives_the_same_bytes(self):
        for ending in (".png", ".pdf"):
            paths = [self.folder / f"{n}{ending}" for n in (1, 2)]
            for path in paths:
                write_page(path, self.filled)
            self.assertEqual(*(p.read_bytes() for p in paths))
            self.assertGreater(len(paths[0].read_bytes()), 10_000)

    def test_other_endings_and_endless_pages_are_refused(self):
        with self.assertRaisesRegex(PictureError, r"the ending must be .png or .pdf, got '.jpg'"):
            write_page(self.folder / "a.jpg", self.filled)
        with self.assertRaisesRegex(PictureError, "a page may have 64 megapixels, got"):
            write_page(self.folder / "a.png", self.filled, width=8000)
        self.assertEqual(list(self.folder.iterdir()), [])
