"""The room where a picture is made ready."""
