"""Help: the handbook, the tour, the list of keys."""
