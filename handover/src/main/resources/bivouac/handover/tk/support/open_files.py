"""Looks whether other programs have changed, or removed, what windows have open (F3)."""

import os


class OpenFiles:
    def __init__(self, desk, heard):
        """With heard, what a window can hear of a file."""
        self._desk = desk
        self._heard = heard
        self._known = {}  # what was last seen of each; None of one that is not there

    def forget(self):
        """What own work has written meanwhile is taken as it is."""
        self._known.clear()

    def look(self):
        now = {}
        for window in list(self._desk.windows):
            if any(window.hears(what) for what in self._heard):
                for file in dict.fromkeys(f for f in window.open_files() if f):
                    self._look_at(window, file, now)
        self._known = now

    def _look_at(self, window, file, now):
        is_now = now.setdefault(file, _stamp(file))
        before = self._known.get(file, is_now)
        if is_now != before and before is not None:
            self._desk.file_changes(window, file, is_now is None)


def _stamp(file):
    try:
        found = os.stat(file)
    except (OSError, ValueError):
        return None
    return found.st_mtime_ns, found.st_size
