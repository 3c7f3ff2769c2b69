"""The middle of the bench: the picture, how it is looked at, and why it became what it is."""
