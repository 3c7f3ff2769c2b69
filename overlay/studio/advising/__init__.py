"""Troubles found once, for the window and the report."""
