"""The almanac's six plates, said in words: each a recipe without a source."""

from typing import NamedTuple

from overlay.document.reading import make_recipe
from overlay.document.recipe import Recipe


class Plate(NamedTuple):
    """A plate: what its words are, which seed arranges it, and the manner it is made in."""

    prompt: str
    seed: int
    manner: str


PLATES = {
    "windmill": Plate(
        "windmill 130%, cottage at right, poplars far, three geese, canal, clouds, morning",
        5,
        "weave",
    ),
    "lock": Plate(
        "lock, keeper's cottage behind, willow at right, boatman, canal, light mist, dawn",
        5,
        "dot print",
    ),
    "bottle kiln": Plate(
        "bottle kiln 120%, brick sheds, horse cart at left, barrels, quay, evening, smoke",
        5,
        "lino cut",
    ),
    "glasshouse": Plate(
        "glasshouse, palm at right, sunflowers near, wheelbarrow at left, garden, morning",
        5,
        "glazed tile",
    ),
    "barge": Plate(
        "red barge 140%, horse at left, bridge far, reeds, canal, autumn, evening", 5, "felt"
    ),
    "weigh-house": Plate(
        "weigh-house 110%, barrels and crates at left, bare trees far, quay, snow, clouds, dawn",
        5,
        "gouache",
    ),
}


EDITION_FILE = "almanac-edition.json"
# Ten lines: six plates by one hand, in three manners.
EDITION = """{"overlay": 1, "title": "Almanac", "name": "{n:02}-{subject}-{cues.manner.reference}",
 "recipe": {"overlay": 1, "size": [768, 512], "seed": 5, "departure": 0.6, "prompt":
  "$subject 120%, $by, canal, $hour", "cues": [{"name": "manner", "reference": "gouache.png"}]},
 "rows": [{"subject": "windmill", "by": "poplars far", "hour": "morning"},
  {"subject": "lock", "by": "willow at right", "hour": "dawn"},
  {"subject": "bottle kiln", "by": "horse cart at left", "hour": "evening"},
  {"subject": "glasshouse", "by": "sunflowers near", "hour": "morning"},
  {"subject": "red barge", "by": "bridge far", "hour": "autumn"},
  {"subject": "weigh-house", "by": "barrels at left", "hour": "dawn"}],
 "cross": [["cues.manner.reference", "gouache.png", "felt.png", "weave.png"]]}
"""


def plate_file(name: str) -> str:
    """`bottle kiln` as `plate-bottle-kiln.json`."""
    return f"plate-{name.replace(' ', '-')}.json"


def plate_recipe(
    name: str, manner: str | None = None, size: tuple[int, int] = (768, 512)
) -> Recipe:
    """A plate's recipe, with paths relative to the demo folder.

    Parameters
    ----------
    manner : one of `MANNERS`; the plate's own where None.
    """
    plate = PLATES[name]
    manner = manner or plate.manner
    cue = {"name": manner, "reference": f"{manner.replace(' ', '-')}.png"}
    return make_recipe(
        {
            "overlay": 1,
            "size": list(size),
            "seed": plate.seed,
            "departure": 0.6,
            "prompt": plate.prompt,
            "cues": [cue],
        },
        "demo",
    )
