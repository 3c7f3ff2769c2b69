"""Taught words as files: the artist's own lexicon for all projects, and one ZIP to hand around.

Both hold the same: `taught.tsv`, one line a word as in our own tables (word, kind, value, notes),
and beside it pictures and looks that its lines name. Files may come from anyone: names are plain,
sizes limited, and what a line says goes through the same checks as a recipe.
"""

import hashlib
import json
import re
import zipfile
from collections.abc import Callable, Iterable, Sequence
from pathlib import Path
from typing import Any, BinaryIO

from pydantic import ValidationError

from overlay.document.part import shown
from overlay.document.reading import first_fault
from overlay.document.taught import MOST_TAUGHT, Taught
from overlay.document.text.json_text import RecipeError, decode_text, json_text, parse_json
from overlay.imaging.intake import PictureError, open_regular, read_regular, reason
from overlay.imaging.whole_files import write_bytes, write_whole
from overlay.studio.inputs.folders import data_folder
from overlay.studio.inputs.own_files import keep_own
from overlay.studio.keeping.files.safe_zip import (
    MOST_BYTES,
    checked_entries,
    read_entry,
    refuse_directory,
)
from overlay.studio.keeping.unreadable import UNREADABLE

TABLE = "taught.tsv"
_HEAD = "# word\tkind\tvalue\tnotes: words that were taught; files lie beside this one\n"
_MOST_TABLE, _MOST_FILE = 1 << 20, 64 << 20  # bytes
_FILE = re.compile(r"[\w-]{1,120}\.(?:png|jpe?g|webp|tiff?|ora|json)", re.IGNORECASE)
_LONG_AGO = (1980, 1, 1, 0, 0, 0)  # the same words give the same bytes

Files = dict[str, bytes]
Read = Callable[[str], bytes]
Place = Callable[[str], str]


def lexicon_folder() -> Path:
    """Where words lie that are taught for all projects."""
    return data_folder() / "lexicon"


def read_lexicon(folder: Path | None = None) -> tuple[Taught, ...]:
    """The words taught for all projects, none where there is no such file.

    Raises
    ------
    RecipeError
        In one line that names the file and the line.
    """
    folder = folder or lexicon_folder()
    table = folder / TABLE
    if not table.exists():
        return ()
    try:
        text = decode_text(read_regular(table, _MOST_TABLE), str(table))
        return _taught_in(
            text,
            str(table),
            lambda n: read_regular(folder / n, _MOST_FILE),
            lambda n: str(folder / n),
        )
    except PictureError as error:
        raise RecipeError(str(error)) from error


def teach_all(taught: Iterable[Taught]) -> None:
    """Add words to those for all projects, in place of what they meant there."""
    new = {one.word: one for one in taught}
    _write_folder({one.word: one for one in read_lexicon()} | new)


def forget_all(words: Iterable[str]) -> None:
    """Take words from those for all projects; their pictures stay, for projects that use them."""
    gone = set(words)
    _write_folder({one.word: one for one in read_lexicon() if one.word not in gone})


def _write_folder(taught: dict[str, Taught]) -> None:
    folder = lexicon_folder()
    folder.mkdir(parents=True, exist_ok=True)
    files = lexicon_files(list(taught.values()))
    for name, data in sorted(files.items(), key=lambda item: item[0] == TABLE):
        # The table comes last: what it names is there.
        if name == TABLE or not (folder / name).exists():
            write_bytes(folder / name, data)


def pack_lexicon(path: Path, taught: Sequence[Taught]) -> None:
    """Write words with their pictures as one ZIP, whole or not at all; raises `PictureError`."""
    files = lexicon_files(taught)

    def pack(file: BinaryIO) -> None:
        with zipfile.ZipFile(file, "w", zipfile.ZIP_DEFLATED) as archive:
            for name in sorted(files):
                archive.writestr(zipfile.ZipInfo(name, _LONG_AGO), files[name])

    try:
        write_whole(path, pack)
    except OSError as error:
        raise PictureError(f"{path}: cannot be written: {reason(error)}") from error


def unpack_lexicon(path: Path) -> tuple[Taught, ...]:
    """Words from a ZIP, their pictures kept among Overlay's own files; raises `RecipeError`."""
    try:
        with open_regular(path, MOST_BYTES) as file:
            refuse_directory(file, path)
            with zipfile.ZipFile(file) as archive:
                entries = checked_entries(archive, path)

                def read(name: str) -> bytes:
                    return read_entry(archive, entries, name, _MOST_FILE, path)

                text = decode_text(read(TABLE), f"{path}: {TABLE}")
                return _taught_in(text, f"{path}: {TABLE}", read, lambda n: _kept(n, read(n)))
    except RecipeError:
        raise
    except PictureError as error:
        raise RecipeError(str(error)) from error
    except UNREADABLE as error:
        raise RecipeError(f"{path}: must be a lexicon (ZIP), got a damaged one") from error


def _kept(name: str, data: bytes) -> str:
    stem, ending = Path(name).stem, Path(name).suffix
    return str(keep_own("taught", stem, ending, content=data, write=lambda p: write_bytes(p, data)))


def lexicon_files(taught: Sequence[Taught]) -> Files:
    """A lexicon's files by their names; raises `PictureError` for a picture that is not there."""
    files: Files = {}
    lines = [_line(one, files) for one in sorted(taught, key=lambda one: one.word)]
    files[TABLE] = (_HEAD + "".join(lines)).encode()
    return files


def _line(one: Taught, files: Files) -> str:
    names = ",".join(_put(path, one.word, files) for path in one.pictures)
    notes = ""
    if one.kind == "subject":
        value, notes = f"height={one.height:g} pictures={names}", one.belongs
    elif one.kind == "look":
        value = f"cues={_put_look(one, files)}"
    else:
        value = f"pictures={names}"
    return f"{one.word}\t{one.kind}\t{value}\t{notes}\n"


def _put(path: str, word: str, files: Files) -> str:
    data = read_regular(path, _MOST_FILE)
    name = _name(word, data, Path(path).suffix.lower() or ".png")
    files[name] = data
    return name


def _put_look(one: Taught, files: Files) -> str:
    cues = [cue.model_dump(mode="json", exclude_defaults=True) for cue in one.cues]
    for cue in cues:
        cue["reference"] = _put(cue["reference"], one.word, files)
    data = json_text(cues).encode()
    name = _name(one.word, data, ".json")
    files[name] = data
    return name


def _name(word: str, data: bytes, ending: str) -> str:
    plain = re.sub(r"\W+", "-", word).strip("-")[:60]
    return f"{plain}-{hashlib.sha256(data).hexdigest()[:12]}{ending}"


def _taught_in(text: str, where: str, read: Read, place: Place) -> tuple[Taught, ...]:
    """The words of a table; each line is refused by its number."""
    rows = [(n, line) for n, line in enumerate(text.splitlines(), 1) if line.strip("\r\n\t ")]
    rows = [(n, line) for n, line in rows if not line.startswith("#")]
    if len(rows) > MOST_TAUGHT:
        raise RecipeError(f"{where}: may have {MOST_TAUGHT} words, got {len(rows)}")
    found: dict[str, Taught] = {}
    for number, line in rows:
        one = _of_line(line, f"{where}: line {number}", read, place)
        if one.word in found:
            raise RecipeError(
                f"{where}: line {number}: every word must be taught once, got {one.word!r} twice"
            )
        found[one.word] = one
    return tuple(found.values())


def _of_line(line: str, where: str, read: Read, place: Place) -> Taught:
    word, kind, value, notes = [*line.split("\t"), "", "", ""][:4]
    pairs = dict(pair.partition("=")[::2] for pair in value.split())
    data: dict[str, Any] = {"word": word, "kind": kind}
    if pairs.get("pictures"):
        data["pictures"] = [place(_plain(n, where)) for n in pairs["pictures"].split(",")]
    if "height" in pairs:
        data["height"] = _number(pairs["height"], where)
    if notes.strip():
        data["belongs"] = notes.strip()
    if "cues" in pairs:
        data["cues"] = _cues(_plain(pairs["cues"], where), where, read, place)
    try:
        return Taught.model_validate(data)
    except ValidationError as error:
        raise RecipeError(f"{where}: {first_fault(error)}") from error


def _cues(name: str, where: str, read: Read, place: Place) -> list[Any]:
    cues = parse_json(decode_text(read(name), f"{where}: {name}"), f"{where}: {name}")
    if not isinstance(cues, list) or not all(isinstance(cue, dict) for cue in cues):
        raise RecipeError(f"{where}: {name}: must be a list of cues, got {shown(cues)}")
    return [
        cue | {"reference": place(_plain(cue["reference"], where))} if "reference" in cue else cue
        for cue in cues
    ]


def _plain(name: Any, where: str) -> str:
    if not isinstance(name, str) or not _FILE.fullmatch(name):
        raise RecipeError(f"{where}: files must have plain names, got {shown(name)}")
    return name


def _number(text: str, where: str) -> float:
    try:
        return float(json.loads(text))
    except (ValueError, TypeError) as error:
        raise RecipeError(f"{where}: height must be a number, got {shown(text)}") from error
