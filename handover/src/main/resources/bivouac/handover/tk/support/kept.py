"""What outlives a run (D6, D7): a file in the user's configuration folder. Missing or damaged, it is a first run."""

import json
import os
import sys
from pathlib import Path

from .values import date, is_date, is_number, is_whole, number, shown, whole

_HELD = "held."


def folder_of(application):
    """The platform's usual place."""
    usual = os.environ.get("APPDATA") or os.environ.get("XDG_CONFIG_HOME") or Path.home() / ".config"
    return Path(usual) / application


class Kept:
    """Values are kept as texts (V1); texts in a list as a list of them."""

    def __init__(self, folder):
        self._file = Path(folder) / "kept.json"
        try:
            found = json.loads(self._file.read_text(encoding="utf-8"))
            self._values = found if isinstance(found, dict) else {}
        except (OSError, ValueError):
            self._values = {}

    def put(self, name, value):
        self._values[name] = [shown(v) for v in value] if isinstance(value, list) else shown(value)

    def text(self, name, usual):
        found = self._values.get(name)
        return found if isinstance(found, str) else usual

    def whole(self, name, usual):
        found = self.text(name, "")
        return whole(found) if is_whole(found) else usual

    def number(self, name, usual):
        found = self.text(name, "")
        return number(found) if is_number(found) else usual

    def date(self, name, usual):
        found = self.text(name, "")
        return date(found) if is_date(found) else usual

    def yes(self, name, usual):
        return self.text(name, shown(usual)) == "yes"

    def texts(self, name, usual):
        found = self._values.get(name)
        return [str(t) for t in found] if isinstance(found, list) else usual

    def traces(self, holdings):
        """The holdings that a killed run left behind (D7), in the order of the names given."""
        return [h for h in holdings if _HELD + h in self._values]

    def held(self, holding, now):
        """What is held leaves a trace until it is given back."""
        if now:
            self._values[_HELD + holding] = ""
        else:
            self._values.pop(_HELD + holding, None)
        self.save()

    def save(self):
        """Written beside and renamed, so that a kill never leaves half of it."""
        beside = self._file.with_suffix(".new")
        try:
            self._file.parent.mkdir(parents=True, exist_ok=True)
            beside.write_text(json.dumps(self._values, indent=2, ensure_ascii=False), encoding="utf-8")
            os.replace(beside, self._file)
        except OSError as failure:
            print(f"What is kept could not be saved: {failure}", file=sys.stderr)
