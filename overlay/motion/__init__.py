"""Motion between two pictures: where everything was, how sure that is, pictures moved along it."""
