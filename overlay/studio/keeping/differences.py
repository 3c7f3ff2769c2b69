"""What differs between two recipes, in words an artist uses."""

from pathlib import Path
from typing import Any

from overlay.document.cues import Cue, StyleInfluence
from overlay.document.recipe import Recipe
from overlay.words.language.phrases import emphasis_of
from overlay.words.language.writing import phrases_of, without_emphasis

_SHARES = {"weight", "enter", "leave", "fade_in", "fade_out", "departure"} | {
    "palette", "surface", "light", "layout", "likeness", "sharpen", "contours", "guidance",
    "amount",
}  # fmt: skip
_FILES = ("reference", "avoided", "map", "of", "source")


def differences(old: Recipe, new: Recipe) -> list[str]:
    """One line for each difference: what it is, its old value and its new one."""
    lines = _plain_differences("", _top(old), _top(new))
    lines += _words_differences(old, new)
    lines += _named_differences("region", _regions(old), _regions(new))
    before, after = ({cue.name: _plain(cue) for cue in r.cues} for r in (old, new))
    lines += _named_differences("cue", before, after)
    kept = [c.name for c in old.cues if c.name in after]
    if kept != [c.name for c in new.cues if c.name in before]:
        lines.append("order of the cues")
    return lines


def _top(recipe: Recipe) -> dict[str, Any]:
    return recipe.model_dump(
        mode="json",
        exclude={
            "cues": True, "regions": True, "prompt": True, "avoid": True, "words": True,
            "placed": True, "taught": True, "even": {"colours"},
        },
    )  # fmt: skip


def _words_differences(old: Recipe, new: Recipe) -> list[str]:
    """Phrases that came, went, or weigh otherwise; how words are heard; things that were moved."""
    lines = []
    for key, lead in (("prompt", ""), ("avoid", "avoid ")):
        before, after = (_phrases(getattr(r, key)) for r in (old, new))
        lines += [f"{lead}“{text}” removed" for text in before if text not in after]
        lines += [f"{lead}“{text}” added" for text in after if text not in before]
        both = [text for text in before if text in after]
        lines += [
            f"{lead}“{text}”: emphasis {100 * before[text]:g} % → {100 * after[text]:g} %"
            for text in both
            if before[text] != after[text]
        ]
        if both != [text for text in after if text in before]:
            lines.append(f"order of the {lead or 'words'}".strip())
    lines += _plain_differences("words: ", *(r.words.model_dump(mode="json") for r in (old, new)))
    places = [{p.thing: p for p in r.placed} for r in (old, new)]
    words = [{one.word: one for one in r.taught} for r in (old, new)]
    lines += [f"“{word}” no longer taught" for word in words[0] if word not in words[1]]
    lines += [f"“{w}” taught" for w in words[1] if words[0].get(w) != words[1][w]]
    moved = (
        t for t in dict.fromkeys([*places[0], *places[1]]) if places[0].get(t) != places[1].get(t)
    )
    return lines + [
        f"{thing}: moved" if thing in places[1] else f"{thing}: free again" for thing in moved
    ]


def _phrases(text: str) -> dict[str, float]:
    """Emphasis by phrase, in their order."""
    return {without_emphasis(phrase): emphasis_of(phrase) for phrase in phrases_of(text)}


def _regions(recipe: Recipe) -> dict[str, dict[str, Any]]:
    return {name: region.model_dump(mode="json") for name, region in recipe.regions.items()}


def _plain(cue: Cue) -> dict[str, Any]:
    plain: dict[str, Any] = cue.model_dump(mode="json", exclude={"name", "facets"})
    if isinstance(cue, StyleInfluence):
        plain |= cue.active_facets.model_dump()
    return plain


def _named_differences(
    kind: str, old: dict[str, dict[str, Any]], new: dict[str, dict[str, Any]]
) -> list[str]:
    lines = [f"{name}: {kind} removed" for name in old if name not in new]
    lines += [f"{name}: {kind} added" for name in new if name not in old]
    for name in (n for n in old if n in new):
        lines += _plain_differences(f"{name}: ", old[name], new[name])
    return lines


def _plain_differences(lead: str, old: dict[str, Any], new: dict[str, Any]) -> list[str]:
    return [
        f"{lead}{key.replace('_', ' ')} {_said(key, old.get(key))} → {_said(key, new.get(key))}"
        for key in dict.fromkeys([*old, *new])
        if old.get(key) != new.get(key)
    ]


def _said(key: str, value: Any) -> str:
    if value is None:
        return "none"
    if isinstance(value, bool):
        return "yes" if value else "no"
    if key in _SHARES and isinstance(value, int | float):
        return f"{100 * value:g} %"
    if key == "size":
        return "x".join(map(str, value))
    if key in _FILES:
        return Path(str(value)).name
    if key in ("keep_out", "strokes"):
        return f"{len(value)} strokes"
    if isinstance(value, dict):
        return ", ".join(f"{k} {_said(k, v)}" for k, v in value.items()) or "as usual"
    if isinstance(value, list):
        return " ".join(_said("", v) for v in value)
    return f"{value:g}" if isinstance(value, float) else str(value)
