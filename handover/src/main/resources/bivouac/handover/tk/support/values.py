"""Values as scripts and texts use them (V1, V3). What is no value is fault X3."""

import dataclasses
import datetime
import math
import re
from decimal import ROUND_HALF_UP, Context, Decimal


class Fault(Exception):
    """Something that the rules call a fault (X1 to X11)."""

    def __init__(self, rule, message):
        super().__init__(f"{rule}: {message}")
        self.rule = rule


def _no(text, wanted):
    return Fault("X3", f"“{text}” is not {wanted}")


def shown(value, decimals=None):
    """As texts show it: yes and no, no exponent, no zeros at the end; rounded half up to 0 to 15 decimals."""
    if decimals is not None:
        places = Decimal(1).scaleb(-max(0, min(decimals, 15)))
        return _short(Decimal(repr(value)).quantize(places, ROUND_HALF_UP, Context(prec=400)))
    if value is None:
        return ""
    if isinstance(value, bool):
        return "yes" if value else "no"
    if isinstance(value, float):
        return _short(Decimal(repr(value)))
    if isinstance(value, (list, tuple)):
        return ", ".join(shown(v) for v in value)
    if dataclasses.is_dataclass(value):
        return ", ".join(shown(getattr(value, f.name)) for f in dataclasses.fields(value))
    return str(value)


def _short(decimal):
    plain = format(decimal.copy_abs() if decimal.is_zero() else decimal, "f")
    return plain.rstrip("0").rstrip(".") if "." in plain else plain


# Conversions

_WHOLE = re.compile(r"[+-]?[0-9]+", re.ASCII)
_NUMBER = re.compile(r"[+-]?([0-9]+(\.[0-9]*)?|\.[0-9]+)", re.ASCII)
_DATE = re.compile(r"[0-9]{4}-[0-9]{2}-[0-9]{2}", re.ASCII)
_MOST = 2**63

_WHITE = (
    "\t\n\x0b\x0c\r\x1c\x1d\x1e\x1f \u1680\u2000\u2001\u2002\u2003\u2004\u2005\u2006"
    "\u2008\u2009\u200a\u2028\u2029\u205f\u3000"
)  # a space that does not break is none of them


def trim(text):
    return text.strip(_WHITE)


def blank(text):
    return trim(text) == ""


def is_whole(text):
    text = trim(text)
    return _WHOLE.fullmatch(text) is not None and -_MOST <= int(text) < _MOST


def is_number(text):
    text = trim(text)
    return _NUMBER.fullmatch(text) is not None and math.isfinite(float(text))


def is_date(text):
    text = trim(text)
    if not _DATE.fullmatch(text):
        return False
    try:
        datetime.date.fromisoformat(text)
        return True
    except ValueError:
        return False


def whole(value):
    if isinstance(value, float):
        if abs(value) >= 9.2e18:
            raise _no(shown(value), "a whole number")
        return int(value)
    if isinstance(value, int):
        return value
    if not is_whole(value):
        raise _no(value, "a whole number")
    return int(trim(value))


def number(value):
    if not isinstance(value, str):
        return float(value)
    if not is_number(value):
        raise _no(value, "a number")
    return float(trim(value))


def date(text):
    if not is_date(text):
        raise _no(text, "a date")
    return datetime.date.fromisoformat(trim(text))


def exact(value):
    """A whole number that is not too large."""
    if not -_MOST <= value < _MOST:
        raise Fault("X3", "the whole number grows too large")
    return value


def finite(value):
    """A number that is one."""
    if not math.isfinite(value):
        raise Fault("X3", "the number grows too large")
    return value


def divided(by, through):
    if through == 0:
        raise Fault("X3", "division by zero")
    return finite(by / through)


def whole_divided(by, through):
    if through == 0:
        raise Fault("X3", "division by zero")
    return exact(abs(by) // abs(through) * (1 if (by < 0) == (through < 0) else -1))


def rest(by, through):
    if through == 0:
        raise Fault("X3", "division by zero")
    return by - whole_divided(by, through) * through


# Conditions of which the one that decides wins, even where the other faults


def both(left, right):
    return _decided(False, left, right)


def either(left, right):
    return _decided(True, left, right)


def _decided(on, left, right):
    try:
        first = left()
    except Exception:
        if right() == on:
            return on
        raise
    return on if first == on else right()


# Texts and lists; places are counted in characters


def substring(text, start, end=None):
    end = len(text) if end is None else end
    if start < 0 or end < start or end > len(text):
        raise Fault("X3", f"there is no part from {start} to {end} in a text of {len(text)}")
    return text[start:end]


def replace(text, old, by):
    return text if old == "" else text.replace(old, by)


def split(text, separator):
    return list(text) if separator == "" else text.split(separator)


def matches(text, pattern):
    return re.search(pattern, text) is not None


def sliced(items, start, end):
    if not 0 <= start <= end <= len(items):
        raise Fault("X3", f"there is no part from {start} to {end} in a list of {len(items)}")
    return items[start:end]


def distinct(items):
    """Each value once, where it stands first."""
    once = []
    for one in items:
        if one not in once:
            once.append(one)
    return once


def item(items, at):
    if not 0 <= at < len(items):
        raise Fault("X3", f"there is no item {at} in a list of {len(items)}")
    return items[at]


def file_name(path):
    return path[max(path.rfind("/"), path.rfind("\\")) + 1 :]


def file_extension(path):
    name = file_name(path)
    return name[name.rfind(".") + 1 :].lower() if "." in name else ""


def days(start, end):
    return (end - start).days
