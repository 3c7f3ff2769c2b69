from pathlib import Path

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QLineEdit

from overlay.app.tray.ordering import ordered
from overlay.imaging.files import write_picture
from overlay.studio.inputs.uses import uses_of
from overlay.studio.keeping.files.container import read_container, write_container
from overlay.studio.keeping.recovery import Snapshot, load_recovery, recovery_bytes
from tests.app.harness import WindowTest
from tests.pictures import blobs


class TrayTest(WindowTest):
    FRESH = True

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
        self.window.open_path(self.write_recipe("another.json"))
        self.settle()
        self.assertEqual(self.names, ["mill", "paint"], "another project is seen whole")

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


class RenamingTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.tray = self.window.house.tray
        self.path = self.folder / "paint.png"

    def rename(self, name: str) -> None:
        place = self.bench.project.state.tray.index(self.path)
        item = self.tray.pictures.item(place)
        self.tray.pictures.setCurrentItem(item)
        self.tray.pictures.setFocus()
        QTest.keyClick(self.tray.pictures, Qt.Key.Key_F2)
        editor = self.tray.pictures.findChild(QLineEdit)
        editor.selectAll()
        QTest.keyClicks(editor, name)
        QTest.keyClick(editor, Qt.Key.Key_Return)
        self.settle()

    def shown(self) -> str:
        place = self.bench.project.state.tray.index(self.path)
        return self.tray.pictures.item(place).text()

    def test_asked_twice_or_out_of_sight_a_name_is_typed_once_or_not_at_all(self):
        asked = self.window.actions_by_name["Rename the selected picture"]
        pictures = self.window.house.tray.pictures
        pictures.setCurrentRow(0)
        self.window.floor.rooms.go_to("drawer")
        asked.trigger()
        self.assertNotEqual(pictures.state(), pictures.State.EditingState)
        self.window.floor.rooms.go_to("bench")
        asked.trigger()
        asked.trigger()  # Qt would warn of a second one, which fails every test of the window
        self.assertEqual(pictures.state(), pictures.State.EditingState)

    def test_f2_in_the_tray_renames_the_picture_and_not_the_cue(self):
        self.rename("wet blue gouache")
        self.assertEqual(self.shown(), "wet blue gouache")
        self.assertEqual(self.bench.project.recipe.cues[0].name, "paint")
        self.assertTrue(self.path.exists())  # the file is as it was
        self.tray.sought.setText("wet blue")
        self.assertEqual(self.tray.pictures.count(), 1)
        self.tray.sought.clear()
        self.window.house.gathering.add_styles([self.path])
        self.settle()
        self.assertEqual(self.bench.project.recipe.cues[-1].name, "wet blue gouache")

    def test_undo_and_an_empty_name_give_the_files_name_back(self):
        self.rename("first")
        self.bench.project.undo()
        self.settle()
        self.assertEqual(self.shown(), "paint")
        self.rename("second")
        self.rename(" ")
        self.assertEqual((self.shown(), dict(self.bench.project.state.names)), ("paint", {}))

    def test_names_are_kept_in_the_project_file_and_the_recovery_copy(self):
        self.rename("wet blue")
        write_container(self.folder / "a.overlay", self.bench.project.state)
        read = read_container(self.folder / "a.overlay").state
        self.assertEqual(sorted(read.names.values()), ["wet blue"])
        self.assertIn(next(iter(read.names)), read.tray)
        snapshot = Snapshot("0" * 16, None, None, self.bench.project.state, modified=True)
        copy = self.folder / "copy.json"
        copy.write_bytes(recovery_bytes(snapshot))
        self.assertEqual(load_recovery(copy).state.names, {self.path: "wet blue"})
