"""Hashes of all that the demo gives, to show that a change of the code changes no picture.

    .venv/bin/python tools/fingerprints.py > BEFORE
    ... the change ...
    .venv/bin/python tools/fingerprints.py | diff BEFORE -

It goes by the command line alone, so it outlives any rebuilding of what lies behind that. Pixels,
reports without their times, the files that were written for the demo, and both schemas.
"""

import hashlib
import json
import subprocess
import sys
import tempfile
from pathlib import Path

import numpy as np
from PIL import Image

_RECIPES = ("almanac", "three-manners")


def _overlay(*arguments: str) -> str:
    command = [sys.executable, "-c", "from overlay.cli import main; raise SystemExit(main())"]
    return subprocess.run(
        [*command, *arguments], check=True, stdout=subprocess.PIPE, text=True
    ).stdout


def _digest(data: bytes) -> str:
    return hashlib.sha256(data).hexdigest()[:16]


def _of_file(path: Path) -> str:
    if path.suffix == ".png":
        return _digest(np.asarray(Image.open(path)).tobytes())
    if path.suffix == ".json":
        content = json.loads(path.read_text("utf-8"))
        content.pop("seconds", None)
        content.pop("overlay", None)  # the version: a hash of a recipe has it inside as well
        content.pop("recipe_hash", None)
        return _digest(json.dumps(content, sort_keys=True).encode())
    return _digest(path.read_bytes())


def main() -> None:
    """Render the demo into a folder that is thrown away, and print a line for each file."""
    with tempfile.TemporaryDirectory() as name:
        folder = Path(name)
        _overlay("demo", "--out", name)
        for recipe in _RECIPES:
            out, report = folder / f"cli-{recipe}.png", folder / f"cli-{recipe}.json"
            _overlay(
                "render", str(folder / f"{recipe}.json"), "--out", str(out),
                "--report", str(report), "--quiet",
            )  # fmt: skip
        for path in sorted(folder.rglob("*")):
            if path.is_file():
                print(f"{_of_file(path)}  {path.relative_to(folder)}")
    for of in ("recipe", "project"):
        print(f"{_digest(_overlay('schema', of).encode())}  schema of the {of}")


if __name__ == "__main__":
    main()
