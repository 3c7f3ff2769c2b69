"""Procedural pictures with depth and labels: scenes built of solids, and manners to learn from."""
