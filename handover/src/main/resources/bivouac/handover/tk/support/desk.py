"""The rules by which windows live: who waits for whom, what blocks what, how it all ends. No toolkit is in here.

The ids are those of the rules: C2 is the question before closing, W2 a script that waits.
"""

import enum
import functools
import re
import sys
import threading
import traceback
from dataclasses import dataclass, fields, is_dataclass

from .open_files import OpenFiles
from .values import Fault, shown


class Way(enum.Enum):
    """By which way a window is asked to close (C1)."""

    CLOSE_STEP = "close step"
    CLOSE_BOX = "close box"
    ESCAPE = "Escape"
    OWNER_CLOSING = "owner closing"
    DEPARTURE = "departure"
    SESSION_ENDING = "session ending"


class Outside(enum.Enum):
    """What comes from outside of all windows, and is answered where the design says how (F1 to F3)."""

    FILES_OPENED = "files opened"
    FILES_DROPPED = "files dropped"
    FILE_CHANGED = "file changed"
    FILE_GONE = "file gone"


class Manner(enum.Enum):
    """How a window is opened (B1, B2)."""

    ALONGSIDE = 0
    WAITS_FOR_OWNER = 1
    WAITS_FOR_APPLICATION = 2


class Ending:
    """How a window or a task ended. The class LeaveUnsaved is "leave unsaved", unless WORDS says otherwise."""

    WORDS = ""

    @property
    def words(self):
        return self.WORDS or re.sub(r"(?<=.)(?=[A-Z])", " ", type(self).__name__).lower()

    def gives(self):
        """What it gives, in the order in which the design names it."""
        return [getattr(self, f.name) for f in fields(self)] if is_dataclass(self) else []


class Answer(enum.Enum):
    """The answers of a message box: each is the name of an ending."""

    @property
    def words(self):
        return self.value

    def gives(self):
        return []


@dataclass(frozen=True)
class Done(Ending):
    """The system could do it (O7)."""


@dataclass(frozen=True)
class CouldNot(Ending):
    """The system could not, and says why (O7)."""

    reason: str


@dataclass(frozen=True)
class Broke(Ending):
    """The work of a task threw (W8), or said nothing of how it ended. Scripts meet it as an ending of their own task."""

    reason: str


def broke_or_ending(name, body):
    """How work ended: as it says; or it broke, which is told on the error output too, with where."""
    try:
        ending = body()
        return Broke("it did not say how it ended") if ending is None else ending
    except BaseException as failure:  # whatever it is: nobody else hears of it, and a script waits
        print(f"“{name}” broke:", file=sys.stderr)
        traceback.print_exc()
        return Broke(str(failure).strip() or type(failure).__name__)


def why_not(tried):
    """Why the system could not do something; None where it could (O7)."""
    return tried.reason if isinstance(tried, CouldNot) else None


class Progress:
    """What passes between work and those who wait for it: how far it is (W9), and that it is to end (W10).

    Tasks are handed it, and may use it on any thread.
    """

    WHOLE = 100

    def __init__(self, desk, task, of):
        self.task = task
        self.of = of  # the window whose script runs the work; None for the application
        self._desk = desk
        self._cancelled = threading.Event()
        self._lock = threading.Lock()
        self._told = (0, "")
        self._is_on_its_way = False

    def tell(self, done, line=""):
        """Says how far the work is, from 0 to 100, and what it does now; what is said last is sure to be shown."""
        with self._lock:
            self._told = (max(0, min(self.WHOLE, int(done))), str(line))
            if self._is_on_its_way:
                return
            self._is_on_its_way = True
        self._desk.soon(lambda: self._desk.told(self))

    @property
    def is_cancelled(self):
        """Whether the work is to end: it does so as soon as it can, and says that it was cancelled."""
        return self._cancelled.is_set()

    def cancel(self):
        self._cancelled.set()

    def arrived(self):
        """What was said last; what is said from now on is on its way again."""
        with self._lock:
            self._is_on_its_way = False
            return self._told


@dataclass
class Closing:
    """Why a window closes: the way out, and the ending that it leads to (C2, C5)."""

    way: Way
    ending: object

    @property
    def by(self):
        return self.way.value

    @property
    def to(self):
        return self.ending.words if self.ending is not None else ""


class Gone(Exception):
    """Ends a script whose window has gone, or that the departure lets go (W6, D3). Only the desk catches it."""


class Refused(Exception):
    """Ends a script that says "stay open" somewhere below the one that was asked (C2). Only the desk catches it."""


class DeskWindow:
    """A window as the rules see it. The first half is overridden by the windows of a design, the rest by the frame."""

    ready_made = False
    cannot_be_taken_away = False

    def __init__(self, desk, name, key=None):
        self.desk = desk
        self.called = name
        self.key = key
        self.instance = 1
        self.owner = None
        self.opener = None
        self.manner = Manner.ALONGSIDE
        self.rank = 0
        self.hidden = False
        self.shown_work = []  # the parts that show how far work is (W9)

    # What a design says

    def opened(self):
        pass

    def brought_back(self):
        pass

    def may_close(self, closing):
        """The script before closing; False keeps the window open (C2)."""
        return True

    def is_unasked(self, way):
        return False

    def ending_for(self, way):
        """Where a way out leads (C1); None where it leads nowhere."""
        raise NotImplementedError

    def after_closing(self, closing):
        pass

    def refresh(self):
        """Brings live texts and conditions up to date (P3)."""

    def asks(self):
        return ""

    def hears(self, what):
        """Whether the window answers something from outside (F1)."""
        return False

    def hear(self, what, files):
        pass

    def open_files(self):
        """The files that it has open (F3)."""
        return []

    # What the frame does

    def show(self):
        pass

    def to_front(self):
        pass

    def leave_screen(self):
        """It is there until its script after closing has run."""

    def gone(self):
        """It is closed for good."""

    def show_hidden(self, hidden):
        pass

    @property
    def title(self):
        return ""

    def seen_lines(self):
        return []

    # For scripts

    @property
    def which(self):
        return self.called if self.instance <= 1 else f"{self.called} ({self.instance})"

    def needed_owner(self):
        if self.owner is None:
            raise Fault("X3", "this window has no owner now")
        return self.owner

    def needed_opener(self):
        if self.opener is None:
            raise Fault("X3", "this window has no opener now")
        return self.opener

    @property
    def is_hidden(self):
        return self.hidden or (self.owner is not None and self.owner.is_hidden)

    def within(self, other):
        """Whether this is the other one, or owned by it, however far below."""
        window = self
        while window is not None:
            if window is other:
                return True
            window = window.owner
        return False

    def close(self, ending):
        """The close step of this window's own scripts: goes on only if the request was refused (W6)."""
        if self.desk.request(self, Way.CLOSE_STEP, ending):
            raise Gone

    def close_box(self):
        """The close box of the screen: it cancels work that is waited for and shown here (W10), else leaves."""
        if not self.desk.is_cancelled_by_leaving(self):
            self.close_box_used()

    def escape(self):
        """Escape, likewise."""
        if not self.desk.is_cancelled_by_leaving(self):
            self.escape_pressed()

    def close_box_used(self):
        self.leave(Way.CLOSE_BOX)

    def escape_pressed(self):
        self.leave(Way.ESCAPE)

    def leave(self, way):
        def script():
            if self.ending_for(way) is not None:
                self.desk.request(self, way, lambda: self.ending_for(way))

        self.desk.event(self, script)


class _Script:
    def __init__(self, of, waits_for_all, doer=None):
        self.of = of
        self.waits_for_all = waits_for_all  # of closing, of the plan, or answering: its tasks are waited for (W5, W11)
        self.doer = doer  # whose script does it, where that is one of another window (W12)
        self.ended = False
        self.tells_of_broken = False  # it says that its work broke: work of that is not said again (W8)


    @property
    def ends_with_doer(self):
        return self.doer is not None and self.doer.ended


class _Turns:
    """The windows in which a script is still to be done (W12)."""

    def __init__(self, left):
        self.left = left


class _Wait:
    def __init__(self, by, window, progress=None):
        self.by = by
        self.window = window
        self.progress = progress  # of the task that is waited for
        self.result = None
        self.over = False
        self.let_go = False


class _Request:
    def __init__(self, root, departure):
        self.root = root
        self.departure = departure
        self.asked = {}
        self.decided = False
        self.end_after = None


class Watcher:
    """Who watches the application: a test, or nobody."""

    def act(self, what):
        pass

    def at_rest(self):
        pass

    def fault(self, fault):
        pass


MOST_SCRIPTS = 10_000
DEEPEST = 100


class Desk:
    """The running application.

    loop lends waiting and time; work(name, progress, body, done) carries tasks out; ended hears the exit code.
    """

    def __init__(self, loop, work, design, ended):
        self.loop = loop
        self.work = work
        self.design = design
        self.ended = ended
        self.watcher = Watcher()
        self.windows = []
        self._stack = []
        self._held = []
        self._postponed = []
        self._on_their_way = []  # from outside, and not dealt with yet
        self._open_files = OpenFiles(self, (Outside.FILE_CHANGED, Outside.FILE_GONE))
        self._branches = []
        self._working = []
        self._timers = []
        self._running = False
        self._replaced = None
        self._begun = 0
        self._departed = False
        self._planned = False
        self._has_closed = False
        self._unseen = False
        self._faulted = False
        self._after_closing = False  # while a script after closing runs, in which nothing can be opened (C5)
        self._code = None
        self._saying = ""

    # Events (E2)

    def start(self, script):
        self._unseen = True
        self._run(None, script)

    def event(self, window, script):
        """An event of a window: one that it may have is dealt with completely before the next (E2, B3)."""
        if self._running or self._departed:
            return  # a change made by a script is no event (P2)
        if not self.is_at_rest():
            self._postponed.append(lambda: self.event(window, script))  # a script that waited goes on first (W2)
        elif window in self.windows and not window.is_hidden and not self.blocked(window):
            self._run(window, script)

    def session_ends(self):
        def script():
            if not any(isinstance(f, _Request) and f.departure for f in self._stack):
                self._depart(None, Way.SESSION_ENDING)

        self._when_free(None, script)

    def between(self, what):
        """What is due between events: a day that passes."""
        self._when_free(None, what)

    # What comes from outside (F1 to F3)

    def files_opened(self, files):
        """Files are given at the start, or opened by the system; absolute paths."""
        if files and hasattr(self.design, "hears"):
            self._arrives(None, Outside.FILES_OPENED, files)

    def files_dropped(self, window, files):
        """Files are dropped on a window, as a hand does anything on it."""
        if files and window.hears(Outside.FILES_DROPPED):
            self.event(window, lambda: window.hear(Outside.FILES_DROPPED, files))

    def file_changes(self, window, file, gone):
        """Another program has changed, or removed, a file that a window has open."""
        what = Outside.FILE_GONE if gone else Outside.FILE_CHANGED
        if window.hears(what):
            self._arrives(window, what, [file])

    def watch_files(self):
        """Looks every few seconds whether other programs change what is open."""

        def look():
            if not self._working and not self.is_working() and not self._departed:
                self._open_files.look()

        self.loop.every(2, look)

    def _arrives(self, of, what, files):
        """One behind the other, between events; none once a departure has begun."""
        departing = any(isinstance(f, _Request) and f.departure for f in self._stack)
        if self._departed or (departing if of is None else of not in self.windows):
            return
        arrival = of, what
        if self._running or not self.is_at_rest() or self.is_working() or arrival in self._on_their_way:
            self._postponed.append(lambda: self._arrives(of, what, files))
            return
        self._on_their_way.append(arrival)
        try:
            self._run(of, lambda: (of or self.design).hear(what, files))
        finally:
            self._on_their_way.remove(arrival)

    def _when_free(self, of, script):
        if self._departed:
            return
        if self._running or not self.is_at_rest() or self.is_working():
            self._postponed.append(lambda: self._when_free(of, script))
        else:
            self._run(of, script)

    def _run(self, of, script):
        self._begun = 0
        self._running = True
        try:
            self._script(of, script)
        finally:
            self._running = False
        self._rest()

    def _script(self, of, script, of_closing=False):
        """Runs a script of a window, or of the application, to its end (W1)."""
        frame = _Script(of, of_closing)
        self._stack.append(frame)
        try:
            self._count_script()
            script()
        except (Gone, Refused):
            pass  # it ended where it was
        except Exception as fault:  # an uncaught error ends a handler (C2)
            self._fault(fault)
        finally:
            self._stack.remove(frame)

    def asks(self, of, script, row):
        """A script is asked of a row by itself: a fault in it, or work that broke, keeps the row (P2)."""
        agrees = []
        self._script(of, lambda: agrees.append(script(row)))
        self._go_on()
        return agrees == [True]

    def _go_on(self):
        """Before a script goes on: it does not where its window has gone meanwhile (W6)."""
        top = self._top_script()
        if top is not None and top.ended:
            raise Gone

    def _count_script(self):
        """One more begins (X6)."""
        self._begun += 1
        deep = sum(1 for frame in self._stack if not isinstance(frame, (_Wait, _Turns)))
        if self._begun > MOST_SCRIPTS or deep > DEEPEST:
            raise Fault("X6", "one event costs too much")

    # Scripts of other windows, and those that answer (W11, W12)

    def do_in(self, window, script):
        """Does a named script of a window, on top of the one that does it, which waits for it.

        What ends it early ends that one too; None where it reaches its end, or its window goes.
        """
        self._may_do_elsewhere()
        frame = _Script(window, True, self._top_script())
        answer = None
        self._stack.append(frame)
        try:
            self._count_script()
            answer = script(window)
        except Gone:
            if not frame.ended or frame.ends_with_doer:
                raise
        finally:
            self._stack.remove(frame)
        self._go_on()
        return answer

    def do_in_every(self, kind, script, until=lambda answer: False):
        """Does a script in each window of a kind that is open now, one after the other, the newest first.

        Those whose turn is to come are blocked. until says at which answers the others are left; answers that one.
        """
        self._may_do_elsewhere()
        turns = _Turns(self.every(kind))
        self._stack.append(turns)
        try:
            while turns.left:
                window = turns.left.pop(0)
                answer = self.do_in(window, script) if window in self.windows else None
                if answer is not None and until(answer):
                    return answer
            return None
        finally:
            self._stack.remove(turns)

    def _may_do_elsewhere(self):
        if self._after_closing:
            raise Fault("X10", "a script after closing does nothing in other windows")

    def waiting_for_all(self, part):
        """All that is run in it is waited for: somebody waits for the answer of the script that does it (W11)."""
        script = self._top_script()
        before = script.waits_for_all
        script.waits_for_all = True
        try:
            part()
        finally:
            script.waits_for_all = before

    def _top_script(self):
        return next((f for f in reversed(self._stack) if isinstance(f, _Script)), None)

    def _fault(self, fault):
        self._faulted = True
        self.watcher.fault(fault)
        print(fault, file=sys.stderr)

    def _rest(self):
        if self._departed:
            if not self._stack:
                self.ended(self._exit_code())
            return
        if not self.is_at_rest():
            return
        last = self.design.departs_with_last and self._has_closed and not self.windows
        if last and not self._stack and not self._working:
            self._has_closed = False
            self._run(None, lambda: self._depart(None, Way.DEPARTURE))  # D1
            return
        self._refresh_all(list(self.windows))
        for window in self.windows:
            for part in window.shown_work:
                part.cancellable(self.can_cancel(part))
        nothing = all(w.is_hidden for w in self.windows) and not self.is_working() and not self._working
        if nothing and not self._unseen and not any(isinstance(f, _Request) for f in self._stack):
            self._fault(Fault("X5", "nothing is to be seen, and the application still runs"))
        self._unseen = nothing
        if not self._postponed or self.is_working():
            self.watcher.at_rest()
        else:
            self.loop.later(self._postponed.pop(0))

    def _refresh_all(self, windows):
        """What one window shows of another, its title, is as it is now: hence twice where there are several (P3, P5)."""
        if len(windows) > 1:
            self._running = True
            for window in windows:
                self._refresh_quietly(window)
            self._running = False
        for window in windows:
            self._refresh(window)

    def _refresh(self, window):
        self._running = True
        try:
            window.refresh()
        except Exception as fault:
            self._fault(fault)
        finally:
            self._running = False

    def _exit_code(self):
        return self._code if self._code is not None else 1 if self._faulted else 0

    def is_at_rest(self):
        """Whether the last event is dealt with: no script runs, and none is about to go on."""
        top = self._top_wait()
        return not self._running and not self._departed and not (top is not None and top.over)

    def _top_wait(self):
        return next((f for f in reversed(self._stack) if isinstance(f, _Wait)), None)

    def is_working(self):
        """Whether a task, or the system, is waited for on top of all (W5, O7)."""
        top = self._top_wait()
        return top is not None and top.window is None and not top.over

    def _await(self, wait):
        self._running = False
        self._rest()
        self.loop.wait(lambda: wait.over)
        self._running = True
        self._stack.remove(wait)
        if wait.let_go:
            raise Gone
        return wait.result

    # Opening (O1 to O9)

    def open(self, opener, owner, window, then=None):
        """Opens a window that nothing waits for; its ending goes to then, if the opener is there (W3)."""
        self._begin(opener, owner, window, Manner.ALONGSIDE)
        if then is not None:
            self._branches.append((window, opener, then))
        self._appear(window)
        self._go_on()
        return window

    def ask(self, opener, owner, manner, window):
        """Opens a window, asks, and waits for its ending (W2)."""
        wait = _Wait(opener, window)
        self._begin(opener, owner, window, Manner.WAITS_FOR_APPLICATION if owner is None else manner)
        window.rank = 1 + max((w.rank for w in self.windows if w is not window), default=0)
        self._stack.append(wait)
        self._appear(window)
        return self._await(wait)

    def bring_back(self, kind, key, hand):
        """The open window of a kind and key, brought back with what it is handed (O3); None if there is none."""
        window = self.find(kind, key)
        if window is None or window is self._replaced:
            return None
        hand(window)
        window.hidden = False
        window.show_hidden(window.is_hidden)
        window.to_front()
        self._script(window, window.brought_back)
        self._go_on()
        return window

    def _begin(self, opener, owner, window, manner):
        window.opener = opener
        window.owner = owner
        window.manner = manner
        window.instance = 1 + max((w.instance for w in self.windows if w.called == window.called), default=0)
        self.windows.append(window)

    def _appear(self, window):
        asked = window.asks()
        self._act(("asks " if window.ready_made else "opens ") + window.which + (f": {asked}" if asked else ""))
        self._refresh_quietly(window)
        window.show()
        self._script(window, window.opened)

    @staticmethod
    def _refresh_quietly(window):
        try:
            window.refresh()
        except Exception:
            pass  # told at rest, if it is still so (E2)

    def in_place(self, old, ending, open_other):
        """Makes room for another window: it opens once this one agrees to close, and before it does (O8)."""
        if self.request(old, Way.CLOSE_STEP, ending, open_other):
            raise Gone

    def in_place_if_it_can(self, old, ending, what, is_there, open_other):
        """The same, where the system may fail to open the other one: it is asked once this one has agreed (O7, O8).

        is_there says whether the other one is open already. Answers what the system said; where it could not, this
        one stays.
        """
        tried = Done()

        def may():
            nonlocal tried
            tried = Done() if is_there() else self.attempt(old, what, Done)
            return why_not(tried) is None

        if self.request(old, Way.CLOSE_STEP, ending, open_other, may):
            raise Gone
        return tried

    # Reaching other windows (R1 to R3)

    def find(self, kind, key=None):
        return next((w for w in self.windows if isinstance(w, kind) and (key is None or w.key == key)), None)

    def the(self, kind, key=None):
        """The one open window of a kind; fault X3 where there is none."""
        found = [w for w in self.windows if isinstance(w, kind) and (key is None or w.key == key)]
        if len(found) != 1:
            raise Fault("X3", "several are open" if found else "it is not open")
        return found[0]

    def there(self, kept):
        """A window that a script keeps (O9); fault X3 where it has gone."""
        if kept not in self.windows:
            raise Fault("X3", "the window that is kept here is not open")
        return kept

    def every(self, kind):
        """All open windows of a kind, the newest first, or by their keys (R2)."""
        return sorted((w for w in reversed(self.windows) if isinstance(w, kind)), key=_BY_KEY)

    def opened(self, kind):
        """The same in the order in which they opened, or by their keys (P5)."""
        return sorted((w for w in self.windows if isinstance(w, kind)), key=_BY_KEY)

    def is_open(self, what):
        if isinstance(what, type):
            return self.find(what) is not None
        return what in self.windows

    def bring_to_front(self, window):
        if window in self.windows:
            window.to_front()

    def hide(self, window):
        """Off the screen, with what it owns (C9)."""
        if window not in self.windows:
            return
        if any(w.manner != Manner.ALONGSIDE and w.within(window) for w in self.windows):
            raise Fault("X9", f"{window.which} is waited for, or owns one that is, and cannot be hidden")
        window.hidden = True
        self._show_hidden(window)

    def show(self, window):
        if window in self.windows:
            window.hidden = False
            self._show_hidden(window)

    def _show_hidden(self, top):
        for window in self.windows:
            if window.within(top):
                window.show_hidden(window.is_hidden)

    # Blocking (B1 to B6)

    def blocked(self, window):
        """Follows from who waits for whom, at every moment (B4)."""
        if self.is_working():
            return True  # B3
        above = []
        for frame in reversed(self._stack):
            if isinstance(frame, _Script):
                if frame.of is window and not frame.ended and window is not None:
                    return True  # B5
            elif isinstance(frame, _Turns):
                if window in frame.left:
                    return True  # W12
            elif isinstance(frame, _Request):
                reached = frame.departure or window.within(frame.root)
                if not frame.decided and reached and not any(window.within(w) for w in above):
                    return True  # B6
            elif frame.window is not None and not frame.let_go:
                above.append(frame.window)
        return any(w is not window and _blocks(w, window) for w in self.windows)  # B1

    # Closing (C1 to C6)

    def close(self, window, ending=None):
        """The close step for another window; answers whether it closed (W6)."""
        if window is None or window not in self.windows:
            closed = True
        else:
            closed = self.request(window, Way.CLOSE_STEP, ending or (lambda: window.ending_for(Way.CLOSE_STEP)))
        self._go_on()
        return closed

    def close_every(self, kind):
        """One after the other, those that open meanwhile too; the first that refuses ends it (R2)."""
        while every := self.every(kind):
            ending = functools.partial(every[0].ending_for, Way.CLOSE_STEP)
            closed = self.request(every[0], Way.CLOSE_STEP, ending)
            self._go_on()
            if not closed:
                return False
        return True

    def request(self, window, way, ending, before=None, may=lambda: True):
        """Asks a window, and what it owns, to close; answers whether it did. may is asked when all have agreed."""
        if window.called == self.design.departs_with:
            return self._depart(window, way)
        if self._already_asked(window):
            return False
        request = _Request(window, False)
        self._stack.append(request)
        deliveries = []
        try:
            if not self._ask(request, window, way, ending):
                return False
            endings = self._endings(request, window, ending)
            if not may():
                return False
            request.decided = True
            if before is not None:
                self._replaced = window
                before()
                self._replaced = None
            self._leave(window, request, endings, deliveries)
        except Fault as fault:
            self._fault(fault)  # what cannot be asked is not lost (C2)
            return False
        finally:
            self._stack.remove(request)
        if request.end_after is not None:
            request.end_after()
        for deliver in deliveries:
            deliver()
        return True

    def answer(self, ready_made, ending):
        """An answer of a message box, file dialog or picker: it is asked nothing, and ends (C7, C8)."""

        def script():
            request = _Request(ready_made, False)
            request.decided = True
            deliveries = []
            self._leave(ready_made, request, {ready_made: ending()}, deliveries)
            for deliver in deliveries:
                deliver()

        self.event(ready_made, script)

    def stay_open(self):
        """Said by a script that does it for another one: the request that asks is refused (C2)."""
        return Refused()

    def _ask(self, request, window, way, ending):
        if self._already_asked(window) or self._holds_what_cannot_be_taken_away(window):
            return False  # C3
        closing = Closing(way, _name_of(ending))
        request.asked[window] = closing
        unasked = way != Way.CLOSE_STEP and window.is_unasked(way)
        if not unasked and not self._may_close(window, closing):
            return False
        while (owned := self._next_to_ask(request, window)) is not None:
            if not self._ask(request, owned, Way.OWNER_CLOSING, functools.partial(owned.ending_for, Way.OWNER_CLOSING)):
                return False  # C4
        return True

    def _may_close(self, window, closing):
        may = []
        self._script(window, lambda: may.append(window.may_close(closing)), True)
        return bool(may and may[0])

    def _already_asked(self, window):
        return any(isinstance(f, _Request) and not f.decided and window in f.asked for f in self._stack)

    def _holds_what_cannot_be_taken_away(self, window):
        return any((w is window or w.owner is window) and w.cannot_be_taken_away for w in self.windows)

    def _next_to_ask(self, request, owner):
        for window in self._in_order(owner):
            if window not in request.asked and (not window.ready_made or window.cannot_be_taken_away):  # C7
                return window
        return None

    def _in_order(self, owner):
        """What a window owns, or what has no owner: the last in the design first, then by key, then the newest (D2)."""
        owned = sorted((w for w in reversed(self.windows) if w.owner is owner), key=_BY_KEY)
        return sorted(owned, key=self._place)

    def _place(self, window):
        first = self.design.asked_first
        if window.called in first:
            return first.index(window.called) - len(first)
        return len(self.design.window_names) - self.design.window_names.index(window.called)

    def _endings(self, request, window, ending):
        """What each gives to those whom it reaches, before anything closes (C6)."""
        endings = {}
        for asked, closing in request.asked.items():
            of = ending if asked is window else functools.partial(asked.ending_for, closing.way)
            endings[asked] = of() if self._reaches_someone(asked) else _name_of(of)
        return endings

    def _reaches_someone(self, window):
        waits = any(isinstance(f, _Wait) and f.window is window and not f.let_go for f in self._stack)
        return waits or any(w is window and self._is_there(opener) for w, opener, _ in self._branches)

    def _is_there(self, opener):
        return opener is None or opener in self.windows

    def _leave(self, window, request, endings, deliveries):
        """Owned windows first, each leaves the screen, runs its script, gives back what it holds, and is gone (C5)."""
        while owned := self._in_order(window):
            self._leave(owned[0], request, endings, deliveries)
        closing = request.asked.get(window) or Closing(Way.OWNER_CLOSING, None)
        if window in endings:
            ending = endings[window]
        else:
            way = closing.way if request.departure else Way.OWNER_CLOSING
            ending = _name_of(functools.partial(window.ending_for, way))
        reaches = not request.departure and self._reaches_someone(window)
        window.hidden = True
        window.leave_screen()
        said = f"ends {window.which}" + (f" {ending.words}" if ending is not None else "")
        given = ending.gives() if reaches and ending is not None else []
        self._act(said + (f" with {shown(given)}" if given else ""))
        if not window.ready_made:
            self._after_closing = True
            self._script(window, lambda: window.after_closing(Closing(closing.way, ending)), True)
            self._after_closing = False
        self._give_back_all_of(window)
        self._gone(window)
        if not request.departure:
            self._deliver(window, ending, deliveries)

    def _gone(self, window):
        self.windows.remove(window)
        self._has_closed = True
        under = None
        for frame in self._stack:
            if isinstance(frame, _Script):
                frame.ended = frame.ended or frame.of is window or frame.ends_with_doer
                under = frame
            elif isinstance(frame, _Wait) and (frame.by is window or under is not None and under.ends_with_doer):
                frame.let_go = frame.over = True  # W6
                if frame.progress is not None:
                    frame.progress.cancel()
        for timer in [t for t in self._timers if t[0] is window]:
            timer[4]()
            self._timers.remove(timer)
        self._let_go_of(lambda step, of: of is window)  # W5
        window.gone()
        for other in self.windows:
            other.owner = None if other.owner is window else other.owner
            other.opener = None if other.opener is window else other.opener

    def _deliver(self, window, ending, deliveries):
        """An ending reaches who waits for it; the scripts go on when this event is done (C6, W2, W3)."""
        for frame in self._stack:
            if isinstance(frame, _Wait) and frame.window is window and not frame.let_go:
                frame.result = ending
                frame.over = True
        for branch in [b for b in self._branches if b[0] is window]:
            self._branches.remove(branch)
            deliveries.append(functools.partial(self._branch, branch[1], branch[2], ending))

    def _branch(self, opener, then, ending):
        if self._is_there(opener):
            self._script(opener, lambda: then(ending))

    # Departure (D1 to D6)

    def end(self, code, saying):
        """The step "end the application"; goes on where it is put off, and answers True where it was called off."""
        undecided = next((f for f in reversed(self._stack) if isinstance(f, _Request) and not f.decided), None)
        if self._planned or undecided is not None and undecided.departure:
            self._say(code, saying)  # a later word on it is the last (D6)
            return False
        if undecided is not None:
            undecided.end_after = lambda: self.end(code, saying)  # W6
            return False
        before = self._code, self._saying
        self._say(code, saying)
        if self._depart(None, Way.DEPARTURE):
            raise Gone
        self._code, self._saying = before
        return True

    def _say(self, code, saying):
        self._code = self._code if code is None else code
        self._saying = saying or self._saying

    def _depart(self, first, way):
        already = any(isinstance(f, _Request) and f.departure for f in self._stack)
        if self._departed or already or first is not None and self._already_asked(first):
            return False
        request = _Request(first, True)
        self._stack.append(request)
        try:
            if not self._ask_all(request, first, way):
                return False
            request.decided = True
            self._let_all_go()
            self._leave_all(request)
            self._planned = True
            self.design.plan()  # D4
            self._leave_all(request)
            self._give_back_all_of(None)  # D5
            if self.design.save_kept():
                self._act("saves kept values")  # D6
            code = self._exit_code()
            self._act(f"ends with code {code}" + (f", saying {self._saying}" if self._saying else ""))
            if self._saying:
                print(self._saying, file=sys.stderr)
            self._departed = True
        finally:
            self._stack.remove(request)
        for frame in self._stack:
            if isinstance(frame, _Wait):
                frame.let_go = frame.over = True
        return True

    def _ask_all(self, request, first, way):
        """Those that the design names first, then the window that asked for it, then the others (D2)."""
        for_others = way if way == Way.SESSION_ENDING else Way.DEPARTURE
        while True:
            window = self._next_to_ask(request, None)
            listed = window is not None and window.called in self.design.asked_first
            if not listed and first is not None and first in self.windows and first not in request.asked:
                window = first
            if window is None:
                return True
            by = way if window is first else for_others
            if not self._ask(request, window, by, functools.partial(window.ending_for, by)):
                return False

    def _let_all_go(self):
        """All scripts and background tasks are let go, without fault (D3)."""
        for frame in self._stack:
            if isinstance(frame, _Wait):
                frame.let_go = True
            elif isinstance(frame, _Script):
                frame.ended = True
            elif isinstance(frame, _Turns):
                frame.left.clear()
            else:
                frame.decided = True
        self._branches.clear()
        self._let_go_of(lambda step, of: True)

    def _leave_all(self, request):
        first = request.root
        while roots := self._in_order(None):
            listed = roots[0].called in self.design.asked_first
            ask_first = not listed and first is not None and first in self.windows
            self._leave(first if ask_first else roots[0], request, {}, [])

    def step(self, step):
        """A step of the departure plan: a fault in it does not prevent the steps after it (D4)."""
        self._script(None, step, True)

    # Tasks (W5) and what the system may fail to do (O7, H2)

    def run(self, of, task, takes, body, broke=None):
        """Runs a task and waits for how it ends; broke makes the ending of a step that says what happens then (W8).

        body is called with what the work tells and is told by (W9, W10).
        """
        self._act(f"runs {task}" + (f" with {shown(takes)}" if takes else ""))
        return self._ended(of, task, self._work(of, task, body), broke)

    def _ended(self, of, task, ending, broke):
        """The ending of a task; one that broke is said for all, or is a fault, where its step does not answer it (W8)."""
        if not isinstance(ending, Broke):
            return ending
        if broke is not None:
            return broke(ending.reason)
        script = self._top_script()
        if not self.design.says_when_work_breaks or script is not None and script.tells_of_broken:
            raise Fault("X11", f"“{task}” broke, and nothing says what then: {ending.reason}")
        if not self._after_closing:
            if script is not None:
                script.tells_of_broken = True
            self.design.when_work_breaks(of, task, ending.reason)
        raise Refused()  # the script ends here, as by a fault (W8)

    def attempt(self, of, what, body):
        """The system is asked for something that it may fail to do (O7)."""
        tried = self._work(of, what, lambda progress: body())
        return CouldNot(tried.reason) if isinstance(tried, Broke) else tried

    def _work(self, of, what, body):
        progress = Progress(self, what, of)
        wait = _Wait(of, None, progress)
        self._stack.append(wait)

        def done(result):
            wait.result = result
            wait.over = True

        self._begin_work(progress, body, done)
        return self._await(wait)

    def _begin_work(self, progress, body, done):
        if progress.task in self.design.shows_progress:
            self._show(progress)

        def ended(result):
            self._open_files.forget()  # what own work has written is nothing from outside (F3)
            done(result)

        self.work(progress.task, progress, lambda: body(progress), ended)

    def background(self, of, step, task, takes, body, then, broke=None):
        """Runs a task in the background; then is done when it ends, if its window is there then.

        What belongs to closing, or to the plan, waits for it.
        """
        top = self._top_script()
        if top is not None and top.waits_for_all:
            then(self.run(of, task, takes, body, broke))
            return
        if any(s == step and w is of for s, w, _ in self._working):
            raise Fault("X8", f"“{task}” of this step still runs")
        self._act(f"runs {task}" + (f" with {shown(takes)}" if takes else ""))
        progress = Progress(self, task, of)
        mine = (step, of, progress)
        self._working.append(mine)

        def done(result):
            def script():
                if any(w is mine for w in self._working):
                    self._working.remove(mine)
                    then(self._ended(of, task, result, broke))

            self._when_free(of, script)

        self._begin_work(progress, body, done)

    def stop_task(self, step):
        """The background runs of a task are let go; their ends come to nobody (W5)."""
        self._let_go_of(lambda one, of: one.startswith(step))

    def _let_go_of(self, which):
        """Nothing comes of these any more, and they are told so (W10)."""
        for work in [w for w in self._working if which(w[0], w[1])]:
            self._working.remove(work)
            work[2].cancel()

    # How far work is (W9), and that it is to end (W10)

    def soon(self, what):
        """Something was said by work, on whatever thread."""
        self.work.soon(what)

    def told(self, progress):
        """What work said last is shown, between events."""
        if self._departed:
            return
        top = self._top_wait()
        waits_for_other = self.is_working() and top.progress is not progress
        if self._running or not self.is_at_rest() or waits_for_other:
            self._postponed.append(lambda: self.told(progress))
        elif progress in self._progresses():
            self._run(progress.of, lambda: self._show(progress))

    def _progresses(self):
        """Of the task that is waited for; else of those in the background."""
        return [self._top_wait().progress] if self.is_working() else [w[2] for w in self._working]

    def _show(self, progress):
        done, line = progress.arrived()
        for part in self._shown(progress):
            part.told(done, line)

    def _shown(self, progress):
        """The parts of the window whose work it is; where that has none, those of every window."""
        own = [] if progress.of is None else [p for p in progress.of.shown_work if p.task == progress.task]
        return own or [p for w in self.windows for p in w.shown_work if p.task == progress.task]

    def can_cancel(self, part):
        """Whether the work that a part shows can be asked to end."""
        return bool(self._cancellable(part))

    def _cancellable(self, part):
        return [
            p
            for p in self._progresses()
            if p.task in self.design.may_be_cancelled and not p.is_cancelled and part in self._shown(p)
        ]

    def cancel(self, window, part):
        """A person asks the work that a part shows to end: all that can be done while work is waited for (B3)."""
        hears = window in self.windows and not window.is_hidden and (self.is_working() or not self.blocked(window))
        if not self._running and not self._departed and self.is_at_rest() and hears and self.can_cancel(part):
            self._run(window, lambda: [progress.cancel() for progress in self._cancellable(part)])

    def is_cancelling(self, window):
        """Whether a window shows work that is waited for, and can be asked to end."""
        return self.is_working() and any(self.can_cancel(p) for p in window.shown_work)

    def is_cancelled_by_leaving(self, window):
        """Leaving a window asks the work to end that it shows and that is waited for; answers whether it did."""
        part = next((p for p in window.shown_work if self.can_cancel(p)), None) if self.is_working() else None
        if part is not None:
            self.cancel(window, part)
        return part is not None

    def cancel_task(self, task):
        """The background runs of a task are asked to end."""
        for _, _, progress in self._working:
            if progress.task == task and task in self.design.may_be_cancelled:
                progress.cancel()

    def failed(self, what, reason):
        """Where the design says nothing of what then: fault X1."""
        return Fault("X1", f"{what} failed: {reason}")

    # Holdings (H1, H2)

    def take(self, of, holding, give_back):
        """Takes a holding for a window, or for the application where of is None (H1)."""
        if any(w is of and h == holding for h, w, _ in self._held):
            raise Fault("X4", f"{holding} is held already")
        self._held.append((holding, of, give_back))
        self._act(f"takes {holding}")

    def give_back(self, of, holding):
        self._give_back(self._the_held(of, holding))

    def given_back(self, of, holding):
        """It has been given back already (H2)."""
        self._held.remove(self._the_held(of, holding))
        self._act(f"gives back {holding}")

    def lose(self, of, holding):
        """It could not be given back, and is held no more (H2)."""
        self._held.remove(self._the_held(of, holding))

    def _the_held(self, of, holding):
        for one in reversed(self._held):
            if one[0] == holding and one[1] is of:
                return one
        raise Fault("X4", f"{holding} is not held")

    def _give_back_all_of(self, of):
        for one in reversed([h for h in self._held if h[1] is of]):
            self._give_back(one)

    def _give_back(self, one):
        self._held.remove(one)
        try:
            one[2]()
        except Exception as fault:
            self._fault(fault)  # the rest are given back all the same (H2)
        self._act(f"gives back {one[0]}")

    # Timers (V4)

    def start_timer(self, of, name, seconds, once, fires):
        """Turns a timer on, or on anew."""
        if not seconds > 0:
            raise Fault("X3", f"the timer {name} has no length")
        self.stop_timer(of, name)
        stop = self.loop.every(seconds, lambda: self.timer_fires(of, name))
        self._timers.append((of, name, once, fires, stop))

    def stop_timer(self, of, name):
        for timer in [t for t in self._timers if t[0] is of and t[1] == name]:
            timer[4]()
            self._timers.remove(timer)

    def timer_fires(self, of, name):
        """A timer's time has come; it does its script between events, also for a blocked window."""

        def script():
            for timer in [t for t in self._timers if t[0] is of and t[1] == name]:
                if timer[2]:
                    self.stop_timer(of, name)
                timer[3]()

        self._when_free(of, script)

    # What is seen

    def note(self, text):
        self._act(f"notes {text}")

    def link_followed(self, address):
        self._act(f"follows {address}")

    def kept_saved(self):
        self._act("saves kept values")

    def _act(self, what):
        self.watcher.act(what)


def _blocks(waited, window):
    if waited.manner == Manner.ALONGSIDE:
        return False  # B2
    if waited.manner == Manner.WAITS_FOR_OWNER:
        return waited.within(window)
    return not window.within(waited) and not _is_under_later(window, waited)


def _is_under_later(window, waited):
    while window is not None:
        if window.manner != Manner.ALONGSIDE and window.rank > waited.rank:
            return True
        window = window.owner
    return False


def _name_of(ending):
    """The ending that a request leads to; its values may not be there yet."""
    try:
        return ending()
    except Exception:
        return None


@functools.cmp_to_key
def _BY_KEY(a, b):
    if a.key is None or b.key is None:
        return 0
    return (a.key > b.key) - (a.key < b.key)
