"""What a pick says: `sky`, `#a03020~12`, `like~8@0.4,0.6`, `depth~20-60`."""

import re
from dataclasses import dataclass

PLAIN = ("subject", "background", "sky", "ground", "near", "far")
TONES = ("light", "dark")
PICKS = (*PLAIN, *TONES)

_NUMBER = r"(?:0|1|0?\.\d+|1\.0+)"
_PLACE = rf"@({_NUMBER}),({_NUMBER})"
_FORMS = (
    ("colour", re.compile(rf"(#[0-9a-fA-F]{{6}})(?:~(\d{{1,3}}))?(?:{_PLACE})?")),
    ("tone", re.compile(r"(light|dark)(?:~(\d{1,3}))?")),
    ("depth", re.compile(r"depth~(\d{1,3})-(\d{1,3})")),
    ("like", re.compile(rf"like(?:~(\d{{1,3}}))?{_PLACE}")),
    ("inside", re.compile(rf"inside{_PLACE}")),
)
_ALLOWED = (
    f"{', '.join(PICKS)}, a colour as #rrggbb~12 (tolerance 0 to 100), light~60 or dark~40 "
    "(lightness 0 to 100), depth~20-60 (0 is far, 100 near), like~8@0.4,0.6 or #rrggbb~12@0.4,0.6 "
    "(what hangs together with a place, as shares of width and height) or inside@0.4,0.6 (within "
    "closed contours)"
)

Spot = tuple[float, float]


@dataclass(frozen=True)
class Pick:
    """A pick, taken apart.

    Attributes
    ----------
    kind : one of `PLAIN`, or `colour`, `light`, `dark`, `depth`, `like`, `inside`.
    colour : #rrggbb.
    amount : tolerance in hundredths of OKLab, or lightness in hundredths; None where left open.
    band : for depth, from far to near in 0..1.
    place : shares of width and height.
    """

    kind: str
    colour: str = ""
    amount: int | None = None
    band: tuple[float, float] = (0.0, 1.0)
    place: Spot | None = None


def read_pick(what: str) -> Pick:
    """Take a pick apart; raises `ValueError` that lists what can be picked."""
    if what in PLAIN:
        return Pick(what)
    for kind, form in _FORMS:
        match = form.fullmatch(what)
        if match is None:
            continue
        pick = _taken_apart(kind, match)
        if pick is not None:
            return pick
    raise ValueError(f"pick must be one of {_ALLOWED}, got {what!r}")


def _taken_apart(kind: str, match: re.Match[str]) -> Pick | None:
    """The pick of a form that fits, or None if its numbers are out of range."""
    parts = match.groups()
    amount = int(parts[1]) if kind in ("colour", "tone") and parts[1] else None
    place = None
    if kind in ("colour", "like", "inside") and parts[-1] is not None:
        place = float(parts[-2]), float(parts[-1])
    if kind == "like" and parts[0]:
        amount = int(parts[0])
    if amount is not None and amount > 100:
        return None
    if kind == "depth":
        low, high = int(parts[0]) / 100, int(parts[1]) / 100
        return Pick("depth", band=(low, high)) if low < high <= 1 else None
    if kind == "tone":
        return Pick(parts[0], amount=amount)
    return Pick(kind, parts[0] if kind == "colour" else "", amount, place=place)


def write_pick(pick: Pick) -> str:
    """The words of a pick; `read_pick` gives the same again."""
    at = "" if pick.place is None else f"@{pick.place[0]:.4g},{pick.place[1]:.4g}"
    amount = "" if pick.amount is None else f"~{pick.amount}"
    if pick.kind == "depth":
        return f"depth~{round(100 * pick.band[0])}-{round(100 * pick.band[1])}"
    return f"{pick.colour or pick.kind}{amount}{at}"


def check_pick(what: str) -> str:
    """`what` if it can be picked; raises `ValueError` that lists what can."""
    read_pick(what)
    return what
