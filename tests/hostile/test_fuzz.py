"""Over three thousand damaged files, the same ones every day; `make fuzz` goes on for longer."""

import tempfile
import unittest
from pathlib import Path

from overlay.studio.inputs.folders import data_folder, proofs_folder, state_folder
from tests.hostile.cases import READERS, Fuzzer

CASES = {"projects": 250, "proofs": 350, "pictures": 900, "recipes": 700}
_REST = 180


class FuzzTest(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.root = Path(folder.name)

    def places(self):
        """Everything there is, but what projects are unpacked to."""
        homes = (self.root, data_folder().parent, state_folder().parent, proofs_folder().parent)
        found = {p for home in homes for p in home.rglob("*")}
        own = (data_folder(), proofs_folder().parent)
        return {p for p in found if not any(p.is_relative_to(place) for place in own)}

    def test_damaged_files_give_a_value_or_one_line(self):
        fuzzer = Fuzzer(11, self.root)
        places = self.places()
        for kind in READERS:
            faults = []
            for _ in range(CASES.get(kind, _REST)):
                faults += fuzzer.case(kind)
            with self.subTest(kind):
                self.assertEqual(faults, [])
        self.assertGreater(fuzzer.done, 3000)
        self.assertGreater(fuzzer.refused, fuzzer.done // 2)
        self.assertEqual(self.places() - {self.root / "case"}, places)
