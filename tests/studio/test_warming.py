"""Compiling ahead: half of it in another process, which ends when it is asked to."""

import unittest
from unittest.mock import MagicMock, patch

from overlay.engine.control import CancelledError, Control
from overlay.studio.making import warming


class WarmingTest(unittest.TestCase):
    def setUp(self):
        self.told = []
        names = {name: lambda _, name=name: self.told.append(name) for name in warming.WARMINGS}
        self.enterContext(patch.dict(warming.WARMINGS, names))
        self.process = MagicMock()
        self.process.poll.side_effect = [None, None, 0]
        popen = self.enterContext(patch.object(warming.subprocess, "Popen"))
        popen.return_value.__enter__.return_value = self.process
        self.popen = popen
        self.enterContext(patch.object(warming, "_PAUSE", 0.0))

    def warm(self, control=None, *, compiled=False, cores=2):
        with (
            patch.object(warming, "is_kept", return_value=compiled),
            patch.object(warming.os, "cpu_count", return_value=cores),
        ):
            warming.warm_kernels(control)

    def test_pulls_come_first_and_words_after_the_other_process_has_them(self):
        self.warm()
        self.assertEqual(self.told, list(warming.WARMINGS))
        self.assertEqual(self.told[0], "pulls")
        self.assertEqual(self.popen.call_args[0][0][-2:], ["words", "enlarging"])
        self.assertEqual(self.process.poll.call_count, 3)

    def test_no_other_process_where_all_is_there_or_one_core_is(self):
        for given in ({"compiled": True}, {"cores": 1}):
            with self.subTest(**given):
                self.warm(**given)
        self.popen.assert_not_called()
        self.assertEqual(self.told, 2 * list(warming.WARMINGS))

    def test_stopped_while_it_waits_it_ends_the_other_process(self):
        self.process.poll.side_effect = None
        self.process.poll.return_value = None
        control = Control(cancelled=lambda: self.process.poll.called)
        with self.assertRaises(CancelledError):
            self.warm(control)
        self.process.kill.assert_called_once()
        self.assertNotIn("words", self.told)


if __name__ == "__main__":
    unittest.main()
