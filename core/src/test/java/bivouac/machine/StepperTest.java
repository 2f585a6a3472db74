package bivouac.machine;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.plan.Program;
import bivouac.state.State;
import bivouac.testkit.Exploration;
import bivouac.testkit.Families;
import bivouac.testkit.RandomDesigns;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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
        for (int i = 0; i < 400; i++) {
            Design design = new RandomDesigns(random).design();
            steps += inLockStep(new Machine(Program.of(design)), random);
        }
        assertThat(steps).isGreaterThan(10_000);
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
                assertThat(machine.isPacked(machine.step(state, events.get(e)), stepper.words(), stepper.length()))
                        .as("%s in %s", events.get(e), machine.scene(state))
                        .isTrue();
                steps++;
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
        for (int i = 0; i < 150; i++) {
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
}
