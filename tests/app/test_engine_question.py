"""Code of another package runs only after the artist has allowed it, once."""

from unittest import mock

from overlay.app.floor import engines
from overlay.app.shell import puller
from overlay.studio.keeping.settings import load_settings
from tests.app.harness import WindowTest


class EngineQuestionTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.bench.change_recipe("Engine", engine="upside-down")
        known = mock.patch.object(engines, "engine_package", return_value="tiny-engine")
        known.start()
        self.addCleanup(known.stop)
        self.pulled = mock.patch.object(puller, "pull_proof", side_effect=ValueError("pulled"))
        self.work = self.pulled.start()
        self.addCleanup(self.pulled.stop)

    def pull_and_answer(self, answer):
        with mock.patch.object(engines, "ask_choice", return_value=answer) as asked:
            self.pull()
        return asked

    def test_a_no_runs_nothing_and_asks_again_next_time(self):
        for _ in range(2):
            asked = self.pull_and_answer(None)
            self.assertIn("runs that package's code", asked.call_args.args[2])
        self.work.assert_not_called()
        self.assertIn("the engine upside-down of tiny-engine was not allowed", self.status)

    def test_a_yes_counts_from_then_on(self):
        self.pull_and_answer("Allow it from now on")
        self.assertEqual(self.work.call_args.kwargs["engines"], ("upside-down",))
        self.pull_and_answer(None).assert_not_called()
        self.assertEqual(self.work.call_count, 2)
        self.assertEqual(load_settings().engines, ("upside-down",))
        settings = self.window.floor.settings.model_copy(update={"engines": ()})
        self.window.floor.change_settings(settings)

    def test_ours_is_never_asked_about(self):
        with mock.patch.object(engines, "engine_package", return_value=None):
            self.pull_and_answer(None).assert_not_called()
        self.work.assert_called_once()
