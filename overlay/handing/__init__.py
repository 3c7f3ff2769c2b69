"""Handing on: pictures for print, post and painting programs, in open formats."""
