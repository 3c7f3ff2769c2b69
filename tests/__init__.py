"""Tests, file for file as in `overlay/`."""

from hypothesis import settings

# How long an example takes is nobody's fault on a machine that does other things as well.
settings.register_profile("overlay", deadline=None)
settings.load_profile("overlay")
