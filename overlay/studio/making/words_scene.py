"""What the words of a recipe draw, ready for the engine: source, contours, depth, palettes."""

from dataclasses import dataclass

import numpy as np

from overlay.document.recipe import Recipe
from overlay.document.taught import lexicon_of
from overlay.document.text.json_text import RecipeError
from overlay.engine.kept import keep
from overlay.guides.depth import estimate_depth
from overlay.imaging.colour import ByteImage, FloatImage
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.taught import drawing_lexicon, taught_stamp
from overlay.words.language.grammar import read_prompt
from overlay.words.language.lexicon import Lexicon
from overlay.words.language.reading import Reading
from overlay.words.on_picture import set_on_picture
from overlay.words.picture import Moved, WordsPicture, contours, depth_map, draw_words
from overlay.words.tone import part_tones
from overlay.words.wishing.wish import wish_of

_SHADES = (0.55, 0.8, 1.0, 1.25)  # of a colour word, in which a thing's palette is held


@dataclass(frozen=True)
class HeldColour:
    """A colour word that stands before a thing: swatches for the place where that thing is."""

    name: str
    swatches: ByteImage  # (1, n, 3)
    mask: FloatImage


@dataclass(frozen=True)
class WordsScene:
    """A drawn scene.

    Attributes
    ----------
    key : of all it was drawn from. picture : (H, W, 3) uint8 sRGB, its things parted in tone from
    what lies behind. plain : the same before that. contours, depth : (H, W) float32 in 0..1.
    masks : of land and things that are seen. colours : that are held.
    """

    key: tuple[str, ...]
    picture: ByteImage
    plain: ByteImage
    contours: FloatImage
    depth: FloatImage
    masks: dict[str, FloatImage]
    colours: tuple[HeldColour, ...]


class BlankError(RecipeError):
    """Words with a blank in them: an edition fills it, a proof alone cannot be pulled."""


def strength_of(recipe: Recipe) -> float:
    """How far words push: guidance times their weight, 0 as if there were none."""
    heard = recipe.prompt.strip() and not recipe.words.muted
    return recipe.guidance * recipe.words.weight if heard else 0.0


def words_key(recipe: Recipe, width: int, height: int) -> tuple[str, ...]:
    """Everything that a drawn scene depends on."""
    placed = "".join(p.model_dump_json() for p in recipe.placed)
    push = f"{min(strength_of(recipe), 2.0):.3f}"
    size = f"{width}x{height}"
    said = (recipe.prompt, recipe.avoid, str(recipe.seed), size, placed, push)
    return ("words", *said, *taught_stamp(recipe))


def known_reading(recipe: Recipe, key: str, lexicon: Lexicon | None = None) -> Reading:
    """A prompt of a recipe, read; raises `RecipeError` for a word that is not known.

    `lexicon` is what it is to be drawn by; without one it is only read.
    """
    reading = read_prompt(getattr(recipe, key), lexicon or lexicon_of(recipe.taught))
    if reading.blanks and recipe.unknown == "refuse":
        raise BlankError(f"{key}: ${reading.blanks[0]} must be filled, as an edition does")
    if reading.unknown and recipe.unknown == "refuse":
        word = reading.unknown[0]
        near = f"; near are {', '.join(word.near)}" if word.near else ""
        raise RecipeError(f"{key}: every word must be known, got {word.text!r}{near}")
    return reading


def both_readings(recipe: Recipe, store: PictureStore) -> tuple[Reading, Reading]:
    """What is said and what is avoided, ready to be drawn."""
    lexicon = drawing_lexicon(recipe.taught, (recipe.prompt, recipe.avoid), store)
    return known_reading(recipe, "prompt", lexicon), known_reading(recipe, "avoid", lexicon)


def words_scene(recipe: Recipe, width: int, height: int, store: PictureStore) -> WordsScene:
    """Draw a recipe's words, or give what was drawn of them before.

    Raises
    ------
    RecipeError, PictureError
        For a word that is not known, unless the recipe says to skip such; for a picture of a
        taught one that cannot be read.
    """
    reading, avoided = both_readings(recipe, store)
    key = words_key(recipe, width, height)
    return keep(key, lambda: _drawn(recipe, reading, avoided, (width, height)))


def _drawn(recipe: Recipe, reading: Reading, avoided: Reading, size: tuple[int, int]) -> WordsScene:
    moved = [Moved(p.thing, p.at, p.size, p.turn) for p in recipe.placed]
    made = draw_words(reading, size, recipe.seed, avoided, moved)
    push = min(strength_of(recipe), 1.5)
    wished = [name for name in made.wished if name in made.seen]
    masks = {name: made.mask(name) for name in made.seen}
    plain = made.drawn.picture
    return WordsScene(
        words_key(recipe, *size),
        part_tones(plain, [masks[name] for name in wished], push),
        plain,
        contours(made.drawn),
        depth_map(made.drawn),
        masks,
        tuple(_held(made, masks)),
    )


@dataclass(frozen=True)
class WordsOnSource:
    """A source as words have changed it, with masks of the things set into it."""

    picture: ByteImage
    masks: dict[str, FloatImage]


@dataclass(frozen=True)
class Ground:
    """What words need to know of a source.

    Attributes
    ----------
    stamp : all that it depends on. depth : (H, W) float32, 1 near to 0 far, None to be estimated.
    region : (H, W) float32 in 0..1, where words act; None for everywhere.
    """

    stamp: tuple[str, ...]
    depth: FloatImage | None = None
    region: FloatImage | None = None


def words_on_source(
    recipe: Recipe, source: ByteImage, ground: Ground, store: PictureStore
) -> WordsOnSource:
    """Do to a framed source what the words wish for; kept while both stay the same.

    Raises `RecipeError` for a word that is not known, unless the recipe says to skip such.
    """
    reading, avoided = both_readings(recipe, store)
    height, width = source.shape[:2]

    def make() -> WordsOnSource:
        depth = ground.depth
        if depth is None:
            depth = np.asarray(estimate_depth(source), np.float32)
        wish, push = wish_of(reading, avoided), min(strength_of(recipe), 1.0)
        made = set_on_picture(source, depth, wish, recipe.seed, amount=push, region=ground.region)
        return WordsOnSource(made.picture, made.masks)

    return keep((*words_key(recipe, width, height), *ground.stamp), make)


def _held(made: WordsPicture, masks: dict[str, FloatImage]) -> list[HeldColour]:
    found = []
    for name, colour in made.colours.items():
        if name in masks:
            rgb = np.array([int(colour[i : i + 2], 16) for i in (1, 3, 5)])
            shades = np.outer(_SHADES, rgb).clip(0, 255).astype(np.uint8)
            found.append(HeldColour(name, shades[None], masks[name]))
    return found
