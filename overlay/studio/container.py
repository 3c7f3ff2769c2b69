"""Project files: a ZIP container with `project.json`, the pictures, and proofs if asked for.

Files may come from anyone: entries are read by their known names only, never written outside the
folder they belong to, and never beyond fixed sizes. Nothing in them is executed.
"""

import hashlib
import json
import re
import shutil
import zipfile
import zlib
from dataclasses import dataclass
from pathlib import Path
from typing import IO

from overlay.document.json_text import RecipeError, parse_json
from overlay.document.project import State
from overlay.document.project_file import PICTURES, ProjectFile, make_project_file
from overlay.document.reading import recipe_json
from overlay.document.recipe import Recipe
from overlay.imaging.decode import MAX_TEXT_BYTES
from overlay.imaging.intake import PictureError, reason
from overlay.imaging.whole_files import write_bytes, write_whole
from overlay.studio.folders import data_folder, shelf_folder
from overlay.studio.marks import made_marks, plain_marks
from overlay.studio.paths import change_paths, input_paths
from overlay.studio.shelf import ProofShelf

ENDING = ".overlay"
_PROOF = re.compile(r"proofs/([0-9a-f]{64}\.(?:png|jpg|json|run))")
_MOST_ENTRIES = 4096
_MOST_PICTURE = 512 << 20  # bytes, of one entry
_MOST_BYTES = 4 << 30  # bytes, of all entries
_MOST_RATIO = 400  # of packed to unpacked bytes; pictures come nowhere near
# What reading a damaged or locked entry raises.
_DAMAGE = (RecipeError, zipfile.BadZipFile, zlib.error, EOFError, RuntimeError)
_LONG_AGO = (1980, 1, 1, 0, 0, 0)  # the same project gives the same bytes


@dataclass(frozen=True)
class Opened:
    """A project that was read, and what of it could not be."""

    state: State
    missing: tuple[str, ...]


def write_container(path: Path, state: State, shelf: ProofShelf | None = None) -> None:
    """Pack a project into one file, whole or not at all.

    Parameters
    ----------
    shelf : proofs to pack with it, or None for none.

    Raises
    ------
    PictureError
        If a picture of the project cannot be read, or the file cannot be written.
    """
    names = _entry_names([*input_paths(state.recipe), *map(str, state.tray)])
    recipe = change_paths(state.recipe, names.__getitem__)
    data = {
        "overlay_project": 1,
        "recipe": json.loads(recipe_json(recipe)),
        "tray": [names[str(picture)] for picture in state.tray],
        "marks": plain_marks(state.marks),
    }
    text = json.dumps(data, indent=2, ensure_ascii=False).encode()

    def pack(file: IO[bytes]) -> None:
        with zipfile.ZipFile(file, "w") as container:
            _add(container, "project.json", text, packed=True)
            for picture, name in names.items():
                _add(container, name, Path(picture).read_bytes())
            for proof in sorted(shelf.folder.iterdir()) if shelf is not None else ():
                if _PROOF.fullmatch(f"proofs/{proof.name}"):
                    _add(container, f"proofs/{proof.name}", proof.read_bytes())

    try:
        write_whole(path, pack)
    except OSError as error:
        which = error.filename if error.filename in names else path
        raise PictureError(f"{which}: {reason(error)}") from error


def _add(container: zipfile.ZipFile, name: str, data: bytes, *, packed: bool = False) -> None:
    entry = zipfile.ZipInfo(name, _LONG_AGO)
    entry.compress_type = zipfile.ZIP_DEFLATED if packed else zipfile.ZIP_STORED
    container.writestr(entry, data)


def _entry_names(paths: list[str]) -> dict[str, str]:
    """An entry for every file, each once: numbered, so that equal names do not meet."""
    names: dict[str, str] = {}
    for path in paths:
        if path not in names:
            plain = re.sub(r"[^\w. -]", "_", Path(path).name)[-120:]
            names[path] = f"{PICTURES}{len(names):03d}-{plain}"
    return names


def read_container(path: Path) -> Opened:
    """Read a project file; its pictures are unpacked to a folder of their own.

    Pictures and proofs that are damaged are left out and named; without a sound `project.json`
    the file is refused.

    Raises
    ------
    RecipeError
        In one line that names the file.
    """
    try:
        with zipfile.ZipFile(path) as container:
            entries = _checked_entries(container, path)
            text = _read(container, entries, "project.json", MAX_TEXT_BYTES, path)
            found = make_project_file(parse_json(text.decode("utf-8-sig"), str(path)), str(path))
            _refuse_outside(found.recipe, path)
            folder = _own_folder(text, entries)
            missing = _unpack_pictures(container, entries, found, folder, path)
            missing += _unpack_proofs(container, entries, shelf_folder(path), path)
    except RecipeError:
        raise
    except OSError as error:
        raise RecipeError(f"{path}: cannot be read: {reason(error)}") from error
    except UnicodeDecodeError as error:
        raise RecipeError(f"{path}: project.json must be UTF-8 text, got other bytes") from error
    except (*_DAMAGE, NotImplementedError, ValueError) as error:
        raise RecipeError(f"{path}: must be a project file (ZIP), got a damaged one") from error
    recipe = change_paths(found.recipe, lambda name: str(folder / Path(name).name))
    tray = tuple(folder / Path(name).name for name in found.tray if name not in missing)
    marks = made_marks({key: mark.model_dump() for key, mark in found.marks.items()})
    return Opened(State(recipe, tray, marks), tuple(missing))


def _own_folder(text: bytes, entries: dict[str, zipfile.ZipInfo]) -> Path:
    """A folder for what is in a project file, and for nothing else."""
    contents = sorted((e.filename, e.CRC, e.file_size) for e in entries.values())
    digest = hashlib.sha256(text + repr(contents).encode()).hexdigest()
    folder = data_folder() / "opened" / digest[:16]
    folder.mkdir(parents=True, exist_ok=True)
    return folder


def _checked_entries(container: zipfile.ZipFile, path: Path) -> dict[str, zipfile.ZipInfo]:
    """The entries by name, if none is too large, repeated or a bomb."""
    listed = container.infolist()
    if len(listed) > _MOST_ENTRIES:
        raise RecipeError(f"{path}: may have {_MOST_ENTRIES} entries, got {len(listed)}")
    total = sum(entry.file_size for entry in listed)
    if total > _MOST_BYTES:
        raise RecipeError(f"{path}: may unpack to 4 GiB, got {total} bytes")
    for entry in listed:
        if entry.file_size > _MOST_RATIO * max(entry.compress_size, 64):
            raise RecipeError(f"{path}: {entry.filename!r} is packed beyond belief")
    return {entry.filename: entry for entry in listed}


def _read(
    container: zipfile.ZipFile,
    entries: dict[str, zipfile.ZipInfo],
    name: str,
    most: int,
    path: Path,
) -> bytes:
    if name not in entries:
        raise RecipeError(f"{path}: must hold {name}, got none")
    if entries[name].file_size > most:
        raise RecipeError(f"{path}: {name} may have {most} bytes, got {entries[name].file_size}")
    with container.open(entries[name]) as file:
        return file.read(most + 1)[:most]


def _refuse_outside(recipe: Recipe, path: Path) -> None:
    for name in input_paths(recipe):
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
    for name in dict.fromkeys([*input_paths(found.recipe), *found.tray]):
        try:
            data = _read(container, entries, name, _MOST_PICTURE, path)
        except _DAMAGE:
            missing.append(name)
            continue
        _put(folder / Path(name).name, data)
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
            _put(target, _read(container, entries, match[0], _MOST_PICTURE, path))
        except _DAMAGE:
            missing.append(match[0])
    return missing


def _put(target: Path, data: bytes) -> None:
    if not target.exists() or target.read_bytes() != data:
        write_bytes(target, data)


def lend_proofs(shelf: ProofShelf, to: Path) -> None:
    """Copy what a shelf keeps to another folder, for a project that is saved elsewhere."""
    to.mkdir(parents=True, exist_ok=True)
    for proof in sorted(shelf.folder.iterdir(), key=lambda p: p.suffix == ".json"):
        target = to / proof.name
        if _PROOF.fullmatch(f"proofs/{proof.name}") and not target.exists():
            shutil.copyfile(proof, target)
