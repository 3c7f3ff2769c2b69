"""Many proofs beside each other, and settings that are found by pulling."""
