"""From a wish to a scene: where its things stand, and from where they are seen."""
