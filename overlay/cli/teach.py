"""`overlay teach`: a word is taught from pictures, for all projects."""

import argparse
import sys
from pathlib import Path
from typing import get_args

from overlay.cli.parts.ends import DONE
from overlay.document.taught import Belongs
from overlay.document.text.json_text import RecipeError
from overlay.studio.inputs.teaching import taught_from_files
from overlay.studio.keeping.files.lexicon import (
    forget_all,
    lexicon_folder,
    pack_lexicon,
    read_lexicon,
    teach_all,
    unpack_lexicon,
)
from overlay.words.language.grammar import read_prompt

_KINDS = ("subject", "area", "surface")


def add_arguments(parser: argparse.ArgumentParser) -> None:
    """What the command takes."""
    parser.add_argument("word", nargs="?", metavar="WORD")
    parser.add_argument("pictures", nargs="*", type=Path, metavar="PICTURE")
    parser.add_argument("--mask", type=Path, metavar="MASK")
    parser.add_argument("--height", type=float, default=1.0, metavar="METRES")
    parser.add_argument("--as", dest="kind", choices=_KINDS, default="subject")
    parser.add_argument("--belongs", choices=get_args(Belongs), default="ground")
    parser.add_argument("--list", action="store_true", help="print the words that were taught")
    parser.add_argument("--forget", action="store_true", help="no longer know WORD")
    parser.add_argument("--export", type=Path, metavar="ZIP")
    parser.add_argument("--import", dest="take", type=Path, metavar="ZIP")
    parser.set_defaults(run=run)


def run(options: argparse.Namespace) -> int:
    """Teach, forget, list, or hand the lexicon on."""
    deeds = [options.list, options.forget, options.export is not None, options.take is not None]
    if sum(deeds) > 1:
        raise RecipeError("teach: one of --list, --forget, --export and --import, got several")
    if options.list:
        for one in read_lexicon():
            print(f"{one.word}\t{one.kind}")
    elif options.export is not None:
        pack_lexicon(options.export, read_lexicon())
    elif options.take is not None:
        taken = unpack_lexicon(options.take)
        teach_all(taken)
        print(f"{len(taken)} words taught: {', '.join(one.word for one in taken)}")
    elif options.forget:
        _forget(options.word)
    else:
        _teach(options)
    return DONE


def _forget(word: str | None) -> None:
    known = [one.word for one in read_lexicon()]
    if word not in known:
        there = ", ".join(known) or "none"
        raise RecipeError(f"WORD: must be one that was taught ({there}), got {word!r}")
    forget_all([word])


def _teach(options: argparse.Namespace) -> None:
    if not options.word or not options.pictures:
        raise RecipeError("teach: WORD and at least one PICTURE must be given")
    taught = taught_from_files(
        options.word, options.pictures, kind=options.kind, mask=options.mask,
        height=options.height, belongs=options.belongs,
    )  # fmt: skip
    if not read_prompt(taught.word).unknown:
        note = f"{taught.word!r} has a meaning of its own; recipes that are read keep that one"
        print(f"overlay: {note}", file=sys.stderr)
    teach_all([taught])
    print(f"{taught.word}: a {taught.kind}, in {lexicon_folder()}")
