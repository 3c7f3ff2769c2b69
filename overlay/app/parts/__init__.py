"""Widgets and helpers that know no model: buttons, fields, icons, theme, images, plain words."""
