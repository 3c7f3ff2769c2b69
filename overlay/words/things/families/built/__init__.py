"""What is built: houses, castles, monuments, and what stands by the way or is land itself."""
