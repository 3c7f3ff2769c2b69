"""Meeting targets: the trials of a setting are runs, and what is found is taken by the artist."""

from PySide6.QtCore import QObject, Signal

from overlay.app.floor.engines import may_run
from overlay.app.floor.floor import Floor
from overlay.app.parts.titles import setting_name, setting_value
from overlay.app.picture.stage import PictureStage
from overlay.app.proof_sheets.meet_panel import MeetPanel
from overlay.engine.control import Control
from overlay.imaging.rows import use_threads
from overlay.studio.runs.queue import Purpose, Run
from overlay.studio.sheets.figures import flat_measures
from overlay.studio.sheets.meet import Meeting
from overlay.studio.sheets.settings import Setting
from overlay.studio.sheets.trials import meet_target, numeric_setting, with_setting

_OFFERED = ("structure_kept", "style_match", "share", "layout_match", "depth_kept", "softness")


class MeetDesk(QObject):
    """Opens the panel on a setting, finds its value, and sets it where that is wished."""

    _tried = Signal(object)  # a meeting as it is now, from the thread that pulls

    def __init__(self, floor: Floor, stage: PictureStage) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.stage = floor, floor.bench, stage
        self.panel = MeetPanel(stage.view)
        self.panel.find_asked.connect(self.find)
        self.panel.take_asked.connect(self.take)
        self.panel.closed.connect(self.close)
        self._tried.connect(self._show_trial)
        self._setting: Setting | None = None
        self._run: Run | None = None
        self.meeting: Meeting | None = None

    @property
    def active(self) -> bool:
        """Whether the panel is open."""
        return self.panel.isVisibleTo(self.stage.view)

    def open(self, key: str) -> None:
        """Ask for a target that a setting should meet."""
        self.floor.guarded(lambda: self._open(key))

    def _open(self, key: str) -> None:
        self._stop()
        self._setting = numeric_setting(self.bench.project.recipe, key, "Meet")
        self.meeting = None
        proof = self.bench.proof
        measured = {} if proof is None else flat_measures(proof.measures)
        offered = {k: v for k, v in measured.items() if k.partition(".")[0] in _OFFERED}
        if not offered:
            self.floor.refuse(
                "There is nothing measured yet to set a target in; pull a proof first."
            )
            return
        self.floor.go_to("bench")
        self.panel.open(self._setting, offered)

    def find(self) -> None:
        """Pull the trials."""
        setting, recipe = self._setting, self.bench.project.recipe
        if setting is None or not may_run(self.floor, recipe):
            return
        self._stop()
        target, shelf, store = self.panel.target, self.bench.shelf, self.bench.store
        engines, threads = self.floor.settings.engines, self.floor.settings.threads

        def work(control: Control) -> Meeting:
            use_threads(threads)
            return meet_target(
                recipe, setting, target, shelf, store, control=control, engines=engines,
                tried=self._tried.emit,
            )  # fmt: skip

        run = self._run = Run(name=f"Meet {target.words}", work=work, purpose=Purpose.TRIAL)
        run.then, run.failed = self._found, self._failed
        run.stopped = lambda: self.panel.say("Stopped.") if self._run is run else None
        self.panel.take.setEnabled(False)
        self.panel.say("The first trial…")
        self.floor.runner.add(run)

    def take(self) -> None:
        """Set what was found, as one step."""
        meeting = self.meeting
        if meeting is None:
            return
        setting, value = meeting.setting, meeting.best.value
        what = f"{setting_name(setting)} {setting_value(value, setting)}"

        def change() -> None:
            made = with_setting(self.bench.project.recipe, setting.key, value)
            self.bench.project.edit(what, made)

        if self.floor.guarded(change):
            self.close()
            self.floor.say(f"The bench has {what}.")

    def close(self) -> None:
        """Leave the setting as it is."""
        self._stop()
        self.meeting = None
        self.panel.hide()
        self.stage.view.setFocus()

    def _stop(self) -> None:
        if self._run is not None:
            run, self._run = self._run, None
            self.floor.runner.queue.stop(run)

    def _show_trial(self, meeting: Meeting) -> None:
        if self._run is not None and self.active:
            self.panel.show_meeting(meeting, done=False)

    def _found(self, meeting: Meeting) -> None:
        if self._run is None:
            return
        self._run = None
        self.meeting = meeting
        self.panel.show_meeting(meeting, done=True)

    def _failed(self, error: Exception) -> None:
        self._run = None
        self.panel.say(f"Not found: {error}")
