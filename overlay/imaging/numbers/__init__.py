"""Numbers that come out alike on every processor."""
