"""A document as text: read with limits, written in little room."""
