"""Teaching: words from pictures, areas and cues, and the list of what was taught."""
