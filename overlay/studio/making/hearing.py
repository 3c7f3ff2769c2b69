"""Cues that cannot be heard, and how that is said: for the report and for advice alike."""


def unheard(name: str, *, weight: float, leave: float, departure: float) -> tuple[str, str] | None:
    """Why a cue changes nothing, as a code and a sentence; None where it can.

    Parameters
    ----------
    departure : of the run, 0..1; a run that departs by nothing has no beginning to come before.
    """
    begin = 1 - departure
    if weight <= 0:
        return "weightless", f"{name} has weight 0 and changes nothing."
    if leave <= begin and departure > 0:
        return "left_before_start", (
            f"{name} leaves at {100 * leave:.0f} %, before the run starts at "
            f"{100 * begin:.0f} %, and cannot show."
        )
    return None
