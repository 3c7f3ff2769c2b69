"""Soft masks: growing, softening, inverting."""
