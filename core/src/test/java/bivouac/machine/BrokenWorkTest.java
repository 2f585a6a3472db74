package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.Findings;
import bivouac.check.finding.Finding;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.NamedScript;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.design.WorkBreaking;
import bivouac.plan.Program;
import bivouac.sentence.Declarations;
import bivouac.sentence.TaskLine;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Work that breaks: W8, X11, and what C2, D4 and C5 say of it. */
class BrokenWorkTest {

    private static final String BREAKS = "task \"write\" ends \"broke\" of \"Desk\"";

    private static final NamedScript TOLD = NamedScript.of(WorkBreaking.ANSWER, note("{takes.task}: {takes.reason}"))
            .taking(List.of(Take.of("task", Type.TEXT), Take.of("reason", Type.TEXT)));

    private static Making desk(FacedWindow desk) {
        return withMain(desk).works(task("write", "done", "failed"));
    }

    private static Making desk(Step... pressed) {
        return desk(main("Desk", button("go", pressed)));
    }

    @Test
    void W8_its_branch_runs_with_the_reason_and_the_script_goes_on() {
        desk(run("write", when("broke", note("{result.reason}"))), note("after"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does(BREAKS)
                .seesAmongOthers("notes “the work failed”", "notes “after”")
                .hasNoFault()
                .blocks();
    }

    @Test
    void X11_where_nothing_says_what_then_the_script_ends_and_nothing_is_blocked() {
        var play = desk(run("write", when("done", note("done"))), note("after"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does(BREAKS)
                .faults(Fault.Rule.X11)
                .blocks();
        assertThat(play.seen()).noneMatch(s -> s.contains("after"));
        play.does("press \"go\" of \"Desk\"").blocks("Desk");
    }

    @Test
    void W8_that_nobody_answers_is_possible_and_does_not_stand_among_what_can_happen() {
        var play = desk(run("write")).play().does("press \"go\" of \"Desk\"");
        assertThat(play.can(BREAKS)).isTrue();
        assertThat(play.rehearsal().machine().events(play.state()))
                .contains(new Event.TaskEnds(-1, 0), new Event.TaskEnds(-1, 1))
                .doesNotContain(new Event.TaskEnds(-1, 2));
        var answered = desk(run("write")).does(TOLD).play().does("press \"go\" of \"Desk\"");
        assertThat(answered.rehearsal().machine().events(answered.state())).contains(new Event.TaskEnds(-1, 2));
    }

    @Test
    void W8_the_application_says_it_for_all_and_the_script_that_ran_the_task_ends() {
        var play = desk(run("write"), note("after"))
                .does(TOLD)
                .play()
                .does("press \"go\" of \"Desk\"")
                .does(BREAKS)
                .seesAmongOthers("notes “write: the work failed”")
                .hasNoFault()
                .blocks();
        assertThat(play.seen()).noneMatch(s -> s.contains("after"));
    }

    @Test
    void W8_a_step_that_says_it_itself_is_not_said_again() {
        var play = desk(run("write", when("broke", note("here"))))
                .does(TOLD)
                .play()
                .does("press \"go\" of \"Desk\"")
                .does(BREAKS)
                .seesAmongOthers("notes “here”");
        assertThat(play.seen()).noneMatch(s -> s.contains("write: "));
    }

    @Test
    void W8_C2_before_closing_it_refuses() {
        desk(before(main("Desk"), run("write")))
                .does(TOLD)
                .play()
                .does("close box of \"Desk\"")
                .does(BREAKS)
                .hasNoFault()
                .opens("Desk")
                .blocks();
        desk(before(main("Desk"), run("write")))
                .play()
                .does("close box of \"Desk\"")
                .does(BREAKS)
                .faults(Fault.Rule.X11)
                .opens("Desk");
    }

    @Test
    void W8_C5_after_closing_it_only_ends_since_nothing_can_be_said() {
        desk(after(main("Desk"), run("write"), note("after")))
                .does(TOLD)
                .play()
                .does("close box of \"Desk\"")
                .does(BREAKS)
                .hasNoFault()
                .ended(0);
    }

    @Test
    void W8_D4_in_the_plan_the_next_step_follows() {
        desk(main("Desk"))
                .planning(run("write"), note("next"))
                .does(TOLD)
                .play()
                .does("close box of \"Desk\"")
                .does("task \"write\" ends \"broke\"")
                .seesAmongOthers("notes “write: the work failed”", "notes “next”")
                .ended(0);
    }

    @Test
    void W8_in_the_background_it_is_over_and_can_be_run_again() {
        var apart = new Step.RunTask("write", true, false, List.of(), java.util.Optional.empty(), List.of());
        desk(apart)
                .does(TOLD)
                .play()
                .does("press \"go\" of \"Desk\"")
                .does(BREAKS)
                .seesAmongOthers("notes “write: the work failed”")
                .does("press \"go\" of \"Desk\"")
                .hasNoFault();
    }

    @Test
    void W8_work_of_the_answer_itself_is_not_answered_by_it() {
        var tries = NamedScript.of(WorkBreaking.ANSWER, run("write"), note("told"));
        desk(run("write"))
                .does(tries)
                .play()
                .does("press \"go\" of \"Desk\"")
                .does(BREAKS)
                .hasNoFault()
                .does(BREAKS)
                .faults(Fault.Rule.X11)
                .blocks();
    }

    @Test
    void W8_what_the_answer_opens_belongs_to_the_window_whose_work_broke() {
        Design design = WorkBreaking.answered(desk(run("write")).design());
        var play = new Play(design).does("press \"go\" of \"Desk\"").does(BREAKS);
        assertThat(play.window("Work broke off").owner()).isPresent();
        play.does("answer \"ok\" of \"Work broke off\"").opens("Desk").blocks();
    }

    @Test
    void W8_one_finding_for_all_and_one_way_puts_it_right() {
        Design design = desk(run("write"), run("write"), run("write")).design();
        List<Finding> found = breaking(design);
        assertThat(found).hasSize(1);
        Design right = found.getFirst().repairs().getFirst().in(design);
        assertThat(breaking(right)).isEmpty();
        assertThat(WorkBreaking.answered(right)).isEqualTo(right);
    }

    @Test
    void W8_where_each_says_it_itself_nothing_is_found_and_of_the_answer_its_own_work_is() {
        assertThat(breaking(desk(run("write", when("broke", note("x")))).design()))
                .isEmpty();
        var tries = NamedScript.of(WorkBreaking.ANSWER, run("write"));
        assertThat(breaking(desk(run("write")).does(tries).design())).hasSize(1);
    }

    @Test
    void W8_work_that_broke_before_closing_and_closes_all_the_same_is_found() {
        Design design = desk(before(main("Desk"), run("write", when("broke", note("oh")), when("failed", stay()))))
                .design();
        assertThat(Findings.of(Program.of(design)))
                .extracting(Finding::what)
                .anyMatch(w -> w.contains("ends broke") && w.contains("closes all the same"));
    }

    @Test
    void W8_an_ending_of_that_name_cannot_be_typed() {
        Assertions.assertThatThrownBy(() -> TaskLine.read("write ends done; broke"))
                .isInstanceOf(Declarations.Wrong.class)
                .hasMessageContaining("Every task can break");
    }

    @Test
    void W8_one_that_an_older_file_holds_is_its_own_and_is_found() {
        Design design = withMain(main("Desk", button("go", run("write", when("broke", note("own"))), note("after"))))
                .works(task("write", "done", "broke"))
                .design();
        new Play(design)
                .does("press \"go\" of \"Desk\"")
                .does(BREAKS)
                .seesAmongOthers("notes “own”", "notes “after”")
                .hasNoFault();
        assertThat(breaking(design)).extracting(Finding::what).containsExactly("“write” has an ending called “broke”.");
    }

    private static List<Finding> breaking(Design design) {
        return Findings.of(Program.of(design)).stream()
                .filter(f -> f.kind() == Finding.Kind.WORK_BREAKS)
                .toList();
    }
}
