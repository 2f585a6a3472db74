"""A window with parts: how they are laid out, and which keys lead to them."""

import tkinter as tk
from pathlib import Path
from tkinter import ttk

from .parts import EachPart, Pages, RowList, TextArea, WorkProgress
from .texts import access_key, plain
from .window import Window

_KEYS = {"Delete": "Delete", "Insert": "Insert", "Enter": "Return", "Plus": "plus", "Minus": "minus"}


class Face(Window):
    pictures = Path(__file__).parent.parent  # where the files of pictures are: the package

    def __init__(self, desk, name, key=None):
        super().__init__(desk, name, key)
        self.parts = {}
        self.default_button = None
        self._laid_out = []
        self._tall = {}
        self._edits = {}
        self._last = None
        self.top.bind("<Return>", self._enter)

    def _enter(self, event):
        """Enter presses the default button, but not where it begins a line."""
        if self.default_button is not None and not isinstance(event.widget, tk.Text):
            self.default_button.press()

    # Keys

    def first_field(self):
        usable = (p for p in self._laid_out if p.enabled and p.visible and p.on_shown_page() and p.takes_focus)
        return next((p.widget for p in usable), None)

    def shortcut(self, keys, press):
        """Keys as Ctrl+Shift+S."""
        self.top.bind(self._sequence(keys), lambda event: press() or "break")

    @staticmethod
    def _sequence(keys):
        *modifiers, key = keys.split("+")
        key = _KEYS.get(key, key)
        if len(key) == 1:
            key = key.upper() if "Shift" in modifiers else key.lower()
        words = [{"Ctrl": "Control"}.get(m, m) for m in modifiers]
        return f"<{'-'.join([*words, f'KeyPress-{key}'])}>"

    def editing(self, keys, what):
        """The keys of a command that does to a field what every field can (P6)."""
        self._edits[self._sequence(keys)] = what
        self.shortcut(keys, lambda: self.edit(what))

    def writes_in(self, field):
        """The field that has the keyboard, or had it last. Its own keys come before those of Tk."""
        self._last = field
        for sequence, what in self._edits.items():
            field.widget.bind(sequence, lambda event, what=what: self.edit(what) or "break")

    def edit(self, what):
        if self._last is not None and self._last.enabled:
            self._last.focus()
            self._last.edit(what)

    # Laying out

    def add_menus(self, *menus):
        """Each menu with its marked text and its commands; None stands for a line."""
        bar = tk.Menu(self.top, tearoff=False)
        for marked, commands in menus:
            menu = tk.Menu(bar, tearoff=False)
            bar.add_cascade(label=plain(marked), underline=access_key(marked), menu=menu)
            self._fill(menu, commands)
        self.top.configure(menu=bar)

    @staticmethod
    def _fill(menu, commands):
        def build():
            menu.delete(0, "end")
            separates = False  # a line stands only between two commands
            for command in commands:
                separates = separates or command is None
                if command is None or not command.visible or isinstance(command, EachPart) and not command.shown:
                    continue
                if separates and menu.index("end") is not None:
                    menu.add_separator()
                separates = False
                command.put_into(menu)

        build()
        for command in commands:
            if command is not None:
                command.menu = build

    def add_row(self, *parts, page=None):
        """Parts beside each other; on a page, which is the pages and the item, before these are laid out (P8)."""
        self._line(self._within(page), parts, page)

    def add_group(self, title, *rows, page=None):
        into = self._within(page)
        frame = ttk.Labelframe(into, text=title, padding=8)
        self._stack(into, frame, False)
        for parts in rows:
            self._line(frame, parts, page)

    def _within(self, page):
        return self.body if page is None else page[0].frame(page[1])

    def add_status_line(self, *parts):
        """The line at the foot of the window, laid out before all else (P8)."""
        foot = ttk.Frame(self.body)
        foot.pack(side="bottom", fill="x")
        ttk.Separator(foot).pack(fill="x")
        self._line(foot, parts)

    def add_tools(self, *commands):
        """Commands of the menus, once more in a row of tools (P8)."""
        bar = ttk.Frame(self.body)
        bar.pack(fill="x")
        for command in commands:
            command.make_tool(bar)

    def _line(self, into, parts, page=None):
        tall = any(isinstance(p, (RowList, TextArea)) or isinstance(p, Pages) and p.is_tall for p in parts)
        line = ttk.Frame(into)
        self._stack(into, line, tall)
        line.rowconfigure(0, weight=1)
        for at, part in enumerate(parts):
            if part.label:
                self._label(line, part, 2 * at)
            part.page = page
            grows = bool(part.label) or isinstance(part, (RowList, TextArea, WorkProgress, EachPart, Pages))
            line.columnconfigure(2 * at + 1, weight=1 if grows else 0)
            sticky = "nsew" if tall and grows else "ew" if grows else "w"
            part.widget.grid(in_=line, row=0, column=2 * at + 1, sticky=sticky, padx=(0, 8))
            self._lift(part)
            self._laid_out.append(part)
            if not part.visible:
                part.show_visible()

    def _stack(self, into, widget, tall):
        """One under the other; what is under something tall keeps its room where the window is small."""
        options = {"fill": "both" if tall else "x", "expand": tall, "pady": 4}
        if into in self._tall:
            options |= {"side": "bottom", "before": self._tall[into]}
        widget.pack(**options)
        if tall or into in self._tall:
            self._tall[into] = widget

    def _lift(self, part):
        """The tab key follows the order in which parts are laid out; what stands on pages stays above them."""
        part.widget.lift()
        for other in self._laid_out:
            if other.page is not None and other.page[0] is part:
                self._lift(other)

    def _label(self, line, part, column):
        """A field behind its label, whose access key leads to it."""
        at = access_key(part.label)
        text = plain(part.label)
        part.label_widget = ttk.Label(line, text=text, underline=at, width=max(12, len(text)))
        part.label_widget.grid(row=0, column=column, sticky="nw" if isinstance(part, (RowList, TextArea)) else "w")
        if at >= 0:
            self.access("", text[at], part.focus)

    # For those who drive and compare

    def part(self, name):
        """A part by its name."""
        return self.parts[name]

    def seen_lines(self):
        return [f"{name}: {part.line()}" for name, part in self.parts.items()]
