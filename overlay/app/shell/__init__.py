"""What all rooms stand in: the window, commands, projects as files, keeping, settings, help."""
