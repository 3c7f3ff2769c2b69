"""How things stand to each other: the words that link them, and verbs that do."""

import re

LINKS = (
    "in front of", "next to", "on top of", "full of", "filled with", "made of", "surrounded by",
    "behind", "beside", "under", "beneath", "above", "near", "inside", "among", "over", "across",
    "against", "through", "along", "between", "underneath", "below", "beyond", "opposite",
    "outside", "around", "amid", "upon", "onto", "into", "past", "toward", "towards", "holding",
    "riding", "and", "on", "in", "at", "with", "of", "by", "from",
)  # fmt: skip
# Links that mean the same as another one.
_SAME = {
    "next to": "beside", "on top of": "on", "beneath": "under", "inside": "in", "full of": "holds",
    "filled with": "holds", "along": "beside", "by": "beside", "through": "in", "made of": "of",
    "between": "among", "surrounded by": "among", "underneath": "under", "below": "under",
    "beyond": "behind", "opposite": "beside", "outside": "beside", "around": "beside",
    "amid": "among", "upon": "on", "onto": "on", "into": "in", "past": "beside",
    "toward": "beside", "towards": "beside", "from": "beside",
}  # fmt: skip
# What somebody or something does to another thing says how the two stand.
_VERBS = {
    "crossing": "across", "spanning": "across", "leaning on": "against",
    "leaning against": "against",
    "carrying": "holding", "bearing": "holding", "lifting": "holding", "waving": "holding",
    "playing": "holding", "reading": "holding", "clutching": "holding", "catching": "holding",
    "mounted on": "riding", "sitting on the back of": "riding", "climbing": "against",
    "flying a kite": "with a kite", "flying kites": "with kites",
    "covered with": "with", "covered in": "with", "laden with": "holds", "standing by": "beside",
    "fishing from": "on",
    "looking over": "behind", "peering over": "behind", "leaning over": "behind",
}  # fmt: skip
_LINK = re.compile(r"\b(" + "|".join(LINKS) + r")\b")
_VERB = re.compile(r"(?<=\w) (" + "|".join(sorted(_VERBS, key=len, reverse=True)) + r")(?= |$)")
# What belongs to the thing before it is part of that, and drawn with it.
_OWN = re.compile(
    r"\b(?:its|their)(?: \w+)?"
    r" (?:chimneys?|roofs?|doors?|windows?|sails|wheels?|walls|towers?|mast)\b"
    r"|\b(?:from (?:the )?chimneys|with an? (?:\w+ )?chimney)\b"
    r"|\bon (?:\w+ )?stilts\b"
    r"|\bsmoking (?:an? |his |her |the )?(?:\w+ )?(?:pipe|cigar|cigarette)s?\b"
    r"|\bon (?:his|her|its) (?:shoulder|head|back|arm|lap)\b"
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
_READS = re.compile(r"\breading(?= (?:under|in|on|at|by|beside|near|beneath|against)\b| *$)")
_ROWS = re.compile(r"\browing(?! boats?\b)")
_CYCLES = re.compile(r"\bcycling\b")
_SMOKES = re.compile(r"\b(?:with )?(?:an? |the |its )?smoking chimneys?\b")
# Within a stretch of words an article begins another thing: `a knight fighting a dragon`.
_ARTICLE = re.compile(r"(?<=\w) (?:a|an|the|his|her|their|another) (?=\w)")


def parts_of(text: str) -> list[tuple[str, str]]:
    """Stretches of words, each with what links it to the one before it, empty if nothing does."""
    text = _READS.sub("holding an open book", _SMOKES.sub("with smoke", _SLICES.sub("a ", text)))
    text = _CLOTHES.sub(r"\g<who>\g<how>\g<rest>", _RUINS.sub("ruined ", _OWN.sub(" ", text)))
    text = _CYCLES.sub("riding a bicycle", _ROWS.sub("in a rowing boat", text))
    text = _VERB.sub(lambda verb: f" {_VERBS[verb[1]]}", text)
    parts: list[tuple[str, str]] = []
    link = ""
    for part in (p.strip() for p in _LINK.split(text)):
        if part in LINKS:
            link = part
            continue
        for stretch in _ARTICLE.split(part):
            if stretch.strip():
                parts.append((link, stretch.strip()))
                link = "beside"
    return parts


def meaning(link: str) -> str:
    """The link that a link means."""
    return _SAME.get(link, link)
