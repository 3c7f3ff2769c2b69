from unittest import mock

import numpy as np

from overlay.document.passes import Settle
from overlay.document.reading import make_recipe
from overlay.document.text.json_text import RecipeError
from overlay.imaging.files import read_picture, write_grey8, write_picture
from overlay.studio.demo.demo import file_name, three_manners_recipe
from overlay.studio.inputs.kept_masks import traced_mask
from overlay.studio.inputs.paths import absolute_recipe
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making import proofs
from overlay.studio.making.canvas import Canvas
from overlay.studio.making.engines import find_engine
from overlay.studio.making.groundwork import Groundwork
from overlay.studio.making.laying import lay_canvas
from overlay.studio.making.proofs import make_proof
from overlay.studio.making.region_masks import region_masks
from overlay.studio.passes.settle import settle
from overlay.studio.passes.stand import Stand
from tests.pictures import drawn_scene, manner, scene
from tests.workspace import WorkspaceTest

SQUARE = {"points": ((0.25, 0.25), (0.75, 0.25), (0.75, 0.75), (0.25, 0.75)), "fill": True}
DOT = {"points": ((0.5, 0.5),), "size": 0.1}


class RegionTest(WorkspaceTest):
    def masks(self, **regions):
        recipe = absolute_recipe(make_recipe(self.recipe(regions=regions), "t"), self.folder)
        return region_masks(
            recipe, PictureStore(), Canvas(192, 128, str(self.folder / "mill.png"), scene())
        )

    def test_a_painted_region_is_combined_and_shaped_and_stays_adjustable(self):
        made = self.masks(
            a={"strokes": [SQUARE, DOT | {"value": 0.0}]},
            whole={"unite": ["a"], "fill_holes": True},
            ring={"unite": ["whole"], "subtract": ["a"]},
            both={"unite": ["whole"], "intersect": ["ring"]},
            out={"unite": ["whole"], "invert": True},
        )
        self.assertEqual((made["a"][64, 96], made["a"][40, 60]), (0, 1))
        self.assertEqual(
            (made["whole"][64, 96], made["ring"][64, 96], made["ring"][40, 60]), (1, 1, 0)
        )
        np.testing.assert_array_equal(made["both"], made["ring"])
        np.testing.assert_array_equal(made["out"], 1 - made["whole"])

    def test_masks_are_made_once(self):
        store = PictureStore()
        recipe = absolute_recipe(
            make_recipe(self.recipe(regions={"sky": {"pick": "sky"}}), "t"), self.folder
        )
        canvas = Canvas(192, 128, str(self.folder / "mill.png"), scene())
        self.assertIs(
            region_masks(recipe, store, canvas)["sky"], region_masks(recipe, store, canvas)["sky"]
        )

    def test_strokes_correct_a_pick(self):
        plain = self.masks(sky={"pick": "sky"})["sky"]
        stroke = {"points": ((0.1, 0.9), (0.9, 0.9)), "size": 0.05}
        added = self.masks(sky={"pick": "sky", "strokes": [stroke]})["sky"]
        self.assertLess(plain[115].mean(), 0.1)
        self.assertGreater(added[115, 20:170].mean(), 0.7)

    def test_what_is_wrong_is_refused_in_a_line(self):
        for regions, said in (
            ({"a": {"pick": "zzkqx"}}, "regions.a.pick: pick must be one of subject"),
            ({"a": {"mask": "sky.png", "pick": "sky"}}, "must have a mask or a pick, got both"),
            (
                {"a": {"unite": ["b"]}, "b": {}},
                r"regions.a may be combined with regions before it \(none\)",
            ),
            ({"a": {"unite": ["a"]}}, "regions before it"),
        ):
            with self.subTest(said), self.assertRaisesRegex(RecipeError, said):
                make_recipe(self.recipe(regions=regions), "t")
        data = self.recipe(source=None, departure=1.0, regions={"a": {"pick": "sky"}})
        with self.assertRaisesRegex(RecipeError, "there is no source to pick from"):
            make_proof(absolute_recipe(make_recipe(data, "t"), self.folder), PictureStore())


class SettleTest(WorkspaceTest):
    def proof(self, **keys):
        write_picture(self.folder / "flat.png", manner("felt", 288, 192))
        write_picture(self.folder / "lino.png", manner("lino cut"))
        half = {"points": ((0, 0), (0.5, 0), (0.5, 1), (0, 1)), "fill": True}
        cues = [
            {"name": "paint", "reference": "paint.png", "region": "left"},
            {"name": "lino", "reference": "lino.png", "region": "left", "invert_region": True},
        ]
        data = self.recipe(
            source="flat.png", size=[288, 192], departure=0.8, regions={"left": {"strokes": [half]}}, cues=cues
        ) | keys  # fmt: skip
        return make_proof(absolute_recipe(make_recipe(data, "t"), self.folder), PictureStore())

    def test_settling_softens_a_rim_and_keeps_the_rest(self):
        base = self.proof()
        for passes in (
            [{"kind": "settle", "departure": 0.4}],
            [{"kind": "settle", "departure": 0.4, "rim_of": "left"}],
        ):
            settled = self.proof(passes=passes)
            self.assertLess(settled.measures["rim"]["left"], base.measures["rim"]["left"])
            self.assertNotEqual(settled.recipe_hash, base.recipe_hash)
        np.testing.assert_array_equal(settled.picture[:, :100], base.picture[:, :100])
        np.testing.assert_array_equal(settled.picture[:, 190:], base.picture[:, 190:])

    def test_three_manners_keep_to_their_places_and_their_rims_disappear(self):
        lock = drawn_scene("lock", 480, 320)
        write_picture(self.folder / "lock.png", lock.picture)
        write_grey8(self.folder / file_name("lock sky"), (lock.labels == 0).astype(np.float32))
        for name in ("dot print", "lino cut", "gouache"):
            write_picture(self.folder / file_name(name), manner(name, 360, 270))
        wanted = three_manners_recipe(0.4).model_copy(update={"size": (480, 320)})
        recipe, store = absolute_recipe(wanted, self.folder), PictureStore()
        base = make_proof(recipe.model_copy(update={"passes": ()}), store)
        proof = make_proof(recipe, store)
        self.assertGreater(base.measures["rim"]["waterside"], 1.15)
        self.assertLess(max(proof.measures["rim"].values()), 1.15)
        masks = region_masks(recipe, store, lay_canvas(recipe, store))
        for cue in recipe.cues[:3]:
            came = traced_mask(proof.trace, cue.name, 320, 480) > 0.5
            # Settling lets them reach a little beyond.
            self.assertLess((came & (masks[cue.region] < 0.5)).sum(), 0.025 * came.sum(), cue.name)

    def test_a_later_pass_begins_where_the_base_ended(self):
        base, store = self.proof(), PictureStore()
        with mock.patch.object(proofs, "find_engine", wraps=proofs.find_engine) as engines:
            make_proof(base.recipe, store)
            settled = base.recipe.model_copy(
                update={"passes": (Settle(kind="settle", departure=0.4),)}
            )
            done = mock.Mock(side_effect=proofs.find_engine("patches"))
            engines.side_effect = lambda *_: done
            again = make_proof(settled, store)
        self.assertEqual(done.call_count, 1)
        fresh = make_proof(settled, PictureStore())
        np.testing.assert_array_equal(again.picture, fresh.picture)

    def test_settling_asks_for_little_freedom_and_regions_that_reach_into_each_other(self):
        recipe = self.proof().recipe
        work = Groundwork(recipe, PictureStore())
        done = find_engine("patches")(work.request, None)
        asked = []

        def engine(request, control):
            asked.append(request)
            return done

        stand = Stand(work.request, done, work.masks, work.open_borders)
        settle(stand, Settle(kind="settle", departure=0.3), engine, None)
        [again] = asked
        self.assertEqual((again.departure, again.seed), (0.3, work.request.seed + 1))
        for before, after in zip(work.request.styles, again.styles, strict=True):
            hard = ((before.region > 0.1) & (before.region < 0.9)).sum()
            soft = ((after.region > 0.1) & (after.region < 0.9)).sum()
            self.assertGreater(soft, hard + after.region.shape[0])
            self.assertAlmostEqual(after.region.mean(), before.region.mean(), delta=0.02)
            self.assertEqual(max(after.facets.palette, after.facets.light, after.facets.layout), 0)

    def test_a_confined_run_stays_confined_when_settled(self):
        quarter = {"points": ((0, 0), (0.4, 0), (0.4, 1), (0, 1)), "fill": True}
        half = {"points": ((0, 0), (0.5, 0), (0.5, 1), (0, 1)), "fill": True}
        regions = {"left": {"strokes": [half]}, "part": {"strokes": [quarter]}}
        passes = [{"kind": "settle", "departure": 0.4}]
        done = self.proof(regions=regions, within="part", passes=passes)
        source = read_picture(self.folder / "flat.png")
        np.testing.assert_array_equal(done.picture[:, 120:], source[:, 120:])
        self.assertGreater((done.picture[:, :100] != source[:, :100]).mean(), 0.3)

    def test_settling_without_a_source(self):
        cue = {"name": "paint", "reference": "paint.png", "region": "left"}
        other = {"name": "stripes", "reference": "stripes.png"} | {
            "region": "left", "invert_region": True,
        }  # fmt: skip
        passes = [{"kind": "settle", "departure": 0.3, "rim_of": "left"}]
        keys = {"source": None, "departure": 1.0, "cues": [cue, other]}
        base, done = self.proof(**keys), self.proof(**keys, passes=passes)
        self.assertLess(done.measures["rim"]["left"], 1.15)
        band, rest = np.s_[:, 138:150], np.s_[:, :100]
        self.assertGreater((done.picture[band] != base.picture[band]).mean(), 0.5)
        np.testing.assert_array_equal(done.picture[rest], base.picture[rest])

    def test_no_departure_settles_nothing(self):
        base, same = self.proof(), self.proof(passes=[{"kind": "settle", "departure": 0.0}])
        np.testing.assert_array_equal(base.picture, same.picture)

    def test_cues_stay_in_their_places(self):
        shares = []
        for side, columns in (("paint", slice(0, 140)), ("lino", slice(150, 288))):
            trace = self.proof().trace
            index = trace.names.index(side)
            outside = np.ones(288, bool)
            outside[columns] = False
            xs = (np.arange(trace.cue.shape[1]) * trace.stride + trace.left + trace.size // 2).clip(
                0, 287
            )
            shares.append((trace.cue[:, outside[xs]] == index).mean())
        self.assertLess(max(shares), 0.1)
