"""Regions: their panel in the cue card's place, and what the hand does with them on the picture."""
