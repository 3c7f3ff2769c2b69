"""Opens a real window on a recipe, pulls a proof, and saves what is on the screen.

Run by `test_window` under a virtual display: `python -m tests.app.real_window RECIPE SHOT`.
"""

import sys
import time
from pathlib import Path

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest

from overlay.app.main import make_application
from overlay.app.shell.window import MainWindow
from overlay.studio.bench.bench import Bench


def main(recipe: Path, shot: Path) -> int:
    application = make_application()
    print("platform", application.platformName())
    window = MainWindow(Bench())
    window.show()
    QTest.qWaitForWindowExposed(window)
    window.open_path(recipe)
    while not window.house.idle:
        application.processEvents()
        time.sleep(0.01)
    QTest.mouseClick(window.house.top.button, Qt.MouseButton.LeftButton)
    end = time.monotonic() + 120
    while window.bench.proof is None and time.monotonic() < end:
        application.processEvents()
        time.sleep(0.01)
    QTest.qWait(200)
    window.screen().grabWindow(int(window.winId())).save(str(shot))
    window.close()
    return 0 if window.bench.proof is not None else 1


if __name__ == "__main__":
    sys.exit(main(Path(sys.argv[1]), Path(sys.argv[2])))
