"""Plays a trail on the running program, an event each time it is at rest, and tells what is seen (E3)."""

import datetime
import re
import tempfile
from pathlib import Path

from @PACKAGE@.support.desk import Broke, CouldNot, Watcher
from @PACKAGE@.support.dialogs import FileDialog
from @PACKAGE@.support.kept import Kept
from @PACKAGE@.support.toolkit import Loop, begin

_QUOTED = re.compile(r'"((?:[^"\\]|\\.)*)"(?: (\d+)(?![\d-]))?')
_MOST = 20  # a trail in which nothing happens for so many seconds hangs

_root = None


def root():
    """Tk is started once; each trail has windows of its own."""
    global _root
    if _root is None:
        _root = begin("Driven")
        _root.report_callback_exception = _report
    return _root


def _report(kind, failure, trace):
    if kind is not _Abandoned:
        raise failure


class _Abandoned(BaseException):
    """Ends what still waits when a trail is over."""


class _Timeless(Loop):
    """Waits as the toolkit does; but time goes on only where the trail says so."""

    def __init__(self, driver):
        super().__init__(root())
        self._driver = driver

    def wait(self, is_over):
        while not is_over():
            if self._driver.over:
                raise _Abandoned
            self.root.tk.dooneevent(0)

    def every(self, seconds, what):
        return lambda: None


class _Work:
    """Carries nothing out: tasks tell and end when the trail says so."""

    def __init__(self, working):
        self._working = working

    def __call__(self, name, progress, body, done):
        self._working.append((name, progress, body, done))

    def soon(self, what):
        root().after(1, what)


class _Watches(Watcher):
    def __init__(self, driver, run):
        self._driver = driver
        self._run = run

    def _now(self):
        return self._run == self._driver.run

    def act(self, what):
        if self._now():
            self._driver.told.append("  " + what)

    def at_rest(self):
        if self._now():
            self._driver.rest()

    def fault(self, fault):
        if self._now():
            self._driver.told.append(f"  fault {fault}")
            self._driver.over = True


class TrailDriver:
    def __init__(self, program, folder, today, events):
        self.told = []
        self.over = False
        self.run = 0
        self._program = program
        self._folder = folder
        self._today = today
        self._events = list(events)
        self._working = []
        self._desk = None
        self._posted = False

    def play(self):
        """What was seen, line by line."""
        FileDialog.is_stand_in = True
        self.told.append("Start")
        self._look(-1, 0)
        root().after(1, self._start)
        while not self.over:
            root().tk.dooneevent(0)
        root().after_cancel(self._looks)
        for window in root().winfo_children():
            window.destroy()
        # as they stand in a file: what is told with a line break in it is two lines
        return "\n".join(self.told).replace("\r\n", "\n").replace("\r", "\n").split("\n")

    def _look(self, before, quiet):
        """Once a second: whether anything happens still, however long all of it takes."""
        now = len(self.told)
        quiet = quiet + 1 if now == before else 0
        if quiet >= _MOST:
            self.told.append("  it does not come to rest")
            self.over = True
        self._looks = root().after(1000, self._look, now, quiet)

    def _start(self):
        self.run += 1
        now = self.run
        self._working = []
        self._program.start(
            self,
            _Timeless(self),
            _Work(self._working),
            Kept(self._folder),
            self._today,
            lambda code: self._ended(now),
        )

    def watch(self, desk):
        """Called by the program with its desk, before anything is done."""
        self._desk = desk
        desk.watcher = _Watches(self, self.run)

    def _ended(self, run):
        if run == self.run:
            self._see()
            self._next()

    def rest(self):
        if not self._posted and not self.over:
            self._posted = True  # one act of a hand can be two events of a toolkit
            root().after(1, self._go_on)

    def _go_on(self):
        self._posted = False
        if not self.over and self._desk.is_at_rest():  # else a script that waited goes on first
            self._see()
            self._next()

    def _next(self):
        if not self._events:
            self.over = True
            return
        line = self._events.pop(0)
        self.told.append(line)
        try:
            self._act(line)
        except Exception as failure:
            self.told.append(f"  cannot: {failure!r}")
            self.over = True
            return
        if not self.over and self._desk.is_at_rest():
            self.rest()  # also where it was no event: blocked, or nothing changed

    def _see(self):
        for window in sorted(self._desk.windows, key=lambda w: w.which):
            self.told.append(
                f"  | {window.which}: {window.title}"
                + (f", owned by {window.owner.which}" if window.owner is not None else "")
                + (", hidden" if window.is_hidden else "")
                + (", blocked" if self._desk.blocked(window) else "")
            )
            self.told.extend(f"  |   {line}" for line in window.seen_lines())

    # What a hand does

    def _act(self, line):
        named = [(_unquoted(m.group(1)), int(m.group(2) or 1)) for m in _QUOTED.finditer(line)]
        names = [name for name, _ in named]
        verb = " ".join(_QUOTED.sub("", line).split())
        match verb:
            case "session ends":
                self._desk.session_ends()
            case "a day passes":
                self._today += datetime.timedelta(days=1)
                self._program.day_passes(self._today)
            case "killed":
                self._killed()
            case "start again":
                self._start()
            case "task ends" | "task ends of":
                self._task_ends(named)
            case "cancel of":
                self._window(*named[1]).part(names[0]).cancel()
            case _ if verb.startswith("open files"):
                self._desk.files_opened(names)
            case _ if verb.startswith("drop "):
                self._desk.files_dropped(self._window(*named[-1]), names[:-1])
            case _ if verb.startswith("file "):
                self._desk.file_changes(self._window(*named[-1]), names[0], "gone" in verb)
            case _ if verb.startswith("task tells "):
                _, progress, _, _ = self._one_of(named)
                progress.tell(int(verb.split()[2]), names[1])
            case "timer fires":
                self._desk.timer_fires(None, names[0])
            case "timer of fires":
                self._desk.timer_fires(self._window(*named[1]), names[0])
            case _:
                self._on_window(line, verb, names, self._window(*named[-1]))

    def _on_window(self, line, verb, names, window):
        match verb:
            case "press of":
                self._press(window.part(names[0]))
            case "tick of":
                self._press(window.part(names[0]))
            case "type into of":
                window.part(names[1]).type(names[0])
            case "select in of":
                window.part(names[1]).choose(names[0])
            case "activate row in of":
                self._generate(window.part(names[0]), "<<Activated>>")
            case "remove rows in of":
                self._generate(window.part(names[0]), "<<RowsRemoved>>")
            case "close box of":
                root().tk.eval(window.top.protocol("WM_DELETE_WINDOW"))
            case "Escape of":
                window.top.focus_force()
                window.top.update_idletasks()
                window.top.event_generate("<Escape>")
            case "Enter of":
                window.default_button.press()
            case "answer of":
                window.answer_in_words(names[0])
            case "pick of":
                window.pick(names[0])
            case _ if verb.startswith("press row"):
                if not window.part(names[0]).press(int(verb.split()[2])):
                    raise ValueError(f"{names[0]} cannot be pressed")
            case _ if verb.startswith("select from"):
                _, _, first, _, last, *_ = verb.split()
                window.part(names[0]).select(int(first), int(last))
            case _ if verb.startswith("choose"):
                window.choose(names[:-2], names[-2])
            case _ if verb.startswith(("select row", "select no row")):
                found = re.match(r"select rows? ([\d, ]+) in ", line)
                numbers = [int(n) for n in found.group(1).split(",")] if found else []
                window.part(names[0]).select(numbers)
            case _:
                raise ValueError(line)

    @staticmethod
    def _press(part):
        if not part.enabled or not part.visible:
            raise RuntimeError(f"{part.name} cannot be pressed")
        part.press()

    @staticmethod
    def _generate(part, event):
        part.widget.event_generate(event)

    def _window(self, name, number):
        which = name if number <= 1 else f"{name} ({number})"
        found = [w for w in self._desk.windows if w.which == which]
        if not found:
            raise RuntimeError(f"{which} is not open")
        return found[0]

    def _task_ends(self, named):
        one = self._one_of(named)
        self._working.remove(one)
        task, _, body, done = one
        done(self._result(task, body, named[1][0]))

    def _one_of(self, named):
        (task, number), _, *of = named
        every = [w for w in self._working if w[0] == task]
        if of:
            name, instance = of[0]
            which = name if instance <= 1 else f"{name} ({instance})"
            every = [w for w in every if w[1].of is not None and w[1].of.which == which]
        if len(every) < number:
            raise RuntimeError(f"{task} does not run")
        # the one that is waited for began last, and no other can end before it
        return every[-1] if self._desk.is_working() else every[number - 1]

    def _result(self, task, body, ending):
        if ending == "could not":
            if task.startswith("opening "):
                return CouldNot("the system could not create it")
            it = "take it" if task.startswith("taking ") else "take it back"
            return CouldNot(f"the system could not {it}")
        if ending == "broke":
            return Broke("the work failed")
        self._program.ending(ending)
        return body()

    def _killed(self):
        """As a kill does: nothing runs any more."""
        self.run += 1
        for window in self._desk.windows:
            window.top.withdraw()
        root().after(1, self._next)


def _unquoted(text):
    def one(escape):
        code = escape.group(1)
        if code.startswith("u{"):
            return chr(int(code[2:-1], 16))
        return {"n": "\n", "t": "\t", "r": "\r"}.get(code, code)

    return re.sub(r"\\(u\{[0-9a-fA-F]+\}|.)", one, text, flags=re.DOTALL)


def play(program, folder, trail):
    """Plays a trail's file: comments first, the second with the day on which it begins."""
    lines = trail.read_text(encoding="utf-8").splitlines()
    today = datetime.date.fromisoformat(lines[1][1:].strip())
    events = [line for line in lines if line.strip() and not line.startswith("#")]
    return TrailDriver(program, folder, today, events).play()


def play_all(folder, programs):
    """Plays every trail of a folder, and writes what was seen beside it."""
    for trail in sorted(Path(folder).glob("*.trail")):
        with tempfile.TemporaryDirectory() as kept:
            seen = play(programs(), kept, trail)
        trail.with_suffix(".seen").write_text("\n".join(seen) + "\n", encoding="utf-8")
