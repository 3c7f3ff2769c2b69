"""What the commands have in common."""
