"""Colour profiles to hand pictures out with: from an ICC file, or from a picture that has one."""

from pathlib import Path

from PIL import Image

from overlay.imaging.decode import decode
from overlay.imaging.formats.profiles import from_srgb
from overlay.imaging.formats.tiff import Deep
from overlay.imaging.intake import PictureError, read_regular

_MOST_BYTES = 16 << 20
_SIGNATURE = slice(36, 40)  # of a profile's header (ICC.1:2022, 7.2)


def profile_of(path: Path) -> bytes | None:
    """A profile of RGB; None for a picture that has none, which is sRGB.

    Raises
    ------
    PictureError
        If it is damaged, or of other colours than RGB.
    """
    data = read_regular(path, _MOST_BYTES) if path.suffix.lower() in (".icc", ".icm") else None
    if data is None:
        found = decode(path)
        data = found.profile if isinstance(found, Deep) else found.info.get("icc_profile")
        if data is None:
            return None
    if data[_SIGNATURE] != b"acsp":
        raise PictureError(f"{path}: must be an ICC profile, got something else")
    try:
        from_srgb(Image.new("RGB", (1, 1)), data)
    except PictureError as error:
        raise PictureError(f"{path}: {error}") from error
    return bytes(data)
