"""Work off the GUI thread: small pieces one after another, and pulls."""
