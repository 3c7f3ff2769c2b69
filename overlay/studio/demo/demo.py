"""The demo project: plates of the Mallow Canal almanac, in manners to try on them."""

import shutil
from collections.abc import Callable, Iterator
from functools import partial
from pathlib import Path
from typing import Any

import numpy as np

from overlay.document.reading import make_recipe, read_recipe, recipe_json
from overlay.document.recipe import Recipe
from overlay.engine.control import Control
from overlay.imaging.colour import FloatImage
from overlay.imaging.files import write_grey16, write_picture
from overlay.imaging.whole_files import write_bytes
from overlay.scenery.manners import MANNERS, draw_manner
from overlay.scenery.march import FAR
from overlay.scenery.moving import ride
from overlay.scenery.scenes import SCENES, draw_scene
from overlay.studio.demo.almanac import EDITION, EDITION_FILE, PLATES, plate_file, plate_recipe
from overlay.studio.inputs.drawn_parts import write_parts
from overlay.studio.inputs.folders import data_folder, shelf_folder
from overlay.studio.inputs.paths import absolute_recipe
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.keeping.shelf import ProofShelf
from overlay.studio.runs.pull import pull_proof

# Raised when the drawings change, so that an old demo folder is drawn anew.
_DRAWN = "5"
_STAMP = ".edition"
_FIRST_SEED = 3
RECIPE_NAME, REGIONS_NAME, RIDE = "almanac.json", "three-manners.json", "ride"
_FRAMES = 12  # of the ride
# About how long each picture takes where it is drawn for the first time, kernels compiled with it.
_SCENE_SECONDS, _MANNER_SECONDS = (26.0, 16.0, 8.0), 1.3
_PLATES = 0.75  # of the time; the rest goes into the ride
_DRAWING = 0.8  # of the time that the window waits; the rest goes into the first proof
_WATERSIDE = ((0.0, 0.62), (0.45, 0.52), (1.0, 0.6), (1.0, 1.0), (0.0, 1.0))

Report = Callable[[float, str], None]


def _say_nothing(_fraction: float, _stage: str) -> None:
    """Whoever draws the demo need not tell how far it is."""


def file_name(name: str) -> str:
    """`bottle kiln` as `bottle-kiln.png`."""
    return name.replace(" ", "-") + ".png"


def demo_recipe(
    scene: str = "windmill",
    manners: tuple[tuple[str, float], ...] = (("lino cut", 1.0),),
    **changes: Any,
) -> Recipe:
    """A recipe over the demo's pictures, with paths relative to the demo folder."""
    cues: list[dict[str, Any]] = [
        {"name": manner, "reference": file_name(manner), "weight": weight}
        for manner, weight in manners
    ]
    cues.append(
        {"name": "contours", "guide": "edges", "weight": 0.7, "leave": 0.9, "fade_out": 0.15}
    )
    data = {
        "overlay": 1,
        "size": [768, 512],
        "seed": 7,
        "departure": 0.6,
        "source": file_name(scene),
        "cues": cues,
    }
    return make_recipe(data | changes, "demo")


def opening_recipe() -> Recipe:
    """What the window shows first: a plate cut in lino under a printed sky, held by contours."""
    plain = demo_recipe("windmill", (("lino cut", 1.0), ("dot print", 1.0)), departure=0.55)
    data = plain.model_dump(mode="json", exclude_defaults=True)
    data["regions"] = {"sky": {"mask": file_name("windmill sky"), "feather": 3}}
    land, sky, contours = data["cues"]
    land |= {"region": "sky", "invert_region": True}
    sky |= {"region": "sky"}
    contours |= {"weight": 0.8}
    return make_recipe({"overlay": 1} | data, "demo")


def three_manners_recipe(settled: float = 0.0) -> Recipe:
    """The lock in three manners: its sky printed, its waterside cut in lino, the rest painted.

    Parameters
    ----------
    settled : departure of a pass that lets the rims disappear; 0 for none.
    """
    manners = ("dot print", "lino cut", "gouache")
    plain = demo_recipe("lock", tuple((manner, 1.0) for manner in manners), departure=0.7)
    data = plain.model_dump(mode="json", exclude_defaults=True)
    stroke = {"points": _WATERSIDE, "fill": True}
    data["regions"] = {
        "sky": {"mask": file_name("lock sky"), "feather": 3},
        "waterside": {"strokes": [stroke], "subtract": ["sky"], "feather": 6},
        "between": {"unite": ["sky", "waterside"], "invert": True},
    }
    for cue, region in zip(data["cues"], data["regions"], strict=False):
        cue["region"] = region
    if settled > 0:
        data["passes"] = [{"kind": "settle", "departure": settled}]
    return make_recipe({"overlay": 1} | data, "demo")


def ensure_demo(folder: Path, report: Report = _say_nothing) -> Path:
    """Draw the demo's pictures unless they are there, and write its recipes.

    Pictures that were drawn for the window are copied.

    Returns
    -------
    The path of the recipe.
    """
    path = _ensure_plates(folder, lambda share, name: report(_PLATES * share, name))
    ensure_ride(folder, lambda share, name: report(_PLATES + (1 - _PLATES) * share, name))
    return path


def ensure_ride(folder: Path, report: Report = _say_nothing) -> None:
    """Draw the frames of a ride past the kilns unless they are there, for sequences."""
    folder = folder / RIDE
    folder.mkdir(exist_ok=True)
    if len(list(folder.glob("*.png"))) >= _FRAMES:
        return
    for number, frame in enumerate(ride("bottle kiln", _FRAMES, 384, 256), 1):
        report((number - 1) / _FRAMES, "a ride past the kilns")
        write_picture(folder / f"{number:03}.png", frame.picture)


def _ensure_plates(folder: Path, report: Report) -> Path:
    """All but the ride."""
    folder.mkdir(parents=True, exist_ok=True)
    stamp = folder / _STAMP
    if not _is_drawn(folder):
        if _is_drawn(drawn_folder()):
            _copy_all(drawn_folder(), folder)
        else:
            _draw_all(folder, report)
        write_bytes(stamp, _DRAWN.encode())
    for name, make in _recipes().items():
        if not (folder / name).exists():
            write_bytes(folder / name, recipe_json(make()).encode())
    if not (folder / EDITION_FILE).exists():
        write_bytes(folder / EDITION_FILE, EDITION.encode())
    return folder / RECIPE_NAME


def _recipes() -> dict[str, Callable[[], Recipe]]:
    """The demo's recipes by the names of their files."""
    made = {RECIPE_NAME: opening_recipe, REGIONS_NAME: three_manners_recipe}
    return made | {plate_file(name): partial(plate_recipe, name) for name in PLATES}


def prepare_demo(folder: Path, report: Report = _say_nothing) -> Path:
    """The demo as the window opens it: drawn but for the ride, and with a proof that hangs already.

    Returns
    -------
    The path of the recipe.
    """
    path = _ensure_plates(folder, lambda share, name: report(_DRAWING * share, name))
    shelf = ProofShelf(shelf_folder(path))
    if not shelf.numbers():
        control = Control(report=lambda share, _: report(share, "the first proof"))
        control.step(_DRAWING, "")
        # Another seed than the recipe's, so that the first press of Pull makes another proof.
        recipe = absolute_recipe(read_recipe(path, [f"seed={_FIRST_SEED}"]), folder)
        pull_proof(recipe, shelf, PictureStore(), control.part(_DRAWING, 1.0))
    return path


def demo_tray(folder: Path) -> tuple[Path, ...]:
    """The pictures that lie in the demo's tray: every scene and every manner."""
    return tuple(folder / file_name(name) for name in (*SCENES, *MANNERS))


def drawn_folder() -> Path:
    """Where the window's demo lies."""
    return data_folder() / "demo"


def _is_drawn(folder: Path) -> bool:
    stamp = folder / _STAMP
    return stamp.is_file() and stamp.read_text("utf-8") == _DRAWN


def _copy_all(drawn: Path, folder: Path) -> None:
    for path in drawn.glob("*.png"):
        shutil.copyfile(path, folder / path.name)
    if (drawn / RIDE).is_dir():
        shutil.copytree(drawn / RIDE, folder / RIDE, dirs_exist_ok=True)


def _draw_all(folder: Path, report: Report) -> None:
    steps = list(_steps(folder))
    total, done = sum(seconds for _, seconds, _ in steps), 0.0
    for name, seconds, draw in steps:
        report(done / total, name)
        draw()
        done += seconds
    report(1.0, "drawn")


def _steps(folder: Path) -> Iterator[tuple[str, float, Callable[[], None]]]:
    """What is drawn one after the other: its name, about how long it takes, and what draws it."""
    for scene, seconds in zip(SCENES, _SCENE_SECONDS, strict=True):
        yield f"the {scene}", seconds, partial(_write_scene, folder, scene)
    for manner in MANNERS:
        yield "the manners", _MANNER_SECONDS, partial(_write_manner, folder, manner)


def _write_manner(folder: Path, manner: str) -> None:
    write_picture(folder / file_name(manner), draw_manner(manner))


def _write_scene(folder: Path, scene: str) -> None:
    """A scene's picture, its depth (near is white) and the mask of its sky."""
    drawn = draw_scene(scene)
    write_picture(folder / file_name(scene), drawn.picture)
    near = 1 - np.log(drawn.depth.clip(1, FAR)) / np.log(FAR)
    write_grey16(folder / file_name(f"{scene} depth"), near.astype(np.float32))
    sky = drawn.labels == drawn.names.index("sky")
    write_grey16(folder / file_name(f"{scene} sky"), _as_float(sky))
    write_parts(folder / file_name(scene), drawn.labels, drawn.names)


def _as_float(mask: np.ndarray) -> FloatImage:
    return mask.astype(np.float32)
