"""From a recipe to a proof: guide maps, masks, the request, the engine, measures."""
