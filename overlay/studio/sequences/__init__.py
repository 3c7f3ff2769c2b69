"""Sequences: frames read, rendered one after another, measured and written."""
