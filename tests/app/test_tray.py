from pathlib import Path

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest

from overlay.app.tray.ordering import ordered
from overlay.imaging.files import write_picture
from overlay.studio.inputs.uses import uses_of
from tests.app.harness import WindowTest
from tests.pictures import blobs


class TrayTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.tray = self.window.house.tray
        paths = []
        for i in range(12):
            paths.append(self.folder / f"sketch {i:02}.png")
            write_picture(paths[-1], blobs(i, 24, 16))
        self.window.house.gathering.add_to_tray(paths)
        self.settle()

    @property
    def names(self) -> list[str]:
        items = (self.tray.pictures.item(i) for i in range(self.tray.pictures.count()))
        return [Path(item.data(Qt.ItemDataRole.UserRole)).stem for item in items]

    def order(self, text: str) -> None:
        menu = self.tray.menu_of(self.folder / "mill.png")
        next(a for a in menu.actions() if a.text() == text).trigger()
        self.settle()

    def test_pictures_are_found_by_words_of_their_names_and_uses(self):
        self.assertTrue(self.tray.sought.isVisible())  # there are many
        QTest.keyClick(self.window, Qt.Key.Key_F, Qt.KeyboardModifier.ControlModifier)
        self.assertTrue(self.tray.sought.hasFocus())
        QTest.keyClicks(self.tray.sought, "KETCH 07")
        self.assertEqual(self.names, ["sketch 07"])
        QTest.keyClick(self.tray.sought, Qt.Key.Key_Escape)
        self.assertGreater(len(self.names), 12)
        self.tray.sought.setText("source")
        self.assertEqual(self.names, ["mill"])
        self.tray.sought.setText("nothing like it")
        self.assertEqual(self.names, [])

    def test_they_are_ordered_by_name_and_by_what_uses_them(self):
        self.order("By name")
        self.assertEqual(self.names, sorted(self.names))
        self.order("By what uses them")
        self.assertEqual(self.names[:2], ["mill", "paint"])
        self.assertEqual(self.tray.pictures.item(0).text(), "mill\nsource")
        self.assertIn("not used", self.tray.pictures.item(5).text())
        self.bench.add_cue("sky", reference=str(self.folder / "sketch 05.png"))
        self.settle()
        self.assertEqual(self.names[2], "sketch 05")
        self.assertEqual(self.tray.pictures.item(2).text(), "sketch 05\nsky")
        self.bench.project.undo()
        self.order("As they were added")
        self.assertEqual(self.names[-1], "sketch 11")
        self.assertEqual(self.tray.pictures.item(0).text(), self.names[0])

    def test_what_is_selected_stays_so_and_undo_knows_nothing_of_order(self):
        self.tray.pictures.item(3).setSelected(True)
        chosen = self.tray.selected()
        before = self.bench.project.undo_name
        self.order("By name")
        self.assertEqual(self.tray.selected(), chosen)
        self.assertEqual(self.bench.project.undo_name, before)

    def test_uses_name_source_cues_guides_and_masks(self):
        recipe = self.bench.project.recipe
        self.assertEqual(list(uses_of(recipe).values()), [["source"], ["paint"]])
        paths = (Path("b.png"), Path("a.png"), Path("C.png"))
        self.assertEqual([p.stem for p in ordered(paths, "name", {})], ["a", "b", "C"])
        self.assertEqual(ordered(paths, "use", {Path("C.png"): ["x"]})[0], Path("C.png"))
        self.assertEqual(ordered(paths, "added", {Path("a.png"): ["Sky"]}, "sky a"), [paths[1]])
