"""What Tk lends to the desk: waiting while events go on, time, work off its thread, and word from outside."""

import datetime
import os
import queue
import signal
import subprocess
import sys
import threading
import tkinter as tk
import urllib.parse
import webbrowser
from tkinter import ttk

from .desk import broke_or_ending


def begin(name):
    """Tk with no window of its own: each of the design is a toplevel."""
    root = tk.Tk(className=name)
    root.withdraw()
    style = ttk.Style(root)
    if style.theme_use() == "default":  # what Tk has on X11 looks like another century
        style.theme_use("clam")
    return root


class Loop:
    """Waits by nested event loops: they end last in, first out, and so do the waits of scripts (W2)."""

    def __init__(self, root):
        self.root = root

    def wait(self, is_over):
        while not is_over():
            self.root.tk.dooneevent(0)

    def later(self, what):
        self.root.after(1, what)

    def every(self, seconds, what):
        """Calls again and again; answers what stops it."""
        after = max(1, round(seconds * 1000))
        timer = None

        def tick():
            nonlocal timer
            timer = self.root.after(after, tick)
            what()

        timer = self.root.after(after, tick)
        return lambda: self.root.after_cancel(timer)


class Worker:
    """Carries tasks out on a thread of their own. One that throws has broken (W8)."""

    _LOOK = 20  # milliseconds: Tk is called by its own thread only, so that looks for what is due

    def __init__(self, root):
        self._root = root
        self._due = queue.SimpleQueue()
        self._running = 0

    def __call__(self, name, progress, body, done):
        self._running += 1
        if self._running == 1:
            self._root.after(self._LOOK, self._look)
        threading.Thread(target=self._run, args=(name, body, done), name=name, daemon=True).start()

    def _run(self, name, body, done):
        result = broke_or_ending(name, body)

        def ended():
            self._running -= 1
            done(result)

        self.soon(ended)

    def soon(self, what):
        """Something is to be done on Tk's thread; called on any."""
        self._due.put(what)

    def _look(self):
        while not self._due.empty():
            self._root.after(1, self._due.get())
        if self._running:
            self._root.after(self._LOOK, self._look)


def tell_of_days(root, heard):
    """Tells when another day has begun. It looks once a minute, since the machine may sleep over midnight."""
    last = datetime.date.today()

    def look():
        nonlocal last
        now = datetime.date.today()
        if now != last:
            last = now
            heard(now)
        root.after(60_000, look)

    root.after(60_000, look)


def tell_of_session_end(root, heard):
    """The session ends with a signal. Tk waits for events without letting Python hear it, hence the timer."""

    def beat():
        root.after(200, beat)

    signal.signal(signal.SIGTERM, lambda *_: root.after(1, heard))
    beat()


def given_files():
    """The files that are given at the start, as absolute paths (F1)."""
    return [os.path.abspath(path) for path in sys.argv[1:]]


def browse(address):
    """Opens the address of a link with what the system has for it. Other schemes could start any program."""
    if urllib.parse.urlsplit(address).scheme.lower() not in ("http", "https", "mailto"):
        print(f"“{address}” was not opened: it begins with none of http, https, mailto", file=sys.stderr)
        return
    try:
        webbrowser.open(address)
    except (webbrowser.Error, OSError, subprocess.SubprocessError) as failure:
        print(f"“{address}” was not opened: {failure}", file=sys.stderr)
