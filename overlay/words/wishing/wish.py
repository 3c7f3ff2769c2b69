"""What a prompt wishes for: things with what is said of them, place, light, camera, tone."""

from collections.abc import Iterable
from dataclasses import replace
from typing import Any

from overlay.words.language.entries import known_words
from overlay.words.language.reading import PLURAL, Phrase, Piece, Reading, Word
from overlay.words.language.told import told_of
from overlay.words.stage.setting import read_effects
from overlay.words.subjects import flying, kind_of, subject_for, subject_of
from overlay.words.wishing import backdrop, burning, hanging, owning, relations
from overlay.words.wishing.arranging import arranged, water_meant
from overlay.words.wishing.joining import count_of, join, link_two, placement_of
from overlay.words.wishing.toning import Toning
from overlay.words.wishing.wished import Wish, Wished, linked
from overlay.words.wishing.within import within

_GREEN = "first~#6b8a3c:.7 second~#86994e:.7"  # the ground between flowers
# What weather or hour comes with a thing.
_BRINGS = {"lightning bolt": "storm", "tornado": "storm", "comet": "night"}
_SKIES = {"weather", "hour"}
_SETS = {"pair", "bunch", "stack", "pile"}
_FLIES = {"bird", "swallow", "starling", "crow", "gull", "pigeon", "dove", "sparrow"}  # in flocks
_OWN_RAILS = {"locomotive", "tunnel", "tram"}
_ROWS = {"row", "line", "avenue"}


def wish_of(reading: Reading, avoided: Reading | None = None) -> Wish:
    """What a reading wishes for, less what is avoided."""
    builder = _Builder()
    for phrase in (avoided or Reading()).phrases:
        builder.avoid(phrase)
    for phrase in reading.phrases:
        builder.take(phrase)
    return builder.wish()


class _Builder:
    def __init__(self) -> None:
        self.things: list[Wished] = []
        self.place, self.season = "", ""
        self.effects: list[tuple[dict[str, Any], float]] = []
        self.weather: list[tuple[str, float]] = []
        self.camera: dict[str, str] = {}
        self.toning = Toning(self.effects)
        self.by_window = self.by_candle = False
        self.unwanted: set[str] = set()
        self.fills: list[tuple[str, str]] = []

    def wish(self) -> Wish:
        """What was taken so far."""
        self.place = self.place or water_meant(self.things)
        self.things = arranged(self.things, self.place)
        if self.by_window or hanging.has_curtains(self.things):
            self.effects.append(({"window=": 2.0}, 1.0))  # seen where there are walls
        if self.by_window or self.by_candle:
            self.place = self.place or ("room" if relations.fit_a_room(self.things) else "")
        if any(t.subject.family in _OWN_RAILS for t in self.things):
            self.effects.append(({"path=": 0.0}, 1.0))
        self.things += burning.from_chimneys(self.things, [word for word, _ in self.weather])
        lining = backdrop.lamps_of(self.things, self.place)
        if lining:
            self.fills.append(("kerb", "street_lamp*10"))
        lining |= relations.goods_of_stalls(self.things)
        words = [t.subject.word for t in self.things]
        wanted = [i for i, w in enumerate(words) if i not in lining and w not in self.unwanted]
        moved = {old: new for new, old in enumerate(wanted)}
        kept = []
        for thing in (self.things[i] for i in wanted):
            to = moved.get(thing.to) if thing.to is not None else None
            kept.append(linked(thing, to, thing.link))
        tone = self.toning.tone
        return Wish(
            tuple(kept), self.place, tone["furnishing"], tuple(self.effects), tuple(self.weather),
            self.season, self.camera, tuple(self.toning.tints), tone["light"], tone["contrast"],
            tone["mute"], tone["warmth"], frozenset(self.unwanted),
            tuple((trait, min(max(v, -1.0), 1.0)) for trait, v in self.toning.marks.items()),
            tuple(self.fills),
        )  # fmt: skip

    def avoid(self, phrase: Phrase) -> None:
        """What must not be: things are not placed, colours and qualities turned from."""
        for word in phrase.words:
            if word.entry is None:
                continue
            if word.kind == "subject":
                self.unwanted |= kind_of(word.entry)
            else:
                self.toning.tune(word, -phrase.emphasis)

    def take(self, phrase: Phrase) -> None:
        """A phrase of the prompt."""
        if phrase.emphasis == 0:
            return
        if phrase.amount is not None:
            for word in phrase.words:
                if word.kind == "subject" and word.entry:
                    self.unwanted |= kind_of(word.entry)
                else:
                    self.toning.tune(word, phrase.amount)
            return
        numbers: list[int] = []
        place = ""
        for piece in phrase.pieces:
            if piece.back:
                self._link_back(piece.link, numbers)
                continue
            if self._is_place(piece, phrase, place, numbers):
                continue
            loose = self._thing(piece, phrase, numbers)
            place = next((w.entry.word for w in loose if w.entry and w.kind == "place"), "")
            if numbers and not piece.head:
                last = self.things[numbers[-1]]
                self.things[numbers[-1]] = relations.at_place(last, piece.link, place)
            if place and not piece.head:
                self._burn(piece)
            self._scenes(self._paint(loose, place, phrase), phrase)

    def _link_back(self, link: str, numbers: list[int]) -> None:
        """Link what was said last to what was named before, here or in an earlier phrase."""
        if not numbers:
            return
        first = numbers[0] if len(numbers) > 1 else 0
        if first != numbers[-1]:
            link_two(self.things, numbers[-1], first, link)

    def _scenes(self, loose: Iterable[Word], phrase: Phrase) -> None:
        """Words that tell of the scene, but for smoke that rises from a thing."""
        for word in loose:
            if not word.text.endswith("smoke") or not self._smokes(phrase):
                self._scene(word, phrase)

    def _paint(self, loose: list[Word], place: str, phrase: Phrase) -> list[Word]:
        """Give a place the colour that is said of it; the words that are left."""
        for word in loose if place else ():
            if word.kind == "colour" and word.entry:
                painted = backdrop.coloured(place, word.entry.value)
                self.effects.append((painted, phrase.emphasis))
        return [w for w in loose if not (place and w.kind == "colour")]

    def _burn(self, piece: Piece) -> None:
        """Fires in a place that is said to burn."""
        fires = burning.fires_at(piece.modifiers)
        if fires:
            self.things += fires
            self.effects.append((read_effects(burning.GLOW), 1.0))

    def _is_place(self, piece: Piece, phrase: Phrase, place: str, numbers: list[int]) -> bool:
        """Whether a piece tells of a place or of a part of a thing: no thing by itself."""
        inner = within(piece, place, self.things[numbers[-1]] if numbers else None)
        if inner:
            self.place = inner
            return True
        if relations.is_above_clouds(piece):
            if self.place in {"", "mountains", "hills", "cliff"}:  # these are below the clouds too
                self.place = "cloud tops"
            return True
        return (
            relations.has_of_its_own(self.things, piece)
            or self._is_detail(piece, numbers)
            or self._is_grown_within(piece, numbers)
            or self._is_wall(piece, numbers)
            or self._is_many(piece, phrase, place, numbers)
            or self._is_height(piece, phrase, numbers)
        )

    def _is_detail(self, piece: Piece, numbers: list[int]) -> bool:
        """Whether a piece tells of a part of the thing before it, or what becomes of that."""
        if not numbers:
            return False
        last = self.things[numbers[-1]]
        if burning.is_on_fire(last, piece):
            self.things += burning.set_alight(last, numbers[-1])
            return True
        detailed = owning.detailed(last, piece)
        if detailed is not None:
            self.things[numbers[-1]] = detailed
        return detailed is not None

    def _is_many(self, piece: Piece, phrase: Phrase, place: str, numbers: list[int]) -> bool:
        """Whether a piece tells of what a place is full of, or a market sells."""
        if relations.is_sold(piece, place):
            if not any(t.subject.word == "stall" for t in self.things):
                numbers.append(len(self.things))
                self.things.append(Wished("stall", subject_of("stall"), phrase.emphasis, 3))
            return True
        wood = backdrop.wood_of(piece, place) or backdrop.tall_grass(piece)
        if wood:
            self.fills += wood
            for word in piece.modifiers:
                if word.kind in {"place", "season", "weather", "light"}:
                    self._scene(word, phrase)
            return True
        # `An alley between houses`, `a meadow with butterflies and poppies`.
        where = place or (self.place if piece.link in {"among", "and"} else "")
        filled = relations.filled(piece, where) or relations.field_of(piece)
        if filled:
            self.fills.append(filled)
            if filled[0] == "carpet" and not relations.is_corn(phrase):
                self.effects.append((read_effects(_GREEN), 1.0))
            for word in piece.modifiers:
                if word.kind == "place":  # `a tulip field`; a colour is of the flowers
                    self._scene(word, phrase)
        return bool(filled)

    def _is_grown_within(self, piece: Piece, numbers: list[int]) -> bool:
        """Whether a piece tells what a glasshouse is full of: one is in it then."""
        grown = relations.grown_within(self.things[numbers[-1]], piece) if numbers else ""
        if grown:
            del self.things[numbers.pop()]
            self.place = "winter garden"
            self.fills.append(relations.bedded(grown))
        return bool(grown)

    def _is_wall(self, piece: Piece, numbers: list[int]) -> bool:
        """Whether a piece tells of a room's wall that things hang on."""
        found = [n for n in numbers if hanging.is_on_wall(piece, self.things[n])]
        for number in found:
            self.things[number] = hanging.hung(self.things[number])
        self.place = self.place or ("room" if found else "")
        return bool(found)

    def _is_height(self, piece: Piece, phrase: Phrase, numbers: list[int]) -> bool:
        """Whether a piece tells of a cliff or a hill that is a thing here."""
        alone = relations.standing(piece)
        if alone is not None:
            self.things.append(Wished("cliff", alone, phrase.emphasis))
            if numbers:
                link_two(self.things, numbers[-1], len(self.things) - 1, piece.link)
            numbers.append(len(self.things) - 1)
            self.place = self.place or "sea"
            return True
        who = self._bearer_of(numbers[-1]) if numbers else 0
        under = relations.underneath(piece, self.things[who]) if numbers else None
        if under is None:
            return False
        name = next((w.text for w in piece.modifiers if w.kind == "place"), under.word)
        self.things.append(Wished(name, under, phrase.emphasis, **told_of(piece.modifiers)))
        for word in piece.modifiers:
            if word.kind in {"weather", "season", "light", "hour"}:  # `a snowy hill`
                self._scene(word, phrase)
        join(self.things, who, len(self.things) - 1, "on")
        return True

    def _bearer_of(self, number: int) -> int:
        """Who is told of where a thing is with somebody: `a girl with a kite on a hill`."""
        thing = self.things[number]
        carried = thing.link in {"with", "held"} and thing.to is not None
        if carried and self.things[thing.to or 0].subject.family == "figure":
            return thing.to or 0
        return number

    def _smokes(self, phrase: Phrase) -> bool:
        """Have smoke rise from what was said with it; without such a thing it is weather."""
        heads = [p.head.entry.word for p in phrase.pieces if p.head and p.head.entry]
        for i, thing in enumerate(self.things):
            if thing.subject.word in heads and burning.may_smoke(thing):
                self.things.append(burning.smoke_of(thing, i))
                return True
        return False

    def _thing(self, piece: Piece, phrase: Phrase, before: list[int]) -> list[Word]:
        """Take the thing of a piece; the words that tell of the scene instead."""
        told = [w for w in piece.modifiers if w.entry]
        piece = relations.as_family(piece)
        liquid = relations.liquid_of(piece) if before else ""
        if liquid:
            holder = self.things[before[-1]]
            self.things[before[-1]] = replace(holder, details=(*holder.details, ("full", liquid)))
            return []
        if piece.head is None or piece.head.entry is None:
            known = all(w.entry for w in piece.modifiers)  # `a red awning` makes no picture red
            return [w for w in told if known or w.kind not in {"colour", "material"}]
        own = [w for w in told if w.kind in {"colour", "material", "quality", "count", "subject"}]
        entry = piece.head.entry
        count = count_of(piece, phrase)
        several = any(w.text in _SETS for w in own) or count == PLURAL
        pair = entry.word.endswith("s") and several  # `boots` are two, `grapes` many
        wished = Wished(
            entry.word if piece.head.kin is None else piece.head.text, subject_for(entry),
            phrase.emphasis, 1 if pair else count, any(w.text in _ROWS for w in own),
            placement=placement_of(piece, phrase), **told_of(own),
        )  # fmt: skip
        flock = any(w.text == "flock" for w in own) and entry.word in _FLIES
        if wished.flies or wished.placement.high or flock:
            wished = replace(wished, subject=flying(wished.subject))
        number = len(self.things)
        self.things.append(wished)
        if before:
            join(self.things, before[-1], number, piece.link)
        self.things += burning.fires_of(self.things[number], number, told)
        before.append(number)
        other, link = owning.comes_with(wished)
        if other:
            self.things.append(Wished(other, subject_of(other), phrase.emphasis, wished.count))
            link_two(self.things, number, len(self.things) - 1, link)
        if entry.word in _BRINGS:
            brought = next(e for e in known_words()[_BRINGS[entry.word]] if e.kind in _SKIES)
            self._scene(Word(brought.word, brought), phrase)
        return [w for w in told if w not in own]

    def _scene(self, word: Word, phrase: Phrase) -> None:
        """A word that tells of the scene."""
        entry = word.entry
        if entry is None:
            return
        if word.text.startswith("window"):
            self.by_window = True
        elif entry.word == "candlelight":
            self.by_candle = True
            self.effects.append((read_effects(entry.value), phrase.emphasis))
        elif word.kind == "place":
            self._further(entry.word)
        elif word.kind in {"light", "hour", "weather", "season"}:
            if word.kind == "season":
                self.season = entry.word
            if word.kind == "weather":
                self.weather.append((entry.word, min(phrase.emphasis, 2.0)))
            self.effects.append((read_effects(entry.value), phrase.emphasis))
        elif word.kind == "camera":
            self.camera |= dict(pair.split("=") for pair in entry.value.split())
        else:
            self.toning.tune(word, 1.0 * phrase.emphasis)

    def _further(self, place: str) -> None:
        """A place; one after the first lies behind it, or runs through it."""
        if not self.place:
            self.place = place
            return
        if backdrop.drowned(place, self.place):  # `a city under the sea`
            self.place = "underwater"
            self.fills.append(("far", backdrop.SUNKEN))
            return
        if place == "grand canal":  # `a street in venice`
            self.place = place
            return
        if self.place in {"road", "railway"}:  # it runs through whatever else was said
            self.place, place = place, self.place
        effects, fills = backdrop.added(place, self.place)
        if effects:
            self.effects.append((effects, 1.0))
        self.fills += fills
