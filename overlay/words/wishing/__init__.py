"""From what a prompt says to what it wishes for: things, how they stand to each other, light."""
