"""Settings that change over a sequence, from key frame to key frame."""

from typing import Any

from overlay.document.editing import recipe_data
from overlay.document.reading import make_recipe
from overlay.document.recipe import Recipe
from overlay.document.sets.sequences import KeyFrame, Sequence
from overlay.document.text.json_text import RecipeError
from overlay.studio.editions.rows import column_key
from overlay.studio.sheets.axes import check, typed_value
from overlay.studio.sheets.cells import lay
from overlay.studio.sheets.settings import find_setting


def read_key(text: str, recipe: Recipe) -> KeyFrame:
    """A key frame from `FRAME:KEY=VALUE`; raises `RecipeError` in one line."""
    frame, colon, rest = text.partition(":")
    key, equals, value = rest.partition("=")
    if not (colon and equals and frame.isascii() and frame.isdigit() and len(frame) < 6):
        raise RecipeError(f"--key: must be FRAME:KEY=VALUE, got {text!r}")
    return checked_key(int(frame), key, typed_value(value.strip()), recipe, "--key")


def checked_key(frame: int, key: str, value: Any, recipe: Recipe, where: str) -> KeyFrame:
    """A key frame whose value the recipe's setting takes; raises `RecipeError`."""
    setting = find_setting(recipe, key)
    if setting is None or key == "source":
        raise RecipeError(f"{where}: must name a setting of the recipe but its source, got {key!r}")
    if not 1 <= frame <= 10_000:
        raise RecipeError(f"{where}: frames are counted from 1 to 10000, got {frame}")
    return KeyFrame(frame=frame, key=setting.key, value=check(value, setting, where))


def check_keys(sequence: Sequence) -> None:
    """Refuse key frames that the recipe has no setting for; raises `RecipeError`."""
    for key in sequence.keys:
        checked_key(key.frame, key.key, key.value, sequence.recipe, f"key frame {key.frame}")


def value_at_frame(keys: list[KeyFrame], frame: int, *, whole: bool) -> Any:
    """What a setting is at a frame, from 1: even steps between numbers, else the last that came.

    Before the first key frame and after the last one its value stays.
    """
    ordered = sorted(keys, key=lambda k: k.frame)
    before = [k for k in ordered if k.frame <= frame]
    after = [k for k in ordered if k.frame > frame]
    if not before:
        return after[0].value
    if not after or not (_is_number(before[-1].value) and _is_number(after[0].value)):
        return before[-1].value
    first, last = before[-1], after[0]
    share = (frame - first.frame) / (last.frame - first.frame)
    value = first.value + share * (last.value - first.value)
    return round(value) if whole else round(value, 6)


def _is_number(value: Any) -> bool:
    return isinstance(value, int | float) and not isinstance(value, bool)


def frame_recipe(sequence: Sequence, frame: int, source: str) -> Recipe:
    """The recipe of a frame, from 1; raises `RecipeError` where values do not go together."""
    recipe = sequence.recipe
    data = recipe_data(recipe) | {"source": source}
    by_key: dict[str, list[KeyFrame]] = {}
    for key in sequence.keys:
        by_key.setdefault(column_key(recipe, key.key), []).append(key)
    for name, keys in by_key.items():
        setting = find_setting(recipe, name)
        whole = setting is not None and setting.whole
        lay(data, recipe, name, value_at_frame(keys, frame, whole=whole))
    return make_recipe(data, f"frame {frame}")
