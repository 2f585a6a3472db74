package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.Given;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Task;
import bivouac.design.Type;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Tasks: W4, W5, W6, X2, X8, and what D1, D3, D8, C2 and C8 say of them. */
class TaskTest {

    private static final Task WRITE = new Task(
            Name.of("write"),
            List.of(Take.of("at", Type.Plain.FILE)),
            List.of(
                    new Task.Outcome(Ending.of("done"), List.of(), Optional.of(new Expression("takes.at"))),
                    new Task.Outcome(
                            Ending.of("failed", Ending.Give.of("reason", Type.TEXT)),
                            List.of(Given.of("reason", "\"no room for \" + fileName(takes.at)")),
                            Optional.empty())),
            Optional.empty());

    private static Step.RunTask write(Step.Branch... branches) {
        return Step.RunTask.of("write", branches).handing(Given.of("at", "\"/Hut/night.csv\""));
    }

    private static Play play(Making making) {
        Design design = making.design();
        return new Play(design.with(design.application().working(List.of(WRITE))));
    }

    private static Play desk(Step... pressed) {
        return play(withMain(main("Desk", button("go", pressed), button("other", note("other")))));
    }

    @Test
    void W5_a_foreground_task_is_waited_for_and_nothing_else_happens_meanwhile() {
        desk(write(when("done", note("kept"))), note("after"))
                .does("press \"go\" of \"Desk\"")
                .sees("runs write with at /Hut/night.csv")
                .blocks("Desk")
                .cannot("press \"other\" of \"Desk\"")
                .cannot("close box of \"Desk\"")
                .cannot("session ends")
                .does("task \"write\" ends \"done\" of \"Desk\"")
                .sees("notes “kept”", "notes “after”")
                .blocks();
    }

    @Test
    void W5_killed_is_possible_while_a_task_runs() {
        assertThat(desk(write()).does("press \"go\" of \"Desk\"").can("killed")).isTrue();
    }

    @Test
    void W4_the_branch_of_the_ending_reads_what_the_task_gives() {
        desk(write(when("failed", note("{result.reason}"))))
                .does("press \"go\" of \"Desk\"")
                .does("task \"write\" ends \"failed\" of \"Desk\"")
                .sees("write gives reason no room for night.csv", "notes “no room for night.csv”");
    }

    @Test
    void W4_what_a_task_gives_is_kept_under_a_name_inside_the_branch() {
        var step = new Step.RunTask(
                "write",
                false,
                false,
                List.of(Given.of("at", "\"/a.csv\"")),
                Optional.of("kept"),
                List.of(when("failed", waits("Ask"), note("{kept.reason}"))));
        play(withMain(main("Desk", button("go", step)), box("Ask", "OK")))
                .does("press \"go\" of \"Desk\"")
                .does("task \"write\" ends \"failed\" of \"Desk\"")
                .does("answer \"ok\" of \"Ask\"")
                .seesAmongOthers("notes “no room for a.csv”");
    }

    @Test
    void W4_an_ending_without_a_branch_goes_on_after_the_step() {
        desk(write(), note("after"))
                .does("press \"go\" of \"Desk\"")
                .does("task \"write\" ends \"done\" of \"Desk\"")
                .sees("notes “after”");
    }

    @Test
    void W5_while_a_background_task_runs_other_events_go_on_and_its_branch_runs_when_it_ends() {
        desk(write(when("done", note("kept"))).inBackground(false), note("after"))
                .does("press \"go\" of \"Desk\"")
                .sees("runs write with at /Hut/night.csv")
                .blocks()
                .does("press \"other\" of \"Desk\"")
                .sees("notes “other”")
                .does("task \"write\" ends \"done\" of \"Desk\"")
                .sees("notes “kept”", "notes “after”");
    }

    @Test
    void X8_the_same_step_of_one_window_does_not_run_its_task_twice_at_a_time() {
        desk(write(when("done", note("kept"))).inBackground(false))
                .does("press \"go\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .faults(Fault.Rule.X8)
                .does("task \"write\" ends \"done\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .hasNoFault();
    }

    @Test
    void W5_X2_when_its_window_goes_a_background_task_is_let_go() {
        var child = child("Card", button("go", write(when("done", note("kept"))).inBackground(false)));
        var play = play(withMain(main("Desk", button("open", alongside("Card"))), child));
        play.does("press \"open\" of \"Desk\"")
                .does("press \"go\" of \"Card\"")
                .does("close box of \"Card\"")
                .faults(Fault.Rule.X2)
                .cannot("task \"write\" ends \"done\" of \"Card\"");
    }

    @Test
    void W5_a_task_that_may_be_stopped_or_has_no_branch_is_let_go_without_fault() {
        for (var step : List.of(write(when("done", note("kept"))).inBackground(true), write().inBackground(false))) {
            play(withMain(main("Desk", button("open", alongside("Card"))), child("Card", button("go", step))))
                    .does("press \"open\" of \"Desk\"")
                    .does("press \"go\" of \"Card\"")
                    .does("close box of \"Card\"")
                    .hasNoFault();
        }
    }

    @Test
    void W5_stop_task_lets_it_go() {
        play(withMain(main(
                        "Desk", button("go", write().inBackground(true)), button("stop", new Step.StopTask("write")))))
                .does("press \"go\" of \"Desk\"")
                .does("press \"stop\" of \"Desk\"")
                .cannot("task \"write\" ends \"done\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .hasNoFault();
    }

    @Test
    void W5_C2_a_closing_script_runs_its_tasks_in_the_foreground_and_a_failure_can_refuse() {
        var careful =
                before(main("Desk"), write(when("failed", stay()), when("done")).inBackground(true));
        play(withMain(careful))
                .does("close box of \"Desk\"")
                .cannot("close box of \"Desk\"")
                .does("task \"write\" ends \"failed\" of \"Desk\"")
                .opens("Desk")
                .does("close box of \"Desk\"")
                .does("task \"write\" ends \"done\" of \"Desk\"")
                .ended(0);
    }

    @Test
    void D1_the_last_window_rule_waits_for_a_script_of_the_application_whose_task_runs() {
        play(design().start(alongside("Desk"), write(when("done", note("kept"))).inBackground(false))
                        .with(main("Desk")))
                .does("close box of \"Desk\"")
                .runs()
                .hasNoFault()
                .does("task \"write\" ends \"done\"")
                .seesAmongOthers("notes “kept”");
    }

    @Test
    void D3_a_departure_lets_background_tasks_go_without_fault() {
        desk(write(when("done", note("kept"))).inBackground(false))
                .does("press \"go\" of \"Desk\"")
                .does("session ends")
                .hasNoFault()
                .ended(0);
    }

    @Test
    void D8_while_a_task_runs_an_application_without_windows_is_not_unseen() {
        play(design().start(write(when("done", alongside("Desk")))).with(main("Desk")))
                .hasNoFault()
                .does("task \"write\" ends \"done\"")
                .opens("Desk");
    }

    @Test
    void C8_a_task_that_writes_a_file_leaves_it_there_for_the_next_file_dialog() {
        var play = desk(write()).does("press \"go\" of \"Desk\"");
        assertThat(play.rehearsal().scene().files()).doesNotContain("/Hut/night.csv");
        play.does("task \"write\" ends \"done\" of \"Desk\"");
        assertThat(play.rehearsal().scene().files()).contains("/Hut/night.csv");
    }

    @Test
    void X3_a_sample_that_cannot_be_reckoned_is_a_fault_and_the_task_still_ends() {
        var broken = new Task(
                Name.of("count"),
                List.of(),
                List.of(new Task.Outcome(
                        Ending.of("done", Ending.Give.of("n", Type.WHOLE)),
                        List.of(Given.of("n", "1 / 0")),
                        Optional.empty())),
                Optional.empty());
        Design design = withMain(main(
                        "Desk",
                        Part.Caption.of("shown", ""),
                        button("go", Step.RunTask.of("count", when("done", set("me.shown", "shown(result.n)"))))))
                .design();
        new Play(design.with(design.application().working(List.of(broken))))
                .does("press \"go\" of \"Desk\"")
                .does("task \"count\" ends \"done\" of \"Desk\"")
                .faults(Fault.Rule.X3)
                .shows("Desk", "shown", "0");
    }

    @Test
    void a_task_that_is_not_there_is_a_fault_when_it_is_reached() {
        desk(Step.RunTask.of("fly")).does("press \"go\" of \"Desk\"").faults(Fault.Rule.X3);
    }
}
