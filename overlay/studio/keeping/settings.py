"""What the artist has set for all projects, kept in a file of its own."""

import json
from contextlib import suppress
from pathlib import Path
from typing import Annotated, Literal

import platformdirs
from pydantic import BaseModel, ConfigDict, Field, ValidationError

from overlay.document.text.json_text import RecipeError, read_json
from overlay.imaging.intake import PictureError
from overlay.imaging.whole_files import write_bytes

_MOST_RECENT = 8
_MOST_BYTES = 1 << 20


class Settings(BaseModel):
    """Settings; a value that is not allowed counts as its default."""

    model_config = ConfigDict(frozen=True, extra="ignore")

    theme: Literal["light", "dark", "desktop"] = "light"
    larger_text: bool = False
    language: Literal["en", "de"] = "en"  # of the interface, from the next start
    threads: Annotated[int, Field(ge=0, le=256)] = 0  # 0 takes all there are
    cache_megabytes: Annotated[int, Field(ge=100, le=1_000_000)] = 4000
    pictures_folder: str = ""  # where dialogs begin; empty for the desktop's own place
    recent: tuple[str, ...] = ()
    toured: bool = False
    live_looks: bool = True  # a small trial while a control is moved
    engines: tuple[str, ...] = ()  # of other packages, that were allowed to run
    tray_extra: Annotated[int, Field(ge=0, le=1000)] = 0  # pixels that a hand made it wider by
    card_extra: Annotated[int, Field(ge=0, le=1000)] = 0
    cluster: Annotated[str, Field(max_length=200)] = ""  # a Dask scheduler that does editions
    creator: Annotated[str, Field(max_length=200)] = ""  # said in pictures that are handed on

    def with_recent(self, path: Path) -> "Settings":
        """The same with a file as the one opened last."""
        name = str(path.absolute())
        recent = (name, *(r for r in self.recent if r != name))[:_MOST_RECENT]
        return self.model_copy(update={"recent": recent})


def settings_path() -> Path:
    """Where the settings lie."""
    return Path(platformdirs.user_config_dir("overlay")) / "settings.json"


def load_settings() -> Settings:
    """The settings as they were left; what cannot be read takes its default."""
    try:
        data = read_json(settings_path(), _MOST_BYTES)
    except RecipeError:
        return Settings()
    if not isinstance(data, dict):
        return Settings()
    for _ in range(len(data) + 1):
        try:
            return Settings.model_validate(data)
        except ValidationError as error:
            data.pop(str(error.errors()[0]["loc"][0]), None)
    return Settings()


def save_settings(settings: Settings) -> None:
    """Write the settings; where that is not possible they last until the end of the session."""
    path = settings_path()
    data = json.dumps(settings.model_dump(mode="json"), indent=1).encode()
    with suppress(OSError, PictureError):
        path.parent.mkdir(parents=True, exist_ok=True)
        write_bytes(path, data)
