"""Handing proofs on: export with all that can be chosen, print, the recipe card."""
