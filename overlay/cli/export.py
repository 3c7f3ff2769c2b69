"""`overlay export`: a proof for print, post or a painting program; or a layer of a layered file."""

import argparse
from pathlib import Path

from overlay import api
from overlay.cli.parts.ends import DONE
from overlay.cli.parts.targets import check_target
from overlay.document.text.json_text import RecipeError
from overlay.handing.openraster import read_layer
from overlay.handing.paper import PAPERS, Sheet, write_pdf
from overlay.handing.pictures import Output, check_output
from overlay.imaging.files import read_picture, write_picture
from overlay.imaging.formats.openraster import ENDING
from overlay.imaging.intake import PictureError
from overlay.studio.handing.profile import profile_of

_KINDS = ("picture", "ora", "pdf", "card")
_ENDINGS = {"ora": (ENDING,), "pdf": (".pdf",), "card": (".png", ".pdf")}


def add_arguments(parser: argparse.ArgumentParser) -> None:
    """What the command takes."""
    parser.add_argument("proof", type=Path, nargs="+", metavar="PROOF")
    parser.add_argument("--as", choices=_KINDS, dest="kind")
    parser.add_argument("--out", type=Path, required=True, metavar="FILE")
    parser.add_argument("--depth", type=int, default=8, metavar="8|16")
    parser.add_argument("--dpi", type=float, metavar="DOTS")
    parser.add_argument("--profile", type=Path, metavar="FILE", help="an ICC file, or a picture")
    parser.add_argument("--creator", default="", metavar="NAME")
    parser.add_argument("--title", default="", metavar="TEXT")
    parser.add_argument("--paper", default="A4", metavar="NAME|WxH", help="millimetres, for pdf")
    parser.add_argument("--bleed", type=float, default=0.0, metavar="MM")
    parser.add_argument("--grid", default="1x1", metavar="COLUMNSxROWS", help="for pdf")
    parser.add_argument("--layer", metavar="NAME", help="of an OpenRaster file, as a picture")
    parser.set_defaults(run=run)


def run(options: argparse.Namespace) -> int:
    """Check the place, then write one file."""
    kind = options.kind or {ENDING: "ora", ".pdf": "pdf"}.get(options.out.suffix.lower(), "picture")
    endings = _ENDINGS.get(kind)
    if endings is not None and options.out.suffix.lower() not in endings:
        allowed = " or ".join(endings)
        raise PictureError(
            f"{options.out}: the ending must be {allowed}, got {options.out.suffix!r}"
        )
    check_target("--out", options.out, options.proof)
    if len(options.proof) > 1 and kind != "pdf":
        raise RecipeError(f"export: several proofs go into a pdf alone, got {kind}")
    if options.layer is not None:
        write_picture(options.out, read_layer(options.proof[0], options.layer))
        return DONE
    if kind == "pdf":
        _write_pdf(options)
        return DONE
    proof = api.open(options.proof[0])
    if kind == "card":
        proof.save_card(options.out, title=options.title)
        return DONE
    profile = None if options.profile is None else profile_of(options.profile)
    if kind == "picture":
        check_output(options.out, Output(options.depth, options.dpi, profile))
    proof.save(
        options.out, depth=options.depth, dpi=options.dpi, profile=profile,
        creator=options.creator, title=options.title,
    )  # fmt: skip
    return DONE


def _write_pdf(options: argparse.Namespace) -> None:
    """Any pictures on paper; they need not carry a recipe."""
    pictures = [read_picture(path) for path in options.proof]
    columns, rows = _numbers("--grid", options.grid)
    trim = _paper(options.paper, wide=pictures[0].shape[1] > pictures[0].shape[0])
    margin = 0.0 if (columns, rows) == (1, 1) else 10.0
    try:
        sheet = Sheet(
            trim, options.bleed, int(columns), int(rows), margin=0.0 if options.bleed else margin,
            title=options.title,
        )  # fmt: skip
    except ValueError as error:
        raise RecipeError(f"export: {error}") from error
    write_pdf(options.out, pictures, sheet)


def _paper(said: str, *, wide: bool) -> tuple[float, float]:
    """Millimetres of a paper by its name, turned as the picture, or of WxH as said."""
    if said.upper() in PAPERS:
        short, long = PAPERS[said.upper()]
        return (long, short) if wide else (short, long)
    return _numbers("--paper", said)


def _numbers(option: str, said: str) -> tuple[float, float]:
    first, _, second = said.lower().partition("x")
    try:
        return float(first), float(second)
    except ValueError:
        paper = f"{', '.join(PAPERS)} or two numbers as 210x297"
        allowed = paper if option == "--paper" else "columns and rows as 2x3"
        raise RecipeError(f"{option}: must be {allowed}, got {said!r}") from None
