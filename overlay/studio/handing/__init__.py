"""Handing proofs on: layers, paper, the recipe card."""
