"""What a prompt says: words looked up, phrases read, what is not known named."""
