"""Runs of frames one after another, each held to the one before along the motion of the source."""
