"""Passes: what comes after 100 % on the cue sheet, and the card of the one that is selected."""
