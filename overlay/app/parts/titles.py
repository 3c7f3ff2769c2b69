"""What measures and settings are called in the language that is spoken."""

from typing import Any

from overlay.app.parts.language import tr
from overlay.app.parts.plain import plain
from overlay.studio.sheets.axes import say
from overlay.studio.sheets.figures import measure_title
from overlay.studio.sheets.settings import RUN, WORDS, Setting

_SHARE = "Its share"  # other texts say Share for what one does


def measure_name(key: str) -> str:
    """What a measure is called: `Style match, tile`; the cue's name stays as it is."""
    name, _, of = key.partition(".")
    title = tr(_SHARE if name == "share" else measure_title(name))
    return plain(f"{title}, {of}" if of else title)


def setting_name(setting: Setting) -> str:
    """Whose setting it is and what it is called: `tile: weight`; the cue's name stays."""
    name = tr(setting.name)
    if setting.group == RUN:
        return plain(name)
    group = tr(WORDS) if setting.group == WORDS else setting.group
    return plain(f"{group}: {name}")


def setting_value(value: Any, setting: Setting) -> str:
    """A setting's value as people say it; choices stand as they do in recipes."""
    said = say(value, setting)
    return plain(tr(said) if value is None or isinstance(value, bool) else said)
