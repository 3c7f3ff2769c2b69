"""Prints a digest of each thing whose bytes must not depend on the processor; run by a test."""

import hashlib

import numpy as np

from overlay.document.reading import read_recipe
from overlay.engine.control import Control
from overlay.enlarging.faithful import enlarge
from overlay.guides.depth import DepthStroke, correct_depth
from overlay.guides.pose import bend
from overlay.imaging.colour import srgb_to_work
from overlay.imaging.fill import fill_hole
from overlay.measures.evenness import traits_of
from overlay.studio.inputs.paths import absolute_recipe
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.proofs import make_proof
from overlay.words.language.grammar import read_prompt
from overlay.words.picture import draw_words
from tests.pictures import blobs, scene
from tests.workspace import WorkspaceTest


def digest(*values: object) -> str:
    """Of arrays by their bytes, of other things by how they are written."""
    found = hashlib.sha256()
    for value in values:
        found.update(value.tobytes() if isinstance(value, np.ndarray) else repr(value).encode())
    return found.hexdigest()[:16]


class Pulled(WorkspaceTest):
    """A proof of two references, a depth guide and all measures."""

    def runTest(self):  # noqa: N802 (as `unittest` calls it)
        cues = [
            {"name": "paint", "reference": "paint.png"},
            {"name": "stripes", "reference": "stripes.png", "weight": 0.4},
            {"name": "depth", "guide": "depth", "weight": 0.5},
        ]
        recipe = absolute_recipe(read_recipe(self.write_recipe(cues=cues)), self.folder)
        proof = make_proof(recipe, PictureStore(), Control())
        print("proof", digest(proof.picture))
        print("measures", digest(proof.measures))


def main() -> None:
    picture, work = scene(), srgb_to_work(scene())
    hole = np.zeros(picture.shape[:2], bool)
    hole[50:70, 60:90] = True
    flat = np.full(hole.shape, 0.3, np.float32)
    joints = np.array([(0.3, 0.4), (0.9, 0.9), (0.8, 0.1)])
    large = np.random.default_rng(1).standard_normal((150, 150)).astype(np.float32)
    print("algebra", digest(large @ large))
    print("fill", digest(fill_hole(work, hole)))
    print(
        "depth", digest(correct_depth(flat, picture, [DepthStroke(hole, 0.9)]).astype(np.float32))
    )
    print("pose", digest(bend(picture, joints, joints + np.array([(0.1, 0.0), (0, 0), (0, 0.05)]))))
    print("enlarged", digest(enlarge(blobs(), 256, 384)))
    print("traits", digest(*traits_of(work)))
    print("words", digest(draw_words(read_prompt("a windmill by a canal"), (96, 64)).drawn.picture))
    Pulled().debug()


if __name__ == "__main__":
    main()
