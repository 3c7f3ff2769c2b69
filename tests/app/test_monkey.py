"""Twenty seconds of the monkey, others each day of the month; `make monkey` goes on for longer.

It runs in a process of its own, so that what it leaves behind is its own.
"""

import datetime
import os
import subprocess
import sys
import unittest
from pathlib import Path

_MINUTES = 1 / 3
_ROOT = Path(__file__).parents[2]


class MonkeyTest(unittest.TestCase):
    def test_gestures_raises_warns_and_freezes_nothing(self):
        seed = datetime.date.today().day
        command = [sys.executable, "-X", "faulthandler", "-m", "tests.app.monkey"]
        done = subprocess.run(  # where nothing is built yet, the kernels take minutes of it
            [*command, "--minutes", str(_MINUTES), "--seed", str(seed)],
            cwd=_ROOT, env=os.environ, capture_output=True, text=True, timeout=900,
        )  # fmt: skip
        said = done.stdout[-4000:] + done.stderr[-4000:]
        self.assertEqual(done.returncode, 0, said)
        self.assertRegex(done.stdout, r"[0-9]{3,} gestures, 0 faults")
