"""Bring the catalogues of the interface up to date: `python tools/translations.py`.

Gathers every text that may be shown from the code of the window and of what it says for others,
and writes it into each `overlay/app/translations/*.ts` (Qt Linguist). What was translated stays;
what is new is marked as unfinished; what is gone goes. With `--check` nothing is written, and what
is missing or gone is listed.
"""

import ast
import re
import sys
import xml.etree.ElementTree as ET
from collections.abc import Iterator
from pathlib import Path

ROOT = Path(__file__).parents[1]
FOLDER = ROOT / "overlay" / "app" / "translations"
# Beside the window: names of steps, advice, findings, names of settings.
_BESIDE = (
    "studio/bench", "studio/advising/advice.py", "studio/advising/map_advice.py",
    "studio/inputs/checks.py", "studio/sheets/settings.py", "studio/keeping/differences.py",
    "studio/sheets/trials.py",
)  # fmt: skip
_LEFT_OUT = {"theme.py", "language.py", "refusals.py", "last_resort.py"}
_SAYS = re.compile(r"[A-Za-z]{2}")
# Keys, names of files and properties, keys of the keyboard, formats: nothing that people read.
_KEYS = re.compile(
    r"[a-z0-9_.:/#*%-]*|(Ctrl|Alt|Shift)\+\S+|#[0-9a-f]+|F\d+|[A-Z]{1,5}|[A-Z][a-z]+[A-Z]\w*"
    r"|application/\S+|\S*\.(png|json|svg|zip|csv|pdf)|[\w-]+(\.[\w-]+)+"
)
# Style sheets, markup, names of types, a line that is only measured.
_CODE = re.compile(
    r"\{\{|border[-:]|: transparent|min-height|#|<|\w\[\w| \| |~\d|stand in this one"
)
# Single small words that are shown all the same.
_WORDS = frozenset(
    """
    masses forms marks grain held loose lost full part faint all none avoid influence look waits
    structure whole words read drawn unknown thing area surface both settle refine enlarge kept
    departure seed weight enter leave region muted mirror turns steps guidance stray blend size
    engine source amount palette light layout likeness scale sharpen blur from to in exactly
    across down colour tone texture not seeds proof pictures running there failed
    """.split()  # noqa: SIM905
)


# Made of keys at run time: kinds of guides, picks, facets, manners.
_MADE = (
    "Edges", "Outline", "Lines", "Depth", "Blocks", "Pose", "Subject", "Background", "Sky",
    "Ground", "up", "Near", "Far", "Light", "Dark", "Palette", "Surface", "Layout", "Likeness",
    "Glazed tile",
    "Lino cut", "Felt", "Gouache", "Dot print", "Weave", "Same", "across", "down", "Windmill",
    "Lock", "Style match", "Palette distance", "Structure kept", "Contour correlation",
    "Layout match", "Repeats", "Rash", "Softness", "Free", "tone", "texture", "Bottle kiln",
    "Glasshouse", "Barge", "Weigh-house", "forms", "grain",
    "the windmill", "the lock", "the bottle kiln", "the manners", "a ride past the kilns",
    "the first proof",
    "larger marks", "smaller marks", "more texture", "less texture", "more colourful",
    "less colourful", "lighter", "darker", "more contrast", "less contrast", "redder", "greener",
    "yellower", "bluer",
)  # fmt: skip
# Names of settings, made of their keys, and what stands where one has no value.
_SETTINGS = (
    "within", "fade in", "fade out", "contours", "picture", "mirror", "turns", "low", "high",
    "sigma", "invert", "detail", "softness", "thickness", "cleaning", "strength", "polarity",
    "ground", "haze", "flat sky", "agreement", "receding", "cells", "hard", "pick", "fill holes",
    "drop specks", "smooth", "grow", "feather", "off", "factor", "left out", "nothing", "noise",
    "whole", "none", "yes", "no", "prompt",
)  # fmt: skip
# What is put together at run time, much of it by pydantic.
_RULES = (
    "must be an object", "must be given", "unknown key; allowed are {0}", "may have {0} entries",
    "must be a valid integer", "must be a valid number", "must be a valid string",
    "must be a valid boolean", "must be a valid list", "must be a valid tuple",
    "must be a valid dictionary", "must be a finite number", "must be greater than {0}",
    "must be greater than or equal to {0}", "must be less than {0}",
    "must be less than or equal to {0}", "must be {0}", "string should match pattern {0}",
    "string should have at most {0} characters", "string should have at least {0} character",
    "string should have at least {0} characters", ", got {0}", "nothing", "something else", "some",
    "more", "a damaged one", "none left",
)  # fmt: skip
# A file, a key or an option that a rule is said of.
_LEADS = re.compile(r"^(?:(?:cue |row |--set )?[\w.{}$-]+: )+")
_HOLE = re.compile(r"\{(\d)\}")


def is_said(text: str) -> bool:
    """Whether a text is one that people read."""
    plain = re.sub(r"\{\d\}", "", text).strip()
    if not _SAYS.search(plain) or _CODE.search(text):
        return False
    return plain in _WORDS or not _KEYS.fullmatch(plain)


def texts_of(path: Path) -> Iterator[str]:
    """The texts of a module, with `{0}` where a value stands."""
    tree = ast.parse(path.read_text("utf-8"))
    skipped = set(_docstrings(tree))
    for node in ast.walk(tree):
        if isinstance(node, ast.JoinedStr):
            skipped |= {id(part) for part in ast.walk(node) if part is not node}
            yield _pattern(node)
            for value in node.values:  # texts within a value
                if isinstance(value, ast.FormattedValue):
                    yield from _constants(value.value)
    for node in ast.walk(tree):
        is_text = isinstance(node, ast.Constant) and isinstance(node.value, str)
        if is_text and id(node) not in skipped:
            yield re.sub(r"\{:[^}]*\}", "{0}", str(node.value))  # type: ignore[attr-defined]


def _constants(tree: ast.AST) -> Iterator[str]:
    for node in ast.walk(tree):
        if isinstance(node, ast.Constant) and isinstance(node.value, str):
            yield node.value


def _pattern(node: ast.JoinedStr) -> str:
    out, holes = "", 0
    for part in node.values:
        if isinstance(part, ast.Constant):
            out += str(part.value)
        else:
            out += f"{{{holes}}}"
            holes += 1
    return out


def _docstrings(tree: ast.AST) -> Iterator[int]:
    for node in ast.walk(tree):
        if isinstance(node, ast.Module | ast.ClassDef | ast.FunctionDef) and node.body:
            first = node.body[0]
            if isinstance(first, ast.Expr) and isinstance(first.value, ast.Constant):
                yield id(first.value)


def rules_of(path: Path) -> Iterator[str]:
    """The rules of a module's refusals, without what they are said of and what was found."""
    for node in ast.walk(ast.parse(path.read_text("utf-8"))):
        if not isinstance(node, ast.Raise) or node.exc is None:
            continue
        within: set[int] = set()
        for part in ast.walk(node.exc):
            if isinstance(part, ast.JoinedStr):
                within |= {id(inner) for inner in ast.walk(part)}
                yield _rule(_pattern(part))
            elif isinstance(part, ast.Constant) and id(part) not in within:
                yield _rule(str(part.value))


def _rule(said: str) -> str:
    """A rule as it is looked up: its values counted from none."""
    rule = re.sub(r", got [^;]*$", "", _LEADS.sub("", said))
    places: dict[str, int] = {}
    return _HOLE.sub(lambda hole: f"{{{places.setdefault(hole[1], len(places))}}}", rule)


def _refusals() -> dict[str, str]:
    """Rules that the core says, with the first module that does."""
    found: dict[str, str] = {}
    for path in sorted((ROOT / "overlay").rglob("*.py")):
        if path.relative_to(ROOT).parts[1] in {"app", "cli"}:
            continue
        for rule in rules_of(path):
            said = " " in rule and is_said(rule)
            if said and _HOLE.sub("", rule).strip(":; or"):
                found.setdefault(rule, str(path.relative_to(ROOT)))
    return found


def all_texts() -> dict[str, str]:
    """Every text with the first module it stands in."""
    folders = [ROOT / "overlay" / "app", *(ROOT / "overlay" / part for part in _BESIDE)]
    found: dict[str, str] = {}
    for folder in folders:
        for path in [folder] if folder.is_file() else sorted(folder.rglob("*.py")):
            if path.name not in _LEFT_OUT:
                for text in texts_of(path):
                    if is_said(text):
                        found.setdefault(text, str(path.relative_to(ROOT)))
    found |= {text: where for text, where in _refusals().items() if text not in found}
    made = (text for text in (*_MADE, *_SETTINGS, *_RULES) if text not in found)
    return found | dict.fromkeys(made, "tools/translations.py")


def read(path: Path) -> dict[str, tuple[str, bool]]:
    """Sources with their translations, and whether these are done."""
    found = {}
    for message in ET.parse(path).getroot().iter("message") if path.exists() else ():
        target = message.find("translation")
        assert target is not None
        done = target.get("type") is None
        found[message.findtext("source") or ""] = (target.text or "", done)
    return found


def write(path: Path, texts: dict[str, str], known: dict[str, tuple[str, bool]]) -> None:
    """Write a catalogue in the order of the code."""
    root = ET.Element("TS", version="2.1", language=path.stem, sourcelanguage="en")
    context = ET.SubElement(root, "context")
    ET.SubElement(context, "name").text = "overlay"
    for text, where in texts.items():
        message = ET.SubElement(context, "message")
        ET.SubElement(message, "location", filename=f"../../../{where}")
        ET.SubElement(message, "source").text = text
        said, done = known.get(text, ("", False))
        target = ET.SubElement(message, "translation", {} if done else {"type": "unfinished"})
        target.text = said
    ET.indent(root, " ")
    body = ET.tostring(root, "unicode")
    path.write_text(f'<?xml version="1.0" encoding="utf-8"?>\n<!DOCTYPE TS>\n{body}\n', "utf-8")


def main() -> int:
    """Write all catalogues, or say what they lack."""
    texts = all_texts()
    faults = 0
    for path in sorted(FOLDER.glob("*.ts")):
        known = read(path)
        missing = [text for text in texts if not known.get(text, ("", False))[1]]
        gone = [text for text in known if text not in texts]
        if "--check" in sys.argv:
            for text in missing + gone:
                print(f"{path.name}: {'missing' if text in texts else 'gone'}: {text!r}")
            faults += len(missing) + len(gone)
        else:
            write(path, texts, known)
        print(f"{path.name}: {len(texts)} texts, {len(missing)} not translated, {len(gone)} gone")
    return 1 if faults else 0


if __name__ == "__main__":
    sys.exit(main())
