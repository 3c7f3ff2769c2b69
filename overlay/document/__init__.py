"""The project as data: the recipe, its validation, its edits and their undoing."""
