"""Words as data: one line a word."""
