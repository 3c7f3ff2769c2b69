"""Many proofs from one recipe: proof sheets, editions, sequences, and what an edition shares."""
