"""Tests, file for file as in `overlay/`."""
