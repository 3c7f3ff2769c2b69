import json
import os
import unittest
import zipfile
from unittest.mock import patch

import numpy as np

from overlay.document.cues import ReferenceCue
from overlay.document.project import Project, State
from overlay.document.reading import make_recipe, recipe_json
from overlay.document.recipe import Recipe
from overlay.document.taught import Taught
from overlay.document.text.json_text import RecipeError
from overlay.imaging.files import cut_out_png, read_cut_out, write_grey8, write_picture
from overlay.imaging.intake import PictureError
from overlay.studio.bench.bench import Bench
from overlay.studio.inputs.paths import absolute_recipe, input_paths, relative_recipe
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.inputs.teaching import taught_from_files, with_alpha
from overlay.studio.inputs.uses import uses_of
from overlay.studio.keeping.differences import differences
from overlay.studio.keeping.files.container import read_container, write_container
from overlay.studio.keeping.files.lexicon import (
    TABLE,
    forget_all,
    lexicon_folder,
    pack_lexicon,
    read_lexicon,
    teach_all,
    unpack_lexicon,
)
from overlay.studio.keeping.files.own_words import in_place
from overlay.studio.making.groundwork import Groundwork
from overlay.studio.making.hashing import hash_recipe
from overlay.studio.making.laying import lay_canvas
from overlay.studio.making.proofs import make_proof
from tests.words.test_cutouts import disc
from tests.workspace import WorkspaceTest


class TeachingTest(WorkspaceTest):
    def setUp(self):
        super().setUp()
        home = patch.dict(os.environ, {"XDG_DATA_HOME": str(self.folder / "home")})
        home.start()
        self.addCleanup(home.stop)
        (self.folder / "disc.png").write_bytes(cut_out_png(disc()))

    def taught(self, word="tollgig", **keys):
        return taught_from_files(word, [self.folder / "disc.png"], **keys)

    def made(self, *taught, **keys):
        plain = [one.model_dump(mode="json") for one in taught]
        data = self.recipe(source=None, taught=plain, cues=[], **keys)
        return absolute_recipe(make_recipe(data, "r"), self.folder)

    def look(self):
        cue = ReferenceCue(name="tile", reference=str(self.folder / "paint.png"), weight=0.6)
        return Taught(word="tilework", kind="look", cues=(cue,))


class RecipeTest(TeachingTest):
    def test_a_taught_word_is_drawn_and_its_mask_known(self):
        recipe = self.made(self.taught(), prompt="tollgig, meadow")
        canvas = lay_canvas(recipe, PictureStore())
        self.assertIn("tollgig", canvas.known)
        self.assertGreater(canvas.known["tollgig"].mean(), 0.02)
        with self.assertRaisesRegex(RecipeError, "every word must be known, got 'tollgig'"):
            lay_canvas(self.made(prompt="tollgig, meadow"), PictureStore())

    def test_the_proof_carries_it_and_comes_out_the_same(self):
        recipe = self.made(self.taught(), prompt="tollgig, meadow", steps=4)
        first, second = (make_proof(recipe, PictureStore()).picture for _ in range(2))
        self.assertEqual(first.tobytes(), second.tobytes())
        again = make_recipe(json.loads(recipe_json(recipe)), "r")
        self.assertEqual(again.taught, recipe.taught)

    def test_only_what_is_said_counts_for_the_hash(self):
        plain = self.made(prompt="heron")
        self.assertEqual(hash_recipe(self.made(self.taught(), prompt="heron")), hash_recipe(plain))
        here = [self.made(self.taught(height=h), prompt="tollgig") for h in (1.0, 2.0)]
        self.assertNotEqual(*map(hash_recipe, here))

    def test_its_files_move_with_the_recipe_and_are_named(self):
        recipe = self.made(self.taught(), self.look(), prompt="tollgig")
        self.assertEqual(len(input_paths(recipe)), 2)
        there = absolute_recipe(relative_recipe(recipe, self.folder), self.folder)
        self.assertEqual(there, recipe)
        self.assertIn(["the word tollgig"], uses_of(recipe).values())

    def test_a_project_holds_its_words(self):
        state = State(self.made(self.taught(), prompt="tollgig"))
        write_container(self.folder / "a.overlay", state)
        read = read_container(self.folder / "a.overlay").state.recipe
        self.assertEqual(read.taught[0].word, "tollgig")
        picture = read_cut_out(read.taught[0].pictures[0])
        np.testing.assert_array_equal(picture, read_cut_out(state.recipe.taught[0].pictures[0]))

    def test_differences_say_which_words(self):
        bare, full = self.made(prompt="heron"), self.made(self.taught(), prompt="heron")
        self.assertEqual(differences(bare, full), ["“tollgig” taught"])
        self.assertEqual(differences(full, bare), ["“tollgig” no longer taught"])

    def test_refuses_in_one_line(self):
        cases = {
            "red, blue": "must be one to four plain words",
            "two": "must be one to four plain words",
            "at left": "must be one to four plain words",
            "a": "must have 2 to 40 characters, got 1",
            "50%": "must be one to four plain words",
        }
        for word, said in cases.items():
            with self.subTest(word), self.assertRaisesRegex(RecipeError, f"taught.0.word: {said}"):
                self.made(self.taught().model_copy(update={"word": word}))
        with self.assertRaisesRegex(RecipeError, "pictures must hold at least one"):
            self.made(Taught.model_construct(word="tollgig", kind="subject"))
        with self.assertRaisesRegex(RecipeError, "taught once, got 'tollgig' twice"):
            self.made(self.taught(), self.taught())
        with self.assertRaisesRegex(RecipeError, "taught.0.heigth: unknown key"):
            make_recipe(self.recipe(taught=[{"word": "x y", "heigth": 1}]), "r")


class PickTest(TeachingTest):
    def setUp(self):
        super().setUp()
        rng = np.random.default_rng(1)
        picture = np.full((96, 144, 3), (70, 110, 170), np.uint8)
        straw = (np.array([190, 160, 80]) + 45 * rng.standard_normal((96, 48, 1))).clip(0, 255)
        picture[:, :48] = straw.astype(np.uint8)
        write_picture(self.folder / "field.png", picture)
        mask = np.zeros((96, 144), np.float32)
        mask[:, :48] = 1
        write_grey8(self.folder / "straw.png", mask)
        self.inside = mask > 0

    def straw(self):
        path = self.folder / "field.png"
        return taught_from_files("chaffling", [path], kind="area", mask=self.folder / "straw.png")

    def mask(self, pick, *taught):
        plain = [one.model_dump(mode="json") for one in taught]
        data = self.recipe(source="field.png", taught=plain, regions={"r": {"pick": pick}}, cues=[])
        recipe = absolute_recipe(make_recipe(data, "r"), self.folder)
        return Groundwork(recipe, PictureStore()).masks["r"]

    def test_a_taught_area_is_picked_by_its_name(self):
        found = self.mask("chaffling", self.straw())
        wide = found.shape[1] // 3
        self.assertGreater(found[:, : wide - 6].mean(), 0.9)
        self.assertLess(found[:, wide + 6 :].mean(), 0.05)
        self.assertEqual(self.mask("chaffling at right", self.straw()).max(), 0)

    def test_a_pick_of_words_nobody_taught_is_refused(self):
        with self.assertRaisesRegex(RecipeError, r"regions\.r\.pick: .*got 'chaffling'"):
            self.mask("chaffling")

    def test_an_area_must_be_told_from_the_rest(self):
        with self.assertRaisesRegex(PictureError, "transparency or a mask, got neither"):
            taught_from_files("chaffling", [self.folder / "field.png"], kind="area")
        wrong = self.folder / "sky.png"
        with self.assertRaisesRegex(PictureError, "its picture's proportions"):
            taught_from_files("sky", [self.folder / "disc.png"], kind="area", mask=wrong)

    def test_a_surface_before_a_thing_lends_its_colour(self):
        red = np.full((64, 64, 3), (190, 40, 40), np.uint8)
        write_picture(self.folder / "red.png", red)
        one = taught_from_files("rust glaze", [self.folder / "red.png"], kind="surface")
        prompt = "{} barn, meadow"
        shown = []
        for said in ("", "rust glaze"):
            recipe = self.made(one, prompt=prompt.format(said), size=[144, 96])
            scene = lay_canvas(recipe, PictureStore()).words
            shown.append(scene.plain[scene.masks["barn"] > 0].mean(axis=0))
        redness = [rgb[0] - rgb[1] for rgb in shown]
        self.assertGreater(redness[1], redness[0] + 10)


class CutOutFilesTest(TeachingTest):
    def test_without_transparency_what_stands_out_is_taken(self):
        picture = np.full((80, 120, 3), 225, np.uint8)
        picture[20:70, 40:80] = (160, 40, 30)
        write_picture(self.folder / "plain.png", picture)
        one = taught_from_files("red tin", [self.folder / "plain.png"])
        covered = read_cut_out(one.pictures[0])[..., 3] > 127
        self.assertGreater(covered[24:66, 44:76].mean(), 0.95)
        self.assertLess(covered[:, :30].mean(), 0.02)
        flat = np.full((80, 120, 3), 225, np.uint8)
        write_picture(self.folder / "flat.png", flat)
        with self.assertRaisesRegex(PictureError, "nothing stands out"):
            taught_from_files("red tin", [self.folder / "flat.png"])

    def test_a_mask_lies_over_the_pictures_own_transparency(self):
        mask = np.zeros((64, 64), np.float32)
        mask[:, :32] = 1
        cut = with_alpha(disc(), mask)
        self.assertEqual(cut[32, 40, 3], 0)
        self.assertEqual(cut[32, 20, 3], 255)
        self.assertEqual(cut[0, 0, 3], 0)


class LexiconTest(TeachingTest):
    def test_words_for_all_projects_are_kept_replaced_and_forgotten(self):
        self.assertEqual(read_lexicon(), ())
        teach_all([self.taught(height=1.4), self.look()])
        teach_all([self.taught(height=0.9, belongs="table")])
        read = {one.word: one for one in read_lexicon()}
        self.assertEqual(list(read), ["tilework", "tollgig"])
        self.assertEqual((read["tollgig"].height, read["tollgig"].belongs), (0.9, "table"))
        self.assertEqual(read["tilework"].cues[0].weight, 0.6)
        forget_all(["tilework"])
        self.assertEqual([one.word for one in read_lexicon()], ["tollgig"])

    def test_a_zip_takes_them_elsewhere_to_the_byte(self):
        words = [self.taught(height=1.4), self.look()]
        pack_lexicon(self.folder / "w.zip", words)
        first = (self.folder / "w.zip").read_bytes()
        pack_lexicon(self.folder / "w.zip", words)
        self.assertEqual((self.folder / "w.zip").read_bytes(), first)
        with patch.dict(os.environ, {"XDG_DATA_HOME": str(self.folder / "other")}):
            there = {one.word: one for one in unpack_lexicon(self.folder / "w.zip")}
        self.assertEqual(there["tollgig"].height, 1.4)
        self.assertIn("other", there["tollgig"].pictures[0])
        np.testing.assert_array_equal(
            read_cut_out(there["tollgig"].pictures[0]), read_cut_out(words[0].pictures[0])
        )

    def test_hostile_files_are_refused_by_line(self):
        good = "tollgig\tsubject\theight=1 pictures=a.png\tground\n"
        cases = {
            "x y\tsubject\tpictures=../../a.png\tground": "files must have plain names",
            "x y\tsubject\tpictures=/etc/passwd\tground": "files must have plain names",
            "x y\tbeast\tpictures=a.png\t": "kind: must be 'subject', 'area'",
            "x y\tsubject\theight=tall pictures=a.png\t": 'height must be a number, got "tall"',
            "x y\tsubject\theight=1e9 pictures=a.png\t": "height: must be less than or equal to 200",
            "x y\tsubject\tpictures=a.png\tmoon": "belongs: must be",
            "x y\tlook\tcues=a.json\t": "must be a list of cues",
            good + good: "line 2: every word must be taught once",
        }
        folder = lexicon_folder()
        folder.mkdir(parents=True)
        (folder / "a.json").write_text('{"cues": 1}')
        for text, said in cases.items():
            (folder / TABLE).write_text(text)
            with self.subTest(text), self.assertRaises(RecipeError) as caught:
                read_lexicon()
            self.assertIn(said, str(caught.exception))
            self.assertIn("taught.tsv: line", str(caught.exception))
            self.assertEqual(str(caught.exception).count("\n"), 0)

    def test_damaged_and_bursting_archives_are_refused(self):
        path = self.folder / "w.zip"
        path.write_bytes(b"PK\3\4 no more")
        with self.assertRaisesRegex(RecipeError, "must be a lexicon"):
            unpack_lexicon(path)
        with zipfile.ZipFile(path, "w", zipfile.ZIP_DEFLATED) as archive:
            archive.writestr(TABLE, "x" * 5_000_000)
        with self.assertRaisesRegex(RecipeError, "packed beyond belief"):
            unpack_lexicon(path)
        with zipfile.ZipFile(path, "w") as archive:
            archive.writestr("other.txt", "x")
        with self.assertRaisesRegex(RecipeError, "must hold taught.tsv, got none"):
            unpack_lexicon(path)


class TakenInTest(TeachingTest):
    def test_only_words_that_lead_nowhere_else_come_in_by_themselves(self):
        teach_all([self.taught(), self.taught("heron"), self.look()])
        recipe = Recipe.model_validate({"overlay": 1, "prompt": "tollgig, heron, tilework"})
        there = in_place(recipe, self.folder)
        self.assertEqual([one.word for one in there.taught], ["tollgig", "tilework"])
        self.assertEqual([cue.name for cue in there.cues], ["tile"])
        self.assertEqual(in_place(there, self.folder), there)  # and no second time

    def test_the_bench_brings_a_looks_cues_in_once_and_in_one_step(self):
        bench = Bench(Project(State(Recipe())))
        bench.write_prompt("Words", ["tollgig", "tilework"], [self.taught(), self.look()])
        recipe = bench.project.recipe
        self.assertEqual([c.name for c in recipe.cues], ["tile"])
        self.assertEqual(recipe.unknown, "refuse")
        bench.change_recipe("Remove", cues=[])
        bench.write_prompt("Words", ["tollgig", "tilework", "dusk"])
        self.assertEqual(bench.project.recipe.cues, ())  # what was taken away stays away
        bench.write_prompt("Words", ["dusk"])
        bench.write_prompt("Words", ["dusk", "tilework"])
        self.assertEqual([c.name for c in bench.project.recipe.cues], ["tile"])
        for _ in range(5):
            bench.project.undo()
        self.assertEqual(bench.project.recipe, Recipe())

    def test_teaching_and_forgetting_are_steps(self):
        bench = Bench(Project(State(Recipe(departure=1.0))))
        bench.write_prompt("Words", ["tollgig"])
        self.assertEqual(bench.project.recipe.unknown, "skip")
        bench.teach(self.taught())
        self.assertEqual(bench.project.recipe.unknown, "refuse")
        self.assertFalse(bench.reading.unknown)
        bench.forget("tollgig")
        self.assertEqual(bench.project.recipe.unknown, "skip")
        bench.project.undo()
        self.assertEqual([one.word for one in bench.project.recipe.taught], ["tollgig"])


if __name__ == "__main__":
    unittest.main()
