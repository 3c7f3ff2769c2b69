"""Project files: a ZIP container with `project.json`, the pictures, and proofs if asked for.

Files may come from anyone: entries are read by their known names only, never written outside the
folder they belong to, and never beyond fixed sizes. Nothing in them is executed.
"""

import hashlib
import json
import re
import unicodedata
import zipfile
import zlib
from contextlib import suppress
from dataclasses import dataclass
from pathlib import Path
from typing import BinaryIO

from overlay.document.project import FileStamp, State
from overlay.document.project_file import PICTURES, ProjectFile, make_project_file
from overlay.document.reading import recipe_json
from overlay.document.text.json_text import RecipeError, decode_text, json_text, parse_json
from overlay.imaging.decode import MAX_TEXT_BYTES
from overlay.imaging.intake import (
    PictureError,
    file_digest,
    file_stamp,
    open_regular,
    read_regular,
    reason,
)
from overlay.imaging.whole_files import write_bytes, write_whole
from overlay.studio.inputs.edition_paths import change_edition_paths, edition_paths
from overlay.studio.inputs.folders import data_folder, shelf_folder
from overlay.studio.inputs.paths import change_paths, input_paths
from overlay.studio.keeping.files.edition_data import moved_sequence, plain_editions, plain_sequence
from overlay.studio.keeping.files.safe_zip import (
    MOST_BYTES,
    MOST_ENTRIES,
    MOST_RATIO,
    checked_entries,
    read_entry,
    refuse_directory,
)
from overlay.studio.keeping.files.sheet_data import change_sheet_paths, plain_sheets, sheet_paths
from overlay.studio.keeping.marks import made_marks, plain_marks
from overlay.studio.keeping.shelf import ProofShelf
from overlay.studio.keeping.unreadable import UNREADABLE

ENDING = ".overlay"
_PROOF = re.compile(r"proofs/([0-9a-f]{64}\.(?:png|jpg|json|run))")
_MOST_PICTURE = 512 << 20  # bytes, of one entry
_MOST_TEXT = 4 * MAX_TEXT_BYTES  # of project.json: a recipe, and notes on many proofs
_MOST_NAME = 100  # bytes of a picture's name; its number comes before it
_LONG_AGO = (1980, 1, 1, 0, 0, 0)  # the same project gives the same bytes


@dataclass(frozen=True)
class Unpacked:
    """A project that was read, what of it could not be, and its file as it was then."""

    state: State
    missing: tuple[str, ...]
    stamp: FileStamp | None = None


def write_container(
    path: Path, state: State, shelf: ProofShelf | None = None
) -> tuple[FileStamp | None, tuple[str, ...]]:
    """Pack a project into one file, whole or not at all.

    A picture that is not there, or cannot be read, is left out; its name stays, so that it can be
    found again when the file is opened.

    Parameters
    ----------
    shelf : proofs to pack with it, or None for none.

    Returns
    -------
    The stamp of the file, and what was left out, each with its reason.

    Raises
    ------
    PictureError
        If the project is larger than what is read again, or the file cannot be written.
    """
    used = [*input_paths(state.recipe), *map(str, state.tray), *sheet_paths(state.sheets)]
    used += edition_paths(state.editions)
    used += [] if state.sequence is None else input_paths(state.sequence.recipe)
    names = entry_names(used)
    text = _project_text(state, names)
    proofs = [] if shelf is None else sorted(shelf.folder.glob("*"))
    proofs = [p for p in proofs if _PROOF.fullmatch(f"proofs/{p.name}")]
    _refuse_excess(path, 1 + len(names) + len(proofs), text)
    left_out: list[str] = []

    def pack(file: BinaryIO) -> None:
        with zipfile.ZipFile(file, "w") as container:
            _add(container, "project.json", text, packed=True)
            for source, name in [
                *names.items(),
                *((str(p), f"proofs/{p.name}") for p in proofs),
            ]:
                try:
                    _add(container, name, read_regular(source, _MOST_PICTURE))
                except PictureError as error:
                    left_out.append(str(error))
                if file.tell() > MOST_BYTES:
                    raise PictureError(f"{path}: projects may have 4 GiB, got more")

    try:
        write_whole(path, pack)
    except OSError as error:
        raise PictureError(f"{path}: cannot be written: {reason(error)}") from error
    return file_stamp(path), tuple(left_out)


def _project_text(state: State, names: dict[str, str]) -> bytes:
    data = {
        "overlay_project": 1,
        "recipe": json.loads(recipe_json(change_paths(state.recipe, names.__getitem__))),
        "tray": [names[str(picture)] for picture in state.tray],
        "marks": plain_marks(state.marks),
    }
    if state.seed_rule != "same":
        data["seed_rule"] = state.seed_rule
    if state.sheets:
        sheets = (change_sheet_paths(sheet, names.__getitem__) for sheet in state.sheets)
        data["sheets"] = plain_sheets(sheets)
    if state.editions:
        editions = (change_edition_paths(e, names.__getitem__) for e in state.editions)
        data["editions"] = plain_editions(editions)
    called = {names[str(p)]: name for p, name in state.names.items() if str(p) in names}
    if called:
        data["names"] = called
    if state.sequence is not None:
        data["sequence"] = plain_sequence(state.sequence, names.__getitem__)
    return json_text(data).encode()


def _refuse_excess(path: Path, entries: int, text: bytes) -> None:
    """What could not be read again is not written."""
    if entries > MOST_ENTRIES:
        raise PictureError(f"{path}: may hold {MOST_ENTRIES} files, got {entries}")
    if len(text) > _MOST_TEXT:
        raise PictureError(f"{path}: project.json may have {_MOST_TEXT} bytes, got {len(text)}")


def _add(container: zipfile.ZipFile, name: str, data: bytes, *, packed: bool = False) -> None:
    entry = zipfile.ZipInfo(name, _LONG_AGO)
    # What packs beyond belief would be refused when it is read again.
    believed = packed and len(data) <= MOST_RATIO * len(zlib.compress(data))
    entry.compress_type = zipfile.ZIP_DEFLATED if believed else zipfile.ZIP_STORED
    container.writestr(entry, data)


def entry_names(paths: list[str]) -> dict[str, str]:
    """An entry for every file, each once: numbered, so that equal names do not meet.

    Short enough for any file system, and the same from save to save: the number that a picture got
    in an earlier file of ours does not become part of its name.
    """
    names: dict[str, str] = {}
    for path in paths:
        if path not in names:
            names[path] = f"{PICTURES}{len(names):03d}-{_plain_name(Path(path))}"
    return names


def _plain_name(path: Path) -> str:
    name = unicodedata.normalize("NFC", path.name)
    if path.is_relative_to(_unpacked_folder()):
        name = re.sub(r"^\d{3,4}-", "", name)
    plain = re.sub(r"[^\w. -]", "_", name)
    stem, dot, ending = plain.rpartition(".")
    ending = dot + ending if dot and len(ending.encode()) <= 10 else ""
    stem = plain.removesuffix(ending) if ending else plain
    return stem.encode()[: _MOST_NAME - len(ending.encode())].decode(errors="ignore") + ending


def _unpacked_at(folder: Path, entry: str) -> Path:
    """Where a picture is unpacked to: under its own name, in a folder of its entry's number."""
    name = Path(entry).name
    number, _, own = name.partition("-")
    numbered = re.fullmatch(r"\d{3,4}", number) is not None and own.strip(".") != ""
    return folder / number / own if numbered else folder / name


def _unpacked_folder() -> Path:
    return data_folder() / "opened"


def read_container(path: Path) -> Unpacked:
    """Read a project file; its pictures are unpacked to a folder of their own.

    Pictures and proofs that are damaged are left out and named; without a sound `project.json`
    the file is refused.

    Raises
    ------
    RecipeError
        In one line that names the file.
    """
    try:
        with open_regular(path, MOST_BYTES) as file:
            stamp = file_stamp(path)
            refuse_directory(file, path)
            with zipfile.ZipFile(file) as container:
                entries = checked_entries(container, path)
                text = read_entry(container, entries, "project.json", _MOST_TEXT, path)
                data = parse_json(decode_text(text, f"{path}: project.json"), str(path))
                found = make_project_file(data, str(path))
                _refuse_outside(_named_files(found), path)
                folder = _own_folder(text, entries)
                missing = _unpack_pictures(container, entries, found, folder, path)
                missing += _unpack_proofs(container, entries, shelf_folder(path), path)
    except RecipeError:
        raise
    except PictureError as error:
        raise RecipeError(str(error)) from error
    except OSError as error:
        raise RecipeError(f"{path}: cannot be read: {reason(error)}") from error
    except UNREADABLE as error:
        raise RecipeError(f"{path}: must be a project file (ZIP), got a damaged one") from error

    def unpacked(name: str) -> str:
        return str(_unpacked_at(folder, name))

    recipe = change_paths(found.recipe, unpacked)
    sheets = tuple(change_sheet_paths(sheet, unpacked) for sheet in found.sheets)
    editions = tuple(change_edition_paths(edition, unpacked) for edition in found.editions)
    tray = tuple(_unpacked_at(folder, name) for name in found.tray)
    marks = made_marks({key: mark.model_dump() for key, mark in found.marks.items()})
    sequence = found.sequence and moved_sequence(found.sequence, unpacked)
    called = {_unpacked_at(folder, entry): name for entry, name in found.names.items()}
    state = State(recipe, tray, marks, found.seed_rule, sheets, editions, sequence, called)
    return Unpacked(state, tuple(missing), stamp)


def _named_files(found: ProjectFile) -> list[str]:
    """Every file that a project names, the tray's aside."""
    parts = [input_paths(found.recipe), sheet_paths(found.sheets), edition_paths(found.editions)]
    parts += [] if found.sequence is None else [input_paths(found.sequence.recipe)]
    return [path for part in parts for path in part]


def _own_folder(text: bytes, entries: dict[str, zipfile.ZipInfo]) -> Path:
    """A folder for what is in a project file, and for nothing else."""
    contents = sorted((e.filename, e.CRC, e.file_size) for e in entries.values())
    digest = hashlib.sha256(text + repr(contents).encode()).hexdigest()
    folder = _unpacked_folder() / digest[:16]
    folder.mkdir(parents=True, exist_ok=True)
    return folder


def _refuse_outside(names: list[str], path: Path) -> None:
    for name in names:
        if not re.fullmatch(r"pictures/[^/\\\x00-\x1f]{1,200}", name):
            raise RecipeError(f"{path}: pictures must lie in {PICTURES}, got {name!r}")


def _unpack_pictures(
    container: zipfile.ZipFile,
    entries: dict[str, zipfile.ZipInfo],
    found: ProjectFile,
    folder: Path,
    path: Path,
) -> list[str]:
    missing = []
    for name in dict.fromkeys([*_named_files(found), *found.tray]):
        try:
            data = read_entry(container, entries, name, _MOST_PICTURE, path)
        except UNREADABLE:
            missing.append(name)
            continue
        target = _unpacked_at(folder, name)
        target.parent.mkdir(exist_ok=True)
        _put(target, data)
    return missing


def _unpack_proofs(
    container: zipfile.ZipFile, entries: dict[str, zipfile.ZipInfo], shelf: Path, path: Path
) -> list[str]:
    """Proofs on the project's shelf; the record that makes one count comes last."""
    missing = []
    proofs = [m for m in map(_PROOF.fullmatch, entries) if m is not None]
    if proofs:
        shelf.mkdir(parents=True, exist_ok=True)
    for match in sorted(proofs, key=lambda m: m[1].endswith(".json")):
        target = shelf / match[1]
        if target.exists():
            continue
        try:
            _put(target, read_entry(container, entries, match[0], _MOST_PICTURE, path))
        except UNREADABLE:
            missing.append(match[0])
    return missing


def _put(target: Path, data: bytes) -> None:
    if not target.exists() or file_digest(target) != hashlib.sha256(data).hexdigest():
        write_bytes(target, data)


def lend_proofs(shelf: ProofShelf, to: Path) -> None:
    """Copy what a shelf keeps to another folder, for a project that is saved elsewhere."""
    to.mkdir(parents=True, exist_ok=True)
    for proof in sorted(shelf.folder.glob("*"), key=lambda p: p.suffix == ".json"):
        target = to / proof.name
        if _PROOF.fullmatch(f"proofs/{proof.name}") and not target.exists():
            with suppress(PictureError):  # what is damaged or gone counts as not kept
                write_bytes(target, read_regular(proof, _MOST_PICTURE))
