"""Whether a recipe's engine may run: ours always, another package's once the artist allows it."""

from overlay.app.floor.floor import Floor
from overlay.app.parts.asking import ask_choice
from overlay.document.recipe import Recipe
from overlay.studio.making.engines import engine_package


def may_run(floor: Floor, recipe: Recipe) -> bool:
    """Whether it may; asks where that is not settled, and remembers what was allowed."""
    name, settings = recipe.engine, floor.settings
    package = engine_package(name)
    if package is None or name in settings.engines:
        return True
    choice = ask_choice(
        floor.host,
        "Engine of another package",
        f"This recipe asks for the engine {name}, which the package {package} brings. "
        "Pulling runs that package's code on this computer.",
        ("Allow it from now on",),
    )
    if choice is None:
        floor.refuse(f"No proof: the engine {name} of {package} was not allowed.")
        return False
    engines = (*settings.engines, name)
    floor.change_settings(settings.model_copy(update={"engines": engines}))
    return True
