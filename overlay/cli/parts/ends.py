"""How commands end: exit codes, and one line on standard error."""

import sys

DONE, FAILED, WRONG, STOPPED, SOME_FAILED = 0, 1, 2, 3, 4


def explain(error: Exception) -> int:
    """One line on standard error, and the exit code that fits."""
    from overlay.document.text.json_text import RecipeError
    from overlay.engine.control import CancelledError
    from overlay.imaging.intake import PictureError, reason

    if isinstance(error, CancelledError):
        print("stopped", file=sys.stderr)
        return STOPPED
    if isinstance(error, RecipeError | PictureError):
        complain(str(error))
        return WRONG
    if isinstance(error, OSError) and error.filename is not None:
        complain(f"{error.filename}: {reason(error)}")
        return WRONG
    complain(f"{type(error).__name__}: {error}" if str(error) else type(error).__name__)
    return FAILED


def complain(text: str) -> None:
    """Say what was wrong."""
    from overlay.imaging.one_line import one_line

    print(f"overlay: {one_line(text)}", file=sys.stderr)
