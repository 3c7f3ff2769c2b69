"""The cue sheet: cues as rows against the progress of the run, under scale and filmstrip."""
