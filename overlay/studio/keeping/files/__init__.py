"""Files that hold projects and taught words, read and written."""
