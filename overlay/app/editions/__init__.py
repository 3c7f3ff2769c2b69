"""The room of editions: one recipe over many rows, seen as a set."""
