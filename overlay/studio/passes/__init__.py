"""Passes after the base pass."""
