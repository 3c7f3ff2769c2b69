"""What a recipe uses its pictures for."""

from pathlib import Path

from overlay.document.cues import BLANK, AvoidedCue, GuideCue, ReferenceCue
from overlay.document.recipe import Recipe

SOURCE = "source"


def uses_of(recipe: Recipe) -> dict[Path, list[str]]:
    """Every picture with what uses it, in order: the source, cues, regions' masks.

    A cue is named by its name, a region's mask as `mask of NAME`, a taught word as
    `the word WORD`.
    """
    found: dict[Path, list[str]] = {}

    def note(path: str | None, use: str) -> None:
        if path is not None and path not in (SOURCE, BLANK):
            found.setdefault(Path(path), []).append(use)

    note(recipe.source, SOURCE)
    for cue in recipe.cues:
        if isinstance(cue, ReferenceCue):
            note(cue.reference, cue.name)
        elif isinstance(cue, AvoidedCue):
            note(cue.avoided, cue.name)
        elif isinstance(cue, GuideCue):
            for path in dict.fromkeys((cue.of, cue.map)):
                note(path, cue.name)
    for name, region in recipe.regions.items():
        note(region.mask, f"mask of {name}")
    for path, word in _taught_pictures(recipe):
        note(path, f"the word {word}")
    return found


def _taught_pictures(recipe: Recipe) -> list[tuple[str, str]]:
    """Pictures of taught words, with their words."""
    return [
        (path, one.word)
        for one in recipe.taught
        for path in (*one.pictures, *(cue.reference for cue in one.cues))
    ]
