import numpy as np

from overlay.document.preparation import Preparation
from overlay.document.text.json_text import RecipeError
from overlay.imaging.files import read_picture, write_picture
from overlay.studio.inputs.cards import card_picture, card_swatches, is_card, keep_card
from overlay.studio.inputs.preparing import (
    Cleaner,
    Preparing,
    begun_preparation,
    finished_size,
    prepare_picture,
    save_prepared,
)
from overlay.studio.keeping.settings import Settings, load_settings, save_settings, settings_path
from tests.pictures import scene
from tests.workspace import WorkspaceTest


class PreparingTest(WorkspaceTest):
    def test_nothing_asked_changes_nothing(self):
        np.testing.assert_array_equal(prepare_picture(scene(), Preparation()), scene())

    def test_each_step_does_what_it_says(self):
        picture = scene()
        crop = Preparation(crop=(0.25, 0.0, 0.75, 0.5))
        np.testing.assert_array_equal(prepare_picture(picture, crop), picture[:64, 48:144])
        self.assertEqual(prepare_picture(picture, Preparation(turns=1)).shape, (192, 128, 3))
        red = {"points": ((0.5, 0.5),), "size": 0.1, "colour": "#ff0000"}
        painted = prepare_picture(picture, Preparation.model_validate({"paint": (red,)}))
        np.testing.assert_array_equal(painted[64, 96], (255, 0, 0))
        np.testing.assert_array_equal(painted[:40], picture[:40])
        large = prepare_picture(picture, Preparation(working_size=True))
        self.assertEqual(large.shape[:2], (724, 1086))

    def test_the_finished_size_is_foretold(self):
        for steps in (
            Preparation(),
            Preparation(turns=1, crop=(0.1, 0.2, 0.9, 0.7)),
            Preparation(straighten=4.0, crop=(0.0, 0.0, 0.5, 1.0)),
            Preparation(working_size=True, turns=3),
        ):
            height, width = prepare_picture(scene(), steps).shape[:2]
            self.assertEqual(finished_size(192, 128, steps), (width, height))

    def test_a_blemish_is_retouched_and_the_stroke_can_be_taken_back(self):
        picture = np.full((80, 120, 3), 200, np.uint8)
        picture[38:42, 50:70] = 10
        cleaner = Cleaner(picture)
        model = Preparing(self.folder / "x.png")
        stroke = {"points": ((0.4, 0.5), (0.6, 0.5)), "size": 0.1}
        model.change("Retouch", retouch=(stroke,))
        self.assertGreater(cleaner.clean(model.steps)[40, 60, 0], 190)
        model.undo()
        np.testing.assert_array_equal(cleaner.clean(model.steps), picture)
        model.redo()
        self.assertEqual((model.undo_name, len(model.steps.retouch)), ("Retouch", 1))

    def test_what_is_not_allowed_is_refused_and_changes_nothing(self):
        model = Preparing(self.folder / "x.png")
        for changes in (
            {"crop": (0.5, 0.0, 0.5, 1.0)},
            {"levels": (0.8, 0.2)},
            {"straighten": 90.0},
        ):
            with self.assertRaises(RecipeError):
                model.change("x", **changes)
        self.assertEqual(model.steps, Preparation())

    def test_a_prepared_picture_goes_on_where_it_was_left(self):
        steps = Preparation(crop=(0.0, 0.0, 0.5, 1.0), sharpen=0.5)
        source = self.folder / "mill.png"
        saved = save_prepared(source, prepare_picture(read_picture(source), steps), steps)
        self.assertEqual(
            save_prepared(source, prepare_picture(read_picture(source), steps), steps), saved
        )
        self.assertEqual(begun_preparation(saved), (source, steps))
        source.unlink()
        self.assertEqual(begun_preparation(saved), (saved, Preparation()))
        hostile = self.folder / "h.png"
        for note in ('{"of": 3}', "[", '{"of": "/etc/passwd", "steps": {"turns": 9}}'):
            write_picture(hostile, scene(), texts={"overlay:prepared": note})
            self.assertEqual(begun_preparation(hostile), (hostile, Preparation()))


class CardTest(WorkspaceTest):
    def test_a_card_is_kept_seen_and_used(self):
        path = keep_card(("#1d3b5c", "#e6b34a"), "dusk/../x")
        self.assertTrue(is_card(path) and path.parent.name == "cards")
        self.assertEqual(card_swatches(path), ["#1d3b5c", "#e6b34a"])
        picture = card_picture(path)
        np.testing.assert_array_equal(picture[0, 0], (0x1D, 0x3B, 0x5C))

    def test_a_card_is_about_as_large_whatever_it_holds(self):
        for count in (1, 2, 7, 50):
            path = keep_card(tuple(f"#0000{i:02x}" for i in range(count)), f"of {count}")
            height, width, _ = card_picture(path).shape
            self.assertTrue(280 <= height <= 320 and 430 <= width <= 480, (count, height, width))

    def test_a_long_palette_is_thinned_evenly(self):
        path = keep_card(tuple(f"#0000{i:02x}" for i in range(200)), "many")
        self.assertEqual(len(card_swatches(path)), 50)


class SettingsTest(WorkspaceTest):
    def test_they_come_back_and_bad_values_take_defaults(self):
        save_settings(Settings(theme="dark", threads=2).with_recent(self.folder / "a.json"))
        loaded = load_settings()
        self.assertEqual((loaded.theme, loaded.threads), ("dark", 2))
        self.assertEqual(loaded.recent, (str(self.folder / "a.json"),))
        settings_path().write_text('{"theme": "purple", "threads": 3, "recent": 5, "new": 1}')
        self.assertEqual(load_settings(), Settings(threads=3))
        for text in ("", "[]", "{"):
            settings_path().write_text(text)
            self.assertEqual(load_settings(), Settings())

    def test_recent_files_are_few_and_each_once(self):
        settings = Settings()
        for name in [*"abcdefghij", "c"]:
            settings = settings.with_recent(self.folder / name)
        self.assertEqual(len(settings.recent), 8)
        self.assertTrue(settings.recent[0].endswith("c"))
