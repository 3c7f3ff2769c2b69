"""A thing as it was said: its colour, what it is made of, its pose, its age, its season."""

from dataclasses import replace

import numpy as np

from overlay.words.things.families import COLOURED, LIVING
from overlay.words.things.parts import Part, Skin, moved, turned
from overlay.words.wishing.hanging import hangs
from overlay.words.wishing.wished import Wish, Wished

_STONE = "#a8a59a"  # of a statue of which no more is said
_OF_ANY_COAT = {"cat", "cow"}  # which are all of the colour that is said of them
_FEET, _BACK = 0.5, 0.085  # of the height of who lies, how far the feet are off and the back is up
_LYING = {"vessel", "paper"}  # what shows its rim or its edge where it lies


def parts_of(thing: Wished, wish: Wish, seed: int) -> list[Part]:
    """A thing's parts, coloured and posed as it was said."""
    changes: dict[str, object] = {"seed": seed} | _coloured(thing)
    family = thing.subject.family
    changes |= thing.details
    if thing.made:
        changes["made"] = thing.made
    uniform = {"hat", "cloak", "staff", "wings"} & dict(thing.subject.figures).keys()
    if family == "figure" and thing.count > 1 and not thing.colour and not uniform:
        changes["coat"] = _COATS[seed % len(_COATS)]
        changes["hair"] = _HAIRS[seed // 2 % len(_HAIRS)]
    if family == "house" and thing.count > 1 and not thing.colour and not thing.made:
        changes["wall"] = _WALLS[seed % len(_WALLS)]
    if thing.pose:
        changes["pose"] = _pose_of(thing)
        changes["walk"] = 0.16 if thing.pose == "walk" else 0.03
    changes |= _by_scene(thing, wish, seed)
    parts = thing.subject.parts(**changes)
    if dict(thing.details).get("carved"):
        stone = thing.colour or _STONE
        parts = [replace(p, colour=stone, second="", skin=Skin.PLASTER) for p in parts]
    if family == "figure" and thing.pose == "lie":  # on the back
        tall = thing.subject.height
        parts = moved(parts, turned(0, 0, 90), (_FEET * tall, _BACK * tall, 0.0))
    if hangs(thing) and family in _LYING:
        parts = _upright(thing, parts)
    if thing.light == 1.0 and thing.mute == 0.0:
        return parts
    return [
        replace(p, colour=_shaded(p.colour, thing), second=p.second and _shaded(p.second, thing))
        for p in parts
    ]


def _coloured(thing: Wished) -> dict[str, object]:
    """The figures that a colour said of a thing paints."""
    if not thing.colour:
        return {}
    family, own = thing.subject.family, dict(thing.subject.figures)
    alive = family in LIVING
    painted: dict[str, object] = {
        key: _living(own.get(key, thing.colour), thing.colour) if alive else thing.colour
        for key in COLOURED.get(family, ())
    }
    if thing.subject.word in _OF_ANY_COAT and "skin" not in dict(thing.details):
        painted |= {"skin": "fur", "belly": painted["coat"], "hoof": painted["coat"]}
    return painted


def _upright(thing: Wished, parts: list[Part]) -> list[Part]:
    """What lies elsewhere as it hangs on a wall: its face to the eye, its handle upwards."""
    wide, tall, _ = thing.subject.size
    return moved(parts, turned(0, -90, 90), (0.0, 0.5 * wide, 0.5 * tall))


def _by_scene(thing: Wished, wish: Wish, seed: int) -> dict[str, object]:
    """What season and light do to a thing."""
    changes: dict[str, object] = {}
    if thing.subject.family == "window_sill" and any("moon=" in e for e, _ in wish.effects):
        changes["moon"] = True
    if thing.pose == "sit" and thing.subject.family == "figure":
        held = [t for t in wish.things if t.link == "held"]
        changes["holds"] = any(wish.things[t.to or 0] is thing for t in held)
    if thing.link == "held":
        changes["held"] = True
    if wish.season == "winter":
        changes["leafless"] = True
    leaf = _season_leaf(wish.season, seed)
    told = thing.colour or "leaf" in dict(thing.details)
    if leaf and not told and thing.subject.family in {"tree", "bush"}:
        changes["leaf"] = leaf
    return changes


def _pose_of(thing: Wished) -> str:
    """Who sits on nothing sits on the ground; what is on somebody's lap lies there."""
    on_ground = thing.pose == "sit" and thing.link not in {"on", "in", "holds"}
    if on_ground and thing.subject.family == "figure":
        return "rest"
    return "lie" if thing.pose == "lap" else thing.pose


# What people of a crowd wear, and their hair; knights and monks keep what makes them that.
_WALLS = ("#d9cfc0", "#c98a6a", "#e3c98a", "#8fa9b8", "#c9a0a0", "#a9b88f", "#e6ddcc", "#b8705a")
_COATS = ("#3a4f6b", "#8a3a32", "#c9a24a", "#4f6b4a", "#6b4a6b", "#b5651d", "#5a6470")
_HAIRS = ("#3a2619", "#6b4a2c", "#1f1a18", "#a8824a", "#7a3b22")
_LEAVES = {
    "autumn": ("#c9772a", "#b8502a", "#d9a83a", "#8f6a2e"),
    "spring": ("#9ab84a", "#e7b3c4", "#a9c45a"),
}


def _season_leaf(season: str, seed: int) -> str:
    leaves = _LEAVES.get(season, ())
    return leaves[seed % len(leaves)] if leaves else ""


def _channels(colour: str) -> np.ndarray:
    return np.array([int(colour[i : i + 2], 16) for i in (1, 3, 5)], np.float64)


def _as_hex(channels: np.ndarray) -> str:
    r, g, b = (round(float(v)) for v in channels.clip(0, 255))
    return f"#{r:02x}{g:02x}{b:02x}"


def _living(own: str, said: str) -> str:
    """An animal in a colour that is more than a shade keeps half of its own."""
    new = _channels(said)
    share = 0.5 if np.ptp(new) > 60 else 0.12
    return _as_hex(share * _channels(own) + (1 - share) * new)


def _shaded(colour: str, thing: Wished) -> str:
    rgb = _channels(colour)
    grey = rgb.mean()
    return _as_hex((grey + (rgb - grey) * (1 - float(np.clip(thing.mute, -1, 1)))) * thing.light)
