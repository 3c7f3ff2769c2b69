import sqlite3
import tempfile
import threading
import unittest
from pathlib import Path
from unittest import mock

from overlay.studio.keeping import index as index_module
from overlay.studio.keeping.index import NAME, ShelfIndex
from overlay.studio.keeping.records import record_bytes
from tests.studio.test_shelf import proof

A, B, C = "a" * 64, "b" * 64, "c" * 64


class IndexTest(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)
        self.index = ShelfIndex(self.folder)

    def keep(self, key, number):
        (self.folder / f"{key}.json").write_bytes(record_bytes(proof(number)))

    def test_each_record_is_read_once_while_it_stays(self):
        self.keep(A, 1)
        self.keep(B, 4)
        with mock.patch.object(
            index_module, "read_record", side_effect=index_module.read_record
        ) as read:
            self.assertEqual(self.index.numbers(), {A: 1, B: 4})
            self.assertEqual(ShelfIndex(self.folder).numbers(), {A: 1, B: 4})
            self.assertEqual(read.call_count, 2)
            self.keep(B, 41)
            (self.folder / f"{A}.json").unlink()
            self.keep(C, 2)
            self.assertEqual(self.index.numbers(), {B: 41, C: 2})
            self.assertEqual(read.call_count, 4)

    def test_records_say_what_their_files_say(self):
        self.keep(A, 3)
        [(key, record)] = self.index.records().items()
        self.assertEqual((key, record.number, record.report.size), (A, 3, (48, 40)))
        self.assertEqual(record.made_recipe("t"), proof(3).recipe)

    def test_a_number_is_given_once_even_if_nothing_was_kept_under_it(self):
        self.keep(A, 7)
        self.assertEqual(self.index.take_number(A), 7)
        self.assertEqual(self.index.take_number(B), 8)
        self.assertEqual(self.index.take_number(C), 9)
        (self.folder / f"{A}.json").unlink()
        self.assertEqual(self.index.take_number(B), 10)

    def test_threads_take_different_numbers(self):
        found = []
        take = lambda i: found.append(ShelfIndex(self.folder).take_number(f"{i:064x}"))  # noqa: E731
        threads = [threading.Thread(target=take, args=(i,)) for i in range(12)]
        for thread in threads:
            thread.start()
        for thread in threads:
            thread.join()
        self.assertEqual(sorted(found), list(range(1, 13)))

    def test_a_damaged_index_is_done_without_and_made_anew(self):
        self.keep(A, 5)
        (self.folder / NAME).write_bytes(b"no database" * 500)
        self.assertEqual(self.index.numbers(), {A: 5})
        self.assertEqual(self.index.numbers(), {A: 5})
        with sqlite3.connect(self.folder / NAME) as database:
            self.assertEqual(database.execute("SELECT number FROM records").fetchall(), [(5,)])

    def test_what_is_in_the_way_or_locked_disturbs_nothing(self):
        self.keep(A, 5)
        (self.folder / NAME).mkdir()
        self.assertEqual((self.index.numbers(), self.index.take_number(B)), ({A: 5}, 6))
        (self.folder / NAME).rmdir()
        with (
            mock.patch.object(index_module, "_WAIT", 0.01),
            sqlite3.connect(self.folder / NAME) as other,
        ):
            other.execute("BEGIN EXCLUSIVE")
            self.assertEqual(self.index.numbers(), {A: 5})
        self.assertEqual(ShelfIndex(self.folder / "none").numbers(), {})


if __name__ == "__main__":
    unittest.main()
