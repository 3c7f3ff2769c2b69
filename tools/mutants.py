"""Puts small faults into the code, one at a time, and tells how many of them the tests notice.

    .venv/bin/python tools/mutants.py [--each N] [--seed N] [PACKAGE...]

Faults are drawn by a seed from all places where one is possible: a comparison off by one at its
boundary or the other way round, a sign, a bound that is the other one, a condition upside down, an
alternative that is the other one, a call left out. (Tuned numbers are left alone: that another one
is worse is for the eye and for `make bench`.) Each is tried against the test files that import its
module, in a copy of the checkout; a fault that no test notices is a survivor, and is printed with
its place, so that a test can be written for it, or the reason be given why none can.
"""

import argparse
import ast
import os
import random
import re
import shutil
import subprocess
import sys
import tempfile
from collections.abc import Iterator
from dataclasses import dataclass
from pathlib import Path

ROOT = Path(__file__).parents[1]
PACKAGES = ("measures", "regions", "guides", "imaging", "document", "studio", "engine", "app")
_MOST_FILES = 8  # test files a fault is tried against
_SECONDS = 400  # for all of them
_COMPARED = {
    ast.Lt: ast.LtE, ast.LtE: ast.Lt, ast.Gt: ast.GtE, ast.GtE: ast.Gt,
    ast.Eq: ast.NotEq, ast.NotEq: ast.Eq, ast.In: ast.NotIn, ast.NotIn: ast.In,
    ast.Is: ast.IsNot, ast.IsNot: ast.Is,
}  # fmt: skip
_COUNTED = {ast.Add: ast.Sub, ast.Sub: ast.Add, ast.Mult: ast.Div, ast.Div: ast.Mult}
_CALLED = {"min": "max", "max": "min", "any": "all", "all": "any", "minimum": "maximum",
           "maximum": "minimum", "floor": "ceil", "ceil": "floor"}  # fmt: skip


@dataclass(frozen=True)
class Fault:
    """A place in a file and what stands there instead."""

    path: Path
    line: int
    begin: int  # bytes of the file
    end: int
    new: str
    old: str

    def __str__(self) -> str:
        place = f"{self.path.relative_to(ROOT)}:{self.line}"
        return f"{place}: {' '.join(self.old.split())[:60]} -> {' '.join(self.new.split())[:60]}"


def faults_of(path: Path) -> Iterator[Fault]:
    """Every fault that can be put into a file."""
    text = path.read_text("utf-8")
    starts = [0]
    for line in text.splitlines(keepends=True):
        starts.append(starts[-1] + len(line.encode()))
    tree = ast.parse(text)
    decorating = {
        inner
        for node in ast.walk(tree)
        for decorator in getattr(node, "decorator_list", [])
        for inner in ast.walk(decorator)
    }
    for node in ast.walk(tree):
        if node in decorating or not isinstance(node, ast.expr | ast.stmt) or _is_said(node):
            continue
        for new in _changed(node):
            begin = starts[node.lineno - 1] + node.col_offset
            end = starts[node.end_lineno - 1] + node.end_col_offset
            old = text.encode()[begin:end].decode()
            yield Fault(path, node.lineno, begin, end, new, old)


def _is_said(node: ast.AST) -> bool:
    """Words and annotations decide nothing."""
    return isinstance(node, ast.Constant) and isinstance(node.value, str)


def _changed(node: ast.AST) -> Iterator[str]:
    """What could stand in a place by mistake."""
    if isinstance(node, ast.Compare) and type(node.ops[0]) in _COMPARED:
        yield _with(node, ops=[_COMPARED[type(node.ops[0])](), *node.ops[1:]])
    elif isinstance(node, ast.BinOp) and type(node.op) in _COUNTED and not _is_text(node):
        yield _with(node, op=_COUNTED[type(node.op)]())
    elif isinstance(node, ast.BoolOp):
        yield _with(node, op=ast.And() if isinstance(node.op, ast.Or) else ast.Or())
    elif isinstance(node, ast.UnaryOp) and isinstance(node.op, ast.USub | ast.Not):
        yield ast.unparse(node.operand)
    elif isinstance(node, ast.Constant) and isinstance(node.value, bool):
        yield repr(not node.value)
    elif isinstance(node, ast.IfExp):
        yield _with(node, body=node.orelse, orelse=node.body)
    elif isinstance(node, ast.Call):
        yield from _called(node)
    elif isinstance(node, ast.Expr) and isinstance(node.value, ast.Call):
        yield "pass"


def _called(node: ast.Call) -> Iterator[str]:
    name = getattr(node.func, "id", None) or getattr(node.func, "attr", "")
    if name in _CALLED:
        yield ast.unparse(node).replace(name, _CALLED[name], 1)


def _is_text(node: ast.BinOp) -> bool:
    left = getattr(node.left, "value", None)
    return isinstance(node.left, ast.JoinedStr) or isinstance(left, str)


def _with(node: ast.AST, **changes: object) -> str:
    fields = {name: getattr(node, name) for name in node._fields} | changes
    return f"({ast.unparse(type(node)(**fields))})"


def drawn(package: str, count: int, seed: int) -> list[Fault]:
    """So many faults of a package, from as many files as there are."""
    rng = random.Random(f"{seed} {package}")
    files = sorted((ROOT / "overlay" / package).rglob("*.py"))
    places = [fault for path in files for fault in faults_of(path)]
    if package == "app":
        # A call left out there is a margin or a tip, nine times of ten.
        places = [fault for fault in places if fault.new != "pass"]
    return rng.sample(places, min(count, len(places)))


def tests_for(path: Path) -> list[Path]:
    """Test files that import a module, those that say little else first; then those of its package
    that speak most of it or of its folder, as tests through the window do."""
    module = ".".join(path.relative_to(ROOT).with_suffix("").parts)
    package = path.relative_to(ROOT / "overlay").parts[0]
    texts = {test: test.read_text("utf-8") for test in (ROOT / "tests").rglob("test_*.py")}
    found = [(t.count("\nfrom overlay"), test) for test, t in texts.items() if _imports(t, module)]
    beside = sorted((ROOT / "tests" / package).glob("test_*.py"))
    first = path.stem.split("_")[0]
    called = re.compile(rf"{path.stem}|\b_?{path.parent.name}", re.IGNORECASE)
    told = sorted(
        beside,
        key=lambda test: (
            first not in test.stem,
            -len(called.findall(texts[test] + 9 * test.stem)),
        ),
    )
    chosen = [test for _, test in sorted(found)] + told
    return list(dict.fromkeys(chosen))[:_MOST_FILES]


def _imports(text: str, module: str) -> bool:
    parent, _, name = module.rpartition(".")
    return f"from {module} import" in text or f"from {parent} import {name}" in text


def is_noticed(fault: Fault, copy: Path) -> bool:
    """Whether any of the nearest tests fails with a fault in place."""
    path = copy / fault.path.relative_to(ROOT)
    original = path.read_bytes()
    path.write_bytes(original[: fault.begin] + fault.new.encode() + original[fault.end :])
    try:
        tests = [str(test.relative_to(ROOT)) for test in tests_for(fault.path)]
        command = [sys.executable, "-m", "tests", "--failfast", *tests]
        environment = os.environ | {"OVERLAY_TEST_WAIT": "30", "PYTHONPATH": str(copy)}
        done = subprocess.run(
            command, cwd=copy, env=environment, capture_output=True, timeout=_SECONDS, check=False
        )
        return done.returncode != 0
    except subprocess.TimeoutExpired:
        return True
    finally:
        path.write_bytes(original)


def main() -> None:
    """Try them all and say what was noticed."""
    parser = argparse.ArgumentParser(description=__doc__.splitlines()[0])
    parser.add_argument("packages", nargs="*", default=list(PACKAGES))
    parser.add_argument("--each", type=int, default=12)
    parser.add_argument("--seed", type=int, default=1)
    options = parser.parse_args()
    with tempfile.TemporaryDirectory() as name:
        copy = Path(name) / "copy"
        ignored = shutil.ignore_patterns(".venv", ".git", "dist", ".mypy_cache", "screenshots")
        shutil.copytree(ROOT, copy, ignore=ignored)
        survivors = []
        for package in options.packages:
            faults = drawn(package, options.each, options.seed)
            left = []
            for fault in faults:
                noticed = is_noticed(fault, copy)
                print(f"{'noticed ' if noticed else 'SURVIVED'} {fault}", flush=True)
                left += [] if noticed else [fault]
            print(f"{package}: {len(faults) - len(left)} of {len(faults)} noticed", flush=True)
            survivors += left
    print("\n".join(["", "Survivors:", *map(str, survivors)]) if survivors else "None survived.")


if __name__ == "__main__":
    main()
