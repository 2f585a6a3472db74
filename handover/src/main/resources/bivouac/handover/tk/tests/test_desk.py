"""The rules of the desk, without Tk: what a person does comes from a list, and is taken where the program waits."""

import unittest
from dataclasses import dataclass

from @PACKAGE@.support.desk import Desk, DeskWindow, Ending, Manner, Watcher, Way
from @PACKAGE@.support.values import Fault


@dataclass(frozen=True)
class Closed(Ending):
    pass


@dataclass(frozen=True)
class LeftUnsaved(Ending):
    pass


class Hands:
    """A loop in which the next thing of a list is done as long as something is waited for."""

    def __init__(self):
        self.next = []

    def wait(self, is_over):
        while not is_over():
            self.next.pop(0)()

    def later(self, what):
        self.next.insert(0, what)

    def every(self, seconds, what):
        return lambda: None


class Design:
    window_names = ["Main", "Child", "Other"]
    asked_first = []
    departs_with = ""
    departs_with_last = False
    shows_progress = []
    may_be_cancelled = []

    def plan(self):
        pass

    def save_kept(self):
        return False


class Sheet(DeskWindow):
    """A window that agrees to close, unless it is told to refuse."""

    refuses = False

    def asked(self):
        pass

    def may_close(self, closing):
        self.asked()
        return not self.refuses

    def ending_for(self, way):
        return Closed()


class Seen(Watcher):
    def __init__(self):
        self.acts = []
        self.faults = []

    def act(self, what):
        self.acts.append(what)

    def fault(self, fault):
        self.faults.append(str(fault))


class DeskTest(unittest.TestCase):
    def setUp(self):
        self.hands = Hands()
        self.codes = []
        self.desk = Desk(self.hands, self.work, Design(), self.codes.append)
        self.desk.watcher = self.seen = Seen()
        self.main = self.sheet("Main")
        self.desk.start(lambda: self.desk.open(None, None, self.main))

    def work(self, name, progress, body, done):
        """A task ends when its turn comes."""
        self.hands.next.append(lambda: done(body()))

    def sheet(self, name):
        return Sheet(self.desk, name)

    def ask(self, owner, window, manner=Manner.WAITS_FOR_OWNER):
        return self.desk.ask(owner, owner, manner, window)

    def test_a_waiting_window_blocks_its_owner_and_not_what_stands_beside_it(self):
        """B1, B2: its owner, even where another window's script asked"""
        asker, beside = self.sheet("Other"), self.sheet("Other")
        form = self.sheet("Child")
        for window in (asker, beside):
            self.desk.event(self.main, lambda window=window: self.desk.open(self.main, None, window))
        blocked = []

        def look():
            blocked.append([self.desk.blocked(w) for w in (self.main, beside, form)])
            form.close_box_used()

        self.hands.next = [look]
        self.desk.event(asker, lambda: self.desk.ask(asker, self.main, Manner.WAITS_FOR_OWNER, form))
        self.assertEqual([[True, False, False]], blocked)

    def test_a_task_of_closing_is_waited_for_and_another_one_is_not(self):
        """W5"""
        seen = []

        def count():
            def heard(ending):
                seen.append(type(ending).__name__)

            self.desk.background(self.main, "step", "count", [], lambda progress: Closed(), heard)
            seen.append("on")

        self.desk.event(self.main, count)
        self.hands.next.pop(0)()
        self.assertEqual(["on", "Closed"], seen)
        self.main.asked = count
        self.main.close_box_used()
        self.assertEqual(["on", "Closed", "Closed", "on"], seen)

    def test_the_wait_that_began_last_ends_first(self):
        """W2"""
        beside = self.sheet("Other")
        first, second = self.sheet("Child"), self.sheet("Child")
        self.desk.event(self.main, lambda: self.desk.open(self.main, None, beside))
        ended = []

        def wait(owner, window, name):
            self.ask(owner, window)
            ended.append(name)

        self.hands.next = [
            lambda: self.desk.event(beside, lambda: wait(beside, second, "second")),
            first.close_box_used,
            second.close_box_used,
        ]
        self.desk.event(self.main, lambda: wait(self.main, first, "first"))
        self.assertEqual(["second", "first"], ended)

    def test_what_a_window_owns_is_asked_too_and_one_refusal_keeps_all(self):
        """C4"""
        child = self.sheet("Child")
        self.desk.event(self.main, lambda: self.desk.open(self.main, self.main, child))
        child.refuses = True
        self.main.close_box_used()
        self.assertEqual([self.main, child], self.desk.windows)
        child.refuses = False
        self.main.close_box_used()
        self.assertEqual([], self.desk.windows)
        self.assertEqual(["ends Child closed", "ends Main closed"], self.seen.acts[-2:])

    def test_a_script_is_done_in_every_window_the_newest_first_until_one_gives_up(self):
        """W12"""
        last, second, first = self.sheet("Other"), self.sheet("Other"), self.sheet("Other")
        for sheet in (last, second, first):
            self.desk.event(self.main, lambda sheet=sheet: self.desk.open(self.main, None, sheet))
        seen = []

        def save(each):
            seen.append(("first" if each is first else "second", self.desk.blocked(last)))
            return "given up" if each is second else "saved"

        self.desk.event(
            self.main,
            lambda: seen.append(self.desk.do_in_every(type(first), save, lambda answer: answer == "given up")),
        )
        self.assertEqual([("first", True), ("second", True), "given up"], seen)

    def test_a_fault_in_a_script_that_is_done_ends_the_one_that_does_it(self):
        """W12"""
        other = self.sheet("Other")
        self.desk.event(self.main, lambda: self.desk.open(self.main, None, other))
        seen = []

        def broken(each):
            raise Fault("X3", "it is not there")

        self.desk.event(self.main, lambda: (self.desk.do_in(other, broken), seen.append("on")))
        self.assertEqual([], seen)

    def test_an_event_of_a_blocked_window_is_none(self):
        """B3"""
        form = self.sheet("Child")
        self.hands.next = [
            lambda: self.desk.event(self.main, lambda: self.fail("it is blocked")),
            form.close_box_used,
        ]
        self.desk.event(self.main, lambda: self.ask(self.main, form))
        self.assertEqual([self.main], self.desk.windows)

    def test_holdings_are_given_back_the_last_taken_first(self):
        """H1"""
        given = []

        def take():
            for name in ("lamp", "key"):
                self.desk.take(self.main, name, lambda name=name: given.append(name))

        self.desk.event(self.main, take)
        self.main.close_box_used()
        self.assertEqual(["key", "lamp"], given)

    def test_the_departure_ends_scripts_that_wait_and_hands_over_the_code(self):
        """D3, D6"""
        form = self.sheet("Child")
        self.hands.next = [lambda: self.desk.event(form, lambda: self.desk.end(3, ""))]

        def script():
            self.ask(self.main, form)
            self.fail("it is let go")

        self.desk.event(self.main, script)
        self.assertEqual([3], self.codes)
        self.assertEqual([], self.seen.faults)

    def test_a_departure_that_is_refused_changes_nothing(self):
        """D2"""
        self.main.refuses = True
        called_off = []
        self.desk.event(self.main, lambda: called_off.append(self.desk.end(3, "")))
        self.assertEqual(([True], [], [self.main]), (called_off, self.codes, self.desk.windows))

    def test_a_fault_ends_its_script_only_and_makes_the_exit_code_1(self):
        """X3, D6"""
        self.desk.event(self.main, lambda: self.desk.the(type("Gone", (Sheet,), {})))
        self.assertEqual(["X3: it is not open"], self.seen.faults)
        self.desk.event(self.main, lambda: self.desk.end(None, ""))
        self.assertEqual([1], self.codes)

    def test_the_ending_says_its_name_in_words(self):
        self.assertEqual("left unsaved", LeftUnsaved().words)
        self.assertEqual("close box", Way.CLOSE_BOX.value)


if __name__ == "__main__":
    unittest.main()
