"""Advice: troubles found before a run and after it, each in one line with what helps."""

from collections.abc import Iterator, Mapping
from dataclasses import dataclass, field
from pathlib import Path
from typing import Any, Literal

from overlay.document.cues import Cue, GuideCue, ReferenceCue, StyleInfluence, cues_of
from overlay.document.passes import Settle
from overlay.document.recipe import Recipe
from overlay.studio.inputs.checks import Finding
from overlay.studio.making.hearing import unheard
from overlay.studio.making.proofs import Proof

Findings = Mapping[str, tuple[Finding, ...]]
Deed = Literal["", "hold", "trace", "prepare"]

_WORST = ("two_pictures", "bars", "clutter", "soft", "small")
_FULL = (0.0, 0.0, 1.0, 1.0)
_SETTLING = (0.2, 0.4, 0.6)
_LARGE = 1_600_000  # pixels; searching goes faster below


@dataclass(frozen=True)
class Advice:
    """One trouble and what helps.

    Attributes
    ----------
    weight : the more important, the larger.
    action : what the button says; empty where nothing can be done by a button.
    changes : keys of the cue, or of the recipe where there is no cue, that the button sets.
    deed : what the button does instead: hold the structure, view the trace, prepare the source.
    """

    code: str
    cue: str | None
    weight: int
    text: str
    action: str = ""
    changes: dict[str, Any] = field(default_factory=dict)
    deed: Deed = ""

    @property
    def key(self) -> tuple[str, str | None]:
        """What is put aside when the artist does not want to hear it."""
        return self.code, self.cue


def find_advice(recipe: Recipe, findings: Findings, proof: Proof | None) -> list[Advice]:
    """All there is to say, the most important first.

    Parameters
    ----------
    recipe : the present one, with absolute paths.
    findings : of the pictures that the recipe uses, by path.
    proof : the one that hangs; its measures count if it is of the same recipe.
    """
    found = [*_before(recipe, findings)]
    if proof is not None and proof.recipe == recipe:
        found += _after(recipe, proof)
    return sorted(found, key=lambda advice: -advice.weight)


# Before the run ------------------------------------------------------------------------------


def _before(recipe: Recipe, findings: Findings) -> Iterator[Advice]:
    heard = [cue for cue in recipe.cues if not cue.muted]
    styles, guides = cues_of(heard, StyleInfluence), cues_of(heard, GuideCue)
    if recipe.cues and not styles:
        text = "No reference or swatch is heard: the proof would be the source."
        yield Advice("nothing_speaks", None, 95, text)
    for cue in heard:
        yield from _unheard(cue, recipe)
    for reference in cues_of(heard, ReferenceCue):
        yield from _poor_picture(reference, findings)
    for guide in guides:
        yield from _stiff(guide)
    yield from _poor_source(recipe, findings)
    if recipe.source is not None and styles and not guides and recipe.departure >= 0.85:
        text = f"At a departure of {100 * recipe.departure:.0f} % the arrangement goes its own way."
        yield Advice("unheld", None, 45, text, "Hold it with edges", deed="hold")
    if recipe.size is not None and recipe.size[0] * recipe.size[1] > _LARGE:
        text = "This is large for a trial; a smaller one is quicker to search with."
        yield Advice("large", None, 20, text, "Try it smaller", {"size": None})


# What makes a cue heard again: the advice's weight, its button, the keys it sets.
_HEARD_AGAIN: dict[str, tuple[int, str, dict[str, Any]]] = {
    "weightless": (80, "Weigh it 50 %", {"weight": 0.5}),
    "left_before_start": (90, "Leave at the end", {"leave": 1.0, "fade_out": 0.0}),
}


def _unheard(cue: Cue, recipe: Recipe) -> Iterator[Advice]:
    why = unheard(cue.name, weight=cue.weight, leave=cue.leave, departure=recipe.departure)
    if why is not None:
        code, text = why
        weight, action, changes = _HEARD_AGAIN[code]
        yield Advice(code, cue.name, weight, text, action, changes)
    elif isinstance(cue, ReferenceCue) and cue.enter >= 0.9:
        text = f"{cue.name} enters at {100 * cue.enter:.0f} % and cannot show."
        changes = {"enter": 0.6, "fade_in": 0.0}
        yield Advice("enters_late", cue.name, 88, text, "Enter at 60 %", changes)


def _poor_picture(cue: ReferenceCue, findings: Findings) -> Iterator[Advice]:
    for finding in findings.get(cue.reference, ()):
        if finding.take is not None and cue.take != _FULL:
            continue
        if finding.sharpen is not None and cue.sharpen > 0:
            continue
        weight = 86 - 6 * _WORST.index(finding.code)
        text = f"{cue.name}: {finding.text[0].lower()}{finding.text[1:]}"
        yield Advice(finding.code, cue.name, weight, text, finding.fix, finding.changes)


def _stiff(guide: GuideCue) -> Iterator[Advice]:
    if guide.weight >= 0.95 and guide.leave >= 0.95 and guide.fade_out < 0.2:
        text = f"{guide.name} holds with full weight to the very end; that looks stiff."
        changes = {"leave": 0.7, "fade_out": 0.15}
        yield Advice("stiff", guide.name, 50, text, "Leave at 70 %", changes)


def _poor_source(recipe: Recipe, findings: Findings) -> Iterator[Advice]:
    for finding in findings.get(recipe.source or "", ()):
        if finding.take is not None:
            name = Path(recipe.source or "").name
            text = f"The source {name}: {finding.text[0].lower()}{finding.text[1:]}"
            weight = 83 - 6 * _WORST.index(finding.code)
            yield Advice(finding.code, None, weight, text, "Prepare it", deed="prepare")


# After it ------------------------------------------------------------------------------------


def _after(recipe: Recipe, proof: Proof) -> Iterator[Advice]:
    measures = proof.measures
    for cue in cues_of(recipe.cues, ReferenceCue):
        match = measures.get("style_match", {}).get(cue.name)
        if match is not None and match < 20:
            yield from _hardly_shows(cue, match, recipe)
    kept = measures.get("structure_kept")
    if kept is not None and kept < 30 and recipe.departure >= 0.5:
        yield from _lost_structure(recipe, kept)
    if measures.get("repeats", 0) > 20:
        text = f"Long pieces of a reference come again and again ({measures['repeats']:.0f} %)."
        yield Advice("repeats", None, 62, text, "See where from", deed="trace")
    for name, value in measures.get("rim", {}).items():
        if value > 1.3 and name in recipe.regions:
            yield from _visible_rim(recipe, name, value)


def _visible_rim(recipe: Recipe, name: str, value: float) -> Iterator[Advice]:
    """A border that can be seen: settle it, further each time; else soften or move it."""
    text = f"The rim of {name} can be seen ({value:.2f}; 1 is invisible)."
    settled = [p for p in recipe.passes if isinstance(p, Settle) and not p.off]
    others = [p.model_dump() for p in recipe.passes if p not in settled or p.rim_of != name]
    so_far = max((p.departure for p in settled if p.rim_of in (name, None)), default=0.0)
    departure = next((d for d in _SETTLING if d > so_far), None)
    if departure is not None:
        passes = [*others, {"kind": "settle", "departure": departure, "rim_of": name}]
        yield Advice(
            "rim", None, 70, text, f"Settle it {100 * departure:.0f} %", {"passes": passes}
        )
    region = recipe.regions[name]
    for code, key, more, what in (
        ("rim_feather", "feather", 8, "Feather {:g} px"),
        ("rim_grow", "grow", 4, "Grow {:g} px"),
    ):
        amount = min(getattr(region, key) + more, 512)
        regions = {n: r.model_dump(mode="json") for n, r in recipe.regions.items()}
        regions[name][key] = amount
        weight = 69 if key == "feather" else 68
        yield Advice(code, None, weight, text, what.format(amount), {"regions": regions})


def _hardly_shows(cue: ReferenceCue, match: float, recipe: Recipe) -> Iterator[Advice]:
    """The style does not show; say which of the causes it is."""
    lead = f"{cue.name} hardly shows (style match {match:.0f}): "
    holding = [c for c in cues_of(recipe.cues, GuideCue) if c.weight > 0.7]
    others = [c.weight for c in cues_of(recipe.cues, ReferenceCue)]
    if cue.active_facets.surface == 0:
        return
    if cue.enter > 0.5:
        yield Advice(
            "hardly_shows", cue.name, 75, lead + "it enters late.", "Enter at the start",
            {"enter": 0.0, "fade_in": 0.0},
        )  # fmt: skip
    elif cue.weight < 0.5 * max(others):
        weight = max(others)
        action, text = f"Weigh it {100 * weight:.0f} %", lead + "others weigh more."
        yield Advice("hardly_shows", cue.name, 75, text, action, {"weight": weight})
    elif recipe.source is not None and recipe.departure < 0.5:
        text = lead + "the source is held too strongly."
        yield Advice("hardly_shows", None, 75, text, "Depart 70 %", {"departure": 0.7})
    elif holding:
        text = f"{lead}{holding[0].name} holds too strongly."
        yield Advice("hardly_shows", holding[0].name, 75, text, "Weigh it 50 %", {"weight": 0.5})


def _lost_structure(recipe: Recipe, kept: float) -> Iterator[Advice]:
    lead = f"Contours moved (structure kept {kept:.0f})."
    guides = cues_of(recipe.cues, GuideCue)
    if not guides:
        yield Advice("lost_structure", None, 65, lead, "Hold them with edges", deed="hold")
        return
    guide = max(guides, key=lambda cue: cue.weight)
    if guide.leave < 0.8:
        changes: dict[str, Any] = {"leave": 0.9}
        yield Advice("lost_structure", guide.name, 65, lead, "Hold them longer", changes)
    elif guide.weight < 0.8:
        weight = round(min(guide.weight + 0.25, 0.9), 2)
        action = f"Weigh {guide.name} {100 * weight:.0f} %"
        yield Advice("lost_structure", guide.name, 65, lead, action, {"weight": weight})
