"""The demo project, and all of it as files."""
