"""Sheets of six pictures each, for the handbook and README: maps, proofs, scenes of words."""

from pathlib import Path

import numpy as np

from overlay.document.cues import GUIDES, GuideCue, ReferenceCue
from overlay.document.recipe import Recipe
from overlay.imaging.files import cut_out_png, write_picture
from overlay.imaging.resample import resize
from overlay.studio.demo.almanac import PLATES, plate_recipe
from overlay.studio.demo.demo import demo_recipe, file_name
from overlay.studio.inputs.paths import absolute_recipe
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.inputs.teaching import taught_from_files, with_alpha
from overlay.studio.making.guide_maps import make_map
from overlay.studio.making.laying import lay_canvas
from overlay.studio.making.proofs import make_proof
from overlay.words.language.grammar import read_prompt
from overlay.words.picture import draw_words

_PLATES = (
    ("windmill", "lino cut"), ("lock", "dot print"), ("windmill", "felt"),
    ("bottle kiln", "gouache"), ("lock", "lino cut"), ("windmill", "glazed tile"),
)  # fmt: skip


_TAUGHT = (
    ("toll gig at left, old boathouse, canal, dawn", "gouache"),
    ("two toll gigs, heron at right, snow", "lino cut"),
    ("red toll gig, lock, dusk", "felt"),
)
_DOING = (
    ("a knight riding a white horse past a castle, evening", "gouache"),
    ("three owls on a branch, full moon", "lino cut"),
    ("a girl with a red umbrella, street with lamps, rain, dusk", "dot print"),
)
_PLACES = (
    ("a thatched cottage with a smoking chimney beside a pond, autumn", "felt"),
    ("a wooden cabin under northern lights, winter, mountains", "glazed tile"),
    ("a stone circle, hills with a winding road, sunrise", "gouache"),
)
_MEANT = (
    ("a king on his throne", "gouache"), ("three goldfish in a bowl", "glazed tile"),
    ("an old woman knitting by the fire", "felt"),
)  # fmt: skip
_TOLD = (
    ("an old cottage overgrown with ivy", "felt"), ("a birch forest in spring", "gouache"),
    ("a ruined castle on a hill, evening", "glazed tile"),
)  # fmt: skip
_TOGETHER = (
    ("a couple on a bench, sunset", "gouache"),
    ("three kings on camels in the desert, stars", "felt"),
    ("a table with flowers and two cups", "glazed tile"),
)


_AROUND = (
    ("sunbeams through a misty forest", "glazed tile"),
    ("an old railway in autumn, leaves falling", "gouache"),
    ("people around a campfire at night", "felt"),
)
_DEEDS = (
    ("a knight fighting a dragon", "lino cut"),
    ("a whale breaching", "lino cut"),
    ("a wolf howling on a rock, moonlight", "glazed tile"),
)
# Scenes of words by what they show, each the name of a figure.
_PAIRS = {
    "doing": _DOING, "places": _PLACES, "together": _TOGETHER, "meant": _MEANT, "told": _TOLD,
    "around": _AROUND, "deeds": _DEEDS,
}  # fmt: skip


def make_all(demo: Path, folder: Path) -> None:
    """Write every sheet into a folder; `demo` holds the demo's pictures."""
    make_plates(demo, folder)
    make_kinds(demo, folder)
    make_from_words(demo, folder)
    make_taught(demo, folder)
    make_pairs(demo, folder, *_PAIRS)


def make_kinds(demo: Path, folder: Path) -> None:
    """The same picture's map of every kind, side by side, at half size."""
    store, shown = PictureStore(), []
    source = str(demo / file_name("windmill"))
    canvas = lay_canvas(Recipe(source=source, size=(768, 512)), store)
    joints = [{"at": [0.45, 0.4], "to": [0.41, 0.18]}]
    joints += [{"at": at, "to": at} for at in ([0.6, 0.3], [0.6, 0.8], [0.2, 0.7], [0.85, 0.15])]
    for kind in GUIDES:
        options = {"joints": joints} if kind == "pose" else {}
        made = make_map(GuideCue(name=kind, guide=kind, options=options), store, canvas)
        grey = np.asarray(made, np.float32)
        colour = grey if grey.ndim == 3 else np.repeat(255 * grey[..., None], 3, axis=2)
        shown.append(resize(colour, 256, 384))
    _write_sheet(folder / "kinds.jpg", shown)


def make_plates(demo: Path, folder: Path) -> None:
    """Six proofs on one sheet, at half size."""
    store, shown = PictureStore(), []
    for scene, manner in _PLATES:
        recipe = absolute_recipe(demo_recipe(scene, ((manner, 1.0),)), demo)
        picture = make_proof(recipe, store).picture
        shown.append(resize(picture.astype(np.float32), 256, 384))
    _write_sheet(folder / "plates.jpg", shown)


def make_from_words(demo: Path, folder: Path) -> None:
    """The six plates that have no source but words."""
    store, shown = PictureStore(), []
    for name in PLATES:
        picture = make_proof(absolute_recipe(plate_recipe(name), demo), store).picture
        shown.append(resize(picture.astype(np.float32), 256, 384))
    _write_sheet(folder / "from-words.jpg", shown)


def toll_gig(folder: Path) -> Path:
    """A cut-out as an artist might have painted one: a cart in gouache, on nothing."""
    words = draw_words(read_prompt("green wheelbarrow close, meadow"), (768, 512), 3)
    covered = words.mask(words.wished[0])
    path = folder / "toll gig.png"
    path.write_bytes(cut_out_png(with_alpha(words.drawn.picture, covered)))
    return path


def make_taught(demo: Path, folder: Path) -> None:
    """A taught thing in three scenes: as they are drawn, and as proofs."""
    one = taught_from_files("toll gig", [toll_gig(demo)], height=1.5)
    _write_pairs(folder / "taught.jpg", demo, _TAUGHT, taught=(one,))


def make_pairs(demo: Path, folder: Path, *names: str) -> None:
    """Scenes of words: as drawn, and as proofs."""
    for name in names:
        _write_pairs(folder / f"{name}.jpg", demo, _PAIRS[name])


def _write_pairs(
    path: Path, demo: Path, pairs: tuple[tuple[str, str], ...], **keys: object
) -> None:
    """Three scenes of words in a row, under each its proof in a manner."""
    store, drawn, pulled = PictureStore(), [], []
    for prompt, manner in pairs:
        style = ReferenceCue(name=manner, reference=file_name(manner))
        recipe = Recipe(size=(384, 256), seed=5, prompt=prompt, cues=(style,), **keys)  # type: ignore[arg-type]
        placed = absolute_recipe(recipe, demo)
        drawn.append(lay_canvas(placed, store).words.plain.astype(np.float32))  # type: ignore[union-attr]
        pulled.append(make_proof(placed, store).picture.astype(np.float32))
    _write_sheet(path, drawn + pulled)


def _write_sheet(path: Path, shown: list[np.ndarray]) -> None:
    """Six pictures in two rows."""
    rows = [np.concatenate(shown[i : i + 3], axis=1) for i in (0, 3)]
    sheet = np.concatenate(rows).clip(0, 255)
    write_picture(path, (sheet + 0.5).astype(np.uint8))
