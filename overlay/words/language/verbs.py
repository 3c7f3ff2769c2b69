"""Sentences put as pictures are told: `a fox sits on a wall` becomes `a fox sitting on a wall`."""

import re
from functools import cache
from importlib.resources import files
from typing import NamedTuple

_ARTICLES = {"a", "an", "the", "his", "her", "one"}
# Between the article and the verb nothing leads to another thing: `a rock and plants`.
_LEADS = {
    "of", "and", "or", "with", "in", "on", "at", "by", "under", "over", "behind", "beside", "near",
    "among", "from", "full", "for",
}  # fmt: skip
_AFTER = (_ARTICLES | _LEADS - {"of", "and", "or", "full"}) | {
    "its", "their", "another", "two", "three", "four", "five", "some", "many", "above", "across",
    "along", "through", "into", "onto", "around", "between", "towards", "toward", "down", "up",
    "off", "out", "past", "to", "against", "before", "atop", "upon", "alone", "together", "",
}  # fmt: skip
# What falls, rises or shines without being a thing; plurals without an s.
_WEATHER = {
    "smoke", "steam", "mist", "fog", "snow", "rain", "water", "light", "moonlight", "sunlight",
    "wind", "night", "dusk", "evening",
}  # fmt: skip
_PLURALS = {"men", "women", "children", "people", "geese", "mice", "oxen", "sheep", "deer"}
_MOST_WORDS = 3  # between an article and the verb
_SUN = re.compile(r"\bsun (?:is )?(set|ris|shin)(?:s|es|ting|ing)\b")
_HOURS = {"set": "sunset", "ris": "sunrise", "shin": "sunny"}


class _Verbs(NamedTuple):
    """What verbs are as participles: by their form of one thing, and of several.

    `also` are forms of one thing that things may be called as well.
    """

    one: dict[str, str]
    several: dict[str, str]
    also: frozenset[str]


@cache
def _verbs() -> _Verbs:
    text = files("overlay.words.lexicon").joinpath("verbs.tsv").read_text("utf-8")
    table = [line.split("\t") for line in text.splitlines() if not line.startswith("#")]
    return _Verbs(
        {one: doing for _, one, doing, *_ in table},
        {verb: doing for verb, _, doing, *_ in table},
        frozenset(one for _, one, _, *thing in table if thing),
    )


def as_doing(text: str) -> str:
    """A phrase, lower case, with what its things do as participles."""
    text = _SUN.sub(lambda found: _HOURS[found[1]], text)
    words = text.split(" ")
    for place in range(1, len(words)):
        word = words[place].rstrip(".!?")
        doing = _as_participle(words, place, word)
        if doing:
            words[place] = doing + words[place][len(word) :]
    return " ".join(words)


def _as_participle(words: list[str], place: int, word: str) -> str:
    """The participle of a verb in its place, or nothing where it is none."""
    verbs, before = _verbs(), words[place - 1]
    doing = verbs.one.get(word, "")
    if doing and word not in verbs.also:
        return doing
    if not doing and word not in verbs.several:
        return ""
    after = words[place + 1].rstrip("_") if place + 1 < len(words) else ""
    leads = after in _AFTER or after.endswith("ly")
    if doing and before in _WEATHER and leads:
        return doing
    if not (leads or after.endswith("s")) or place > _MOST_WORDS + 1:
        return ""
    if any(w in _LEADS for w in words[:place]):
        return ""
    if doing:
        return doing if words[0] in _ARTICLES and place > 1 else ""
    return verbs.several[word] if before.endswith("s") or before in _PLURALS else ""
