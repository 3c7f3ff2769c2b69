"""What a print asks for: pixels for millimetres, and the passes that lead there."""

from dataclasses import dataclass
from math import ceil, prod

from overlay.document.passes import MOST_ENLARGED

_INCH = 25.4  # millimetres
FINE, FAIR = 300.0, 150.0  # dots per inch: held in the hand; seen from an arm's length
_MOST_FACTOR, _LEAST_FACTOR = 4.0, 1.25


@dataclass(frozen=True)
class PrintPlan:
    """A proof on paper.

    Attributes
    ----------
    dpi : what the picture has at this size. wanted : what was asked for.
    pixels : (width, height) that are needed. factors : of the passes that lead there, none where
        there are pixels enough. reached : whether passes can lead there at all.
    """

    dpi: float
    wanted: float
    pixels: tuple[int, int]
    factors: tuple[float, ...]
    reached: bool = True

    @property
    def text(self) -> str:
        """What an artist should know, in a sentence."""
        if not self.factors and self.reached:
            return f"The proof has {self.dpi:.0f} dots per inch at this size: enough."
        size = f"{self.pixels[0]} x {self.pixels[1]} pixels"
        if not self.reached:
            return (
                f"{self.wanted:.0f} dots per inch need {size}, more than the 64 megapixels a "
                f"picture can have; it has {self.dpi:.0f}."
            )
        passes = ", then ".join(f"{factor:g}x" for factor in self.factors)
        return (
            f"The proof has {self.dpi:.0f} dots per inch at this size; {self.wanted:.0f} need "
            f"{size}: enlarge {passes}."
        )


def plan_print(
    size: tuple[int, int], paper: tuple[float, float], dpi: float, *, bleed: float = 0.0
) -> PrintPlan:
    """What a picture needs to be printed.

    Parameters
    ----------
    size : (width, height) of the picture, pixels.
    paper : (width, height) of the trimmed print, millimetres; the picture fills it, what is over is
        cut evenly.
    dpi : dots per inch that are wanted. bleed : millimetres beyond the trim on every side.

    Raises
    ------
    ValueError
        If a length or the resolution is not above 0.
    """
    if min(*size, *paper, dpi) <= 0 or bleed < 0:
        raise ValueError(f"sizes and dots per inch must be above 0, got {size}, {paper}, {dpi:g}")
    inches = [(side + 2 * bleed) / _INCH for side in paper]
    # The side that runs short decides.
    has = min(pixels / length for pixels, length in zip(size, inches, strict=True))
    factor = dpi / has
    if factor <= 1:
        return PrintPlan(has, dpi, size, ())
    pixels = (ceil(size[0] * factor), ceil(size[1] * factor))
    if prod(pixels) > MOST_ENLARGED:
        return PrintPlan(has, dpi, pixels, (), reached=False)
    return PrintPlan(has, dpi, pixels, _factors(factor))


def _factors(factor: float) -> tuple[float, ...]:
    """Factors of passes, each within its limits, rounded up to hundredths."""
    if factor <= _MOST_FACTOR:
        return (max(ceil(factor * 100 - 1e-6) / 100, _LEAST_FACTOR),)
    return (_MOST_FACTOR, *_factors(factor / _MOST_FACTOR))
