"""Ten seconds of the monkey, others each day of the month; `make monkey` goes on for longer.

It runs in a process of its own, so that what it leaves behind is its own.
"""

import datetime
import os
import subprocess
import sys
import unittest
from pathlib import Path

_MINUTES = 1 / 6
_PATIENCE = 6  # handler times: on a machine that tests share, only what is a freeze anywhere
_ROOT = Path(__file__).parents[2]


_SLOW = "times as long as a handler may take"


def play(seed: int) -> subprocess.CompletedProcess[str]:
    """Let it play; where nothing is built yet, the kernels take minutes of it."""
    command = [sys.executable, "-X", "faulthandler", "-m", "tests.app.monkey"]
    return subprocess.run(
        [*command, "--minutes", str(_MINUTES), "--seed", str(seed), "--patience", str(_PATIENCE)],
        cwd=_ROOT, env=os.environ, capture_output=True, text=True, timeout=900,
    )  # fmt: skip


def faults(done: subprocess.CompletedProcess[str]) -> list[str]:
    """What it found, one line each."""
    listed = done.stdout.partition("slowest:")[0].splitlines()
    return [line for line in listed if line and not line.startswith("    ")]


class MonkeyTest(unittest.TestCase):
    def test_gestures_raises_warns_and_freezes_nothing(self):
        seed = datetime.date.today().day
        done = play(seed)
        found = faults(done)
        if found and all(_SLOW in fault for fault in found):
            print(*found, sep="\n")  # a machine that others share is slow at times: once more
            done = play(seed)
        said = done.stdout[-4000:] + done.stderr[-4000:]
        self.assertEqual(done.returncode, 0, said)
        self.assertRegex(done.stdout, r"[0-9]{3,} gestures, 0 faults")

    def test_faults_are_told_from_their_trails(self):
        said = "menu Undo, after: 1.2 times as long as a handler may take\n    after a | b\nslowest:\nx"
        done = subprocess.CompletedProcess([], 1, said, "")
        self.assertEqual(faults(done), [said.partition("\n")[0]])
