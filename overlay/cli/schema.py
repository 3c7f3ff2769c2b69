"""`overlay schema`: the JSON Schema of recipes or projects, on standard output."""

import argparse
import json

from overlay.cli.parts.ends import DONE
from overlay.document.part import Part
from overlay.document.project_file import ProjectFile
from overlay.document.recipe import Recipe

_MODELS: dict[str, type[Part]] = {"recipe": Recipe, "project": ProjectFile}


def add_arguments(parser: argparse.ArgumentParser) -> None:
    """What the command takes."""
    parser.add_argument("of", nargs="?", choices=tuple(_MODELS), default="recipe")
    parser.set_defaults(run=run)


def run(options: argparse.Namespace) -> int:
    """Print it."""
    schema = _MODELS[options.of].model_json_schema()
    named = {"$schema": "https://json-schema.org/draft/2020-12/schema"} | schema
    print(json.dumps(named, indent=2))
    return DONE
