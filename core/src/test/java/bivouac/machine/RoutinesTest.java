package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.Findings;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.NamedScript;
import bivouac.design.Part;
import bivouac.design.Routines;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Timer;
import bivouac.design.Type;
import bivouac.plan.Program;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Named scripts (W7), timers and days (V4), and the focus (S1). */
class RoutinesTest {

    private static final Step START = new Step.TurnTimer(Step.TurnTimer.How.START, "clock");
    private static final Step STOP = new Step.TurnTimer(Step.TurnTimer.How.STOP, "clock");

    private static FacedWindow with(FacedWindow window, NamedScript script) {
        return window.with(new Routines(List.of(script), List.of()));
    }

    private static FacedWindow with(FacedWindow window, Timer timer) {
        return window.with(new Routines(List.of(), List.of(timer)));
    }

    private static NamedScript greeting() {
        return NamedScript.of("greet", note("{takes.whom}{takes.mark}"))
                .taking(List.of(
                        Take.of("whom", Type.TEXT),
                        new Take(
                                bivouac.design.Name.of("mark"),
                                Type.TEXT,
                                java.util.Optional.of(new bivouac.design.Expression("\"!\"")))));
    }

    @Test
    void W7_a_script_of_the_application_is_done_with_its_takes_anywhere() {
        withMain(main(
                        "Desk",
                        button(
                                "go",
                                Step.Do.of("greet", Given.of("whom", "\"Ilva\"")),
                                Step.Do.of("greet", Given.of("whom", "\"Per\""), Given.of("mark", "\"?\"")))))
                .does(greeting())
                .play()
                .does("press \"go\" of \"Desk\"")
                .sees("notes “Ilva!”", "notes “Per?”");
    }

    @Test
    void W7_a_windows_own_script_is_meant_first_and_runs_as_if_its_steps_stood_there() {
        var leave = NamedScript.of("leave", set("me.title", "\"Left\""), new Step.StayOpen(), note("never"));
        var desk = with(main("Desk"), leave)
                .at(FacedWindow.Moment.BEFORE_CLOSING, Script.of(Step.Do.of("leave"), note("never")));
        withMain(desk)
                .does(NamedScript.of("leave", note("the other one")))
                .play()
                .does("close box of \"Desk\"")
                .sees("sets me.title to Left", "Desk stays open")
                .opens("Desk");
    }

    @Test
    void W7_a_background_task_in_it_belongs_to_the_script_that_does_it() {
        var save = NamedScript.of("save", Step.RunTask.of("write").inBackground(true), note("written"));
        withMain(main("Desk", button("go", Step.Do.of("save"), note("after"))))
                .does(save)
                .works(task("write", "done"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .sees("runs write")
                .does("task \"write\" ends \"done\" of \"Desk\"")
                .sees("notes “written”", "notes “after”");
    }

    @Test
    void W7_a_script_that_does_itself_is_a_finding_and_a_fault_where_it_gets_there() {
        Design ring = withMain(main("Desk", button("go", Step.Do.of("a"))))
                .does(NamedScript.of("a", note("in a"), Step.Do.of("b")), NamedScript.of("b", Step.Do.of("a")))
                .design();
        assertThat(Findings.of(Program.of(ring))).anyMatch(f -> f.what().contains("does itself, and would never end"));
        new Play(ring).does("press \"go\" of \"Desk\"").faults(Fault.Rule.X3).seesAmongOthers("notes “in a”");
    }

    @Test
    void W7_what_it_takes_has_to_be_handed_over_and_again_finds_no_repeat_around_it() {
        Design missing = withMain(
                        main("Desk", button("go", Step.Do.of("greet"), new Step.Repeat(Script.of(Step.Do.of("more"))))))
                .does(greeting(), NamedScript.of("more", new Step.Again()))
                .design();
        assertThat(Findings.of(Program.of(missing)).stream().map(f -> f.what()))
                .anyMatch(w -> w.contains("greet has to be handed “whom”"))
                .anyMatch(w -> w.contains("“again” stands in no “repeat”"));
        new Play(missing).does("press \"go\" of \"Desk\"").faults(Fault.Rule.X3);
    }

    @Test
    void V4_a_timer_fires_while_it_is_on_also_for_a_blocked_window() {
        var desk = with(
                main("Desk", button("on", START), button("off", STOP), button("ask", waits("Sure"))),
                Timer.of("clock", "60").firing(Script.of(note("tick"))));
        var play = withMain(desk, box("Sure", "Yes"))
                .play()
                .cannot("timer \"clock\" of \"Desk\" fires")
                .does("press \"on\" of \"Desk\"")
                .sees("starts the timer clock, every 60 seconds")
                .does("timer \"clock\" of \"Desk\" fires")
                .sees("notes “tick”");
        play.does("press \"ask\" of \"Desk\"")
                .blocks("Desk")
                .does("timer \"clock\" of \"Desk\" fires")
                .sees("notes “tick”")
                .does("answer \"yes\" of \"Sure\"")
                .does("press \"off\" of \"Desk\"")
                .sees("stops the timer clock")
                .cannot("timer \"clock\" of \"Desk\" fires");
    }

    @Test
    void V4_one_that_fires_once_is_off_then_and_the_applications_runs_without_windows() {
        design().start(START, alongside("Desk"))
                .with(main("Desk"))
                .departs(new DepartureRule.OnlyWhenTold())
                .ticks(Timer.of("clock", "1").onlyOnce().firing(Script.of(note("tick"))))
                .play()
                .sees("starts the timer clock, every 1 second", "opens Desk")
                .does("close box of \"Desk\"")
                .does("timer \"clock\" fires")
                .sees("notes “tick”")
                .cannot("timer \"clock\" fires");
    }

    @Test
    void V4_a_timer_of_no_length_never_begins() {
        for (String length : List.of("0", "-1", "0.0")) {
            withMain(with(main("Desk", button("on", START, note("never"))), Timer.of("clock", length)))
                    .play()
                    .does("press \"on\" of \"Desk\"")
                    .faults(Fault.Rule.X3)
                    .cannot("timer \"clock\" of \"Desk\" fires");
        }
    }

    @Test
    void W6_a_timer_is_off_with_its_window_and_waits_for_a_foreground_task() {
        var plan = with(
                child("Plan", button("work", Step.RunTask.of("write"))).at(FacedWindow.Moment.OPENED, Script.of(START)),
                Timer.of("clock", "5"));
        withMain(main("Desk", button("go", alongside("Plan"))), plan)
                .works(task("write", "done"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("press \"work\" of \"Plan\"")
                .cannot("timer \"clock\" of \"Plan\" fires")
                .does("task \"write\" ends \"done\" of \"Plan\"")
                .does("close box of \"Plan\"")
                .does("press \"go\" of \"Desk\"")
                .does("timer \"clock\" of \"Plan\" fires");
    }

    @Test
    void V4_a_day_passes_where_the_design_reads_which_day_it_is() {
        withMain(main("Desk", Part.Caption.of("day", "{shown(app.today)}")))
                .play()
                .shows("Desk", "day", "2026-11-23")
                .does("a day passes")
                .shows("Desk", "day", "2026-11-24");
        withMain(main("Desk")).play().cannot("a day passes");
    }

    @Test
    void S1_the_focus_is_told_and_changes_nothing() {
        var play = withMain(main("Desk", Part.TextField.of("name", "Name"), button("go", new Step.Focus("me.name"))))
                .play();
        var before = play.rehearsal().present().state();
        play.does("press \"go\" of \"Desk\"").sees("the focus goes to name of Desk");
        assertThat(play.rehearsal().present().state()).isEqualTo(before);
        withMain(main("Desk", button("go", new Step.Focus("me.nothing"))))
                .play()
                .does("press \"go\" of \"Desk\"")
                .faults(Fault.Rule.X3);
    }

    @Test
    void timers_and_scripts_that_nothing_uses_are_findings() {
        Design idle = withMain(with(main("Desk"), Timer.of("clock", "5")))
                .does(NamedScript.of("tidy"))
                .design();
        assertThat(Findings.of(Program.of(idle)).stream().map(f -> f.what()))
                .contains("Desk: nothing starts the timer “clock”.", "nothing does “tidy”.");
    }

    @Test
    void W7_O5_what_a_script_of_the_application_opens_is_owned_by_the_window_that_does_it() {
        Play play = withMain(
                        main("Desk", button("card", alongside("Card"))),
                        child("Card", button("ask", Step.Do.of("by another way"))),
                        box("Sure", "Yes"))
                .does(NamedScript.of("by another way", Step.Do.of("ask")), NamedScript.of("ask", waitsForOwner("Sure")))
                .play();
        play.does("press \"card\" of \"Desk\"").does("press \"ask\" of \"Card\"");
        play.cannot("close box of \"Card\"");
        assertThat(play.can("close box of \"Desk\""))
                .as("it waits for its owner only")
                .isTrue();
    }

    /** Dates begin as today: so which day it is belongs to the situation wherever one can come to be. */
    @org.junit.jupiter.params.ParameterizedTest
    @org.junit.jupiter.params.provider.ValueSource(strings = {"variable", "application", "column"})
    void V4_a_date_that_comes_to_be_after_a_day_is_that_day(String where) {
        bivouac.design.Part list = bivouac.design.Part.ListOfRows.of(
                "rows", "Rows", new Type.Column("d", Type.DATE), new Type.Column("n", Type.WHOLE));
        Step tell = note(
                switch (where) {
                    case "variable" -> "{me.d}";
                    case "application" -> "{app.d}";
                    default -> "{me.rows.rows[0].d}";
                });
        Step add = new Step.AddRow("me.rows", List.of(bivouac.design.Given.of("n", "1")));
        FacedWindow card =
                switch (where) {
                    case "variable" ->
                        child("Card", button("tell", tell))
                                .holding(List.of(new bivouac.design.Variable(
                                        bivouac.design.Name.of("d"), Type.DATE, java.util.Optional.empty(), false)));
                    case "application" -> child("Card", button("tell", set("app.d", "app.today"), tell));
                    default -> child("Card", list, button("tell", add, tell));
                };
        var making = withMain(main("Desk", button("go", alongside("Card"))), card);
        var made = where.equals("application") ? making.variable("d", Type.DATE, "app.today") : making;
        made.play()
                .does("a day passes")
                .does("press \"go\" of \"Desk\"")
                .does("press \"tell\" of \"Card\"")
                .seesAmongOthers("notes “2026-11-24”");
    }
}
