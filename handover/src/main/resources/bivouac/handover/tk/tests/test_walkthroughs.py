"""The program does, event by event, what was rehearsed."""

import itertools
import tempfile
import unittest
from pathlib import Path

from tests.driver import play
from tests.program import Program

FOLDER = Path(__file__).parent / "walkthroughs"


class Walkthroughs(unittest.TestCase):
    def test_it_does_what_was_rehearsed(self):
        for trail in sorted(FOLDER.glob("*.trail")):
            with self.subTest(trail.name), tempfile.TemporaryDirectory() as kept:
                seen = play(Program(), kept, trail)
                expected = trail.with_suffix(".expected").read_text(encoding="utf-8").removesuffix("\n").split("\n")
                # a fault of the rehearsal ends what can be compared
                upto = list(itertools.takewhile(lambda line: not line.startswith("  fault"), expected))
                whole = len(upto) == len(expected)
                self.assertEqual(upto, seen if whole else seen[: len(upto)])


if __name__ == "__main__":
    unittest.main()
