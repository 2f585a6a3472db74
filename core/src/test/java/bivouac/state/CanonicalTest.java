package bivouac.state;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Holding;
import bivouac.design.Instances;
import bivouac.design.Manner;
import bivouac.design.Part;
import bivouac.design.Routines;
import bivouac.design.Row;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Timer;
import bivouac.design.Type;
import bivouac.expression.Value;
import bivouac.machine.Machine;
import bivouac.machine.Play;
import bivouac.machine.Stepper;
import bivouac.plan.Program;
import bivouac.testkit.Exploration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentLinkedQueue;
import org.junit.jupiter.api.Test;

/** Situations that no rule and no expression can tell apart are one state, however they came about. */
class CanonicalTest {

    private static int explored(Design design) {
        return Exploration.of(new Stepper(new Machine(Program.of(design)), Play.TODAY))
                .states()
                .size();
    }

    private static Design fourWindows(Step.Branch... branches) {
        var buttons = new ArrayList<Part>();
        var making = design().start(alongside("Desk"));
        for (String name : List.of("A", "B", "C", "D")) {
            buttons.add(button(name.toLowerCase(java.util.Locale.ROOT), alongside(name, branches)));
            making.with(child(name));
        }
        return making.with(main("Desk", buttons.toArray(new Part[0])))
                .departs(new DepartureRule.WithWindow("Desk"))
                .design();
    }

    @Test
    void branches_left_behind_have_no_order() {
        // each of four windows open or not, and ended, and killed
        assertThat(explored(fourWindows())).isEqualTo(18);
        assertThat(explored(fourWindows(when("closed", note("gone"))))).isEqualTo(18);
    }

    private static Set<State> inAnyOrder(Design design, String... lines) {
        Set<State> states = new HashSet<>();
        var random = new Random(3);
        for (int i = 0; i < 24; i++) {
            var shuffled = new ArrayList<>(List.of(lines));
            Collections.shuffle(shuffled, random);
            var play = new Play(design);
            shuffled.forEach(play::does);
            states.add(play.rehearsal().present().state());
        }
        return states;
    }

    @Test
    void windows_that_open_what_they_hold_and_what_they_run_have_no_order() {
        var buttons = new ArrayList<Part>();
        var making = design().start(alongside("Desk"));
        for (String name : List.of("a", "b", "c")) {
            buttons.add(button(name, alongside("W" + name, when("closed", note("gone")))));
            Script opened = Script.of(
                    Step.TakeHolding.of("lock"), Step.RunTask.of("work").inBackground(true));
            making.with(child("W" + name).at(FacedWindow.Moment.OPENED, opened));
        }
        Design design = making.with(main("Desk", buttons.toArray(new Part[0])))
                .holds(Holding.of("lock"))
                .works(task("work", "done"))
                .design();
        assertThat(inAnyOrder(design, "press \"a\" of \"Desk\"", "press \"b\" of \"Desk\"", "press \"c\" of \"Desk\""))
                .hasSize(1);
    }

    @Test
    void background_tasks_of_one_window_for_several_keys_and_of_one_script_have_no_order() {
        Step work = Step.RunTask.of("work").inBackground(true);
        FacedWindow card = child("Card", Part.Caption.of("tell", "{takes.guest}"))
                .taking(List.of(Take.of("guest", Type.TEXT)))
                .living(Optional.of(new Instances.OneForEach("guest")), false)
                .at(FacedWindow.Moment.OPENED, Script.of(work));
        Design cards = withMain(main("Desk", opens("a"), opens("b"), opens("c")), card)
                .works(task("work", "done"))
                .design();
        assertThat(inAnyOrder(cards, "press \"a\" of \"Desk\"", "press \"b\" of \"Desk\"", "press \"c\" of \"Desk\""))
                .hasSize(1);

        Step either = new Step.If(
                List.of(new Step.If.Case(new bivouac.design.Expression("app.first"), Script.of(work))),
                Optional.of(Script.of(Step.RunTask.of("other").inBackground(true))));
        Design steps = withMain(main(
                        "Desk",
                        button("go", either),
                        button("first", set("app.first", "true")),
                        button("second", set("app.first", "false"))))
                .variable("first", Type.YESNO, "true")
                .works(task("work", "done"), task("other", "done"))
                .design();
        Play one = new Play(steps)
                .does("press \"go\" of \"Desk\"")
                .does("press \"second\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .hasNoFault();
        Play other = new Play(steps)
                .does("press \"second\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .does("press \"first\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .hasNoFault()
                .does("press \"second\" of \"Desk\"");
        assertThat(one.state()).isEqualTo(other.state());
    }

    private static Part opens(String guest) {
        return button(
                guest, Step.Open.of("Card", new Manner.Alongside()).handing(Given.of("guest", "\"" + guest + "\"")));
    }

    private static Design cards(Instances instances) {
        FacedWindow card = child("Card")
                .taking(List.of(Take.of("guest", Type.TEXT)))
                .withRows(List.of(Row.of(Part.Caption.of("tell", "{takes.guest}"))))
                .living(Optional.of(instances), false);
        return withMain(main("Desk", opens("a"), opens("b")), card).design();
    }

    @Test
    void instances_with_keys_stand_by_their_keys_and_those_without_in_the_order_of_opening() {
        String[] presses = {"press \"a\" of \"Desk\"", "press \"b\" of \"Desk\""};
        assertThat(inAnyOrder(cards(new Instances.OneForEach("guest")), presses))
                .hasSize(1);
        // the newest is asked first (D2), so their order can be told
        assertThat(inAnyOrder(cards(new Instances.Many()), presses)).hasSize(2);
    }

    @Test
    void what_is_only_seen_is_no_part_of_a_state_and_is_seen_all_the_same() {
        FacedWindow desk = main(
                "Desk",
                Part.Caption.of("shown", "Shown"),
                Part.TextField.of("typed", "Typed"),
                button("title", set("me.title", "\"other\"")),
                button("caption", set("me.shown", "\"other\"")),
                button("colour", set("me.shown.colour", "\"#2f5d50\"")),
                button("lock", set("me.typed.enabled", "false")));
        var play = new Play(withMain(desk).design());
        State first = play.rehearsal().present().state();
        play.does("press \"title\" of \"Desk\"")
                .does("press \"caption\" of \"Desk\"")
                .does("press \"colour\" of \"Desk\"")
                .does("type \"words\" into \"typed\" of \"Desk\"");
        assertThat(play.rehearsal().present().state()).isEqualTo(first);
        play.shows("Desk", "shown", "other").shows("Desk", "typed", "words");
        assertThat(play.window("Desk").title()).isEqualTo("other");
        assertThat(play.window("Desk").parts().getFirst().colour()).isEqualTo("#2f5d50");
        play.does("press \"lock\" of \"Desk\"");
        assertThat(play.rehearsal().present().state()).isNotEqualTo(first);
    }

    @Test
    void a_name_is_kept_only_while_it_can_still_be_read() {
        Step let = Step.Let.of("sum", "app.n + 1");
        assertThat(waitingAfterMore(let, waits("Sure"), note("{sum}"))).hasSize(3);
        assertThat(waitingAfterMore(let, note("{sum}"), waits("Sure"))).hasSize(1);
    }

    /** The states that wait for the message box; what n was when that opened is set back to 0 since. */
    private static Set<State> waitingAfterMore(Step... go) {
        FacedWindow desk = main("Desk", button("more", set("app.n", "app.n + 1")), button("go", go))
                .with(new Routines(List.of(), List.of(Timer.of("reset", "1").firing(Script.of(set("app.n", "0"))))))
                .at(FacedWindow.Moment.OPENED, Script.of(new Step.TurnTimer(Step.TurnTimer.How.START, "reset")));
        Set<State> states = new HashSet<>();
        for (int n = 0; n < 3; n++) {
            var play = withMain(desk, box("Sure", "Yes"))
                    .variable("n", Type.WHOLE, "0")
                    .play();
            for (int i = 0; i < n; i++) {
                play.does("press \"more\" of \"Desk\"");
            }
            play.does("press \"go\" of \"Desk\"").does("timer \"reset\" of \"Desk\" fires");
            states.add(play.rehearsal().present().state());
        }
        return states;
    }

    @Test
    void a_state_is_as_wide_as_what_its_program_can_reach() {
        Design design = withMain(main(
                        "Desk",
                        button("green", set("app.colour", "\"green\"")),
                        button("blue", set("app.colour", "app.colour == \"red\" ? \"blue\" : \"black\"")),
                        Part.Caption.of("now", "{app.colour}")))
                .variable("colour", Type.TEXT, "\"red\"")
                .design();
        var machine = new Machine(Program.of(design));
        State state = machine.start(Play.TODAY, s -> {});
        assertThat(state.size()).as("bytes for a window and one of few colours").isEqualTo(Long.BYTES);
    }

    @Test
    void values_have_numbers_on_which_several_threads_agree() throws Exception {
        var values = new Values(List.of());
        var threads = new ArrayList<Thread>();
        var wrong = new ConcurrentLinkedQueue<Integer>();
        for (int t = 0; t < 4; t++) {
            threads.add(Thread.ofPlatform().start(() -> {
                for (int i = 0; i < 20_000; i++) {
                    var value = new Value.Whole(i % 5_000);
                    if (!values.value(values.number(value)).equals(value)) {
                        wrong.add(i);
                    }
                }
            }));
        }
        for (Thread thread : threads) {
            thread.join();
        }
        assertThat(wrong).isEmpty();
        assertThat(values.number(new Value.Whole(99_999))).isEqualTo(5_003);
    }

    private static Step background(String task) {
        return new Step.RunTask(task, true, false, List.of(), Optional.empty(), List.of());
    }

    @Test
    void scripts_that_wait_for_background_tasks_have_no_order() {
        var design = withMain(
                        main(
                                "Desk",
                                button("a", background("x")),
                                button("b", background("y")),
                                button("cards", alongside("One"), alongside("Two")),
                                button("both", background("x"), background("y"))),
                        child("One", button("go", background("x"), background("z"))),
                        child("Two", button("go", background("x"))))
                .works(task("x", "done"), task("y", "done"), task("z", "done"))
                .design();
        assertThat(after(design, "press \"a\" of \"Desk\"", "press \"b\" of \"Desk\""))
                .isEqualTo(after(design, "press \"b\" of \"Desk\"", "press \"a\" of \"Desk\""));
        String cards = "press \"cards\" of \"Desk\"";
        assertThat(after(
                        design,
                        cards,
                        "press \"go\" of \"One\"",
                        "press \"go\" of \"Two\"",
                        "press \"go\" of \"Desk\"".replace("go", "a")))
                .isEqualTo(after(
                        design,
                        cards,
                        "press \"a\" of \"Desk\"",
                        "press \"go\" of \"Two\"",
                        "press \"go\" of \"One\""));
        assertThat(after(design, "press \"a\" of \"Desk\"")).isNotEqualTo(after(design, "press \"b\" of \"Desk\""));
    }

    private static bivouac.state.State after(Design design, String... events) {
        var play = new Play(design);
        for (String event : events) {
            play.does(event);
        }
        return play.state();
    }

    @Test
    void what_was_before_the_end_is_no_part_of_it() {
        var clock = Timer.of("clock", "5");
        var design = withMain(main(
                        "Desk",
                        button("up", set("app.n", "app.n + 1")),
                        button("tell", note("{app.n}")),
                        button("on", new Step.TurnTimer(Step.TurnTimer.How.START, "clock")),
                        button("wrong", set("app.n", "1 / (app.n - app.n)")),
                        button("quit", ends(3, ""))))
                .variable("n", Type.WHOLE, "0")
                .ticks(clock)
                .design();
        var ended = after(design, "press \"quit\" of \"Desk\"");
        assertThat(after(design, "press \"up\" of \"Desk\"", "press \"quit\" of \"Desk\""))
                .isEqualTo(ended);
        assertThat(after(design, "press \"on\" of \"Desk\"", "press \"quit\" of \"Desk\""))
                .isEqualTo(ended);
        assertThat(after(design, "press \"wrong\" of \"Desk\"", "press \"quit\" of \"Desk\""))
                .isEqualTo(ended);
    }
}
