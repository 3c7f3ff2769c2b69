"""The list of what is to be pulled."""
