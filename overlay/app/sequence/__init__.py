"""The room of sequences: frames in order, each held to the one before, and played."""
