package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Setting;
import bivouac.design.Step;
import bivouac.design.Task;
import bivouac.design.Traits;
import bivouac.rehearsal.Onward;
import bivouac.rehearsal.TrailWords;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** How far work is (W9), and that it is asked to end before it is done (W10). */
class ProgressTest {

    private static final String GO = "press \"go\" of \"Desk\"";
    private static final String DONE = "task \"write\" ends \"done\" of \"Desk\"";
    private static final String CANCELLED = "task \"write\" ends \"cancelled\" of \"Desk\"";
    private static final String CANCEL = "cancel \"bar\" of \"Desk\"";

    private static final Part BAR = Part.Progress.of("bar", "Writing", "write");

    private static Task work(Set<Task.Told> told, String... endings) {
        return task("write", endings.length == 0 ? new String[] {"done", "failed"} : endings)
                .telling(told);
    }

    private static Making desk(Set<Task.Told> told, FacedWindow desk) {
        return withMain(desk).works(work(told));
    }

    private static Making desk(Step... pressed) {
        return desk(EnumSet.allOf(Task.Told.class), main("Desk", BAR, button("go", pressed)));
    }

    private static Step.RunTask behind(Step.Branch... branches) {
        return new Step.RunTask("write", true, false, List.of(), Optional.empty(), List.of(branches));
    }

    private static String tells(int done, String line) {
        return "task \"write\" tells " + done + " \"" + line + "\" of \"Desk\"";
    }

    private static int done(Play play, String window) {
        return play.window(window).part("bar").orElseThrow().done();
    }

    // W9

    @Test
    void W9_what_is_told_stands_in_the_part_and_starts_again_with_the_work() {
        var play = desk(run("write")).play().does(GO);
        assertThat(done(play, "Desk")).isZero();
        play.does(tells(40, "Ilva Tarn"))
                .shows("Desk", "bar", "Ilva Tarn")
                .blocks("Desk")
                .sees();
        assertThat(done(play, "Desk")).isEqualTo(40);
        play.does(tells(20, "")).shows("Desk", "bar", "");
        assertThat(done(play, "Desk")).isEqualTo(20);
        play.does(DONE);
        assertThat(done(play, "Desk")).as("what was told last stays").isEqualTo(20);
        play.cannot(tells(50, "")).does(GO);
        assertThat(done(play, "Desk")).isZero();
    }

    @Test
    void W9_beyond_its_end_is_its_end() {
        var play = desk(run("write")).play().does(GO).does(tells(999, "over"));
        assertThat(done(play, "Desk")).isEqualTo(100);
        var machine = play.rehearsal().machine();
        var after = machine.step(play.state(), new Event.TaskTells(-1, -3, "under"), seen -> {});
        assertThat(machine.scene(after)
                        .windows()
                        .getFirst()
                        .part("bar")
                        .orElseThrow()
                        .done())
                .isZero();
    }

    @Test
    void W9_a_task_that_shows_none_tells_nothing() {
        desk(EnumSet.of(Task.Told.CANCEL), main("Desk", BAR, button("go", run("write"))))
                .play()
                .does(GO)
                .cannot(tells(1, ""));
    }

    @Test
    void W9_it_stands_in_the_window_whose_work_it_is_else_in_every_one() {
        FacedWindow plan = child("Plan", BAR);
        var own = withMain(main("Desk", BAR, button("go", alongside("Plan"), behind())), plan)
                .works(work(EnumSet.allOf(Task.Told.class)))
                .play()
                .does(GO)
                .does(tells(30, "x"));
        assertThat(done(own, "Desk")).isEqualTo(30);
        assertThat(done(own, "Plan")).isZero();
        var every = withMain(
                        main("Desk", button("go", alongside("Plan"), alongside("Card"), behind())),
                        plan,
                        child("Card", BAR))
                .works(work(EnumSet.allOf(Task.Told.class)))
                .play()
                .does(GO)
                .does(tells(30, "x"));
        assertThat(done(every, "Plan")).isEqualTo(30);
        assertThat(done(every, "Card")).isEqualTo(30);
    }

    @Test
    void P1_how_much_is_done_and_the_line_can_be_read() {
        desk(behind(when("done", note("{shown(me.bar)} {me.bar.text}"))))
                .play()
                .does(GO)
                .does(tells(77, "beds"))
                .does(DONE)
                .seesAmongOthers("notes “77 beds”");
    }

    @Test
    void W9_it_is_explored_where_something_depends_on_it_and_nowhere_else() {
        var plain = desk(behind()).play().does(GO);
        assertThat(samples(plain)).isEmpty();
        var asked = desk(
                        EnumSet.of(Task.Told.PROGRESS),
                        main(
                                "Desk",
                                BAR,
                                button("go", behind()),
                                button("late", note("x"))
                                        .with(Traits.USUAL.enabled(
                                                new Setting.Follows(new Expression("me.bar > 80"))))))
                .play()
                .does(GO);
        assertThat(samples(asked)).extracting(Entries.Told::done).contains(80, 81, 100);
    }

    private static List<Entries.Told> samples(Play play) {
        return Samples.of(play.rehearsal().machine().program(), Play.TODAY).told("write");
    }

    // W10

    @Test
    void W10_it_is_asked_once_and_ends_in_whichever_way_it_can() {
        var play = desk(run("write", when("cancelled", note("cancelled")), when("done", note("done"))), note("after"))
                .play()
                .does(GO)
                .cannot(CANCELLED)
                .does(CANCEL)
                .blocks("Desk")
                .cannot(CANCEL)
                .cannot("close box of \"Desk\"");
        assertThat(play.can(DONE)).isTrue();
        play.does(CANCELLED)
                .seesAmongOthers("notes “cancelled”", "notes “after”")
                .hasNoFault()
                .blocks();
        // asked too late
        desk(run("write", when("done", note("done"))))
                .play()
                .does(GO)
                .does(CANCEL)
                .does(DONE)
                .seesAmongOthers("notes “done”")
                .does(GO)
                .cannot(CANCELLED);
    }

    @Test
    void W10_where_no_branch_says_what_then_the_script_goes_no_further() {
        var play = desk(run("write"), note("after"))
                .play()
                .does(GO)
                .does(CANCEL)
                .does(CANCELLED)
                .hasNoFault()
                .blocks();
        assertThat(play.seen()).noneMatch(s -> s.contains("after"));
    }

    @Test
    void W10_C2_before_closing_it_refuses() {
        desk(EnumSet.allOf(Task.Told.class), before(main("Desk", BAR), run("write")))
                .play()
                .does("close box of \"Desk\"")
                .does(CANCEL)
                .does(CANCELLED)
                .opens("Desk")
                .runs()
                .blocks();
    }

    @Test
    void W10_while_it_is_waited_for_leaving_is_cancelling_and_nothing_else_can_be_done() {
        FacedWindow form = dialog("Form", BAR, button("go", run("write")));
        var play = withMain(main("Desk", button("form", waits("Form"))), form)
                .works(work(EnumSet.of(Task.Told.CANCEL)))
                .play()
                .does("press \"form\" of \"Desk\"")
                .does("press \"go\" of \"Form\"")
                .cannot("close box of \"Desk\"")
                .cannot("press \"go\" of \"Form\"")
                .cannot("session ends");
        assertThat(play.can("close box of \"Form\"")).isTrue();
        play.does("Escape of \"Form\"")
                .opens("Desk", "Form")
                .does("task \"write\" ends \"cancelled\" of \"Form\"")
                .blocks("Desk")
                .does("close box of \"Form\"")
                .opens("Desk");
    }

    @Test
    void W10_a_part_that_cannot_be_used_cancels_nothing() {
        for (String state : List.of("enabled", "visible")) {
            Setting no = new Setting.Fixed(false);
            Part bar = BAR.with(state.equals("enabled") ? Traits.USUAL.enabled(no) : Traits.USUAL.visible(no));
            desk(EnumSet.allOf(Task.Told.class), main("Desk", bar, button("go", run("write"))))
                    .play()
                    .does(GO)
                    .cannot(CANCEL);
        }
    }

    @Test
    void W10_background_work_is_cancelled_like_a_button_is_pressed_and_by_a_step() {
        var play = desk(behind(when("cancelled", note("cancelled"))))
                .play()
                .does(GO)
                .does(CANCEL)
                .cannot(CANCEL);
        play.does(CANCELLED).seesAmongOthers("notes “cancelled”");
        desk(
                        EnumSet.allOf(Task.Told.class),
                        main("Desk", BAR, button("go", behind()), button("stop", new Step.CancelTask("write"))))
                .play()
                .does("press \"stop\" of \"Desk\"")
                .does(GO)
                .cannot(CANCELLED)
                .does("press \"stop\" of \"Desk\"")
                .does(CANCELLED)
                .hasNoFault();
    }

    @Test
    void W10_an_ending_of_that_name_is_that_one() {
        var made = withMain(main("Desk", BAR, button("go", run("write", when("cancelled", note("own"))))))
                .works(work(EnumSet.of(Task.Told.CANCEL), "done", "cancelled"))
                .play()
                .does(GO)
                .cannot(CANCELLED)
                .does(CANCEL)
                .does(CANCELLED)
                .seesAmongOthers("notes “own”");
        assertThat(made.rehearsal()
                        .machine()
                        .program()
                        .design()
                        .application()
                        .tasks()
                        .getFirst()
                        .unwritten())
                .extracting(Ending::name)
                .containsExactly("broke");
    }

    @Test
    void what_it_comes_to_is_said_before_it_is_done() {
        var play = desk(run("write")).play().does(GO);
        var rehearsal = play.rehearsal();
        assertThat(TrailWords.preview(rehearsal, new Event.Cancel(0, 0)).words())
                .isEqualTo("asks write to end");
        assertThat(TrailWords.preview(rehearsal, new Event.CloseBox(0)).words()).isEqualTo("asks write to end");
        assertThat(TrailWords.preview(rehearsal, new Event.TaskTells(-1, 10, "a"))
                        .words())
                .isEqualTo("Writing shows 10 % a");
    }

    @Test
    void by_itself_it_goes_on_by_tens_and_ends_and_ends_at_once_where_nothing_shows_it() {
        var shown = desk(run("write")).play().does(GO).does(tells(95, "a"));
        assertThat(next(shown)).isEqualTo(new Event.TaskTells(-1, 100, "a"));
        shown.does(tells(100, ""));
        assertThat(next(shown)).isEqualTo(new Event.TaskEnds(-1, 0));
        var hidden = desk(EnumSet.allOf(Task.Told.class), main("Desk", button("go", run("write"))))
                .play()
                .does(GO);
        assertThat(next(hidden)).isEqualTo(new Event.TaskEnds(-1, 0));
    }

    private static Event next(Play play) {
        Scene scene = play.rehearsal().scene();
        return Onward.next(play.rehearsal().machine(), scene, scene.tasks().getFirst());
    }

    @Test
    void work_that_was_asked_to_end_is_another_situation() {
        var play = desk(run("write")).play().does(GO);
        var before = play.state();
        play.does(CANCEL);
        assertThat(play.state()).isNotEqualTo(before);
        assertThat(play.rehearsal().machine().events(play.state())).contains(new Event.TaskEnds(-1, 2));
    }
}
