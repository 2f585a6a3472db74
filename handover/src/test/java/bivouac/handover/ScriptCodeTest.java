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

/** Scripts as they read in Java, step by step: what a person would write, and no more. */
class ScriptCodeTest {

    private static String code(Step... steps) {
        return ScriptFixture.code(Toolkit.JAVAFX, steps);
    }

    @Test
    void a_wait_whose_result_is_not_looked_at_is_a_call() {
        assertThat(code(waits("Form").handing(Given.of("who", "me.name"))))
                .isEqualTo("Form.ask(app, this, this, Manner.WAITS_FOR_APPLICATION, name.getText(), 1);");
        assertThat(code(waits("Sure", when("no"))))
                .isEqualTo("Sure.ask(app, this, this, Manner.WAITS_FOR_APPLICATION);");
    }

    @Test
    void one_branch_is_an_if_and_binds_only_what_is_read() {
        assertThat(code(waitsForOwner("Form", when("admitted", note("{result.guest}")))
                        .handing(Given.of("who", "''"))))
                .isEqualTo(lines(
                        "if (Form.ask(app, this, this, Manner.WAITS_FOR_OWNER, \"\", 1) instanceof Form.Admitted(String guest, _)) {",
                        "    desk.note(guest);",
                        "}"));
        assertThat(code(waits("Sure", when("yes", note("on")))))
                .isEqualTo(lines(
                        "if (Sure.ask(app, this, this, Manner.WAITS_FOR_APPLICATION) == Sure.YES) {",
                        "    desk.note(text(\"desk.note\"));",
                        "}"));
    }

    @Test
    void several_branches_are_a_switch_over_all_endings() {
        assertThat(code(Step.RunTask.of(
                                "write book",
                                when("written", set("app.n", "1")),
                                when("failed", note("{result.reason}")))
                        .handing(Given.of("at", "app.file"))))
                .isEqualTo(lines(
                        "switch (app.writeBook(this, app.file)) {",
                        "    case WriteBook.Written() -> app.n = 1;",
                        "    case WriteBook.Failed(String reason) -> desk.note(reason);",
                        "}"));
        assertThat(code(waits("Sure", when("yes", note("{app.n}")), when("no", note("{app.paid}")))))
                .isEqualTo(lines(
                        "switch (Sure.ask(app, this, this, Manner.WAITS_FOR_APPLICATION)) {",
                        "    case YES -> desk.note(Values.shown(app.n));",
                        "    case NO -> desk.note(Values.shown(app.paid));",
                        "}"));
    }

    @Test
    void what_runs_in_the_background_takes_what_follows_along() {
        assertThat(code(
                        Step.RunTask.of("write book", when("failed", note("{result.reason}")))
                                .handing(Given.of("at", "'x'"))
                                .inBackground(true),
                        set("app.n", "2")))
                .isEqualTo(lines(
                        "app.writeBookInBackground(this, \"write book in Desk, go, step 1\", \"x\", result -> {",
                        "    if (result instanceof WriteBook.Failed(String reason)) {",
                        "        desk.note(reason);",
                        "    }",
                        "    app.n = 2;",
                        "});"));
    }

    @Test
    void else_if_goes_on_flat_and_what_is_never_reached_is_left_out() {
        var inner = new Step.If(
                List.of(new Step.If.Case(new Expression("app.n > 2"), Script.of(note("{app.n}")))),
                Optional.of(Script.of(close("closed"))));
        assertThat(code(new Step.If(
                        List.of(new Step.If.Case(new Expression("app.n > 5 && me.seen"), Script.of(end()))),
                        Optional.of(Script.of(inner)))))
                .isEqualTo(lines(
                        "if (app.n > 5 && seen) {",
                        "    desk.end(null, \"\");",
                        "} else if (app.n > 2) {",
                        "    desk.note(Values.shown(app.n));",
                        "} else {",
                        "    close(DeskWindow2.Closed::new);",
                        "}"));
    }

    @Test
    void a_repeat_is_a_loop_only_where_something_goes_back() {
        assertThat(code(new Step.Repeat(Script.of(set("app.n", "app.n + 1")))))
                .isEqualTo("app.n = Math.addExact(app.n, 1L);");
        assertThat(code(new Step.Repeat(Script.of(waits("Sure", when("yes", new Step.Again()))))))
                .isEqualTo(lines(
                        "again:",
                        "while (true) {",
                        "    if (Sure.ask(app, this, this, Manner.WAITS_FOR_APPLICATION) == Sure.YES) {",
                        "        continue again;",
                        "    }",
                        "    break;",
                        "}"));
    }

    @Test
    void what_may_fail_is_asked_first() {
        assertThat(code(alongside("Map", when("could not", note("{result.reason}")))))
                .isEqualTo(lines(
                        "if (Map.find(app).isEmpty() && desk.attempt(this, \"opening Map\", Tried.Done::new)",
                        "        instanceof Tried.CouldNot(String reason)) {",
                        "    desk.note(reason);",
                        "} else {",
                        "    Map.open(app, this, null);",
                        "}"));
        assertThat(code(Step.TakeHolding.of("lock"))).isEqualTo("app.takeLock(this);");
        assertThat(code(Step.TakeHolding.of("pump")))
                .isEqualTo(lines(
                        "if (app.takePump(this) instanceof Tried.CouldNot(String reason)) {",
                        "    throw desk.failed(\"taking pump\", reason);",
                        "}"));
    }

    @Test
    void what_makes_room_for_what_may_fail_stays_where_it_could_not() {
        assertThat(code(inPlace("Plan")))
                .isEqualTo("desk.inPlace(this, () -> endingFor(Way.CLOSE_STEP), () -> Plan.open(app, null, null));");
        assertThat(code(inPlace("Map").withBranches(List.of(when("could not", note("{result.reason}"))))))
                .startsWith("if (desk.inPlace(this, () -> endingFor(Way.CLOSE_STEP), \"opening Map\",")
                .contains("() -> Map.find(app).isPresent()")
                .contains("instanceof Tried.CouldNot(String reason)) {")
                .endsWith(lines("    desk.note(reason);", "}"));
        assertThat(code(inPlace("Map"))).contains("throw desk.failed(\"opening Map\", reason);");
    }

    @Test
    void rows_are_values() {
        assertThat(code(new Step.AddRow("me.guests", List.of(Given.of("name", "me.name")))))
                .isEqualTo("guests.add(new GuestsRow(name.getText(), 0));");
        assertThat(code(new Step.ChangeRow("me.guests", List.of(Given.of("nights", "me.guests.selected.nights + 1")))))
                .isEqualTo(
                        "guests.change(r -> new GuestsRow(r.name(), Math.addExact(guests.selected().nights(), 1L)));");
        assertThat(code(new Step.RemoveRow("me.guests", true))).isEqualTo("guests.removeSelected(ignored -> true);");
        assertThat(code(set("me.guests.rows", "me.guests.rows.filter(r, r.nights > 1)")))
                .isEqualTo("guests.rows(guests.rows().stream().filter(r -> r.nights() > 1).toList());");
        assertThat(code(Step.Let.of("first", "me.guests.rows[0]"), note("{first.name}")))
                .isEqualTo(lines("GuestsRow first = Values.item(guests.rows(), 0);", "desk.note(first.name());"));
    }

    @Test
    void other_windows_are_found_by_their_class() {
        assertThat(code(closes("Plan", note("{app.n}"))))
                .isEqualTo(lines(
                        "if (!desk.close(desk.find(Plan.class, null).orElse(null))) {",
                        "    desk.note(Values.shown(app.n));",
                        "}"));
        assertThat(code(hide("Plan"))).isEqualTo("desk.hide(desk.find(Plan.class, null).orElse(null));");
        assertThat(code(new Step.Reach(Step.Reach.How.BRING_TO_FRONT, new Target.Every("Plan"))))
                .isEqualTo("desk.every(Plan.class).forEach(desk::bringToFront);");
        assertThat(code(new Step.SetIn("title", new Target.Single("Plan"), new Expression("'x'"))))
                .isEqualTo("desk.the(Plan.class).stage().setTitle(\"x\");");
    }

    @Test
    void the_smaller_steps() {
        assertThat(code(Step.Do.of("keep", Given.of("at", "app.file")))).isEqualTo("app.doKeep(this, app.file);");
        assertThat(code(new Step.TurnTimer(Step.TurnTimer.How.START, "tick"))).isEqualTo("startTick();");
        assertThat(code(new Step.Focus("me.name"))).isEqualTo("name.requestFocus();");
        assertThat(code(new Step.StopTask("write book"))).isEqualTo("desk.stopTask(\"write book \");");
        assertThat(code(ends(3, "bye"))).isEqualTo("desk.end(3, text(\"desk.end\"));");
        assertThat(code(new Step.KeptValues(Step.KeptValues.How.SAVE))).isEqualTo("app.saveKeptNow();");
        assertThat(code(set("me.name.enabled", "false"))).isEqualTo("enabled(name, false);");
        assertThat(code(set("app.paid", "app.n"))).isEqualTo("app.paid = app.n;");
        assertThat(code(set("app.paid", "2"))).isEqualTo("app.paid = 2.0;");
        assertThat(code(new Step.Off(note("off")), note("{app.n}"))).isEqualTo("desk.note(Values.shown(app.n));");
        assertThat(code()).isEqualTo("// Nothing happens here.");
        assertThat(code(set("app.n", "app.nowhere")))
                .isEqualTo(
                        "// Desk, go, step 1: “app.nowhere” means nothing here. Put it right first; the findings say how.");
    }

    @Test
    void signs_hold_together_as_they_do_in_the_design() {
        assertThat(code(set("app.n", "(app.n + 1) * 2 - -app.n")))
                .isEqualTo(
                        "app.n = Math.subtractExact(Math.multiplyExact(Math.addExact(app.n, 1L), 2L), Math.negateExact(app.n));");
        assertThat(code(set("app.paid", "(app.paid + 1.5) * 2.0")))
                .isEqualTo("app.paid = Values.finite(Values.finite(app.paid + 1.5) * 2.0);");
        assertThat(code(set("me.seen", "!(app.n > 1 || me.seen) && (me.seen ? app.n == 1 : app.file != 'x')")))
                .isEqualTo("seen = !(app.n > 1 || seen) && (seen ? app.n == 1 : !app.file.equals(\"x\"));");
        assertThat(code(set("app.file", "app.file + (me.seen ? 'a' : 'b')")))
                .isEqualTo("app.file = app.file + (seen ? \"a\" : \"b\");");
        assertThat(code(set("me.seen", "whole(me.name) > 1 || me.seen")))
                .isEqualTo("seen = Values.either(() -> Values.whole(name.getText()) > 1, () -> seen);");
    }
}
