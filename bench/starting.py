"""How long the window takes to come up, in processes of its own, bytecode and kernels at hand."""

import os
import statistics
import subprocess
import sys
import tempfile
import time

Row = tuple[str, str, str]
_RUNS = 3
# The way of `overlay open`; ends when the window was painted once.
_OPEN = """
import os
from overlay.cli.parts.loading import loading
with loading():
    from overlay.app.plain_imports import plain_imports
    with plain_imports():
        from PySide6.QtCore import QTimer
        from overlay.app import main
        from overlay.app.shell.window import MainWindow

painted = MainWindow.paintEvent

def ends(window, event):
    painted(window, event)
    QTimer.singleShot(0, lambda: os._exit(0))  # after what lies in it was painted, too

MainWindow.paintEvent = ends
main.run_window(None)
"""


def seconds() -> float:
    """Median seconds from the command to the window's first paint, offscreen."""
    with tempfile.TemporaryDirectory() as home:
        places = {f"XDG_{n}_HOME": f"{home}/{n}" for n in ("DATA", "STATE", "CACHE", "CONFIG")}
        own = os.environ | places | {"QT_QPA_PLATFORM": "offscreen"}
        own.pop("PYTHONDONTWRITEBYTECODE", None)
        took = []
        for _ in range(_RUNS + 1):
            began = time.perf_counter()
            subprocess.run([sys.executable, "-c", _OPEN], env=own, check=True)
            took.append(time.perf_counter() - began)
    return statistics.median(took[1:])  # the first writes bytecode


def rows() -> list[Row]:
    """Rows of the table."""
    return [("the window is up, from the command on", "1.5 s", f"{seconds():.1f} s")]
