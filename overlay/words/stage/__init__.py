"""Where things stand: ground, water, hills, walls and sky, followed by rays and lit."""
