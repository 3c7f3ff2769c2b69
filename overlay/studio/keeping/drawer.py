"""The drawer: all proofs of a project, what is said of them, and what was started from what."""

import re
from collections.abc import Callable
from dataclasses import dataclass, replace
from pathlib import Path

from overlay.document.project import Project, ProofMark
from overlay.imaging.intake import MAX_FILE_BYTES, read_regular
from overlay.imaging.whole_files import write_bytes
from overlay.studio.inputs.folders import data_folder
from overlay.studio.keeping.shelf import Kept, ProofShelf
from overlay.studio.making.proofs import Proof

# A proof that became a source carries its number and the beginning of its hash in its name, also
# within project files.
_STARTED = re.compile(r"proof-(\d+)-([0-9a-f]{12})\.png$")


@dataclass(frozen=True)
class Filter:
    """Which proofs are shown: starred ones, those with a cue, those with a word in their note.

    Attributes
    ----------
    light : cells and trials alone, or none of them; None for both.
    among : hashes of those that count, as of a sheet's cells; None for all.
    """

    starred: bool = False
    cue: str | None = None
    text: str = ""
    light: bool | None = None
    among: frozenset[str] | None = None

    def admits(self, kept: Kept, mark: ProofMark) -> bool:
        """Whether a proof is to be seen."""
        if mark.deleted or (self.starred and not mark.star):
            return False
        if self.light is not None and kept.light is not self.light:
            return False
        if self.among is not None and kept.recipe_hash not in self.among:
            return False
        names = [cue.name for cue in kept.recipe.cues if not cue.muted]
        if self.cue is not None and self.cue not in names:
            return False
        said = f"{kept.number} {mark.note} {' '.join(names)}".lower()
        return self.text.lower().strip() in said


def parent_of(kept: Kept, among: list[Kept]) -> Kept | None:
    """The proof that a proof has as its source, or None."""
    match = _STARTED.search(kept.recipe.source or "")
    if match is None:
        return None
    return next((k for k in among if k.recipe_hash.startswith(match[2])), None)


def lineage(kept: Kept, among: list[Kept]) -> list[tuple[Kept, Kept]]:
    """Pairs of parent and child that lead to a proof or come from it."""
    parents = {k.recipe_hash: parent_of(k, among) for k in among}
    pairs: list[tuple[Kept, Kept]] = []
    up = kept
    while (parent := parents.get(up.recipe_hash)) is not None and len(pairs) < len(among):
        pairs.append((parent, up))
        up = parent
    waiting = [kept]
    while waiting and len(pairs) < 2 * len(among):
        above = waiting.pop()
        for child in among:
            from_it = parents[child.recipe_hash]
            if from_it is not None and from_it.recipe_hash == above.recipe_hash:
                pairs.append((above, child))
                waiting.append(child)
    return pairs


def started_from(kept: Kept | Proof, shelf: ProofShelf) -> Path:
    """A copy of a proof's picture that a recipe can have as its source.

    Raises
    ------
    PictureError
        If only the proof's recipe is left.
    """
    folder = data_folder() / "started"
    folder.mkdir(parents=True, exist_ok=True)
    path = folder / f"proof-{kept.number}-{kept.recipe_hash[:12]}.png"
    if not path.exists():
        kept_picture = shelf.folder / f"{kept.recipe_hash}.png"
        write_bytes(path, read_regular(kept_picture, MAX_FILE_BYTES))
    return path


def mark_proofs(
    project: Project, what: str, hashes: list[str], change: Callable[[ProofMark], ProofMark]
) -> None:
    """Change what is said of proofs, as one step that can be undone."""
    marks = dict(project.state.marks)
    for recipe_hash in hashes:
        marks[recipe_hash] = change(project.state.mark(recipe_hash))
        if marks[recipe_hash] == ProofMark():
            del marks[recipe_hash]
    project.edit(what, marks=marks)


def star_proof(project: Project, kept_number: int, recipe_hash: str) -> None:
    """Give a proof a star, or take it away."""
    star = not project.state.mark(recipe_hash).star
    what = f"{'Star' if star else 'Unstar'} proof {kept_number}"
    mark_proofs(project, what, [recipe_hash], lambda mark: replace(mark, star=star))
