"""How things stand to each other: the words that link them."""

import re

from overlay.words.language.rewording import reworded

LINKS = (
    "hanging from", "in front of", "next to",
    "on top of", "full of", "filled with", "made of", "surrounded by",
    "behind", "beside", "under", "beneath", "above", "near", "inside", "among", "over", "across",
    "against", "through", "along", "between", "underneath", "below", "beyond", "opposite",
    "outside", "around", "amid", "upon", "onto", "into", "past", "toward", "towards", "holding",
    "riding", "and", "on", "in", "at", "with", "of", "by", "from",
)  # fmt: skip
# Links that mean the same as another one.
_SAME = {
    "hanging from": "hangs",
    "next to": "beside", "on top of": "on", "beneath": "under", "inside": "in", "full of": "holds",
    "filled with": "holds", "along": "beside", "by": "beside", "through": "in", "made of": "of",
    "between": "among", "surrounded by": "among", "underneath": "under", "below": "under",
    "beyond": "behind", "opposite": "beside", "outside": "beside",
    "amid": "among", "upon": "on", "onto": "on", "into": "in", "past": "beside",
    "toward": "beside", "towards": "beside", "from": "beside",
}  # fmt: skip
_LINK = re.compile(r"\b(" + "|".join(LINKS) + r")\b")
# Within a stretch of words an article begins another thing: `a knight fighting a dragon`.
_ARTICLE = re.compile(r"(?<=\w) (?:a|an|the|his|her|their|another) (?=\w)")


def parts_of(text: str) -> list[tuple[str, str]]:
    """Stretches of words, each with what links it to the one before it, empty if nothing does."""
    text = reworded(text)
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
