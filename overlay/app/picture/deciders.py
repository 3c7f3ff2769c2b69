"""Who decided, as colours: of the influence chart, and of the tints over the picture."""

import numpy as np
from PySide6.QtGui import QColor

from overlay.app.parts.theme import cue_colour, tone
from overlay.engine.record import ASPECTS, Influence


def decider_colours(names: tuple[str, ...], cues: list[str]) -> list[QColor]:
    """A colour for everyone in an influence record: a cue's own, or grey for what stays.

    Parameters
    ----------
    cues : names of the present recipe's cues, whose colours go by their places.
    """
    return [cue_colour(cues.index(n)) if n in cues else QColor(tone("hairline")) for n in names]


def step_at(influence: Influence, progress: float) -> int:
    """The place of the step that a moment lies in; the last one at the end."""
    step = int(np.searchsorted(np.array(influence.progress), progress - 1e-9))
    return min(step, len(influence.progress) - 1)


def tint_map(
    influence: Influence, progress: float, cues: list[str], aspect: str = ""
) -> np.ndarray:
    """The cells of the frame in the colours of who decides there: (rows, columns, 3) uint8.

    Parameters
    ----------
    aspect : one of `ASPECTS`, or nothing for their mean.
    """
    maps = influence.maps[step_at(influence, progress)] / 255
    maps = maps[:, ASPECTS.index(aspect)] if aspect else maps.mean(axis=1)
    colours = decider_colours(influence.names, cues)
    rgb = np.array([[c.red(), c.green(), c.blue()] for c in colours], np.float32)
    return np.asarray(np.tensordot(maps, rgb, axes=(0, 0)).clip(0, 255), np.uint8)
