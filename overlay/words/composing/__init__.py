"""From what was read to a scene: what is wished, where it stands, from where it is seen."""
