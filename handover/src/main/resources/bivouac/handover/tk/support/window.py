"""A window of the desk on a toplevel of Tk. Its events pass the desk's gate; Tk's grab is not used (B7)."""

import tkinter as tk
from tkinter import ttk

from .desk import DeskWindow


class Window(DeskWindow):
    _GATED = ("<KeyPress>", "<KeyRelease>", "<ButtonPress>", "<ButtonRelease>", "<Motion>", "<MouseWheel>")

    def __init__(self, desk, name, key=None):
        super().__init__(desk, name, key)
        self.top = tk.Toplevel(desk.loop.root, background=ttk.Style(desk.loop.root).lookup("TFrame", "background"))
        self.top.withdraw()
        self.body = ttk.Frame(self.top, padding=12)
        self.body.pack(fill="both", expand=True)
        self.top.protocol("WM_DELETE_WINDOW", self.close_box)
        self.top.bind("<Escape>", lambda event: self.escape())
        self.top.bind("<Alt-KeyPress>", self._accessed)
        self._accesses = {}
        self._gate = f"Gate{self.top}"
        for sequence in self._GATED:
            self.top.bind_class(self._gate, sequence, self._pass)

    def _pass(self, event):
        return "break" if self.desk.blocked(self) and not self._is_cancelling(event) else None

    def _is_cancelling(self, event):
        """All that a person can do while work is waited for: ask it to end, where this window shows it (B3, W10)."""
        return self.desk.is_cancelling(self) and (
            event.keysym == "Escape" or any(event.widget is part.button for part in self.shown_work)
        )

    def _put_gate_before(self, widget):
        if self._gate not in widget.bindtags():
            widget.bindtags((self._gate, *widget.bindtags()))
        for child in widget.winfo_children():
            if not isinstance(child, tk.Toplevel):
                self._put_gate_before(child)

    def access(self, before, letter, press):
        """Alt and a letter lead to a part, and no longer the letter before; Tk only draws the line below it."""
        self._accesses.pop(before.lower(), None)
        if letter:
            self._accesses[letter.lower()] = press
        return letter

    def _accessed(self, event):
        press = self._accesses.get((event.char or event.keysym).lower())
        if press is None:
            return None
        press()
        return "break"

    def icon(self, file):
        """The picture that stands for it; one that cannot be read is none."""
        try:
            self._icon = tk.PhotoImage(master=self.top, file=file)
            self.top.iconphoto(False, self._icon)
        except tk.TclError:
            pass

    def show(self):
        self._put_gate_before(self.top)
        if isinstance(self.owner, Window) and self.owner.top.winfo_viewable():
            self.top.transient(self.owner.top)
            self._place_over(self.owner.top)
        self.top.deiconify()
        self.top.lift()
        (self.first_field() or self.top).focus_set()

    def first_field(self):
        """What has the focus when the window opens."""
        return None

    def _place_over(self, owner):
        self.top.update_idletasks()
        x = owner.winfo_rootx() + (owner.winfo_width() - self.top.winfo_reqwidth()) // 2
        y = owner.winfo_rooty() + (owner.winfo_height() - self.top.winfo_reqheight()) // 3
        self.top.geometry(f"+{max(0, x)}+{max(0, y)}")

    def to_front(self):
        self.top.lift()
        self.top.focus_set()

    def leave_screen(self):
        """After a toplevel is gone nothing has the focus: its owner gets it."""
        self.top.withdraw()
        if isinstance(self.owner, Window):
            self.owner.top.focus_set()

    def gone(self):
        self.top.destroy()

    def show_hidden(self, hidden):
        if hidden:
            self.top.withdraw()
        else:
            self.top.deiconify()

    @property
    def title(self):
        return self.top.title()

    @title.setter
    def title(self, text):
        self.top.title(text)


class Asked(Window):
    """A window that only asks: a message box, a file dialog, a picker. It is asked nothing before it closes (C7, C8)."""

    ready_made = True

    def close_box_used(self):
        raise NotImplementedError

    def escape_pressed(self):
        self.close_box_used()

    def seen_lines(self):
        return []
