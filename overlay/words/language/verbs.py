"""Sentences put as pictures are told: `a fox sits on a wall` becomes `a fox sitting on a wall`."""

import re
from importlib.resources import files

_LINES = files("overlay.words.lexicon").joinpath("verbs.tsv").read_text("utf-8").splitlines()
_TABLE = [line.split("\t") for line in _LINES if not line.startswith("#")]
_THIRD = {one: doing for _, one, doing, *_ in _TABLE}
_PLAIN = {verb: doing for verb, _, doing, *_ in _TABLE}
# Where a thing may be called as well, it is a verb only after one thing with its article.
_MAYBE = "|".join(one for _, one, _, *thing in _TABLE if thing)
_SURE = "|".join(one for _, one, _, *thing in _TABLE if not thing)
_AFTER = (
    r"(?= (?:an?|the|his|her|its|their|another|two|three|four|five|some|many|on|in|at|by|under"
    r"|over|above|across|along|through|beside|behind|into|onto|near|with|around|between|among"
    r"|towards?|from|down|up|off|out|past|for|to|against|before|atop|upon|alone|together|\w+ly)\b"
    r"|[_ ]*$)"
)
_ONE = re.compile(rf"(?<=\w )({_SURE})(?=\W|$)")
# Between the article and the verb nothing leads to another thing: `a rock and plants`.
_LEADS = r"(?:of|and|or|with|in|on|at|by|under|over|behind|beside|near|among|from|full|for)\b"
_OBJECT = rf"(?:{_AFTER}|(?= \w+s\b))"
_ONE_THING = re.compile(
    rf"^((?:an?|the|his|her|one) (?:(?!{_LEADS})[\w'-]+ ){{1,3}}?)({_MAYBE}){_OBJECT}"
)
# What falls, rises or shines without being a thing.
_WEATHER = re.compile(
    r"\b((?:smoke|steam|mist|fog|snow|rain|water|light|moonlight|sunlight|wind|night|dusk|evening)"
    rf" )({_MAYBE}){_AFTER}"
)
_SUN = re.compile(r"\b(?:the )?(?:\w+ )?sun (?:is )?(set|ris|shin)(?:s|es|ting|ing)\b")
_HOURS = {"set": "sunset", "ris": "sunrise", "shin": "sunny"}
_SEVERAL = re.compile(
    rf"^((?:(?:two|three|four|five|six|some|many|several|the) )?(?:(?!{_LEADS})[\w'-]+ ){{0,2}}?"
    rf"(?:\w+s|men|women|children|people|geese|mice|oxen|sheep|deer) )({'|'.join(_PLAIN)}){_OBJECT}"
)


def as_doing(text: str) -> str:
    """A phrase, lower case, with what its things do as participles."""
    text = _SUN.sub(lambda found: _HOURS[found[1]], text)
    text = _WEATHER.sub(lambda found: found[1] + _THIRD[found[2]], text)
    text = _ONE.sub(lambda found: _THIRD[found[1]], text)
    text = _ONE_THING.sub(lambda found: found[1] + _THIRD[found[2]], text)
    return _SEVERAL.sub(lambda found: found[1] + _PLAIN[found[2]], text)
