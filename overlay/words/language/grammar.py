"""From a prompt to what it says: phrases, pieces, placements, tunes.

::

    prompt = phrase {"," phrase}
    phrase = tune | {piece (link piece)} [percent] {placement}
    piece  = [count] {modifier} head        the last thing-word is the head
"""

import re
import unicodedata
from dataclasses import replace
from functools import lru_cache

from overlay.words.language.entries import Entry
from overlay.words.language.lexicon import Found, Lexicon, plain_lexicon
from overlay.words.language.links import LINKS, meaning, parts_of
from overlay.words.language.reading import BLANK, PLURAL, Phrase, Piece, Placement, Reading, Word
from overlay.words.language.saying import plainly

LONGEST, MOST_PHRASES, LONGEST_WORD = 10_000, 200, 60
_MOST = 20  # of one thing
_MANY = ("s", "men", "mice", "geese", "children", "people")
_PERCENT = re.compile(r"(\d+)\s*%")
_TOKEN = re.compile(r"\$?[^\W_]+(?:['’\-][^\W_]+)*")
_SIDES = {
    "left": "left", "right": "right", "centre": "centre", "center": "centre", "middle": "centre",
}  # fmt: skip
_FACING = {"us": "here", "viewer": "here", "camera": "here"}
_PLACEMENT = re.compile(
    r"\b(?:facing|looking|turned)(?: to| towards?| at| into)?(?: the)?"
    r" (?P<faces>left|right|us|viewer|camera|away(?! from))\b"
    r"|\b(?:(?:at|on|to|in)(?: the)?(?: far)? (?P<across>left|right|centre|center|middle)"
    r"(?: side| edge| third| corner| half)?\b(?! of\b)"
    r"|(?P<high>in the sky|overhead|at(?: the)? top)\b"
    r"|(?P<far>in the (?:far )?(?:distance|background)|far (?:away|off)|at far|distant|far)\b"
    r"|(?P<close>in the foreground|nearby|close by|at(?: the)? (?:near|bottom)|near(?= *$)))"
)
_TUNE = re.compile(
    r"^(a bit|a little|slightly|somewhat|much|a lot|very|more|less|no|without)\b"
    r"\s*(more|less)?\s+(.+)$"
)
_AMOUNTS = {
    "a bit": 0.35, "a little": 0.35, "slightly": 0.3, "somewhat": 0.5, "much": 1.0, "a lot": 1.0,
    "very": 0.8, "more": 0.6, "less": -0.6, "no": -1.0, "without": -1.0,
}  # fmt: skip
_TUNED = {"colour", "quality", "weather", "light", "material", "season", "hour", "detail"}
_FUNCTION = {
    "a", "an", "the", "of", "and", "or", "with", "to", "its", "his", "her", "their", "my", "our",
    "your", "this", "that", "these", "those", "very", "quite", "is", "are", "be", "was", "were",
    "by", "for", "from", "as", "into", "onto", "over", "at", "in", "on", "under", "than", "then",
    "through", "around", "across", "against", "along", "inside", "outside", "upon", "like",
    "toward", "towards", "off", "up", "down", "out", "it", "they", "there", "which", "who",
    "whose", "while", "made", "style", "styled", "look", "looking", "looks", "all", "each",
    "every", "bit", "more", "less", "most", "so", "just", "only",
}  # fmt: skip
_SAID_BEFORE = {"it", "them", "him", "her"}
_HOLDERS = {
    "bowl", "basket", "plate", "tray", "vase", "jug", "cup", "pot", "crate", "barrel",
    "glass", "bottle", "bucket", "jar", "pitcher", "box", "mug", "urn",
}  # fmt: skip


_MASS = {"fruit", "vegetables", "berries"}  # several, and no plural says so
_FLOCKS = {
    "flock": "sheep", "herd": "cow", "swarm": "bee", "shoal": "fish", "pack": "wolf",
    "crowd": "person", "fleet": "sailing boat",
}  # fmt: skip


def read_prompt(text: str, lexicon: Lexicon | None = None) -> Reading:
    """What a prompt says; raises `ValueError` in one line where it cannot be a prompt."""
    return _plainly_read(text) if lexicon is None else _read(text, lexicon)


@lru_cache(maxsize=256)
def _plainly_read(text: str) -> Reading:
    return _read(text, plain_lexicon())


def _read(text: str, lexicon: Lexicon) -> Reading:
    if len(text) > LONGEST:
        raise ValueError(f"must be at most {LONGEST:,} characters, got {len(text):,}")
    shown = "".join(c for c in text if unicodedata.category(c)[0] != "C" or c in "\n\t")
    written = [p for p in (" ".join(part.split()) for part in re.split(r"[,;\n]", shown)) if p]
    if len(written) > MOST_PHRASES:
        raise ValueError(f"must have at most {MOST_PHRASES} phrases, got {len(written):,}")
    return Reading(tuple(_phrase(p, lexicon) for p in written))


def is_plain(text: str) -> bool:
    """Whether a text, were it a word, would say nothing else: no link, count, place or tune."""
    tokens = text.lower().split()
    if any(_is_function(t) or t.isdigit() or t in LINKS for t in tokens):
        return False
    read = read_prompt(text).phrases
    counts = any(w.kind == "count" for p in read for w in p.words)
    placed = any(p.placement != Placement() or p.amount is not None for p in read)
    return bool(read) and not counts and not placed


def _phrase(written: str, lexicon: Lexicon) -> Phrase:
    percent = _PERCENT.search(written)
    emphasis = 1.0
    if percent:
        if int(percent[1]) > 200:
            raise ValueError(f"{written!r}: emphasis must be 0 to 200 %, got {percent[0]}")
        emphasis = int(percent[1]) / 100
    text = _PERCENT.sub(" ", written).strip().lower()
    tune = _tuned(written, text, emphasis, lexicon)
    if tune is not None:
        return tune
    text = plainly(_whole_words(text, lexicon))
    place = Placement()
    for match in _PLACEMENT.finditer(text):
        place = _placed(place, match)
    pieces, words = _pieces(_PLACEMENT.sub(" ", text), lexicon)
    return Phrase(written, emphasis, words, pieces, place)


def _placed(so_far: Placement, match: re.Match[str]) -> Placement:
    across = _SIDES.get(match["across"] or "", so_far.across)
    away = "far" if match["far"] else "near" if match["close"] else so_far.away
    faces = match["faces"] or so_far.faces
    return Placement(across, away, so_far.high or bool(match["high"]), _FACING.get(faces, faces))


def _tuned(written: str, text: str, emphasis: float, lexicon: Lexicon) -> Phrase | None:
    """A phrase that only tunes, as `a bit more green` or `no people`."""
    match = _TUNE.match(text)
    if not match:
        return None
    words = _words(match[3], lexicon)
    kinds = {w.kind for w in words}
    turned_off = _AMOUNTS[match[1]] == -1.0
    if not words or not (kinds <= _TUNED or (turned_off and kinds <= {*_TUNED, "subject"})):
        return None
    amount = _AMOUNTS[match[1]] * emphasis
    if match[2] == "less":
        amount = -abs(amount)
    heads = tuple(Piece(w) if w.kind == "subject" else Piece(None, (w,)) for w in words)
    return Phrase(written, emphasis, words, heads, amount=max(-1.0, min(amount, 1.0)))


def _pieces(text: str, lexicon: Lexicon) -> tuple[tuple[Piece, ...], tuple[Word, ...]]:
    """A phrase's pieces with how they are linked, and all its words."""
    pieces: list[Piece] = []
    every: list[Word] = []
    for link, part in parts_of(text):
        words = _words(part.replace("_", " "), lexicon)
        every += words
        if part in _SAID_BEFORE and pieces:
            pieces.append(Piece(None, link=meaning(link), back=True))
        for how, stretch in _deeds(words, link):
            pieces += _of_words(stretch, how if pieces else "", pieces)
    return tuple(_peopled(piece, lexicon) for piece in pieces), tuple(every)


def _peopled(piece: Piece, lexicon: Lexicon) -> Piece:
    """A flock, a herd or a swarm of which no more is said, of what comes in such."""
    said = next((w.text for w in piece.modifiers if w.text in _FLOCKS), "")
    if piece.head is not None or piece.count < 2 or not said:
        return piece
    found = lexicon.exact(_FLOCKS[said])
    head = None if found is None else Word(_FLOCKS[said], found.entries[0])
    return replace(piece, head=head)


def _deeds(words: tuple[Word, ...], link: str) -> list[tuple[str, tuple[Word, ...]]]:
    """The words parted where one thing does something to another (`a man feeding ducks`)."""
    for k, word in enumerate(words):
        doing = word.text.endswith("ing") and word.kind not in {"subject", "material"}
        if doing and _has_thing(words[:k]) and _has_thing(words[k + 1 :]):
            return [(link, words[: k + 1]), *_deeds(words[k + 1 :], "beside")]
    return [(link, words)] if words else []


def _has_thing(words: tuple[Word, ...]) -> bool:
    return any(word.kind == "subject" for word in words)


def _whole_words(text: str, lexicon: Lexicon) -> str:
    """The text with known expressions that hold a link (`light from the left`) held together."""
    tokens = text.split()
    out, i = [], 0
    while i < len(tokens):
        for n in (5, 4, 3, 2):
            group = " ".join(tokens[i : i + n])
            if i + n <= len(tokens) and lexicon.exact(group):
                out.append("_".join(tokens[i : i + n]))
                i += n
                break
        else:
            out.append(tokens[i])
            i += 1
    return " ".join(out)


def _of_words(words: tuple[Word, ...], link: str, before: list[Piece]) -> list[Piece]:
    """The piece that a stretch of words makes, and how it stands to the ones before."""
    count, modifiers, head = 0, [], None
    extra: list[Piece] = []
    for word in words:
        if word.kind == "count":
            count = int(word.entry.value) if word.entry else 1
            modifiers.append(word)
        elif word.kind == "subject" or (word.entry and word.text.startswith(BLANK)):
            if head is not None:
                modifiers.append(head)  # `oak table`: what stands before the last thing tells of it
            head = word
        else:
            modifiers.append(word)
    how = meaning(link)
    last = before[-1] if before else None
    if how == "of" and last is not None:
        if last.head is None and last.count > 1:  # `a row of poplars`
            count, how = last.count, ""
            modifiers = [*last.modifiers, *modifiers]
            before.pop()
        else:
            holds = last.head is not None and last.head.entry and last.head.entry.word in _HOLDERS
            how = "holds" if holds else "with"
    if head is not None and not count:
        count = PLURAL if _is_plural(head) else 1
    return [*extra, Piece(head, tuple(modifiers), max(count, 1), how)]


def _is_plural(word: Word) -> bool:
    """Whether a thing-word stands for several."""
    if word.entry is None or word.text in _MASS:
        return word.text in _MASS
    last, own = word.text.split()[-1], word.entry.word.split()[-1]
    many = last.endswith(_MANY) and not last.endswith(("ss", "'s", "us", "is"))
    return many and last != own


def _words(text: str, lexicon: Lexicon) -> tuple[Word, ...]:
    """Words by the longest match; the sense of an adjective wins before a thing."""
    tokens = [t.lower() for t in _TOKEN.findall(text)]
    found: list[tuple[str, Found | None]] = []
    i = 0
    while i < len(tokens):
        n, what = _longest(tokens, i, lexicon)
        said = " ".join(tokens[i : i + n])
        if what is not None or not _is_function(said):
            found += [(said, what)] if what or "-" not in said else _parts(said, lexicon)
        i += n
    return tuple(
        _word(said, what, lexicon, before_thing=any(_may_be_thing(w) for _, w in found[k + 1 :]))
        for k, (said, what) in enumerate(found)
    )


def _parts(said: str, lexicon: Lexicon) -> list[tuple[str, Found | None]]:
    """The parts of a word with hyphens that is not known as a whole; none counts things.

    A `three-masted ship` is one.
    """
    found = [(part, lexicon.find(part)) for part in said.split("-") if not _is_function(part)]
    return [(part, what) for part, what in found if what is None or what.entries[0].kind != "count"]


def _longest(tokens: list[str], i: int, lexicon: Lexicon) -> tuple[int, Found | None]:
    for n in (5, 4, 3, 2):
        if i + n <= len(tokens):
            what = lexicon.exact(" ".join(tokens[i : i + n]))
            if what is not None:
                return n, what
    word = tokens[i]
    if word.startswith(BLANK) or _is_function(word):
        return 1, None
    if word.isdigit() and 1 <= int(word) <= _MOST:
        return 1, Found((Entry(word, "count", word),))
    return 1, lexicon.find(word) if len(word) <= LONGEST_WORD else None


def _is_function(word: str) -> bool:
    return word in _FUNCTION


def _may_be_thing(what: Found | None) -> bool:
    return what is not None and any(e.kind == "subject" for e in what.entries)


def _word(said: str, what: Found | None, lexicon: Lexicon, *, before_thing: bool) -> Word:
    if what is None:
        return Word(said, None, near=tuple(lexicon.near(said[:LONGEST_WORD])))
    return Word(said, _meant(what.entries, before_thing=before_thing), what.kin)


def _meant(entries: tuple[Entry, ...], *, before_thing: bool) -> Entry:
    """Of several meanings, an adjective's before a thing, else the thing's."""
    if before_thing:
        told = [e for e in entries if e.kind in {"colour", "material", "quality", "count"}]
        return told[0] if told else entries[0]
    things = [e for e in entries if e.kind == "subject"]
    return things[0] if things else entries[0]
