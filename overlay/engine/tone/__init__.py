"""Colours and light: what is taken of them, and how they are laid on."""
