"""What bowls, baskets and plates are full of, and how large they are for it."""

from dataclasses import replace

from overlay.words.language.reading import PLURAL
from overlay.words.wishing.wished import Pair, Wished

HOLDERS = {
    "basket", "bucket", "pot", "bowl", "barrel", "cup", "flower pot", "crate", "hat", "boot",
    "vase", "glass", "jug", "bottle", "nest", "fish bowl", "wheelbarrow", "jar", "pitcher", "urn",
    "tankard",
}  # fmt: skip
PLATES = {"plate", "tray"}
GROWN = {"flower", "blades", "fern"}  # what a vase holds is cut to fit it
_HEAPED, _BERRY = 18, 0.09  # most of a heap; metres of what is said in the plural alone
_LITTER, _IN_EACH = 3, 3  # most animals in a basket; flowers in each of several vases


def heaped(thing: Wished, holder: Wished) -> Wished:
    """As many small things as fill a bowl, where no number was said: `a bowl of cherries`."""
    if holder.count > 1 and thing.subject.family in GROWN:  # some in each
        return replace(thing, count=_IN_EACH * min(holder.count, _LITTER))
    several = thing.subject.word.endswith("s") and thing.subject.height < _BERRY
    many = thing.count == PLURAL or (thing.count == 1 and several)
    if not many or thing.subject.belongs != "table" or thing.subject.family in GROWN:
        return thing
    across = holder.wide / thing.wide
    return replace(thing, count=int(min(max(PLURAL, 0.55 * across**2), _HEAPED)))


def nested(thing: Wished, holder: Wished) -> Pair:
    """A holder wide enough for a few animals that sit in it side by side, with those."""
    few = min(thing.count, _LITTER)
    wide = (0.5 + 0.75 * few) * thing.wide / holder.subject.size[0]
    return at_least(holder, wide), replace(thing, count=few, pose=thing.pose or "sit")


def at_least(thing: Wished, size: float) -> Wished:
    """A thing no smaller than `size` times its own."""
    return replace(thing, size=max(thing.size, size))


def laden(holder: Wished, load: Wished, before: float = 0.0) -> Wished:
    """A plate or a tray, large enough for what is on it beside what takes `before` metres."""
    wide = 1.7 * before + 1.3 * load.wide * load.count**0.5 / holder.subject.size[0]
    return replace(holder, size=max(holder.size, wide))
