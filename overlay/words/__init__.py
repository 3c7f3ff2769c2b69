"""Words: what they are, and what they draw."""
