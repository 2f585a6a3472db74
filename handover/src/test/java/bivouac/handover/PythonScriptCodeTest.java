package bivouac.handover;

import static bivouac.handover.ScriptFixture.lines;
import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Expression;
import bivouac.design.Given;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Target;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Scripts as they read in Python, step by step: what a person would write, and no more. */
class PythonScriptCodeTest {

    private static String code(Step... steps) {
        return ScriptFixture.code(Toolkit.TK, steps);
    }

    @Test
    void a_wait_whose_result_is_not_looked_at_is_a_call() {
        assertThat(code(waits("Form").handing(Given.of("who", "me.name"))))
                .isEqualTo("windows.Form.ask(self.app, self, self, Manner.WAITS_FOR_APPLICATION, self.name.text, 1)");
    }

    @Test
    void one_branch_is_a_case_or_an_if_and_binds_only_what_is_read() {
        assertThat(code(waitsForOwner("Form", when("admitted", note("{result.guest}")))
                        .handing(Given.of("who", "''"))))
                .isEqualTo(lines(
                        "match windows.Form.ask(self.app, self, self, Manner.WAITS_FOR_OWNER, \"\", 1):",
                        "    case windows.Form.Admitted(guest, _):",
                        "        self.desk.note(guest)"));
        assertThat(code(waits("Sure", when("yes", note("on")))))
                .isEqualTo(lines(
                        "if windows.Sure.ask(self.app, self, self, Manner.WAITS_FOR_APPLICATION) is windows.Sure.YES:",
                        "    self.desk.note(text(\"desk.note\"))"));
        assertThat(code(waitsForOwner("Form", when("cancelled", note("{app.n}")))
                        .handing(Given.of("who", "''"))))
                .startsWith("if isinstance(")
                .endsWith(lines("):", "    self.desk.note(values.shown(self.app.n))"));
    }

    @Test
    void several_branches_are_a_match_over_those_that_do_something() {
        assertThat(code(Step.RunTask.of(
                                "write book",
                                when("written", set("app.n", "1")),
                                when("failed", note("{result.reason}")))
                        .handing(Given.of("at", "app.file"))))
                .isEqualTo(lines(
                        "match self.app.write_book(self, self.app.file):",
                        "    case tasks.WriteBook.Written():",
                        "        self.app.n = 1",
                        "    case tasks.WriteBook.Failed(reason):",
                        "        self.desk.note(reason)"));
        assertThat(code(waits("Sure", when("yes", note("{app.n}")), when("no", note("{app.paid}")))))
                .isEqualTo(lines(
                        "match windows.Sure.ask(self.app, self, self, Manner.WAITS_FOR_APPLICATION):",
                        "    case windows.Sure.YES:",
                        "        self.desk.note(values.shown(self.app.n))",
                        "    case windows.Sure.NO:",
                        "        self.desk.note(values.shown(self.app.paid))"));
    }

    @Test
    void what_happens_later_is_a_function_of_its_own() {
        assertThat(code(
                        Step.RunTask.of("write book", when("failed", note("{result.reason}")))
                                .handing(Given.of("at", "'x'"))
                                .inBackground(true),
                        set("app.n", "2")))
                .isEqualTo(
                        lines(
                                "def when_result(result):",
                                "    match result:",
                                "        case tasks.WriteBook.Failed(reason):",
                                "            self.desk.note(reason)",
                                "    self.app.n = 2",
                                "",
                                "self.app.write_book_in_background(self, \"write book in Desk, go, step 1\", \"x\", when_result)"));
    }

    @Test
    void in_a_loop_what_is_read_later_is_bound_at_once() {
        assertThat(code(new Step.Repeat(Script.of(
                        Step.Let.of("now", "app.n"),
                        alongside("Form", when("cancelled", note("{now} of {app.n}")))
                                .handing(Given.of("who", "''")),
                        waits("Sure", when("yes", new Step.Again()))))))
                .contains("def when_ended(ended, now=now):")
                .contains("now = self.app.n")
                .endsWith("break");
    }

    @Test
    void else_if_goes_on_flat() {
        var inner = new Step.If(
                List.of(new Step.If.Case(new Expression("app.n > 2"), Script.of(note("{app.n}")))),
                Optional.of(Script.of(close("closed"))));
        assertThat(code(new Step.If(
                        List.of(new Step.If.Case(new Expression("app.n > 5 && me.seen"), Script.of(end()))),
                        Optional.of(Script.of(inner)))))
                .isEqualTo(lines(
                        "if self.app.n > 5 and self.seen:",
                        "    self.desk.end(None, \"\")",
                        "elif self.app.n > 2:",
                        "    self.desk.note(values.shown(self.app.n))",
                        "else:",
                        "    self.close(DeskWindow.Closed)"));
    }

    @Test
    void a_repeat_is_a_loop_only_where_something_goes_back() {
        assertThat(code(new Step.Repeat(Script.of(set("app.n", "app.n + 1")))))
                .isEqualTo("self.app.n = values.exact(self.app.n + 1)");
        assertThat(code(new Step.Repeat(Script.of(waits("Sure", when("yes", new Step.Again()))))))
                .isEqualTo(lines(
                        "while True:",
                        "    if windows.Sure.ask(self.app, self, self, Manner.WAITS_FOR_APPLICATION) is windows.Sure.YES:",
                        "        continue",
                        "    break"));
    }

    @Test
    void what_may_fail_is_asked_first() {
        assertThat(code(alongside("Map", when("could not", note("{result.reason}")))))
                .isEqualTo(lines(
                        "if windows.Map.find(self.app) is None and (",
                        "    reason := why_not(self.desk.attempt(self, \"opening Map\", Done))",
                        ") is not None:",
                        "    self.desk.note(reason)",
                        "else:",
                        "    windows.Map.open(self.app, self, None)"));
        assertThat(code(Step.TakeHolding.of("lock"))).isEqualTo("self.app.take_lock(self)");
        assertThat(code(Step.TakeHolding.of("pump")))
                .isEqualTo(lines(
                        "if (reason := why_not(self.app.take_pump(self))) is not None:",
                        "    raise self.desk.failed(\"taking pump\", reason)"));
    }

    @Test
    void what_makes_room_for_what_may_fail_stays_where_it_could_not() {
        assertThat(code(inPlace("Map").withBranches(List.of(when("could not", note("{result.reason}"))))))
                .contains("self.desk.in_place_if_it_can(")
                .contains("lambda: windows.Map.find(self.app) is not None")
                .contains("reason := why_not(")
                .endsWith("    self.desk.note(reason)");
        assertThat(code(inPlace("Map"))).endsWith("    raise self.desk.failed(\"opening Map\", reason)");
    }

    @Test
    void rows_are_values() {
        assertThat(code(new Step.AddRow("me.guests", List.of(Given.of("name", "me.name")))))
                .isEqualTo("self.guests.add(rows.GuestsRow(self.name.text, 0))");
        assertThat(code(new Step.ChangeRow("me.guests", List.of(Given.of("nights", "me.guests.selected.nights + 1")))))
                .isEqualTo(
                        "self.guests.change(lambda r: rows.GuestsRow(r.name, values.exact(self.guests.selected.nights + 1)))");
        assertThat(code(new Step.RemoveRow("me.guests", true))).isEqualTo("self.guests.remove_selected(unasked=True)");
        assertThat(code(set("me.guests.rows", "me.guests.rows.filter(r, r.nights > 1)")))
                .isEqualTo("self.guests.rows = [r for r in self.guests.rows if r.nights > 1]");
        assertThat(code(Step.Let.of("first", "me.guests.rows[0]"), note("{first.name}")))
                .isEqualTo(lines("first = values.item(self.guests.rows, 0)", "self.desk.note(first.name)"));
    }

    @Test
    void other_windows_are_found_by_their_class() {
        assertThat(code(closes("Plan", note("{app.n}"))))
                .isEqualTo(lines(
                        "if not self.desk.close(self.desk.find(windows.Plan)):",
                        "    self.desk.note(values.shown(self.app.n))"));
        assertThat(code(hide("Plan"))).isEqualTo("self.desk.hide(self.desk.find(windows.Plan))");
        assertThat(code(new Step.Reach(Step.Reach.How.BRING_TO_FRONT, new Target.Every("Plan"))))
                .isEqualTo(lines("for each in self.desk.every(windows.Plan):", "    self.desk.bring_to_front(each)"));
        assertThat(code(new Step.SetIn("title", new Target.Single("Plan"), new Expression("'x'"))))
                .isEqualTo("self.desk.the(windows.Plan).title = \"x\"");
    }

    @Test
    void the_smaller_steps() {
        assertThat(code(Step.Do.of("keep", Given.of("at", "app.file"))))
                .isEqualTo("self.app.do_keep(self, self.app.file)");
        assertThat(code(new Step.TurnTimer(Step.TurnTimer.How.START, "tick"))).isEqualTo("self._start_tick()");
        assertThat(code(new Step.Focus("me.name"))).isEqualTo("self.name.focus()");
        assertThat(code(new Step.StopTask("write book"))).isEqualTo("self.desk.stop_task(\"write book \")");
        assertThat(code(ends(3, "bye"))).isEqualTo("self.desk.end(3, text(\"desk.end\"))");
        assertThat(code(new Step.KeptValues(Step.KeptValues.How.SAVE))).isEqualTo("self.app.save_kept_now()");
        assertThat(code(set("me.name.enabled", "false"))).isEqualTo("self.name.enabled = False");
        assertThat(code(set("app.paid", "app.n"))).isEqualTo("self.app.paid = float(self.app.n)");
        assertThat(code(set("app.paid", "2"))).isEqualTo("self.app.paid = 2.0");
        assertThat(code(new Step.NotThereYet())).isEqualTo("self.desk.note(text(\"desk.notThereYet\"))");
        assertThat(code()).isEqualTo("# Nothing happens here.");
        assertThat(code(set("app.n", "app.nowhere")))
                .isEqualTo(
                        "# Desk, go, step 1: “app.nowhere” means nothing here. Put it right first; the findings say how.");
    }

    @Test
    void signs_hold_together_as_they_do_in_the_design() {
        assertThat(code(set("app.n", "(app.n + 1) * 2 - -app.n")))
                .isEqualTo(lines(
                        "self.app.n = values.exact(",
                        "    values.exact(values.exact(self.app.n + 1) * 2) - values.exact(-self.app.n)",
                        ")"));
        assertThat(code(set("me.seen", "!(app.n > 1 || me.seen) && (me.seen ? app.n == 1 : app.file != 'x')")))
                .isEqualTo(lines(
                        "self.seen = not (self.app.n > 1 or self.seen) and (",
                        "    self.app.n == 1 if self.seen else self.app.file != \"x\"",
                        ")"));
        assertThat(code(set("me.seen", "(app.n > 1) == (app.n < 3)")))
                .as("a comparison of comparisons, which Python would chain")
                .isEqualTo("self.seen = (self.app.n > 1) == (self.app.n < 3)");
        assertThat(code(set("app.file", "app.file + (me.seen ? 'a' : 'b')")))
                .isEqualTo("self.app.file = self.app.file + (\"a\" if self.seen else \"b\")");
        assertThat(code(set("me.seen", "whole(me.name) > 1 || me.seen")))
                .isEqualTo("self.seen = values.either(lambda: values.whole(self.name.text) > 1, lambda: self.seen)");
    }
}
