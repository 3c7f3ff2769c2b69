"""What a full disk, a read-only or a vanished folder does: run in a place that has no room.

`python -m tests.hostile.full_disk FOLDER`: tries to write everything into FOLDER, prints a line for
each: its name and `whole` (all or nothing was written), or what was broken.
"""

import sys
from pathlib import Path

import numpy as np

from overlay.document.project import Project, State
from overlay.document.reading import make_recipe
from overlay.imaging.files import write_grey16, write_picture
from overlay.imaging.formats.palette_files import write_palette
from overlay.imaging.intake import PictureError
from overlay.studio.keeping.files.opening import save_project
from overlay.studio.keeping.recovery import Recoveries, Snapshot
from overlay.studio.keeping.shelf import ProofShelf
from tests.studio.test_shelf import proof


def main() -> int:
    folder = Path(sys.argv[1])
    noise = np.random.default_rng(0).integers(0, 256, (1000, 1000, 3), dtype=np.uint8)
    large = {"notes": "x" * 3_000_000}
    state = State(make_recipe({"overlay": 1, "source": str(folder.parent / "large.png")}, "t"))
    big = proof(1, picture=noise)
    deeds = {
        "picture": lambda: write_picture(folder / "picture", noise),
        "a.png": lambda: write_picture(folder / "a.png", noise),
        "map.png": lambda: write_grey16(folder / "map.png", noise[..., 0] / np.float32(255)),
        "a.overlay": lambda: save_project(folder / "a.overlay", state, None),
        "a.gpl": lambda: write_palette(folder / "a.gpl", ("#000000",) * 400_000, "a"),
        "shelf": lambda: ProofShelf(folder / "shelf").keep(big),
        "recovery": lambda: Recoveries(folder / "r").write(Snapshot.of(Project(_marked(large)))),
    }
    for name, do in deeds.items():
        before = _files(folder)
        try:
            do()
            said = "written"
        except (PictureError, OSError) as error:
            said = str(error).splitlines()[0]
        left = _files(folder) - before
        whole = not any(".overlay-" in path for path in left)
        print(f"{name}: {'whole' if whole else sorted(left)}: {said}")
    return 0


def _marked(large: dict[str, str]) -> State:
    from overlay.document.project import ProofMark

    text = large["notes"][:10_000]
    return State(marks={f"{i:064x}": ProofMark(note=text) for i in range(300)})


def _files(folder: Path) -> set[str]:
    return {str(p.relative_to(folder)) for p in folder.rglob("*")} if folder.exists() else set()


if __name__ == "__main__":
    sys.exit(main())
