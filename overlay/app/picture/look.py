"""What the stage shows, as a value made from its state: without widgets, and without pictures.

Pictures go by their names: proof, last, chosen, source, drawn, map, region, influence, trace,
reference, stage, stage2 and without; `moment` is the state of a run that is looked at in the
proof's place.
"""

from dataclasses import dataclass

VIEW = "view"  # what the view switch shows
MOMENT = "moment"
OF_PROOF = ("proof", "influence", "trace")
_OVERS = ("map", "region", "influence", "trace")
_TINTS = 0.72  # how strongly the tints of influence cover the picture


@dataclass(frozen=True, kw_only=True)
class State:
    """What has been chosen, and which pictures there are.

    Attributes
    ----------
    mode : the view. way : of comparing, or None. left, right : what is compared, by name.
    flipped : whether the right one is shown in place of the left.
    strength : of a map over the picture, 0..1.
    """

    known: frozenset[str]
    mode: str = "proof"
    way: str | None = None
    left: str = VIEW
    right: str = "source"
    flipped: bool = False
    strength: float = 0.75


@dataclass(frozen=True, kw_only=True)
class Look:
    """What is shown.

    Attributes
    ----------
    main : under everything, None for nothing. named : what it is called beside another one.
    other : right of the line, beside, or taken away; None where nothing is compared.
    over : laid over the picture, with `strength`. sized : whose size the frame has.
    """

    main: str | None
    named: str
    other: str | None
    over: str | None
    strength: float
    sized: str | None


def look(state: State) -> Look:
    """What a state shows."""
    main, named = _main(state)
    compared = state.right if state.right in state.known else None
    other = compared if state.way is not None and not state.flipped else None
    shown = compared if state.flipped and compared is not None else main
    over = state.mode if state.mode in _OVERS and state.mode in state.known else None
    strength = {"map": state.strength, "influence": _TINTS}.get(state.mode, 1.0)
    return Look(
        main=shown, named=named, other=other, over=over, strength=strength,
        sized=_sized(state, shown),
    )  # fmt: skip


def _main(state: State) -> tuple[str | None, str]:
    """What lies left, or alone; and its name."""
    if state.left != VIEW and state.way is not None and state.left in state.known:
        return state.left, state.left
    known = state.known
    if state.mode == "trace" and "proof" in known:
        return "proof", "proof"
    if state.mode in OF_PROOF and known & {MOMENT, "proof"}:
        return (MOMENT if MOMENT in known else "proof"), "proof"
    if state.mode == "drawn" and "drawn" in known:
        return "drawn", "drawn"
    return ("source" if "source" in known else None), "source"


def _sized(state: State, shown: str | None) -> str | None:
    """Whose finished size the frame has; a coarse state of a run is smaller than that."""
    if state.left != VIEW and state.way is not None and shown is not None:
        return shown
    if "proof" in state.known and state.mode in OF_PROOF:
        return "proof"
    if state.mode == "drawn" and "drawn" in state.known:
        return "drawn"
    return "source" if "source" in state.known else shown


def seen_view(state: State) -> str:
    """The view that is seen: before the first proof its source, or what words have drawn."""
    if state.mode not in OF_PROOF or state.known & {MOMENT, "proof"}:
        return state.mode
    return next((view for view in ("drawn", "source") if view in state.known), state.mode)


def offered(known: frozenset[str]) -> frozenset[str]:
    """The views that have something to show."""
    proof, source = "proof" in known, "source" in known
    there = {
        "proof": proof or MOMENT in known,
        "source": source,
        "drawn": "drawn" in known,
        "map": "map" in known,
        "region": source or proof,
        "influence": proof,
        "trace": proof,
    }
    return frozenset(mode for mode, is_there in there.items() if is_there)
