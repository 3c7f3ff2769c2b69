"""How much slower this machine is just now, for limits that are told in its measure."""

import time

_LOOP = 0.018  # seconds of the loop below on the machine the limits were set on


def slower() -> float:
    """How many times slower this machine is now than the one the limits were set on; 1 at least."""

    def loop() -> float:
        before, total = time.thread_time(), 0
        for number in range(100_000):
            total += number * number % 7
        return time.thread_time() - before

    return max(1.0, min(loop() for _ in range(3)) / _LOOP)
