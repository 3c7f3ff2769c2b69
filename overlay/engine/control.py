"""Progress, previews and cancellation, handed into every long numeric loop.

None of it is part of a result: the same bytes come out with or without.
"""

from collections.abc import Callable
from dataclasses import dataclass

from overlay.imaging.colour import ByteImage


class CancelledError(Exception):
    """Raised inside a numeric loop when the user asked to stop."""


def _ignore_report(fraction: float, stage: str) -> None:
    """Say nothing."""


def _never() -> bool:
    return False


def _ignore_state(step: int, progress: float, picture: ByteImage) -> None:
    """Show nothing."""


@dataclass(frozen=True)
class Control:
    """What a caller wants to know, and whether it still wants the result.

    Attributes
    ----------
    report : called with the done fraction in 0..1 and the stage's name.
    cancelled : asked often; True ends the work with `CancelledError`.
    show : called after each step of the run with its number, the progress in 0..1 and the state
        of the picture at the scale being worked on, (h, w, 3) uint8 sRGB.
    """

    report: Callable[[float, str], None] = _ignore_report
    cancelled: Callable[[], bool] = _never
    show: Callable[[int, float, ByteImage], None] = _ignore_state

    @property
    def watched(self) -> bool:
        """Whether anyone looks at what is shown."""
        return self.show is not _ignore_state

    def check(self) -> None:
        """Stop here if asked to."""
        if self.cancelled():
            raise CancelledError("stopped")

    def step(self, fraction: float, stage: str) -> None:
        """Stop here if asked to, else report."""
        self.check()
        self.report(fraction, stage)

    def part(self, lo: float, hi: float) -> "Control":
        """A control for a sub-task that fills `lo` to `hi` of the bar."""
        return Control(
            lambda fraction, stage: self.report(lo + (hi - lo) * fraction, stage),
            self.cancelled,
            self.show,
        )
