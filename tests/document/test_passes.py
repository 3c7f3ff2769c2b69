import unittest

from overlay.document.passes import Enlarge, Refine, active
from overlay.document.project import Project, State
from overlay.document.reading import make_recipe, recipe_json
from overlay.document.text.json_text import RecipeError, parse_json
from overlay.studio.bench.pass_edits import (
    add_pass,
    change_pass,
    hear_in_pass,
    move_pass,
    remove_pass,
)


def recipe(*passes: object, **keys: object):
    cues = [{"name": "a", "reference": "a.png"}, {"name": "b", "reference": "b.png"}]
    return make_recipe({"overlay": 1, "cues": cues, "passes": [*passes], **keys}, "r")


class PassesTest(unittest.TestCase):
    def test_what_is_written_is_read_again(self):
        made = recipe(
            {"kind": "refine", "departure": 0.3, "seed": 4, "cues": ["b"]},
            {"kind": "enlarge", "factor": 3, "marks": "stay", "off": True},
        )  # fmt: skip
        self.assertEqual(make_recipe(parse_json(recipe_json(made), "r"), "r"), made)
        self.assertEqual([type(p) for p in made.passes], [Refine, Enlarge])
        self.assertEqual(active(made.passes), made.passes[:1])

    def test_refusals_name_the_key_what_is_allowed_and_what_was_found(self):
        four = {"kind": "enlarge", "factor": 4}
        for passes, said in (
            ([{"kind": "shrink"}], 'passes.0.kind: must be settle, refine, enlarge, got "shrink"'),
            ([{"departure": 0.2}], "passes.0.kind: must be settle, refine, enlarge, got null"),
            ([{"kind": "enlarge", "factor": 9}], "passes.0.factor: must be less than or equal to 4"),
            ([{"kind": "refine", "departure": 0.01}], "passes.0.departure: must be greater than"),
            ([{"kind": "refine", "rim_of": "x"}], "passes.0.rim_of: unknown key; allowed are"),
            ([{"kind": "refine", "cues": ["c"]}], "passes.0.cues must name cues.*a, b.*got 'c'"),
            ([four, four], "passes.1.factor may lead to 64 megapixels, got 201 million"),
            ([four, four | {"factor": 2, "departure": 0.4}], "passes.1: a run may have 16 mega"),
            ([four, {"kind": "enlarge"}, {"kind": "settle"}], "passes.2: a run may have 16 mega"),
        ):  # fmt: skip
            with self.subTest(passes=passes), self.assertRaisesRegex(RecipeError, said):
                recipe(*passes)
        self.assertEqual(len(recipe(four, four | {"off": True}, four | {"factor": 2}).passes), 3)

    def test_edits_are_steps_that_can_be_undone(self):
        project = Project(State(recipe()))
        self.assertEqual(add_pass(project, "refine"), 0)
        add_pass(project, "enlarge", factor=3.0)
        change_pass(project, 1, "Factor", factor=2.5)
        move_pass(project, 1, 0)
        self.assertEqual([p.kind for p in project.recipe.passes], ["enlarge", "refine"])
        hear_in_pass(project, 0, "a", heard=False)
        self.assertEqual(project.recipe.passes[0].cues, ("b",))
        hear_in_pass(project, 0, "a", heard=True)
        self.assertIsNone(project.recipe.passes[0].cues)
        remove_pass(project, 0)
        self.assertEqual([p.kind for p in project.recipe.passes], ["refine"])
        for _ in range(7):
            project.undo()
        self.assertEqual(project.recipe.passes, ())
        with self.assertRaisesRegex(RecipeError, "pass 1 is no longer there, there are 0"):
            change_pass(project, 0, "Off", off=True)

    def test_passes_follow_cues_that_are_renamed_or_removed(self):
        from overlay.studio.bench.bench import Bench

        bench = Bench(Project(State(recipe({"kind": "refine", "cues": ["a", "b"]}))))
        bench.change_cue(0, "Name", name="c")
        self.assertEqual(bench.project.recipe.passes[0].cues, ("c", "b"))
        bench.remove_cues([1])
        self.assertEqual(bench.project.recipe.passes[0].cues, ("c",))
