"""The version of the engine: of all that makes a proof's pixels out of its recipe."""

# Raised by one when the same recipe gives another picture: 1 up to Overlay 0.6, 2 from 0.7 on. It
# is written into reports and pictures, and proofs are kept under it.
ENGINE_VERSION = 7
