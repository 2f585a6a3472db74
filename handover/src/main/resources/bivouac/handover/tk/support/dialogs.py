"""Message boxes, file dialogs and pickers (C7, C8)."""

import enum
import re
import tkinter as tk
from dataclasses import dataclass
from tkinter import colorchooser, filedialog, font, ttk

from .desk import Ending
from .texts import access_key, plain
from .values import date, file_name, is_date, shown
from .window import Asked


class MessageBox(Asked):
    """Drawn by the program itself: the toolkit's own cannot be taken away, and not every button may close it."""

    def __init__(self, desk, name, icon, title, text, buttons, default=None, escape=None):
        """buttons holds what stands on each, by its answer; default answers Enter, escape the close box."""
        super().__init__(desk, name)
        self._text = text
        self._answers = list(buttons)
        self._escape = escape
        self.title = title
        self.top.resizable(False, False)
        line = ttk.Frame(self.body)
        line.pack(anchor="w", pady=(0, 12))
        if icon:
            ttk.Label(line, text=icon, font=("TkDefaultFont", 20)).pack(side="left", padx=(0, 12))
        ttk.Label(line, text=text, wraplength=380, justify="left").pack(side="left")
        row = ttk.Frame(self.body)
        row.pack(anchor="e")
        self._first = None
        for answer, marked in buttons.items():
            button = self._button(row, answer, marked, answer is default)
            if self._first is None or answer is default:
                self._first = button

    def _button(self, row, answer, marked, is_default):
        at = access_key(marked)
        button = ttk.Button(row, text=plain(marked), underline=at, command=lambda: self.answer(answer))
        button.configure(default="active" if is_default else "normal")
        button.pack(side="left", padx=4)
        if at >= 0:
            self.access("", plain(marked)[at], button.invoke)
        if is_default:
            self.top.bind("<Return>", lambda event: button.invoke())
        return button

    def first_field(self):
        return self._first

    def ask(self, asker, owner, manner):
        """Asks, and waits for the answer."""
        return self.desk.ask(asker, owner, manner, self)

    def answer(self, answer):
        """As pressing a button of it."""
        self.desk.answer(self, lambda: answer)

    def answer_in_words(self, words):
        self.answer(next(a for a in self._answers if a.value == words))

    def close_box_used(self):
        if self._escape is not None:
            self.answer(self._escape)

    def ending_for(self, way):
        return self._escape

    def asks(self):
        return self._text


class Asks(enum.Enum):
    """What a file dialog asks for."""

    ONE = "one file"
    SEVERAL = "several files"
    SAVE = "where to save"
    FOLDER = "a folder"


@dataclass(frozen=True)
class Filter:
    """patterns as *.csv"""

    label: str
    patterns: list

    def extension(self):
        return next((p[2:] for p in self.patterns if re.fullmatch(r"\*\.[^*?]+", p)), "")


class FileDialog(Asked):
    """The system's own, or in a test a stand-in that the test answers. Nobody can take it away (C3)."""

    cannot_be_taken_away = True
    is_stand_in = False  # set by tests: the system's own cannot be driven

    @dataclass(frozen=True)
    class Chosen(Ending):
        path: str
        paths: list
        filter: str

        def gives(self):
            """As the design says it: one path, or several."""
            return [self.path if len(self.paths) == 1 else self.paths, self.filter]

    @dataclass(frozen=True)
    class Cancelled(Ending):
        pass

    def __init__(self, desk, name, title, asks, filters, extension, starts_in):
        super().__init__(desk, name)
        self._asks = asks
        self._filters = filters
        self._extension = extension
        self._starts_in = starts_in
        self.title = title

    def ask(self, asker, owner, manner):
        """Asks, and waits for the answer. Nothing else happens meanwhile: it is a wait like any other."""
        return self.desk.ask(asker, owner, manner, self)

    def show(self):
        if self.is_stand_in:
            super().show()
        else:
            self.desk.loop.later(self._show_native)

    def _show_native(self):
        used = tk.StringVar(self.top)
        above = self.owner.top if self.owner is not None else self.desk.loop.root
        options = {"parent": above, "title": self.title, "initialdir": self._starts_in or None}
        if self._asks is Asks.FOLDER:
            chosen = filedialog.askdirectory(**options)
        else:
            options["filetypes"] = [(f.label, f.patterns) for f in self._filters]
            options["typevariable"] = used
            ask = {
                Asks.ONE: filedialog.askopenfilename,
                Asks.SEVERAL: filedialog.askopenfilenames,
                Asks.SAVE: filedialog.asksaveasfilename,
            }[self._asks]
            chosen = ask(**options)
        if chosen:
            self.choose([chosen] if isinstance(chosen, str) else list(chosen), used.get())
        else:
            self.close_box_used()

    def choose(self, paths, label):
        """What a person chooses; a file to save gets the filter's extension where it has none."""
        if self._asks is Asks.SAVE:
            paths = [self._with_extension(p, label) for p in paths]
        self.desk.answer(self, lambda: self.Chosen(paths[0], paths, label))

    def _with_extension(self, path, label):
        if file_name(path).rfind(".") > 0:
            return path
        of_filter = next((f.extension() for f in self._filters if f.label == label), "")
        added = of_filter or self._extension
        return f"{path}.{added}" if added else path

    def close_box_used(self):
        self.desk.answer(self, self.Cancelled)

    def ending_for(self, way):
        return self.Cancelled()


class Picker(Asked):
    """A picker of a font, a colour or a date: it can be driven, so it is drawn by the program itself."""

    cannot_be_taken_away = True

    @dataclass(frozen=True)
    class Picked(Ending):
        value: object

    @dataclass(frozen=True)
    class Cancelled(Ending):
        pass

    def __init__(self, desk, name, title, starts):
        super().__init__(desk, name)
        self.title = title
        self.top.resizable(False, False)
        self._value = tk.StringVar(self.top, shown(starts))
        line = ttk.Frame(self.body)
        line.pack(fill="x", pady=(0, 12))
        self.fill(line)
        row = ttk.Frame(self.body)
        row.pack(anchor="e")
        ttk.Button(row, text="OK", default="active", command=self._ok).pack(side="left", padx=4)
        ttk.Button(row, text="Cancel", command=self.close_box_used).pack(side="left", padx=4)
        self.top.bind("<Return>", lambda event: self._ok())

    def fill(self, line):
        self._field = ttk.Entry(line, textvariable=self._value, width=24)
        self._field.pack(side="left")

    def first_field(self):
        return self._field

    def accepts(self, text):
        raise NotImplementedError

    def read(self, text):
        return text

    def _ok(self):
        if self.accepts(self._value.get()):
            self.pick(self._value.get())

    def ask(self, asker, owner, manner):
        """Asks, and waits for the answer."""
        return self.desk.ask(asker, owner, manner, self)

    def pick(self, value):
        """What a person picks, as it is written."""
        self.desk.answer(self, lambda: self.Picked(self.read(value)))

    def close_box_used(self):
        self.desk.answer(self, self.Cancelled)

    def ending_for(self, way):
        return self.Cancelled()


class DatePicker(Picker):
    """Dates are written 2026-11-23."""

    def accepts(self, text):
        return is_date(text)

    def read(self, text):
        return date(text)


class ColourPicker(Picker):
    """Colours are written #2f5d50."""

    def fill(self, line):
        super().fill(line)
        ttk.Button(line, text="…", width=3, command=self._choose).pack(side="left", padx=4)

    def _choose(self):
        _, chosen = colorchooser.askcolor(self._value.get() or None, parent=self.top)
        if chosen:
            self._value.set(chosen.lower())

    def accepts(self, text):
        return re.fullmatch(r"#[0-9a-f]{6}", text) is not None


class FontPicker(Picker):
    """Fonts are written as a family and a size: Inter 12."""

    def fill(self, line):
        families = sorted(set(font.families(self.top)))
        choices = [f"{family} 12" for family in families]
        self._field = ttk.Combobox(line, textvariable=self._value, values=choices, width=32)
        self._field.pack(side="left")

    def accepts(self, text):
        return re.fullmatch(r"\S.{0,80} [1-9][0-9]{0,2}", text) is not None
