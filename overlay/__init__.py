"""Overlay: conditioned pictures from references, guides and regions."""

__version__ = "0.7.0"
