"""Finding and laying patches: for every patch of the canvas one of a reference."""
