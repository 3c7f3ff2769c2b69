"""What an artist has taught: cut-outs that stand."""

from collections.abc import Sequence

from overlay.words.things.cutouts import Cutout
from overlay.words.things.parts import Part, Shape

_DEPTH = 0.02  # half of it at least, in heights; only where it rests counts on it


def cutout(
    *, shapes: Sequence[Cutout] = (), h: float = 1.0, tint: str = "", seed: int = 0
) -> list[Part]:
    """One of several cut-outs, `h` metres tall; `seed` chooses. Raises `ValueError` without any."""
    if not shapes:
        raise ValueError("cutout: shapes must hold a cut-out at least, got none")
    chosen = shapes[seed % len(shapes)]
    if tint:
        chosen = chosen.tinted(tint)
    deep = max(float(chosen.numbers[..., 1].max()), _DEPTH)
    half = (h * chosen.aspect / 2, h / 2, h * deep)
    return [
        Part(shape=Shape.CUTOUT, a=(0, 0, 0), b=half, colour=tint or "#ffffff", cutout=chosen)
    ]
