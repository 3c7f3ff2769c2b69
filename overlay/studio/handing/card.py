"""The recipe card: one page that says how a proof was made, to be pinned up or put under a post."""

from dataclasses import dataclass
from io import BytesIO
from pathlib import Path
from typing import TYPE_CHECKING, Any

import numpy as np

from overlay.document.cues import Cue, GuideCue, ReferenceCue, SwatchesCue
from overlay.document.recipe import Recipe
from overlay.imaging.colour import ByteImage
from overlay.imaging.files import thumbnail
from overlay.imaging.intake import PictureError, reason
from overlay.imaging.one_line import one_line
from overlay.imaging.whole_files import write_bytes
from overlay.studio.inputs.pictures import PictureStore
from overlay.version import __version__

if TYPE_CHECKING:
    from matplotlib.figure import Figure

ENDINGS = (".png", ".pdf")
_DOTS = 150  # per inch
_WIDE, _MOST_HIGH = 1240, 1754  # pixels: at most as high as a sheet of paper is for its width
_MARGIN, _ROW, _THUMB, _FACT = 80, 96, 80, 26
_MOST_ROWS = 9
_INK, _FAINT, _PAPER, _LINE = "#23221f", "#5d5b55", "#f6f5f1", "#c9c5ba"
_FILLS = ("#c23f2d", "#2f6f6a", "#c98a1b", "#5b4b8a", "#7a8a3a", "#a3567a")


@dataclass(frozen=True)
class Made:
    """A proof as a card tells of it.

    Attributes
    ----------
    recipe : with absolute paths; a picture that is not there leaves its place empty.
    picture : (H, W, 3) uint8 sRGB.
    """

    recipe: Recipe
    picture: ByteImage
    measures: dict[str, Any]
    recipe_hash: str = ""


def write_card(path: Path, proof: Made, store: PictureStore, *, title: str = "") -> None:
    """Write the card of a proof as PNG or PDF, by the file's ending; whole or not at all.

    Raises
    ------
    PictureError
        If the ending is another, or the place cannot be written.
    """
    ending = path.suffix.lower()
    if ending not in ENDINGS:
        raise PictureError(f"{path}: the ending must be .png or .pdf, got {path.suffix!r}")
    made = _Card(proof, store, title).figure()
    out = BytesIO()
    metadata = {"Software": None} if ending == ".png" else {"CreationDate": None}
    made.savefig(out, format=ending[1:], dpi=_DOTS, metadata=metadata)
    try:
        write_bytes(path, out.getvalue())
    except OSError as error:
        raise PictureError(f"{path}: cannot be written: {reason(error)}") from error


class _Card:
    """Where everything lies, in pixels from the top left."""

    def __init__(self, proof: Made, store: PictureStore, title: str) -> None:
        self.recipe, self.picture, self.measures = proof.recipe, proof.picture, proof.measures
        self.hash, self.store, self.title = proof.recipe_hash, store, title
        self.high = 0.0

    def figure(self) -> "Figure":
        """The page, drawn."""
        from matplotlib.figure import Figure  # takes half a second to load

        height, width = self.picture.shape[:2]
        scale = min((_WIDE - 2 * _MARGIN) / width, _MOST_HIGH * 0.5 / height)
        facts, below = self._facts(), _MARGIN + height * scale + 44
        rows_top = below + 44 + _FACT * len(facts)
        room = int((_MOST_HIGH - _MARGIN - rows_top) / _ROW)
        cues = self.recipe.cues[: min(room, _MOST_ROWS)]
        self.high = rows_top + len(cues) * _ROW + _MARGIN
        self.made = Figure((_WIDE / _DOTS, self.high / _DOTS), _DOTS, facecolor=_PAPER)
        self._picture(self.picture, _MARGIN, _MARGIN, width * scale, height * scale)
        self._text(_MARGIN, below, self.title or "A proof", size=15)
        for number, line in enumerate(facts):
            self._text(_MARGIN, below + 30 + _FACT * number, line, colour=_FAINT, size=8.5)
        for number, cue in enumerate(cues):
            self._cue(cue, rows_top + _ROW * number, _FILLS[number % len(_FILLS)])
        foot = f"Overlay {__version__}" + (f"  ·  recipe {self.hash[:16]}" if self.hash else "")
        more = len(self.recipe.cues) - len(cues)
        foot += f"  ·  and {more} more cues" if more else ""
        self._text(_MARGIN, self.high - 36, foot, colour=_FAINT, size=7)
        return self.made

    def _facts(self) -> list[str]:
        recipe, height, width = self.recipe, *self.picture.shape[:2]
        run = f"{width} x {height}  ·  seed {recipe.seed}  ·  departure {recipe.departure:.0%}"
        lines = [f"{run}  ·  {recipe.steps} steps"]
        if recipe.prompt:
            lines.append(one_line(f"“{recipe.prompt}”")[:110])
        passes = ", ".join(_said(later) for later in recipe.passes if not later.off)
        if passes:
            lines.append(f"then {passes}")
        said = [
            f"{name.replace('_', ' ')} {value:.0f}"
            for name, value in self.measures.items()
            if name in ("structure_kept", "layout_match", "depth_kept") and value is not None
        ]
        said += [
            f"style of {one_line(n)} {v:.0f}" for n, v in _shares(self.measures, "style_match")
        ]
        if said:
            lines.append("  ·  ".join(said)[:120])
        return lines

    def _cue(self, cue: Cue, top: float, colour: str) -> None:
        """A row: the picture in small, the name, and the envelope over the run."""
        self._small(cue, top)
        left = _MARGIN + 150
        kind = cue.kind if not isinstance(cue, GuideCue) else f"guide: {cue.guide}"
        self._text(left, top + 26, one_line(cue.name)[:28], size=10)
        muted = "  ·  muted" if cue.muted else ""
        said = f"{kind}  ·  weight {cue.weight:.2f}{muted}"
        if cue.region is not None:
            said += f"  ·  in {cue.region}"
        self._text(left, top + 52, one_line(said)[:44], colour=_FAINT, size=7.5)
        begin, wide, high = 620, _WIDE - _MARGIN - 620, _ROW - 24
        axes = self._axes(begin, top, wide, high)
        axes.set_xlim(0, 1)
        axes.set_ylim(0, 2)
        x = [cue.enter, cue.enter + cue.fade_in, cue.leave - cue.fade_out, cue.leave]
        y = [
            0 if cue.fade_in else cue.weight,
            cue.weight,
            cue.weight,
            0 if cue.fade_out else cue.weight,
        ]
        axes.fill_between(x, y, color=colour, alpha=0.25 if cue.muted else 0.85, linewidth=0)
        axes.axvline(1 - self.recipe.departure, color=_FAINT, linewidth=0.6, linestyle=":")
        axes.axhline(0, color=_LINE, linewidth=0.8)

    def _small(self, cue: Cue, top: float) -> None:
        if isinstance(cue, SwatchesCue):
            wide = 120 / len(cue.swatches)
            for i, swatch in enumerate(cue.swatches):
                axes = self._axes(_MARGIN + i * wide, top, wide, _THUMB)
                axes.set_facecolor(swatch)
                axes.patch.set_visible(True)
                axes.axis("on")
                axes.set_xticks([])
                axes.set_yticks([])
                for spine in axes.spines.values():
                    spine.set_visible(False)
            return
        path = cue.reference if isinstance(cue, ReferenceCue) else getattr(cue, "avoided", None)
        if path is None:
            return
        try:
            small = thumbnail(self.store.picture(path), 240)
        except PictureError:
            return
        height, width = small.shape[:2]
        scale = min(120 / width, _THUMB / height)
        self._picture(small, _MARGIN, top, width * scale, height * scale)

    def _picture(self, pixels: ByteImage, x: float, y: float, wide: float, high: float) -> None:
        axes = self._axes(x, y, wide, high)
        axes.imshow(np.asarray(pixels), aspect="auto", interpolation="lanczos")

    def _axes(self, x: float, y: float, wide: float, high: float) -> Any:
        box = (x / _WIDE, 1 - (y + high) / self.high, wide / _WIDE, high / self.high)
        axes = self.made.add_axes(box)
        axes.axis("off")
        return axes

    def _text(self, x: float, y: float, text: str, *, colour: str = _INK, size: float = 9) -> None:
        # Dollar signs in the names of people's files begin no formula.
        self.made.text(
            x / _WIDE, 1 - y / self.high, text, color=colour, fontsize=size, parse_math=False
        )  # fmt: skip


def _said(later: Any) -> str:
    factor = f" {later.factor:g}x" if later.kind == "enlarge" else ""
    return f"{later.kind}{factor} ({later.departure:.0%})"


def _shares(measures: dict[str, Any], key: str) -> list[tuple[str, float]]:
    found = measures.get(key)
    return list(found.items())[:4] if isinstance(found, dict) else []
