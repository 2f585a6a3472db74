"""What outlives a run (D6, D7): a file in the user's configuration folder. Missing or damaged, it is a first run."""

import dataclasses
import json
import os
import sys
from pathlib import Path

from .values import Fault, date, number, shown, whole

_HELD = "held."


def folder_of(application):
    """The platform's usual place."""
    usual = os.environ.get("APPDATA") or os.environ.get("XDG_CONFIG_HOME") or Path.home() / ".config"
    return Path(usual) / application


# How each type is read from what is kept; ValueError, TypeError or Fault where that is none


def text_of(kept):
    if not isinstance(kept, str):
        raise ValueError("no text is kept here")
    return kept


def whole_of(kept):
    return whole(text_of(kept))


def number_of(kept):
    return number(text_of(kept))


def date_of(kept):
    return date(text_of(kept))


def yes_of(kept):
    return text_of(kept) == "yes"


def list_of(item):
    return lambda kept: [item(k) for k in _several(kept)]


def row_of(kind, *columns):
    return lambda kept: kind(*(column(k) for column, k in zip(columns, _several(kept), strict=True)))


def _several(kept):
    if not isinstance(kept, list):
        raise ValueError("no list is kept here")
    return kept


def _as_kept(value):
    if isinstance(value, list):
        return [_as_kept(v) for v in value]
    if dataclasses.is_dataclass(value):
        return [_as_kept(getattr(value, field.name)) for field in dataclasses.fields(value)]
    return shown(value)


class Kept:
    """Values are kept as texts (V1), lists and rows as lists of what is in them."""

    def __init__(self, folder):
        self._file = Path(folder) / "kept.json"
        try:
            found = json.loads(self._file.read_text(encoding="utf-8"))
            self._values = found if isinstance(found, dict) else {}
        except (OSError, ValueError):
            self._values = {}

    def put(self, name, value):
        self._values[name] = _as_kept(value)

    def read(self, name, usual, of):
        """What is kept under a name; what is not there, or damaged, is as usual."""
        try:
            return of(self._values[name])
        except (KeyError, ValueError, TypeError, Fault):
            return usual

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
