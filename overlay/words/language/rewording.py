"""What is said in other words, put into plain ones: verbs as links, ruins as ruined things."""

import re
from collections.abc import Callable
from functools import lru_cache

# What somebody or something does to another thing says how the two stand.
_VERBS = {
    "crossing": "across", "spanning": "across", "leaning on": "against",
    "leaning against": "against",
    "carrying": "holding", "bearing": "holding", "lifting": "holding", "waving": "holding",
    "ringing": "holding", "watering": "with a watering can beside", "mowing": "with a scythe in",
    "playing": "holding", "reading": "holding", "clutching": "holding", "catching": "holding",
    "mounted on": "riding", "sitting on the back of": "riding", "climbing": "against",
    "flying a kite": "with a kite", "flying kites": "with kites",
    "covered with": "with", "covered in": "with", "laden with": "holds", "standing by": "beside",
    "looking through": "beside", "gazing through": "beside",
    "fishing from": "with a fishing rod on", "fishing": "with a fishing rod",
    "coiled around": "on", "curled around": "on", "wrapped around": "on", "wound around": "on",
    "pulling in": "beside", "hauling in": "beside", "mending": "beside", "steering": "on",
    "hammering at": "with a hammer beside", "hammering on": "with a hammer beside",
    "hammering": "with a hammer beside", "sweeping": "with a broom on",
    "raking": "with a rake on", "digging": "with a spade in",
    "serving tea": "with a teapot", "serving coffee": "with a tray", "serving": "with",
    "riding into": "riding a horse into", "riding through": "riding a horse through",
    "riding across": "riding a horse across", "riding along": "riding a horse along",
    "riding over": "riding a horse over", "riding towards": "riding a horse towards",
    "riding off into": "riding a horse into", "riding off": "riding a horse",
    "playing chess": "beside a chess table", "playing draughts": "beside a chess table",
    "looking into": "beside", "peering into": "beside", "gazing into": "beside",
    "looking at": "beside", "staring at": "beside", "gazing at": "beside",
    "looking over": "behind", "peering over": "behind", "leaning over": "behind",
}  # fmt: skip
_VERB = re.compile(r"(?<=\w) (" + "|".join(sorted(_VERBS, key=len, reverse=True)) + r")(?= |$)")
# What belongs to the thing before it is part of that, and drawn with it.
_OWN = re.compile(
    r"\b(?:its|their)(?: \w+)?"
    r" (?:chimneys?|roofs?|doors?|windows?|sails|wheels?|walls|towers?|mast)\b"
    r"|\b(?:from (?:the )?chimneys|with an? (?:\w+ )?chimney)\b"
    r"|\bon (?:\w+ )?stilts\b"
    r"|\bunder construction\b"
    r"|\bsmoking (?:an? |his |her |the )?(?:\w+ )?(?:pipe|cigar|cigarette)s?\b"
    r"|\bon (?:his|her|its) (?:shoulder|head|back|arm|lap)\b"
)
_SET = re.compile(
    r"\b(?:set|laid) for (?:breakfast|lunch|dinner|supper|tea|two|four|a meal|a feast)\b"
)
_RACE = re.compile(r"\b(?:an? |the )?horse races?\b")
_CYCLISTS = re.compile(r"\b(?:an? |the )?(?:bicycle|bike|cycle|cycling) races?\b")
_REGATTA = re.compile(r"\b(?:an? |the )?(?:regattas?|sailing races?|yacht races?|boat races?)\b")
_MILL = re.compile(
    r"\bmill(?P<at> (?:by|on|at|beside) (?:an? |the )?\w+)?"
    r" with (?:an? |its )?(?:\w+ )?(?:water )?wheel\b"
)
_LOOKS_OUT = re.compile(
    r"\b(?P<who>cat|kitten|parrot|puppy) (?:looking|gazing|staring|peering) out of"
    r" (?:an? |the |its )(?:\w+ )?window\b"
)
# Glasses that are read with.
_READING = re.compile(r"\b(?P<what>(?:\w*books?|newspaper|letter)\b(?: \w+){0,3}) glasses\b")
_READ_WITH = re.compile(
    r"\bglasses(?= (?:on|and|beside|near) (?:an? |the )?(?:\w+ )?(?:\w*books?|newspaper|letter)\b)"
)
_TUNNEL = re.compile(
    r"\b(?:passing|going|driving|coming|running) (?:through|out of|into)"
    r"(?= (?:a|the) (?:\w+ )?tunnel\b)"
)
_ANCHORED = re.compile(r" at anchor\b")
_INK = re.compile(r"\b(?:bottle|pot|well) of ink and (?:an? )?(?:quill|feather|pen)\b")
_FLOATS = re.compile(r"\bisland (?:that )?(?:floating|floats|hovering|drifting)\b")
_GOLD = re.compile(r"\bon (?:his |her |its |the |a (?:pile|heap|bed|hoard) of )?gold\b(?= *$)")
_RUIN = re.compile(
    r"\b(castle|abbey|temple|church|tower|monastery|cathedral|fortress|chapel) ruins?\b"
)
# `ruins of a temple` are a ruined temple, a dancer `in a red dress` is red.
_RUINS = re.compile(r"\b(?:the )?ruins of (?:an? |the )?")
# A slice of a thing is drawn as the thing.
_SLICES = re.compile(r"\b(?:an? |two |three )?(?:slices?|pieces?|wedges?|loaf|loaves) of (?:an? )?")
_CLOTHES = re.compile(
    r"^(?P<who>(?:an? |the )?)(?P<rest>.*?) (?:in|wearing|with)(?: an?| his| her)?"
    r" (?P<how>(?:\w+ ){0,2})"
    r"(?:dress|coat|cloak|suit|robes?|gown|jacket|uniform|kimono|shirt|waders|overalls|rags|apron)\b"
)
# What is read where no book is named; a chimney that smokes.
_READS = re.compile(r"\breading(?= (?:under|in|on|at|by|beside|near|beneath|against|to)\b| *$)")
_KNITS = re.compile(r"\b(?:knitting|sewing|embroidering)(?= (?:by|beside|near|next)\b| *$)")
_ROWS = re.compile(r"\browing(?![ _]boats?\b)")
_CYCLES = re.compile(r"\bcycling\b")
_LIT = re.compile(
    r"^(?P<what>.*?) with (?:\w+ )?(?:light|sunlight|sunbeams|moonlight)"
    r" (?:falling|streaming|pouring|coming|shining)"
    r" (?:in )?through (?:the |its |tall |high |stained |glass )*windows?\b"
)
_SMOKES = re.compile(
    r"\b(?:with )?(?:an? |the |its )?smoking chimneys?\b"
    r"|\bwith smoke (?:\w+ )?(?:up )?(?:from|out of) (?:an? |the |its |their )?chimneys?\b"
)
_CHIMNEYS = re.compile(
    r"^(?:smoking chimneys|chimney smoke|smoke(?: (?:rising|coming|curling|drifting))?(?: up)?"
    r" (?:from|out of|over) (?:the |its |their )?(?:chimneys?|houses|roofs|rooftops))$"
)
_PICTURES = re.compile(
    r"\b(?:painting|portrait|poster|drawing|photograph|photo)(?P<many>s?)\b"
    r"(?=(?: \w+){0,4} on (?:the|a|an|its|his|her|their) (?:\w+ )?walls?\b)"
)
_STATUE = re.compile(r"\b(?:statue|sculpture|carving) of (?:an? |the )?(?P<whom>\w+)")
_STATUES = re.compile(r"\b(?:statues|sculptures|carvings) of (?=\w)")
# A tractor with what it pulls; beasts in a row; what grows over walls; whose room it is.
_HAULS = re.compile(
    r"\btractor (?:and|with|pulling|towing|hauling)(?: an?)?(?: \w+)? (?:trailer|wagon|cart|load)\b"
    r"(?: (?:full of|of|loaded with|piled with|with) (?:hay|straw|bales|sacks))?"
)
_CARAVAN = re.compile(
    r"\b(?:an? |the )?(?:camel caravan|desert caravan|caravan of camels|train of camels)s?\b"
)
_LADEN = re.compile(
    r"\b(?P<beast>(?:donkey|mule|horse|camel|llama|yak|pony|ox|oxen)s?)"
    r" (?:loaded|laden|packed|heaped|piled high|carrying)(?: down)?"
    r" (?:with )?(?:\w+ )?(?:sacks|bags|baggage|goods|bundles|packs|supplies|loads?|wood|hay)\b"
)
_OVERGROWN = re.compile(
    r"^(?P<who>(?:an? |the )?)(?P<rest>.*?) (?:covered|overgrown|clad|draped|wrapped)"
    r" (?:in|with|by) (?:green )?(?:ivy|vines|creepers?|climbing roses|weeds)\b"
)
_WHOSE = re.compile(
    r"\b(?:an? |the )?(?!ship|captain)\w+'s"
    r" (?=(?:\w+ )?(?:kitchen|workshop|forge|studio|study|bedroom|attic|cellar|library|smithy)\b)"
)
_SHELVED = re.compile(
    r"\b(?:\w+ )?(?:loaves|bread|buns|cakes|pastries)"
    r" on (?:the |wooden |its )?(?:shelves|a shelf)\b"
    r"|\b(?:shelves|shelf) (?:of|with|full of) (?:\w+ )?(?:loaves|bread|buns|cakes|pastries)\b"
)
_JARS = re.compile(
    r"\b(?:\w+ )?(?:jars|bottles|pots|potions|tins|preserves)"
    r" on (?:the |wooden |its )?(?:shelves|a shelf)\b"
    r"|\b(?:shelves|shelf) (?:of|with|full of) (?:\w+ )?(?:jars|bottles|pots|potions|preserves)\b"
)
_CASTLE_GATE = re.compile(
    r"\b(?:castle|fortress|city|town) gates?(?: with (?:an? |its )?drawbridges?)?\b"
)
_SPIRE = re.compile(r"\bchurch (?:spires?|steeples?|towers?)\b")
_ROOFS = re.compile(r"\b(?:rooftops|roofs) and chimneys\b|\bchimneys and (?:rooftops|roofs)\b")
_TERRACED = re.compile(r"\bterraced (?=vineyards?\b)")
# What somebody has on their knees; what the wind carries.
_LAP = re.compile(
    r"\b(?:an? |the |his |her )?(?P<how>\w+ )?(?P<who>\w+)"
    r"(?: (?:asleep|sleeping|curled up|sitting|lying))? (?:on|in) (?:his|her|their|its|the) lap\b"
)
_JUGGLES = re.compile(
    r"\bjuggling(?:(?: with)?(?: \w+){0,2}? (?:balls|apples|oranges|clubs|torches|fruit))?\b"
)
_CHESS = re.compile(r"\b(?:an? |the )?(?:chess (?:game|match)|(?:game|match) of chess)\b")
_TEA = re.compile(r"\b(?:an? |the )?tea party\b")
_FLYING = r"(?:blowing|falling|swirling|drifting|flying|dancing|whirling|fluttering|floating)"
_BLOWN = re.compile(
    rf"\b(?P<season>autumn_|fallen_)?(?P<what>leaves|petals) {_FLYING}"
    r"(?: down)?(?: in (?:the|a) (?:\w+ )?(?:wind|air|breeze))?"
    r"(?P<on> (?:over|around|across|past|through|on|onto|about|from)(?= ))?"
)
_BLOWING = re.compile(rf"\b{_FLYING} (?P<season>autumn_|fallen_)?(?P<what>leaves|petals)\b(?P<on>)")
_QUILL = re.compile(r"\binkwell(?: and|,)? (?:an? )?(?:quill|feather)\b")


_Plain = str | Callable[[re.Match[str]], str]


def _as_blown(found: re.Match[str]) -> str:
    """Leaves in the wind, and what they fly over."""
    season = "autumn_leaves " if found["season"] else ""
    return f"{season}flying_{found['what']}" + (" and" if found["on"] else "")


# In this order: each sees what those before it made.
_REWORDINGS: tuple[tuple[re.Pattern[str], _Plain], ...] = (
    (_JUGGLES, "holding juggled_balls"), (_CHESS, "a chess table"),
    (_TEA, "a table with a teapot and two cups and a cake"),
    (_LAP, r"a \g<how>lap \g<who>"), (_BLOWING, _as_blown), (_BLOWN, _as_blown),
    (_STATUE, r"carved \g<whom> on a stone plinth"), (_STATUES, "carved "),
    (_CHIMNEYS, "chimney smoke"), (_PICTURES, r"picture\g<many>"),
    (_SLICES, "a "), (_SMOKES, "with smoke"), (_READS, "holding an open book"), (_OWN, " "),
    (_RUINS, "ruined "), (_CLOTHES, r"\g<who>\g<how>\g<rest>"), (_FLOATS, "floating island"),
    (_ANCHORED, ""), (_INK, "inkwell"), (_TUNNEL, "leaving"), (_RACE, "three men riding horses"),
    (_MILL, r"water mill\g<at>"), (_LOOKS_OUT, r"\g<who> on a windowsill"),
    (_READING, r"\g<what> spectacles"), (_READ_WITH, "spectacles"),
    (_CYCLISTS, "three men riding bicycles"), (_REGATTA, "four sailing boats"),
    (_GOLD, "on a hoard"), (_SET, "with a plate and a cup and a loaf of bread and a jug"),
    (_RUIN, r"ruined \1"), (_LIT, r"the interior of \g<what> with windows"),
    (_HAULS, "hay tractor"), (_CARAVAN, "a row of camels"), (_LADEN, r"laden \g<beast>"),
    (_OVERGROWN, r"\g<who>ivied \g<rest>"), (_WHOSE, ""), (_SHELVED, "a bread shelf"),
    (_JARS, "a jar shelf"), (_SPIRE, "church"), (_CASTLE_GATE, "drawbridge"),
    (_ROOFS, "rooftops"), (_TERRACED, ""), (_QUILL, "inkwell"), (_KNITS, "on an armchair"),
    (_ROWS, "in a rowing boat"),
    (_CYCLES, "riding a bicycle"),
)  # fmt: skip


@lru_cache(maxsize=512)  # a prompt is read again whenever one of its phrases changes
def reworded(text: str) -> str:
    """A phrase in words that the grammar knows."""
    for pattern, plain in _REWORDINGS:
        text = pattern.sub(plain, text)
    return _VERB.sub(lambda verb: f" {_VERBS[verb[1]]}", text)
