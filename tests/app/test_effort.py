"""A watchdog over the main gestures: none does more than it has to.

What a gesture does is counted (calls, widgets painted and dressed), with room for some more; how
long it takes on this machine is measured by `make bench`.
"""

import itertools
import json
from collections.abc import Callable
from functools import partial

import numpy as np
from PySide6.QtCore import QPointF, Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication

from overlay.app.parts.images import to_image
from overlay.app.parts.theme import is_dressed
from tests.app.harness import WindowTest
from tests.effort import Paints, calls_of


def through(do: Callable[[], object]) -> None:
    """Do a gesture with all that it paints."""
    do()
    QApplication.processEvents()


class EffortTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.pull()
        rng = np.random.default_rng(0)
        self.large = to_image(rng.integers(0, 256, (1152, 1728, 3), dtype=np.uint8))

    def assert_little(self, gesture: Callable[[], object], calls: int, painted: int) -> None:
        """A gesture makes at most so many calls and paints at most so many widgets, each time."""
        self.assertLess(calls_of(lambda: through(gesture)), calls)
        self.settle()
        with Paints() as seen:
            through(gesture)
        self.assertLessEqual(seen.painted, painted)
        self.settle()

    def test_handlers_of_the_main_gestures(self):
        window, rows, stage = self.window, self.window.house.sheet.rows, self.window.house.stage
        envelope, control = rows[0].envelope, Qt.KeyboardModifier.ControlModifier
        for name, gesture, calls, painted in (
            ("select", lambda: QTest.mouseClick(rows[1].name, Qt.MouseButton.LeftButton), 4000, 40),
            ("mute", lambda: QTest.keyClick(window, Qt.Key.Key_M), 4800, 75),
            ("weight", lambda: rows[0].weight.stepUp(), 3400, 26),
            ("envelope", lambda: QTest.keyClick(envelope, Qt.Key.Key_Right), 3000, 26),
            ("undo", lambda: QTest.keyClick(window, Qt.Key.Key_Z, control), 2600, 26),
            ("view", lambda: QTest.keyClick(window, Qt.Key.Key_O), 1100, 26),
            ("influence", lambda: QTest.keyClick(window, Qt.Key.Key_I), 1700, 26),
            ("room", lambda: window.floor.go_to("drawer"), 1200, 60),
            ("back", lambda: window.floor.go_to("bench"), 3800, 170),
            ("flip", lambda: stage.flip(on=True), 420, 20),
        ):
            with self.subTest(name):
                self.assert_little(gesture, calls, painted)

    def test_rows_and_sizes(self):
        window, flip = self.window, itertools.cycle((0, 1))
        self.bench.duplicate_cues([0, 1])
        self.settle()
        for name, gesture, calls, painted in (
            ("add a cue", lambda: self.bench.duplicate_cues([0]), 9000, 210),
            ("take it back", window.undo, 8000, 210),
            ("resize", lambda: window.resize(1280 + 60 * next(flip), 800), 2600, 210),
            ("narrow", lambda: window.resize((1050, 1280)[next(flip)], 800), 3600, 220),
        ):
            with self.subTest(name):
                self.assert_little(gesture, calls, painted)

    def test_what_waits_in_another_room_is_not_dressed_when_a_cue_comes(self):
        with Paints() as seen:
            through(lambda: self.bench.duplicate_cues([0]))
        self.assertLess(seen.dressed, 40)  # the new row and its parts

    def test_what_comes_into_sight_wears_the_theme(self):
        card = self.window.house.card
        for name in ("Picture", "Place", "Span", "Facets"):
            QTest.mouseClick(card.tabs[name], Qt.MouseButton.LeftButton)
            seen = [part for part in self.window._parts if part.isVisibleTo(self.window)]
            self.assertEqual([type(p).__name__ for p in seen if not is_dressed(p)], [], name)
        self.bench.select(1)  # a guide, whose card is longer than its place
        self.settle()
        seen = [part for part in self.window._parts if part.isVisibleTo(self.window)]
        self.assertEqual([type(p).__name__ for p in seen if not is_dressed(p)], [])

    def test_another_theme_is_seen_all_at_once_and_put_on_part_by_part(self):
        window = self.window
        for theme in ("dark", "light"):
            changed = window.floor.settings.model_copy(update={"theme": theme})
            window.floor.change_settings(changed)
            self.assertFalse(window.updatesEnabled())
            dressed = []
            while not window.updatesEnabled() and len(dressed) < 200:
                with Paints() as seen:
                    window._dress_one()
                dressed.append(seen.dressed)
            self.settle()
            parts = [part for part in window._parts if part.isVisibleTo(window)]
            self.assertTrue(all(is_dressed(part) for part in parts))
            self.assertGreater(len(dressed), 4)
            self.assertLess(max(dressed), 300)

    def test_what_comes_into_sight_meanwhile_waits_for_the_theme_with_the_others(self):
        """Leaving the dark room, or for another room, puts no theme on many parts in one go."""
        window, bench_room = self.window, self.window.house.bench_room
        bench_room.set_bare(bare=True)
        self.settle()
        changed = window.floor.settings.model_copy(update={"theme": "dark"})
        window.floor.change_settings(changed)
        bench_room.set_bare(bare=False)
        seen = [part for part in window._parts if part.isVisibleTo(window)]
        self.assertGreater(len([part for part in seen if not is_dressed(part)]), 3)
        self.assertFalse(window.updatesEnabled())
        self.wait(window.updatesEnabled)
        self.assertTrue(all(is_dressed(part) for part in seen))

    def test_pan_zoom_wipe_and_envelopes_paint_little_at_two_megapixels(self):
        stage, view = self.window.house.stage, self.window.house.stage.view
        stage.set_image("proof", self.large)
        stage.set_image("source", self.large.copy())
        stage.compare.ways["wipe"].setChecked(True)
        envelope = self.window.house.sheet.rows[0].envelope
        middle = QPointF(300, 150)
        moves = {
            "zoom": lambda: view.zoom_about(middle, 1.1),
            "pan": lambda: QTest.mouseMove(view, middle.toPoint()) or view.repaint(),
            "wipe": view.repaint,
            "envelope": lambda: envelope._move_to(QPointF(90, 8), free=False) or envelope.repaint(),
        }
        envelope._dragging = "enter"
        for name, move in moves.items():
            with self.subTest(name):
                self.assertLess(calls_of(partial(through, move)), 400)
                with Paints() as seen:
                    through(move)
                self.assertLessEqual(seen.painted, 26)
        envelope._dragging = None


class ManyProofsTest(WindowTest):
    def test_two_hundred_proofs_are_listed_and_shown_soon(self):
        self.pull()
        folder, kept = self.bench.shelf.folder, self.bench.shelf.all_kept()[0]
        data = json.loads((folder / f"{kept.recipe_hash}.json").read_text())
        small = (folder / f"{kept.recipe_hash}.jpg").read_bytes()
        for number in range(2, 201):
            name = f"{number:064x}"
            (folder / f"{name}.json").write_text(json.dumps(data | {"number": number}))
            (folder / f"{name}.jpg").write_bytes(small)

        def list_them() -> None:
            self.window.open_path(self.folder / "recipe.json")
            self.window.floor.go_to("drawer")
            self.wait(lambda: self.window.house.drawer.list.count() == 200)

        self.assertLess(calls_of(list_them), 60_000)
        self.settle()
        self.assertFalse(self.window.house.drawer.list.item(0).icon().isNull())
