package bivouac.handover;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.handover.proof.Proof;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The programs of the examples do on their real windows, event by event, what was rehearsed (E3). */
class ExamplesProofTest {

    @TempDir
    Path folder;

    static Stream<Arguments> programs() {
        return Stream.of(Toolkit.values()).flatMap(t -> Stream.of("ridge-hut", "kiln-house", "ferry-bell", "lamp-log")
                .map(e -> Arguments.of(t, e)));
    }

    @ParameterizedTest
    @MethodSource("programs")
    void every_walkthrough_is_equal(Toolkit toolkit, String example) throws Exception {
        Design design = Projects.example(example);
        assertThat(Projects.proven(design, toolkit, folder))
                .hasSameSizeAs(design.walkthroughs())
                .allSatisfy(o -> assertThat(o.difference()).as(o.name()).isEmpty())
                .extracting(Proof.Outcome::events)
                .allMatch(n -> n > 0);
    }
}
