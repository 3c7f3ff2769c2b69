"""What is installed works as what is checked out: a wheel in an environment of its own."""

import json
import os
import re
import shlex
import shutil
import signal
import subprocess
import sys
import sysconfig
import tempfile
import time
import unittest
import zipfile
from pathlib import Path

from tests.kept import drawings_folder

ROOT = Path(__file__).parents[1]
README = (ROOT / "README.md").read_text("utf-8")
_COMPILED = ("*.nbi", "*.nbc")


def run(*command, **options):
    return subprocess.run(
        [str(part) for part in command], check=True, capture_output=True, text=True, **options
    )


def readme_commands():
    """The lines that README says to type, in order."""
    return [
        shlex.split(line, comments=True)
        for line in README.splitlines()
        if line.startswith(".venv/bin/overlay ")
    ]


class WheelTest(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        folder = tempfile.TemporaryDirectory()
        cls.addClassCleanup(folder.cleanup)
        cls.folder = Path(folder.name)
        cls.home = {
            **os.environ,
            "QT_QPA_PLATFORM": "offscreen",
            **{f"XDG_{k}_HOME": str(cls.folder / k) for k in ("DATA", "STATE", "CACHE", "CONFIG")},
        }
        pip = (sys.executable, "-m", "pip", "--disable-pip-version-check")
        run(*pip, "wheel", "--no-deps", "--no-build-isolation", "-w", cls.folder, ROOT)
        [cls.wheel] = cls.folder.glob("*.whl")
        cls.fresh = cls.folder / "fresh"
        run(sys.executable, "-m", "venv", "--without-pip", cls.fresh)
        python = cls.fresh / "bin" / "python"
        run(*pip, "--python", python, "install", "--no-deps", cls.wheel)
        cls.site = Path(
            run(python, "-c", "import sysconfig as s; print(s.get_path('purelib'))").stdout.strip()
        )
        # What it depends on is there already; our own package is not on that path.
        (cls.site / "dependencies.pth").write_text(sysconfig.get_path("purelib"))
        cls._take_kernels()

    @classmethod
    def _take_kernels(cls):
        """Kernels compiled for the checkout serve the same sources; compiling takes a minute."""
        for source in (ROOT / "overlay").rglob("*.py"):
            there = cls.site / source.relative_to(ROOT)
            os.utime(there, ns=(source.stat().st_atime_ns, source.stat().st_mtime_ns))
        for pattern in _COMPILED:
            for kernel in (ROOT / "overlay").rglob(pattern):
                there = cls.site / kernel.relative_to(ROOT)
                there.parent.mkdir(exist_ok=True)
                shutil.copy2(kernel, there)

    def overlay(self, *arguments, **options):
        return run(
            self.fresh / "bin" / "overlay", *arguments, cwd=self.folder, env=self.home, **options
        )

    def test_all_that_belongs_to_it_is_inside_and_nothing_else(self):
        names = zipfile.ZipFile(self.wheel).namelist()
        for wanted in ("overlay/docs/handbook/README.md", "overlay/app/icons/overlay.svg"):
            self.assertIn(wanted, names)
        tops = {name.split("/")[0] for name in names}
        self.assertEqual({top for top in tops if "dist-info" not in top}, {"overlay"})
        pages = {Path(n).name for n in names if n.startswith("overlay/docs/handbook/")}
        self.assertEqual(pages, {p.name for p in (ROOT / "docs" / "handbook").glob("*.md")})

    def test_the_handbook_finds_its_pictures(self):
        code = "from overlay.app.shell.help.handbook import handbook_folder as f; print(f())"
        found = run(self.fresh / "bin" / "python", "-c", code, cwd=self.folder, env=self.home)
        handbook = Path(found.stdout.strip())
        self.assertTrue(handbook.is_relative_to(self.site))
        for page in handbook.glob("*.md"):
            for picture in re.findall(r"!\[[^]]*\]\(([^)]+)\)", page.read_text("utf-8")):
                self.assertTrue((handbook / picture).is_file(), picture)

    def test_readme_runs_as_printed_in_a_fresh_folder(self):
        recipe = re.search(r"```json\n(.*?)```", README, re.S).group(1)
        first, *others = readme_commands()
        self.with_drawn_demo(lambda: self.overlay(*first[1:]))
        (self.folder / "canal" / "recipe.json").write_text(recipe)
        for command in others:
            self.overlay(*command[1:])
        canal = self.folder / "canal"
        self.assertEqual((canal / "again.png").read_bytes(), (canal / "proof.png").read_bytes())
        self.assertNotEqual((canal / "looser.png").read_bytes(), (canal / "proof.png").read_bytes())
        self.assertIn(
            "lino", json.loads((canal / "report.json").read_text())["measures"]["style_match"]
        )
        self.window(canal / "recipe.json")

    def with_drawn_demo(self, run_demo):
        """Drawing takes half a minute: drawings of the same code are kept, as those of the window."""
        kept = drawings_folder() / "demo"
        if kept.is_dir():
            shutil.copytree(kept, self.folder / "DATA" / "overlay" / "demo")
        run_demo()
        if not kept.is_dir():
            shutil.copytree(self.folder / "canal", f"{kept}.part")
            Path(f"{kept}.part").replace(kept)

    def window(self, recipe):
        """It opens, says what it opened by keeping it as recent, and ends in the orderly way."""
        window = subprocess.Popen(
            [self.fresh / "bin" / "overlay", "open", recipe], cwd=self.folder, env=self.home
        )
        settings = self.folder / "CONFIG" / "overlay" / "settings.json"
        try:
            end = time.monotonic() + 120
            while not (settings.exists() and "recipe.json" in settings.read_text()):
                self.assertIsNone(window.poll())
                self.assertLess(time.monotonic(), end)
                time.sleep(0.1)
            window.send_signal(signal.SIGINT)
            self.assertEqual(window.wait(60), 0)
        finally:
            window.kill()
