"""How what is said joins what was said before it: to which thing a link belongs."""

import re
from dataclasses import replace

from overlay.words.language.links import LINKS
from overlay.words.language.reading import PLURAL, Phrase, Piece, Placement
from overlay.words.subjects import perched
from overlay.words.things.families import LIVING
from overlay.words.wishing import relations
from overlay.words.wishing.filling import laden
from overlay.words.wishing.fitting import MOUNTED
from overlay.words.wishing.wished import Wished

_ALIKE = {"fish", "sheep", "deer", "jellyfish", "trout", "salmon"}
_ONE = {"a", "an", "one", "the", "his", "her", "this", "that"}
_TELLING = 4  # words before it, among which its article is
# After which what follows is not told of by the article before: `a dog herding sheep`.
_DONE_TO = {
    "herding", "chasing", "watching", "feeding", "driving", "guarding", "shearing", "counting",
    "catching", "hunting", "following", "leading", "tending",
}  # fmt: skip
_PAIRED = {"and", "beside"}
# What people are on or in who are said with it, by its family.
_BEARS = {
    "jetty": "on", "bridge": "on", "rope_bridge": "on", "drawbridge": "in front of",
    "rowing_boat": "in", "canoe": "in",
}  # fmt: skip


def join(things: list[Wished], last: int, number: int, link: str) -> None:
    """Link a thing to what was said before it, which need not be the word just before."""
    said = things[last]
    link = "and" if _is_overhead(things[number], link) else link
    whose = said.link in {"holds", "held"}  # `a basket of apples under a tree`
    eaten = said.link == "beside" and said.subject.belongs == "table"  # `eating a nut in a tree`
    if (said.link == "with" or eaten) and said.to is not None and link in {"on", "in", "under"}:
        holder, goods = things[said.to].subject.family, said.subject.family not in LIVING
        # `a man with a dog on a bench`, `a squirrel with a nut on a stump`
        whose = holder == "figure" or (holder in LIVING and goods)
    if link == "and" and relations.shares_plate(said, things, number):
        link, wide = "holds", said.wide * said.count**0.5
        plate = things[said.to or 0]
        things[said.to or 0] = laden(plate, things[number], wide)
    fills = link == "holds" and said.link == "held"  # `a woman with a basket of flowers`
    if link != "and" and whose and not fills:
        last = said.to or 0
    if said.pose in MOUNTED and said.to is not None and link in {"on", "in", "across"}:
        last = said.to  # `a cyclist on a bridge`
    together = _together(things, last, number) if link in {"on", "in"} else []
    if link == "on" and relations.shares_table(things, last, number):
        together.append(things[last].to or 0)  # `a mouse beside a cheese on a table`
    if things[number].pose == "lap":  # of whoever was said, not of their chair
        last = next((i for i in range(number) if things[i].subject.family == "figure"), last)
    link_two(things, last, number, link)
    # `a teapot and two cups on a tray`, `a couple on a bench`
    others = [i for i in together if things[i].to is None]
    if link in {"on", "in"}:
        # What an animal has lies beside it: `a squirrel with a nut on a stump`.
        paired = _PAIRED | ({"with"} if things[last].subject.family in LIVING else set())
        others += [i for i, t in enumerate(things) if t.to == last and t.link in paired]
    for other in others:
        if other != number:
            link_two(things, other, number, link)


def _is_overhead(thing: Wished, link: str) -> bool:
    """Whether a thing is over the one that is said to be in it: `a windmill in a thunderstorm`."""
    return thing.subject.family == "bolt" and link in {"in", "under"}


def _together(things: list[Wished], last: int, bearer: int) -> list[int]:
    """What was said before a thing with `and`; of small things that lie on one, all."""
    found = []
    small = [i for i in (last, bearer) if things[i].subject.belongs == "table"]
    for i in range(last - 1, -1, -1) if len(small) == 2 else ():
        if things[i].to is not None or things[i].subject.belongs != "table":
            break
        found.append(i)
    while things[last].link == "and" and things[last].to is not None:
        last = things[last].to or 0
        found.append(last)
    return found


def count_of(piece: Piece, phrase: Phrase) -> int:
    """How many of a thing there are; of what is called alike as one and as many, the latter unless
    an article or a number says that it is one."""
    word = piece.head.text if piece.head else ""
    if piece.count != 1 or word not in _ALIKE:
        return piece.count
    told = re.split(rf"\b{re.escape(word)}\b", phrase.text.lower())[0].split()[-_TELLING:]
    ends = (i + 1 for i, w in enumerate(told) if w in LINKS or w in _DONE_TO)
    near = told[max(ends, default=0) :]
    return 1 if _ONE & set(near) else PLURAL


def placement_of(piece: Piece, phrase: Phrase) -> Placement:
    """Where a phrase has one of its things: how far and how high is said of what comes last."""
    said = phrase.placement
    named = [p for p in phrase.pieces if p.head is not None]
    after = named[named.index(piece) + 1 :] if piece in named else []
    if all(p.link == "and" for p in after):
        return said
    return replace(said, away="", high=False)


def link_two(things: list[Wished], first: int, second: int, link: str) -> None:
    """`A on B` tells where A is; `A with B` and `a bowl of B` where B is."""
    a, b = things[first], things[second]
    if link == "with" and b.subject.family == "figure" and a.subject.family in _BEARS:
        link_two(things, second, first, _BEARS[a.subject.family])  # `a jetty with an angler`
        return
    if link == "on" and not a.flies:  # swallows on a wire
        a = replace(a, subject=perched(a.subject))
    a, b = relations.related(a, b, relations.about(a, b, link), first, second)
    things[first], things[second] = a, b
