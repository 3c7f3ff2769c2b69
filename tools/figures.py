"""Draws the figures of `docs/engine.md` from the demo's own pictures: `make figures`."""

import sys
from dataclasses import dataclass
from pathlib import Path

import matplotlib as mpl
import numpy as np

mpl.use("agg")
from matplotlib import pyplot as plt

from overlay.engine.record import ASPECTS
from overlay.engine.request import (
    Even,
    Facets,
    GuideCue,
    Placement,
    Render,
    Request,
    StyleCue,
)
from overlay.engine.sampler import render
from overlay.guides.edges import EdgeOptions, contour_reach, lightness_of
from overlay.imaging.colour import ByteImage
from overlay.scenery.manners import draw_manner
from overlay.scenery.scenes import draw_scene

WIDTH, HEIGHT = 384, 256


@dataclass(frozen=True)
class Panel:
    """One picture of a figure."""

    title: str
    picture: ByteImage


def scene(name: str) -> ByteImage:
    """A scene at the figures' size."""
    return draw_scene(name, WIDTH, HEIGHT, smooth=True).picture


def cue(manner: str, name: str = "", **keys: object) -> StyleCue:
    """A style cue of a manner, as Manner unless facets are given."""
    keys.setdefault("facets", Facets(1, 1, 1))
    return StyleCue(name or manner, draw_manner(manner, 480, 360), **keys)  # type: ignore[arg-type]


def edges(picture: ByteImage, weight: float) -> GuideCue:
    """An edge guide of a picture."""
    o = EdgeOptions()
    return GuideCue("edges", contour_reach(picture, o), lightness_of(picture), o.sigma, weight)


def run(source: ByteImage | None, *styles: StyleCue, **keys: object) -> Render:
    """A render at the figures' size."""
    keys.setdefault("departure", 0.7 if source is not None else 1.0)
    return render(Request(WIDTH, HEIGHT, 7, source=source, styles=styles, **keys))  # type: ignore[arg-type]


def facets() -> list[Panel]:
    """Each facet by itself."""
    mill, lock = scene("windmill"), scene("lock")
    like = Facets(likeness=0.8)
    aside = Placement("fill", (0.25, 0.0), 0.5)
    rows = [
        ("Palette of felt", cue("felt", facets=Facets(palette=1))),
        ("Surface of felt", cue("felt", facets=Facets(surface=1))),
        ("Light of lino cut", cue("lino cut", facets=Facets(light=1))),
        ("Layout of the lock", StyleCue("lock", lock, Facets(layout=1))),
        ("Likeness of the lock, placed", StyleCue("lock", lock, like, placement=aside)),
    ]
    return [Panel("source", mill), *(Panel(title, run(mill, c).picture) for title, c in rows)]


def combining() -> list[Panel]:
    """Sharing, mixing, and masses from elsewhere."""
    mill, lock = scene("windmill"), scene("lock")
    two = (cue("felt"), cue("gouache"))
    held = {"guides": (edges(mill, 0.8),)}
    masses = StyleCue("lock", lock, Facets(layout=1))
    return [
        Panel("felt and gouache share", run(mill, *two, **held).picture),
        Panel("felt and gouache mixed", run(mill, *two, blend="mix", **held).picture),
        Panel("gouache from noise, Layout of the lock", run(None, cue("gouache"), masses).picture),
    ]


def balance() -> list[Panel]:
    """Departure above, the weight of an edge guide below."""
    mill = scene("windmill")
    panels = [
        Panel(f"departure {d:.0%}", run(mill, cue("lino cut"), departure=d).picture)
        for d in (0.15, 0.5, 1.0)
    ]
    return panels + [
        Panel(
            f"departure 90 %, edges {w:.0%}",
            run(mill, cue("felt"), departure=0.9, guides=(edges(mill, w),)).picture,
        )
        for w in (0.0, 0.5, 1.0)
    ]


def influence() -> list[Panel]:
    """Who decided the marks, step by step, from the influence record."""
    mill = scene("windmill")
    first = cue("felt", weight=1.0)
    record = run(mill, first, cue("lino cut", weight=0.6)).influence
    assert record is not None
    maps = record.maps[-1, :, ASPECTS.index("marks")]
    return [Panel(f"marks by {name}", maps[i]) for i, name in enumerate(record.names)]


def even() -> list[Panel]:
    """Four plates with their own tints, a third of the way, and wholly the set's."""
    sources = [scene(name) for name in ("windmill", "lock", "bottle kiln")]
    colours = np.concatenate([s[::3, ::3].reshape(-1, 3)[::7] for s in sources])[None]
    panels = []
    for amount, name in ((0.0, "own"), (0.35, "even 35 %"), (1.0, "shared")):
        for source in sources:
            made = run(source, cue("gouache"), even=Even(amount, colours)).picture
            panels.append(Panel(name, made))
    return panels


def draw(panels: list[Panel], path: Path, columns: int = 3) -> None:
    """Lay panels out in rows and write them as JPEG."""
    rows = -(-len(panels) // columns)
    figure, axes = plt.subplots(
        rows, columns, figsize=(9.6, 2.35 * rows), layout="constrained", squeeze=False
    )
    for place, axis in enumerate(axes.flat):
        axis.set_axis_off()
        if place < len(panels):
            axis.imshow(panels[place].picture, cmap="gray", vmin=0, vmax=255)
            axis.set_title(panels[place].title, fontsize=9)
    figure.savefig(path, dpi=110, pil_kwargs={"quality": 84})
    plt.close(figure)


def main() -> None:
    """Write all figures into a folder."""
    folder = Path(sys.argv[1])
    folder.mkdir(parents=True, exist_ok=True)
    for make in (facets, combining, balance, influence, even):
        draw(make(), folder / f"{make.__name__}.jpg")


if __name__ == "__main__":
    main()
