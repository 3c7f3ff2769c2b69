"""The first minutes: three ways in, and the shelf of manners that is always at hand."""
