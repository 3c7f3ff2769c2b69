"""Renders a sequence: a run of the queue for every frame, each going on from the one before."""

import tempfile
from collections.abc import Callable, Iterator
from dataclasses import dataclass, field
from pathlib import Path

import numpy as np
from PySide6.QtCore import QObject, Signal
from PySide6.QtGui import QImage

from overlay.app.floor.floor import Floor
from overlay.app.parts.images import to_image
from overlay.document.sets.sequences import Sequence
from overlay.engine.control import Control
from overlay.imaging.files import read_picture, thumbnail, write_picture
from overlay.imaging.rows import use_threads
from overlay.motion.flicker import flicker
from overlay.studio.runs.queue import Purpose, Run
from overlay.studio.sequences.frames import Frames
from overlay.studio.sequences.making import Made, make_sequence
from overlay.studio.sequences.writing import write_all, write_frame

GROUP = "Sequence"
SMALL = 720  # pixels of the longer side of what plays
_MOST_SMALL = 600  # frames that are held small; others are read again


@dataclass
class Filmed:
    """A sequence with the frames that are there.

    Attributes
    ----------
    flickers : of frames that are there, by number; None for the first and after a cut.
    folder : where they lie whole, for as long as they are wanted.
    """

    sequence: Sequence
    frames: Frames
    small: dict[int, QImage] = field(default_factory=dict)
    flickers: dict[int, float | None] = field(default_factory=dict)
    changes: list[tuple[float, float]] = field(default_factory=list)
    made: dict[int, Made] = field(default_factory=dict)
    folder: "tempfile.TemporaryDirectory[str]" = field(
        default_factory=lambda: tempfile.TemporaryDirectory(prefix="overlay-sequence-")
    )

    def file(self, number: int) -> Path:
        """Where a frame lies whole."""
        return Path(self.folder.name, f"{number:05}.png")

    def says(self, now: Sequence | None) -> str:
        """How many frames are there, and how steady; `now` is the sequence as it is."""
        lines, value = [f"{len(self.flickers)} frames are there"], flicker(self.changes)
        if value is not None:
            lines.append(f"Flicker {value:.2f}: 1 is as steady as the source")
        if self.sequence != now:
            lines.append("They are of the sequence as it was before the last change.")
        return "\n".join(lines)


class _Hearing:
    """A control whose answers are those of the run in work: frames share one generator."""

    def __init__(self) -> None:
        self.now = Control()

    def control(self) -> Control:
        """What the generator is given."""
        return Control(
            lambda fraction, doing: self.now.report(fraction, doing),
            lambda: self.now.cancelled(),
        )


class SequenceFiller(QObject):
    """Asks for the runs of frames and hands on what comes.

    Signals
    -------
    came : what was filmed has another frame, or no more will come.
    """

    came = Signal(object)

    def __init__(self, floor: Floor) -> None:
        super().__init__(floor)
        self.floor = floor
        self._filming: Filmed | None = None

    def fill(self, filmed: Filmed) -> None:
        """Render all frames, one after another."""
        self._filming = filmed
        hearing = _Hearing()
        made = make_sequence(filmed.sequence, filmed.frames, hearing.control())
        self._ask_next(filmed, made, hearing)

    def _ask_next(self, filmed: Filmed, made: Iterator[Made], hearing: _Hearing) -> None:
        threads = self.floor.settings.threads

        def work(control: Control) -> tuple[Made, QImage] | None:
            use_threads(threads)
            hearing.now = control
            one = next(made, None)
            if one is None:
                return None
            write_picture(filmed.file(one.number), one.picture)
            return one, to_image(np.ascontiguousarray(thumbnail(one.picture, SMALL)))

        def show(found: tuple[Made, QImage] | None) -> None:
            if found is None or self._filming is not filmed:
                self._filming = None if self._filming is filmed else self._filming
                self.came.emit(filmed)
                return
            self._take(filmed, *found)
            self._ask_next(filmed, made, hearing)
            self.came.emit(filmed)

        number = len(filmed.flickers) + 1
        run = Run(name=f"{GROUP}, frame {number}", work=work, purpose=Purpose.ROW, group=GROUP)
        run.then = show
        run.failed = lambda error: self._ended(filmed, str(error))
        run.stopped = lambda: self._ended(filmed, "")
        self.floor.runner.add(run)

    def _take(self, filmed: Filmed, one: Made, small: QImage) -> None:
        # Of its pixels the file is enough.
        nothing = np.zeros((0, 0, 3), np.uint8)
        filmed.made[one.number] = Made(
            one.number, nothing, nothing, one.recipe, one.recipe_hash, one.seconds, one.changes,
            one.cut,
        )  # fmt: skip
        filmed.flickers[one.number] = None if one.changes is None else flicker([one.changes])
        if one.changes is not None:
            filmed.changes.append(one.changes)
        if len(filmed.small) < _MOST_SMALL:
            filmed.small[one.number] = small

    def _ended(self, filmed: Filmed, why: str) -> None:
        if self._filming is filmed:
            self._filming = None
        if why:
            self.floor.refuse(f"The sequence ends here: {why}")
        self.came.emit(filmed)

    @property
    def busy(self) -> bool:
        """Whether frames are still to come."""
        return self._filming is not None

    def stop(self) -> bool:
        """Leave the frames that are still to come; whether there were any."""
        self.floor.runner.queue.stop_group(GROUP)
        busy, self._filming = self.busy, None
        return busy

    # Pictures and files -----------------------------------------------------------------------

    def read(self, filmed: Filmed, number: int, then: Callable[[QImage], object]) -> None:
        """A frame that is not held small."""

        def work() -> QImage:
            whole = read_picture(filmed.file(number))
            return to_image(np.ascontiguousarray(thumbnail(whole, SMALL)))

        self.floor.loader.ask(work, then, newest="frame", failed=lambda _: None)

    def write(self, filmed: Filmed, out: Path) -> None:
        """Write what is there as frames, an animation or a video."""
        numbers = sorted(filmed.flickers)

        def work() -> None:
            if out.suffix == "":
                for number in numbers:
                    one = filmed.made[number]
                    whole = Made(
                        number, read_picture(filmed.file(number)), one.source, one.recipe,
                        one.recipe_hash, one.seconds, one.changes, one.cut,
                    )  # fmt: skip
                    write_frame(out, whole, filmed.sequence, filmed.frames.file(number))
            else:
                pictures = (read_picture(filmed.file(number)) for number in numbers)
                write_all(out, pictures, filmed.frames.rate)

        self.floor.loader.ask(
            work, lambda _: self.floor.say(f"Wrote {len(numbers)} frames to {out}"), outlives=True
        )
