"""File formats: what Pillow does not read right, profiles, palettes, what is said beside pixels."""
