"""Benchmarks: how long a proof takes, against an exact search in the same run."""
