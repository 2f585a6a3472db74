"""The texts of the application by key; {0}, {1} ... stand for values, and {{} for a brace."""

import functools
import json
import re
from pathlib import Path

from .values import shown

_PLACE = re.compile(r"\{(\{|[0-9]+)\}")


@functools.cache
def _texts():
    return json.loads((Path(__file__).parent.parent / "texts.json").read_text(encoding="utf-8"))


def text(key, *values):
    def put(place):
        return "{" if place.group(1) == "{" else shown(values[int(place.group(1))])

    return _PLACE.sub(put, _texts()[key])


def plain(marked):
    """A text as it is read: & before a letter marks its access key, && is the sign itself."""
    return re.sub(r"&(.)", r"\1", marked, flags=re.DOTALL)


def access_key(marked):
    """Where the access key stands in the plain text; -1 for none."""
    at = 0
    for mark in re.finditer(r"&(.)|[^&]|&$", marked, flags=re.DOTALL):
        if mark.group(1) not in (None, "&"):
            return at
        at += 1
    return -1
