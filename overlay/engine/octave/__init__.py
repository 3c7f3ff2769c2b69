"""One more octave of a run: its proof larger, with the references' own finer detail."""
