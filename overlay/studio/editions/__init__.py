"""Editions: one recipe over many rows."""
