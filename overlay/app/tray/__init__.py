"""The tray, and how pictures come in."""
