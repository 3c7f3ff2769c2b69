"""The hash of a recipe: two that have the same one give the same proof."""

import hashlib
import json
from typing import Any

from overlay.document.part import default_of
from overlay.document.passes import PASS_TYPES, PASSES, active
from overlay.document.recipe import Recipe
from overlay.document.taught import Taught
from overlay.engine.version import ENGINE_VERSION
from overlay.studio.inputs.digests import digest_of
from overlay.studio.inputs.paths import input_paths
from overlay.studio.making.taught import said_words

# Keys that came after the first proofs: as if they were not there while they say nothing, so that
# kept proofs are found.
_LATER = ("stray", "words", "unknown", "placed", "even", "taught")
_LATER_IN_PASS = ("seed", "cues")


def hash_recipe(recipe: Recipe) -> str:
    """SHA-256 over the resolved recipe and the bytes of its inputs, hexadecimal.

    Where files lie does not count, only what is in them, and the version of the engine; nor do
    passes that are off.
    """
    recipe = recipe.model_copy(update={"taught": tuple(_drawn(recipe))})
    digests = {path: digest_of(path) for path in input_paths(recipe)}
    data = recipe.model_dump(mode="json")
    for key in _LATER:
        if getattr(recipe, key) == default_of(Recipe, key):
            del data[key]
    data["passes"] = [_plain_pass(p.model_dump(mode="json")) for p in active(recipe.passes)]
    text = json.dumps(data, sort_keys=True, ensure_ascii=False)
    for path, digest in sorted(digests.items(), key=lambda item: -len(item[0])):
        text = text.replace(json.dumps(path, ensure_ascii=False), json.dumps(digest))
    return hashlib.sha256(f"{ENGINE_VERSION}\n{text}".encode()).hexdigest()


def _drawn(recipe: Recipe) -> list[Taught]:
    """Taught words that change the picture: those that are said, but looks, which are rows."""
    return [one for one in said_words(recipe) if one.kind != "look"]


def _plain_pass(data: dict[str, Any]) -> dict[str, Any]:
    kind = dict(zip(PASSES, PASS_TYPES, strict=True))[data["kind"]]
    later = {key for key in _LATER_IN_PASS if data[key] == default_of(kind, key)} | {"off"}
    return {key: value for key, value in data.items() if key not in later}


def up_to(recipe: Recipe, count: int) -> Recipe:
    """The recipe of a stage: the base for 0, else as far as so many passes that are run."""
    return recipe.model_copy(update={"passes": active(recipe.passes)[:count]})
