"""One damaged file after the other, read as the program reads it: a value, or one clear line."""

import os
import random
import resource
import time
import zlib
from collections.abc import Callable
from contextlib import suppress
from pathlib import Path
from unittest import mock

from overlay.document.reading import make_recipe, read_recipe, recipe_json
from overlay.document.text.json_text import RecipeError, parse_json
from overlay.imaging.files import read_grey, read_picture, read_recipe_text
from overlay.imaging.formats.palette_files import read_palette
from overlay.imaging.intake import PictureError
from overlay.imaging.one_line import one_line
from overlay.studio.keeping.files.container import read_container
from overlay.studio.keeping.files.opening import open_project
from overlay.studio.keeping.packed_run import unpack_run
from overlay.studio.keeping.records import read_record
from overlay.studio.keeping.recovery import Recoveries
from overlay.studio.keeping.settings import Settings, load_settings
from overlay.studio.keeping.shelf import ProofShelf
from overlay.studio.keeping.unreadable import UNREADABLE
from tests.hostile.corpus import make_corpus
from tests.hostile.damage import damaged

MOST_SECONDS = 2.0
MOST_BYTES = 1 << 30
REFUSALS = (RecipeError, PictureError)


def _read_recipe(path: Path) -> None:
    recipe = read_recipe(path)
    text = recipe_json(recipe)
    # What was read is written so that it can be read again.
    assert make_recipe(parse_json(text, "again"), "again") == recipe


def _read_shelf_files(path: Path) -> None:
    """Records and marks in their places on a shelf, which says nothing of damaged ones."""
    shelf = ProofShelf(path.parent)
    target = path.parent / (path.name if path.name == "marks.json" else f"{'a' * 64}{path.suffix}")
    path.replace(target)
    for look in (shelf.numbers, shelf.all_kept, shelf.read_marks, lambda: shelf.find("a" * 64)):
        look()
    for read in (read_record, lambda p: unpack_run(p.read_bytes())):
        with suppress(*UNREADABLE):
            read(target)


def _read_settings(path: Path) -> None:
    with mock.patch("overlay.studio.keeping.settings.settings_path", return_value=path):
        assert isinstance(load_settings(), Settings)


def _read_recovery(path: Path) -> None:
    recoveries = Recoveries(path.parent)
    recoveries.left()
    found = recoveries.load(path.stem)
    if found is not None:
        found.project()


READERS: dict[str, tuple[Callable[[Path], object], ...]] = {
    "pictures": (read_picture, read_grey, read_recipe_text),
    "proofs": (read_picture, _read_recipe, open_project),
    "recipes": (_read_recipe,),
    "projects": (read_container,),
    "records": (_read_shelf_files,),
    "marks": (_read_shelf_files,),
    "palettes": (read_palette,),
    "settings": (_read_settings,),
    "recoveries": (_read_recovery,),
}


class Fuzzer:
    """Draws cases from a seed and tells what should not have happened, a line a case."""

    def __init__(self, seed: int, folder: Path) -> None:
        self.rng = random.Random(seed)
        self.folder = folder
        self.corpus = make_corpus(folder)
        self.done = 0
        self.refused = 0

    def case(self, kind: str) -> list[str]:
        """Read one damaged file in every way; what went wrong."""
        name, data = self.rng.choice(sorted(self.corpus[kind].items()))
        bad = damaged(data, name, self.rng)
        place = self.folder / "case"
        place.mkdir(exist_ok=True)
        faults = []
        for read in READERS[kind]:
            path = place / name
            path.write_bytes(bad)
            fault = self._tried(read, path)
            if fault is not None:
                faults.append(f"{kind} {name} {zlib.crc32(bad):08x}: {fault}")
            for left in place.iterdir():
                left.unlink()
        self.done += 1
        return faults

    def _tried(self, read: Callable[[Path], object], path: Path) -> str | None:
        before = time.thread_time()
        with limited_memory(MOST_BYTES):
            try:
                read(path)
            except REFUSALS as error:
                self.refused += 1
                if "\n" in one_line(str(error)) or path.name.split(".")[0] not in str(error):
                    return f"the refusal must name the file, got {error}"
            except Exception as error:
                return f"{type(error).__name__}: {error}"
        seconds = time.thread_time() - before
        return None if seconds < MOST_SECONDS else f"took {seconds:.1f} s"


class limited_memory:  # noqa: N801 (reads as the statement it is)
    """Lets this process take so many bytes more, and no more, within a block."""

    def __init__(self, more: int) -> None:
        self._more = more

    def __enter__(self) -> None:
        pages = int(Path("/proc/self/statm").read_text().split()[0])
        self._before = resource.getrlimit(resource.RLIMIT_AS)
        most = pages * os.sysconf("SC_PAGE_SIZE") + self._more
        resource.setrlimit(resource.RLIMIT_AS, (most, self._before[1]))

    def __exit__(self, *_: object) -> None:
        resource.setrlimit(resource.RLIMIT_AS, self._before)
