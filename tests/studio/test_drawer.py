import json
from dataclasses import replace

from overlay.document.project import ProofMark
from overlay.studio.bench.bench import Bench
from overlay.studio.keeping.differences import differences
from overlay.studio.keeping.drawer import (
    Filter,
    lineage,
    mark_proofs,
    parent_of,
    star_proof,
    started_from,
)
from overlay.studio.keeping.files.container import read_container, write_container
from overlay.studio.keeping.recovery import Snapshot, load_recovery, recovery_bytes
from overlay.studio.keeping.room import trim_proofs
from overlay.studio.keeping.shelf import ProofShelf
from overlay.studio.runs.pull import pull_proof
from tests.workspace import WorkspaceTest


class ShelfTest(WorkspaceTest):
    def setUp(self):
        super().setUp()
        self.bench = Bench()
        self.bench.open(self.write_recipe(steps=2, size=[64, 64]))
        self.bench.shelf = ProofShelf(self.folder / "shelf" / "one")

    def pull(self, **changes):
        if changes:
            self.bench.change_recipe("x", **changes)
        return pull_proof(self.bench.project.recipe, self.bench.shelf, self.bench.store)

    def kept(self):
        return self.bench.shelf.all_kept()

    def test_proofs_are_listed_newest_first_without_their_pixels(self):
        self.pull()
        self.pull(seed=5)
        kept = self.kept()
        self.assertEqual([k.number for k in kept], [2, 1])
        self.assertEqual((kept[0].recipe.seed, kept[0].size, kept[0].whole), (5, (64, 64), True))
        self.assertTrue(self.bench.shelf.small_picture(kept[0].recipe_hash).exists())

    def test_damaged_entries_are_passed_over(self):
        self.pull()
        folder = self.bench.shelf.folder
        (folder / f"{'a' * 64}.json").write_text("{")
        (folder / f"{'b' * 64}.json").write_text(json.dumps({"number": 1}))
        (folder / "marks.json").write_text("[1]")
        self.assertEqual(len(self.kept()), 1)
        self.assertEqual(self.bench.shelf.read_marks(), {})

    def test_a_trimmed_proof_keeps_its_recipe_and_number_and_comes_back_the_same(self):
        first, second = self.pull(), self.pull(seed=5)
        self.bench.shelf.write_marks({second.recipe_hash: ProofMark(star=True)})
        (self.bench.shelf.folder / f"{first.recipe_hash}.run").unlink()  # as a light one
        self.assertEqual(trim_proofs(self.folder / "shelf", 0), 1)
        self.assertEqual([k.whole for k in self.kept()], [True, False])
        self.assertIsNone(self.bench.shelf.find(first.recipe_hash))
        again = self.pull(seed=0)
        self.assertEqual((again.number, again.picture.tobytes()), (1, first.picture.tobytes()))

    def test_stars_notes_and_deletions_are_undone_saved_and_recovered(self):
        proof = self.pull()
        project, shelf = self.bench.project, self.bench.shelf
        star_proof(project, 1, proof.recipe_hash)
        mark_proofs(project, "Note", [proof.recipe_hash], lambda m: replace(m, note="good sky"))
        self.assertEqual(project.undo_name, "Note")
        path = self.folder / "a.overlay"
        write_container(path, project.state, shelf)
        self.assertEqual(
            read_container(path).state.mark(proof.recipe_hash), ProofMark(True, "good sky")
        )
        mark_proofs(project, "Delete", [proof.recipe_hash], lambda m: replace(m, deleted=True))
        self.assertIsNone(shelf.newest(frozenset([proof.recipe_hash])))
        (self.folder / "r.json").write_bytes(recovery_bytes(Snapshot.of(project)))
        recovered = load_recovery(self.folder / "r.json")
        self.assertEqual(recovered.state.marks, project.state.marks)
        for _ in range(3):
            project.undo()
        self.assertEqual(dict(project.state.marks), {})

    def test_deleted_files_go_when_the_project_is_put_away(self):
        proof = self.pull()
        mark_proofs(
            self.bench.project, "Delete", [proof.recipe_hash], lambda m: replace(m, deleted=True)
        )
        self.assertEqual(len(self.kept()), 1)
        shelf = self.bench.shelf
        self.bench.open(self.folder / "recipe.json")
        self.assertEqual(list(shelf.folder.glob(f"{proof.recipe_hash}*")), [])

    def test_lineage_follows_sources_that_were_proofs(self):
        self.pull()
        kept = self.kept()[0]
        self.bench.use_proof_as_source(kept, started_from(kept, self.bench.shelf))
        self.assertEqual(self.bench.project.undo_name, "Start from proof 1")
        self.pull()
        self.pull(seed=8)
        child, other, parent = self.kept()
        self.assertEqual(parent_of(child, self.kept()), parent)
        pairs = [(a.number, b.number) for a, b in lineage(parent, self.kept())]
        self.assertEqual(sorted(pairs), [(1, 2), (1, 3)])
        self.assertEqual([(a.number, b.number) for a, b in lineage(child, self.kept())], [(1, 3)])
        self.assertEqual(lineage(other, [other]), [])

    def test_filters(self):
        self.pull()
        kept = self.kept()[0]
        self.assertTrue(Filter(text="PAINT").admits(kept, ProofMark()))
        self.assertTrue(Filter(cue="paint", text="sky").admits(kept, ProofMark(note="good sky")))
        self.assertFalse(Filter(cue="felt").admits(kept, ProofMark()))
        self.assertFalse(Filter(starred=True).admits(kept, ProofMark()))
        self.assertFalse(Filter().admits(kept, ProofMark(deleted=True)))


class DifferenceTest(WorkspaceTest):
    def test_differences_are_said_in_the_artists_words(self):
        bench = Bench()
        bench.open(self.write_recipe())
        old = bench.project.recipe
        self.assertEqual(differences(old, old), [])
        bench.change_recipe("x", departure=0.5, size=[128, 64])
        bench.change_cue(0, "x", weight=0.4, facets={"palette": 1.0})
        bench.add_cue("felt", reference=str(self.folder / "stripes.png"))
        bench.move_cues([1], 0)
        self.assertEqual(
            differences(old, bench.project.recipe),
            [
                "size 96x64 → 128x64",
                "departure 70 % → 50 %",
                "felt: cue added",
                "paint: weight 100 % → 40 %",
                "paint: surface 100 % → 0 %",
                "paint: light 100 % → 0 %",
                "order of the cues",
            ],
        )
        self.assertEqual(differences(bench.project.recipe, old)[2], "felt: cue removed")

    def test_words_are_said_phrase_by_phrase(self):
        bench = Bench()
        bench.open(self.write_recipe(prompt="heron, dawn, canal 80%", avoid="people"))
        old = bench.project.recipe
        bench.write_prompt("x", ["canal 120%", "swan", "dawn"])
        bench.write_avoid("red")
        bench.change_recipe("x", guidance=0.5, words={"contours": 0.2})
        bench.place_thing("swan", (0.5, 0.6), 0.3)
        self.assertEqual(
            differences(old, bench.project.recipe),
            [
                "guidance 100 % → 50 %",
                "“heron” removed",
                "“swan” added",
                "“canal”: emphasis 80 % → 120 %",
                "order of the words",
                "avoid “people” removed",
                "avoid “red” added",
                "words: contours 50 % → 20 %",
                "swan: moved",
            ],
        )
