"""Marks on proofs as plain data, for the files that keep them."""

import re
from collections.abc import Mapping
from typing import Any

from overlay.document.project import ProofMark
from overlay.document.project_file import MOST_NOTE

_HASH = re.compile(r"[0-9a-f]{64}")


def plain_marks(
    marks: Mapping[str, ProofMark], *, deleted: bool = False
) -> dict[str, dict[str, Any]]:
    """The marks that say something, by hash; with `deleted`, what was taken out as well."""
    plain: dict[str, dict[str, Any]] = {}
    for key, mark in sorted(marks.items()):
        said: dict[str, Any] = {"star": mark.star, "note": mark.note[:MOST_NOTE]}
        if deleted:
            said["deleted"] = mark.deleted
        if any(said.values()):
            plain[key] = said
    return plain


def made_marks(plain: Mapping[str, Any]) -> dict[str, ProofMark]:
    """The marks that `plain_marks` wrote; whatever is not of its kind counts as not said."""
    return {
        str(key): ProofMark(
            bool(said.get("star")), str(said.get("note", ""))[:MOST_NOTE], bool(said.get("deleted"))
        )
        for key, said in plain.items()
        if isinstance(said, dict) and _HASH.fullmatch(str(key))
    }
