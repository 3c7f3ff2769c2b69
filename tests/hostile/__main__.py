"""Damages files for as long as one likes: `python -m tests.hostile [--minutes N] [--seed N]`."""

import argparse
import os
import sys
import tempfile
import time
from pathlib import Path


def main() -> int:
    parser = argparse.ArgumentParser(prog="tests.hostile")
    parser.add_argument("--minutes", type=float, default=5.0)
    parser.add_argument("--seed", type=int, default=int(time.time()))
    options = parser.parse_args()
    with tempfile.TemporaryDirectory(prefix="overlay-fuzz-") as home:
        for name in ("DATA", "STATE", "CACHE", "CONFIG"):
            os.environ[f"XDG_{name}_HOME"] = str(Path(home) / name.lower())
        from tests.hostile.cases import READERS, Fuzzer

        fuzzer = Fuzzer(options.seed, Path(home))
        end, faults = time.monotonic() + 60 * options.minutes, 0
        while time.monotonic() < end:
            for kind in READERS:
                for fault in fuzzer.case(kind):
                    faults += 1
                    print(fault, flush=True)
        print(
            f"seed {options.seed}: {fuzzer.done} cases, {fuzzer.refused} refusals, {faults} faults"
        )
    return 1 if faults else 0


if __name__ == "__main__":
    sys.exit(main())
