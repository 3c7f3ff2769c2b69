"""What moves people: boats, ships, vehicles, machines."""
