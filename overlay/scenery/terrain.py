"""The land: how high the ground is, with its canal and its hills."""

from overlay.imaging.kernel import kernel
from overlay.imaging.rows import by_rows
from overlay.scenery.grain import layered_noise, value_noise

# Rows of the `land` array that describes ground and light.
CANAL_X, CANAL_HALF, WATER_Y, HILL, PATH_X, SUN_X, SUN_Y, SUN_Z, CLOUD, CANAL_END, WALLED = range(
    11
)


# The relief map: metres a cell, and the world place of its first cell.
CELL, RELIEF_X, RELIEF_Z = 0.25, -150.0, -10.0
RELIEF_SHAPE = (1040, 1200)


@by_rows()
def draw_relief(from_row, to_row, hill, out):
    """Fill the relief map: small bumps near by, hills of height `hill` far off."""
    for i in range(from_row, to_row):
        z = RELIEF_Z + i * CELL
        rise = min(max(z - 52.0, 0.0) / 60.0, 1.0)
        for j in range(out.shape[1]):
            x = RELIEF_X + j * CELL
            bump = 0.12 * value_noise(0.6 * x, 1.0, 0.6 * z)
            out[i, j] = bump + hill * rise * layered_noise(0.021 * x, 3.0, 0.017 * z, 4)


@kernel()
def ground_height(land, relief, x, z):
    """Height of the ground: banks, the canal's bed, far hills."""
    gx = min(max((x - RELIEF_X) / CELL, 0.0), relief.shape[1] - 1.001)
    gz = min(max((z - RELIEF_Z) / CELL, 0.0), relief.shape[0] - 1.001)
    j, i = int(gx), int(gz)
    fx, fz = gx - j, gz - i
    near = relief[i, j] + fx * (relief[i, j + 1] - relief[i, j])
    far = relief[i + 1, j] + fx * (relief[i + 1, j + 1] - relief[i + 1, j])
    height = near + fz * (far - near)
    off = max(abs(x - land[CANAL_X]) - land[CANAL_HALF], z - land[CANAL_END])
    width = 0.12 if land[WALLED] > 0 else 0.9
    dip = min(max(-off / width, 0.0), 1.0)
    return height * (1.0 - dip) - 1.6 * dip
