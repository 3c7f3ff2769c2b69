"""Project files: there and back, salvaged when damaged, refused when hostile."""

import io
import json
import random
import zipfile
from pathlib import Path

from overlay.document.project import ProofMark, State
from overlay.document.reading import make_recipe, read_recipe
from overlay.document.sets.sheets import Axis, ProofSheet
from overlay.document.text.json_text import RecipeError
from overlay.imaging.files import read_picture
from overlay.imaging.intake import PictureError
from overlay.studio.bench.bench import Bench
from overlay.studio.inputs.folders import data_folder, shelf_folder
from overlay.studio.inputs.paths import absolute_recipe, input_paths
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.keeping.files.container import lend_proofs, read_container, write_container
from overlay.studio.keeping.shelf import ProofShelf
from overlay.studio.making.hashing import hash_recipe
from overlay.studio.runs.pull import pull_proof
from tests.workspace import WorkspaceTest


class ContainerTest(WorkspaceTest):
    def setUp(self):
        super().setUp()
        cues = [
            {"name": "paint", "reference": "paint.png", "region": "sky"},
            {"name": "not", "avoided": "stripes.png"},
            {"name": "lines", "guide": "edges", "of": "paint.png"},
        ]
        path = self.write_recipe(regions={"sky": {"mask": "sky.png"}}, cues=cues)
        self.recipe = absolute_recipe(read_recipe(path), self.folder)
        tray = tuple(self.folder / n for n in ("mill.png", "paint.png", "stripes.png"))
        self.state = State(self.recipe, tray)
        self.path = self.folder / "almanac.overlay"

    def repack(self, change) -> Path:
        """The project file with its entries, a dict of bytes, changed."""
        write_container(self.path, self.state)
        with zipfile.ZipFile(self.path) as container:
            entries = {name: container.read(name) for name in container.namelist()}
        change(entries)
        with zipfile.ZipFile(self.path, "w") as container:
            for name, data in entries.items():
                container.writestr(name, data)
        return self.path

    def change_project(self, **changes) -> Path:
        def change(entries):
            entries["project.json"] = json.dumps(json.loads(entries["project.json"]) | changes)

        return self.repack(change)

    def test_proofs_are_lent_to_another_place_and_what_is_there_stays(self):
        shelf, to = ProofShelf(self.folder / "shelf"), self.folder / "elsewhere"
        pull_proof(self.recipe, shelf, PictureStore())
        kept = sorted(p for p in shelf.folder.iterdir() if len(p.stem) == 64)
        to.mkdir()
        (to / kept[0].name).write_bytes(b"its own")
        (shelf.folder / "notes.txt").write_text("no proof")
        lend_proofs(shelf, to)
        self.assertEqual(sorted(p.name for p in to.iterdir()), [p.name for p in kept])
        self.assertEqual((to / kept[0].name).read_bytes(), b"its own")
        for path in kept[1:]:
            self.assertEqual((to / path.name).read_bytes(), path.read_bytes())

    def test_there_and_back(self):
        write_container(self.path, self.state)
        opened = read_container(self.path)
        self.assertEqual(opened.missing, ())
        self.assertEqual(hash_recipe(opened.state.recipe), hash_recipe(self.recipe))
        self.assertEqual(len(opened.state.tray), 3)
        for path in (*input_paths(opened.state.recipe), *opened.state.tray):
            self.assertTrue(Path(path).is_relative_to(data_folder() / "opened"))
            self.assertTrue(Path(path).exists())
        picture = read_picture(Path(opened.state.recipe.source))
        self.assertTrue((picture == read_picture(self.folder / "mill.png")).all())

    def test_pictures_come_back_under_their_own_names_even_where_two_are_called_alike(self):
        other = self.folder / "other"
        other.mkdir()
        (other / "mill.png").write_bytes((self.folder / "paint.png").read_bytes())
        write_container(
            self.path, State(self.recipe, (self.folder / "mill.png", other / "mill.png"))
        )
        first, second = read_container(self.path).state.tray
        self.assertEqual((first.name, second.name), ("mill.png", "mill.png"))
        self.assertNotEqual(first.read_bytes(), second.read_bytes())

    def test_a_name_without_a_number_or_of_dots_stays_within(self):
        names = ("pictures/plain.png", "pictures/000-..", "pictures/001-.", "pictures/7-x.png")

        def change(entries):
            mill = entries["pictures/000-mill.png"]
            entries.update(dict.fromkeys(names, mill))
            data = json.loads(entries["project.json"])
            entries["project.json"] = json.dumps(data | {"tray": [*data["tray"], *names]})

        opened = read_container(self.repack(change))
        for name, path in zip(names, opened.state.tray[3:], strict=True):
            self.assertEqual(path.name, name.removeprefix("pictures/"))
            self.assertTrue(path.is_file() and data_folder() / "opened" in path.resolve().parents)

    def test_the_same_project_gives_the_same_bytes(self):
        write_container(self.path, self.state)
        first = self.path.read_bytes()
        write_container(self.path, self.state)
        self.assertEqual(self.path.read_bytes(), first)

    def test_proofs_travel_with_it_if_asked(self):
        shelf = ProofShelf(self.folder / "shelf")
        proof = pull_proof(self.recipe, shelf, PictureStore())
        write_container(self.path, self.state, shelf)
        opened = read_container(self.path)
        there = ProofShelf(shelf_folder(self.path))
        found = there.find(hash_recipe(opened.state.recipe))
        self.assertTrue((found.picture == proof.picture).all())
        self.assertEqual(found.measures, proof.measures)

    def test_a_picture_that_is_gone_is_named_and_the_rest_is_saved(self):
        (self.folder / "sky.png").unlink()
        (self.folder / "stripes.png").unlink()
        (self.folder / "stripes.png").symlink_to("/dev/zero")
        stamp, left_out = write_container(self.path, self.state)
        self.assertEqual(stamp[1], self.path.stat().st_size)
        self.assertEqual(len(left_out), 2)
        self.assertIn("sky.png: no such file", left_out[0])
        self.assertIn("stripes.png: must be a regular file, got a device", left_out[1])
        opened = read_container(self.path)
        self.assertEqual([name[-11:] for name in opened.missing], ["001-sky.png", "stripes.png"])
        self.assertTrue(opened.state.recipe.regions["sky"].mask.endswith("001/sky.png"))
        self.assertEqual(len(opened.state.tray), 3)

    def test_saved_again_and_again_it_gives_the_same_bytes(self):
        write_container(self.path, self.state)
        first = self.path.read_bytes()
        for _ in range(3):
            write_container(self.path, read_container(self.path).state)
            self.assertEqual(self.path.read_bytes(), first)

    def test_long_and_strange_names_open_again(self):
        names = [
            "x" * 246 + ".png",
            "é" * 120 + ".png",
            "a\nb.png",
            "e\u0301.png",
            "\U0001f58c" * 60 + ".png",
        ]
        for name in names:
            (self.folder / name).write_bytes((self.folder / "mill.png").read_bytes())
        state = State(self.recipe, tuple(self.folder / name for name in names))
        write_container(self.path, state)
        opened = read_container(self.path)
        self.assertEqual(opened.missing, ())
        for path in opened.state.tray:
            self.assertLessEqual(len(path.name.encode()), 110)
            self.assertTrue(path.name.endswith(".png"))
            self.assertEqual(read_picture(path).shape, (128, 192, 3))

    def test_what_could_not_be_read_again_is_not_written(self):
        write_container(self.path, self.state)
        before = self.path.read_bytes()
        many = State(self.recipe, tuple(self.folder / f"{i}.png" for i in range(4096)))
        notes = {f"{i:064x}": ProofMark(note="ü" * 10_000) for i in range(900)}
        for state, words in (
            (many, "may hold 4096 files"),
            (State(self.recipe, marks=notes), "may have"),
        ):
            with self.subTest(words), self.assertRaisesRegex(PictureError, words):
                write_container(self.path, state)
            self.assertEqual(self.path.read_bytes(), before)

    def test_a_long_note_and_a_thousand_like_strokes_are_readable(self):
        stroke = {"points": [[0.5, 0.5]] * 4000}
        cue = {"name": "pen", "guide": "lines", "of": "blank", "strokes": [stroke] * 45}
        recipe = make_recipe({"overlay": 1, "departure": 1.0, "cues": [cue]}, "test")
        marks = {"a" * 64: ProofMark(note="n" * 20_000)}
        write_container(self.path, State(recipe, marks=marks))
        opened = read_container(self.path)
        self.assertEqual(opened.state.recipe, recipe)
        self.assertEqual(len(opened.state.marks["a" * 64].note), 10_000)

    def test_what_is_missing_is_named_and_the_rest_opens(self):
        gone = []

        def drop(entries):
            gone.append(next(name for name in entries if name.endswith("sky.png")))
            del entries[gone[0]]

        opened = read_container(self.repack(drop))
        self.assertEqual(opened.missing, tuple(gone))
        self.assertEqual(opened.state.recipe.seed, self.recipe.seed)

    def test_refusals_name_file_key_and_what_was_found(self):
        recipe = json.loads(json.dumps({"overlay": 1}))
        cases = [
            ({"overlay_project": 2}, "overlay_project: must be 1, got 2; .* newer Overlay"),
            ({"overlay_project": "x"}, "overlay_project: must be 1"),
            ({"colour": 1}, "colour: unknown key"),
            ({"tray": ["../up.png"]}, "tray.0: "),
            ({"tray": ["/etc/passwd"]}, "tray.0: "),
            ({"recipe": recipe | {"source": "/etc/passwd"}}, "must lie in pictures/, got '/etc"),
            ({"recipe": recipe | {"source": "pictures/../../x"}}, "must lie in pictures/"),
            ({"recipe": recipe | {"seed": -1}}, "seed: must be greater"),
            ({"recipe": 3}, "recipe: "),
        ]
        for changes, message in cases:
            with self.subTest(changes), self.assertRaisesRegex(RecipeError, message) as caught:
                read_container(self.change_project(**changes))
            self.assertNotIn("\n", str(caught.exception))
            self.assertIn("almanac.overlay", str(caught.exception))

    def test_entries_that_climb_out_are_never_written(self):
        evil = self.folder / "evil.png"

        def plant(entries):
            entries["../../../../../../../../" + str(evil)] = b"x"
            entries["pictures/../../evil.png"] = b"x"
            entries["proofs/../evil.json"] = b"x"

        before = set(self.folder.rglob("*")) | {self.path}
        read_container(self.repack(plant))
        self.assertEqual(set(self.folder.rglob("*")), before)

    def test_bombs_and_crowds_are_refused(self):
        buffer = io.BytesIO()
        with zipfile.ZipFile(buffer, "w", zipfile.ZIP_DEFLATED) as container:
            container.writestr("project.json", b" " * 8_000_000)
        self.path.write_bytes(buffer.getvalue())
        with self.assertRaisesRegex(RecipeError, "packed beyond belief"):
            read_container(self.path)
        with zipfile.ZipFile(self.path, "w") as container:
            for i in range(4100):
                container.writestr(str(i), b"")
        with self.assertRaisesRegex(RecipeError, "may have 4096 entries, got 4100"):
            read_container(self.path)

    def test_a_list_of_entries_that_would_fill_the_memory_is_not_read(self):
        write_container(self.path, self.state)
        data = bytearray(self.path.read_bytes())
        at = data.rfind(b"PK\5\6") + 12
        data[at : at + 4] = (5 << 20).to_bytes(4, "little")
        self.path.write_bytes(bytes(data))
        with self.assertRaisesRegex(RecipeError, "got a list of 5242880 bytes"):
            read_container(self.path)

    def test_devices_are_refused(self):
        self.path.symlink_to("/dev/zero")
        with self.assertRaisesRegex(RecipeError, "must be a regular file, got a device"):
            read_container(self.path)

    def test_300_damaged_files_open_or_are_refused_in_one_line(self):
        write_container(self.path, self.state)
        whole = self.path.read_bytes()
        rng = random.Random(4)
        places = set(self.folder.rglob("*"))
        refused = 0
        for number in range(300):
            data = bytearray(whole)
            if number % 3 == 0:
                data = data[: rng.randrange(len(data))]
            else:
                # The directory and the JSON are hit more often than the pixels.
                reach = 900 if number % 3 == 1 else len(data)
                for _ in range(rng.randrange(1, 12)):
                    data[-rng.randrange(1, reach)] = rng.randrange(256)
            self.path.write_bytes(bytes(data))
            try:
                read_container(self.path)
            except RecipeError as error:
                refused += 1
                self.assertNotIn("\n", str(error))
        self.assertGreater(refused, 100)
        self.assertEqual(set(self.folder.rglob("*")), places)


class SheetsTest(WorkspaceTest):
    def test_sheets_go_with_the_project_and_their_pictures_with_them(self):
        path = self.write_recipe()
        bench = Bench()
        bench.open(path)
        recipe = bench.project.recipe
        axis = Axis(key="cues.paint.reference", values=(str(self.folder / "stripes.png"),))
        sheet = ProofSheet(name="manners", across=axis, recipe=recipe)
        bench.project.edit("Sheet", sheets=(sheet,))
        packed = self.folder / "p.overlay"
        write_container(packed, bench.project.state)
        [read] = read_container(packed).state.sheets
        [picture] = read.across.values
        self.assertNotEqual(Path(picture).parent, self.folder)
        self.assertEqual(Path(picture).read_bytes(), (self.folder / "stripes.png").read_bytes())
        self.assertEqual(read.recipe.source, read_container(packed).state.recipe.source)

    def test_a_sheet_that_is_no_sheet_is_refused_with_its_key(self):
        bench = Bench()
        bench.open(self.write_recipe())
        path = self.folder / "p.overlay"
        write_container(path, bench.project.state)
        with zipfile.ZipFile(path) as container:
            entries = {name: container.read(name) for name in container.namelist()}
        data = json.loads(entries["project.json"])
        data["sheets"] = [
            {"name": "s", "across": {"key": "seed", "values": []}, "recipe": data["recipe"]}
        ]
        entries["project.json"] = json.dumps(data).encode()
        with zipfile.ZipFile(path, "w") as container:
            for name, content in entries.items():
                container.writestr(name, content)
        with self.assertRaisesRegex(RecipeError, "sheets.0.across.values"):
            read_container(path)
