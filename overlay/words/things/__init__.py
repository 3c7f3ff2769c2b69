"""Things that words draw: softly joined parts, followed by rays, lit, with depth and labels."""
