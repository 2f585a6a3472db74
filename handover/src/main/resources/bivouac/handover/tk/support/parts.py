"""The parts of windows (P1, P2). What a person changes is an event; what a script sets is none."""

import dataclasses
import itertools
import tkinter as tk
from tkinter import ttk

from .texts import access_key, plain
from .values import Fault, date, is_date, is_number, is_whole, number, shown, whole

_styles = itertools.count(1)


def _nothing():
    pass


class Part:
    """A part has the name that the design gives it; tests find it by that."""

    takes_focus = True

    def __init__(self, window, name, widget=None, label=""):
        self.window = window
        self.name = name
        self.widget = widget
        self.label = label
        self._script = _nothing
        self.changed = False  # by a person, since a script has said that it is not (P1)
        self._enabled = True
        self._visible = True
        self._read_only = False
        self._font = ""
        self._colour = ""
        self._style = None
        self.page = None  # the pages that it stands on, and the item (P8)
        window.parts[name] = self

    def on(self, script):
        """What is done when it is pressed, chosen, changed, followed, or a row of it selected."""
        self._script = script

    def happens(self, script=None):
        self.changed = True
        self.window.desk.event(self.window, script or self._script)

    def focus(self):
        self.widget.focus_set()

    # What can be seen

    @property
    def enabled(self):
        return self._enabled

    @enabled.setter
    def enabled(self, yes):
        self._enabled = yes
        self.apply()

    @property
    def visible(self):
        return self._visible

    @visible.setter
    def visible(self, yes):
        if yes != self._visible:
            self._visible = yes
            self.show_visible()

    @property
    def read_only(self):
        return self._read_only

    @read_only.setter
    def read_only(self, yes):
        """A read-only part takes no change from a person; scripts change it."""
        self._read_only = yes
        self.apply()

    @property
    def font(self):
        return self._font

    @font.setter
    def font(self, font):
        """A font as pickers give it: a family and a size."""
        self._font = font
        family, _, size = font.rpartition(" ")
        self._look(font=(family, int(size)) if size.isdigit() else "TkDefaultFont")

    @property
    def colour(self):
        return self._colour

    @colour.setter
    def colour(self, colour):
        self._colour = colour
        self._look(foreground=colour)

    def _look(self, **options):
        try:
            self.widget.configure(**options)
        except tk.TclError:  # this one is styled, and not configured
            kind = self.widget.winfo_class()
            self._style = self._style or f"Own{next(_styles)}.{kind}"
            ttk.Style(self.widget).configure(self._style, **options)
            self.widget.configure(style=self._style)

    def on_shown_page(self):
        """Whether each page that it stands on is chosen."""
        return self.page is None or self.page[0].shows(self.page[1])

    def apply(self):
        """Shows whether it is enabled and can be changed."""
        self.widget.configure(state="normal" if self._enabled and not self._read_only else "disabled")

    def show_visible(self):
        for widget in (self.widget, getattr(self, "label_widget", None)):
            if widget is not None and self._visible:
                widget.grid()
            elif widget is not None:
                widget.grid_remove()

    def content(self):
        """What it shows, for those who compare."""
        raise NotImplementedError

    def line(self):
        """The same, with whether it can be used and is seen."""
        seen = self._visible and self.on_shown_page()
        return self.content() + ("" if self._enabled else " [disabled]") + ("" if seen else " [invisible]")


class Caption(Part):
    takes_focus = False

    def __init__(self, window, name, text="", size="normal"):
        super().__init__(window, name, ttk.Label(window.body, text=text, justify="left", wraplength=560))
        points = {"small": 8, "status line": 8, "large": 13, "title": 17}.get(size)
        if points:
            self.widget.configure(font=("TkDefaultFont", points))

    @property
    def text(self):
        return str(self.widget.cget("text"))

    @text.setter
    def text(self, text):
        self.widget.configure(text=text)

    def content(self):
        return self.text

    def apply(self):
        self.widget.configure(state="normal" if self._enabled else "disabled")


class Link(Caption):
    """A text that is pressed by mouse, or by Enter."""

    takes_focus = True

    def __init__(self, window, name, text=""):
        super().__init__(window, name, text)
        self.widget.configure(foreground="#1a56b0", cursor="hand2", takefocus=True)
        for sequence in ("<ButtonRelease-1>", "<Return>", "<space>"):
            self.widget.bind(sequence, lambda event: self.press() or "break")

    def press(self):
        if self._enabled and not self._read_only:
            self.happens()


class Picture(Part):
    """A picture's file, beside the program; what cannot be read shows nothing."""

    takes_focus = False

    def __init__(self, window, name, file=""):
        super().__init__(window, name, ttk.Label(window.body))
        self._file = ""
        self.file = file

    @property
    def file(self):
        return self._file

    @file.setter
    def file(self, file):
        if file == self._file:
            return
        self._file = file
        try:
            self._image = tk.PhotoImage(master=self.widget, file=self.window.pictures / file) if file else None
        except tk.TclError:
            self._image = None
        self.widget.configure(image=self._image or "")

    def content(self):
        return self._file


class Button(Part):
    """marked holds & before the letter that is its access key."""

    def __init__(self, window, name, marked="", is_default=False):
        super().__init__(window, name, ttk.Button(window.body, command=self.happens))
        self._marked = None
        self._key = ""
        self.text = marked
        if is_default:
            self.widget.configure(default="active")
            window.default_button = self

    @property
    def text(self):
        return self._marked

    @text.setter
    def text(self, marked):
        if marked == self._marked:
            return
        self._marked = marked
        at = access_key(marked)
        self.widget.configure(text=plain(marked), underline=at)
        self._key = self.window.access(self._key, plain(marked)[at] if at >= 0 else "", self.press)

    def press(self):
        """As a person does: nothing happens where it is disabled."""
        self.widget.invoke()

    def content(self):
        return plain(self._marked)


class WorkProgress(Part):
    """How far the work of a task is: a bar, a line of text, and where it may be cancelled a button for that (W9, W10)."""

    takes_focus = False

    def __init__(self, window, name, task, cancel="", label=""):
        super().__init__(window, name, ttk.Frame(window.body), label)
        self.task = task
        self._done = 0
        self._cancellable = False
        self.widget.columnconfigure(0, weight=1)
        self._bar = ttk.Progressbar(self.widget, maximum=100)
        self._bar.grid(row=0, column=0, sticky="ew")
        self._line = ttk.Label(self.widget)
        self._line.grid(row=1, column=0, sticky="w")
        self.button = ttk.Button(
            self.widget,
            text=plain(cancel),
            underline=access_key(cancel),
            command=lambda: window.desk.cancel(window, self),
            state="disabled",
        )
        if cancel:
            self.button.grid(row=0, column=1, padx=(8, 0))
        window.shown_work.append(self)

    def told(self, done, line):
        self._done = done
        self._bar.configure(value=done)
        self._line.configure(text=line)

    def cancellable(self, yes):
        self._cancellable = yes
        self.apply()

    def apply(self):
        self.button.configure(state="normal" if self._cancellable and self._enabled else "disabled")

    def _look(self, **options):
        self._line.configure(**options)

    @property
    def done(self):
        """How much is done, from 0 to 100."""
        return self._done

    @property
    def text(self):
        return str(self._line.cget("text"))

    def cancel(self):
        """As a person does: nothing happens where it cannot be used."""
        self.button.invoke()

    def content(self):
        return (
            f"{self._done} %"
            + (f" {self.text}" if self.text else "")
            + (" [cancel]" if self.window.desk.can_cancel(self) else "")
        )


class TickBox(Button):
    def __init__(self, window, name, marked="", ticked=False):
        self._value = tk.BooleanVar(window.top, ticked)
        Part.__init__(self, window, name, ttk.Checkbutton(window.body, variable=self._value, command=self.happens))
        self._marked = None
        self._key = ""
        self.text = marked

    @property
    def ticked(self):
        return self._value.get()

    @ticked.setter
    def ticked(self, yes):
        self._value.set(yes)

    def content(self):
        return plain(self._marked) + (" [ticked]" if self.ticked else "")


class TextField(Part):
    """A text that a person can change; typing over a selection is two changes to Tk, and one event here.

    What was typed is looked at once the widget has done all of it: by a tag behind its class.
    """

    TYPED = "<<Typed>>"

    def __init__(self, window, name, label="", longest=None, hidden=False, keeps_selection=False):
        """With keeps_selection what is selected here stays so when something is selected elsewhere."""
        entry = ttk.Entry(window.body, show="•" if hidden else "", exportselection=not keeps_selection)
        super().__init__(window, name, entry, label)
        self._longest = longest
        self._listen()
        if longest is not None:
            fits = (self.widget.register(lambda text: len(text) <= longest), "%P")
            self.widget.configure(validate="key", validatecommand=fits)
            self.widget.bind("<<Paste>>", self._paste)

    def _listen(self):
        self._seen = ""
        after = f"After{self.widget}"
        path, kind, *others = self.widget.bindtags()
        self.widget.bindtags((path, kind, after, *others))
        for sequence in ("<KeyPress>", "<<Cut>>", "<<Paste>>", "<<PasteSelection>>", "<<Undo>>", "<<Redo>>", self.TYPED):
            self.widget.bind_class(after, sequence, self._look_at_text)
        self.widget.bind("<FocusIn>", lambda event: self.window.writes_in(self))
        self._before = []  # the texts that can be undone, and done again
        self._after = []

    def _look_at_text(self, event):
        if self.text != self._seen:
            self._before.append(self._seen)
            self._after.clear()
            self._seen = self.text
            self.happens()

    def edit(self, what):
        """Does to it what every field can (P6); what comes of that is a change as any."""
        if what == "select all":
            self.select(0, len(self.text))
        elif what in ("undo", "redo"):
            if self._can_be_typed_in():
                self._go_back(what == "undo")
        else:
            self.widget.event_generate(f"<<{what.capitalize()}>>")

    def _go_back(self, undo):
        """An entry of Tk can undo nothing."""
        before, after = (self._before, self._after) if undo else (self._after, self._before)
        if before:
            after.append(self.text)
            self._put(before.pop())
            self._seen = self.text
            self.happens()

    # What is selected, in characters from 0 (P7)

    @property
    def selection_from(self):
        return self._selected()[0]

    @selection_from.setter
    def selection_from(self, place):
        self.select(place, max(place, self.selection_to))

    @property
    def selection_to(self):
        return self._selected()[1]

    @selection_to.setter
    def selection_to(self, place):
        self.select(min(self.selection_from, place), place)

    @property
    def selection_text(self):
        first, last = self._selected()
        return self.text[first:last]

    @selection_text.setter
    def selection_text(self, text):
        """Writes in place of what is selected, as pasting does; the cursor stands behind it."""
        first, last = self._selected()
        begin, rest = self.text[:first], self.text[last:]
        if self._longest is not None:
            text = text[: max(0, self._longest - len(begin) - len(rest))]
        if begin + text + rest != self.text:
            self.widget.configure(state="normal")
            self._put(begin + text + rest)
            self._look_at_text(None)
            self.apply()
        self.select(first + len(text), first + len(text))

    def select(self, first, last):
        """As a person or a script does; fault X3 where the text has no such place."""
        for place in (first, last):
            if not 0 <= place <= len(self.text):
                raise Fault("X3", f"{self.name} has no place {place}")
        self._select(first, last)

    def _units(self):
        """How many places Tk counts for a character beyond the first 65,536."""
        return int(self.widget.tk.call("string", "length", "\U0001F33E"))

    def _selected(self):
        entry = self.widget
        present = entry.selection_present()
        ends = ("sel.first", "sel.last") if present else ("insert", "insert")
        return tuple(self._place(entry.index(end)) for end in ends)

    def _place(self, index):
        if self._units() == 1:
            return index
        return len(self.text.encode("utf-16-le")[: 2 * index].decode("utf-16-le", "ignore"))

    def _index(self, place):
        return place if self._units() == 1 else len(self.text[:place].encode("utf-16-le")) // 2

    def _select(self, first, last):
        self.widget.selection_range(self._index(first), self._index(last))
        self.widget.icursor(self._index(last))

    def _paste(self, event):
        """What is pasted is cut to the room that is left (P4)."""
        if not self._can_be_typed_in():
            return "break"
        if self.widget.selection_present():
            self.widget.delete("sel.first", "sel.last")
        room = self._longest - len(self.text)
        self.widget.insert("insert", self.widget.clipboard_get()[: max(0, room)])
        return None if self._look_at_text(event) else "break"

    def _can_be_typed_in(self):
        return self._enabled and not self._read_only

    @property
    def text(self):
        return self.widget.get()

    @text.setter
    def text(self, text):
        text = text if self._longest is None else text[: self._longest]
        if text == self.text:
            self._seen = text
            return
        self.widget.configure(state="normal")
        self._put(text)
        self._seen = text
        self._forget()
        self._select(0, 0)  # before another text stands the cursor (P7)
        self.apply()

    def _forget(self):
        self._before.clear()
        self._after.clear()

    def _put(self, text):
        self.widget.delete(0, "end")
        self.widget.insert(0, text)

    typed = text

    def type(self, text):
        """As a person does: all is selected, and typed over."""
        if not self._can_be_typed_in():
            raise RuntimeError("nothing can be typed here")
        self._put("")
        for letter in text:
            self.widget.insert("end", letter)
        self._select(len(self.text), len(self.text))
        self.widget.event_generate(self.TYPED)

    def apply(self):
        self.widget.configure(state="disabled" if not self._enabled else "readonly" if self._read_only else "normal")

    def content(self):
        return self.text


class TextArea(TextField):
    """A text of several lines."""

    def __init__(self, window, name, label="", longest=None, keeps_selection=False):
        area = tk.Text(
            window.body, height=5, width=40, undo=True, wrap="word", exportselection=not keeps_selection
        )
        Part.__init__(self, window, name, area, label)
        self._longest = longest
        self._listen()

    @property
    def text(self):
        return self.widget.get("1.0", "end-1c")

    @text.setter
    def text(self, text):
        TextField.text.fset(self, text)

    typed = text

    def _put(self, text):
        self.widget.delete("1.0", "end")
        self.widget.insert("1.0", text)

    def _go_back(self, undo):
        try:
            self.widget.edit_undo() if undo else self.widget.edit_redo()
        except tk.TclError:
            return  # there is nothing more
        self._look_at_text(None)

    def _forget(self):
        super()._forget()
        self.widget.edit_reset()

    def _selected(self):
        ends = self.widget.tag_ranges("sel") or ("insert", "insert")
        return tuple(len(self.widget.get("1.0", end)) for end in (ends[0], ends[-1]))

    def _select(self, first, last):
        begin, end = f"1.0+{first}c", f"1.0+{last}c"
        self.widget.tag_remove("sel", "1.0", "end")
        self.widget.tag_add("sel", begin, end)
        self.widget.mark_set("insert", end)

    def _look_at_text(self, event):
        if self._longest is not None and len(self.text) > self._longest:
            self.widget.delete(f"1.0+{self._longest}c", "end")
        super()._look_at_text(event)

    def type(self, text):
        if not self._can_be_typed_in():
            raise RuntimeError("nothing can be typed here")
        self._put(text)
        self._select(len(self.text), len(self.text))
        self.widget.event_generate(self.TYPED)

    def apply(self):
        self.widget.configure(state="normal" if self._can_be_typed_in() else "disabled")


class ValueField(TextField):
    """A field for a number or a date. It may hold a text that is none, since people type (P4)."""

    def __init__(self, window, name, label=""):
        super().__init__(window, name, label)

    def is_one(self, text):
        raise NotImplementedError

    def read(self, text):
        raise NotImplementedError

    @property
    def value(self):
        """What it holds; fault X3 where that is none."""
        if not self.given:
            raise Fault("X3", f"“{self.text}” is no value")
        return self.read(self.text)

    @value.setter
    def value(self, value):
        self.text = shown(value)

    @property
    def given(self):
        return self.is_one(self.text)


class WholeField(ValueField):
    def is_one(self, text):
        return is_whole(text)

    def read(self, text):
        return whole(text)


class NumberField(ValueField):
    def is_one(self, text):
        return is_number(text)

    def read(self, text):
        return number(text)


class DateField(ValueField):
    def is_one(self, text):
        return is_date(text)

    def read(self, text):
        return date(text)


class Choice(Part):
    """One of a few texts, or none (P4), in a list that drops down; or of those of a list that it follows (P5)."""

    MOST = 200

    def __init__(self, window, name, items, first="", label=""):
        super().__init__(window, name, self._make(window), label)
        self._items = lambda: items
        self._kept = first
        self._shown = None
        self.refresh()

    def _make(self, window):
        box = ttk.Combobox(window.body, state="readonly")
        box.bind("<<ComboboxSelected>>", lambda event: self._looks_at(box.get()))
        return box

    def follows(self, items):
        """Its items are those of a list, as it stands; what was chosen and is none of them any more counts as none."""
        self._items = lambda: items()[: self.MOST]

    def refresh(self):
        """Shows what can be chosen now, and what is."""
        shown = [list(self._items()), self.content()]
        if shown != self._shown:
            self._shown = shown
            self._show(*shown)

    def _show(self, items, chosen):
        self.widget.configure(values=items)
        self.widget.set(chosen)

    def _looks_at(self, item):
        """The widget has this item now; what a script has chosen is no change."""
        if item != self.content():
            self._kept = item
            self._shown = [self._shown[0], item]
            self.happens()

    @property
    def chosen(self):
        """What is chosen; fault X3 where nothing is."""
        if not self.any_chosen:
            raise Fault("X3", "nothing is chosen")
        return self.content()

    @chosen.setter
    def chosen(self, item):
        if item and item not in self._items():
            raise Fault("X3", f"“{item}” is no item")
        self._kept = item
        self._shown = None
        self.refresh()

    @property
    def any_chosen(self):
        return bool(self.content())

    def choose(self, item):
        """As a person does."""
        self.widget.set(item)
        self.widget.event_generate("<<ComboboxSelected>>")

    def apply(self):
        self.widget.configure(state="readonly" if self._enabled and not self._read_only else "disabled")

    def content(self):
        return self._kept if self._kept and self._kept in self._items() else ""


class RadioButtons(Choice):
    """A choice whose items stand beside each other (P8)."""

    def _make(self, window):
        self._value = tk.StringVar(window.top)
        self._buttons = []
        return ttk.Frame(window.body)

    def _show(self, items, chosen):
        if [b.cget("text") for b in self._buttons] != items:
            while self._buttons:
                self._buttons.pop().destroy()
            for item in items:
                button = ttk.Radiobutton(
                    self.widget,
                    text=item,
                    value=item,
                    variable=self._value,
                    command=lambda: self._looks_at(self._value.get()),
                )
                button.pack(side="left", padx=(0, 12))
                self._buttons.append(button)
            self.apply()
        self._value.set(chosen)

    def choose(self, item):
        """As a person does."""
        self._buttons[self._items().index(item)].invoke()

    def focus(self):
        if self._buttons:
            chosen = (b for b in self._buttons if b.cget("value") == self.content())
            next(chosen, self._buttons[0]).focus_set()

    def apply(self):
        for button in self._buttons:
            button.configure(state="normal" if self._enabled and not self._read_only else "disabled")


class Pages(Choice):
    """A choice whose items are pages; what stands on one is seen while it is chosen. One always is (P8)."""

    def _make(self, window):
        self._pages = {}
        tabs = ttk.Notebook(window.body)
        tabs.bind("<<NotebookTabChanged>>", lambda event: self._looks_at_tab())
        return tabs

    def frame(self, item):
        """Where what stands on a page is laid out."""
        if item not in self._pages:
            self._pages[item] = ttk.Frame(self.widget, padding=8)
        return self._pages[item]

    @property
    def is_tall(self):
        return any(page.winfo_children() for page in self._pages.values())

    def shows(self, item):
        """Whether what stands on a page is seen."""
        return self._visible and self.content() == item and self.on_shown_page()

    def _show(self, items, chosen):
        if [self.widget.tab(tab, "text") for tab in self.widget.tabs()] != items:
            for tab in self.widget.tabs():
                self.widget.forget(tab)
            for item in items:
                self.widget.add(self.frame(item), text=item)
        if chosen:
            self.widget.select(self.frame(chosen))
        self.apply()

    def _looks_at_tab(self):
        """Tk tells of what a script has chosen, too, and later; and of tabs that come and go."""
        tab = self.widget.select()
        if tab and self._shown is not None and self._shown[0] == self._items():
            self._looks_at(self.widget.tab(tab, "text"))

    def choose(self, item):
        """As a person does."""
        self.widget.select(self.frame(item))
        self._looks_at_tab()

    def apply(self):
        """A tab that is chosen stays so."""
        usable = self._enabled and not self._read_only
        for tab in self.widget.tabs():
            self.widget.tab(tab, state="normal" if usable or tab == self.widget.select() else "disabled")

    def content(self):
        items = self._items()
        return self._kept if self._kept in items else items[0] if items else ""


class MenuCommand(Part):
    """A command in a menu. Tk cannot hide one, so its menu is built anew when it is hidden or shown."""

    def __init__(self, window, name, marked="", shortcut="", ticking=False):
        super().__init__(window, name)
        self.shortcut = shortcut
        self.menu = None
        self._tool = None
        self._marked = marked
        self._value = tk.BooleanVar(window.top, False) if ticking else None
        if shortcut:
            window.shortcut(shortcut, self.press)

    @property
    def text(self):
        return self._marked

    @text.setter
    def text(self, marked):
        if marked != self._marked:
            self._marked = marked
            self.apply()

    @property
    def ticked(self):
        return self._value.get()

    @ticked.setter
    def ticked(self, yes):
        self._value.set(yes)

    def focus(self):
        """A command has no focus."""

    def put_into(self, menu):
        options = {
            "label": plain(self._marked),
            "underline": access_key(self._marked),
            "accelerator": self.shortcut,
            "state": "normal" if self._enabled else "disabled",
            "command": self.happens,
        }
        if self._value is None:
            menu.add_command(**options)
        else:
            menu.add_checkbutton(variable=self._value, **options)
        self._entry = menu, menu.index("end")

    def press(self):
        """As choosing it does, which a disabled one refuses."""
        if self._visible:
            menu, at = self._entry
            menu.invoke(at)

    def make_tool(self, into):
        """The same command in a row of tools: usable, ticked and pressed as the one in the menu (P8)."""
        options = {"style": "Toolbutton", "command": self.happens, "takefocus": False}
        self._tool = (
            ttk.Button(into, **options)
            if self._value is None
            else ttk.Checkbutton(into, variable=self._value, **options)
        )
        self._follow()

    def _follow(self):
        if self._tool is not None:
            self._tool.configure(text=plain(self._marked), state="normal" if self._enabled else "disabled")
            if self._visible:
                self._tool.pack(side="left")
            else:
                self._tool.pack_forget()

    def apply(self):
        self._follow()
        if self.menu is not None:
            self.menu()

    def show_visible(self):
        self.apply()

    def content(self):
        return plain(self._marked) + (" [ticked]" if self._value is not None and self.ticked else "")


class EditCommand(MenuCommand):
    """A command that does to the field that had the keyboard last what every field can: undo, cut, select all (P6)."""

    def __init__(self, window, name, what, marked="", shortcut=""):
        super().__init__(window, name, marked)
        self.shortcut = shortcut
        self._what = what
        if shortcut:
            window.editing(shortcut, what)

    def happens(self, script=None):
        """It is no event: what comes of it the field tells."""
        self.window.edit(self._what)


class EachPart(Part):
    """One for each row of a list, or for each open window (P5). It follows when the application is at rest.

    What stands on one has no access key.
    """

    MOST = 200

    def __init__(self, window, name, widget=None):
        super().__init__(window, name, widget)
        self.ticked_when = lambda row: False
        self.enabled_when = lambda row: True
        self._script = lambda row: None
        self._rows = []
        self.shown = []  # of each its text, whether it is ticked, and whether it can be used

    def show(self, rows, text):
        self._rows = list(rows[: self.MOST])
        shown = [(text(row), self.ticked_when(row), self._enabled and self.enabled_when(row)) for row in self._rows]
        if shown != self.shown:
            self.shown = shown
            self.arrange()

    def arrange(self):
        """Shows these, and no more."""
        raise NotImplementedError

    def pressed(self, number):
        """A person presses one, by its number from 0; its row is the value that stands there now."""
        row = self._rows[number]
        self.window.desk.event(self.window, lambda: self._script(row))

    def press(self, number):
        """As a person does, by its number from 1; one that is disabled refuses."""
        if 0 < number <= len(self.shown) and self.shown[number - 1][2] and self._visible:
            self.click(number - 1)
            return True
        return False

    def click(self, number):
        raise NotImplementedError

    def apply(self):
        """Each also has a condition of its own, and shows both when the application is at rest."""

    def content(self):
        return " | ".join(
            text + (" [ticked]" if ticked else "") + ("" if enabled else " [disabled]")
            for text, ticked, enabled in self.shown
        )

    def line(self):
        return self.content() + ("" if self._visible and self.on_shown_page() else " [invisible]")


class EachButton(EachPart):
    """The buttons, some beside each other."""

    BESIDE = 4

    def __init__(self, window, name):
        super().__init__(window, name, ttk.Frame(window.body))
        self._buttons = []

    def arrange(self):
        while len(self._buttons) > len(self.shown):
            self._buttons.pop().destroy()
        for number in range(len(self._buttons), len(self.shown)):
            button = ttk.Button(self.widget, command=lambda n=number: self.pressed(n))
            row, column = divmod(number, self.BESIDE)
            button.grid(row=row, column=column, padx=(0, 6), pady=2, sticky="ew")
            self._buttons.append(button)
        for button, (text, _, enabled) in zip(self._buttons, self.shown, strict=True):
            button.configure(text=text, state="normal" if enabled else "disabled")

    def click(self, number):
        self._buttons[number].invoke()

    def _look(self, **options):
        """A button is styled by its toolkit."""


class EachCommand(EachPart):
    """The commands of a menu, which is built anew when they change. A shortcut is that of the first, and counts on."""

    SHORTCUTS = 9

    def __init__(self, window, name, shortcut="", ticking=False):
        super().__init__(window, name)
        self.menu = None
        self._ticking = ticking
        self._values = []
        self._shortcut = shortcut[:-1] if shortcut.endswith("+1") else ""
        self._first = None
        for number in range(1, self.SHORTCUTS + 1) if self._shortcut else ():
            window.shortcut(f"{self._shortcut}{number}", lambda n=number: self.press(n))

    def arrange(self):
        if self.menu is not None:
            self.menu()

    def put_into(self, menu):
        self._values = []
        for number, (text, ticked, enabled) in enumerate(self.shown):
            keys = f"{self._shortcut}{number + 1}" if self._shortcut and number < self.SHORTCUTS else ""
            options = {
                "label": text,
                "accelerator": keys,
                "state": "normal" if enabled else "disabled",
                "command": lambda n=number: self.pressed(n),
            }
            if self._ticking:
                value = tk.BooleanVar(self.window.top, ticked)
                self._values.append(value)  # Tk keeps only its name
                menu.add_checkbutton(variable=value, **options)
            else:
                menu.add_command(**options)
            if number == 0:
                self._first = menu, menu.index("end")

    def pressed(self, number):
        for value, (_, ticked, _) in zip(self._values, self.shown, strict=False):
            value.set(ticked)  # a tick follows, and is not turned over
        super().pressed(number)

    def click(self, number):
        menu, first = self._first
        menu.invoke(first + number)

    def focus(self):
        """A command has no focus."""

    def _look(self, **options):
        """A command looks as its menu does."""

    def show_visible(self):
        self.arrange()


class RowList(Part):
    """A list with columns. Rows are values: changing one puts another in its place."""

    ACTIVATED = "<<Activated>>"
    REMOVED = "<<RowsRemoved>>"

    def __init__(self, window, name, columns, first, label="", several=False):
        keys = [str(i) for i in range(len(columns))]
        tree = ttk.Treeview(
            window.body, columns=keys, show="headings", height=7, selectmode="extended" if several else "browse"
        )
        super().__init__(window, name, tree, label)
        self._mode = str(tree.cget("selectmode"))
        for key, column in zip(keys, columns):
            tree.heading(key, text=column, anchor="w")
            tree.column(key, width=120)
        self._rows = []
        self._seen = ()
        self._numbers = itertools.count(1)
        self._may_remove = None
        for row in first:
            self.add(row)
        tree.bind("<<TreeviewSelect>>", self._look_at_selection)

    def _look_at_selection(self, event):
        """Tk tells of what a script selected too, and later: hence what was seen last."""
        if self.widget.selection() != self._seen:
            self._seen = self.widget.selection()
            self.happens()

    # Rows

    @property
    def rows(self):
        return [row for _, row in self._rows]

    @rows.setter
    def rows(self, rows):
        """Other rows; what was selected by its place stays so, where there is such a place."""
        selected = self.selected_numbers
        self.widget.delete(*self.widget.get_children())
        self._rows = []
        for row in rows:
            self.add(row)
        self._set_selection([n for n in selected if n <= len(rows)])

    def add(self, row):
        item = self.widget.insert("", "end", iid=str(next(self._numbers)), values=_cells(row))
        self._rows.append((item, row))

    def change(self, other):
        """Puts another row in the place of the selected one."""
        row = other(self.selected)
        at = self.selected_number - 1
        self._rows[at] = self._rows[at][0], row
        self.widget.item(self._rows[at][0], values=_cells(row))

    def before_removing(self, script):
        """What is asked before a row is removed: whether it may be."""
        self._may_remove = script

    def remove_selected(self, unasked=False):
        """Removes the selected rows for which the script agrees, the first asked first (P2)."""
        left = self.all_selected
        if not left:
            raise Fault("X3", "no row is selected")
        for row in left:
            if unasked or self._may_remove is None or self.window.desk.asks(self.window, self._may_remove, row):
                self._remove(row)

    def _remove(self, row):
        at = next((i for i, (_, r) in enumerate(self._rows) if r is row), -1)
        if at >= 0:
            numbers = [n - (n > at + 1) for n in self.selected_numbers if n != at + 1]
            self.widget.delete(self._rows.pop(at)[0])
            self._set_selection(numbers)

    # What is selected

    @property
    def selected_numbers(self):
        """The numbers of the selected rows, from 1."""
        return [n for n, (item, _) in enumerate(self._rows, 1) if item in self.widget.selection()]

    @property
    def selected_number(self):
        """The number of the one selected row, from 1; 0 where none, or more than one, is."""
        numbers = self.selected_numbers
        return numbers[0] if len(numbers) == 1 else 0

    @selected_number.setter
    def selected_number(self, number):
        if not 0 <= number <= len(self._rows):
            raise Fault("X3", f"there is no row {number}")
        self._set_selection([number] if number else [])

    def _set_selection(self, numbers):
        self.widget.selection_set([self._rows[n - 1][0] for n in numbers])
        self._seen = self.widget.selection()

    @property
    def any_selected(self):
        return bool(self.selected_numbers)

    @property
    def selected(self):
        """The one selected row; fault X3 where none, or more than one, is."""
        if self.selected_number == 0:
            raise Fault("X3", "more than one row is selected" if self.any_selected else "no row is selected")
        return self.rows[self.selected_number - 1]

    @selected.setter
    def selected(self, row):
        self.change(lambda before: row)

    @property
    def all_selected(self):
        return [self.rows[n - 1] for n in self.selected_numbers]

    def select(self, numbers):
        """As a person does."""
        self.widget.selection_set([self._rows[n - 1][0] for n in numbers])
        self._look_at_selection(None)

    # What else a person does

    def on_activated(self, script):
        """What is done when one row is activated: a double click, or Enter."""

        def activated(event):
            if self.selected_number:
                self.happens(script)
            return "break"

        self.widget.event_add(self.ACTIVATED, "<Double-1>", "<Return>")
        self.widget.bind(self.ACTIVATED, activated)

    def by_hand(self):
        """The Delete key removes what is selected."""

        def removed(event):
            if self.any_selected and self._enabled and not self._read_only:
                self.happens(self.remove_selected)
            return "break"

        self.widget.bind("<Delete>", removed)
        self.widget.bind(self.REMOVED, removed)

    def apply(self):
        usable = self._enabled and not self._read_only
        self.widget.configure(selectmode=self._mode if usable else "none")
        self.widget.state(["!disabled" if self._enabled else "disabled"])

    def content(self):
        rows = " | ".join(shown(row) for row in self.rows)
        return f"{rows} selected [{', '.join(map(str, self.selected_numbers))}]"


def _cells(row):
    return [shown(getattr(row, field.name)) for field in dataclasses.fields(row)]
