"""What words say of marks, for the engine: `blurred` avoided, `fine marks` wished for."""

from overlay.document.recipe import Recipe
from overlay.engine.request import MarksWish
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.words_scene import both_readings, strength_of
from overlay.words.wishing.wish import wish_of


def marks_wishes(recipe: Recipe, store: PictureStore) -> tuple[MarksWish, ...]:
    """How marks should be, as far as words are heard; none where they say nothing of it.

    Raises `RecipeError` and `PictureError` as drawing the words does.
    """
    avoided = recipe.avoid.strip() and not recipe.words.muted
    push = strength_of(recipe) or (recipe.guidance * recipe.words.weight if avoided else 0.0)
    if not push:
        return ()
    wish = wish_of(*both_readings(recipe, store))
    amounts = {trait: max(min(v * push, 2.0), -2.0) for trait, v in wish.marks}
    return tuple(MarksWish(trait, amount) for trait, amount in amounts.items() if amount)
