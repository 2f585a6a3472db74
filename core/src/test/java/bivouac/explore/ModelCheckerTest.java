package bivouac.explore;

import static bivouac.machine.Play.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.plan.Program;
import bivouac.testkit.Families;
import bivouac.testkit.ModelChecker;
import java.time.Duration;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A model checker that knows nothing of windows counts the same situations; up to 12 windows in {@code bench/}. */
class ModelCheckerTest {

    /** The model neither ends nor is it killed; the design has one situation for each. */
    private static final int AFTER_THE_END = 2;

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 5, 8})
    void both_count_the_same_situations(int windows) {
        Explored met = Exploration.of(
                new Question(Program.of(Families.changedWindows(windows)), TODAY),
                Limits.of(Duration.ofSeconds(60)),
                Progress.NONE);
        assertThat(met.isComplete()).isTrue();
        assertThat(ModelChecker.family(windows).situations()).isEqualTo(met.situations() - AFTER_THE_END);
    }
}
