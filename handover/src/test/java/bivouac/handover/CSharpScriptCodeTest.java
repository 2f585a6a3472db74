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

/** Scripts as they read in C#, step by step: what a person would write, and no more. */
class CSharpScriptCodeTest {

    private static String code(Step... steps) {
        return ScriptFixture.code(Toolkit.FORMS, steps);
    }

    @Test
    void one_branch_is_an_if_and_binds_only_what_is_read() {
        assertThat(code(waitsForOwner("Form", when("admitted", note("{result.guest}")))
                        .handing(Given.of("who", "''"))))
                .isEqualTo(lines(
                        "if (FormWindow.Ask(app, this, this, Manner.WaitsForOwner, \"\", 1) is FormWindow.Admitted admitted)",
                        "{",
                        "    var guest = admitted.Guest;",
                        "    Desk.Note(guest);",
                        "}"));
        assertThat(code(waitsForOwner("Form", when("cancelled", note("{app.n}")))
                        .handing(Given.of("who", "''"))))
                .startsWith("if (FormWindow.Ask(")
                .contains(" is FormWindow.Cancelled)");
    }

    @Test
    void answers_of_a_message_box_are_a_switch_and_endings_are_asked_one_after_the_other() {
        assertThat(code(waits("Sure", when("yes", note("{app.n}")), when("no", note("{app.paid}")))))
                .isEqualTo(lines(
                        "switch (Sure.Ask(app, this, this, Manner.WaitsForApplication))",
                        "{",
                        "    case Sure.Answer.Yes:",
                        "        Desk.Note(Values.Shown(app.n));",
                        "        break;",
                        "    case Sure.Answer.No:",
                        "        Desk.Note(Values.Shown(app.paid));",
                        "        break;",
                        "}"));
        assertThat(code(Step.RunTask.of(
                                "write book",
                                when("written", set("app.n", "1")),
                                when("failed", note("{result.reason}")))
                        .handing(Given.of("at", "app.file"))))
                .isEqualTo(lines(
                        "var ended = app.RunWriteBook(this, app.file);",
                        "if (ended is WriteBook.Written)",
                        "{",
                        "    app.n = 1;",
                        "}",
                        "else if (ended is WriteBook.Failed failed)",
                        "{",
                        "    var reason = failed.Reason;",
                        "    Desk.Note(reason);",
                        "}"));
    }

    @Test
    void where_nothing_follows_the_last_answer_is_the_only_other_one() {
        assertThat(code(new Step.Repeat(
                        Script.of(waits("Sure", when("yes", new Step.Again()), when("no", new Step.Again()))))))
                .contains("    switch (Sure.Ask(")
                .contains("            continue;")
                .contains("        default:")
                .doesNotContain("break;");
    }

    @Test
    void what_happens_later_is_handed_over() {
        assertThat(code(
                        Step.RunTask.of("write book", when("failed", note("{result.reason}")))
                                .handing(Given.of("at", "'x'"))
                                .inBackground(true),
                        set("app.n", "2")))
                .isEqualTo(lines(
                        "app.RunWriteBookInBackground(this, \"write book in Desk, go, step 1\", \"x\", result =>",
                        "{",
                        "    if (result is WriteBook.Failed failed)",
                        "    {",
                        "        var reason = failed.Reason;",
                        "        Desk.Note(reason);",
                        "    }",
                        "    app.n = 2;",
                        "});"));
        assertThat(code(alongside("Form", when("cancelled", note("{app.n}"))).handing(Given.of("who", "''"))))
                .startsWith("FormWindow.Open(app, this, this, \"\", 1, ended =>")
                .contains("if (ended is FormWindow.Cancelled)");
    }

    @Test
    void a_repeat_is_a_loop_only_where_something_goes_back() {
        assertThat(code(new Step.Repeat(Script.of(set("app.n", "app.n + 1"))))).isEqualTo("app.n = app.n + 1;");
        assertThat(code(new Step.Repeat(Script.of(waits("Sure", when("yes", new Step.Again()))))))
                .isEqualTo(lines(
                        "while (true)",
                        "{",
                        "    if (Sure.Ask(app, this, this, Manner.WaitsForApplication) == Sure.Answer.Yes)",
                        "    {",
                        "        continue;",
                        "    }",
                        "    break;",
                        "}"));
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
                        "if (app.n > 5 && seen)",
                        "{",
                        "    Desk.End(null, \"\");",
                        "}",
                        "else if (app.n > 2)",
                        "{",
                        "    Desk.Note(Values.Shown(app.n));",
                        "}",
                        "else",
                        "{",
                        "    Close(() => new Closed());",
                        "}"));
    }

    @Test
    void what_may_fail_is_asked_first() {
        assertThat(code(alongside("Map", when("could not", note("{result.reason}")))))
                .isEqualTo(lines(
                        "if (Map.Find(app) == null && Desk.Attempt(this, \"opening Map\", () => new Tried.Done()) is Tried.CouldNot failed)",
                        "{",
                        "    var reason = failed.Reason;",
                        "    Desk.Note(reason);",
                        "}",
                        "else",
                        "{",
                        "    Map.Open(app, this, null);",
                        "}"));
        assertThat(code(Step.TakeHolding.of("pump")))
                .isEqualTo(lines(
                        "if (app.TakePump(this) is Tried.CouldNot reason)",
                        "{",
                        "    throw Desk.Failed(\"taking pump\", reason.Reason);",
                        "}"));
        assertThat(code(inPlace("Map").withBranches(List.of(when("could not", note("{result.reason}"))))))
                .contains(
                        "Desk.InPlace(this, () => EndingFor(Way.CloseStep), \"opening Map\", () => Map.Find(app) != null,")
                .endsWith(lines("    Desk.Note(reason);", "}"));
        assertThat(code(inPlace("Map"))).contains("    throw Desk.Failed(\"opening Map\", reason);");
    }

    @Test
    void rows_are_values_with_properties() {
        assertThat(code(new Step.AddRow("me.guests", List.of(Given.of("name", "me.name")))))
                .isEqualTo("guests.Add(new GuestsRow(name.Text, 0));");
        assertThat(code(new Step.ChangeRow("me.guests", List.of(Given.of("nights", "me.guests.selected.nights + 1")))))
                .isEqualTo("guests.Change(r => new GuestsRow(r.Name, guests.Selected.Nights + 1));");
        assertThat(code(new Step.RemoveRow("me.guests", true))).isEqualTo("guests.RemoveSelected(ignored => true);");
        assertThat(code(set("me.guests.rows", "me.guests.rows.filter(r, r.nights > 1)")))
                .isEqualTo("guests.Rows = guests.Rows.Where(r => r.Nights > 1).ToList();");
        assertThat(code(Step.Let.of("first", "me.guests.rows[0]"), note("{first.name}")))
                .isEqualTo(lines("GuestsRow first = Values.Item(guests.Rows, 0);", "Desk.Note(first.Name);"));
    }

    @Test
    void other_windows_are_found_by_their_class() {
        assertThat(code(closes("Map", note("{app.n}"))))
                .isEqualTo(
                        lines("if (!Desk.Close(Desk.Find<Map>()))", "{", "    Desk.Note(Values.Shown(app.n));", "}"));
        assertThat(code(hide("Map"))).isEqualTo("Desk.Hide(Desk.Find<Map>());");
        assertThat(code(new Step.Reach(Step.Reach.How.BRING_TO_FRONT, new Target.Every("Map"))))
                .isEqualTo(lines("foreach (var each in Desk.Every<Map>())", "{", "    Desk.BringToFront(each);", "}"));
        assertThat(code(new Step.SetIn("title", new Target.Single("Map"), new Expression("'x'"))))
                .isEqualTo("Desk.The<Map>().Title = \"x\";");
    }

    @Test
    void the_smaller_steps() {
        assertThat(code(Step.Do.of("keep", Given.of("at", "app.file")))).isEqualTo("app.DoKeep(this, app.file);");
        assertThat(code(new Step.TurnTimer(Step.TurnTimer.How.START, "tick"))).isEqualTo("StartTick();");
        assertThat(code(new Step.Focus("me.name"))).isEqualTo("name.RequestFocus();");
        assertThat(code(new Step.StopTask("write book"))).isEqualTo("Desk.StopTask(\"write book \");");
        assertThat(code(ends(3, "bye"))).isEqualTo("Desk.End(3, Texts.Of(\"desk.end\"));");
        assertThat(code(new Step.KeptValues(Step.KeptValues.How.SAVE))).isEqualTo("app.SaveKeptNow();");
        assertThat(code(set("me.name.enabled", "false"))).isEqualTo("name.Enabled = false;");
        assertThat(code(set("app.paid", "app.n"))).isEqualTo("app.paid = app.n;");
        assertThat(code(new Step.NotThereYet())).isEqualTo("Desk.Note(Texts.Of(\"desk.notThereYet\"));");
        assertThat(code()).isEqualTo("// Nothing happens here.");
        assertThat(code(set("app.n", "app.nowhere")))
                .isEqualTo(
                        "// Desk, go, step 1: “app.nowhere” means nothing here. Put it right first; the findings say how.");
    }

    @Test
    void signs_hold_together_and_what_the_compiler_would_refuse_is_kept_from_it() {
        assertThat(code(set("app.n", "(app.n + 1) * 2 - -app.n"))).isEqualTo("app.n = (app.n + 1) * 2 - -app.n;");
        assertThat(code(set("me.seen", "!(app.n > 1 || me.seen) && (me.seen ? app.n == 1 : app.file != 'x')")))
                .isEqualTo("seen = !(app.n > 1 || seen) && (seen ? app.n == 1 : app.file != \"x\");");
        assertThat(code(set("me.seen", "whole(me.name) > 1 || me.seen")))
                .isEqualTo("seen = Values.Either(() => Values.Whole(name.Text) > 1, () => seen);");
        assertThat(code(set("me.seen", "'a' < app.file && app.n in [1, 2]")))
                .isEqualTo(
                        "seen = string.CompareOrdinal(\"a\", app.file) < 0 && Values.Contains<long>(Values.List<long>(1, 2), app.n);");
        assertThat(code(set("app.n", "9223372036854775807 + 1")))
                .as("a fault when it comes to it, and no error of the compiler")
                .isEqualTo("app.n = Values.Of<long>(9223372036854775807) + 1;");
        assertThat(code(set("app.n", "app.n / 0"))).isEqualTo("app.n = app.n / Values.Of<long>(0);");
        assertThat(code(set("app.n", "[1, 2].map(x, 3)[0]")))
                .as("a list of wholes, not of ints")
                .isEqualTo("app.n = Values.Item(Values.List<long>(1, 2).Select(x => 3L).ToList(), 0);");
    }
}
