"""What every desk stands on: the project in work, small work elsewhere, what is said, the rooms."""
