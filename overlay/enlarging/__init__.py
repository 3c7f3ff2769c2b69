"""Enlarging a picture faithfully, by filters that are solved from its own scales."""
