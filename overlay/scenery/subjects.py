"""The things that scenes show, each a function that returns its solids, standing at the origin."""

import numpy as np

from overlay.scenery.solids import Kind, Solid, Texture, Vec, pitch, roll, yaw

BOX, CONE, BALL, GABLE, CROWN = Kind.BOX, Kind.CONE, Kind.BALL, Kind.GABLE, Kind.CROWN


def place(solids: list[Solid], by: Vec, degrees: float = 0.0) -> list[Solid]:
    """Turn a subject about the vertical and set it down."""
    turn = yaw(degrees)
    return [s.moved(turn, by) for s in solids]


def windmill(sails: float = 22.0) -> list[Solid]:
    """A tapered tower mill with cap, gallery and four lattice sails turned by `sails` degrees."""
    tower = [
        Solid(CONE, (0, 3.6, 0), (2.1, 3.6, 1.35), "#b9664a", Texture.BRICK, "windmill"),
        Solid(CONE, (0, 0.25, 0), (2.3, 0.3, 2.2), "#9a9184", Texture.STONE, "windmill"),
        Solid(CONE, (0, 2.45, 0), (2.75, 0.07, 2.75), "#7d6a50", Texture.PLANKS, "windmill"),
        Solid(CONE, (0, 7.35, 0), (1.5, 0.18, 1.55), "#efe6d2", Texture.PLANKS, "windmill"),
        Solid(BALL, (0, 7.5, 0), (1.45, 1.15, 1.55), "#3b4a58", Texture.ROOF, "windmill"),
        Solid(BOX, (0, 1.0, -2.06), (0.45, 0.85, 0.15), "#2f5a52", Texture.PLANKS, "windmill"),
        Solid(BOX, (0.1, 3.9, -1.72), (0.3, 0.4, 0.1), "#2a3138", Texture.GLASS, "windmill"),
        Solid(BOX, (-0.1, 5.6, -1.55), (0.25, 0.33, 0.1), "#2a3138", Texture.GLASS, "windmill"),
    ]
    for k in range(14):
        a = 2 * np.pi * k / 14
        at = (2.6 * float(np.sin(a)), 2.85, 2.6 * float(np.cos(a)))
        tower.append(Solid(BOX, at, (0.04, 0.38, 0.04), "#e8dfca", Texture.PLAIN, "windmill"))
    hub: Vec = (0, 7.35, -1.95)
    tower.append(Solid(BALL, hub, (0.28, 0.28, 0.5), "#54382a", Texture.PLAIN, "windmill"))
    for k in range(4):
        turn = roll(sails + 90 * k)
        stock = Solid(BOX, (0, 2.5, 0), (0.09, 2.5, 0.08), "#efe6d2", Texture.PLAIN, "windmill")
        sail = Solid(
            BOX, (0.48, 2.95, 0.05), (0.42, 1.95, 0.02), "#e9dcc0", Texture.LATTICE, "windmill"
        )
        tower += [stock.moved(turn, hub), sail.moved(turn @ yaw(8), hub)]
    return tower


def cottage(wall: str = "#e7d9bd", roof: str = "#a4492f") -> list[Solid]:
    """A keeper's cottage: plastered, gabled, with chimney, door and two windows towards -z."""
    parts = [
        Solid(BOX, (0, 1.2, 0), (2.6, 1.2, 1.7), wall, Texture.PLASTER, "cottage"),
        Solid(GABLE, (0, 3.15, 0), (2.0, 0.8, 2.9), roof, Texture.ROOF, "cottage", turn=yaw(90)),
        Solid(BOX, (1.5, 3.9, 0.1), (0.3, 0.75, 0.3), "#a85f45", Texture.BRICK, "cottage"),
        Solid(BOX, (0, 0.95, -1.7), (0.42, 0.95, 0.06), "#2c6a6b", Texture.PLANKS, "cottage"),
    ]
    for x in (-1.6, 1.6):
        parts.append(
            Solid(BOX, (x, 1.4, -1.7), (0.5, 0.5, 0.05), "#33414d", Texture.GLASS, "cottage")
        )
        parts.append(Solid(BOX, (x, 0.86, -1.75), (0.6, 0.05, 0.1), "#f2ead8", label="cottage"))
    return parts


def bottle_kiln() -> list[Solid]:
    """A bottle-shaped brick kiln with its hovel door."""
    brick = Texture.BRICK
    return [
        Solid(CONE, (0, 1.3, 0), (2.5, 1.3, 2.6), "#a9573f", brick, "bottle kiln"),
        Solid(CONE, (0, 3.4, 0), (2.6, 0.85, 1.75), "#a9573f", brick, "bottle kiln"),
        Solid(CONE, (0, 5.2, 0), (1.75, 1.0, 0.95), "#b0604a", brick, "bottle kiln"),
        Solid(CONE, (0, 7.1, 0), (0.95, 1.0, 0.72), "#b0604a", brick, "bottle kiln"),
        Solid(CONE, (0, 8.15, 0), (0.9, 0.12, 0.9), "#8d4a38", brick, "bottle kiln"),
        Solid(BOX, (0, 0.9, -2.45), (0.6, 0.9, 0.25), "#2b211d", Texture.PLAIN, "bottle kiln"),
    ]


def tree(tall: float = 4.0, colour: str = "#5d7d33") -> list[Solid]:
    """A broad tree of several crowns."""
    k = tall / 4
    parts = [Solid(CONE, (0, 0.9 * k, 0), (0.22 * k, 0.95 * k, 0.14 * k), "#5b4632", label="tree")]
    for x, y, z, r in ((0, 3.0, 0, 1.25), (-0.9, 2.4, 0.2, 0.95), (0.95, 2.5, -0.1, 0.9)):
        size = (r * k, 0.95 * r * k, r * k)
        parts.append(Solid(CROWN, (x * k, y * k, z * k), size, colour, Texture.LEAVES, "tree"))
    return parts


def poplar(tall: float = 7.0) -> list[Solid]:
    """A slender tree."""
    size = (0.14 * tall, 0.5 * tall, 0.14 * tall)
    return [Solid(CROWN, (0, 0.5 * tall, 0), size, "#4d6b3a", Texture.LEAVES, "tree")]


def bush(wide: float = 1.0, colour: str = "#6d7f3a") -> list[Solid]:
    """A low bush."""
    size = (wide, 0.7 * wide, 0.8 * wide)
    return [Solid(CROWN, (0, 0.35 * wide, 0), size, colour, Texture.LEAVES, "bush")]


def fence(length: int, colour: str = "#d9ceb6") -> list[Solid]:
    """Posts and two rails along z, `length` posts 1.6 m apart."""
    run = 1.6 * (length - 1)
    parts = [
        Solid(BOX, (0, 0.5, 1.6 * k), (0.06, 0.55, 0.06), colour, label="fence")
        for k in range(length)
    ]
    rail = (0.03, 0.05, run / 2)
    parts += [Solid(BOX, (0, y, run / 2), rail, colour, label="fence") for y in (0.45, 0.85)]
    return parts


def lock_chamber(half: float, length: float) -> list[Solid]:
    """Two coped walls along z, `half` metres either side of the middle."""
    parts = []
    for side in (-1.0, 1.0):
        x = side * (half + 0.45)
        wall = (0.45, 0.85, length / 2)
        parts.append(Solid(BOX, (x, -0.6, length / 2), wall, "#9c8f7c", Texture.STONE, "lock"))
        cope = (0.6, 0.1, length / 2)
        parts.append(Solid(BOX, (x, 0.3, length / 2), cope, "#c9bfab", Texture.STONE, "lock"))
    return parts


def lock_gates(half: float, open_by: float = 14.0) -> list[Solid]:
    """A pair of mitre gates with balance beams and a walkway rail."""
    parts = []
    for side in (-1.0, 1.0):
        hinge: Vec = (side * half, 0.0, 0.0)
        turn = yaw(side * open_by)
        parts += [g.moved(turn, hinge) for g in _lock_gate(side, half)]
    return parts


def _lock_gate(side: float, half: float) -> list[Solid]:
    """One gate, closed, its hinge at the origin."""
    middle = -side * half * 0.5
    leaf = (half * 0.53, 0.95, 0.12)
    plank = (half * 0.5, 0.05, 0.25)
    wood, name = Texture.PLANKS, "lock gate"
    gate = [
        Solid(BOX, (middle, -0.15, 0), leaf, "#3d352c", wood, name),
        Solid(BOX, (middle, 0.82, -0.1), plank, "#8b7a5e", wood, name),
        Solid(BOX, (side * 1.7, 0.95, 0), (2.1, 0.17, 0.17), "#2f2b28", wood, name),
        Solid(BOX, (side * 3.7, 0.95, 0), (0.22, 0.19, 0.19), "#f0eadc", label=name),
    ]
    for k in range(3):
        x = -side * half * (0.2 + 0.32 * k)
        gate.append(Solid(BOX, (x, 1.2, -0.2), (0.025, 0.4, 0.025), "#efe8d6", label=name))
    rail = (half * 0.45, 0.025, 0.025)
    gate.append(Solid(BOX, (middle, 1.6, -0.2), rail, "#efe8d6", label=name))
    return gate


def barge(colour: str = "#23536b") -> list[Solid]:
    """A narrow barge along z with cabin and painted band."""
    return [
        Solid(BOX, (0, 0.05, 0), (0.95, 0.42, 4.2), colour, Texture.PLANKS, "barge"),
        Solid(BOX, (0, 0.5, 0), (1.0, 0.06, 4.25), "#c23f2d", label="barge"),
        Solid(BOX, (0, 0.95, 1.6), (0.78, 0.45, 1.9), "#b9412f", Texture.PLANKS, "barge"),
        Solid(BOX, (0, 1.43, 1.6), (0.88, 0.06, 2.05), "#e7dcc3", label="barge"),
        Solid(
            BOX,
            (0, 0.75, -1.8),
            (0.8, 0.28, 1.5),
            "#4c443b",
            Texture.PLAIN,
            "barge",
            turn=pitch(-2),
        ),
        Solid(CONE, (0.3, 1.8, 0.6), (0.1, 0.35, 0.1), "#26231f", label="barge"),
    ]


def bollard() -> list[Solid]:
    """A mooring post, black with a white head."""
    return [
        Solid(CONE, (0, 0.4, 0), (0.16, 0.42, 0.13), "#26231f", label="bollard"),
        Solid(CONE, (0, 0.86, 0), (0.17, 0.07, 0.17), "#efe8d6", label="bollard"),
    ]
