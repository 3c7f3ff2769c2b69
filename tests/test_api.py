import os
import re
from contextlib import redirect_stderr, redirect_stdout
from io import StringIO
from pathlib import Path

import numpy as np

import overlay
from overlay.cli import main
from overlay.engine.control import CancelledError
from overlay.handing.openraster import read_layer
from overlay.imaging.files import read_picture, write_picture
from overlay.imaging.formats.openraster import layer_names
from tests.pictures import manner, scene
from tests.workspace import WorkspaceTest

PAGE = Path(__file__).parents[1] / "docs" / "python.md"


class ApiTest(WorkspaceTest):
    def test_a_recipe_is_rendered_from_a_file_from_data_and_with_changes(self):
        path = self.write_recipe()
        first = overlay.render(path)
        self.assertEqual(first.size, (96, 64))
        self.assertEqual(first.picture.dtype, np.uint8)
        data = overlay.render(self.recipe(), folder=self.folder)
        np.testing.assert_array_equal(first.picture, data.picture)
        np.testing.assert_array_equal(first.picture, overlay.render(first.recipe).picture)
        changed = overlay.render(path, changes={"cues.paint.weight": 0.2, "departure": 0.4})
        self.assertEqual((changed.recipe.departure, changed.recipe.cues[0].weight), (0.4, 0.2))
        self.assertIsNotNone(first.trace)

    def test_a_saved_proof_is_opened_again_with_its_recipe(self):
        proof = overlay.render(self.write_recipe())
        for name in ("a.png", "a.tif", "a.webp"):
            proof.save(self.folder / name, dpi=300, creator="Ada")
            again = overlay.open(self.folder / name)
            self.assertEqual(again.recipe, proof.recipe)
        np.testing.assert_array_equal(overlay.open(self.folder / "a.png").picture, proof.picture)
        kept = overlay.open(self.folder / "a.png").measures
        self.assertAlmostEqual(kept["structure_kept"], proof.measures["structure_kept"], delta=0.01)

    def test_it_is_a_picture_in_notebooks_and_for_pillow(self):
        proof = overlay.render(self.write_recipe())
        self.assertTrue(proof._repr_png_().startswith(b"\x89PNG"))
        self.assertEqual(proof.image.size, (96, 64))
        proof.image.putpixel((0, 0), (1, 2, 3))
        self.assertNotEqual(proof.picture[0, 0].tolist(), [1, 2, 3])
        self.assertEqual(repr(proof), "Proof(96x64, seed 0, 2 cues)")

    def test_maps_masks_and_enlarging_take_files_and_arrays(self):
        edges = overlay.map("edges", self.folder / "mill.png", low=0.1)
        self.assertEqual((edges.shape, edges.dtype), ((128, 192), np.float32))
        np.testing.assert_array_equal(edges, overlay.map("edges", scene(), low=0.1))
        sky = overlay.mask(self.folder / "mill.png", "sky")
        self.assertGreater(sky[:20].mean(), 0.5)
        self.assertEqual(overlay.enlarge(scene(), 1.5).shape, (192, 288, 3))

    def test_what_is_wrong_is_said_in_a_line(self):
        for do, said in (
            (lambda: overlay.map("edgy", scene()), "map: must be one of edges"),
            (lambda: overlay.map("edges", scene(), lo=1), "map edges: .*lo"),
            (lambda: overlay.mask(scene(), "sky:"), "pick: "),
            (lambda: overlay.enlarge(scene(), 5), "factor: must be 1 to 4, got 5"),
            (lambda: overlay.enlarge(scene()[..., 0]), "picture: must be .H, W, 3. uint8"),
            (lambda: overlay.render({"sed": 1}), "recipe: sed: unknown key"),
            (lambda: overlay.render(self.write_recipe(), stage=1), "stage: must be 0 to 0, got 1"),
            (lambda: overlay.render(self.write_recipe(), changes={"a.b": 1}), "a: unknown key; allowed are overlay"),
            (lambda: overlay.open(self.folder / "mill.png"), "must carry a recipe"),
            (lambda: overlay.nothing, "has no attribute 'nothing'"),
        ):  # fmt: skip
            with (
                self.subTest(said=said),
                self.assertRaisesRegex((ValueError, AttributeError), said),
            ):
                do()

    def test_progress_may_stop_it(self):
        def stop(_share: float, _stage: str) -> None:
            raise CancelledError

        with self.assertRaises(CancelledError):
            overlay.render(self.write_recipe(), progress=stop)

    def test_layers_hold_the_stages(self):
        path = self.write_recipe(passes=[{"kind": "enlarge"}])
        proof = overlay.render(path)
        proof.save(self.folder / "a.ora")
        names = layer_names(self.folder / "a.ora")
        self.assertEqual(names, ["the whole picture", "0: base", "guide: contours", "source"])
        np.testing.assert_array_equal(read_picture(self.folder / "a.ora"), proof.picture)
        self.assertEqual(read_layer(self.folder / "a.ora", "0: base").shape, (128, 192, 3))
        proof.save_card(self.folder / "card.pdf", title="Mill")
        self.assertTrue((self.folder / "card.pdf").exists())


class PageTest(WorkspaceTest):
    def test_the_examples_of_the_page_run(self):
        blocks = re.findall(r"```python\n(.*?)```", PAGE.read_text(), re.DOTALL)
        self.assertEqual(len(blocks), 5)
        write_picture(self.folder / "felt.png", manner("felt"))
        self.write_recipe("almanac.json")
        before = Path.cwd()
        os.chdir(self.folder)
        self.addCleanup(os.chdir, before)
        with redirect_stdout(StringIO()):
            self.run_blocks(blocks)

    def run_blocks(self, blocks: list[str]) -> None:
        known: dict[str, object] = {}
        for block in blocks:
            exec(compile(block, str(PAGE), "exec"), known)


class CommandTest(WorkspaceTest):
    def run_main(self, *arguments: object) -> tuple[int, str]:
        with redirect_stderr(StringIO()) as said:
            code = main([str(a) for a in arguments])
        return code, said.getvalue()

    def test_enlarge_writes_a_larger_picture(self):
        out = self.folder / "out.png"
        code, _ = self.run_main(
            "enlarge", self.folder / "mill.png", "--factor", 2, "--out", out, "--quiet"
        )
        self.assertEqual((code, read_picture(out).shape), (0, (256, 384, 3)))
        for factor in (0.5, 4.5):
            code, said = self.run_main(
                "enlarge",
                self.folder / "mill.png",
                "--factor",
                factor,
                "--out",
                self.folder / "x.png",
            )
            self.assertEqual(
                (code, said), (2, f"overlay: --factor: must be 1 to 4, got {factor:g}\n")
            )
        self.assertFalse((self.folder / "x.png").exists())

    def test_export_writes_every_kind_and_refuses_in_one_line(self):
        proof = self.folder / "proof.png"
        self.assertEqual(
            main(["render", str(self.write_recipe()), "--out", str(proof), "--quiet"]), 0
        )
        for arguments in (
            ("--as", "ora", "--out", "a.ora"), ("--out", "b.ora"), ("--as", "pdf", "--out", "a.pdf"),
            ("--as", "card", "--out", "card.png"), ("--out", "a.tif", "--depth", "16", "--dpi", "300"),
            ("--out", "a.pdf", "--paper", "100x150", "--bleed", "3"),
        ):  # fmt: skip
            name = arguments[arguments.index("--out") + 1]
            given = [self.folder / a if a == name else a for a in arguments]
            self.assertEqual(self.run_main("export", proof, *given), (0, ""), arguments)
            self.assertTrue((self.folder / name).exists())
        self.assertEqual(
            self.run_main(
                "export", self.folder / "a.ora", "--layer", "source", "--out", self.folder / "l.png"
            )[0],
            0,
        )
        for arguments, wrong in (
            (("--as", "ora", "--out", "c.png"), "the ending must be .ora, got '.png'"),
            (("--as", "pdf", "--out", "c.pdf", "--paper", "B9"), "--paper: must be A6, A5"),
            (("--as", "pdf", "--out", "c.pdf", "--grid", "2"), "must be columns and rows as 2x3"),
            (("--as", "pdf", "--out", "c.pdf", "--bleed", "99"), "bleed must be 0 to 50 mm, got 99"),
            (("--out", "c.jpg", "--depth", "16"), "16 bits need PNG or TIFF, got JPEG"),
            (("--out", "c.png", "--depth", "9"), "depth must be 8 or 16 bits, got 9"),
        ):  # fmt: skip
            name = arguments[arguments.index("--out") + 1]
            given = [self.folder / a if a == name else a for a in arguments]
            code, said = self.run_main("export", proof, *given)
            self.assertEqual((code, said.count("\n")), (2, 1), said)
            self.assertIn(wrong, said)
            self.assertFalse((self.folder / name).exists())
