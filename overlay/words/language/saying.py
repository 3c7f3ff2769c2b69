"""Long ways of saying things made short: what a picture is called, how one thing is to another."""

import re
from collections.abc import Callable
from functools import cache

from overlay.words.language.verbs import as_doing

_A = r"(?:an? |the )?"
_WORD = r"[\w-]{1,60}"  # longer ones would be tried from each of their letters
_TO = r"(?=\w)"  # followed by the thing it leads to
# What a picture is called before what it shows: `an oil painting of a mill`.
_PLAIN = (
    "painting", "picture", "photo", "photograph", "image", "illustration", "drawing", "sketch",
    "print", "poster", "postcard", "depiction", "rendering", "view", "scene", "study", "shot",
    "snapshot", "panorama", "impression", "vignette",
)  # fmt: skip
# Those that also say how it is made stay as words.
_MEDIA = (
    "fresco", "mosaic", "tapestry", "watercolour", "watercolor", "gouache", "woodcut", "linocut",
    "engraving", "etching", "lithograph", "collage",
)  # fmt: skip
_CALLED = "|".join((*_PLAIN, *_MEDIA))
_OPENER = (
    rf"^(?:{_A}|some )(?P<how>(?:[\w'-]{{1,60}} ){{0,3}}?)(?P<called>{_CALLED})s?"
    rf" (?:of|showing|depicting) {_A}{_TO}"
)
_STUFFS = (
    "wood|timber|stone|bricks?|glass|marble|plaster|metal|gold|silver|copper|bronze|steel|iron"
    "|velvet|leather|silk|linen|cotton|wool|porcelain|clay|ivory|jade|wicker|tin|brass|granite"
    "|sandstone|slate|terracotta"
)
_STUFF = {"wood": "wooden", "gold": "golden", "wool": "woollen", "timber": "wooden"}
_SIDES = "foot|bottom|edges?|end|side|base|mouth|shores?|banks?|rim|brink|outskirts|corner"
_STREWN = (
    "topped|crowned|decorated|adorned|strewn|dotted|lined|scattered|hung|framed|fringed|studded"
    "|sprinkled|garlanded|planted|stuffed"
)
_RIDDEN = "camel|horse|donkey|mule|elephant|yak|pony|dragon|motorcycle|motorbike|bicycle|bike"
_TEAMS = "horse|pony|donkey|mule|ox"
_PULLED = "cart|wagon|carriage|coach|caravan|sleigh|sledge|buggy"
_PARENTS = "fox|lion|tiger|leopard|bear|cheetah|panther|lynx|seal|otter|wolf|jackal|hyena|badger"
_FISHERS = "heron|stork|kingfisher|pelican|osprey|egret|crane|cormorant|bear|otter|cat|penguin"
_PACES = (
    "galloping|cantering|trotting|running|racing|charging|stampeding|walking|marching|riding"
    "|wandering|roaming|trekking|strolling|striding|hiking|driving|rolling|travelling|grazing"
    "|bounding|prowling|moving|going|plodding|crawling"
)
_PLAYED = "violin|fiddle|guitar|drum|flute|trumpet|accordion|cello|harp|saxophone|lute|banjo"
_PLAYERS = {
    "cellist": "cello", "guitarist": "guitar", "harpist": "harp", "flautist": "flute",
    "trumpeter": "trumpet", "saxophonist": "saxophone", "fiddler": "violin", "lutenist": "lute",
    "accordionist": "accordion", "street musician": "violin",
}  # fmt: skip
_LEVELS = (
    "(?:plains?|fields?|meadows?|deserts?|dunes?|sands?|snow|snowfields?|hills?|moors?|heath|moorland"
    "|steppes?|prairies?|grass|grassland|beach|savannah|savanna|tundra|ice|heather|pastures?|farmland)"
)
_NO_WADERS = ("bridge", "duct", "train", "road", "path", "boat", "ferry", "railway")
_WADED = r"(?:river|stream|brook|creek|ford|marsh|swamp)\b"
_TINTED = r"(?:(?:solid|pure|old|rough|white|grey|red) )?"


def _playing(found: re.Match[str]) -> str:
    return f"man playing a {_PLAYERS[found['who']]}"


def _opened(found: re.Match[str]) -> str:
    return found["how"] + (f"{found['called']} " if found["called"] in _MEDIA else "")


def _of_stuff(found: re.Match[str]) -> str:
    return f"{_STUFF.get(found['stuff'], found['stuff'])} {found['noun']}"


# In this order: each sees what those before it made.
_WAYS: tuple[tuple[str, str | Callable[[re.Match[str]], str]], ...] = (
    (rf"\bblack[ _]and[ _]white (?={_CALLED})", "monochrome and "),
    (_OPENER, _opened),
    (rf"^{_A}(?P<how>(?:[\w'-]{{1,60}} ){{0,2}}?)portraits? of {_A}{_TO}", r"close-up \g<how>"),
    (rf" (?:painted |drawn |done )?in the (?:style|manner) of {_A}{_TO}", " "),
    # A tree in blossom is one, whatever the season of the rest.
    (
        rf"\b(?P<tree>(?:(?!an?\b|the\b){_WORD}[ _])?trees?)"
        r" in (?:full )?(?:bloom|blossom|flower)\b",
        r"flowering \g<tree>",
    ),
    (rf"\b(?:blossoming|blooming) (?=(?:{_WORD}[ _])?trees?\b)", "flowering "),
    # Who crosses water that is no bridge, boat or road wades.
    (
        "".join(f"(?<!{word})" for word in _NO_WADERS)
        + rf" crossing (?={_A}(?:{_WORD} )?{_WADED})",
        " wading in ",
    ),
    # Who runs over a plain is on it.
    (
        rf"\b(?P<how>{_PACES}) (?:over|across) (?={_A}(?:{_WORD} ){{0,2}}?{_LEVELS}\b)",
        r"\g<how> in ",
    ),
    (
        rf"\b(?P<where>in|on|across|over|at) {_A}(?P<how>(?:{_WORD} ){{0,2}}?)plain\b(?! {_WORD})",
        r"\g<where> a \g<how>meadow",
    ),
    # Who flies a kite stays on the ground; what a height is said with stands on it.
    (
        rf"\bflying (?P<whose>an?|the|his|her|their) (?P<how>(?:{_WORD} ){{0,2}}?)"
        r"(?:kite|paper[ _]dragon)\b",
        r"with \g<whose> \g<how>kite",
    ),
    (
        rf"^{_A}(?P<high>(?:{_WORD} ){{0,2}}?(?:cliff|hill|headland|promontory|hilltop)) with"
        rf" (?P<what>(?:an? |the )(?:{_WORD} ){{0,2}}?{_WORD})"
        r"(?= (?:in|at|by|near|under|over)\b|$)",
        r"\g<what> on a \g<high>",
    ),
    (rf"\bon an? (?:{_WORD} )?planet\b", "on an alien_world"),
    (
        r"\b(?P<where>cathedral|church|chapel|abbey|temple|mosque|barn|theatre|castle|cottage"
        r"|palace|library|greenhouse)[ _]interior\b",
        r"the interior of a \g<where>",
    ),
    (rf"\bisland with (?:{_WORD} ){{1,3}}?palms?(?:[ _]trees?)?\b", "island"),  # it has its own
    (rf"\b(?P<noun>{_WORD}) with an? thatched roof\b", r"thatched \g<noun>"),
    (
        r"\b(?:baby|young|little)[ _](?P<beast>\w{1,60}) (?P<how>beside|with|near|and|following)"
        r" (?:its|her|his) (?:mother|father)\b",
        r"\g<beast> \g<how> a small \g<beast>",
    ),
    (
        rf"\bsmoke (?:{_WORD} )?from (?:the |its )?chimneys? of"
        rf" (?P<what>(?:an?|the|two|three) {_WORD})",
        r"\g<what> with smoke",
    ),
    (rf" sharing (?=an? (?:{_WORD} )?(?:umbrella|parasol)\b)", " under "),
    (
        r"\btree[ _]?house(?: with an? (?:rope )?ladder)?"
        rf" in an? (?:{_WORD} )?(?:tree|oak|beech|elm|maple)\b",
        "treehouse",
    ),
    (r" (?:in|at)[_ ]the[_ ](?:middle|centre|center|midst|heart) of\b", " in"),
    (r" (?:at|on)[_ ]the[_ ]bottom of (?:the |an? )?(?:sea|ocean)\b", " underwater"),
    (r" (?:as )?seen from (?:outer )?space\b", " in space"),
    (
        rf"\b(?P<how>(?:{_WORD} )??)(?:town|village|hamlet) on"
        rf" (?:an? |the )(?:{_WORD} ){{0,2}}?hill(?:top)?\b",
        r"\g<how>hill town",
    ),
    (
        rf"\b(?:an? )?(?:schools?|shoals?) of"
        rf" (?=(?:{_WORD} ){{0,2}}?(?:fish|herrings?|sardines|mackerel)\b)",
        "many ",
    ),
    (r"\b(?:chess game|game of chess) on (?=(?:an? |the )(?:\w+ )?bench)", "chessboard on "),
    (r"\bgoldfish bowls?\b", "goldfish in a fish bowl"),
    (r"\b(?:an? |the )?(?P<beast>mule|donkey|camel|pack mule) trains?\b", r"row of \g<beast>s"),
    (
        r"\b(?:an? |the )?(?P<what>(?:hot[ _-]air[ _-])?balloon|kite|lantern)[ _]festival\b",
        r"several \g<what>s",
    ),
    (r" (?:through|in|along) the surf\b", " on a beach"),
    (r" (?:taking off|rising|lifting off) from (?=an? |the )", " flying over "),
    (r" with an? (?:small )?door in (?:its|the) trunk\b", ""),
    (
        r"\b(?:an? |the )?cactus garden\b(?: in (?:the|a) desert)?",
        "several large cactus in the desert",
    ),
    (r"\b(?:red )?kite(?= (?:hovering|circling|soaring|gliding|wheeling)\b)", "hawk"),
    (
        r"\b(?P<made>stone|marble|bronze|granite)"
        r" (?P<what>lion|eagle|angel|dragon|owl)(?P<many>s?)\b",
        r"\g<made> statue\g<many> of \g<what>\g<many>",
    ),
    (r" on a (?:wooden |round |wood )?board\b", " on a tray"),
    (r" (?:beneath|under) (?:an? |the )?(?:\w+ )?chandeliers?\b", " in a ballroom"),
    (r" (?:frozen|trapped|stuck|locked) in (?:the )?(?:pack )?ice\b", " on a frozen lake"),
    (r"\b(?:an? |the )?tea (?:ceremony|party)\b", "a teapot and three cups on a table"),
    (
        r"\b(?:fir|pine|spruce)(?:[ _]tree)? (?:decorated|hung|lit) with"
        r" (?:candles|lights|baubles|stars)\b",
        "christmas tree",
    ),
    (r",? (?:as )?(?:seen|viewed) (?:from )?across (?=an? |the )", " across "),
    (
        rf"\b(?:farmer|ploughman|peasant|man|boy) ploughing"
        rf"(?: (?:an? |the |his )?(?:{_WORD} )??(?:field|land|soil|earth))?"
        rf"(?: (?:with|behind) (?:an? |the |his )?(?:{_WORD} )??(?P<beast>horse|ox)(?:es|s|en)?)",
        r"\g<beast> plough",
    ),
    (rf" at[_ ]the[_ ]bottom of (?={_A}(?:sea|ocean|lake|river|pond|pool)\b)", " in "),
    (r" (?:at|on)[_ ]the[_ ](?:very )?(?:top|summit|crest|slopes?) of\b", " on"),
    (
        r" (?:to|on|at)[_ ]the[_ ](?P<side>left|right)(?: hand)?(?: side)? of\b",
        r" at \g<side> beside",
    ),
    (rf" (?:at|on|by|along)[_ ]the[_ ](?:very )?(?:{_SIDES}) of\b", " beside"),
    (r" on (?:either side|both sides|all sides) of\b", " beside"),
    (r" (?:(?:close|adjacent|right next) to|not far from|far from)\b", " near"),
    (rf" (?:{_STREWN}) (?:with|by)\b", " with"),
    (r" (?:bathed|shrouded|veiled|steeped|drenched) (?:in|by)\b", " in"),
    (
        r" (?:built|made|carved|hewn|cut|woven|fashioned) (?:out )?(?:of|from)(?! the)\b",
        " made of",
    ),
    (r" (?:overlooking|facing|fronting) (?=an? |the )", " beside "),
    # At its own door a house has what stands before it.
    (
        rf"(?<=\w) (?:by|at|near|beside|outside|around|beneath) (?:the|its|her|his|their)"
        rf" (?:{_WORD}[ _])?(?:doors?|doorstep|doorway|entrance|porch)\b(?= *$)",
        "",
    ),
    (r"\bvegetable patch\b", "cabbage patch"),
    (r"\b(?P<what>pumpkin|cabbage|melon|strawberry) patch\b", r"field of \g<what>s"),
    (r" (?:hung|suspended|dangling|swinging|hanging)(?: down)? (?:from|off)\b", " hanging from"),
    # Beasts before what they pull; young ones by their kind; who fishes without a rod.
    (rf"\bhorse[- ]drawn (?P<how>{_WORD} )??(?={_PULLED}\b)", r"\g<how>horse "),
    (rf"\bhay[ _](?:wagon|cart) (?:pulled|drawn) by (?:{_WORD} ){{0,2}}\w+\b", "horse hay cart"),
    (
        rf"\b(?P<how>{_WORD} )??(?P<what>{_PULLED}) (?:pulled|drawn) by"
        rf" (?:an? |the |two |its )?(?P<beast>{_TEAMS})(?:es|s|en)?\b",
        r"\g<how>\g<beast> \g<what>",
    ),
    (
        rf"\b(?P<beast>{_TEAMS})(?:es|s|en)? (?:pulling|drawing|hauling|towing|and|hitched to"
        rf"|harnessed to) (?:an? |the |its |his )?(?P<how>{_WORD} )??(?={_PULLED}\b)",
        r"\g<how>\g<beast> ",
    ),
    (r" (?:pulled|towed|drawn) by\b", " with"),
    (rf"\b(?P<kind>{_PARENTS})[ _](?:cub|pup|kit|whelp)s\b", r"baby \g<kind>s"),
    (rf"\b(?P<kind>{_PARENTS})[ _](?:cub|pup|kit|whelp)\b", r"baby \g<kind>"),
    (rf"\b(?P<who>{_FISHERS})(?P<many>s?) fishing\b", r"\g<who>\g<many>"),
    (r" through (?:the |an? |tall |high |ripe )*(?P<corn>wheat|corn|barley|rye)\b(?! field)",
     r" in a \g<corn> field"),
    # A boat on a beach, a rider whose beast is named.
    (
        r" (?:pulled|drawn|hauled|dragged|washed)(?: high| far)?(?: up| out| ashore| in)"
        r"(?= (?:on|onto|at|by|beside|near|in|among)\b)",
        "",
    ),
    (rf"\b(?P<beast>{_RIDDEN})[ -]riders\b", r"men riding \g<beast>s"),
    (rf"\b(?P<beast>{_RIDDEN})[ -]rider\b", r"man riding a \g<beast>"),
    (r"\b(?:coastal|coast|seaside|clifftop) (?P<way>road|path|track)\b", r"\g<way> by the sea"),
    (
        r"\brocket (?:launch(?:ing)?|start(?:ing)?|(?:taking|lifting|blasting) off)\b",
        "starting_rocket",
    ),
    (rf"\b(?P<what>{_PLAYED})[ _-]player\b", r"man playing a \g<what>"),
    (rf"\b(?P<who>{'|'.join(_PLAYERS)})(?! with\b)", _playing),
    (r"\b(?:an? |the )?throne room\b", "a throne in a hall"),
    (r"\bskyscraper city\b", "city skyline"),
    (r"^(?:a|the) family\b(?! of)", "a man and a woman and two children"),
    # What sits on a shoulder is with whose that is; a nose of carrot is a snowman's own.
    (
        rf"^(?P<what>{_A}{_WORD}) (?:(?:sitting|perched|perching) )?on (?:the )?"
        rf"(?:shoulder|arm|hand|wrist|finger|glove) of (?P<who>{_A}{_WORD})",
        r"\g<who> with \g<what>",
    ),
    (rf"\bwith an? (?:{_WORD} )?nose(?: and(?= an? ))?", "with"),
    (r"\b(?:harbour|fishing|port|seaside|coastal) town\b", "harbour and houses"),
    (rf"^{_A}(?:{_WORD} )?window with (?:{_WORD} )?curtains(?: and an? view (?:of|over).*)?$",
     "a room with curtains and a window"),
    (r" before (?=an? |the )", " in front of "), (r" surrounding (?=an? |the )", " around "),
    (r" amongst\b| amidst\b", " among"), (r" atop\b", " on"), (r" alongside\b", " beside"),
    (r" throughout\b", " in"),
    (r" on[_ ](?:the |a )?(?:deck|board)(?: of)?(?= (?:an?|the)\b)| aboard\b", " on"),
    (
        rf"\b(?P<noun>{_WORD}) made of {_TINTED}(?P<stuff>{_STUFFS})\b", _of_stuff,
    ),
)  # fmt: skip


@cache
def _short() -> list[tuple[re.Pattern[str], str | Callable[[re.Match[str]], str]]]:
    """The ways, compiled when the first prompt is read and not when the window starts."""
    return [(re.compile(way), to) for way, to in _WAYS]


def plainly(text: str) -> str:
    """A phrase, lower case, without what only says that it is a picture, and in short links."""
    text = as_doing(text)
    for pattern, short in _short():
        text = pattern.sub(short, text)
    return text
