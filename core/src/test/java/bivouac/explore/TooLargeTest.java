package bivouac.explore;

import static bivouac.machine.Play.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.plan.Program;
import bivouac.testkit.Families;
import java.time.Duration;
import org.junit.jupiter.api.Test;

/** What cannot be explored as a whole ends in time, and says by what it is bounded. */
class TooLargeTest {

    private static final Limits LIMITS = Limits.of(Duration.ofSeconds(30)).withCores(1);

    private static Explored explore(Design design, Limits limits) {
        return Exploration.of(new Question(Program.of(design), TODAY), limits, Progress.NONE);
    }

    @Test
    void who_stops_it_and_what_runs_out_is_said() {
        Design design = Families.changedWindows(8);
        assertThat(Told.outcome(explore(design, LIMITS.withTime(Duration.ZERO))))
                .isEqualTo("bounded by time");
        assertThat(Told.outcome(explore(design, LIMITS.withBytes(1_000_000)))).isEqualTo("bounded by memory");
        var question = new Question(Program.of(design), TODAY);
        Explored stopped = Exploration.of(question, LIMITS, new Progress() {
            private int depth;

            @Override
            public void at(int situations, int at) {
                depth = at;
            }

            @Override
            public boolean isStopped() {
                return depth >= 4;
            }
        });
        assertThat(Told.outcome(stopped)).isEqualTo("bounded by being stopped");
        assertThat(stopped.isComplete()).isFalse();
        assertThat(stopped.lookedAt()).isLessThan(stopped.situations());
        assertThat(Told.depth(stopped)).startsWith("every way of up to ");
    }

    @Test
    void a_thousand_windows_are_bounded_and_do_not_run_out_of_anything() {
        Explored met = explore(
                Families.changedWindows(1_000),
                LIMITS.withTime(Duration.ofSeconds(2)).withCores(2));
        assertThat(met.isComplete()).isFalse();
        assertThat(met.situations()).isGreaterThan(100);
    }
}
