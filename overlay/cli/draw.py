"""`overlay draw`: the scene that a prompt draws, with its depth and a mask for each thing."""

import argparse
import re
import sys
from pathlib import Path

from overlay.cli.parts.ends import DONE
from overlay.cli.parts.targets import check_png
from overlay.document.recipe import MOST_PIXELS, SMALLEST_SIDE
from overlay.document.text.json_text import RecipeError
from overlay.imaging.files import write_grey8, write_grey16, write_picture
from overlay.imaging.intake import PictureError
from overlay.studio.inputs.paths import plain_path
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.keeping.files.lexicon import read_lexicon
from overlay.studio.making.taught import drawing_lexicon
from overlay.words.language.grammar import read_prompt
from overlay.words.language.lexicon import Lexicon
from overlay.words.language.reading import Reading
from overlay.words.picture import WordsPicture, depth_map, draw_words

_SIZE = re.compile(r"(\d{1,5})x(\d{1,5})")


def add_arguments(parser: argparse.ArgumentParser) -> None:
    """What the command takes."""
    parser.add_argument("prompt", metavar="PROMPT")
    parser.add_argument("--out", type=Path, required=True, metavar="PICTURE")
    parser.add_argument("--size", default="768x512", metavar="WxH")
    parser.add_argument("--seed", type=int, default=0, metavar="N")
    parser.add_argument("--avoid", default="", metavar="PROMPT")
    parser.add_argument("--depth", type=Path, metavar="FILE")
    parser.add_argument("--labels", type=Path, metavar="DIR")
    parser.add_argument("--skip-unknown", action="store_true")
    parser.set_defaults(run=run)


def run(options: argparse.Namespace) -> int:
    """Draw, and write what was asked for."""
    size = _size(options.size)
    if not 0 <= options.seed <= 2**53:
        raise RecipeError(f"--seed: must be 0 to 2**53, got {options.seed}")
    lexicon = _lexicon(options.prompt, options.avoid)
    reading = known(options.prompt, "prompt", lexicon, skip=options.skip_unknown)
    avoided = known(options.avoid, "--avoid", lexicon, skip=options.skip_unknown)
    check_png("--out", options.out, [])
    if options.depth:
        check_png("--depth", options.depth, [])
    if options.labels:
        plain_path(options.labels.absolute())
        options.labels.mkdir(parents=True, exist_ok=True)
    drawn = draw_words(reading, size, options.seed, avoided)
    write_picture(options.out, drawn.drawn.picture)
    if options.depth:
        write_grey16(options.depth, depth_map(drawn.drawn))
    if options.labels:
        _write_labels(drawn, options.labels)
    return DONE


def _lexicon(prompt: str, avoid: str) -> Lexicon | None:
    """The artist's own words, with what is drawn of them."""
    try:
        return drawing_lexicon(read_lexicon(), (prompt, avoid), PictureStore())
    except PictureError:
        raise
    except ValueError as error:
        raise RecipeError(f"prompt: {error}") from error


def known(text: str, where: str, lexicon: Lexicon | None, *, skip: bool) -> Reading:
    """A prompt read, refused where a word is not known, unless such words are skipped."""
    try:
        reading = read_prompt(text, lexicon)
    except ValueError as error:
        raise RecipeError(f"{where}: {error}") from error
    if reading.blanks and not skip:
        raise RecipeError(f"{where}: ${reading.blanks[0]} must be filled, as an edition does")
    if reading.unknown and not skip:
        word = reading.unknown[0]
        near = f"; near are {', '.join(word.near)}" if word.near else ""
        raise RecipeError(f"{where}: every word must be known, got {word.text!r}{near}")
    for word in reading.unknown:
        print(f"overlay: {where}: {word.text!r} is not known and was skipped", file=sys.stderr)
    return reading


def _size(text: str) -> tuple[int, int]:
    match = _SIZE.fullmatch(text)
    width, height = (int(match[1]), int(match[2])) if match else (0, 0)
    if min(width, height) < SMALLEST_SIDE or width * height > MOST_PIXELS:
        raise RecipeError(
            f"--size: must be WIDTHxHEIGHT, sides at least {SMALLEST_SIDE}, "
            f"at most 16 megapixels, got {text!r}"
        )
    return width, height


def _write_labels(drawn: WordsPicture, folder: Path) -> None:
    """A mask for each thing and kind of land that is seen, named for it."""
    for name in drawn.seen:
        write_grey8(folder / f"{name.replace(' ', '-')}.png", drawn.mask(name))
