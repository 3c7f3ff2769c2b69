"""What window and command line share: from a recipe to a proof, its report and its keeping."""
