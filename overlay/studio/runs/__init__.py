"""Runs: what is pulled, and what is learnt by pulling twice."""
