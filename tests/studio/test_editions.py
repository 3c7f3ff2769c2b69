import json
import os
import tempfile
import unittest
from pathlib import Path
from unittest import mock

import numpy as np

from overlay.document.project import State
from overlay.document.reading import make_recipe
from overlay.document.sets.editions import Edition
from overlay.document.text.json_text import RecipeError
from overlay.document.text.packed import unpack_colours
from overlay.engine.control import CancelledError, Control
from overlay.imaging.colour import srgb_to_work
from overlay.imaging.files import read_picture, write_picture
from overlay.measures.sameness import sameness, turned
from overlay.studio.editions import edits
from overlay.studio.editions.contact import Printed, write_contact
from overlay.studio.editions.crews import Alone, Processes
from overlay.studio.editions.folder import EditionFolder
from overlay.studio.editions.job import rows_of
from overlay.studio.editions.naming import check_name, file_names
from overlay.studio.editions.pulling import pull_edition
from overlay.studio.editions.reading import edition_text, make_edition, read_edition
from overlay.studio.editions.rows import blanks, check_edition, row_recipe
from overlay.studio.editions.sharing import find_colours
from overlay.studio.editions.tables import lines_as_rows
from overlay.studio.inputs.paths import absolute_recipe
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.keeping.files.container import read_container, write_container
from overlay.studio.keeping.files.edition_data import made_editions, plain_editions
from overlay.studio.making.hashing import hash_recipe
from overlay.studio.making.proofs import make_proof
from tests.pictures import blobs, stripes
from tests.workspace import WorkspaceTest


class EditionTest(WorkspaceTest):
    def file(self, **keys) -> Path:
        path = self.folder / "edition.json"
        path.write_text(json.dumps({"overlay": 1, "recipe": self.recipe()} | keys))
        return path

    def edition(self, **keys) -> Edition:
        return read_edition(self.file(**keys))

    def refused(self, pattern: str, **keys) -> None:
        with self.assertRaisesRegex(RecipeError, pattern):
            self.edition(**keys)


WORDS = {"source": None, "prompt": "$thing at left, canal, $hour", "cues": []}


class RowTest(EditionTest):
    def test_rows_lay_their_values_over_the_recipe_and_others_keep_its_own(self):
        edition = self.edition(rows=[{"departure": 0.3, "seed": 5}, {"cues.0.weight": 0.25}])
        first, second = (row_recipe(edition, i) for i in (0, 1))
        self.assertEqual((first.departure, first.seed, first.cues[0].weight), (0.3, 5, 1.0))
        self.assertEqual((second.departure, second.seed, second.cues[0].weight), (0.7, 0, 0.25))
        self.assertEqual(edition.columns, ("departure", "seed", "cues.paint.weight"))

    def test_crossed_columns_change_the_first_slowest(self):
        edition = self.edition(
            rows=[{"seed": 1}, {"seed": 2}],
            cross=[["departure", 0.3, 0.6], ["cues.paint.weight", 0.5, 1]],
        )
        self.assertEqual(edition.count, 8)
        values = [tuple(edition.values(i).values()) for i in range(8)]
        self.assertEqual(values[:3], [(1, 0.3, 0.5), (1, 0.3, 1), (1, 0.6, 0.5)])
        self.assertEqual(values[4], (2, 0.3, 0.5))
        self.assertEqual([tuple(r.values()) for r in edition.written_out().rows], values)

    def test_a_blank_is_filled_in_words_avoided_ones_picks_and_names_alike(self):
        recipe = self.recipe(**WORDS | {"avoid": "$thing far"}, regions={"it": {"pick": "$thing"}})
        edition = self.edition(
            recipe=recipe, rows=[{"thing": "heron", "hour": "dawn"}], name="{n:03}-{thing}"
        )
        self.assertEqual(blanks(edition.recipe), ["thing", "hour"])
        made = row_recipe(edition, 0)
        self.assertEqual(made.prompt, "heron at left, canal, dawn")
        self.assertEqual((made.avoid, made.regions["it"].pick), ("heron far", "heron"))
        self.assertEqual([r.name for r in rows_of(edition)], ["001-heron"])

    def test_a_row_may_have_a_prompt_of_its_own_with_blanks_in_it(self):
        edition = self.edition(
            recipe=self.recipe(source=None, prompt="lock", cues=[]),
            rows=[{"prompt": "$thing, quay", "thing": "barge"}, {"prompt": "heron"}],
        )
        self.assertEqual([row_recipe(edition, i).prompt for i in (0, 1)], ["barge, quay", "heron"])

    def test_what_no_row_could_be_made_of_is_refused_by_row_and_column(self):
        self.refused("rows: must be at least one, got none", rows=[])
        self.refused(r"rows\.2: must have a column, got none", rows=[{"seed": 1}, {}])
        self.refused(r"rows\.1: departure: must be 0 to 1, got 3", rows=[{"departure": 3}])
        self.refused(r'\(departure.*got "departur"', rows=[{"departur": 0.5}])
        words = self.recipe(**WORDS)
        self.refused(r"rows\.1: \$hour must be given", recipe=words, rows=[{"thing": "heron"}])
        both = {"thing": "heron, gull", "hour": "dawn"}
        self.refused(r"rows\.1: thing: must be one phrase", recipe=words, rows=[both])
        self.refused("allowed are overlay, title", rows=[{"seed": 1}], evn=1)
        self.refused("even: .*less than or equal to 1, got 2", rows=[{"seed": 1}], even=2)
        self.refused("seed in both", rows=[{"seed": 1}], cross=[["seed", 1, 2]])
        clash = self.recipe(source=None, prompt="$seed, canal", cues=[])
        self.refused("may not be called as a setting, got", recipe=clash, rows=[{"seed": 1}])

    def test_an_edition_goes_to_a_file_and_comes_back(self):
        edition = self.edition(
            rows=[{"source": "stripes.png"}, {"source": "mill.png"}],
            cross=[["cues.paint.reference", "paint.png", "stripes.png"]], even=0.5,
        )  # fmt: skip
        (self.folder / "sub").mkdir()
        path = self.folder / "sub" / "again.json"
        path.write_text(edition_text(edition, path.parent))
        self.assertIn('"../stripes.png"', path.read_text())
        self.assertEqual(read_edition(path), edition)

    def test_ten_thousand_rows_are_read_one_more_is_refused(self):
        table = self.folder / "rows.csv"
        table.write_text("seed\n" + "\n".join(map(str, range(10_000))))
        edition = self.edition(rows="rows.csv")
        self.assertEqual((edition.count, row_recipe(edition, 9999).seed), (10_000, 9999))
        table.write_text(table.read_text() + "\n10000\n")
        self.refused(r"rows\.csv: rows: may have 10000 entries, got more", rows="rows.csv")


class TableTest(EditionTest):
    def rows(self, text: str) -> tuple:
        (self.folder / "t.csv").write_text(text)
        return self.edition(rows="t.csv").rows

    def test_cells_are_values_files_and_words_and_empty_ones_say_nothing(self):
        rows = self.rows("source;departure;cues.0.mirror\nstripes.png;0.25;no\n;0.5;\n\n")
        file = str(self.folder / "stripes.png")
        self.assertEqual(rows[0], {"source": file, "departure": 0.25, "cues.paint.mirror": False})
        self.assertEqual(rows[1:], ({"departure": 0.5},))

    def test_a_table_that_is_none_is_refused_by_its_line(self):
        for text, pattern in (
            ("seed,departure\n1,0.5\n2\n", r"t\.csv:3: must have 2 columns, got 1"),
            ("seed,\n1,2\n", r"t\.csv:1: every column must be named"),
            ("seed,seed\n1,2\n", r"t\.csv:1: a column may stand once"),
            ('seed\n"1\n', r"t\.csv:2: must be CSV"),
        ):
            with self.subTest(text), self.assertRaisesRegex(RecipeError, pattern):
                self.rows(text)

    def test_a_folder_gives_its_pictures_in_the_order_of_their_numbers(self):
        shots = self.folder / "shots"
        shots.mkdir()
        for name in ("shot 10.png", "shot 9.png"):
            write_picture(shots / name, blobs())
        (shots / "notes.txt").write_text("no picture")
        names = [Path(row["source"]).name for row in self.edition(rows="shots").rows]
        self.assertEqual(names, ["shot 9.png", "shot 10.png"])

    def test_pasted_lines_are_words_of_a_column_or_a_table(self):
        recipe = make_recipe(self.recipe(**WORDS), "x")
        self.assertEqual(
            lines_as_rows("heron\n gull \n", recipe, "thing"),
            [{"thing": "heron"}, {"thing": "gull"}],
        )
        table = lines_as_rows("$thing,hour\nheron,dawn\n", recipe, "thing")
        self.assertEqual(table, [{"thing": "heron", "hour": "dawn"}])
        with self.assertRaisesRegex(RecipeError, "no column they could go to"):
            lines_as_rows("heron", recipe, "")


class NameTest(unittest.TestCase):
    def names(self, pattern: str, *rows) -> list[str]:
        return list(file_names(pattern, iter(rows)))

    def test_values_stand_in_names_files_without_their_folder_and_equal_ones_get_a_number(self):
        rows = [{"source": "/a/b/Lock 1.png"}, {"source": "/c/lock 1.jpg"}]
        self.assertEqual(self.names("{source}", *rows), ["Lock 1", "lock 1-2"])
        self.assertEqual(self.names("{n:03}", *rows), ["001", "002"])

    def test_no_name_leaves_its_folder_or_is_hidden_or_empty(self):
        names = self.names(
            "{a}", {"a": "../../etc/passwd"}, {"a": ".hidden"}, {"a": "///"}, {"a": "x" * 500}
        )
        self.assertEqual(names[:3], ["etc-passwd", "hidden", "03"])
        self.assertEqual(len(names[3]), 120)

    def test_a_pattern_must_name_what_rows_have(self):
        check_name("{n:02}-{thing}", ("thing",))
        for pattern in ("{other}", "{n:x}", "{thing:2}", "{n", "{thing.__class__}"):
            with self.subTest(pattern), self.assertRaisesRegex(RecipeError, "^name: "):
                check_name(pattern, ("thing",))


class EditTest(EditionTest):
    def setUp(self):
        super().setUp()
        self.two = self.edition(rows=[{"seed": 1}, {"seed": 2}])

    def test_a_columns_values_fill_rows_in_order_and_make_more(self):
        made = edits.with_column(self.two, "departure", [0.2, 0.4, 0.6])
        self.assertEqual(
            made.rows,
            ({"seed": 1, "departure": 0.2}, {"seed": 2, "departure": 0.4}, {"departure": 0.6}),
        )

    def test_crossing_makes_one_of_rows_that_differ_in_nothing_else(self):
        both = self.edition(rows=[{"seed": s, "departure": d} for s in (1, 2) for d in (0.3, 0.6)])
        made = edits.crossed(both, "departure")
        self.assertEqual(made.rows, ({"seed": 1}, {"seed": 2}))
        self.assertEqual([made.values(i) for i in range(4)], [both.values(i) for i in range(4)])
        with self.assertRaisesRegex(RecipeError, "two values at least"):
            edits.crossed(self.edition(rows=[{"seed": 1}]), "seed")

    def test_an_edit_of_one_picture_writes_the_crossing_out(self):
        made = edits.crossed(edits.with_column(self.two, "departure", [0.2, 0.4]), "departure")
        changed = edits.with_value(made, 1, "cues.0.weight", 0.5)
        self.assertEqual((changed.count, changed.cross), (4, ()))
        self.assertEqual(changed.rows[1], {"seed": 1, "departure": 0.4, "cues.paint.weight": 0.5})
        self.assertEqual(edits.own_columns(changed), ["cues.paint.weight"])
        plain = edits.without_value(changed, [0, 1, 2, 3], "cues.paint.weight")
        self.assertEqual(plain.rows, made.written_out().rows)

    def test_another_seed_is_the_picked_ones_alone(self):
        made = edits.reseeded(self.two, [1])
        self.assertEqual(made.rows[0], {"seed": 1})
        self.assertNotEqual(made.rows[1], {"seed": 2})

    def test_a_value_that_is_none_changes_nothing(self):
        with self.assertRaisesRegex(RecipeError, "row 2: departure: must be 0 to 1, got 4"):
            edits.with_value(self.two, 1, "departure", 4)


class ContactTest(EditionTest):
    def test_rows_stand_from_left_to_right_and_then_below(self):
        edition = self.edition(rows=[{"seed": i} for i in range(4)])
        colours = [(200, 30, 30), (30, 160, 30), (30, 30, 200), (200, 180, 20)]
        pictures = {i: np.full((64, 96, 3), c, np.uint8) for i, c in enumerate(colours)}
        write_contact(self.folder / "c.png", Printed(edition=edition, pictures=pictures), width=96)
        page = read_picture(self.folder / "c.png").astype(int)
        places = [np.argwhere(np.abs(page - c).max(axis=2) < 12) for c in colours]
        for place in places:
            self.assertGreater(len(place), 0.9 * 64 * 96)
        (a, b, c, d) = (place.mean(axis=0) for place in places)
        self.assertGreater(b[1] - a[1], 96)
        self.assertGreater(c[0] - a[0], 64)
        self.assertAlmostEqual(a[0], b[0], delta=2)
        self.assertAlmostEqual(d[1], b[1], delta=2)


class SharingTest(EditionTest):
    def test_sources_count_alike_however_many_rows_have_them(self):
        plain = (
            np.full((64, 96, 3), (200, 30, 30), np.uint8),
            np.full((64, 96, 3), (20, 40, 90), np.uint8),
        )
        for name, picture in zip(("red.png", "blue.png"), plain, strict=True):
            write_picture(self.folder / name, picture)
        rows = [{"source": "red.png", "seed": i} for i in range(5)] + [{"source": "blue.png"}]
        found = find_colours(self.edition(rows=rows), PictureStore(), Control())
        colours = unpack_colours(found)
        self.assertEqual((colours == (200, 30, 30)).all(axis=1).mean(), 0.5)
        self.assertEqual((colours == (20, 40, 90)).all(axis=1).mean(), 0.5)

    def test_rows_carry_what_they_share_and_are_then_other_recipes(self):
        edition = self.edition(rows=[{"seed": 1}])
        own = row_recipe(edition, 0)
        self.assertIsNone(own.even)
        found = find_colours(edition, PictureStore(), Control())
        evened = row_recipe(edition.model_copy(update={"colours": found}), 0)
        self.assertEqual((evened.even.amount, evened.even.colours), (0.35, found))
        self.assertNotEqual(hash_recipe(own), hash_recipe(evened))
        none = edition.model_copy(update={"colours": found, "even": 0.0})
        self.assertEqual(row_recipe(none, 0), own)

    def test_a_run_from_noise_shares_nothing(self):
        noise = self.recipe(source=None, departure=1)
        edition = self.edition(recipe=noise, rows=[{"seed": 1}, {"seed": 2}])
        self.assertIsNone(find_colours(edition, PictureStore(), Control()))


class PullingTest(EditionTest):
    def setUp(self):
        super().setUp()
        self.out = EditionFolder(self.folder / "out", PictureStore())
        self.three = self.edition(
            rows=[{"source": "stripes.png"}, {"source": "gone.png"}, {"seed": 4}], even=0
        )

    def pull(self, edition=None, crew=Alone, control=None):
        return pull_edition(edition or self.three, self.out, crew, control or Control())

    def test_a_row_that_fails_leaves_the_others(self):
        outcome = self.pull()
        self.assertEqual(sorted(p.name for p in self.out.folder.iterdir()), ["01.png", "03.png"])
        self.assertRegex(outcome.faults[1], r"gone\.png: no such file")
        lines = outcome.report()["rows"]
        self.assertEqual([line["file"] for line in lines], ["01.png", None, "03.png"])
        self.assertEqual([line["row"] for line in lines], [1, 2, 3])

    def test_what_lies_there_is_not_pulled_again_and_a_change_pulls_what_it_changes(self):
        self.pull()
        before = {p: p.stat().st_mtime_ns for p in self.out.folder.iterdir()}
        tasks = []

        class Counting(Alone):
            def work(self, wanted, control):
                wanted = list(wanted)
                tasks.append([task.index for task in wanted])
                return super().work(wanted, control)

        changed = edits.with_value(self.three, 2, "seed", 9)
        self.pull(changed, Counting)
        self.assertEqual(tasks, [[1, 2]])  # the one that failed is tried again
        after = {p: p.stat().st_mtime_ns for p in self.out.folder.iterdir()}
        self.assertEqual([p.name for p in after if after[p] != before[p]], ["03.png"])

    def test_a_stopped_edition_goes_on_where_it_was(self):
        edition = self.edition(rows=[{"seed": i} for i in range(3)], even=0)
        control = Control(cancelled=lambda: (self.out.folder / "01.png").exists())
        with self.assertRaises(CancelledError):
            self.pull(edition, control=control)
        self.assertEqual([p.name for p in self.out.folder.iterdir()], ["01.png"])
        self.assertEqual(len(self.pull(edition).lines), 3)

    def test_processes_give_the_same_bytes(self):
        edition = self.edition(rows=[{"seed": i} for i in range(3)], even=0)
        alone = self.pull(edition)
        self.out = EditionFolder(self.folder / "other", PictureStore())
        many = self.pull(edition, lambda count: Processes(2, count))
        hashes = [[line["recipe_hash"] for line in o.report()["rows"]] for o in (alone, many)]
        self.assertEqual(*hashes)
        for name in ("01.png", "02.png", "03.png"):
            self.assertEqual(*[(self.folder / f / name).read_bytes() for f in ("out", "other")])

    def test_a_number_of_workers_that_is_none_is_refused(self):
        with self.assertRaisesRegex(ValueError, "workers must be 1 to 256, got 0"):
            Processes(0, 1)


class EvenEngineTest(EditionTest):
    def test_one_colour_becomes_nearly_one_colour(self):
        """A grey strip in two pictures, one else red, one else blue."""
        for name, colour in (("red", (190, 60, 50)), ("blue", (40, 70, 160))):
            picture = np.full((64, 96, 3), 128, np.uint8)
            picture[20:] = colour
            picture[40:44] = stripes()[:4, :96] if stripes().shape[1] >= 96 else colour
            write_picture(self.folder / f"{name}.png", picture)
        edition = self.edition(
            recipe=self.recipe(cues=[{"name": "paint", "reference": "paint.png"}]),
            rows=[{"source": "red.png"}, {"source": "blue.png"}],
        )
        store = PictureStore()
        found = find_colours(edition, store, Control())
        figures = []
        for even in (0.0, 0.5, 1.0):
            made = edition.model_copy(update={"colours": found, "even": even})
            recipes = [row_recipe(made, i) for i in (0, 1)]
            proofs = [srgb_to_work(make_proof(r, store).picture) for r in recipes]
            sources = [srgb_to_work(store.picture(r.source)) for r in recipes]
            figures.append(sameness([turned(*p) for p in zip(sources, proofs, strict=True)]))
        self.assertGreater(figures[0], figures[1])
        self.assertGreater(figures[1], figures[2])


class ProjectTest(EditionTest):
    def test_an_edition_goes_along_in_a_project_with_its_pictures(self):
        recipe = absolute_recipe(make_recipe(self.recipe(), "x"), self.folder)
        edition = self.edition(rows=[{"source": "stripes.png"}, {"seed": 2}])
        path = self.folder / "p.overlay"
        home = tempfile.TemporaryDirectory()
        self.addCleanup(home.cleanup)
        with mock.patch.dict(os.environ, {"XDG_DATA_HOME": home.name}):
            write_container(path, State(recipe, editions=(edition,)))
            found = read_container(path).state.editions[0]
        source = Path(found.rows[0]["source"])
        self.assertTrue(source.exists())
        self.assertIn("stripes.png", source.name)
        self.assertEqual((found.title, found.rows[1]), (edition.title, {"seed": 2}))

    def test_a_damaged_edition_in_a_recovery_copy_counts_as_none(self):
        edition = self.edition(rows=[{"seed": 2}])
        plain = plain_editions([edition])
        self.assertEqual(made_editions(plain), (edition,))
        self.assertEqual(made_editions([{"title": 3}, *plain, "x"]), (edition,))


class CheckTest(EditionTest):
    def test_the_same_rules_hold_for_parts(self):
        recipe = absolute_recipe(make_recipe(self.recipe(), "x"), self.folder)
        made = make_edition({"title": "t", "recipe": recipe, "rows": [{"seed": 3}]}, "edition")
        check_edition(made, "t")
        with self.assertRaisesRegex(RecipeError, "^edition: name: must name one of n, seed"):
            make_edition(
                {"title": "t", "recipe": recipe, "rows": [{"seed": 3}], "name": "{thing}"},
                "edition",
            )
