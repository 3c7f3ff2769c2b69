"""Whatever happens to files on the shelf: a proof counts as kept or not, and is never in the way."""

import io
import json
import tempfile
import unittest
import zipfile
from dataclasses import replace
from functools import cache
from pathlib import Path
from unittest import mock

import numpy as np
from PIL import Image

from overlay.document.reading import make_recipe
from overlay.engine.record import Influence, Trace
from overlay.engine.request import Frame
from overlay.engine.version import ENGINE_VERSION
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.keeping.packed_run import pack_run, unpack_run
from overlay.studio.keeping.shelf import ProofShelf
from overlay.studio.keeping.unreadable import UNREADABLE
from overlay.studio.making.proofs import Proof
from overlay.studio.runs import pull as pull_module
from overlay.studio.runs.pull import pull_proof
from tests.pictures import blobs

HASH = "a" * 64


def trace(**keys):
    maps = {
        "cue": np.array([[0, -1, 0]], np.int16),
        "y": np.zeros((1, 3), np.int32),
        "x": np.zeros((1, 3), np.int32),
        "mirrored": np.zeros((1, 3), bool),
        "turn": np.zeros((1, 3), np.uint8),
    }
    plain = {"names": ("lino",), "top": 0, "left": 0, "stride": 4, "size": 8}
    return Trace(**maps | plain | {"scales": (1.0,), "origins": ((0, 0),)} | keys)


def proof(number=1, **keys):
    film = (Frame(0, 0.5, blobs(1, 12, 8)),)
    influence = Influence(("lino",), (0.5,), np.zeros((1, 1, 3, 4, 6), np.uint8))
    recipe = make_recipe({"overlay": 1, "departure": 1.0}, "test")
    made = Proof(recipe, HASH, blobs(2, 48, 40), film, trace(), influence, {"repeats": 1.0})
    return replace(made, number=number, seconds={"total": 1.0}, **keys)


def member(name, shape, body=b""):
    """An archive of one array whose header says what it likes."""
    head = io.BytesIO()
    np.lib.format.write_array_header_1_0(
        head, {"descr": "<f8", "fortran_order": False, "shape": shape}
    )
    packed = io.BytesIO()
    with zipfile.ZipFile(packed, "w", zipfile.ZIP_DEFLATED) as archive:
        archive.writestr(f"{name}.npy", head.getvalue() + body)
    return packed.getvalue()


@cache
def damaged_runs():
    good = pack_run((Frame(0, 0.5, blobs(1, 12, 8)),), trace(), None)
    broken = bytearray(good)
    broken[60:80] = bytes(20)
    method = bytearray(good)
    method[good.index(b"PK\1\2") + 10] = 99  # a way of packing that nobody knows
    many = io.BytesIO()
    with zipfile.ZipFile(many, "w") as archive:
        for i in range(2000):
            archive.writestr(f"{i}.npy", b"")
    return {
        "no archive": b"broken",
        "cut": good[:200],
        "broken": bytes(broken),
        "unknown method": bytes(method),
        "ten terabytes declared": member("steps", (10**13 // 8,)),
        "negative": member("steps", (-1,)),
        "bomb": member("steps", (80_000_000,), bytes(640_000_000)),
        "many": many.getvalue(),
        "empty": b"",
        "objects": pickled(),
        "cues beyond the names": pack_run((), trace(cue=np.full((1, 3), 7, np.int16)), None),
        "maps that do not fit": pack_run((), trace(y=np.zeros((2, 3), np.int32)), None),
        "no frame": pack_run((Frame(0, 0.5, np.zeros((4, 4), np.uint8)),), None, None),
    }


def pickled():
    packed = io.BytesIO()
    np.savez(packed, steps=np.array([{}], object))
    return packed.getvalue()


DAMAGED_RECORDS = {
    "no JSON": b"{",
    "bytes": b"\xff\xfe",
    "list": b"[]",
    "deep": b"[" * 100_000,
    "number": b'{"number": 1e999}',
    "digits": b'{"number": ' + b"9" * 5000 + b"}",
    "measures": b'{"number": 1, "recipe": {"overlay": 1}, "report": {"size": [1, 2], "measures": 3}}',
    "recipe": b'{"number": 1, "recipe": [], "report": {"size": [1, 2], "measures": {}}}',
    "empty": b"",
}


class ShelfTest(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.shelf = ProofShelf(Path(folder.name) / "shelf")

    def test_a_proof_says_which_engine_made_it_and_an_older_one_counts_as_the_first(self):
        self.shelf.keep(proof())
        record = self.shelf.folder / f"{HASH}.json"
        report = json.loads(record.read_text("utf-8"))["report"]
        self.assertEqual(report["engine"], f"patches {ENGINE_VERSION}")
        with Image.open(self.shelf.folder / f"{HASH}.png") as picture:
            self.assertEqual(picture.text["overlay:engine"], report["engine"])
        self.assertFalse(self.shelf.all_kept()[0].would_differ)
        text = record.read_text("utf-8").replace(report["engine"], "")
        record.write_text(text, "utf-8")
        (kept,) = self.shelf.all_kept()
        self.assertEqual((kept.engine_version, kept.would_differ), (1, True))

    def test_a_record_of_a_run_comes_back(self):
        film, found, influence = unpack_run(
            pack_run(proof().filmstrip, proof().trace, proof().influence)
        )
        np.testing.assert_array_equal(film[0].picture, proof().filmstrip[0].picture)
        np.testing.assert_array_equal(found.cue, proof().trace.cue)
        self.assertEqual(influence.names, ("lino",))

    def test_damaged_runs_are_told_without_unpacking_them(self):
        for name, data in damaged_runs().items():
            with self.subTest(name), self.assertRaises(UNREADABLE):
                unpack_run(data)

    def test_a_damaged_run_counts_as_not_kept_and_is_replaced_by_the_next_pull(self):
        for name, data in damaged_runs().items():
            self.shelf.keep(proof(4))
            (self.shelf.folder / f"{HASH}.run").write_bytes(data)
            with (
                self.subTest(name),
                mock.patch.object(pull_module, "hash_recipe", return_value=HASH),
                mock.patch.object(pull_module, "make_proof", return_value=proof(0)) as made,
            ):
                self.assertIsNone(self.shelf.find(HASH))
                self.assertIsNone(self.shelf.newest())
                self.assertEqual(pull_proof(proof().recipe, self.shelf, PictureStore()).number, 4)
                self.assertEqual(self.shelf.find(HASH).number, 4)
                self.assertEqual(made.call_count, 1)

    def test_damaged_records_and_marks_disturb_nothing_else(self):
        self.shelf.keep(proof(3))
        for name, data in DAMAGED_RECORDS.items():
            (self.shelf.folder / f"{'b' * 64}.json").write_bytes(data)
            (self.shelf.folder / "marks.json").write_bytes(data)
            with self.subTest(name):
                self.assertIsNone(self.shelf.find("b" * 64))
                self.assertEqual(self.shelf.numbers(), {HASH: 3})
                self.assertEqual([k.number for k in self.shelf.all_kept()], [3])
                self.assertEqual(self.shelf.read_marks(), {})

    def test_a_picture_of_another_kind_counts_as_not_kept(self):
        self.shelf.keep(proof(3))
        path = self.shelf.folder / f"{HASH}.png"
        path.unlink()
        path.symlink_to("/dev/zero")
        self.assertIsNone(self.shelf.find(HASH))

    def test_where_nothing_can_be_kept_the_proof_is_there_and_says_why(self):
        self.shelf.folder.parent.joinpath("shelf").write_text("a file in the way")
        with (
            mock.patch.object(pull_module, "hash_recipe", return_value=HASH),
            mock.patch.object(pull_module, "make_proof", return_value=proof(0)),
        ):
            found = pull_proof(proof().recipe, self.shelf, PictureStore())
        self.assertEqual(found.number, 1)
        self.assertIn("file exists", found.unkept)
        self.assertEqual(self.shelf.all_kept(), [])

    def test_a_record_says_what_was_kept(self):
        self.shelf.keep(proof(3, measures={"style_match": {"lino": 70.5}, "repeats": 2.0}))
        found = self.shelf.find(HASH)
        self.assertEqual(found.measures, {"style_match": {"lino": 70.5}, "repeats": 2.0})
        self.assertEqual(found.seconds, {"total": 1.0})
        data = json.loads((self.shelf.folder / f"{HASH}.json").read_text())
        self.assertEqual(data["report"]["size"], [48, 40])

    def test_a_light_proof_has_no_run_and_is_made_whole_by_a_pull(self):
        with (
            mock.patch.object(pull_module, "hash_recipe", return_value=HASH),
            mock.patch.object(pull_module, "make_proof", return_value=proof(0)) as made,
        ):
            light = pull_proof(proof().recipe, self.shelf, PictureStore(), light=True)
            self.assertEqual(light.number, 1)
            self.assertFalse((self.shelf.folder / f"{HASH}.run").exists())
            self.assertIsNone(self.shelf.find(HASH))
            [kept] = self.shelf.all_kept()
            self.assertTrue(kept.whole)
            again = pull_proof(proof().recipe, self.shelf, PictureStore(), light=True)
            np.testing.assert_array_equal(again.picture, proof().picture)
            self.assertEqual((again.filmstrip, made.call_count), ((), 1))
            whole = pull_proof(proof().recipe, self.shelf, PictureStore())
            self.assertEqual((whole.number, made.call_count), (1, 2))
            self.assertEqual(len(self.shelf.find(HASH).filmstrip), 1)
