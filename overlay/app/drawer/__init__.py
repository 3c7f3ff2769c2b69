"""The room where all proofs of the project lie."""
