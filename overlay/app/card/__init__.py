"""The cue card: everything about the selected cue, by its kind."""
