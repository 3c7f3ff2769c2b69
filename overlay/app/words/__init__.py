"""The words above the picture: chips, what they were read as, the scene they draw."""
