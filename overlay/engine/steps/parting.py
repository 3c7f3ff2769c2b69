"""Runs that part where their requests part: what several have in common is run once, to the bit.

Two requests that differ only in a cue that enters at 60 % go the first 60 % together. Each request
has a key for every step, made of all that its run reads up to there; where keys agree, one run goes
on from the other's state.
"""

import struct
import threading
from collections.abc import Hashable, Iterator
from dataclasses import dataclass, fields
from hashlib import blake2b

import numpy as np

from overlay.engine.control import Control
from overlay.engine.kept import content_key, weight
from overlay.engine.material import speaking
from overlay.engine.request import Cue, Render, Request
from overlay.engine.sampler import go_on, takes_steps
from overlay.engine.steps.chance import Chance
from overlay.engine.steps.run import State
from overlay.engine.steps.schedule import count_levels

Key = bytes

_LIMIT = 512_000_000  # bytes of states, beyond which beginnings are run again
_FORMS = 0.5  # progress at which forms are there
_COARSE = 2  # steps that a look takes at least, where they are coarse


def step_keys(request: Request) -> tuple[Key, ...]:
    """A key for every step that is taken: of all that the run reads up to it.

    Runs whose first keys agree are the same so far, to the bit. Requests that take no step have no
    keys.
    """
    if not takes_steps(request):
        return ()
    key = blake2b(b"".join(_unchanging(request)), digest_size=16).digest()
    keys, chance = [], Chance.of(request)
    for step in request.planned(_levels(request)):
        during = (step.number / request.steps, (step.number + 1) / request.steps)
        strengths = [cue.weight * cue.span.over(*during) for cue in speaking(request)]
        strengths += [g.weight * g.span.at(step.progress) for g in request.guides]
        strengths += [a.weight * a.span.over(*during) for a in request.avoided]
        said = struct.pack(f"Q{len(strengths)}d", chance.seed_at(step.progress), *strengths)
        key = blake2b(key + said, digest_size=16).digest()
        keys.append(key)
    return tuple(keys)


def look_steps(request: Request) -> int:
    """How many steps a look takes: to the end of forms, or what little departure has of coarse."""
    steps = request.planned(_levels(request))
    formed = sum((step.number + 1) / request.steps <= _FORMS for step in steps)
    coarse = sum(step.level > 0 for step in steps[:_COARSE])
    return max(formed, coarse, 1)


def look_end(request: Request) -> float:
    """The progress that a look comes to, 0..1."""
    steps = request.planned(_levels(request))[: look_steps(request)]
    return (steps[-1].number + 1) / request.steps if steps else 1.0


def _levels(request: Request) -> int:
    return count_levels(request.width, request.height)


def _unchanging(request: Request) -> Iterator[bytes]:
    """What a run reads at every step, but for seeds and the strengths of cues."""
    yield f"{Chance.of(request).seed};".encode()
    for name in ("width", "height", "steps", "departure", "marked", "blend"):
        yield f"{name} {getattr(request, name)!r};".encode()
    yield content_key(request.source, request.within)
    if request.begun is not None:
        b = request.begun
        yield f"begun {b.names!r} {b.top} {b.left} {b.scales!r};".encode()
        yield content_key(b.cue, b.y, b.x, b.mirrored, b.turn)
    if request.even is not None:
        yield f"even {request.even.amount!r};".encode() + content_key(request.even.colours)
    for wish in request.marks:
        yield f"marks {wish!r};".encode()
    yield from _cues("style", speaking(request))
    # A guide is cast with at the very beginning, wherever the run begins.
    for guide in request.guides:
        yield f"{guide.weight > 0} {guide.weight * guide.span.at(0.0)!r};".encode()
    yield from _cues("guide", request.guides)
    for avoided in request.avoided:
        yield f"{avoided.weight > 0};".encode()
    yield from _cues("avoided", request.avoided)


def _cues(kind: str, cues: tuple[Cue, ...]) -> Iterator[bytes]:
    for cue in cues:
        yield kind.encode()
        for field in fields(cue):
            if field.name in ("weight", "span"):
                continue
            value = getattr(cue, field.name)
            if isinstance(value, np.ndarray):
                yield content_key(value)
            else:
                yield f"{field.name} {value!r};".encode()


@dataclass
class _Kept:
    """A state that others go on from, and who they are."""

    state: State
    wanted: set[Hashable]


class Beginnings:
    """Many runs, each beginning that several of them have in common made once.

    For one thread at a time, but for `drop`. A state is kept until all that go on from it are done,
    within a limit of memory.

    Parameters
    ----------
    recorded : whether filmstrips and influence are wanted.
    """

    def __init__(self, *, recorded: bool = True) -> None:
        self._recorded = recorded
        self._keys: dict[Hashable, tuple[Key, ...]] = {}  # of runs that are still to come
        self._kept: dict[Key, _Kept] = {}
        self._lock = threading.Lock()
        self.taken = 0  # steps that were run so far

    def expect(self, name: Hashable, request: Request) -> None:
        """Say that a request will be rendered; what it shares with others will be kept for it."""
        with self._lock:
            self._keys[name] = step_keys(request)

    def drop(self, name: Hashable) -> None:
        """A run is done, or will not be asked for any more."""
        with self._lock:
            self._keys.pop(name, None)
            for key, kept in list(self._kept.items()):
                kept.wanted.discard(name)
                if not kept.wanted:
                    del self._kept[key]

    @property
    def bytes(self) -> int:
        """How much memory the states take."""
        with self._lock:
            return sum(weight(kept.state) for kept in self._kept.values())

    def look(self, name: Hashable, request: Request, control: Control) -> Render:
        """The first look of a request: its run as far as `look_steps`, from which it goes on."""
        steps = look_steps(request)
        return self._run(name, request, control, until=steps, parts={steps})

    def render(self, name: Hashable, request: Request, control: Control | None = None) -> Render:
        """A request to its end: the bytes that `render` gives."""
        done = self._run(name, request, Control() if control is None else control)
        self.drop(name)
        return done

    def _run(
        self,
        name: Hashable,
        request: Request,
        control: Control,
        *,
        until: int | None = None,
        parts: set[int] | None = None,
    ) -> Render:
        if name not in self._keys:
            self.expect(name, request)
        keys = self._keys[name]
        state = self._nearest(keys if until is None else keys[:until])
        begun = 0 if state is None else state.taken
        partings = (parts or set()) | set(self._partings(name))

        def keep(at: State) -> None:
            self._keep(keys[at.taken - 1], at)

        done = go_on(
            request, control, state, parts=partings, part=keep, until=until,
            recorded=self._recorded,
        )  # fmt: skip
        self.taken += (len(keys) if until is None else min(until, len(keys))) - begun
        return done

    def _nearest(self, keys: tuple[Key, ...]) -> State | None:
        """The furthest that anyone has come on the same way."""
        with self._lock:
            known = (self._kept[key].state for key in reversed(keys) if key in self._kept)
            return next(known, None)

    def _partings(self, name: Hashable) -> Iterator[int]:
        """After how many steps others that are still to come part from a run."""
        keys = self._keys[name]
        with self._lock:
            for other, theirs in self._keys.items():
                if other != name:
                    yield common(keys, theirs)

    def _keep(self, key: Key, state: State) -> None:
        """Keep a state for all that pass there and are still to come."""
        with self._lock:
            if key in self._kept:
                return
            wanted = {n for n, k in self._keys.items() if key in k}
            room = _LIMIT - sum(weight(kept.state) for kept in self._kept.values())
            if wanted and weight(state) <= room:
                self._kept[key] = _Kept(state, wanted)


def common(first: tuple[Key, ...], second: tuple[Key, ...]) -> int:
    """How many steps two runs go together."""
    for count, (a, b) in enumerate(zip(first, second, strict=False)):
        if a != b:
            return count
    return min(len(first), len(second))


class LastWay:
    """Looks one after another, each going on from where it parts from the one before.

    For one thread at a time.
    """

    def __init__(self) -> None:
        self._keys: tuple[Key, ...] = ()
        self._states: dict[int, State] = {}  # by the steps behind them

    def look(self, request: Request, control: Control) -> Render:
        """The first look of a request, see `look_steps`; of what takes no step, the source."""
        keys = step_keys(request)
        together = common(keys, self._keys)
        kept = {taken: state for taken, state in self._states.items() if taken <= together}
        self._keys, self._states = keys, kept

        def keep(state: State) -> None:
            kept[state.taken] = state

        last = min(look_steps(request), len(keys))
        begun = max((taken for taken in kept if taken <= last), default=0)
        return go_on(
            request, control, kept.get(begun), parts=range(begun + 1, last + 1), part=keep,
            until=last, recorded=False,
        )  # fmt: skip
