package bivouac.machine;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Promise;
import bivouac.expression.Compiled;
import bivouac.format.DesignFile;
import bivouac.plan.Program;
import bivouac.plan.Reading;
import bivouac.state.State;
import bivouac.state.StateTable;
import bivouac.testkit.Exploration;
import bivouac.testkit.Families;
import bivouac.testkit.RandomDesigns;
import bivouac.testkit.Rounds;
import bivouac.testkit.SmallDesigns;
import bivouac.testkit.WideDesigns;
import java.lang.management.ManagementFactory;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import java.util.function.Supplier;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The machine for millions of states does what the machine of the rehearsal does, and counts each situation once. */
class StepperTest {

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6})
    void every_situation_of_the_family_is_one_state(int windows) {
        var stepper = new Stepper(new Machine(Program.of(Families.changedWindows(windows))), Play.TODAY);
        assertThat(Exploration.of(stepper).states().size()).isEqualTo(Families.situations(windows));
    }

    @Test
    void on_random_designs_both_reach_the_same_states_by_the_same_events() {
        var random = RandomGeneratorFactory.of("L64X128MixRandom").create(7);
        int steps = 0;
        int designs = Rounds.of(400);
        for (int i = 0; i < designs; i++) {
            steps += inLockStep(new Machine(Program.of(design(i, random))), random);
        }
        assertThat(steps).isGreaterThan(25 * designs);
    }

    /** Of each kind of random designs one after the other. */
    private static Design design(int number, RandomGenerator random) {
        return switch (number % 3) {
            case 0 -> new RandomDesigns(random).design();
            case 1 -> new SmallDesigns(random).design();
            default -> new WideDesigns(random).design();
        };
    }

    @ParameterizedTest
    @ValueSource(strings = {"ridge-hut", "kiln-house", "ferry-bell"})
    void so_they_do_in_the_examples(String example) throws Exception {
        var random = RandomGeneratorFactory.of("L64X128MixRandom").create(31);
        Design design = DesignFile.read(Path.of("../examples/" + example + ".bivouac"));
        for (int i = 0; i < Rounds.of(15); i++) {
            inLockStep(new Machine(Program.of(design)), random);
        }
    }

    @Test
    void a_state_is_told_from_another_by_its_words() {
        var machine = new Machine(Program.of(Families.changedWindows(1)));
        var stepper = new Stepper(machine, Play.TODAY);
        stepper.start();
        State start = machine.start(Play.TODAY, s -> {});
        assertThat(machine.isPacked(start, stepper.words(), stepper.length())).isTrue();
        State next = machine.step(start, machine.events(start).getFirst());
        assertThat(next).isNotEqualTo(start);
        assertThat(machine.isPacked(next, stepper.words(), stepper.length())).isFalse();
    }

    @Test
    void steps_make_no_objects_once_there_is_room() {
        var stepper = new Stepper(new Machine(Program.of(Families.changedWindows(5))), Play.TODAY);
        StateTable states = Exploration.of(stepper).states();
        var bean = (com.sun.management.ThreadMXBean) ManagementFactory.getThreadMXBean();
        bean.setThreadAllocatedMemoryEnabled(true);
        long steps = 0;
        steps(stepper, states);
        long before = bean.getCurrentThreadAllocatedBytes();
        for (int round = 0; round < 3; round++) {
            steps += steps(stepper, states);
        }
        long made = bean.getCurrentThreadAllocatedBytes() - before;
        assertThat(steps).isGreaterThan(10_000);
        assertThat(made / steps).as("bytes a step").isLessThan(60);
    }

    private static long steps(Stepper stepper, StateTable states) {
        long steps = 0;
        for (int i = 0; i < states.size(); i++) {
            int events = stepper.open(states.piece(i), states.first(i));
            for (int e = 0; e < events; e++) {
                stepper.step(e);
            }
            steps += events;
        }
        return steps;
    }

    private static int inLockStep(Machine machine, RandomGenerator random) {
        var stepper = new Stepper(machine, Play.TODAY);
        State state = machine.start(Play.TODAY, s -> {});
        stepper.start();
        int steps = 0;
        for (int moment = 0; moment < 20; moment++) {
            long[] words = Arrays.copyOf(stepper.words(), stepper.length());
            List<Event> events = machine.events(state);
            assertThat(stepper.open(words, 0)).isEqualTo(events.size());
            for (int e = 0; e < events.size(); e++) {
                assertThat(stepper.event(e)).isEqualTo(events.get(e));
                stepper.step(e);
                Event event = events.get(e);
                State from = state;
                assertThat(machine.isPacked(machine.step(state, event), stepper.words(), stepper.length()))
                        .as(() -> event + " in " + machine.scene(from))
                        .isTrue();
                steps++;
                if (stepper.faults().stream().anyMatch(f -> f.rule() == Fault.Rule.X6)) {
                    // work without end, step after step
                    return steps;
                }
            }
            int next = random.nextInt(events.size());
            stepper.step(next);
            state = machine.step(state, events.get(next));
        }
        return steps;
    }

    @Test
    void equal_states_have_the_same_future() {
        var random = RandomGeneratorFactory.of("L64X128MixRandom").create(11);
        for (int i = 0; i < Rounds.of(150); i++) {
            var machine = new Machine(Program.of(new RandomDesigns(random).design()));
            Map<State, Set<State>> futures = new HashMap<>();
            State state = machine.start(Play.TODAY, s -> {});
            for (int moment = 0; moment < 40; moment++) {
                Set<State> next = new HashSet<>();
                List<Event> events = machine.events(state);
                for (Event event : events) {
                    next.add(machine.step(state, event));
                }
                assertThat(Optional.ofNullable(futures.put(state, next)).orElse(next))
                        .isEqualTo(next);
                state = machine.step(state, events.get(random.nextInt(events.size())));
            }
        }
    }

    // What is asked of the situation that is open

    /** Everything that can be asked of it; each has to have it back first where a step was taken from it. */
    private static List<Supplier<Object>> questions(Stepper stepper, Compiled<Reading> condition, int events) {
        var all = new ArrayList<Supplier<Object>>(List.of(
                stepper::isRunning,
                stepper::hasEnded,
                () -> told(stepper::openWindows),
                stepper::waitedFor,
                () -> stepper.holds(condition)));
        if (stepper.isRunning()) {
            all.add(() -> told(stepper::noticeSituation));
        }
        for (int e = 0; e < events; e++) {
            int event = e;
            all.add(() -> stepper.event(event));
            all.add(() -> stepper.event(stepper.numbered(event)));
            all.add(() -> stepper.numberedByWindow(event));
            all.add(() -> stepper.isUnasked(event));
            if (stepper.isCloseBoxOrEscape(event)) {
                all.add(() -> stepper.silentRefusal(event));
            }
        }
        return all;
    }

    private static List<Integer> told(Consumer<IntConsumer> by) {
        var told = new ArrayList<Integer>();
        by.accept(told::add);
        return told;
    }

    @Test
    void after_a_step_all_is_asked_of_the_situation_that_is_open_as_before_it() {
        var random = RandomGeneratorFactory.of("L64X128MixRandom").create(29);
        int different = 0;
        for (int i = 0; i < Rounds.of(60); i++) {
            Design design = new WideDesigns(random).design().promising(List.of(Promise.of("never app.n > 0")));
            var machine = new Machine(Program.of(design));
            var condition = machine.program().promises().getFirst().conditions().getFirst();
            var stepper = new Stepper(machine, Play.TODAY);
            stepper.start();
            for (int moment = 0; moment < 8; moment++) {
                long[] words = Arrays.copyOf(stepper.words(), stepper.length());
                int events = stepper.open(words, 0);
                List<Supplier<Object>> questions = questions(stepper, condition, events);
                List<Object> before = questions.stream().map(Supplier::get).toList();
                for (int q = 0; q < questions.size(); q++) {
                    stepper.step(random.nextInt(events));
                    different += stepper.stepEnded() ? 1 : 0;
                    assertThat(questions.get(q).get()).isEqualTo(before.get(q));
                }
                stepper.step(random.nextInt(events));
            }
        }
        assertThat(different).as("steps that ended the application").isPositive();
    }

    // What is told of single designs

    /** A stepper that has pressed buttons, one after the other, and looks at where that leads. */
    private static Stepper after(Design design, String... buttons) {
        var program = Program.of(design);
        var stepper = new Stepper(new Machine(program), Play.TODAY);
        stepper.start();
        Presses.open(stepper);
        for (String button : buttons) {
            stepper.step(Presses.numberOf(stepper, program, button));
            Presses.open(stepper);
        }
        return stepper;
    }

    private static Design chain() {
        return Play.withMain(
                        Play.main("Desk", Play.button("go", Play.waitsForOwner("A")), Play.button("never")),
                        Play.owned(Play.dialog("A", Play.button("on", Play.waitsForOwner("B")))),
                        Play.owned(Play.dialog("B", Play.button("beside", Play.alongside("C")))),
                        Play.owned(Play.child("C", Play.button("last", Play.waitsForOwner("D")))),
                        Play.owned(Play.dialog("D")))
                .design();
    }

    @Test
    void windows_waited_for_are_counted_as_far_as_each_owns_the_next() {
        assertThat(after(chain()).waitedFor()).isZero();
        assertThat(after(chain(), "go").waitedFor()).isEqualTo(1);
        assertThat(after(chain(), "go", "on").waitedFor()).isEqualTo(2);
        assertThat(after(chain(), "go", "on", "beside").waitedFor())
                .as("one alongside is not waited for")
                .isEqualTo(2);
        assertThat(after(chain(), "go", "on", "beside", "last").waitedFor())
                .as("and what it waits for counts from it")
                .isEqualTo(2);
    }

    @Test
    void what_has_been_run_is_known_and_what_has_not_is_not() {
        Design design = chain();
        Stepper stepper = after(design, "go");
        Program program = Program.of(design);
        for (int script = 0; script < program.scriptCount(); script++) {
            String place = program.script(script).place().words();
            boolean ran = place.equals("start") || place.contains("Desk, go");
            boolean has = !program.script(script).ops().isEmpty() && stepper.hasReached(script, 0);
            assertThat(has).as(place).isEqualTo(ran);
        }
    }

    @Test
    void what_a_person_does_in_a_main_window_is_unasked_and_in_a_dialog_an_answer() {
        Stepper desk = after(chain());
        Program program = Program.of(chain());
        assertThat(desk.isUnasked(Presses.numberOf(desk, program, "never"))).isTrue();
        Stepper asked = after(chain(), "go");
        assertThat(asked.isUnasked(Presses.numberOf(asked, program, "on"))).isFalse();
        int sessionEnds = -1;
        int killed = -1;
        for (int e = 0; e < asked.events(); e++) {
            sessionEnds = asked.event(e) instanceof Event.SessionEnds ? e : sessionEnds;
            killed = asked.event(e) instanceof Event.Killed ? e : killed;
        }
        assertThat(asked.isUnasked(sessionEnds)).isTrue();
        assertThat(asked.isUnasked(killed)).isFalse();
        assertThat(Stepper.isSessionEnd(asked.numbered(sessionEnds))).isTrue();
        assertThat(Stepper.isOrdinary(asked.numbered(sessionEnds))).isFalse();
        assertThat(Stepper.isOrdinary(asked.numbered(0))).isTrue();
    }

    @Test
    void a_result_that_came_while_another_is_waited_for_is_held_back() {
        Design design = Play.withMain(
                        Play.main(
                                "Desk",
                                Play.button("board", Play.alongside("Board")),
                                Play.button("ask", Play.waitsForOwner("A"))),
                        Play.child("Board", Play.button("too", Play.waitsForOwner("B"))),
                        Play.owned(Play.dialog("A", Play.button("a ok", Play.close("cancelled")))),
                        Play.owned(Play.dialog("B", Play.button("b ok", Play.close("cancelled")))))
                .design();
        Stepper stepper = after(design, "board", "ask", "too");
        Program program = Program.of(design);
        int first = Presses.numberOf(stepper, program, "a ok");
        stepper.step(first);
        assertThat(stepper.holdsBack()).isTrue();
        stepper = after(design, "board", "ask", "too");
        stepper.step(Presses.numberOf(stepper, program, "b ok"));
        assertThat(stepper.holdsBack()).isFalse();
    }

    @Test
    void what_held_at_the_end_is_asked_of_each_end_anew() {
        Design design = Play.withMain(Play.main(
                        "Desk",
                        Play.button("good", Play.end()),
                        Play.button("bad", Play.set("app.n", "5"), Play.end())))
                .variable("n", bivouac.design.Type.WHOLE, "0")
                .design()
                .promising(List.of(Promise.of("never app.n > 0")));
        Program program = Program.of(design);
        var stepper = new Stepper(new Machine(program), Play.TODAY);
        stepper.watchTheEnd(program.promises().getFirst().conditions());
        stepper.start();
        Presses.open(stepper);
        stepper.step(Presses.numberOf(stepper, program, "bad"));
        assertThat(stepper.heldAtTheEnd().get(0)).isTrue();
        assertThat(stepper.stepEnded()).isTrue();
        assertThat(stepper.runsOn()).isFalse();
        stepper.step(Presses.numberOf(stepper, program, "good"));
        assertThat(stepper.heldAtTheEnd().get(0)).isFalse();
    }
}
