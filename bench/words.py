"""Words: how many of 169 varied prompts' are known and drawn, how steady, how fast."""

import os
import statistics
import subprocess
import sys
import tempfile
import time
from pathlib import Path

import numpy as np
from scipy.ndimage import gaussian_filter

from overlay.words.language.grammar import read_prompt
from overlay.words.language.lexicon import Lexicon
from overlay.words.picture import WordsPicture, contours, draw_words

Row = tuple[str, str, str]
_PROMPTS = Path(__file__).with_name("prompts.txt")
_CHANGED = (
    ("heron, windmill, meadow, dawn", "fox, windmill, meadow, dawn"),
    ("windmill, canal, gulls", "bottle kiln, canal, gulls"),
    ("red barge, canal, poplars", "rowing boat, canal, poplars"),
    ("horse, cottage, hills, evening", "cow, cottage, hills, evening"),
    ("pear, jug, table", "apple, jug, table"),
    ("lighthouse, beach, boat", "tower, beach, boat"),
)
_SCENES = (("windmill, canal, poplars, dawn", "1 s"), ("fox, forest, mist", "2 s"))
# Run in a process of its own, on one thread; prints seconds.
_DRAW = """
import sys, time
from bench.words import draw
draw(sys.argv[1])
times = []
for _ in range(3):
    began = time.perf_counter()
    draw(sys.argv[1])
    times.append(time.perf_counter() - began)
print(min(times))
"""
_FIRST = """
import sys, time
began = time.perf_counter()
from bench.words import draw
draw(sys.argv[1], (48, 32))
print(time.perf_counter() - began)
"""


def draw(prompt: str, size: tuple[int, int] = (384, 256), seed: int = 3) -> WordsPicture:
    """What a prompt draws."""
    return draw_words(read_prompt(prompt), size, seed)


def rows() -> list[Row]:
    """Rows of the table."""
    known, acting = coverage()
    found = [
        ("content words known or kin, of 169 prompts", "85 %", f"{100 * known:.0f} %"),
        ("  that act on the picture", "75 %", f"{100 * acting:.0f} %"),
        ("reading a prompt", "1 ms", f"{1000 * _reading():.2f} ms"),
    ]
    for prompt, goal in _SCENES:
        one = _process(_DRAW, prompt, NUMBA_NUM_THREADS="1")
        found.append((f"drawing {prompt!r} at 384x256, one core", goal, f"{one:.2f} s"))
    found.append(("first look of a changed prompt, a quarter of 768x512", "0.5 s", _first_look()))
    with tempfile.TemporaryDirectory() as name:
        compiling = _process(_FIRST, "cottage, meadow", NUMBA_CACHE_DIR=name)
    found.append(("first scene, its kernels compiled", "20 s", f"{compiling:.0f} s"))
    steady = [steadiness(*pair) for pair in _CHANGED]
    least = f"{min(steady):.2f} (median {statistics.median(steady):.2f})"
    found.append(("structure beside a changed word, least of six", "0.75", least))
    return found


def coverage() -> tuple[float, float]:
    """Shares of the prompts' content words that are known, and that act on the picture."""
    words = [
        word
        for line in _PROMPTS.read_text("utf-8").splitlines()
        for phrase in read_prompt(line).phrases
        for word in phrase.words
    ]
    known = sum(word.entry is not None for word in words)
    return known / len(words), sum(word.acts for word in words) / len(words)


def steadiness(before: str, after: str) -> float:
    """Correlation of contours beside the thing that a changed word draws."""
    first, second = (draw(prompt, (288, 192)) for prompt in (before, after))
    names = [p.scene.things[0].name for p in (first, second)]
    beside = (first.mask(names[0]) == 0) & (second.mask(names[1]) == 0)
    soft = [gaussian_filter(contours(p.drawn), 1.5)[beside] for p in (first, second)]
    return float(np.corrcoef(*soft)[0, 1])


def _reading() -> float:
    """Median seconds to read a prompt, its words known."""
    lexicon = Lexicon()
    lines = _PROMPTS.read_text("utf-8").splitlines()
    spent = []
    for line in lines:
        read_prompt(line, lexicon)
        began = time.perf_counter()
        read_prompt(line, lexicon)
        spent.append(time.perf_counter() - began)
    return statistics.median(spent)


def _first_look() -> str:
    spent = []
    for line in _PROMPTS.read_text("utf-8").splitlines()[::8]:
        began = time.perf_counter()
        draw(line, (192, 128))
        spent.append(time.perf_counter() - began)
    return f"{statistics.median(spent):.2f} s (longest {max(spent):.2f})"


def _process(code: str, prompt: str, **variables: str) -> float:
    done = subprocess.run(
        [sys.executable, "-c", code, prompt], env=os.environ | variables, capture_output=True,
        text=True, check=True,
    )  # fmt: skip
    return float(done.stdout.split()[-1])
