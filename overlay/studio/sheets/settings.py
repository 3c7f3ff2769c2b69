"""The settings of a recipe that can be varied: every number, choice and picture in it.

They are read from the document's own fields, so that a new one is there by itself.
"""

from collections import deque
from collections.abc import Iterator
from dataclasses import dataclass
from typing import Any, Literal, get_args, get_origin

from pydantic.fields import FieldInfo

from overlay.document.cues import Cue, GuideCue, ReferenceCue, StyleInfluence
from overlay.document.guide_options import GUIDE_OPTIONS
from overlay.document.part import FilePath, Part
from overlay.document.recipe import Recipe, Stray
from overlay.document.sets.sheets import WITHOUT
from overlay.regions.pick_words import PICKS
from overlay.studio.making.engines import engine_names
from overlay.words.language.phrases import LEAD, emphasis_of
from overlay.words.language.writing import phrases_of, without_emphasis

Kind = Literal["number", "choice", "picture", "size", "words"]

RUN, WORDS = "Run", "Words"
_SHARE, _TWICE = 1.0, 2.0  # upper bounds that mean shares, which people say in percent
# What is called otherwise than its key, by the ending of that.
_NAMES = {
    "stray.seed": "stray seed", "place.scale": "size on the frame", "place.fit": "fit on the frame",
    "scale": "mark size", "reference": "picture", "avoided": "picture", "guide": "kind of guide",
    "even.amount": "even", "of": "made from", "invert_region": "all but its region",
}  # fmt: skip
# What is no setting to vary, or cannot be honoured yet.
_LEFT_OUT = {"overlay", "name", "strokes", "keep_out", "map", "mask"}

# The recipes asked about last, with their settings: a window asks for each of them many times.
_LAST: deque[tuple[Recipe, list["Setting"]]] = deque(maxlen=4)


@dataclass(frozen=True)
class Setting:
    """One setting.

    Attributes
    ----------
    key : as `--set` takes it. group : whose it is: the run, a cue, a region.
    name : what it is called. now : its present value.
    low, high : bounds of a number. whole : whether it is one. percent : whether people say it so.
    choices : what a choice is among.
    """

    key: str
    group: str
    name: str
    kind: Kind
    now: Any
    low: float = 0.0
    high: float = 1.0
    whole: bool = False
    percent: bool = False
    choices: tuple[Any, ...] = ()

    @property
    def title(self) -> str:
        """Whose setting it is and what it is called."""
        return self.name if self.group == RUN else f"{self.group}: {self.name}"


def settings_of(recipe: Recipe) -> list[Setting]:
    """All settings of a recipe, those of the run first."""
    for known, settings in tuple(_LAST):  # another thread may add to it
        if known is recipe:
            return list(settings)
    settings = _all_settings(recipe)
    _LAST.append((recipe, settings))
    return list(settings)


def _all_settings(recipe: Recipe) -> list[Setting]:
    found = list(_run_settings(recipe))
    for i, cue in enumerate(recipe.cues):
        key = cue_path(cue, i)
        found += _part_settings(recipe, key, cue.name, cue)
        if isinstance(cue, StyleInfluence):
            found += _part_settings(recipe, f"{key}.facets", cue.name, cue.active_facets)
        if isinstance(cue, ReferenceCue):
            found += _part_settings(recipe, f"{key}.place", cue.name, cue.place)
        if isinstance(cue, GuideCue):
            found += _option_settings(key, cue)
    for name in recipe.regions:
        if "." not in name:
            found += _part_settings(recipe, f"regions.{name}", name, recipe.regions[name])
    for i, later in enumerate(recipe.passes):
        found += _part_settings(recipe, f"passes.{i}", f"Pass {i + 1}", later)
    return found


def cue_path(cue: Cue, index: int) -> str:
    """What leads to a cue: its name, or its place where that would be taken for something else."""
    plain = "." not in cue.name and not cue.name.isdigit() and "=" not in cue.name
    return f"cues.{cue.name if plain else index}"


def find_setting(recipe: Recipe, key: str) -> Setting | None:
    """The setting of a key; a cue may be named by its place."""
    for setting in settings_of(recipe):
        if key == setting.key or _by_place(recipe, key) == setting.key:
            return setting
    return None


def _by_place(recipe: Recipe, key: str) -> str:
    parts = key.split(".")
    if parts[0] == "cues" and len(parts) > 1 and parts[1].isascii() and parts[1].isdigit():
        place = int(parts[1])
        if place < len(recipe.cues):
            return ".".join(["cues", recipe.cues[place].name, *parts[2:]])
    return key


def _run_settings(recipe: Recipe) -> Iterator[Setting]:
    yield from _part_settings(recipe, "", RUN, recipe)
    amount = 0.0 if recipe.stray is None else recipe.stray.amount
    yield Setting("stray.amount", RUN, "stray", "number", amount, percent=True)
    seed = None if recipe.stray is None else recipe.stray.seed
    made = _typed("stray.seed", RUN, _name("stray.seed"), Stray.model_fields["seed"], seed)
    yield from () if made is None else (made,)
    if recipe.even is not None:
        yield from _part_settings(recipe, "even", RUN, recipe.even)
    yield Setting("engine", RUN, "engine", "choice", recipe.engine, choices=engine_names())
    yield from _words_settings(recipe)
    names = tuple(cue.name for cue in recipe.cues)
    yield Setting(WITHOUT, RUN, "cue left out", "choice", None, choices=(None, *names))


def _words_settings(recipe: Recipe) -> Iterator[Setting]:
    """How words are heard, and each phrase: itself and its emphasis."""
    if not recipe.prompt.strip():
        return
    yield from _part_settings(recipe, "words", WORDS, recipe.words)
    for i, phrase in enumerate(phrases_of(recipe.prompt)):
        key, text = f"{LEAD}{i}", without_emphasis(phrase)
        yield Setting(key, WORDS, f"“{text}”", "words", phrase)
        emphasis = emphasis_of(phrase)
        name = f"emphasis of “{text}”"
        yield Setting(f"{key}.emphasis", WORDS, name, "number", emphasis, 0, 2, percent=True)


def _part_settings(recipe: Recipe, path: str, group: str, part: Part) -> Iterator[Setting]:
    for key, field in type(part).model_fields.items():
        where = f"{path}.{key}" if path else key
        if key in _LEFT_OUT or (key == "engine" and not path):
            continue
        made = _setting(recipe, where, group, field, getattr(part, key))
        if made is not None:
            yield made


def _option_settings(path: str, cue: GuideCue) -> Iterator[Setting]:
    for key, field in GUIDE_OPTIONS[cue.guide].model_fields.items():
        now = getattr(cue.settings, key)
        made = _typed(f"{path}.options.{key}", cue.name, _name(key), field, now)
        if made is not None:
            yield made


def _setting(recipe: Recipe, key: str, group: str, field: FieldInfo, now: Any) -> Setting | None:
    name = _name(key)
    if key.endswith(".region") or key == "within":
        return Setting(key, group, name, "choice", now, choices=(None, *recipe.regions))
    return _typed(key, group, name, field, now)


def _typed(key: str, group: str, name: str, field: FieldInfo, now: Any) -> Setting | None:
    """A setting by the type of its field; None for what cannot be varied."""
    kind = field.annotation
    if key in ("prompt", "avoid"):
        return Setting(key, WORDS, name, "words", now)
    if key == "size":
        return Setting(key, group, name, "size", now)
    if key.endswith(".pick"):
        return Setting(key, group, name, "choice", now, choices=(None, *PICKS))
    if kind is bool:
        return Setting(key, group, name, "choice", now, choices=(True, False))
    if get_origin(kind) is Literal and len(get_args(kind)) > 1:
        return Setting(key, group, name, "choice", now, choices=get_args(kind))
    if _holds_file(field):
        return Setting(key, group, name, "picture", now)
    if kind not in (int, float):
        return None
    low, high = _bounds(field)
    shares = kind is float and low == 0 and high in (_SHARE, _TWICE) and "scale" not in key
    percent = shares or key == "guidance"
    return Setting(key, group, name, "number", now, low, high, whole=kind is int, percent=percent)


def _holds_file(field: FieldInfo) -> bool:
    """Whether a field is a file's path, or may be one."""
    own = {type(m) for m in field.metadata}
    validators = {type(m) for m in get_args(FilePath)[1:]}
    if field.annotation is str:
        return validators <= own
    return any(FilePath == one for one in get_args(field.annotation))


def _bounds(field: FieldInfo) -> tuple[float, float]:
    low = next((m.ge for m in field.metadata if hasattr(m, "ge")), 0)
    high = next((m.le for m in field.metadata if hasattr(m, "le")), 1)
    return float(low), float(high)


def _name(key: str) -> str:
    """What a setting is called."""
    dotted = f".{key}"
    found = next((name for ending, name in _NAMES.items() if dotted.endswith(f".{ending}")), None)
    return found or key.rpartition(".")[2].replace("_", " ")
