"""Draw every subject of the lexicon on one sheet, to be looked at: `... FOLDER [WORD ...]`."""

import sys
from pathlib import Path

import numpy as np
from PIL import Image, ImageDraw

from overlay.words.stage.drawing import aim, draw_scene
from overlay.words.stage.setting import Floor, Setting
from overlay.words.subjects import Subject, subjects
from overlay.words.things.parts import extent
from overlay.words.things.table import Placed

_WIDE, _HIGH, _COLUMNS = 132, 99, 15
_PLAIN = Setting(
    floor=Floor.cloth,
    first="#b9ad98",
    ridges=0,
    cloud=0,
    horizon="#dfe3e2",
    zenith="#a9bccb",
    bump=0,
)


def draw_subject(subject: Subject, width: int = _WIDE, height: int = _HIGH) -> np.ndarray:
    """One subject from a little above, turned a little towards the eye."""
    parts = tuple(subject.parts())
    low, high = extent(parts)
    size = float(max(high - low))
    middle = float(low[1] + high[1]) / 2
    away = 2.35 * max(size, float(high[0] - low[0]) * 0.8)
    thing = Placed(subject.word, parts, yaw=24.0)
    seen = aim((0.0, middle + 0.3 * away, -away), (0.0, middle - 0.03 * size, 0.0), 30)
    return draw_scene([thing], _PLAIN, seen, (width, height)).picture


def main(folder: Path, words: list[str]) -> None:
    folder.mkdir(parents=True, exist_ok=True)
    chosen = [s for w, s in subjects().items() if not words or w in words]
    large = len(words) in range(1, 13)
    scale, columns = (2, 4) if large else (1, _COLUMNS)
    wide, high = _WIDE * scale, _HIGH * scale
    rows = -(-len(chosen) // columns)
    sheet = Image.new("RGB", (columns * wide, rows * (high + 14)), "#e6e4de")
    pen = ImageDraw.Draw(sheet)
    for i, subject in enumerate(chosen):
        x, y = i % columns * wide, i // columns * (high + 14)
        sheet.paste(Image.fromarray(draw_subject(subject, wide, high)), (x, y))
        pen.text((x + 3, y + high), subject.word, fill="#23221f")
    sheet.save(folder / "lexicon.png")


if __name__ == "__main__":
    main(Path(sys.argv[1]), sys.argv[2:])
