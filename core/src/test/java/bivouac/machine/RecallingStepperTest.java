package bivouac.machine;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Type;
import bivouac.format.DesignFile;
import bivouac.plan.Deciding;
import bivouac.plan.Program;
import bivouac.plan.PromisePlan;
import bivouac.state.Folding;
import bivouac.state.Layout;
import bivouac.state.StateTable;
import bivouac.testkit.Families;
import bivouac.testkit.RandomDesigns;
import bivouac.testkit.Rounds;
import bivouac.testkit.SmallDesigns;
import bivouac.testkit.WideDesigns;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is known again is what the rules would have answered, step by step. */
class RecallingStepperTest {

    /** As Bivouac explores a design: with what counts as one value, samples for what is typed, and bounds. */
    private static final class Side {
        private final Program program;
        private final Deciding deciding;
        private final Layout layout;
        private final Growth growth;
        private final List<PromisePlan.Unsaved> unsaved;

        Side(Design design) {
            program = Program.of(design);
            unsaved = program.unsaved();
            deciding = Deciding.of(
                    program, unsaved.stream().map(PromisePlan.Unsaved::isNone).toList());
            layout = Layout.folded(program, new Folding(program, deciding));
            growth = new Growth(program, deciding, Play.TODAY);
        }

        Stepper stepper() {
            return new Stepper(layout, new Samples(program, deciding, Play.TODAY), Play.TODAY);
        }

        /** Looks at much: which windows are open, and whether anything is unsaved. */
        RecallingStepper.Look look() {
            return new RecallingStepper.Look() {
                @Override
                public int size() {
                    return 2 + unsaved.size();
                }

                @Override
                public void at(Stepper stepper, int events, int[] into) {
                    Arrays.fill(into, 0);
                    into[0] = events;
                    stepper.openWindows(w -> into[1] = into[1] * 31 + w + 1);
                    for (int i = 0; i < unsaved.size(); i++) {
                        into[2 + i] = stepper.holds(unsaved.get(i).isNone()) ? 1 : 0;
                    }
                }
            };
        }
    }

    /** How many steps were compared, and how many of them were known again. */
    private int steps;

    private int known;

    private void compare(Design design, int situations, Memo memo) {
        var side = new Side(design);
        Stepper plain = side.stepper();
        RecallingStepper.Look look = side.look();
        var recalling = new RecallingStepper(side.stepper(), Optional.of(side.growth), look, memo);
        var states = new StateTable();
        plain.start();
        states.add(plain.words(), plain.length());
        int[] looked = new int[look.size()];
        for (int s = 0; s < Math.min(situations, states.size()); s++) {
            int events = plain.open(states.piece(s), states.first(s));
            assertThat(recalling.open(states.piece(s), states.first(s), states.length(s)))
                    .isEqualTo(events);
            look.at(plain, events, looked);
            assertThat(recalling.looked()).isEqualTo(looked);
            for (int e = 0; e < events; e++) {
                plain.step(e);
                known += recalling.step(e) ? 0 : 1;
                steps++;
                assertThat(recalling.numbered(e)).isEqualTo(plain.numbered(e));
                String step = "event " + e + " of situation " + s;
                assertThat(Arrays.copyOf(recalling.words(), recalling.length()))
                        .as(step)
                        .isEqualTo(Arrays.copyOf(plain.words(), plain.length()));
                assertThat(recalling.isFaulty()).isEqualTo(!plain.faults().isEmpty());
                assertThat(recalling.bound()).isEqualTo(plain.beyond(side.growth));
                if (plain.faults().stream().anyMatch(f -> f.rule() == Fault.Rule.X6)) {
                    // work without end, step after step
                    return;
                }
                if (recalling.bound() < 0) {
                    states.add(plain.words(), plain.length());
                }
            }
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {3, 17})
    void on_random_designs_every_step_is_what_the_rules_answer(long seed) {
        var random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        int designs = Rounds.of(60);
        for (int i = 0; i < designs; i++) {
            compare(new RandomDesigns(random).design(), 120, new Memo());
            compare(new SmallDesigns(random).design(), 250, new Memo());
            compare(new WideDesigns(random).design(), 250, new Memo());
        }
        assertThat(steps).isGreaterThan(800 * designs);
        assertThat(known).as("known again").isGreaterThan(20 * designs);
    }

    @Test
    void so_it_is_where_room_for_little_makes_it_forget_again_and_again() {
        compare(Families.changedWindows(5), 400, new Memo(300));
        assertThat(known).isGreaterThan(100);
    }

    @Test
    void of_windows_alongside_nearly_every_step_is_known_again() {
        compare(Families.changedWindows(7), 3_000, new Memo());
        assertThat(known).isGreaterThan(steps * 4 / 5);
    }

    @ParameterizedTest
    @ValueSource(strings = {"ridge-hut", "kiln-house", "ferry-bell"})
    void so_it_is_in_the_examples_whose_states_have_many_words(String example) throws Exception {
        compare(DesignFile.read(Path.of("../examples/" + example + ".bivouac")), 400, new Memo());
        assertThat(known).isBetween(50, steps - 50);
    }

    @Test
    void so_it_is_with_more_windows_and_events_than_are_made_room_for_at_first() {
        compare(Families.changedWindows(40), 300, new Memo());
        var buttons = new Part[90];
        for (int i = 0; i < buttons.length; i++) {
            buttons[i] = Play.button("b" + i, Play.set("app.n", Integer.toString(i % 3)));
        }
        compare(
                Play.withMain(Play.main("Desk", buttons))
                        .variable("n", Type.WHOLE, "0")
                        .variable("m", Type.WHOLE, "0")
                        .design(),
                300,
                new Memo());
        assertThat(known).isGreaterThan(100);
    }

    @Test
    void so_it_is_where_a_state_has_more_words_than_are_made_room_for_at_first() {
        var buttons = new Part[30];
        var making = Play.design().start(Play.alongside("Desk"));
        for (int i = 0; i < buttons.length; i++) {
            var below = new Step.If.Case(
                    new Expression("app.n" + i + " < 30"), Script.of(Play.set("app.n" + i, "app.n" + i + " + 1")));
            buttons[i] = Play.button("b" + i, new Step.If(List.of(below), Optional.empty()));
            making.variable("n" + i, Type.WHOLE, "0");
        }
        compare(making.with(Play.main("Desk", buttons)).design(), 100, new Memo());
        assertThat(known).isPositive();
    }

    @Test
    void how_a_situation_looks_depends_on_what_the_look_reads() {
        compare(
                Play.withMain(Play.main("Desk", Play.button("turn", Play.set("app.unsaved", "!app.unsaved"))))
                        .variable("unsaved", Type.YESNO, "false")
                        .design(),
                50,
                new Memo());
        assertThat(steps).isGreaterThan(known);
    }
}
