package bivouac.machine;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.Findings;
import bivouac.design.Design;
import bivouac.plan.Program;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.TrailFile;
import bivouac.state.State;
import bivouac.testkit.RandomDesigns;
import bivouac.testkit.Rounds;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;

/** Whatever the design and whatever the events: one next state, in range, packed and replayed to the same. */
class RandomPlayTest {

    @Test
    void random_designs_and_events_keep_what_must_always_hold() throws Exception {
        var random = RandomGeneratorFactory.of("L64X128MixRandom").create(42);
        for (int i = 0; i < Rounds.of(250); i++) {
            Design design = new RandomDesigns(random).design();
            Program program = Program.of(design);
            assertThat(Findings.of(program))
                    .allSatisfy(f -> assertThat(f.what()).isNotBlank());
            Rehearsal rehearsal = Rehearsal.start(program, Play.TODAY);
            for (int e = 0; e < 25; e++) {
                var possible = rehearsal.possible();
                assertThat(possible).isNotEmpty();
                Event event = possible.get(random.nextInt(possible.size()));
                rehearsal = rehearsal.act(event);
                holds(rehearsal);
            }
            var trail = TrailFile.read(TrailFile.write(rehearsal.trail()));
            assertThat(trail).isEqualTo(rehearsal.trail());
            var again = Rehearsal.replay(program, Play.TODAY, trail).rehearsal();
            assertThat(again.present().state()).isEqualTo(rehearsal.present().state());
            assertThat(again.present().seen()).isEqualTo(rehearsal.present().seen());
        }
    }

    private static void holds(Rehearsal rehearsal) {
        State state = rehearsal.present().state();
        assertThat(rehearsal.machine().again(state)).isEqualTo(state);
        assertThat(rehearsal.scene().windows().stream().map(Scene.OpenWindow::which))
                .doesNotHaveDuplicates();
    }
}
