"""Structure maps: one extractor a file, picture in, map out."""
