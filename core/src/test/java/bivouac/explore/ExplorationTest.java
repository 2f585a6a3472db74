package bivouac.explore;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.Instances;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Setting;
import bivouac.design.Step;
import bivouac.design.Traits;
import bivouac.design.Type;
import bivouac.machine.Event;
import bivouac.machine.Machine;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import bivouac.machine.Stepper;
import bivouac.plan.Program;
import bivouac.state.State;
import bivouac.testkit.Families;
import bivouac.testkit.RandomDesigns;
import bivouac.testkit.Rounds;
import bivouac.testkit.SmallDesigns;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.function.BiPredicate;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every situation, each once, by a shortest way; and the truth about what was left out. */
class ExplorationTest {

    private static final Limits LIMITS = Limits.of(Duration.ofSeconds(30)).withCores(1);

    private static Explored explore(Design design, Limits limits) {
        return Exploration.of(new Question(Program.of(design), TODAY), limits, Progress.NONE);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6})
    void every_situation_of_the_family_is_met_once(int windows) {
        Explored met = explore(Families.changedWindows(windows), LIMITS);
        assertThat(met.situations()).isEqualTo((int) Families.situations(windows));
        assertThat(met.isComplete()).isTrue();
        assertThat(Told.outcome(met)).isEqualTo("explored completely");
    }

    @Test
    void two_threads_meet_the_same_in_the_same_order() {
        Explored one = explore(Families.changedWindows(7), LIMITS);
        Explored two = explore(Families.changedWindows(7), LIMITS.withCores(2));
        assertThat(two.situations()).isEqualTo(one.situations());
        assertThat(two.steps()).isEqualTo(one.steps());
        for (int s = 0; s < one.situations(); s++) {
            assertThat(two.parents.get(s)).isEqualTo(one.parents.get(s));
            assertThat(two.by.get(s)).isEqualTo(one.by.get(s));
        }
        assertThat(two.depths).isEqualTo(one.depths);
        for (int t = 0; t < one.targets.size(); t++) {
            assertThat(two.targets.get(t)).isEqualTo(one.targets.get(t));
        }
    }

    // Against a search that anyone can read

    /** All states, in a map, stepped through with the machine of the rehearsal; how far each is from the start. */
    private static Map<State, Integer> slowly(Machine machine, int most) {
        Map<State, Integer> depths = new HashMap<>();
        var waiting = new ArrayDeque<State>();
        State start = machine.start(TODAY, s -> {});
        depths.put(start, 0);
        waiting.add(start);
        while (!waiting.isEmpty() && depths.size() <= most) {
            State state = waiting.poll();
            for (Event event : machine.events(state)) {
                State next = machine.step(state, event);
                if (depths.putIfAbsent(next, depths.get(state) + 1) == null) {
                    waiting.add(next);
                }
            }
        }
        return depths;
    }

    @Test
    void on_small_random_designs_it_meets_what_a_slow_search_meets() {
        var random = RandomGeneratorFactory.of("L64X128MixRandom").create(3);
        int compared = 0;
        int whole = 0;
        int designs = Rounds.of(600);
        for (int i = 0; i < designs; i++) {
            Design design = new SmallDesigns(random).design();
            Explored met = explore(design, LIMITS.withTime(Duration.ofMillis(100)));
            if (!met.isComplete() || met.situations() > 300) {
                continue;
            }
            var machine = new Machine(Program.of(design));
            Map<State, Integer> slow = slowly(machine, 2_000);
            if (slow.size() > 2_000) {
                continue;
            }
            compared++;
            if (met.question().folded().isEmpty()) {
                whole++;
                assertThat(met.situations()).as("design %d", i).isEqualTo(slow.size());
                int deepest = slow.values().stream().max(Integer::compare).orElseThrow();
                assertThat(met.depth()).as("design %d", i).isEqualTo(deepest);
            } else {
                assertThat(met.situations()).as("design %d", i).isLessThanOrEqualTo(slow.size());
            }
            assertThat(open(met)).as("design %d", i).isEqualTo(open(machine, slow));
            assertThat(faults(machine, slow)).as("design %d", i).isEqualTo(faults(met));
            assertThat(reached(met)).as("design %d", i).isEqualTo(reached(machine));
        }
        assertThat(compared).isGreaterThan(designs / 6);
        assertThat(whole).isGreaterThan(designs / 20);
    }

    /** What of all scripts runs, where each step asks the rules and no value stands for others. */
    private static TreeSet<String> reached(Machine machine) {
        var stepper = new Stepper(machine, TODAY);
        bivouac.testkit.Exploration.of(stepper);
        return reached(machine.program(), stepper::hasReached);
    }

    private static TreeSet<String> reached(Explored met) {
        return reached(met.question().program(), met::hasReached);
    }

    private static TreeSet<String> reached(Program program, BiPredicate<Integer, Integer> is) {
        var all = new TreeSet<String>();
        for (int script = 0; script < program.scriptCount(); script++) {
            for (int op = 0; op < program.script(script).ops().size(); op++) {
                if (is.test(script, op)) {
                    all.add(program.script(script).place().words() + " " + op);
                }
            }
        }
        return all;
    }

    private static TreeSet<String> open(Machine machine, Map<State, Integer> states) {
        var all = new TreeSet<String>();
        states.keySet().forEach(s -> all.add(windows(machine.scene(s)).toString()));
        return all;
    }

    private static TreeSet<String> open(Explored met) {
        var all = new TreeSet<String>();
        for (int s = 0; s < met.lookedAt(); s++) {
            all.add(windows(met, s).toString());
        }
        return all;
    }

    private static TreeSet<String> windows(Explored met, int situation) {
        var open = new TreeSet<String>();
        met.question().program().windows().stream()
                .filter(w -> met.isOpen(situation, w.number))
                .forEach(w -> open.add(w.window().name().shown()));
        return open;
    }

    private static TreeSet<String> faults(Machine machine, Map<State, Integer> states) {
        var all = new TreeSet<String>();
        states.keySet().forEach(state -> machine.events(state)
                .forEach(event -> machine.step(state, event, s -> {
                    if (s instanceof Sighting.Faulted(var fault)) {
                        all.add(fault.rule() + " " + fault.where());
                    }
                })));
        return all;
    }

    private static TreeSet<String> faults(Explored met) {
        var all = new TreeSet<String>();
        met.faults().forEach(f -> all.add(f.fault().rule() + " " + f.fault().where()));
        return all;
    }

    /** What counts as one value makes no difference to what is open, what can be done and what goes wrong. */
    @Test
    void a_trail_shows_the_same_where_nothing_is_folded() {
        var random = RandomGeneratorFactory.of("L64X128MixRandom").create(5);
        int played = 0;
        int designs = Rounds.of(150);
        for (int i = 0; i < designs; i++) {
            Design design = new RandomDesigns(random).design();
            played += play(explore(design, LIMITS.withTime(Duration.ofMillis(40))), random, i);
        }
        assertThat(played).isGreaterThan(3 * designs);
    }

    private static int play(Explored met, RandomGenerator random, int number) {
        Machine machine = met.question().machine();
        int played = 0;
        for (int n = 0; n < 6 && met.lookedAt() > 0; n++) {
            int situation = random.nextInt(met.lookedAt());
            State state = machine.start(met.question().today(), s -> {});
            for (Event event : met.trail(situation)) {
                state = machine.step(state, event);
                played++;
            }
            Scene scene = machine.scene(state);
            assertThat(windows(scene))
                    .as("design %d, situation %d", number, situation)
                    .isEqualTo(windows(met, situation));
            assertThat(met.hasEnded(situation)).isEqualTo(scene.ended().isPresent());
        }
        for (Explored.Faulted faulted : met.faults()) {
            assertThat(lastFaults(machine, met, faulted))
                    .as("design %d, %s", number, faulted)
                    .contains(faulted.fault().rule() + " " + faulted.fault().where());
        }
        return played;
    }

    private static TreeSet<String> windows(Scene scene) {
        var open = new TreeSet<String>();
        scene.windows().forEach(w -> open.add(w.which().window()));
        return open;
    }

    private static List<String> lastFaults(Machine machine, Explored met, Explored.Faulted faulted) {
        var faults = new ArrayList<String>();
        State state = machine.start(met.question().today(), s -> {});
        for (Event event : met.trail(faulted.step())) {
            faults.clear();
            state = machine.step(state, event, s -> {
                if (s instanceof Sighting.Faulted(var fault)) {
                    faults.add(fault.rule() + " " + fault.where());
                }
            });
        }
        return faults;
    }

    // What counts as one value

    /** A button that can be pressed while a condition holds, and does nothing. */
    private static Part enabled(String name, String condition, Step... steps) {
        var traits = Traits.USUAL.enabled(new Setting.Follows(new Expression(condition)));
        return ((Part.Button) button(name, steps)).with(traits);
    }

    private static Design field(String condition) {
        Part name = Part.TextField.of("name", "");
        return withMain(main(
                        "Desk",
                        name,
                        Part.Caption.of("shown", "Hello {me.name}"),
                        button("go", alongside("Card")),
                        enabled("ok", condition)))
                .with(child("Card"))
                .design();
    }

    @Test
    void what_is_only_shown_counts_as_one_value_and_is_named() {
        Explored shown = explore(field("true"), LIMITS);
        assertThat(shown.isComplete()).isTrue();
        assertThat(shown.question().folded()).containsExactly("Desk, name");
        Explored decides = explore(field("me.name == 'yes'"), LIMITS);
        assertThat(decides.question().folded()).isEmpty();
        // empty as it starts, any text, and the one that the condition asks for
        assertThat(with(decides, 0)).isEqualTo(3 * with(shown, 0));
        assertThat(decides.situations() - with(decides, 0)).isEqualTo(shown.situations() - with(shown, 0));
    }

    @Test
    void a_limit_is_met_from_both_sides() {
        Part nights = Part.ValueField.of("nights", "Nights", Part.Holds.WHOLE);
        Design design = withMain(
                        main("Desk", nights, enabled("ok", "me.nights.given && me.nights > 30", alongside("Long"))))
                .with(child("Long"))
                .design();
        Explored met = explore(design, LIMITS);
        assertThat(met.isComplete()).isTrue();
        assertThat(met.faults()).isEmpty();
        assertThat(with(met, 1)).isPositive();
    }

    /** In how many situations a window is open. */
    private static long with(Explored met, int window) {
        return java.util.stream.IntStream.range(0, met.lookedAt())
                .filter(s -> met.isOpen(s, window))
                .count();
    }

    // What is bounded

    @Test
    void a_counter_without_end_is_bounded_and_said() {
        Design design = withMain(main(
                        "Desk",
                        Part.Button.of("more", "More").triggering(Script.of(set("app.count", "app.count + 1"))),
                        enabled("stop", "app.count > 20")))
                .variable("count", Type.WHOLE, "0")
                .design();
        Explored met = explore(design, LIMITS);
        assertThat(met.isComplete()).isFalse();
        assertThat(met.outcome()).isEqualTo(Explored.Outcome.DONE);
        assertThat(Told.outcome(met)).isEqualTo("bounded by app.count up to 22");
        assertThat(met.situations()).isEqualTo(23 + 2);
    }

    @Test
    void a_counter_that_decides_nothing_bounds_nothing() {
        Design design = withMain(main(
                        "Desk",
                        Part.Caption.of("shown", "{app.count}"),
                        Part.Button.of("more", "More").triggering(Script.of(set("app.count", "app.count + 1")))))
                .variable("count", Type.WHOLE, "0")
                .design();
        assertThat(Told.outcome(explore(design, LIMITS))).isEqualTo("explored completely");
    }

    @Test
    void windows_that_open_for_ever_are_bounded_and_said() {
        Design design = withMain(main("Desk", button("go", alongside("Note"))))
                .with(child("Note").living(java.util.Optional.of(new Instances.Many()), false))
                .departs(new DepartureRule.OnlyWhenTold())
                .design();
        assertThat(Told.outcome(explore(design, LIMITS))).isEqualTo("bounded by 2 of Note");
    }

    @Test
    void several_rows_at_once_are_not_followed_and_that_is_said() {
        var list = Part.ListOfRows.of("guests", "Guests", new Type.Column("name", Type.TEXT))
                .starting(List.of(List.of("Orla"), List.of("Tam")));
        Design one = withMain(main("Desk", list)).design();
        assertThat(Told.outcome(explore(one, LIMITS))).isEqualTo("explored completely");
        var several = new Part.ListOfRows(
                list.name(),
                list.label(),
                list.columns(),
                list.first(),
                true,
                list.byHand(),
                list.selected(),
                list.moments(),
                list.traits());
        assertThat(Told.outcome(explore(withMain(main("Desk", several)).design(), LIMITS)))
                .isEqualTo("bounded by one selected row at a time in Desk, Guests");
    }

    @Test
    void a_script_that_opens_its_own_window_for_ever_is_a_fault_and_ends() {
        Design design = withMain(main("Desk", button("go", alongside("Echo"))))
                .with(child("Echo")
                        .living(java.util.Optional.of(new Instances.Many()), false)
                        .at(bivouac.design.FacedWindow.Moment.OPENED, Script.of(alongside("Echo"))))
                .design();
        Explored met = explore(design, LIMITS);
        assertThat(met.faults()).extracting(f -> f.fault().rule()).contains(bivouac.machine.Fault.Rule.X6);
        assertThat(met.outcome()).isEqualTo(Explored.Outcome.DONE);
    }

    @Test
    void a_step_that_ends_what_it_is_in_is_no_way_on() {
        Step step = end();
        Design design = withMain(main("Desk", button("exit", step)))
                .departs(new DepartureRule.OnlyWhenTold())
                .design();
        Explored met = explore(design, LIMITS);
        var reach = met.reach();
        assertThat(reach.mayReach(met::hasEnded).get(0)).isTrue();
        assertThat(reach.mayReach(s -> false).cardinality()).isZero();
    }

    /** What ends an exploration is work, and not how many threads or how fast they are. */
    @Test
    void one_thread_and_two_end_at_the_same_situation_and_find_the_same() throws Exception {
        var program =
                Program.of(bivouac.format.DesignFile.read(java.nio.file.Path.of("../examples/ridge-hut.bivouac")));
        var question = new Question(program, java.time.LocalDate.of(2026, 11, 23));
        Limits limits = Limits.usual().withSteps(60_000);
        Explored one = Exploration.of(question, limits.withCores(1), Progress.NONE);
        Explored two = Exploration.of(question, limits.withCores(2), Progress.NONE);
        assertThat(one.outcome()).isEqualTo(Explored.Outcome.OUT_OF_STEPS);
        assertThat(two.outcome()).isEqualTo(one.outcome());
        assertThat(two.situations()).isEqualTo(one.situations());
        assertThat(two.lookedAt()).isEqualTo(one.lookedAt());
        assertThat(two.steps()).isEqualTo(one.steps());
        assertThat(Told.outcome(one)).startsWith("bounded by ").contains(" steps");
        assertThat(Told.scope(java.util.Optional.of(one))).matches("within [0-9]+ events");
    }
}
