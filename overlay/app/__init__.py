"""The window: widgets, each named for the model it shows. The only part that knows Qt."""
