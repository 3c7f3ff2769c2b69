"""Place and light: the setting that words, or the things themselves, ask for."""

from dataclasses import replace
from typing import Any

from overlay.words.composing.eye import PLAIN_AWAY, PLAIN_EYE, Eye
from overlay.words.stage.land import CALM
from overlay.words.stage.setting import NOWHERE, Setting, changed, pushed
from overlay.words.wishing.hanging import hangs
from overlay.words.wishing.places import UNDER_WATER, is_indoors, place_effects
from overlay.words.wishing.relations import is_grown
from overlay.words.wishing.wished import Wish, Wished

TABLES = {"studio", "table"}
_TOO_TALL = 3.0  # metres, of what stands in no room
_LARGE = 14.0  # metres to a large thing
# Metres of a water that a large thing stands behind, and of one beside which it stands on a quay.
_LAKE, _CANAL = 90.0, 30.0
_OVER_WAVES = 1.8  # metres, of an eye that sees over them
_HALL = 10.0  # metres, from which a room is deep whatever stands in it
_QUAYS = {"quay", "harbour", "skyline"}
_THICKEST = 0.3  # of the air between the eye and the chief thing: a quarter of it fades
_FIXED = {"space", "moon surface"} | UNDER_WATER  # their light is their own
# What weather and hour do to a room is done outside of it.
_OUTDOOR = {
    "haze",
    "cloud",
    "fade",
    "horizon",
    "zenith",
    "floor",
    "first",
    "second",
    "snow",
    "stars",
}


def place_of(wish: Wish) -> str:
    """The place that was said, or where the things belong."""
    if wish.place:
        return wish.place
    stands = [t for t in wish.things if t.link not in {"holds", "hangs"}] or list(wish.things)
    of_person = [
        t
        for t in stands
        if t.link in {"with", "held"} and t.to is not None and _is_person(wish.things[t.to])
    ]
    stands = [t for t in stands if t not in of_person] or stands
    alive = [t for t in stands if not dict(t.details).get("carved")]  # a stone lion is anywhere
    homes = [t.subject.home for t in alive if not is_grown(t) or t is wish.things[0]]
    if any(homes):
        tall = any(t.tall > _TOO_TALL and t.subject.belongs == "ground" for t in stands)
        out = tall or bool(wish.weather)  # of doors
        home = next((home for home in homes if home and not (out and is_indoors(home))), "")
    if any(homes) and home:
        sails = any(t.subject.belongs == "water" for t in stands)
        return "sea" if home in UNDER_WATER and sails else home
    return _where_they_belong(stands, in_weather=bool(wish.weather))


def _where_they_belong(things: list[Wished], *, in_weather: bool) -> str:
    """The place of things that have no home: a table, a room, water, a meadow."""
    belongs = {t.subject.belongs for t in things}
    laid = [t for t in things if t.subject.word in {"plate", "tray"}]
    if laid and len(things) <= len(laid) + sum(t.link == "on" for t in things):
        return "table"  # a lobster on a plate is a meal
    if any(_is_outdoors(t) for t in things):
        belongs -= {"table", "room"}
    elif belongs and belongs <= {"table"}:
        return "meadow" if in_weather else "table"
    elif "room" in belongs or (things and things[0].subject.belongs == "table"):
        return "room"
    if "sea" in belongs:
        dives = any(t.subject.family == "submarine" for t in things)
        return "underwater" if dives else "sea"
    if things and things[0].subject.belongs == "water":
        return "canal" if "barge" in things[0].subject.word else "lake"
    return "lake" if "water" in belongs else "meadow"


def _is_person(thing: Wished) -> bool:
    return thing.subject.family == "figure"


def _is_outdoors(thing: Wished) -> bool:
    """Whether a thing is too large for a room."""
    outside = thing.subject.belongs in {"ground", "water"}
    return outside and max(thing.tall, thing.wide) > _TOO_TALL


def setting_of(wish: Wish, place: str) -> Setting:
    """The setting before the eye is known: the place under its light, weather and season."""
    setting = changed(Setting(), place_effects(place))
    for effects, emphasis in wish.effects:
        taken = effects
        if is_indoors(place):
            taken = {k: v for k, v in effects.items() if k[:-1] not in _OUTDOOR}
        elif place in _FIXED:
            taken = {k: v for k, v in effects.items() if k[:-1] in {"sun", "soft"}}
        elif place == "snowfield" or setting.near < -1:
            taken = {k: v for k, v in effects.items() if k[:-1] not in {"floor"}}
        setting = pushed(setting, taken, emphasis)
    return setting


def _water(setting: Setting, eye: Eye, chief: Wished | None, *, broad: float) -> dict[str, float]:
    """Between which distances water lies: in the rows of the picture where it lies for a plain eye.

    So it stays where it was when another word changes how near and how high the eye stands.
    """
    if setting.near < -1 and (chief is None or chief.subject.belongs != "ground"):
        return {}
    scale = eye.height / PLAIN_EYE
    near, far = ((z + PLAIN_AWAY) * scale - eye.away for z in (max(setting.near, 2.0), setting.far))
    deep = chief.subject.size[2] * chief.size if chief else 0.0
    if chief is not None and chief.subject.belongs in {"water", "sea"}:
        near = min(0.5 * (near + eye.away) - eye.away, -0.7 * deep)
        far = max(far, near + 2.5 * deep)
    elif chief is not None and eye.away > _LARGE and setting.far < broad:
        far = min(far, -0.7 * deep)  # before a large thing, which it mirrors
        near = min(near, far - 0.22 * eye.away)
    elif chief is not None and far > -0.7 * deep:
        width = max(far - near, 0.3 * eye.away)
        near = max(near, 0.12 * eye.away + 0.6 * deep)
        far = max(far, near + width)
    return {"near=": near, "far=": min(max(far, near + 1.0), 0.09 * NOWHERE)}


def fitted(setting: Setting, place: str, eye: Eye, chief: Wished | None) -> Setting:
    """A setting whose water, walls and air fit what the eye sees."""
    effects: dict[str, Any] = {}
    tall = chief.tall if chief else 6.0
    deep = chief.subject.size[2] * chief.size if chief else 1.0
    if setting.near < NOWHERE:
        broad = _CANAL if place in _QUAYS else _LAKE
        effects |= _water(setting, eye, chief, broad=broad)
    if setting.waves > CALM:  # none is higher than the eye
        over = min(eye.height / _OVER_WAVES, 1.0)
        effects["waves="] = CALM + (setting.waves - CALM) * over
    if setting.path:
        effects["path="] = eye.away
    if setting.wall < NOWHERE:
        room = 1.6 * tall + 0.4 * deep if place in TABLES else 1.9
        wall = (
            max(room, 0.75 * deep + 0.2 * tall)
            if place in TABLES
            else max(room, 0.6 * eye.away, deep)
        )
        if chief is not None and hangs(chief):
            wall = 0.6 * deep
        if setting.wall > _HALL:
            wall = max(wall, setting.wall)
        effects["wall="] = wall
        if setting.side < NOWHERE:
            broad = (
                max(setting.side, eye.half_width(0.0))
                if setting.wall > _HALL
                else eye.half_width(wall)
            )
            effects["side="] = max(2.3, 0.92 * broad)
    scale = (8.0 / max(eye.away, 1.0)) ** 0.7
    if place in UNDER_WATER:
        scale = 6.0 / max(eye.away, 1.0)
    effects["haze*"] = min(max(scale, 0.15), 3.0)
    setting = changed(setting, effects)
    # What was wished for is seen, however thick the fog.
    return replace(setting, haze=min(setting.haze, 100 * _THICKEST / max(eye.away, 0.1)))
