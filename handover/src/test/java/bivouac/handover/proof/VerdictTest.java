package bivouac.handover.proof;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.handover.proof.Proof.Verdict;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a walkthrough comes to: the same, something else, or no end, which is neither. */
class VerdictTest {

    private static final List<String> EXPECTED = List.of("Start", "  opens A", "press \"b\" of \"A\"", "  notes x");

    private static Proof.Outcome outcome(String... told) {
        return Proof.compared("a", 1, EXPECTED, List.of(told));
    }

    @Test
    void the_same_is_identical_and_anything_else_is_not() {
        assertThat(outcome("Start", "  opens A", "press \"b\" of \"A\"", "  notes x")
                        .verdict())
                .isEqualTo(Verdict.IDENTICAL);
        assertThat(outcome("Start", "  opens A", "press \"b\" of \"A\"", "  notes y")
                        .verdict())
                .isEqualTo(Verdict.DIFFERENT);
        assertThat(outcome("Start", "  opens A", "press \"b\" of \"A\"", "  notes x", "  notes z")
                        .verdict())
                .as("more than was rehearsed")
                .isEqualTo(Verdict.DIFFERENT);
        assertThat(outcome("Start", "  opens A").verdict())
                .as("it ended by itself, too soon")
                .isEqualTo(Verdict.DIFFERENT);
    }

    @Test
    void what_hangs_took_too_long_where_it_did_the_same_before() {
        Proof.Outcome slow = outcome("Start", "  opens A", Expected.HANGS);
        assertThat(slow.verdict()).isEqualTo(Verdict.TOO_LONG);
        assertThat(slow.difference())
                .contains("It took too long: after “Start” nothing happened any more for 20 seconds.");
        assertThat(outcome("Start", "  opens B", Expected.HANGS).verdict()).isEqualTo(Verdict.DIFFERENT);
        assertThat(outcome(Expected.HANGS).verdict()).isEqualTo(Verdict.TOO_LONG);
    }
}
