"""Sound files of every kind that is read, small, made by our own code: what the fuzzer damages."""

import io
import json
import zipfile
from collections.abc import Callable
from pathlib import Path

import numpy as np
import tifffile
from PIL import Image

from overlay.document.project import Project, ProofMark, State
from overlay.document.reading import make_recipe, recipe_json
from overlay.imaging.files import write_picture
from overlay.studio.keeping.packed_run import pack_run
from overlay.studio.keeping.recovery import Snapshot, recovery_bytes
from overlay.studio.keeping.settings import Settings
from tests.imaging.icc import linear_grey, linear_rgb
from tests.pictures import blobs
from tests.studio.test_shelf import proof, trace

RECIPE = {
    "overlay": 1,
    "size": [96, 64],
    "seed": 7,
    "steps": 4,
    "departure": 0.7,
    "source": "mill.png",
    "regions": {
        "sky": {"mask": "sky.png", "feather": 3},
        "all": {"pick": "#a0b0c0~12@0.4,0.6", "unite": ["sky"], "strokes": [
            {"points": [[0.1, 0.2], [0.3, 0.4]], "size": 0.05, "ramp": "linear"}]},
    },
    "cues": [
        {"name": "paint", "reference": "paint.png", "facets": {"palette": 1.0}, "region": "sky",
         "take": [0, 0, 1, 0.5], "keep_out": [{"points": [[0.1, 0.2]] * 20}]},
        {"name": "colours", "swatches": ["#1d3b5c", "#e6b34a"], "weight": 0.5},
        {"name": "contours", "guide": "edges", "weight": 0.5, "options": {"low": 0.08, "sigma": 1.2}},
        {"name": "pose", "guide": "pose", "options": {"joints": [{"at": [0.1, 0.1], "to": [0.2, 0.2]}]}},
        {"name": "not", "avoided": "paint.png", "blur": 3},
    ],
    "within": "sky",
    "passes": [{"kind": "settle", "departure": 0.2, "rim_of": "sky"}],
}  # fmt: skip


def _encoded(kind: str, mode: str = "RGB", **options: object) -> bytes:
    buffer = io.BytesIO()
    Image.fromarray(blobs(1, 40, 32)).convert(mode).save(buffer, kind, **options)
    return buffer.getvalue()


def _tiff(dtype: type, **options: object) -> bytes:
    buffer = io.BytesIO()
    values = (blobs(2, 24, 16) / 255 * np.iinfo(dtype).max).astype(dtype)
    tifffile.imwrite(buffer, values, photometric="rgb", **options)
    return buffer.getvalue()


def _proof_png(folder: Path) -> bytes:
    path = folder / "proof.png"
    write_picture(path, blobs(3, 40, 32), recipe=recipe_json(make_recipe(RECIPE, "corpus")))
    return path.read_bytes()


def _project() -> bytes:
    """A project file as `container.write_container` lays it out, with a proof."""
    recipe = json.loads(json.dumps(RECIPE))
    names = {
        "mill.png": _encoded("PNG"),
        "sky.png": _encoded("PNG", "L"),
        "paint.png": _encoded("JPEG"),
    }
    text = json.dumps(recipe)
    for name in names:
        text = text.replace(f'"{name}"', f'"pictures/{name}"')
    data = {"overlay_project": 1, "recipe": json.loads(text), "tray": ["pictures/mill.png"],
            "marks": {"a" * 64: {"star": True, "note": "good"}}}  # fmt: skip
    buffer = io.BytesIO()
    with zipfile.ZipFile(buffer, "w") as container:
        container.writestr("project.json", json.dumps(data), zipfile.ZIP_DEFLATED)
        for name, picture in names.items():
            container.writestr(f"pictures/{name}", picture)
        container.writestr(f"proofs/{'a' * 64}.json", _record())
        container.writestr(f"proofs/{'a' * 64}.run", _run())
    return buffer.getvalue()


def _record() -> bytes:
    report = {"size": [40, 32], "measures": {"style_match": {"paint": 61.2}, "repeats": 1.5},
              "seconds": {"total": 2.0}, "warnings": [{"code": "x", "cue": None, "text": "y"}]}  # fmt: skip
    return json.dumps({"number": 3, "when": 1.5, "recipe": RECIPE, "report": report}).encode()


def _run() -> bytes:
    made = proof()
    return pack_run(made.filmstrip, trace(), made.influence)


def _recovery() -> bytes:
    state = State(
        make_recipe(RECIPE, "corpus"), (Path("/a/mill.png"),), {"b" * 64: ProofMark(star=True)}
    )
    return recovery_bytes(Snapshot.of(Project(state, Path("/a/mill.overlay"), stamp=(1, 2, 3))))


def make_corpus(folder: Path) -> dict[str, dict[str, bytes]]:
    """Sound files by kind and name; `folder` is used for what must be written first."""
    marks = {"a" * 64: {"star": True, "note": "good", "deleted": False}}
    pictures: dict[str, Callable[[], bytes]] = {
        "rgb.png": lambda: _encoded("PNG"),
        "profile.png": lambda: _encoded("PNG", icc_profile=linear_rgb()),
        "palette.png": lambda: _encoded("PNG", "P", transparency=3),
        "grey.png": lambda: _encoded("PNG", "LA", icc_profile=linear_grey()),
        "bits.png": lambda: _encoded("PNG", "1"),
        "a.jpg": lambda: _encoded("JPEG", exif=b"Exif\0\0II*\0\x08\0\0\0\0\0"),
        "cmyk.jpg": lambda: _encoded("JPEG", "CMYK"),
        "a.webp": lambda: _encoded("WEBP", "RGBA", lossless=True),
        "a.tif": lambda: _encoded("TIFF", compression="tiff_lzw"),
        "deep.tif": lambda: _tiff(np.uint16, compression="zlib", iccprofile=linear_rgb()),
        "planes.tif": lambda: _tiff(np.uint8),
    }
    return {
        "pictures": {name: make() for name, make in pictures.items()},
        "proofs": {"proof.png": _proof_png(folder)},
        "recipes": {"recipe.json": json.dumps(RECIPE).encode()},
        "projects": {"almanac.overlay": _project()},
        "records": {"record.json": _record(), "record.run": _run()},
        "palettes": {"a.gpl": b"GIMP Palette\nName: a\nColumns: 2\n#\n 10  20  30\tx\n255 0 7\n"},
        "settings": {"settings.json": json.dumps(Settings().model_dump(mode="json")).encode()},
        "marks": {"marks.json": json.dumps(marks).encode()},
        "recoveries": {"0123456789abcdef.json": _recovery()},
    }
