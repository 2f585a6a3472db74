package bivouac.handover;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Walkthrough;
import bivouac.handover.proof.Proof;
import bivouac.plan.Program;
import bivouac.rehearsal.Walk;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Every rule that a written program has to obey is met by a trail that is driven on its real windows; a class for each toolkit, so
 * that they run beside each other.
 */
abstract class ConformanceTest {

    @TempDir
    Path folder;

    private final Toolkit toolkit;

    ConformanceTest(Toolkit toolkit) {
        this.toolkit = toolkit;
    }

    static Stream<Conformance.Case> cases() {
        return Conformance.all().stream();
    }

    @ParameterizedTest
    @MethodSource("cases")
    void the_program_does_what_is_rehearsed(Conformance.Case one) throws Exception {
        Program program = Program.of(one.walked());
        for (Walkthrough walk : one.walked().walkthroughs()) {
            assertThat(Walk.play(program, walk).broken().filter(b -> !b.seen().contains("fault")))
                    .as("rehearsed")
                    .isEmpty();
        }
        List<Proof.Outcome> outcomes = Projects.proven(one.walked(), toolkit, folder);
        assertThat(outcomes)
                .hasSameSizeAs(one.trails())
                .allSatisfy(o -> assertThat(o.difference()).as(o.name()).isEmpty());
    }
}
