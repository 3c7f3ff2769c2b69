"""What can be said of a proof in numbers: one file a measure, each with its formula and source."""
