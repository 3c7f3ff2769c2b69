"""The project in work: what is selected, what hangs, and the edits of cues and regions."""
