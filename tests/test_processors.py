"""The same recipe has the same bytes on whatever processor it is pulled."""

import ast
import os
import platform
import subprocess
import sys
import unittest
from pathlib import Path

OVERLAY = Path(__file__).parents[1] / "overlay"
# What numbers in double precision are rounded to bytes after, or are only compared with a limit.
ROUNDED = ("words", "scenery", "app", "imaging/sky.py")
OF_THREE = ("imaging/colour.py", "measures/evenness.py")  # inverse and root of three by three


def printed(processor: str, without: str) -> dict[str, str]:
    """What `tests.processors` prints where the libraries take the processor for another."""
    done = subprocess.run(
        [sys.executable, "-m", "tests.processors"], check=True, capture_output=True, text=True,
        env=os.environ | {"OPENBLAS_CORETYPE": processor, "NPY_DISABLE_CPU_FEATURES": without},
    )  # fmt: skip
    return dict(line.split() for line in done.stdout.splitlines())


def algebra(tree: ast.AST) -> list[int]:
    """Lines that multiply matrices by a library, or have it solve something."""
    found = []
    for node in ast.walk(tree):
        if isinstance(node, ast.BinOp) and isinstance(node.op, ast.MatMult):
            found.append(node.lineno)
        elif isinstance(node, ast.Attribute) and isinstance(node.value, ast.Name):
            if node.value.id == "np" and node.attr in {
                "dot",
                "inner",
                "matmul",
                "tensordot",
                "vdot",
            }:
                found.append(node.lineno)
        elif isinstance(node, ast.Call) and ".linalg." in (called := ast.unparse(node.func)):
            along = any(k.arg == "axis" for k in node.keywords)
            if not (called == "np.linalg.norm" and along):
                found.append(node.lineno)
    return found


class ProcessorTest(unittest.TestCase):
    @unittest.skipUnless(platform.machine() == "x86_64", "the others have one kind of kernels")
    def test_everything_is_the_same_on_an_old_processor(self):
        ours, old = printed("Haswell", "X86_V4"), printed("Prescott", "X86_V3 X86_V4")
        self.assertNotEqual(ours.pop("algebra"), old.pop("algebra"))  # it is taken for another
        self.assertEqual(len(ours), 8)
        self.assertEqual(ours, old)

    def test_nothing_that_proofs_are_made_of_leaves_products_to_a_library(self):
        found = {}
        for path in OVERLAY.rglob("*.py"):
            name = str(path.relative_to(OVERLAY))
            lines = algebra(ast.parse(path.read_text("utf-8")))
            if lines and not name.startswith(ROUNDED) and name not in OF_THREE:
                found[name] = lines
        self.assertEqual(list(found), ["imaging/spread.py"], found)  # which rounds what it solved

    def test_no_kernel_may_add_in_another_order(self):
        loose = [p.name for p in OVERLAY.rglob("*.py") if "fastmath=True" in p.read_text("utf-8")]
        self.assertEqual(loose, [])


if __name__ == "__main__":
    unittest.main()
