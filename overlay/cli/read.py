"""`overlay read`: what a prompt is understood as, as JSON."""

import argparse
import json

from overlay.cli.parts.ends import DONE
from overlay.document.taught import lexicon_of
from overlay.document.text.json_text import RecipeError
from overlay.studio.keeping.files.lexicon import read_lexicon
from overlay.words.language.grammar import read_prompt


def add_arguments(parser: argparse.ArgumentParser) -> None:
    """What the command takes."""
    parser.add_argument("prompt", metavar="PROMPT")
    parser.set_defaults(run=run)


def run(options: argparse.Namespace) -> int:
    """Print phrases and words with what they were read as, and those that are not known."""
    try:
        reading = read_prompt(options.prompt, lexicon_of(read_lexicon()))
    except ValueError as error:
        raise RecipeError(f"prompt: {error}") from error
    print(json.dumps(reading.as_plain(), indent=2, ensure_ascii=False))
    return DONE
