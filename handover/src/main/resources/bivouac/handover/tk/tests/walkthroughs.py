"""Plays each trail of a folder, and writes what was seen beside it: python3 -m tests.walkthroughs FOLDER."""

import sys

from tests.driver import play_all
from tests.program import Program

if __name__ == "__main__":
    play_all(sys.argv[1], Program)
