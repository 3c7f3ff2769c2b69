"""The version of the package."""

__version__ = "0.7.0"
