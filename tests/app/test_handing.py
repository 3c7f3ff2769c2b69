from unittest import mock

import numpy as np
from PIL import Image

from overlay.app.handing import desk as handing
from overlay.app.handing.export_dialog import KINDS, ExportDialog
from overlay.app.handing.print_dialog import PrintDialog
from overlay.handing.openraster import Layer, write_openraster
from overlay.imaging.files import read_picture, read_recipe_text
from tests.app.harness import WindowTest
from tests.pictures import blobs


class HandingTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.desk = self.window.house.handing
        self.window.house.puller.pull()
        self.settle()

    def dialog(self, kind: type):
        """The one that is open."""
        self.settle()
        return next(d for d in self.window.findChildren(kind) if d.isVisible())

    def saved_as(self, name: str):
        return mock.patch.object(handing, "ask_save", return_value=self.folder / name)

    def test_export_with_options_offers_what_a_format_can_hold(self):
        self.desk.ask_export()
        dialog = self.dialog(ExportDialog)
        for number, kind in enumerate(KINDS):
            dialog.kind.setCurrentIndex(number)
            self.assertFalse(dialog.colours.isEnabled())  # the source has no profile
            card = "card" in kind.text
            self.assertEqual(dialog.dpi.isEnabled(), not card and kind.ending != ".webp")
        dialog.kind.setCurrentText("TIFF, 16 bit")
        dialog.creator.setText("Mallow Press")
        dialog.dpi.setValue(240)
        with self.saved_as("a.tif"):
            dialog.go.click()
            self.settle()
        with Image.open(self.folder / "a.tif") as image:
            self.assertEqual([round(float(d)) for d in image.info["dpi"]], [240, 240])
        self.assertIsNotNone(read_recipe_text(self.folder / "a.tif"))
        self.assertIn(b"Mallow Press", (self.folder / "a.tif").read_bytes())
        self.assertEqual(self.window.floor.settings.creator, "Mallow Press")
        self.assertIn("Wrote", self.status)

    def test_every_kind_is_written(self):
        for number, kind in enumerate(KINDS):
            self.desk.ask_export()
            dialog = self.dialog(ExportDialog)
            dialog.kind.setCurrentIndex(number)
            name = f"out{number}{kind.ending}"
            with self.saved_as(name):
                dialog.go.click()
                self.settle()
            self.assertGreater((self.folder / name).stat().st_size, 500, kind.text)
            if kind.ending == ".ora":
                self.assertEqual(read_picture(self.folder / name).shape, (64, 96, 3))

    def test_a_layer_of_a_layered_picture_becomes_one_of_its_own(self):
        path = self.folder / "layers.ora"
        proof = self.bench.proof
        write_openraster(path, proof.picture, [Layer("all", proof.picture), Layer("inks", blobs())])
        gathering, tray = self.window.house.gathering, self.window.house.tray
        gathering.add_to_tray([path])
        self.settle()
        self.assertIn("Take one layer…", [a.text() for a in tray.menu_of(path).actions()])
        self.assertNotIn(
            "Take one layer…", [a.text() for a in tray.menu_of(self.folder / "mill.png").actions()]
        )
        menu = gathering.layer_menu(path, ["all", "inks"])
        menu.actions()[1].trigger()
        self.settle()
        np.testing.assert_array_equal(read_picture(self.bench.project.state.tray[-1]), blobs())

    def test_print_says_which_pass_leads_there_and_adds_it(self):
        self.desk.ask_print()
        dialog = self.dialog(PrintDialog)
        dialog.paper.setCurrentText("A6")
        dialog.paper.activated.emit(0)
        self.assertEqual((dialog.wide.value(), dialog.high.value()), (148.0, 105.0))
        dialog.dpi.setValue(60)
        self.assertIn("enlarge 3.88x", dialog.says.text())
        self.assertTrue(dialog.enlarge.isVisible())
        dialog.enlarge.click()
        self.settle()
        [added] = self.bench.project.recipe.passes
        self.assertEqual((added.kind, added.factor), ("enlarge", 3.88))

    def test_print_writes_a_pdf_of_the_sheet_that_is_shown(self):
        self.desk.ask_print()
        dialog = self.dialog(PrintDialog)
        dialog.wide.setValue(120)
        self.assertEqual(dialog.paper.currentText(), "Other")
        dialog.columns.setValue(20)
        dialog.rows.setValue(20)
        self.assertFalse(dialog.bleed.isEnabled())
        dialog.high.setValue(10)
        self.assertIn("must leave room", dialog.says.text())
        self.assertFalse(dialog.go.isEnabled())
        dialog.high.setValue(80)
        dialog.columns.setValue(1)
        dialog.rows.setValue(1)
        dialog.bleed.setValue(3)
        self.assertEqual(dialog.view.sheet.trim, (120.0, 80.0))
        with self.saved_as("a.pdf"):
            dialog.go.click()
            self.settle()
        self.assertIn(b"/TrimBox", (self.folder / "a.pdf").read_bytes())

    def test_several_proofs_of_the_drawer_lie_on_one_sheet(self):
        self.bench.change_recipe("Seed", seed=5)
        self.window.house.puller.pull()
        self.settle()
        self.window.floor.go_to("drawer")
        self.settle()
        self.window.house.drawer.list.selectAll()
        self.desk.ask_print()
        dialog = self.dialog(PrintDialog)
        self.assertEqual(len(dialog.view.images), 2)
        dialog.reject()

    def test_without_a_proof_it_is_said(self):
        self.window.open_path(self.write_recipe("other.json", seed=77))
        self.settle()
        for do in (self.desk.ask_print, self.desk.ask_export):
            self.window.house.stage.status.say("")
            do()
            self.assertIn("no proof to hand on", self.status)

    def test_a_full_disk_leaves_nothing_and_is_said(self):
        self.desk.ask_export()
        dialog = self.dialog(ExportDialog)
        with (
            self.saved_as("a.png"),
            mock.patch("os.fsync", side_effect=OSError(28, "No space left")),
        ):
            dialog.go.click()
            self.settle()
        self.assertFalse((self.folder / "a.png").exists())
        self.assertIn("cannot be written", self.status)
